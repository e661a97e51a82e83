using System.Collections.Immutable;
using AllSound.Core.Assessment;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Practice;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Planning;

namespace AllSound.Core.Specification;

/// <summary>
/// What stands in the way where no sequence exists. Found by asking again with something otherwise: needs taken as met, or
/// wishes of the brief dropped.
/// </summary>
/// <param name="Alone">Needs of which each, were it met, would open a way; the gravest first, at most <see cref="Most"/>.</param>
/// <param name="Together">Where no single one would: needs that would open a way if all were met, and none of them for nothing.</param>
/// <param name="Wishes">
/// Changes to the brief of which each would open a way, as clauses in the imperative; where only several at once would, these
/// as one clause.
/// </param>
/// <param name="Both">True where neither needs nor wishes alone would do: it takes both.</param>
/// <param name="Outright">The reason where it lies in no need and no wish: waits that cannot all be kept, a search that was cut short.</param>
public sealed record Impasse(ImmutableArray<Need> Alone, ImmutableArray<Need> Together, ImmutableArray<string> Wishes, bool Both = false, string? Outright = null)
{
    /// <summary>What other trades do that would settle the needs named.</summary>
    public ImmutableArray<Operation> Others { get; init; } = [];

    /// <summary>Needs named at most where each alone would do.</summary>
    public const int Most = 3;

    /// <summary>Why there is no way, as a clause.</summary>
    public string Reason =>
        Outright is not null ? Outright
        : !Alone.IsEmpty ? $"{string.Join("; ", Alone.Select(n => n.Unmet))}{(Alone.Length > 1 ? " (solving any one of these would be enough)" : "")}"
        : !Together.IsEmpty ? $"{string.Join("; ", Together.Select(n => n.Unmet))}{(Both ? "; and even then no finish would meet the whole brief" : "")}"
        : Wishes.IsEmpty ? "no known method finishes it"
        : "no finish meets the whole brief";

    /// <summary>What would open a way: wishes first, then what would settle the needs. What cannot be settled all of it is not begun on.</summary>
    public ImmutableArray<string> Frees
    {
        get
        {
            var hopeless = Together.Any(n => n.Frees.IsEmpty);
            return
            [
                .. (hopeless && Both ? [] : Wishes)
                    .Concat(Alone.Concat(hopeless ? [] : Together).SelectMany(n => n.Frees))
                    .DefaultIfEmpty("change the brief: allow another finish or another method, or leave it as it is")
                    .Distinct(StringComparer.Ordinal),
            ];
        }
    }

    /// <summary>Looks for what stands in the way.</summary>
    /// <param name="rates">Prices.</param>
    /// <param name="surface">The surface, for its brief.</param>
    /// <param name="appraised">Its condition; one that nothing holds and for which there is no sequence.</param>
    /// <param name="firm">The firm.</param>
    /// <param name="cut">True when the search for a sequence gave up.</param>
    public static Impasse Find(Rates rates, Surface surface, Appraised appraised, Firm firm, bool cut = false)
    {
        ArgumentNullException.ThrowIfNull(surface);
        ArgumentNullException.ThrowIfNull(appraised);
        ArgumentNullException.ThrowIfNull(firm);
        using var working = Workers.Enter();
        var asked = new Counterfactual(rates, surface, appraised, firm);
        if (asked.Opens(default))
        {
            return new(
                [],
                [],
                [],
                Outright: cut
                    ? "none was found before the search was cut short, though there may be one"
                    : "the waits that its steps ask for cannot all be kept: something dries longer than a coat beneath it may be left"
            );
        }

        ImmutableArray<Wish> all = [.. Wish.Of(surface, appraised.Condition, firm)];
        var wishes = Enough(all, some => After(some).Opens(default));
        var suspects = asked.Suspects;
        if (!asked.MayOpen(Set(suspects)))
        {
            return wishes.IsEmpty && !all.IsEmpty ? ForBoth(all, After) : new([], [], wishes);
        }

        var alone = suspects.Where(n => !IsGround(n) && asked.Opens(NeedSet.Of(n.Index))).Take(Most).ToImmutableArray();
        return alone.IsEmpty ? new([], Plainly(Fewest(asked, suspects)), wishes) : new(alone, [], wishes);

        Counterfactual After(IEnumerable<Wish> some) =>
            new(rates, surface with { Brief = some.Aggregate(surface.Brief, (brief, wish) => wish.Change(brief)) }, appraised, firm);
    }

    private static Impasse ForBoth(ImmutableArray<Wish> all, Func<IEnumerable<Wish>, Counterfactual> after)
    {
        var free = after(all);
        var suspects = free.Suspects;
        var needs = free.MayOpen(Set(suspects)) ? Fewest(free, suspects) : [];
        if (needs.IsEmpty)
        {
            return new([], [], []);
        }

        return new([], Plainly(needs), [Joined(MinimalSubset.Of(all, some => after(some).Opens(Set(needs))))], Both: true);
    }

    // Wishes of which each is enough; where none is, the fewest that are together.
    private static ImmutableArray<string> Enough(ImmutableArray<Wish> all, Func<ImmutableArray<Wish>, bool> opens)
    {
        var each = all.Where(w => opens([w])).Select(w => w.Says).ToImmutableArray();
        return !each.IsEmpty || all.Length < 2 || !opens(all) ? each : [Joined(MinimalSubset.Of(all, opens))];
    }

    private static string Joined(ImmutableArray<Wish> wishes) => string.Join(", and ", wishes.Select(w => w.Says));

    // None can be spared even were nothing ever spoilt. Where that does not do because something is, it is looked for by whole
    // ways; empty when not even all together open one.
    private static ImmutableArray<Need> Fewest(Counterfactual asked, ImmutableArray<Need> suspects)
    {
        var quick = MinimalSubset.Of(suspects, some => asked.MayOpen(Set(some)));
        return asked.Opens(Set(quick)) ? quick
            : asked.Opens(Set(suspects)) ? MinimalSubset.Of(suspects, some => asked.Opens(Set(some)))
            : [];
    }

    private static NeedSet Set(ImmutableArray<Need> needs) => needs.Aggregate(default(NeedSet), (set, n) => set | NeedSet.Of(n.Index));

    // What another of them says already is not said again: no hotter than 60 degrees is no hotter than 90.
    private static ImmutableArray<Need> Plainly(ImmutableArray<Need> needs) => [.. needs.Where(n => !needs.Any(m => m != n && Implies(m, n)))];

    private static bool Implies(Need strong, Need weak) => strong.Any.All(t => weak.Any.Any(w => w.Facet == t.Facet && (t.Allowed & ~w.Allowed) == 0));

    // What the thing is made of is no reason that anybody can do something about.
    private static bool IsGround(Need need) => need.Any.All(t => t.Facet == Facets.Substrate || t.Facet == Facets.Exposure);
}
