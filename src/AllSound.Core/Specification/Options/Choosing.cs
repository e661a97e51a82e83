using System.Collections.Immutable;

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

    /// <summary>Those that nothing else beats, near-twins dropped, the cheapest first, each told what it is best at.</summary>
    public static ImmutableArray<Option> Choose(List<Option> options)
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
        var chosen = new List<Option>();
        foreach (var option in Titles.Select(t => Best(kept, t.By)).Concat(kept.OrderBy(o => o.Criteria.Money)))
        {
            if (chosen.Count < Specifier.MostOptions && !chosen.Any(c => Twins(c, option)))
            {
                chosen.Add(option);
            }
        }

        var ordered = chosen.OrderBy(o => o.Criteria.Money).ThenBy(o => o.Criteria.ElapsedDays).ToList();
        var winners = Titles.Select(t => (t.Name, Winner: Best(ordered, t.By))).ToList();
        var named = new List<Option>();
        foreach (var option in ordered)
        {
            named.Add(Naming.Distinct(option with { BestAt = [.. winners.Where(w => w.Winner == option).Select(w => w.Name)] }, named));
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

    /// <summary>Nearly the same by every criterion: no choice worth a client's time.</summary>
    private static bool Twins(Option a, Option b) =>
        a == b
        || (
            Near((double)a.Criteria.Money, (double)b.Criteria.Money)
            && Near(a.Criteria.ElapsedDays, b.Criteria.ElapsedDays)
            && Near(a.Criteria.LifeYears, b.Criteria.LifeYears)
            && Near(a.Criteria.Hazard, b.Criteria.Hazard)
        );

    private static bool Near(double a, double b) => Math.Abs(a - b) <= 0.08 * Math.Max(Math.Abs(a), Math.Abs(b));
}
