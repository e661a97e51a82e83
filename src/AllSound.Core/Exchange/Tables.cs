using System.Collections.Immutable;
using System.Globalization;
using System.Reflection;
using System.Text.Json.Nodes;
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
    private const int MostRows = 20_000;
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
    public static (Job? Job, ImmutableArray<Fault> Faults) ReadSurfaces(Job job, string text)
    {
        ArgumentNullException.ThrowIfNull(job);
        var (rows, faults) = Rows(text, [.. Own, .. FactProperties.Select(Name)], "id");
        if (!faults.IsEmpty)
        {
            return (null, faults);
        }

        var found = new Faults();
        var spaces = job.Buildings.SelectMany(b => b.Spaces).ToDictionary(s => s.Id, s => s.Surfaces.ToList(), StringComparer.Ordinal);
        foreach (var row in rows)
        {
            var id = row["id"];
            var space = spaces.FirstOrDefault(s => s.Value.Any(x => x.Id == id)).Key;
            var known = space is null ? null : spaces[space].First(s => s.Id == id);
            if (known is null && (!row.Has("space") || !spaces.ContainsKey(row["space"])))
            {
                found.Add(row.At("space"), $"a new surface needs a space of the job, one of {string.Join(", ", spaces.Keys)}");
                continue;
            }

            space ??= row["space"];
            var (surface, fault) = JobFile.Parse<Surface>(Merge(known, row).ToJsonString());
            if (surface is null)
            {
                found.Add(row.At(Column(fault!.Path)), Plain(fault.Message));
                continue;
            }

            // Checked in the space as it will be, so that zones may refer to rows above.
            var place = job.Buildings.SelectMany(b => b.Spaces).First(s => s.Id == space);
            var others = spaces[space].Where(s => s.Id != id).Append(surface);
            foreach (var sense in JobSense.SurfaceFaults(job, place with { Surfaces = [.. others] }, surface))
            {
                found.Add(row.At(Column(sense.Path)), sense.Message);
            }

            var at = spaces[space].FindIndex(s => s.Id == id);
            if (at < 0)
            {
                spaces[space].Add(surface);
            }
            else
            {
                spaces[space][at] = surface;
            }
        }

        return Whole(job, spaces, found);
    }

    /// <summary>A job with the readings of a table added to its surfaces. A reading that is there already, word for word, is not added again.</summary>
    public static (Job? Job, ImmutableArray<Fault> Faults) ReadReadings(Job job, string text)
    {
        ArgumentNullException.ThrowIfNull(job);
        var (rows, faults) = Rows(text, ReadingColumns, "surface");
        if (!faults.IsEmpty)
        {
            return (null, faults);
        }

        var found = new Faults();
        var spaces = job.Buildings.SelectMany(b => b.Spaces).ToDictionary(s => s.Id, s => s.Surfaces.ToList(), StringComparer.Ordinal);
        foreach (var row in rows)
        {
            var place = spaces.FirstOrDefault(s => s.Value.Any(x => x.Id == row["surface"]));
            if (place.Key is null)
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

            var at = place.Value.FindIndex(s => s.Id == row["surface"]);
            if (place.Value[at].Readings.Contains(reading))
            {
                continue;
            }

            var surface = place.Value[at] with { Readings = place.Value[at].Readings.Add(reading) };
            var here = $"$.readings[{surface.Readings.Length - 1}]";
            foreach (
                var sense in JobSense
                    .SurfaceFaults(job, job.Buildings.SelectMany(b => b.Spaces).First(s => s.Id == place.Key), surface)
                    .Where(f => f.Path.StartsWith(here, StringComparison.Ordinal))
            )
            {
                found.Add(row.At(Column(sense.Path)), sense.Message);
            }

            place.Value[at] = surface;
        }

        return Whole(job, spaces, found);
    }

    private static (Job? Job, ImmutableArray<Fault> Faults) Whole(Job job, Dictionary<string, List<Surface>> spaces, Faults found)
    {
        var faults = found.ToImmutable();
        if (!faults.IsEmpty)
        {
            return (null, faults);
        }

        var whole = job with { Buildings = [.. job.Buildings.Select(b => b with { Spaces = [.. b.Spaces.Select(s => s with { Surfaces = [.. spaces[s.Id]] })] })] };
        faults = JobSense.Faults(whole);
        return faults.IsEmpty ? (whole, []) : (null, faults);
    }

    private static (List<Row> Rows, ImmutableArray<Fault> Faults) Rows(string text, string[] known, string needed)
    {
        var rows = new List<Row>();
        if (text.Length > JobFile.LongestText)
        {
            return (rows, [new Fault("line 1", $"the file is longer than {JobFile.LongestText / 1024 / 1024} million characters")]);
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

            while (faults.ToImmutable().IsEmpty && csv.Read())
            {
                if (csv.Parser.Count != header.Length)
                {
                    faults.Add($"line {csv.Parser.RawRow}", $"expected {header.Length} cells, found {csv.Parser.Count}");
                    break;
                }

                if (rows.Count == MostRows)
                {
                    faults.Add($"line {csv.Parser.RawRow}", $"a table has {MostRows} rows at most");
                    break;
                }

                rows.Add(new Row(csv.Parser.RawRow, header, [.. csv.Parser.Record!.Select(c => c.Trim())]));
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

    private static string Write(IEnumerable<string> header, IEnumerable<IEnumerable<string?>> rows)
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
                csv.WriteField(cell ?? "");
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

    private sealed record Row(int Line, string[] Header, string[] Cells)
    {
        public string this[string column] => Holds(column) ? Cells[Array.IndexOf(Header, column)] : "";

        public bool Holds(string column) => Array.IndexOf(Header, column) >= 0;

        public bool Has(string column) => this[column].Length > 0;

        public string At(string column) => Holds(column) ? $"line {Line}, column {Array.IndexOf(Header, column) + 1} ({column})" : $"line {Line}";
    }
}
