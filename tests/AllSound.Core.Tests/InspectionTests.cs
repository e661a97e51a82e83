using AllSound.Core.Assessment;
using AllSound.Core.Diagnosis;
using AllSound.Core.Exchange;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Safety;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>What is seen, measured and tested becomes grades, facts and evidence.</summary>
public sealed class InspectionTests
{
    /// <summary>Class boundaries as the standards give them, recalled from memory; each standard stands in the scale.</summary>
    [Theory]
    [InlineData("iso2409", 0, "0")]
    [InlineData("iso2409", 5, "1")]
    [InlineData("iso2409", 12, "2")]
    [InlineData("iso2409", 15.1, "3")]
    [InlineData("iso2409", 65, "4")]
    [InlineData("iso2409", 66, "5")]
    [InlineData("d3359b", 0, "5B")]
    [InlineData("d3359b", 4.9, "4B")]
    [InlineData("d3359b", 12, "3B")]
    [InlineData("d3359b", 70, "0B")]
    [InlineData("iso4628-3", 0, "Ri 0")]
    [InlineData("iso4628-3", 0.05, "Ri 1")]
    [InlineData("iso4628-3", 0.7, "Ri 3")]
    [InlineData("iso4628-3", 8, "Ri 4")]
    [InlineData("iso4628-3", 40, "Ri 5")]
    [InlineData("d610", 0.7, "6")]
    [InlineData("d610", 0.01, "10")]
    [InlineData("d610", 51, "0")]
    [InlineData("iso4628-5", 0.3, "2")]
    [InlineData("iso4628-5", 3, "4")]
    [InlineData("iso4628-5", 15, "5")]
    [InlineData("iso4628-5-size", 30, "S4")]
    [InlineData("iso4628-1-size", 0.5, "S3")]
    [InlineData("bre251", 0.1, "0")]
    [InlineData("bre251", 4, "2")]
    [InlineData("bre251", 26, "5")]
    [InlineData("en13300-hiding", 99.5, "1")]
    [InlineData("en13300-hiding", 97.9, "3")]
    [InlineData("gloss60", 30, "satin")]
    [InlineData("suction", 4, "very high")]
    public void A_measurement_falls_in_the_class_of_its_standard(string scale, double measurement, string name)
    {
        Assert.Equal(name, RatingScales.Find(scale)!.Grade(measurement).Name);
    }

    [Fact]
    public void Iso_and_American_cross_cut_classes_sum_to_five()
    {
        // ASTM D3359, from memory: the two scales run against each other over the same shares.
        for (var share = 0.5; share < 100; share += 1)
        {
            var iso = int.Parse(RatingScales.Find("iso2409")!.Grade(share).Name, System.Globalization.CultureInfo.InvariantCulture);
            var american = RatingScales.Find("d3359b")!.Grade(share).Name[0] - '0';
            Assert.Equal(5, iso + american);
        }
    }

    [Fact]
    public void Scales_refuse_what_they_cannot_grade()
    {
        Assert.Throws<InvalidOperationException>(() => RatingScales.Find("iso4628-6")!.Grade(2));
        Assert.Throws<ArgumentOutOfRangeException>(() => RatingScales.Find("iso2409")!.Grade(-1));
        Assert.Throws<ArgumentOutOfRangeException>(() => RatingScales.Find("iso2409")!.Grade(double.NaN));
        Assert.All(RatingScales.All.Where(s => s.Unit is not null), s => Assert.Equal(s.Classes[^1], s.Grade(1e9)));
    }

    [Fact]
    public void Everything_that_refers_to_something_finds_it()
    {
        Assert.All(Signs.All.SelectMany(s => s.Shows), id => Assert.False(Signs.Find(id)!.IsDefect));
        Assert.All(Signs.All.Where(s => s.Scale is not null), s => Assert.NotNull(RatingScales.Find(s.Scale!)));
        Assert.All(Signs.All.Where(s => s.IsDefect), s => Assert.NotNull(s.Scale));
        Assert.All(Checks.All.SelectMany(c => c.Shows), t => Assert.NotNull(Signs.Find(t.Sign)));
        Assert.All(Checks.All.SelectMany(c => c.Outcomes).SelectMany(o => o.Signs), s => Assert.NotNull(Signs.Find(s.Sign)));
        Assert.All(Signs.All.SelectMany(s => s.Checks), id => Assert.NotNull(Checks.Find(id)));
        Assert.All(Checks.All, c => Assert.True(c.Unit is not null || !c.Outcomes.IsEmpty, c.Id));
        Assert.All(Checks.All, c => Assert.Equal(c.Outcomes.Length, c.Outcomes.Select(o => o.Id).Distinct(StringComparer.Ordinal).Count()));
        Assert.True(Substrates.All.Length >= 40);
        Assert.True(ExistingCoatings.All.Length >= 29);
        Assert.True(Causes.All.Length >= 52);
    }

    [Fact]
    public void A_graded_defect_speaks_through_its_sign_and_counts_once()
    {
        var wall = Wall() with { Signs = [Defect("d_peel", measure: 12), new SignSeen { Sign = "s_sheets" }, Defect("d_chalk", grade: "1")] };
        var signs = Observations.Of(wall);

        Assert.Single(signs, s => s is { Sign: "s_sheets", Present: true });
        Assert.Single(signs, s => s is { Sign: "s_chalky", Present: false });
        Assert.Equal("some", Observations.Grade(wall.Signs[0])!.Name);
        Assert.Contains(Observations.Of(wall with { Signs = [Defect("d_chalk", grade: "2")] }), s => s is { Sign: "s_chalky", Present: true });
    }

    [Theory]
    [InlineData("T_damp_pin", 25, "s_damp_high", true)]
    [InlineData("T_damp_pin", 12, "s_damp_high", false)]
    [InlineData("T_damp_pin", 18, "s_damp_high", null)]
    [InlineData("T_ph", 11, "s_ph_high", true)]
    [InlineData("T_dewpoint", 2.5, "s_dew_lo", true)]
    [InlineData("T_dewpoint", 5, "s_dew_lo", false)]
    [InlineData("T_crosscut", 4, "s_tape_bad", true)]
    [InlineData("T_crack_mon", 0.2, "s_crk_move", true)]
    public void A_reading_shows_its_sign_or_shows_it_absent_or_says_nothing(string check, double value, string sign, bool? present)
    {
        var wall = Wall() with { Readings = [new Reading { Check = check, Value = value }] };

        Assert.Equal(present, Observations.Of(wall).FirstOrDefault(s => s.Sign == sign)?.Present);
    }

    [Fact]
    public void A_swab_that_does_not_colour_never_proves_lead_absent_and_one_low_xray_spot_does_not_either()
    {
        var old = Wall() with { Year = 1904 };
        Assert.Equal(Lead.Presumed, Lead_(old with { Readings = [Judged("T_lead_swab", "no-colour")] }));
        Assert.Equal(Lead.Presumed, Lead_(old with { Readings = [new Reading { Check = "T_lead_xrf", Value = 0.1 }] }));
        Assert.Equal(Lead.Confirmed, Lead_(old with { Readings = [Judged("T_lead_swab", "colours")] }));
        Assert.Equal(Lead.Confirmed, Lead_(old with { Readings = [new Reading { Check = "T_lead_xrf", Value = 1.4 }] }));
        Assert.Equal(Lead.ProvedAbsent, Lead_(old with { Readings = [Judged("T_lead_lab", "absent")] }));
        Assert.Equal(Lead.Confirmed, Lead_(old with { Readings = [Judged("T_lead_swab", "colours"), Judged("T_lead_lab", "absent")] }));
        Assert.Equal(Lead.Confirmed, Lead_(old with { Readings = [Judged("T_lead_lab", "absent"), Judged("T_lead_swab", "colours")] }));
        Assert.Equal(Lead.Confirmed, Lead_(old with { Substrate = "pb_sheet", Year = 2020 }));
        Assert.Equal(Lead.Presumed, Lead_(Wall() with { Year = 2019, Layers = [new Layer { Coating = "oil_lead", Year = 2019 }] }));
    }

    [Theory]
    [InlineData(Jurisdiction.GB, 1999, Lead.Presumed)]
    [InlineData(Jurisdiction.GB, 2000, Lead.ProvedAbsent)]
    [InlineData(Jurisdiction.NZ, 2010, Lead.Presumed)]
    [InlineData(Jurisdiction.US, 2020, Lead.Presumed)]
    public void Cement_sheet_is_presumed_asbestos_by_age_and_place(Jurisdiction place, int year, Lead expected)
    {
        // Bans: GB November 1999, NZ import 2016, US chrysotile 2024. National law, from memory.
        var building = new Building
        {
            Id = "b",
            Title = "b",
            Built = year,
            Spaces = [],
        };
        var sheet = Wall() with { Substrate = "fib_cem", Year = null };
        Assert.Equal(expected, AsbestosPresumption.For(place, building, sheet, Substrates.Find("fib_cem")!).Asbestos);
    }

    [Theory]
    [InlineData("footing-safe")]
    [InlineData("wiring-sound")]
    [InlineData("consent-given")]
    public void A_safety_gate_holds_every_surface_that_it_stands_before(string need)
    {
        var facts = need switch
        {
            "footing-safe" => new Facts { FragileFooting = true },
            "wiring-sound" => new Facts { WiringCondemned = true },
            _ => new Facts { Consent = Consent.Waiting },
        };
        var specified = Specify(Wall() with { Year = 2019, Facts = facts });

        Assert.Empty(specified.Options);
        Assert.Contains(specified.Holds, h => h.Need.Id == need);
    }

    [Fact]
    public void Grey_wood_is_sanded_to_bright_wood_before_any_coat()
    {
        var board = Wall() with
        {
            Element = Element.Boarding,
            Substrate = "wd_weath",
            Year = 2019,
            Layers = [],
            Size = new Size { LengthM = 4, HeightM = 2 },
        };
        foreach (var option in Specify(board).Options)
        {
            var steps = option.Steps.Select(s => s.Act).ToList();
            var sand = steps.FindIndex(a => a.Operation.Id is "ab_wood_bare" or "ab_wood_bare_wet");
            Assert.InRange(sand, 0, steps.FindIndex(a => a.Operation.Role != Treatment.CoatRole.None) - 1);
        }
    }

    [Fact]
    public void Odd_numbers_are_asked_about_and_what_was_meant_is_offered()
    {
        var skirting = Wall() with
        {
            Element = Element.Skirting,
            Size = new Size { LengthM = 4, HeightM = 140 },
            Readings = [new Reading { Check = "T_surf_t", Value = 68 }],
            Facts = new Facts { Lead = Lead.ProvedAbsent },
        };
        var doubts = Doubts.Of(Room(skirting), skirting);

        Assert.Contains(doubts, d => d.Path == "$.size.heightM" && d.Meant!.Contains("0.14", StringComparison.Ordinal));
        Assert.Contains(doubts, d => d.Path == "$.readings[0].value" && d.Meant == "68 F");
        Assert.Contains(doubts, d => d.Path == "$.facts.lead");
        Assert.Empty(Doubts.Of(Room(Wall()), Wall()));
    }

    /// <summary>Facts of the trade: knots are in wood, rust on iron and steel, putty round glass.</summary>
    [Fact]
    public void What_a_ground_cannot_have_is_asked_about_and_not_read()
    {
        var odd = new Facts
        {
            Knots = 3,
            Rust = Rust.Heavy,
            SharpEdges = true,
            OpenLaps = true,
            Holes = Holes.Small,
            FailedPutty = true,
        };
        var wall = Wall() with { Facts = odd };
        Assert.Equal(
            ["$.facts.failedPutty", "$.facts.holes", "$.facts.knots", "$.facts.openLaps", "$.facts.rust", "$.facts.sharpEdges"],
            Doubts.Of(Room(wall), wall).Select(d => d.Path).Order(StringComparer.Ordinal)
        );
        var read = One.Appraise(wall);
        Assert.Equal(Bleed.None, read.Condition.Get(Facets.Knots));
        Assert.Equal(0, read.Extents.Knots);
        Assert.Equal(Arris.Round, read.Condition.Get(Facets.SharpEdges));
        Assert.Equal(Laps.Closed, read.Condition.Get(Facets.Laps));
        Assert.Equal(Holes.None, read.Condition.Get(Facets.Holes));
        Assert.Equal(Putty.Sound, read.Condition.Get(Facets.Putty));

        // Each on its own ground is read and not asked about.
        var sash = wall with
        {
            Element = Element.Window,
            Substrate = "sw",
            Facts = new Facts { Knots = 3, FailedPutty = true },
        };
        Assert.Empty(Doubts.Of(Room(sash), sash));
        Assert.Equal(Bleed.Live, One.Appraise(sash).Condition.Get(Facets.Knots));
        Assert.Equal(Putty.Failing, One.Appraise(sash).Condition.Get(Facets.Putty));
        var sheet = wall with { Element = Element.RoofSheet, Substrate = "steel", Facts = odd with { Knots = 0, FailedPutty = false } };
        Assert.Empty(Doubts.Of(Room(sheet), sheet));
        Assert.Equal(Rust.Heavy, One.Appraise(sheet).Condition.Get(Facets.Rust));
        Assert.Equal(Laps.Gaping, One.Appraise(sheet).Condition.Get(Facets.Laps));

        // A sign that says the same is asked about as well.
        var ringed = wall with
        {
            Facts = new Facts(),
            Signs = [new SignSeen { Sign = "s_over_knot", Present = true }],
        };
        Assert.Equal("$.facts.knots", Assert.Single(Doubts.Of(Room(ringed), ringed)).Path);
        Assert.Equal(Bleed.None, One.Appraise(ringed).Condition.Get(Facets.Knots));

        // What could hurt or holds the work up is read wherever it is recorded.
        var rotten = wall with
        {
            Facts = new Facts
            {
                Rot = true,
                LiveCrack = true,
                Lead = Lead.Confirmed,
            },
        };
        Assert.Equal(Soundness.Failing, One.Appraise(rotten).Condition.Get(Facets.Timber));
        Assert.Equal(Soundness.Failing, One.Appraise(rotten).Condition.Get(Facets.Movement));
        Assert.Equal(Lead.Confirmed, One.Appraise(rotten).Condition.Get(Facets.Lead));
    }

    [Fact]
    public void A_reading_in_another_unit_means_the_same()
    {
        var hot = Checks.Find("T_surf_t")!;
        Assert.Equal(20, hot.InOwnUnit(68, "F")!.Value, 6);
        Assert.Equal(25.4, Checks.Find("T_dft")!.InOwnUnit(1, "mil")!.Value, 6);
        Assert.Null(hot.InOwnUnit(3, "kg"));
        var faults = JobSense.SurfaceFaults(
            One.Job(Wall()),
            Room(Wall()),
            Wall() with
            {
                Readings =
                [
                    new Reading
                    {
                        Check = "T_surf_t",
                        Value = 900,
                        Unit = "F",
                    },
                ],
            }
        );
        Assert.Contains(faults, f => f.Path == "$.readings[0].value");
    }

    [Fact]
    public void A_survey_copied_onto_a_like_surface_keeps_its_place_and_says_what_differed()
    {
        var source = Wall() with
        {
            Facts = new Facts { LooseShare = 0.2 },
            Signs = [new SignSeen { Sign = "s_ring" }],
        };
        var target = Wall() with { Id = "other", Title = "Other", Wall = "w2", Substrate = "lime_old" };
        var (copy, differences) = SurveyCopy.Onto(source, target);

        Assert.Equal(("other", "w2", source.Substrate), (copy.Id, copy.Wall, copy.Substrate));
        Assert.Equal(source.Facts, copy.Facts);
        Assert.Contains(differences, d => d.StartsWith("substrate", StringComparison.Ordinal));
        Assert.Contains(differences, d => d.StartsWith("looseShare", StringComparison.Ordinal));
        Assert.Empty(SurveyCopy.Differences(copy, source));
    }

    private static Lead Lead_(Surface surface) => Appraisal.Appraise(Job(surface), Job(surface).Buildings[0], Room(surface), surface).Condition.Get(Facets.Lead);

    private static Specified Specify(Surface surface) => Specifier.Specify(Job(surface), Job(surface).Buildings[0], Room(surface), surface);

    private static SignSeen Defect(string id, double? measure = null, string? grade = null) =>
        new()
        {
            Sign = id,
            Measure = measure,
            Grade = grade,
        };

    private static Reading Judged(string check, string outcome) => new() { Check = check, Outcome = outcome };

    private static Surface Wall() =>
        new()
        {
            Id = "wall",
            Title = "Wall",
            Element = Element.Wall,
            Substrate = "gyp_old",
            Wall = "w1",
        };

    private static Space Room(Surface surface) =>
        new()
        {
            Id = "room",
            Title = "Room",
            Walls =
            [
                .. Enumerable
                    .Range(1, 4)
                    .Select(i => new Wall
                    {
                        Id = $"w{i}",
                        LengthM = 4,
                        HeightM = 2.4,
                    }),
            ],
            Surfaces = [surface],
        };

    private static Job Job(Surface surface) =>
        new()
        {
            Format = Core.Jobs.Job.CurrentFormat,
            Id = "j",
            Title = "j",
            Buildings =
            [
                new Building
                {
                    Id = "b",
                    Title = "b",
                    Built = 1904,
                    Spaces = [Room(surface)],
                },
            ],
        };
}
