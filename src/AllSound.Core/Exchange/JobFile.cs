using System.Collections.Immutable;
using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Schema;
using System.Text.Json.Serialization;
using System.Text.RegularExpressions;
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
    /// <summary>Longest text read, characters.</summary>
    public const int LongestText = 16 * 1024 * 1024;

    /// <summary>Serialiser settings of the job file and of everything else that speaks its vocabulary.</summary>
    public static JsonSerializerOptions Options { get; } = CreateOptions(indented: true);

    /// <summary>Reads a job.</summary>
    /// <param name="text">The file's text.</param>
    /// <returns>The job and no faults, or no job and at least one fault.</returns>
    public static (Job? Job, ImmutableArray<Fault> Faults) Read(string text)
    {
        ArgumentNullException.ThrowIfNull(text);
        if (text.Length > LongestText)
        {
            return (null, [new Fault("$", $"the file is longer than {LongestText / 1024 / 1024} million characters")]);
        }

        var (job, fault) = Parse<Job>(text);
        if (job is null)
        {
            return (null, [fault!]);
        }

        var faults = JobSense.Faults(job);
        return faults.IsEmpty ? (job, []) : (null, faults);
    }

    /// <summary>Writes a job. Reading the text again gives an equal job.</summary>
    public static string Write(Job job) => JsonSerializer.Serialize(job, Options) + "\n";

    /// <summary>Reads one value of the vocabulary, with a fault instead of an exception.</summary>
    /// <typeparam name="T">What to read.</typeparam>
    public static (T? Value, Fault? Fault) Parse<T>(string text)
        where T : class
    {
        try
        {
            var value = JsonSerializer.Deserialize<T>(text, Options);
            return value is null ? (null, new Fault("$", "expected an object, found null")) : (value, null);
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
        var node = Options.GetJsonSchemaAsNode(typeof(Job), new JsonSchemaExporterOptions { TreatNullObliviousAsNonNullable = true, TransformSchemaNode = NameEnums });
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
            _ when type.Contains("Int32", StringComparison.Ordinal) => "a whole number",
            _ when type.Contains("Boolean", StringComparison.Ordinal) => "true or false",
            _ when type.Contains("DateTime", StringComparison.Ordinal) => "a date and time such as 2026-10-05T09:30:00",
            _ when type.Contains("ImmutableArray", StringComparison.Ordinal) => "a list",
            "System.String" => "text",
            _ => "an object",
        };

    [GeneratedRegex("JSON property '([^']*)' could not be mapped")]
    private static partial Regex Unmapped();

    [GeneratedRegex("missing required properties including: (.*?)\\.?$")]
    private static partial Regex Missing();

    [GeneratedRegex("could not be converted to ([^ ]*?)\\.? Path")]
    private static partial Regex Converted();
}
