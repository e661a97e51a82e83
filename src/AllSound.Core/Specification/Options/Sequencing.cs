using System.Collections.Immutable;
using AllSound.Core.Assessment;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Quantities;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>Turns a list of acts into numbered steps with reasons.</summary>
internal static class Sequencing
{
    private const string NotRecorded = "Not recorded, assumed absent: ";

    /// <summary>
    /// The same acts in an order that waits less, by doing things while others dry, and reads in the order in which work
    /// usually goes. Only neighbours are swapped whose order changes nothing in the outcome; the search does not care.
    /// </summary>
    public static List<Act> Usual(Condition start, IReadOnlyList<Act> acts)
    {
        var order = acts.ToList();
        for (var swapped = true; swapped; )
        {
            swapped = false;
            var condition = start;
            for (var i = 0; i + 1 < order.Count; i++)
            {
                var first = Treatments.Apply(condition, order[i]);
                if (Swaps(condition, first, order[i], order[i + 1]))
                {
                    (order[i], order[i + 1]) = (order[i + 1], order[i]);
                    swapped = true;
                    first = Treatments.Apply(condition, order[i]);
                }

                condition = first.After;
            }
        }

        return order;
    }

    /// <summary>
    /// The search takes everything for dry at once. Where the clocks bring a need about that it did not see, as when a
    /// coat's window passes while putty dries, what meets the need is put in before the step.
    /// </summary>
    /// <returns>The acts, each with the hours to wait before it where that is more than it asks for itself.</returns>
    public static List<(Act Act, double? Wait)> Mended(Condition start, List<Act> acts, Remedy remedy)
    {
        var planned = acts.ConvertAll(a => (Act: a, Wait: (double?)null));
        var condition = start;
        var mended = -1;
        for (var i = 0; i < planned.Count; i++)
        {
            var act = planned[i].Act;
            var t = Treatments.Apply(condition, act, planned[i].Wait);
            if (!t.IsSound && mended < i && remedy.Find(t.Before, [.. act.Needs.Where(n => n.Clock is null)]) is { Count: > 0 } first)
            {
                // It is put in where the step would have begun: what comes about while waiting is not mended before.
                var wait = Math.Max(t.Waited, Treatments.WaitFor(condition, first[0])) / 60.0;
                planned.InsertRange(i, first.Select((a, n) => (a, n == 0 ? wait : (double?)null)));
                mended = i + first.Count;
                t = Treatments.Apply(condition, planned[i].Act, wait);
            }

            condition = t.After;
        }

        return planned;
    }

    /// <summary>Numbered steps with their links to later steps.</summary>
    public static ImmutableArray<Step> Steps(Appraised appraised, IReadOnlyList<(Act Act, double? Wait)> planned, ImmutableArray<Need> goal, Rates rates)
    {
        Act[] acts = [.. planned.Select(p => p.Act)];
        var condition = appraised.Condition;
        var transitions = new List<(Transition T, NeedSet Before, NeedSet After)>();
        foreach (var (act, wait) in planned)
        {
            var t = Treatments.Apply(condition, act, wait);
            var before = t.Before == condition && transitions.Count > 0 ? transitions[^1].After : Treatments.Satisfied(t.Before);
            transitions.Add((t, before, Treatments.Satisfied(t.After)));
            condition = t.After;
        }

        var links = LinkUp(acts, goal, transitions);
        for (var i = 0; i < acts.Length; i++)
        {
            // What only brings a later step nearer to its end, as one of two coats that hide, shows when it is left out.
            if (links[i].Count == 0 && Missed(appraised.Condition, planned, i, goal) is { } missed)
            {
                links[i].Add(missed);
            }
        }

        var said = new HashSet<Facet>();
        var steps = ImmutableArray.CreateBuilder<Step>();
        var coat = 0;
        for (var i = 0; i < acts.Length; i++)
        {
            var act = acts[i];
            var overall = act.Operation.Role is not (CoatRole.None or CoatRole.Spot);
            var (t, _, _) = transitions[i];
            steps.Add(
                new Step(
                    i + 1,
                    act,
                    overall ? ++coat : null,
                    t.Waited / 60.0,
                    [.. links[i]],
                    Assumptions(appraised, act, t.Before, said),
                    Costing.Of(act, appraised.Extents, rates, t.Before.Get(Facets.Film) == Film.None),
                    t.Before,
                    t.After,
                    []
                )
            );
        }

        return steps.ToImmutable();
    }

    // Worth swapping: the same facts come of it, and it saves waiting, or costs none and reads in the usual order.
    private static bool Swaps(Condition condition, Transition first, Act a, Act b)
    {
        // With nothing wet there is nothing to wait for, and only the usual order counts.
        var usual = a.Operation.Group > b.Operation.Group || (a.Operation.Group == b.Operation.Group && a.Index > b.Index);
        if (!usual && a.Leaves is null && b.Leaves is null && condition.LongestLeft == 0)
        {
            return false;
        }

        // What is done to part of the face costs more once the old film is off, or is no longer called for.
        if ((a.Strips && b.Operation.Extent != Extent.Once) || (b.Strips && a.Operation.Extent != Extent.Once))
        {
            return false;
        }

        var otherFirst = Treatments.Apply(condition, b);
        if (!otherFirst.IsSound)
        {
            return false;
        }

        var otherSecond = Treatments.Apply(otherFirst.After, a);
        if (!otherSecond.IsSound)
        {
            return false;
        }

        var second = Treatments.Apply(first.After, b);
        var now = first.Waited + second.Waited + second.After.LongestLeft;
        var then = otherFirst.Waited + otherSecond.Waited + otherSecond.After.LongestLeft;
        var (dry, otherDry) = (second.After.After(second.After.LongestLeft), otherSecond.After.After(otherSecond.After.LongestLeft));
        var same = otherDry.MinutesBare <= dry.MinutesBare && otherDry.FreshlyPrepared() == dry.FreshlyPrepared();
        return same
            && (
                then < now
                || (
                    then == now
                    && otherSecond.After.FreshlyPrepared() == second.After.FreshlyPrepared()
                    && otherFirst.Waited + otherSecond.Waited == first.Waited + second.Waited
                    && usual
                )
            );
    }

    private static List<Link>[] LinkUp(IReadOnlyList<Act> acts, ImmutableArray<Need> goal, List<(Transition T, NeedSet Before, NeedSet After)> transitions)
    {
        var links = acts.Select(_ => new List<Link>()).ToArray();
        for (var j = 0; j <= acts.Count; j++)
        {
            foreach (var need in j < acts.Count ? acts[j].Needs : goal)
            {
                if (need.Clock is not null)
                {
                    continue;
                }

                for (var i = j - 1; i >= 0; i--)
                {
                    if (!transitions[i].Before.Contains(need.Index) && transitions[i].After.Contains(need.Index))
                    {
                        // Each need once for a step, for the first later step that wants it.
                        if (!links[i].Exists(l => l.Need == need))
                        {
                            links[i].Add(new Link(need, j < acts.Count ? j + 1 : null));
                        }

                        break;
                    }
                }
            }
        }

        return links;
    }

    // The first need that nothing meets once a step is left out; null when all are met without it.
    private static Link? Missed(Condition start, IReadOnlyList<(Act Act, double? Wait)> planned, int left, ImmutableArray<Need> goal)
    {
        var condition = start;
        for (var j = 0; j < planned.Count; j++)
        {
            if (j == left)
            {
                continue;
            }

            var t = Treatments.Apply(condition, planned[j].Act, planned[j].Wait);
            if (planned[j].Act.Needs.FirstOrDefault(n => !n.Holds(t.Before)) is { } need)
            {
                return new Link(need, j + 1);
            }

            condition = t.After;
        }

        return goal.FirstOrDefault(n => !n.Holds(condition.After(condition.LongestLeft))) is { } last ? new Link(last, null) : null;
    }

    /// <summary>What single steps assume, each thing once, what is taken as absent in one line at the end.</summary>
    public static ImmutableArray<string> Together(IEnumerable<string> assumed)
    {
        var lines = assumed.Distinct(StringComparer.Ordinal).ToLookup(l => l.StartsWith(NotRecorded, StringComparison.Ordinal));
        return
        [
            .. lines[false],
            .. lines[true].Any()
                ? [$"{NotRecorded}{string.Join(", ", lines[true].SelectMany(l => l[NotRecorded.Length..].TrimEnd('.').Split(", ")).Distinct(StringComparer.Ordinal))}."]
                : Array.Empty<string>(),
        ];
    }

    private static ImmutableArray<string> Assumptions(Appraised appraised, Act act, Condition before, HashSet<Facet> said)
    {
        var lines = ImmutableArray.CreateBuilder<string>();
        var glance = new List<string>();
        foreach (var resolution in appraised.Resolutions)
        {
            var relies =
                resolution.How is not (Resolved.Inferred or Resolved.Implied)
                && !said.Contains(resolution.Facet)
                && before[resolution.Facet] == resolution.Value
                && act.Asks.Contains(resolution.Facet.Index);
            if (!relies)
            {
                continue;
            }

            said.Add(resolution.Facet);
            if (resolution.AtAGlance)
            {
                glance.Add(resolution.Why);
            }
            else
            {
                lines.Add(resolution.Why);
            }
        }

        if (glance.Count > 0)
        {
            lines.Add($"{NotRecorded}{string.Join(", ", glance)}.");
        }

        return lines.ToImmutable();
    }
}
