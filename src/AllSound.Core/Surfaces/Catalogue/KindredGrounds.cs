using System.Collections.Immutable;

namespace AllSound.Core.Surfaces.Catalogue;

/// <summary>Grounds by names of their own that behave like another for all that follows, save what their row says. Common practice.</summary>
internal static class KindredGrounds
{
    public static ImmutableArray<SubstrateDefinition> Of(ImmutableArray<SubstrateDefinition> grounds)
    {
        SubstrateDefinition Like(Substrate ground, string id, string title) => grounds.First(g => g.Value == ground) with { Id = id, Title = title };

        return
        [
            Like(Substrate.LimeOld, "lime_lath", "lime plaster on laths") with
            {
                OnLaths = true,
                Never = "soaked till it drips; heavy boards or filler over a bulge",
            },
            Like(Substrate.GypsumOld, "gyp_fibrous", "fibrous plaster, cast mouldings"),
            Like(Substrate.Plasterboard, "insul_board", "insulating board, make unknown") with
            {
                MayHoldAsbestos = true,
            },
            Like(Substrate.Plasterboard, "lagging", "pipe lagging, faced with canvas or cement") with
            {
                MayHoldAsbestos = true,
            },
            Like(Substrate.RenderCement, "pebbledash", "pebbledash or roughcast on cement render"),
            Like(Substrate.BrickHard, "brick_face", "facing brick"),
            Like(Substrate.BlockConcrete, "block_split", "split-face concrete block"),
            Like(Substrate.ConcreteCast, "screed", "sand-cement screed"),
            Like(Substrate.FibreCement, "fib_unknown", "cement sheet, make unknown") with
            {
                MayHoldAsbestos = true,
            },
            Like(Substrate.Softwood, "hw_plain", "plain hardwood (beech, maple, birch, lime)") with
            {
                KnotFree = true,
            },
            Like(Substrate.Mdf, "veneer", "veneered board or door") with
            {
                Thin = true,
                Never = "machine sanded; soaked; heated",
            },
            Like(Substrate.Steel, "galv_part", "galvanised steel, zinc partly gone") with
            {
                RustShows = true,
            },
            Like(Substrate.GalvanisedOld, "zinc", "zinc sheet"),
            Like(Substrate.PvcU, "grp", "glass-fibre plastic, gelcoat face"),
            Like(Substrate.Laminate, "tile_vinyl", "vinyl or thermoplastic floor tile") with
            {
                MayHoldAsbestos = true,
            },
            Like(Substrate.PaperLining, "paper_relief", "embossed or woodchip paper"),
        ];
    }
}
