namespace AllSound.Core.Wording;

/// <summary>Sentences and titles put into other sentences.</summary>
internal static class Sentences
{
    /// <summary>A sentence or a title as it stands within another: without its capital and its stop.</summary>
    public static string Within(string sentence) => sentence.Length == 0 ? "" : char.ToLowerInvariant(sentence[0]) + sentence[1..].TrimEnd('.');
}
