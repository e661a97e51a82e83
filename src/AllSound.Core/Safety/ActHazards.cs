using AllSound.Core.Materials;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Safety;

/// <summary>What acts give off or do that can hurt: asked by the register of hazards and by the safety of a step alike.</summary>
internal static class ActHazards
{
    /// <summary>Disturbs old paint: everything does that only works where lead is absent or controlled.</summary>
    public static bool DisturbsPaint(this Act act) => act.Needs.Contains(SiteNeeds.LeadControlled) || act.Needs.Contains(SiteNeeds.LeadAbsent);

    /// <summary>Leaves dust.</summary>
    public static bool MakesDust(this Act act) => act.Operation.Gives.Any(e => e.Facet == Facets.Dust && e.Value == (byte)Presence.Present);

    /// <summary>Fills the air with dust, though none be left on the face: whoever does it wears a dust mask.</summary>
    public static bool RaisesDust(this Act act) =>
        act.MakesDust() || (act.Operation.Role == CoatRole.None && act.Operation.Protection.Any(p => p.StartsWith("mask FFP", StringComparison.Ordinal)));

    /// <summary>The dust of such a ground holds silica.</summary>
    public static bool HoldsSilica(Substrate substrate) =>
        Substrates.Of(substrate).Family == SubstrateFamily.Masonry || substrate is Substrate.TileGlazed or Substrate.TileUnglazed;

    /// <summary>Its product gives off solvent or alcohol.</summary>
    public static bool HasSolvent(this Act act) => act.Product is { Carrier: Carrier.Spirit or Carrier.Alcohol or Carrier.Strong };

    /// <summary>Rags with it can catch fire by themselves.</summary>
    public static bool LeavesOilyRags(this Act act) => act.Product is { Clear: true, Carrier: not Carrier.Water } || act.Product?.Cover is Cover.Oil or Cover.Linseed;

    /// <summary>Wets the face.</summary>
    public static bool Wets(this Act act) => act.Leaves is { Clock: Drying.Wash } && act.Operation.Extent != Extent.Once;
}
