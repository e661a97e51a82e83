using System.Globalization;
using System.Text.RegularExpressions;

namespace AllSound.Core.Wording;

/// <summary>
/// Numbers with a metric unit, as the program's texts write them ("10 to 12 mm", "5 °C", "0.3 m"), in US customary units. Factors are exact
/// (NIST Handbook 44, Appendix C, from memory); results are rounded as a tape or a gauge is read.
/// </summary>
public static partial class Measures
{
    private const double Foot = 0.3048;

    /// <summary>A text with its measures in US customary units. Degrees of angle, percent, hours and the like stay.</summary>
    public static string Us(string text) =>
        Measure()
            .Replace(
                text,
                found =>
                {
                    var unit = found.Groups["unit"].Value;
                    var rise = unit.EndsWith('C') && Rise().IsMatch(text.AsSpan(found.Index + found.Length));
                    string Number(string group) =>
                        double.Parse(found.Groups[group].ValueSpan, CultureInfo.InvariantCulture) is var value
                            ? unit switch
                            {
                                "mm" => Inches(value / 25.4),
                                "cm" => Inches(value / 2.54),
                                "m" => Round(value / Foot, value < 3 ? 0.5 : 1),
                                "m2" or "m²" => Round(value / (Foot * Foot), value < 1 ? 0.5 : 1),
                                "m/s" => Round(value / 0.44704, 1),
                                "um" or "µm" => Round(value / 25.4, 0.1),
                                "bar" => Round(value * 14.5038, value < 1 ? 1 : 10),
                                "ml" => Round(value / 29.5735295625, value < 30 ? 0.01 : 0.5),
                                "kg" => Round(value * 2.2046226218, value < 2 ? 0.1 : 0.5),
                                "L" => Round(value / 3.785411784, 0.01),
                                _ => Round(rise ? value * 1.8 : (value * 1.8) + 32, 1),
                            }
                            : "";
                    var said = unit switch
                    {
                        "mm" or "cm" => "in",
                        "m" => "ft",
                        "m2" or "m²" => "ft²",
                        "m/s" => "mph",
                        "um" or "µm" => "mil",
                        "bar" => "psi",
                        "ml" => "fl oz",
                        "kg" => "lb",
                        "L" => "gal",
                        _ => "°F",
                    };
                    var first = Number("from");
                    var second = found.Groups["to"].Success ? Number("to") : first;
                    return second == first ? $"{first} {said}" : $"{first}{found.Groups["between"].Value}{second} {said}";
                }
            );

    // By sixteenths as far as a tape is read so, by quarters and inches beyond; thousandths where it is a matter of a gauge.
    private static string Inches(double inches)
    {
        if (inches < 1.0 / 20)
        {
            return Round(inches, 0.001);
        }

        var step =
            inches < 1 ? 1.0 / 16
            : inches < 12 ? 0.25
            : 1;
        var sixteenths = (int)Math.Round(Math.Round(inches / step) * step * 16);
        var (whole, part) = Math.DivRem(sixteenths, 16);
        if (part == 0)
        {
            return whole.ToString(CultureInfo.InvariantCulture);
        }

        var of = 16;
        while (part % 2 == 0)
        {
            (part, of) = (part / 2, of / 2);
        }

        return whole == 0 ? $"{part}/{of}" : $"{whole} {part}/{of}";
    }

    private static string Round(double value, double step)
    {
        var rounded = Math.Round(value / step, MidpointRounding.AwayFromZero) * step;
        return (rounded == 0 ? value : rounded).ToString("0.###", CultureInfo.InvariantCulture);
    }

    [GeneratedRegex(
        @"(?<![\w.])(?<from>\d+(?:\.\d+)?)(?:(?<between> to |-| x | or )(?<to>\d+(?:\.\d+)?))? ?(?<unit>mm|cm|m2|m²|m/s|m|um|µm|bar|ml|kg|L|°C|C)(?![\w²])(?!/(?:s|h|min|m2|m²)\b)"
    )]
    private static partial Regex Measure();

    // "3 °C above the dew point" is a difference, not a reading.
    [GeneratedRegex(@"^ (above|over|below|under|warmer|colder|of the dew)")]
    private static partial Regex Rise();
}
