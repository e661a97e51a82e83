using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>What a search found.</summary>
/// <param name="Acts">The cheapest sequence, or null when there is none.</param>
/// <param name="Cost">Its weighted cost, fixed point.</param>
/// <param name="Expanded">Conditions expanded.</param>
/// <param name="Complete">False when it gave up at the limit; then no sequence is claimed.</param>
internal sealed record Found(IReadOnlyList<Act>? Acts, long Cost, int Expanded, bool Complete);

/// <summary>
/// Best-first search over conditions with an admissible bound, so that the first finished sequence is a cheapest one.
/// Deterministic: ties go to the deeper, then to the earlier found.
/// </summary>
internal static class Search
{
    /// <summary>Conditions expanded at most before giving up.</summary>
    public const int Limit = 60_000;

    public static Found Cheapest(Problem problem)
    {
        var nodes = new List<Node>(256);
        var best = new Dictionary<Condition, int>(256);
        var open = new PriorityQueue<int, (long, long, int)>(256);
        var start = Treatments.Satisfied(problem.Start);
        var bound = problem.Bound(problem.Start, start);
        nodes.Add(new Node(problem.Start, start, 0, -1, -1));
        best[problem.Start] = 0;
        open.Enqueue(0, (bound, 0, 0));
        var expanded = 0;
        while (open.TryDequeue(out var index, out _))
        {
            var node = nodes[index];
            if (node.Closed || best[node.Condition] != index)
            {
                continue;
            }

            if (problem.Goal.IsSubsetOf(node.Satisfied))
            {
                return new Found(Path(problem, nodes, index), node.Cost, expanded, Complete: true);
            }

            if (++expanded > Limit)
            {
                return new Found(null, 0, expanded, Complete: false);
            }

            nodes[index] = node with { Closed = true };
            Expand(problem, nodes, best, open, index, node);
        }

        return new Found(null, 0, expanded, Complete: true);
    }

    private static void Expand(Problem problem, List<Node> nodes, Dictionary<Condition, int> best, PriorityQueue<int, (long, long, int)> open, int index, in Node node)
    {
        var filmGone = node.Condition.Get(Facets.Film) == Film.None;
        for (var a = 0; a < problem.Acts.Length; a++)
        {
            var act = problem.Acts[a];
            if (!(act.NeedSet - act.Clocks).IsSubsetOf(node.Satisfied))
            {
                continue;
            }

            var wait = Treatments.WaitFor(node.Condition, act);
            var before = wait == 0 ? node.Condition : node.Condition.After(wait);
            var after = Treatments.Done(before, act, Pace.Advised);
            var satisfied = Treatments.Satisfied(after);

            // An act that brings nothing nearer is never part of a cheapest sequence.
            if (!(satisfied - node.Satisfied).Overlaps(problem.Relevant) && !Counts(before, after))
            {
                continue;
            }

            var cost = node.Cost + (filmGone ? problem.Costs[a].Bare : problem.Costs[a].WithFilm) + problem.WaitCost(wait);
            if (best.TryGetValue(after, out var known) && nodes[known].Cost <= cost)
            {
                continue;
            }

            best[after] = nodes.Count;
            open.Enqueue(nodes.Count, (cost + problem.Bound(after, satisfied), -cost, nodes.Count));
            nodes.Add(new Node(after, satisfied, cost, index, a));
        }
    }

    private static bool Counts(in Condition before, in Condition after) =>
        before[Facets.ToHide] != after[Facets.ToHide] || before[Facets.Topcoats] != after[Facets.Topcoats];

    private static List<Act> Path(Problem problem, List<Node> nodes, int index)
    {
        var path = new List<Act>();
        for (; nodes[index].Parent >= 0; index = nodes[index].Parent)
        {
            path.Add(problem.Acts[nodes[index].Act]);
        }

        path.Reverse();
        return path;
    }

    private readonly record struct Node(Condition Condition, NeedSet Satisfied, long Cost, int Parent, int Act)
    {
        public bool Closed { get; init; }
    }
}
