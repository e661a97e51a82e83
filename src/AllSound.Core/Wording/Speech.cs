namespace AllSound.Core.Wording;

/// <summary>Whose words the reader uses.</summary>
public enum Terms : byte
{
    /// <summary>Skirting, white spirit, emulsion: as the program's own texts are written.</summary>
    British,

    /// <summary>Baseboard, mineral spirits, latex paint.</summary>
    American,
}

/// <summary>The units that the reader measures in.</summary>
public enum UnitSystem : byte
{
    /// <summary>Metres, millimetres, litres, degrees Celsius: as everything is recorded.</summary>
    Metric,

    /// <summary>US customary: feet, inches, gallons, degrees Fahrenheit.</summary>
    Us,
}

/// <summary>
/// How a reader wants things said. Texts of the program are written once, in British terms and metric units; whatever gives them to people (pages,
/// documents, tables, command line) passes them through here. Records, ids and people's own words never do.
/// </summary>
/// <param name="Terms">British or American terms.</param>
/// <param name="Units">Metric or US customary units.</param>
/// <example><c>new Speech(Terms.American, UnitSystem.Us).Say("Caulk the skirting where it gapes over 3 mm")</c> is "Caulk the baseboard where it gapes over 1/8 in".</example>
public readonly record struct Speech(Terms Terms, UnitSystem Units)
{
    /// <summary>As the texts are written.</summary>
    public static Speech AsWritten => default;

    /// <summary>A text of the program in the reader's terms and units.</summary>
    /// <param name="text">A text as it is written in the program.</param>
    public string Say(string text)
    {
        ArgumentNullException.ThrowIfNull(text);
        var said = Units == UnitSystem.Us ? Measures.Us(text) : text;
        return Terms == Terms.American ? Vocabulary.American(said) : said;
    }

    /// <summary>The speech of two names, as they are given on a command line or in an address.</summary>
    /// <param name="terms"><c>british</c> or <c>american</c>; null for British.</param>
    /// <param name="units"><c>metric</c> or <c>us</c>; null for metric.</param>
    /// <param name="speech">The speech; as written when a name is unknown.</param>
    /// <returns>False when a name is unknown.</returns>
    public static bool TryParse(string? terms, string? units, out Speech speech)
    {
        var spoken = terms switch
        {
            null or "british" => Terms.British,
            "american" => Terms.American,
            _ => (Terms?)null,
        };
        var measured = units switch
        {
            null or "metric" => UnitSystem.Metric,
            "us" => UnitSystem.Us,
            _ => (UnitSystem?)null,
        };
        speech = new Speech(spoken ?? Terms.British, measured ?? UnitSystem.Metric);
        return spoken is not null && measured is not null;
    }
}
