using System.Collections.Immutable;
using System.Globalization;
using System.Text.RegularExpressions;
using AllSound.Core.Jobs;

namespace AllSound.Core.Exchange;

/// <content>The hourly table of the weather in and out.</content>
public static partial class Tables
{
    private static readonly string[] WeatherColumns = ["time", "airC", "rh", "rainMm", "windMs", "cloud", "sunWm2", "surfaceC", "member", "asOf"];

    private static readonly string[] TimeForms = ["yyyy-MM-dd'T'HH:mm", "yyyy-MM-dd'T'HH:mm:ss", "yyyy-MM-dd HH:mm"];

    /// <summary>The weather of a job, one row for each hour, then those of each other way in which it may come, numbered from 1.</summary>
    public static string Weather(Job job)
    {
        ArgumentNullException.ThrowIfNull(job);
        var weather = job.Weather ?? new();
        return Write(
            WeatherColumns,
            weather
                .Members.Select(weather.Rows)
                .Prepend(weather.Hourly)
                .SelectMany(
                    (rows, member) =>
                        rows.Select(r =>
                            (IEnumerable<string?>)
                                [
                                    Moment(r.Time),
                                    Text(r.AirC),
                                    Text(r.Rh),
                                    Text(r.RainMm),
                                    Text(r.WindMs),
                                    Text(r.Cloud),
                                    Text(r.SunWm2),
                                    Text(r.SurfaceC),
                                    member == 0 ? "" : Text(member),
                                    Moment(weather.AsOf),
                                ]
                        )
                )
        );
    }

    /// <summary>
    /// A job with the weather of a table in place of its own. Rows without a member, or of member 0, are the table; those of each other number are
    /// another way in which it may come, at the same times. Cells that are empty are not known, or none for rain, wind and sun.
    /// </summary>
    /// <param name="job">The job.</param>
    /// <param name="text">The table.</param>
    /// <param name="cancel">Stops reading.</param>
    /// <exception cref="OperationCanceledException">Reading was stopped.</exception>
    public static (Job? Job, ImmutableArray<Fault> Faults) ReadWeather(Job job, string text, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(job);
        var (rows, faults) = Rows(text, WeatherColumns, "time", cancel);
        if (!faults.IsEmpty)
        {
            return (null, faults);
        }

        var found = new Faults();
        var members = new SortedDictionary<int, List<(Row Row, AirAt Air)>>();
        DateTime? asOf = null;
        foreach (var row in rows)
        {
            cancel.ThrowIfCancellationRequested();
            if (Figure(row, "airC", found, needed: true) is not { } airC || Figure(row, "rh", found, needed: true) is not { } rh)
            {
                continue;
            }

            if (Time(row, "time", found) is not { } time || !WholeNumber(row, "member", found, out var member) || (row.Has("asOf") && Time(row, "asOf", found) is null))
            {
                continue;
            }

            asOf = row.Has("asOf") ? Time(row, "asOf", found) : asOf;
            if (!members.TryGetValue(member ?? 0, out var own))
            {
                own = members[member ?? 0] = [];
            }

            own.Add(
                (
                    row,
                    new AirAt
                    {
                        Time = time,
                        AirC = airC,
                        Rh = rh,
                        RainMm = Figure(row, "rainMm", found) ?? 0,
                        WindMs = Figure(row, "windMs", found) ?? 0,
                        Cloud = Figure(row, "cloud", found),
                        SunWm2 = Figure(row, "sunWm2", found) ?? 0,
                        SurfaceC = Figure(row, "surfaceC", found),
                    }
                )
            );
        }

        if (members.Count > 0 && !members.ContainsKey(0))
        {
            found.Add("line 2", "expected the table itself: rows without a member");
        }

        if (found.ToImmutable() is { IsEmpty: false } bad)
        {
            return (null, bad);
        }

        var table = members.GetValueOrDefault(0) ?? [];
        foreach (var (number, own) in members.Skip(1))
        {
            if (!own.Select(x => x.Air.Time).SequenceEqual(table.Select(x => x.Air.Time)))
            {
                found.Add(own[0].Row.At("time"), $"member {number} has other times than the table");
            }
        }

        var whole = job with
        {
            Weather = (job.Weather ?? new()) with
            {
                AsOf = asOf,
                Hourly = [.. table.Select(x => x.Air)],
                Members =
                [
                    .. members
                        .Skip(1)
                        .Select(m => new WeatherMember
                        {
                            AirC = [.. m.Value.Select(x => x.Air.AirC)],
                            Rh = [.. m.Value.Select(x => x.Air.Rh)],
                            RainMm = [.. m.Value.Select(x => x.Air.RainMm)],
                            WindMs = [.. m.Value.Select(x => x.Air.WindMs)],
                        }),
                ],
            },
        };
        var numbers = members.Skip(1).Select(m => m.Value).ToArray();
        foreach (var sense in found.ToImmutable().IsEmpty ? JobSense.OfWeather(whole) : [])
        {
            var place = WeatherPlace().Match(sense.Path);
            var lines = place.Groups["member"] is { Success: true } m ? numbers[int.Parse(m.Value, CultureInfo.InvariantCulture)] : table;
            found.Add(
                place.Success && int.Parse(place.Groups["row"].Value, CultureInfo.InvariantCulture) is var i && i < lines.Count
                    ? lines[i].Row.At(place.Groups["column"].Value)
                    : sense.Path,
                sense.Message
            );
        }

        return Whole(job, whole, found);
    }

    [GeneratedRegex(@"^\$\.weather\.(hourly\[(?<row>\d+)\]\.(?<column>\w+)|members\[(?<member>\d+)\]\.(?<column>\w+)\[(?<row>\d+)\])$", RegexOptions.ExplicitCapture)]
    private static partial Regex WeatherPlace();

    private static double? Figure(Row row, string column, Faults found, bool needed = false)
    {
        if (!needed && !row.Has(column))
        {
            return null;
        }

        if (Number(row[column]) is { } number)
        {
            return number;
        }

        found.Add(row.At(column), $"expected a number, found '{row[column]}'");
        return null;
    }

    private static DateTime? Time(Row row, string column, Faults found)
    {
        if (DateTime.TryParseExact(row[column], TimeForms, CultureInfo.InvariantCulture, DateTimeStyles.None, out var time))
        {
            return time;
        }

        found.Add(row.At(column), $"expected a local time as 2027-03-31T08:00, found '{row[column]}'");
        return null;
    }

    private static string? Moment(DateTime? at) => at?.ToString("yyyy-MM-dd'T'HH:mm", CultureInfo.InvariantCulture);
}
