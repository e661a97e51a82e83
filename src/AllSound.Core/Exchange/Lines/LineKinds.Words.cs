using System.Text.RegularExpressions;

namespace AllSound.Core.Exchange;

// The words by which a piece of a line is told to be a remark, a test, something worn, or not to be done.
internal static partial class LineKinds
{
    // What makes a coat rough is no sanding.
    private static Regex Gritted =>
        field ??= new(@"\bwith\s+(?:(?:silver|fine|dry|sharp|kiln[\s-]dried)\s+)?(?:sand|grit|quartz)\s+in\b[^,;.]*", RegexOptions.IgnoreCase);

    // What others do is none of these steps: "the licensed firm comes: they clean it and seal it".
    private static Regex ByOthers => field ??= new(@"(?<=[:;]\s*)they\s+[^.;]*", RegexOptions.IgnoreCase);

    // What a caulk is made of belongs to it: "caulk the joints, urethane acrylic".
    private static Regex OfCaulk =>
        field ??= new(@"(?<=\bcaulk\w*\b[^,;.]*),\s*(?=(?:(?:urethane|siliconi[sz]ed|polyurethane)\s+)?acrylic\b\s*(?:[,;.]|$))", RegexOptions.IgnoreCase);

    // Of what kind the primer is: "prime bare timber, acrylic, 1 coat".
    private static Regex OfPrimer =>
        field ??= new(
            @"(?<=\bprim(?:e|er)\b[^,;.]*),\s*"
                + @"(?=(?:acrylic|alkyd|oil(?:[\s-]based)?|water[\s-]?(?:based|borne)|solvent[\s-]?(?:based|borne)|two[\s-]part|2k)\b\s*(?:[,;.]|$))",
            RegexOptions.IgnoreCase
        );

    // Of what kind the paint is: "roof paint, acrylic satin".
    private static Regex OfPaint =>
        field ??= new(
            @"(?<=\b(?:roof|trim|metal|cladding|fence|outside|exterior)\s+paint),\s*(?=(?:acrylic|alkyd|oil|water|satin|gloss|matt|eggshell)\b)",
            RegexOptions.IgnoreCase
        );

    // Whoever puts himself right means what he says last: "two coats eggshell ... no, matt". Without the comma it is a denial: "undercoat ... no sanding".
    private static Regex Corrected =>
        field ??= new(
            @"(?<=^|[.;,]\s*)(?:(?<count>(?:two|three|four|[2-4])\s+coats?\s+)(?:of\s+)?)?[^.;,]*?(?:\s*(?:\.{2,}|…|--)\s*)(?:(?:no|sorry),|i\s+mean\b,?|make\s+that\b)\s*",
            RegexOptions.IgnoreCase
        );

    // What a paint keeps off is not what is done.
    private static Regex Resists =>
        field ??= new(
            @"\b(?:mould|mold|mildew|algae|fungus|stain|rust)[\s-](?:resist\w*|proof|inhibiting)\b|\b(?:mould|mold|mildew)[\s-]inhibit\w*"
                + @"|\banti[\s-]?(?:mould|mold|fungal|rust)\b",
            RegexOptions.IgnoreCase
        );

    private static Regex Guarded => field ??= new(@"\b(?:ff?p3|p3|disposable\s+(?:overalls?|suits?|coveralls?))\b", RegexOptions.IgnoreCase);

    private static Regex Cloth => field ??= new(@"\b(?:dust|cotton|cloth|canvas|drop|old)\s*(?:sheets?|cloths?)\b", RegexOptions.IgnoreCase);

    // Said by itself that is a result, and nothing that is not to be done.
    private static Regex Proved => field ??= new(@"^(?:and\s+|but\s+)?no\s+(?:lead|asbestos)(?:\s+(?:found|in\s+it|in\s+any|anywhere))?\W*$", RegexOptions.IgnoreCase);

    private static Regex Word => field ??= new(@"^(?:told|tell\s+(?:the\s+)?(?:owner|client)|note|nb|ps|owner|client|customer)\b", RegexOptions.IgnoreCase);

    private static Regex Onto =>
        field ??= new(
            @"\b(?:matt|matte|flat|emulsion|eggshell|satin\w*|gloss|silk|latex|paint)\s+(?:to|on)\s+(?:the\s+)?"
                + @"(?<part>walls|ceilings?|trim|wood\s*work|skirtings?|doors|floors?|radiators?)\b",
            RegexOptions.IgnoreCase
        );

    private static Regex WetAnd =>
        field ??= new(
            @"\b(?:mist|wet|damp(?:en)?|spray)"
                + @"(?:\s+(?:it|them|well|down|lightly|the\s+\w+|with\s+(?:a\s+)?(?:\w+\s+)?(?:water|spray|bottle))){0,2}\s+and\s+(?=scrap|sand|rub|flat|feather|abrad)",
            RegexOptions.IgnoreCase
        );

    // The paper of that name.
    private static Regex WetAndDry => field ??= new(@"\bwet\s*(?:&|\+|/|'?n'?|or)\s*dry\b", RegexOptions.IgnoreCase);

    private static Regex Mortar => field ??= new(@"\b(?:lime(?:\s+putty)?|cement)\s+and\s+sand\b|\bsand\s+and\s+(?:cement|lime)\b", RegexOptions.IgnoreCase);

    // What a paint is made of counts, also where it stands in brackets.
    private static Regex OfKind =>
        field ??= new(
            @"\(\s*(?:(?:white|grey|black|clear|red|quick\s+drying)\s+)?"
                + @"(?<kind>acrylic|alkyd|oil(?:[\s-]based)?|water[\s-]?(?:based|borne)|solvent(?:[\s-]based)?|shellac|two[\s-]part|2k|h[\s-]class|class[\s-]h|hepa)\s*\)",
            RegexOptions.IgnoreCase
        );

    private static Regex Brackets => field ??= new(@"\([^)]*\)?|\[[^\]]*\]?");

    // Masks are worn and laid: worn where something tells so.
    private static Regex Worn =>
        field ??= new(
            @"\b(?:with\s+)?(?:a\s+)?(?:"
                + @"(?:fine[\s-])?(?:dust|paper|right|fitted|half|full|vapou?r|organic\s+vapou?r|respirator|good|proper)[\s-]+masks?(?:\s+on)?"
                + @"|masks?(?:\s*(?:,|and|&)\s*(?:goggles|gloves|overalls|suits?))+(?:\s+on)?|masks?\s+(?:on|worn|for\s+the\s+\w+)|(?:with|in|wear)\s+(?:a\s+)?masks?|(?:ffp?|[ap])[1-3]\s+(?:masks?|filters?)|masks?\s+(?:ffp?|[ap])[1-3]"
                + @"|air[\s-]fed\s+(?:hood|mask|helmet)s?(?:\s+on\s+the\s+sprayer)?"
                + @")\b"
                + @"|\b(?:wear|with|in)\s+(?:a\s+|an\s+)?(?:\w+\s+){0,2}(?:respirator|goggles|gloves|overalls)\b|\bwith\s+a\s+vacuumed\s+block\b"
                + @"|\b(?:(?:overalls|gloves|suits?)\s+and\s+masks?(?:\s+on)?|goggles|gloves|overalls|ear\s*(?:muffs|defenders)|eye\s*wash(?:\s+bottle)?(?:\s+at\s+(?:hand|the\s+foot))?|respirator|knee\s*pads|spiked\s+shoes)\b",
            RegexOptions.IgnoreCase
        );

    // Why it is done, what comes of it, and how long till what is seen: up to the next comma or stop.
    private static Regex Reason =>
        field ??= new(
            @"\s*\b(?:"
                + @"so\s+(?:that\s+|it\s+|you\s+|they\s+|the\s+|all\s+|nothing\s+|vapou?r\s+)|because\b|which\s+"
                + @"|as\s+the\s+(?:data\s+)?(?:sheet|label|wall|pvc|wood|metal|coating)\b|saves\s+|stops\s+it\s+|gets\s+it\s+|goes\s+a\s+lot"
                + @"|(?:un)?till?\s+(?!(?:tomorrow|(?:the\s+)?(?:next\s+)?(?:day|morning))\b)|until\s+(?!(?:tomorrow|(?:the\s+)?(?:next\s+)?(?:day|morning))\b)|unless\s+"
                + @"|before\s+(?:any\s+|the\s+)?(?:wash\s*down|traffic|use|chemicals|handling)\b"
                + @"|(?:after|before)\s+the\s+(?:salt\s+|night\s+|morning\s+|evening\s+)?(?:dew|wind|rain|frost|sun|dark)\b|after\s+the\s+(?:odd|first)\s+ones\b"
                + @"|once\s+the\s+dew\b|if\b|to\s+(?:the\s+)?(?:data\s+|label\s+)?sheet\b"
                + @"|before\s+(?:it|the\s+last|last|each|any|tea|hanging|you|next|eating|drinking|smoking|lunch|dinner|leaving|going)\b"
                + @"|before\s+(?:the\s+)?(?:end\s+of\s+the\s+(?:day|shift)|day\s+is\s+out|night)\b"
                + @"|to\s+(?:save|stop|keep|let|be\s+painted)\b"
                + @")[^,.;]*",
            RegexOptions.IgnoreCase
        );

    private static Regex Denial =>
        field ??= new(
            @"(?<=\S\s*)\b(?:without|instead\s+of|rather\s+than|never|no|not|nor|don'?t|do\s+not|nothing|avoid(?:ing)?)\s+(?!less\b|more\s+than\b|later\b|earlier\b|sooner\b|too\b)\S",
            RegexOptions.IgnoreCase
        );

    private static Regex Denies =>
        field ??= new(
            @"^(?:and\s+|but\s+)?(?:"
                + @"no\b(?!\s*\d)|not\b|never\b|none\b|nothing\b|nobody\b|don'?t\b|do\s+not\b|without\b|avoid\b|neither\b|nor\b|skip\s+(?:the\s+)?\w|instead\s+of\b"
                + @"|rather\s+than\b"
                + @")"
                + @"|\b(?:is|are|was|were|does|do|has|have|need|must|can|should|will)(?:n'?t|\s+not)\b"
                + @"|^leave\s+(?:the\s+)?(?:old\s+)?(?:paste|paper|wax|silicone|size|heating|heat|heater)\s+(?:\w+\s+)?on\b|\bcannot\b|\bisn'?t\b"
                + @"|\bleave\s+\w+(?:\s+\w+)?\s+(?:alone|as\s+(?:it|they)\s+(?:is|are))\b|\bleft\s+(?:alone|as\s+(?:it|they)\s+(?:is|are|was))\b",
            RegexOptions.IgnoreCase
        );

    private static Regex Cares =>
        field ??= new(
            @"^(?:"
                + @"long\s+sleeves|masks|wash\s+hands.*|hands\s+and\s+face.*|hands\s+washed.*|p[23]|first\s+aid|eye\s*wash.*"
                + @"|(?:(?:clean|washing)\s+)?water(?:\s+to\s+hand)?|drink.*|heat,?\s+drink.*|shade|\W*(?:and|for|with)?\W*(?:for\s+(?:the\s+)?\w+)?\W*"
                + @")$"
                + @"|^(?:both\s+|and\s+)?(?:on|at\s+hand|by)$",
            RegexOptions.IgnoreCase
        );

    private static Regex Finds =>
        field ??= new(
            @"^(?:the\s+|still\s+)?(?:(?:dark|wet|damp|pale|pink)\s+(?:pink\s+|grey\s+)?(?:patches|spots|in\s+places)|(?:pale|pink|dark)\s+(?:pink\s+|grey\s+)?all\s+over)\b"
                + @"|^(?:\w+\s+)?(?:wood|timber|moisture|boards?)\s+(?:is\s+|are\s+)?(?:at\s+)?\d+(?:[.,]\d+)?\s*(?:%|per\s*cent)"
                + @"|^(?:new\s+)?(?:fan|extractor|leak|slates?|tiles|flashing|gutter|downpipe|tank\s+overflow|tank|roof|plumbing)\s+(?:(?!to\b|be\b|needs?\b|should\b|must\b|not\b|never\b|will\b)\w+\s+){0,3}?"
                + @"(?:fitted|installed|mended|fixed|repaired|renewed|replaced|sorted|running|working|seen\s+to|unblocked|cleared)\b"
                + @"|^\W*\d+(?:[.,]\d+)?\s*(?:%|percent|per\s+cent|deg\w*|°\s*c?|c\b|mg\b|um\b|microns?\b|micrometres\b)"
                + @"(?:\s+(?:on|in|at|by|rh|moisture|the|pins?|meter|rails?|sills?|slab|steel|now|today)\b.*)?\W*$"
                + @"|\b(?:lead|asbestos)\s+(?:spot\s+)?(?:tests?|swabs?|labs?|proved|proven|slips?)\b|\bno\s+lead\b"
                + @"|\b(?:meter|pins?(?=\s*(?:meter|read|say|show|at\b|on\b|in\b|\d|$))|probe|probes|hygrometer|(?<!\d\s?)gauge)\b(?!.*\b(?:then|until|till|wait)\b)"
                + @"|^(?:(?:about|now|only|is|it\s+is|some)\s+)*"
                + @"(?:\d+|an?|one|two|three|four|five|six|seven|eight|nine|ten|twelve|several|few|many)\s+(?:(?:dry|full|clear|good)\s+)?(?:wks?|weeks?|months?|days?|years?)\s*(?:old|dry)?\W*$"
                + @"|^(?:new\s+)?(?:plaster|render|skim|mud|concrete|slab|screed)\s+(?:\w+\s+)?"
                + @"(?:\d+|one|two|three|four|five|six|eight|ten|twelve)\s*(?:wks?|weeks?|days?|months?)(?:\s+old)?\b"
                + @"|^(?:the\s+)?(?:new\s+)?\w+\s+(?:is|are|was)\s+(?:now\s+|about\s+)?"
                + @"(?:\d+|an?|one|two|three|four|five|six|eight|ten|twelve)\s*(?:wks?|weeks?|months?|days?|years?)\s+old\b"
                + @"|\bto\s+see\s+(?:if|whether|what)\b|^(?:plaster|render|skim|screed)\s+(?:went|was)\s+(?:on|laid|done)\b"
                + @"|^(?:pale|even|dry|sound|firm|ok|okay|fine|good)(?:\s+(?:and|all\s+over|throughout))?\W*$"
                + @"|^(?:ceiling|wall|walls|plaster|wood|boards?|deck|slab|floor|render|brick\w*|it|all)\s+(?:is\s+|are\s+)?(?:dry|sound|firm)\W*$"
                + @"|^\w+\s+\w+\s+\d+\s*%\W*$|^still\s+\d|\bsampled\b|\bsamples?\s+(?:sent|taken|to\s+the\s+lab)\b|\bwet\s+finger\b|\bwater\s+drop\b|\bpalm\s+test\b"
                + @"|\btape\s+(?:test|pull)\b|\btrial\s+patch\b|\btest\s+patch\b|\bsalt\s+test\b|\bdust\s+rating\b|\bdew\s+point\b|\btape\s+over\b"
                + @"|\brub\w*\s+(?:it\s+)?with\s+(?:a\s+)?(?:sleeve|hand|finger|palm|dark\s+cloth)\b|\bwalk\s+test\b|\btest\s+strip\b"
                + @"|\b(?:mat|foil)\s+(?:test|taped|down)\b|\btaped\s+(?:mat|foil)\b"
                + @"|\b(?:sheet|plastic|polythene|poly)\s+(?:(?:is|was)\s+)?(?:taped|stuck)\s+(?:down|to|on)\b[^.;]*\b(?:over\s*night|16|24|72|a\s+day|hours?|sweat\w*|condens\w*)\b",
            RegexOptions.IgnoreCase
        );

    private static Regex Remarks =>
        field ??= new(
            @"^(?:seals|gaskets|hinges|locks)\s+(?:kept\s+|left\s+|stay\s+)?free\W*$|^(?:clean|wash|rinse)\w*\s+(?:out\s+)?(?:the\s+|your\s+|all\s+)?(?:brush(?:es)?|rollers?|tools|kit|equipment)\b"
                + @"|^(?:(?:right|down|back)\s+)*to\s+(?:the\s+)?(?:gloss|paint|film|primer|old\s+coat|undercoat)\W*$|^over\s+the\s+[^,;]*\b(?:as\s+well|too)\W*$"
                + @"|^on\s+(?:to\s+)?(?:the\s+)?\w+(?:\s+\w+)?\s+as\s+(?:it|they)\s+(?:is|are)\W*$|^(?:straight|right)\s+(?:on|over|on\s?to\s+it)\W*$"
                + @"|^(?:sheeted|covered|hung|tented|screened|shaded|protected|kept)\s+(?:\w+\s+){0,2}(?:against|from|out\s+of)\s+(?:the\s+)?(?:sun|wind|rain|frost|dew|weather)\b"
                + @"|^\d+\s*mm\s+on\s?to\b|^(?:same\s+(?:kit|mask|tools?|way)|screens?\s+(?:up|round)|tents?\s+up)\b"
                + @"|^(?:furniture|cars?|kids|children|doors?|drawers|handles|knobs|carpets?|curtains|books|residents|tenants|everybody|everyone)\s+(?:out|off|back|away|moved)\b"
                + @"|^(?:door|window)s?\s+shut\b|^(?:leave|as)\s+(?:on\s+)?as\s+the\s+(?:tin|label)\b"
                + @"|^(?:(?:oily|oil|spirit|stain|wet|spread|toss|put|hang)\s+)?(?:the\s+)?(?:\w+\s+)?(?:rags|cloths)\b|^(?:room|house|it|all)\s+(?:has|have)\s+been\b"
                + @"|^(?:heating|boiler|heat)\s+(?:goes\s+)?(?:back\s+)?on\b|\b(?:paint|film|varnish|finish)\s+stays?\b|^lift(?:ed)?\s+off\b|^bag(?:ged)?\s+(?:it|up|as|all|them|everything)\b"
                + @"|^stop\s+(?:at|by|when|if|for|work|painting)\b|\b(?:it|lime|quicklime)\s+burns?\b|^(?:drywall|plasterboard|studs?|battens?)\b.*\b(?:on|against)\b"
                + @"|^lift\s+(?:the\s+)?tacks\b|^feathered\s+(?:out|past|beyond)\b|^mop(?:ped)?\s+(?:it\s+)?up\b|^(?:(?:loose|cracked|failed|perished|old)\s+)?putty\b.*\bout\b"
                + @"|^(?:hack|rake|cut|chop|knock)\w*\s+(?:out\s+)?(?:the\s+)?(?:old|loose|failed|cracked|perished|bad|rotten|dead|dry|hard)\s+putty\b"
                + @"|^(?:start|begin)\s+(?:painting|coating|the\s+work|work)\b|^(?:first|each|every|last)\s+coat\s+(?:scrubbed|brushed|worked|laid)\b"
                + @"|^(?:an?\s+)?(?:drop|dash|squirt)\s+of\b|^every\s+(?:other|second)\b|^\d+(?:\s*-\s*\d+)?\s*(?:um|µm|mic\w*|g\s*/\s*m2|g/m²)\b.*$"
                + @"|^over\s+(?:the\s+)?(?:glazing\s+)?(?:seals|gaskets|glass)\b|^(?:the\s+)?whole\s+(?:floor|wall|face|ceiling|lot|room|house|surface)\W*$"
                + @"|^extraction\W*$|^to\s+(?:an?\s+)?(?:uniform|even|dull)\s+matte?\b|^(?:start|begin)\s+early\b|\bgets?\s+(?:too\s+)?hot\b|^crawl(?:ing)?\s+boards?\b"
                + @"|^number(?:ed)?\s+(?:them|the\s+doors)\b|^change\s+the\s+water\b"
                + @"|^(?:"
                + @"told|tell\s+the|he|she|they|i|we|owner|client|customer|foreman|note|nb|ps|ok|okay|price|quote|has\s+to|have\s+to|should|must|any\s+that|if|unless"
                + @"|until|till|when|because|so(?!\s+\w+\s+prim)|as|which|that|whitens|looks|goes\s+on\s+like|it\s+looks|it\s+goes|it\s+will|it'?ll|gets|keeps|saves|label"
                + @"|sheet\s+(?:says|gives|allows)|ready|inside\s+the\s+week|in\s+window|keep\s+(?:a\s+)?wet\s+edge|wet\s+edge|whole\s+bays|follow\s+the\s+shade|stop\s+by"
                + @"|under\s+\d|over\s+\d|above\s+\d|below\s+\d|about\s+\d+|mix\w*|stir\w*|of\s+\w+|soaks|dries|covers|hides|sticks|takes|gives|makes|helps|lasts|stops"
                + @")\b"
                + @"|\binside\s+of\s+the\s+gutters?\b|^(?:then\s+)?(?:odd|even)\W*$"
                + @"|^(?:and\s+)?(?:sprayed|back-?rolled|brushed\s+(?:in|out)|rolled|laid\s+off|worked\s+in|applied|scored|warmed)\b|\beach\s+later\s+coat\b"
                + @"|^(?!degreas|clean|wash|scrub|rub|sand|fill|touch|wip|remov)\w+\s+"
                + @"(?:marks|burns|sets|looks|goes|takes|needs|wants|dries|means|stays|stay|comes|gets|hides|gives|allows)\b"
                + @"|^(?!.*\bcoats?\b).*\bthe\s+same\s+way\b|\bcross[\s-]?line\b|\blining\s+paper\b|\bhang(?:ing)?\s+(?:the\s+)?paper\b"
                + @"|\b(?:quartz|sand|grit|aggregate)\b.*\b(?:cast|scatter\w*|broadcast|thrown)\b"
                + @"|\b(?:cast|scatter|broadcast|throw)\w*\s+(?:\w+\s+)?(?:quartz|sand|grit|aggregate)\b|^(?:keep|stay|stop)\s+off\b|^keep\s+(?:the\s+|all\s+)?(?:over)?(?:spray|dust|paint|splashes|drips|water)\s+off\b"
                + @"|^(?:re)?hang\w*\s+(?:(?:it|them|doors?|back)\s+)*(?:after|tomorrow|next)\b|^light\s+colours?\s+only\W*$"
                + @"|\b(?:gone|going|turned)\s+(?:all\s+)?(?:yellow|brown|grey|gray|dull|hard|chalky|brittle|sticky)\b|^(?:hi|hello|hey|thanks|thank\s+you|cheers|ta)\b"
                + @"|\bis\s+(?:this|that|it)\s+(?:right|ok|okay|correct|enough)\b|\b(?:to\s+supply|supply\s+of)\b.*\bfollowing\b|\btreated\s+as\s+follows\b"
                + @"|\b(?:proceed|carry\s+on|go\s+ahead)\s+with\s+the\s+following\b|\bthe\s+following\s*:?\W*$"
                + @"|^(?:my\s+)?(?:gaffer|boss|mate|foreman|dad)\s+(?:says|said|showed|told)\b"
                + @"|^(?:collect|in\s+(?:the\s+)?booth)\W*$"
                + @"|\bpreservative\b(?!.*\b(?:primer|paint|undercoat)\b)"
                + @"|^(?:lead|asbestos)\s*:\s*(?:yes|no|unknown)\W*$"
                + @"|^(?:fence|rope|cone)\w*\s+(?:it\s+|the\s+area\s+)?off\W*$|^(?:then\s+)?sweep(?:\s+(?:up|out|down|well|it))*\W*$|^numbered\b"
                + @"|^(?:handles|knobs|hinges|screws)\s+(?:in|into)\s+(?:a\s+)?bags?\b|^(?:two|three|\d)\s+(?:trained\s+)?(?:men|people|hands)\b|^harness\w*\b|^dew\W*$"
                + @"|^(?:overalls\s+|boots\s+)?(?:stay|left)\s+here\b|^(?:damp|wet)\W*$"
                + @"|^(?:wet(?:ted)?|damp(?:en)?(?:ed|ing)?|mist)\s+(?:the\s+)?"
                + @"(?:wall|face|surface|vault|ceiling|as\s+\w+\s+\w+|ahead|while|brick\w*|stone|render|it|down|again|lightly|well|only)\b"
                + @"(?!.*\b(?:coats?|lime\s*wash\w*|emulsion|sand\w*|scrap\w*|rub\w*|flat\w*|wip\w*|abrad\w*|film|biocide|fungicid\w*)\b)"
                + @"|\b(?:(?:wall|face|ceiling|it)\s+misted|(?:walls?|face|surface|plaster|ceiling|brickwork|stone|render)\s+(?:was\s+|is\s+|were\s+|are\s+|shall\s+be\s+|to\s+be\s+|will\s+be\s+)?(?:damp(?:en)?ed|wetted)|damped\s+(?:each|every|down))\b"
                + @"|^(?:rain|showers|frost|dew)\s+(?:is\s+)?(?:forecast|expected|due|coming)\b|^(?:raking\s+)?lamps?(?:\s+on)?\W*$"
                + @"|^wip\w*\s+(?:off\s+)?(?:the\s+)?(?:excess|surplus|(?:wet|shiny)\s+(?:patches|spots)|puddles)\b|^glass\s+(?:left|kept|wiped|to\s+be\s+left)\b|^(?:clear|empty)\s+(?:out\s+)?(?:the\s+)?(?:hall|flat|shop|church|deck|yard|stage)\b"
                + @"|^(?:everybody\s+|nobody\s+|all\s+)?off\s+the\s+(?:floor|deck|stairs?)\b|^(?:re-?)?bed(?:ded)?\b|\b(?:blocks?|boards?|tiles?)\s+(?:re)?bedded\b"
                + @"|^felt\s+under\b|^(?:lightly\s+)?mist(?:ed|ing)?\s+(?:it\s+|the\s+\w+\s+)?(?:with\s+(?:clean\s+|clear\s+)?water|each\s+time|again)\b"
                + @"|\bwritten?\s+(?:it\s+)?in\s+the\s+file\b"
                + @"|^(?:(?:yeah|yes|aye|yep|so|but|and|right)\W+)*(?:it|that|this)(?:'s|\s+is|\s+was)\s+"
                + @"(?:(?:just|only|all|an?|the|old|some\s+(?:kind|sort)\s+of|definitely|probably)\s+)*(?:"
                + @"shellac|french\s+polish|varnish|lacquer|oil|wax|gloss|emulsion|distemper|limewash|masonry\s+paint|bitumen|cellulose|vinyl|oak|pine|teak|mahogany"
                + @"|plaster|lime|cement|galv\w*|alumini?um|steel|iron"
                + @")\W*$",
            RegexOptions.IgnoreCase
        );

    // A swab that does not colour proves nothing: it reaches no coat below, and misses some kinds of lead.
    private static Regex Proof =>
        field ??= new(
            @"\b(?:lab\w*|x-?ray\w*|xrf|analys\w*|assay\w*)\b"
                + @"|^(?!.*\bswab)(?=.*\b(?:results?|reports?|certificates?|tests?|tested|slips?|samples?|sampled|proved|proven)\b)",
            RegexOptions.IgnoreCase | RegexOptions.Singleline
        );

    private static Regex Lead => field ??= new(@"\blead\b[^.;]*\b(?:clear|negative|absent|none|nil|free)\b|\bno\s+lead\b|\blead[\s-]free\b", RegexOptions.IgnoreCase);

    private static Regex Dry =>
        field ??= new(
            @"\b(?:meter|pins?|probes?)\b|^\W*(?:[5-9]|1[0-8])(?:[.,]\d+)?\s*%|\b(?:1[0-8]|[5-9])\s*%\W*$|\b(?:is|are)?\s*(?:bone\s+)?dry\b|\bpale\b",
            RegexOptions.IgnoreCase
        );

    private static Regex Tank =>
        field ??= new(
            @"\b(?:cap|disconnect|divert|shut|close|take)\w*\b[^;]*\b(?:tank|inlet|downpipes?)\b|\blisted\s+for\s+(?:potable|drinking)\b",
            RegexOptions.IgnoreCase
        );

    // Done, and not to be done: "leak to be fixed" is open.
    private static Regex Cured =>
        field ??= new(
            @"\b(?:fan|leak|roof|gutter|pipe|flashing|damp|extractor|downpipe|plumbing|drain)\b"
                + @"(?:(?!\b(?:to\s+be|needs?|should|must|not|never|will\s+be|waiting|isn'?t)\b)[^.;])*\b"
                + @"(?:mended|fixed|repaired|fitted|installed|running|cured|renewed|sorted|cleared|replaced|done)\b"
                + @"|\b(?:mended|fixed|repaired|cured|cleared)\b[^.;]*\b(?:fan|leak|roof|gutter|pipe|flashing|damp)\b",
            RegexOptions.IgnoreCase
        );

    // What flakes is set down and not taken off.
    private static Regex Held =>
        field ??= new(
            @"\b(?:set|lay|stick|fix|glue|consolidat)\w*\s+(?:down\s+)?(?:the\s+)?(?:\w+\s+)?(?:loose\s+|lifting\s+)?flakes\b"
                + @"|\b(?:lifted|lifting|loose)\s+(?:edges?|corners?|seams?|bits)\s+(?:\w+\s+)?(?:glued|stuck|pasted|put)\s+(?:back|down)\b",
            RegexOptions.IgnoreCase
        );

    private static Regex Part =>
        field ??= new(
            @"^\W*(?<part>walls?|ceilings?|trim|wood\s*work|skirtings?|doors?|windows?|frames?|floors?|radiators?|joinery|architraves?|bannisters?|banisters?|spindles)\s*[:\-–]",
            RegexOptions.IgnoreCase
        );
}
