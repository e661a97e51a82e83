using System.Collections;
using System.Collections.Concurrent;
using System.Collections.Immutable;
using System.Reflection;
using System.Text.Json;
using AllSound.Core.Jobs;

namespace AllSound.Core.Exchange;

/// <summary>Checks records against <see cref="Limits"/>.</summary>
public static class LengthLimits
{
    /// <summary>Characters of one stored record as JSON without indentation.</summary>
    public static int Size<T>(T record) => JsonSerializer.Serialize(record, JobFile.Compact).Length;

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
        var most = Limits.Most(property, type);
        if (type == typeof(string))
        {
            return (faults, at, record) => Long(faults, at + name, (string?)property.GetValue(record), most);
        }

        if (Limits.IsList(type))
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
                        Long(faults, here, text, Limits.Text);
                    }
                    else
                    {
                        Check(faults, here, value);
                    }
                }
            };
        }

        if (Limits.IsMap(type))
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

    private static bool IsRecord(Type type) => type.IsClass && type.Assembly == typeof(Job).Assembly;
}
