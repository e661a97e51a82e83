using System.Collections.Frozen;
using System.Collections.Immutable;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces.Catalogue;

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

/// <summary>Column of the recoat matrix: the family of the coat to come.</summary>
public enum CoatFamily : byte
{
    /// <summary>Limewash.</summary>
    Limewash,

    /// <summary>Pure two-part silicate.</summary>
    Silicate,

    /// <summary>Dispersion silicate and sol-silicate.</summary>
    DispersionSilicate,

    /// <summary>Casein and soft distemper.</summary>
    Casein,

    /// <summary>Wall emulsion and thin acrylic sealers.</summary>
    Emulsion,

    /// <summary>Acrylic masonry paint.</summary>
    Masonry,

    /// <summary>Silicone resin facade paint.</summary>
    Siloxane,

    /// <summary>Waterborne enamel, undercoat and primers of that kind.</summary>
    WaterEnamel,

    /// <summary>Alkyd and oil.</summary>
    Alkyd,

    /// <summary>Shellac.</summary>
    Shellac,

    /// <summary>Nitrocellulose lacquer.</summary>
    Nitrocellulose,

    /// <summary>Solventborne two-part epoxy.</summary>
    EpoxySolvent,

    /// <summary>Solventborne two-part polyurethane.</summary>
    PolyurethaneSolvent,

    /// <summary>Waterborne two-part paint.</summary>
    TwoPartWater,

    /// <summary>Bitumen.</summary>
    Bitumen,

    /// <summary>Drying oil and hardwax oil.</summary>
    Oil,

    /// <summary>Waterborne bonding primer.</summary>
    Bonding,

    /// <summary>Penetrating binding sealer and stabiliser.</summary>
    Penetrating,

    /// <summary>Waterborne varnish.</summary>
    WaterVarnish,

    /// <summary>Paste wax.</summary>
    Wax,
}

/// <summary>How a coat fails on a film that it does not suit.</summary>
public enum CoatFailure : byte
{
    /// <summary>It does not.</summary>
    None,

    /// <summary>No adhesion: it peels.</summary>
    Peels,

    /// <summary>Its solvent lifts or wrinkles what is below.</summary>
    Lifts,

    /// <summary>What is below bleeds through.</summary>
    Bleeds,

    /// <summary>Hard over soft: it cracks.</summary>
    Cracks,

    /// <summary>Alkali turns it to soap.</summary>
    Saponifies,

    /// <summary>Moisture is trapped: it blisters.</summary>
    Blisters,

    /// <summary>No mineral bond: it powders.</summary>
    Powders,

    /// <summary>It crawls into islands.</summary>
    Crawls,

    /// <summary>It yellows or changes colour.</summary>
    Yellows,

    /// <summary>It stays tacky.</summary>
    StaysTacky,

    /// <summary>Its pull takes the old layer off.</summary>
    PullsOff,

    /// <summary>The fire protection is lost.</summary>
    FireDutyLost,
}

/// <summary>An existing coating: how it is known and what may follow it. Rub tests: white cloth, 60 s, a hidden spot, gloves; never a flame.</summary>
public sealed record ExistingCoating
{
    /// <summary>Stable id used in files.</summary>
    public required string Id { get; init; }

    /// <summary>The enumeration value.</summary>
    public required Film Value { get; init; }

    /// <summary>What a painter calls it.</summary>
    public required string Title { get; init; }

    /// <summary>When it was in use.</summary>
    public required string Era { get; init; }

    /// <summary>Shiny as laid, so that it needs a key unless worn or abraded.</summary>
    public required bool Shiny { get; init; }

    /// <summary>Dry film per coat, micrometres.</summary>
    public required int MicronsPerCoat { get; init; }

    /// <summary>How to tell it without a flame.</summary>
    public required string Recognise { get; init; }

    /// <summary>What warm water does to it.</summary>
    public required string WarmWater { get; init; }

    /// <summary>What white spirit does to it.</summary>
    public required string WhiteSpirit { get; init; }

    /// <summary>What alcohol does to it.</summary>
    public required string Alcohol { get; init; }

    /// <summary>What acetone or xylene does to it.</summary>
    public required string Ketone { get; init; }

    /// <summary>What it may hold that hurts.</summary>
    public required string Hazards { get; init; }

    /// <summary>What goes over it once it is sound, clean and keyed.</summary>
    public required string Takes { get; init; }

    /// <summary>What must not go over it.</summary>
    public required string Refuses { get; init; }

    /// <summary>How it comes off.</summary>
    public required string Removal { get; init; }

    /// <summary>Where this comes from.</summary>
    public required Source Source { get; init; }

    /// <summary>What a coat of this family asks of the film.</summary>
    public Recoat Under(CoatFamily family) => RecoatMatrix.Of(Value, family).Asks;

    /// <summary>How a coat of this family fails on the film when that is not done.</summary>
    public CoatFailure FailsBy(CoatFamily family) => RecoatMatrix.Of(Value, family).Else;
}

/// <summary>The existing coatings known to the program. One row each, in the catalogue files.</summary>
public static class ExistingCoatings
{
    /// <summary>All of them, in the order of the enumeration after "none".</summary>
    public static ImmutableArray<ExistingCoating> All { get; } = [.. OldAndMineralCoatings.All.Concat(ModernFilmCoatings.All).OrderBy(c => c.Value)];

    /// <summary>All of them, with those that go by a name of their own and behave like one of them.</summary>
    public static ImmutableArray<ExistingCoating> Named { get; } = [.. All, .. KindredCoatings.Of(All)];

    /// <summary>Washes of lime, glue or silicate: so thin that an edge in one is gone under the next coat.</summary>
    public static ImmutableArray<Film> Washes { get; } = [Film.SoftDistemper, Film.Limewash, Film.Casein, Film.Silicate];

    private static readonly FrozenDictionary<string, ExistingCoating> ById = Named.ToFrozenDictionary(c => c.Id);

    /// <summary>The definition of a film; null for bare.</summary>
    public static ExistingCoating? Of(Film film) => film == Film.None ? null : All[(int)film - 1];

    /// <summary>The definition with this id, or null.</summary>
    public static ExistingCoating? Find(string id) => ById.GetValueOrDefault(id);

    /// <summary>Films that a coat of this family may lie on directly, given at most this much preparation.</summary>
    public static Film[] Under(CoatFamily family, Recoat most) => [Film.None, .. All.Where(c => c.Under(family) <= most).Select(c => c.Value)];
}
