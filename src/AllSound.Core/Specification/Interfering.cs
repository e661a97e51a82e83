using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>Which acts cannot change places without changing what comes of them.</summary>
internal static class Interfering
{
    private static readonly bool[,] Pairs = Build();

    /// <summary>For each act, the set of others by place in the list.</summary>
    public static NeedSet[] Among(Act[] acts)
    {
        var sets = new NeedSet[acts.Length];
        for (var i = 0; i < acts.Length; i++)
        {
            for (var j = 0; j < acts.Length; j++)
            {
                if (i != j && Pairs[acts[i].Index, acts[j].Index])
                {
                    sets[i] |= NeedSet.Of(j);
                }
            }
        }

        return sets;
    }

    private static bool[,] Build()
    {
        var acts = Operations.Acts;
        var pairs = new bool[acts.Length, acts.Length];
        for (var i = 0; i < acts.Length; i++)
        {
            for (var j = i; j < acts.Length; j++)
            {
                pairs[i, j] = pairs[j, i] = Spoils(acts[i], acts[j]) || Spoils(acts[j], acts[i]) || Clash(acts[i], acts[j]);
            }
        }

        return pairs;
    }

    // One can take away what the other needs, or change what the other's effects or cost hang on.
    private static bool Spoils(Act a, Act b)
    {
        foreach (var effect in a.Effects)
        {
            if (effect.Facet == Facets.Film && b.Operation.Extent is not Extent.Once)
            {
                return true;
            }

            if (b.Effects.Any(e => e.When.Any(t => t.Facet == effect.Facet)))
            {
                return true;
            }

            foreach (var need in b.Needs)
            {
                if (need.Any.Any(t => t.Facet == effect.Facet && CanBreak(effect, t)))
                {
                    return true;
                }
            }
        }

        return false;
    }

    private static bool CanBreak(Effect effect, Test test)
    {
        for (byte before = 0; before < test.Facet.Size; before++)
        {
            if (test.Allows(before) && !test.Allows(effect.Result(before)))
            {
                return true;
            }
        }

        return false;
    }

    // Both write one facet, and not in the same way.
    private static bool Clash(Act a, Act b) =>
        a.Effects.Any(x => b.Effects.Any(y => x.Facet == y.Facet && !(x.Change == y.Change && (x.Change != Change.Set || x.Value == y.Value))));
}
