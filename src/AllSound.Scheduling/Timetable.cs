using System.Collections.Immutable;

namespace AllSound.Scheduling;

/// <summary>When work may go on: stretches in ascending order that neither touch nor overlap.</summary>
public sealed class Timetable
{
    private Timetable(ImmutableArray<Opening> openings) => Openings = openings;

    /// <summary>The stretches.</summary>
    public ImmutableArray<Opening> Openings { get; }

    /// <summary>A timetable of any stretches: empty ones are dropped, those that touch are joined.</summary>
    public static Timetable Of(IEnumerable<Opening> openings)
    {
        var joined = new List<Opening>();
        foreach (var next in openings.Where(o => o.To > o.From).OrderBy(o => o.From))
        {
            if (joined.Count > 0 && next.From <= joined[^1].To)
            {
                joined[^1] = joined[^1] with { To = Math.Max(joined[^1].To, next.To) };
            }
            else
            {
                joined.Add(next);
            }
        }

        return new([.. joined]);
    }

    /// <summary>When both are open.</summary>
    public Timetable And(Timetable other)
    {
        ArgumentNullException.ThrowIfNull(other);
        var both = new List<Opening>();
        for (int i = 0, j = 0; i < Openings.Length && j < other.Openings.Length; )
        {
            var (a, b) = (Openings[i], other.Openings[j]);
            var (from, to) = (Math.Max(a.From, b.From), Math.Min(a.To, b.To));
            if (to > from)
            {
                both.Add(new(from, to));
            }

            if (a.To < b.To)
            {
                i++;
            }
            else
            {
                j++;
            }
        }

        return Of(both);
    }

    /// <summary>Ticks open before a moment.</summary>
    public int Before(int tick) => Openings.Sum(o => Math.Clamp(tick - o.From, 0, o.Length));

    /// <summary>The moment at which so many ticks have been open since another; null when the timetable ends before.</summary>
    /// <param name="from">Since when.</param>
    /// <param name="open">How many, 0 or more.</param>
    public int? After(int from, int open)
    {
        var left = open;
        foreach (var o in Openings)
        {
            var begin = Math.Max(o.From, from);
            if (begin >= o.To)
            {
                continue;
            }

            if (left <= o.To - begin)
            {
                return begin + left;
            }

            left -= o.To - begin;
        }

        return left == 0 ? from : null;
    }

    /// <summary>True when a stretch lies in one opening.</summary>
    public bool Holds(int from, int to) => Openings.Any(o => o.From <= from && to <= o.To);
}
