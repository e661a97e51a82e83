using System.Globalization;
using System.Text.RegularExpressions;

namespace AllSound.Core.Hiding;

/// <summary>A colour as CIELAB under daylight (D65, 2° observer; CIE 15, from memory).</summary>
/// <param name="L">Lightness, 0 to 100.</param>
/// <param name="A">From green to red.</param>
/// <param name="B">From blue to yellow.</param>
public readonly partial record struct Colour(double L, double A, double B)
{
    // Where the cube root gives way to a straight line: 6/29 cubed, and its slope.
    private const double Knee = 216.0 / 24389;
    private const double Slope = 24389.0 / 27;

    // White of D65.
    private const double WhiteX = 0.95047;
    private const double WhiteZ = 1.08883;

    /// <summary>Luminous reflectance, 0 to 1.</summary>
    public double Reflectance => L > 8 ? Math.Pow((L + 16) / 116, 3) : L / Slope;

    /// <summary>Lightness of a luminous reflectance.</summary>
    /// <param name="reflectance">From 0 to 1.</param>
    public static double Lightness(double reflectance) => reflectance > Knee ? (116 * Math.Cbrt(reflectance)) - 16 : Slope * reflectance;

    /// <summary>A colour of sRGB (IEC 61966-2-1, from memory).</summary>
    /// <param name="red">0 to 1.</param>
    /// <param name="green">0 to 1.</param>
    /// <param name="blue">0 to 1.</param>
    public static Colour OfRgb(double red, double green, double blue)
    {
        var (r, g, b) = (Linear(red), Linear(green), Linear(blue));
        var x = ((0.4124564 * r) + (0.3575761 * g) + (0.1804375 * b)) / WhiteX;
        var y = (0.2126729 * r) + (0.7151522 * g) + (0.0721750 * b);
        var z = ((0.0193339 * r) + (0.1191920 * g) + (0.9503041 * b)) / WhiteZ;
        return new((116 * Bent(y)) - 16, 500 * (Bent(x) - Bent(y)), 200 * (Bent(y) - Bent(z)));

        static double Linear(double c) => c <= 0.04045 ? c / 12.92 : Math.Pow((c + 0.055) / 1.055, 2.4);
        static double Bent(double t) => t > Knee ? Math.Cbrt(t) : ((Slope * t) + 16) / 116;
    }

    /// <summary>A colour as typed: "#c9b79c", "62/8/31" for L*, a*, b*, or a light reflectance from 0 to 100 for a grey. Null where it is none of them.</summary>
    public static Colour? Read(string text)
    {
        ArgumentNullException.ThrowIfNull(text);
        if (Hex().Match(text) is { Success: true } hex)
        {
            double Part(int at) => int.Parse(hex.Groups[1].ValueSpan.Slice(at, 2), NumberStyles.HexNumber, CultureInfo.InvariantCulture) / 255.0;
            return OfRgb(Part(0), Part(2), Part(4));
        }

        double[] parts = [.. text.Split(['/', ' ', ';'], StringSplitOptions.RemoveEmptyEntries).Select(Number)];
        return parts switch
        {
            [>= 0 and <= 100 and var l, >= -150 and <= 150 and var a, >= -150 and <= 150 and var b] => new(l, a, b),
            [>= 0 and <= 100 and var y] => new(Lightness(y / 100), 0, 0),
            _ => null,
        };

        static double Number(string part) => double.TryParse(part, NumberStyles.Float, CultureInfo.InvariantCulture, out var n) ? n : double.NaN;
    }

    /// <summary>Difference from another colour by CIEDE2000 (CIE 142, as set out by Sharma, Wu and Dalal 2005; from memory).</summary>
    /// <returns>0 for the same; about 1 is just seen side by side.</returns>
    public double DifferenceFrom(Colour other)
    {
        var mean = (Math.Sqrt((A * A) + (B * B)) + Math.Sqrt((other.A * other.A) + (other.B * other.B))) / 2;
        var stretch = 1 + (0.5 * (1 - Math.Sqrt(Seventh(mean))));
        var (a1, a2) = (A * stretch, other.A * stretch);
        var (c1, c2) = (Math.Sqrt((a1 * a1) + (B * B)), Math.Sqrt((a2 * a2) + (other.B * other.B)));
        var (h1, h2) = (Hue(a1, B), Hue(a2, other.B));
        var grey = c1 * c2 == 0;

        var turn =
            grey ? 0
            : h2 - h1 > 180 ? h2 - h1 - 360
            : h2 - h1 < -180 ? h2 - h1 + 360
            : h2 - h1;
        var (dl, dc, dh) = (other.L - L, c2 - c1, 2 * Math.Sqrt(c1 * c2) * Sin(turn / 2));
        var (l, c) = ((L + other.L) / 2, (c1 + c2) / 2);
        var h =
            grey ? h1 + h2
            : Math.Abs(h1 - h2) <= 180 ? (h1 + h2) / 2
            : h1 + h2 < 360 ? (h1 + h2 + 360) / 2
            : (h1 + h2 - 360) / 2;

        var t = 1 - (0.17 * Cos(h - 30)) + (0.24 * Cos(2 * h)) + (0.32 * Cos((3 * h) + 6)) - (0.20 * Cos((4 * h) - 63));
        var off = (l - 50) * (l - 50);
        var sl = 1 + (0.015 * off / Math.Sqrt(20 + off));
        var (sc, sh) = (1 + (0.045 * c), 1 + (0.015 * c * t));
        var bend = -2 * Math.Sqrt(Seventh(c)) * Sin(60 * Math.Exp(-Math.Pow((h - 275) / 25, 2)));
        return Math.Sqrt(Math.Pow(dl / sl, 2) + Math.Pow(dc / sc, 2) + Math.Pow(dh / sh, 2) + (bend * (dc / sc) * (dh / sh)));
    }

    private static double Seventh(double chroma) => Math.Pow(chroma, 7) / (Math.Pow(chroma, 7) + Math.Pow(25, 7));

    private static double Hue(double a, double b) => (a, b) == (0, 0) ? 0 : ((Math.Atan2(b, a) * 180 / Math.PI) + 360) % 360;

    private static double Sin(double degrees) => Math.Sin(degrees * Math.PI / 180);

    private static double Cos(double degrees) => Math.Cos(degrees * Math.PI / 180);

    [GeneratedRegex("^#([0-9a-fA-F]{6})$")]
    private static partial Regex Hex();
}
