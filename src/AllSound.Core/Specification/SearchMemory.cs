using System.Collections.Concurrent;
using System.Runtime.InteropServices;

namespace AllSound.Core.Specification;

/// <summary>
/// What a search keeps in mind while it runs. It is lent to one search after another, as to find room anew takes a good part
/// of a short search's time; nothing of one is left for the next.
/// </summary>
internal sealed class SearchMemory : IDisposable
{
    // Beyond this many states room is given back rather than kept.
    private const int MostKept = 8192;

    private static readonly ConcurrentBag<SearchMemory> Free = [];

    private readonly Dictionary<ulong, int> groups = [];
    private readonly List<Rivals> rivals = [];

    private SearchMemory() { }

    /// <summary>The states found.</summary>
    public List<Node> Nodes { get; } = [];

    /// <summary>By state: the number of its last node.</summary>
    public Dictionary<State, int> Known { get; } = [];

    /// <summary>Nodes to expand, by their numbers.</summary>
    public PriorityQueue<int, Turn> Queue { get; } = new();

    /// <summary>Nodes lately beaten.</summary>
    public List<int> Beaten { get; } = [];

    /// <summary>Empty memory; to be given back.</summary>
    public static SearchMemory Borrow() => Free.TryTake(out var memory) ? memory : new SearchMemory();

    /// <summary>The states that can be compared with each other.</summary>
    public Rivals Rivals(ulong group)
    {
        ref var place = ref CollectionsMarshal.GetValueRefOrAddDefault(groups, group, out var known);
        if (!known)
        {
            place = groups.Count - 1;
            if (place == rivals.Count)
            {
                rivals.Add(new Rivals());
            }

            rivals[place].Clear();
        }

        return rivals[place];
    }

    /// <summary>Forgets all and gives it back.</summary>
    public void Dispose()
    {
        if (Nodes.Count > MostKept || rivals.Count > MostKept)
        {
            return;
        }

        Nodes.Clear();
        Known.Clear();
        Queue.Clear();
        Beaten.Clear();
        groups.Clear();
        Free.Add(this);
    }

    /// <summary>When a node's turn comes: the least that a way over it can cost first, then what is furthest on, then what was found first.</summary>
    /// <param name="Least">The least that a way over it can cost.</param>
    /// <param name="Spent">What the way to it cost.</param>
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

        /// <summary>What the way here cost.</summary>
        public long Cost;

        /// <summary>Landmarks that are open on some way by which it was reached.</summary>
        public Ahead Ahead;

        /// <summary>The node before, or -1.</summary>
        public int Parent;

        /// <summary>The act done there, by its place; -1 at the start.</summary>
        public int Act;

        /// <summary>Have other ways here shown since that more is to come?</summary>
        public bool Raised;

        /// <summary>Has something as good been found that was no dearer?</summary>
        public bool Beaten;
    }
}
