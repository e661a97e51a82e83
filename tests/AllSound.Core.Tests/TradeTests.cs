using AllSound.Core.Documents;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Safety;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Technique;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;
using static AllSound.Testing.One;

namespace AllSound.Core.Tests;

/// <summary>Metal, masonry, mineral, clear and slick work; hazards, technique, stripping, documents, lines read. Trade facts: common practice, from memory.</summary>
public sealed class TradeTests
{
    [Theory]
    [InlineData("steel", Element.Railing, Exposure.Outside)]
    [InlineData("iron_cast", Element.Column, Exposure.Outside)]
    [InlineData("galv_new", Element.Cladding, Exposure.Outside)]
    [InlineData("galv_old", Element.Gutter, Exposure.Outside)]
    [InlineData("alu", Element.Frame, Exposure.Outside)]
    [InlineData("cu", Element.Pipe, Exposure.Inside)]
    [InlineData("steel", Element.Radiator, Exposure.Inside)]
    [InlineData("render_cem", Element.Wall, Exposure.Outside)]
    [InlineData("render_lime", Element.Wall, Exposure.Outside)]
    [InlineData("brick_hard", Element.Wall, Exposure.Outside)]
    [InlineData("brick_soft", Element.Wall, Exposure.Outside)]
    [InlineData("conc_cast", Element.Floor, Exposure.Inside)]
    [InlineData("tile_un", Element.Floor, Exposure.Inside)]
    [InlineData("tile_gl", Element.Tile, Exposure.Inside)]
    [InlineData("pvcu", Element.Frame, Exposure.Outside)]
    [InlineData("lam", Element.Door, Exposure.Inside)]
    [InlineData("hw_tan", Element.Door, Exposure.Outside)]
    [InlineData("hw_oily", Element.Door, Exposure.Inside)]
    [InlineData("lime_old", Element.Wall, Exposure.Inside)]
    [InlineData("paper_lin", Element.Wall, Exposure.Inside)]
    public void Every_family_of_ground_bare_and_sound_has_a_way(string substrate, Element element, Exposure exposure)
    {
        var specified = Specify(Surface(element, substrate, Good, exposure: exposure));
        Assert.True(!specified.Options.IsEmpty, string.Join("; ", specified.Holds.Select(h => h.Need.Id).Concat(specified.Blocked.Select(n => n.Id))));
    }

    [Fact]
    public void No_alkyd_lies_on_bare_zinc()
    {
        // Zinc soaps form under oil and alkyd: ASTM D6386, from memory.
        var sheet = Surface(Element.Cladding, "galv_new", Good, exposure: Exposure.Outside);
        Assert.All(
            Specify(sheet).Options,
            o => Assert.NotEqual(CoatFamily.Alkyd, o.Steps.First(s => s.Act.Product is not null && s.Act.Operation.Role != CoatRole.None).Act.Product!.Family)
        );
        Assert.Contains(Strict.Run(sheet, "mk_floor", "ab_galv", "pr_steel", "tc_gloss/p_gloss_alk"), f => f.Step == 3 && f.Need!.Id == "iron");
    }

    [Theory]
    [InlineData("pr_steel", "iron")]
    [InlineData("sp_metal", "iron")]
    [InlineData("pr_galv", "own-ground-p_galv_ac")]
    [InlineData("pr_siloxane", "own-ground-p_siloxane")]
    [InlineData("pr_bond", null)]
    [InlineData("se_stabilise/p_stab_wb", null)]
    public void A_primer_made_for_one_ground_has_no_business_on_another_even_over_old_paint(string step, string? need)
    {
        // Common practice, from memory: metal and masonry first coats are for metal and masonry; binders and bonding primers go over old paint.
        var door = Surface(Element.Door, "sw", Good with { Key = Key.Shiny }, [Coat("alkyd_gloss")]);
        var unsuited = Strict.Run(door, "mk_floor", step).Where(f => f.Step == 2 && f.Need!.Any.All(t => t.Facet == Facets.Substrate)).ToArray();
        Assert.Equal(need, unsuited.SingleOrDefault()?.Need!.Id);
    }

    [Fact]
    public void Bared_iron_is_primed_in_the_same_shift()
    {
        var rail = Surface(Element.Railing, "steel", Good with { Rust = Rust.Light, Soil = Soil.Clean }, [Coat("alkyd_gloss")], exposure: Exposure.Outside);
        string[] Steps(int hours) =>
            [
                "mk_floor",
                "ab_metal_power",
                "du_vac",
                $"sp_metal/p_znphos_alk@{hours}",
                "ab_gloss",
                "du_vac",
                "uc_alkyd",
                "dn_between",
                "du_vac",
                "tc_gloss/p_gloss_alk",
                "ac_clean",
            ];
        Assert.DoesNotContain(Strict.Run(rail, Steps(2)), f => f.Severity >= Severity.Fails);
        Assert.Contains(Strict.Run(rail, Steps(14)), f => f.Need == FabricNeeds.RustOff);
    }

    [Theory]
    [InlineData("render_lime")]
    [InlineData("brick_soft")]
    [InlineData("lime_old")]
    public void A_wall_that_must_breathe_stays_within_its_limit_all_coats_together(string substrate)
    {
        // EN 1062-1, from memory: the whole system counts.
        var most = Substrates.Find(substrate)!.MaxSd!.Value;
        foreach (var exposure in (Exposure[])[Exposure.Inside, Exposure.Outside])
        {
            foreach (var option in Specify(Surface(Element.Wall, substrate, Good, exposure: exposure)).Options)
            {
                var sum = option.Steps.Where(s => s.Act.Product is not null && s.Act.Operation.Role != CoatRole.None).Sum(s => s.Act.Product!.Sd / 2);
                Assert.True(sum <= most + 1e-9, $"{substrate} {option.Name}: {sum} over {most}");
            }
        }
    }

    [Fact]
    public void A_weak_layer_deep_in_the_film_bars_new_coats_until_it_is_off()
    {
        var wall = Surface(Element.Wall, "gyp_old", Good, [Coat("distemper_soft"), Coat("emul_matt")]);
        Assert.Contains(Strict.Run(wall, "mk_floor", "cl_sugar_soap", "tc_emul_roll", "tc_emul_roll", "ac_clean"), f => f.Need == FabricNeeds.NothingWeakBeneath);
        Assert.All(Specify(wall).Options, o => Assert.Contains(o.Steps, s => s.Act.Operation.Group == Group.Strip));
    }

    [Theory]
    [InlineData(95, false)]
    [InlineData(70, true)]
    public void No_paint_goes_on_what_gets_hotter_than_it_bears(double celsius, bool enamel)
    {
        var pipe = Surface(Element.Pipe, "steel", Good with { ServiceTempC = celsius }, [Coat("alkyd_gloss")], new Brief { Finish = FinishFamily.TrimPaint });
        Assert.Equal(enamel, Specify(pipe).Options.Any(o => o.Steps.Any(s => s.Act.Product?.Id is "p_gloss_alk" or "p_enamel_hyb")));
        Assert.All(
            Specify(pipe).Options.SelectMany(o => o.Steps).Where(s => s.Act.Operation.Role == CoatRole.Finish),
            s => Assert.True(s.Act.Product!.HeatMost >= celsius)
        );
    }

    [Fact]
    public void Clear_finish_is_offered_on_bare_wood_and_asks_for_stripping_of_paint()
    {
        var clear = new Brief { Finish = FinishFamily.Clear };
        Assert.NotEmpty(Specify(Surface(Element.Door, "hw_tan", Good, brief: clear)).Options);
        Assert.All(Specify(Surface(Element.Door, "sw", Good, [Coat("alkyd_gloss", 3)], clear)).Options, o => Assert.Contains(o.Steps, s => s.Act.Strips));
        Assert.Empty(Specify(Surface(Element.Door, "sw", Good, [Coat("alkyd_gloss", 3)], clear with { KeepOldFilm = true })).Options);
    }

    [Fact]
    public void What_the_brief_leaves_as_found_is_no_fault_and_is_said()
    {
        var trim = Surface(
            Element.Skirting,
            "sw",
            Good with
            {
                Lumps = true,
                Key = Key.Abraded,
                Soil = Soil.Clean,
            },
            [Coat("alkyd_gloss", lrv: 80)],
            new Brief { LeaveAsFound = ["lumps"] }
        );
        var specified = Specify(trim);
        Assert.All(specified.Options, o => Assert.Contains(o.LeftUndone, l => l.StartsWith("Lumps", StringComparison.Ordinal)));
        Assert.DoesNotContain(Cheapest(specified), i => i is "ab_gloss" or "st_wet_abrade");
    }

    [Fact]
    public void Budget_deadline_and_replacing_are_compared_honestly()
    {
        var trim = Surface(
            Element.Skirting,
            "sw",
            Good with
            {
                Key = Key.Shiny,
            },
            [Coat("alkyd_gloss")],
            new Brief
            {
                Budget = 1,
                DeadlineDays = 0.1,
                ReplaceCost = 5000,
                ReplaceLifeYears = 10,
            }
        );
        var specified = Specify(trim);
        Assert.Equal(2, specified.Notes.Length);
        Assert.All(specified.Options, o => Assert.Contains(o.PreferWhen, l => l.Contains("painting is cheaper", StringComparison.Ordinal)));
    }

    [Fact]
    public void A_limit_on_solvent_holds_for_every_overall_coat()
    {
        var trim = Surface(Element.Skirting, "sw", Good with { Key = Key.Shiny }, [Coat("alkyd_gloss")], new Brief { VocMost = 100 });
        Assert.All(Specify(trim).Options.SelectMany(o => o.Steps).Where(s => s.Coat is not null), s => Assert.True(s.Act.Product!.Voc <= 100));
    }

    [Fact]
    public void Hazards_follow_from_substance_method_and_place()
    {
        var old = Surface(Element.Skirting, "sw", Good with { Lead = null, Key = Key.Shiny }, [Coat("oil_lead", 4)]);
        var option = Specify(old, 1910).Options[0];
        var abrade = option.Steps.First(s => s.Act.Operation.Group == Group.Abrade);
        var safety = StepHazards.Of(abrade.Act, abrade.Before, old, first: false);
        Assert.Contains("half mask P3", safety.Protection);
        Assert.Contains("lead", safety.Waste, StringComparison.Ordinal);
        Assert.Contains("Children", safety.Others, StringComparison.Ordinal);
        var gloss = Operations.FindAct(Operations.Find("tc_gloss")!, null)!;
        Assert.Contains("half mask A2P3", StepHazards.Of(gloss, Appraise(old).Condition, old, first: true).Protection);
        Assert.Contains("18 %", StepHazards.Of(gloss, Appraise(old).Condition, old, first: true).Hold, StringComparison.Ordinal);
        Assert.True(Refusals.Bearing(Appraise(old, 1910), old).Length >= 4);
        // One mask at a time, the one that does for all.
        var masonry = Surface(Element.Wall, "render_cem", Good with { Lead = null, LooseShare = 0.2, BareShare = 0.1 }, [Coat("oil_lead", 4)]);
        Assert.All(
            Specify(masonry, 1910).Options.SelectMany(o => o.Steps).Select(s => StepHazards.Of(s.Act, s.Before, masonry, first: false).Protection),
            worn => Assert.True(worn.Count(w => w.Contains("mask", StringComparison.Ordinal)) <= 1, string.Join(", ", worn))
        );
    }

    [Theory]
    [InlineData(Element.Window, "sash", "sash")]
    [InlineData(Element.Window, "casement", "casement")]
    [InlineData(Element.Door, "door-4", "panel-door")]
    [InlineData(Element.Door, "door-6", "panel-door")]
    [InlineData(Element.Door, "door-flush", "flush-door")]
    public void The_order_of_painting_follows_the_form(Element element, string form, string order) =>
        Assert.Equal(order, ElementOrders.For(Surface(element, "sw", Good) with { Form = new Form { Kind = form } })!.Id);

    [Fact]
    public void Why_not_runs_the_option_again_without_the_step_or_with_another()
    {
        var trim = Surface(Element.Skirting, "sw", Good with { Key = Key.Shiny, LooseShare = 0.1 }, [Coat("alkyd_gloss", 3)]);
        var specified = Specify(trim);
        var option = specified.Options[0];
        var loosen = option.Steps.First(s => s.Act.Operation.Group == Group.Loosen);
        var without = WhyNot.Ask(new Rates(), trim, specified.Appraised, option, loosen.Number, null);
        Assert.False(without.Sound);
        Assert.Contains(without.Unmet, u => u.Need == GroundNeeds.LooseOff);
        var flame = WhyNot.Ask(new Rates(), trim, specified.Appraised, option, loosen.Number, Operations.FindAct(Operations.Find("st_flame")!, null));
        Assert.Contains(flame.Lines, l => l.Contains("refused", StringComparison.Ordinal));
    }

    [Theory]
    [InlineData(18, 10, 2.4)]
    [InlineData(6, 25, 2.0)]
    public void A_bay_is_what_stays_wet(double rate, double minutes, double bay) => Assert.Equal(bay, Math.Round(rate * minutes / 60 * 0.8, 2));

    /// <summary>Plug ratings: BS 1363 and AS/NZS 3112; NEC 210.23, 80 % for hours. From memory.</summary>
    [Theory]
    [InlineData(Jurisdiction.GB, 13 * 230)]
    [InlineData(Jurisdiction.AU, 10 * 230)]
    [InlineData(Jurisdiction.US, 15 * 120 * 0.8)]
    public void The_power_left_falls_with_the_lead(Jurisdiction where, double watts)
    {
        var supply = PowerSupply.In(where);
        Assert.Equal(watts, supply.Left(20), 0.5);
        Assert.True(supply.Left(75) < 0.9 * watts);
        Assert.All([20.0, 40, 60, 80, 100], m => Assert.True(supply.LongestLead(supply.Left(m)) >= m - 5));
        Assert.Null(supply.LongestLead((int)watts + 1));
        Assert.Equal("", supply.Says(0));
    }

    [Fact]
    public void A_tool_that_the_supply_does_not_bear_is_said_to_be_too_much()
    {
        var trim = Surface(Element.Skirting, "sw", Good, [Coat("alkyd_gloss", 3)]);
        string Supply(Jurisdiction where, string method) =>
            StrippingChoice.Rank(Job(trim, with: j => j with { Jurisdiction = where }), trim, Appraise(trim)).First(f => f.Operation == method).Supply;

        Assert.Contains("more than a 15 A", Supply(Jurisdiction.US, "st_heatgun"), StringComparison.Ordinal);
        Assert.Contains("too much for a site transformer", Supply(Jurisdiction.GB, "st_heatgun"), StringComparison.Ordinal);
        Assert.Contains("through a site transformer 25 m", Supply(Jurisdiction.GB, "st_ir"), StringComparison.Ordinal);
        Assert.Equal("", Supply(Jurisdiction.GB, "st_solvent"));
    }

    [Fact]
    public void Stripping_never_offers_what_lead_glass_or_the_ground_forbids()
    {
        var window = Surface(Element.Window, "sw", Good with { Lead = null }, [Coat("oil_lead", 8)]);
        var fits = StrippingChoice.Rank(Job(window, 1900), window, Appraise(window, 1900));
        Assert.All(fits.Where(f => f.Operation is "st_heatgun" or "st_ir" or "st_needle_gun" or "st_caustic_dip"), f => Assert.Null(f.Score));
        Assert.Contains("lead", fits[0].Stream, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(DocumentKind.Specification)]
    [InlineData(DocumentKind.ClientSummary)]
    [InlineData(DocumentKind.CrewChecklist)]
    [InlineData(DocumentKind.HazardSheet)]
    public void Every_page_of_a_document_stands_on_its_own(DocumentKind kind)
    {
        var specified = Demo.Job.Surfaces().ToDictionary(x => x.Surface.Id, x => Specifier.Specify(Demo.Job, x.Building, x.Space, x.Surface));
        var document = Writing.Write(kind, Demo.Job, specified, "25 November 2026", "7");
        var pages = document.ToMarkdown().Split("---\n\n", StringSplitOptions.RemoveEmptyEntries);
        var about = Demo.Job.Surfaces().Select(p => p.Space.Id).Distinct().Count();
        Assert.Equal(about + 1, pages.Length);
        Assert.All(
            pages,
            p =>
                Assert.True(
                    p.Contains(Demo.Job.Title, StringComparison.Ordinal)
                        && p.Contains("25 November 2026", StringComparison.Ordinal)
                        && p.Contains("revision 7", StringComparison.Ordinal)
                )
        );
    }

    [Fact]
    public void What_was_typed_cannot_turn_into_markup()
    {
        var surface = Surface(Element.Skirting, "sw", Good) with { Title = "<script>*x*|#" };
        var document = Writing.Write(DocumentKind.Specification, Job(surface), new Dictionary<string, Specified> { ["s"] = Specify(surface) }, "today", "1");
        Assert.DoesNotContain("<script>", document.ToMarkdown(), StringComparison.Ordinal);
    }
}
