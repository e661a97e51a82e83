using System.Collections.Immutable;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>
/// Follows a sequence as it would be with every fault put right, and says of each what puts it right: the cheapest thing.
/// What an earlier mend has put right already is not mended again.
/// </summary>
internal sealed class Mender(Remedy remedy, Condition start)
{
    private const int End = 0;

    private readonly List<SequenceStep> steps = [];

    // By need, the step at which a mend last made it hold.
    private readonly Dictionary<Need, int> mendedAt = [];
    private Condition condition = start;
    private int number;
    private bool stopped;

    /// <summary>The sequence with all mends in it; empty where something stays open that only others can settle, or that nothing mends.</summary>
    public ImmutableArray<SequenceStep> Mended => stopped ? [] : [.. steps];

    /// <summary>Puts a step right and goes on from there.</summary>
    /// <param name="step">The step as written.</param>
    /// <param name="act">What it is.</param>
    /// <returns>By unmet need, what puts it right.</returns>
    public Dictionary<Need, string> Step(SequenceStep step, Act act)
    {
        number++;
        var said = new Dictionary<Need, string>();
        var wait = step.WaitHours;
        var t = Treatments.Apply(condition, act, wait, Pace.Least);
        if (t.UnmetNeeds.Where(n => n.Clock is not null).ToList() is { Count: > 0 } wet)
        {
            var total = (wait ?? 0) + (Treatments.WaitFor(t.Before, act) / 60.0);
            wet.ForEach(n => said[n] = $"Wait {Hours(total)} in all before this step, not {Hours(wait ?? 0)}.");
            wait = total;
            t = Treatments.Apply(condition, act, wait, Pace.Least);
        }

        Need[] open = [.. t.UnmetNeeds.Where(n => n.Clock is null)];
        if (open.Length == 0)
        {
            Take(step, act, t, [], wait);
            return said;
        }

        // What puts all right at once, unless something else that does the same is less work; failing that, one need after the other.
        var all = act.Operation.Refused ? null : remedy.Cheapest(t.Before, [.. act.Needs.Where(n => n.Clock is null)], Prepares);
        if (all is null)
        {
            return OneByOne(said, step, act, t, open, wait);
        }

        if (IsLarge(all) && Gained(t).Count == 0)
        {
            return Replaced(said, t, [], open[0], "Leave this step out: it changes nothing.");
        }

        if (IsLarge(all) && Instead(t, act) is { } instead && instead.Cost < all.Cost)
        {
            return Replaced(said, t, instead.Acts!, open[0], $"Instead: {Words(instead.Acts!)}.");
        }

        Note(t.Before, Done(t.Before, all.Acts!), number);
        Share(said, t.Before, open, all.Acts!);
        Take(step, act, t, all.Acts!, wait);
        return said;

        // A coat is not made ready for by another that would take its place.
        bool Prepares(Act other) => act.Operation.Role == CoatRole.None || other.Operation.Role == CoatRole.None || other.Operation.Group < act.Operation.Group;
    }

    /// <summary>What is said of a need of the step just followed for which nothing more is to be done.</summary>
    public string Already(Need need) =>
        !mendedAt.TryGetValue(need, out var at) ? "Already fixed by an earlier mend."
        : at == End ? "Fixed by the step added at the end."
        : at == number ? "Fixed by the same mend."
        : $"Fixed by the mend at step {at}.";

    /// <summary>Puts right a need that is still open at the end.</summary>
    public string AtEnd(Need need)
    {
        if (need.Holds(condition.After(condition.LongestLeft)))
        {
            return Already(need);
        }

        if (remedy.Find(condition, [need]) is { Count: > 0 } more)
        {
            var before = condition;
            condition = Done(condition, more);
            Note(before, condition, End);
            steps.AddRange(more.Select(a => Plain(a)));
            return $"Add: {Words(more)}.";
        }

        stopped = true;
        return need.Frees.IsEmpty ? "No step that the brief allows meets it." : $"Stop until: {string.Join("; ", need.Frees)}.";
    }

    private Dictionary<Need, string> OneByOne(Dictionary<Need, string> said, SequenceStep step, Act act, in Transition t, Need[] open, double? wait)
    {
        var first = new List<Act>();
        var now = t.Before;
        foreach (var need in open)
        {
            if (need.Holds(now))
            {
                said[need] = Already(need);
            }
            else if (!act.Operation.Refused && remedy.Cheapest(now, [need]) is { Acts: { } before })
            {
                said[need] = $"Before this step: {Words(before)}.";
                first.AddRange(before);
                Note(now, Done(now, before), number);
                now = Done(now, before);
            }
            else if (Instead(t, act) is { Acts: { } instead })
            {
                var settled = need.Frees.IsEmpty || act.Operation.Refused ? "" : $" Or have it settled: {string.Join("; ", need.Frees)}.";
                return Replaced(said, t, instead, need, $"Instead: {Words(instead)}.{settled}");
            }
            else if (need.Frees.IsEmpty || act.Operation.Refused)
            {
                return Replaced(said, t, [], need, act.Operation.Refused ? "Leave it out." : "Leave this step out, or choose another method.");
            }
            else
            {
                said[need] = $"Stop until: {string.Join("; ", need.Frees)}.";
            }
        }

        Take(step, act, t, first, wait);
        return said;
    }

    // Each need is told what brings it about, with what that takes; one act may bring several.
    private void Share(Dictionary<Need, string> said, Condition from, Need[] open, IReadOnlyList<Act> acts)
    {
        var (at, begun) = (from, 0);
        var by = new Dictionary<Need, (int From, int To)>();
        for (var i = 0; i < acts.Count; i++)
        {
            var after = Done(at, [acts[i]]);
            var brought = Array.FindAll(open, n => !n.Holds(at) && n.Holds(after));
            foreach (var need in brought)
            {
                by[need] = (begun, i + 1);
            }

            (at, begun) = (after, brought.Length > 0 ? i + 1 : begun);
        }

        foreach (var need in open)
        {
            said[need] = by.TryGetValue(need, out var own) ? $"Before this step: {Words([.. acts.Skip(own.From).Take(own.To - own.From)])}." : Already(need);
        }
    }

    private void Take(SequenceStep step, Act act, in Transition t, IReadOnlyList<Act> first, double? wait)
    {
        var (put, after) = Put(t, first, act, wait);
        stopped |= !after.IsSound;
        steps.AddRange(put);
        steps.Add(step with { WaitHours = put.Count > 0 ? null : wait });
        condition = after.After;
    }

    // What is put in begins where the step would have begun: what comes about while waiting is not mended before.
    private (List<SequenceStep> Put, Transition After) Put(in Transition t, IReadOnlyList<Act> first, Act act, double? wait)
    {
        var at = condition;
        var put = new List<SequenceStep>();
        foreach (var more in first)
        {
            var own = put.Count == 0 && t.Waited > Treatments.WaitFor(at, more) ? t.Waited / 60.0 : (double?)null;
            put.Add(Plain(more, own));
            at = Treatments.Apply(at, more, own, Pace.Least).After;
        }

        return (put, Treatments.Apply(at, act, put.Count > 0 ? null : wait, Pace.Least));
    }

    private Dictionary<Need, string> Replaced(Dictionary<Need, string> said, in Transition t, IReadOnlyList<Act> by, Need told, string how)
    {
        var before = condition;
        steps.AddRange(by.Select(a => Plain(a)));
        condition = Done(condition, by);
        Note(before, condition, number);
        said[told] = how;
        foreach (var need in t.UnmetNeeds)
        {
            said.TryAdd(need, "Fixed by the same mend.");
        }

        return said;
    }

    private Found? Instead(in Transition t, Act act) => Gained(t) is { Count: > 0 } wanted ? remedy.Cheapest(t.Before, wanted, a => a.Operation != act.Operation) : null;

    private static List<Need> Gained(in Transition t) =>
        [.. (Treatments.Satisfied(t.After) - Treatments.Satisfied(t.Before)).Indexes().Select(i => Needs.All[i]).Where(n => n.Clock is null)];

    // Not looked for otherwise when a few things done first will do: the step as written then stays.
    private static bool IsLarge(Found mend) => mend.Acts!.Count > 2 || mend.Acts.Any(a => a.Strips);

    private void Note(in Condition before, in Condition after, int at)
    {
        foreach (var need in (Treatments.Satisfied(after) - Treatments.Satisfied(before)).Indexes())
        {
            mendedAt[Needs.All[need]] = at;
        }
    }

    private static Condition Done(Condition from, IEnumerable<Act> acts) => acts.Aggregate(from, (at, a) => Treatments.Apply(at, a, null, Pace.Least).After);

    private static SequenceStep Plain(Act act, double? wait = null) =>
        new()
        {
            Operation = act.Operation.Id,
            Product = act.Product?.Id,
            WaitHours = wait,
        };

    private static string Words(IReadOnlyList<Act> acts) =>
        string.Join(
            "; then ",
            acts.Select(a => char.ToLowerInvariant(a.Operation.Title[0]) + a.Operation.Title[1..] + (a.Product is null ? "" : $" ({a.Product.Title})"))
        );

    private static string Hours(double hours) => hours < 1 ? $"{Math.Round(hours * 60)} min" : $"{Math.Round(hours, 2)} h";
}
