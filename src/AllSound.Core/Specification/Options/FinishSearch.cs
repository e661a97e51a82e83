using System.Collections.Immutable;
using AllSound.Core.Materials;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>
/// Looks for the finish: the cheapest sequence of all, the one that is cheapest by the year, and the cheapest with the
/// longest-lived finish that can be had. What is found for one tells where the others need not be looked for; where two are
/// looked for side by side, what need not have been is left out, so that the outcome is the same.
/// </summary>
internal sealed class FinishSearch
{
    private readonly ImmutableArray<CoatingClass> finishes;
    private readonly Func<CoatingClass, double> life;
    private readonly Func<IReadOnlyCollection<CoatingClass>, PricedTask> over;
    private readonly Func<PricedTask, long, Found> seek;
    private readonly Lazy<Found> least;
    private readonly Lazy<List<Tried>> longest;
    private readonly Lazy<Outcome> outcome;

    /// <param name="finishes">The finishes to choose from.</param>
    /// <param name="life">Years that each lasts.</param>
    /// <param name="over">The priced task with some of them.</param>
    /// <param name="seek">Finds the cheapest sequence of a task below a cost; null for the search itself.</param>
    public FinishSearch(
        ImmutableArray<CoatingClass> finishes,
        Func<CoatingClass, double> life,
        Func<IReadOnlyCollection<CoatingClass>, PricedTask> over,
        Func<PricedTask, long, Found>? seek = null
    )
    {
        this.seek = seek ?? ((task, below) => task.Cheapest(below));
        (this.finishes, this.life, this.over) = (finishes, life, over);
        least = new(() => this.seek(over(finishes), long.MaxValue));
        longest = new(LongestFirst);
        outcome = new(Weigh);
    }

    /// <summary>What was found, the cheapest first; empty when there is no way with any of the finishes.</summary>
    public IReadOnlyList<IReadOnlyList<Act>> Found => outcome.Value.Ways;

    /// <summary>True when some search gave up: then something cheaper may exist.</summary>
    public bool Cut => outcome.Value.Cut;

    /// <summary>The longest-lived finishes with which there is a way; empty when there is none.</summary>
    public ImmutableArray<CoatingClass> Lasting => outcome.Value.Lasting;

    /// <summary>True when the cheapest way with those strips the old film.</summary>
    public bool LastingStrips => outcome.Value.LastingStrips;

    /// <summary>Looks for the cheapest of all. May be begun beside <see cref="SeekLongest"/>.</summary>
    public void SeekLeast() => _ = least.Value;

    /// <summary>Looks for the cheapest with the longest-lived finish. May be begun beside <see cref="SeekLeast"/>.</summary>
    public void SeekLongest() => _ = longest.Value;

    // By life, longest first, until there is a way. Once the cheapest of all is known, nothing that lasts less is looked for.
    private List<Tried> LongestFirst()
    {
        var tried = new List<Tried>();
        var atLeast = least.IsValueCreated ? LifeOf(least.Value) : 0;
        foreach (var group in finishes.GroupBy(life).Where(g => g.Key > atLeast).OrderByDescending(g => g.Key))
        {
            ImmutableArray<CoatingClass> some = [.. group];
            tried.Add(new Tried(group.Key, some, seek(over(some), long.MaxValue)));
            if (tried[^1].Way.Acts is not null)
            {
                break;
            }
        }

        return tried;
    }

    private Outcome Weigh()
    {
        if (least.Value is not { Acts: { } acts, Cost: var cost })
        {
            // Cut short without a plan: what the search for the longest life found still stands.
            return !least.Value.Complete && longest.Value.LastOrDefault() is { Way.Acts: { } found, Finishes: var those }
                ? new Outcome([found], Cut: true, those, found.Any(a => a.Strips))
                : new Outcome([], !least.Value.Complete, [], LastingStrips: false);
        }

        var own = LifeOf(least.Value);
        var longer = longest.Value.Where(t => t.Life > own).ToList();
        var ways = new List<IReadOnlyList<Act>> { acts };
        var cut = longer.Exists(t => !t.Way.Complete);
        // Of what lasts longer nothing leads anywhere, as far as was looked.
        var (lasting, lastingStrips) = (finishes.Where(f => life(f) == own).ToImmutableArray(), acts.Any(a => a.Strips));
        var (byYear, reached) = (cost / own, own);
        if (longer.LastOrDefault() is { Way.Acts: { } dear } last)
        {
            ways.Add(dear);
            (lasting, lastingStrips, reached) = (last.Finishes, dear.Any(a => a.Strips), last.Life);
            byYear = Math.Min(byYear, last.Way.Cost / last.Life);
        }

        // Nothing costs less than the least: by the year a life in between wins only where even that would do.
        var between = finishes.GroupBy(life).Where(g => g.Key > own && g.Key < reached).OrderByDescending(g => g.Key);
        foreach (var group in between.Where(g => cost / g.Key < byYear))
        {
            var way = seek(over([.. group]), (long)(byYear * group.Key));
            cut |= !way.Complete;
            if (way.Acts is { } better)
            {
                ways.Add(better);
                byYear = Math.Min(byYear, way.Cost / group.Key);
            }
        }

        return new Outcome(ways, cut, lasting, lastingStrips);
    }

    // Where the finish is on already and none is laid, no other would last longer.
    private double LifeOf(Found way) =>
        way.Acts is not { } acts ? 0
        : acts.LastOrDefault(a => a.Operation.Role == CoatRole.Finish)?.Product is { } finish ? life(finish)
        : finishes.Select(life).DefaultIfEmpty(0).Max();

    private sealed record Tried(double Life, ImmutableArray<CoatingClass> Finishes, Found Way);

    private sealed record Outcome(IReadOnlyList<IReadOnlyList<Act>> Ways, bool Cut, ImmutableArray<CoatingClass> Lasting, bool LastingStrips);
}
