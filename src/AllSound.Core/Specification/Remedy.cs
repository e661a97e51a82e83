using AllSound.Core.Inspection;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>Looks for the cheapest thing that would make some needs hold.</summary>
internal sealed class Remedy(Rates rates, Goal goal, Appraised appraised)
{
    /// <summary>The cheapest sequence of acts that the brief allows; null when there is none, empty when the needs hold already.</summary>
    /// <param name="from">The condition to start from.</param>
    /// <param name="wanted">What must hold.</param>
    /// <param name="exclude">An operation that is not to be used.</param>
    public IReadOnlyList<Act>? Find(Condition from, IReadOnlyList<Need> wanted, Operation? exclude = null)
    {
        var acts = Operations.Acts.Where(a => a.Operation != exclude && goal.Allows(a)).ToArray();
        var bench = new Workbench(from, wanted, [], acts);
        return bench.Missing.IsEmpty
            ? Search.Cheapest(new Problem(new Aim(bench, wanted, null), new Prices(appraised.Extents, rates, bench.Acts), Weights.LeastCost)).Acts
            : null;
    }
}
