using System.Collections.Immutable;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Inspection;

/// <summary>A sign that a reading or an outcome shows, or shows not to be there.</summary>
/// <param name="Sign">Id of the sign.</param>
/// <param name="Present">Shown, or shown absent.</param>
public readonly record struct Shown(string Sign, bool Present);

/// <summary>One way a check can come out.</summary>
/// <param name="Id">Stable id, unique in the check.</param>
/// <param name="Title">In words: "it keeps lifting".</param>
/// <param name="Share">How likely before it is made, 0 to 1; judgement.</param>
/// <param name="Apply">The facts if it comes out so.</param>
/// <param name="Signs">Signs that it shows.</param>
public sealed record Outcome(string Id, string Title, double Share, Func<Facts, Facts> Apply, ImmutableArray<Shown> Signs)
{
    /// <summary>True when it finds nothing of what the check looks for, so that "no ..." may mean it.</summary>
    public bool FindsNone { get; init; } = !Signs.IsEmpty && Signs.All(s => !s.Present);

    /// <summary>An outcome that finds nothing of what the check looks for; the parameters are those of <see cref="Of"/>.</summary>
    public static Outcome None(string id, string title, double share, Func<Facts, Facts>? apply = null, params ReadOnlySpan<string> signs) =>
        Of(id, title, share, apply, signs) with
        {
            FindsNone = true,
        };

    /// <summary>An outcome.</summary>
    /// <param name="id">Stable id.</param>
    /// <param name="title">In words.</param>
    /// <param name="share">How likely, 0 to 1.</param>
    /// <param name="apply">The facts if so; null when it says nothing outright.</param>
    /// <param name="signs">Ids of signs that it shows; with "!" before the id, shows absent.</param>
    public static Outcome Of(string id, string title, double share, Func<Facts, Facts>? apply = null, params ReadOnlySpan<string> signs)
    {
        var shown = ImmutableArray.CreateBuilder<Shown>();
        foreach (var sign in signs)
        {
            shown.Add(sign[0] == '!' ? new Shown(sign[1..], false) : new Shown(sign, true));
        }

        return new Outcome(id, title, share, apply ?? (f => f), shown.ToImmutable());
    }
}

/// <summary>From a reading to a sign: on one side of a value it is there, on the other side of another it is not; between the two the reading says nothing.</summary>
/// <param name="Sign">Id of the sign.</param>
/// <param name="From">Reading from which the sign counts as seen.</param>
/// <param name="Clear">Reading short of which it counts as looked for and absent.</param>
/// <param name="Below">True when the sign shows under <paramref name="From"/>, not at and over it.</param>
public readonly record struct Threshold(string Sign, double From, double Clear, bool Below = false)
{
    /// <summary>What a reading shows, or null when it says nothing.</summary>
    public Shown? Of(double reading) =>
        Below
            ? reading < From
                ? new Shown(Sign, true)
                : reading >= Clear
                    ? new Shown(Sign, false)
                    : null
            : reading >= From
                ? new Shown(Sign, true)
                : reading < Clear
                    ? new Shown(Sign, false)
                    : null;
}

/// <summary>Another unit in which a reading may be taken.</summary>
/// <param name="Unit">The unit.</param>
/// <param name="Scale">The check's unit is this times the reading, plus <paramref name="Offset"/>.</param>
/// <param name="Offset">Added after scaling.</param>
public readonly record struct OtherUnit(string Unit, double Scale, double Offset = 0)
{
    /// <summary>Degrees Fahrenheit for a check in degrees Celsius.</summary>
    public static OtherUnit Fahrenheit { get; } = new("F", 5.0 / 9, -160.0 / 9);
}

/// <summary>A test that can be made on site or by a laboratory.</summary>
public sealed record Check
{
    /// <summary>Stable id.</summary>
    public required string Id { get; init; }

    /// <summary>What it settles.</summary>
    public required string Title { get; init; }

    /// <summary>Tools.</summary>
    public required string Tools { get; init; }

    /// <summary>How to do it.</summary>
    public required string Do { get; init; }

    /// <summary>Minutes of work.</summary>
    public required double Minutes { get; init; }

    /// <summary>Hours until the result is there, besides the work.</summary>
    public double WaitHours { get; init; }

    /// <summary>Cost beyond the minutes, order of magnitude in the job's currency; the instrument is taken to be in the bag.</summary>
    public double Cost { get; init; }

    /// <summary>Damage: 0 none, 1 a coin, 2 a patch, 3 a sample.</summary>
    public int Damage { get; init; }

    /// <summary>Hazard of making it, in words; null when none.</summary>
    public string? Hazard { get; init; }

    /// <summary>Unit of a reading; null when it is judged, not read.</summary>
    public string? Unit { get; init; }

    /// <summary>Range that a reading can have, in <see cref="Unit"/>.</summary>
    public (double Least, double Most) Range { get; init; }

    /// <summary>Range in which a reading is usual; outside it is taken, and doubted.</summary>
    public (double Least, double Most)? Usual { get; init; }

    /// <summary>Other units in which it may be read.</summary>
    public ImmutableArray<OtherUnit> OtherUnits { get; init; } = [];

    /// <summary>Facets that it settles.</summary>
    public ImmutableArray<Facet> Settles { get; init; } = [];

    /// <summary>A safety gate: comes before everything else and does not compete.</summary>
    public bool Gate { get; init; }

    /// <summary>Substrate families that it can be made on; empty for any.</summary>
    public ImmutableArray<SubstrateFamily> Grounds { get; init; } = [];

    /// <summary>Its outcomes.</summary>
    public ImmutableArray<Outcome> Outcomes { get; init; } = [];

    /// <summary>What a reading says about the facts.</summary>
    public Func<Facts, double, Facts>? Read { get; init; }

    /// <summary>What a reading shows.</summary>
    public ImmutableArray<Threshold> Shows { get; init; } = [];

    /// <summary>Id of the scale by which a reading is graded, or null.</summary>
    public string? Scale { get; init; }

    /// <summary>Pass limits, in words.</summary>
    public required string Limits { get; init; }

    /// <summary>When to make it again, or null when once is enough.</summary>
    public string? Again { get; init; }

    /// <summary>Where it comes from.</summary>
    public required Source Source { get; init; }

    /// <summary>Can it be made on this ground?</summary>
    public bool Suits(SubstrateFamily family) => Grounds.IsEmpty || Grounds.Contains(family);

    /// <summary>A reading in the check's own unit, or null when the unit is not one it knows.</summary>
    public double? InOwnUnit(double value, string? unit)
    {
        if (unit is null || unit == Unit)
        {
            return value;
        }

        foreach (var other in OtherUnits)
        {
            if (other.Unit == unit)
            {
                return (value * other.Scale) + other.Offset;
            }
        }

        return null;
    }

    /// <summary>The outcome with this id, or null.</summary>
    public Outcome? Find(string outcome) => Outcomes.FirstOrDefault(o => o.Id == outcome);
}
