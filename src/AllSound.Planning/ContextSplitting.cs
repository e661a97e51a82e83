using System.Numerics;

namespace AllSound.Planning;

/// <summary>
/// Each operator split by what it finds: where what becomes of a field depends on the field's own class, as with rust that goes in steps or
/// coats that are counted, the operator becomes one copy for each class that it changes. An operator is only one of its copies at a time, so
/// each copy may carry the operator's whole cost in a lower bound. (Context splitting: G. Röger, F. Pommerening and M. Helmert 2014, from memory.)
/// </summary>
/// <example>"Wash" takes heavy dirt to light and light to none: it becomes "wash, heavy to light" and "wash, light to none", and both are landmarks.</example>
internal sealed class ContextSplitting
{
    // An operator is split into no more copies than this.
    private const int MostCopies = 4;

    private readonly StateSpace states;
    private readonly Context[][] contexts;
    private readonly int[] first;
    private readonly int[] place;

    /// <param name="states">The state space.</param>
    /// <param name="preconditions">By operator: what it requires.</param>
    /// <param name="count">How many propositions there are; places from there on stand for a class of a field.</param>
    /// <param name="most">Places that may be used.</param>
    /// <param name="counter">Index of the counted variable, or -1.</param>
    /// <param name="between">A proposition that raises of the counter delete for the next, or -1; operators that add it are split by count.</param>
    public ContextSplitting(StateSpace states, IndexSet[] preconditions, int count, int most, int counter, int between)
    {
        this.states = states;
        place = new int[states.FieldCount];
        Array.Fill(place, -1);
        contexts = new Context[preconditions.Length][];
        first = new int[preconditions.Length];
        var counted = states.FieldOf(counter);
        var next = count;
        for (var op = 0; op < preconditions.Length; op++)
        {
            // By the counter first: what restores between two raises must be split by it.
            var reads = states.Operators[op].OwnReads;
            var byCount = counted >= 0 && (reads.Contains(counted) || (between >= 0 && states.CanAdd(op, between)));
            var of = new List<Context>(4);
            var stride = 1;
            foreach (var field in (byCount ? new[] { counted } : []).Concat(reads.Indexes().Where(f => f != counted)))
            {
                var context = new Context(states, op, field, stride, everyClass: field == counted);
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

            contexts[op] = [.. of];
        }

        var copies = new List<Copy>(preconditions.Length * 3);
        for (var op = 0; op < preconditions.Length; op++)
        {
            first[op] = copies.Count;
            Add(copies, op, preconditions[op], counted);
        }

        Copies = [.. copies];
        for (var f = 0; f < place.Length; f++)
        {
            Initial |= place[f] < 0 ? default : IndexSet.Of(place[f] + states.Class(f, states.Initial));
            for (var c = 0; place[f] >= 0 && c < states.Classes(f); c++)
            {
                Places |= IndexSet.Of(place[f] + c);
            }
        }
    }

    /// <summary>The copies of all operators.</summary>
    public Copy[] Copies { get; }

    /// <summary>Places of the classes that hold initially.</summary>
    public IndexSet Initial { get; }

    /// <summary>All places that stand for a class of a field.</summary>
    public IndexSet Places { get; }

    /// <summary>Which of <see cref="Copies"/> an operator is in a state.</summary>
    public int Of(int op, in State state)
    {
        var at = first[op];
        foreach (var context in contexts[op])
        {
            at += context.Stride * context.Choice[states.Class(context.Field, state)];
        }

        return at;
    }

    private void Add(List<Copy> copies, int op, IndexSet preconditions, int counted)
    {
        var of = contexts[op];
        var split = of.Aggregate(default(IndexSet), (set, c) => set | IndexSet.Of(c.Field));
        var adds = default(IndexSet);
        var whole = states.Operators[op].Writes - split;
        for (var field = whole.Next(0); field >= 0; field = whole.Next(field + 1))
        {
            adds |= states.Adds(op, field);
            for (var c = 0; place[field] >= 0 && c < states.Classes(field); c++)
            {
                adds |= PlacesOf(field, states.Outcomes(op, field, c));
            }
        }

        var count = of.Aggregate(1, (n, c) => n * c.Choices);
        for (var at = 0; at < count; at++)
        {
            var copy = new Copy(op, preconditions, adds, -1);
            foreach (var context in of)
            {
                var choice = at / context.Stride % context.Choices;
                if (context.Finds[choice] is not (>= 0 and var found))
                {
                    continue;
                }

                var to = states.Outcomes(op, context.Field, found);
                copy = new Copy(
                    op,
                    copy.Preconditions | IndexSet.Of(place[context.Field] + found),
                    copy.Adds | states.Gains(context.Field, found, to) | PlacesOf(context.Field, to & ~(1UL << found)),
                    context.Field == counted ? found : copy.Count
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

    /// <summary>One copy of an operator.</summary>
    /// <param name="Operator">The operator.</param>
    /// <param name="Preconditions">What it requires, with the classes that it finds.</param>
    /// <param name="Adds">What it can make true then.</param>
    /// <param name="Count">The class of the counter that it finds; -1 where it is not split by it.</param>
    public readonly record struct Copy(int Operator, IndexSet Preconditions, IndexSet Adds, int Count);

    // One field by which an operator is split: a choice for each class that it changes, and one for all that it leaves.
    private sealed class Context
    {
        public Context(StateSpace states, int op, int field, int stride, bool everyClass)
        {
            Field = field;
            Stride = stride;
            Choice = new int[states.Classes(field)];
            var finds = new List<int>(Choice.Length);
            for (var c = 0; c < Choice.Length; c++)
            {
                var changes = states.Outcomes(op, field, c) != 1UL << c;
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
