using AllSound.Core.Exchange;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>A survey said in a line, for tables of cases.</summary>
public static class SurveyRow
{
    /// <summary>Reads the parts of a line.</summary>
    /// <param name="where">Element, substrate, inside or outside and, unless it is left out, the year: "door sw inside 1965"; "-" for an unknown year.</param>
    /// <param name="layers">Coatings from the bottom up, with how many coats: "oil_lead x3, alkyd_gloss".</param>
    /// <param name="facts">Facts as JSON; empty for none.</param>
    /// <param name="brief">Brief as JSON; empty for none.</param>
    /// <param name="size">Size as JSON; empty for a usual one.</param>
    /// <param name="signs">Signs seen, with "!" before those looked for and absent.</param>
    public static (Surface Surface, int? Built) Read(string where, string layers, string facts, string brief = "", string size = "", string signs = "")
    {
        var words = where.Split(' ');
        var surface = One.Surface(
            Enum.Parse<Element>(words[0], ignoreCase: true),
            words[1],
            Parse<Facts>(facts),
            [.. layers.Split(',', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries).Select(l => l.Split(" x")).Select(Coat)],
            Parse<Brief>(brief),
            words[2] == "outside" ? Exposure.Outside : Exposure.Inside
        );
        surface = surface with
        {
            Size = size.Length == 0 ? surface.Size : Parse<Size>(size),
            Signs = [.. signs.Split(' ', StringSplitOptions.RemoveEmptyEntries).Select(s => new SignSeen { Sign = s.TrimStart('!'), Present = !s.StartsWith('!') })],
        };
        return (surface, words.Length < 4 || words[3] == "-" ? null : int.Parse(words[3], null));
    }

    private static Layer Coat(string[] said) => One.Coat(said[0], said.Length > 1 ? int.Parse(said[1], null) : 2);

    private static T Parse<T>(string json)
        where T : class
    {
        var (value, fault) = JobFile.Parse<T>(json.Length == 0 ? "{}" : json);
        Assert.Null(fault);
        return value!;
    }
}
