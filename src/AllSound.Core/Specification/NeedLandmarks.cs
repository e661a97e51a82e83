namespace AllSound.Core.Specification;

/// <summary>
/// Needs that must come true on every way to a goal by certain acts: those of the goal, and whatever all acts that could
/// give such a need ask for in common. (Backchained fact landmarks: Hoffmann, Porteous and Sebastia 2004, from memory.)
/// </summary>
internal sealed class NeedLandmarks
{
    private readonly IndexSet goal;
    private readonly IndexSet[] common;
    private readonly IndexSet[] givers;
    private readonly IndexSet orphans;

    /// <param name="goal">The goal's needs.</param>
    /// <param name="acts">The acts, by their places.</param>
    /// <param name="needs">By act: what it needs.</param>
    /// <param name="gives">By act: what it could give.</param>
    /// <param name="count">How many needs there are.</param>
    public NeedLandmarks(IndexSet goal, IndexSet acts, IndexSet[] needs, IndexSet[] gives, int count)
    {
        this.goal = goal;
        common = new IndexSet[count];
        givers = new IndexSet[count];
        for (var a = acts.Next(0); a >= 0; a = acts.Next(a + 1))
        {
            for (var n = gives[a].Next(0); n >= 0; n = gives[a].Next(n + 1))
            {
                common[n] = givers[n].IsEmpty ? needs[a] : common[n] & needs[a];
                givers[n] |= IndexSet.Of(a);
            }
        }

        All = Close(goal);
        for (var n = All.Next(0); n >= 0; n = All.Next(n + 1))
        {
            orphans |= givers[n].IsEmpty ? IndexSet.Of(n) : default;
        }
    }

    /// <summary>All needs that could ever be open on every way.</summary>
    public IndexSet All { get; }

    /// <summary>Acts that could give a need.</summary>
    public IndexSet Givers(int need) => givers[need];

    /// <summary>Is one of these needs such as no act gives? Then the goal cannot be reached while it is open.</summary>
    public bool AreLost(in IndexSet open) => open.Overlaps(orphans);

    /// <summary>The needs that must still come true on every way to the goal.</summary>
    public IndexSet Open(in IndexSet satisfied)
    {
        var open = goal - satisfied;
        var todo = open;
        while (!todo.IsEmpty)
        {
            var more = default(IndexSet);
            for (var n = todo.Next(0); n >= 0; n = todo.Next(n + 1))
            {
                more |= common[n];
            }

            todo = more - satisfied - open;
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
