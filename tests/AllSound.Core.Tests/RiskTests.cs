using AllSound.Core.Materials;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>Years to first maintenance, what can still go wrong and what is left undone, from the finished condition. Judgement.</summary>
public sealed class RiskTests
{
    private static readonly Condition Sound = default(Condition).With(Facets.Film, Film.None).With(Facets.Lead, Lead.ProvedAbsent).With(Facets.Topcoats, Count.Two);

    private static readonly CoatingClass Paint = Coatings.All.First(c => c.Life.Outside > 0 && c.Life.Inside != c.Life.Outside);

    [Fact]
    public void A_finish_lives_by_where_it_is()
    {
        Assert.Equal(Paint.Life.Inside, Longevity.Years(Paint, Exposure.Inside, Sound));
        Assert.Equal(Paint.Life.Outside, Longevity.Years(Paint, Exposure.Outside, Sound));
    }

    [Fact]
    public void Every_weakness_that_stays_takes_its_part_and_they_add_up()
    {
        double Share(Condition last) => Longevity.Years(Paint, Exposure.Outside, last) / Paint.Life.Outside;
        var bound = Sound.With(Facets.Edges, Edges.Bound);
        var heavy = Sound.With(Facets.Load, LayerLoad.Heavy);
        var once = Sound.With(Facets.Topcoats, Count.One);

        // What is only tied down fails before what is feathered out, that before what was never loose.
        Assert.InRange(Share(bound), 0.5, Share(Sound.With(Facets.Edges, Edges.Firm)) - 0.05);
        Assert.InRange(Share(Sound.With(Facets.Edges, Edges.Firm)), 0.85, 0.99);
        Assert.InRange(Share(heavy), 0.5, 0.95);
        Assert.InRange(Share(once), 0.5, 0.95);
        Assert.Equal(Share(bound) * Share(heavy) * Share(once), Share(bound.With(Facets.Load, LayerLoad.Heavy).With(Facets.Topcoats, Count.One)), 9);
    }

    [Fact]
    public void What_stays_is_said_as_a_risk_and_sound_work_has_none()
    {
        var appraised = One.Appraise(One.Surface(Element.Wall, "gyp_old", One.Good, [One.Coat("emul_matt")])) with { Resolutions = [] };
        string[] Risks(Condition last) => [.. Longevity.Risks(appraised, last)];

        Assert.Empty(Risks(Sound));
        Assert.Contains("only tied down", Assert.Single(Risks(Sound.With(Facets.Edges, Edges.Bound))), StringComparison.Ordinal);
        Assert.Contains("Ten or more old coats stay", Assert.Single(Risks(Sound.With(Facets.Load, LayerLoad.Heavy))), StringComparison.Ordinal);
        Assert.Contains("If the leak comes back", Assert.Single(Risks(Sound.With(Facets.WaterStain, Bleed.Blocked))), StringComparison.Ordinal);
        Assert.Contains("in the grain", Assert.Single(Risks(Sound.With(Facets.Lead, Lead.Presumed))), StringComparison.Ordinal);
        var under = Sound.With(Facets.Lead, Lead.Confirmed).With(Facets.Film, Film.AlkydGloss);
        Assert.Contains("stays under the new coats", Assert.Single(Risks(under)), StringComparison.Ordinal);
    }

    [Fact]
    public void Assumptions_that_a_glance_would_not_settle_are_a_risk()
    {
        var appraised = One.Appraise(One.Surface(Element.Wall, "gyp_old", new Facts(), [One.Coat("emul_matt")]));
        var assumed = appraised.Resolutions.Where(r => r is { How: Assessment.Resolved.Assumed, AtAGlance: false }).ToArray();
        Assert.NotEmpty(assumed);

        var risk = Assert.Single(Longevity.Risks(appraised, Sound), r => r.StartsWith("Rests on assumptions about: ", StringComparison.Ordinal));
        Assert.All(assumed, r => Assert.Contains(r.Facet.Title, risk, StringComparison.Ordinal));
    }

    [Theory]
    [InlineData(nameof(Facets.WaterStain))]
    [InlineData(nameof(Facets.Tannin))]
    [InlineData(nameof(Facets.Tar))]
    [InlineData(nameof(Facets.Ink))]
    public void A_blocked_stain_is_still_there(string facet)
    {
        var stain = (Facet<Bleed>)Facets.All.Single(f => f.Name == char.ToLowerInvariant(facet[0]) + facet[1..]);
        Assert.Equal(["Stains are blocked, not taken out."], Longevity.LeftUndone(Sound, Sound.With(stain, Bleed.Blocked)));
    }

    [Fact]
    public void What_is_left_undone_is_told_by_the_end_and_the_beginning()
    {
        Assert.Empty(Longevity.LeftUndone(Sound, Sound));
        var filmed = Sound.With(Facets.Film, Film.AlkydGloss);
        Assert.Equal(["The old coats stay where they hold."], Longevity.LeftUndone(filmed, filmed));
        Assert.Empty(Longevity.LeftUndone(filmed, Sound));
        Assert.Equal(["Converted rust stays in the pits."], Longevity.LeftUndone(Sound, Sound.With(Facets.Rust, Rust.Converted)));
    }
}
