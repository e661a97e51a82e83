using System.Collections.Immutable;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Surfaces;
using AllSound.Testing;
using Xunit;
using static AllSound.Testing.One;

namespace AllSound.Core.Tests;

/// <summary>What a job that parses must not say: each fault at its place with what was expected, one for each thing wrong, and none where nothing is.</summary>
public sealed class JobSenseTests
{
    private const string At = "$.buildings[0].spaces[0].surfaces[0]";
    private static readonly Surface Wall = Surface(Element.Wall, "gyp_old", Good, [Coat("emul_matt")]);

    private static Fault[] Faults(Surface surface) => [.. JobSense.Faults(Job(surface))];

    private static void Refused(Surface surface, string place, string expected)
    {
        var fault = Assert.Single(Faults(surface));
        Assert.Equal($"{At}.{place}", fault.Path);
        Assert.Contains(expected, fault.Message, StringComparison.Ordinal);
    }

    [Fact]
    public void Where_nothing_is_wrong_nothing_is_said()
    {
        Assert.Empty(Faults(Wall));
        Assert.Empty(JobSense.Faults(Demo.Job));
    }

    [Fact]
    public void A_year_that_is_still_to_come_is_refused_wherever_it_clears_of_lead()
    {
        var old = Wall with { Year = 1950, Layers = [Coat("emul_matt") with { Year = 2027 }] };
        Assert.Empty(JobSense.Faults(Job(old, built: 2026), 2027));

        var paths = JobSense.Faults(Job(old with { Year = 2090 }, built: 2090), 2026).Select(f => f.Path);
        Assert.Equal(["$.buildings[0].built", $"{At}.year", $"{At}.layers[0].year"], paths);
        Assert.Contains(JobFile.Read(JobFile.Write(Job(Wall, built: 2090)), 2026).Faults, f => f.Message.Contains("still to come", StringComparison.Ordinal));
    }

    [Theory]
    [InlineData("looseShare", -0.1)]
    [InlineData("looseShare", 1.01)]
    [InlineData("bareShare", 1.01)]
    [InlineData("liftingShare", 2.0)]
    [InlineData("waterStainShare", -1.0)]
    [InlineData("fillShare", 1.5)]
    [InlineData("fillDepthMm", 501.0)]
    [InlineData("gloss60", 121.0)]
    [InlineData("ph", 14.5)]
    [InlineData("serviceTempC", 1001.0)]
    [InlineData("serviceTempC", -61.0)]
    [InlineData("openJointM", -1.0)]
    [InlineData("openJointM", double.NaN)]
    public void A_fact_out_of_range_is_refused(string fact, double value)
    {
        var facts = fact switch
        {
            "looseShare" => Good with { LooseShare = value },
            "bareShare" => Good with { BareShare = value, LooseShare = null },
            "liftingShare" => Good with { LiftingShare = value },
            "waterStainShare" => Good with { WaterStainShare = value },
            "fillShare" => Good with { FillShare = value },
            "fillDepthMm" => Good with { FillDepthMm = value },
            "gloss60" => Good with { Gloss60 = value },
            "ph" => Good with { Ph = value },
            "serviceTempC" => Good with { ServiceTempC = value },
            _ => Good with { OpenJointM = value },
        };
        var fault = Faults(Wall with { Facts = facts })[0];
        Assert.Equal($"{At}.facts.{fact}", fault.Path);
        Assert.StartsWith("expected ", fault.Message, StringComparison.Ordinal);
    }

    [Fact]
    public void The_ends_of_a_range_are_in_it()
    {
        Assert.Empty(
            Faults(Wall with { Facts = Good with { LooseShare = 1, BareShare = 0, Gloss60 = 120, Ph = 14, ServiceTempC = -60, Knots = 10_000, FillDepthMm = 500 } })
        );
        Assert.Empty(Faults(Wall with { Facts = Good with { LooseShare = 0, BareShare = 1, Gloss60 = 0, Ph = 0, ServiceTempC = 1000, Knots = 0 } }));
    }

    [Fact]
    public void Facts_that_cannot_be_together_are_refused()
    {
        Refused(Wall with { Facts = Good with { LooseShare = 0.6, BareShare = 0.6 } }, "facts.looseShare", "more than the whole surface");
        Refused(Wall with { Layers = [], Facts = Good with { LooseShare = 0.1 } }, "facts.looseShare", "none can be loose");
    }

    [Fact]
    public void Ids_are_slugs_and_titles_are_not_empty()
    {
        Refused(Wall with { Id = "Wall One" }, "id", "lower-case letters");
        Refused(Wall with { Id = "-wall" }, "id", "lower-case letters");
        Refused(Wall with { Id = new string('a', 61) }, "id", "1 to 60");
        Refused(Wall with { Title = " " }, "title", "1 to 200");
        Refused(Wall with { Title = new string('x', 201) }, "title", "200 characters at most");
        Refused(Wall with { Year = 900 }, "year", "1000 to 2200");
    }

    [Fact]
    public void What_is_referred_to_must_exist()
    {
        Refused(Wall with { Substrate = "cheese" }, "substrate", "gyp_old");
        Refused(Wall with { Wall = "attic" }, "wall", "no wall 'attic'");
        Refused(Wall with { Layers = [Coat("varnishing_day")] }, "layers[0].coating", "emul_matt");
        Refused(Wall with { Signs = [new SignSeen { Sign = "s_nothing" }] }, "signs[0].sign", "./allsound signs");
        Refused(Wall with { Readings = [new Reading { Check = "T_nothing", Value = 1 }] }, "readings[0].check", "unknown check");
        Refused(Wall with { Form = new Form { Kind = "round" } }, "form.kind", "expected one of smooth");
        Refused(Wall with { Brief = new Brief { Avoid = ["tc_gloss", "brushes"] } }, "brief.avoid[1]", "neither an operation nor a product");
        Refused(Wall with { Sequence = [new SequenceStep { Operation = "magic" }] }, "sequence[0].operation", "./allsound operations");
        Refused(Wall with { Done = [new SequenceStep { Operation = "magic" }] }, "done[0].operation", "./allsound operations");
    }

    [Fact]
    public void A_product_must_be_one_that_its_step_is_done_with()
    {
        SequenceStep Step(string operation, string product) => new() { Operation = operation, Product = product };
        Assert.Empty(Faults(Wall with { Sequence = [Step("tc_emul_roll", "p_emul_contract")] }));
        Refused(Wall with { Sequence = [Step("tc_emul_roll", "p_gloss_alk")] }, "sequence[0].product", "p_emul_contract");
        Refused(Wall with { Sequence = [Step("mk_floor", "p_gloss_alk")] }, "sequence[0].product", "uses no product");
        Refused(Wall with { Sequence = [Step("tc_emul_roll", "p_emul_contract") with { WaitHours = -1 }] }, "sequence[0].waitHours", "0 to 100000");
        Refused(Wall with { Sequence = [.. Enumerable.Repeat(Step("tc_emul_roll", "p_emul_contract"), 201)] }, "sequence", "200 items at most");
    }

    [Fact]
    public void A_reading_is_a_number_in_a_unit_that_the_check_knows_or_an_outcome_and_not_both()
    {
        void Bad(Reading reading, string place, string expected) => Refused(Wall with { Readings = [reading] }, $"readings[0]{place}", expected);
        Assert.Empty(Faults(Wall with { Readings = [new Reading { Check = "T_ph", Value = 8 }, new Reading { Check = "T_knife", Outcome = Outcome("T_knife") }] }));
        Bad(new Reading { Check = "T_ph" }, "", "expected a value or an outcome");
        Bad(
            new Reading
            {
                Check = "T_ph",
                Value = 8,
                Unit = "furlongs",
            },
            ".unit",
            "not furlongs"
        );
        Bad(new Reading { Check = "T_ph", Value = 15 }, ".value", "0 to 14");
        Bad(new Reading { Check = "T_knife", Value = 3 }, ".value", "is judged, not read");
        Bad(new Reading { Check = "T_knife", Outcome = "perhaps" }, ".outcome", "expected one of");
        Bad(
            new Reading
            {
                Check = "T_knife",
                Outcome = Outcome("T_knife"),
                Value = 1,
            },
            ".value",
            "not both"
        );
        static string Outcome(string check) => Inspection.Checks.Find(check)!.Outcomes[0].Id;
    }

    [Fact]
    public void A_sign_is_graded_only_by_its_own_scale()
    {
        Refused(Wall with { Signs = [new SignSeen { Sign = "s_ring", Grade = "3" }] }, "signs[0].grade", "not graded");
        Refused(Wall with { Signs = [new SignSeen { Sign = "s_ring", Measure = 3 }] }, "signs[0].measure", "not graded");
        Refused(Wall with { Signs = [new SignSeen { Sign = "d_peel", Measure = 130 }] }, "signs[0].measure", "0 to 100");
        Refused(Wall with { Signs = [new SignSeen { Sign = "d_peel", Size = "S9" }] }, "signs[0].size", "S0 to S5");
        Assert.Empty(
            Faults(
                Wall with
                {
                    Signs =
                    [
                        new SignSeen
                        {
                            Sign = "d_peel",
                            Measure = 12,
                            Size = "S3",
                        },
                    ],
                }
            )
        );
    }

    [Fact]
    public void Sizes_forms_layers_and_briefs_keep_within_their_ranges()
    {
        Refused(
            Wall with
            {
                Size = new Size { LengthM = 0, HeightM = 2 },
            },
            "size.lengthM",
            "0.01 to 10000"
        );
        Refused(
            Wall with
            {
                Size = new Size { LengthM = 2, HeightM = 101 },
            },
            "size.heightM",
            "0.005 to 100"
        );
        Refused(Wall with { Size = new Size { AreaM2 = 0 } }, "size.areaM2", "0.01 to 100000");
        Refused(
            Wall with
            {
                Size = new Size
                {
                    LengthM = 1,
                    HeightM = 1,
                    Profile = 0.5,
                },
            },
            "size.profile",
            "1 to 4"
        );
        Refused(
            Wall with
            {
                Form = new Form { Kind = "smooth", Sides = 3 },
            },
            "form.sides",
            "1 to 2"
        );
        Refused(
            Wall with
            {
                Form = new Form { Kind = "smooth", Lights = 0 },
            },
            "form.lights",
            "1 to 200"
        );
        Refused(
            Wall with
            {
                Form = new Form { Kind = "smooth", DiameterMm = 2 },
            },
            "form.diameterMm",
            "3 to 3000"
        );
        Refused(Wall with { Layers = [Coat("emul_matt", 0)] }, "layers[0].coats", "1 to 60");
        Refused(Wall with { Layers = [Coat("emul_matt", 1, 101)] }, "layers[0].lrv", "0 to 100");
        Refused(Wall with { Layers = [Coat("emul_matt") with { Year = 3000 }] }, "layers[0].year", "1000 to 2200");
        Refused(Wall with { Brief = new Brief { Lrv = 101 } }, "brief.lrv", "0 to 100");
        Refused(Wall with { Brief = new Brief { Coats = 6 } }, "brief.coats", "1 to 5");
        Refused(Wall with { Brief = new Brief { VocMost = -1 } }, "brief.vocMost", "0 to 1000");
        Refused(Wall with { Brief = new Brief { Budget = -1 } }, "brief.budget", "0 to");
        Refused(Wall with { Brief = new Brief { DeadlineDays = 4000 } }, "brief.deadlineDays", "0 to 3650");
        Refused(Wall with { Brief = new Brief { ReplaceLifeYears = 0 } }, "brief.replaceLifeYears", "0.1 to 200");
        Refused(Wall with { Brief = new Brief { LeaveAsFound = ["everything"] } }, "brief.leaveAsFound[0]", "expected one of step");
        Refused(Wall with { Brief = new Brief { HouseRules = ImmutableDictionary<string, string>.Empty.Add("S99", "x") } }, "brief.houseRules.S99", "unknown question");
        Refused(
            Wall with
            {
                Brief = new Brief { HouseRules = ImmutableDictionary<string, string>.Empty.Add("S29", "x") },
            },
            "brief.houseRules.S29",
            "expected one of convert, build"
        );
    }

    [Fact]
    public void A_zone_is_cut_from_a_whole_element_of_its_room()
    {
        Zone Of(string id) =>
            new()
            {
                Of = id,
                LeftM = 0,
                BottomM = 0,
                WidthM = 1,
                HeightM = 1,
            };
        Fault[] With(params Surface[] surfaces)
        {
            var job = Job(Wall);
            var building = job.Buildings[0];
            return [.. JobSense.Faults(job with { Buildings = [building with { Spaces = [building.Spaces[0] with { Surfaces = [.. surfaces] }] }] })];
        }

        var zone = Wall with { Id = "z", Zone = Of("s") };
        Assert.Empty(With(Wall, zone));
        Assert.Contains(With(Wall, zone with { Zone = Of("nowhere") }), f => f.Path.EndsWith("surfaces[1].zone.of", StringComparison.Ordinal));
        Assert.Contains(With(Wall, zone with { Zone = Of("z") }), f => f.Message.Contains("no other surface", StringComparison.Ordinal));
        Assert.Contains(With(Wall, zone, Wall with { Id = "y", Zone = Of("z") }), f => f.Message.Contains("is a zone itself", StringComparison.Ordinal));
        Assert.Contains(With(Wall, zone with { Zone = Of("s") with { WidthM = 0 } }), f => f.Path.EndsWith("zone.widthM", StringComparison.Ordinal));
        Assert.Contains(With(Wall, Wall), f => f.Message.Contains("'s' stands twice", StringComparison.Ordinal));
    }

    [Fact]
    public void Openings_keep_within_their_wall_and_off_one_another()
    {
        Fault[] With(params Opening[] openings) =>
            [
                .. JobSense.SpaceFaults(
                    new Space
                    {
                        Id = "room",
                        Title = "Room",
                        Surfaces = [],
                        Walls =
                        [
                            new Wall
                            {
                                Id = "w",
                                LengthM = 4,
                                HeightM = 2.5,
                                Openings = [.. openings],
                            },
                        ],
                    }
                ),
            ];
        Opening At(double left, double wide, double sill = 0, double high = 2) =>
            new()
            {
                FromLeftM = left,
                WidthM = wide,
                SillM = sill,
                HeightM = high,
            };
        Assert.Empty(With(At(0, 1), At(1, 1), At(0, 1, 2, 0.5)));
        Assert.Equal("$.walls[0].openings[0]: the opening reaches beyond its wall", Said(With(At(3.5, 1))));
        Assert.Equal("$.walls[0].openings[0]: the opening reaches beyond its wall", Said(With(At(0, 1, 1, 2))));
        Assert.Equal("$.walls[0].openings[1]: the opening lies over another", Said(With(At(0, 1), At(0.5, 1))));
        Assert.Equal("$.walls[0].openings[1]: the opening lies over another", Said(With(At(0, 1), At(0, 1, 1.9, 0.5))));
        Assert.Equal("$.walls[0].openings[0].widthM: expected 0.02 to 200, found 0", Said(With(At(0, 0))));
        static string Said(Fault[] faults) => string.Join("; ", faults.Select(f => $"{f.Path}: {f.Message}"));
    }

    [Fact]
    public void The_firm_keeps_within_its_ranges()
    {
        void Bad(Func<Job, Job> change, string path, string expected)
        {
            var fault = Assert.Single(JobSense.Faults(change(Job(Wall))));
            Assert.Equal(path, fault.Path);
            Assert.Contains(expected, fault.Message, StringComparison.Ordinal);
        }

        var own = new OwnProduct
        {
            Id = "own",
            Title = "Own",
            Class = "p_emul_contract",
        };
        var trial = new TrialPatch
        {
            Surface = "s",
            Method = "st_solvent",
            Cleared = 1,
            Minutes = 5,
        };
        Assert.Empty(JobSense.Faults(Job(Wall) with { Products = [own], Trials = [trial] }));
        Bad(j => j with { Products = [own with { Class = "paint" }] }, "$.products[0].class", "./allsound products");
        Bad(j => j with { Products = [own, own] }, "$.products[1].id", "stands twice");
        Bad(j => j with { Products = [own with { Spread = 0 }] }, "$.products[0].spread", "0.1 to 100");
        Bad(j => j with { Products = [own with { Voc = 1001 }] }, "$.products[0].voc", "0 to 1000");
        Bad(j => j with { Products = [own with { Tins = [5, 2.5] }] }, "$.products[0].tins[1]", "ascending");
        Bad(j => j with { Products = [own with { LatestDays = 0 }] }, "$.products[0].latestDays", "1 to 365");
        Bad(j => j with { HouseRules = ImmutableDictionary<string, string>.Empty.Add("S0", "x") }, "$.houseRules.S0", "unknown question");
        Bad(j => j with { Trials = [trial with { Surface = "roof" }] }, "$.trials[0].surface", "no surface 'roof'");
        Bad(j => j with { Trials = [trial with { Method = "st_flame" }] }, "$.trials[0].method", "that strips");
        Bad(j => j with { Trials = [trial with { AreaM2 = 5 }] }, "$.trials[0].areaM2", "0.001 to 4");
        Bad(j => j with { Rates = j.Rates with { Currency = "pounds" } }, "$.rates.currency", "three-letter");
        Bad(j => j with { Rates = j.Rates with { LabourPerHour = -1 } }, "$.rates.labourPerHour", "0 to 1000");
        Bad(j => j with { Judgements = [new Judgement { Cause = "c_ghosts" }] }, "$.judgements[0].cause", "./allsound causes");
        Bad(j => j with { Format = "else/1" }, "$.format", Core.Jobs.Job.CurrentFormat);
    }

    [Fact]
    public void A_product_that_a_sequence_names_cannot_be_dropped()
    {
        var own = new OwnProduct
        {
            Id = "own",
            Title = "Own",
            Class = "p_emul_contract",
        };
        var job = Job(Wall with { Sequence = [new SequenceStep { Operation = "tc_emul_roll", Product = "own" }] }) with { Products = [own] };
        Assert.Empty(JobSense.Faults(job));
        var fault = Assert.Single(JobSense.FirmFaults(job with { Products = [] }));
        Assert.Equal("$.products", fault.Path);
        Assert.Contains("'own' is still in the own sequence of Surface", fault.Message, StringComparison.Ordinal);
    }

    [Fact]
    public void A_file_that_is_wrong_throughout_is_told_so_a_hundred_times_and_no_more()
    {
        Assert.Equal(100, Faults(Wall with { Layers = [.. Enumerable.Repeat(Coat("cheese"), 300)] }).Length);
    }
}
