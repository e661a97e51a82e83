using System.Collections.Immutable;
using System.Globalization;
using System.Reflection;
using System.Text.Json.Nodes;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;
using CsvHelper;
using CsvHelper.Configuration;

namespace AllSound.Core.Exchange;

/// <summary>
/// Surfaces and readings as tables of comma-separated values (RFC 4180), for a spreadsheet. Text in, text out. An empty
/// cell is not known. A table at fault changes nothing, and each fault names its line and column.
/// </summary>
public static partial class Tables
{
    private static readonly string[] Own =
    [
        "space",
        "id",
        "title",
        "element",
        "substrate",
        "year",
        "exposure",
        "wall",
        "lengthM",
        "heightM",
        "areaM2",
        "form",
        "zoneOf",
        "zoneLeftM",
        "zoneBottomM",
        "zoneWidthM",
        "zoneHeightM",
        "layers",
        "notes",
    ];
    private static readonly PropertyInfo[] FactProperties = typeof(Facts).GetProperties();
    private static readonly string[] ReadingColumns = ["surface", "check", "value", "unit", "outcome", "where", "layer", "at", "instrument", "by"];

    private static readonly CsvConfiguration Writing = new(CultureInfo.InvariantCulture) { NewLine = "\r\n", InjectionOptions = InjectionOptions.None };

    // Lines may end as they like; what is at fault in them is said by the rows.
    private static readonly CsvConfiguration Reads = new(CultureInfo.InvariantCulture) { MissingFieldFound = null };

    /// <summary>All surfaces of a job, one row each.</summary>
    public static string Surfaces(Job job)
    {
        ArgumentNullException.ThrowIfNull(job);
        return Write(
            [.. Own, .. FactProperties.Select(Name)],
            job.Surfaces()
                .Select(x =>
                {
                    var s = x.Surface;
                    string?[] own =
                    [
                        x.Space.Id,
                        s.Id,
                        s.Title,
                        NamedEnumConverterFactory.Name(s.Element.ToString()),
                        s.Substrate,
                        Text(s.Year),
                        NamedEnumConverterFactory.Name(s.Exposure.ToString()),
                        s.Wall,
                        Text(s.Size?.LengthM),
                        Text(s.Size?.HeightM),
                        Text(s.Size?.AreaM2),
                        s.Form?.Kind,
                        s.Zone?.Of,
                        Text(s.Zone?.LeftM),
                        Text(s.Zone?.BottomM),
                        Text(s.Zone?.WidthM),
                        Text(s.Zone?.HeightM),
                        Layers(s),
                        s.Notes,
                    ];
                    return own.Concat(FactProperties.Select(p => Text(p.GetValue(s.Facts))));
                })
        );
    }

    /// <summary>All readings of a job, one row each.</summary>
    public static string Readings(Job job)
    {
        ArgumentNullException.ThrowIfNull(job);
        return Write(
            ReadingColumns,
            job.Surfaces()
                .SelectMany(x =>
                    x.Surface.Readings.Select(r =>
                        (IEnumerable<string?>)
                            [
                                x.Surface.Id,
                                r.Check,
                                Text(r.Value),
                                r.Unit,
                                r.Outcome,
                                r.Where,
                                r.Layer,
                                r.At?.ToString("yyyy-MM-ddTHH:mm:ss", CultureInfo.InvariantCulture),
                                r.Instrument,
                                r.By,
                            ]
                    )
                )
        );
    }

    /// <summary>A job with the surfaces of a table: known ids are changed, new ones added to their space. Columns left out stay as they are.</summary>
    /// <param name="job">The job.</param>
    /// <param name="text">The table.</param>
    /// <param name="cancel">Stops reading.</param>
    /// <exception cref="OperationCanceledException">Reading was stopped.</exception>
    public static (Job? Job, ImmutableArray<Fault> Faults) ReadSurfaces(Job job, string text, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(job);
        var (rows, faults) = Rows(text, [.. Own, .. FactProperties.Select(Name)], "id", cancel);
        if (!faults.IsEmpty)
        {
            return (null, faults);
        }

        var found = new Faults();
        var places = new Places(job);
        var read = new List<(Row Row, string Space, string Surface)>();
        foreach (var row in rows)
        {
            cancel.ThrowIfCancellationRequested();
            var id = row["id"];
            var known = places.Find(id);
            if (known is null && (!row.Has("space") || !places.HasSpace(row["space"])))
            {
                found.Add(row.At("space"), $"a new surface needs a space of the job, one of {string.Join(", ", places.Spaces.Take(20))}");
                continue;
            }

            var (surface, fault) = JobFile.Parse<Surface>(Merge(known?.Surface, row).ToJsonString());
            if (surface is null)
            {
                found.Add(row.At(Column(fault!.Path)), Plain(fault.Message));
                continue;
            }

            var space = known?.Space ?? row["space"];
            places.Put(space, surface);
            read.Add((row, space, id));
        }

        // Checked in the space as it will be, so that zones may refer to any row.
        var whole = places.Whole();
        var spaces = whole.Buildings.SelectMany(b => b.Spaces).ToDictionary(s => s.Id, StringComparer.Ordinal);
        foreach (var (row, space, surface) in read)
        {
            cancel.ThrowIfCancellationRequested();
            foreach (var sense in JobSense.SurfaceFaults(job, spaces[space], places.Find(surface)!.Value.Surface))
            {
                found.Add(row.At(Column(sense.Path)), sense.Message);
            }
        }

        return Whole(job, whole, found);
    }

    /// <summary>A job with the readings of a table added to its surfaces. A reading that is there already, word for word, is not added again.</summary>
    /// <param name="job">The job.</param>
    /// <param name="text">The table.</param>
    /// <param name="cancel">Stops reading.</param>
    /// <exception cref="OperationCanceledException">Reading was stopped.</exception>
    public static (Job? Job, ImmutableArray<Fault> Faults) ReadReadings(Job job, string text, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(job);
        var (rows, faults) = Rows(text, ReadingColumns, "surface", cancel);
        if (!faults.IsEmpty)
        {
            return (null, faults);
        }

        var found = new Faults();
        var places = new Places(job);
        var added = new Dictionary<string, List<(Row Row, Reading Reading)>>(StringComparer.Ordinal);
        foreach (var row in rows)
        {
            cancel.ThrowIfCancellationRequested();
            if (places.Find(row["surface"]) is null)
            {
                found.Add(row.At("surface"), $"the job has no surface '{row["surface"]}'");
                continue;
            }

            var json = new JsonObject();
            foreach (var column in ReadingColumns.Skip(1).Where(row.Has))
            {
                json[column] = column == "value" && Number(row[column]) is { } number ? number : row[column];
            }

            var (reading, fault) = JobFile.Parse<Reading>(json.ToJsonString());
            if (reading is null)
            {
                found.Add(row.At(Column(fault!.Path)), Plain(fault.Message));
                continue;
            }

            (added.TryGetValue(row["surface"], out var list) ? list : added[row["surface"]] = []).Add((row, reading));
        }

        foreach (var (id, readings) in added)
        {
            cancel.ThrowIfCancellationRequested();
            var (space, surface) = places.Find(id)!.Value;
            var known = surface.Readings.ToHashSet();
            var news = readings.Where(r => known.Add(r.Reading)).ToArray();
            places.Put(space, surface with { Readings = surface.Readings.AddRange(news.Select(n => n.Reading)) });
            foreach (var (row, reading) in news)
            {
                foreach (var sense in JobSense.ReadingFaults(surface with { Readings = [reading] }))
                {
                    found.Add(row.At(Column(sense.Path)), sense.Message);
                }
            }
        }

        return Whole(job, places.Whole(), found);
    }

    private static (Job? Job, ImmutableArray<Fault> Faults) Whole(Job job, Job whole, Faults found)
    {
        var faults = found.ToImmutable();
        faults = faults.IsEmpty ? JobSense.Added(job, whole) : faults;
        return faults.IsEmpty ? (whole, []) : (null, faults);
    }

    private static (List<Row> Rows, ImmutableArray<Fault> Faults) Rows(string text, string[] known, string needed, CancellationToken cancel)
    {
        var rows = new List<Row>();
        if (text.Length > Limits.FileCharacters)
        {
            return (rows, [new Fault("line 1", $"the file is longer than {Limits.FileCharacters / 1_000_000} million characters")]);
        }

        if (text.Contains('\0', StringComparison.Ordinal))
        {
            return (rows, [new Fault("line 1", "the file is no text: it holds a zero byte")]);
        }

        using var csv = new CsvReader(new StringReader(text.TrimStart('\uFEFF')), Reads);
        try
        {
            if (!csv.Read() || !csv.ReadHeader() || csv.HeaderRecord is not { } header)
            {
                return (rows, [new Fault("line 1", "expected a line of column names")]);
            }

            var faults = new Faults();
            for (var i = 0; i < header.Length; i++)
            {
                if (!known.Contains(header[i], StringComparer.Ordinal))
                {
                    faults.Add($"line 1, column {i + 1}", $"unknown column '{header[i]}'; expected some of {string.Join(", ", known)}");
                }
                else if (Array.IndexOf(header, header[i]) < i)
                {
                    faults.Add($"line 1, column {i + 1}", $"the column '{header[i]}' stands twice");
                }
            }

            if (!header.Contains(needed, StringComparer.Ordinal))
            {
                faults.Add("line 1", $"expected a column '{needed}'");
            }

            var columns = new Columns(header);
            while (faults.ToImmutable().IsEmpty && csv.Read())
            {
                cancel.ThrowIfCancellationRequested();
                if (csv.Parser.Count != header.Length)
                {
                    faults.Add($"line {csv.Parser.RawRow}", $"expected {header.Length} cells, found {csv.Parser.Count}");
                    break;
                }

                if (rows.Count == Limits.TableRows)
                {
                    faults.Add($"line {csv.Parser.RawRow}", $"a table has {Limits.TableRows} rows at most");
                    break;
                }

                rows.Add(new Row(csv.Parser.RawRow, columns, [.. csv.Parser.Record!.Select((cell, i) => Armed(cell, header[i]))]));
            }

            if (rows.Count == 0)
            {
                faults.Add("line 2", "the table has column names and no rows");
            }

            return (rows, faults.ToImmutable());
        }
        catch (CsvHelperException)
        {
            return (rows, [new Fault($"line {csv.Parser.RawRow}", "not a line of comma-separated values: look for a quote that is not closed")]);
        }
    }

    internal static string Write(IEnumerable<string> header, IEnumerable<IEnumerable<string?>> rows)
    {
        using var writer = new StringWriter(CultureInfo.InvariantCulture);
        using var csv = new CsvWriter(writer, Writing);
        foreach (var cell in header)
        {
            csv.WriteField(cell);
        }

        csv.NextRecord();
        foreach (var row in rows)
        {
            foreach (var cell in row)
            {
                csv.WriteField(Defused(cell ?? ""));
            }

            csv.NextRecord();
        }

        csv.Flush();
        return writer.ToString();
    }

    private static string Name(PropertyInfo property) => char.ToLowerInvariant(property.Name[0]) + property.Name[1..];

    private static string? Text(object? value) =>
        value switch
        {
            null => null,
            bool flag => flag ? "yes" : "no",
            Enum named => NamedEnumConverterFactory.Name(named.ToString()),
            IFormattable number => number.ToString(null, CultureInfo.InvariantCulture),
            _ => value.ToString(),
        };

    private static double? Number(string text) =>
        double.TryParse(text, NumberStyles.Float, CultureInfo.InvariantCulture, out var number) && double.IsFinite(number) ? number : null;

    private static JsonNode? Value(string text) =>
        text.Length == 0 ? null
        : int.TryParse(text, NumberStyles.AllowLeadingSign, CultureInfo.InvariantCulture, out var whole) ? JsonValue.Create(whole)
        : Number(text) is { } number ? JsonValue.Create(number)
        : JsonValue.Create(text);

    private static void Put(JsonObject json, string name, JsonNode? value)
    {
        if (value is null)
        {
            json.Remove(name);
        }
        else
        {
            json[name] = value;
        }
    }

    // The column that a path in the surface stands for.
    private static string Column(string path)
    {
        var last = path[(path.LastIndexOf('.') + 1)..];
        return path.Contains(".zone", StringComparison.Ordinal) ? $"zone{char.ToUpperInvariant(last[0])}{last[1..]}"
            : path.Contains(".form", StringComparison.Ordinal) ? "form"
            : path.Contains(".layers", StringComparison.Ordinal) ? "layers"
            : last;
    }

    // A line number in the message would be one of the row's own JSON, which nobody wrote.
    private static string Plain(string message) => message.Split(" (line", 2)[0];

    private sealed class Columns(string[] names)
    {
        private readonly Dictionary<string, int> places = names
            .Select((name, i) => (name, i))
            .DistinctBy(x => x.name)
            .ToDictionary(x => x.name, x => x.i, StringComparer.Ordinal);

        public int this[string column] => places.GetValueOrDefault(column, -1);
    }

    private sealed record Row(int Line, Columns Columns, string[] Cells)
    {
        public string this[string column] => Columns[column] is >= 0 and var at ? Cells[at] : "";

        public bool Holds(string column) => Columns[column] >= 0;

        public bool Has(string column) => this[column].Length > 0;

        public string At(string column) => Columns[column] is >= 0 and var at ? $"line {Line}, column {at + 1} ({column})" : $"line {Line}";
    }
}
