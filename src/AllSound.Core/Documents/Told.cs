namespace AllSound.Core.Documents;

/// <summary>What a page has said already, and at which step: in full the first time, by name with that step after it.</summary>
internal sealed class Told
{
    private readonly Dictionary<string, int> where = new(StringComparer.Ordinal);

    /// <summary>True the first time that something is said; after that false.</summary>
    public bool First(string text, int step) => where.TryAdd(text, step);

    /// <summary>Where it was said: "step 3".</summary>
    public string Where(string text) => $"step {where[text]}";

    /// <summary>A caution by name: what stands before its colon, or all of it.</summary>
    public static string Name(string caution)
    {
        var about = caution.IndexOf(':', StringComparison.Ordinal) is > 0 and var colon ? caution[..colon] : caution.TrimEnd('.');
        return char.ToLowerInvariant(about[0]) + about[1..];
    }
}
