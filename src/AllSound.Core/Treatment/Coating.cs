using AllSound.Core.Materials;
using AllSound.Core.Surfaces;
using F = AllSound.Core.Surfaces.Facets;
using N = AllSound.Core.Treatment.Needs;
using P = AllSound.Core.Treatment.FabricNeeds;

namespace AllSound.Core.Treatment;

/// <summary>What every coat of a role needs and does, whatever the operation. These rules stand here and nowhere else.</summary>
internal static class Coating
{
    private static readonly Need[] AnyCoat =
    [
        SiteNeeds.AccessSafe,
        SiteNeeds.Covered,
        SiteNeeds.NotFireCoat,
        SiteNeeds.DampCured,
        SiteNeeds.MouldCured,
        SiteNeeds.BackingSound,
        SiteNeeds.TimberSound,
        SiteNeeds.MovementStill,
        P.PaperHolds,
        GroundNeeds.FabricDry,
        P.ColdNow,
        P.FaceWarm,
        GroundNeeds.LooseOff,
        P.RustOff,
        GroundNeeds.GreyOff,
        GroundNeeds.DustOff,
        GroundNeeds.MouldOff,
        GroundNeeds.SaltsOff,
        GroundNeeds.ResidueOut,
        GroundNeeds.SiliconeOff,
        GroundNeeds.GreaseOff,
        N.WashDry,
        N.FillerDry,
        N.CoatDry,
    ];

    private static readonly Need[] OverallCoat =
    [
        GroundNeeds.EdgesHeld,
        GroundNeeds.PowderBound,
        P.NothingWeakBeneath,
        N.LeadDustGone,
        P.FilmHard,
        GroundNeeds.SoilOff,
        N.CaulkDry,
        N.WindowOpen,
        GroundNeeds.FillFlush,
        P.FixingsTight,
        P.LapsClosed,
        P.HolesClosed,
        P.EndGrainSealed,
    ];

    private static readonly Need[] Finish =
    [
        N.WaterStainBlocked,
        N.TarBlocked,
        N.InkBlocked,
        N.NailsTreated,
        GroundNeeds.StepGone,
        GroundNeeds.LumpsGone,
        GroundNeeds.JointClosed,
        P.PuttySound,
        P.EdgesRounded,
    ];

    private static readonly Need[] OpaqueFinish = [N.TanninBlocked, GroundNeeds.FillPrimed];

    private static readonly Need[] MineralFinish = [N.TanninBlocked, GroundNeeds.FillMineral, GroundNeeds.BareMineral];

    // The last step means that the wall bears whatever one likes.
    private static Test MustBreathe => F.Breath.IsNot(VapourSteps.Step63);

    public static IEnumerable<Need> Needs(Operation operation, CoatingClass? product)
    {
        if (operation.Role == CoatRole.None || product is null)
        {
            yield break;
        }

        foreach (var need in AnyCoat)
        {
            yield return need;
        }

        if (product.Carrier is Carrier.Spirit or Carrier.Alcohol or Carrier.Strong)
        {
            yield return P.FreshAir;
        }

        if (Compatibility.AlkaliBorne(product) is { } alkali)
        {
            yield return alkali;
        }

        // A finish made for rooms does not stand weather, not even as a spot below another.
        if (!product.Finishes.IsEmpty && product.Life.Outside <= 0)
        {
            yield return P.Inside;
        }

        if (product.Cover != Cover.Wax)
        {
            yield return GroundNeeds.WaxOff;
        }

        yield return Compatibility.BearsHeat(product);
        if (Compatibility.WarmFor(product) is { } warm)
        {
            yield return warm;
        }

        var seals = SealsBare(operation);
        if (seals)
        {
            // What is made for some grounds belongs on those, bare or not.
            yield return operation.OverAnyGround ? Compatibility.Ground(product) : Compatibility.OwnGround(product);
            yield return P.GroundKeyed;
            yield return GroundNeeds.NibsGone;
            yield return Compatibility.Prepared(product);
        }

        if (operation.Role == CoatRole.Spot)
        {
            // On wood and metal wall paint and plaster sealer are no primer, not even on filler.
            if (!seals && product.Cover is Cover.Emulsion or Cover.Sealer)
            {
                yield return P.OnWall;
            }

            yield break;
        }

        yield return Compatibility.FilmTakes(product);
        yield return Compatibility.FilmKeyed(product.Family);
        yield return Compatibility.Follows(product);
        if (product.Clear)
        {
            yield return Compatibility.ClearOver(product);
        }

        if (Compatibility.Breathes(product) is { } breathes)
        {
            yield return breathes;
        }

        // What binds the powder is put on the powder.
        foreach (var need in OverallCoat.Where(n => n != GroundNeeds.PowderBound || !BindsPowder(operation)))
        {
            yield return need;
        }

        if (operation.Role is CoatRole.Undercoat or CoatRole.Finish && !seals)
        {
            yield return GroundNeeds.BareSealed;
        }

        // Resin comes through waterborne paint first, and softens it: knots before any overall coat that would hide them.
        if (!product.Clear)
        {
            yield return N.KnotsBlocked;
        }

        if (operation.Role == CoatRole.Finish)
        {
            var mineral = product.Cover is Cover.Silicate or Cover.SilicatePure or Cover.Limewash;
            var more =
                product.Clear ? []
                : mineral ? MineralFinish
                : OpaqueFinish;
            foreach (var need in Finish.Concat(more))
            {
                yield return need;
            }
        }

        if (operation.Role == CoatRole.Finish && Compatibility.Undercoated(product) is { } undercoat)
        {
            yield return undercoat;
        }
    }

    public static IEnumerable<Effect> Effects(Operation operation, CoatingClass? product)
    {
        if (operation.Role == CoatRole.None || product is null)
        {
            yield break;
        }

        if (operation.Role == CoatRole.Spot)
        {
            // On a wholly bare face the "spot" is the face, and its coat is what the next one lies on.
            if (SealsBare(operation))
            {
                yield return Effect.Set(F.Cover, product.Cover == Cover.Emulsion ? Cover.Sealer : product.Cover, F.Film.Is(Film.None), F.Cover.Is(Cover.None));
                yield return Effect.Take(F.Breath, Compatibility.VapourSteps(product), F.Film.Is(Film.None), MustBreathe);
            }

            yield break;
        }

        yield return Effect.Set(F.Cover, product.Cover);
        yield return Effect.Set(F.Overdue, Presence.None);
        yield return Effect.Take(F.Breath, Compatibility.VapourSteps(product), MustBreathe);
        if (product.Hides)
        {
            yield return Effect.Decrease(F.ToHide);
        }

        if (operation.Role == CoatRole.Finish)
        {
            yield return Effect.Increase(F.Topcoats);
        }
    }

    private static bool BindsPowder(Operation operation) => operation.Gives.Any(e => e.Facet == F.Powder && e.Value == Facet<Powder>.Byte(Powder.Bound));

    /// <summary>Is it a first coat on bare ground?</summary>
    public static bool SealsBare(Operation operation) =>
        operation.Gives.Any(e => e.Facet == F.Bare && e.Change == Change.Set && e.Value == Facet<Bare>.Byte(Bare.Sealed));
}
