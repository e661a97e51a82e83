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
internal sealed class Follower
{
    // Share of the least wait that another maker's sheet may give, and the warmth from which it holds, degrees Celsius. Judgement.
    private const double Near = 0.6;
    private const double NearFiller = 0.5;
    private const double Warm = 15;

    // Share of the face that is bare by the way. Judgement.
    private const double LittleBare = 0.1;

    // Facets that no work changes: a need that fails by one of them is not put right by pretending it were otherwise.
    private static readonly FrozenSet<int> Given = new Facet[]
    {
        Facets.Substrate,
        Facets.Exposure,
        Facets.Film,
        Facets.Lead,
        Facets.Asbestos,
        Facets.Removable,
        Facets.VoidBehind,
        Facets.ThinFace,
        Facets.GlassNear,
        Facets.Cover,
    }
        .Select(f => f.Index)
        .ToFrozenSet();

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
            if (Claim(found) is var (facet, value) && (open.Remove(facet.Index) || Settled.Contains(facet.Index)))
            {
                start = start.With(facet.Index, value);
            }
        }

        soft = open.ToFrozenSet();
    }

    /// <summary>Follows it.</summary>
    /// <param name="steps">The steps.</param>
    /// <param name="putRight">False to go on with what is wrong as it is, to see what suffers from it.</param>
    public Followed Follow(IReadOnlyList<SequenceStep> steps, bool putRight = true)
    {
        var run = new Run();
        var condition = start;
        var first = steps.Select(s => Readings(s).FirstOrDefault()).ToList();

        // What was written of preparing so far, read and not understood alike.
        var prepared = new List<string>();
        for (var i = 0; i < steps.Count; i++)
        {
            var read = Best(condition, steps[i], i, steps[i].Line is null && steps[i].Words is null ? null : prepared, putRight);
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
        foreach (var need in goal.Needs.Where(n => n != Needs.SiteCleared && !n.Holds(condition)))
        {
            // Two-part systems count all their coats, and a first coat of the same paint let down is one of its two.
            if (need == Needs.FullFinish && run.Acts.Count(a => a.Operation.Role is CoatRole.Primer or CoatRole.Finish && a.Product!.PotLifeHours is not null) > 1)
            {
                continue;
            }

            if (
                need == Needs.FullFinish
                && run.Acts.Where(a => a.Operation.Role is CoatRole.Primer or CoatRole.Finish)
                    .GroupBy(a => a.Product!.Cover)
                    .Any(g => g.Count() > 1 && g.Any(a => a.Operation.Role == CoatRole.Finish))
            )
            {
                continue;
            }

            if (!need.Holds(condition))
            {
                condition = Judge(need, condition, steps.Count, null, null, null, run.Flaws, run.Open, run.Taken, run.Notes, putRight);
            }
        }

        Manners(steps, run);
        return new([.. run.Flaws], [.. run.Open], [.. run.Taken.Distinct()], [.. run.Acts], [.. run.Before], [.. run.Fair], [.. run.Notes]);
    }

    // Where a manner says that the step is the wrong one, what comes after is judged as if the right one stood there.
    private Condition? Replaced(SequenceStep step, Read read, int at, List<Act?> acts)
    {
        foreach (var id in step.Manners.Concat(Seen))
        {
            if (
                Specification.Manners.Find(id) is { } manner
                && (manner.Drops || manner.Instead is not null)
                && manner.When(
                    new MannerAt(
                        surface,
                        start,
                        read.Before,
                        appraised.Facts,
                        read.Act,
                        null,
                        acts.Skip(at + 1).FirstOrDefault(a => a?.Operation.Role is not (null or CoatRole.None))
                    )
                )
            )
            {
                // A coat gets the right one under it; other work is taken to reach what it was to reach.
                return manner.Instead is not { } other ? read.Before
                    : firm.Act(Operations.Find(other)!, null) is { Operation.Role: not CoatRole.None } act
                        ? Treatments.Done(Treatments.Done(read.Before, act, Pace.Least), read.Act, Pace.Least)
                    : null;
            }
        }

        return null;
    }

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

    private static readonly string[] Seen = [.. Specification.Manners.All.Where(m => m.Seen).Select(m => m.Id)];

    private sealed class Run
    {
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

    // A step read in one way, with what follows from that.
    private sealed record Read(
        Act Act,
        Condition Fair,
        Condition Before,
        Condition After,
        List<Flaw> Flaws,
        List<Open> Open,
        List<Act> Taken,
        List<(int At, Need Need)> Notes
    )
    {
        public double Weight { get; init; }

        public bool Unsuited { get; init; }
    }

    private Read Best(in Condition condition, SequenceStep step, int at, IReadOnlyList<string>? written, bool putRight)
    {
        Read? best = null;
        foreach (var (act, i) in Readings(step).Select((a, i) => (a, i)))
        {
            // What was read first stays unless another reading is better by more than a trifle.
            var read = As(act, condition, step, at, written, putRight);
            read = act.Operation.Id == step.Operation ? read : read with { Weight = read.Weight + 0.25 + (0.005 * i) };
            // What is not for such a ground is no way out of what is wrong with work that is made for it.
            if (best is not null && read.Unsuited && Made(best.Act, condition))
            {
                continue;
            }

            if (best is null || read.Weight < best.Weight - 1e-9)
            {
                best = read;
            }
        }

        return best ?? throw new ArgumentException($"{step.Operation} is no operation, or does not use {step.Product}.", nameof(step));
    }

    private static bool Made(Act act, in Condition condition)
    {
        foreach (var need in act.Needs)
        {
            if (need.Any is [{ } test] && test.Facet == Facets.Substrate && test.Holds(condition))
            {
                return true;
            }
        }

        return false;
    }

    // Of several readings the one with the least wrong; then the one that does more of what the surface needs and leaves less to wait for.
    private double Weigh(Read read, in Condition before, in Condition after)
    {
        var (has, had) = (Treatments.Satisfied(after), Treatments.Satisfied(before));
        var was = before;
        var gained = (has - had)
            .Indexes()
            .Count(i => Needs.All[i] is { Clock: null } n && unsaid.Meets(n, was) is null && (n.Severity >= Severity.Fails || goal.Needs.Contains(n)));
        var lost = (had - has).Indexes().Count(i => Needs.All[i] is { Clock: null, Severity: >= Severity.Fails });
        return read.Flaws.Sum(Followed.Weigh)
            + (0.3 * read.Open.Count)
            + (0.1 * read.Taken.Count)
            + (0.05 * read.Notes.Count)
            + (0.1 * Math.Min(lost, 4))
            - (0.8 * Math.Min(gained, 4))
            + (0.001 * (read.Act.Leaves?.Least ?? 0));
    }

    /// <summary>What a step may be: with the product named, or with any that the operation uses; then what else its words may mean.</summary>
    public IEnumerable<Act> Readings(SequenceStep step)
    {
        var seen = new HashSet<int>();
        foreach (var id in step.Or.Prepend(step.Product is null ? step.Operation : $"{step.Operation}/{step.Product}"))
        {
            var (operation, product) = id.Split('/') is [var o, var p] ? (Operations.Find(o), p) : (Operations.Find(id), null);
            if (operation is null)
            {
                continue;
            }

            var known = product is not null && firm.Find(product) is not null ? product : null;
            var acts = known is null && operation.Products.Length > 0 ? operation.Products.Select(c => firm.Act(operation, c.Id)) : [firm.Act(operation, known)];
            foreach (var act in acts.OfType<Act>())
            {
                // What else the words may mean is no finish that nobody asked for.
                var asked =
                    act.Operation.Role != CoatRole.Finish || seen.Count == 0 || act.Operation.Id == step.Operation || goal.Finishes.Any(f => f.Id == act.Product?.Id);
                if (asked && seen.Add(act.Index))
                {
                    yield return act;
                }
            }
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

        // On a bare face the transition function takes a spot for the face, which these words do not mean.
        if (step.Part && act.Operation.Role is CoatRole.Spot or CoatRole.Primer)
        {
            after = after.With(Facets.Cover, now.Get(Facets.Cover)).With(Facets.Breath, now.Get(Facets.Breath));
            after = now.Get(Facets.Film) == Film.None ? after.With(Facets.Bare, now.Get(Facets.Bare)) : after;
        }

        // A line read as work that is not for such a ground was not meant so: judged as nothing.
        if (
            step.Line is not null
            && act.Operation is { Role: CoatRole.None, Refused: false }
            && !Chosen.Contains(act.Operation.Id)
            && !read.Flaws.Exists(f => f.Severity == Severity.Danger)
            && t.UnmetNeeds.Any(n => n.Any.Length > 0 && n.Any.All(x => x.Facet == Facets.Substrate || x.Facet == Facets.Film))
        )
        {
            return new Read(act, t.Before, t.Before, t.Before, [], [], [], []) { Weight = 2, Unsuited = true };
        }

        return read with
        {
            Fair = fair,
            Before = now,
            After = after,
            Weight = Weigh(read, t.Before, after),
        };
    }

    // Says of an unmet need whether it is taken as met, asked, noted or a fault, and goes on as if it were met.
    private Condition Judge(
        Need need,
        in Condition now,
        int at,
        Act? act,
        int? waited,
        IReadOnlyList<string>? written,
        List<Flaw> flaws,
        List<Open> open,
        List<Act> taken,
        List<(int At, Need Need)> notes,
        bool putRight
    )
    {
        if (need.Clock is { } clock)
        {
            // Sheets differ: what is waited for most of the usual time in a usual warmth is worth a word and no more.
            var near = clock == Drying.Coat ? Near : NearFiller;
            if (waited is { } minutes && minutes >= near * (minutes + now.MinutesLeft(clock)) && appraised.Facts.AirTempC is null or >= Warm)
            {
                notes.Add((at, need));
                return now.After(now.MinutesLeft(clock));
            }

            flaws.Add(new Flaw(at, need, null));
            return putRight ? now.After(now.MinutesLeft(clock)) : now;
        }

        // How the face is reached is the painter's affair; and whoever feathers or rubs down takes off what is loose.
        // What lay under paper that was stripped is another survey.
        if (
            need == SiteNeeds.AccessSafe
            || (need == GroundNeeds.PowderBound && start.Get(Facets.Film) == Film.Limewash && act?.Product?.Cover == Cover.Limewash)
            || (need == FabricNeeds.PaperHolds && now.Get(Facets.Paper) != start.Get(Facets.Paper))
            || (need == GroundNeeds.LooseOff && act?.Operation.Group is Group.Loosen or Group.Abrade)
        )
        {
            return Put(need, now);
        }

        // Who writes that a coat stood past its window means that it did, and writes down that it was keyed.
        if (!(need == Needs.WindowOpen && waited is not null) && unsaid.Meets(need, now) is { } met)
        {
            taken.Add(met.By);
            if (met.Asked)
            {
                open.Add(new Open(at, need, Presumed: true));
            }

            return met.After;
        }

        if (Asked(need, now) is { } settled)
        {
            open.Add(new Open(at, need, Presumed: false));
            return settled;
        }

        if (need.Severity == Severity.Note || (need.Severity == Severity.Poor && act is not null))
        {
            if (need.Severity == Severity.Poor)
            {
                notes.Add((at, need));
            }

            return now;
        }

        // A good undercoat seals what was scraped bare by the way, and so does wall paint on old plaster.
        if (
            need == GroundNeeds.BareSealed
            && start.Get(Facets.Film) != Film.None
            && (
                act is { Operation.Role: CoatRole.Undercoat }
                || (act?.Product?.Cover == Cover.Emulsion && (appraised.Facts.LooseShare ?? 0) + (appraised.Facts.BareShare ?? 0) <= LittleBare)
            )
        )
        {
            notes.Add((at, need));
            return Put(need, now);
        }

        // Where the area stood and was cleaned, cleaning once more is no new work in it.
        if (
            (need == SiteNeeds.LeadControlled || need == SiteNeeds.LeadWashed)
            && now.Get(Facets.LeadZone) == LeadZone.Cleaned
            && act?.Operation.Group is Group.Clean or Group.DustOff or Group.Repair
        )
        {
            return now;
        }

        // A joint that nobody recorded is sealed all the same.
        if (
            act?.Operation.Id.StartsWith("ca_", StringComparison.Ordinal) == true
            && need.Any.Any(x => x.Facet == Facets.JointKind || x.Facet == Facets.Joint)
            && appraised.Facts.OpenJointM is null or 0
        )
        {
            return Put(need, now);
        }

        // Words before it that speak of the very thing, in whatever way, are taken as its being done.
        if (written is not null && Topics.Spoken(need, written))
        {
            notes.Add((at, need));
            return Put(need, now);
        }

        flaws.Add(new Flaw(at, need, null));
        return putRight ? Put(need, now) : now;
    }

    // It fails only by what nobody stated: as it would be were that otherwise. Dry and hot work on what may be lead paint is no matter of asking.
    private Condition? Asked(Need need, in Condition now)
    {
        if (need == SiteNeeds.LeadAbsent && start.Get(Facets.Film) is not (Film.None or Film.Limewash or Film.SoftDistemper or Film.Casein or Film.Silicate))
        {
            return null;
        }

        foreach (var test in need.Any)
        {
            if (soft.Contains(test.Facet.Index) && now[test.Facet] == start[test.Facet])
            {
                // Lead that is asked about is not taken as absent: what is done dry further on is a danger all the same.
                return test.Facet == Facets.Lead ? now : With(now, test);
            }
        }

        return null;
    }

    private static Condition Put(Need need, in Condition now)
    {
        foreach (var test in need.Any)
        {
            if (!Given.Contains(test.Facet.Index))
            {
                return With(now, test);
            }
        }

        return now;
    }

    private static Condition With(in Condition now, Test test)
    {
        for (byte value = 0; value < test.Facet.Size; value++)
        {
            if (test.Allows(value))
            {
                return now.With(test.Facet.Index, value);
            }
        }

        return now;
    }

    private void Manners(IReadOnlyList<SequenceStep> steps, Run run)
    {
        var told = new List<Flaw>();
        for (var i = 0; i < steps.Count; i++)
        {
            var ids = (Thinning.TooFar(run.Acts[i], steps[i].Dilution) ? steps[i].Manners.Append("thinned-much") : steps[i].Manners).Concat(Seen);
            told.AddRange(ids.Distinct(StringComparer.Ordinal).Select(id => Of(id, i, run, run.Acts[i])).OfType<Flaw>());
        }

        foreach (var line in said.OrderBy(l => l.Line))
        {
            var i = steps.Select((s, n) => s.Line ?? n + 1).Count(n => n <= line.Line);
            told.AddRange(line.Manners.Select(id => Of(id, i, run, null)).OfType<Flaw>().Select(f => f with { At = i - 1, Line = line.Line }));
        }

        // Said again further on it is the same thing.
        told = [.. told.OrderBy(f => f.Line ?? steps[Math.Clamp(f.At, 0, Math.Max(0, steps.Count - 1))].Line ?? f.At).DistinctBy(f => f.Id)];

        // What a manner says of a step need not be said again by the needs that fail with it.
        run.Flaws.RemoveAll(f =>
            f.Need is { Hold: false } need && told.Exists(m => (m.At == f.At && (m.Manner!.Drops || m.Manner.Instead is not null)) || m.Manner!.Covers.Contains(need.Id))
        );
        // What lies on the wrong coat hangs on that one.
        foreach (var wrong in told.Where(m => m.Manner!.Seen))
        {
            var next = run.Acts.FindIndex(Math.Min(wrong.At + 1, run.Acts.Count), a => a.Operation.Role != CoatRole.None);
            run.Flaws.RemoveAll(f => f.At == next && f.Need?.Id.StartsWith("follows-", StringComparison.Ordinal) == true);
        }

        foreach (var flaw in told.Where(m => !run.Flaws.Exists(f => f.Same(m) && f.Line == m.Line && f.At == m.At)))
        {
            run.Flaws.Add(flaw);
        }
    }

    private Flaw? Of(string id, int at, Run run, Act? act)
    {
        if (Specification.Manners.Find(id) is not { } manner)
        {
            return null;
        }

        var next = run.Acts.Skip(act is null ? at : at + 1).FirstOrDefault(a => a.Operation.Role != CoatRole.None);
        var last = run.Acts.Take(at).LastOrDefault(a => a.Operation.Role != CoatRole.None);
        return manner.When(new MannerAt(surface, start, run.Before[at], appraised.Facts, act, last, next)) ? new Flaw(at, null, manner) : null;
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
