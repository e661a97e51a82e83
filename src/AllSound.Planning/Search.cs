using System.Runtime.InteropServices;

namespace AllSound.Planning;

/// <summary>What a search found.</summary>
/// <param name="Operators">The cheapest plan, as places among the compiled task's operators; null when there is none.</param>
/// <param name="Cost">Its cost, fixed point.</param>
/// <param name="Expanded">States expanded.</param>
/// <param name="Complete">False when it gave up at the limit; then nothing is claimed.</param>
/// <example>
/// <c>Search.Cheapest(costed)</c> gives <c>Operators: [4, 0, 2], Cost: 17, Complete: true</c>: the cheapest plan is operators 4, 0 and 2 in this order.
/// </example>
public sealed record Plan(int[]? Operators, long Cost, int Expanded, bool Complete);

/// <summary>
/// A* search with an admissible heuristic, so that the first plan found is a cheapest one (P. Hart, N. Nilsson and B. Raphael 1968). A state that is
/// dominated by another that was no dearer to reach is left out (dominance pruning: Á. Torralba and J. Hoffmann 2015, from memory).
/// Deterministic: ties go to the deeper state, then to the one found first.
/// </summary>
public sealed class Search
{
    /// <summary>States expanded at most before giving up.</summary>
    public const int Limit = 60_000;

    private readonly CostedTask task;
    private readonly StateSpace states;
    private readonly SearchMemory memory;
    private readonly bool prune;
    private readonly long below;

    private Search(CostedTask task, SearchMemory memory, bool prune, long below)
    {
        (this.task, this.memory, this.prune, this.below) = (task, memory, prune, below);
        states = task.Task.Task.States;
    }

    /// <summary>The cheapest plan.</summary>
    /// <param name="task">The task.</param>
    /// <param name="prune">False to try every order and keep every state; for checking that pruning loses nothing.</param>
    /// <param name="limit">States expanded at most.</param>
    /// <param name="below">Only a plan that costs less than this is looked for.</param>
    public static Plan Cheapest(CostedTask task, bool prune = true, int limit = Limit, long below = long.MaxValue)
    {
        ArgumentNullException.ThrowIfNull(task);
        if (!task.IsPossible)
        {
            return new Plan(null, 0, 0, Complete: true);
        }

        using var lent = SearchMemory.Borrow();
        return new Search(task, lent, prune, below).Run(limit);
    }

    private Plan Run(int limit)
    {
        Reach(task.Initial, default, 0, -1, -1, task.Landmarks);
        var expanded = 0;
        while (memory.Queue.TryDequeue(out var index, out var key))
        {
            ref var node = ref At(index);
            if (node.Dominated)
            {
                continue;
            }

            // Other paths here may have shown that more is to pay: back in the queue at its new place.
            var summary = states.Of(node.State);
            if (node.Raised && task.Bound(node.State, summary.Holding, node.Open) is { } now && node.Cost + now > key.Least)
            {
                node.Raised = false;
                memory.Queue.Enqueue(index, new SearchMemory.Turn(node.Cost + now, node.Cost, index));
                continue;
            }

            if (key.Least >= below)
            {
                break;
            }

            if (task.Task.Goal.IsSubsetOf(summary.Holding))
            {
                return new Plan(Path(index), node.Cost, expanded, Complete: true);
            }

            if (++expanded > limit)
            {
                return new Plan(null, 0, expanded, Complete: false);
            }

            Expand(index, node, summary);
        }

        return new Plan(null, 0, expanded, Complete: true);
    }

    private void Expand(int index, SearchMemory.Node node, in StateSummary now)
    {
        var operators = prune ? StubbornSets.Choose(task.Task, task.Used, now, task.Task.Any.Open(now.Holding)) : task.Applicable(now.Holding);
        for (var a = operators.Next(0); a >= 0; a = operators.Next(a + 1))
        {
            Reach(states.After(node.State, a), now, node.Cost + task.Cost(node.State, a), index, a, task.Progress(node.Open, a, node.State));
        }
    }

    private void Reach(in State state, in StateSummary before, long cost, int parent, int op, OpenLandmarks open)
    {
        if (memory.Known.TryGetValue(state, out var at))
        {
            // A landmark that is open on the dearer path to the same state is still to pay from there.
            ref var same = ref At(at);
            if (same.Cost <= cost)
            {
                same.Raised |= (same.Open | open) != same.Open;
                same.Open |= open;
                return;
            }

            open |= same.Open;
            same.Dominated = true;
        }

        // A state that the one before dominates leads nowhere.
        var summary = states.Of(state);
        if (prune && op >= 0 && before.AtLeast(summary))
        {
            return;
        }

        var front = memory.Front(summary.Group);
        if (prune && IsDominated(front, summary.Rank, cost))
        {
            return;
        }

        if (task.Bound(state, summary.Holding, open) is not { } left || cost + left >= below)
        {
            return;
        }

        var number = memory.Nodes.Count;
        front.Enter(summary.Rank, cost, number);
        memory.Known[state] = number;
        memory.Queue.Enqueue(number, new SearchMemory.Turn(cost + left, cost, number));
        memory.Nodes.Add(
            new SearchMemory.Node
            {
                State = state,
                Cost = cost,
                Open = open,
                Parent = parent,
                Operator = op,
            }
        );
    }

    private bool IsDominated(ParetoFront front, in IndexSet rank, long cost)
    {
        if (front.Dominates(rank, cost, memory.Dominated))
        {
            return true;
        }

        foreach (var dominated in memory.Dominated)
        {
            At(dominated).Dominated = true;
        }

        memory.Dominated.Clear();
        return false;
    }

    private ref SearchMemory.Node At(int index) => ref CollectionsMarshal.AsSpan(memory.Nodes)[index];

    private int[] Path(int index)
    {
        var path = new List<int>();
        for (; At(index).Parent >= 0; index = At(index).Parent)
        {
            path.Add(At(index).Operator);
        }

        path.Reverse();
        return [.. path];
    }
}
