namespace AllSound.Planning;

/// <summary>
/// Fact landmarks: propositions that every plan makes true, if they do not hold already. Those of the goal, and whatever all operators that could
/// make such a proposition true require in common. (Backchained landmarks: J. Hoffmann, J. Porteous and L. Sebastia 2004, from memory.)
/// </summary>
/// <example>To be on the roof one must have been on the ladder, if every operator that leads to the roof requires it.</example>
internal sealed class FactLandmarks
{
    private readonly IndexSet goal;
    private readonly IndexSet[] common;
    private readonly IndexSet[] achievers;
    private readonly IndexSet orphans;

    /// <param name="goal">What must hold at the end.</param>
    /// <param name="operators">The operators, by their places.</param>
    /// <param name="preconditions">By operator: what it requires.</param>
    /// <param name="adds">By operator: what it could make true.</param>
    /// <param name="count">How many propositions there are.</param>
    public FactLandmarks(IndexSet goal, IndexSet operators, IndexSet[] preconditions, IndexSet[] adds, int count)
    {
        this.goal = goal;
        common = new IndexSet[count];
        achievers = new IndexSet[count];
        for (var a = operators.Next(0); a >= 0; a = operators.Next(a + 1))
        {
            for (var n = adds[a].Next(0); n >= 0; n = adds[a].Next(n + 1))
            {
                common[n] = achievers[n].IsEmpty ? preconditions[a] : common[n] & preconditions[a];
                achievers[n] |= IndexSet.Of(a);
            }
        }

        All = Close(goal);
        for (var n = All.Next(0); n >= 0; n = All.Next(n + 1))
        {
            orphans |= achievers[n].IsEmpty ? IndexSet.Of(n) : default;
        }
    }

    /// <summary>All landmarks.</summary>
    public IndexSet All { get; }

    /// <summary>Operators that could make a proposition true.</summary>
    public IndexSet Achievers(int proposition) => achievers[proposition];

    /// <summary>Is one of these a proposition that no operator makes true? Then the goal cannot be reached while it is open.</summary>
    public bool AreLost(in IndexSet open) => open.Overlaps(orphans);

    /// <summary>The landmarks that every plan from here still makes true.</summary>
    public IndexSet Open(in IndexSet holding)
    {
        var open = goal - holding;
        var todo = open;
        while (!todo.IsEmpty)
        {
            var more = default(IndexSet);
            for (var n = todo.Next(0); n >= 0; n = todo.Next(n + 1))
            {
                more |= common[n];
            }

            todo = more - holding - open;
            open |= todo;
        }

        return open;
    }

    private IndexSet Close(IndexSet set)
    {
        for (var todo = set; !todo.IsEmpty; )
        {
            var more = default(IndexSet);
            for (var n = todo.Next(0); n >= 0; n = todo.Next(n + 1))
            {
                more |= common[n];
            }

            todo = more - set;
            set |= todo;
        }

        return set;
    }
}
