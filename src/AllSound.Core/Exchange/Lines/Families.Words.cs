using System.Text.RegularExpressions;

namespace AllSound.Core.Exchange;

// The words themselves, as painters write them.
internal static partial class Families
{
    private static Regex Spot =>
        field ??= new(
            @"\b(?:spot|touch)\w*[\s-]*(?:in|up|prim\w*|the\s+filler|fill\w*|seal\w*|bare|\w+\s+on\s+the\s+fill\w*)|\bspot\b|\btouch\b"
                + @"|\bdab\w*\s+(?:it|them|the\s+(?:filler|fill|repairs|knots|bare|patch\w*))\b",
            RegexOptions.IgnoreCase
        );

    private static Regex Soap => field ??= new(@"\b(?:sugar\s*soap|detergent|washing[\s-]+up)\b", RegexOptions.IgnoreCase);

    private static Regex Sooty => field ??= new(@"\b(?:soot|smok\w*|fire|spirit)\b", RegexOptions.IgnoreCase);

    private static Regex FloorPaint => field ??= new(@"\bfloor\s+paint\b", RegexOptions.IgnoreCase);

    private static Regex Patches => field ??= new(@"\b(?:patch(?:es)?|fill(?:er|ed)|repairs|chases)\b", RegexOptions.IgnoreCase);

    private static Regex SpotOnFiller => field ??= new(@"\b(?:spot|touch)\w*\b[^,;]*\b(?:the\s+)?fill(?:er|ing)?\b", RegexOptions.IgnoreCase);

    private static Regex Prime => field ??= new(@"\bprim(?:e|er|ers|ed|ing)\b|\bundercoater\b|\bfirst\s+coat\s+of\s+primer\b", RegexOptions.IgnoreCase);

    private static Regex PrimerNamed => field ??= new(@"\bprimer\b(?!\s*(?:,|and\b|or\b|&|-))", RegexOptions.IgnoreCase);

    private static Regex Undercoat => field ??= new(@"\bunder\s*coat\w*\b", RegexOptions.IgnoreCase);

    private static Regex Block =>
        field ??= new(@"\b(?:stain[\s-]?block\w*|block\w*(?!\s+(?:brush|work|wall|floor))|shellac|knot\w*|stain\s+sealer)\b", RegexOptions.IgnoreCase);

    private static Regex Sealer => field ??= new(@"\b(?:seal\w*|stabili[sz]\w*|bind\w*|consolidat\w*|primer[\s-]?sealer|size)\b", RegexOptions.IgnoreCase);

    private static Regex Fill =>
        field ??= new(
            @"\b(?:fill\w*|stopping|stop(?=\s+(?:up|in|holes|nail))|putty|mak\w+\s+good|mortar|patch\w*|repoint\w*|point(?:ing)?|spackl\w*|(?:filling|repair)\s+paste)\b",
            RegexOptions.IgnoreCase
        );

    private static Regex Scrape =>
        field ??= new(@"\b(?:scrap\w*|brush\w*\s+(?:off|down|dry|again|out)|loose\b.*\boff|flak\w*|bristle|pick\s+off)\b|\bbrush\s+loose\b", RegexOptions.IgnoreCase);

    private static Regex Rub =>
        field ??= new(
            @"\b(?:"
                + @"sand\w*|orbital|rub\w*"
                + @"|(?<!\b(?:laid|spread|dried|dry|hung|left|out)\s+)flat(?:ted|ting|ten\w*)?(?!\s*(?:x\s*\d|latex|paint|acrylic|coat|on\b|out|to\s+dry))|key\w*|scuff\w*"
                + @"|abrad\w*|dull\w*|de-?nib\w*|feather\w*|nibs?|\d{2,3}\s*(?:grit|g\b)|grey\s+off|ease\b.*\barris\w*|sharp\s+edges|non-?woven|pad"
                + @")\b"
                + @"|\b(?:80|100|120|150|180|220|240|320)\b(?!\s*(?:u?m\b|µm|mic|mm|m2|l\b|litre|%|h\b|hours?|days?|deg|mg|g/))",
            RegexOptions.IgnoreCase
        );

    // A torch to see by burns nothing.
    private static Regex Lights =>
        field ??= new(
            @"\b(?:look|shin|inspect|check|rak|see)\w*\b[^.;]*\btorch\b|\btorch\b[^.;]*\b(?:light|beam|to\s+(?:see|look|find|check))\b|\b(?:led|head|pocket)\s+torch\b",
            RegexOptions.IgnoreCase
        );

    // Wiped over it flashes off; washed with spirit and water it does not.
    private static Regex OnlyWiped => field ??= new(@"^(?:then\s+)?wip\w*\b(?!.*\b(?:wash|water|polish|shellac)\b)", RegexOptions.IgnoreCase);

    private static Regex TilePrimer => field ??= new(@"\btiles?\s+primer\b|\bprim\w*\s+(?:the\s+)?tiles?\b", RegexOptions.IgnoreCase);

    // Where film came away its edges are taken down, and nothing else is said of the face.
    private static Regex EdgesOnly =>
        field ??= new(
            @"\b(?:sand|rub|flat|abrad)\w*\s+(?:(?:down|back)\s+)?(?:the\s+)?edges?\s+of\s+(?:the\s+|all\s+)?(?:peeling|flaking|lifting|loose|failed|broken|old|sound)\b",
            RegexOptions.IgnoreCase
        );

    private static Regex WoodPrimer => field ??= new(@"\b(?:wood|timber)\s+primer\b", RegexOptions.IgnoreCase);

    // What gives a patch the texture of the face round it.
    private static Regex Textures =>
        field ??= new(
            @"\b(?:texture\s+(?:match\w*|the\s+patch\w*|patch\w*|to\s+match)|match\w*\s+(?:the\s+)?(?:\w+\s+)?texture|re-?textur\w*)\b",
            RegexOptions.IgnoreCase
        );

    // Rust that is rubbed or brushed is not treated with a converter.
    private static Regex Handled => field ??= new(@"\b(?:rub\w*|sand\w*|brush\w*|emery|scrap\w*|grind\w*|abrad\w*|bright|wire\w*)\b", RegexOptions.IgnoreCase);

    private static Regex Wired => field ??= new(@"\bwire\b", RegexOptions.IgnoreCase);

    private static Regex Converted => field ??= new(@"\b(?:convert\w*|inhibit\w*|phosphoric|passivat\w*|treat\w*)\b", RegexOptions.IgnoreCase);

    private static Regex Rust => field ??= new(@"\b(?:rust\w*|bright|scale|wire[\s-]?brush\w*|emery)\b", RegexOptions.IgnoreCase);

    private static Regex Wash =>
        field ??= new(@"\b(?:wash\w*|sponge|(?:warm|hot|soapy)\s+water|detergent|sugar\s*soap|degreas\w*|clean\w*|soap|scrub\w*|cleaner)\b", RegexOptions.IgnoreCase);

    private static Regex Rinse => field ??= new(@"\brins\w*|\bhose\b|\bneutrali[sz]\w*", RegexOptions.IgnoreCase);

    private static Regex Growth => field ??= new(@"\b(?:biocid\w*|fungicid\w*|mould|mold|algae|moss|lichen|mildew|green\b.*\bscraped|killer)\b", RegexOptions.IgnoreCase);

    private static Regex Dust => field ??= new(@"\b(?:dust\w*|vac\w*|hoover\w*|tack|brush\s+(?:down|off|out)|wipe\w*)\b", RegexOptions.IgnoreCase);

    private static Regex Dry =>
        field ??= new(
            @"(?<!\bwet[\s-](?:and|or|&|n)[\s-])\b(?:dr(?:y|ies|ied|ying)|cure|harden|days?\s+dry)\b(?!-)(?!\s+(?:cloths?|brush\w*|rags?|dusters?|mops?|sponges?|brooms?|towels?)\b)",
            RegexOptions.IgnoreCase
        );

    private static Regex Caulk => field ??= new(@"\b(?:caulk\w*|mastic|sealant|silicone|decorators)\b", RegexOptions.IgnoreCase);

    private static Regex Strip =>
        field ??= new(
            @"\b(?:strip(?!s\b)\w*|(?:old|all)\b[^,;]*\b(?:varnish|paint|film|distemper|of\s+it)\s+off|stripper|burn\s*off|off\s+to\s+(?:bare|plaster|wood|metal))\b",
            RegexOptions.IgnoreCase
        );

    private static Regex Grind => field ??= new(@"\b(?:diamond|csp|scabbl\w*)\b|\bgrind\w*\s+(?:the\s+)?(?:floor|slab|concrete|skin|flush)\b", RegexOptions.IgnoreCase);

    // What takes the skin off concrete.
    private static Regex Coarse =>
        field ??= new(
            @"\brubbing\s+(?:block|brick|stone)|\bcarborundum\b|\b(?:16|24|36|40)\s*(?:grit|g\b)|\brotary\b|\bfloor\s+(?:sander|grinder)\b",
            RegexOptions.IgnoreCase
        );

    private static Regex OneCoat => field ??= new(@"\b(?:one|a|1|full|single)\s+(?:full\s+)?coat\b", RegexOptions.IgnoreCase);

    private static Regex Reach => field ??= new(@"\b(?:tower|scaffold|platform|podium|ladder|trestles?|hop[\s-]?up|boards?\s+on)\b", RegexOptions.IgnoreCase);

    private static Regex Sheeted =>
        field ??= new(
            @"\b(?:sheet\w*|contain\w*|polythene|poly\s+(?:on|over|down)|plastic\s+(?:on|over|down|across)|sealed\s+off|(?<!\bbags?\s)taped)\b",
            RegexOptions.IgnoreCase
        );

    private static Regex Repoint => field ??= new(@"\b(?:mortar|point(?:ing|ed)?|repoint\w*)\b", RegexOptions.IgnoreCase);

    private static Regex Patching => field ??= new(@"\b(?:render\w*|plaster\w*|patch\w*|mortar)\b", RegexOptions.IgnoreCase);

    // A tool named is the tool meant.
    private static Regex Stripped =>
        field ??= new(@"\b(?:hot\s+air|heat\s*gun|infra|steam\w*|gel|stripper|poultice|caustic|dip\w*|blast\w*|torch|lamp|needle|scrap\w*)\b", RegexOptions.IgnoreCase);

    private static Regex Filtered =>
        field ??= new(@"\b(?:hepa|filter|lead|h[\s-]class|m[\s-]class|class[\s-][hm]|h[\s-](?:vac\w*|hoover))\b|\bwet[\s-]?wip\w*", RegexOptions.IgnoreCase);

    private static Regex Contained =>
        field ??= new(@"\b(?:(?<!\bbags?\s)taped|contain\w*|polythene|sealed\s+off|zone|sheeted|shut\s+and\s+signed|sheets?\s+\d)\b", RegexOptions.IgnoreCase);

    private static Regex Stripe => field ??= new(@"\bstripe\b", RegexOptions.IgnoreCase);

    // A coat alone may be of anything.
    private static Regex PaintNamed =>
        field ??= new(
            @"(?<=[a-z]\s)paint\b|\bpaint(?=\s+(?:the\s+)?[a-z])"
                + @"|\b(?:gloss(?:ed)?|varnished|satin\w*|eggshell|emulsion|acrylic|latex|enamel|finish|top\s*coats?|polyurethane|epoxy|body\s+coat)\b",
            RegexOptions.IgnoreCase
        );

    // A sheen by itself may be of the ground: "down to an even matt face".
    private static Regex CoatNamed =>
        field ??= new(
            @"\bcoats?\b|\bpaint\w*\b|\b(?:varnish|lacquer|stain|oil|wax|lime\s*wash|silicate|masonry)\b|^\W*spray\w*\b"
                + @"|^\W*(?:then\s+)?(?:\d+\s+|two\s+|three\s+)?(?:\w+\s+)?(?:matte?|flat|silk)\b",
            RegexOptions.IgnoreCase
        );

    private static Regex Epoxy => field ??= new(@"\bepoxy\b", RegexOptions.IgnoreCase);

    // What lets in movement is caulked; the rest is filled.
    private static Regex Gap => field ??= new(@"\b(?:gaps?|joints?|cracks?|flexible|along|round|between|seams?|edges)\b", RegexOptions.IgnoreCase);

    private static Regex Everything => field ??= new(@"\b(?:everything|all|whole|spray\w*|film|windows?|mask\w*)\b", RegexOptions.IgnoreCase);

    // Primed with the paint of the wall itself.
    private static Regex WithWallPaint =>
        field ??= new(@"\bwith\s+(?:the\s+|a\s+bit\s+of\s+|thinned\s+|wall\s+)*(?:matte?|silk|emulsion|latex|wall\s+paint)\b", RegexOptions.IgnoreCase);

    private static Regex ZincPhosphate => field ??= new(@"\bzinc\s+phosphate\b", RegexOptions.IgnoreCase);

    private static Regex Acrylic => field ??= new(@"\bacrylic\b", RegexOptions.IgnoreCase);

    private static Regex Alkali => field ??= new(@"\balkali\w*\b", RegexOptions.IgnoreCase);

    private static Regex Denib => field ??= new(@"\bde-?nib\w*|\bnibs?\b", RegexOptions.IgnoreCase);

    private static Regex Polyurethane => field ??= new(@"\bpolyurethane\b", RegexOptions.IgnoreCase);

    private static Regex Gloss => field ??= new(@"\bgloss\b", RegexOptions.IgnoreCase);

    private static Regex Satin => field ??= new(@"\b(?:satin\w*|silk|soft\s+sheen)\b", RegexOptions.IgnoreCase);

    private static Regex Eggshell => field ??= new(@"\beggshell\b", RegexOptions.IgnoreCase);

    private static Regex Matt => field ??= new(@"\b(?:matt|matte|flat)\b", RegexOptions.IgnoreCase);

    private static Regex Wall => field ??= new(@"\b(?:emulsion|vinyl|wall\s+paint|latex)\b", RegexOptions.IgnoreCase);

    private static Regex Emulsion => field ??= new(@"\b(?:emulsion|vinyl|latex)\b", RegexOptions.IgnoreCase);

    private static Regex Green =>
        field ??= new(@"\b(?:biocid\w*|fungicid\w*|mould|mold|algae|moss|lichen|mildew|green|killer|deck|slime|growth)\b", RegexOptions.IgnoreCase);

    private static Regex Scale => field ??= new(@"\b(?:scale|scaling|hammer\w*|chip\w*|pack\s+rust|heavy)\b", RegexOptions.IgnoreCase);

    private static Regex Neutral => field ??= new(@"\b(?:neutrali\w*|vinegar|citric|acid|alkali\w*|caustic)\b", RegexOptions.IgnoreCase);

    private static Regex Lime => field ??= new(@"\blime\b", RegexOptions.IgnoreCase);

    private static Regex SandOff =>
        field ??= new(
            @"\bsand\w*\b.*\b(?:right\s+off|varnish\s+off|paint\s+off|film\s+off|(?:back\s+)?to\s+bare|back\s+to\s+(?:the\s+)?(?:wood|timber))\b",
            RegexOptions.IgnoreCase
        );

    // Off a film or off wood: what lies there decides.
    private static Regex Dewax =>
        field ??= new(
            @"\bde-?wax\w*\b|\bwax\b[^.;]*\b(?:off|spirit|turps)\b|\b(?:spirit|turps)\b[^.;]*\bwax\b|\b(?:remov|lift|strip|clean)\w*\b[^.;]*\bwax\b",
            RegexOptions.IgnoreCase
        );

    // Made for the weather.
    private static Regex Exterior => field ??= new(@"\b(?:exterior|outside|outdoor|weather\s*(?:proof|shield)\w*)\b", RegexOptions.IgnoreCase);

    private static Regex Outside => field ??= new(@"\bmasonry\b", RegexOptions.IgnoreCase);

    private static Regex Mineral => field ??= new(@"\b(?:silicate|lime\s*wash|mineral)\b", RegexOptions.IgnoreCase);

    private static Regex Paint =>
        field ??= new(
            @"\b(?:coats?|paint\w*|gloss|satin\w*|eggshell|matt|matte|flat|emulsion|acrylic|latex|enamel|finish\w*|top\s*coats?|polyurethane|epoxy|body|x\s*\d)\b",
            RegexOptions.IgnoreCase
        );

    private static Regex Oil => field ??= new(@"\b(?:oil|alkyd|solvent|spirit[\s-]?based)\b|\boil[\s-](?:based|type)\b", RegexOptions.IgnoreCase);

    private static Regex Water =>
        field ??= new(@"\b(?:water[\s-]?(?:based|borne)|acrylic|latex|waterborne)\b(?!\s*(?:alkyd|stain))|\bwater\s+(?:epoxy|paint)\b", RegexOptions.IgnoreCase);

    private static Regex Shellac => field ??= new(@"\bshellac\b", RegexOptions.IgnoreCase);

    private static Regex TwoPart => field ??= new(@"\b(?:two[\s-]?(?:part|pack)|2[\s-]?(?:k|pack|part)|epoxy|polyurethane\s+two)\b", RegexOptions.IgnoreCase);

    private static Regex Clear => field ??= new(@"\b(?:varnish|clear|lacquer|stain)\b(?![\s-]*block)", RegexOptions.IgnoreCase);

    private static Regex Bonding => field ??= new(@"\b(?:bonding|adhesion|grip)\b", RegexOptions.IgnoreCase);

    private static Regex Zinc => field ??= new(@"\b(?:galv\w*|zinc)\b", RegexOptions.IgnoreCase);

    private static Regex Wet => field ??= new(@"\b(?:wet\w*|damp\w*|mist\w*|sponge|water)\b", RegexOptions.IgnoreCase);

    private static Regex Off => field ??= new(@"\b(?:off|distemper|sponge)\b", RegexOptions.IgnoreCase);

    // A machine works dry unless something tells otherwise.
    private static Regex DrySaid => field ??= new(@"\bdry\b|\bsanders?\b|\b(?:orbital|delta|palm|belt)\b", RegexOptions.IgnoreCase);

    private static Regex Paste => field ??= new(@"\b(?:paste|glue|size|paper|backing)\b", RegexOptions.IgnoreCase);

    private static Regex Extraction => field ??= new(@"\b(?:extract\w*|vac\w*|shroud\w*|dustless|filter|drum|edger|bag)\b", RegexOptions.IgnoreCase);

    private static Regex Overall => field ??= new(@"\b(?:all\s+over|all|whole|all\s+faces|everywhere|over\s+all)\b", RegexOptions.IgnoreCase);

    private static Regex Wood => field ??= new(@"\b(?:wood\w*|timber|pine|knots?|mdf|softwood|hardwood|oak)\b", RegexOptions.IgnoreCase);

    private static Regex Metal => field ??= new(@"\b(?:metal|steel|iron|rust\w*|galv\w*|zinc|screws?|bolts?|welds?)\b", RegexOptions.IgnoreCase);

    private static Regex Machine =>
        field ??= new(
            @"\b(?:orbital|delta|palm|belt|drum|edger|disc|machine|power|electric|sanders?|grinder|ground(?=\s+(?:to|off|back|down|out|smooth|bright|clean)\b)|flap|drill|wheel)\b",
            RegexOptions.IgnoreCase
        );

    private static Regex Thinned =>
        field ??= new(
            @"\b[2-9]\d\s*%|\bwatered\b|\bthin\w*\b|\blet\s+down\b|\bcut\s+(?:with|back)\b|\b1\s*:\s*\d|\b\d\s*:\s*1\b|\bmist\b|\bhalf\b",
            RegexOptions.IgnoreCase
        );

    private static Regex AllOverSaid =>
        field ??= new(@"\b(?:all\s+over|over\s+all|everywhere|all\s+faces|the\s+whole\s+(?:wall|face|ceiling|lot|thing|door|surface))\b", RegexOptions.IgnoreCase);

    // A coat, whatever it is laid on: "first coat on the patches".
    private static Regex CoatLed =>
        field ??= new(
            @"^(?:the\s+)?(?:first|second|third|one|two|three|1st|2nd)\s+(?:(?:full|thin|good)\s+)?coats?\b(?!\s+(?:of\s+)?(?:filler|plaster|render|skim))",
            RegexOptions.IgnoreCase
        );

    // What is sanded dull stays on.
    private static Regex Dulled => field ??= new(@"\b(?:dull|matte?|key(?:ed)?|no\s+shine|shine\s+off)\b", RegexOptions.IgnoreCase);

    private static Regex Lifting => field ??= new(@"\b(?:lift(?:ing|ed)|loose|flak\w*|peel\w*|blown)\b", RegexOptions.IgnoreCase);

    private static Regex FilmNamed => field ??= new(@"\b(?:emulsion|gloss|varnish|paint|film)\b(?!\s+(?:ed\s+)?paper)", RegexOptions.IgnoreCase);

    // What is keyed is a film.
    private static Regex Keyed => field ??= new(@"\bkey(?:ed|ing)?\b", RegexOptions.IgnoreCase);
}
