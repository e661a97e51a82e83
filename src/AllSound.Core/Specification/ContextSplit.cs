using System.Numerics;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Specification;

/// <summary>
/// Each act told apart by what it finds: where what comes of a field hangs on the field's own class, as with rust that
/// goes in steps and coats that are counted, the act is one thing for each class. An act is never more than one of them
/// at once, so each may bear the act's whole cost in a bound from below. (Context splitting: Roeger, Pommerening and
/// Helmert 2014, from memory.)
/// </summary>
internal sealed class ContextSplit
{
    // More than this many ways of finding things are not told apart for one act.
    private const int MostCopies = 24;

    private readonly StateSpace states;
    private readonly (int Field, int Stride)[][] contexts;
    private readonly int[] first;

    /// <param name="states">The conditions that can come about.</param>
    /// <param name="needs">For each act, what it needs.</param>
    /// <param name="count">How many needs there are; places from there on stand for a class of a field.</param>
    /// <param name="most">Places that may be used.</param>
    /// <param name="between">A need that finish coats spoil for the next, or -1; acts that give it are told apart by coat.</param>
    public ContextSplit(StateSpace states, IndexSet[] needs, int count, int most, int between)
    {
        this.states = states;
        var place = new int[states.FieldCount];
        Array.Fill(place, -1);
        var next = count;
        contexts = new (int, int)[needs.Length][];
        first = new int[needs.Length];
        var copiesOf = new int[needs.Length];
        var coats = states.FieldOf(Facets.Topcoats);
        for (var a = 0; a < needs.Length; a++)
        {
            // By finish coats first: what mends between them must be told apart by them.
            var fields = states.Acts[a].OwnReads.Where(f => f != coats).ToList();
            if (coats >= 0 && (states.Acts[a].OwnReads.Contains(coats) || (between >= 0 && states.CanGive(a, between))))
            {
                fields.Insert(0, coats);
            }

            var of = new List<(int, int)>();
            var stride = 1;
            foreach (var field in fields)
            {
                var classes = states.Classes(field);
                if (stride * classes > MostCopies || (place[field] < 0 && next + classes > most))
                {
                    continue;
                }

                if (place[field] < 0)
                {
                    place[field] = next;
                    next += classes;
                }

                of.Add((field, stride));
                stride *= classes;
            }

            contexts[a] = [.. of];
            copiesOf[a] = stride;
        }

        var copies = new List<Copy>(needs.Length * 2);
        for (var a = 0; a < needs.Length; a++)
        {
            first[a] = copies.Count;
            for (var at = 0; at < copiesOf[a]; at++)
            {
                copies.Add(Make(a, at, needs[a], coats, place));
            }
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
        foreach (var (field, stride) in contexts[act])
        {
            at += stride * states.Class(field, state);
        }

        return at;
    }

    private Copy Make(int act, int at, IndexSet needs, int coats, int[] place)
    {
        var coat = -1;
        var fixedFields = 0UL;
        var gives = default(IndexSet);
        foreach (var (field, stride) in contexts[act])
        {
            var found = at / stride % states.Classes(field);
            fixedFields |= 1UL << field;
            needs |= IndexSet.Of(place[field] + found);
            coat = field == coats ? found : coat;
            foreach (var outcome in states.Outcomes(act, field, found))
            {
                gives |= (states.Held(field, outcome) - states.Held(field, found)) | (outcome == found ? default : IndexSet.Of(place[field] + outcome));
            }
        }

        for (var rest = states.Acts[act].Writes & ~fixedFields; rest != 0; rest &= rest - 1)
        {
            var field = BitOperations.TrailingZeroCount(rest);
            gives |= states.Gives(act, field);
            for (var c = 0; place[field] >= 0 && c < states.Classes(field); c++)
            {
                foreach (var outcome in states.Outcomes(act, field, c))
                {
                    gives |= IndexSet.Of(place[field] + outcome);
                }
            }
        }

        return new Copy(act, needs, gives, coat);
    }

    /// <summary>An act as it finds things.</summary>
    /// <param name="Act">The act.</param>
    /// <param name="Needs">What it needs, with the classes that it finds.</param>
    /// <param name="Gives">What it can give then.</param>
    /// <param name="Coat">Finish coats that it finds; -1 where it is not told apart by them.</param>
    public readonly record struct Copy(int Act, IndexSet Needs, IndexSet Gives, int Coat);
}
