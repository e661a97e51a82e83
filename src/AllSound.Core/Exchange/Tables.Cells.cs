using System.Globalization;
using System.Reflection;
using System.Text.Json.Nodes;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;
using CsvHelper;
using CsvHelper.Configuration;

namespace AllSound.Core.Exchange;

/// <content>From the cells of a row to a record.</content>
public static partial class Tables
{
    // Columns whose text is the writer's own, blanks and all; elsewhere blanks round a cell mean nothing.
    private static readonly HashSet<string> Free = new(["title", "notes", "where", "layer", "instrument", "by"], StringComparer.Ordinal);

    // A cell that begins like this is worked out by a spreadsheet instead of shown (OWASP, "CSV injection", from memory).
    private const string Formulas = "=+-@\t\r\n＝＋－＠";

    // An apostrophe before such a cell makes it text; so a cell that has apostrophes and then such a sign gets one more.
    private static string Defused(string cell) => Begins(cell) && Number(cell) is null ? $"'{cell}" : cell;

    private static string Armed(string cell, string column)
    {
        var text = Free.Contains(column) ? cell : cell.Trim();
        return text.StartsWith('\'') && Begins(text[1..]) && Number(text[1..]) is null ? text[1..] : text;
    }

    private static bool Begins(string cell) => cell.AsSpan().TrimStart('\'') is { Length: > 0 } rest && Formulas.Contains(rest[0], StringComparison.Ordinal);

    // The surfaces of a job by id, to be changed and put together again.
    private sealed class Places
    {
        private readonly Job job;
        private readonly Dictionary<string, List<Surface>> spaces;
        private readonly Dictionary<string, (string Space, int At)> at = new(StringComparer.Ordinal);

        public Places(Job job)
        {
            this.job = job;
            spaces = job.Buildings.SelectMany(b => b.Spaces).ToDictionary(s => s.Id, s => s.Surfaces.ToList(), StringComparer.Ordinal);
            foreach (var (space, surfaces) in spaces)
            {
                for (var i = 0; i < surfaces.Count; i++)
                {
                    at[surfaces[i].Id] = (space, i);
                }
            }
        }

        public IEnumerable<string> Spaces => spaces.Keys;

        public bool HasSpace(string space) => spaces.ContainsKey(space);

        public (string Space, Surface Surface)? Find(string surface) => at.TryGetValue(surface, out var x) ? (x.Space, spaces[x.Space][x.At]) : null;

        public void Put(string space, Surface surface)
        {
            if (at.TryGetValue(surface.Id, out var known))
            {
                spaces[known.Space][known.At] = surface;
                return;
            }

            at[surface.Id] = (space, spaces[space].Count);
            spaces[space].Add(surface);
        }

        public Job Whole() =>
            job with
            {
                Buildings = [.. job.Buildings.Select(b => b with { Spaces = [.. b.Spaces.Select(s => s with { Surfaces = [.. spaces[s.Id]] })] })],
            };
    }

    private static JsonObject Merge(Surface? known, Row row)
    {
        var json = known is null ? [] : JsonNode.Parse(System.Text.Json.JsonSerializer.Serialize(known, JobFile.Options))!.AsObject();
        json["id"] = row["id"];
        foreach (var column in new[] { "title", "element", "substrate", "exposure", "wall", "notes" }.Where(row.Holds))
        {
            Put(json, column, row.Has(column) ? JsonValue.Create(row[column]) : null);
        }

        if (row.Holds("year"))
        {
            Put(json, "year", Value(row["year"]));
        }

        Group(json, "size", row, ("lengthM", "lengthM"), ("heightM", "heightM"), ("areaM2", "areaM2"));
        Group(json, "zone", row, ("zoneOf", "of"), ("zoneLeftM", "leftM"), ("zoneBottomM", "bottomM"), ("zoneWidthM", "widthM"), ("zoneHeightM", "heightM"));
        if (row.Holds("form") && row["form"] != (known?.Form?.Kind ?? ""))
        {
            Put(json, "form", row.Has("form") ? new JsonObject { ["kind"] = row["form"] } : null);
        }

        // A cell says less of a layer than the record: where it says the same, the record stands.
        if (row.Holds("layers") && (known is null || row["layers"] != (Layers(known) ?? "")))
        {
            Put(json, "layers", Layers(row["layers"]));
        }

        var facts = json["facts"]?.AsObject() ?? [];
        foreach (var property in FactProperties)
        {
            var column = Name(property);
            if (row.Holds(column))
            {
                var text = row[column];
                var flag = Nullable.GetUnderlyingType(property.PropertyType) == typeof(bool);
                Put(
                    facts,
                    column,
                    text.Length == 0 ? null
                        : flag && text.ToLowerInvariant() is "yes" or "true" ? JsonValue.Create(true)
                        : flag && text.ToLowerInvariant() is "no" or "false" ? JsonValue.Create(false)
                        : Value(text)
                );
            }
        }

        json["facts"] = facts.Parent is null ? facts : facts.DeepClone();
        return json;
    }

    private static void Group(JsonObject json, string name, Row row, params (string Column, string Field)[] fields)
    {
        if (!fields.Any(f => row.Holds(f.Column)))
        {
            return;
        }

        var group = json[name]?.DeepClone().AsObject() ?? [];
        foreach (var (column, field) in fields.Where(f => row.Holds(f.Column)))
        {
            Put(group, field, row.Has(column) ? Value(row[column]) : null);
        }

        Put(json, name, group.Count == 0 ? null : group);
    }

    // "emul_matt x2 2019; emul_silk" from the substrate outward; "bare" for none.
    private static JsonArray? Layers(string text)
    {
        if (text.Length == 0)
        {
            return null;
        }

        var layers = new JsonArray();
        foreach (var part in text == "bare" ? [] : text.Split(';', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries))
        {
            var words = part.Split(' ', StringSplitOptions.RemoveEmptyEntries);
            var layer = new JsonObject { ["coating"] = words[0] };
            foreach (var word in words.Skip(1))
            {
                layer[word[0] == 'x' ? "coats" : "year"] = Value(word.TrimStart('x'));
            }

            layers.Add(layer);
        }

        return layers;
    }

    private static string? Layers(Surface surface) =>
        surface.Layers is not { } layers ? null
        : layers.IsEmpty ? "bare"
        : string.Join("; ", layers.Select(l => $"{l.Coating}{(l.Coats > 1 ? $" x{l.Coats}" : "")}{(l.Year is { } year ? FormattableString.Invariant($" {year}") : "")}"));
}
