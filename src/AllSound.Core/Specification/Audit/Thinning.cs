using System.Globalization;
using System.Text.RegularExpressions;
using AllSound.Core.Materials;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>How far a coat is let down by what was written, against what it bears.</summary>
internal static partial class Thinning
{
    /// <summary>Id of the manner that says so.</summary>
    public const string Manner = "thinned-much";

    // What a measuring jug may be out by: percent. Judgement.
    private const double Slack = 5;

    /// <summary>The thinner as percent of the paint; null where the words give no figure, or name what belongs to the product.</summary>
    /// <param name="dilution">As written: "10 %", "1:3", "half water".</param>
    public static double? Percent(string? dilution)
    {
        if (dilution is null || Own.IsMatch(dilution))
        {
            return null;
        }

        if (Neat.IsMatch(dilution))
        {
            return 0;
        }

        if (Share.Match(dilution) is { Success: true } share)
        {
            return Number(share.Groups["n"].Value);
        }

        // Of two parts the paint is taken as the larger: whoever writes the thinner first means the same.
        if (Parts.Match(dilution) is { Success: true } parts && Number(parts.Groups["a"].Value) is var a and > 0 && Number(parts.Groups["b"].Value) is var b and > 0)
        {
            return 100 * Math.Min(a, b) / Math.Max(a, b);
        }

        // A third water is a third of the mixture to one, and a third of the paint to another: nobody is accused by the greater of the two.
        return Half.IsMatch(dilution) ? 100
            : Third.IsMatch(dilution) ? 33
            : Quarter.IsMatch(dilution) ? 25
            : null;
    }

    /// <summary>True where the coat is let down by more than it bears. What is washed, sealed or mist-coated has its own measure.</summary>
    /// <param name="act">The act.</param>
    /// <param name="dilution">As written.</param>
    public static bool TooFar(Act act, string? dilution) =>
        act is { Product: { } product, Operation.Role: not CoatRole.None }
        && product.Cover is not (Cover.Limewash or Cover.Sealer)
        && Percent(dilution) is { } percent
        && percent > Most(act.Operation, product) + Slack;

    /// <summary>The most that a coat bears, percent.</summary>
    public static double Most(Operation operation, CoatingClass product) =>
        // A first coat on bare wood or plaster may be let down further than the sheet says of a full coat. Common practice.
        Math.Max(
            Math.Max(operation.Thinning, product.ThinMost),
            product.Clear || Coating.SealsBare(operation) ? FirstCoat
                // Filler drinks like bare plaster.
                : operation.Id == "sp_fill" && product.Cover == Cover.Emulsion ? Operations.Find("se_mist")!.Thinning
                : 0
        );

    private const double FirstCoat = 20;

    private static double Number(string text) => double.Parse(text, CultureInfo.InvariantCulture);

    private static Regex Own => field ??= new(@"\b(?:fixative|medium|diluent|own\s+thinner)\b", RegexOptions.IgnoreCase);

    private static Regex Neat => field ??= new(@"\b(?:neat|undiluted|unthinned|full\s+strength|as\s+bought|straight\s+from)\b", RegexOptions.IgnoreCase);

    private static Regex Share => field ??= new(@"(?<n>\d+(?:\.\d+)?)\s*(?:%|per\s*cent|percent)", RegexOptions.IgnoreCase);

    private static Regex Parts => field ??= new(@"(?<a>\d+(?:\.\d+)?)\s*(?::|to|part\w*\s+(?:\w+\s+)?(?:to|in)|in)\s*(?<b>\d+(?:\.\d+)?)", RegexOptions.IgnoreCase);

    private static Regex Half => field ??= new(@"\bhalf\b|50\s*/\s*50|1\s*/\s*2", RegexOptions.IgnoreCase);

    private static Regex Third => field ??= new(@"\bthird\b|1\s*/\s*3", RegexOptions.IgnoreCase);

    private static Regex Quarter => field ??= new(@"\bquarter\b|1\s*/\s*4", RegexOptions.IgnoreCase);
}
