using System.Globalization;
using System.Text.Json;
using AllSound.Core.Documents;
using AllSound.Core.Exchange;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Safety;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Testing;
using Xunit;
using static AllSound.Testing.One;

namespace AllSound.Core.Tests;

/// <summary>Hazards come from everything that is known, unknown is not safe, and nothing that can be recorded is without effect. Facts of the trade.</summary>
public sealed class HazardTests
{
    private static string[] Ids(Surface surface, int? built = 2010)
    {
        return [.. Hazards.Of(surface, Specify(surface, built)).Select(h => h.Hazard.Id)];
    }

    private static Surface Door(Facts facts) => Surface(Element.Door, "sw", facts, [Coat("alkyd_gloss")]);

    private static Surface Wall(Facts facts) => Surface(Element.Wall, "gyp_old", facts, [Coat("emul_matt")]);

    public static TheoryData<string, Surface, int?> Triggers() =>
        new()
        {
            { "lead", Door(new Facts()), 1930 },
            { "lead", Door(new Facts { Lead = Lead.Confirmed }), 2010 },
            { "lead-said-absent", Door(new Facts { Lead = Lead.ProvedAbsent }), 1930 },
            { "asbestos", Surface(Element.Ceiling, "gyp_old", new Facts(), [Coat("texture")]), 1975 },
            { "asbestos", Surface(Element.Ceiling, "gyp_old", new Facts(), [Coat("emul_matt")]) with { Form = new Form { Kind = "texture-deep" } }, 1975 },
            { "asbestos", Surface(Element.Pipe, "steel", new Facts { Lagging = true }, [Coat("alkyd_gloss")]), 1975 },
            { "asbestos", Surface(Element.Floor, "conc_cast", new Facts(), [Coat("bitumen")]), 1975 },
            { "asbestos-near", Wall(Good with { LooseShare = 0.2, Asbestos = null, Lead = null }), 1975 },
            { "fire-rating", Door(new Facts { FireRated = true }), 2010 },
            { "fire-rating", Door(new Facts()), 2010 },
            { "electricity", Wall(new Facts()), 2010 },
            { "electricity", Wall(new Facts { WiringCondemned = true }), 2010 },
            { "heights", Wall(new Facts { WorkHeightM = 3 }), 2010 },
            { "heights", Surface(Element.Gutter, "iron_cast", new Facts(), [Coat("alkyd_gloss")], exposure: Exposure.Outside), 2010 },
            { "fragile", Surface(Element.RoofSheet, "galv_old", new Facts { FragileFooting = true }, [], exposure: Exposure.Outside), 2010 },
            { "people-below", Wall(new Facts { PeopleBelow = true }), 2010 },
            { "overhead-lines", Wall(new Facts { OverheadLines = true }), 2010 },
            { "confined", Wall(new Facts { Confined = true }), 2010 },
            { "unwell", Wall(new Facts { Unwell = true }), 2010 },
            { "wind", Surface(Element.Cladding, "render_cem", new Facts { WorkHeightM = 6 }, [Coat("masonry_ac")], exposure: Exposure.Outside), 2010 },
            { "alone", Wall(new Facts { Alone = true, WorkHeightM = 3 }), 2010 },
            { "alone", Wall(Good with { Alone = true }), 2010 },
            { "shut", Wall(new Facts { Shut = true }), 2010 },
            { "treated-timber", Surface(Element.Boarding, "sw_treat", new Facts(), [], exposure: Exposure.Outside), 2010 },
            { "heights", Surface(Element.RoofSheet, "galv_old", new Facts { FragileFooting = true, WorkHeightM = 6 }, [], exposure: Exposure.Outside), 2010 },
            { "chemicals", Surface(Element.Wall, "lime_new", Good, []), 2010 },
            { "solvent", Wall(Good with { Flames = true }), 2010 },
            { "falling-masses", Surface(Element.Ceiling, "lime_old", new Facts { MayFall = true }, [Coat("emul_matt")]), 2010 },
            { "falling-masses", Surface(Element.Ceiling, "lime_old", new Facts { Hollow = true }, [Coat("emul_matt")]), 2010 },
            { "nests", Wall(new Facts { Nests = true }), 2010 },
            { "drinking-water", Surface(Element.Pipe, "steel", new Facts { DrinkingWater = true }, [Coat("alkyd_gloss")]), 2010 },
            {
                "much-mould",
                Wall(new Facts { Mould = true, MouldShare = 1 }) with
                {
                    Size = new Size { LengthM = 6, HeightM = 2.4 },
                },
                2010
            },
            { "vulnerable", Wall(new Facts { Vulnerable = true }), 2010 },
            { "vulnerable", Wall(new Facts { Mould = true }), 2010 },
            { "solvent", Following(Door(Good), "S20", "solvent"), 2010 },
            {
                "rags",
                Door(Good with { LooseShare = 0.3 }) with
                {
                    Brief = new Brief { Avoid = ["p_enamel_wb", "p_enamel_hyb", "p_gloss_alk", "p_egg_alk", "p_pu2k_wb"] },
                },
                2010
            },
            { "monoxide", Wall(new Facts { Fumes = true }), 2010 },
            { "hot", Surface(Element.Radiator, "steel", new Facts(), [Coat("alkyd_gloss")]), 2010 },
            { "chemicals", Wall(new Facts { OnFace = OnFace.Mixed }), 2010 },
            { "chemicals", Wall(new Facts { OnFace = OnFace.Unknown }), 2010 },
            { "run-off", Surface(Element.Cladding, "render_cem", new Facts { RunOff = true }, [Coat("masonry_ac")], exposure: Exposure.Outside), 2010 },
            { "silica", Surface(Element.Wall, "conc_cast", Good with { LooseShare = 0.6 }, [Coat("masonry_ac")]), 2010 },
            { "consent", Wall(new Facts { Consent = Consent.Waiting }), 2010 },
            { "injection", Wall(Good) with { Brief = new Brief { Sprayed = true } }, 2010 },
            {
                "isocyanate",
                Surface(
                    Element.Railing,
                    "steel",
                    Good with
                    {
                        Rust = Rust.Light,
                    },
                    [],
                    new Brief { Avoid = ["p_dtm", "p_gloss_alk", "p_egg_alk", "p_enamel_wb", "p_enamel_hyb"] },
                    Exposure.Outside
                ),
                2010
            },
        };

    [Theory]
    [MemberData(nameof(Triggers))]
    public void A_hazard_is_in_force_by_each_of_its_triggers(string hazard, Surface surface, int? built) => Assert.Contains(hazard, Ids(surface, built));

    [Fact]
    public void No_row_of_the_register_is_without_a_trigger_here() =>
        Assert.Equal(Hazards.All.Select(h => h.Id).Order(StringComparer.Ordinal), Triggers().Select(row => row.Data.Item1).Distinct().Order(StringComparer.Ordinal));

    private static Surface Following(Surface surface, string question, string school) =>
        surface with
        {
            Brief = surface.Brief with { HouseRules = System.Collections.Immutable.ImmutableDictionary<string, string>.Empty.Add(question, school) },
        };

    [Fact]
    public void What_nobody_asked_about_is_said_not_to_have_been_asked()
    {
        var surface = Following(Door(Good), "S20", "solvent");
        var found = Hazards.Of(surface, Specify(surface));
        var fire = found.Single(h => h.Hazard.Id == "fire-rating");
        Assert.Contains("not asked", fire.Because, StringComparison.Ordinal);
        Assert.Equal(HazardDuty.Notice, fire.Duty);
        var rated = Door(Good with { FireRated = true });
        Assert.Equal(HazardDuty.Licensed, Hazards.Of(rated, Specify(rated)).Single(h => h.Hazard.Id == "fire-rating").Duty);
        Assert.Contains("not asked", found.Single(h => h.Hazard.Id == "solvent").Because, StringComparison.Ordinal);
        var asked = Following(Door(Good with { FireRated = false, Flames = false }), "S20", "solvent");
        Assert.DoesNotContain("fire-rating", Ids(asked));
        Assert.DoesNotContain("not asked", Hazards.Of(asked, Specify(asked)).Single(h => h.Hazard.Id == "solvent").Because, StringComparison.Ordinal);
    }

    [Fact]
    public void What_is_known_comes_before_what_was_not_asked_and_the_gravest_first()
    {
        var surface = Door(new Facts { PeopleBelow = true, OverheadLines = true });
        var duties = Hazards.Of(surface, Specify(surface, 1930)).Select(h => h.Duty).ToList();
        Assert.Equal(duties.Order(), duties);
        Assert.Equal(HazardDuty.Stop, duties[0]);
    }

    [Fact]
    public void How_much_mould_is_asked_where_it_could_be_a_specialists()
    {
        var wide = Wall(Good with { Mould = true, MouldSource = DampSource.Cured }) with
        {
            Size = new Size { LengthM = 6, HeightM = 2.4 },
        };
        var found = Hazards.Of(wide, Specify(wide)).Single(h => h.Hazard.Id == "much-mould");
        Assert.Equal(HazardDuty.Notice, found.Duty);
        Assert.NotEmpty(Specify(wide).Options);
        var little = wide with { Facts = wide.Facts with { MouldShare = 0.1 } };
        Assert.DoesNotContain("much-mould", Ids(little));
        var much = wide with { Facts = wide.Facts with { MouldShare = 0.8 } };
        Assert.Equal(["mould-few"], Specify(much).Holds.Select(h => h.Need.Id));
        Assert.DoesNotContain(Specify(much).Meanwhile, s => s.Act.Operation.Id == "cl_mould_wash");
    }

    [Theory]
    [InlineData(OnFace.Bleach)]
    [InlineData(OnFace.Acid)]
    [InlineData(OnFace.Alkali)]
    [InlineData(OnFace.Ammonia)]
    [InlineData(OnFace.Stripper)]
    [InlineData(OnFace.Unknown)]
    public void A_chemical_left_on_any_common_ground_is_taken_off_before_anything_else_goes_on(OnFace chemical)
    {
        Surface[] grounds = [Wall(Good), Door(Good), Surface(Element.Railing, "steel", Good, [Coat("alkyd_gloss")], exposure: Exposure.Outside)];
        foreach (var ground in grounds.Select(g => g with { Facts = g.Facts with { OnFace = chemical } }))
        {
            var options = Specify(ground).Options;
            Assert.NotEmpty(options);
            Assert.All(
                options,
                o =>
                {
                    var rinsed = o.Steps.First(s => s.After.Get(Facets.Residue) == Residue.None).Number;
                    Assert.All(
                        o.Steps.Where(s => s.Number < rinsed),
                        s => Assert.False(s.Act.Operation.Group is Core.Treatment.Group.Clean || s.Act.Operation.Role != Core.Treatment.CoatRole.None)
                    );
                }
            );
        }
    }

    [Fact]
    public void Two_chemicals_that_met_stop_everything_and_are_rinsed_in_the_plan_for_afterwards()
    {
        var specified = Specify(Wall(Good with { OnFace = OnFace.Mixed }));
        Assert.Equal(["no-gas"], specified.Holds.Select(h => h.Need.Id));
        Assert.Empty(specified.Meanwhile);
        Assert.Contains(specified.Afterwards!.Plan.Options[0].Steps, s => s.Act.Operation.Id == "dc_rinse_cleaner");
    }

    // Judgement of the trade: a clean-down is for lead, comes before coats that would seal the dust in, and is never a cheap way to dust off.
    [Fact]
    public void The_lead_area_is_cleared_before_the_first_coat_and_only_where_there_is_lead()
    {
        var loose = Good with { LooseShare = 0.2 };
        foreach (var option in Specify(Door(loose with { Lead = Lead.Confirmed }), 1930).Options)
        {
            var ids = option.Steps.Select(s => s.Act.Operation.Id).ToList();
            var coat = option
                .Steps.First(s => s.Act.Operation.Role is Core.Treatment.CoatRole.Primer or Core.Treatment.CoatRole.Undercoat or Core.Treatment.CoatRole.Finish)
                .Number;
            Assert.InRange(ids.LastIndexOf("dc_lead_clean") + 1, 1, coat - 1);
        }

        Assert.All(Specify(Door(loose)).Options, o => Assert.DoesNotContain(o.Steps, s => s.Act.Operation.Id is "dc_lead_clean" or "ms_lead_setup"));
    }

    // A wall of an escape route is stripped like another; the door in it is not.
    [Fact]
    public void A_fire_rating_binds_doors_and_not_the_paper_on_the_wall()
    {
        var loose = Good with { LooseShare = 0.6, Edges = EdgeNature.Lifting, FireRated = true };
        Assert.Contains(Specify(Wall(loose)).Options, o => o.Steps.Any(s => s.Act.Operation.Group == Core.Treatment.Group.Strip));
        Assert.All(Specify(Door(loose)).Options, o => Assert.DoesNotContain(o.Steps, s => s.Act.Operation.Group == Core.Treatment.Group.Strip));
        Assert.Contains("fire-rating", Ids(Wall(loose)));
    }

    [Fact]
    public void A_sound_modern_wall_of_which_all_is_known_has_no_hazard_but_what_its_work_makes() =>
        Assert.Empty(Ids(Wall(Good with { Vulnerable = false, Flames = false, Lagging = false })));

    // Common practice and makers' limits, from memory.
    [Theory]
    [InlineData(2, Access.InReach, null)]
    [InlineData(3, Access.NeedsPlatform, "ms_access")]
    [InlineData(5, Access.NeedsTower, "ms_tower")]
    [InlineData(9, Access.NeedsScaffold, "ms_scaffold")]
    public void Heights_are_reached_by_what_goes_so_high_with_its_time_and_price(double height, Access access, string? by)
    {
        var surface = Wall(Good with { Access = null, WorkHeightM = height });
        Assert.Equal(access, Appraise(surface).Condition.Get(Facets.Access));
        var option = Specify(surface).Options[0];
        Assert.Equal(by, option.Steps.Select(s => s.Act.Operation.Id).FirstOrDefault(i => i is "ms_access" or "ms_tower" or "ms_scaffold"));
        var low = Specify(Wall(Good)).Options[0];
        Assert.True(by is null ? option.Criteria.Money == low.Criteria.Money : option.Criteria.Money > low.Criteria.Money + (access == Access.NeedsPlatform ? 5 : 100));
    }

    [Fact]
    public void Solvent_waits_for_the_pilot_light_and_is_not_used_in_a_shut_room()
    {
        var flames = Specify(Door(Good with { Flames = true }));
        Assert.All(
            flames.Options.Where(o => o.Steps.Any(s => s.Act.Operation.Id == "ms_ventilate")),
            o => Assert.True(Array.IndexOf(One.Ids(o), "ms_flames_out") is var at and >= 0 && at < Array.IndexOf(One.Ids(o), "ms_ventilate"))
        );
        var shut = Specify(Door(Good with { Shut = true }));
        Assert.NotEmpty(shut.Options);
        Assert.All(shut.Options, o => Assert.DoesNotContain("ms_ventilate", One.Ids(o)));
    }

    [Fact]
    public void What_is_said_of_a_room_or_a_building_holds_for_every_surface_that_does_not_say_otherwise()
    {
        var surface = Door(Good with { FireRated = false });
        string[] With(Surroundings? room, Surroundings? house, Surface one)
        {
            var job = Job(one);
            var space = job.Buildings[0].Spaces[0] with { Surroundings = room };
            var building = job.Buildings[0] with { Surroundings = house, Spaces = [space] };
            job = job with { Buildings = [building] };
            return [.. Hazards.Of(one, Specifier.Specify(job, building, space, one)).Select(h => h.Hazard.Id)];
        }

        var flames = new Surroundings { Fumes = true };
        Assert.DoesNotContain("monoxide", With(null, null, surface));
        Assert.Contains("monoxide", With(flames, null, surface));
        Assert.Contains("monoxide", With(null, flames, surface));
        Assert.DoesNotContain("monoxide", With(new Surroundings { Fumes = false }, flames, surface));
        Assert.DoesNotContain("monoxide", With(flames, null, surface with { Facts = surface.Facts with { Fumes = false } }));
        foreach (var property in typeof(Surroundings).GetProperties())
        {
            var around = (Surroundings)
                JsonSerializer.Deserialize($"{{\"{JsonNamingPolicy.CamelCase.ConvertName(property.Name)}\":true}}", typeof(Surroundings), JobFile.Options)!;
            Assert.Equal(true, typeof(Facts).GetProperty(property.Name)!.GetValue(around.Around(new Facts())));
        }

        Assert.Equal(
            typeof(Surroundings).GetProperties().Select(p => JsonNamingPolicy.CamelCase.ConvertName(p.Name)).Order(StringComparer.Ordinal),
            FactSheet.Groups.SelectMany(g => g.Fields).Where(f => f.Shared).Select(f => f.Key).Order(StringComparer.Ordinal)
        );
    }

    [Fact]
    public void An_audit_names_the_hazards_of_the_sequence()
    {
        var surface = Door(Good with { Flames = true }) with { Sequence = [Demo.Parse("tc_gloss")] };
        var job = Job(surface);
        var (building, space, one) = job.Surfaces().Single();
        Assert.Contains("solvent", AuditReporting.Audit(job, building, space, one).Hazards.Select(h => h.Hazard));
    }

    [Theory]
    [InlineData(DocumentKind.Specification)]
    [InlineData(DocumentKind.HazardSheet)]
    public void Hazards_stand_on_top_of_what_is_worked_by(DocumentKind kind)
    {
        var job = Job(Door(new Facts()), 1930);
        var (building, space, surface) = job.Surfaces().Single();
        var specified = new Dictionary<string, Specified> { [surface.Id] = Specifier.Specify(job, building, space, surface) };
        var page = Writing.Write(kind, job, specified, "today", "1", surface.Id).Pages.Single();
        var text = string.Join(
            "\n",
            page.Blocks.TakeWhile(b => b.Kind is not (BlockKind.Text or BlockKind.Checks) && b.Head is not ["step", ..])
                .SelectMany(b => b.Items.Prepend(b.Text).Concat(b.Cells().SelectMany(r => r)))
        );
        Assert.Contains("Lead paint", text, StringComparison.Ordinal);
        Assert.Contains("Fire door", text, StringComparison.Ordinal);
    }

    // For everything that the list of facts holds there is a survey in which it changes the answer.
    [Fact]
    public void No_entry_is_dead()
    {
        Surface[] bases =
        [
            Wall(new Facts()),
            Door(new Facts()),
            Surface(Element.Wall, "gyp_old", new Facts(), []),
            Surface(
                Element.Ceiling,
                "lime_old",
                new Facts
                {
                    LooseShare = 0.2,
                    WaterStainShare = 0.1,
                    Mould = true,
                },
                [Coat("texture")]
            ),
            Surface(
                Element.Wall,
                "lime_old",
                new Facts
                {
                    LooseShare = 0.2,
                    WaterStainShare = 0.1,
                    Mould = true,
                    FillShare = 0.1,
                },
                [Coat("emul_matt")]
            ),
            Surface(Element.Skirting, "sw", new Facts(), []),
            Surface(Element.Door, "sw", new Facts { Lead = Lead.ProvedAbsent, LooseShare = 0.1 }, [Coat("alkyd_gloss")]),
            Surface(Element.Ceiling, "gyp_old", new Facts { Asbestos = Lead.ProvedAbsent, LooseShare = 0.1 }, [Coat("texture")]),
            Surface(
                Element.Wall,
                "gyp_old",
                new Facts
                {
                    OpenJointM = 2,
                    Salts = true,
                    Tar = true,
                    Ink = true,
                    AirTempC = 15,
                    AirHumidity = 60,
                },
                [Coat("emul_matt")]
            ),
            Surface(Element.Door, "sw", new Facts { LooseShare = 0.6 }, [Coat("oil_lead", 12)]),
            Surface(Element.Window, "sw", new Facts { LooseShare = 0.2 }, [Coat("alkyd_gloss")], exposure: Exposure.Outside),
            Surface(Element.Boarding, "wd_weath", new Facts(), [], exposure: Exposure.Outside),
            Surface(Element.RoofSheet, "galv_old", new Facts { OpenLaps = true }, [Coat("alkyd_gloss")], exposure: Exposure.Outside),
            Surface(Element.Railing, "steel", new Facts { LooseShare = 0.2 }, [Coat("alkyd_gloss")], exposure: Exposure.Outside),
            Surface(Element.Radiator, "steel", new Facts(), [Coat("alkyd_gloss")]),
            Surface(Element.Wall, "paper_lin", new Facts(), [Coat("emul_matt")]),
            Surface(Element.Floor, "conc_cast", new Facts(), []),
            Surface(Element.Wall, "lime_old", new Facts { LooseShare = 0.2, Edges = EdgeNature.Lifting }, [Coat("emul_matt")]),
            Wall(new Facts { Mould = true }) with
            {
                Size = new Size { LengthM = 8, HeightM = 2.4 },
            },
        ];
        var before = bases.Select(b => Answer(b)).ToArray();
        var dead = FactSheet
            .Groups.SelectMany(g => g.Fields)
            .SelectMany(f => Answers(f).Select(a => (f.Key, Value: a)))
            .GroupBy(x => x.Key)
            .Where(g => !g.Any(x => bases.Where((b, i) => Said(b, x.Key, x.Value) is { } with && Answer(with) != before[i]).Any()))
            .Select(g => g.Key);
        Assert.Empty(dead);
    }

    private static string Answer(Surface surface)
    {
        var job = Job(surface, 1985);
        var (building, space, one) = job.Surfaces().Single();
        var specified = Specifier.Specify(job, building, space, one);
        return JsonSerializer.Serialize(
            new
            {
                specification = Reporting.Report(job, one, specified, why: false),
                diagnosis = Reporting.Findings(job, one, specified),
                stripping = Technique.StrippingChoice.Rank(job, one, specified.Appraised),
            },
            JobFile.Compact
        );
    }

    private static Surface? Said(Surface surface, string key, string value)
    {
        var node = JsonSerializer.SerializeToNode(surface.Facts, JobFile.Compact)!.AsObject();
        node[key] = System.Text.Json.Nodes.JsonNode.Parse(value);
        return JobFile.Parse<Facts>(node.ToJsonString()).Value is { } facts ? surface with { Facts = facts } : null;
    }

    private static string[] Answers(FactField field) =>
        field.Kind switch
        {
            FactKind.YesNo => ["true", "false"],
            FactKind.Pick => [.. field.Options.Select(o => $"\"{o.Value}\"")],
            FactKind.Words => ["\"laboratory\""],
            FactKind.Percent => ["0.3", "1"],
            _ => [field.Most!.Value.ToString(CultureInfo.InvariantCulture), "5"],
        };
}
