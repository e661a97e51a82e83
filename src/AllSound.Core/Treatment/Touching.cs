using AllSound.Core.Surfaces;
using F = AllSound.Core.Surfaces.Facets;

namespace AllSound.Core.Treatment;

/// <summary>What everything done to the face itself needs and does, whatever the operation.</summary>
internal static class Touching
{
    /// <summary>Hours that bared iron and steel may stand before its first coat. Common practice (ISO 12944-7, from memory).</summary>
    public const double BareMetalHours = 4;

    private static readonly Need[] AtTheFace = [SiteNeeds.FootingSafe, SiteNeeds.WiringSound, SiteNeeds.ConsentGiven];

    /// <summary>
    /// Reach and leave to touch, for all that is done at the face; and nothing that strips, scrapes or abrades where
    /// asbestos is suspected, whatever it is made for.
    /// </summary>
    public static IEnumerable<Need> Needs(Operation operation)
    {
        var abrades = operation.Group is Group.Strip or Group.Loosen or Group.Abrade;
        var touches = abrades || operation.Needs.Contains(SiteNeeds.AccessSafe) || operation.Role != CoatRole.None;
        return [.. touches ? AtTheFace : [], .. abrades ? [SiteNeeds.AsbestosAbsent] : Array.Empty<Need>()];
    }

    /// <summary>Prepared metal rusts again while something else dries on it longer than a shift, or under wash water.</summary>
    public static IEnumerable<Effect> Effects(Operation operation, Wait? leaves)
    {
        var wets = leaves is { Clock: Drying.Wash };
        if (leaves is null)
        {
            yield break;
        }

        if ((wets || leaves.Advised > BareMetalHours) && !Coating.SealsBare(operation))
        {
            foreach (var effect in FlashRust)
            {
                yield return effect;
            }
        }
    }

    /// <summary>Hours that a coat ready for the next may stand in the weather before it has to be washed again. Judgement.</summary>
    public const double ExposedHours = 24;

    /// <summary>What days in the open do to a coat that waits for the next.</summary>
    internal static readonly Effect[] Soiling = [Effect.Set(F.Soil, Soil.Light, F.Exposure.Is(Exposure.Outside), F.Cover.IsNot(Cover.None), F.Soil.Is(Soil.Clean))];

    /// <summary>What a night does to prepared bare iron and steel.</summary>
    internal static readonly Effect[] FlashRust =
    [
        Effect.Set(F.Rust, Rust.Light, F.Prep.IsNot(Prep.None), F.Bare.Is(Bare.Raw), F.Substrate.Is(Substrates.Family(SubstrateFamily.Ferrous))),
        Effect.Set(F.Prep, Prep.None, F.Bare.Is(Bare.Raw), F.Substrate.Is(Substrates.Family(SubstrateFamily.Ferrous))),
    ];
}
