using System.Collections.Concurrent;
using System.Runtime.InteropServices;

namespace AllSound.Planning;

/// <summary>
/// The memory of a search: nodes, open list and Pareto fronts. It is lent to one search after another, as allocating it takes a good part of a
/// short search's time; it is cleared in between.
/// </summary>
/// <example>
/// <c>using var memory = SearchMemory.Borrow();</c> takes one that another search has done with, or a new one; disposing of it gives it back, cleared.
/// </example>
internal sealed class SearchMemory : IDisposable
{
    // Beyond this many states memory is given back rather than kept.
    private const int MostKept = 8192;

    private static readonly ConcurrentBag<SearchMemory> Free = [];

    private readonly Dictionary<ulong, int> groups = [];
    private readonly List<ParetoFront> fronts = [];

    private SearchMemory() { }

    /// <summary>The states found.</summary>
    public List<Node> Nodes { get; } = [];

    /// <summary>By state: the number of its last node.</summary>
    public Dictionary<State, int> Known { get; } = [];

    /// <summary>Nodes to expand, by their numbers.</summary>
    public PriorityQueue<int, Turn> Queue { get; } = new();

    /// <summary>Nodes just found to be dominated.</summary>
    public List<int> Dominated { get; } = [];

    /// <summary>Empty memory; to be given back.</summary>
    public static SearchMemory Borrow() => Free.TryTake(out var memory) ? memory : new SearchMemory();

    /// <summary>The states that can be compared with each other.</summary>
    public ParetoFront Front(ulong group)
    {
        ref var place = ref CollectionsMarshal.GetValueRefOrAddDefault(groups, group, out var known);
        if (!known)
        {
            place = groups.Count - 1;
            if (place == fronts.Count)
            {
                fronts.Add(new ParetoFront());
            }

            fronts[place].Clear();
        }

        return fronts[place];
    }

    /// <summary>Clears it and gives it back.</summary>
    public void Dispose()
    {
        if (Nodes.Count > MostKept || fronts.Count > MostKept)
        {
            return;
        }

        Nodes.Clear();
        Known.Clear();
        Queue.Clear();
        Dominated.Clear();
        groups.Clear();
        Free.Add(this);
    }

    /// <summary>The order of the open list: the lowest f value first, then the highest g, then what was found first.</summary>
    /// <param name="Least">f: the least that a plan through the node can cost.</param>
    /// <param name="Spent">g: what the path to it cost.</param>
    /// <param name="Number">Its number.</param>
    internal readonly record struct Turn(long Least, long Spent, int Number) : IComparable<Turn>
    {
        /// <inheritdoc/>
        public int CompareTo(Turn other) =>
            Least != other.Least ? Least.CompareTo(other.Least)
            : Spent != other.Spent ? other.Spent.CompareTo(Spent)
            : Number.CompareTo(other.Number);
    }

    /// <summary>A state found, and how.</summary>
    internal struct Node
    {
        /// <summary>The state.</summary>
        public State State;

        /// <summary>What the path here cost.</summary>
        public long Cost;

        /// <summary>Landmarks that are open on some path by which it was reached.</summary>
        public OpenLandmarks Open;

        /// <summary>The node before, or -1.</summary>
        public int Parent;

        /// <summary>The operator applied there, by its place; -1 initially.</summary>
        public int Operator;

        /// <summary>Have other paths here shown since that more is to pay?</summary>
        public bool Raised;

        /// <summary>Has a state been found that dominates it and was no dearer?</summary>
        public bool Dominated;
    }
}
