using System.Globalization;

namespace AllSound.Storage;

/// <summary>Automatic copies of a database: when to take one, and which to keep.</summary>
public static class Copies
{
    private const string Pattern = "yyyyMMdd'T'HHmmss'Z'";

    /// <summary>Copies are taken this often while something changes.</summary>
    public static readonly TimeSpan Every = TimeSpan.FromHours(1);

    /// <summary>Of the copies of the last day every one is kept, of the last two weeks the last of each day, of the last eight weeks the last of each week; the newest always.</summary>
    /// <param name="taken">When each copy was taken.</param>
    /// <param name="now">The time.</param>
    /// <returns>Those that go.</returns>
    public static IReadOnlyList<DateTimeOffset> Thinned(IEnumerable<DateTimeOffset> taken, DateTimeOffset now)
    {
        ArgumentNullException.ThrowIfNull(taken);
        var all = taken.OrderByDescending(t => t).ToArray();
        var kept = new HashSet<DateTimeOffset>(all.Take(1));
        kept.UnionWith(all.Where(t => now - t <= TimeSpan.FromDays(1)));
        kept.UnionWith(all.Where(t => now - t <= TimeSpan.FromDays(14)).GroupBy(t => t.UtcDateTime.Date).Select(g => g.First()));
        kept.UnionWith(
            all.Where(t => now - t <= TimeSpan.FromDays(56)).GroupBy(t => (ISOWeek.GetYear(t.UtcDateTime), ISOWeek.GetWeekOfYear(t.UtcDateTime))).Select(g => g.First())
        );
        return [.. all.Where(t => !kept.Contains(t))];
    }

    /// <summary>The copies in a folder, with the time in their name.</summary>
    public static IReadOnlyList<(string Path, DateTimeOffset Taken)> In(string folder, string database) =>
        Directory.Exists(folder)
            ?
            [
                .. Directory
                    .GetFiles(folder, $"{Path.GetFileNameWithoutExtension(database)}-*.db")
                    .Select(f => (Path: f, Taken: TimeIn(f)))
                    .Where(x => x.Taken is not null)
                    .Select(x => (x.Path, x.Taken!.Value))
                    .OrderBy(x => x.Value),
            ]
            : [];

    /// <summary>Takes a copy, looks it over, and thins out the older ones.</summary>
    /// <returns>The copy.</returns>
    /// <exception cref="DatabaseFault">It could not be taken; the older ones stay.</exception>
    public static string Take(string database, string folder, DateTimeOffset now)
    {
        Directory.CreateDirectory(folder, UnixFileMode.UserRead | UnixFileMode.UserWrite | UnixFileMode.UserExecute);
        var copy = Path.Combine(folder, $"{Path.GetFileNameWithoutExtension(database)}-{now.UtcDateTime.ToString(Pattern, CultureInfo.InvariantCulture)}.db");
        Backup.Copy(database, copy);
        var copies = In(folder, database);
        foreach (var gone in Thinned(copies.Select(c => c.Taken), now))
        {
            File.Delete(copies.First(c => c.Taken == gone).Path);
        }

        return copy;
    }

    private static DateTimeOffset? TimeIn(string file) =>
        Path.GetFileNameWithoutExtension(file) is { Length: > 16 } name
        && DateTimeOffset.TryParseExact(name[^16..], Pattern, CultureInfo.InvariantCulture, DateTimeStyles.AssumeUniversal, out var time)
            ? time
            : null;
}
