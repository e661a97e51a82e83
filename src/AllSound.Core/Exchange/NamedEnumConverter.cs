using System.Globalization;
using System.Runtime.CompilerServices;
using System.Text.Json;
using System.Text.Json.Serialization;

namespace AllSound.Core.Exchange;

/// <summary>Enumerations by name, camelCase save for codes in capitals; numbers and other spellings are refused with the names expected.</summary>
internal sealed class NamedEnumConverterFactory : JsonConverterFactory
{
    public override bool CanConvert(Type typeToConvert) => typeToConvert.IsEnum;

    public override JsonConverter CreateConverter(Type typeToConvert, JsonSerializerOptions options) =>
        (JsonConverter)Activator.CreateInstance(typeof(NamedEnumConverter<>).MakeGenericType(typeToConvert), [new EnumNames(typeToConvert)])!;

    public static string Name(string member) => member.All(char.IsUpper) ? member : char.ToLowerInvariant(member[0]) + member[1..];
}

/// <summary>The names of one enumeration's values. Not generic, so that some forty enumerations do not each compile their own dictionaries at the start.</summary>
internal sealed class EnumNames
{
    private readonly string[] names;
    private readonly int[] values;

    public EnumNames(Type enumeration)
    {
        var underlying = Enum.GetValuesAsUnderlyingType(enumeration);
        values = new int[underlying.Length];
        for (var i = 0; i < values.Length; i++)
        {
            values[i] = Convert.ToInt32(underlying.GetValue(i), CultureInfo.InvariantCulture);
        }

        names = [.. Enum.GetNames(enumeration).Select(NamedEnumConverterFactory.Name)];
    }

    public string this[int value] => names[Array.IndexOf(values, value)];

    public int Read(ref Utf8JsonReader reader)
    {
        if (reader.TokenType is JsonTokenType.String or JsonTokenType.PropertyName)
        {
            for (var i = 0; i < names.Length; i++)
            {
                if (reader.ValueTextEquals(names[i]))
                {
                    return values[i];
                }
            }
        }

        throw new JsonException($"expected one of {string.Join(", ", names)}");
    }
}

internal sealed class NamedEnumConverter<T>(EnumNames names) : JsonConverter<T>
    where T : struct, Enum
{
    public override T Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options)
    {
        var value = names.Read(ref reader);
        if (Unsafe.SizeOf<T>() == sizeof(byte))
        {
            var small = (byte)value;
            return Unsafe.As<byte, T>(ref small);
        }

        return Unsafe.As<int, T>(ref value);
    }

    public override void Write(Utf8JsonWriter writer, T value, JsonSerializerOptions options) =>
        writer.WriteStringValue(names[Unsafe.SizeOf<T>() == sizeof(byte) ? Unsafe.As<T, byte>(ref value) : Unsafe.As<T, int>(ref value)]);

    public override T ReadAsPropertyName(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) => Read(ref reader, typeToConvert, options);
}
