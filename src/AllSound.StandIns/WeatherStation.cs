using System.Globalization;
using System.Text;
using AllSound.Core.Climate;

namespace AllSound.StandIns;

/// <summary>
/// Invented weather: a temperate year with days, fronts and nights, and forecasts of it that come apart with lead time. The same seed, place and
/// hour give the same table. What the sun gives follows the height of the sun; the rest is invented.
/// </summary>
/// <param name="seed">Seed of the weather.</param>
/// <param name="clock">Says from when a forecast is.</param>
internal sealed class WeatherStation(int seed, TimeProvider clock)
{
    private const int Hours = 7 * 24;
    private const int Members = 9;

    // Mean and swing of a temperate year and day, degrees; a front passes every three days or so. Invented.
    private const double YearMeanC = 10;
    private const double YearSwingC = 7;
    private const double DaySwingC = 4;
    private const double FrontHours = 70;
    private const double Clear = 950;

    // How far the ways of a forecast come apart in a day, degrees, and in hours of when a front comes.
    private const double ApartC = 0.7;
    private const double ApartHours = 3;

    /// <summary>A forecast as a table: time, airC, rh, rainMm, windMs, cloud, sunWm2, member, asOf.</summary>
    /// <param name="latitude">Degrees, north positive.</param>
    /// <param name="wrong">It is of another climate altogether.</param>
    /// <param name="old">It is three days old.</param>
    public string Forecast(double latitude, bool wrong, bool old)
    {
        var now = clock.GetLocalNow().DateTime;
        var from = now.Date.AddHours(now.Hour).AddDays(old ? -3 : 0);
        var table = new StringBuilder("time,airC,rh,rainMm,windMs,cloud,sunWm2,member,asOf\n");
        for (var member = 0; member <= Members; member++)
        {
            // One chance for each way, so that it stays one story from hour to hour.
            var chance = new Random((seed * 31) + member);
            var (warmer, later) = (Bell(chance), Bell(chance));
            for (var hour = 0; hour < Hours; hour++)
            {
                var (at, lead) = (from.AddHours(hour), hour / 24.0);
                var air = Truly(at.AddHours(member == 0 ? 0 : later * ApartHours * lead), latitude);
                var warm = air.AirC + (member == 0 ? 0 : warmer * ApartC * lead) + (wrong ? 25 : 0);
                table.Append(
                    CultureInfo.InvariantCulture,
                    $"{at:yyyy-MM-dd'T'HH:mm},{warm:0.0},{air.Rh:0},{air.RainMm:0.0},{air.WindMs:0.0},{air.Cloud:0.00},{Sun(at, latitude, air.Cloud):0},{member},{from:yyyy-MM-dd'T'HH:mm}\n"
                );
            }
        }

        return table.ToString();
    }

    private (double AirC, double Rh, double RainMm, double WindMs, double Cloud) Truly(DateTime at, double latitude)
    {
        var year = Math.Cos(2 * Math.PI * (at.DayOfYear - 200) / 365.25) * (latitude < 0 ? -1 : 1);
        var day = Math.Cos(2 * Math.PI * (at.TimeOfDay.TotalHours - 15) / 24);
        var hours = (at - DateTime.UnixEpoch).TotalHours + (seed % 97);
        var front = Math.Sin(2 * Math.PI * hours / FrontHours) + (0.5 * Math.Sin(2 * Math.PI * hours / 29)) + (0.3 * Math.Sin(2 * Math.PI * hours / 11));
        var cloud = Math.Clamp(0.5 + (0.5 * front), 0, 1);
        var air = YearMeanC + (YearSwingC * year) + (DaySwingC * day * (1 - (0.6 * cloud))) - front;
        var rain = Math.Max(0, (front - 1) * 3);
        return (air, Math.Clamp(78 - (14 * day * (1 - cloud)) + (14 * front), 35, 99), rain, Math.Max(0.5, 3 + (3 * front)), cloud);
    }

    private static double Sun(DateTime at, double latitude, double cloud)
    {
        var half = Daylight.Hours(latitude, at.DayOfYear) / 2;
        var hour = at.TimeOfDay.TotalHours - 12;
        return Math.Abs(hour) >= half
            ? 0
            : Math.Min(
                1400,
                Clear * Math.Sin(Math.Max(0, Daylight.Noon(latitude, at.DayOfYear)) * Math.PI / 180) * Math.Cos(Math.PI * hour / (2 * half)) * (1 - (0.75 * cloud))
            );
    }

    // Normal within reason: the sum of four dice.
    private static double Bell(Random chance) => (chance.NextDouble() + chance.NextDouble() + chance.NextDouble() + chance.NextDouble() - 2) * Math.Sqrt(3);
}
