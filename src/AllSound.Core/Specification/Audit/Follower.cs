using System.Collections.Frozen;
using System.Collections.Immutable;
using AllSound.Core.Assessment;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>
/// Follows a sequence through the transition function as a fair reader would: what may be read in several ways is read in the way that
/// fits, what need not be written is taken as done, what nobody stated is asked, and what is wrong is told once, as if put right after.
/// </summary>
internal sealed partial class Follower
{
    // What others put right: where the lines say that it is done, it counts as done whatever the survey said before.
    private static readonly FrozenSet<int> Settled = new Facet[] { Facets.DampSource, Facets.MouldSource, Facets.DrinkingWater, Facets.Consent }
        .Select(f => f.Index)
        .ToFrozenSet();

    private readonly Surface surface;
    private readonly Appraised appraised;
    private readonly Goal goal;
    private readonly Practice.Firm firm;
    private readonly ImmutableArray<SequenceSaid> said;
    private readonly Unsaid unsaid;
    private readonly Condition start;
    private readonly FrozenSet<int> soft;

    // Of the sequence that is being followed.
    private bool cleans;
    private bool undercoats;
    private bool cares;

    public Follower(Surface surface, Appraised appraised, Goal goal, Practice.Firm firm, ImmutableArray<SequenceSaid> said)
    {
        (this.surface, this.appraised, this.goal, this.firm, this.said) = (surface, appraised, goal, firm, said);
        unsaid = new Unsaid(said.SelectMany(s => s.Never).ToFrozenSet(StringComparer.Ordinal), firm);
        var open = appraised
            .Resolutions.Where(r => r.How is Resolved.Assumed or Resolved.Implied || (r.How == Resolved.Presumed && r.Facet != Facets.Asbestos))
            .Select(r => r.Facet.Index)
            .ToHashSet();
        start = appraised.Condition;
        foreach (var found in said.SelectMany(s => s.Found))
        {
            if (Claim(found) is var (facet, value) && (open.Remove(facet.Index) || Settled.Contains(facet.Index) || IsSetDown(facet)))
            {
                start = start.With(facet.Index, value);
            }
        }

        soft = open.ToFrozenSet();

        // Flakes are stuck down again only where the old film is what is to be kept; elsewhere they are scraped off.
        bool IsSetDown(Facet facet) => facet == Facets.Loose && surface.Brief.KeepOldFilm;
    }

    /// <summary>Follows it.</summary>
    /// <param name="steps">The steps.</param>
    /// <param name="putRight">False to go on with what is wrong as it is, to see what suffers from it.</param>
    /// <param name="like">What came of a sequence that begins alike, followed in the same way: its beginning is not read again; null for none.</param>
    public Followed Follow(IReadOnlyList<SequenceStep> steps, bool putRight = true, Followed? like = null)
    {
        var run = new Run();
        var condition = start;
        var first = steps.Select(s => Readings(s).FirstOrDefault()).ToList();
        undercoats = steps.Any(s => Readings(s).Any(a => a.Operation.Role == CoatRole.Undercoat));
        cleans = steps.Any(s => Readings(s).Any(a => a.Operation.Id == "dc_lead_clean"));
        cares = Topics.LeadWaste(steps.Select(s => s.Words).OfType<string>().Concat(said.Select(s => s.Words)));
        var alike = like is not null && like.Cleans == cleans ? like.Reads.Length : 0;

        // What was written of preparing so far, read and not understood alike.
        var prepared = new List<string>();
        for (var i = 0; i < steps.Count; i++)
        {
            // The same step at the same place after the same ones, with the same coat to come, reads as before.
            var next = Ahead(steps, first, i + 1);
            alike = i < alike && ReferenceEquals(like!.Reads[i].Step, steps[i]) && like.Reads[i].From == condition ? alike : 0;
            var read = i < alike && like!.Reads[i].Next == next ? like.Reads[i].As : Best(condition, steps[i], i, Spoken(steps[i], prepared), next, putRight);
            run.Reads.Add((steps[i], condition, next, read));
            // The coats of one line are of one paint.
            if (
                i > 0
                && IsSameLine(steps[i - 1], steps[i])
                && run.Acts[i - 1] is { Operation.Role: CoatRole.Finish } coat
                && read.Act != coat
                && Readings(steps[i]).Contains(coat)
            )
            {
                read = As(coat, condition, steps[i], i, Spoken(steps[i], prepared), putRight);
            }

            if (putRight && Replaced(steps[i], read, i, first) is { } other)
            {
                read = read with { After = other };
            }

            run.Take(read);
            if (steps[i].Words is { } words && read.Act.Operation.Role is not CoatRole.Finish)
            {
                prepared.Add(words);
            }

            condition = read.After;
        }

        run.Before.Add(condition);
        run.Fair.Add(condition);
        condition = condition.After(condition.LongestLeft);
        // Asked one by one: what is put right for one may meet another.
        foreach (var need in goal.Needs.Where(n => n != Needs.SiteCleared && !n.Holds(condition) && !(n == Needs.FullFinish && CountsAll(run.Acts))))
        {
            // Coats that were not understood are judged as nothing, neither as laid nor as missing; and lines by which nothing is done ask for none.
            if (need.Severity == Severity.Poor && (IsLeft(run.Acts) || IsLeftBare(run.Acts)))
            {
                continue;
            }

            if (need.Severity == Severity.Poor && (said.Any(s => s.UnreadCoats) || (said.Length > 0 && steps.Count == 0)))
            {
                run.Notes.Add((steps.Count, need));
                continue;
            }

            condition = Judge(need, condition, steps.Count, null, null, null, run.Flaws, run.Open, run.Taken, run.Notes, putRight);
        }

        // Where a step is a danger, that the method is none for such a ground either need not be told besides.
        run.Flaws.RemoveAll(f =>
            f is { Severity: < Severity.Danger, Need.Any: { Length: > 0 } tests }
            && tests.All(t => t.Facet == Facets.Substrate)
            && run.Flaws.Exists(o => o.At == f.At && o.Severity == Severity.Danger)
        );
        Manners(steps, run);
        return new([.. run.Flaws], [.. run.Open], [.. run.Taken.Distinct()], [.. run.Acts], [.. run.Before], [.. run.Fair], [.. run.Notes])
        {
            Reads = [.. run.Reads],
            Cleans = cleans,
        };
    }

    // Whoever leaves asbestos to those who are licensed for it paints nothing, and misses no coat.
    private static bool IsLeft(IReadOnlyCollection<Act> acts) => acts.Any(a => a.Operation.Id == "ms_asb_stop") && acts.All(a => a.Operation.Role != CoatRole.Finish);

    // Nor does whoever writes that nothing is to be painted.
    private bool IsLeftBare(IReadOnlyCollection<Act> acts) => acts.All(a => a.Operation.Role == CoatRole.None) && Topics.LeftBare(said.Select(s => s.Words));

    private static bool IsSameLine(SequenceStep one, SequenceStep other) =>
        one.Words is not null && one.Words == other.Words && one.Line == other.Line && one.Operation == other.Operation;

    // Weight of a reading that needs another cleaning down. Judgement.
    private const double FreesAgain = 3;

    // Whoever primes bright metal says of it what it was made.
    private static List<string>? Spoken(SequenceStep step, List<string> prepared) =>
        !IsRead(step) ? null
        : step.Words is { } own && own.Contains("bright", StringComparison.OrdinalIgnoreCase) ? [.. prepared, own]
        : prepared;

    // Methods that nobody names in passing.
    private static readonly FrozenSet<string> Chosen = new[]
    {
        "st_caustic_dip",
        "st_alkaline_poultice",
        "st_needle_gun",
        "st_wet_blast",
        "st_blast_steel",
        "st_heatgun",
        "st_ir",
    }.ToFrozenSet(StringComparer.Ordinal);

    // Two-part systems count all their coats, and a first coat of the same paint let down is one of its two.
    private static bool CountsAll(IEnumerable<Act> acts)
    {
        Act[] coats = [.. acts.Where(a => a.Operation.Role is CoatRole.Primer or CoatRole.Finish || IsFirstOfWhole(a))];
        return coats.Count(a => a.Product!.PotLifeHours is not null) > 1
            || coats.GroupBy(a => a.Product!.Cover).Any(g => g.Count() > 1 && g.Any(a => a.Operation.Role == CoatRole.Finish));
    }

    // A first coat of a paint that its finish is laid over.
    private static bool IsFirstOfWhole(Act act) => act.Operation is { Role: CoatRole.Spot, Group: Group.Prime };

    private sealed class Run
    {
        public List<(SequenceStep Step, Condition From, Coming? Next, Read As)> Reads { get; } = [];

        public List<Flaw> Flaws { get; } = [];

        public List<Open> Open { get; } = [];

        public List<Act> Taken { get; } = [];

        public List<(int At, Need Need)> Notes { get; } = [];

        public List<Act> Acts { get; } = [];

        public List<Condition> Before { get; } = [];

        public List<Condition> Fair { get; } = [];

        public void Take(Read read)
        {
            Flaws.AddRange(read.Flaws);
            Open.AddRange(read.Open);
            Taken.AddRange(read.Taken);
            Notes.AddRange(read.Notes);
            Acts.Add(read.Act);
            Before.Add(read.Before);
            Fair.Add(read.Fair);
        }
    }

    private Read As(Act act, in Condition condition, SequenceStep step, int at, IReadOnlyList<string>? written, bool putRight)
    {
        var t = Treatments.Apply(condition, act, step.WaitHours, Pace.Least);
        var read = new Read(act, t.Before, t.Before, default, [], [], [], []);
        var (now, fair) = (t.Before, t.Before);
        if (!t.IsSound)
        {
            // What is refused is told by why it is refused.
            foreach (var need in t.UnmetNeeds.OrderBy(n => n.Any.IsEmpty && n.Clock is null ? 0 : 1))
            {
                if (need.Holds(now))
                {
                    continue;
                }

                var flaws = read.Flaws.Count;
                now = Judge(need, now, at, act, step.WaitHours is null ? null : t.Waited, written, read.Flaws, read.Open, read.Taken, read.Notes, putRight);
                fair = read.Flaws.Count > flaws ? fair : need.Any.Aggregate(fair, (c, test) => c.With(test.Facet.Index, now[test.Facet]));
            }
        }

        var after = Treatments.Done(now, act, Pace.Least);

        // A thinned first coat said of the whole face hides as any coat does; the transition function knows it as one on bare patches.
        if (step.Words is not null && !step.Part && IsFirstOfWhole(act) && now.Get(Facets.ToHide) is > Count.None and var left)
        {
            after = after.With(Facets.ToHide, left - 1);
        }

        // On a bare face the transition function takes a spot for the face, which these words do not mean.
        if (step.Part && act.Operation.Role is CoatRole.Spot or CoatRole.Primer)
        {
            after = after.With(Facets.Cover, now.Get(Facets.Cover)).With(Facets.Breath, now.Get(Facets.Breath));
            after = now.Get(Facets.Film) == Film.None ? after.With(Facets.Bare, now.Get(Facets.Bare)) : after;
        }

        // A line read as work that is not for such a ground was not meant so: judged as nothing.
        if (
            IsRead(step)
            && act.Operation is { Role: CoatRole.None, Refused: false }
            && !Chosen.Contains(act.Operation.Id)
            && !read.Flaws.Exists(f => f.Severity == Severity.Danger)
            && t.UnmetNeeds.Any(n =>
                n.Any.Length > 0 && (n == GroundNeeds.FillerOn || n.Any.All(x => x.Facet == Facets.Substrate || x.Facet == Facets.Film || x.Facet == Facets.Cover))
            )
        )
        {
            // It wets the face all the same.
            var wetted = act.Leaves is { Clock: Drying.Wash, Least: var hours } ? t.Before.Wetted(Drying.Wash, (int)(hours * 60)) : t.Before;
            return new Read(act, t.Before, t.Before, wetted, [], [], [], []) { Weight = 2, Unsuited = true };
        }

        return read with
        {
            Fair = fair,
            Before = now,
            After = after,
            Weight = Weigh(read, t.Before, after),
        };
    }

    private static (Facet Facet, byte Value)? Claim(string found)
    {
        if (found.Split('=') is not [var name, var value] || Facets.All.FirstOrDefault(f => f.Name == name) is not { } facet)
        {
            return null;
        }

        for (byte v = 0; v < facet.Size; v++)
        {
            if (string.Equals(facet.ValueName(v), value, StringComparison.OrdinalIgnoreCase))
            {
                return (facet, v);
            }
        }

        return null;
    }
}
