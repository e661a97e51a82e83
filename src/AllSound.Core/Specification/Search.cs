using System.Runtime.InteropServices;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>What a search found.</summary>
/// <param name="Acts">The cheapest sequence, or null when there is none.</param>
/// <param name="Cost">Its weighted cost, fixed point.</param>
/// <param name="Expanded">States expanded.</param>
/// <param name="Complete">False when it gave up at the limit; then no sequence is claimed.</param>
internal sealed record Found(IReadOnlyList<Act>? Acts, long Cost, int Expanded, bool Complete);

/// <summary>
/// Best-first search over states with an admissible bound, so that the first finished sequence is a cheapest one. A state
/// that is in no way better than another and was no cheaper to come by is left out. Deterministic: ties go to the deeper,
/// then to the earlier found.
/// </summary>
internal sealed class Search
{
    /// <summary>States expanded at most before giving up.</summary>
    public const int Limit = 60_000;

    private readonly Problem problem;
    private readonly SearchMemory memory;
    private readonly bool prune;
    private readonly long below;

    private Search(Problem problem, SearchMemory memory, bool prune, long below)
    {
        this.problem = problem;
        this.memory = memory;
        this.prune = prune;
        this.below = below;
    }

    /// <summary>The cheapest sequence.</summary>
    /// <param name="problem">The problem.</param>
    /// <param name="prune">False to try every order and keep every state; for checking that leaving out loses nothing.</param>
    /// <param name="limit">States expanded at most.</param>
    /// <param name="below">Only a sequence that costs less than this is looked for.</param>
    public static Found Cheapest(Problem problem, bool prune = true, int limit = Limit, long below = long.MaxValue)
    {
        if (!problem.IsPossible)
        {
            return new Found(null, 0, 0, Complete: true);
        }

        using var lent = SearchMemory.Borrow();
        return new Search(problem, lent, prune, below).Run(limit);
    }

    private Found Run(int limit)
    {
        Reach(problem.Start, default, 0, -1, -1, problem.Ahead);
        var expanded = 0;
        while (memory.Queue.TryDequeue(out var index, out var key))
        {
            ref var node = ref At(index);
            if (node.Beaten)
            {
                continue;
            }

            // Other ways here may have shown that more is to come: back in the queue at its new place.
            var standing = problem.Of(node.State);
            if (node.Raised && problem.Bound(node.State, standing.Satisfied, node.Ahead) is { } now && node.Cost + now > key.Least)
            {
                node.Raised = false;
                memory.Queue.Enqueue(index, new SearchMemory.Turn(node.Cost + now, node.Cost, index));
                continue;
            }

            if (key.Least >= below)
            {
                break;
            }

            if (problem.Goal.IsSubsetOf(standing.Satisfied))
            {
                return new Found(Path(index), node.Cost, expanded, Complete: true);
            }

            if (++expanded > limit)
            {
                return new Found(null, 0, expanded, Complete: false);
            }

            Expand(index, node, standing);
        }

        return new Found(null, 0, expanded, Complete: true);
    }

    private void Expand(int index, SearchMemory.Node node, in Standing now)
    {
        var acts = prune ? Stubborn.Choose(problem.Aim, problem.Used, now, problem.Aim.Any.Open(now.Satisfied)) : problem.Applicable(now.Satisfied);
        for (var a = acts.Next(0); a >= 0; a = acts.Next(a + 1))
        {
            Reach(problem.After(node.State, a), now, node.Cost + problem.Cost(node.State, a), index, a, problem.Pass(node.Ahead, a, node.State));
        }
    }

    private void Reach(in State state, in Standing before, long cost, int parent, int act, Ahead ahead)
    {
        if (memory.Known.TryGetValue(state, out var at))
        {
            // What is open on the dearer way to the same state is still to come from there.
            ref var same = ref At(at);
            if (same.Cost <= cost)
            {
                same.Raised |= (same.Ahead | ahead) != same.Ahead;
                same.Ahead |= ahead;
                return;
            }

            ahead |= same.Ahead;
            same.Beaten = true;
        }

        // What is in no way better than before leads nowhere.
        var standing = problem.Of(state);
        if (prune && act >= 0 && before.AtLeast(standing))
        {
            return;
        }

        var rivals = memory.Rivals(standing.Group);
        if (prune && IsBeaten(rivals, standing.Rank, cost))
        {
            return;
        }

        if (problem.Bound(state, standing.Satisfied, ahead) is not { } left || cost + left >= below)
        {
            return;
        }

        var number = memory.Nodes.Count;
        rivals.Enter(standing.Rank, cost, number);
        memory.Known[state] = number;
        memory.Queue.Enqueue(number, new SearchMemory.Turn(cost + left, cost, number));
        memory.Nodes.Add(
            new SearchMemory.Node
            {
                State = state,
                Cost = cost,
                Ahead = ahead,
                Parent = parent,
                Act = act,
            }
        );
    }

    private bool IsBeaten(Rivals rivals, in IndexSet rank, long cost)
    {
        if (rivals.Beat(rank, cost, memory.Beaten))
        {
            return true;
        }

        foreach (var beaten in memory.Beaten)
        {
            At(beaten).Beaten = true;
        }

        memory.Beaten.Clear();
        return false;
    }

    private ref SearchMemory.Node At(int index) => ref CollectionsMarshal.AsSpan(memory.Nodes)[index];

    private List<Act> Path(int index)
    {
        var path = new List<Act>();
        for (; At(index).Parent >= 0; index = At(index).Parent)
        {
            path.Add(problem.Acts[At(index).Act]);
        }

        path.Reverse();
        return path;
    }
}
