using System.Collections.Immutable;
using System.Text.Json;
using System.Text.Json.Serialization;
using System.Text.Json.Serialization.Metadata;
using AllSound.Core.Wording;

namespace AllSound.Core.Exchange;

/// <summary>Writes reports in the reader's terms and units: every property marked <see cref="ProseAttribute"/>, and nothing else.</summary>
public static class SpokenJson
{
    // What is null is written, as it may be asked for when it is read again.
    private static readonly JsonSerializerOptions Whole = new(JobFile.Compact) { DefaultIgnoreCondition = JsonIgnoreCondition.Never };

    /// <summary>A change to a contract, so that its prose is said as the reader wants it each time it is written.</summary>
    /// <param name="speech">How the reader wants it said.</param>
    /// <exception cref="InvalidOperationException">Something is marked as prose that is neither a text nor a list of texts.</exception>
    public static Action<JsonTypeInfo> Prose(Func<Speech> speech) =>
        type =>
        {
            foreach (var property in type.Properties)
            {
                if (property.AttributeProvider?.IsDefined(typeof(ProseAttribute), true) == true && property.Get is { } get)
                {
                    property.Get = owner => Said(get(owner), speech());
                }
            }
        };

    /// <summary>The options with prose said so.</summary>
    public static JsonSerializerOptions With(JsonSerializerOptions options, Speech speech)
    {
        ArgumentNullException.ThrowIfNull(options);
        return speech == Speech.AsWritten
            ? options
            : new(options) { TypeInfoResolver = (options.TypeInfoResolver ?? new DefaultJsonTypeInfoResolver()).WithAddedModifier(Prose(() => speech)) };
    }

    /// <summary>A report in the reader's words, for whoever goes on with it as an object.</summary>
    /// <param name="report">A report or document.</param>
    /// <param name="speech">How the reader wants it said.</param>
    public static T Say<T>(T report, Speech speech)
        where T : class => speech == Speech.AsWritten ? report : JsonSerializer.Deserialize<T>(JsonSerializer.Serialize(report, With(Whole, speech)), Whole)!;

    private static object? Said(object? prose, Speech speech) =>
        speech == Speech.AsWritten
            ? prose
            : prose switch
            {
                null => null,
                string text => speech.Say(text),
                ImmutableArray<string> { IsDefault: false } texts => texts.Select(speech.Say).ToImmutableArray(),
                ImmutableArray<ImmutableArray<string>> { IsDefault: false } rows => rows.Select(row => row.Select(speech.Say).ToImmutableArray()).ToImmutableArray(),
                _ => throw new InvalidOperationException($"{prose.GetType().Name} is marked as prose and is neither a text nor a list of texts."),
            };
}
