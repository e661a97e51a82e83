using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

// What a step is read as: of all that its words may mean the one with the least wrong.
internal sealed partial class Follower
{
    /// <summary>A step read in one way, with what follows from that.</summary>
    internal sealed record Read(
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

    private Read Best(in Condition condition, SequenceStep step, int at, IReadOnlyList<string>? written, Coming? next, bool putRight)
    {
        Read? best = null;
        foreach (var (act, i) in Readings(step).Select((a, i) => (a, i)))
        {
            // What else the words may mean is no coat that is made for another ground.
            if (i > 0 && act.Operation.Role != CoatRole.None && act.Operation.Id != step.Operation && !Unsaid.Suits(act, condition, Passes(act, condition)))
            {
                continue;
            }

            if (i > 0 && Misreading.Is(new ReadingAt(act, start, condition)))
            {
                continue;
            }

            // What was read first stays unless another reading is better by more than a trifle.
            var read = As(act, condition, step, at, written, putRight);
            read = act.Operation.Id == step.Operation ? read : read with { Weight = read.Weight + 0.25 + (0.005 * i) };
            if (RubsFilm(act) && condition.Get(Facets.Film) == Film.None && condition.Get(Facets.Cover) == Cover.None)
            {
                read = read with { Weight = read.Weight + NoFilm };
            }

            if (act.Operation.Role != CoatRole.None && step.Product is null && !Unsaid.Suits(act, condition, Passes(act, condition)))
            {
                read = read with { Weight = read.Weight + NotForIt };
            }

            read = next is null || Leads(read, next) ? read : read with { Weight = read.Weight + LeadsNowhere };
            // What is not for such a ground is no way out of what is wrong with work that is made for it, or of a danger.
            if (best is { Unsuited: false } && read.Unsuited && (Made(best.Act, condition) || best.Flaws.Exists(f => f.Severity == Severity.Danger)))
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

    // Weight of a reading that rubs down a film where there is none. Judgement.
    private const double NoFilm = 3;

    // Weight of a coat that nobody named and that is not made for such a ground. Judgement.
    private const double NotForIt = 2;

    private static bool RubsFilm(Act act) => act.Operation.Id is "ab_gloss" or "st_wet_abrade";

    private Func<Need, bool> Passes(Act act, Condition condition) =>
        need =>
            act.Product?.Cover == Cover.Emulsion
            && Allowance.For(need, new AllowanceAt(start, condition, appraised.Facts, surface.Facts, act, cleans, cares, undercoats)) is not null;

    // Read from a painter's words, whose number of the line may be lost, and not picked from the list.
    private static bool IsRead(SequenceStep step) => step.Line is not null || step.Words is not null;

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
        // Nobody means to free lead again once it is cleaned down, where the words may mean something else.
        var again = before.Get(Facets.LeadZone) == LeadZone.Cleaned && after.Get(Facets.LeadZone) == LeadZone.SetUp ? FreesAgain : 0;
        return again
            + read.Flaws.Sum(Followed.Weigh)
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

            // Where the words leave some of its products, as a sheen does, it is one of them.
            var known = product is not null && firm.Find(product) is not null ? product : null;
            var named =
                known is null && operation.Role != CoatRole.None
                    ? step.Or.Where(o => o.StartsWith($"{operation.Id}/", StringComparison.Ordinal)).Select(o => o[(operation.Id.Length + 1)..]).ToList()
                    : [];
            var acts =
                named.Count > 0 ? named.Select(c => firm.Act(operation, c))
                : known is null && operation.Products.Length > 0 ? operation.Products.Select(c => firm.Act(operation, c.Id))
                : [firm.Act(operation, known)];
            foreach (var act in acts.OfType<Act>())
            {
                // What else the words may mean is no finish that nobody asked for.
                var asked = seen.Count == 0 || act.Operation.Id == step.Operation || goal.AsksFor(act);
                if (asked && seen.Add(act.Index))
                {
                    yield return act;
                }
            }
        }
    }
}
