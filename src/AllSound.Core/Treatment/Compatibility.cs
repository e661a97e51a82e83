using System.Collections.Frozen;
using System.Runtime.CompilerServices;
using AllSound.Core.Materials;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using F = AllSound.Core.Surfaces.Facets;

namespace AllSound.Core.Treatment;

/// <summary>Needs that follow from the recoat table and from what each product class may follow.</summary>
public static class Compatibility
{
    static Compatibility()
    {
        // The needs of Needs come first, so that indexes do not hang on who asks first.
        RuntimeHelpers.RunClassConstructor(typeof(Needs).TypeHandle);
        RecoatTable = Source.Usual;
        ByFamily = DefineFamilies();
        CoverByProduct = DefineCovers();
        UndercoatByProduct = DefineUndercoats();
        BreathesByProduct = DefineBreathing();
    }

    private static readonly Source RecoatTable;
    private static readonly FrozenDictionary<CoatFamily, (Need Takes, Need Keyed)> ByFamily;
    private static readonly FrozenDictionary<string, Need> CoverByProduct;
    private static readonly FrozenDictionary<string, Need> UndercoatByProduct;
    private static readonly FrozenDictionary<string, Need> BreathesByProduct;

    /// <summary>The old film takes a coat of this family at all.</summary>
    public static Need FilmTakes(CoatFamily family) => ByFamily[family].Takes;

    /// <summary>The old film is keyed as far as a coat of this family asks.</summary>
    public static Need FilmKeyed(CoatFamily family) => ByFamily[family].Keyed;

    /// <summary>The last coat of this job is one that the product may follow. Clear sealers are laid as spots and have no such need.</summary>
    public static Need Follows(CoatingClass product) => CoverByProduct[product.Id];

    /// <summary>The wall may go on breathing through the product, or null when every ground bears it.</summary>
    public static Need? Breathes(CoatingClass product) => BreathesByProduct.GetValueOrDefault(product.Id);

    /// <summary>The undercoat that a full gloss wants, or null when the product wants none.</summary>
    public static Need? Undercoated(CoatingClass product) => UndercoatByProduct.GetValueOrDefault(product.Id);

    private static FrozenDictionary<CoatFamily, (Need Takes, Need Keyed)> DefineFamilies() =>
        Enum.GetValues<CoatFamily>()
            .Where(family => family != CoatFamily.Penetrating)
            .ToFrozenDictionary(
                family => family,
                family =>
                {
                    var name = FamilyName(family);
                    var takes = NeedRegistry.Add(
                        $"film-takes-{family}".ToLowerInvariant(),
                        $"the old film takes {name}",
                        $"This old film does not carry {name}: it peels, lifts or bleeds. It wants a bonding primer or an isolating sealer between, or must come off.",
                        Severity.Fails,
                        RecoatTable,
                        [F.Cover.IsNot(Cover.None), F.Film.Is(ExistingCoatings.Under(family, Recoat.Key))]
                    );
                    var keyed = NeedRegistry.Add(
                        $"film-keyed-{family}".ToLowerInvariant(),
                        $"the old film is keyed for {name}",
                        "A shiny film gives no grip; the coat peels off in sheets.",
                        Severity.Fails,
                        RecoatTable,
                        [F.Cover.IsNot(Cover.None), F.Film.Is(ExistingCoatings.Under(family, Recoat.Clean)), F.Key.IsNot(Key.Shiny)]
                    );
                    return (takes, keyed);
                }
            );

    private static FrozenDictionary<string, Need> DefineCovers() =>
        Coatings
            .All.Where(product => product.Hides)
            .ToFrozenDictionary(
                product => product.Id,
                product =>
                    NeedRegistry.Add(
                        $"follows-{product.Id}",
                        $"the coat below is one that {product.Title} holds to",
                        $"{Capital(product.Title)} does not hold to the coat below it.",
                        Severity.Fails,
                        RecoatTable,
                        [F.Cover.Is([Cover.None, .. product.Follows])]
                    )
            );

    private static FrozenDictionary<string, Need> DefineUndercoats() =>
        Coatings
            .All.Where(product => product.Sheens.Contains(Sheen.Gloss) && product.Family == CoatFamily.Alkyd)
            .ToFrozenDictionary(
                product => product.Id,
                product =>
                    NeedRegistry.Add(
                        $"undercoated-{product.Id}",
                        $"an undercoat lies below {product.Title}",
                        "Gloss alone is too thin and too clear to cover; it looks starved.",
                        Severity.Poor,
                        Source.Standard("BS 6150"),
                        [F.Cover.Is([.. product.Follows])]
                    )
            );

    // New gypsum has its limit only until it is dry, and dryness is asked for anyway. Wood has another rule of its own.
    // Products that shut in the same grounds share one need.
    private static FrozenDictionary<string, Need> DefineBreathing()
    {
        var limited = Substrates
            .All.Where(s => s.Family is SubstrateFamily.Plaster or SubstrateFamily.Masonry && s.Value != Substrate.GypsumNew && s.MaxSd is not null)
            .ToArray();
        var needs = new Dictionary<double, Need>();
        var byProduct = new Dictionary<string, Need>(StringComparer.Ordinal);
        foreach (var product in Coatings.All.Where(p => p.Hides))
        {
            var tight = limited.Where(s => s.MaxSd < product.Sd).ToArray();
            if (tight.Length == 0)
            {
                continue;
            }

            var most = tight.Max(s => s.MaxSd!.Value);
            if (!needs.TryGetValue(most, out var need))
            {
                need = NeedRegistry.Add(
                    FormattableString.Invariant($"breathes-{most}"),
                    FormattableString.Invariant($"the wall may do without breathing: it bears a system tighter than {most} m of still air"),
                    "A wall that must breathe is shut in: damp stays behind the film, blisters it and rots the face.",
                    Severity.Fails,
                    Source.Standard("EN 1062-1", Confidence.Usual),
                    [F.Substrate.IsNot([.. tight.Select(s => s.Value)])]
                );
                needs[most] = need;
            }

            byProduct[product.Id] = need;
        }

        return byProduct.ToFrozenDictionary();
    }

    private static string FamilyName(CoatFamily family) =>
        family switch
        {
            CoatFamily.Emulsion => "wall paint",
            CoatFamily.WaterEnamel => "waterborne enamel",
            CoatFamily.Alkyd => "solventborne paint",
            CoatFamily.Shellac => "shellac",
            CoatFamily.Bonding => "a bonding primer",
            _ => "a penetrating sealer",
        };

    private static string Capital(string text) => char.ToUpperInvariant(text[0]) + text[1..];
}
