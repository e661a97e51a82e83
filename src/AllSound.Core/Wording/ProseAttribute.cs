namespace AllSound.Core.Wording;

/// <summary>
/// Marks a text, or a list of texts, that the program wrote for people: it is said in the reader's terms and units. What is not marked is data, an
/// id or somebody's own words, and goes out as it is.
/// </summary>
[AttributeUsage(AttributeTargets.Property)]
public sealed class ProseAttribute : Attribute;
