using System.Numerics;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Specification;

/// <summary>
/// Each act told apart by what it finds: where what comes of a field hangs on the field's own class, as with rust that
/// goes in steps and coats that are counted, the act is one thing for each class that it changes. An act is never more
/// than one of them at once, so each may bear the act's whole cost in a bound from below. (Context splitting: Roeger,
/// Pommerening and Helmert 2014, from memory.)
/// </summary>
internal sealed class ContextSplit
{
    // More than this many ways of finding things are not told apart for one act.
    private const int MostCopies = 4;

    private readonly StateSpace states;
    private readonly Context[][] contexts;
    private readonly int[] first;
    private readonly int[] place;

    /// <param name="states">The conditions that can come about.</param>
    /// <param name="needs">For each act, what it needs.</param>
    /// <param name="count">How many needs there are; places from there on stand for a class of a field.</param>
    /// <param name="most">Places that may be used.</param>
    /// <param name="between">A need that finish coats spoil for the next, or -1; acts that give it are told apart by coat.</param>
    public ContextSplit(StateSpace states, IndexSet[] needs, int count, int most, int between)
    {
        this.states = states;
        place = new int[states.FieldCount];
        Array.Fill(place, -1);
        contexts = new Context[needs.Length][];
        first = new int[needs.Length];
        var coats = states.FieldOf(Facets.Topcoats);
        var next = count;
        for (var a = 0; a < needs.Length; a++)
        {
            // By finish coats first: what mends between them must be told apart by them.
            var byCoat = coats >= 0 && (((states.Acts[a].OwnReads >> coats) & 1) != 0 || (between >= 0 && states.CanGive(a, between)));
            var fields = new List<int>(4);
            if (byCoat)
            {
                fields.Add(coats);
            }

            for (var rest = states.Acts[a].OwnReads; rest != 0; rest &= rest - 1)
            {
                if (BitOperations.TrailingZeroCount(rest) is var f && f != coats)
                {
                    fields.Add(f);
                }
            }

            var of = new List<Context>(4);
            var stride = 1;
            foreach (var field in fields)
            {
                var context = new Context(states, a, field, stride, everyClass: field == coats);
                var room = place[field] >= 0 || next + states.Classes(field) <= most;
                if (context.Choices < 2 || stride * context.Choices > MostCopies || !room)
                {
                    continue;
                }

                if (place[field] < 0)
                {
                    place[field] = next;
                    next += states.Classes(field);
                }

                of.Add(context);
                stride *= context.Choices;
            }

            contexts[a] = [.. of];
        }

        var copies = new List<Copy>(needs.Length * 3);
        for (var a = 0; a < needs.Length; a++)
        {
            first[a] = copies.Count;
            Add(copies, a, needs[a], coats);
        }

        Copies = [.. copies];
        for (var f = 0; f < place.Length; f++)
        {
            Start |= place[f] < 0 ? default : IndexSet.Of(place[f] + states.Class(f, states.Start));
            for (var c = 0; place[f] >= 0 && c < states.Classes(f); c++)
            {
                Places |= IndexSet.Of(place[f] + c);
            }
        }
    }

    /// <summary>All acts as they are told apart.</summary>
    public Copy[] Copies { get; }

    /// <summary>Places of the classes that hold at the start.</summary>
    public IndexSet Start { get; }

    /// <summary>All places that stand for a class of a field.</summary>
    public IndexSet Places { get; }

    /// <summary>Which of <see cref="Copies"/> an act is in a state.</summary>
    public int Of(int act, in State state)
    {
        var at = first[act];
        foreach (var context in contexts[act])
        {
            at += context.Stride * context.Choice[states.Class(context.Field, state)];
        }

        return at;
    }

    private void Add(List<Copy> copies, int act, IndexSet needs, int coats)
    {
        var of = contexts[act];
        var told = of.Aggregate(0UL, (mask, c) => mask | (1UL << c.Field));
        var gives = default(IndexSet);
        for (var rest = states.Acts[act].Writes & ~told; rest != 0; rest &= rest - 1)
        {
            var field = BitOperations.TrailingZeroCount(rest);
            gives |= states.Gives(act, field);
            for (var c = 0; place[field] >= 0 && c < states.Classes(field); c++)
            {
                gives |= PlacesOf(field, states.Outcomes(act, field, c));
            }
        }

        var count = of.Aggregate(1, (n, c) => n * c.Choices);
        for (var at = 0; at < count; at++)
        {
            var copy = new Copy(act, needs, gives, -1);
            foreach (var context in of)
            {
                var choice = at / context.Stride % context.Choices;
                if (context.Finds[choice] is not (>= 0 and var found))
                {
                    continue;
                }

                var to = states.Outcomes(act, context.Field, found);
                copy = new Copy(
                    act,
                    copy.Needs | IndexSet.Of(place[context.Field] + found),
                    copy.Gives | states.Gains(context.Field, found, to) | PlacesOf(context.Field, to & ~(1UL << found)),
                    context.Field == coats ? found : copy.Coat
                );
            }

            copies.Add(copy);
        }
    }

    private IndexSet PlacesOf(int field, ulong classes)
    {
        var set = default(IndexSet);
        for (; classes != 0; classes &= classes - 1)
        {
            set |= IndexSet.Of(place[field] + BitOperations.TrailingZeroCount(classes));
        }

        return set;
    }

    /// <summary>An act as it finds things.</summary>
    /// <param name="Act">The act.</param>
    /// <param name="Needs">What it needs, with the classes that it finds.</param>
    /// <param name="Gives">What it can give then.</param>
    /// <param name="Coat">Finish coats that it finds; -1 where it is not told apart by them.</param>
    public readonly record struct Copy(int Act, IndexSet Needs, IndexSet Gives, int Coat);

    // One field by which an act is told apart: a choice for each class that it changes, and one for all that it leaves.
    private sealed class Context
    {
        public Context(StateSpace states, int act, int field, int stride, bool everyClass)
        {
            Field = field;
            Stride = stride;
            Choice = new int[states.Classes(field)];
            var finds = new List<int>(Choice.Length);
            for (var c = 0; c < Choice.Length; c++)
            {
                var changes = states.Outcomes(act, field, c) != 1UL << c;
                var idle = changes || everyClass ? -1 : finds.IndexOf(-1);
                Choice[c] = idle >= 0 ? idle : finds.Count;
                if (idle < 0)
                {
                    finds.Add(changes || everyClass ? c : -1);
                }
            }

            Finds = [.. finds];
        }

        public int Field { get; }

        public int Stride { get; }

        /// <summary>By class: the choice.</summary>
        public int[] Choice { get; }

        /// <summary>By choice: the class, or -1 for whatever it leaves as it is.</summary>
        public int[] Finds { get; }

        public int Choices => Finds.Length;
    }
}
