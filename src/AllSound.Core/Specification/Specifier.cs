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

/// <summary>What a search over the whole brief came to.</summary>
/// <param name="Sequences">Cheapest sequences found, by different weights and finishes.</param>
/// <param name="Missing">Why there is none: needs that nothing allowed meets.</param>
/// <param name="Cut">True when a search gave up before it had tried everything: then something better may exist.</param>
internal sealed record Sought(ImmutableArray<IReadOnlyList<Act>> Sequences, ImmutableArray<Need> Missing, bool Cut);

/// <summary>Searches for the specifications of a surface that nothing else beats.</summary>
public static class Specifier
{
    /// <summary>Options offered at most.</summary>
    public const int MostOptions = 3;

    /// <summary>Specifies a surface of a job.</summary>
    public static Specified Specify(Job job, Building building, Space space, Surface surface) =>
        Specify(job.Rates, surface, Appraisal.Appraise(job, building, space, surface), Firm.Of(job));

    /// <summary>Specifies a surface whose condition is known.</summary>
    /// <param name="rates">Prices.</param>
    /// <param name="surface">The surface, for its brief and element.</param>
    /// <param name="appraised">Its condition.</param>
    /// <param name="firm">The firm's products and house rules; null for none.</param>
    /// <param name="goal">What is to be reached; null for what the brief sets for this condition. Of work half done it is what was set when it was surveyed.</param>
    /// <returns>Options, or what holds or blocks them. The same input always gives the same output.</returns>
    public static Specified Specify(Rates rates, Surface surface, Appraised appraised, Firm? firm = null, Goal? goal = null)
    {
        ArgumentNullException.ThrowIfNull(surface);
        ArgumentNullException.ThrowIfNull(appraised);
        firm ??= Firm.Any;
        using var working = Workers.Enter();
        var rules = firm.RulesOn(surface);
        goal ??= Goal.For(surface, appraised.Condition, firm);
        var builder = new OptionBuilder(rates, surface, appraised, goal, firm, rules);
        if (rules.Values.All(v => v.Length == 0) || !rules.Keys.Any(k => Questions.Find(k) is { Turns: Turns.Steps }))
        {
            return builder.Said(Widening(goal.Acts(firm), others: false), []);
        }

        // By the house rules first; the other schools stay in sight with what they would change. Where the rules leave no
        // way, that is said and the work is specified without them.
        var allowed = goal.Acts(firm);
        var byRules = Widening(Array.FindAll(allowed, a => Firm.Against(rules, a) is null), others: false);
        var without = Widening(allowed, others: true);
        return builder.Beside(byRules, without);

        // With customary acts alone, and what the firm has a product of its own for; only where those lead nowhere with special ones too, and last with all. What waits for others waits in every circle.
        Sought Widening(Act[] acts, bool others)
        {
            var levels = Customs.On(new Setting(surface, appraised, goal.Family), rules, others);
            var tried = -1;
            for (var circle = Custom.Customary; ; circle++)
            {
                var inside = circle;
                var some = Array.FindAll(acts, a => levels[a.Index] <= inside || a.Product?.Own is not null);
                if (circle < Custom.Exceptional && (some.Length == acts.Length || some.Length == tried))
                {
                    continue;
                }

                tried = some.Length;

                var sought = Seek(rates, surface, appraised, goal, some, levels);
                if (circle == Custom.Exceptional || !sought.Sequences.IsEmpty || (!sought.Missing.IsEmpty && sought.Missing.All(n => n.Hold)))
                {
                    return sought;
                }
            }
        }
    }

    private static Sought Seek(Rates rates, Surface surface, Appraised appraised, Goal goal, Act[] acts, Custom[] levels)
    {
        var task = goal.Task(appraised.Condition, acts);
        if (!task.Missing.IsEmpty)
        {
            return new Sought([], task.Missing, Cut: false);
        }

        if (goal.Needs.All(n => n.Holds(appraised.Condition.After(appraised.Condition.LongestLeft))))
        {
            // Asked of a surface that is finished: there is nothing to do.
            return new Sought([], [], Cut: false);
        }

        if (surface.Brief.OnlyClean)
        {
            return new Remedy(rates, goal, appraised, levels).Find(appraised.Condition, goal.Needs) is { Count: > 0 } cleaning
                ? new Sought([cleaning], [], Cut: false)
                : new Sought([], goal.Needs, Cut: false);
        }

        var prices = new Prices(appraised.Extents, rates, task.Acts, levels);
        var finishes = goal.LaidBy(acts);
        var aims = new List<(ImmutableArray<CoatingClass> Finishes, GoalTask Aim)>();
        var searches = new FinishSearch(finishes, f => Life(f, surface), some => task.Priced(With(some), prices, Weights.LeastCost));
        var whole = With(finishes);
        if (!whole.CanStay && !whole.CanSwitch)
        {
            return new Sought([], goal.Needs, Cut: false);
        }

        // Those that may be begun side by side first: what comes after them waits for what it hangs on.
        var found = Workers.Each<Func<Found?>, Found?>([Least, Longest, Soonest, Gentlest, Stripping], seek => seek());
        if (searches.Found.Count == 0 && !searches.Cut)
        {
            return new Sought([], goal.Needs, Cut: false);
        }

        Found[] others = [.. found.OfType<Found>()];
        var unlike = Unlike(searches.Found.Concat(others.Where(r => r.Acts is not null).Select(r => r.Acts!)));
        return new Sought(unlike, unlike.IsEmpty ? goal.Needs : [], searches.Cut || Array.Exists(others, r => !r.Complete));

        Found? Least()
        {
            searches.SeekLeast();
            return null;
        }

        Found? Longest()
        {
            searches.SeekLongest();
            return null;
        }

        Found? Soonest() => task.Priced(whole, prices, Weights.Soonest).Cheapest();

        Found? Gentlest() => task.Priced(whole, prices, Weights.Gentlest).Cheapest();

        // What stripping costs more hardly hangs on the finish: it is weighed with the one that lasts longest.
        Found? Stripping() =>
            new Setting(surface, appraised, goal.Family).MayStrip && !searches.Lasting.IsEmpty && !searches.LastingStrips
                ? task.Priced(With(searches.Lasting).Switched(), prices, Weights.LeastCost).Cheapest()
                : null;

        GoalTask With(IReadOnlyCollection<CoatingClass> some)
        {
            lock (aims)
            {
                foreach (var (known, aim) in aims)
                {
                    if (known.SequenceEqual(some))
                    {
                        return aim;
                    }
                }

                aims.Add(([.. some], goal.AimWith(task, [.. some])));
                return aims[^1].Aim;
            }
        }
    }

    private static ImmutableArray<IReadOnlyList<Act>> Unlike(IEnumerable<IReadOnlyList<Act>> sequences)
    {
        var kept = ImmutableArray.CreateBuilder<IReadOnlyList<Act>>();
        foreach (var sequence in sequences)
        {
            if (!kept.Any(k => k.SequenceEqual(sequence)))
            {
                kept.Add(sequence);
            }
        }

        return kept.ToImmutable();
    }

    private static double Life(CoatingClass finish, Surface surface) => surface.Exposure == Exposure.Inside ? finish.Life.Inside : finish.Life.Outside;
}
