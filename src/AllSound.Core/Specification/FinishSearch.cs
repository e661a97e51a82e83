using System.Collections.Immutable;
using AllSound.Core.Materials;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>Looks for the finish: which of those that the brief allows make an option that nothing beats.</summary>
internal static class FinishSearch
{
    // The cheapest sequence for each finish that can be the cheapest of all, the cheapest by the year, or the longest
    // lived. A bound from below tells which finishes cannot, without a search. Finishes that differ only in price share
    // their cheapest sequence as long as it lays no more coats than the goal asks: a dearer one gains nothing by another.
    public static void Run(
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
            var result = Search.Cheapest(made, limit: Search.OneFinish);
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
}
