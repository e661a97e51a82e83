using System.Collections.Frozen;
using System.Text.RegularExpressions;

namespace AllSound.Core.Exchange;

/// <summary>The words of painters' lines, brought to one form: American and other words, endings, things said in two words.</summary>
internal static partial class LineWords
{
    // Said in several words, or with figures, that stand for one thing.
    private static (Regex Said, string Word)[] Together =>
        field ??= [
            (TwoPart, " twopart "),
            (OnePart, " onepart "),
            (WetOrDry, " wetdry "),
            (CutIn, " cutin "),
            (MakeGood, " makegood "),
            (DeNib, " denib "),
            (RePutty, " putty "),
            (CleanUp, " tidy "),
            (WaterBased, " waterborne "),
            (OilBased, " oilbased "),
            // What is put in, told from putting it in.
            (FillerIn, " fill stopping "),
            (Filler, " stopping "),
            (StopUp, " stopping "),
            (TWash, " mordant "),
            (LimeWash, " limewash "),
            (TapeOff, " unmask "),
            (FlatSheen, " matt "),
            // How the ground is, and not what is done.
            (OnPrimed, " "),
            (OnFilm, " "),
            (HeatOut, " heatout "),
            (HeaterOut, " heaterout "),
            (PowerOut, " powerout "),
            (LaidFlat, " "),
            (BlastGrade, " blastgrade "),
            (HandOver, " handover "),
            // What it is laid with says nothing of what is laid.
            (Roller, " "),
            // Sheeting, and no paint of that name.
            (PolySheet, " sheet "),
            // What is moved out of the way, and what hangs on a machine.
            (Carpets, " "),
            (DustBag, " "),
            // Who leads, and no metal.
            (Leading, " "),
            // What a floor is laid of.
            (WoodBlocks, " "),
            (WaterBlast, " pressure wash "),
            // Shot that is caught with what it takes off.
            (CaptiveBlast, " shotcapture "),
            // Homes, and no abrading.
            (Homes, " "),
            // Profiles, and no growth.
            (Mouldings, " "),
        ];

    private static readonly FrozenDictionary<string, string> Same = new Dictionary<string, string>
    {
        ["spackle"] = "stopping",
        ["spackling"] = "stopping",
        ["latex"] = "emulsion",
        ["baseboard"] = "skirting",
        ["casing"] = "architrave",
        ["drywall"] = "plasterboard",
        ["mold"] = "mould",
        ["sandpaper"] = "sand",
        ["glasspaper"] = "sand",
        ["primer"] = "prime",
        ["primed"] = "prime",
        ["priming"] = "prime",
        ["undercoated"] = "undercoat",
        ["glossed"] = "gloss",
        ["glossing"] = "gloss",
        ["hoover"] = "vacuum",
        ["vac"] = "vacuum",
        ["vacced"] = "vacuum",
        ["scraper"] = "tool",
        ["scrapers"] = "tool",
        ["satinwood"] = "satin",
        ["stripe"] = "banding",
        ["timber"] = "wood",
        ["woodwork"] = "wood",
        ["softwood"] = "wood",
        ["galvanized"] = "galvanised",
        ["galv"] = "galvanised",
        ["aluminum"] = "aluminium",
        ["blocker"] = "block",
        ["blocking"] = "block",
        ["stabiliser"] = "stabilise",
        ["stabilizer"] = "stabilise",
        ["stabilising"] = "stabilise",
        ["stabilizing"] = "stabilise",
        ["stabilize"] = "stabilise",
        ["neutralize"] = "neutralise",
        ["masking"] = "mask",
        ["sanding"] = "sand",
        ["flaky"] = "flake",
        ["flaking"] = "flake",
        ["grease"] = "greas",
        ["solventborne"] = "oilbased",
    }.ToFrozenDictionary(StringComparer.Ordinal);

    private static readonly FrozenSet<string> Idle = new[]
    {
        "the",
        "leave",
        "wait",
        "and",
        "with",
        "then",
        "over",
        "from",
        "for",
        "any",
        "apply",
        "into",
        "one",
        "two",
        "three",
        "full",
        "first",
        "second",
        "third",
        "final",
        "coat",
        "thoroughly",
        "surface",
        "area",
        "good",
        "well",
        "until",
        "where",
        "hour",
        "day",
        "min",
        "minute",
        "that",
        "out",
        "off",
        "down",
        "all",
        "using",
        "use",
        "old",
        "existing",
        "necessary",
        "required",
        "grit",
        "tool",
        "part",
        "based",
    }
        .Select(Stem)
        .ToFrozenSet(StringComparer.Ordinal);

    /// <summary>The telling words of a text, in their order, each once.</summary>
    public static string[] Of(string text)
    {
        foreach (var (said, word) in Together)
        {
            text = said.Replace(text, word);
        }

        return
        [
            .. Letters
                .Matches(text.ToLowerInvariant())
                .Select(m => Stem(Same.GetValueOrDefault(m.Value, m.Value)))
                .Where(t => t.Length > 2 && !Idle.Contains(t))
                .Distinct(StringComparer.Ordinal),
        ];
    }

    // Enough of a stem to tell "sanding" from "primed" and no more.
    private static string Stem(string word)
    {
        foreach (var ending in (string[])["ings", "ing", "ers", "ed", "er", "es", "s"])
        {
            if (word.Length > ending.Length + 3 && word.EndsWith(ending, StringComparison.Ordinal))
            {
                word = word[..^ending.Length];
                break;
            }
        }

        return word.Length > 4 && word.EndsWith('e') ? word[..^1] : word;
    }

    private static Regex Letters => field ??= new("[a-z]+", RegexOptions.IgnoreCase);

    private static Regex TwoPart => field ??= new(@"\b(?:2|two)[\s-]?(?:k|packs?|parts?|component)\b", RegexOptions.IgnoreCase);

    private static Regex OnePart => field ??= new(@"\b(?:1|one|single)[\s-]?(?:k|packs?|parts?)\b", RegexOptions.IgnoreCase);

    private static Regex WetOrDry => field ??= new(@"\bwet[\s-]*(?:and|&|or|n)[\s-]*dry\b", RegexOptions.IgnoreCase);

    private static Regex CutIn => field ??= new(@"\bcut(?:ting)?[\s-]in\b", RegexOptions.IgnoreCase);

    private static Regex MakeGood => field ??= new(@"\bmak(?:e|ing)[\s-]good\b", RegexOptions.IgnoreCase);

    private static Regex DeNib => field ??= new(@"\bde-?nib(?:bed|bing)?\b", RegexOptions.IgnoreCase);

    private static Regex RePutty => field ??= new(@"\bre-?putty\b", RegexOptions.IgnoreCase);

    private static Regex WaterBased => field ??= new(@"\bwater[\s-]?(?:based?|borne|thinned)\b", RegexOptions.IgnoreCase);

    private static Regex OilBased => field ??= new(@"\b(?:oil|solvent|spirit)[\s-]?(?:based?|borne)\b", RegexOptions.IgnoreCase);

    private static Regex StopUp => field ??= new(@"\bstop(?:ping)?(?:\s+up|(?=\s+(?:nail\s+)?holes)|\s*$)", RegexOptions.IgnoreCase);

    private static Regex LimeWash => field ??= new(@"\blime[\s-]?wash(?:ed|ing)?\b", RegexOptions.IgnoreCase);

    private static Regex TapeOff => field ??= new(@"\b(?:tapes?\s+(?:pulled|off|comes?\s+off)|pull\w*\s+(?:the\s+|off\s+the\s+)?tape)\b", RegexOptions.IgnoreCase);

    private static Regex FlatSheen =>
        field ??= new(
            @"(?<=\bcoats?\s+(?:of\s+)?)flat\b|\bflat\s+(?=x\s*\d|white|black|oil|latex|paint|acrylic|emulsion|finish|coat)"
                + @"|(?<=\b(?:ceilings?|acrylic|latex|walls?)\s)flat\b",
            RegexOptions.IgnoreCase
        );

    private static Regex OnPrimed =>
        field ??= new(
            @"\b(?:on|over|to|onto)\s+(?:the\s+)?(?:(?:primed|painted|sealed|coated|filled)\s+\w+|(?:patch(?:es)?|repairs?)(?:\s+and\s+(?:the\s+)?bare)?\b)",
            RegexOptions.IgnoreCase
        );

    // Off and on are told apart.
    private static Regex HeatOut =>
        field ??= new(
            @"\b(?:heating|radiators?|rads?)\s+(?:\w+\s+)?off\b|\bturn\w*\s+(?:off\s+)?(?:the\s+)?(?:heating|radiators?|rads?)\b(?:\s+off\b)?"
                + @"|\bheating\s+(?:is\s+)?(?:cold|drained)\b",
            RegexOptions.IgnoreCase
        );

    private static Regex HeaterOut => field ??= new(@"\b(?:gas\s+)?(?:heaters?|stove|fire)\s+(?:off|out)\b", RegexOptions.IgnoreCase);

    // A grade is asked of a firm that blasts contained.
    private static Regex BlastGrade => field ??= new(@"\bsa\s*2(?:\s*(?:[.,]\s*5|½|1/2))?(?=\W|$)", RegexOptions.IgnoreCase);

    private static Regex PowerOut => field ??= new(@"\b(?:electrics?|electricity|power|sockets?)\s+(?:\w+\s+)?off\b", RegexOptions.IgnoreCase);

    // Cloths and rags, and no abrading.
    private static Regex LaidFlat =>
        field ??= new(@"\b(?:(?:laid|spread|dried|dry|hung|left|out)\s+flat|flat\s+(?:out(?:side|doors)?|to\s+dry))\b", RegexOptions.IgnoreCase);

    // What lies beneath is not what is laid.
    private static Regex OnFilm =>
        field ??= new(
            @"\b(?:(?:straight|right|directly)\s+)?(?:over|onto|on\s+top\s+of|after)\s+(?:the\s+|any\s+|that\s+)?"
                + @"(?:(?:old|existing|sound|black|white|brown|red|dull|bare|dry|new)\s+){0,2}"
                + @"(?:varnish|bitumen|gloss|paint(?:work)?|emulsion|distemper|stain|silicone|wax|limewash|primer|undercoat|paper|putty|filler|shellac|knotting)\b",
            RegexOptions.IgnoreCase
        );

    private static Regex HandOver => field ??= new(@"\bhand(?:ed|ing)?[\s-]?over\b", RegexOptions.IgnoreCase);

    private static Regex Roller =>
        field ??= new(
            @"\b(?:the\s+)?(?:block|masonry|emulsion|distemper)\s+brush\b|\b(?:the\s+)?long[\s-]pile\b(?!\s+roller)"
                + @"|\b(?:(?:by|with)\s+)?(?:(?:a\s+)?(?:mohair|foam|short[\s-]pile|medium|long[\s-]pile|lambswool|mini)\s+)?(?:brush\s+(?:and|or|&)\s+)?rollers?\b"
                + @"|\bby\s+brush\b|\bsqueegee\b",
            RegexOptions.IgnoreCase
        );

    private static Regex PolySheet =>
        field ??= new(
            @"\b(?<!\bcoats?\s+(?:of\s+)?(?:clear\s+)?)(?:layers?\s+(?:of\s+)?)?(?:poly(?:thene|ethylene)?|plastic)\s+"
                + @"(?:sheet\w*|on|over|across|under|down|up|taped|film)\b(?!\s*pipes?\b)"
                + @"|\blayers?\s+(?:of\s+)?poly\w*\b",
            RegexOptions.IgnoreCase
        );

    private static Regex Carpets => field ??= new(@"\broll\w*\s+(?:back|up)\s+(?:the\s+)?(?:carpets?|rugs?)(?:\s+edges?)?\b", RegexOptions.IgnoreCase);

    private static Regex DustBag => field ??= new(@"\b(?:a\s+|the\s+)?dust\s+bags?\b", RegexOptions.IgnoreCase);

    private static Regex Leading => field ??= new(@"\blead\s+(?:contractors?|painters?|hands?|decorators?|joiners?|trades?|times?)\b", RegexOptions.IgnoreCase);

    private static Regex Homes => field ??= new(@"\bflats\b(?!\s+(?:down|off|back)\b)", RegexOptions.IgnoreCase);

    private static Regex Mouldings => field ??= new(@"\bmou?ldings?\b", RegexOptions.IgnoreCase);

    private static Regex WoodBlocks => field ??= new(@"\b(?:loose|wood(?:en)?|oak|parquet|floor)\s+blocks?\b|\bblock\s+floor\b", RegexOptions.IgnoreCase);

    private static Regex CaptiveBlast => field ??= new(@"\b(?:captive|dust[\s-]?free|vacuum)[\s-]+shot[\s-]*blast\w*", RegexOptions.IgnoreCase);

    private static Regex WaterBlast => field ??= new(@"\bwater[\s-]?blast\w*\b", RegexOptions.IgnoreCase);

    private static Regex TWash => field ??= new(@"\bt-?wash\b", RegexOptions.IgnoreCase);

    // Put along a joint or into a crack, that is the filling of it.
    private static Regex FillerIn => field ??= new(@"\bfiller\s+(?=(?:along|in|into)\s)", RegexOptions.IgnoreCase);

    private static Regex Filler =>
        field ??= new(@"\b(?:fillers?|fillings?|filled\s+(?:areas?|patches|holes|spots|places)|(?<=\bprim\w*\s+(?:the\s+)?)fill)\b", RegexOptions.IgnoreCase);

    private static Regex CleanUp => field ??= new(@"\b(?:clean|clear|tidy)(?:ing)?\s+up\b", RegexOptions.IgnoreCase);
}
