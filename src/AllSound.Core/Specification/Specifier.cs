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
        var bench = new Workbench(appraised.Condition, goal.Needs, [N.Topcoats(1), N.Topcoats(2), N.FilmGone], acts);
        if (!bench.Missing.IsEmpty)
        {
            return Stopped(appraised, bench.Missing);
        }

        var kinds = GroundActs.Of(appraised.Condition).Finishes;
        Problem Over(Weights weights, IReadOnlyCollection<CoatingClass> finishes, params Need[] more) =>
            new(bench, [.. more, .. goal.NeedsWith([.. finishes])], a => a.Operation.Role != CoatRole.Finish || finishes.Contains(a.Product!), prices, weights);

        // Of finishes that differ only in price the cheapest by these weights stands for all.
        CoatingClass[] Cheapest(Weights weights) => [.. goal.Finishes.GroupBy(kinds.Kind).Select(kind => kind.MinBy(f => CoatPrice(acts, f, prices, weights))!)];

        var found = new List<IReadOnlyList<Act>>();
        Try(Over(Weights.Soonest, Cheapest(Weights.Soonest)), found);
        Try(Over(Weights.Gentlest, Cheapest(Weights.Gentlest)), found);
        ByFinish(goal.Finishes, kinds, f => Life(f, surface), f => CoatPrice(acts, f, prices, Weights.LeastCost), f => Over(Weights.LeastCost, [f]), found);

        // What stripping costs more hardly hangs on the finish: it is weighed with the one that lasts longest.
        if (StrippingIsAChoice(appraised.Condition) && goal.Finishes.MaxBy(f => Life(f, surface)) is { } lasting)
        {
            Try(Over(Weights.LeastCost, [lasting], N.FilmGone), found);
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

    private static double Life(CoatingClass finish, Surface surface) => surface.Exposure == Exposure.Inside ? finish.Life.Inside : finish.Life.Outside;

    private static Specified Stopped(Appraised appraised, ImmutableArray<Need> missing)
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

    // The cheapest sequence for each finish that can be the cheapest of all, the cheapest by the year, or the longest
    // lived. A bound from below tells which finishes cannot, without a search. Finishes that differ only in price share
    // their cheapest sequence as long as it lays no more coats than the goal asks: a dearer one gains nothing by another.
    private static void ByFinish(
        ImmutableArray<CoatingClass> finishes,
        Interchangeable kinds,
        Func<CoatingClass, double> life,
        Func<CoatingClass, long> price,
        Func<CoatingClass, Problem> over,
        List<IReadOnlyList<Act>> found
    )
    {
        var shared = new Dictionary<int, IReadOnlyList<Act>>();
        var bestCost = double.MaxValue;
        var bestByYear = double.MaxValue;
        var bestOfLongest = double.MaxValue;
        var candidates = finishes
            .Select(f => (Finish: f, Kind: kinds.Kind(f), Life: life(f), Problem: new Lazy<Problem>(() => over(f))))
            .GroupBy(c => c.Kind)
            .SelectMany(kind =>
            {
                // One bound for the kind, of its cheapest; none of the others can be cheaper.
                var sorted = kind.OrderBy(c => price(c.Finish)).ToArray();
                var least = sorted[0].Problem.Value.LeastCost;
                return least is { } bound ? sorted.Select(c => (c.Finish, c.Kind, c.Life, c.Problem, Bound: (double)bound)) : [];
            })
            .OrderBy(c => c.Bound / c.Life)
            .ToArray();
        var longest = candidates.Select(c => c.Life).DefaultIfEmpty(0).Max();
        foreach (var candidate in candidates)
        {
            var lasts = candidate.Life >= longest;
            if (candidate.Bound >= bestCost && candidate.Bound / candidate.Life >= bestByYear && !(lasts && candidate.Bound < bestOfLongest))
            {
                continue;
            }

            if (shared.TryGetValue(candidate.Kind, out var known))
            {
                var swapped = Interchangeable.Swap(known, candidate.Finish);
                found.Add(swapped);
                continue;
            }

            var made = candidate.Problem.Value;
            var result = Search.Cheapest(made);
            if (result.Acts is not { } acts)
            {
                continue;
            }

            found.Add(acts);
            bestCost = Math.Min(bestCost, result.Cost);
            bestByYear = Math.Min(bestByYear, result.Cost / candidate.Life);
            bestOfLongest = lasts ? Math.Min(bestOfLongest, result.Cost) : bestOfLongest;
            if (acts.Count(a => a.Operation.Role == CoatRole.Finish) <= made.CoatsAsked)
            {
                shared[candidate.Kind] = acts;
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
