using System.Collections.Immutable;
using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Schema;
using System.Text.Json.Serialization;
using System.Text.RegularExpressions;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Exchange;

/// <summary>Something wrong in a job file.</summary>
/// <param name="Path">JSON path, or line and column where the text is no JSON.</param>
/// <param name="Message">What was expected.</param>
public sealed record Fault(string Path, string Message)
{
    /// <inheritdoc/>
    public override string ToString() => $"{Path}: {Message}";
}

/// <summary>Reads and writes the job-file format. Text in, text out: files are the caller's affair.</summary>
public static partial class JobFile
{
    /// <summary>Serialiser settings of the job file and of everything else that speaks its vocabulary.</summary>
    public static JsonSerializerOptions Options { get; } = CreateOptions(indented: true);

    /// <summary>The same without indentation, for storing.</summary>
    public static JsonSerializerOptions Compact { get; } = CreateOptions(indented: false);

    /// <summary>Reads a job.</summary>
    /// <param name="text">The file's text.</param>
    /// <param name="thisYear">The year now, where the caller has a clock: no year in the file may be later.</param>
    /// <returns>The job and no faults, or no job and at least one fault.</returns>
    public static (Job? Job, ImmutableArray<Fault> Faults) Read(string text, int? thisYear = null)
    {
        ArgumentNullException.ThrowIfNull(text);
        if (text.Length > Limits.FileCharacters)
        {
            return (null, [new Fault("$", $"the file is longer than {Limits.FileCharacters / 1_000_000} million characters")]);
        }

        var (job, fault) = Parse<Job>(text);
        if (job is null)
        {
            return (null, [fault!]);
        }

        job = ImpliedExposure.Fill(job, text);
        var faults = JobSense.Faults(job, thisYear);
        return faults.IsEmpty ? (job, []) : (null, faults);
    }

    /// <summary>Writes a job. Reading the text again gives an equal job.</summary>
    public static string Write(Job job) => JsonSerializer.Serialize(job, Options) + "\n";

    /// <summary>Reads one value of the vocabulary, with a fault instead of an exception.</summary>
    /// <typeparam name="T">What to read.</typeparam>
    public static (T? Value, Fault? Fault) Parse<T>(string text)
        where T : class
    {
        ArgumentNullException.ThrowIfNull(text);
        try
        {
            var value = JsonSerializer.Deserialize<T>(text, Options);
            return value is null ? (null, new Fault("$", "expected an object, found null"))
                : NullItem(text) is { } path ? (null, new Fault(path, "may not be null"))
                : (value, null);
        }
        catch (InvalidOperationException)
        {
            // Half of a surrogate pair: no text at all.
            return (null, new Fault("$", "not valid JSON: a text holds half of a character"));
        }
        catch (JsonException e)
        {
            return (null, Explain(e));
        }
    }

    /// <summary>Says in plain words what a JSON error means.</summary>
    public static Fault Explain(JsonException error)
    {
        ArgumentNullException.ThrowIfNull(error);
        var message = error.Message;
        var path = string.IsNullOrEmpty(error.Path) ? "$" : error.Path;
        var line = error.LineNumber is { } n ? $" (line {n + 1})" : "";
        if (Unmapped().Match(message) is { Success: true } unmapped)
        {
            return new Fault(path, $"'{unmapped.Groups[1].Value}' is not known here{line}");
        }

        if (Doubled().Match(message) is { Success: true } doubled)
        {
            return new Fault(path, $"'{doubled.Groups[1].Value}' stands twice{line}");
        }

        if (Missing().Match(message) is { Success: true } missing)
        {
            return new Fault(path, $"missing {missing.Groups[1].Value.Replace("'", "", StringComparison.Ordinal)}{line}");
        }

        if (Converted().Match(message) is { Success: true } converted)
        {
            return new Fault(path, $"expected {Kind(converted.Groups[1].Value)}{line}");
        }

        if (message.Contains("null", StringComparison.Ordinal) && message.Contains("nullab", StringComparison.OrdinalIgnoreCase))
        {
            return new Fault(path, $"may not be null{line}");
        }

        var cut = message.IndexOf(" Path:", StringComparison.Ordinal);
        var plain = cut > 0 ? message[..cut] : message;
        return error.InnerException is JsonException or null && message.StartsWith("expected", StringComparison.Ordinal)
            ? new Fault(path, plain + line)
            : new Fault(
                error.LineNumber is { } l ? $"line {l + 1}, column {(error.BytePositionInLine ?? 0) + 1}" : path,
                $"not valid JSON: {plain.Split(" LineNumber", 2)[0]}"
            );
    }

    /// <summary>The JSON Schema (2020-12) of the job file, made from the types that read it.</summary>
    public static string Schema()
    {
        var node = Options.GetJsonSchemaAsNode(typeof(Job), new JsonSchemaExporterOptions { TreatNullObliviousAsNonNullable = true, TransformSchemaNode = Describe });
        var schema = new JsonObject { ["$schema"] = "https://json-schema.org/draft/2020-12/schema", ["title"] = "All Sound job file, " + Job.CurrentFormat };
        foreach (var (key, value) in node.AsObject())
        {
            schema[key] = value?.DeepClone();
        }

        return schema.ToJsonString(new JsonSerializerOptions { WriteIndented = true, Encoder = System.Text.Encodings.Web.JavaScriptEncoder.UnsafeRelaxedJsonEscaping })
            + "\n";
    }

    /// <summary>The names of an enumeration's values in files.</summary>
    public static IEnumerable<string> Names(Type enumeration) => Enum.GetNames(enumeration).Select(NamedEnumConverterFactory.Name);

    /// <summary>Path of the first null that is an item of a list or a named entry of a set of names; null when there is none.</summary>
    // The serialiser checks members for null, not the items of lists.
    private static string? NullItem(string text)
    {
        if (!text.Contains("null", StringComparison.Ordinal))
        {
            return null;
        }

        var reader = new Utf8JsonReader(System.Text.Encoding.UTF8.GetBytes(text));
        var path = new Stack<(string? Name, int Item)>();
        while (reader.Read())
        {
            switch (reader.TokenType)
            {
                case JsonTokenType.StartArray:
                    path.Push((null, -1));
                    break;
                case JsonTokenType.StartObject:
                    Step(path);
                    path.Push(("", 0));
                    continue;
                case JsonTokenType.PropertyName:
                    path.Pop();
                    path.Push((reader.GetString(), 0));
                    continue;
                case JsonTokenType.EndArray or JsonTokenType.EndObject:
                    path.Pop();
                    continue;
                case JsonTokenType.Null when path.TryPeek(out var top) && top.Name is null:
                    Step(path);
                    return "$" + string.Concat(path.Reverse().Select(p => p.Name is { } name ? $".{name}" : $"[{p.Item}]"));
                default:
                    Step(path);
                    break;
            }
        }

        return null;
    }

    private static void Step(Stack<(string? Name, int Item)> path)
    {
        if (path.TryPeek(out var top) && top.Name is null)
        {
            path.Pop();
            path.Push((null, top.Item + 1));
        }
    }

    // Limits stand with the fields in the schema too.
    private static JsonNode Describe(JsonSchemaExporterContext context, JsonNode node)
    {
        var named = NameEnums(context, node);
        var type = Nullable.GetUnderlyingType(context.TypeInfo.Type) ?? context.TypeInfo.Type;
        if (context.PropertyInfo?.AttributeProvider is { } property && Limits.HasLength(type) && named is JsonObject schema)
        {
            schema[
                type == typeof(string) ? "maxLength"
                : Limits.IsMap(type) ? "maxProperties"
                : "maxItems"
            ] = Limits.Most(property, type);
        }

        return named;
    }

    /// <summary>The name of an enumeration's value in files.</summary>
    public static string Name<T>(T value)
        where T : struct, Enum => NamedEnumConverterFactory.Name(value.ToString());

    /// <summary>The value of a name in files.</summary>
    /// <returns>False when there is none of that name.</returns>
    public static bool TryName<T>(string name, out T value)
        where T : struct, Enum
    {
        foreach (var known in Enum.GetValues<T>())
        {
            if (Name(known) == name)
            {
                value = known;
                return true;
            }
        }

        value = default;
        return false;
    }

    private static JsonNode NameEnums(JsonSchemaExporterContext context, JsonNode node)
    {
        var type = Nullable.GetUnderlyingType(context.TypeInfo.Type) ?? context.TypeInfo.Type;
        if (!type.IsEnum)
        {
            return node;
        }

        var values = new JsonArray([.. Names(type).Select(n => (JsonNode)n)]);
        if (type != context.TypeInfo.Type)
        {
            values.Add((JsonNode?)null);
        }

        return new JsonObject { ["enum"] = values };
    }

    private static JsonSerializerOptions CreateOptions(bool indented) =>
        new()
        {
            PropertyNamingPolicy = JsonNamingPolicy.CamelCase,
            UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow,
            RespectNullableAnnotations = true,
            RespectRequiredConstructorParameters = true,
            DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull,
            AllowDuplicateProperties = false,
            WriteIndented = indented,
            Encoder = System.Text.Encodings.Web.JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
            NumberHandling = JsonNumberHandling.Strict,
            Converters = { new NamedEnumConverterFactory() },
            TypeInfoResolver = new System.Text.Json.Serialization.Metadata.DefaultJsonTypeInfoResolver(),
        };

    private static string Kind(string type) =>
        type switch
        {
            _ when type.Contains("Double", StringComparison.Ordinal) || type.Contains("Decimal", StringComparison.Ordinal) => "a number",
            _ when type.Contains("Int32", StringComparison.Ordinal) || type.Contains("Int64", StringComparison.Ordinal) => "a whole number",
            _ when type.Contains("Boolean", StringComparison.Ordinal) => "true or false",
            _ when type.Contains("DateTime", StringComparison.Ordinal) => "a date and time such as 2026-10-05T09:30:00",
            _ when type.Contains("ImmutableArray", StringComparison.Ordinal) => "a list",
            "System.String" => "text",
            _ => "an object",
        };

    [GeneratedRegex("JSON property '([^']*)' could not be mapped")]
    private static partial Regex Unmapped();

    [GeneratedRegex("Duplicate property '([^']*)'")]
    private static partial Regex Doubled();

    [GeneratedRegex("missing required properties including: (.*?)\\.?$")]
    private static partial Regex Missing();

    [GeneratedRegex("could not be converted to ([^ ]*?)\\.? Path")]
    private static partial Regex Converted();
}
