namespace AllSound.Core.Reckoning;

/// <summary>The inputs that reckoners ask for, by kind.</summary>
internal static class Ask
{
    public static ReckonerInput Length(string name, string title, string? usual = null, string unit = "m", double most = 10_000) =>
        new(name, title, InputKind.Number, unit, usual, 0, most, []);

    public static ReckonerInput Number(string name, string title, string unit, string? usual = null, double least = 0, double most = 1_000_000) =>
        new(name, title, InputKind.Number, unit, usual, least, most, []);

    /// <summary>A share in percent; 100 and more only where that makes sense.</summary>
    public static ReckonerInput Percent(string name, string title, string? usual = null, double most = 99) => new(name, title, InputKind.Number, "%", usual, 0, most, []);

    public static ReckonerInput Count(string name, string title, string? usual = null) => new(name, title, InputKind.Number, "", usual, 0, 100_000, []);

    public static ReckonerInput Openings(string name = "openings") => new(name, "openings, as 0.84x2.04, 2*1.2x1.05", InputKind.Openings, "m", "", 0, 1000, []);

    public static ReckonerInput Tins(string name = "tins") => new(name, "sizes in litres with prices, as 2.5:19, 5:31", InputKind.Tins, "L", null, 0, 1000, []);

    public static ReckonerInput OneOf(string name, string title, string usual, params string[] choices) =>
        new(name, title, InputKind.Choice, "", usual, 0, 0, [.. choices]);

    public static ReckonerInput Colour(string name, string title) =>
        new(name, $"{title}: #c9b79c, or L*/a*/b* as 62/8/31, or a light reflectance for a grey", InputKind.Colour, "", null, 0, 0, []);

    /// <summary>May be left out: then what hangs on it is not reckoned.</summary>
    public static ReckonerInput Perhaps(ReckonerInput input) => input with { Usual = "" };
}
