using System.Collections.Immutable;
using AllSound.Core.Assessment;
using AllSound.Core.Jobs;
using AllSound.Core.Practice;
using AllSound.Planning;

namespace AllSound.Core.Specification;

/// <summary>What comes nearest to a brief that nothing meets whole: the same with as little of it dropped as will do, the least dear first.</summary>
/// <param name="Dropped">What of the brief is not met, as clauses in the imperative: "take eggshell instead of gloss".</param>
/// <param name="Plan">The specification by the rest of the brief; its options are never empty.</param>
public sealed record Nearest(ImmutableArray<string> Dropped, Specified Plan)
{
    /// <summary>The surface with the brief that is left.</summary>
    public required Surface Asked { get; init; }

    /// <summary>Looks for it; null where no change to the brief alone opens a way.</summary>
    internal static Nearest? Find(Rates rates, Surface surface, Appraised appraised, Firm firm)
    {
        using var working = Workers.Enter();
        ImmutableArray<Wish> all = [.. Wish.Of(surface, appraised.Condition, firm)];
        if (all.FirstOrDefault(w => Opens([w])) is { } one)
        {
            return Without([one]);
        }

        return all.Length > 1 && Opens(all) ? Without(MinimalSubset.Of(all, some => Opens(some))) : null;

        Surface After(IEnumerable<Wish> some) => surface with { Brief = some.Aggregate(surface.Brief, (brief, wish) => wish.Change(brief)) };

        bool Opens(IEnumerable<Wish> some) => new Counterfactual(rates, After(some), appraised, firm).Opens(default);

        Nearest? Without(ImmutableArray<Wish> some) =>
            Specifier.Specify(rates, After(some), appraised, firm) is { Options.IsEmpty: false } plan
                ? new Nearest([.. some.Select(w => w.Says)], plan) { Asked = After(some) }
                : null;
    }
}
