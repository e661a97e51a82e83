namespace AllSound.Core.Specification;

/// <summary>
/// Which act needs and gives what, once for all the searches on a surface: what <see cref="LandmarkCut"/> runs on. The
/// acts are told apart by what they find, and what holds at the start is left out.
/// </summary>
internal sealed class LandmarkGraph
{
    // The last places, for "mended after coat 1", "after coat 2" and so on.
    private const int Mended = IndexSet.Capacity - 1;

    /// <summary>Places at the end of a set that it keeps for itself.</summary>
    public const int OwnPlaces = 8;

    /// <param name="split">The acts, told apart.</param>
    /// <param name="gives">By act: what it can give here.</param>
    /// <param name="start">Needs that hold at the start.</param>
    /// <param name="between">A need that every finish coat spoils and the next asks for again, or -1.</param>
    public LandmarkGraph(ContextSplit split, IndexSet[] gives, IndexSet start, int between)
    {
        Split = split;
        Start = start | split.Start;
        Gives = new IndexSet[split.Copies.Length];
        Needs = new IndexSet[Gives.Length];
        var asking = new List<int>?[IndexSet.Capacity];
        var giving = new List<int>?[IndexSet.Capacity];
        for (var slot = 0; slot < Gives.Length; slot++)
        {
            var copy = split.Copies[slot];
            var needs = copy.Needs;
            var given = copy.Gives & (gives[copy.Act] | split.Places);
            if (between >= 0 && copy.Coat is > 0 and < OwnPlaces)
            {
                // What mends after a coat, and what is laid over the coat, meet in a place of their own.
                var mended = IndexSet.Of(Mended - copy.Coat);
                given |= given.Contains(between) ? mended : default;
                needs |= needs.Contains(between) ? mended : default;
                MendedPlaces |= mended;
            }

            Gives[slot] = given - Start;
            if (Gives[slot].IsEmpty)
            {
                continue;
            }

            var open = needs - Start;
            Needs[slot] = open;
            for (var n = open.Next(0); n >= 0; n = open.Next(n + 1))
            {
                (asking[n] ??= []).Add(slot);
            }

            for (var n = Gives[slot].Next(0); n >= 0; n = Gives[slot].Next(n + 1))
            {
                (giving[n] ??= []).Add(slot);
            }
        }

        Asking = Array.ConvertAll(asking, list => list?.ToArray() ?? []);
        Giving = Array.ConvertAll(giving, list => list?.ToArray() ?? []);
    }

    /// <summary>The acts, told apart; a slot is a place among its copies.</summary>
    public ContextSplit Split { get; }

    /// <summary>What holds at the start.</summary>
    public IndexSet Start { get; }

    /// <summary>By slot: what it can give that does not hold at the start.</summary>
    public IndexSet[] Gives { get; }

    /// <summary>By slot: what it needs that does not hold at the start.</summary>
    public IndexSet[] Needs { get; }

    /// <summary>By need: the slots that ask for it.</summary>
    public int[][] Asking { get; }

    /// <summary>By need: the slots that give it.</summary>
    public int[][] Giving { get; }

    /// <summary>Places for what is mended between coats: where finishes do not spoil it, these hold at the start.</summary>
    public IndexSet MendedPlaces { get; }
}
