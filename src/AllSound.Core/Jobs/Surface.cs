using System.Collections.Immutable;
using System.ComponentModel.DataAnnotations;
using System.Text.Json.Serialization;
using AllSound.Core.Materials;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Jobs;

/// <summary>One element of one substrate in one condition.</summary>
public sealed record Surface
{
    /// <summary>Stable id, unique in the job.</summary>
    public required string Id { get; init; }

    /// <summary>Title.</summary>
    public required string Title { get; init; }

    /// <summary>Element.</summary>
    public required Element Element { get; init; }

    /// <summary>Id of the substrate; `./allsound substrates` lists them.</summary>
    public required string Substrate { get; init; }

    /// <summary>Year the fabric was put there, where it differs from the building's.</summary>
    public int? Year { get; init; }

    /// <summary>Days since the fabric was put there, 0 to 3,650, where it is young: a skim of six days is not dry.</summary>
    public double? AgeDays { get; init; }

    /// <summary>Inside or outside. Left out of a file: outside on an elevation or a roof slope, inside in a room.</summary>
    public Exposure Exposure { get; init; }

    /// <summary>Id of the wall of the space that it is, or lies on.</summary>
    public string? Wall { get; init; }

    /// <summary>Dimensions, where they do not follow from the space.</summary>
    public Size? Size { get; init; }

    /// <summary>Shape, where it is not the usual one of the element.</summary>
    public Form? Form { get; init; }

    /// <summary>The part of another surface that it is, or null when it is a whole element.</summary>
    public Zone? Zone { get; init; }

    /// <summary>Existing coats from the substrate outward; null when not known, empty when bare.</summary>
    public ImmutableArray<Layer>? Layers { get; init; }

    /// <summary>What is known of the condition. A fact left out is unknown.</summary>
    public Facts Facts { get; init; } = new();

    /// <summary>Signs seen, or looked for and absent.</summary>
    public ImmutableArray<SignSeen> Signs { get; init; } = [];

    /// <summary>Readings taken.</summary>
    [MaxLength(Limits.Readings)]
    public ImmutableArray<Reading> Readings { get; init; } = [];

    /// <summary>What is wanted.</summary>
    public Brief Brief { get; init; } = new();

    /// <summary>A sequence of somebody's own, for the audit; null when there is none.</summary>
    public ImmutableArray<SequenceStep>? Sequence { get; init; }

    /// <summary>What the lines of that sequence say besides its steps.</summary>
    public ImmutableArray<SequenceSaid> Said { get; init; } = [];

    /// <summary>What has been done so far.</summary>
    public ImmutableArray<SequenceStep>? Done { get; init; }

    /// <summary>Id of the option chosen, or null for the first.</summary>
    public string? Choice { get; init; }

    /// <summary>Free notes.</summary>
    [MaxLength(Limits.Notes)]
    public string? Notes { get; init; }
}

/// <summary>Dimensions of a surface.</summary>
public sealed record Size
{
    /// <summary>Length, metres.</summary>
    public double? LengthM { get; init; }

    /// <summary>Height, metres; for narrow work the girth.</summary>
    public double? HeightM { get; init; }

    /// <summary>Net area, square metres, where length and height do not give it.</summary>
    public double? AreaM2 { get; init; }

    /// <summary>Real area over flat area: 1 smooth, 1.1 vee-jointed boarding, up to 3 for slats.</summary>
    public double? Profile { get; init; }
}

/// <summary>Existing coats of one kind.</summary>
public sealed record Layer
{
    /// <summary>Id of the existing coating.</summary>
    public required string Coating { get; init; }

    /// <summary>How many coats, 1 to 60.</summary>
    public int Coats { get; init; } = 1;

    /// <summary>Year laid.</summary>
    public int? Year { get; init; }

    /// <summary>Days since it was laid, 0 to 3,650, where it is young.</summary>
    public double? AgeDays { get; init; }

    /// <summary>Colour in words.</summary>
    public string? Colour { get; init; }

    /// <summary>Luminous reflectance, 0 black to 100 white.</summary>
    public double? Lrv { get; init; }

    /// <summary>Reflectance as given, or by the words for the colour; null where neither says.</summary>
    [JsonIgnore]
    public double? Reflectance => Lrv ?? ColourWords.Lrv(Colour);
}
