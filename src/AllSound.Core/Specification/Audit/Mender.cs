using System.Collections.Immutable;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>
/// Puts a sequence right as a painter would: it waits, moves a step, takes another product, adds what is missing, leaves a step out or does
/// something else in its place, whichever changes least and leaves nothing new wrong.
/// </summary>
internal sealed class Mender
{
    private const int MostRounds = 24;
    private const int MostSwaps = 12;

    private readonly Follower follower;
    private readonly Remedy remedy;
    private readonly Goal goal;
    private readonly ImmutableArray<SequenceStep> written;
    private readonly Dictionary<(int Origin, string Id, int? Line), string> said = [];
    private readonly Dictionary<(int Origin, string Id, int? Line), (int At, string Id)> causes = [];
    private readonly Dictionary<(int At, string Id), string> waits = [];
    private readonly HashSet<(int Origin, string Id, int? Line)> unmended = [];

    // The sequence so far, with the index that each step had as written; null for what was put in.
    private List<(SequenceStep Step, int? Origin)> steps;
    private Followed now;
    private bool stopped;

    /// <summary>Mends a sequence.</summary>
    /// <param name="follower">Follows sequences on the surface.</param>
    /// <param name="remedy">Finds what brings needs about.</param>
    /// <param name="goal">What the brief allows.</param>
    /// <param name="written">The sequence as written.</param>
    /// <param name="followed">What came of it.</param>
    public Mender(Follower follower, Remedy remedy, Goal goal, ImmutableArray<SequenceStep> written, Followed followed)
    {
        (this.follower, this.remedy, this.goal, this.written, now) = (follower, remedy, goal, written, followed);
        steps = [.. written.Select((s, i) => (s, (int?)i))];
        foreach (var flaw in followed.Flaws.Where(f => f.Need?.Clock is not null && f.At < written.Length))
        {
            waits[(flaw.At, flaw.Id)] = Waits(flaw.At, flaw.Need!.Clock!.Value).Says;
        }

        for (var round = 0; round < MostRounds && now.Flaws.FirstOrDefault(f => !said.ContainsKey(Key(f))) is { } flaw; round++)
        {
            Mend(flaw);
        }

        stopped |= !now.Flaws.IsEmpty;
    }

    /// <summary>The whole sequence with all mends in it; empty where something stays open that only others can settle, or that nothing mends.</summary>
    public ImmutableArray<SequenceStep> Mended => stopped ? [] : [.. steps.Select((s, i) => As(s.Step, now.Acts[i]))];

    // As what it was taken for, and no longer open to be read otherwise.
    private static SequenceStep As(SequenceStep step, Act act) =>
        step.Or.IsEmpty ? step
        : act.Operation.Id == step.Operation ? step with { Or = [], Product = step.Product ?? (act.Operation.Products.Length > 1 ? act.Product?.Id : null) }
        : step with { Or = [], Operation = act.Operation.Id, Product = act.Product?.Id };

    /// <summary>What puts a flaw of the sequence as written right.</summary>
    public string Of(Flaw flaw) =>
        flaw.Manner?.Mend
        ?? (flaw.Need?.Clock is not null ? waits.GetValueOrDefault((flaw.At, flaw.Id)) : null)
        ?? (flaw.Need is { Hold: true, Frees.IsEmpty: false } need ? Until(need) : null)
        ?? said.GetValueOrDefault((flaw.At, flaw.Id, flaw.Line), "Already fixed by an earlier mend.");

    /// <summary>True where nothing was found that puts a flaw of the sequence as written right.</summary>
    public bool IsUnmended(Flaw flaw) => unmended.Contains((flaw.At, flaw.Id, flaw.Line));

    /// <summary>The flaw whose mend puts this one right as well; null where it has a mend of its own.</summary>
    public (int At, string Id)? Cause(Flaw flaw) => flaw.Manner is null && causes.TryGetValue((flaw.At, flaw.Id, flaw.Line), out var cause) ? cause : null;

    private (int Origin, string Id, int? Line) Key(Flaw flaw) => (OriginOf(flaw.At), flaw.Id, flaw.Line);

    // Where it stands in the sequence as written: what is put in before a step counts as the step.
    private int OriginOf(int at) => at < 0 ? at : steps.Skip(at).Select(s => s.Origin).FirstOrDefault(o => o is not null) ?? written.Length;

    private void Mend(Flaw flaw)
    {
        if (flaw.Manner is { } manner)
        {
            Changed(flaw, Without(flaw, manner), manner.Mend);
            return;
        }

        var need = flaw.Need!;
        if (need.Hold)
        {
            Stop(flaw, Until(need));
            return;
        }

        Try? best = null;
        foreach (var candidate in Tries(flaw, need))
        {
            var followed = follower.Follow([.. candidate.Steps.Select(s => s.Step)], like: now);
            if (StillThere(flaw, candidate, followed) || (candidate.Swap && followed.Flaws.Any(f => !now.Flaws.Any(f.Same))))
            {
                continue;
            }

            var cost = (1000.0 * (followed.Weight - now.Weight)) + (100 * Math.Max(0, followed.Open.Length - now.Open.Length)) + candidate.Change;
            if (best is null || cost < best.Cost)
            {
                best = candidate with { Followed = followed, Cost = cost };
            }
        }

        if (best is null || best.Cost > 0)
        {
            unmended.Add(Key(flaw));
            Stop(
                flaw,
                need.Frees.IsEmpty ? (flaw.At >= steps.Count ? "No step that the brief allows meets it." : "Leave this step out, or choose another method.") : Until(need)
            );
            return;
        }

        Changed(flaw, best.Steps, best.Says, best.Followed);
    }

    private sealed record Try(List<(SequenceStep Step, int? Origin)> Steps, double Change, string Says)
    {
        public double Cost { get; init; }

        // Another product must bring nothing wrong of its own; what other changes leave open is mended in its turn.
        public bool Swap { get; init; }

        public Followed? Followed { get; init; }
    }

    private bool StillThere(Flaw flaw, Try candidate, Followed followed)
    {
        var origin = OriginOf(flaw.At);
        return followed.Flaws.Any(f =>
            f.Same(flaw) && (f.At < 0 ? f.At : candidate.Steps.Skip(f.At).Select(s => s.Origin).FirstOrDefault(o => o is not null) ?? written.Length) <= origin
        );
    }

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
        foreach (var more in Moves(at, need).Concat(Swaps(at)).Concat(drop).Concat(Adds(at, need)).Concat(instead))
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
    private IEnumerable<Try> Swaps(int at)
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
                && (a.Operation.Group == act.Operation.Group || a.Operation.Role != CoatRole.Spot)
                && !a.Operation.Sprayed
                && goal.Allows(a)
                && Unsaid.Suits(a, now.Before[at])
                && (a.Operation.Role != CoatRole.Finish || goal.Finishes.Any(f => f.Id == a.Product.Id))
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

            yield return new(swapped, 1.7 + (0.1 * (int)custom), $"Use {other.Product!.Title} here instead of {act.Product!.Title}.") { Swap = true };
        }
    }

    private IEnumerable<Try> Drop(int at)
    {
        if (at >= steps.Count)
        {
            yield break;
        }

        List<(SequenceStep Step, int? Origin)> less = [.. steps];
        less.RemoveAt(at);
        if (at < less.Count)
        {
            less[at] = (less[at].Step with { WaitHours = null }, less[at].Origin);
        }

        yield return new(less, 2, "Leave this step out.");
    }

    private IEnumerable<Try> Adds(int at, Need need)
    {
        if (at < steps.Count && now.Acts[at].Operation.Refused)
        {
            yield break;
        }

        var from = now.Fair[at];
        var coat = at < steps.Count ? now.Acts[at].Operation : null;

        // What it brings with it must not be wrong either: what held before the step holds after the mend.
        Need[] kept = [.. (at < steps.Count ? now.Acts[at].Needs : goal.Needs).Where(n => n == need || (n.Clock is null && n.Holds(from)))];
        var acts =
            remedy.Cheapest(from, kept, Prepares) is { Acts: { } whole } ? whole
            : remedy.Cheapest(from, [need], Prepares) is { Acts: { } alone } ? alone
            : null;
        if (acts is null)
        {
            yield break;
        }

        // A coat is not made ready for by another that would take its place.
        bool Prepares(Act a) => coat is null || coat.Role == CoatRole.None || a.Operation.Role == CoatRole.None || a.Operation.Group < coat.Group;

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
                at >= steps.Count ? $"Add: {Words(put)}." : $"Before this step: {Words(put)}."
            );
        }
    }

    // Something else that does what the step was to do.
    private IEnumerable<Try> Instead(int at)
    {
        // In place of a finish stands another product or none.
        if (at >= steps.Count || now.Acts[at].Operation.Role == CoatRole.Finish)
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

    private List<(SequenceStep Step, int? Origin)> Without(Flaw flaw, Manner manner)
    {
        List<(SequenceStep Step, int? Origin)> less = [.. steps];
        if (flaw.Line is not null || flaw.At < 0 || flaw.At >= less.Count)
        {
            return less;
        }

        var (step, origin) = less[flaw.At];
        if (manner.Drops)
        {
            less.RemoveAt(flaw.At);
        }
        else
        {
            var kept = step with { Manners = step.Manners.Remove(manner.Id), Dilution = manner.Id == Thinning.Manner ? null : step.Dilution };
            less[flaw.At] = (kept, origin);
            if (manner.Under is { } under && now.Acts[flaw.At].Operation.Role != CoatRole.Primer)
            {
                less.Insert(flaw.At, (new SequenceStep { Operation = under }, null));
                less[flaw.At + 1] = (kept with { WaitHours = null }, origin);
            }
            else if ((manner.Instead ?? manner.Under) is { } other)
            {
                less[flaw.At] = (kept with { Operation = other, Product = null, Or = [] }, origin);
            }
        }

        return less;
    }

    private static string Until(Need need) => $"Stop until: {string.Join("; ", need.Frees)}.";

    private void Stop(Flaw flaw, string says)
    {
        said[Key(flaw)] = says;
        stopped = true;
    }

    // Takes the change, and says of whatever it puts right besides that it does.
    private void Changed(Flaw flaw, List<(SequenceStep Step, int? Origin)> changed, string says, Followed? followed = null)
    {
        said[Key(flaw)] = says;
        var before = now.Flaws.Select(f => (Flaw: f, Key: Key(f))).ToList();
        var where = flaw.At < steps.Count && flaw.At >= 0 ? $"Fixed by the mend at step {Number(OriginOf(flaw.At))}." : "Fixed by the step added at the end.";
        var own = Key(flaw).Origin;
        steps = changed;
        now = followed ?? follower.Follow([.. steps.Select(s => s.Step)], like: now);
        if (flaw is { Manner: not null, Line: not null })
        {
            now = now with { Flaws = [.. now.Flaws.Where(f => f.Manner is null || f.Line is null || !said.ContainsKey(Key(f)))] };
        }

        var left = now.Flaws.Select(Key).ToHashSet();
        foreach (var (_, key) in before.Where(b => !left.Contains(b.Key)))
        {
            if (said.TryAdd(key, key.Origin == own ? "Fixed by the same mend." : where))
            {
                causes[key] = (own, flaw.Id);
            }
        }
    }

    private int Number(int origin) => origin < written.Length ? written[origin].Line ?? origin + 1 : origin + 1;

    private string Named((SequenceStep Step, int? Origin) step, Act act) => $"step {(step.Origin is { } o ? Number(o) : 0)} ({Lower(act.Operation.Title)})";

    private static SequenceStep Plain(Act act) => new() { Operation = act.Operation.Id, Product = act.Product?.Id };

    private static string Words(IEnumerable<Act> acts) =>
        string.Join("; then ", acts.Select(a => Lower(a.Operation.Title) + (a.Product is null ? "" : $" ({a.Product.Title})")));

    private static string Lower(string title) => char.ToLowerInvariant(title[0]) + title[1..];

    private static string Hours(double hours) => hours < 1 ? $"{Math.Round(hours * 60)} min" : $"{Math.Round(hours, 2)} h";
}
