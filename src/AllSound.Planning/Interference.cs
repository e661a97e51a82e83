namespace AllSound.Planning;

/// <summary>
/// For each operator, the others that it cannot be moved in front of: what comes of either, or what it costs, depends on which is first, or the
/// other could not be applied after it. That the other may disable it does not matter, as it has been applied by then. (Weak stubborn sets: M.
/// Wehrle and M. Helmert 2014, from memory.)
/// </summary>
/// <example>"Open window" and "wipe sill" do not interfere; "wipe sill" and "drill above sill" do, as drilling makes dust.</example>
internal static class Interference
{
    /// <summary>The operators, by their places, that each interferes with.</summary>
    /// <param name="operators">What each operator does.</param>
    /// <param name="fields">How many fields a state has.</param>
    /// <param name="requiring">By proposition: the operators that require it.</param>
    /// <param name="costs">For each operator, the fields that its cost depends on.</param>
    public static IndexSet[] Among(PackedOperator[] operators, int fields, IndexSet[] requiring, IndexSet[] costs)
    {
        // By field: the operators that write it, and those whose effects or cost depend on it.
        var (writing, reading) = (new IndexSet[fields], new IndexSet[fields]);
        for (var op = 0; op < operators.Length; op++)
        {
            Note(writing, operators[op].Writes, op);
            Note(reading, operators[op].Reads | costs[op], op);
        }

        var sets = new IndexSet[operators.Length];
        for (var op = 0; op < sets.Length; op++)
        {
            var packed = operators[op];
            var breaking = default(IndexSet);
            for (var fact = packed.Deletes.Next(0); fact >= 0; fact = packed.Deletes.Next(fact + 1))
            {
                breaking |= requiring[fact];
            }

            var certain = breaking | Any(reading, packed.Writes) | Any(writing, packed.Reads | costs[op]);
            sets[op] = (certain | Clashing(operators, op, Any(writing, packed.Writes) - certain)) - IndexSet.Of(op);
        }

        return sets;
    }

    private static void Note(IndexSet[] by, in IndexSet fields, int op)
    {
        for (var f = fields.Next(0); f >= 0; f = fields.Next(f + 1))
        {
            by[f] |= IndexSet.Of(op);
        }
    }

    private static IndexSet Any(IndexSet[] by, in IndexSet fields)
    {
        var set = default(IndexSet);
        for (var f = fields.Next(0); f >= 0; f = fields.Next(f + 1))
        {
            set |= by[f];
        }

        return set;
    }

    private static IndexSet Clashing(PackedOperator[] operators, int op, IndexSet others)
    {
        var set = default(IndexSet);
        for (var other = others.Next(0); other >= 0; other = others.Next(other + 1))
        {
            set |= operators[op].Clashes(operators[other]) ? IndexSet.Of(other) : default;
        }

        return set;
    }
}
