using System.Collections.Immutable;
using AllSound.Core.Inspection;
using AllSound.Core.Materials;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using N = AllSound.Core.Treatment.Needs;

namespace AllSound.Core.Specification;

/// <summary>Searches for the specifications of a surface that nothing else beats.</summary>
public static class Specifier
{
    /// <summary>Options offered at most.</summary>
    public const int MostOptions = 4;

    /// <summary>Specifies a surface of a job.</summary>
    public static Specified Specify(Job job, Building building, Space space, Surface surface) =>
        Specify(job.Rates, surface, Appraisal.Appraise(job, building, space, surface));

    /// <summary>Specifies a surface whose condition is known.</summary>
    /// <param name="rates">Prices.</param>
    /// <param name="surface">The surface, for its brief and element.</param>
    /// <param name="appraised">Its condition.</param>
    /// <returns>Options, or what holds or blocks them. The same input always gives the same output.</returns>
    public static Specified Specify(Rates rates, Surface surface, Appraised appraised)
    {
        var goal = Goal.For(surface, appraised.Condition);
        var acts = Operations.Acts.Where(goal.Allows).ToArray();
        var prices = new Prices(appraised.Extents, rates);
        Problem Over(Weights weights)
        {
            // Of finishes that differ only in price the cheapest by these weights stands for all.
            var finishes = goal.Finishes.GroupBy(Interchangeable.Kind).Select(kind => kind.MinBy(f => CoatPrice(acts, f, prices, weights))!).ToArray();
            var some = acts.Where(a => a.Operation.Role != CoatRole.Finish || finishes.Contains(a.Product!)).ToArray();
            return new Problem(appraised.Condition, goal.NeedsWith(finishes), some, prices, weights);
        }

        var soonest = Over(Weights.Soonest);
        var missing = soonest.Unreachable();
        if (!missing.IsEmpty)
        {
            var holds = missing.Where(n => n.Hold).Select(n => new Hold(n)).ToImmutableArray();
            var deepest = missing.Where(n => !missing.Any(m => m != n && Causes(m, n))).ToImmutableArray();
            return new Specified(
                appraised,
                [],
                holds,
                !holds.IsEmpty ? []
                    : deepest.IsEmpty ? missing
                    : deepest
            );
        }

        var found = new List<IReadOnlyList<Act>>();
        Try(soonest, found);
        Try(Over(Weights.Gentlest), found);
        foreach (var kind in goal.Finishes.GroupBy(Interchangeable.Kind))
        {
            var sorted = kind.OrderBy(f => CoatPrice(acts, f, prices, Weights.LeastCost));
            Cheapest([.. sorted], f => new Problem(appraised.Condition, goal.NeedsWith(f), With(acts, f), prices, Weights.LeastCost), found);
        }

        // What stripping costs more hardly hangs on the finish: it is weighed with the one that lasts longest.
        if (StrippingIsAChoice(appraised.Condition) && goal.Finishes.MaxBy(f => surface.Exposure == Exposure.Inside ? f.Life.Inside : f.Life.Outside) is { } lasting)
        {
            Try(new Problem(appraised.Condition, [N.FilmGone, .. goal.NeedsWith(lasting)], With(acts, lasting), prices, Weights.LeastCost), found);
        }

        if (found.Count == 0)
        {
            return new Specified(appraised, [], [], goal.Needs);
        }

        var options = found.Select(sequence => Build(rates, surface, appraised, goal, sequence)).ToList();
        return new Specified(appraised, Choose(options), [], []);
    }

    private static long CoatPrice(Act[] acts, CoatingClass finish, Prices prices, Weights weights) =>
        acts.Where(a => a.Product == finish && a.Operation.Role == CoatRole.Finish).Min(a => prices.Of(a, weights, filmGone: false));

    private static Act[] With(Act[] acts, CoatingClass finish) => [.. acts.Where(a => a.Operation.Role != CoatRole.Finish || a.Product == finish)];

    // A film that fails in part, or a heavy build-up, may be worth taking off whole; a sound thin one is not.
    private static bool StrippingIsAChoice(in Condition condition) =>
        condition.Get(Facets.Film) != Film.None
        && (condition.Get(Facets.Loose) == Presence.Present || condition.Get(Facets.Edges) == Edges.Lifting || condition.Get(Facets.Load) == LayerLoad.Heavy);

    // Among needs that cannot be met, those that others only follow from.
    private static bool Causes(Need deeper, Need shallow) =>
        Operations.Acts.Where(a => a.Needs.Contains(deeper)).Any(a => a.Effects.Any(e => shallow.Any.Any(t => t.Facet == e.Facet)));

    private static void Try(Problem problem, List<IReadOnlyList<Act>> found)
    {
        if (Search.Cheapest(problem).Acts is { } acts)
        {
            found.Add(acts);
        }
    }

    // Interchangeable finishes, the cheapest first, share their cheapest sequence as long as it lays no more coats than
    // the goal asks: a dearer one can then gain nothing by another.
    private static void Cheapest(CoatingClass[] kind, Func<CoatingClass, Problem> problem, List<IReadOnlyList<Act>> found)
    {
        IReadOnlyList<Act>? shared = null;
        foreach (var finish in kind)
        {
            if (shared is not null)
            {
                found.Add(Interchangeable.Swap(shared, finish));
                continue;
            }

            var made = problem(finish);
            if (Search.Cheapest(made).Acts is { } acts)
            {
                found.Add(acts);
                shared = acts.Count(a => a.Operation.Role == CoatRole.Finish) <= made.CoatsAsked ? acts : null;
            }
        }
    }

    private static Option Build(Rates rates, Surface surface, Appraised appraised, Goal goal, IReadOnlyList<Act> sequence)
    {
        var acts = Sequencing.Usual(appraised.Condition, sequence);
        var steps = Sequencing.Steps(appraised, acts, goal.Needs, rates);
        var finish = acts.Last(a => a.Operation.Role == CoatRole.Finish).Product!;
        var last = steps[^1].After;
        var days = steps.Sum(s => (s.Spend.Hours / 8) + Quantities.Costing.WaitDays(s.WaitBefore));
        var criteria = new Criteria(
            decimal.Round(steps.Sum(s => s.Spend.Money), 2),
            Math.Round(steps.Sum(s => s.Spend.Hours), 2),
            Math.Round(days, 2),
            Math.Round(Longevity.Years(finish, surface.Exposure, last), 1),
            Math.Round(steps.Sum(s => s.Spend.Hazard), 2)
        );
        var schools = acts.Where(a => a.Operation.School is not null).Select(a => a.Operation.School!).Distinct().Order(StringComparer.Ordinal).ToImmutableArray();
        var name = Naming.Name(appraised.Condition, acts, finish);
        return new Option(Naming.Slug(name), name, [], schools, steps, criteria, Longevity.Risks(appraised, last));
    }

    private static ImmutableArray<Option> Choose(List<Option> options)
    {
        var kept = options
            .Where(o => !options.Any(other => other.Criteria.Beats(o.Criteria)))
            .GroupBy(o => string.Join('>', o.Steps.Select(s => s.Act.Id)))
            .Select(g => g.First())
            .ToList();
        (string Name, Func<Option, double> By)[] titles =
        [
            ("least cost", o => (double)o.Criteria.Money),
            ("soonest", o => o.Criteria.ElapsedDays),
            ("lowest cost per year of life", o => (double)o.Criteria.MoneyPerYear),
            ("gentlest", o => o.Criteria.Hazard),
            ("longest life", o => -o.Criteria.LifeYears),
        ];
        var chosen = new List<Option>();
        foreach (var option in titles.Select(t => Best(kept, t.By)).Concat(kept.OrderBy(o => o.Criteria.Money)))
        {
            if (chosen.Count < MostOptions && !chosen.Any(c => Twins(c, option)))
            {
                chosen.Add(option);
            }
        }

        var ordered = chosen.OrderBy(o => o.Criteria.Money).ThenBy(o => o.Criteria.ElapsedDays).ToList();
        var winners = titles.Select(t => (t.Name, Winner: Best(ordered, t.By))).ToList();
        var named = new List<Option>();
        foreach (var option in ordered)
        {
            named.Add(Naming.Distinct(option with { BestAt = [.. winners.Where(w => w.Winner == option).Select(w => w.Name)] }, named));
        }

        return [.. named];
    }

    private static Option Best(IEnumerable<Option> options, Func<Option, double> by) =>
        options.OrderBy(by).ThenBy(o => o.Criteria.Money).ThenBy(o => o.Criteria.ElapsedDays).First();

    // Nearly the same by every criterion: no choice worth a client's time.
    private static bool Twins(Option a, Option b) =>
        a == b
        || (
            Near((double)a.Criteria.Money, (double)b.Criteria.Money)
            && Near(a.Criteria.ElapsedDays, b.Criteria.ElapsedDays)
            && Near(a.Criteria.LifeYears, b.Criteria.LifeYears)
            && Near(a.Criteria.Hazard, b.Criteria.Hazard)
        );

    private static bool Near(double a, double b) => Math.Abs(a - b) <= 0.08 * Math.Max(Math.Abs(a), Math.Abs(b));
}
