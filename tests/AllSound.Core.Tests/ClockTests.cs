using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>What waiting brings about: soiling in the open, windows that pass, rust on bared iron; and who is to blame for it.</summary>
public sealed class ClockTests
{
    private static readonly Surface Window = One.Surface(
        Element.Window,
        "sw",
        One.Good with
        {
            FailedPutty = true,
            Soil = Soil.Clean,
            Key = Key.Shiny,
        },
        [One.Coat("alkyd_gloss")],
        exposure: Exposure.Outside
    );

    [Theory]
    [InlineData(96, false)] // The least that putty asks for (BS 8000-7, from memory).
    [InlineData(168, false)] // What is advised: nobody is blamed for it.
    [InlineData(500, true)] // Two weeks more in the weather.
    public void Standing_in_the_open_soils_only_beyond_the_advised_wait(int hours, bool soils)
    {
        var faults = Strict.Run(Window, "mk_floor", "cl_sugar_soap", "ab_gloss@24", "du_vac", "uc_alkyd", "rp_putty@24", $"tc_gloss/p_gloss_alk@{hours}");

        Assert.Equal(soils, faults.Any(f => f.Step == 7 && f.Need == GroundNeeds.SoilOff));
        Assert.DoesNotContain(faults, f => f.Step == 7 && f.Need == Needs.FillerDry);
    }

    [Fact]
    public void Putty_overcoated_before_its_skin_is_a_fault()
    {
        var faults = One.Audit(Window, "mk_floor", "cl_sugar_soap", "ab_gloss@24", "du_vac", "rp_putty", "uc_alkyd@24").Faults;

        var fault = Assert.Single(faults, f => f.Step == 6 && f.Need == Needs.FillerDry);
        Assert.Equal("Wait 96 h in all before this step, not 24 h.", fault.Mend);
    }

    [Fact]
    public void A_coat_whose_window_passes_while_putty_dries_is_keyed_before_the_next()
    {
        // A waterborne two-part primer takes the next coat for two days only; putty skins in four to seven (common practice, from memory).
        var window = One.Surface(
            Element.Window,
            "steel",
            One.Good with
            {
                LooseShare = 0.2,
                BareShare = 0.2,
                Rust = Rust.Heavy,
                FailedPutty = true,
            },
            [One.Coat("pu_2k", 2)],
            new Brief
            {
                Finish = FinishFamily.Metal,
                Avoid =
                [
                    "p_dtm",
                    "p_znphos_alk",
                    "p_znphos_wb",
                    "p_epoxy_prim",
                    "p_epoxy_mastic",
                    "p_zinc_rich",
                    "p_bond_wb",
                    "p_gloss_alk",
                    "p_egg_alk",
                    "p_enamel_wb",
                    "p_enamel_hyb",
                ],
            },
            Exposure.Outside
        );
        var found = 0;
        foreach (var option in One.Specify(window).Options)
        {
            Assert.Empty(Strict.Run(window, One.Specify(window).Appraised, Demo.Sequence(option)));
            found += Passes(option);
        }

        Assert.True(found > 0, "no option with a window that passes");
    }

    // How often a coat's window passes in an option; wherever it does, the coat is keyed before the next overall coat.
    private static int Passes(Option option)
    {
        var passed = 0;
        for (var i = 0; i < option.Steps.Length; i++)
        {
            var step = option.Steps[i];
            if (step.Before.Get(Facets.Overdue) == Presence.None)
            {
                continue;
            }

            passed++;
            var next = option.Steps.Skip(i).First(s => s.After.Get(Facets.Overdue) == Presence.None);
            Assert.Contains(next.Act.Operation.Id, (string[])["dn_between", "dn_wet"]);
            Assert.DoesNotContain(option.Steps.Take(next.Number - 1).Skip(i), s => s.Act.Operation.Role is not (CoatRole.None or CoatRole.Spot));
        }

        return passed;
    }

    [Theory]
    [InlineData(3, false)]
    [InlineData(5, true)]
    public void Bared_iron_rusts_within_the_shift(int hours, bool rusts)
    {
        // Four hours: common practice (ISO 12944-7, from memory).
        var rail = One.Surface(
            Element.Railing,
            "steel",
            One.Good with
            {
                Rust = Rust.Light,
                Soil = Soil.Clean,
                LooseShare = 0.1,
                BareShare = 0.1,
            },
            [One.Coat("alkyd_gloss")],
            exposure: Exposure.Outside
        );
        var faults = Strict.Run(rail, "mk_floor", "ls_scrape_loose", "ab_metal_hand", "du_vac", $"sp_metal@{hours}");

        Assert.Equal(rusts, faults.Any(f => f.Step == 5 && f.Need == FabricNeeds.RustOff));
    }

    [Fact]
    public void Hours_that_bared_iron_stands_add_up_over_several_waits()
    {
        var rail = One.Surface(
            Element.Railing,
            "steel",
            One.Good with
            {
                Rust = Rust.Light,
                Soil = Soil.Clean,
                LooseShare = 0.1,
                BareShare = 0.1,
            },
            [One.Coat("alkyd_gloss")],
            exposure: Exposure.Outside
        );

        Assert.Contains(Rusts("ab_metal_hand", "du_vac@2.5", "sp_metal@2.5"), f => f.Need == FabricNeeds.RustOff);
        Assert.DoesNotContain(Rusts("ab_metal_hand", "du_vac@1.5", "sp_metal@1.5"), f => f.Need == FabricNeeds.RustOff);

        // Prepared anew, the shift begins anew.
        Assert.DoesNotContain(Rusts("ab_metal_hand@2.5", "ab_metal_hand@2.5", "du_vac", "sp_metal@2"), f => f.Need == FabricNeeds.RustOff && f.Step == 6);

        IEnumerable<Unmet> Rusts(params string[] steps) => Strict.Run(rail, ["mk_floor", "ls_scrape_loose", .. steps]).Where(f => f.Step > 3);
    }

    [Theory]
    [InlineData(20, 20, false)]
    [InlineData(36, 36, true)] // One and a half days and again one and a half: a two-day window has passed.
    [InlineData(60, 1, true)]
    public void Days_that_a_coat_waits_for_the_next_add_up_over_several_waits(int first, int second, bool passed)
    {
        var coat = Operations.Acts.First(a => a.Operation.Role == CoatRole.Primer && a.Product?.Drying.LatestDays == 2);
        var quiet = Operations.Acts.First(a => a.Operation.Id == "mk_floor");
        var after = Treatments.Apply(Treatments.Apply(default, coat).After, quiet, first).After.After(second * 60);

        Assert.Equal(passed ? Presence.Present : Presence.None, after.Get(Facets.Overdue));
    }

    [Fact]
    public void An_option_is_to_be_preferred_for_the_days_that_it_really_saves()
    {
        var told = 0;
        foreach (var id in Demo.Job.Surfaces().Select(x => x.Surface.Id))
        {
            var options = Demo.Specify(id).Options;
            foreach (var option in options)
            {
                var cheapest = options.MinBy(o => o.Criteria.Money)!;
                var days = Math.Round(cheapest.Criteria.ElapsedDays - option.Criteria.ElapsedDays, 1);
                var line = option.PreferWhen.SingleOrDefault(l => l.Contains("sooner is worth", StringComparison.Ordinal));
                Assert.Equal(days > 0.2, line is not null);
                if (line is not null)
                {
                    told++;
                    var money = option.Criteria.Money - cheapest.Criteria.Money;
                    Assert.Equal($"Prefer it when being done {Core.Wording.Figures.Days(days)} sooner is worth {Core.Wording.Figures.Money(money, "GBP")}.", line);
                }
            }
        }

        Assert.True(told > 0);
    }

    /// <summary>From black to white it takes three coats to hide; each is there for that, whichever comes last.</summary>
    [Fact]
    public void Coats_that_hide_together_all_say_so()
    {
        var trim = One.Surface(Element.Skirting, "sw", One.Good with { Key = Key.Toothy }, [One.Coat("enamel_wb", lrv: 2)], new Brief { Lrv = 85 });
        var specified = One.Specify(trim);
        Assert.Equal(Count.Three, specified.Appraised.Condition.Get(Facets.ToHide));
        Assert.All(specified.Options.SelectMany(o => o.Steps), s => Assert.True(s.Links.Length > 0 || s.Because is not null));
        Assert.Contains(
            specified.Options,
            o =>
                o.Steps.Any(s => s.Links.Any(l => l.Need == Needs.Hidden) && s.After.Get(Facets.ToHide) != Count.None)
                || o.Steps.Count(s => s.Act.Operation.Role == CoatRole.Finish) == 3
        );
        var audited = Strict.Run(trim, specified.Appraised, [.. Demo.Sequence(specified.Options[0])]);
        Assert.Empty(audited);
    }

    /// <summary>A step that the clocks make needless is taken out: nothing is in an option that could be left out of it.</summary>
    [Theory]
    [InlineData(47)]
    [InlineData(110)]
    [InlineData(5)]
    public void Nothing_is_in_an_option_that_it_does_not_need(int seed)
    {
        var job = SurveyGenerator.Job(seed, 12);
        foreach (var (building, space, surface) in job.Surfaces())
        {
            var specified = Specifier.Specify(job, building, space, surface);
            foreach (var option in specified.Options)
            {
                foreach (var step in option.Steps.Where(s => s.Act.Operation.Group is Group.Clean or Group.DustOff or Group.Denib or Group.Undercoat or Group.Prime))
                {
                    var rest = Demo.Sequence(option).Where((_, i) => i != step.Number - 1).ToArray();
                    Assert.True(
                        !Strict.Run(surface, specified.Appraised, rest).IsEmpty,
                        $"seed {seed}, {surface.Id}, {option.Name}: {step.Act.Id}, step {step.Number}, could be left out"
                    );
                }
            }
        }
    }
}
