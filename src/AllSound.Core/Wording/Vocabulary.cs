using System.Collections.Frozen;
using System.Text.RegularExpressions;

namespace AllSound.Core.Wording;

/// <summary>Terms of the trade that Britain and America say differently. From memory.</summary>
public static partial class Vocabulary
{
    // Longer sayings first, and what stays as it is before what would change it.
    private static readonly (string British, string American)[] Pairs =
    [
        ("white spirit", "mineral spirits"),
        ("methylated spirit", "denatured alcohol"),
        ("shellac knotting", "shellac knot sealer"),
        ("contract matt", "contractor flat"),
        ("durable matt", "washable flat"),
        ("matt emulsion", "flat latex paint"),
        ("silk emulsion", "satin latex paint"),
        ("wall emulsion", "latex wall paint"),
        ("emulsion paint", "latex paint"),
        ("wood filler", "wood filler"),
        ("grain filler", "grain filler"),
        ("two-part filler", "two-part filler"),
        ("filler primer", "filler primer"),
        ("tin plate", "tin plate"),
        ("timber frame", "wood frame"),
        ("dust sheet", "drop cloth"),
        ("sugar soap", "TSP substitute"),
        ("pebbledash", "pebble dash"),
        ("plasterboard", "drywall"),
        ("fibreboard", "fiberboard"),
        ("hessian", "burlap"),
        ("skirting board", "baseboard"),
        ("skirting", "baseboard"),
        ("architrave", "casing"),
        ("cornice", "crown molding"),
        ("moulding", "molding"),
        ("moulded", "molded"),
        ("emulsion", "latex paint"),
        ("render", "stucco"),
        ("filler", "spackle"),
        ("knotting", "knot sealer"),
        ("aluminium", "aluminum"),
        ("galvanised", "galvanized"),
        ("neutralise", "neutralize"),
        ("neutralised", "neutralized"),
        ("stabilising", "stabilizing"),
        ("stabilised", "stabilized"),
        ("stabilise", "stabilize"),
        ("crystallise", "crystallize"),
        ("crystallised", "crystallized"),
        ("sensitise", "sensitize"),
        ("sensitiser", "sensitizer"),
        ("organise", "organize"),
        ("levelled", "leveled"),
        ("shrivelled", "shriveled"),
        ("labelled", "labeled"),
        ("neighbour", "neighbor"),
        ("neighbouring", "neighboring"),
        ("mitre", "miter"),
        ("micrometre", "micrometer"),
        ("rubberising", "rubberizing"),
        ("panelling", "paneling"),
        ("sulphate", "sulfate"),
        ("mould", "mold"),
        ("mouldy", "moldy"),
        ("colour", "color"),
        ("coloured", "colored"),
        ("vapour", "vapor"),
        ("odour", "odor"),
        ("grey", "gray"),
        ("greyed", "grayed"),
        ("fibre", "fiber"),
        ("litre", "liter"),
        ("millimetre", "millimeter"),
        ("metre", "meter"),
        ("tin", "can"),
        ("timber", "wood"),
        ("matt", "flat"),
        ("tap water", "tap water"),
    ];

    private static readonly FrozenDictionary<string, string> Table = Pairs.ToFrozenDictionary(p => p.British, p => p.American, StringComparer.OrdinalIgnoreCase);

    private static readonly Regex Finder = new(
        $@"\b({string.Join('|', Pairs.Select(p => Regex.Escape(p.British)))})(s?)\b",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant | RegexOptions.Compiled
    );

    /// <summary>A text of the program in American terms. A capital stays a capital, a plural a plural.</summary>
    public static string American(string text) =>
        Finder.Replace(
            text,
            found =>
            {
                var word = Table[found.Groups[1].Value];
                var plural = found.Groups[2].Value.Length > 0 && !word.EndsWith('s') ? "s" : "";
                return (char.IsUpper(found.Value[0]) ? char.ToUpperInvariant(word[0]) + word[1..] : word) + plural;
            }
        );
}
