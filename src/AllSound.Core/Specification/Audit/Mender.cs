using System.Collections.Immutable;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Core.Wording;

namespace AllSound.Core.Specification;

/// <summary>
/// Puts a sequence right as a painter would: it waits, moves a step, takes another product, adds what is missing, leaves a step out or does
/// something else in its place, whichever changes least and leaves nothing new wrong.
/// </summary>
internal sealed partial class Mender
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
            // Where the old film bears no such coat it comes off, and what was loose or powdery of it with it.
            Mend(now.Flaws.FirstOrDefault(f => f.At == flaw.At && IsOfFilm(f) && !said.ContainsKey(Key(f))) ?? flaw);
        }

        stopped |= !now.Flaws.IsEmpty;
    }

    // Lead is asked about once, whatever is washed or rubbed besides.
    private int Asked(Followed followed) => followed.Open.Count(o => !(IsOfLead(o.Need) && AsksOfLead));

    private bool AsksOfLead => now.Open.Any(o => IsOfLead(o.Need));

    private static bool IsOfLead(Need need) => need.Any.Any(t => t.Facet == Facets.Lead);

    // What brings about what a step asks for, with what held before it. Where lead is only asked about, the answer decides, and no lead work is written into the
    // mend besides; but nothing dry either. Where nothing else does it, all that lead asks for stands in it.
    private IReadOnlyList<Act>? Sought(int at, IEnumerable<Need> asked, Func<Need, bool> always, Func<Act, bool> such)
    {
        var (fair, clear) = (now.Fair[at], now.Fair[at].With(Facets.Lead.Index, (byte)Lead.ProvedAbsent));
        Need[] whole = [.. asked.Where(n => always(n) || (n.Clock is null && n.Holds(fair)))];
        return Cheapest(whole) ?? Cheapest([.. whole.Where(always)]);

        IReadOnlyList<Act>? Cheapest(Need[] wanted) =>
            (AsksOfLead ? remedy.Cheapest(clear, wanted, a => such(a) && !a.Needs.Contains(SiteNeeds.LeadAbsent)) : null)?.Acts
            ?? remedy.Cheapest(fair, wanted, such)?.Acts;
    }

    private static bool IsOfFilm(Flaw flaw) => flaw.Need?.Id.StartsWith("film-takes-", StringComparison.Ordinal) == true;

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
        var halfway = new List<Try>();
        foreach (var candidate in Tries(flaw, need))
        {
            var followed = follower.Follow([.. candidate.Steps.Select(s => s.Step)], like: now);
            if (StillThere(flaw, candidate, followed) || (candidate.Swap && followed.Flaws.Any(f => !now.Flaws.Any(f.Same))))
            {
                continue;
            }

            var tried = candidate with { Followed = followed, Cost = Cost(flaw, candidate, followed) };
            best = best is null || tried.Cost < best.Cost ? tried : best;
            if (candidate.Adds)
            {
                halfway.Add(tried);
            }
        }

        // What is put in may ask for something in its turn: what scraping bares is primed.
        if (best is null || best.Cost > 0)
        {
            best = halfway.SelectMany(h => Onward(flaw, h)).Where(t => t.Cost <= 0).MinBy(t => t.Cost) ?? best;
        }

        if (best is null || best.Cost > 0)
        {
            unmended.Add(Key(flaw));
            Stop(
                flaw,
                need.Frees.IsEmpty || IsLeadFound(flaw.At, need)
                    ? Nothing(flaw.At, need)
                    : $"{Until(need)}{(need == SiteNeeds.LeadAbsent ? $" Until then it is {WetInArea}" : "")}"
            );
            return;
        }

        Changed(flaw, best.Steps, best.Says, best.Followed);

        // Where the area was missing, that it is cleaned down is part of the same mend.
        if (need == Needs.LeadDustGone || need == Needs.LeadCleaned)
        {
            var setUp = said.Keys.Where(k => IsOfArea(k.Id)).OrderBy(k => k.Origin).ToList();
            if (setUp is [var first, ..])
            {
                said[first] += $" {best.Says.Replace("Before this step", $"Before step {Number(Key(flaw).Origin)}", StringComparison.Ordinal)}";
                causes[Key(flaw)] = (first.Origin, first.Id);
            }
        }
    }

    private double Cost(Flaw flaw, Try candidate, Followed followed) =>
        (1000.0 * (followed.Weight - Cleaning(flaw, candidate, followed) - now.Weight)) + (100 * Math.Max(0, Asked(followed) - Asked(now))) + candidate.Change;

    // What is done wet in a lead work area instead of dry is cleaned down in its turn: that is no new fault of the change.
    private int Cleaning(Flaw flaw, Try candidate, Followed followed) =>
        flaw.Need == SiteNeeds.LeadAbsent && candidate.Steps.Any(s => s.Step.Operation == "ms_lead_setup") && !steps.Any(s => s.Step.Operation == "ms_lead_setup")
            ? followed.Flaws.Where(f => (f.Need == Needs.LeadDustGone || f.Need == Needs.LeadCleaned) && !now.Flaws.Any(f.Same)).Sum(Followed.Weigh)
            : 0;

    // A change that puts a flaw right and brings one other, with what puts that right too.
    private List<Try> Onward(Flaw flaw, Try half)
    {
        var (wereSteps, was) = (steps, now);
        var found = new List<Try>();
        if (
            half.Followed!.Flaws.FirstOrDefault(f => !was.Flaws.Any(f.Same)) is not { Need: { Hold: false, Clock: null } need } next
            // A lead work area is no afterthought.
            || IsOfLead(need)
            || need == Needs.LeadDustGone
            || need == Needs.LeadCleaned
        )
        {
            return found;
        }

        (steps, now) = (half.Steps, half.Followed);
        foreach (var more in Adds(Math.Min(next.At, steps.Count), need).ToList())
        {
            var followed = follower.Follow([.. more.Steps.Select(s => s.Step)], like: was);
            var both = more with { Change = half.Change + more.Change, Followed = followed };
            if (!StillThere(next, both, followed))
            {
                found.Add(both);
            }
        }

        (steps, now) = (wereSteps, was);
        return [.. found.Where(f => !StillThere(flaw, f, f.Followed!)).Select(f => f with { Cost = Cost(flaw, f, f.Followed!), Says = SaysOfAdded(flaw, f) })];
    }

    // What was put in, by the step it comes before.
    private string SaysOfAdded(Flaw flaw, Try changed)
    {
        var own = OriginOf(flaw.At);
        var says = new List<string>();
        for (var i = 0; i < changed.Steps.Count; )
        {
            var put = changed.Steps.Skip(i).TakeWhile(s => s.Origin is null && !steps.Any(b => ReferenceEquals(b.Step, s.Step))).Count();
            if (put > 0)
            {
                var before = changed.Steps.Skip(i + put).Select(s => s.Origin).FirstOrDefault(o => o is not null);
                var where =
                    before is null ? "At the end"
                    : before == own ? "Before this step"
                    : $"Before step {Number(before.Value)}";
                says.Add($"{where}: {Words(changed.Followed!.Acts.Skip(i).Take(put))}.");
            }

            i += Math.Max(1, put);
        }

        return string.Join(' ', says);
    }

    private static bool IsOfArea(string id) => id == SiteNeeds.LeadAbsent.Id || id == SiteNeeds.LeadControlled.Id;

    // No laboratory clears what it has found.
    private bool IsLeadFound(int at, Need need) => need == SiteNeeds.LeadAbsent && now.Fair[Math.Min(at, steps.Count)].Get(Facets.Lead) == Lead.Confirmed;

    private const string WetInArea = "taken down wet or with gel, inside a lead work area, never dry or by machine.";

    private string Nothing(int at, Need need) =>
        at >= steps.Count ? "No step that the brief allows meets it."
        : IsLeadFound(at, need) ? $"Leave it out: paint that holds lead is {WetInArea}"
        : need.Id.StartsWith("breathes-", StringComparison.Ordinal)
            ? "Leave it out for a coat that lets the wall breathe: limewash, silicate or another open mineral paint."
        : now.Acts[at].Operation.Role == CoatRole.Finish ? "Leave it out for another finish, or get the ground ready for this one."
        : "Leave this step out, or choose another method.";

    private sealed record Try(List<(SequenceStep Step, int? Origin)> Steps, double Change, string Says)
    {
        public double Cost { get; init; }

        // It puts in what is missing.
        public bool Adds { get; init; }

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

    private string Named((SequenceStep Step, int? Origin) step, Act act) => $"step {(step.Origin is { } o ? Number(o) : 0)} ({Sentences.Within(act.Operation.Title)})";

    private static SequenceStep Plain(Act act) => new() { Operation = act.Operation.Id, Product = act.Product?.Id };

    private static string Words(IEnumerable<Act> acts) =>
        string.Join("; then ", acts.Select(a => Sentences.Within(a.Operation.Title) + (a.Product is null ? "" : $" ({a.Product.Title})")).Distinct());

    private static string Hours(double hours) => hours < 1 ? $"{Math.Round(hours * 60)} min" : $"{Math.Round(hours, 1)} h";
}
