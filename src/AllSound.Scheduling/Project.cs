using System.Collections.Immutable;

namespace AllSound.Scheduling;

/// <summary>How an activity bears a pause.</summary>
public enum Pausing : byte
{
    /// <summary>It lies in one opening of its timetable.</summary>
    Never,

    /// <summary>It goes on over closed hours, and keeps what it uses meanwhile.</summary>
    WhileClosed,

    /// <summary>It may be done in pieces, with other work between.</summary>
    InPieces,
}

/// <summary>How the days of two linked activities stand to each other.</summary>
public enum DayRule : byte
{
    /// <summary>As it comes.</summary>
    Any,

    /// <summary>The later starts on the day on which the earlier ends.</summary>
    Same,

    /// <summary>The later starts on a later day.</summary>
    Later,
}

/// <summary>So much of a resource.</summary>
/// <param name="Resource">Id of the resource.</param>
/// <param name="Amount">How much, 1 or more.</param>
public sealed record Demand(string Resource, int Amount);

/// <summary>Work that takes time.</summary>
public sealed record Activity
{
    /// <summary>Id, unique in the project.</summary>
    public required string Id { get; init; }

    /// <summary>Ticks of work, 0 or more.</summary>
    public required int Duration { get; init; }

    /// <summary>When it may go on; null: at any time.</summary>
    public Timetable? Hours { get; init; }

    /// <summary>How it bears a pause.</summary>
    public Pausing Pausing { get; init; }

    /// <summary>Shortest piece of work done in pieces, 1 or more; a shorter rest is one piece.</summary>
    public int LeastPiece { get; init; } = 1;

    /// <summary>It starts at this tick or later.</summary>
    public int Earliest { get; init; }

    /// <summary>It has ended by this tick; null: whenever.</summary>
    public int? Latest { get; init; }

    /// <summary>It starts at a multiple of so many ticks, 1 or more.</summary>
    public int Grid { get; init; } = 1;

    /// <summary>People it takes, 0 or more.</summary>
    public int People { get; init; } = 1;

    /// <summary>What each of them has to be able to do; empty: anybody.</summary>
    public ImmutableArray<string> Skills { get; init; } = [];

    /// <summary>Resources it holds from its start to its end.</summary>
    public ImmutableArray<Demand> Demands { get; init; } = [];

    /// <summary>What it belongs to: of schedules that finish alike, that one is better whose groups are ended sooner. Null: nothing.</summary>
    public string? Group { get; init; }

    /// <summary>It is done only where a link that names it is past its latest; not together with <see cref="Pausing.WhileClosed"/> or <see cref="Pausing.InPieces"/>.</summary>
    public bool OnlyIfLate { get; init; }

    /// <summary>Where it is to start if it can; null: nowhere in particular. Fewest are moved, after the finish.</summary>
    public int? Wanted { get; init; }
}

/// <summary>One activity before another.</summary>
/// <param name="Before">Id of the earlier.</param>
/// <param name="After">Id of the later.</param>
/// <param name="Least">Ticks at least between; below 0: they may overlap.</param>
/// <param name="Most">Ticks at most between; null: any.</param>
/// <param name="FromStart">Counted from the start of the earlier instead of its end.</param>
/// <param name="Working">Counted in open ticks of the project's hours.</param>
/// <param name="Day">How their days stand.</param>
/// <param name="Otherwise">Id of an activity that is done between the two where more than the most passes; null: more may not pass.</param>
public sealed record Link(
    string Before,
    string After,
    int Least = 0,
    int? Most = null,
    bool FromStart = false,
    bool Working = false,
    DayRule Day = DayRule.Any,
    string? Otherwise = null
);

/// <summary>Two activities that bear each other neither at once nor for a while after.</summary>
/// <param name="First">Id of one.</param>
/// <param name="FirstTail">Ticks after its end for which the other has to wait.</param>
/// <param name="Second">Id of the other.</param>
/// <param name="SecondTail">Ticks after its end for which the first has to wait.</param>
public sealed record Exclusion(string First, int FirstTail, string Second, int SecondTail);

/// <summary>Something of which there is only so much.</summary>
/// <param name="Id">Id.</param>
/// <param name="Capacity">How much, 0 or more.</param>
public sealed record Resource(string Id, int Capacity);

/// <summary>Somebody who works.</summary>
/// <param name="Id">Id.</param>
/// <param name="Skills">What they can do.</param>
/// <param name="Away">When they are not there; null: never away.</param>
public sealed record Worker(string Id, ImmutableArray<string> Skills, Timetable? Away = null);

/// <summary>Activities and what binds them. Ticks are of any length, the same throughout; tick 0 is the first midnight.</summary>
public sealed record Project
{
    /// <summary>Activities.</summary>
    public required ImmutableArray<Activity> Activities { get; init; }

    /// <summary>Links.</summary>
    public ImmutableArray<Link> Links { get; init; } = [];

    /// <summary>Exclusions.</summary>
    public ImmutableArray<Exclusion> Exclusions { get; init; } = [];

    /// <summary>Resources.</summary>
    public ImmutableArray<Resource> Resources { get; init; } = [];

    /// <summary>People.</summary>
    public ImmutableArray<Worker> Workers { get; init; } = [];

    /// <summary>Hours in which links that count open ticks count; null: all.</summary>
    public Timetable? Hours { get; init; }

    /// <summary>Ticks of a day.</summary>
    public int Day { get; init; } = 1440;

    /// <summary>Nothing ends after this tick.</summary>
    public required int Horizon { get; init; }
}

/// <summary>A piece of an activity.</summary>
/// <param name="From">Its first tick.</param>
/// <param name="To">One after its last.</param>
/// <param name="Crew">Ids of who does it.</param>
public sealed record Piece(int From, int To, ImmutableArray<string> Crew);

/// <summary>When an activity is done.</summary>
/// <param name="Activity">Which.</param>
/// <param name="Pieces">Its pieces in ascending order; one unless it was split.</param>
public sealed record Placed(Activity Activity, ImmutableArray<Piece> Pieces)
{
    /// <summary>When it starts.</summary>
    public int Start => Pieces[0].From;

    /// <summary>When it has ended.</summary>
    public int End => Pieces[^1].To;
}

/// <summary>What is best in a schedule.</summary>
public enum Aim : byte
{
    /// <summary>The earliest finish; of those the fewest moved, then each group ended soon, then everything as early as it can be.</summary>
    Finish,

    /// <summary>The latest first start; of those everything as late as it can be.</summary>
    LatestStart,
}

/// <summary>How a schedule came about.</summary>
public enum Outcome : byte
{
    /// <summary>Proved best.</summary>
    Best,

    /// <summary>It keeps every rule; not proved best.</summary>
    Legal,

    /// <summary>Proved that there is none.</summary>
    None,

    /// <summary>None was found in the time given.</summary>
    Unknown,
}

/// <summary>A schedule.</summary>
/// <param name="Outcome">How it came about.</param>
/// <param name="Placed">When each activity is done, in the order of the project, without those that need not be; empty when there is none.</param>
/// <param name="Finish">When the last has ended.</param>
/// <param name="Bound">No schedule finishes earlier; for the latest start none starts later.</param>
public sealed record Schedule(Outcome Outcome, ImmutableArray<Placed> Placed, int Finish, int Bound)
{
    /// <summary>When the first starts.</summary>
    public int Start => Placed.IsEmpty ? 0 : Placed.Min(p => p.Start);
}
