using System.Globalization;
using AllSound.Core.Climate;
using CsCheck;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>Where the sun stands against a reference library, and how much of it falls on a wall by what everybody knows.</summary>
public sealed class SunTests
{
    // 125 moments at five places, by suncalc (npm): tests/cases/sun.txt says of which version. Within half a degree, which the air bends near the horizon.
    [Fact]
    public void Height_and_bearing_are_those_of_the_reference_library()
    {
        var rows = File.ReadAllLines(Path.Combine(WorkedCases.Folder, "sun.txt")).Where(l => !l.StartsWith('#')).Select(l => l.Split(' ')).ToArray();
        Assert.True(rows.Length >= 125);
        foreach (var row in rows)
        {
            var utc = DateTime.Parse(row[0], CultureInfo.InvariantCulture, DateTimeStyles.AssumeUniversal | DateTimeStyles.AdjustToUniversal);
            var n = row[1..].Select(x => double.Parse(x, CultureInfo.InvariantCulture)).ToArray();
            var sun = Sun.At(n[0], utc.DayOfYear + utc.TimeOfDay.TotalDays, SolarHours(utc, n[1]));
            // The library adds what the air bends, below the horizon as at it: half a degree.
            var bent = n[2] < 0.5 ? 0.48 : 0;
            Assert.True(Math.Abs(n[2] - bent - sun.Height) < 0.6, $"{string.Join(' ', row)}: height {sun.Height:0.00}");
            // Near the zenith a hair in height is much in bearing.
            var off = Math.Abs(((n[3] - sun.Bearing + 540) % 360) - 180) * Math.Cos(n[2] * Math.PI / 180);
            Assert.True(off < 0.6, $"{string.Join(' ', row)}: bearing {sun.Bearing:0.00}");
        }
    }

    // Common knowledge, at 52 degrees north at midsummer.
    [Theory]
    [InlineData(8, 90, 270)]
    [InlineData(16, 270, 90)]
    [InlineData(12, 180, 0)]
    public void The_east_side_has_the_morning_and_the_west_side_the_evening(double hour, double sunny, double shady)
    {
        var sun = Sun.At(52, 172, hour);
        Assert.True(Sun.OnWall(sun.Height, sun.Bearing, sunny, 0) > 2 * Sun.OnWall(sun.Height, sun.Bearing, shady, 0));
    }

    [Fact]
    public void Under_cloud_all_sides_have_the_same_and_by_night_none_has_any()
    {
        Assert.Equal(Sun.OnWall(40, 120, 120, 1), Sun.OnWall(40, 120, 300, 1), 9);
        Assert.Equal(0, Sun.OnWall(-1, 120, 120, 0));
    }

    // South of the equator the north side has the sun.
    [Fact]
    public void South_of_the_equator_the_north_side_has_the_noon()
    {
        var sun = Sun.At(-34, 355, 12);
        Assert.True(Sun.OnWall(sun.Height, sun.Bearing, 0, 0) > Sun.OnWall(sun.Height, sun.Bearing, 180, 0));
        Assert.Equal(90, sun.Height, 11.0);
    }

    [Fact]
    public void What_falls_on_a_wall_is_never_below_nothing_and_bounded_at_any_place_and_time() =>
        Gen.Select(Gen.Double[-90, 90], Gen.Double[1, 366], Gen.Double[0, 24], Gen.Double[0, 360], Gen.Double[0, 1])
            .Sample(
                (latitude, day, hour, faces, cloud) =>
                {
                    var sun = Sun.At(latitude, day, hour);
                    Assert.InRange(sun.Height, -90, 90);
                    Assert.InRange(sun.Bearing, 0, 360);
                    Assert.InRange(Sun.OnWall(sun.Height, sun.Bearing, faces, cloud), 0, 3);
                }
            );

    [Fact]
    public void Day_and_night_are_those_of_the_length_of_day()
    {
        // Half the day's hours from noon the sun stands at the horizon, by its upper edge.
        for (var day = 1; day <= 365; day += 13)
        {
            var half = Daylight.Hours(52.2, day) / 2;
            Assert.Equal(-0.833, Sun.At(52.2, day, 12 - half).Height, 0.02);
        }
    }

    // Clock time at Greenwich to the sun's own: by the longitude and the equation of time (Spencer's series, from memory).
    private static double SolarHours(DateTime utc, double longitude)
    {
        var g = 2 * Math.PI * (utc.DayOfYear - 1 + utc.TimeOfDay.TotalDays - 0.5) / 365;
        var minutes = 229.18 * (0.000075 + (0.001868 * Math.Cos(g)) - (0.032077 * Math.Sin(g)) - (0.014615 * Math.Cos(2 * g)) - (0.04089 * Math.Sin(2 * g)));
        return (utc.TimeOfDay.TotalHours + (longitude / 15) + (minutes / 60) + 48) % 24;
    }
}
