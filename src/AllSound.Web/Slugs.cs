using System.Globalization;
using System.Text.RegularExpressions;

namespace AllSound.Web;

/// <summary>Ids from titles.</summary>
internal static partial class Slugs
{
    /// <summary>Lower-case words joined by hyphens, at most 50 characters, with a number behind from the second on.</summary>
    public static string Of(string title, int n)
    {
        var words = Others().Replace(title.ToLowerInvariant(), "-").Trim('-');
        var slug = words.Length > 50 ? words[..50].TrimEnd('-') : words;
        slug =
            slug.Length == 0 ? "job"
            // The page of that address is no job.
            : slug is "reckoner" or "walls" or "api" ? $"{slug}-job"
            : slug;
        return n == 1 ? slug : string.Create(CultureInfo.InvariantCulture, $"{slug}-{n}");
    }

    [GeneratedRegex("[^a-z0-9]+")]
    private static partial Regex Others();
}
