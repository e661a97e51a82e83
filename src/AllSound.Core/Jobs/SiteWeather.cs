using System.Collections.Immutable;
using System.ComponentModel.DataAnnotations;

namespace AllSound.Core.Jobs;

/// <summary>The air at a moment. Between two of them it is taken to change evenly.</summary>
public sealed record AirAt
{
    /// <summary>Local time.</summary>
    public required DateTime Time { get; init; }

    /// <summary>Air temperature, -45 to 60 degrees Celsius.</summary>
    public required double AirC { get; init; }

    /// <summary>Relative humidity, 1 to 100 percent.</summary>
    public required double Rh { get; init; }

    /// <summary>Temperature of the face, where it is measured or foretold, -45 to 120 degrees Celsius; null: estimated.</summary>
    public double? SurfaceC { get; init; }

    /// <summary>Rain from this moment to the next row, millimetres an hour, 0 to 200.</summary>
    public double RainMm { get; init; }

    /// <summary>Wind, metres a second, 0 to 60.</summary>
    public double WindMs { get; init; }

    /// <summary>Share of the sky under cloud, 0 to 1; null where nobody said.</summary>
    public double? Cloud { get; init; }

    /// <summary>Sun on level ground, watts a square metre, 0 to 1,400.</summary>
    public double SunWm2 { get; init; }
}

/// <summary>The weather where the building stands.</summary>
public sealed record SiteWeather
{
    /// <summary>Degrees, north positive, -90 to 90; null where nobody said.</summary>
    public double? Latitude { get; init; }

    /// <summary>Degrees, east positive, -180 to 180; null where nobody said.</summary>
    public double? Longitude { get; init; }

    /// <summary>Height above the sea, metres, -430 to 9,000; null where nobody said.</summary>
    public double? HeightM { get; init; }

    /// <summary>When it was measured or forecast; null where nobody said.</summary>
    public DateTime? AsOf { get; init; }

    /// <summary>Rows in ascending order of time.</summary>
    [MaxLength(Limits.Tasks)]
    public ImmutableArray<AirAt> Hourly { get; init; } = [];
}
