using System.Collections.Immutable;
using AllSound.Core.Materials;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>
/// Looks for the finish: the cheapest sequence of all, the one that is cheapest by the year, and the cheapest with the
/// longest-lived finish that can be had. What is found for one tells where the others need not be looked for.
/// </summary>
internal sealed class FinishSearch(ImmutableArray<CoatingClass> finishes, Func<CoatingClass, double> life, Func<IReadOnlyCollection<CoatingClass>, Problem> over)
{
    private readonly List<IReadOnlyList<Act>> found = [];

    /// <summary>What was found, the cheapest first; empty when there is no way with any of the finishes.</summary>
    public IReadOnlyList<IReadOnlyList<Act>> Found => found;

    /// <summary>True when some search gave up: then something cheaper may exist.</summary>
    public bool Cut { get; private set; }

    /// <summary>The longest-lived finishes with which there is a way; empty when there is none.</summary>
    public ImmutableArray<CoatingClass> Lasting { get; private set; } = [];

    /// <summary>True when the cheapest way with those strips the old film.</summary>
    public bool LastingStrips { get; private set; }

    /// <summary>Runs the searches.</summary>
    public void Run()
    {
        if (Seek(finishes, long.MaxValue) is not ({ } least, var cost))
        {
            return;
        }

        var byYear = cost / life(Finish(least));
        Lasting = [.. finishes.Where(f => life(f) >= life(Finish(least)))];
        LastingStrips = least.Any(a => a.Strips);
        var longer = finishes.GroupBy(life).Where(g => g.Key > life(Finish(least))).OrderByDescending(g => g.Key).ToList();
        var longest = 0;
        for (; longest < longer.Count; longest++)
        {
            if (Seek([.. longer[longest]], long.MaxValue) is ({ } lasting, var dearer))
            {
                byYear = Math.Min(byYear, dearer / longer[longest].Key);
                Lasting = [.. longer[longest]];
                LastingStrips = lasting.Any(a => a.Strips);
                break;
            }
        }

        // Nothing costs less than the least: by the year a life in between wins only where even that would do.
        foreach (var between in longer.Skip(longest + 1).Where(g => cost / g.Key < byYear))
        {
            var below = (long)(byYear * between.Key);
            byYear = Seek([.. between], below) is ({ }, var some) ? Math.Min(byYear, some / between.Key) : byYear;
        }
    }

    private (IReadOnlyList<Act> Acts, long Cost)? Seek(ImmutableArray<CoatingClass> some, long below)
    {
        var result = Search.Cheapest(over(some), below: below);
        Cut |= !result.Complete;
        if (result.Acts is not { } acts)
        {
            return null;
        }

        found.Add(acts);
        return (acts, result.Cost);
    }

    private static CoatingClass Finish(IReadOnlyList<Act> acts) => acts.Last(a => a.Operation.Role == CoatRole.Finish).Product!;
}
