namespace AllSound.Core.Specification;

/// <summary>What came of asking whether there is a way.</summary>
internal enum Way
{
    /// <summary>There is none.</summary>
    None,

    /// <summary>There is one.</summary>
    Found,

    /// <summary>Too many states would have to be looked at to tell.</summary>
    Untold,
}

/// <summary>
/// Is there any way at all, whatever it costs? With nothing to pay, a state that is in no way better than one that was come
/// by before is left out, whatever either cost: far fewer are looked at than for the cheapest way.
/// </summary>
internal static class AnyWay
{
    /// <summary>States looked at before it is left to a search to tell.</summary>
    public const int Limit = 400;

    /// <summary>Whether a finished sequence exists.</summary>
    /// <param name="aim">What is to be reached.</param>
    /// <param name="goal">The needs to be met at the end.</param>
    /// <param name="used">The acts, by their places, that may be used.</param>
    /// <param name="gives">By act: what it could give when only these are used.</param>
    /// <param name="landmarks">Needs on which every way hangs.</param>
    public static Way Exists(Aim aim, in IndexSet goal, in IndexSet used, IndexSet[] gives, NeedLandmarks landmarks)
    {
        var states = aim.Bench.States;
        var start = states.Of(states.Start);
        if (landmarks.AreLost(landmarks.Open(start.Satisfied)) || !IsNear(aim.Bench, goal, used, gives, start.Satisfied))
        {
            return Way.None;
        }

        using var memory = SearchMemory.Borrow();
        Put(states.Start, start);
        for (var tried = 0; memory.Nodes.Count > 0; )
        {
            var node = memory.Nodes[^1];
            memory.Nodes.RemoveAt(memory.Nodes.Count - 1);
            var now = states.Of(node.State);
            if (goal.IsSubsetOf(now.Satisfied))
            {
                return Way.Found;
            }

            if (tried++ == Limit)
            {
                return Way.Untold;
            }

            var open = landmarks.Open(now.Satisfied);
            if (landmarks.AreLost(open))
            {
                continue;
            }

            var acts = Stubborn.Choose(aim, used, now, open);
            for (var a = acts.Next(0); a >= 0; a = acts.Next(a + 1))
            {
                var after = states.After(node.State, a);
                Put(after, states.Of(after));
            }
        }

        return Way.None;

        void Put(in State state, in Standing standing)
        {
            var rivals = memory.Rivals(standing.Group);
            if (!rivals.Beat(standing.Rank, 0, memory.Beaten))
            {
                rivals.Enter(standing.Rank, 0, 0);
                memory.Nodes.Add(new SearchMemory.Node { State = state });
            }
        }
    }

    // Is it within reach if nothing that was once true were ever spoilt?
    private static bool IsNear(Workbench bench, in IndexSet goal, IndexSet left, IndexSet[] gives, IndexSet held)
    {
        for (var grown = true; grown && !goal.IsSubsetOf(held); )
        {
            grown = false;
            for (var i = left.Next(0); i >= 0; i = left.Next(i + 1))
            {
                if (bench.NeedsOf[i].IsSubsetOf(held))
                {
                    held |= gives[i];
                    left -= IndexSet.Of(i);
                    grown = true;
                }
            }
        }

        return goal.IsSubsetOf(held);
    }
}
