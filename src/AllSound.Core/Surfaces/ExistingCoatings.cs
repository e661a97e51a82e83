using System.Collections.Frozen;
using System.Collections.Immutable;
using AllSound.Core.Sources;

namespace AllSound.Core.Surfaces;

/// <summary>What an old film, aged 28 days or more, sound, clean and dry, asks of the next coat.</summary>
public enum Recoat : byte
{
    /// <summary>Clean only.</summary>
    Clean,

    /// <summary>Clean and key.</summary>
    Key,

    /// <summary>Key, then a bonding primer.</summary>
    Bond,

    /// <summary>An isolating or stabilising sealer first.</summary>
    Isolate,

    /// <summary>Never: take it off first.</summary>
    Never,
}

/// <summary>Column of the recoat table: the family of the coat to come.</summary>
public enum CoatFamily : byte
{
    /// <summary>Wall emulsion and thin acrylic sealers.</summary>
    Emulsion,

    /// <summary>Waterborne enamel, undercoat and primers of that kind.</summary>
    WaterEnamel,

    /// <summary>Alkyd and oil.</summary>
    Alkyd,

    /// <summary>Shellac.</summary>
    Shellac,

    /// <summary>Waterborne bonding primer.</summary>
    Bonding,

    /// <summary>Penetrating binding sealer and stabiliser.</summary>
    Penetrating,
}

/// <summary>An existing coating: how it is known and what may follow it.</summary>
/// <param name="Id">Stable id used in files.</param>
/// <param name="Value">The enumeration value.</param>
/// <param name="Title">What a painter calls it.</param>
/// <param name="Shiny">Shiny as laid, so that it needs a key unless worn or abraded.</param>
/// <param name="MicronsPerCoat">Dry film per coat, micrometres.</param>
/// <param name="Emulsion">Under wall emulsion.</param>
/// <param name="WaterEnamel">Under waterborne enamel.</param>
/// <param name="Alkyd">Under alkyd.</param>
/// <param name="Shellac">Under shellac.</param>
/// <param name="Recognise">How to tell it without a flame.</param>
/// <param name="Source">Where this comes from.</param>
public sealed record ExistingCoating(
    string Id,
    Film Value,
    string Title,
    bool Shiny,
    int MicronsPerCoat,
    Recoat Emulsion,
    Recoat WaterEnamel,
    Recoat Alkyd,
    Recoat Shellac,
    string Recognise,
    Source Source
)
{
    /// <summary>What a coat of this family asks of the film.</summary>
    public Recoat Under(CoatFamily family) =>
        family switch
        {
            CoatFamily.Emulsion => Emulsion,
            CoatFamily.WaterEnamel => WaterEnamel,
            CoatFamily.Alkyd => Alkyd,
            CoatFamily.Shellac => Shellac,
            // A bonding primer is the answer to "bond"; it still wants a key.
            CoatFamily.Bonding => WaterEnamel == Recoat.Bond ? Recoat.Key : WaterEnamel,
            // A penetrating sealer is the answer to "isolate".
            CoatFamily.Penetrating => Emulsion == Recoat.Isolate ? Recoat.Clean : Emulsion,
            _ => throw new ArgumentOutOfRangeException(nameof(family)),
        };
}

/// <summary>The existing coatings known to the program. One row each.</summary>
public static class ExistingCoatings
{
    private const Recoat C = Recoat.Clean;
    private const Recoat K = Recoat.Key;
    private const Recoat B = Recoat.Bond;
    private const Recoat S = Recoat.Isolate;
    private const Recoat N = Recoat.Never;

    /// <summary>All of them, in the order of the enumeration after "none".</summary>
    public static ImmutableArray<ExistingCoating> All { get; } =
    [
        new("distemper_soft", Film.SoftDistemper, "soft distemper", false, 60, N, N, N, N, "dead flat; smears to paste under a warm wet cloth", Source.Practice),
        new("distemper_oil", Film.OilDistemper, "oil-bound distemper", false, 40, S, S, S, S, "flat, chalky; softens slowly in warm water", Source.Practice),
        new("casein", Film.Casein, "casein paint", false, 40, S, S, S, S, "flat and firm; alkali softens it", Source.Usual),
        new("limewash", Film.Limewash, "limewash", false, 20, S, N, N, N, "thin crisp scales; powders but does not smear", Source.Usual),
        new("silicate", Film.Silicate, "silicate paint", false, 60, K, B, N, N, "mineral, no film edge; nothing dissolves it", Source.Usual),
        new("oil_lead", Film.OilLead, "old oil or lead paint", true, 45, B, B, K, K, "heavy, brittle, brush-ropy; many layers on scrape-back", Source.Practice),
        new("alkyd_gloss", Film.AlkydGloss, "alkyd gloss", true, 38, B, B, K, K, "hard, glossy, yellow where pictures hung", Source.Practice),
        new("emul_matt", Film.EmulsionMatt, "matt emulsion", false, 25, C, K, K, K, "flat; alcohol softens it in a minute", Source.Practice),
        new("emul_silk", Film.EmulsionSilk, "silk emulsion", true, 28, K, K, K, K, "low sheen, rubbery; stretches when peeled", Source.Practice),
        new("masonry_ac", Film.MasonryAcrylic, "acrylic masonry paint", false, 55, C, K, N, K, "matt, thick, holds dirt; chalk on the palm", Source.Practice),
        new("enamel_wb", Film.EnamelWater, "waterborne enamel", true, 30, B, K, K, K, "not yellowed; thumb-nail marks it when warm", Source.Usual),
        new("varnish", Film.Varnish, "varnish", true, 32, B, B, K, K, "clear amber; flakes clear", Source.Practice),
        new("shellac", Film.Shellac, "shellac or French polish", true, 15, K, K, K, C, "alcohol spot goes sticky at once", Source.Usual),
        new("nitro", Film.Nitrocellulose, "nitrocellulose lacquer", true, 25, B, B, K, K, "acetone dissolves it in ten seconds", Source.Usual),
        new("woodstain", Film.Woodstain, "woodstain", false, 12, B, B, K, K, "grain shows; erodes, does not peel", Source.Usual),
        new("wax", Film.Wax, "wax polish", true, 5, N, N, N, N, "white spirit dirties the cloth; nail marks it", Source.Practice),
        new("oil_finish", Film.Oil, "drying oil finish", false, 10, S, S, K, K, "in the grain, low build", Source.Usual),
        new("bitumen", Film.Bitumen, "bitumen or tar", true, 50, S, S, N, K, "white spirit cloth turns brown", Source.Practice),
        new(
            "texture",
            Film.Texture,
            "textured coating, unpainted",
            false,
            2000,
            S,
            S,
            S,
            S,
            "stipple or swirl, scores white",
            Source.Standard("HSG 210", Confidence.Usual)
        ),
        new("intumescent", Film.Intumescent, "intumescent fire coating", true, 1000, N, N, N, N, "thick, on steel or escape routes; records", Source.Practice),
    ];

    private static readonly FrozenDictionary<string, ExistingCoating> ById = All.ToFrozenDictionary(c => c.Id);

    /// <summary>The definition of a film; null for bare.</summary>
    public static ExistingCoating? Of(Film film) => film == Film.None ? null : All[(int)film - 1];

    /// <summary>The definition with this id, or null.</summary>
    public static ExistingCoating? Find(string id) => ById.GetValueOrDefault(id);

    /// <summary>Films that a coat of this family may lie on directly, given at most this much preparation.</summary>
    public static Film[] Under(CoatFamily family, Recoat most) => [Film.None, .. All.Where(c => c.Under(family) <= most).Select(c => c.Value)];
}
