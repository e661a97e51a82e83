using System.Collections;
using System.Collections.Concurrent;
using System.Collections.Immutable;
using System.ComponentModel.DataAnnotations;
using System.Reflection;
using System.Text.Json;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Exchange;

/// <summary>
/// How much a job may hold, in one place. A property that differs from the usual carries <see cref="MaxLengthAttribute"/>, which the
/// schema, the API document and <see cref="JobSense"/> all read. All values are judgements: well above real jobs, well below what
/// would exhaust a small machine.
/// </summary>
public static class Limits
{
    /// <summary>Characters of a text that has no limit of its own.</summary>
    public const int Text = 200;

    /// <summary>Characters of free notes.</summary>
    public const int Notes = 4000;

    /// <summary>Characters of the caption of a photo.</summary>
    public const int Caption = 300;

    /// <summary>Items of a list that has no limit of its own.</summary>
    public const int Items = 200;

    /// <summary>Readings of one surface.</summary>
    public const int Readings = 2000;

    /// <summary>Buildings of a job.</summary>
    public const int Buildings = 100;

    /// <summary>Spaces of a job.</summary>
    public const int Spaces = 1000;

    /// <summary>Surfaces of a job.</summary>
    public const int Surfaces = 5000;

    /// <summary>Own products, trials and judgements of a job, each.</summary>
    public const int OfTheFirm = 1000;

    /// <summary>Photos of one surface.</summary>
    public const int Photos = 500;

    /// <summary>Characters of all records of a job together, written without indentation.</summary>
    public const int JobCharacters = 8_000_000;

    /// <summary>Characters of a job file that is read: a job of <see cref="JobCharacters"/> with its indentation stays below it.</summary>
    public const int FileCharacters = 48_000_000;

    /// <summary>Rows of a table that is read.</summary>
    public const int TableRows = 20_000;

    /// <summary>Lines of a pasted sequence. A sequence has <see cref="Items"/> steps at most; the rest is room for blank lines and headings.</summary>
    public const int PastedLines = 400;

    /// <summary>Characters of one stored record as JSON without indentation.</summary>
    public static int Size<T>(T record) => JsonSerializer.Serialize(record, JobFile.Compact).Length;

    /// <summary>The most that a property may hold: characters of a text, items of a list.</summary>
    public static int Most(ICustomAttributeProvider property, Type type)
    {
        ArgumentNullException.ThrowIfNull(property);
        return property.GetCustomAttributes(typeof(MaxLengthAttribute), inherit: true).OfType<MaxLengthAttribute>().FirstOrDefault()?.Length
            ?? (type == typeof(string) ? Text : Items);
    }

    /// <summary>True for a type that has a length to be limited.</summary>
    public static bool HasLength(Type type) => type == typeof(string) || IsList(type) || IsMap(type);

    /// <summary>True for a set of named texts.</summary>
    public static bool IsMap(Type type) => type == typeof(ImmutableDictionary<string, string>);

    /// <summary>Adds a fault for every text or list below a record that is longer than it may be, or null where nothing may be null.</summary>
    internal static void Check(Faults faults, string at, object record)
    {
        foreach (var rule in Rules.GetOrAdd(record.GetType(), Make))
        {
            rule(faults, at, record);
        }
    }

    private delegate void Rule(Faults faults, string at, object record);

    private static readonly ConcurrentDictionary<Type, Rule[]> Rules = new();

    private static Rule[] Make(Type type) => [.. type.GetProperties().Where(p => p.CanWrite).Select(Make).OfType<Rule>()];

    private static Rule? Make(PropertyInfo property)
    {
        var name = "." + JsonNamingPolicy.CamelCase.ConvertName(property.Name);
        var type = Nullable.GetUnderlyingType(property.PropertyType) ?? property.PropertyType;
        var most = Most(property, type);
        if (type == typeof(string))
        {
            return (faults, at, record) => Long(faults, at + name, (string?)property.GetValue(record), most);
        }

        if (IsList(type))
        {
            var item = type.GetGenericArguments()[0];
            // What has a record of its own is looked at by itself.
            var nested = IsRecord(item) && item != typeof(Building) && item != typeof(Space) && item != typeof(Surface);
            return (faults, at, record) =>
            {
                if (property.GetValue(record) is not ICollection list || IsDefault(list))
                {
                    return;
                }

                if (list.Count > most)
                {
                    faults.Add(at + name, $"expected {most} items at most, found {list.Count}");
                    return;
                }

                var i = 0;
                foreach (var value in nested || item == typeof(string) ? list : Array.Empty<object>())
                {
                    var here = $"{at}{name}[{i++}]";
                    if (value is string text)
                    {
                        Long(faults, here, text, Text);
                    }
                    else
                    {
                        Check(faults, here, value);
                    }
                }
            };
        }

        if (IsMap(type))
        {
            return (faults, at, record) =>
            {
                var entries = (ImmutableDictionary<string, string>)property.GetValue(record)!;
                if (entries.Count > most)
                {
                    faults.Add(at + name, $"expected {most} entries at most, found {entries.Count}");
                }
            };
        }

        return IsRecord(type)
            ? (faults, at, record) =>
            {
                if (property.GetValue(record) is { } value)
                {
                    Check(faults, at + name, value);
                }
            }
            : null;
    }

    private static void Long(Faults faults, string at, string? text, int most)
    {
        if (text?.Length > most)
        {
            faults.Add(at, $"expected {most} characters at most, found {text.Length}");
        }
    }

    // A list left out of a file that must have one is no list at all.
    private static bool IsDefault(ICollection list) => list.GetType().GetProperty("IsDefault")?.GetValue(list) is true;

    private static bool IsList(Type type) => type.IsGenericType && type.GetGenericTypeDefinition() == typeof(ImmutableArray<>);

    private static bool IsRecord(Type type) => type.IsClass && type.Assembly == typeof(Limits).Assembly;
}
