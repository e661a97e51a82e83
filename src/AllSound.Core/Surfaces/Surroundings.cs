namespace AllSound.Core.Surfaces;

/// <summary>
/// What is about a whole room, elevation or building: said once, it holds for every surface in it that does not say otherwise. Null is unknown.
/// The members mean what those of the same name in <see cref="Facts"/> mean.
/// </summary>
public sealed record Surroundings
{
    /// <summary>Children, pregnant women, or old or ill people use the place.</summary>
    public bool? Vulnerable { get; init; }

    /// <summary>Pilot lights, stoves, heaters, hot lamps or motors that may spark in the space.</summary>
    public bool? Flames { get; init; }

    /// <summary>The room must stay shut while the work dries.</summary>
    public bool? Shut { get; init; }

    /// <summary>A generator, a flueless heater or another engine burns in the space.</summary>
    public bool? Fumes { get; init; }

    /// <summary>People pass or work below.</summary>
    public bool? PeopleBelow { get; init; }

    /// <summary>Somebody works there alone.</summary>
    public bool? Alone { get; init; }

    /// <summary>Overhead lines within reach of a ladder, a pole or a tower.</summary>
    public bool? OverheadLines { get; init; }

    /// <summary>A tank, pit, duct or void: bad air, one narrow way out.</summary>
    public bool? Confined { get; init; }

    /// <summary>Somebody is unwell from the work, or was hurt by it.</summary>
    public bool? Unwell { get; init; }

    /// <summary>Nests of birds, or bats, in or at it.</summary>
    public bool? Nests { get; init; }

    /// <summary>What runs off reaches a garden, a pond, a river or a surface drain.</summary>
    public bool? RunOff { get; init; }

    /// <summary>People live or work in the space while the work goes on.</summary>
    public bool? Occupied { get; init; }

    /// <summary>Power on site.</summary>
    public bool? Power { get; init; }

    /// <summary>Water on site.</summary>
    public bool? Water { get; init; }

    /// <summary>Carpet or another floor that cannot be wetted.</summary>
    public bool? CarpetNear { get; init; }

    /// <summary>Animals live in the space.</summary>
    public bool? Pets { get; init; }

    /// <summary>The public has to pass through it or close by.</summary>
    public bool? PublicNear { get; init; }

    /// <summary>Facts of a surface with what they leave open taken from here.</summary>
    /// <param name="facts">The facts as recorded.</param>
    public Facts Around(Facts facts)
    {
        ArgumentNullException.ThrowIfNull(facts);
        return facts with
        {
            Vulnerable = facts.Vulnerable ?? Vulnerable,
            Flames = facts.Flames ?? Flames,
            Shut = facts.Shut ?? Shut,
            Fumes = facts.Fumes ?? Fumes,
            PeopleBelow = facts.PeopleBelow ?? PeopleBelow,
            Alone = facts.Alone ?? Alone,
            OverheadLines = facts.OverheadLines ?? OverheadLines,
            Confined = facts.Confined ?? Confined,
            Unwell = facts.Unwell ?? Unwell,
            Nests = facts.Nests ?? Nests,
            RunOff = facts.RunOff ?? RunOff,
            Occupied = facts.Occupied ?? Occupied,
            Power = facts.Power ?? Power,
            Water = facts.Water ?? Water,
            CarpetNear = facts.CarpetNear ?? CarpetNear,
            Pets = facts.Pets ?? Pets,
            PublicNear = facts.PublicNear ?? PublicNear,
        };
    }
}
