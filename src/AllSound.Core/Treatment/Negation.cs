using System.Text.RegularExpressions;

namespace AllSound.Core.Treatment;

/// <summary>Turns a plain clause into its opposite: "filler is primed" into "filler is not primed".</summary>
internal static partial class Negation
{
    /// <summary>The opposite of a clause with one of the usual verbs.</summary>
    /// <exception cref="ArgumentException">It has none: the opposite has to be written out.</exception>
    public static string Of(string clause)
    {
        var verb = Verb().Match(clause);
        if (!verb.Success)
        {
            throw new ArgumentException($"Write out what it means that this does not hold: \"{clause}\".", nameof(clause));
        }

        var opposite = verb.Value switch
        {
            "can" => "cannot",
            "shows" => "does not show",
            "lies" => "does not lie",
            "takes" => "does not take",
            "softens" => "does not soften",
            var auxiliary => $"{auxiliary} not",
        };
        return clause[..verb.Index] + opposite + clause[(verb.Index + verb.Length)..];
    }

    [GeneratedRegex(@"\b(is|are|has|have|can|shows|lies|takes|softens)\b")]
    private static partial Regex Verb();
}
