using System.Collections.Immutable;
using AllSound.Core.Surfaces;
using AllSound.Planning;

namespace AllSound.Core.Treatment;

/// <summary>What came of an act: the condition after it, and the needs that were not met.</summary>
/// <param name="Before">The condition when the act began, after waiting.</param>
/// <param name="After">The condition after the act. When needs are unmet, what it would be if it were done all the same.</param>
/// <param name="Waited">Minutes waited before it.</param>
/// <param name="Unmet">Needs not met.</param>
public readonly record struct Transition(Condition Before, Condition After, int Waited, NeedSet Unmet)
{
    /// <summary>True when every need was met.</summary>
    public bool IsSound => Unmet.IsEmpty;

    /// <summary>The unmet needs.</summary>
    public ImmutableArray<Need> UnmetNeeds => [.. Unmet.Indexes().Select(i => Needs.All[i])];
}

/// <summary>By which clock things dry.</summary>
public enum Pace : byte
{
    /// <summary>The advised wait: what a plan allows for.</summary>
    Advised,

    /// <summary>The least wait: anything shorter is a fault.</summary>
    Least,
}

/// <summary>The one transition function. Nothing else decides whether a step may follow another.</summary>
public static class Treatments
{
    /// <summary>Which needs each value of each facet makes hold.</summary>
    internal static PropositionTable Table { get; } =
        new([.. Facets.All.Select(f => new Variable(f.Index, f.Name, f.Size))], [.. Needs.All.Select(n => new Proposition(n.Index, n.Id, InPlan(n)))]);

    private static readonly NeedSet[] ByClock =
    [
        .. Enum.GetValues<Drying>().Select(clock => Needs.All.Where(n => n.Clock == clock).Aggregate(default(NeedSet), (set, n) => set | NeedSet.Of(n.Index))),
    ];

    // What has neither test nor clock never holds; without a test it would always.
    private static ImmutableArray<Planning.Test> InPlan(Need need) =>
        need.Any.IsEmpty && need.Clock is null ? [new(Facets.Film.Index, 0)] : [.. need.Any.Select(t => new Planning.Test(t.Facet.Index, t.Allowed))];

    /// <summary>Applies an act to a condition.</summary>
    /// <param name="condition">The condition now.</param>
    /// <param name="act">The act.</param>
    /// <param name="waitHours">
    /// Hours waited before the act since the one before, 0 or more; null to wait as long as is advised for whatever the
    /// act needs dry.
    /// </param>
    /// <param name="pace">By which clock what the act leaves wet will dry.</param>
    /// <returns>The condition after, with any needs that were not met.</returns>
    public static Transition Apply(in Condition condition, Act act, double? waitHours = null, Pace pace = Pace.Advised)
    {
        ArgumentNullException.ThrowIfNull(act);
        if (waitHours is < 0 or > 100_000)
        {
            throw new ArgumentOutOfRangeException(nameof(waitHours), waitHours, "A wait is 0 to 100,000 hours.");
        }

        var waited = waitHours is { } hours ? (int)Math.Floor((hours * 60) + 1e-6) : WaitFor(condition, act);
        var before = condition.After(waited);
        var unmet = act.NeedSet - Satisfied(before);
        return new Transition(before, Done(before, act, pace), waited, unmet);
    }

    /// <summary>The needs that hold of a condition.</summary>
    public static NeedSet Satisfied(in Condition condition)
    {
        // Needs about drying have no test in the table: they fail while their clock runs.
        var set = Table.Holding(condition.Values);
        for (var clock = 0; clock < ByClock.Length; clock++)
        {
            if (condition.MinutesLeft((Drying)clock) > 0)
            {
                set -= ByClock[clock];
            }
        }

        return set;
    }

    /// <summary>The needs that a facet's value makes hold, whatever the others are.</summary>
    internal static NeedSet HeldBy(Facet facet, byte value) => Table.HeldBy(facet.Index, value);

    /// <summary>Minutes until everything that the act needs dry is dry.</summary>
    internal static int WaitFor(in Condition condition, Act act)
    {
        var wait = 0;
        foreach (var clock in act.WaitFor)
        {
            wait = Math.Max(wait, condition.MinutesLeft(clock));
        }

        return wait;
    }

    /// <summary>The condition once the act is done and everything that it left wet has dried.</summary>
    internal static Condition Settled(in Condition condition, Act act) => condition.Changed(act.Effects.AsSpan());

    internal static Condition Done(in Condition condition, Act act, Pace pace)
    {
        var next = Settled(condition, act);
        if (act.Leaves is { } wait)
        {
            next = next.Wetted(wait.Clock, (int)Math.Ceiling((pace == Pace.Least ? wait.Least : wait.Advised) * 60));
        }

        if (act.Operation.Role is not (CoatRole.None or CoatRole.Spot))
        {
            next = next.WithWindow(act.LatestDays);
        }
        else if (act.Strips)
        {
            // A coat that is off again no longer waits for the next.
            next = next.WithWindow(null);
        }

        if (act.PreparesMetal)
        {
            next = next.FreshlyPrepared();
        }

        return pace == Pace.Least ? next.Sheltered((int)Math.Ceiling(((act.Leaves?.Advised ?? 0) + Weathering.ExposedHours) * 60)) : next.Unsheltered();
    }
}
