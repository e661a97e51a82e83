using System.Collections.Immutable;
using AllSound.Core.Assessment;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Technique;

/// <summary>A way of stripping and its class values. Common practice, usual but variable.</summary>
/// <param name="Operation">Id of the operation.</param>
/// <param name="Code">Column of the fit table.</param>
/// <param name="CoatsPerGo">Coats that one application takes off.</param>
/// <param name="Cost">Cost of a flat square metre relative to dry scraping.</param>
/// <param name="WasteKgPerM2">Waste, kilograms to the square metre and application.</param>
/// <param name="Stream">Waste where lead is ruled out.</param>
/// <param name="Residue">What it leaves, and the proof that it is out.</param>
/// <param name="PowerW">Watts.</param>
internal sealed record StrippingMethod(string Operation, string Code, int CoatsPerGo, double Cost, double WasteKgPerM2, string Stream, string Residue, int PowerW);

internal static class StrippingMethods
{
    public static readonly ImmutableArray<StrippingMethod> All =
    [
        new("st_ir", "IR", 30, 2.2, 1, "dried paint", "nothing", 1500),
        new("st_heatgun", "HG", 15, 2.2, 1, "dried paint", "nothing", 1800),
        new("st_steam_paint", "ST", 10, 2.5, 1.2, "dried paint; water caught, never to drain", "water: dry again by a number, two days to a week", 2400),
        new("st_solvent", "SO", 4, 4, 2, "hazardous: solvent sludge", "solvent: wipe or rinse twice, no suds, no wax", 0),
        new("st_alkaline_poultice", "AP", 15, 4.5, 6, "hazardous: caustic sludge", "alkali: acid rinse, water twice, pH 6 to 8.5 on paper", 0),
        new("st_caustic_dip", "CD", 30, 2.5, 0, "at the yard", "alkali: pH 8.5 or less on paper, dry one to two weeks", 0),
        new("st_wet_blast", "WB", 10, 4, 18, "media, paint and water caught", "water: dry one to three days", 0),
        new("st_needle_gun", "NG", 10, 3, 1, "scale and paint", "dust: vacuum", 1000),
        new("st_shroud_sand", "SS", 4, 1.8, 0.6, "dust in the class H bag", "dust: vacuum", 500),
        new("st_soak_scrape", "WA", 3, 1, 0.5, "dried paint", "water: a day", 0),
    ];
}

/// <summary>One true thing about a surface and how each method fits it: 2 best, 1 possible, 0 poor, X out, - no matter.</summary>
internal sealed record StrippingCondition(string Title, string Row)
{
    private static readonly string[] Columns = ["DS", "WA", "IR", "HG", "ST", "SO", "AP", "CD", "WB", "NG", "SS"];

    public char Fit(string code) => Row.Split(' ', StringSplitOptions.RemoveEmptyEntries)[Array.IndexOf(Columns, code)][0];
}

internal static class StrippingConditions
{
    public static int Coats(Surface surface) => Math.Max(1, surface.Layers?.Sum(l => l.Coats) ?? 6);

    public static ImmutableArray<StrippingCondition> Of(Surface surface, Appraised appraised)
    {
        var condition = appraised.Condition;
        var facts = surface.Facts;
        var coats = Coats(surface);
        var substrate = condition.Get(Facets.Substrate);
        var rows = ImmutableArray.CreateBuilder<StrippingCondition>();
        rows.Add(
            coats <= 3 ? new("one to three coats", "2 2 1 1 1 1 0 0 1 0 2")
            : coats <= 10 ? new("four to ten coats", "0 0 2 2 1 2 1 1 1 0 1")
            : new("more than ten coats", "0 0 2 1 1 1 2 2 1 1 0")
        );
        rows.Add(
            facts.Carved == true ? new("carved or fine moulded", "0 0 0 0 1 1 1 X X X X")
            : appraised.Extents.Face is Face.Moulded or Face.Glazed or Face.Openwork ? new("moulded", "1 1 1 1 1 2 2 2 1 0 0")
            : new("flat", "2 2 2 2 2 1 1 1 2 2 2")
        );
        if (Ground(substrate) is { } ground)
        {
            rows.Add(ground);
        }

        if (condition.Get(Facets.GlassNear) == Presence.Present)
        {
            rows.Add(new("glass within 50 mm", "1 1 0 X 1 2 1 X X X 0"));
        }

        if (condition.Get(Facets.Lead) != Lead.ProvedAbsent)
        {
            rows.Add(new("lead not ruled out", "X 2 1 X 2 2 2 1 0 0 1"));
        }

        if (condition.Get(Facets.Film) is Film.Bitumen or Film.Nitrocellulose or Film.ChlorinatedRubber)
        {
            rows.Add(new("bitumen, nitrocellulose or chlorinated film", "2 1 X X 0 2 0 0 1 1 0"));
        }

        rows.Add(facts.Removable == true ? new("can be taken down", "1 1 2 2 1 2 2 2 1 1 2") : new("fixed in place", "2 2 2 2 2 2 2 X 2 2 2"));
        if (condition.Get(Facets.Power) == Presence.None)
        {
            rows.Add(new("no power", "2 2 X X X 2 2 2 X X X"));
        }

        rows.Add(
            surface.Brief.Finish == FinishFamily.Clear
                ? new("a clear finish is wanted", "1 1 1 0 1 2 0 0 X X 2")
                : new("an opaque finish is wanted", "2 2 2 2 2 2 2 1 2 2 2")
        );
        if (facts.Occupied == true)
        {
            rows.Add(new("people live or work there", "1 2 1 0 1 1 1 2 0 0 1"));
        }

        return rows.ToImmutable();
    }

    private static StrippingCondition? Ground(Substrate substrate) =>
        substrate switch
        {
            Substrate.Softwood or Substrate.SoftwoodResinous or Substrate.SoftwoodTreated or Substrate.WoodWeathered => new("softwood", "2 1 2 2 1 2 1 1 0 X 2"),
            Substrate.HardwoodTannin or Substrate.HardwoodOily => new("oak or another tannin wood", "1 1 1 1 0 2 0 X 0 X 1"),
            Substrate.Mdf or Substrate.Plywood or Substrate.Osb or Substrate.Hardboard => new("veneer, board or glued", "1 0 0 0 X 1 X X X X 1"),
            Substrate.GypsumNew or Substrate.GypsumOld or Substrate.Plasterboard => new("gypsum plaster", "2 0 X X X 1 0 X X X 1"),
            Substrate.LimeNew or Substrate.LimeOld or Substrate.RenderLime => new("lime plaster or render", "2 1 X 0 2 1 0 X 1 X 0"),
            Substrate.BrickHard or Substrate.ConcreteCast or Substrate.RenderCement or Substrate.BlockConcrete or Substrate.StoneDense => new(
                "hard brick or concrete",
                "1 1 0 0 2 2 2 X 2 1 1"
            ),
            Substrate.BrickSoft or Substrate.StonePorous => new("soft brick or stone", "1 0 X X 2 2 1 X 0 X X"),
            Substrate.Steel => new("steel", "1 1 0 0 0 1 1 1 2 2 1"),
            Substrate.IronCast => new("cast iron", "1 1 X X 0 2 2 1 2 2 1"),
            Substrate.Aluminium or Substrate.GalvanisedNew or Substrate.GalvanisedOld => new("aluminium or zinc", "1 2 X X 1 2 X X 1 X 1"),
            _ => null,
        };
}
