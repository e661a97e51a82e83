using AllSound.Core.Materials;
using AllSound.Core.Surfaces;
using F = AllSound.Core.Surfaces.Facets;
using N = AllSound.Core.Treatment.Needs;

namespace AllSound.Core.Treatment;

/// <summary>What every coat of a role needs and does, whatever the operation. These rules stand here and nowhere else.</summary>
internal static class Coating
{
    private static readonly Need[] AnyCoat =
    [
        N.AccessSafe,
        N.Covered,
        N.NotFireCoat,
        N.DampCured,
        N.MouldCured,
        N.BackingSound,
        N.TimberSound,
        N.MovementStill,
        N.FabricDry,
        N.LooseOff,
        N.GreyOff,
        N.DustOff,
        N.MouldOff,
        N.SaltsOff,
        N.ResidueOut,
        N.SiliconeOff,
        N.GreaseOff,
        N.WashDry,
        N.FillerDry,
        N.CoatDry,
    ];

    private static readonly Need[] OverallCoat = [N.EdgesHeld, N.PowderBound, N.SoilOff, N.CaulkDry, N.WindowOpen, N.FillFlush];

    private static readonly Need[] Undercoat = [N.BareSealed, N.KnotsBlocked];

    private static readonly Need[] Finish =
    [
        N.BareSealed,
        N.KnotsBlocked,
        N.WaterStainBlocked,
        N.TarBlocked,
        N.TanninBlocked,
        N.InkBlocked,
        N.StepGone,
        N.LumpsGone,
        N.FillPrimed,
        N.JointClosed,
    ];

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

        yield return product.Family is CoatFamily.Alkyd ? N.AlkaliLow : N.AlkaliMild;
        if (operation.Role == CoatRole.Spot)
        {
            yield break;
        }

        yield return Compatibility.FilmTakes(product.Family);
        yield return Compatibility.FilmKeyed(product.Family);
        yield return Compatibility.Follows(product);
        if (Compatibility.Breathes(product) is { } breathes)
        {
            yield return breathes;
        }

        foreach (var need in OverallCoat)
        {
            yield return need;
        }

        // Resin comes through waterborne paint first, and softens it: knots before any overall coat.
        if (operation.Role == CoatRole.Primer)
        {
            yield return N.KnotsBlocked;
        }

        foreach (
            var need in operation.Role switch
            {
                CoatRole.Undercoat => Undercoat,
                CoatRole.Finish => Finish,
                _ => [],
            }
        )
        {
            yield return need;
        }

        if (product.RaisesNibs && operation.Role is CoatRole.Finish or CoatRole.Undercoat)
        {
            yield return N.NibsOff;
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
            if (operation.Gives.Any(e => e.Facet == F.Bare))
            {
                yield return Effect.Set(F.Cover, product.Cover == Cover.Emulsion ? Cover.Sealer : product.Cover, F.Film.Is(Film.None), F.Cover.Is(Cover.None));
                if (product.RaisesNibs)
                {
                    yield return Effect.Set(F.Nibs, Presence.Present, F.Film.Is(Film.None));
                }
            }

            yield break;
        }

        yield return Effect.Set(F.Cover, product.Cover);
        yield return Effect.Set(F.Overdue, Presence.None);
        if (product.Hides)
        {
            yield return Effect.Decrease(F.ToHide);
        }

        if (product.RaisesNibs)
        {
            yield return Effect.Set(F.Nibs, Presence.Present);
        }

        if (operation.Role == CoatRole.Finish)
        {
            yield return Effect.Increase(F.Topcoats);
        }
    }
}
