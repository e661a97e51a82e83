using System.Collections.Concurrent;
using AllSound.Core.Materials;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using F = AllSound.Core.Surfaces.Facets;

namespace AllSound.Core.Treatment;

/// <summary>
/// Needs that follow from what a product is and from what lies below it: the recoat matrix, the coats of this job, the
/// bare ground, alkali, heat and vapour. Each is defined once for all products that ask the same.
/// </summary>
public static class Compatibility
{
    private static readonly ConcurrentDictionary<string, Need> ById = new(StringComparer.Ordinal);

    /// <summary>The old film takes the product at all, or a coat of this job that the product may follow lies between.</summary>
    public static Need FilmTakes(CoatingClass product)
    {
        var family = product.Family;
        return Once(
            $"film-takes-{family}-{Alike(product)[0].Id}",
            $"the old film takes {Name(family)}",
            $"This old film does not carry {Name(family)}: it peels, lifts or bleeds. It wants a bonding primer or an isolating sealer between, or must come off.",
            Severity.Fails,
            RecoatMatrix.Source,
            F.Cover.Is(product.Follows.AsSpan()),
            // Radiators come powder coated, and their enamel is made for that once it is keyed.
            F.Film.Is([.. ExistingCoatings.Under(family, Recoat.Key), .. product.Cover == Cover.Radiator ? [Film.Powder] : Array.Empty<Film>()])
        );
    }

    /// <summary>For coats that are laid as spots: the old film takes them, or another coat lies between.</summary>
    public static Need SpotTakes(CoatFamily family) =>
        Once(
            $"spot-takes-{family}",
            $"the old film takes {Name(family)}",
            $"This old film does not carry {Name(family)}: it peels, lifts or bleeds.",
            Severity.Fails,
            RecoatMatrix.Source,
            F.Cover.IsNot(Cover.None),
            F.Film.Is(ExistingCoatings.Under(family, Recoat.Key))
        );

    /// <summary>The old film is keyed as far as a coat of this family asks.</summary>
    public static Need FilmKeyed(CoatFamily family) =>
        Once(
            $"film-keyed-{family}",
            $"the old film is keyed for {Name(family)}",
            "A shiny film gives no grip; the coat peels off in sheets.",
            Severity.Fails,
            RecoatMatrix.Source,
            F.Cover.IsNot(Cover.None),
            F.Film.Is(ExistingCoatings.Under(family, Recoat.Clean)),
            F.Key.IsNot(Key.Shiny)
        );

    /// <summary>The last coat of this job is one that the product may follow.</summary>
    public static Need Follows(CoatingClass product)
    {
        Cover[] covers = [Cover.None, .. product.Follows];
        var same = Alike(product);
        return Once(
            $"follows-{same[0].Id}",
            $"the coat below is one that {same[0].Title}{(same.Length > 1 ? " and its like hold" : " holds")} to",
            "A coat that is harder, or stronger in solvent, than the one below it peels, lifts or cracks.",
            Severity.Fails,
            RecoatMatrix.Source,
            F.Cover.Is(covers)
        );
    }

    /// <summary>The bare ground is one that the product may lie on.</summary>
    public static Need Ground(CoatingClass product)
    {
        var same = Coatings.All.Where(p => p.Grounds.SequenceEqual(product.Grounds)).ToArray();
        return Once(
            $"ground-{same[0].Id}",
            $"the bare ground is one for {same[0].Title}{(same.Length > 1 ? " and its like" : "")}",
            "The product does not hold to this bare ground, or harms it.",
            Severity.Fails,
            Source.Usual,
            F.Bare.IsNot(Bare.Raw),
            F.Substrate.Is(product.Grounds.AsSpan())
        );
    }

    /// <summary>The substrate is one that the product is made for.</summary>
    public static Need OwnGround(CoatingClass product) =>
        NeedRegistry.Ground($"own-ground-{product.Id}", $"the substrate is one that {product.Title} is made for", product.Grounds.AsSpan());

    /// <summary>Bare iron and steel is prepared as far as the product asks.</summary>
    public static Need Prepared(CoatingClass product) =>
        Once(
            $"prepared-{product.LeastPrep}",
            $"bare iron and steel is prepared {PrepName(product.LeastPrep)}, in the same shift",
            "Rust and mill scale stay between metal and film; it lifts within a season or two.",
            Severity.Fails,
            Source.Standard("ISO 8501-1"),
            F.Prep.AtLeast(product.LeastPrep),
            F.Bare.IsNot(Bare.Raw),
            F.Substrate.IsNot(Substrates.Family(SubstrateFamily.Ferrous))
        );

    /// <summary>Clear finish over bare wood or its own kind.</summary>
    public static Need ClearOver(CoatingClass product)
    {
        Film[] own = product.Cover switch
        {
            Cover.Varnish => [Film.None, Film.Varnish],
            Cover.Woodstain => [Film.None, Film.Woodstain],
            Cover.Polish => [Film.None, Film.Shellac],
            Cover.Wax => [Film.None, Film.Wax, Film.Shellac, Film.Oil, Film.Varnish],
            // Oil does not dry on polish: the wax comes off first.
            _ => [Film.None, Film.Oil],
        };
        return Once(
            $"clear-over-{product.Cover}",
            $"{product.Title} lies on bare wood or on old coats of its own kind",
            "Everything below a clear finish shows.",
            Severity.Fails,
            Source.Practice,
            F.Film.Is(own)
        );
    }

    /// <summary>What the product bears of alkali, or null when it is alkaline itself.</summary>
    public static Need? AlkaliBorne(CoatingClass product) =>
        product.Family is CoatFamily.Limewash or CoatFamily.Silicate or CoatFamily.DispersionSilicate ? null
        : product.Alkali == 0 || product.Family == CoatFamily.Alkyd ? (product.Cover == Cover.AlkaliPrimer ? FabricNeeds.AlkaliNotFresh : GroundNeeds.AlkaliLow)
        : GroundNeeds.AlkaliMild;

    /// <summary>That the surface gets no hotter in service than the product bears.</summary>
    public static Need BearsHeat(CoatingClass product)
    {
        var most =
            product.HeatMost >= 540 ? Heat.Fire
            : product.HeatMost >= 120 ? Heat.VeryHot
            : product.HeatMost >= 90 ? Heat.Hot
            : product.HeatMost >= 80 ? Heat.Warm
            : Heat.Ambient;
        return Once(
                $"bears-heat-{most}",
                $"the surface gets no hotter in service than {HeatName(most)}",
                "Beyond its limit a film browns, softens and lets go.",
                Severity.Fails,
                Source.Usual,
                F.Heat.Is([.. Enum.GetValues<Heat>().Where(h => h <= most)])
            )
            .Otherwise($"the surface gets hotter in service than {HeatName(most)}");
    }

    /// <summary>Air and face are as warm as the product's label asks; null where what every coat asks is enough.</summary>
    public static Need? WarmFor(CoatingClass product)
    {
        var least = product.Temperature.Least;
        return least <= 5
            ? null
            : Once(
                    $"warm-{(least > 8 ? 10 : 8)}",
                    $"air and face are {(least > 8 ? 10 : 8)} °C or more",
                    "Colder than its label says, a film does not form or a two-part paint does not cure; it stays soft and washes off.",
                    Severity.Fails,
                    Source.Usual,
                    least > 8 ? F.ColdFace.IsNot(Chill.Cool, Chill.Cold) : F.ColdFace.IsNot(Chill.Cold)
                )
                .Otherwise($"air or face is colder than {(least > 8 ? 10 : 8)} °C");
    }

    /// <summary>The wall still bears the vapour resistance that a coat of the product adds; null when it adds next to none.</summary>
    public static Need? Breathes(CoatingClass product)
    {
        var steps = VapourSteps(product);
        return steps == 0
            ? null
            : Once(
                $"breathes-{steps}",
                FormattableString.Invariant($"the wall can take another {steps / 100.0} m of vapour resistance"),
                "A wall that must breathe is shut in: damp stays behind the film, blisters it and rots the face.",
                Severity.Fails,
                Source.Standard("EN 1062-1", Confidence.Usual),
                F.Breath.AtLeast((VapourSteps)steps)
            );
    }

    /// <summary>
    /// Vapour resistance of one coat, half of the usual two, in hundredths of a metre of still air: rounded up to a step
    /// of 1, 2, 3, 5, 10, 20, 40 or 63, finer than the class values are known.
    /// </summary>
    public static int VapourSteps(CoatingClass product)
    {
        var steps = (int)Math.Ceiling((product.Sd / 2 * 100) - 1e-9);
        return Array.Find(Steps, s => s >= steps) is var step && step > 0 ? step : 63;
    }

    private static readonly int[] Steps = [1, 2, 3, 5, 10, 20, 40, 63];

    /// <summary>The undercoat that a full gloss wants, or null when the product wants none.</summary>
    public static Need? Undercoated(CoatingClass product) =>
        product.Cover != Cover.GlossAlkyd
            ? null
            : Once(
                    $"undercoated-{product.Id}",
                    $"an undercoat or a coat of its own lies below {product.Title}",
                    "Gloss alone is too thin and too clear to cover; it looks starved.",
                    Severity.Poor,
                    Source.Standard("BS 6150"),
                    F.Cover.Is([Cover.WoodAcrylic, Cover.UndercoatAlkyd, Cover.UndercoatWater, product.Cover])
                )
                .Otherwise($"there is no undercoat, nor a coat of its own, below {product.Title}");

    // Products that may follow the same coats.
    private static CoatingClass[] Alike(CoatingClass product) => [.. Coatings.All.Where(p => p.Follows.ToHashSet().SetEquals(product.Follows))];

    private static Need Once(string id, string title, string consequence, Severity severity, Source source, params Test[] any) =>
        ById.GetOrAdd(id.ToLowerInvariant(), key => NeedRegistry.Register(key, title, consequence, severity, source, any));

    private static string PrepName(Prep prep) =>
        prep switch
        {
            Prep.Hand => "by hand to St 2 at least",
            Prep.Power => "by power tool to St 3 at least",
            _ => "by blasting to Sa 2½",
        };

    private static string HeatName(Heat heat) =>
        heat switch
        {
            Heat.Ambient => "60 degrees",
            Heat.Warm => "80 °C",
            Heat.Hot => "90 °C",
            Heat.VeryHot => "120 °C",
            _ => "540 °C",
        };

    private static string Name(CoatFamily family) =>
        family switch
        {
            CoatFamily.Limewash => "limewash",
            CoatFamily.Silicate => "pure silicate paint",
            CoatFamily.DispersionSilicate => "dispersion silicate paint",
            CoatFamily.Casein => "casein paint",
            CoatFamily.Emulsion => "wall paint",
            CoatFamily.Masonry => "masonry paint",
            CoatFamily.Siloxane => "silicone resin paint",
            CoatFamily.WaterEnamel => "waterborne enamel",
            CoatFamily.Alkyd => "solventborne paint",
            CoatFamily.Shellac => "shellac",
            CoatFamily.WaterVarnish => "waterborne varnish",
            CoatFamily.Wax => "wax",
            CoatFamily.Nitrocellulose => "nitrocellulose lacquer",
            CoatFamily.EpoxySolvent => "two-part epoxy",
            CoatFamily.PolyurethaneSolvent => "two-part polyurethane",
            CoatFamily.TwoPartWater => "waterborne two-part paint",
            CoatFamily.Bitumen => "bitumen",
            CoatFamily.Oil => "oil",
            CoatFamily.Bonding => "a bonding primer",
            _ => "a penetrating sealer",
        };
}
