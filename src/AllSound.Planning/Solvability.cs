namespace AllSound.Planning;

/// <summary>Whether a plan exists.</summary>
internal enum Solvable
{
    /// <summary>There is none.</summary>
    No,

    /// <summary>There is one.</summary>
    Yes,

    /// <summary>Too many states would have to be looked at to tell.</summary>
    Unknown,
}

/// <summary>
/// Decides whether there is any plan at all, whatever it costs. As nothing is paid, a state that is dominated by one found before is left out,
/// whatever it cost to reach either: far fewer states are looked at than for the cheapest plan.
/// </summary>
/// <example>
/// Can the boat bring all across at all? Yes after 12 states, where the cheapest crossing takes 60 to prove.
/// </example>
internal static class Solvability
{
    /// <summary>States looked at before the answer is left to a search.</summary>
    public const int Limit = 400;

    /// <summary>Decides whether a plan exists.</summary>
    /// <param name="task">The goal task.</param>
    /// <param name="goal">What must hold at the end.</param>
    /// <param name="used">The operators, by their places, that may be used.</param>
    /// <param name="adds">By operator: what it could make true when only these are used.</param>
    /// <param name="landmarks">The fact landmarks of such plans.</param>
    public static Solvable Decide(GoalTask task, in IndexSet goal, in IndexSet used, IndexSet[] adds, FactLandmarks landmarks)
    {
        var states = task.Task.States;
        var initial = states.Of(states.Initial);
        if (landmarks.AreLost(landmarks.Open(initial.Holding)) || !IsReachable(task.Task, goal, used, adds, initial.Holding))
        {
            return Solvable.No;
        }

        using var memory = SearchMemory.Borrow();
        Put(states.Initial, initial);
        for (var tried = 0; memory.Nodes.Count > 0; )
        {
            var node = memory.Nodes[^1];
            memory.Nodes.RemoveAt(memory.Nodes.Count - 1);
            var now = states.Of(node.State);
            if (goal.IsSubsetOf(now.Holding))
            {
                return Solvable.Yes;
            }

            if (tried++ == Limit)
            {
                return Solvable.Unknown;
            }

            var open = landmarks.Open(now.Holding);
            if (landmarks.AreLost(open))
            {
                continue;
            }

            var operators = StubbornSets.Choose(task, used, now, open);
            for (var a = operators.Next(0); a >= 0; a = operators.Next(a + 1))
            {
                var after = states.After(node.State, a);
                Put(after, states.Of(after));
            }
        }

        return Solvable.No;

        void Put(in State state, in StateSummary summary)
        {
            var front = memory.Front(summary.Group);
            if (!front.Dominates(summary.Rank, 0, memory.Dominated))
            {
                front.Enter(summary.Rank, 0, 0);
                memory.Nodes.Add(new SearchMemory.Node { State = state });
            }
        }
    }

    // Is it reachable in the delete relaxation?
    private static bool IsReachable(CompiledTask compiled, in IndexSet goal, IndexSet left, IndexSet[] adds, IndexSet held)
    {
        for (var grown = true; grown && !goal.IsSubsetOf(held); )
        {
            grown = false;
            for (var i = left.Next(0); i >= 0; i = left.Next(i + 1))
            {
                if (compiled.Preconditions[i].IsSubsetOf(held))
                {
                    held |= adds[i];
                    left -= IndexSet.Of(i);
                    grown = true;
                }
            }
        }

        return goal.IsSubsetOf(held);
    }
}
