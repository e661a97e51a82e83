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
    private readonly bool prune;
    private readonly List<Node> nodes = new(256);
    private readonly Dictionary<ulong, int> groups = new(256);
    private readonly PriorityQueue<int, (long Least, long Behind, int Found)> queue = new(256);

    private Search(Problem problem, bool prune)
    {
        this.problem = problem;
        this.prune = prune;
    }

    /// <summary>The cheapest sequence.</summary>
    /// <param name="problem">The problem.</param>
    /// <param name="prune">False to try every order and keep every state; for checking that leaving out loses nothing.</param>
    /// <param name="limit">States expanded at most.</param>
    /// <param name="below">Only a sequence that costs less than this is looked for.</param>
    public static Found Cheapest(Problem problem, bool prune = true, int limit = Limit, long below = long.MaxValue) =>
        problem.IsPossible ? new Search(problem, prune).Run(limit, below) : new Found(null, 0, 0, Complete: true);

    private Found Run(int limit, long below)
    {
        Reach(problem.Start, 0, -1, -1, problem.Ahead);
        var expanded = 0;
        while (queue.TryDequeue(out var index, out var key))
        {
            ref var node = ref At(index);
            if (node.Beaten)
            {
                continue;
            }

            // Other ways here may have shown that more is to come: back in the queue at its new place.
            if (node.Raised && problem.Bound(node.State, node.Satisfied, node.Ahead) is { } now && node.Cost + now > key.Least)
            {
                node.Raised = false;
                queue.Enqueue(index, (node.Cost + now, -node.Cost, index));
                continue;
            }

            if (key.Least >= below)
            {
                break;
            }

            if (problem.Goal.IsSubsetOf(node.Satisfied))
            {
                return new Found(Path(index), node.Cost, expanded, Complete: true);
            }

            if (++expanded > limit)
            {
                return new Found(null, 0, expanded, Complete: false);
            }

            Expand(index);
        }

        return new Found(null, 0, expanded, Complete: true);
    }

    private void Expand(int index)
    {
        var node = At(index);
        var acts = prune ? Stubborn.Choose(problem, node.State, node.Satisfied, problem.Open(node.Satisfied)) : problem.Applicable(node.Satisfied);
        for (var a = acts.Next(0); a >= 0; a = acts.Next(a + 1))
        {
            Reach(problem.After(node.State, a), node.Cost + problem.Cost(node.State, a), index, a, problem.Pass(node.Ahead, a, node.State));
        }
    }

    private void Reach(in State state, long cost, int parent, int act, Ahead ahead)
    {
        var satisfied = problem.Satisfied(state, out var group);
        ref var first = ref CollectionsMarshal.GetValueRefOrAddDefault(groups, group, out var known);
        first = known ? first : -1;
        ref var link = ref first;
        for (var i = first; i >= 0; i = link)
        {
            ref var other = ref At(i);
            var same = other.State.Equals(state);
            if (other.Cost <= cost && (same || (prune && satisfied.IsSubsetOf(other.Satisfied) && problem.AtLeast(other.State, state))))
            {
                if (same && (other.Ahead | ahead) != other.Ahead)
                {
                    other.Ahead |= ahead;
                    other.Raised = true;
                }

                return;
            }

            if (cost <= other.Cost && (same || (prune && other.Satisfied.IsSubsetOf(satisfied) && problem.AtLeast(state, other.State))))
            {
                // What is open on the dearer way to the same state is still to come from there.
                ahead = same ? ahead | other.Ahead : ahead;
                other.Beaten = true;
                link = other.Next;
            }
            else
            {
                link = ref other.Next;
            }
        }

        if (problem.Bound(state, satisfied, ahead) is not { } left)
        {
            return;
        }

        var node = new Node
        {
            State = state,
            Satisfied = satisfied,
            Cost = cost,
            Ahead = ahead,
            Parent = parent,
            Act = act,
            Next = first,
        };
        first = nodes.Count;
        queue.Enqueue(nodes.Count, (cost + left, -cost, nodes.Count));
        nodes.Add(node);
    }

    private ref Node At(int index) => ref CollectionsMarshal.AsSpan(nodes)[index];

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

    private struct Node
    {
        public State State;
        public IndexSet Satisfied;
        public long Cost;
        public Ahead Ahead;
        public int Parent;
        public int Act;

        // The next in its group, or -1.
        public int Next;
        public bool Raised;
        public bool Beaten;
    }
}
