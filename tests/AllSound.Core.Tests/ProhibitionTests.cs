using System.Text.RegularExpressions;
using AllSound.Core.Treatment;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>
/// No text forbids what a step does. Every sentence of an operation that says never, only, not on or at most is either
/// a need of that operation, so that search and audit keep to it, or speaks of how the hand does the step itself.
/// </summary>
public sealed partial class ProhibitionTests
{
    // Operation, words of the sentence, the need that keeps it; a star is any operation.
    private static readonly (string Operation, string Says, string Need)[] Kept =
    [
        ("*", "no flame or spark", "fresh-air"),
        ("*", "no ignition", "fresh-air"),
        ("*", "Flammable: no spark", "fresh-air"),
        ("*", "Never mix", "residue-out"),
        ("*", "Never with bleach", "residue-out"),
        ("*", "Bleach with acid, ammonia", "no-gas"),
        ("ms_ventilate", "No pilot lights", "flames-out"),
        ("ms_extract", "No pilot lights", "flames-out"),
        ("ms_extract", "blows to the open", "can-be-aired"),
        ("st_heatgun", "Only where lead is proved absent", "lead-absent"),
        ("ab_power_dry", "Only where lead is proved absent", "lead-absent"),
        ("ab_power_dry", "never on wood", "not-timber"),
        ("st_shroud_sand", "Flat faces only", "flat-and-tough"),
        ("st_shroud_sand", "On lead paint only", "lead-controlled"),
        ("ab_metal_shroud", "On lead only", "lead-controlled"),
        ("ab_scale_hand", "On lead paint keep it misted", "lead-controlled"),
        ("du_vac", "On lead or silica dust only", "lead-washed"),
        ("cl_dust_dry", "On lead only", "lead-controlled"),
        ("st_bitumen_mech", "no heat, no sanding", "bitumen-film"),
        ("st_texture_wet", "Only once a laboratory", "asbestos-absent"),
        ("st_texture_wet", "Never before an asbestos", "asbestos-absent"),
        ("st_needle_gun", "Not on sheet", "face-bears"),
        ("ab_scale", "not on thin sheet", "face-bears"),
        ("cl_pressure_wash", "Never on lead paint", "lead-absent"),
        ("cl_pressure_wash", "cement sheet of unknown age", "asbestos-absent"),
        ("cl_pressure_wash", "platform only", "access-safe"),
        ("cl_solvent_wipe", "No strong solvent on plastic", "no-plastic"),
        ("rp_fine", "3 mm at most", "hollows-shallow"),
        ("rp_deep", "Ten millimetres a coat at most", "no-gypsum-on-lime"),
        ("rp_lime_fill", "no gypsum in lime", "on-lime"),
        ("ca_sanitary", "it comes last", "full-finish"),
        ("pr_epoxy", "Not below 10", "warm-10"),
        ("pr_epoxy", "not over one-part paint", "film-takes-epoxysolvent-p_epoxy_prim"),
        ("pr_galv", "never alkyd or oil", "own-ground-p_galv_ac"),
        ("tc_varnish", "Never over grey wood", "grey-off"),
        ("tc_tile", "No shower", "not-shower"),
        ("tc_radiator", "no heat", "cold-now"),
        ("sp_wood", "bare wood only", "on-wood"),
        ("dr_warm", "no flueless heater", "face-cold"),
        ("st_solvent", "Never a stripper with methylene chloride", "fresh-air"),
    ];

    // What the hand does within the step: dilutions, tools, edges, sheets, waste, and what nobody may do at any time.
    private static readonly string[] Workmanship =
    [
        "never work on live outlets",
        "A ladder only for short reaches",
        "never from the rails",
        "in the open not in wind",
        "never lean a ladder",
        "never alter a scaffold",
        "stop at 8 %",
        "Never sweep",
        "Only a laboratory wipe",
        "never more;",
        "No dust leaves",
        "never down a drain",
        "no steel wool on oak",
        "nothing that burns nearby",
        "until a blunt knife lifts nothing",
        "until nothing more comes",
        "never steel wool",
        "no solvent, no dust sheets",
        "Weak wash only",
        "little pressure, no heat",
        "never dry",
        "Never brush it dry",
        "No water.",
        "nothing else on it",
        "never up into laps",
        "not before rain",
        "not into the film round it",
        "wipe the slurry",
        "no dust.",
        "two sides only",
        "on this coat only",
        "never a hand before the tip",
        "wind of 5 m/s",
        "never past a wet edge",
        "only by people trained",
        "trained people only",
        "no water on it for a week",
        "only ever comes in",
        "never back into the house",
        "Never sand, scrape or drill",
        "no cement on soft brick",
        "no injection by default",
        "Wind 5 m/s at most",
        "nothing stuck on it",
    ];

    [Fact]
    public void What_a_text_forbids_is_a_need_or_the_hand_s_own_matter()
    {
        var open = new List<string>();
        foreach (var act in Operations.Acts.Where(a => !a.Operation.Refused && !a.Operation.ByOthers).DistinctBy(a => a.Operation.Id))
        {
            foreach (var sentence in Sentences(act.Operation).Where(s => Forbids().IsMatch(s)))
            {
                var kept = Kept.Where(k => (k.Operation == "*" || k.Operation == act.Operation.Id) && sentence.Contains(k.Says, StringComparison.Ordinal)).ToArray();
                if (kept.Length == 0 && !Workmanship.Any(w => sentence.Contains(w, StringComparison.Ordinal)))
                {
                    open.Add($"{act.Operation.Id}: {sentence}");
                }

                open.AddRange(kept.Where(k => !act.Needs.Any(n => n.Id == k.Need)).Select(k => $"{act.Operation.Id} says \"{k.Says}\" and does not ask {k.Need}"));
            }
        }

        Assert.Equal([], open);
    }

    [Fact]
    public void Every_row_of_the_two_tables_is_said_by_some_operation()
    {
        var said = Operations.All.SelectMany(o => Sentences(o).Select(s => (o.Id, Sentence: s))).ToArray();

        Assert.Equal(
            [],
            Kept.Where(k => !said.Any(s => (k.Operation == "*" || k.Operation == s.Id) && s.Sentence.Contains(k.Says, StringComparison.Ordinal))).Select(k => k.Says)
        );
        Assert.Equal([], Workmanship.Where(w => !said.Any(s => s.Sentence.Contains(w, StringComparison.Ordinal))));
    }

    private static IEnumerable<string> Sentences(Operation operation) =>
        new[] { operation.Do, operation.Dilution ?? "", operation.Tool ?? "" }
            .Concat(operation.Cautions)
            .Concat(operation.OnLead)
            .SelectMany(t => SentenceEnd().Split(t))
            .Where(s => s.Length > 0);

    [GeneratedRegex(
        @"\b(never|only|at most|not (on|over|below|before|from|in|into|for|above|where)|no (heat|water|gypsum|cement|acid|sanding|ignition|flame|spark|shower|strong|injection|flueless|dust|pilot|hot|steel)|nothing)\b",
        RegexOptions.IgnoreCase | RegexOptions.ExplicitCapture
    )]
    private static partial Regex Forbids();

    [GeneratedRegex(@"(?<=[.;])\s+")]
    private static partial Regex SentenceEnd();
}
