using System.Collections.Immutable;
using AllSound.Core.Materials;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>Picks the few options to offer out of those found.</summary>
internal static class Choosing
{
    private static readonly (string Name, Func<Option, double> By)[] Titles =
    [
        ("least cost", o => (double)o.Criteria.Money),
        ("soonest", o => o.Criteria.ElapsedDays),
        ("lowest cost per year of life", o => (double)o.Criteria.MoneyPerYear),
        ("gentlest", o => o.Criteria.Hazard),
        ("longest life", o => -o.Criteria.LifeYears),
    ];

    /// <summary>
    /// The one to do first, with the reason, and beside it those that a client could tell from it and from each other: by the paint, by
    /// stripping or not, by days. None that another beats on every count; each is told what it is best at.
    /// </summary>
    /// <param name="options">All that were found.</param>
    /// <param name="setting">The surface.</param>
    /// <param name="meets">Does an option meet budget and deadline?</param>
    /// <param name="level">How far out of the ordinary an option is.</param>
    public static ImmutableArray<Option> Choose(List<Option> options, Setting setting, Func<Option, bool> meets, Func<Option, Custom> level)
    {
        if (options.Count == 0)
        {
            return [];
        }

        var kept = options
            .Where(o => !options.Any(other => other.Criteria.Beats(o.Criteria)))
            .GroupBy(o => string.Join('>', o.Steps.Select(s => s.Act.Id)))
            .Select(g => g.First())
            .ToList();
        var (first, reason) = Recommending.Pick(kept, setting, meets, level);
        var chosen = new List<Option> { first };
        foreach (var option in Titles.Select(t => Best(kept, t.By)).Concat(kept.OrderBy(o => o.Criteria.Money)))
        {
            if (chosen.Count < Specifier.MostOptions && chosen.TrueForAll(c => Differ(c, option)))
            {
                chosen.Add(option);
            }
        }

        List<Option> ordered = [first, .. chosen.Skip(1).OrderBy(o => o.Criteria.Money).ThenBy(o => o.Criteria.ElapsedDays)];
        var winners = Titles.Select(t => (t.Name, Winner: Best(ordered, t.By))).ToList();
        var named = new List<Option>();
        foreach (var option in ordered)
        {
            named.Add(
                Naming.Distinct(
                    option with
                    {
                        BestAt = [.. winners.Where(w => w.Winner == option).Select(w => w.Name)],
                        Recommended = option == first ? reason : null,
                    },
                    named
                )
            );
        }

        return [.. named];
    }

    /// <summary>An option that is best among the firm's ways, told beside one of another school: where that one is better still, it is best of our ways only.</summary>
    public static Option Against(Option own, Option other) =>
        own with
        {
            BestAt = [.. own.BestAt.Select(name => Array.Find(Titles, t => t.Name == name).By is { } by && by(other) < by(own) ? $"{name} of our ways" : name)],
        };

    /// <summary>How much an option stands for among those offered: the one that stands for least makes room first. Judgement.</summary>
    public static int Standing(Option option) =>
        option.BestAt.Sum(b =>
            b switch
            {
                "least cost" => 8,
                "lowest cost per year of life" => 6,
                "longest life" => 4,
                "soonest" => 2,
                _ => 1,
            }
        );

    private static Option Best(IEnumerable<Option> options, Func<Option, double> by) =>
        options.OrderBy(by).ThenBy(o => o.Criteria.Money).ThenBy(o => o.Criteria.ElapsedDays).First();

    /// <summary>Would a client see that they are two? By the last coat, by stripping, by a day and a fifth of the time that have their price, or by solvent in the house.</summary>
    public static bool Differ(Option a, Option b)
    {
        if (a == b)
        {
            return false;
        }

        var days = Math.Abs(a.Criteria.ElapsedDays - b.Criteria.ElapsedDays);
        return Finish(a) != Finish(b)
            || a.Steps.Any(s => s.Act.Strips) != b.Steps.Any(s => s.Act.Strips)
            || (
                days >= 1
                && days >= 0.2 * Math.Max(a.Criteria.ElapsedDays, b.Criteria.ElapsedDays)
                && a.Criteria.ElapsedDays > b.Criteria.ElapsedDays == a.Criteria.Money < b.Criteria.Money
                && Math.Abs(a.Criteria.Money - b.Criteria.Money) >= Math.Min(a.Criteria.Money, b.Criteria.Money) / 20
            )
            || Solvent(a) != Solvent(b);
    }

    private static CoatingClass? Finish(Option option) => option.Steps.LastOrDefault(s => s.Act.Operation.Role == CoatRole.Finish)?.Act.Product;

    private static bool Solvent(Option option) =>
        option.Steps.Any(s => s.Act.Operation.Role is not (CoatRole.None or CoatRole.Spot) && s.Act.Needs.Contains(FabricNeeds.FreshAir));
}
