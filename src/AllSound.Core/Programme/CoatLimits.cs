using System.Collections.Immutable;
using System.Globalization;
using AllSound.Core.Climate;
using AllSound.Core.Materials;

namespace AllSound.Core.Programme;

/// <summary>A figure and where it comes from.</summary>
/// <param name="Value">The figure; null where nothing is known.</param>
/// <param name="Source">measured, forecast, estimated, unknown, with the time where there is one.</param>
internal readonly record struct Seen(double? Value, string Source);

/// <summary>The limits of a coat, as its product has them, and what its film must not meet before it is touch-dry.</summary>
/// <param name="Product">The product.</param>
/// <param name="Work">How long laying it takes.</param>
internal sealed record CoatLimits(CoatingClass Product, TimeSpan Work)
{
    // Wind from which a brush drags dust and dries the edge. Judgement.
    private const double MostWind = 10;

    // A face in the sun may be so much warmer than the air that the paint likes. Judgement.
    private const double SunK = 10;

    // Below this a film does not form, or freezes before it has. Common practice.
    private const double LeastFilmC = 1;
    private const double WaterFilmC = 5;

    /// <summary>What to do where nothing is known.</summary>
    public const string Read = "read air, humidity and the face now";

    /// <summary>Until when the film must meet neither dew, rain nor frost.</summary>
    public TimeSpan Touch => TimeSpan.FromHours(Product.Drying.Touch);

    /// <summary>True when a film that is not touch-dry yet lives through this.</summary>
    public bool Bears(AirThen then) => then.RainMm <= 0 && then.MarginK > 0 && then.FaceC >= (Product.Carrier == Carrier.Water ? WaterFilmC : LeastFilmC);

    /// <summary>The limits that hold anywhere.</summary>
    public ImmutableArray<Limited> OfFace(Seen humidity, Seen face, Seen margin)
    {
        var (least, most) = Product.Temperature;
        return
        [
            Most("humidity at most", "the air is too damp", humidity, Product.HumidityMost, "%", "wait for drier air, or dry it"),
            Least(
                "face at least",
                "the face is too cold",
                face,
                least,
                "°C",
                "wait until the face is warm enough, or warm it with dry, electric heat: read it, not the air"
            ),
            Most("face at most", "the face is too hot", face, most + SunK, "°C", "work in the shade, or early and late"),
            Least("above the dew point", "dew is near", margin, Air.LeastMarginK, "K", "wait until the face is 3 K above the dew point and wiped dry, or warm it"),
        ];
    }

    /// <summary>The limits that hold outside besides.</summary>
    public ImmutableArray<Limited> OfWeather(AirThen now, string source)
    {
        var (least, most) = Product.Temperature;
        return
        [
            Least(
                "air at least",
                "the air is too cold",
                new(now.AirC, source),
                least,
                "°C",
                string.Create(CultureInfo.InvariantCulture, $"wait until it is {least:0.#} °C, or enclose it and heat it with dry, electric heat")
            ),
            Most("air at most", "the air is too warm", new(now.AirC, source), most, "°C", "wait for the cool of the day"),
            Most("rain", "rain", new(now.RainMm, source), 0, "mm/h", "wait until it is over and the face has dried, or sheet it"),
            Most("wind at most", "too much wind", new(now.WindMs, source), MostWind, "m/s", "wait for calmer air"),
            Least("daylight, to sunrise or sunset", "it is dark", new(now.LightHours, "reckoned"), 0, "h", "work by day"),
        ];
    }

    private static Limited Least(string what, string why, Seen seen, double limit, string unit, string todo) =>
        Of(what, why, seen, limit, unit, seen.Value >= limit, todo);

    private static Limited Most(string what, string why, Seen seen, double limit, string unit, string todo) =>
        Of(what, why, seen, limit, unit, seen.Value <= limit, todo);

    private static Limited Of(string what, string why, Seen seen, double limit, string unit, bool met, string todo) =>
        new(what, seen.Value is null ? "not measured" : why, seen.Value, limit, unit, met, seen.Source, seen.Value is null ? Read : todo);
}
