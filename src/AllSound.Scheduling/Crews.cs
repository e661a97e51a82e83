using System.Collections.Immutable;

namespace AllSound.Scheduling;

/// <summary>Who does what, where the solver only counted heads.</summary>
internal static class Crews
{
    /// <summary>
    /// A schedule with names: whoever has worked at the activities just before goes on where possible. As many people are free at any time as are
    /// needed, so that taking the pieces in the order of their starts always ends well (colouring of an interval graph).
    /// </summary>
    public static ImmutableArray<Placed> Name(Project project, ImmutableArray<Placed> placed)
    {
        var named = placed.ToDictionary(p => p.Activity.Id, p => p.Pieces.ToBuilder(), StringComparer.Ordinal);
        var free = project.Workers.ToDictionary(w => w.Id, _ => 0, StringComparer.Ordinal);
        var before = project.Links.ToLookup(l => l.After, l => l.Before, StringComparer.Ordinal);
        var by = new Dictionary<string, ImmutableArray<string>>(StringComparer.Ordinal);
        foreach (
            var (p, i) in placed
                .SelectMany(p => p.Pieces.Select((_, i) => (p, i)))
                .OrderBy(x => x.p.Pieces[x.i].From)
                .ThenBy(x => x.p.Activity.Id, StringComparer.Ordinal)
        )
        {
            var piece = p.Pieces[i];
            if (p.Activity.People > 0 && piece.Crew.IsEmpty)
            {
                var known = before[p.Activity.Id].Append(p.Activity.Id).SelectMany(id => by.GetValueOrDefault(id, [])).ToHashSet(StringComparer.Ordinal);
                var crew = project.Workers.Where(w => free[w.Id] <= piece.From).OrderByDescending(w => known.Contains(w.Id)).Take(p.Activity.People).Select(w => w.Id);
                named[p.Activity.Id][i] = piece = piece with { Crew = [.. crew] };
            }

            by[p.Activity.Id] = piece.Crew;
            foreach (var id in piece.Crew)
            {
                free[id] = piece.To;
            }
        }

        return [.. placed.Select(p => p with { Pieces = Joined(named[p.Activity.Id]) })];
    }

    // Pieces that touch and are done by the same people are one.
    private static ImmutableArray<Piece> Joined(IEnumerable<Piece> pieces)
    {
        var joined = new List<Piece>();
        foreach (var piece in pieces)
        {
            if (joined.Count > 0 && joined[^1].To == piece.From && joined[^1].Crew.ToHashSet(StringComparer.Ordinal).SetEquals(piece.Crew))
            {
                joined[^1] = joined[^1] with { To = piece.To };
            }
            else
            {
                joined.Add(piece);
            }
        }

        return [.. joined];
    }
}
