using System.Numerics;

namespace AllSound.Core.Specification;

/// <summary>
/// For each act, the others that it cannot be brought forward over: what comes of either, or costs, hangs on which is
/// first, or the other could not be done after it. That the other may keep it from being done later is no matter, as
/// it is then done already. (Weak stubborn sets: Wehrle and Helmert 2014, from memory.)
/// </summary>
internal static class Interference
{
    /// <summary>The acts, by their places, that each interferes with.</summary>
    /// <param name="acts">What each act does.</param>
    /// <param name="fields">How many fields a state has.</param>
    /// <param name="needing">By need: the acts that ask for it.</param>
    /// <param name="costs">For each act, the fields that its cost hangs on, a bit each.</param>
    public static IndexSet[] Among(Doing[] acts, int fields, IndexSet[] needing, ulong[] costs)
    {
        // By field: the acts that write it, and those whose effects or cost hang on it.
        var (writing, reading) = (new IndexSet[fields], new IndexSet[fields]);
        for (var act = 0; act < acts.Length; act++)
        {
            Note(writing, acts[act].Writes, act);
            Note(reading, acts[act].Reads | costs[act], act);
        }

        var sets = new IndexSet[acts.Length];
        for (var act = 0; act < sets.Length; act++)
        {
            var doing = acts[act];
            var breaking = default(IndexSet);
            for (var need = doing.Breaks.Next(0); need >= 0; need = doing.Breaks.Next(need + 1))
            {
                breaking |= needing[need];
            }

            var certain = breaking | Any(reading, doing.Writes) | Any(writing, doing.Reads | costs[act]);
            sets[act] = (certain | Clashing(acts, act, Any(writing, doing.Writes) - certain)) - IndexSet.Of(act);
        }

        return sets;
    }

    private static void Note(IndexSet[] by, ulong fields, int act)
    {
        for (; fields != 0; fields &= fields - 1)
        {
            by[BitOperations.TrailingZeroCount(fields)] |= IndexSet.Of(act);
        }
    }

    private static IndexSet Any(IndexSet[] by, ulong fields)
    {
        var set = default(IndexSet);
        for (; fields != 0; fields &= fields - 1)
        {
            set |= by[BitOperations.TrailingZeroCount(fields)];
        }

        return set;
    }

    private static IndexSet Clashing(Doing[] acts, int act, IndexSet others)
    {
        var set = default(IndexSet);
        for (var other = others.Next(0); other >= 0; other = others.Next(other + 1))
        {
            set |= acts[act].Clashes(acts[other]) ? IndexSet.Of(other) : default;
        }

        return set;
    }
}
