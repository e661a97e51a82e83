using AllSound.Core.Surfaces;
using F = AllSound.Core.Surfaces.Facets;

namespace AllSound.Core.Treatment;

/// <summary>What everything done to the face itself needs and does, whatever the operation.</summary>
internal static class Touching
{
    private static readonly Need[] AtTheFace =
    [
        SiteNeeds.FootingSafe,
        SiteNeeds.WiringSound,
        SiteNeeds.ConsentGiven,
        PlaceNeeds.NothingFalls,
        PlaceNeeds.NestsGone,
        PlaceNeeds.MouldFew,
        PlaceNeeds.LinesClear,
        PlaceNeeds.AirProved,
        PlaceNeeds.NobodyUnwell,
        PlaceNeeds.NoGas,
        PlaceNeeds.WaterSafe,
    ];

    /// <summary>
    /// Reach and leave to touch, for all that is done at the face; and nothing that strips, scrapes or abrades where
    /// asbestos is suspected, whatever it is made for.
    /// </summary>
    public static IEnumerable<Need> Needs(Operation operation)
    {
        var abrades = operation.Group is Group.Strip or Group.Loosen or Group.Abrade;
        var touches = abrades || operation.Needs.Contains(SiteNeeds.AccessSafe) || operation.Role != CoatRole.None;

        // What chemistry does on a face that another chemical is still on, nobody can tell, and dust of it is breathed: it is rinsed first.
        var chemical =
            abrades
            || operation.Group is Group.Clean
            || operation.Gives.Any(e => e.Facet == F.Residue && e.Value != (byte)Residue.None)
            || operation.Uses.Any(u => u.Sundry == Materials.Sundries.Biocide);
        return
        [
            .. touches ? AtTheFace : [],
            .. abrades ? [SiteNeeds.AsbestosAbsent] : Array.Empty<Need>(),
            .. operation.Group is Group.Abrade ? [FabricNeeds.FilmHard] : Array.Empty<Need>(),
            .. operation.Group is Group.Strip ? [PlaceNeeds.RatingKept] : Array.Empty<Need>(),
            .. chemical ? [GroundNeeds.ResidueOut] : Array.Empty<Need>(),
        ];
    }

    /// <summary>Prepared metal rusts again while something else dries on it longer than a shift, or under wash water.</summary>
    public static IEnumerable<Effect> Effects(Operation operation, Wait? leaves)
    {
        // What prepares metal wet has it dried with a rag at once, or it would prepare nothing.
        var wets = leaves is { Clock: Drying.Wash } && !operation.Waterless && !operation.Gives.Any(e => e.Facet == F.Prep && e.Value != (byte)Prep.None);
        if (leaves is null)
        {
            yield break;
        }

        if ((wets || leaves.Advised > Weathering.BareMetalHours) && !Coating.SealsBare(operation))
        {
            foreach (var effect in Weathering.FlashRust)
            {
                yield return effect;
            }
        }
    }
}
