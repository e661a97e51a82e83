using System.Collections.Immutable;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Assessment;

/// <summary>What a brief leaves as found: a deliberate choice, no fault, but said.</summary>
public static class LeftAsFound
{
    private static readonly (string Id, string What, Func<Condition, bool> There, Func<Condition, Condition> Leave)[] Choices =
    [
        ("step", "Edges of the old film are left to show.", c => c.Get(Facets.Step) == Presence.Present, c => c.With(Facets.Step, Presence.None)),
        ("lumps", "Lumps and brush ropes of the old film are left to show.", c => c.Get(Facets.Lumps) == Presence.Present, c => c.With(Facets.Lumps, Presence.None)),
        ("fill", "Hollows and hair cracks are left to show.", c => c.Get(Facets.Fill) == Fill.Open, c => c.With(Facets.Fill, Fill.None)),
        ("joint", "The open joint is left open.", c => c.Get(Facets.Joint) == Joint.Open, c => c.With(Facets.Joint, Joint.None)),
        ("putty", "Failing putty is left: water runs behind it.", c => c.Get(Facets.Putty) == Putty.Failing, c => c.With(Facets.Putty, Putty.Sound)),
        ("edges", "Sharp metal edges are left: rust begins there.", c => c.Get(Facets.SharpEdges) == Arris.Sharp, c => c.With(Facets.SharpEdges, Arris.Round)),
    ];

    /// <summary>What can be left.</summary>
    public static ImmutableArray<string> Ids { get; } = [.. Choices.Select(c => c.Id)];

    /// <summary>The condition with what is left taken as no fault, and what to say of it. From far off, steps and lumps are left too.</summary>
    public static (Condition Condition, ImmutableArray<string> Left) Apply(Condition condition, Brief brief)
    {
        ArgumentNullException.ThrowIfNull(brief);
        var left = ImmutableArray.CreateBuilder<string>();
        foreach (var (id, what, there, leave) in Choices)
        {
            var far = brief.Viewing == Viewing.Far && id is "step" or "lumps";
            if ((brief.LeaveAsFound.Contains(id) || far) && there(condition))
            {
                condition = leave(condition);
                left.Add(far ? what.TrimEnd('.') + ": it is seen from 3 m and more." : what);
            }
        }

        if (brief.KeepOldFilm && condition.Get(Facets.Film) != Film.None)
        {
            left.Add("The old film is kept on purpose.");
        }

        return (condition, left.ToImmutable());
    }
}
