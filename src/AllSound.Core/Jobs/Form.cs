namespace AllSound.Core.Jobs;

/// <summary>The shape of an element, from which its real area follows. What is left out is taken as usual for the kind.</summary>
public sealed record Form
{
    /// <summary>Id of the kind; `./allsound forms` lists them.</summary>
    public required string Kind { get; init; }

    /// <summary>Depth of the profile, millimetres.</summary>
    public double? DepthMm { get; init; }

    /// <summary>Pitch of the profile, millimetres.</summary>
    public double? PitchMm { get; init; }

    /// <summary>Diameter, millimetres.</summary>
    public double? DiameterMm { get; init; }

    /// <summary>Panes of glass.</summary>
    public int? Lights { get; init; }

    /// <summary>How many alike, 1 to 1,000: doors, radiators, treads, pipes. The size is that of one.</summary>
    public int? Count { get; init; }

    /// <summary>Sides coated, 1 or 2.</summary>
    public int? Sides { get; init; }
}

/// <summary>A part of an element that is in another condition and wants other work. It is a surface of its own.</summary>
public sealed record Zone
{
    /// <summary>Id of the surface that it is part of, in the same space.</summary>
    public required string Of { get; init; }

    /// <summary>Distance of its left edge from the element's left end, metres.</summary>
    public double LeftM { get; init; }

    /// <summary>Height of its lower edge above the element's lower edge, metres; 0 on narrow work.</summary>
    public double BottomM { get; init; }

    /// <summary>Width, metres.</summary>
    public required double WidthM { get; init; }

    /// <summary>Height, metres; on narrow work the girth is taken.</summary>
    public required double HeightM { get; init; }
}
