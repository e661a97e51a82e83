using System.Collections.Concurrent;
using System.Collections.Immutable;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>
/// What the acts come to on one substrate, inside or outside, at one heat in service. No act changes these facts, nor the
/// breathing of a wall that need not breathe: effects that hang on another ground never happen there, and needs that hold
/// by the ground alone cannot be broken.
/// </summary>
internal sealed class GroundActs
{
    private static readonly ConcurrentDictionary<(Substrate, Exposure, Heat, bool), GroundActs> Known = new();

    private readonly Facet[] fixedFacets;
    private readonly Effect[][] effects;
    private readonly Need[][] breakable;
    private readonly bool[] possible;
    private readonly int[] kinds;
    private Interchangeable? finishes;

    // Pairs of acts: 0 not looked at yet, 1 free of each other, 2 not.
    private readonly byte[] pairs;

    private GroundActs(Condition ground, bool free)
    {
        fixedFacets = free ? [Facets.Substrate, Facets.Exposure, Facets.Heat, Facets.Breath] : [Facets.Substrate, Facets.Exposure, Facets.Heat];
        ground = free ? ground.With(Facets.Breath, VapourSteps.Step63) : ground;
        var acts = Operations.Acts;
        effects = new Effect[acts.Length][];
        breakable = new Need[acts.Length][];
        possible = new bool[acts.Length];
        kinds = new int[acts.Length];
        pairs = new byte[acts.Length * acts.Length];
        var found = new Dictionary<string, int>(StringComparer.Ordinal);
        for (var a = 0; a < acts.Length; a++)
        {
            var effective = new List<Effect>(acts[a].Effects.Length);
            foreach (var effect in acts[a].Effects)
            {
                if (!IsFixed(effect.Facet) && !Fails(effect.When, ground))
                {
                    effective.Add(effect);
                }
            }

            effects[a] = [.. effective];
            breakable[a] = [.. acts[a].Needs.Where(n => !n.Any.Any(t => IsFixed(t.Facet)) || !HoldsByGround(n, ground))];
            possible[a] = Possible(acts[a], ground);
            var key = string.Join(';', effective.Select(Says));
            kinds[a] = found.TryGetValue(key, out var kind) ? kind : found[key] = found.Count;
        }
    }

    /// <summary>What the acts come to on the ground of a condition.</summary>
    public static GroundActs Of(in Condition condition)
    {
        var free = condition.Get(Facets.Breath) == VapourSteps.Step63;
        var key = (condition.Get(Facets.Substrate), condition.Get(Facets.Exposure), condition.Get(Facets.Heat), free);
        if (!Known.TryGetValue(key, out var known))
        {
            known = Known.GetOrAdd(
                key,
                new GroundActs(default(Condition).With(Facets.Substrate, key.Item1).With(Facets.Exposure, key.Item2).With(Facets.Heat, key.Item3), free)
            );
        }

        return known;
    }

    /// <summary>May the act ever be done here?</summary>
    public bool IsPossible(Act act) => possible[act.Index];

    /// <summary>Effects of the act that can happen here.</summary>
    public ReadOnlySpan<Effect> Effects(Act act) => effects[act.Index];

    /// <summary>Needs of the act that do not hold by the ground alone.</summary>
    public ReadOnlySpan<Need> Breakable(Act act) => breakable[act.Index];

    /// <summary>Which finishes can take each other's place here.</summary>
    public Interchangeable Finishes => finishes ??= new Interchangeable(this);

    /// <summary>Acts of one kind have the same effects here.</summary>
    public int Kind(Act act) => kinds[act.Index];

    /// <summary>For each act, the others (by place in the list) with which it cannot change places without changing what comes of them.</summary>
    public IndexSet[] Interference(Act[] acts)
    {
        var sets = new IndexSet[acts.Length];
        for (var i = 0; i < acts.Length; i++)
        {
            for (var j = i + 1; j < acts.Length; j++)
            {
                if (Interferes(acts[i], acts[j]))
                {
                    sets[i] |= IndexSet.Of(j);
                    sets[j] |= IndexSet.Of(i);
                }
            }
        }

        return sets;
    }

    private bool Interferes(Act a, Act b)
    {
        ref var known = ref pairs[(a.Index * kinds.Length) + b.Index];
        if (known == 0)
        {
            known = Spoils(a, b) || Spoils(b, a) || Clash(a, b) ? (byte)2 : (byte)1;
        }

        return known == 2;
    }

    // One can take away what the other needs, or change what the other's effects or cost hang on.
    private bool Spoils(Act a, Act b)
    {
        foreach (var effect in effects[a.Index])
        {
            if (effect.Facet == Facets.Film && b.Operation.Extent is not Extent.Once)
            {
                return true;
            }

            foreach (var other in effects[b.Index])
            {
                foreach (var test in other.When)
                {
                    if (test.Facet == effect.Facet)
                    {
                        return true;
                    }
                }
            }

            foreach (var need in breakable[b.Index])
            {
                foreach (var test in need.Any)
                {
                    if (test.Facet == effect.Facet && CanBreak(effect, test))
                    {
                        return true;
                    }
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
    private bool Clash(Act a, Act b)
    {
        foreach (var x in effects[a.Index])
        {
            foreach (var y in effects[b.Index])
            {
                if (x.Facet == y.Facet && !(x.Change == y.Change && (x.Change != Change.Set || x.Value == y.Value)))
                {
                    return true;
                }
            }
        }

        return false;
    }

    private bool IsFixed(Facet facet) => Array.IndexOf(fixedFacets, facet) >= 0;

    private bool HoldsByGround(Need need, in Condition ground)
    {
        foreach (var test in need.Any)
        {
            if (IsFixed(test.Facet) && test.Holds(ground))
            {
                return true;
            }
        }

        return false;
    }

    private bool Possible(Act act, in Condition ground)
    {
        foreach (var need in act.Needs)
        {
            if (need.Clock is null && need.Any.All(t => IsFixed(t.Facet)) && !HoldsByGround(need, ground))
            {
                return false;
            }
        }

        return true;
    }

    private bool Fails(ImmutableArray<Test> guards, in Condition ground)
    {
        foreach (var guard in guards)
        {
            if (IsFixed(guard.Facet) && !guard.Holds(ground))
            {
                return true;
            }
        }

        return false;
    }

    private string Says(Effect effect) =>
        $"{effect.Facet.Index}.{(int)effect.Change}.{effect.Value}.{string.Join('+', effect.When.Where(t => !IsFixed(t.Facet)).Select(t => $"{t.Facet.Index}:{t.Allowed}"))}";
}
