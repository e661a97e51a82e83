using System.Collections.Frozen;
using System.Text.Json;
using System.Text.Json.Serialization;

namespace AllSound.Core.Exchange;

/// <summary>Enumerations by name, camelCase save for codes in capitals; numbers and other spellings are refused with the names expected.</summary>
internal sealed class NamedEnumConverterFactory : JsonConverterFactory
{
    public override bool CanConvert(Type typeToConvert) => typeToConvert.IsEnum;

    public override JsonConverter CreateConverter(Type typeToConvert, JsonSerializerOptions options) =>
        (JsonConverter)Activator.CreateInstance(typeof(NamedEnumConverter<>).MakeGenericType(typeToConvert))!;

    public static string Name(string member) => member.All(char.IsUpper) ? member : char.ToLowerInvariant(member[0]) + member[1..];
}

internal sealed class NamedEnumConverter<T> : JsonConverter<T>
    where T : struct, Enum
{
    private static readonly FrozenDictionary<string, T> ByName = Enum.GetValues<T>()
        .ToFrozenDictionary(v => NamedEnumConverterFactory.Name(v.ToString()), StringComparer.Ordinal);

    private static readonly FrozenDictionary<T, string> Names = ByName.ToFrozenDictionary(p => p.Value, p => p.Key);

    public override T Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options)
    {
        if (reader.TokenType == JsonTokenType.String && ByName.TryGetValue(reader.GetString()!, out var value))
        {
            return value;
        }

        throw new JsonException($"expected one of {string.Join(", ", Enum.GetValues<T>().Select(v => Names[v]))}");
    }

    public override void Write(Utf8JsonWriter writer, T value, JsonSerializerOptions options) => writer.WriteStringValue(Names[value]);

    public override T ReadAsPropertyName(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) => Read(ref reader, typeToConvert, options);
}
