using System.Collections.Frozen;
using System.Text.RegularExpressions;

namespace AllSound.Core.Exchange;

// How people speak who write lines down: who does the work, what they ask themselves, words of the north, figures in words.
internal static partial class LineShorthand
{
    // As it is spoken in the north. To add a word, add its row.
    private static readonly FrozenDictionary<string, string> InTheNorth = new Dictionary<string, string>
    {
        ["nae"] = "no",
        ["dinna"] = "don't",
        ["dinnae"] = "don't",
        ["didna"] = "don't",
        ["didnae"] = "don't",
        ["winna"] = "don't",
        ["winnae"] = "don't",
        ["twa"] = "two",
        ["yin"] = "one",
        ["pent"] = "paint",
        ["atween"] = "between",
        ["doon"] = "down",
        ["wi"] = "with",
        ["tomoz"] = "tomorrow",
        ["tmrw"] = "tomorrow",
        ["overnite"] = "overnight",
    }.ToFrozenDictionary(StringComparer.OrdinalIgnoreCase);

    // A pent roof is one.
    private static readonly Regex Spoken = new(
        $@"\b(?:{string.Join('|', InTheNorth.Keys.Order(StringComparer.Ordinal))})\b(?!\s+roof)",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant
    );

    // Of how much paint is let down.
    private static readonly FrozenDictionary<string, int> Figures = new Dictionary<string, int>
    {
        ["five"] = 5,
        ["ten"] = 10,
        ["fifteen"] = 15,
        ["twenty"] = 20,
        ["thirty"] = 30,
        ["forty"] = 40,
        ["fifty"] = 50,
    }.ToFrozenDictionary(StringComparer.OrdinalIgnoreCase);

    private static (Regex Said, string Meant)[] Voices =>
        field ??= [
            // By its colour the paint is known that was ordered.
            (ColourOn, ", paint on"),
            // What a test shows, and what follows from it.
            (TestedSo, "${test}, "),
            // Asked and answered by the writer himself.
            (AskedNo, "not ${thing}, "),
            (TakesOff, "take "),
            // As bills and minutes have it: "To washing down", "Resolved: that the walls be washed".
            (BillOf, ""),
            (Resolved, ""),
            // Somebody tells what the painter says he will do.
            (HeSays, ""),
            // Who does it is the writer: "I wash", "then we sand".
            (Myself, "${then}"),
            (Beginning, ""),
            // How the rest is to look, and no paint.
            (RestDull, "rub the rest dull"),
            // Laid on the floor, and not into it.
            (FloorSheeted, "sheet the floor"),
            // What is left out first, and then what is done.
            (LeftOut, "${then}${left}, "),
            // Words that a painter brings from his own language.
            (GroundFine, "sand"),
            (SpotGround, "spot prime"),
            (BetweenLacquer, "undercoat"),
            (EndLacquer, "finish"),
            (PuttyHoles, "fill"),
            (AfterWash, "rinse"),
            // The coats told one by one.
            (FirstAndSecond, "${paint} ${first}, second coat ${second}"),
            (SecondAfter, ", second coat "),
            (KeptWet, " wet"),
            (MorningAndEvening, " 4 hours apart"),
            // One in the morning and one in the afternoon are two.
            (TwiceThatDay, "2 coats "),
            // It is what it is, whatever it is used as.
            (UsedAs, ""),
            // When it was dry follows what was done then.
            (OnceDry, ", "),
        ];

    private static Regex PerCent => field ??= new(@"\b(?<n>five|ten|fifteen|twenty|thirty|forty|fifty)\s+per\s*cent\b", RegexOptions.IgnoreCase);

    private static Regex Myself =>
        field ??= new(
            @"(?<=^|[.;,:]\s*|\b(?:and|then|after|first|now)\s+)(?:i|we|i'?ll|we'?ll|i'?ve|we'?ve|i'?d)\s+"
                + @"(?<then>(?:then\s+|now\s+|first\s+|just\s+|always\s+|only\s+)?)(?:will\s+|would\s+|have\s+to\s+)?(?="
                + @"(?:"
                + @"wash|clean|scrub|degreas|sand|rub|scrap|dust|wip|brush|fill|prim|put|appl|paint|roll|spray|mask|cover|tape|seal|caulk|strip|take|remov|rins|sweep"
                + @"|hoover|vacuum|wet|lay|g[ai]v|spread|scratch|feather|knot|undercoat|gloss|varnish|stain|oil|wax|coat|denib|grind|ground|scrub|strip|block|touch|do"
                + @")\w*\b"
                + @")",
            RegexOptions.IgnoreCase
        );

    private static Regex Beginning =>
        field ??= new(@"(?<=^|[.;]\s*)(?:i|we)\s+(?:always\s+|usually\s+|will\s+|would\s+)?(?:begin|start|finish)\s+(?:off\s+)?(?:with|by)\s+", RegexOptions.IgnoreCase);

    private static Regex HeSays =>
        field ??= new(
            @"(?<=^|[.;]\s*|\b(?:and|then)\s+)"
                + @"(?:(?:he|she)\s+(?:says?|writes?|tells?\s+me)\s+(?:that\s+)?)?(?:he|she)\s+(?:will\s+|would\s+|wants?\s+to\s+|proposes?\s+to\s+)?(?:first\s+|then\s+)?"
                + @"(?=(?:wash|clean|scrub|degreas|sand|rub|scrap|dust|wip|brush|fill|prim|appl|paint|roll|spray|mask|cover|tape|seal|caulk|strip|remov|rins|sweep|vacuum)\w*\b)",
            RegexOptions.IgnoreCase
        );

    private static Regex TakesOff => field ??= new(@"(?<=^|[.;]\s*)\w+\s+takes\s+(?=the\s+\w+\s+off\b)", RegexOptions.IgnoreCase);

    private static Regex RestDull =>
        field ??= new(
            @"(?<=\b(?:sand|rub|abrad|flat|scuff)\w*\s[^.;]*)\b(?:the\s+)?rest\s+(?:to\s+)?(?:a\s+)?(?:dull\s+|even\s+)?matte?\b(?!\s+(?:paint|emulsion|coat))",
            RegexOptions.IgnoreCase
        );

    private static Regex FloorSheeted =>
        field ??= new(
            @"\bfloors?\s+(?:was\s+|is\s+|to\s+be\s+)?sealed\s+(?:off\s+)?(?:with|under|by)\s+(?:\w+\s+){0,2}(?:membranes?|sheet\w*|polythene|film|boards?)\b",
            RegexOptions.IgnoreCase
        );

    private static Regex LeftOut =>
        field ??= new(
            @"(?<=^|[.;]\s*)(?<then>(?:then\s+|and\s+)?)(?<left>without\s+(?:any\s+)?(?:sand|rubb|prim|key|abrad|wash|clean|degreas|undercoat)ing(?:\s+down)?)\s+(?=(?:an?|one|two|three|[1-4])\s+(?:\w+\s+)?coats?\b)",
            RegexOptions.IgnoreCase
        );

    private static Regex TwiceThatDay =>
        field ??= new(
            @"\b(?:1|one|a)\s+coat\s+(?:am|in\s+the\s+morning)\b[\s,]*(?:and\s+)?(?:1|one|another|a)\s+(?:coat\s+)?(?:pm|in\s+the\s+afternoon)\b",
            RegexOptions.IgnoreCase
        );

    private static Regex GroundFine =>
        field ??= new(
            @"\bgrind(?:ing)?\b(?=\s+(?:it\s+)?(?:matte?\b|(?:with\s+)?(?:1[2-9]0|2\d0|3\d0|400)\b))|(?<=\b(?:putty|fill\w*)\b[^.;]*,\s*)grind\b(?=\s*[,.;]|\s*$)",
            RegexOptions.IgnoreCase
        );

    private static Regex SpotGround => field ??= new(@"\bspot\s+ground\b", RegexOptions.IgnoreCase);

    private static Regex BetweenLacquer => field ??= new(@"\b(?:between|pre|under)[\s-]+lacquer\b", RegexOptions.IgnoreCase);

    private static Regex EndLacquer => field ??= new(@"\b(?:end|cover)[\s-]+lacquer\b", RegexOptions.IgnoreCase);

    private static Regex PuttyHoles =>
        field ??= new(@"\bputty(?=\s+(?:the\s+|all\s+|any\s+)?(?:small\s+)?(?:places|holes|spots|dents|nail\s*holes|chips)\b)", RegexOptions.IgnoreCase);

    private static Regex AfterWash => field ??= new(@"\bafter-?wash\b", RegexOptions.IgnoreCase);

    private static Regex FirstAndSecond =>
        field ??= new(
            @"\b(?:two|2)\s+coats\s+(?:of\s+)?(?<paint>[^,;.]{3,40}),\s*(?:the\s+)?first\s+(?<first>[^,;.]{3,40}),\s*(?:and\s+)?(?:the\s+)?second\s+(?<second>[^,;.]{3,40})",
            RegexOptions.IgnoreCase
        );

    // "First coat of matt straight on, second after four hours".
    private static Regex SecondAfter =>
        field ??= new(
            @"(?<=\bfirst\s+coat\b[^.;]*),?\s*(?:\band\s+)?(?:\bthe\s+)?\b(?:second|2nd)\s+(?=(?:one\s+)?(?:after|at|next|tomorrow|in\s+the|\d)\b)",
            RegexOptions.IgnoreCase
        );

    private static Regex KeptWet =>
        field ??= new(@",?\s*\bkeeping\s+(?:it|them|all|everything)\s+(?:well\s+)?(?:misted|wet(?:ted)?|damp)\b(?!\s+for)", RegexOptions.IgnoreCase);

    // What is said of two coats: "two coats of gloss, morning and tea time".
    private static Regex MorningAndEvening =>
        field ??= new(
            @"(?<=\b(?:two|2)\s+coats\b[^.;]*),?\s*(?:one\s+)?(?:in\s+the\s+)?morning\s+and\s+(?:one\s+)?(?:(?:in\s+the|at)\s+)?(?:afternoon|evening|tea\s*time|night)\b",
            RegexOptions.IgnoreCase
        );

    private static Regex UsedAs =>
        field ??= new(
            @"(?<=\b(?:emulsion|matte?|latex|silk|wall\s+paint|masonry\s+paint)\b)\s+(?:as|for)\s+(?:an?\s+|the\s+)?(?:undercoat|primer)\b",
            RegexOptions.IgnoreCase
        );

    private static Regex OnceDry =>
        field ??= new(
            @",?\s*\b(?:and|then)\s+(?:when|once|as\s+soon\s+as)\s+(?:it|that|they|this|the\s+first)\s+(?:is|was|were|are|had)\s+(?:\w+\s+)?dr(?:y|ied)\b,?",
            RegexOptions.IgnoreCase
        );

    private static Regex TestedSo => field ??= new(@"(?<test>\btest\b[^,;.]*?),?\s+so\s+(?!that\b|it\b|the\b|all\b)", RegexOptions.IgnoreCase);

    private static Regex ColourOn =>
        field ??= new(
            @"(?:,|\band)?\s*\b(?:got|get|slap\w*|sling|put)\s+the\s+(?:red|white|black|green|blue|gr[ea]y|cream|brown|yellow|magnolia)\s+on\b",
            RegexOptions.IgnoreCase
        );

    private static Regex BillOf => field ??= new(@"^(?:allow\s+)?(?:to|for)\s+(?=(?:re-?)?[a-z]+ing\b)", RegexOptions.IgnoreCase);

    private static Regex Resolved =>
        field ??= new(
            @"^(?:(?:it\s+was\s+)?(?:resolved|agreed|decided|proposed)\s*[:,]?\s*(?:that\s+)?|that\s+)(?=[^.;]*\bbe\s+\w+)(?:the\s+)?",
            RegexOptions.IgnoreCase
        );

    private static Regex AskedNo => field ??= new(@"(?<=^|[.;,]\s*)(?<thing>[^.;,?]{2,30})\?\s*no\b[\s,.:;-]*", RegexOptions.IgnoreCase);
}
