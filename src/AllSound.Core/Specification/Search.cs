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

    /// <summary>The same for one finish among several: a finish that hides so deep is not worth the wait.</summary>
    public const int OneFinish = 8_000;

    /// <summary>The cheapest sequence.</summary>
    /// <param name="problem">The problem.</param>
    /// <param name="prune">False to try every order; for checking that pruning loses nothing.</param>
    /// <param name="limit">Conditions expanded at most.</param>
    public static Found Cheapest(Problem problem, bool prune = true, int limit = Limit)
    {
        var nodes = new List<Node>(256);
        var best = new Dictionary<Condition, int>(256);
        var queue = new PriorityQueue<int, (long, long, int)>(256);
        if (!problem.IsPossible)
        {
            return new Found(null, 0, 0, Complete: true);
        }

        var start = problem.Start.After(problem.Start.LongestLeft);
        if (problem.Bound(start, problem.Satisfied(start), problem.Ahead) is not { } bound)
        {
            return new Found(null, 0, 0, Complete: true);
        }

        nodes.Add(new Node(start, 0, -1, -1, problem.Ahead, Raised: false));
        best[start] = 0;
        queue.Enqueue(0, (bound, 0, 0));
        var expanded = 0;
        while (queue.TryDequeue(out var index, out var key))
        {
            var node = nodes[index];
            if (best[node.Condition] != index)
            {
                continue;
            }

            var satisfied = problem.Satisfied(node.Condition);

            // Other ways here may have shown that more is to come: back in the queue at its new place.
            if (node.Raised && problem.Bound(node.Condition, satisfied, node.Ahead) is { } now && node.Cost + now > key.Item1)
            {
                nodes[index] = node with { Raised = false };
                queue.Enqueue(index, (node.Cost + now, -node.Cost, index));
                continue;
            }

            if (problem.Goal.IsSubsetOf(satisfied))
            {
                return new Found(Path(problem, nodes, index), node.Cost, expanded, Complete: true);
            }

            if (++expanded > limit)
            {
                return new Found(null, 0, expanded, Complete: false);
            }

            var filmGone = node.Condition.Get(Facets.Film) == Film.None;
            var acts = prune ? Stubborn.Choose(problem, node.Condition, satisfied, problem.Open(satisfied)) : problem.Applicable(satisfied);
            for (var a = acts.Next(0); a >= 0; a = acts.Next(a + 1))
            {
                var after = problem.Settled(node.Condition, a);
                var cost = node.Cost + (filmGone ? problem.Costs[a].Bare : problem.Costs[a].WithFilm);
                var ahead = problem.Pass(node.Ahead, a, satisfied);
                if (best.TryGetValue(after, out var known))
                {
                    ahead |= nodes[known].Ahead;
                    if (nodes[known].Cost <= cost)
                    {
                        if (ahead != nodes[known].Ahead)
                        {
                            nodes[known] = nodes[known] with { Ahead = ahead, Raised = true };
                        }

                        continue;
                    }
                }

                if (problem.Bound(after, problem.Satisfied(after), ahead) is not { } left)
                {
                    continue;
                }

                best[after] = nodes.Count;
                queue.Enqueue(nodes.Count, (cost + left, -cost, nodes.Count));
                nodes.Add(new Node(after, cost, index, a, ahead, Raised: false));
            }
        }

        return new Found(null, 0, expanded, Complete: true);
    }

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

    private readonly record struct Node(Condition Condition, long Cost, int Parent, int Act, Ahead Ahead, bool Raised);
}
