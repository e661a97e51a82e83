using System.Collections.Immutable;
using System.ComponentModel.DataAnnotations;
using System.Reflection;

namespace AllSound.Core.Jobs;

/// <summary>
/// How much a job may hold, in one place. A property that differs from the usual carries <see cref="MaxLengthAttribute"/>, which the
/// schema, the API document and the check of a job all read. All values are judgements: well above real jobs, well below what
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

    /// <summary>Most that one tin or pack holds, in its product's unit.</summary>
    public const double Pack = 1000;

    /// <summary>Packs on the price lists of a job.</summary>
    public const int Prices = 5000;

    /// <summary>Tasks of one's own in a programme; links and exclusions between tasks, each.</summary>
    public const int Tasks = 2000;

    /// <summary>Rows of the weather: a quarter of a year by the hour.</summary>
    public const int WeatherRows = 2200;

    /// <summary>Ways in which the weather may come, besides the table.</summary>
    public const int WeatherMembers = 50;

    /// <summary>Lines of the site log of a job.</summary>
    public const int LogEntries = 20_000;

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

    /// <summary>True for a list.</summary>
    public static bool IsList(Type type) => type.IsGenericType && type.GetGenericTypeDefinition() == typeof(ImmutableArray<>);
}
