using System.Collections.Immutable;
using AllSound.Core.Assessment;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Practice;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Planning;
using N = AllSound.Core.Treatment.Needs;

namespace AllSound.Core.Specification;

/// <summary>Asks whether a surface had a way if some needs were met wherever they are asked for.</summary>
internal sealed class Counterfactual
{
    private readonly Appraised appraised;
    private readonly Rates rates;
    private readonly Goal goal;
    private readonly ImmutableArray<CoatingClass> finishes;
    private readonly Act[] acts;
    private readonly NeedSet wanted;
    private readonly Grounding ground;

    /// <param name="rates">Prices.</param>
    /// <param name="surface">The surface, for its brief.</param>
    /// <param name="appraised">Its condition.</param>
    /// <param name="firm">The firm.</param>
    public Counterfactual(Rates rates, Surface surface, Appraised appraised, Firm firm)
    {
        (this.rates, this.appraised) = (rates, appraised);
        goal = Goal.For(surface, appraised.Condition, firm);
        acts = goal.Acts(firm);
        wanted = goal.Needs.Aggregate(default(NeedSet), (set, n) => set | NeedSet.Of(n.Index));
        ground = TradeDomain.On(appraised.Condition);
        finishes = goal.LaidBy(acts);
    }

    /// <summary>
    /// Needs without which there may be a way: open ones that nothing brings about, or, where each by itself can be brought
    /// about, all open ones. What no act brings about on any ground comes first, then the gravest; what is to be reached is not among them.
    /// </summary>
    public ImmutableArray<Need> Suspects
    {
        get
        {
            var open = AllNeeds(acts) - wanted - Treatments.Satisfied(appraised.Condition);
            var given = acts.Aggregate(default(NeedSet), (set, a) => set | TradeDomain.Domain.EverAdded(a.Planned));
            var task = Task(acts);
            var unreached = open - task.Task.Reached;
            return
            [
                .. (task.Missing.IsEmpty ? unreached | (open & AllNeeds(task.Acts)) : unreached)
                    .Indexes()
                    .Select(n => N.All[n])
                    .OrderBy(n => given.Contains(n.Index))
                    .ThenByDescending(n => n.Severity)
                    .ThenByDescending(n => n.Frees.Length)
                    .ThenBy(n => n.Index),
            ];
        }
    }

    /// <summary>Is there a way if these needs are met wherever they are asked for?</summary>
    public bool Opens(NeedSet met) => MayOpen(met) && Search(met.IsEmpty ? acts : Array.ConvertAll(acts, a => a.Granting(met)));

    /// <summary>Might there be one, were nothing ever spoilt? Quickly told; where there may not, there is none.</summary>
    public bool MayOpen(NeedSet met) =>
        (!finishes.IsEmpty || goal.WithoutCoat) && RelevanceAnalysis.MayReach(wanted, ground, Array.ConvertAll(acts, a => a.Planned), appraised.Condition.Values, met);

    private bool Search(Act[] granted)
    {
        var task = Task(granted);
        if (!task.Missing.IsEmpty)
        {
            return false;
        }

        var aim = goal.AimWith(task, finishes);
        return aim.IsCertain
            || ((aim.CanStay || aim.CanSwitch) && task.Priced(aim, new Prices(appraised.Extents, rates, task.Acts), Weights.LeastCost).Cheapest().Acts is not null);
    }

    private static NeedSet AllNeeds(Act[] some) => some.Aggregate(default(NeedSet), (set, a) => set | (a.NeedSet - a.Clocks));

    private SurfaceTask Task(Act[] some) => goal.Task(appraised.Condition, some, priced: false);
}
