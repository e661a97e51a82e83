using AllSound.Core.Surfaces;
using F = AllSound.Core.Surfaces.Facets;

namespace AllSound.Core.Diagnosis;

/// <summary>What causes imply, each said once. What was recorded always stands: an implication only fills what nobody said.</summary>
internal static class Implied
{
    public static readonly Implication FilmSpent = new(
        F.WeakBeneath.Is(Presence.Present),
        f => f with { FilmSpent = f.FilmSpent ?? true },
        "an old film that can carry nothing more"
    );

    public static readonly Implication SoftFilm = new(F.SoftFilm.Is(Presence.Present), f => f with { SoftFilm = f.SoftFilm ?? true }, "a film that is still soft");

    public static readonly Implication Salts = new(F.Salts.Is(Presence.Present), f => f with { Salts = f.Salts ?? true }, "salts in the ground");

    public static readonly Implication WaterComingIn = new(
        F.DampSource.Is(DampSource.Open),
        f => f with { DampSource = f.DampSource ?? DampSource.Open },
        "water that still comes in"
    );

    public static readonly Implication DampWood = new(
        F.Moisture.AtLeast(Moisture.Drying),
        f => f with { Moisture = f.Moisture ?? Moisture.Damp },
        "wood that is not dry"
    );

    public static readonly Implication Alkaline = new(F.Alkalinity.Is(Alkalinity.Mild, Alkalinity.High), f => f with { Ph = f.Ph ?? 12 }, "alkali at the face");

    public static readonly Implication Powdery = new(F.Powder.Is(Powder.Friable), f => f with { Powdery = f.Powdery ?? true }, "a ground that powders");

    public static readonly Implication Greasy = new(F.Soil.Is(Soil.Greasy, Soil.Tarry, Soil.Sooty), f => f with { Soil = f.Soil ?? Soil.Greasy }, "grease on the face");

    public static readonly Implication Tar = new(F.Tar.Is(Bleed.Live, Bleed.Faint), f => f with { Tar = f.Tar ?? true }, "tar that bleeds");

    public static readonly Implication Resin = new(F.Knots.Is(Bleed.Live), f => f with { Knots = f.Knots ?? 3 }, "knots that bleed");

    public static readonly Implication Tannin = new(F.Tannin.Is(Bleed.Live), f => f with { Tannin = f.Tannin ?? true }, "tannin that bleeds");

    public static readonly Implication WaterStain = new(
        F.WaterStain.Is(Bleed.Live, Bleed.Faint),
        f => f with { WaterStainShare = f.WaterStainShare ?? 0.02 },
        "a water stain that bleeds"
    );

    public static readonly Implication Hollow = new(F.Backing.Is(Soundness.Failing), f => f with { Hollow = f.Hollow ?? true }, "plaster that has let go");

    public static readonly Implication Paste = new(F.Residue.Is(Residue.Paste), f => f with { OnFace = f.OnFace ?? OnFace.Paste }, "paste on the face");

    public static readonly Implication Mould = new(F.Mould.Is(Presence.Present), f => f with { Mould = f.Mould ?? true }, "mould");

    public static readonly Implication DampAir = new(
        F.MouldSource.Is(DampSource.Open),
        f => f with { MouldSource = f.MouldSource ?? DampSource.Open },
        "a cold face or wet air that was not put right"
    );

    public static readonly Implication Growth = new(
        F.Mould.Is(Presence.Present),
        f => f with { Mould = f.Mould ?? true, MouldSource = f.MouldSource ?? DampSource.None },
        "growth on the face"
    );

    public static readonly Implication Heat = new(
        F.Heat.AtLeast(Surfaces.Heat.Hot),
        f => f with { ServiceTempC = f.ServiceTempC ?? 90 },
        "heat above what ordinary paint bears"
    );

    public static readonly Implication Moves = new(F.Movement.Is(Soundness.Failing), f => f with { LiveCrack = f.LiveCrack ?? true }, "a crack that still moves");

    public static readonly Implication Cracked = new(F.Fill.Is(Fill.Open), f => f with { FillShare = f.FillShare ?? 0.01 }, "cracks to fill");

    public static readonly Implication Flashing = new(
        F.Fill.Is(Fill.Flush, Fill.Open),
        f => f with { UnprimedFiller = f.UnprimedFiller ?? true },
        "filler that was never primed"
    );

    public static readonly Implication OpenJoint = new(F.Joint.Is(Joint.Open), f => f with { OpenJointM = f.OpenJointM ?? 1 }, "an open joint");

    public static readonly Implication EndGrain = new(
        F.EndGrain.Is(Surfaces.EndGrain.Open),
        f => f with { OpenEndGrain = f.OpenEndGrain ?? true },
        "end grain that drinks"
    );

    public static readonly Implication Decay = new(F.Timber.Is(Soundness.Failing), f => f with { Rot = f.Rot ?? true }, "decay");

    public static readonly Implication Grey = new(
        F.Grey.Is(Presence.Present),
        f => f with { GreyWood = f.GreyWood ?? true, BareShare = f.BareShare ?? 0.1 },
        "grey dead fibre under the film"
    );

    public static readonly Implication SharpEdges = new(F.SharpEdges.Is(Arris.Sharp), f => f with { SharpEdges = f.SharpEdges ?? true }, "sharp edges");

    public static readonly Implication NailHeads = new(F.NailHeads.Is(Bleed.Live), f => f with { RustyNails = f.RustyNails ?? true }, "nail heads that rust");

    public static readonly Implication Rusting = new(F.Rust.Is(Rust.Light, Rust.Heavy, Rust.Scale), f => f with { Rust = f.Rust ?? Rust.Heavy }, "rust under the film");

    public static readonly Implication Silicone = new(F.Silicone.Is(Presence.Present), f => f with { Silicone = f.Silicone ?? true }, "silicone on the face");

    public static readonly Implication Loose = new(F.Loose.Is(Presence.Present), f => f with { LooseShare = f.LooseShare ?? 0.05 }, "film that lets go");

    /// <summary>Film that lets go and goes on letting go however far it is chased.</summary>
    public static readonly Implication LooseThroughout = new(
        F.Loose.Is(Presence.Present),
        f => f with { LooseShare = f.LooseShare ?? 0.25, Edges = f.Edges ?? EdgeNature.Lifting },
        "film that lets go wherever it is tried"
    );

    public static readonly Implication Slippery = new(
        F.Key.Is(Key.Shiny),
        f => f with { Key = f.Key ?? (f.Gloss60 is null ? Key.Shiny : null) },
        "a hard shiny coat without a key"
    );

    public static readonly Implication Rough = new(F.Lumps.Is(Presence.Present), f => f with { Lumps = f.Lumps ?? true }, "wrinkles and runs");

    public static readonly Implication LoosePaper = new(F.Paper.Is(Paper.Failing), f => f with { LoosePaper = f.LoosePaper ?? true }, "paper that lets go");

    public static readonly Implication StillDrying = new(
        F.Moisture.AtLeast(Moisture.Drying),
        f => f with { Moisture = f.Moisture ?? Moisture.Drying },
        "building moisture that has not dried out"
    );

    public static readonly Implication Dye = new(F.Ink.Is(Bleed.Live, Bleed.Faint), f => f with { Ink = f.Ink ?? true }, "colour that bleeds");

    public static readonly Implication Sooty = new(F.Soil.Is(Soil.Sooty, Soil.Tarry), f => f with { Soil = f.Soil ?? Soil.Sooty }, "soot on the face");

    public static readonly Implication Fuzz = new(F.Grey.Is(Presence.Present), f => f with { GreyWood = f.GreyWood ?? true }, "raised fibre");

    public static readonly Implication Fixings = new(F.Fixings.Is(Soundness.Failing), f => f with { LooseFixings = f.LooseFixings ?? true }, "fixings that have moved");
}
