using System.Collections.Immutable;

namespace AllSound.Core.Documents;

/// <summary>
/// Sequences laid side by side so that what they share stands once and each keeps its order: of two a shortest common supersequence (by the longest common
/// subsequence), of more the same taken one after another.
/// </summary>
internal static class SideBySide
{
    /// <summary>Lays a further sequence beside those that are laid already.</summary>
    /// <param name="laid">Rows so far, each with the items that share it; empty for none.</param>
    /// <param name="next">The further sequence.</param>
    /// <param name="alike">Whether two items may share a row.</param>
    /// <returns>The rows, in order. What only the further sequence has comes after what only the others have.</returns>
    public static ImmutableArray<ImmutableArray<T>> Lay<T>(ImmutableArray<ImmutableArray<T>> laid, ImmutableArray<T> next, Func<T, T, bool> alike)
    {
        // How many rows are shared from row i and item j on.
        var shared = new int[laid.Length + 1, next.Length + 1];
        for (var i = laid.Length - 1; i >= 0; i--)
        {
            for (var j = next.Length - 1; j >= 0; j--)
            {
                shared[i, j] = alike(laid[i][0], next[j]) ? 1 + shared[i + 1, j + 1] : Math.Max(shared[i + 1, j], shared[i, j + 1]);
            }
        }

        var rows = ImmutableArray.CreateBuilder<ImmutableArray<T>>();
        var (row, item) = (0, 0);
        while (row < laid.Length || item < next.Length)
        {
            if (row < laid.Length && item < next.Length && alike(laid[row][0], next[item]))
            {
                rows.Add(laid[row++].Add(next[item++]));
            }
            else if (row < laid.Length && (item == next.Length || shared[row + 1, item] >= shared[row, item + 1]))
            {
                rows.Add(laid[row++]);
            }
            else
            {
                rows.Add([next[item++]]);
            }
        }

        return rows.ToImmutable();
    }
}
