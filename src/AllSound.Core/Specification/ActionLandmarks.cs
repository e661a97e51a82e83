namespace AllSound.Core.Specification;

/// <summary>
/// Sets of acts of which every finished sequence must use at least one, with costs handed out so that they sum to a
/// bound from below. Found once, at the start, by the LM-cut method (Helmert and Domshlak 2009, from memory); along a
/// sequence those not yet used are still to pay. An act counts anew for everything that it finds otherwise: see <see cref="ContextSplit"/>.
/// </summary>
internal sealed class ActionLandmarks
{
    /// <summary>Most landmarks kept.</summary>
    private const int Most = 64;

    // The last places, for "mended after coat 1", "after coat 2" and so on.
    private const int Mended = IndexSet.Capacity - 1;

    private readonly long[] costs = new long[Most];
    private readonly ulong[] hits;
    private readonly ContextSplit? split;
    private int count;

    private ActionLandmarks() => hits = [];

    /// <summary>No landmarks: a bound of nothing.</summary>
    public static ActionLandmarks None { get; } = new();

    /// <summary>Places at the end of a set that it keeps for itself.</summary>
    public const int OwnPlaces = 8;

    /// <param name="goal">The goal's needs.</param>
    /// <param name="start">Needs that hold at the start.</param>
    /// <param name="split">The acts, told apart by what they find.</param>
    /// <param name="acts">By act: what it can give, and its cost; null where the act is not among them.</param>
    /// <param name="between">A need that every finish coat spoils and the next asks for again, or -1.</param>
    public ActionLandmarks(IndexSet goal, IndexSet start, ContextSplit split, (IndexSet Gives, long Cost)?[] acts, int between)
    {
        this.split = split;
        hits = new ulong[split.Copies.Length];
        var cut = new Cut(goal, start | split.Start, hits.Length);
        for (var slot = 0; slot < hits.Length; slot++)
        {
            var copy = split.Copies[slot];
            if (acts[copy.Act] is not { } act)
            {
                continue;
            }

            var needs = copy.Needs;
            var gives = copy.Gives & (act.Gives | split.Places);
            if (between >= 0 && copy.Coat is > 0 and < OwnPlaces)
            {
                // What mends after a coat, and what is laid over the coat, meet in a place of their own.
                var mended = IndexSet.Of(Mended - copy.Coat);
                gives |= gives.Contains(between) ? mended : default;
                needs |= needs.Contains(between) ? mended : default;
            }

            cut.Add(needs, gives, act.Cost, slot);
        }

        while (count < Most && cut.Next() is { } found)
        {
            foreach (var slot in found.Slots)
            {
                hits[slot] |= 1UL << count;
            }

            costs[count++] = found.Cost;
        }
    }

    /// <summary>All landmarks, one bit each.</summary>
    public ulong All => count == 64 ? ulong.MaxValue : (1UL << count) - 1;

    /// <summary>The landmarks that an act uses in a state.</summary>
    public ulong HitBy(int act, in State state) => split is null ? 0 : hits[split.Of(act, state)];

    /// <summary>What is still to pay when these landmarks are open.</summary>
    public long Bound(ulong open)
    {
        var sum = 0L;
        for (; open != 0; open &= open - 1)
        {
            sum += costs[System.Numerics.BitOperations.TrailingZeroCount(open)];
        }

        return sum;
    }

    // Finds one cut after another and takes its cost off the acts in it.
    private sealed class Cut
    {
        private const int Never = -2;
        private const int FromStart = -1;

        private readonly IndexSet start;
        private readonly IndexSet wanted;
        private readonly IndexSet[] gives;
        private readonly int[] slots;
        private readonly long[] left;
        private readonly byte[] unmet;
        private readonly byte[] waiting;
        private readonly int[] support;
        private readonly bool[] seen;
        private readonly List<int>[] asking = new List<int>[IndexSet.Capacity];
        private readonly long[] value = new long[IndexSet.Capacity];
        private readonly List<int> cut = [];
        private readonly List<int> found = [];
        private int count;

        public Cut(IndexSet goal, IndexSet start, int most)
        {
            this.start = start;
            wanted = goal - start;
            gives = new IndexSet[most];
            slots = new int[most];
            left = new long[most];
            unmet = new byte[most];
            waiting = new byte[most];
            support = new int[most];
            seen = new bool[most];
        }

        public void Add(in IndexSet needs, in IndexSet given, long cost, int slot)
        {
            var open = needs - start;
            for (var n = open.Next(0); n >= 0; n = open.Next(n + 1))
            {
                (asking[n] ??= []).Add(count);
                unmet[count]++;
            }

            gives[count] = given - start;
            slots[count] = slot;
            left[count++] = cost;
        }

        public (List<int> Slots, long Cost)? Next()
        {
            if (Values() is not { } last || value[last] == 0)
            {
                return null;
            }

            // Needs from which the goal's dearest need follows at no further cost.
            var zone = IndexSet.Of(last);
            for (var grown = true; grown; )
            {
                grown = false;
                for (var a = 0; a < count; a++)
                {
                    if (left[a] == 0 && support[a] >= 0 && !zone.Contains(support[a]) && gives[a].Overlaps(zone))
                    {
                        zone |= IndexSet.Of(support[a]);
                        grown = true;
                    }
                }
            }

            // Acts that can be come by without the zone and lead into it.
            cut.Clear();
            found.Clear();
            Array.Clear(seen);
            var reached = default(IndexSet);
            var cost = long.MaxValue;
            for (var grown = true; grown; )
            {
                grown = false;
                for (var a = 0; a < count; a++)
                {
                    if (seen[a] || support[a] == Never || (support[a] >= 0 && !reached.Contains(support[a])))
                    {
                        continue;
                    }

                    seen[a] = true;
                    grown = true;
                    if (gives[a].Overlaps(zone))
                    {
                        cut.Add(a);
                        found.Add(slots[a]);
                        cost = Math.Min(cost, left[a]);
                    }

                    reached |= gives[a] - zone;
                }
            }

            foreach (var a in cut)
            {
                left[a] -= cost;
            }

            return cost == 0 ? null : (found, cost);
        }

        // The dearest way to each need, dearest precondition only; the goal's dearest need, or null when out of reach.
        private int? Values()
        {
            Array.Fill(value, long.MaxValue);
            Array.Fill(support, Never);
            Array.Copy(unmet, waiting, count);
            var settled = default(IndexSet);
            var frontier = default(IndexSet);
            for (var a = 0; a < count; a++)
            {
                if (unmet[a] == 0)
                {
                    support[a] = FromStart;
                    Spread(a, 0, settled, ref frontier);
                }
            }

            int? last = null;
            while (!frontier.IsEmpty)
            {
                var next = frontier.Next(0);
                for (var n = frontier.Next(next + 1); n >= 0; n = frontier.Next(n + 1))
                {
                    next = value[n] < value[next] ? n : next;
                }

                settled |= IndexSet.Of(next);
                frontier -= IndexSet.Of(next);
                last = wanted.Contains(next) ? next : last;
                foreach (var a in asking[next] ?? [])
                {
                    if (--waiting[a] == 0)
                    {
                        support[a] = next;
                        Spread(a, value[next], settled, ref frontier);
                    }
                }
            }

            return wanted.IsSubsetOf(settled) ? last : null;
        }

        private void Spread(int a, long from, in IndexSet settled, ref IndexSet frontier)
        {
            var to = gives[a] - settled;
            for (var n = to.Next(0); n >= 0; n = to.Next(n + 1))
            {
                value[n] = Math.Min(value[n], from + left[a]);
            }

            frontier |= to;
        }
    }
}
