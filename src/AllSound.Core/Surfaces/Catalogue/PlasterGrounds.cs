using System.Collections.Immutable;
using AllSound.Core.Sources;

namespace AllSound.Core.Surfaces.Catalogue;

/// <summary>Plaster, board and paper inside. One row each.</summary>
internal static class PlasterGrounds
{
    public static readonly ImmutableArray<SubstrateDefinition> All =
    [
        new()
        {
            Id = "gyp_new",
            Value = Substrate.GypsumNew,
            Title = "gypsum skim under 12 weeks old",
            Family = SubstrateFamily.Plaster,
            SpreadClass = 1,
            Suction = new(2, 4, 3),
            Ph = "7 to 9; 10 to 12 where gauged with lime",
            MoistureLimit = "equilibrium humidity 75 % or less; 75 to 89 % mist coat only",
            MeasuredBy = "humidity box 4 to 24 h; carbide bottle; even pale colour",
            Movement = "0.01 to 0.02 %",
            MaxSd = 0.2,
            Defects = "polished trowel bands, shrinkage cracks, pops, efflorescence",
            Primers = "mist coat, plaster sealer; alkali-resisting primer where lime-gauged",
            Never = "silk or durable paint neat as first coat; film while drying; adhesive as primer",
            Source = Source.Standard("BS 6150", Confidence.Usual),
        },
        new()
        {
            Id = "gyp_old",
            Value = Substrate.GypsumOld,
            Title = "gypsum skim, old",
            Family = SubstrateFamily.Plaster,
            SpreadClass = 1,
            Suction = new(2, 4, 3),
            Ph = "6.5 to 8",
            MoistureLimit = "equilibrium humidity 75 % or less; pin meter within 3 points of a known dry spot",
            MeasuredBy = "pin meter against a dry spot; humidity box",
            Movement = "0.01 to 0.02 %",
            MaxSd = null,
            Defects = "hollow patches, dusting, paste residue",
            Primers = "plaster sealer, mist coat; stabilising sealer where powdery",
            Never = "paint over paste, soft distemper or dust",
            Source = Source.Usual,
        },
        new()
        {
            Id = "pboard",
            Value = Substrate.Plasterboard,
            Title = "plasterboard, taped",
            Family = SubstrateFamily.Plaster,
            SpreadClass = 0,
            Suction = new(1, 3, 2),
            Ph = "6.5 to 8",
            MoistureLimit = "board 1 % by mass or less; equilibrium humidity 75 % or less",
            MeasuredBy = "pinless meter; humidity box",
            Movement = "0.03 %; joints open 0.1 to 0.5 mm",
            MaxSd = null,
            Defects = "screw pops, joint cracks, torn paper, sanded fuzz",
            Primers = "plaster sealer or thinned wall paint; solventborne sealer over torn core before filler",
            Never = "steam, heavy water, wire on the paper",
            Source = Source.Usual,
        },
        new()
        {
            Id = "lime_new",
            Value = Substrate.LimeNew,
            Title = "lime plaster under 6 months old",
            Family = SubstrateFamily.Plaster,
            SpreadClass = 1,
            Suction = new(3, 4, 4),
            Ph = "11 to 13",
            MoistureLimit = "mineral paint: surface dry with a carbonated skin; organic films: equilibrium humidity 75 % or less and pH 9 or less",
            MeasuredBy = "pH paper, humidity box, indicator spray on a fresh scratch",
            Movement = "0.02 to 0.05 %",
            MaxSd = 0.05,
            Defects = "carbonation cracks, dusting",
            Primers = "limewash, silicate; no organic primer for 6 months",
            Never = "alkyd, acrylic film, gypsum filler, shellac",
            Source = Source.Usual,
        },
        new()
        {
            Id = "lime_old",
            Value = Substrate.LimeOld,
            Title = "lime plaster, old, haired",
            Family = SubstrateFamily.Plaster,
            SpreadClass = 1,
            Suction = new(2, 4, 3),
            Ph = "7.5 to 9",
            MoistureLimit = "equilibrium humidity 75 % or less; 1.5 % by mass or less",
            MeasuredBy = "carbide bottle; humidity box; pin meter against a dry spot",
            Movement = "0.02 to 0.05 %, flexible",
            MaxSd = 0.1,
            Defects = "hollow keys, salts, soft binder",
            Primers = "limewash, silicate, casein; thinned vapour-open wall paint",
            Never = "solvent stabiliser as a film, cement filler, vinyl silk, damp-proof paint",
            Source = Source.Usual,
        },
        new()
        {
            Id = "paper_lin",
            Value = Substrate.PaperLining,
            Title = "lining paper or paintable wallpaper",
            Family = SubstrateFamily.Plaster,
            SpreadClass = 0,
            Suction = new(2, 3, 2),
            Ph = "6 to 8",
            MoistureLimit = "paste dry 24 to 48 h; equilibrium humidity 75 % or less",
            MeasuredBy = "look; pinless meter",
            Movement = "bubbles relax on drying",
            MaxSd = null,
            Defects = "open seams, lifted edges, ink or dye bleed",
            Primers = "thin contract wall paint; solventborne stain block for dye",
            Never = "paint over more than two papers; a wet coat on a loose seam",
            Source = Source.Practice,
        },
    ];
}
