using System.Text.RegularExpressions;

namespace AllSound.Core.Exchange;

// The words themselves, as painters write them.
internal static partial class Families
{
    [GeneratedRegex(
        @"\b(?:spot|touch)\w*[\s-]*(?:in|up|prim\w*|the\s+filler|fill\w*|seal\w*|bare|\w+\s+on\s+the\s+fill\w*)|\bspot\b|\btouch\b"
            + @"|\bdab\w*\s+(?:it|them|the\s+(?:filler|fill|repairs|knots|bare|patch\w*))\b",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Spot();

    [GeneratedRegex(@"\b(?:sugar\s*soap|detergent|washing[\s-]+up)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Soap();

    [GeneratedRegex(@"\b(?:soot|smok\w*|fire|spirit)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Sooty();

    [GeneratedRegex(@"\b(?:spot|touch)\w*\b[^,;]*\b(?:the\s+)?fill(?:er|ing)?\b", RegexOptions.IgnoreCase)]
    private static partial Regex SpotOnFiller();

    [GeneratedRegex(@"\bprim(?:e|er|ers|ed|ing)\b|\bundercoater\b|\bfirst\s+coat\s+of\s+primer\b", RegexOptions.IgnoreCase)]
    private static partial Regex Prime();

    [GeneratedRegex(@"\bprimer\b(?!\s*(?:,|and\b|or\b|&|-))", RegexOptions.IgnoreCase)]
    private static partial Regex PrimerNamed();

    [GeneratedRegex(@"\bunder\s*coat\w*\b", RegexOptions.IgnoreCase)]
    private static partial Regex Undercoat();

    [GeneratedRegex(@"\b(?:stain[\s-]?block\w*|block\w*(?!\s+(?:brush|work|wall|floor))|shellac|knot\w*|stain\s+sealer)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Block();

    [GeneratedRegex(@"\b(?:seal\w*|stabili[sz]\w*|bind\w*|consolidat\w*|primer[\s-]?sealer|size)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Sealer();

    [GeneratedRegex(
        @"\b(?:fill\w*|stopping|stop(?=\s+(?:up|in|holes|nail))|putty|mak\w+\s+good|mortar|patch\w*|repoint\w*|point(?:ing)?|spackl\w*|(?:filling|repair)\s+paste)\b",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Fill();

    [GeneratedRegex(@"\b(?:scrap\w*|brush\w*\s+(?:off|down|dry|again|out)|loose\b.*\boff|flak\w*|bristle|pick\s+off)\b|\bbrush\s+loose\b", RegexOptions.IgnoreCase)]
    private static partial Regex Scrape();

    [GeneratedRegex(
        @"\b(?:"
            + @"sand\w*|orbital|rub\w*"
            + @"|(?<!\b(?:laid|spread|dried|dry|hung|left|out)\s+)flat(?:ted|ting|ten\w*)?(?!\s*(?:x\s*\d|latex|paint|acrylic|coat|on\b|out|to\s+dry))|key\w*|scuff\w*"
            + @"|abrad\w*|dull\w*|de-?nib\w*|feather\w*|nibs?|\d{2,3}\s*(?:grit|g\b)|grey\s+off|ease\b.*\barris\w*|sharp\s+edges|non-?woven|pad"
            + @")\b"
            + @"|\b(?:80|100|120|150|180|220|240|320)\b(?!\s*(?:u?m\b|µm|mic|mm|m2|l\b|litre|%|h\b|hours?|days?|deg|mg|g/))",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Rub();

    [GeneratedRegex(@"\b(?:rust\w*|bright|scale|wire[\s-]?brush\w*|emery)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Rust();

    [GeneratedRegex(@"\b(?:wash\w*|sponge|(?:warm|hot|soapy)\s+water|detergent|sugar\s*soap|degreas\w*|clean\w*|soap|scrub\w*|cleaner)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Wash();

    [GeneratedRegex(@"\brins\w*|\bhose\b|\bneutrali[sz]\w*", RegexOptions.IgnoreCase)]
    private static partial Regex Rinse();

    [GeneratedRegex(@"\b(?:biocid\w*|fungicid\w*|mould|mold|algae|moss|lichen|mildew|green\b.*\bscraped|killer)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Growth();

    [GeneratedRegex(@"\b(?:dust\w*|vac\w*|hoover\w*|tack|brush\s+(?:down|off|out)|wipe\w*)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Dust();

    [GeneratedRegex(@"(?<!\bwet[\s-](?:and|or|&|n)[\s-])\b(?:dr(?:y|ies|ied|ying)|cure|harden|days?\s+dry)\b(?!-)", RegexOptions.IgnoreCase)]
    private static partial Regex Dry();

    [GeneratedRegex(@"\b(?:caulk\w*|mastic|sealant|silicone|decorators)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Caulk();

    [GeneratedRegex(
        @"\b(?:strip(?!s\b)\w*|(?:old|all)\b[^,;]*\b(?:varnish|paint|film|distemper|of\s+it)\s+off|stripper|burn\s*off|off\s+to\s+(?:bare|plaster|wood|metal))\b",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Strip();

    [GeneratedRegex(@"\b(?:diamond|csp|scabbl\w*)\b|\bgrind\w*\s+(?:the\s+)?(?:floor|slab|concrete|skin|flush)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Grind();

    // What takes the skin off concrete.
    [GeneratedRegex(
        @"\brubbing\s+(?:block|brick|stone)|\bcarborundum\b|\b(?:16|24|36|40)\s*(?:grit|g\b)|\brotary\b|\bfloor\s+(?:sander|grinder)\b",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Coarse();

    [GeneratedRegex(@"\b(?:one|a|1|full|single)\s+(?:full\s+)?coat\b", RegexOptions.IgnoreCase)]
    private static partial Regex OneCoat();

    [GeneratedRegex(@"\b(?:tower|scaffold|platform|podium|ladder|trestles?|hop[\s-]?up|boards?\s+on)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Reach();

    [GeneratedRegex(
        @"\b(?:sheet\w*|contain\w*|polythene|poly\s+(?:on|over|down)|plastic\s+(?:on|over|down|across)|sealed\s+off|(?<!\bbags?\s)taped)\b",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Sheeted();

    [GeneratedRegex(@"\b(?:mortar|point(?:ing|ed)?|repoint\w*)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Repoint();

    [GeneratedRegex(@"\b(?:render\w*|plaster\w*|patch\w*|mortar)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Patching();

    // A tool named is the tool meant.
    [GeneratedRegex(@"\b(?:hot\s+air|heat\s*gun|infra|steam\w*|gel|stripper|poultice|caustic|dip\w*|blast\w*|torch|lamp|needle|scrap\w*)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Stripped();

    [GeneratedRegex(@"\b(?:hepa|filter|lead|h[\s-]class|m[\s-]class|class[\s-][hm]|h[\s-](?:vac\w*|hoover))\b|\bwet[\s-]?wip\w*", RegexOptions.IgnoreCase)]
    private static partial Regex Filtered();

    [GeneratedRegex(@"\b(?:(?<!\bbags?\s)taped|contain\w*|polythene|sealed\s+off|zone|sheeted|shut\s+and\s+signed|sheets?\s+\d)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Contained();

    [GeneratedRegex(@"\bstripe\b", RegexOptions.IgnoreCase)]
    private static partial Regex Stripe();

    // A coat alone may be of anything.
    [GeneratedRegex(
        @"(?<=[a-z]\s)paint\b|\bpaint(?=\s+(?:the\s+)?[a-z])"
            + @"|\b(?:gloss(?:ed)?|varnished|satin\w*|eggshell|emulsion|acrylic|latex|enamel|finish|top\s*coats?|polyurethane|epoxy|body\s+coat)\b",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex PaintNamed();

    // A sheen by itself may be of the ground: "down to an even matt face".
    [GeneratedRegex(
        @"\bcoats?\b|\bpaint\w*\b|\b(?:varnish|lacquer|stain|oil|wax|lime\s*wash|silicate|masonry)\b|^\W*spray\w*\b"
            + @"|^\W*(?:then\s+)?(?:\d+\s+|two\s+|three\s+)?(?:\w+\s+)?(?:matte?|flat|silk)\b",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex CoatNamed();

    [GeneratedRegex(@"\bepoxy\b", RegexOptions.IgnoreCase)]
    private static partial Regex Epoxy();

    // What lets in movement is caulked; the rest is filled.
    [GeneratedRegex(@"\b(?:gaps?|joints?|cracks?|flexible|along|round|between|seams?|edges)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Gap();

    [GeneratedRegex(@"\b(?:everything|all|whole|spray\w*|film|windows?|mask\w*)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Everything();

    // Primed with the paint of the wall itself.
    [GeneratedRegex(@"\bwith\s+(?:the\s+|a\s+bit\s+of\s+|thinned\s+|wall\s+)*(?:matte?|silk|emulsion|latex|wall\s+paint)\b", RegexOptions.IgnoreCase)]
    private static partial Regex WithWallPaint();

    [GeneratedRegex(@"\bzinc\s+phosphate\b", RegexOptions.IgnoreCase)]
    private static partial Regex ZincPhosphate();

    [GeneratedRegex(@"\bacrylic\b", RegexOptions.IgnoreCase)]
    private static partial Regex Acrylic();

    [GeneratedRegex(@"\balkali\w*\b", RegexOptions.IgnoreCase)]
    private static partial Regex Alkali();

    [GeneratedRegex(@"\bde-?nib\w*|\bnibs?\b", RegexOptions.IgnoreCase)]
    private static partial Regex Denib();

    [GeneratedRegex(@"\bpolyurethane\b", RegexOptions.IgnoreCase)]
    private static partial Regex Polyurethane();

    [GeneratedRegex(@"\bgloss\b", RegexOptions.IgnoreCase)]
    private static partial Regex Gloss();

    [GeneratedRegex(@"\b(?:satin\w*|silk|soft\s+sheen)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Satin();

    [GeneratedRegex(@"\beggshell\b", RegexOptions.IgnoreCase)]
    private static partial Regex Eggshell();

    [GeneratedRegex(@"\b(?:matt|matte|flat)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Matt();

    [GeneratedRegex(@"\b(?:emulsion|vinyl|wall\s+paint|latex)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Wall();

    [GeneratedRegex(@"\b(?:emulsion|vinyl|latex)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Emulsion();

    [GeneratedRegex(@"\b(?:biocid\w*|fungicid\w*|mould|mold|algae|moss|lichen|mildew|green|killer|deck|slime|growth)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Green();

    [GeneratedRegex(@"\b(?:scale|scaling|hammer\w*|chip\w*|pack\s+rust|heavy)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Scale();

    [GeneratedRegex(@"\b(?:neutrali\w*|vinegar|citric|acid|alkali\w*|caustic)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Neutral();

    [GeneratedRegex(@"\blime\b", RegexOptions.IgnoreCase)]
    private static partial Regex Lime();

    [GeneratedRegex(
        @"\bsand\w*\b.*\b(?:right\s+off|varnish\s+off|paint\s+off|film\s+off|(?:back\s+)?to\s+bare|back\s+to\s+(?:the\s+)?(?:wood|timber))\b",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex SandOff();

    // Off a film or off wood: what lies there decides.
    [GeneratedRegex(
        @"\bde-?wax\w*\b|\bwax\b[^.;]*\b(?:off|spirit|turps)\b|\b(?:spirit|turps)\b[^.;]*\bwax\b|\b(?:remov|lift|strip|clean)\w*\b[^.;]*\bwax\b",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Dewax();

    // Made for the weather.
    [GeneratedRegex(@"\b(?:exterior|outside|outdoor|weather\s*(?:proof|shield)\w*)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Exterior();

    [GeneratedRegex(@"\bmasonry\b", RegexOptions.IgnoreCase)]
    private static partial Regex Outside();

    [GeneratedRegex(@"\b(?:silicate|lime\s*wash|mineral)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Mineral();

    [GeneratedRegex(
        @"\b(?:coats?|paint\w*|gloss|satin\w*|eggshell|matt|matte|flat|emulsion|acrylic|latex|enamel|finish\w*|top\s*coats?|polyurethane|epoxy|body|x\s*\d)\b",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Paint();

    [GeneratedRegex(@"\b(?:oil|alkyd|solvent|spirit[\s-]?based)\b|\boil[\s-](?:based|type)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Oil();

    [GeneratedRegex(@"\b(?:water[\s-]?(?:based|borne)|acrylic|latex|waterborne)\b(?!\s*(?:alkyd|stain))|\bwater\s+(?:epoxy|paint)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Water();

    [GeneratedRegex(@"\bshellac\b", RegexOptions.IgnoreCase)]
    private static partial Regex Shellac();

    [GeneratedRegex(@"\b(?:two[\s-]?(?:part|pack)|2[\s-]?(?:k|pack|part)|epoxy|polyurethane\s+two)\b", RegexOptions.IgnoreCase)]
    private static partial Regex TwoPart();

    [GeneratedRegex(@"\b(?:varnish|clear|lacquer|stain)\b(?![\s-]*block)", RegexOptions.IgnoreCase)]
    private static partial Regex Clear();

    [GeneratedRegex(@"\b(?:bonding|adhesion|grip)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Bonding();

    [GeneratedRegex(@"\b(?:galv\w*|zinc)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Zinc();

    [GeneratedRegex(@"\b(?:wet\w*|damp\w*|mist\w*|sponge|water)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Wet();

    [GeneratedRegex(@"\b(?:off|distemper|sponge)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Off();

    // A machine works dry unless something tells otherwise.
    [GeneratedRegex(@"\bdry\b|\bsanders?\b|\b(?:orbital|delta|palm|belt)\b", RegexOptions.IgnoreCase)]
    private static partial Regex DrySaid();

    [GeneratedRegex(@"\b(?:paste|glue|size|paper|backing)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Paste();

    [GeneratedRegex(@"\b(?:extract\w*|vac\w*|shroud\w*|dustless|filter|drum|edger|bag)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Extraction();

    [GeneratedRegex(@"\b(?:all\s+over|all|whole|all\s+faces|everywhere|over\s+all)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Overall();

    [GeneratedRegex(@"\b(?:wood\w*|timber|pine|knots?|mdf|softwood|hardwood|oak)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Wood();

    [GeneratedRegex(@"\b(?:metal|steel|iron|rust\w*|galv\w*|zinc|screws?|bolts?|welds?)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Metal();

    [GeneratedRegex(@"\b(?:orbital|delta|palm|belt|drum|edger|disc|machine|power|electric|sanders?|grinder|drill|wheel)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Machine();

    [GeneratedRegex(
        @"\b[2-9]\d\s*%|\bwatered\b|\bthin\w*\b|\blet\s+down\b|\bcut\s+(?:with|back)\b|\b1\s*:\s*\d|\b\d\s*:\s*1\b|\bmist\b|\bhalf\b",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Thinned();

    [GeneratedRegex(@"\b(?:all\s+over|over\s+all|everywhere|all\s+faces|the\s+whole\s+(?:wall|face|ceiling|lot|thing|door|surface))\b", RegexOptions.IgnoreCase)]
    private static partial Regex AllOverSaid();

    // A coat, whatever it is laid on: "first coat on the patches".
    [GeneratedRegex(
        @"^(?:the\s+)?(?:first|second|third|one|two|three|1st|2nd)\s+(?:(?:full|thin|good)\s+)?coats?\b(?!\s+(?:of\s+)?(?:filler|plaster|render|skim))",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex CoatLed();

    // What is sanded dull stays on.
    [GeneratedRegex(@"\b(?:dull|matte?|key(?:ed)?|no\s+shine|shine\s+off)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Dulled();

    [GeneratedRegex(@"\b(?:lift(?:ing|ed)|loose|flak\w*|peel\w*|blown)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Lifting();

    [GeneratedRegex(@"\b(?:emulsion|gloss|varnish|paint|film)\b(?!\s+(?:ed\s+)?paper)", RegexOptions.IgnoreCase)]
    private static partial Regex FilmNamed();

    // What is keyed is a film.
    [GeneratedRegex(@"\bkey(?:ed|ing)?\b", RegexOptions.IgnoreCase)]
    private static partial Regex Keyed();
}
