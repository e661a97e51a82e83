using System.Collections.Concurrent;
using System.Collections.Immutable;
using System.Globalization;
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
    private readonly int[][] numbers;
    private readonly NeedSet[][][] turned;
    private readonly ulong[] reads;
    private readonly ulong[] writes;
    private readonly bool[] possible;
    private readonly Condition ground;

    private GroundActs(Condition ground, bool free)
    {
        fixedFacets = free ? [Facets.Substrate, Facets.Exposure, Facets.Heat, Facets.Breath] : [Facets.Substrate, Facets.Exposure, Facets.Heat];
        this.ground = ground = free ? ground.With(Facets.Breath, VapourSteps.Step63) : ground;
        var acts = Operations.Acts;
        effects = new Effect[acts.Length][];
        numbers = new int[acts.Length][];
        var known = new Dictionary<string, int>(StringComparer.Ordinal);
        var unlike = new List<Effect>();
        turned = new NeedSet[acts.Length][][];
        reads = new ulong[acts.Length];
        writes = new ulong[acts.Length];
        possible = new bool[acts.Length];
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
            numbers[a] = [.. effective.Select(e => Number(e, known, unlike))];
            turned[a] = [.. effective.Select(TurnedBy)];
            writes[a] = effective.Aggregate(0UL, (mask, e) => mask | (1UL << e.Facet.Index));
            reads[a] = effective.Aggregate(0UL, (mask, e) => e.When.Aggregate(mask | (1UL << e.Facet.Index), (m, t) => m | (1UL << t.Facet.Index)));
            possible[a] = Possible(acts[a], ground, default);
        }

        Unlike = [.. unlike];
    }

    /// <summary>All effects that can happen here, those that are alike once.</summary>
    public Effect[] Unlike { get; }

    /// <summary>Effects of the act that can happen here, by their places in <see cref="Unlike"/>.</summary>
    public int[] Numbers(Act act) => numbers[act.Index];

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
    public bool IsPossible(Act act) => possible[act.Index] || (act.Granted && Possible(act, ground, default));

    /// <summary>May the act be done here if these needs were met?</summary>
    public bool IsPossible(Act act, in NeedSet met) => possible[act.Index] || (act.NeedSet.Overlaps(met) && Possible(act, ground, met));

    /// <summary>Effects of the act that can happen here.</summary>
    public ReadOnlySpan<Effect> Effects(Act act) => effects[act.Index];

    /// <summary>For each of its effects here, by value before: the needs that come true.</summary>
    public NeedSet[][] Turned(Act act) => turned[act.Index];

    /// <summary>The facets that the act's effects here read or write, a bit each.</summary>
    public ulong Reads(Act act) => reads[act.Index];

    /// <summary>The facets that the act's effects here write, a bit each.</summary>
    public ulong Writes(Act act) => writes[act.Index];

    /// <summary>By value before: the needs that an effect turns true.</summary>
    public static NeedSet[] TurnedBy(Effect effect) =>
        [.. Enumerable.Range(0, effect.Facet.Size).Select(v => Treatments.HeldBy(effect.Facet, effect.From((byte)v)) - Treatments.HeldBy(effect.Facet, (byte)v))];

    private static int Number(Effect effect, Dictionary<string, int> known, List<Effect> unlike)
    {
        var guards = string.Join(' ', effect.When.Select(t => string.Create(CultureInfo.InvariantCulture, $"{t.Facet.Index}:{t.Allowed}")));
        var key = string.Create(CultureInfo.InvariantCulture, $"{effect.Facet.Index} {effect.Change} {effect.Value} {guards}");
        if (!known.TryGetValue(key, out var number))
        {
            known[key] = number = unlike.Count;
            unlike.Add(effect);
        }

        return number;
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

    private bool Possible(Act act, in Condition ground, in NeedSet met)
    {
        foreach (var need in act.Needs)
        {
            if (need.Clock is null && !met.Contains(need.Index) && need.Any.All(t => IsFixed(t.Facet)) && !HoldsByGround(need, ground))
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
}
