namespace AllSound.Core.Sources;

/// <summary>How far a value may be trusted before a data sheet or local rule replaces it.</summary>
public enum Confidence : byte
{
    /// <summary>Firm: the trade and the standards agree.</summary>
    Firm,

    /// <summary>Usual, but varies with product and place.</summary>
    Usual,

    /// <summary>A judgement: shown as editable, never as an authority.</summary>
    Judgement,
}

/// <summary>Where a rule or a number comes from. Every rule carries one.</summary>
/// <param name="Name">A standard by number, "common practice" or "judgement".</param>
/// <param name="Confidence">How firm it is.</param>
/// <param name="FromMemory">True when the source was recalled, not re-read, so that its edition must be checked.</param>
public sealed record Source(string Name, Confidence Confidence, bool FromMemory)
{
    /// <summary>What the trade does everywhere.</summary>
    public static Source Practice { get; } = new("common practice", Confidence.Firm, FromMemory: false);

    /// <summary>Common practice that varies from firm to firm.</summary>
    public static Source Usual { get; } = new("common practice", Confidence.Usual, FromMemory: false);

    /// <summary>A number chosen by the authors for want of a better one; meant to be edited.</summary>
    public static Source Judgement { get; } = new("judgement", Confidence.Judgement, FromMemory: false);

    /// <summary>A published standard or regulation, recalled from memory.</summary>
    public static Source Standard(string number, Confidence confidence = Confidence.Firm) => new(number, confidence, FromMemory: true);

    /// <summary>A product's own data sheet, as the firm recorded it.</summary>
    public static Source Sheet(string name) => new($"data sheet: {name}", Confidence.Usual, FromMemory: false);

    /// <inheritdoc/>
    public override string ToString() => FromMemory ? $"{Name} (from memory; check the current edition)" : Name;
}
