using AllSound.Core.Assessment;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>Looks for the cheapest thing that would make some needs hold.</summary>
/// <param name="rates">Prices.</param>
/// <param name="goal">The goal, for what the brief allows.</param>
/// <param name="appraised">The condition appraised.</param>
/// <param name="levels">How usual each act is, by its index: what is customary is tried first; null for no matter.</param>
internal sealed class Remedy(Rates rates, Goal goal, Appraised appraised, Custom[]? levels = null)
{
    /// <summary>The cheapest sequence of acts that the brief allows; null when there is none, empty when the needs hold already.</summary>
    /// <param name="from">The condition to start from.</param>
    /// <param name="wanted">What must hold.</param>
    public IReadOnlyList<Act>? Find(Condition from, IReadOnlyList<Need> wanted) => Search(from, wanted, null)?.Acts;

    /// <summary>The same with what it costs; null also when the needs hold already.</summary>
    /// <param name="from">The condition to start from.</param>
    /// <param name="wanted">What must hold.</param>
    /// <param name="such">Which acts may be used besides what the brief says; null for all.</param>
    public Found? Cheapest(Condition from, IReadOnlyList<Need> wanted, Func<Act, bool>? such = null) =>
        Search(from, wanted, such) is { Acts.Count: > 0 } found ? found : null;

    /// <summary>How usual an act is.</summary>
    public Custom Level(Act act) => levels is null ? Custom.Customary : levels[act.Index];

    private Found? Search(Condition from, IReadOnlyList<Need> wanted, Func<Act, bool>? such) =>
        levels is null ? Within(from, wanted, such)
        : Within(from, wanted, a => levels[a.Index] == Custom.Customary && such?.Invoke(a) != false) is { Acts: not null } usual ? usual
        : Within(from, wanted, such);

    private Found? Within(Condition from, IReadOnlyList<Need> wanted, Func<Act, bool>? such)
    {
        var acts = Operations.Acts.Where(a => goal.Allows(a) && !a.Operation.Hired && goal.AsksFor(a) && such?.Invoke(a) != false).ToArray();
        var task = new SurfaceTask(from, wanted, [], acts);
        return task.Missing.IsEmpty ? task.Priced(task.Aim(wanted), new Prices(appraised.Extents, rates, task.Acts), Weights.LeastCost).Cheapest() : null;
    }
}
