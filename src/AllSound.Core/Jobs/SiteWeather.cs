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

/// <summary>Another way in which the weather may come: a figure for each row of the hourly table, or none where it comes as there.</summary>
public sealed record WeatherMember
{
    /// <summary>Air temperature by row, degrees Celsius; empty: as in the table.</summary>
    [MaxLength(Limits.WeatherRows)]
    public ImmutableArray<double> AirC { get; init; } = [];

    /// <summary>Relative humidity by row, percent; empty: as in the table.</summary>
    [MaxLength(Limits.WeatherRows)]
    public ImmutableArray<double> Rh { get; init; } = [];

    /// <summary>Rain by row, millimetres an hour; empty: as in the table.</summary>
    [MaxLength(Limits.WeatherRows)]
    public ImmutableArray<double> RainMm { get; init; } = [];

    /// <summary>Wind by row, metres a second; empty: as in the table.</summary>
    [MaxLength(Limits.WeatherRows)]
    public ImmutableArray<double> WindMs { get; init; } = [];
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
    [MaxLength(Limits.WeatherRows)]
    public ImmutableArray<AirAt> Hourly { get; init; } = [];

    /// <summary>Other ways in which it may come, each as likely as the table; empty: only the table is known.</summary>
    [MaxLength(Limits.WeatherMembers)]
    public ImmutableArray<WeatherMember> Members { get; init; } = [];

    /// <summary>The hourly rows as a member has them.</summary>
    /// <param name="member">The member.</param>
    public ImmutableArray<AirAt> Rows(WeatherMember member)
    {
        ArgumentNullException.ThrowIfNull(member);
        return
        [
            .. Hourly.Select(
                (row, i) =>
                    row with
                    {
                        AirC = member.AirC.IsEmpty ? row.AirC : member.AirC[i],
                        Rh = member.Rh.IsEmpty ? row.Rh : member.Rh[i],
                        RainMm = member.RainMm.IsEmpty ? row.RainMm : member.RainMm[i],
                        WindMs = member.WindMs.IsEmpty ? row.WindMs : member.WindMs[i],
                        // What was measured or foretold of the face belongs to the table's air.
                        SurfaceC = member.AirC.IsEmpty ? row.SurfaceC : null,
                    }
            ),
        ];
    }
}
