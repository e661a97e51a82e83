using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

// What may be tried to put a flaw right: waiting, moving, another product, leaving out, adding, something else in its place.
internal sealed partial class Mender
{
    private IEnumerable<Try> Tries(Flaw flaw, Need need)
    {
        var at = Math.Min(flaw.At, steps.Count);
        if (need.Clock is { } clock)
        {
            var (wait, says) = Waits(at, clock);
            List<(SequenceStep, int?)> waited = [.. steps];
            waited[at] = (steps[at].Step with { WaitHours = wait }, steps[at].Origin);
            yield return new(waited, 1, says);
            yield break;
        }

        Try[] instead = [.. Instead(at)];

        // A method struck out leaves its work to do.
        var drop = flaw.Severity == Severity.Danger && instead.Length > 0 ? [] : Drop(at);
        foreach (var more in Moves(at, need).Concat(Swaps(at, need)).Concat(drop).Concat(Replacing(at)).Concat(Adds(at, need)).Concat(instead))
        {
            yield return more;
        }
    }

    private (double Hours, string Says) Waits(int at, Drying clock)
    {
        var step = steps[at].Step;
        var wait = (step.WaitHours ?? 0) + (now.Fair[at].MinutesLeft(clock) / 60.0);
        return (wait, $"Wait {Hours(wait)} in all before this step, not {Hours(step.WaitHours ?? 0)}.");
    }

    // What a later step brings about in time if it is done before.
    private IEnumerable<Try> Moves(int at, Need need)
    {
        for (var j = at + 1; j < steps.Count; j++)
        {
            // The next coat of the same is no way under the first.
            if (at < steps.Count && now.Acts[j].Operation == now.Acts[at].Operation)
            {
                continue;
            }

            if (need.Holds(now.Fair[at]) || !need.Holds(Treatments.Settled(now.Fair[at], now.Acts[j])))
            {
                continue;
            }

            List<(SequenceStep Step, int? Origin)> moved = [.. steps];
            var step = moved[j];
            moved.RemoveAt(j);
            moved.Insert(at, (step.Step with { WaitHours = null }, step.Origin));
            moved[at + 1] = (moved[at + 1].Step with { WaitHours = null }, moved[at + 1].Origin);
            yield return new(moved, 1.5, $"Move {Named(step, now.Acts[j])} to before this step.");
        }
    }

    // The same coat in a product that suits.
    private IEnumerable<Try> Swaps(int at, Need need)
    {
        if (at >= steps.Count || now.Acts[at] is not { Product: not null } act)
        {
            yield break;
        }

        var like = Operations
            .Acts.Where(a =>
                a.Product is not null
                && a != act
                && a.Operation.Role == act.Operation.Role
                && (a.Operation == act.Operation || a.Operation.Role != CoatRole.Spot)
                && !a.Operation.Sprayed
                && goal.Allows(a)
                && Unsaid.Suits(a, now.Before[at])
                && goal.AsksFor(a)
            )
            .Select(a => (Act: a, Unmet: (a.NeedSet - Treatments.Satisfied(now.Before[at])).Count, Custom: remedy.Level(a)))
            .Where(x => x.Custom == Custom.Customary || x.Act.Operation == act.Operation)
            .OrderBy(x => x.Unmet)
            .ThenBy(x => x.Custom)
            .ThenBy(x => x.Act.Operation == act.Operation ? 0 : 1)
            .Take(MostSwaps);
        foreach (var (other, _, custom) in like)
        {
            List<(SequenceStep Step, int? Origin)> swapped = [.. steps];
            for (var i = at; i < swapped.Count; i++)
            {
                // All its coats.
                if (now.Acts[i] == act)
                {
                    swapped[i] = (Plain(other) with { WaitHours = swapped[i].Step.WaitHours, Line = swapped[i].Step.Line }, swapped[i].Origin);
                }
            }

            // Under the finish that was wanted the primer is put in that is missing, before another finish is named.
            var missing = need == GroundNeeds.BareSealed && act.Operation.Role == CoatRole.Finish ? 1 : 0;
            yield return new(swapped, 1.7 + missing + (0.1 * (int)custom), $"Use {other.Product!.Title} here instead of {act.Product!.Title}.") { Swap = true };
        }
    }

    private IEnumerable<Try> Drop(int at)
    {
        // A finish is left out only for another that follows: else what is wrong with it is put right, or said to be.
        if (
            at >= steps.Count
            || (now.Acts[at].Operation.Role == CoatRole.Finish && !now.Acts.Skip(at + 1).Any(a => a.Operation.Role == CoatRole.Finish && a != now.Acts[at]))
        )
        {
            yield break;
        }

        List<(SequenceStep Step, int? Origin)> less = [.. steps];
        less.RemoveAt(at);
        if (at < less.Count)
        {
            less[at] = (less[at].Step with { WaitHours = null }, less[at].Origin);
        }

        // What was broken stays so if its repair is left out.
        var dry = now.Acts[at].Operation is { Group: Group.Abrade } && now.Acts[at].Needs.Contains(SiteNeeds.LeadAbsent);
        yield return new(
            less,
            now.Acts[at].Operation is { Group: Group.Repair or Group.Fill } or { Role: CoatRole.Spot } ? 4 : 2,
            dry ? "Leave this step out: what is still to be rubbed down is rubbed down wet." : "Leave this step out."
        );
    }

    // A finish that stands where a primer belongs makes way for it.
    private IEnumerable<Try> Replacing(int at)
    {
        if (at >= steps.Count || now.Acts[at].Operation.Role != CoatRole.Finish)
        {
            yield break;
        }

        var wrong = now.Acts[at];
        var to = now.Acts.Select((a, i) => (Act: a, At: i)).Skip(at + 1).FirstOrDefault(x => x.Act.Operation.Role == CoatRole.Finish && x.Act != wrong);
        if (to.Act is not { } next || now.Acts.Skip(at).Take(to.At - at).Any(a => a != wrong && a.Operation.Role != CoatRole.None))
        {
            yield break;
        }

        if (Sought(at, next.Needs, n => n == GroundNeeds.BareSealed, a => a.Operation.Role != CoatRole.Finish) is not { Count: > 0 } acts)
        {
            yield break;
        }

        List<(SequenceStep Step, int? Origin)> other =
        [
            .. steps.Take(at),
            .. acts.Select(a => (Plain(a) with { Line = steps[at].Step.Line }, steps[at].Origin)),
            .. steps.Skip(at).Where((_, i) => now.Acts[at + i] != wrong),
        ];
        if (at + acts.Count < other.Count)
        {
            other[at + acts.Count] = (other[at + acts.Count].Step with { WaitHours = null }, other[at + acts.Count].Origin);
        }

        yield return new(other, 1.9 + (0.05 * acts.Count) + acts.Sum(a => a.Strips ? 6 : 0), $"Instead: {Words(acts)}.");
    }

    private IEnumerable<Try> Adds(int at, Need need)
    {
        if (at < steps.Count && now.Acts[at].Operation.Refused)
        {
            yield break;
        }

        var coat = at < steps.Count ? now.Acts[at].Operation : null;

        // What it brings with it must not be wrong either: what held before the step holds after the mend.
        if (Sought(at, at < steps.Count ? now.Acts[at].Needs : goal.Needs, n => n == need, Prepares) is not { } acts)
        {
            yield break;
        }

        // A coat is not made ready for by another that would take its place.
        // What still shows through is hidden by another finish coat, and by no primer on top.
        bool Prepares(Act a) =>
            (coat is null && need == Needs.Hidden)
                ? a.Operation.Role is CoatRole.None or CoatRole.Finish
                : coat is null || coat.Role == CoatRole.None || a.Operation.Role == CoatRole.None || a.Operation.Group < coat.Group;

        Act[] telling = [.. acts.Where(a => !Unsaid.GoesWithoutSaying(a.Operation))];
        foreach (
            var put in telling.Length > 0 && telling.Length < acts.Count
                ? new[] { telling, [.. acts] }
                :
                [
                    [.. acts],
                ]
        )
        {
            List<(SequenceStep Step, int? Origin)> added = [.. steps];
            added.InsertRange(at, put.Select(a => (Plain(a), (int?)null)));
            if (at + put.Length < added.Count)
            {
                added[at + put.Length] = (added[at + put.Length].Step with { WaitHours = null }, added[at + put.Length].Origin);
            }

            yield return new(
                added,
                1.6 + (0.4 * put.Length) + put.Sum(a => (a.Strips ? 6 : 0) + (2 * (int)remedy.Level(a))),
                at >= steps.Count ? $"Add: {Words(put)}." : $"Before this step: {Words(put)}{(put is [var one] && now.Acts.Take(at).Contains(one) ? " again" : "")}."
            )
            {
                Adds = true,
            };
        }
    }

    // Something else that does what the step was to do.
    private IEnumerable<Try> Instead(int at)
    {
        // In place of a finish or an undercoat stands another product or none.
        if (at >= steps.Count || now.Acts[at].Operation.Role is CoatRole.Finish or CoatRole.Undercoat)
        {
            yield break;
        }

        // Where there is no film nothing is stripped in another way.
        var act = now.Acts[at];
        if (act.Operation.Group == Group.Strip && now.Fair[at].Get(Facets.Film) == Film.None && now.Fair[at].Get(Facets.Paper) == Paper.None)
        {
            yield break;
        }

        var t = Treatments.Apply(now.Fair[at], act, null, Pace.Least);
        Need[] wanted = [.. (Treatments.Satisfied(t.After) - Treatments.Satisfied(t.Before)).Indexes().Select(i => Needs.All[i]).Where(n => n.Clock is null)];
        if (wanted.Length == 0 || remedy.Cheapest(t.Before, wanted, a => a.Operation != act.Operation) is not { Acts: { } acts })
        {
            yield break;
        }

        List<(SequenceStep Step, int? Origin)> other = [.. steps];
        other.RemoveAt(at);
        other.InsertRange(at, acts.Select(a => (Plain(a) with { Line = steps[at].Step.Line }, steps[at].Origin)));
        yield return new(other, 2.4 + (0.4 * acts.Count) + acts.Sum(a => a.Strips && !act.Strips ? 6 : 0), $"Instead: {Words(acts)}.");
    }
}
