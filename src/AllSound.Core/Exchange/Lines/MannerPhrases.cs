using System.Collections.Immutable;
using System.Text.RegularExpressions;

namespace AllSound.Core.Exchange;

/// <summary>
/// How painters say the manners that an audit looks for: expressions over one line in small letters. Words that a line denies ("never in a heap") do not
/// count, save where the denial is what matters ("no goggles"). Common practice.
/// </summary>
internal static class MannerPhrases
{
    private const string Acid =
        @"(?:acid|descaler|scale remover|limescale remover|toilet cleaner|lavatory cleaner|brick cleaner|vinegar|hydrochloric|muriatic|phosphoric)";
    private const string Bleach = @"(?:bleach|hypochlorite|chlorine)";
    private const string Rubbish =
        @"(?:heap|pile[sd]?|box|bin|bag|bucket(?! of water)|corner|skip|sack|van|truck|ute|boot|shed|cupboard|closet|drawer|locker|under\s+the\s+(?:stairs|sink|bench))";
    private const string Coat = @"(?:coat|paint|gloss|finish|primer|undercoat|topcoat|eggshell|satin|varnish|emulsion)";

    // A coat that hides, said to go on what is bare.
    private const string Film =
        @"\b(?:undercoat(?:ed)?|gloss(?:ed)?|satin\w*|eggshell|enamel|top\s*coat)\b[^.;,]*\b(?:on|over|on\s?to)\s+(?:the\s+)?(?:(?:bare|raw)\s+|(?<=\bstraight\s+on\s+the\s+))";

    /// <summary>By manner: its expressions; those that speak of a neglect count where the line denies something.</summary>
    public static ImmutableArray<(string Manner, Regex Said, bool Denial)> All { get; } =
    [
        // People.
        Said("petrol", @"\b(?:petrol|gasoline|cellulose thinners?|lighter fluid)\b"),
        Said("bleach-acid", $@"\b{Bleach}\b.*\b{Acid}\b|\b{Acid}\b.*\b{Bleach}\b"),
        Said("bleach-ammonia", $@"\b{Bleach}\b.*\b(?:ammonia|ammoniated)\b|\bammonia\b.*\b{Bleach}\b"),
        Said(
            "rags-heap",
            $@"\b(?:(?<!\b(?:wet|damp)\s+)(?<!\b(?:wet|damp)\s+(?:rags?|cloths?)\b(?:(?!\b(?:oil|linseed|stain|spirit|solvent|turps|varnish|polish|wax))[^.;])*)rags?|(?:oily|oil|stain|spirit|linseed)\s+(?:cloths?|wipes))\b(?![^.;]*\b(?:flat|water|outdoors|lid|hung|wrung|rinsed)\b)[^.;]*\b(?:{Rubbish})\b"
                + @"|\b(?:{Rubbish})\b[^.;]{{0,20}}\b(?:oily|oil|stain|spirit)\s+(?:rags?|cloths?)\b"
                + @"|\b(?:ball|bundl|scrunch|screw|stuff)(?:e?d)?\s+(?:up\s+)?(?:the\s+)?(?:oily\s+|oil\s+)?rags\b(?![^.;]*\b(?:water|flat)\b)"
        ),
        Said("dust-bag", @"\bdust\s+bag\b[^.;]*\b(?:full|overnight|left|in\s+the\s+machine)\b|\bleave\b[^.;]*\bdust\s+bag\b"),
        Said(
            "flame-near-solvent",
            @"\b(?:"
                + @"pilot\s+(?:light\s+)?(?:on|lit|left|stays)"
                + @"|(?:heater|stove|fire|boiler|candle|burner|furnace)s?\s+(?:is\s+|stays\s+|left\s+)?(?:on|lit|going|burning|running)"
                + @")\b"
        ),
        Said(
            "smoking",
            @"(?<!\b(?:years|pipe|tobacco|cigar\w*|old|fire|of)\s+(?:\w+\s+)?)\bsmok(?:e|es|ing)\b(?!\s+(?:detector|alarm|seal|brush|strip|stain|damage|mark))"
        ),
        Said(
            "live-sockets",
            @"\b(?:sockets?|outlets?|switch(?:es)?|power|electrics?)\s+(?:still\s+|left\s+)?(?:live|on|hot)\b|\blive\s+(?:sockets?|outlets?|switch)"
                + @"|\b(?:sockets?|outlets?|switch(?:es)?)\b(?:(?!\b(?:not|no|never|un)\b|n't)[^.;]){0,12}\blive\b"
        ),
        Said(
            "ladder",
            @"\b(?:ladder|steps)\b[^.;]*\b(?:gutter|stair\s*treads?|on\s+the\s+stairs?|banister|handrail|bucket|table|chair|wet\s+leaves|soft\s+ground|lorry|van|pick-?up|truck|trailer)\b"
                + @"|\bone\s+foot\s+on\b|\b(?:stand|work|lean)\w*\s+(?:off|on|from)\s+(?:a\s+|the\s+)?(?:chair|bath|banister|handrail|radiator|sill)\b"
        ),
        Said(
            "household-vacuum",
            @"\b(?:house(?:hold)?|domestic|ordinary|kitchen|home)\s+(?:vac(?:uum)?|hoover)|\bsweep\b[^.;]*\b(?:broom|brush)\b|\bbroom\b"
                + @"|\bsw(?:eep|ept)\s+(?:it\s+|the\s+\w+\s+)?(?:all\s+)?up\b|\bdry\s+sweep|\bblow\w*\s+(?:off|down|out)\s+(?:the\s+)?dust|\bair\s*line\b"
        ),
        Said(
            "lead-in-use",
            @"\b(?:kitchen|room|rooms|house|flat|hall|stairs?)\s+(?:\w+\s+)?(?:stays?|left|kept|remains?)?\s*in\s+use\b|\bleave\b[^.;]*\bin\s+use\b"
                + @"|\b(?:kids?|children|child|family|toddler|baby)\s+(?:\w+\s+)?(?:stay|stays|in\s+the\s+room|at\s+home|playing|watch)"
        ),
        Said(
            "lead-back-soon",
            @"\b(?:child|children|kids?|family|baby|toddler|tenants?|they)\b[^.;]*\b(?:returns?|back|come\s+home|move\s+in|sleeps?)\b[^.;]*\b"
                + @"(?:night|evening|same\s+day|tonight|straight|at\s+once|tea)\b"
                + @"|\bback\s+in\s+(?:use\s+)?(?:the\s+)?same\s+(?:night|day|evening)\b"
        ),
        Said("cloth-bag", @"\bcloth\s+bag\b|\bpaper\s+bag\s+on\s+the\s+sander\b|\bown\s+bag\b"),
        Said(
            "lead-waste",
            @"\b(?:chips|flakes|waste|dust|debris|old\s+paint)\b[^.;]*\b(?:household|wheelie|dustbin|general\s+waste|skip|burn(?:t|ed)?|bonfire|garden)\b"
        ),
        Said("lead-jet", @"\b(?:jet|pressure)[\s-]?wash\w*\b[^.;]*\b(?:flak|loose|paint|off)|\b(?:blast|jet)\s+(?:off\s+)?the\s+(?:loose|flak)"),
        Denied(
            "silica",
            @"\b(?:grind|grinder|grinding|cut|cutting|chase|chasing|disc|saw)\w*\b[^;]*\b(?:no|without)\s+(?:dust\s+)?(?:extract\w*|vac\w*|water|shroud|hood)"
                + @"|\bdry\b[^.;]*\b(?:angle\s+)?grind\w*|\bgrind\w*\b[^.;]*\bdry\b"
        ),
        Said(
            "roost",
            @"\b(?:droppings?|guano|bats?|nests?)\b[^;]*\b(?:sweep|swept|remove|close|cover|block|mesh|seal|clear|fill)"
                + @"|\b(?:sweep|remove|clear|block)\w*\b[^.;]*\b(?:droppings?|nests?|roost)\b"
        ),
        Said("droppings-dry", @"\b(?:sweep|brush|scrape|vac)\w*\b[^.;]*\bdroppings?\b"),
        Said(
            "isocyanate-spray",
            @"^(?=.*\bspray)(?="
                + @".*(?:"
                + @"\b(?:two[\s-]?pack|2k|2[\s-]?pack)\b.*\b(?:polyurethane|pu|lacquer|finish|iso)\b|\bisocyanate|\biso\b"
                + @"|\bpolyurethane\b.*\b(?:2k|two[\s-]?pack|hardener)\b"
                + @")"
                + @").*\b(?:(?:dust|paper|half|cloth|cartridge|disposable)\s+mask|no\s+mask|mask\s+off)\b"
        ),
        Said(
            "shut-room",
            @"\b(?:windows?|room)\s+(?:and\s+\w+\s+)?(?:all\s+)?(?:kept\s+|stay\s+|left\s+)?(?:shut|closed)\b(?!\s+(?:off|up|and\s+sign))|\bshut\s+the\s+windows?\b"
                + @"|\bclose\s+(?:all\s+)?(?:the\s+)?(?:door\s+and\s+)?windows?\b"
        ),
        Said(
            "dust-mask-vapour",
            @"\b(?:dust|paper)\s+mask\b[^.;]*\b(?:stripper|solvent|fumes?|vapou?r|shellac|thinner|spirit)"
                + @"|\b(?:stripper|solvent|two[\s-]?pack|2k)\b[^.;]*\b(?:dust|paper)\s+mask"
        ),
        Denied("bare-eyes", @"\b(?:no|without)\s+(?:need\s+for\s+)?(?:goggles|gloves|eye\s+protection|mask)\b|\bbare\s+hands?\b"),
        Said(
            "run-off",
            @"\b(?:run[\s-]?off|rinse|wash(?:ings|\s+water)?|water|it|let\s+it)\b[^.;]*\b(?:to|into|down|in)\s+(?:the\s+)?"
                + @"(?:pond|stream|river|drain|gull(?:y|ies)|sewer|ditch|lake|sea|road)\b"
        ),
        Said(
            "scorch",
            @"\b(?:until|till)\s+it\s+smok(?:es|ed)|\b(?:heat|hot\s+air|burn\w*|torch|gun|lamp)\b[^.;]*\b(?:went\s+black|charred)\b|\bscorch|\bfull\s+heat\b"
                + @"|\b[5-9]\d\d\s*(?:deg|°|c\b)"
        ),
        Said("sheets-on-stair", @"\b(?:plastic|polythene|loose)\s+(?:dust\s*)?sheets?\b[^.;]*\bstairs?\b"),
        Said("fire-seal", @"\b(?:paint|coat|gloss|brush|satin\w*)\w*\b[^.;]*\b(?:intumescent|smoke\s+(?:seal|brush)|fire\s+seal|fire\s+strip)"),
        Said("gas-heater", @"\b(?:flueless|calor|bottled?\s+gas|gas|paraffin|kerosene|space|propane)\s+(?:gas\s+)?heaters?\b"),
        // Products.
        Said("bare-wood-uncovered", $@"{Film}(?:wood|timber|pine|oak)\b"),
        Said("bare-metal-uncovered", $@"{Film}(?:metal|steel|iron)\b"),
        Said(
            "pva",
            @"\bpva\b(?!\s*(?:drywall|latex|primer|paint))(?!.*\b(?:latex\s+type|paint\s+not\s+glue)\b)|\bwhite\s+glue\b|\bwood\s+glue\b[^.;]*\b(?:seal|water|wall)"
        ),
        Said(
            "silicone-painted",
            @"\bcaulk\w*\b(?![^.;]*\b(?:bath|shower|tray|basin|sink|sanitary|last)\b)[^.;]*,\s*silicone\W*$"
                + @"|\b(?:sanitary\s+|bathroom\s+)?silicone\b[^.;]*\b(?:gaps?|frames?|skirting|cracks?|trim|then\s+paint|and\s+paint|painted)\b"
                + @"|\b(?:gaps?|frames?|cracks?|trim|skirting)\b[^.;]*\b(?:with|in)\s+(?:\w+\s+)?silicone\b|\b(?:over|on)\s+(?:the\s+)?silicone\b"
        ),
        Said("silicone-polish", @"\b(?:silicone\s+spray|furniture\s+polish|spray\s+polish|wd\s*40)\b"),
        Said(
            "glue-left",
            @"\b(?:leav\w*|left|over|on\s+top\s+of|ignore)\s+(?:the\s+)?(?:old\s+)?(?:glue|paste|size|adhesive|residue)\b"
                + @"|\b(?:glue|paste|adhesive|size)\s+(?:is\s+|can\s+)?(?:left|stays?|stay\s+on)\b|\bseal\s+(?:in\s+)?the\s+(?:glue|paste)\b"
        ),
        Said(
            "repellent-under",
            @"\b(?:"
                + @"water\s*repell\w+|silane\w*|siloxane\s+cream|silicone\s+water\s*proof\w*|clear\s+sealer\s+against\s+rain"
                + @"|water\s*proof(?:er|ing)\s+(?:cream|fluid|liquid)"
                + @")"
        ),
        Said(
            "indoor-filler",
            @"\b(?:indoor|interior|lightweight|light\s+weight|ready[\s-]mixed\s+inside|plaster|gypsum)\s+(?:\w+\s+){0,3}filler\b|\bplaster\s+of\s+paris\b"
                + @"|\bone[\s-]?coat\s+plaster\b"
        ),
        Said(
            "rigid-in-movement",
            @"\b(?:moving|live|structural|settlement|4\s*mm|5\s*mm|expansion)\b[^.;]*\b(?:crack|joint)\b[^.;]*\b(?:rigid|hard|cement|two[\s-]?part|plaster|mortar)"
                + @"|\b(?:rigid|hard)\s+(?:\w+\s+)?filler\b[^.;]*\b(?:moving|crack\s+that\s+moves|joint)|\bcracks?\b[^.;]*\b(?:rigid|hard)\s+(?:\w+\s+)?filler"
        ),
        Said(
            "caulk-in-wood-split",
            @"\b(?:fill|caulk|mastic|filler)\b[^.;]*\b(?:rot|rotten|decay)\b|\b(?:rot|rotten|decay)\w*\b[^.;]*\b(?:fill|caulk|mastic|painted\s+over)"
        ),
        Said("by-eye", @"\bby\s+eye\b|\broughly\s+(?:half|mixed)|\bglug\b|\bsplash\s+of\s+hardener|\bguess\w*\b"),
        Said(
            "whole-kit",
            @"\bmix\w*\s+(?:the\s+)?(?:whole|all|full)\s+\d+\s*l\b|\bmix\w*\s+(?:it\s+|everything\s+|the\s+whole\s+\w+\s+)?all\s+at\s+once\b|\bwhole\s+\d+\s*l\b"
        ),
        Said(
            "past-pot-life",
            @"\b(?:mixed|left\s*over|yesterday'?s|last\s+night'?s)\b[^.;]*\b(?:two[\s-]?pack|2k|epoxy|kit)\b[^.;]*\b(?:yesterday|overnight|next\s+day|again)"
                + @"|\buse\s+up\s+(?:what\s+was|yesterday)|\bpast\s+(?:its\s+)?pot\s+life"
        ),
        Said(
            "wrong-thinner",
            @"\b(?:white\s+spirit|turps?|thinners?)\b[^.;]*\b(?:emulsion|acrylic|water\s*based|latex)\b"
                + @"|\b(?:emulsion|acrylic|latex)\b[^.;]*\b(?:thinned|let\s+down|cut)\b[^.;]*\b(?:white\s+spirit|turps?)"
                + @"|\b(?:oil|alkyd)\b[^.;]*\b(?:thinned|let\s+down|cut)\b[^.;]*\bwater\b"
        ),
        Said("other-hardener", @"\b(?:other|another|different|old|spare)\s+(?:\w+\s+)?hardener\b|\bhardener\s+from\b"),
        Said(
            "spirit-before-water",
            @"\b(?:wip\w*|rag|tack|cloth|dust)\b[^.;]*\b"
                + @"(?:white\s*spirit|mineral[\s-]spirits?|meths|turps?|solvent|thinners?)\b[^.;]*\b(?:then|and|before|straight|right)\b[^.;]*\b(?:water\s*borne|water\s*based|acrylic|emulsion|latex)"
        ),
        Denied("oil-not-wiped", @"\b(?:no|not|without|don'?t|never)\s+(?:any\s+)?wip(?:e|ed|ing)\b|\bflood\w*\b[^.;]*\boil\b"),
        Said(
            "on-sticky",
            @"\b(?:on|over|onto)\s+(?:the\s+|a\s+)?(?:still\s+)?(?:sticky|tacky|soft|wet)\s+(?:first|surface|coat|film|undercoat|primer)"
                + @"|\bstill\s+(?:tacky|sticky|soft)\b[^.;]*\bcoat|\bsticky\s+surface\b"
        ),
        Said(
            "thick-coat",
            $@"\b(?:one|single)\s+(?:good\s+)?(?:thick|heavy)\s+(?:\w+\s+)?{Coat}"
                + @"|\b(?:thick|heavy)\s+(?:as|coat)\b[^.;]*\b(?:save|instead|one\s+coat|do\s+it\s+in\s+one)|\blay\s+it\s+on\s+(?:thick|heavy)|\bload\w*\s+it\s+on\b"
        ),
        Said(
            "stabiliser-shiny",
            @"\bstabili[sz]\w*\b[^;]*\b(?:shin\w+|gloss\w*|glaz\w+|two\s+(?:full\s+)?coats|twice)\b|\b(?:two|2)\s+(?:full\s+)?coats\s+(?:of\s+)?stabili[sz]"
        ),
        Said(
            "biocide-short",
            @"\b(?:biocide|fungicid\w*|mould\s+killer|algae\s+killer|moss\s+killer|lichen\s+killer)\b[^;]*\b(?:rins\w*|wash\w*|jet)\b[^.;]*\b(?:after|straight|at\s+once|immediately|in)\s*(?:\w+\s+)?(?:min\w*|off|once|hour|away)"
        ),
        Said("acetone-plastic", @"\b(?:acetone|nail\s+varnish\s+remover|cellulose|thinners?|mek|xylene|petrol)\b"),
        Said("dark-plastic", @"\b(?:black|anthracite|dark\s+\w+|charcoal)\b"),
        Said(
            "seals-painted",
            @"\b(?:paint|coat|gloss|roll)\w*\b[^.;]*\b(?:over|on)\b[^.;]*\b"
                + @"(?:gaskets?|seals?|expansion\s+joints?|movement\s+joints?|weather\s*strips?|glazing\s+beads?\s+rubber|rubbers?|air\s*bricks?|weep\s*holes?|vents?)\b"
        ),
        Said(
            "painted-shut",
            @"\b(?:paint\w*|leave|left)\b[^.;]*\b(?:shut|closed)\s+(?:while|till|until)\s+(?:it\s+|the\s+paint\s+)?(?:dr|is\s+wet|wet)|\bpaint\w*\s+(?:it\s+)?shut\b"
                + @"|\bhours?\s+after\b[^.;]*\b(?:close|shut|latch)\w*\b"
                + @"|\bclose\w*\s+(?:it|them|the\s+\w+)\s+(?:while|with)\s+(?:the\s+)?(?:paint\s+)?(?:is\s+)?(?:still\s+)?(?:wet|tacky)"
        ),
        Said("hinges-painted", @"\bpaint\w*\s+(?:straight\s+)?over\s+(?:the\s+)?(?:hinges?|locks?|sockets?|switch(?:es)?|handles?|ironmongery)\b"),
        Said("acid-on-sealed", $@"\b(?:{Acid}|(?<!\bit\s+)etch\w*)\b"),
        Said("acid-on-lime", $@"\b{Acid}\b"),
        Said("caustic-on-aluminium", @"\b(?:caustic|lye|oven\s+cleaner|sodium\s+hydroxide)\b"),
        Said(
            "salts-washed",
            @"\b(?:wash|hos|rins|jet|scrub|wet|sponge)\w*\b[^.;]*\b(?:salts?|efflorescence|white\s+(?:bloom|fur|crystals))\b[^.;]*\b(?:water|hose|off|down|away)\b"
                + @"|\b(?:salts?|efflorescence)\b[^.;]*\b(?:washed|hosed|rinsed)\b"
        ),
        Said("forced-lime", @"\b(?:heater|heating|dehumidifier|hot\s+air|fan\s+heater)s?\b[^.;]*\b(?:dry|full|on|up|speed)\b|\bforce\w*\s+(?:it\s+)?dry\b"),
        Said(
            "old-tin",
            @"\b(?:frozen|skinned\s+over|gone\s+off|years?\s+old|old\s+tin|lumpy|smells\s+off)\b[^.;]*\b(?:paint|tin|emulsion|gloss|use|strain)"
                + @"|\b(?:old|left\s*over)\s+tin\s+from\b"
        ),
        // Tools.
        Said("steel-wool", @"\bsteel\s+wool\b|\bwire\s+wool\b"),
        Said("needle-on-sheet", @"\bneedle\s*(?:gun|scal\w+)\b"),
        Said(
            "jet-close",
            @"\b(?:jet|pressure)[\s-]?wash\w*\b[^;]*\b(?:close|\d+\s*cm|full\s+(?:power|blast|pressure)|turbo|pencil|hard|high\s+pressure)\b"
                + @"|\b(?:turbo|pencil)\s+(?:jet|nozzle)|\bat\s+\d{1,2}\s*cm\s+from\b"
        ),
        Said("jet-on-soft", @"\b(?:jet|pressure|power)[\s-]?wash\w*\b|\bpressure\s+washer\b|\b\d{2,3}\s*bar\b"),
        Said("wire-on-soft", @"\bwire[\s-]?brush\w*\b|\bcup\s+brush\b"),
        Said("coarse-on-veneer", @"\b(?:belt|orbital|disc|power|machine)\s*-?\s*sand\w*|\b(?:36|40|60|80)[\s-]*(?:grit|g\b)|\bgrit\s+(?:36|40|60|80)\b"),
        Said("machine-on-veneer", @"\b(?:belt|orbital|disc|power|machine)\s*-?\s*sand\w*\b.*\bveneer|\bveneer\b.*\b(?:belt|orbital|disc|power|machine)\s*-?\s*sand"),
        Said("coarse-between", @"\b(?:36|40|60|80)\s*(?:grit|g\b|paper)?\s+between\b|\bbetween\b[^.;]*\b(?:36|40|60|80)\s*(?:grit|g\b|paper)"),
        Said("cross-grain", @"\b(?:across|against)\s+the\s+grain\b|\bcross[\s-]?grain"),
        Said("worn-abrasive", @"\b(?:worn|dull|clogged|used)\s+(?:disc|paper|belt|abrasive|pad)\b"),
        Said("belt-on-wall", @"\bbelt[\s-]?sand\w*|\bdisc[\s-]?sand\w*"),
        Said(
            "tape-left",
            @"\btape\b[^.;]*\b(?:stays?|left|leave|up|on)\b[^.;]*\b"
                + @"(?:weeks?|month|(?:[4-9]|\d\d|four|five|six|seven|ten)\s+days|whole\s+(?:house|job)|end\s+of\s+the\s+job)\b"
                + @"|\bleave\s+(?:the\s+)?tape\b[^.;]*\b(?:weeks?|month|dry|hard|days)\b|\btape\s+off\s+(?:after|once)\b[^.;]*\b(?:weeks?|month|hard|cured)"
        ),
        Said("paint-on-glass", @"\bpaint\s+(?:left\s+)?on\s+(?:the\s+)?glass\b[^.;]*\b(?:left|leave|stays?|scrape\s+later|fine)|\bleave\b[^.;]*\bon\s+the\s+glass\b"),
        Said(
            "scrape-glue-hard",
            @"(?<!\b(?:fill|filler|repair|mend|make\s+good|patch)\w*\s+(?:in\s+|up\s+|any\s+|the\s+|all\s+)*)\bgoug\w*|\bdig\s+in\s+with\s+(?:the\s+)?scraper"
        ),
        Denied(
            "no-key",
            @"\b(?:no|not|without|don'?t|skip\s+the)\s+(?:any\s+)?(?:sand\w*|rub\w*|key\w*|abrad\w*|scuff\w*|flatt\w*)(?!\s*(?:between|dry|of\s+the\s+sound))\b"
        ),
        Said(
            "stain-not-dry",
            @"\b(?:one|two|three|four|five|six|[1-9])\s+hours?\s+after\s+stain\w*|\bstraight\s+(?:after|over|on\s+to|onto|on)\s+(?:the\s+)?(?:wet\s+)?stain\b"
        ),
        // Time and weather.
        Said(
            "dew",
            $@"\b(?:dew|fog|mist|frost|rain|showers|drizzle)\s+(?:is\s+|are\s+)?(?:forecast|due|coming|expected|to\s+come)\b"
                + @"|(?<!\b(?:off|avoid|stop|not|never)\b[^.;]*)\bwith\s+(?:dew|fog|frost|rain)\b"
                + @"|(?<!\b(?:if|when|unless|until|till|while|once|should)\s+)\b(?:and|it'?s|it\s+is)\s+(?:foggy|frosty|drizzling|raining)\b"
                + @"|\b(?:finish\w*|last\s+coat|{Coat})\b[^.;]*\b(?:at\s+)?(?:1[7-9]|2[0-3])[:.]\d\d|\b(?:at\s+)?dusk\b|\bbefore\s+the\s+rain\b"
                + @"|\bin\s+(?:the\s+)?(?:rain|drizzle|fog|frost)\b"
        ),
        Said(
            "dew-point",
            @"\b(?:9[0-9]|8[6-9])\s*%?\s*(?:rh|humidity|relative)|\brh\s*(?:of\s+)?(?:9\d|8[6-9])\b|\bcondensation\s+on\s+(?:it|the)\b"
                + @"|(?<!\b(?:if|when|until|till|unless|once|stop\w*|not|no)\s+(?:\w+\s+){0,3})\b(?:cold\s+and\s+)?(?:sweating|dripping\s+wet|running\s+with\s+(?:water|condensation))\b"
                + @"|\b(?:slab|steel|metal|face|wall)\b[^.;]*\b(?:sweat\w*|wet\s+with\s+dew)"
        ),
        Said(
            "on-wet",
            @"\b(?:walls?|boards?|face|surface|wood|render|brick\w*|steel|deck|plaster|concrete|blocks?|blockwork|masonry|slab)\s+(?:is\s+|are\s+)?still\b[^.;]*\b(?:wet|damp|dark)\b"
                + @"|\b(?:gloss|paint|coat|prim|varnish|undercoat|seal)\w*\s+(?:it|her|him|them|the\s+\w+)\s+(?:while|whilst)\s+(?:it|she|they|he|the\s+\w+)(?:\s+is|\s+are|'?s|'?re)?\s+(?:still\s+)?(?:wet|damp)\b"
                + @"|\bwhile\s+(?:it\s+is\s+|it'?s\s+)?still\s+(?:wet|damp)\b"
                + @"|\b(?:paint|prime|coat|start)\w*\b[^.;]*\b(?:on|over)\s+(?:the\s+)?(?:wet|damp)\s+(?:wall|wood|boards?|plaster|brick|render|steel)|\bdamp\s+or\s+not\b"
                + @"|\b(?:floor|slab|wall|wood|boards?|surface|face|plaster|it)\s*(?:is|are|'s)\s+(?:a\s+bit|still|slightly|a\s+little)\s+(?:damp|wet)\b"
                + @"|\bboards?\s+still\s+cool\s+and\s+dark\b"
        ),
        Denied(
            "no-meter",
            @"\b(?:no|without)\s+(?:a\s+)?(?:moisture\s+)?(?:meter|reading|test)\b[^.;]*\b(?:begin|start|paint|coat|oil|prime|needed)?|\bbegin\s+without\b"
        ),
        Said(
            "too-cold",
            @"(?<!\b(?:if|when|unless|until|till|while|once)\s+(?:it\s+)?)(?:\b(?:at|with|still|only|it'?s|is)\s+|(?<!\b(?:min(?:imum)?|lowest|least)\s+(?:air\s+)?)\b(?:air|temp(?:erature)?)\s+(?:of\s+|at\s+|is\s+|was\s+|:\s*)?)(?:-?[0-4]|minus\s+\d+)\s*(?:°|deg\w*|c\b|celsius)"
                + @"|\bfreezing\b|\bbelow\s+(?:zero|freezing)\b"
        ),
        Said(
            "mould-dry",
            @"\bdry[\s-]?(?:brush|scrap|sand|wip|dust)\w*\b[^.;]{0,35}\b(?:mould|mold|mildew)\b(?!-)"
                + @"|\b(?:brush|scrap|sand|dust|sweep)\w*\b[^.;]{0,25}\b(?:mould|mold|mildew)\b[^.;]{0,20}\bdry\b"
        ),
        Said(
            "cement-on-lime",
            @"^(?!"
                + @".*\b(?:fibre|fiber|instead|rather|hack|cut|rake|take|knock|remov|off)\w*\b|.*\blime[\s:/+-]+(?:and\s+)?cement\b"
                + @"|.*\bcement[\s:/+-]+(?:and\s+)?lime\s+(?!render|wall|plaster)"
                + @").*(?:"
                + @"\bcement\w*\b(?:\s+\w+){0,3}\s*(?:patch|fill|render|mortar|repair|point|skim|mix|on\b|in\b|over\b)"
                + @"|\b(?:patch|fill|render|mortar|repair|point|skim|make|made)\w*\b[^.;]*\b(?:with|in)\s+(?:\w+\s+){0,2}cement\b"
                + @")"
        ),
        Said(
            "mould-wiped",
            @"^(?!.*\bdry[\s-]?(?:brush|scrap|sand|wip|dust))"
                + @"(?!.*\b(?:bleach|biocid|fungicid|kill|hypochlor|mould\s+wash|anti))(?:.*\W)?(?:wip|brush|broom|sweep|sponge|scrap|dust|sand)\w*\b[^.;]{0,35}\b(?:mould|mold|mildew|(?:the|of)\s+(?:green|black)(?!\s+(?:paint|gloss|coat|marks|primer|enamel)\b))\b(?!-)"
        ),
        Said("no-meter", @"\b(?:looks?|nice\s+and|feels?|seems?)\s+(?:\w+\s+and\s+)?(?:light|pale|dry)\b[^.;]*\bso\b"),
        Said(
            "cords-painted",
            @"\b(?:gloss|paint|coat)\w*\b[^.;]*\b(?:cords?|pulleys?|running\s+(?:channels?|faces?))\b(?!\s+(?:kept|clean|masked|left|bare|free|not)\b)"
        ),
        Said("fire-leaf-cut", @"\bplan(?:e|ed|ing)\b[^.;]*\b(?:mm|edge|off|leaf)\b|\btrim\w*\s+(?:the\s+)?(?:door|leaf)\b"),
        Said("fire-wedged", @"\b(?:wedg(?:e|ed|ing)|prop(?:s|ped|ping)?)\b[^.;]*\bopen\b"),
        Said("escape-closed", @"\b(?:close|tape|shut|block)\w*\s+(?:off\s+)?the\s+(?:fire\s+)?(?:escape|exit)\b"),
        Said("drains-blocked", @"\b(?:fill|block|seal|caulk|plug)\w*\b[^.;]*\b(?:drain|weep)\s*holes?\b"),
        Said(
            "slippery-treads",
            @"\b(?:gloss|enamel)\b(?![^.;]*\b(?:grit|sand|non-?slip|grip)\b)[^.;]*"
                + @"(?<!\b(?:nobody|no\s*one|off|stay|keep\s+off)\s+(?:on\s+)?(?:the\s+)?)\b(?:treads|steps)\b"
        ),
        Said("moving-parts-painted", @"\b(?:paint|coat)\w*\s+over\s+(?:the\s+)?(?:\w+\s+and\s+)?(?:hinges|pivots?|drop\s+ladder|counterweight|latches)\b"),
        Said("paper-mask", @"\bpaper\s+(?:dust\s+)?mask\b"),
        Said("board-on-damp", @"\b(?:drywall|plasterboard|studs|boards?|lining)\b[^.;]*\b(?:straight|tight|hard)\s+(?:on|against|to)\b"),
        Said("hot-sun", @"\bin\s+(?:the\s+)?(?:full|hot|midday|blazing|direct)\s+sun\b|\bhot\s+to\s+(?:the\s+)?touch\b|\bsun\s+on\s+it\b"),
        Said(
            "early-use",
            @"\b(?:car|cars|drive|driven|forklift|rugs?|furniture|mats?|shower|bath|books|load|tools|foot\s*traffic|walk\w*)\b[^.;]*\b(?:same|that)\s+(?:evening|night|day)\b"
                + @"|\b(?:car|cars|drive|forklift)\b[^.;]*\b(?:after|in|on)\s+(?:(?:one|two|three|1|2|3)\s+days?|day\s+[1-4]|24\s*h|12\s*h)"
                + @"|\b(?:hang|rehang|stack|refit)\w*\b[^.;]*\b(?:an|one|two|three|four|[1-4])\s+(?:h|hrs?|hours?)\s+after\b|\brubber[\s-](?:backed|feet|mats?)\b"
                + @"|\b(?:shower|bath)\b[^.;]*\b(?:after|in)\s+(?:a\s+day|one\s+day|24\s*h|12\s*h|two\s+days)"
        ),
        Said(
            "wetted",
            @"^(?:\W|\d)*(?:wet|damp(?:en)?|mist)\w*\s+(?:the\s+)?(?:wall|face|surface|brick|render|plaster|it)\b"
                + @"(?![^.;]*\b(?:sand|scrap|rub|wip|abrad|flak|strip)\w*)"
        ),
        Said(
            "hot-radiator",
            @"\b(?:radiator|pipes?|heating)\b[^.;]*\b(?:hot|warm|on|running)\b[^.;]*\b(?:paint\w*|coat\w*|dry\w*|dries)|\bheating\s+(?:\w+\s+)?ticking\b"
                + @"|\b(?:leave|keep)\w*\s+(?:the\s+)?(?:heating|radiators?|rads?)\s+(?:on|running|warm|hot|low)\b|\bpaint\w*\b[^.;]*\b(?:hot|warm)\s+(?:radiator|pipes?)"
                + @"|\b(?:leave|keep|left|kept)\s+(?:it|them)\s+(?:hot|warm|on\s+(?:so|to\s+(?:dry|speed|help)))\b|\bwhile\s+(?:(?:it|they|the\s+\w+)(?:\s+(?:is|are)|'?s|'?re)?\s+|still\s+)*(?:hot|warm)\b"
                + @"|\b(?:heating|boiler|rads?|radiators?)\s+(?:stays?|left|kept|still)\s+(?:on|hot|warm|running)\b"
        ),
    ];

    private static (string Manner, Regex Said, bool Denial) Said(string manner, string expression) => (manner, Of(expression), false);

    private static (string Manner, Regex Said, bool Denial) Denied(string manner, string expression) => (manner, Of(expression), true);

    private static Regex Of(string expression) => new(expression, RegexOptions.IgnoreCase | RegexOptions.CultureInvariant);
}
