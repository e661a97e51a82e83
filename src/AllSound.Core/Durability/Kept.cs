using System.Collections.Immutable;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Site;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Durability;

/// <summary>A look at a surface some time after it was finished.</summary>
/// <param name="On">The day.</param>
/// <param name="Sound">True where nothing has to be done; false where maintenance is due.</param>
/// <param name="Text">What was seen, and what failed; null where nobody said.</param>
/// <param name="By">Who looked; null where nobody said.</param>
/// <param name="Hours">Hours of work that it cost to put right; null where nobody said.</param>
public sealed record LookSeen(DateOnly On, bool Sound, string? Text, string? By, double? Hours);

/// <summary>A look that is due.</summary>
/// <param name="On">The day.</param>
/// <param name="For">What is looked for, as a sentence.</param>
/// <param name="Seen">The look that answers it; null while nobody has looked.</param>
public sealed record DueLook(DateOnly On, string For, LookSeen? Seen);

/// <summary>A finished surface and what was seen of it since.</summary>
/// <param name="Surface">The surface.</param>
/// <param name="Finish">The class of its last coat.</param>
/// <param name="Outside">It stands in the weather.</param>
/// <param name="Finished">The day on which the last coat was laid.</param>
/// <param name="Looks">Looks at it since, in order.</param>
/// <param name="Due">Looks that are due, in order.</param>
public sealed record Kept(Surface Surface, CoatingClass Finish, bool Outside, DateOnly Finished, ImmutableArray<LookSeen> Looks, ImmutableArray<DueLook> Due)
{
    // Whoever looks a while before the day has looked. Days; judgement.
    private const int Early = 60;

    private const double DaysOfYear = 365.25;

    /// <summary>How long it was seen to last: until the first look that found maintenance due, or until the last that found it sound; null while nobody has looked.</summary>
    public Lasted? Lasted =>
        Looks.IsEmpty ? null
        : Looks.FirstOrDefault(l => !l.Sound) is { } failed ? new(Years(failed.On), true)
        : new(Years(Looks[^1].On), false);

    /// <summary>What was kept of a surface; null where it is not finished.</summary>
    /// <param name="job">The job, with its log.</param>
    /// <param name="surface">The surface.</param>
    /// <param name="specified">What was specified for it.</param>
    public static Kept? Of(Job job, Surface surface, Specified specified)
    {
        ArgumentNullException.ThrowIfNull(surface);
        var built = AsBuilt.Of(job, surface, specified);
        if (!built.Finished || built.State.Done.LastOrDefault(d => d.Act.Operation.Role == CoatRole.Finish) is not { Act.Product: { } finish } last)
        {
            return null;
        }

        var finished = DateOnly.FromDateTime(last.End);
        ImmutableArray<LookSeen> looks =
        [
            .. built
                .State.Entries.Where(e => e.Kind == LogKind.Looked && DateOnly.FromDateTime(e.At) >= finished)
                .Select(e => new LookSeen(DateOnly.FromDateTime(e.At), e.Outcome == LogEntry.LookedSound, e.Text, e.By, e.Hours)),
        ];
        return new(
            surface,
            finish,
            surface.Exposure != Exposure.Inside,
            finished,
            looks,
            [.. built.Looks.Select(l => new DueLook(l.On, l.For, looks.FirstOrDefault(s => s.On >= l.On.AddDays(-Early))))]
        );
    }

    private double Years(DateOnly on) => (on.DayNumber - Finished.DayNumber) / DaysOfYear;
}

/// <summary>How long a finish lasts on a ground, from all that was seen of it.</summary>
/// <param name="Finish">The finish.</param>
/// <param name="Ground">Id of the ground.</param>
/// <param name="Outside">In the weather.</param>
/// <param name="Curve">The share still sound against time.</param>
/// <param name="Life">Years to first maintenance, what is usual of the class brought up to date.</param>
public sealed record SystemLife(CoatingClass Finish, string Ground, bool Outside, SurvivalCurve Curve, LifeEstimate Life)
{
    /// <summary>What lasts: each finish on each ground, inside and outside apart, those of which most was seen first. What nobody has looked at since counts for nothing.</summary>
    /// <param name="kept">Finished surfaces.</param>
    public static ImmutableArray<SystemLife> Of(IEnumerable<Kept> kept)
    {
        ArgumentNullException.ThrowIfNull(kept);
        return
        [
            .. kept.Where(k => k.Lasted is not null)
                .GroupBy(k => (k.Finish, k.Surface.Substrate, k.Outside))
                .Select(g => (g.Key, Seen: g.Select(k => k.Lasted!.Value).ToArray(), Usual: g.Key.Outside ? g.Key.Finish.Life.Outside : g.Key.Finish.Life.Inside))
                // A finish that is not made for there has no usual life.
                .Where(g => g.Usual > 0)
                .Select(g => new SystemLife(g.Key.Finish, g.Key.Substrate, g.Key.Outside, SurvivalCurve.Of(g.Seen), LifeEstimate.Of(g.Usual, g.Seen)))
                .OrderByDescending(l => l.Curve.Seen)
                .ThenBy(l => l.Finish.Id, StringComparer.Ordinal)
                .ThenBy(l => l.Ground, StringComparer.Ordinal),
        ];
    }
}
