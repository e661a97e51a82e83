using System.Collections.Immutable;
using AllSound.Core.Assessment;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Practice;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Planning;

namespace AllSound.Core.Specification;

/// <summary>Turns found sequences into options with all that is to be said of them.</summary>
internal sealed class OptionBuilder(Rates rates, Surface surface, Appraised appraised, Goal goal, Firm firm, ImmutableDictionary<string, string> rules)
{
    private readonly Setting setting = new(surface, appraised, goal.Family);

    private readonly Custom[] levels = Customs.On(new Setting(surface, appraised, goal.Family), rules);

    /// <summary>The options, or what holds or blocks the surface.</summary>
    public Specified Said(Sought sought, ImmutableArray<string> notes)
    {
        var options = Sound(sought);
        ImmutableArray<string> all = [.. notes, .. Cut(sought)];
        return options.Count > 0 ? With(Choose(options), all) : Stopped(sought, all);
    }

    /// <summary>Options by the house rules, with the cheapest that goes against one beside them; where the rules leave none, those without them.</summary>
    public Specified Beside(Sought byRules, Sought without)
    {
        if (Sound(byRules) is not { Count: > 0 } mine)
        {
            return Said(without, NotFollowed(byRules, without));
        }

        var own = Choose(mine);
        var other = Choose(Sound(without)).FirstOrDefault(o => Against(o) is not null && !own.Any(x => x.Criteria.Beats(o.Criteria)));
        ImmutableArray<string> notes = [.. Cut(byRules).Concat(Cut(without)).Distinct()];
        if (other is null)
        {
            return With(own, notes);
        }

        // The other school may beat what the firm chose to do: it stays in sight as the firm's choice against it.
        ImmutableArray<Option> kept = own.Length < Specifier.MostOptions ? own : own.Remove(own.Skip(1).MinBy(Choosing.Standing)!);
        var named = Naming.Distinct(other with { BestAt = [], Recommended = null, OtherSchool = Differs(other, kept[0]) }, kept);
        return With([.. kept.Select(o => Choosing.Against(o, other)), named], notes);
    }

    private ImmutableArray<Option> Choose(List<Option> options) =>
        Choosing.Choose(
            options,
            setting,
            o => !BriefNotes.NotMet(o.Criteria, surface.Brief, rates.Currency).Any(),
            o => o.Steps.Max(s => s.Act.Product?.Own is null ? levels[s.Act.Index] : Custom.Customary)
        );

    // Which house rules cannot be followed here, and for want of what.
    private ImmutableArray<string> NotFollowed(Sought byRules, Sought without)
    {
        var none = byRules.Cut ? "gave no result here before the search was cut short" : "does not work here";
        var broken = without
            .Sequences.SelectMany(s => s)
            .Select(a => Firm.Against(rules, a))
            .Where(x => x is not null)
            .Select(x => $"{x!.Value.Question.Id}, {x.Value.Question.Title}: \"{x.Value.Followed.Title}\" {none}; specified by \"{x.Value.Other.Title}\".")
            .Distinct(StringComparer.Ordinal)
            .ToImmutableArray();
        return broken.IsEmpty && !without.Sequences.IsEmpty ? [$"The house rules do not work here: {string.Join("; ", byRules.Missing.Select(n => n.Unmet))}."] : broken;
    }

    // The search knows no clock. What waiting brings about is mended; what cannot be is not offered.
    private List<Option> Sound(Sought sought) =>
        [.. Workers.Each(sought.Sequences, Build).Where(o => o.Steps.All(s => s.Act.NeedSet.IsSubsetOf(Treatments.Satisfied(s.Before))))];

    // Nobody is told that a thing is best when not everything was tried.
    private static ImmutableArray<string> Cut(Sought sought) =>
        !sought.Cut ? []
        : sought.Sequences.IsEmpty ? ["The search was cut short before it had tried everything: there may be an option that was not found."]
        : ["The search was cut short before it had tried everything: a better option may exist."];

    private string? Against(Option option)
    {
        foreach (var step in option.Steps)
        {
            if (Firm.Against(rules, step.Act) is { } against)
            {
                return $"{against.Question.Id}, {against.Question.Title}: {against.Other.Title}, not {against.Followed.Title}";
            }
        }

        return null;
    }

    private string Differs(Option other, Option own)
    {
        var money = other.Criteria.Money - own.Criteria.Money;
        var days = other.Criteria.ElapsedDays - own.Criteria.ElapsedDays;
        return FormattableString.Invariant(
            $"{Against(other)}. It would cost {Math.Abs(money):0.00} {(money < 0 ? "less" : "more")} and take {Math.Abs(days):0.#} days {(days < 0 ? "less" : "more")}, with {other.Criteria.Hazard:0.#} points of hazard against {own.Criteria.Hazard:0.#}."
        );
    }

    private Specified With(ImmutableArray<Option> options, ImmutableArray<string> notes) =>
        new(
            appraised,
            [
                .. options.Select(o =>
                    o with
                    {
                        NotMet = [.. BriefNotes.NotMet(o.Criteria, surface.Brief, rates.Currency)],
                        PreferWhen = Preferring.When(o, options, rates.Currency, surface.Brief),
                    }
                ),
            ],
            [],
            [],
            [],
            [
                .. Preferring.Limits(options, rates.Currency, surface.Brief),
                .. notes,
                .. BriefNotes.Of(surface, appraised),
                .. SiteNotes.Of(surface, appraised, options.SelectMany(o => o.Steps).Select(s => s.Act)),
            ]
        );

    private Specified Stopped(Sought sought, ImmutableArray<string> notes)
    {
        var missing = sought.Missing.IsEmpty ? goal.Needs : sought.Missing;
        var gates = Freeing.Gates(surface, appraised, firm, [.. missing.Where(n => n.Hold)]);
        var near = new Lazy<Nearest?>(() => Nearest.Find(rates, surface, appraised, firm));
        if (gates.IsEmpty && !sought.Cut && Freeing.AnyClosed(appraised))
        {
            gates = Freeing.Behind(rates, surface, appraised, firm);
            if (gates.IsEmpty && near.Value is null && Freeing.NearestBehind(rates, surface, appraised, firm) is { } nearest)
            {
                var held = Specifier.Specify(rates, nearest.Asked, appraised, firm);
                return held with { Notes = [NearestSays(nearest), .. held.Notes] };
            }
        }

        ImmutableArray<Hold> holds = [.. gates.Select(n => new Hold(n) { Others = OtherTrades.For(n, levels, appraised.Condition) })];
        var deepest = missing.Where(n => !missing.Any(m => m != n && Causes(m, n))).ToImmutableArray();
        var stopped = new Specified(
            appraised,
            [],
            holds,
            Meanwhile(holds),
            !holds.IsEmpty ? []
                : deepest.IsEmpty ? missing
                : deepest,
            notes
        );
        return stopped.Blocked.IsEmpty
            ? stopped.Then(() => Freeing.Of(rates, surface, appraised, firm, holds))
            : stopped.Asking(() => Known(Impasse.Find(rates, surface, appraised, firm, sought.Cut)), () => near.Value);
    }

    /// <summary>That a plan is only the nearest to its brief, and what of that it drops, as a sentence.</summary>
    internal static string NearestSays(Nearest nearest) => $"Nothing meets the whole brief; this comes nearest: {string.Join(", and ", nearest.Dropped)}.";

    private Impasse Known(Impasse impasse) =>
        impasse with
        {
            Others = [.. impasse.Alone.Concat(impasse.Together).SelectMany(n => OtherTrades.For(n, levels, appraised.Condition)).Distinct()],
        };

    // What opens up what stops the work, and what does not wait for it: mould is killed and salts are brushed off at once, and damp paper comes
    // off so that the wall can dry. Where nothing holds it and only no way leads to the end, it can be cleaned all the same, except where it may
    // hold asbestos. With lead cleaned up after; coverings stay for what follows. Nothing where that is held too.
    private ImmutableArray<Step> Meanwhile(ImmutableArray<Hold> holds)
    {
        if (holds.IsEmpty && !SiteNeeds.AsbestosAbsent.Holds(appraised.Condition))
        {
            return [];
        }

        var remedy = new Remedy(rates, goal, appraised, levels);
        var open = holds
            .Select(h => h.Need.Opening)
            .OfType<Need>()
            .Concat(holds.IsEmpty ? [GroundNeeds.ResidueOut, GroundNeeds.SoilOff] : [])
            .Concat([GroundNeeds.MouldOff, GroundNeeds.SaltsOff])
            .Distinct()
            .Where(n => !n.Holds(appraised.Condition));
        ImmutableArray<Need> wanted = [.. open.Where(n => remedy.Find(appraised.Condition, [n, Needs.LeadCleaned]) is not null), Needs.LeadCleaned];
        return wanted.Length > 1 && remedy.Find(appraised.Condition, wanted) is { Count: > 0 } acts
            ? Sequencing.Steps(appraised, Sequencing.Mended(appraised.Condition, Sequencing.Usual(appraised.Condition, acts), remedy), wanted, rates)
            : [];
    }

    // By need: the facets that some act which needs it writes, a bit each.
    private static readonly IndexSet[] WrittenAfter =
    [
        .. Needs.All.Select(n =>
            Operations.Acts.Where(a => a.Needs.Contains(n)).SelectMany(a => a.Effects).Aggregate(default(IndexSet), (set, e) => set | IndexSet.Of(e.Facet.Index))
        ),
    ];

    // Among needs that cannot be met, those that others only follow from.
    private static bool Causes(Need deeper, Need shallow) => shallow.Any.Any(t => WrittenAfter[deeper.Index].Contains(t.Facet.Index));

    private Option Build(IReadOnlyList<Act> sequence)
    {
        var (with, because) = Companions.With(Sequencing.Usual(appraised.Condition, sequence), setting, rules);
        var planned = Sequencing.Mended(appraised.Condition, with, new Remedy(rates, goal, appraised, levels));
        var steps = Accompanied(Sequencing.Steps(appraised, planned, goal.Needs, rates));

        // The clocks may have made a step needless, as a dusting that what was put in after it does again.
        while (steps.FirstOrDefault(s => s.Links.IsEmpty && s.Because is null) is { } needless)
        {
            planned.RemoveAt(needless.Number - 1);
            steps = Accompanied(Sequencing.Steps(appraised, planned, goal.Needs, rates));
        }

        ImmutableArray<Step> Accompanied(ImmutableArray<Step> all) =>
            because.Count == 0 ? all : [.. all.Select(s => because.TryGetValue(s.Act.Index, out var why) ? s with { Because = why } : s)];

        if (!rules.IsEmpty)
        {
            steps = [.. steps.Select(s => s with { Manner = Firm.Manner(rules, s.Act, surface.Element) })];
        }

        Act[] acts = [.. planned.Select(p => p.Act)];
        var finish = acts.LastOrDefault(a => a.Operation.Role == CoatRole.Finish)?.Product;
        var last = steps[^1].After;
        var days = steps.Sum(s => (s.Spend.Hours / (surface.Brief.HoursPerDay ?? 8)) + Quantities.Costing.WaitDays(s.WaitBefore));
        var criteria = new Criteria(
            decimal.Round(rates.Price(steps.Sum(s => s.Spend.Money)), 2),
            Math.Round(steps.Sum(s => s.Spend.Hours), 2),
            Math.Round(days, 2),
            Math.Round(Longevity.Years(finish, surface.Exposure, last), 1),
            Math.Round(steps.Sum(s => s.Spend.Hazard), 2)
        );
        var schools = acts.Where(a => a.Operation.School is not null).Select(a => a.Operation.School!).Distinct().Order(StringComparer.Ordinal).ToImmutableArray();
        var name = Naming.Name(appraised.Condition, acts, finish);
        return new Option(
            Naming.Slug(name),
            name,
            [],
            schools,
            steps,
            CauseAnswers.Of(appraised, steps),
            criteria,
            [],
            [.. CauseAnswers.Possible(appraised), .. Longevity.Risks(appraised, last)],
            Sequencing.Together(steps.SelectMany(s => s.Assumes)),
            [.. appraised.Left, .. Longevity.LeftUndone(appraised.Condition, last)],
            [],
            null
        );
    }
}
