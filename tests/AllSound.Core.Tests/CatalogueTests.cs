using System.Collections;
using System.Runtime.CompilerServices;
using System.Runtime.Loader;
using AllSound.Core.Assessment;
using AllSound.Core.Diagnosis;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Safety;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using NetArchTest.Rules;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>The catalogues hold together, and the core stays a core.</summary>
public sealed class CatalogueTests
{
    [Fact]
    public void Ids_are_unique_and_everything_has_a_source()
    {
        Unique(Operations.All.Select(o => o.Id));
        Unique(Needs.All.Select(n => n.Id));
        Unique(Causes.All.Select(c => c.Id));
        Unique(Signs.All.Select(s => s.Id));
        Unique(Checks.All.Select(c => c.Id));
        Unique(Coatings.All.Select(c => c.Id).Concat(Sundries.All.Select(s => s.Id)));
        Assert.True(Needs.All.Length <= NeedSet.Capacity);
        Assert.All(Needs.All, n => Assert.Equal(n, Needs.All[n.Index]));
        Assert.All(Operations.All, o => Assert.NotEmpty(o.Source.Name));
    }

    [Fact]
    public void Everything_that_washes_or_wipes_the_face_asks_whether_lead_is_under_control()
    {
        var washes = Operations.All.Where(o => o.Group is Group.Clean or Group.Decontaminate && o.Leaves?.Clock == Drying.Wash && !o.Refused && !o.ByOthers);
        // New zinc has no old paint on it.
        var without = washes
            .Where(o => o.Id != "ab_mordant")
            .Where(o => !o.Needs.Contains(SiteNeeds.LeadControlled) && !o.Needs.Contains(SiteNeeds.LeadWashed) && !o.Needs.Contains(SiteNeeds.LeadAbsent))
            .Select(o => o.Id);

        Assert.Equal([], without);
    }

    [Fact]
    public void What_neutralises_alkali_leaves_acid_and_is_bought()
    {
        var act = Operations.Acts.Single(a => a.Operation.Id == "dc_neutralise_alk");

        Assert.Equal(Residue.Acid, After(Residue.Acid));
        Assert.Equal(Residue.Stripper, After(Residue.Stripper));
        Assert.Equal(Residue.None, After(Residue.Alkali));
        Assert.NotEmpty(act.Operation.Uses);

        Residue After(Residue before) => Treatments.Apply(default(Condition).With(Facets.Residue, before), act).After.Get(Facets.Residue);
    }

    [Fact]
    public void Every_need_says_in_plain_words_what_is_wrong_while_it_does_not_hold()
    {
        Assert.All(Needs.All, n => Assert.NotEqual(n.Title, n.Unmet));
        Assert.Equal("Loose film is still on.", GroundNeeds.LooseOff.Problem);
        Assert.Equal("the filler has not dried through", Needs.FillerDry.Unmet);
        Assert.Equal("fewer than 3 finish coats are on", Needs.Topcoats(3).Unmet);

        // No double negatives, and nothing of the old register.
        Assert.DoesNotContain(Needs.All, n => n.Unmet.Contains(" not no ", StringComparison.Ordinal) || n.Unmet.Contains("not so ", StringComparison.Ordinal));
    }

    [Fact]
    public void Enumerations_and_their_definitions_stand_in_one_order()
    {
        Assert.All(Substrates.All, s => Assert.Equal(s, Substrates.Of(s.Value)));
        Assert.Equal(Enum.GetValues<Substrate>().Length, Substrates.All.Length);
        Assert.All(ExistingCoatings.All, c => Assert.Equal(c, ExistingCoatings.Of(c.Value)));
        Assert.Equal(Enum.GetValues<Film>().Length - 1, ExistingCoatings.All.Length);
    }

    [Fact]
    public void Every_hold_says_what_frees_it_and_every_need_is_asked_for_somewhere()
    {
        Assert.All(Needs.All.Where(n => n.Hold), n => Assert.NotEmpty(n.Frees));
        var asked = Operations.Acts.SelectMany(a => a.Needs).Concat(Needs.All.Select(n => n.Opening).OfType<Need>()).ToHashSet();
        Need[] goals =
        [
            Needs.Hidden,
            Needs.LeadCleaned,
            Needs.SiteCleared,
            Needs.FilmGone,
            Needs.FullFinish,
            Needs.FloorFinish,
            Needs.VarnishBuilt,
            Needs.LimewashBuilt,
            Needs.ReliefGone,
            GroundNeeds.JointSealed,
            .. Enumerable.Range(1, 5).Select(Needs.Topcoats),
        ];
        // A product now laid only as a spot keeps what it may follow, for the day when it is laid all over.
        Assert.Empty(Needs.All.Where(n => !asked.Contains(n) && !goals.Contains(n) && !n.Id.StartsWith("follows-", StringComparison.Ordinal)));
    }

    [Fact]
    public void Evidence_refers_to_known_signs_with_sane_likelihoods()
    {
        Assert.All(
            Causes.All.SelectMany(c => c.Evidence),
            e =>
            {
                Assert.NotNull(Signs.Find(e.Sign));
                Assert.InRange(e.IfCause, 0.01, 0.99);
                Assert.InRange(e.IfNot, 0.01, 0.99);
            }
        );
    }

    [Fact]
    public void Dry_film_follows_from_spread_and_solids_within_what_a_wall_takes_up()
    {
        // Volume geometry: theoretical spread = 10 x solids / film, m2/L; practice is below it (ISO 3233, from memory).
        Assert.All(Coatings.All.Where(c => c.Hides), c => Assert.InRange(c.Spread.Smooth, 0.4 * 10 * c.VolumeSolids / c.Microns, 1.05 * 10 * c.VolumeSolids / c.Microns));
    }

    [Theory]
    [InlineData(Jurisdiction.US, 1977, Lead.Presumed)]
    [InlineData(Jurisdiction.US, 1978, Lead.ProvedAbsent)]
    [InlineData(Jurisdiction.GB, 1991, Lead.Presumed)]
    [InlineData(Jurisdiction.GB, 1992, Lead.ProvedAbsent)]
    [InlineData(Jurisdiction.AU, 1996, Lead.Presumed)]
    [InlineData(Jurisdiction.GB, null, Lead.Presumed)]
    public void Lead_is_presumed_by_age_and_place(Jurisdiction place, int? year, Lead lead)
    {
        // 1978: 40 CFR 745. 1992: sale of white lead paint ended in Great Britain. 1997: Australia. From memory.
        Assert.Equal(lead, LeadPresumption.For(place, year).Lead);
    }

    [Fact]
    public void The_core_knows_no_storage_web_files_network_or_clock()
    {
        string[] outside =
        [
            "System.IO.File",
            "System.IO.Directory",
            "System.IO.FileStream",
            "System.Net",
            "System.Data",
            "Dapper",
            "Microsoft.Data",
            "Microsoft.AspNetCore",
            "Microsoft.Extensions",
            "System.TimeProvider",
            "System.Diagnostics.Stopwatch",
            "System.Random",
        ];
        var result = Types.InAssembly(typeof(Operations).Assembly).ShouldNot().HaveDependencyOnAny(outside).GetResult();

        Assert.True(result.IsSuccessful, string.Join(", ", result.FailingTypeNames ?? []));
    }

    [Theory]
    [InlineData("AllSound.Core.Treatment.Needs", "WaterStainBlocked")]
    [InlineData("AllSound.Core.Treatment.FabricNeeds", null)]
    [InlineData("AllSound.Core.Treatment.Catalogue.MetalCoats", null)]
    [InlineData("AllSound.Core.Materials.Coatings", null)]
    public void The_order_of_needs_does_not_hang_on_who_asks_first(string type, string? field)
    {
        // The core once more, with nothing of it made ready yet.
        var context = new AssemblyLoadContext(null, isCollectible: true);
        var fresh = context.LoadFromAssemblyPath(typeof(Operations).Assembly.Location);
        var first = fresh.GetType(type, throwOnError: true)!;
        RuntimeHelpers.RunClassConstructor(first.TypeHandle);
        Assert.True(field is null || first.GetField(field)!.GetValue(null) is not null);

        var all = (IEnumerable)fresh.GetType(typeof(Needs).FullName!)!.GetProperty(nameof(Needs.All))!.GetValue(null)!;
        Assert.Equal(Needs.All.Select(n => n.Id), all.Cast<object>().Select(n => (string)n.GetType().GetProperty(nameof(Need.Id))!.GetValue(n)!));
        context.Unload();
    }

    [Fact]
    public void Conditions_are_values_and_time_runs_down_their_clocks()
    {
        var one = default(Condition).With(Facets.Key, Key.Shiny).With(Facets.Soil, Soil.Greasy);
        var other = default(Condition).With(Facets.Soil, Soil.Greasy).With(Facets.Key, Key.Shiny);
        Assert.Equal(one, other);
        Assert.Equal(one.GetHashCode(), other.GetHashCode());

        var act = Operations.Acts.First(a => a.Operation.Id == "ca_acrylic");
        var wet = Treatments.Apply(default, act).After;
        Assert.Equal(12 * 60, wet.MinutesLeft(Drying.Caulk));
        Assert.Equal(0, wet.After(12 * 60).MinutesLeft(Drying.Caulk));
        Assert.Throws<ArgumentOutOfRangeException>(() => wet.After(-1));
        Assert.Throws<ArgumentOutOfRangeException>(() => Treatments.Apply(default, act, -1));
    }

    private static void Unique(IEnumerable<string> ids)
    {
        var all = ids.ToList();
        Assert.Equal(all.Distinct().Count(), all.Count);
    }
}
