using AllSound.Core.Materials;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Buying;

/// <summary>Which tins are of one colour: paint of two colours is not bought in one tin.</summary>
public static class Tint
{
    /// <summary>Colours by which paint is sold untinted. Common practice.</summary>
    private static readonly string[] Untinted = ["white", "brilliant white", "pure white"];

    /// <summary>A colour as tins are told apart by it; null for white and for what has none.</summary>
    /// <param name="colour">Colour in words; null for none.</param>
    public static string? Of(string? colour)
    {
        var words = string.Join(' ', (colour ?? "").Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries)).ToLowerInvariant();
        return words.Length == 0 || Untinted.Contains(words, StringComparer.Ordinal) ? null : words;
    }

    /// <summary>Does a coat come in the colour that is wanted? Finishes do; primers and what is clear do not, save a woodstain.</summary>
    public static bool IsColoured(Act act)
    {
        ArgumentNullException.ThrowIfNull(act);
        return act is { Operation.Role: CoatRole.Finish, Product: { } product } && (!product.Clear || product.Cover == Cover.Woodstain);
    }
}
