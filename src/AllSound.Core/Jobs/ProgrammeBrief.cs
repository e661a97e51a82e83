using System.Collections.Immutable;
using System.ComponentModel.DataAnnotations;

namespace AllSound.Core.Jobs;

/// <summary>What a task is, besides hours of work.</summary>
public enum TaskKind : byte
{
    /// <summary>It makes dust.</summary>
    Dust,

    /// <summary>It leaves a wet film.</summary>
    WetFilm,

    /// <summary>It is done without a break.</summary>
    WholeFace,

    /// <summary>It splashes its neighbours.</summary>
    Splash,

    /// <summary>It is loud.</summary>
    Noisy,

    /// <summary>It is done outside.</summary>
    Outside,

    /// <summary>It is done with heat.</summary>
    Hot,

    /// <summary>It needs power.</summary>
    NeedsPower,
}

/// <summary>How a task bears a pause.</summary>
public enum TaskSplit : byte
{
    /// <summary>It lies between two breaks.</summary>
    Never,

    /// <summary>It goes on after a break or a night, with nothing of its people's between.</summary>
    Pauses,

    /// <summary>It may be done in pieces.</summary>
    Pieces,
}

/// <summary>A day of the week.</summary>
public enum Weekday : byte
{
    /// <summary>Monday.</summary>
    Mon,

    /// <summary>Tuesday.</summary>
    Tue,

    /// <summary>Wednesday.</summary>
    Wed,

    /// <summary>Thursday.</summary>
    Thu,

    /// <summary>Friday.</summary>
    Fri,

    /// <summary>Saturday.</summary>
    Sat,

    /// <summary>Sunday.</summary>
    Sun,
}

/// <summary>How a wait is counted.</summary>
public enum WaitCount : byte
{
    /// <summary>By the clock, nights too, as paint dries.</summary>
    Clock,

    /// <summary>In working hours.</summary>
    Working,
}

/// <summary>What is booked for a date.</summary>
public enum BookingKind : byte
{
    /// <summary>Nobody of ours works there: a holiday, or the place is in use.</summary>
    Closed,

    /// <summary>Another trade is there: nobody of ours works there meanwhile.</summary>
    Trade,

    /// <summary>A consent comes: what waits for it starts no earlier.</summary>
    Consent,

    /// <summary>A delivery comes: what waits for it starts no earlier.</summary>
    Delivery,
}

/// <summary>Working hours by weekday: stretches such as "08:00-12:00"; none for a day off.</summary>
public sealed record WeekHours
{
    private static readonly ImmutableArray<string> Usual = ["08:00-12:00", "12:30-16:30"];

    /// <summary>Monday.</summary>
    public ImmutableArray<string> Mon { get; init; } = Usual;

    /// <summary>Tuesday.</summary>
    public ImmutableArray<string> Tue { get; init; } = Usual;

    /// <summary>Wednesday.</summary>
    public ImmutableArray<string> Wed { get; init; } = Usual;

    /// <summary>Thursday.</summary>
    public ImmutableArray<string> Thu { get; init; } = Usual;

    /// <summary>Friday.</summary>
    public ImmutableArray<string> Fri { get; init; } = Usual;

    /// <summary>Saturday.</summary>
    public ImmutableArray<string> Sat { get; init; } = [];

    /// <summary>Sunday.</summary>
    public ImmutableArray<string> Sun { get; init; } = [];

    /// <summary>The stretches of a day.</summary>
    public ImmutableArray<string> Of(DayOfWeek day) =>
        day switch
        {
            DayOfWeek.Monday => Mon,
            DayOfWeek.Tuesday => Tue,
            DayOfWeek.Wednesday => Wed,
            DayOfWeek.Thursday => Thu,
            DayOfWeek.Friday => Fri,
            DayOfWeek.Saturday => Sat,
            _ => Sun,
        };
}

/// <summary>Somebody who works on the job.</summary>
public sealed record CrewMember
{
    /// <summary>Stable id.</summary>
    public required string Id { get; init; }

    /// <summary>Name as it stands in the programme; null: the id.</summary>
    public string? Title { get; init; }

    /// <summary>What they can do beyond what everybody can.</summary>
    public ImmutableArray<string> Skills { get; init; } = [];

    /// <summary>Days on which they are not there.</summary>
    public ImmutableArray<DateOnly> DaysOff { get; init; } = [];
}

/// <summary>Equipment of which there is only so much.</summary>
public sealed record SiteEquipment
{
    /// <summary>Stable id.</summary>
    public required string Id { get; init; }

    /// <summary>Title; null: the id.</summary>
    public string? Title { get; init; }

    /// <summary>How many there are, 1 to 1,000.</summary>
    public int Count { get; init; } = 1;
}

/// <summary>Equipment that a task holds.</summary>
public sealed record EquipmentUse
{
    /// <summary>Id of the equipment.</summary>
    public required string Id { get; init; }

    /// <summary>How many, 1 to 1,000.</summary>
    public int Count { get; init; } = 1;
}

/// <summary>A task of one's own.</summary>
public sealed record ProgrammeTask
{
    /// <summary>Stable id.</summary>
    public required string Id { get; init; }

    /// <summary>Title; null: the id.</summary>
    public string? Title { get; init; }

    /// <summary>Air space: a room or an elevation of the job, or any name that tasks share; null: none.</summary>
    public string? Space { get; init; }

    /// <summary>Hours of work by the people it takes together on it, 0 to 10,000.</summary>
    public required double Hours { get; init; }

    /// <summary>People it takes, 0 (a machine, another trade) to 20.</summary>
    public int People { get; init; } = 1;

    /// <summary>What each of them has to be able to do.</summary>
    public ImmutableArray<string> Skills { get; init; } = [];

    /// <summary>What it is.</summary>
    public ImmutableArray<TaskKind> Kinds { get; init; } = [];

    /// <summary>Hours for which its film is wet after its end, where it leaves one, 0 to 1,000.</summary>
    public double WetHours { get; init; } = 4;

    /// <summary>Hours for which it must have dried before the building is locked: an opening light; null where that does not matter.</summary>
    public double? ShutHours { get; init; }

    /// <summary>Watts it draws, where it needs power; 0 to 100,000.</summary>
    public int Watts { get; init; }

    /// <summary>Equipment it holds.</summary>
    public ImmutableArray<EquipmentUse> Equipment { get; init; } = [];

    /// <summary>It starts then or later; null: whenever.</summary>
    public DateTime? Earliest { get; init; }

    /// <summary>It has ended by then; null: whenever.</summary>
    public DateTime? Latest { get; init; }

    /// <summary>Hours of the day in which it lies, as "08:00-12:30"; null: all working hours.</summary>
    public string? Window { get; init; }

    /// <summary>Weekdays on which it may be done; empty: all that are worked.</summary>
    public ImmutableArray<Weekday> Days { get; init; } = [];

    /// <summary>How it bears a pause.</summary>
    public TaskSplit Split { get; init; }

    /// <summary>Shortest piece of what is done in pieces, hours, 0.05 to 24.</summary>
    public double LeastPieceHours { get; init; } = 0.5;

    /// <summary>Pinned: it starts just then; null: where it fits best.</summary>
    public DateTime? At { get; init; }

    /// <summary>Stretches in which the weather does not let it be done. It is worked out anew for each plan and is not kept.</summary>
    internal ImmutableArray<(DateTime From, DateTime To)> Closed { get; init; } = [];

    /// <summary>Where it stood before: of equal plans the one that moves fewest is taken; null: nowhere.</summary>
    public DateTime? Planned { get; init; }
}

/// <summary>One task before another.</summary>
public sealed record TaskLink
{
    /// <summary>Id of the earlier.</summary>
    public required string Before { get; init; }

    /// <summary>Id of the later.</summary>
    public required string After { get; init; }

    /// <summary>Hours at least between, 0 to 10,000.</summary>
    public double LeastHours { get; init; }

    /// <summary>Hours at most between; null: any.</summary>
    public double? MostHours { get; init; }

    /// <summary>How the hours are counted.</summary>
    public WaitCount Count { get; init; }

    /// <summary>Counted from the start of the earlier instead of its end.</summary>
    public bool FromStart { get; init; }

    /// <summary>The later starts on the day on which the earlier ends.</summary>
    public bool SameDay { get; init; }

    /// <summary>The later starts on a later day.</summary>
    public bool LaterDay { get; init; }

    /// <summary>What is done between the two where more than the most passes; null: more may not pass.</summary>
    public ProgrammeTask? Otherwise { get; init; }
}

/// <summary>Two tasks that bear each other neither at once nor for a while after.</summary>
public sealed record TaskExclusion
{
    /// <summary>Id of one.</summary>
    public required string First { get; init; }

    /// <summary>Id of the other.</summary>
    public required string Second { get; init; }

    /// <summary>Hours after the end of the first for which the second waits, 0 to 1,000.</summary>
    public double FirstHours { get; init; }

    /// <summary>Hours after the end of the second for which the first waits, 0 to 1,000.</summary>
    public double SecondHours { get; init; }
}

/// <summary>Something booked.</summary>
public sealed record Booking
{
    /// <summary>What.</summary>
    public required string Title { get; init; }

    /// <summary>What kind.</summary>
    public BookingKind Kind { get; init; }

    /// <summary>From when.</summary>
    public required DateTime From { get; init; }

    /// <summary>Until when; null: for the day, and for a consent or delivery no matter.</summary>
    public DateTime? To { get; init; }

    /// <summary>The air space it is about; null: the whole job.</summary>
    public string? Space { get; init; }

    /// <summary>For a consent or delivery the tasks that wait for it; empty: all of its space. For another trade its own tasks, which may be done meanwhile.</summary>
    public ImmutableArray<string> Tasks { get; init; } = [];
}

/// <summary>Who works when, and what else binds the programme.</summary>
public sealed record ProgrammeBrief
{
    /// <summary>When work may begin, local time; null: said when it is asked for.</summary>
    public DateTime? Start { get; init; }

    /// <summary>When everything must be done; null: as soon as can be.</summary>
    public DateTime? Deadline { get; init; }

    /// <summary>Working hours.</summary>
    public WeekHours Hours { get; init; } = new();

    /// <summary>Tasks start at multiples of so many minutes from midnight, 1 to 1,440.</summary>
    public int StepMinutes { get; init; } = 15;

    /// <summary>People; empty: one painter.</summary>
    public ImmutableArray<CrewMember> Crew { get; init; } = [];

    /// <summary>Equipment.</summary>
    public ImmutableArray<SiteEquipment> Equipment { get; init; } = [];

    /// <summary>Watts that the supply gives; null: enough.</summary>
    public int? Watts { get; init; }

    /// <summary>When the building is locked, as "16:30"; null: opening lights may stay open.</summary>
    public string? LockUp { get; init; }

    /// <summary>Hours that dust takes to settle, 0 to 48. Common practice: an hour.</summary>
    public double SettleHours { get; init; } = 1;

    /// <summary>
    /// How bold to be with the weather, 0 to 1: 0 plans work outside only where every way in which the weather may come lets it be done, 1 where
    /// any does. Judgement: seven in ten.
    /// </summary>
    public double Boldness { get; init; } = 0.3;

    /// <summary>Tasks of one's own.</summary>
    [MaxLength(Limits.Tasks)]
    public ImmutableArray<ProgrammeTask> Tasks { get; init; } = [];

    /// <summary>Links between tasks.</summary>
    [MaxLength(Limits.Tasks)]
    public ImmutableArray<TaskLink> Links { get; init; } = [];

    /// <summary>Exclusions between tasks.</summary>
    [MaxLength(Limits.Tasks)]
    public ImmutableArray<TaskExclusion> Exclusions { get; init; } = [];

    /// <summary>What is booked.</summary>
    public ImmutableArray<Booking> Dates { get; init; } = [];
}
