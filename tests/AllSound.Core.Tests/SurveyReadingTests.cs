using AllSound.Core.Assessment;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;
using AllSound.Testing;
using Xunit;
using static AllSound.Testing.One;
using F = AllSound.Core.Surfaces.Facets;

namespace AllSound.Core.Tests;

/// <summary>
/// From what was recorded to the condition that is worked from: what a sign says outright, what is taken for granted where
/// nothing was recorded and how it is said, and what a brief leaves as found. Facts of the trade: common practice, from memory.
/// </summary>
public sealed class SurveyReadingTests
{
    private static Surface Wall(Facts? facts = null, params Layer[] layers) =>
        Surface(Element.Wall, "gyp_old", facts ?? new Facts(), layers.Length > 0 ? layers : [Coat("emul_matt")]);

    private static Surface Wood(Facts? facts = null, params Layer[] layers) =>
        Surface(Element.Door, "sw", facts ?? new Facts(), layers.Length > 0 ? layers : [Coat("alkyd_gloss")]);

    private static Surface Steel(Facts? facts = null) => Surface(Element.Railing, "steel", facts ?? new Facts(), [Coat("alkyd_gloss")], exposure: Exposure.Outside);

    private static Condition Read(Surface surface, int? built = 2015) => Appraise(surface, built).Condition;

    private static Surface Seen(Surface surface, string sign, double? measure = null) => surface with { Signs = [new SignSeen { Sign = sign, Measure = measure }] };

    private static Resolution? Settled(Surface surface, Facet facet, int? built = 2015) => Appraise(surface, built).Resolutions.SingleOrDefault(r => r.Facet == facet);

    [Fact]
    public void A_sign_that_is_seen_says_what_it_says_outright()
    {
        Assert.Equal(Bleed.Live, Read(Seen(Wall(), "s_ring")).Get(F.WaterStain));
        Assert.Equal(Bleed.Live, Read(Seen(Wall(), "s_tide")).Get(F.WaterStain));
        Assert.Equal(Bleed.Live, Read(Seen(Wall(), "s_tar")).Get(F.Tar));
        Assert.Equal(Presence.Present, Read(Seen(Wall(), "s_black_spots")).Get(F.Mould));
        Assert.Equal(DampSource.Open, Read(Seen(Wall(), "s_black_spots")).Get(F.MouldSource));
        Assert.Equal(Presence.Present, Read(Seen(Wall(), "s_crystals")).Get(F.Salts));
        Assert.Equal(Soundness.Failing, Read(Seen(Wall(), "s_hollow")).Get(F.Backing));
        Assert.Equal(Soundness.Failing, Read(Seen(Wall(), "s_crk_move")).Get(F.Movement));
        Assert.Equal(Presence.Present, Read(Seen(Wall(), "s_silicone")).Get(F.Silicone));
        Assert.Equal(Soil.Greasy, Read(Seen(Wall(), "s_grease")).Get(F.Soil));
        Assert.Equal(Powder.Friable, Read(Seen(Wall(), "s_chalky")).Get(F.Powder));
        Assert.Equal(Presence.Present, Read(Seen(Wall(), "s_wrinkle")).Get(F.Lumps));
        Assert.Equal(Bleed.Live, Read(Seen(Wood(), "s_over_knot")).Get(F.Knots));
        Assert.Equal(Soundness.Failing, Read(Seen(Wood(), "s_wd_soft")).Get(F.Timber));
        Assert.Equal(Rust.Light, Read(Seen(Steel(), "s_rust")).Get(F.Rust));
        Assert.Equal(Rust.Scale, Read(Seen(Steel(), "s_scale")).Get(F.Rust));
        Assert.Equal(Arris.Sharp, Read(Seen(Steel(), "s_rust_edge")).Get(F.SharpEdges));
    }

    [Fact]
    public void A_sign_that_was_looked_for_and_is_absent_says_nothing()
    {
        var absent = Wall() with { Signs = [new SignSeen { Sign = "s_ring", Present = false }, new SignSeen { Sign = "s_hollow", Present = false }] };
        Assert.Equal(Read(Wall()), Read(absent));
    }

    [Fact]
    public void What_was_stated_as_a_fact_stands_against_a_sign()
    {
        Assert.Equal(Bleed.None, Read(Seen(Wall(new Facts { Tar = false }), "s_tar")).Get(F.Tar));
        Assert.Equal(Rust.Heavy, Read(Seen(Steel(new Facts { Rust = Rust.Heavy }), "s_rust")).Get(F.Rust));

        // But the worse of rust and moisture stands: scale that is seen is there.
        Assert.Equal(Rust.Scale, Read(Seen(Steel(new Facts { Rust = Rust.Heavy }), "s_scale")).Get(F.Rust));
        Assert.Equal(Moisture.Damp, Read(Seen(Wall(new Facts { Moisture = Moisture.Dry }), "s_damp_high")).Get(F.Moisture));
        Assert.Equal(Moisture.Wet, Read(Seen(Wall(new Facts { Moisture = Moisture.Wet }), "s_damp_high")).Get(F.Moisture));
    }

    [Fact]
    public void Damp_that_is_seen_has_a_source_that_is_open_until_somebody_says_otherwise()
    {
        Assert.Equal(DampSource.Open, Read(Seen(Wall(), "s_damp_high")).Get(F.DampSource));
        Assert.Equal(DampSource.Cured, Read(Seen(Wall(new Facts { DampSource = DampSource.Cured }), "s_damp_high")).Get(F.DampSource));
        Assert.Equal(DampSource.Open, Read(Seen(Wood(), "s_mc20")).Get(F.DampSource));
        Assert.Equal(DampSource.Open, Read(Seen(Wall(), "s_crystals")).Get(F.DampSource));

        // None recorded and yet damp, or stained by water: none is not believed.
        Assert.Equal(DampSource.Open, Read(Wall(new Facts { DampSource = DampSource.None, Moisture = Moisture.Damp })).Get(F.DampSource));
        Assert.Equal(DampSource.Open, Read(Wall(new Facts { DampSource = DampSource.None, WaterStainShare = 0.1 })).Get(F.DampSource));
        Assert.Equal(DampSource.Cured, Read(Wall(new Facts { DampSource = DampSource.Cured, WaterStainShare = 0.1 })).Get(F.DampSource));
        Assert.Equal(DampSource.None, Read(Wall(new Facts { Moisture = Moisture.Drying })).Get(F.DampSource));
        Assert.Equal(DampSource.None, Read(Wall()).Get(F.DampSource));
    }

    [Theory]
    [InlineData("d_peel", 30.0, 0.3)]
    [InlineData("d_peel", null, 0.1)]
    [InlineData("d_flake", 2.0, 0.02)]
    [InlineData("d_flake", null, 0.05)]
    [InlineData("d_flake", 140.0, 1.0)]
    public void A_defect_says_how_much_of_the_face_is_loose(string sign, double? measure, double share)
    {
        var extents = Appraise(Seen(Wall(), sign, measure)).Extents;
        Assert.Equal(share * extents.AreaM2, extents.LooseM2, 9);
    }

    /// <summary>BRE Digest 251, from memory: to 5 mm filled and decorated, beyond it somebody must look.</summary>
    [Fact]
    public void A_wide_crack_is_for_an_engineer_and_a_narrow_one_is_filled()
    {
        Assert.Equal(Soundness.Failing, Read(Seen(Wall(), "d_crack_str", 8)).Get(F.Movement));
        var narrow = Read(Seen(Wall(), "d_crack_str", 2));
        Assert.Equal(Soundness.Sound, narrow.Get(F.Movement));
        Assert.Equal(Fill.Open, narrow.Get(F.Fill));
    }

    [Fact]
    public void Hair_cracks_are_painted_over_and_wider_ones_filled()
    {
        Assert.Equal(Fill.None, Read(Seen(Wall(), "d_crazing_pl", 0.1)).Get(F.Fill));
        Assert.Equal(Fill.Open, Read(Seen(Wall(), "d_crazing_pl", 0.3)).Get(F.Fill));
    }

    /// <summary>ISO 4628-3, from memory: Ri 3 is 1 % of the face.</summary>
    [Fact]
    public void Rust_spots_over_one_per_cent_are_heavy_rust()
    {
        Assert.Equal(Rust.Light, Read(Seen(Steel(), "d_rust_spot", 0.5)).Get(F.Rust));
        Assert.Equal(Rust.Heavy, Read(Seen(Steel(), "d_rust_spot", 3)).Get(F.Rust));
        Assert.Equal(Rust.Scale, Read(Seen(Steel(), "d_pack_rust")).Get(F.Rust));
        Assert.Equal(Rust.Heavy, Read(Seen(Steel(), "d_rust_creep")).Get(F.Rust));
    }

    [Fact]
    public void Rust_bares_metal_and_is_measured_as_such()
    {
        double Bared(Rust rust) => Appraise(Steel(new Facts { Rust = rust, BareShare = 0 })).Extents.BareM2;
        Assert.Equal(0, Bared(Rust.None));
        Assert.True(Bared(Rust.Light) > 0 && Bared(Rust.Light) < Bared(Rust.Heavy) && Bared(Rust.Heavy) < Bared(Rust.Scale));
        Assert.Equal(Bare.Raw, Read(Steel(new Facts { Rust = Rust.Light, BareShare = 0 })).Get(F.Bare));
    }

    [Theory]
    [InlineData(60, Heat.Ambient)]
    [InlineData(61, Heat.Warm)]
    [InlineData(80, Heat.Warm)]
    [InlineData(90, Heat.Hot)]
    [InlineData(120, Heat.VeryHot)]
    [InlineData(400, Heat.Fire)]
    [InlineData(541, Heat.BeyondPaint)]
    public void Heat_in_service_falls_in_the_bands_that_products_bear(double degrees, Heat band)
    {
        Assert.Equal(band, Read(Steel(new Facts { ServiceTempC = degrees })).Get(F.Heat));
    }

    [Fact]
    public void A_radiator_is_hot_and_a_pipe_warm_where_nobody_says()
    {
        var radiator = Surface(Element.Radiator, "steel", new Facts(), [Coat("alkyd_gloss")]);
        Assert.Equal(Heat.Hot, Read(radiator).Get(F.Heat));
        Assert.Contains("90 °C", Settled(radiator, F.Heat)!.Why, StringComparison.Ordinal);
        var pipe = Surface(Element.Pipe, "cu", new Facts(), [Coat("alkyd_gloss")]);
        Assert.Equal(Heat.Warm, Read(pipe).Get(F.Heat));
        Assert.Equal(Heat.Ambient, Read(Wall()).Get(F.Heat));
        Assert.Null(Settled(Wall(), F.Heat));
    }

    [Theory]
    [InlineData(7, Alkalinity.Neutral)]
    [InlineData(9, Alkalinity.Neutral)]
    [InlineData(9.5, Alkalinity.Mild)]
    [InlineData(12, Alkalinity.Mild)]
    [InlineData(12.5, Alkalinity.High)]
    public void The_face_is_as_alkaline_as_the_paper_says(double ph, Alkalinity band)
    {
        Assert.Equal(band, Read(Wall(new Facts { Ph = ph })).Get(F.Alkalinity));
    }

    [Fact]
    public void New_lime_is_taken_as_alkaline_until_it_is_tried()
    {
        var lime = Surface(Element.Wall, "lime_new", new Facts());
        Assert.Equal(Alkalinity.High, Read(lime).Get(F.Alkalinity));
        Assert.Equal(Resolved.Presumed, Settled(lime, F.Alkalinity)!.How);
        Assert.Equal(Alkalinity.Neutral, Read(lime with { Facts = new Facts { Ph = 8 } }).Get(F.Alkalinity));
        Assert.Null(Settled(Wall(), F.Alkalinity));
    }

    [Theory]
    [InlineData(1, LayerLoad.Few)]
    [InlineData(3, LayerLoad.Few)]
    [InlineData(4, LayerLoad.Many)]
    [InlineData(9, LayerLoad.Many)]
    [InlineData(10, LayerLoad.Heavy)]
    public void Old_coats_are_counted_over_all_layers(int coats, LayerLoad load)
    {
        Assert.Equal(load, Read(Wood(null, Coat("alkyd_gloss", coats))).Get(F.Load));
        if (coats > 1)
        {
            Assert.Equal(load, Read(Wood(null, Coat("oil_lead", coats - 1), Coat("alkyd_gloss", 1))).Get(F.Load));
        }
    }

    [Fact]
    public void Where_no_coats_are_recorded_the_usual_ones_are_assumed_and_said()
    {
        Film Taken(string substrate, Element element, Exposure exposure = Exposure.Inside)
        {
            var surface = Surface(element, substrate, new Facts(), exposure: exposure) with { Layers = null };
            var settled = Settled(surface, F.Film);
            Assert.Equal(Resolved.Assumed, settled!.How);
            Assert.StartsWith("Old coats not recorded", settled.Why, StringComparison.Ordinal);
            return Read(surface).Get(F.Film);
        }

        Assert.Equal(Film.EmulsionMatt, Taken("gyp_old", Element.Wall));
        Assert.Equal(Film.AlkydGloss, Taken("sw", Element.Door));
        Assert.Equal(Film.AlkydGloss, Taken("steel", Element.Railing, Exposure.Outside));
        Assert.Equal(Film.MasonryAcrylic, Taken("brick_hard", Element.Wall, Exposure.Outside));
        Assert.Equal(Film.None, Taken("tile_gl", Element.Tile));
    }

    [Fact]
    public void Nicotine_lies_on_the_paint_and_is_a_stain_and_no_film()
    {
        var smoked = Wall(null, Coat("emul_matt"), Coat("nicotine", 1));
        Assert.Equal(Film.EmulsionMatt, Read(smoked).Get(F.Film));
        Assert.Equal(Bleed.Live, Read(smoked).Get(F.Tar));
        Assert.Equal(Film.None, Read(Surface(Element.Wall, "gyp_old", new Facts(), [Coat("nicotine", 1)])).Get(F.Film));
    }

    [Fact]
    public void What_is_all_bare_has_no_film_whatever_was_on_it()
    {
        var bared = Read(Wood(new Facts { BareShare = 1 }));
        Assert.Equal(Film.None, bared.Get(F.Film));
        Assert.Equal(LayerLoad.None, bared.Get(F.Load));
        Assert.Equal(Edges.None, bared.Get(F.Edges));
        Assert.Equal(Presence.None, bared.Get(F.Step));
        Assert.Equal(Bare.Raw, bared.Get(F.Bare));
    }

    [Fact]
    public void A_broken_film_has_edges_and_a_step_and_a_whole_one_has_neither()
    {
        var whole = Read(Wall(new Facts { LooseShare = 0, BareShare = 0 }));
        Assert.Equal((Edges.None, Presence.None, Bare.None), (whole.Get(F.Edges), whole.Get(F.Step), whole.Get(F.Bare)));
        var broken = Read(Wall(new Facts { LooseShare = 0.1 }));
        Assert.Equal((Edges.Firm, Presence.Present), (broken.Get(F.Edges), broken.Get(F.Step)));
        var lifting = Read(Wall(new Facts { LooseShare = 0.1, Edges = EdgeNature.Lifting }));
        Assert.Equal(Edges.Lifting, lifting.Get(F.Edges));
    }

    [Theory]
    [InlineData("alkyd_gloss", Key.Shiny)]
    [InlineData("emul_silk", Key.Shiny)]
    [InlineData("emul_matt", Key.Toothy)]
    [InlineData("distemper_soft", Key.Toothy)]
    public void A_film_is_shiny_or_matt_as_it_was_laid(string coating, Key key)
    {
        var surface = Surface(Element.Wall, "gyp_old", new Facts(), [Coat(coating)]);
        Assert.Equal(key, Read(surface).Get(F.Key));
        Assert.Equal(Resolved.Inferred, Settled(surface, F.Key)!.How);
    }

    [Fact]
    public void A_gloss_meter_says_more_than_the_eye_and_less_than_the_hand_that_rubbed_it_down()
    {
        Assert.Equal(Key.Shiny, Read(Wall(new Facts { Gloss60 = 45 })).Get(F.Key));
        Assert.Equal(Key.Toothy, Read(Wood(new Facts { Gloss60 = 20 })).Get(F.Key));
        Assert.Equal(Key.Shiny, Read(Wall(new Facts { Gloss60 = 45, Key = Key.Toothy })).Get(F.Key));
        Assert.Equal(Key.Abraded, Read(Wood(new Facts { Gloss60 = 45, Key = Key.Abraded })).Get(F.Key));
    }

    [Fact]
    public void Bare_metal_tile_and_plastic_are_slick_and_bare_plaster_is_not()
    {
        Key Bared(string substrate, Element element) => Read(Surface(element, substrate, new Facts { Key = Key.Toothy }, [])).Get(F.Key);
        Assert.Equal(Key.Shiny, Bared("galv_new", Element.RoofSheet));
        Assert.Equal(Key.Shiny, Bared("pvcu", Element.Frame));
        Assert.Equal(Key.Shiny, Bared("tile_gl", Element.Tile));
        Assert.Equal(Key.Toothy, Bared("tile_un", Element.Tile));
        Assert.Equal(Key.Toothy, Bared("gyp_old", Element.Wall));
        Assert.Equal(Key.Toothy, Bared("sw", Element.Door));
    }

    [Fact]
    public void Bare_softwood_has_knots_and_bare_oak_has_tannin_until_somebody_looks()
    {
        var pine = Surface(Element.Door, "sw", new Facts(), []);
        Assert.Equal(Bleed.Live, Read(pine).Get(F.Knots));
        Assert.Equal(Resolved.Presumed, Settled(pine, F.Knots)!.How);
        Assert.True(Appraise(pine).Extents.Knots >= 1);
        Assert.Equal(Bleed.None, Read(pine with { Facts = new Facts { Knots = 0 } }).Get(F.Knots));
        Assert.Equal(Bleed.None, Read(Wood()).Get(F.Knots));
        var oak = Surface(Element.Door, "hw_tan", new Facts(), []);
        Assert.Equal(Bleed.Live, Read(oak).Get(F.Tannin));
        Assert.Equal(
            Bleed.None,
            Read(
                    oak with
                    {
                        Layers = [Coat("varnish")],
                        Facts = new Facts { BareShare = 0 },
                    }
                )
                .Get(F.Tannin)
        );
        Assert.Equal(Bleed.None, Read(Surface(Element.Door, "hw_oily", new Facts(), [])).Get(F.Tannin));
    }

    [Fact]
    public void Oily_wood_laid_bare_is_greasy_until_a_drop_of_water_spreads()
    {
        var teak = Surface(Element.Door, "hw_oily", new Facts(), []);
        Assert.Equal(Soil.Greasy, Read(teak).Get(F.Soil));
        Assert.Equal("T_waterbreak", Settled(teak, F.Soil)!.Check);
        Assert.Equal(Soil.Clean, Read(teak with { Facts = new Facts { Soil = Soil.Clean } }).Get(F.Soil));
        Assert.Equal(Soil.Light, Read(Wall()).Get(F.Soil));
    }

    [Fact]
    public void Soot_on_masonry_is_dirt_and_on_plaster_a_stain_besides()
    {
        var brick = Surface(Element.ChimneyBreast, "brick_hard", new Facts { Tar = true }, []);
        Assert.Equal(Soil.Sooty, Read(brick).Get(F.Soil));
        Assert.Equal(Soil.Tarry, Read(Wall(new Facts { Tar = true })).Get(F.Soil));
    }

    [Fact]
    public void A_stain_is_faint_only_where_somebody_says_so()
    {
        Assert.Equal(
            Bleed.Faint,
            Read(
                    Wall(
                        new Facts
                        {
                            WaterStainShare = 0.1,
                            FaintStain = true,
                            DampSource = DampSource.Cured,
                        }
                    )
                )
                .Get(F.WaterStain)
        );
        Assert.Equal(Bleed.Live, Read(Wall(new Facts { WaterStainShare = 0.1, DampSource = DampSource.Cured })).Get(F.WaterStain));
        Assert.Equal(Bleed.None, Read(Wall(new Facts { WaterStainShare = 0, FaintStain = true })).Get(F.WaterStain));
        Assert.Equal(Bleed.Faint, Read(Wall(new Facts { Ink = true, FaintStain = true })).Get(F.Ink));
    }

    [Fact]
    public void A_stain_is_measured_with_a_hand_round_it_and_never_more_than_the_face()
    {
        // A round stain of 2 % of 8 square metres: radius 0.2257 m, and 0.1 m more all round.
        var extents = Appraise(Wall(new Facts { WaterStainShare = 0.02, DampSource = DampSource.Cured })).Extents;
        Assert.Equal(Math.PI * Math.Pow(Math.Sqrt(0.16 / Math.PI) + 0.1, 2), extents.StainM2, 9);
        Assert.Equal(8, Appraise(Wall(new Facts { WaterStainShare = 1, DampSource = DampSource.Cured })).Extents.StainM2, 9);
        Assert.Equal(8, Appraise(Wall(new Facts { Tar = true })).Extents.StainM2, 9);
        Assert.Equal(0.1, Appraise(Wall(new Facts { Ink = true })).Extents.StainM2, 9);
        Assert.Equal(0, Appraise(Wall()).Extents.StainM2);
    }

    [Fact]
    public void Reach_follows_from_height_and_a_roof_is_fragile_until_somebody_competent_says()
    {
        Access At(double height) =>
            Read(
                    Wall() with
                    {
                        Size = new Size { LengthM = 3, HeightM = height },
                    }
                )
                .Get(F.Access);
        Assert.Equal(Access.InReach, At(2.4));
        Assert.Equal(Access.NeedsPlatform, At(2.5));
        Assert.Equal(Access.NeedsPlatform, Read(Surface(Element.Ceiling, "gyp_old", new Facts(), [Coat("emul_matt")])).Get(F.Access));
        Assert.Equal(
            Access.PlatformUp,
            Read(
                    Wall(new Facts { Access = Access.PlatformUp }) with
                    {
                        Size = new Size { LengthM = 3, HeightM = 4 },
                    }
                )
                .Get(F.Access)
        );
        Assert.Equal(Access.Fragile, Read(Wall(new Facts { FragileFooting = true, Access = Access.InReach })).Get(F.Access));
        Assert.Equal(Access.PlatformUp, Read(Wall(new Facts { FragileFooting = true, Access = Access.PlatformUp })).Get(F.Access));
    }

    [Fact]
    public void Outlets_are_live_in_walls_until_proved_dead()
    {
        Assert.Equal(Electrics.Live, Read(Wall()).Get(F.Electrics));
        Assert.Equal(Resolved.Presumed, Settled(Wall(), F.Electrics)!.How);
        Assert.Equal(Electrics.Clear, Read(Wall(new Facts { Outlets = false })).Get(F.Electrics));
        Assert.Equal(Electrics.Condemned, Read(Wall(new Facts { Outlets = false, WiringCondemned = true })).Get(F.Electrics));
        Assert.Equal(Electrics.Clear, Read(Wood()).Get(F.Electrics));
        Assert.Null(Settled(Wood(), F.Electrics));
    }

    [Fact]
    public void The_oldest_thing_in_the_build_up_decides_about_lead()
    {
        // A house of 2015 in Great Britain, with a door that is older, or a coat that is.
        Assert.Equal(Lead.ProvedAbsent, Read(Wood()).Get(F.Lead));
        Assert.Equal(Lead.Presumed, Read(Wood() with { Year = 1930 }).Get(F.Lead));
        Assert.Equal(Lead.Presumed, Read(Wood(null, Coat("alkyd_gloss") with { Year = 1960 }, Coat("alkyd_gloss") with { Year = 2015 })).Get(F.Lead));
        Assert.Equal(Lead.Presumed, Read(Wood(null, Coat("oil_lead"))).Get(F.Lead));
        Assert.Equal(Lead.Presumed, Read(Wood(), built: null).Get(F.Lead));
        Assert.Equal(Lead.Confirmed, Read(Surface(Element.RoofSheet, "pb_sheet", new Facts(), [])).Get(F.Lead));
        Assert.Equal(Lead.ProvedAbsent, Read(Wood(new Facts { Lead = Lead.ProvedAbsent, LeadProof = "laboratory, every layer" }) with { Year = 1930 }).Get(F.Lead));

        // A word is no proof.
        Assert.Equal(Lead.Presumed, Read(Wood(new Facts { Lead = Lead.ProvedAbsent }) with { Year = 1930 }).Get(F.Lead));
        var tested = Wood(new Facts()) with { Year = 1930, Readings = [new Reading { Check = "T_lead_lab", Outcome = "absent" }] };
        Assert.Equal(Lead.ProvedAbsent, Read(tested).Get(F.Lead));
    }

    [Fact]
    public void A_window_has_glass_and_end_grain_opens_outside_only()
    {
        Assert.Equal(Presence.Present, Read(Surface(Element.Window, "sw", new Facts(), [Coat("alkyd_gloss")])).Get(F.GlassNear));
        Assert.Equal(Presence.None, Read(Wood()).Get(F.GlassNear));
        var bareOutside = Surface(Element.Boarding, "sw", new Facts(), [], exposure: Exposure.Outside);
        Assert.Equal(EndGrain.Open, Read(bareOutside).Get(F.EndGrain));
        Assert.Equal(EndGrain.None, Read(bareOutside with { Exposure = Exposure.Inside }).Get(F.EndGrain));
        Assert.Equal(EndGrain.None, Read(bareOutside with { Layers = [Coat("alkyd_gloss")] }).Get(F.EndGrain));
        Assert.Equal(
            EndGrain.Open,
            Read(
                    bareOutside with
                    {
                        Layers = [Coat("alkyd_gloss")],
                        Facts = new Facts { OpenEndGrain = true },
                    }
                )
                .Get(F.EndGrain)
        );
    }

    [Theory]
    [InlineData(3, FillDepth.Shallow)]
    [InlineData(3.5, FillDepth.Deep)]
    public void Hollows_over_three_millimetres_are_deep(double depth, FillDepth expected)
    {
        Assert.Equal(expected, Read(Wall(new Facts { FillShare = 0.1, FillDepthMm = depth })).Get(F.FillDepth));
    }

    [Fact]
    public void Vinyl_paper_fails_always_and_lining_paper_when_it_is_loose()
    {
        Paper On(string substrate, bool? loose) => Read(Surface(Element.Wall, substrate, new Facts { LoosePaper = loose }, [Coat("emul_matt")])).Get(F.Paper);
        Assert.Equal(Paper.Failing, On("paper_vin", null));
        Assert.Equal(Paper.Sound, On("paper_lin", null));
        Assert.Equal(Paper.Failing, On("paper_lin", true));
        Assert.Equal(Paper.None, On("gyp_old", null));
    }

    /// <summary>BS 7913, from memory: old lime walls must be able to dry. Class values of vapour resistance in the layers.</summary>
    [Fact]
    public void A_soft_wall_must_breathe_and_each_tight_old_coat_takes_of_what_is_left_once_it_was_wet()
    {
        VapourSteps Left(string substrate, Facts facts, params Layer[] layers) =>
            Read(Surface(Element.Wall, substrate, facts, layers, exposure: Exposure.Outside), 1880).Get(F.Breath);
        var dry = new Facts { Moisture = Moisture.Dry, DampSource = DampSource.None };
        var wet = dry with { Moisture = Moisture.Drying };
        Assert.True(Left("render_lime", dry, Coat("limewash")) < VapourSteps.Step63);

        // A dry wall is taken to have lived with what is on it.
        Assert.Equal(Left("render_lime", dry, Coat("limewash")), Left("render_lime", dry, Coat("masonry_ac")));
        Assert.True(Left("render_lime", wet, Coat("masonry_ac")) < Left("render_lime", wet, Coat("limewash")));

        // Cement render, gypsum and wood are tight enough in themselves as long as they are dry.
        Assert.Equal(VapourSteps.Step63, Left("render_cem", dry, Coat("masonry_ac")));
        Assert.Equal(VapourSteps.Step63, Left("gyp_new", dry));
        Assert.Equal(VapourSteps.Step63, Left("sw", dry, Coat("alkyd_gloss")));
    }

    [Fact]
    public void Distemper_wax_and_texture_under_paint_are_weak_and_on_top_they_are_the_film()
    {
        Presence Beneath(params Layer[] layers) => Read(Surface(Element.Ceiling, "lime_old", new Facts { Asbestos = Lead.ProvedAbsent }, layers)).Get(F.WeakBeneath);
        Assert.Equal(Presence.Present, Beneath(Coat("distemper_soft"), Coat("emul_matt")));
        Assert.Equal(Presence.Present, Beneath(Coat("wax"), Coat("alkyd_gloss")));
        Assert.Equal(Presence.None, Beneath(Coat("distemper_soft")));
        Assert.Equal(Presence.None, Beneath(Coat("limewash"), Coat("emul_matt")));
    }

    [Theory]
    [InlineData("step", "Edges of the old film are left to show.")]
    [InlineData("lumps", "Lumps and brush ropes of the old film are left to show.")]
    [InlineData("fill", "Hollows and hair cracks are left to show.")]
    [InlineData("joint", "The open joint is left open.")]
    [InlineData("putty", "Failing putty is left: water runs behind it.")]
    [InlineData("edges", "Sharp metal edges are left: rust begins there.")]
    public void What_the_brief_leaves_is_no_fault_and_is_said(string id, string says)
    {
        var facts = Good with { LooseShare = 0.1, Lumps = true, FillShare = 0.1, OpenJointM = 1, FailedPutty = true, SharpEdges = true };
        var surface = Surface(Element.Window, "steel", facts, [Coat("alkyd_gloss")]);
        Assert.Empty(Appraise(surface).Left);
        var left = Appraise(surface with { Brief = new Brief { LeaveAsFound = [id] } });
        Assert.Equal([says], left.Left);
        Assert.NotEqual(Read(surface), left.Condition);

        // Where there is nothing to leave nothing is said.
        Assert.Empty(Appraise(Surface(Element.Window, "steel", Good, [Coat("alkyd_gloss")], new Brief { LeaveAsFound = [id] })).Left);
    }

    [Fact]
    public void From_across_the_street_steps_and_lumps_do_not_show()
    {
        var far = Surface(
            Element.Wall,
            "render_cem",
            Good with
            {
                LooseShare = 0.1,
                Lumps = true,
                FillShare = 0.1,
            },
            [Coat("masonry_ac")],
            new Brief { Viewing = Viewing.Far }
        );
        var appraised = Appraise(far);
        Assert.Equal(Presence.None, appraised.Condition.Get(F.Step));
        Assert.Equal(Presence.None, appraised.Condition.Get(F.Lumps));
        Assert.Equal(Fill.Open, appraised.Condition.Get(F.Fill));
        Assert.All(appraised.Left, l => Assert.EndsWith("it is seen from 3 m and more.", l, StringComparison.Ordinal));
        Assert.Equal(2, appraised.Left.Length);
    }

    [Fact]
    public void Keeping_the_old_film_is_said_where_there_is_one()
    {
        var brief = new Brief { KeepOldFilm = true };
        Assert.Contains("The old film is kept on purpose.", Appraise(Surface(Element.Door, "sw", Good, [Coat("varnish")], brief)).Left);
        Assert.Empty(Appraise(Surface(Element.Door, "sw", Good, [], brief)).Left);
    }

    /// <summary>Hiding in one coat, two or three: common practice.</summary>
    [Theory]
    [InlineData(null, 80.0, Count.Two)]
    [InlineData(80.0, 80.0, Count.One)]
    [InlineData(78.0, 80.0, Count.One)]
    [InlineData(60.0, 80.0, Count.Two)]
    [InlineData(15.0, 80.0, Count.Three)]
    [InlineData(8.0, 45.0, Count.Three)]
    [InlineData(80.0, 10.0, Count.Two)]
    public void A_light_colour_over_a_dark_one_takes_a_coat_more(double? old, double wanted, Count coats)
    {
        var surface = Surface(Element.Wall, "gyp_old", Good, [Coat("emul_matt", 2, old)], new Brief { Lrv = wanted });
        Assert.Equal(coats, Read(surface).Get(F.ToHide));
    }

    [Fact]
    public void Everything_that_was_not_recorded_and_matters_is_said_and_nothing_else()
    {
        // All recorded: nothing is taken for granted but what follows from the kind of thing.
        var told = Good with
        {
            Lumps = false,
            Mould = false,
            Salts = false,
            Silicone = false,
            WaterStainShare = 0,
            Tar = false,
            Ink = false,
            OpenJointM = 0,
            Hollow = false,
            Rot = false,
            LiveCrack = false,
            Key = Key.Toothy,
        };
        Assert.DoesNotContain(Appraise(Wall(told)).Resolutions, r => r.How != Resolved.Inferred);
        var untold = Appraise(Wall());
        Assert.All(untold.Resolutions, r => Assert.False(string.IsNullOrWhiteSpace(r.Why)));
        Assert.Contains(untold.Resolutions, r => r is { Check: "T_knife", How: Resolved.Assumed });
        Assert.Contains(untold.Resolutions, r => r is { Check: "T_damp_pin", How: Resolved.Assumed });
        Assert.Contains(Appraise(Wood()).Resolutions, r => r is { Check: "T_damp_wood" });
        Assert.Contains(untold.Resolutions, r => r is { AtAGlance: true, Why: "mould" });
    }
}
