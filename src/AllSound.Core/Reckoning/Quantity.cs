using System.Collections.Frozen;
using System.Globalization;
using System.Text.RegularExpressions;

namespace AllSound.Core.Reckoning;

/// <summary>Reads numbers with the units that people write after them.</summary>
internal static partial class Quantity
{
    // What one of each is in the unit that its kind is reckoned in. Exact by definition (international yard and pound, US gallon).
    private static readonly FrozenDictionary<string, (string In, double Factor)> Units = new Dictionary<string, (string, double)>(StringComparer.Ordinal)
    {
        ["m"] = ("m", 1),
        ["cm"] = ("m", 0.01),
        ["mm"] = ("m", 0.001),
        ["ft"] = ("m", 0.3048),
        ["'"] = ("m", 0.3048),
        ["in"] = ("m", 0.0254),
        ["\""] = ("m", 0.0254),
        ["um"] = ("um", 1),
        ["µm"] = ("um", 1),
        ["mil"] = ("um", 25.4),
        ["m2"] = ("m2", 1),
        ["m²"] = ("m2", 1),
        ["sqft"] = ("m2", 0.09290304),
        ["ft2"] = ("m2", 0.09290304),
        ["l"] = ("L", 1),
        ["ml"] = ("L", 0.001),
        ["gal"] = ("L", 3.785411784),
        ["qt"] = ("L", 0.946352946),
        ["kg"] = ("kg", 1),
        ["g"] = ("kg", 0.001),
        ["lb"] = ("kg", 0.45359237),
        ["h"] = ("h", 1),
        ["min"] = ("h", 1.0 / 60),
        ["d"] = ("h", 24),
        ["%"] = ("%", 1),
        ["c"] = ("°C", 1),
        ["°c"] = ("°C", 1),
        ["kw"] = ("kW", 1),
        ["w"] = ("kW", 0.001),
    }.ToFrozenDictionary(StringComparer.Ordinal);

    [GeneratedRegex(@"^\s*(?<number>[-+]?\d+(?:[.,]\d+)?)\s*(?<unit>[a-zA-Zµ°%'""²2]*)\s*$")]
    private static partial Regex One();

    [GeneratedRegex(@"^\s*(?<feet>\d+)\s*(?:'|ft)\s*(?<inches>\d+(?:\.\d+)?)\s*(?:""|in)?\s*$")]
    private static partial Regex FeetAndInches();

    [GeneratedRegex(@"^\s*(?<number>[-+]?\d+(?:[.,]\d+)?)\s*°?[fF]\s*$")]
    private static partial Regex Fahrenheit();

    /// <summary>The number in the unit wanted; null where it is no number, or has a unit of another kind.</summary>
    /// <param name="text">As typed.</param>
    /// <param name="unit">The unit that is wanted, which a bare number is in.</param>
    public static double? Read(string text, string unit)
    {
        if (FeetAndInches().Match(text) is { Success: true } feet)
        {
            var metres = (Number(feet.Groups["feet"].Value) * 0.3048) + (Number(feet.Groups["inches"].Value) * 0.0254);
            return Wanted("m", metres, unit);
        }

        if (unit == "F")
        {
            return Read(text, "°C") is { } celsius ? (celsius * 1.8) + 32 : null;
        }

        if (unit == "°C" && Fahrenheit().Match(text) is { Success: true } hot)
        {
            return (Number(hot.Groups["number"].Value) - 32) / 1.8;
        }

        if (One().Match(text) is not { Success: true } one)
        {
            return null;
        }

        var number = Number(one.Groups["number"].Value);
        var said = one.Groups["unit"].Value.ToLowerInvariant();
        return said.Length == 0 || said == unit.ToLowerInvariant() ? number
            : Units.TryGetValue(said, out var known) ? Wanted(known.In, number * known.Factor, unit)
            : null;
    }

    // From the unit that its kind is reckoned in to the one wanted.
    private static double? Wanted(string from, double value, string unit) =>
        from == unit ? value
        : Units.TryGetValue(unit.ToLowerInvariant(), out var known) && known.In == from ? value / known.Factor
        : null;

    private static double Number(string text) => double.Parse(text.Replace(',', '.'), NumberStyles.Float, CultureInfo.InvariantCulture);
}
