using System.Text.RegularExpressions;

namespace AllSound.Core.Exchange;

/// <summary>What the form of a painter's line tells: where it may be parted, and what a part does whatever it is about.</summary>
internal static partial class LineParts
{
    /// <summary>The sentences of a line: between stops, semicolons and dashes.</summary>
    public static string[] Sentences(string line) => [.. Stops.Split(line).Select(p => p.Trim()).Where(p => p.Length > 0)];

    private static Regex Stops => field ??= new(@"\s*(?:;|(?<!\b\d)\.(?=\s|$)|(?<=\d)\.(?=\s+[A-Z]|$)|!|\?|\s[-–]\s)\s*");

    /// <summary>The pieces between commas and "and" or "then"; what belongs together is for the reader to tell.</summary>
    public static string[] Of(string line) => [.. Pieces.Split(line).Select(p => p.Trim(' ', ',', ';', '.', '&', '+')).Where(p => p.Length > 0)];

    /// <summary>True when a part only says to rinse.</summary>
    public static bool OnlyRinses(string part) => Rinse.IsMatch(part);

    /// <summary>True when a part only says how what was said before is thinned: "matt let down 40 % water".</summary>
    public static bool OnlyThins(string part) => ThinsAlone.IsMatch(part);

    private static Regex ThinsAlone =>
        field ??= new(
            @"^(?:(?!two\b|three\b|four\b)[a-z]+\s+){0,3}(?:let\s+down|thinned|watered|diluted|reduced|cut\s+(?:back\s+)?(?=with))\b(?!.*\bcoats?\b)"
                + @"|^(?:(?!two\b|three\b|four\b)[a-z]+\s+){1,3}\d{1,2}\s*%\s*(?:clean\s+)?(?:water|white\s+spirit)\b(?!.*\bcoats?\b)",
            RegexOptions.IgnoreCase
        );

    /// <summary>True when a part only says to let something dry.</summary>
    public static bool OnlyDries(string part) => Dry.IsMatch(part);

    /// <summary>True when a part only says to sand or rub down, and not what.</summary>
    public static bool OnlyAbrades(string part) => Abrade.IsMatch(part);

    /// <summary>True when a part only names the grit of what was said before: "80 grit".</summary>
    public static bool OnlyGrit(string part) => GritAlone.IsMatch(part);

    private static Regex GritAlone =>
        field ??= new(
            @"^(?:with\s+)?(?:grit\s+)?\d{2,3}(?:\s+(?:grit|grade|g|papers?|discs?|pads?|sheets?))*"
                + @"(?:\s+(?:with|on)\s+(?:the\s+)?(?:bag|vac\w*|extract\w*|hoover)(?:\s+(?:on|fitted))?)?\W*$",
            RegexOptions.IgnoreCase
        );

    /// <summary>True when a part says only that the same is done again: "second coat", "roll another coat".</summary>
    public static bool Repeats(string part) => Again.IsMatch(AfterWait.Replace(Clock.Replace(part, ""), ""));

    // Words of a wait before what is said again: "after 4 hrs third coat".
    private static Regex AfterWait =>
        field ??= new(
            @"^(?:then\s+)?after\s+(?:another\s+)?(?:\d+|an?|half\s+an|one|two|three|four|five|six)\s*(?:h|hrs?|hours?|days?|mins?|minutes?)\s+(?:the\s+)?(?=(?:second|third|fourth|2nd|3rd|4th|last|final)\b)",
            RegexOptions.IgnoreCase
        );

    /// <summary>True when a part says that one more coat goes on of what was laid last, be it a primer: "second coat of it".</summary>
    public static bool RepeatsThat(string part) => SecondOfThat.IsMatch(part);

    private static Regex SecondOfThat =>
        field ??= new(
            @"^(?:then\s+|and\s+)?(?:next\s+(?:day|morning)\s+)?(?:a\s+|the\s+)?(?:second|another|2nd|one\s+more)\s+(?:coat|one)\b\s*"
                + @"(?:of\s+(?:it|that|this|the\s+same)\b.*|(?:(?:the\s+)?next\s+(?:day|morning)|the\s+day\s+after|after\s+.*)?)\W*$",
            RegexOptions.IgnoreCase
        );

    private static Regex Clock => field ??= new(@"^(?:at\s+)?\d{1,2}[.:][0-5]\d\s+");

    /// <summary>True when the first thing that a part says to do prepares, so that no paint named in it is put on.</summary>
    public static bool Prepares(string part) => Chemical.IsMatch(part) || Verbs.Match(part) is { Success: true } first && first.Groups["prepare"].Success;

    /// <summary>True when the first thing that a part says to do is to sand.</summary>
    public static bool BeginsAbrading(string part) => Sands.IsMatch(part);

    private static Regex Sands => field ??= new(@"^(?:\w+ly\s+|light\s+|quick\s+|just\s+)*(?:sand|flat|scuff|abrad)\w*\b", RegexOptions.IgnoreCase);

    /// <summary>True when a part is about a test or a reading, which is no work on the surface.</summary>
    public static bool Tests(string part) => Test.IsMatch(part);

    // Words by which a piece of work begins; after "and" nothing else does: "fill cracks and holes".
    private const string Opening =
        @"(?:(?:the\s+)?(?:day|morning)\s+after|(?:straight|right)\s+after\s+that|(?:the\s+)?next\s+(?:day|morning)|lightly|wet|dry|hand|power|spot|re|lay|get|apply|a|one|two|three|first|second|third|final|full|\d+|oil|acrylic|water)[\s-]+\w"
        + @"|(?:"
        + @"sand|rub|abrad|flat|key|scuff|denib|wash|scrap(?!er)|strip|burn|fill(?!er)|rak|prim|seal|caulk|mask|cover|protect|tap|spray|roll(?!er)|brush\s+on|dust"
        + @"|vacuum|hoover|wip|feather|block|neutralis|rins|treat|replac|renew|remov|refix|stop|etch|convert|stabilis|bind|unmask|cut|splic|repair|patch|skim"
        + @"|grind|blast|steam|soak|knot|undercoat|gloss|eggshell|satin|emulsion|varnish|top|finish|clean|degreas|mak|touch|isolat|ventilat|allow|leav|let|paint"
        + @"|coat|dispos|tack|lift|pull|point|epoxy|zinc|mordant|apply|g[ai]v"
        + @")\w*|another\b(?!\s+(?:hours?|days?|weeks?|nights?|\d))";

    // A paint that is named: the coat is of that one, and not the same again.
    private const string PaintSaid = @"\b(?:primer|undercoat|gloss|satin|eggshell|matt|emulsion|varnish|epoxy|polyurethane|silicate|limewash|masonry|enamel|stain|oil)\b";

    private const string NoPaintSaid = @"(?:(?!" + PaintSaid + @").)*$";

    private const string Laying = @"(?:(?:apply|roll|spray|brush(?:\s+on)?|lay|put\s+on|g[ai]ve(?:\s+(?:it|them))?)\s+)?";

    private const string NextDay = @"(?:(?:(?:the\s+)?(?:next\s+(?:day|night|shift|morning|evening|afternoon)|day\s+after)|tomorrow)\s+)?";

    // What is put on is no coat.
    private static Regex Chemical =>
        field ??= new(
            @"\b(?:biocid\w*|fungicid\w*|killer|acid|etch(?:ing)?\s+fluid|bleach|petrol|acetone|degreas\w*|cleaner|stripper|detergent|algae|moss|lichen|mould|mold|mildew)\b",
            RegexOptions.IgnoreCase
        );

    /// <summary>True when a part says how something is laid and not what.</summary>
    public static bool OnlyLays(string part) => Lays.IsMatch(part);

    private static Regex Lays =>
        field ??= new(
            @"^(?:spray|brush|roll)\w*\s+(?:on\s+)?(?:thin(?:ly)?\s+|light(?:ly)?\s+)?or\s+(?:by\s+)?(?:spray|brush|roll)\w*\b(?!.*\bcoats?\b).*$|"
                + @"^(?:and\s+)?(?:back[\s-]?)?(?:by\s+)?(?:roll(?:er)?|brush|spray|apply|lay\s+off|cut\s+in)"
                + @"(?:\s+(?:and|or|&)\s+(?:roll(?:er)?|brush|spray|lay\s+off|cut\s+in))?(?:\s+(?:it|on|out|in|well))*\W*$"
                + @"|^(?:and\s+)?(?:brush|work|scrubb?|rubb?|la(?:y|id)|roll)(?:ed|ing)?\s+(?:it\s+)?(?:well\s+|hard\s+)?(?:in\s+to|into|along|out\s+into)\b.*$",
            RegexOptions.IgnoreCase
        );

    /// <summary>True when a part is done to a part of the face only.</summary>
    public static bool OnPart(string part) => Spots.IsMatch(part);

    private static Regex Spots =>
        field ??= new(
            @"\b(?:spot\w*|touch\w*|screws?|bolts?|drilled\s+holes?|(?:to|on)\s+the\s+bare|bare\s+(?:bits|spots|patches)|on\s+(?:those|these|them)|edges\s+only|knots?)\b",
            RegexOptions.IgnoreCase
        );

    /// <summary>True when a part says how many coats and nothing else.</summary>
    public static bool OnlyCoats(string part) => CoatsAlone.IsMatch(part);

    private static Regex CoatsAlone =>
        field ??= new(
            @"^(?:in\s+)?(?:"
                + @"(?:one|a\s+single|two|three|four|five|six|[1-6])\s+(?:(?:thin|full|good|light)\s+)*(?:coats?|goes)(?:\s+(?:all\s+over|everywhere|each))?"
                + @"(?:\s+(?:\d+\s*(?:h|hrs?|hours?|days?)|a\s+day|an\s+hour)\s+(?:apart|between))?"
                + @"|in\s+the\s+last\s+coat\s+only|x\s*[2-6]|both\b.*|each\s+\d.*"
                + @")\W*$",
            RegexOptions.IgnoreCase
        );

    /// <summary>True when a part ends by saying that it comes first, before the coats that follow.</summary>
    public static bool EndsFirst(string part) => First.IsMatch(part);

    private static Regex First => field ??= new(@"\bfirst\W*$|\bmist(?:\s+coat)?\W*$", RegexOptions.IgnoreCase);

    /// <summary>True when a part speaks of what is done between coats.</summary>
    public static bool Between(string part) => BetweenCoats.IsMatch(part);

    private static Regex BetweenCoats => field ??= new(@"\bbetween\b", RegexOptions.IgnoreCase);

    /// <summary>True when a part begins by priming: with what is then often left to the ground.</summary>
    public static bool Primes(string part) => Prime.IsMatch(part);

    private static Regex Prime => field ??= new(@"^(?:spot[\s-]+)?prim(?:e|er|ed|ing)\b", RegexOptions.IgnoreCase);

    private static Regex Pieces =>
        field ??= new(
            @"\s*(?:[,;&+]|(?<=\s)(?:--|[–—])(?=\s)|\.(?=\s|$)|\band\b(?!\s+dry\b)(?=\s+(?:then\s+)?(?:(?:second|third|fourth)\s*(?:[.;,]|$)|one\s+in\s+the\s+(?:afternoon|evening)|"
                + Opening
                + @"))|\bthen\b|\bbefore\b|\bfollowed\s+by\b)\s*",
            RegexOptions.IgnoreCase
        );

    private static Regex Rinse =>
        field ??= new(
            @"^rins(?:e|ed|ing)\b|^(?:(?:then|and|with|after)\s+)*(?:clear|clean|plain)\s+water\b(?:\s+(?:twice|after\w*|again|x\s*\d))*\W*$",
            RegexOptions.IgnoreCase
        );

    private static Regex Dry => field ??= new(@"^(?:allow|leave|let)(?:ed|ing)?\b.*\b(?:dry|cure|harden)\b", RegexOptions.IgnoreCase);

    private static Regex Abrade =>
        field ??= new(
            @"^(?:lightly\s+|hand\s+|wet\s+)?(?:sand|rub|flat|abrade)(?:ed|ing)?(?:\s+(?:down|back|off|flush|smooth|flat|lightly))*\W*$",
            RegexOptions.IgnoreCase
        );

    private static Regex Again =>
        field ??= new(
            @"^(?:then\s+|and\s+)?"
                + NextDay
                + Laying
                + @"(?:an?\s+|the\s+|one\s+)?(?:(?:second|third|fourth|2nd|3rd|4th|another|next|further|final|last|more|full)\s+(?:(?!week|day|morning)\w+\s+){0,2}?|(?:top|finish(?:ing)?)\s*)coat\b"
                + @"(?!\s+of\b(?!\s+(?:(?:the\s+)?same|it|this|that)\b))"
                + NoPaintSaid
                + @"|^(?:then\s+)?"
                + Laying
                + @"(?:two|three|four|2|3|4)\s+(?:(?:full|further|top|finish(?:ing)?|neat|more|thin|light)\s*){1,2}coats\b"
                + NoPaintSaid
                + @"|^(?:then\s+)?(?:second|third|two|three|four|2|3|4)\s+(?:neat|more|the\s+same|same)\b.*$"
                + @"|^(?:then\s+)?(?:(?:next\s+(?:day|morning|evening|afternoon)|tomorrow)\s+)?(?:one|second|third|last)\s+(?:neat|thin)\b.*$"
                + @"|^(?:then\s+)?"
                + NextDay
                + @"(?:(?:an?|the)\s+)?(?:second|third|fourth|2nd|3rd|4th|another|coat\s+[2-5])\b(?:\s+(?:(?:the\s+)?(?:next|following)\s+(?:day|morning)|tomorrow|the\s+day\s+after))?\W*$"
                + @"|^(?:and\s+)?again\s+(?:tomorrow|(?:the\s+)?next\s+(?:day|morning)|the\s+day\s+after|after\s+\w+\s+(?:hours?|days?))\W*$"
                + @"|^(?:and\s+)?one\s+(?:(?:in\s+the|that|the\s+(?:next|same))\s+)(?:morning|afternoon|evening|day)\W*$"
                + @"|^same\s+(?!kit\b|mask\b|tools?\b|way\b|day\b|for\b)(?:matt|again|neat|paint)?\b.*$"
                + @"|^(?:then\s+)?(?:and\s+)?(?:after\s+\w+\s+hours?\s+)?"
                + NextDay
                + @"another(?:\s+(?:thin(?:ner)?|full|light))?(?:\s+(?:one|of\s+the\s+same))?"
                + @"(?:\s+(?:next\s+(?:day|morning)|tomorrow|the\s+day\s+after|after\s+(?:lunch|dinner|tea|\w+\s+hours?)))?\W*$"
                + @"|^(?:then\s+)?(?:next\s+(?:day|morning)\s+)?(?:once\s+)?again\s+the\s+same\b.*$|^repeat\b.*\b(?:coats?|third|fourth)\b.*$"
                + @"|^again\s+(?:on\s+)?(?:mon|tue|wed|thu|fri|sat|sun)\w*\b.*$|^(?:then\s+)?(?:gloss|satin\w*|eggshell|varnish|paint|coat)\s+(?:it\s+|them\s+)?again\b.*$"
                + @"|^(?:then\s+)?(?:next\s+(?:day|morning)\s+)?(?:an?\s+)?(?:second|third|another)\s+(?:one\s+|coat\s+)?"
                + @"(?:(?:the\s+)?(?:day\s+after|next\s+day|next\s+morning|tomorrow)\s+)?(?:where|if|on|over|to\s+the)\b.*$"
                + @"|^(?:second|third|fourth|2nd|3rd)(?:\s*(?:,|and|&)\s*(?:second|third|fourth|fifth|2nd|3rd|4th|5th))+\b.*$",
            RegexOptions.IgnoreCase
        );

    private static Regex Verbs =>
        field ??= new(
            @"\b(?:"
                + @"(?<prepare>"
                + @"(?:gloss|paint|film|coats?|varnish|undercoat|finish)\b(?=\s+(?:(?:well|just|only|lightly)\s+)?(?:flatted|rubbed|sanded|abraded|scuffed|keyed|dulled|washed|cleaned|scraped|feathered)\b)|"
                + @"biocid\w*|fungicid\w*|killer|acid|bleach|petrol|acetone|detergent|degreas\w*|cleaner|stripper"
                + @"|(?:varnish|paint|film|polish|gloss|stain|distemper|limewash|wax|emulsion|silicone)\b(?=[^,;]*\boff\b)"
                + @"|(?:"
                + @"brush(?:ed|ing)?\s+(?:off|down|away|out)|damp(?:en)?|scrub|hose|hang|spread|lift|pull|dull|knock|ease|weigh|take\s+off|sand|rub|abrad|flatten|flat|key"
                + @"|scuff|denib|de-nib|scrap|strip|burn|wash|clean|degreas|rak|remov|dust|vacuum|hoover|wip|mask|cover|protect|feather|rins|neutralis|kill|unmask|grind"
                + @"|blast|steam|soak|chip|fill|patch|skim|caulk|sheet"
                // Told as done only where it begins: what is "on the sanded wood" may be a coat.
                + @")(?:e|ing|[pbt]ing|s|[pbt]?ed(?<=^\W*\w+))?"
                + @")"
                + @"|(?:"
                + @"appl(?:y|ying)|t(?:ie|ied|ying)|prim(?:e|ed|ing)|undercoat(?:ed|ing)?|paint(?:ed|ing)?|roll(?:ing)?|spray(?:ing)?|coats?|brush(?:ing)?|seal(?:ing)?"
                + @"|block(?:ing)?|spot|mist|knot(?:ting)?|finish(?:ing)?"
                + @")"
                + @")\b",
            RegexOptions.IgnoreCase
        );

    private static Regex Test =>
        field ??= new(
            @"\b(?:"
                + @"test|tests|tested|testing|meter|reading|readings|sample|salt\s+patch|trial|(?:indicator|litmus|ph)\s+paper"
                + @"|(?:confirm|verify|check|prove)\w*\s+(?:the\s+)?(?:ph|alkalinity|moisture|dft|film\s+thickness|thickness)"
                + @")\b",
            RegexOptions.IgnoreCase
        );
}
