using AllSound.Core.Buying;
using AllSound.Core.Jobs;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>A room is set up once: what its surfaces share is not charged for each of them, and nothing else is saved.</summary>
public sealed class SharingTests
{
    private static Dictionary<string, Specified> Specified(Job job) =>
        job.Surfaces().ToDictionary(x => x.Surface.Id, x => Specifier.Specify(job, x.Building, x.Space, x.Surface), StringComparer.Ordinal);

    private static Surface Wall(string id) => One.Surface(Element.Wall, "gyp_old", One.Good, [One.Coat("emul_matt")]) with { Id = id, Title = id };

    private static Job With(params Surface[] surfaces)
    {
        var job = One.Job(surfaces[0]);
        var building = job.Buildings[0];
        return job with { Buildings = [building with { Spaces = [building.Spaces[0] with { Surfaces = [.. surfaces] }] }] };
    }

    [Fact]
    public void One_surface_by_itself_shares_nothing()
    {
        var job = With(Wall("a"));
        var specified = Specified(job);
        Assert.Empty(Sharing.Of(job, specified));
        var taken = Takeoff.Of(job, specified);
        Assert.Equal(Math.Round(taken.Surfaces[0].Option!.Criteria.LabourHours, 2), taken.LabourHours);
    }

    [Fact]
    public void Two_like_walls_are_covered_and_cleared_up_once()
    {
        var job = With(Wall("a"), Wall("b"));
        var specified = Specified(job);
        var together = Assert.Single(Sharing.Of(job, specified));
        Assert.Contains(SetUp.Covering, together.What);
        Assert.Contains(SetUp.Clearing, together.What);

        // The second wall still adds its edges and its lines in the record.
        var steps = Takeoff.Planned(job.Buildings[0].Spaces[0].Surfaces[1], specified["b"])!.Steps.Where(s => s.Act.Operation.Once is not null).ToArray();
        Assert.Equal(steps.Sum(s => s.Spend.Hours - s.Act.Operation.Once!.AgainHours), together.Hours, 6);
        var taken = Takeoff.Of(job, specified);
        Assert.Equal(taken.Surfaces.Sum(s => s.Option!.Criteria.LabourHours) - together.Hours, taken.LabourHours, 2);
    }

    [Fact]
    public void Rooms_share_nothing_with_each_other()
    {
        var job = With(Wall("a"));
        var building = job.Buildings[0];
        var second = building.Spaces[0] with { Id = "other", Title = "Other", Surfaces = [Wall("b")] };
        job = job with { Buildings = [building with { Spaces = [building.Spaces[0], second] }] };
        Assert.Empty(Sharing.Of(job, Specified(job)));
    }

    [Fact]
    public void A_tower_serves_for_a_platform_and_is_hired_once()
    {
        Surface High(string id, double height) => Wall(id) with { Facts = One.Good with { WorkHeightM = height } };
        var job = With(High("low", 3), High("high", 5), High("higher", 5));
        var specified = Specified(job);
        var taken = Takeoff.Of(job, specified);
        var towers = taken.Surfaces.SelectMany(s => s.Items).Where(i => i.Step.Act.Operation.Id == "ms_tower" && i.Material is not null).ToArray();
        Assert.Single(towers);
        Assert.Contains(Sharing.Of(job, specified), t => t.What.Contains(SetUp.Access));
    }

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    public void What_is_saved_is_never_more_than_the_set_up_costs_and_paint_stays_as_it_was(int seed)
    {
        var job = SurveyGenerator.Job(seed + 4400, 40);
        var specified = Specified(job);
        var taken = Takeoff.Of(job, specified);
        foreach (var together in taken.Together)
        {
            var all = together.Space.Surfaces.SelectMany(s => Takeoff.Planned(s, specified[s.Id])?.Steps ?? []).Where(s => s.Act.Operation.Once is not null).ToArray();
            Assert.InRange(together.Money, 0.01m, all.Sum(s => s.Spend.Money));
            Assert.InRange(together.Hours, 0, all.Sum(s => s.Spend.Hours));
            Assert.Contains("less than one by one", together.Says("GBP"), StringComparison.Ordinal);
        }

        var litres = taken.Surfaces.SelectMany(s => s.Items).Where(i => i.Unit == "L" && i.Step.Act.Product?.Id == i.Material).Sum(i => i.Amount);
        Assert.Equal(taken.Surfaces.Sum(s => s.Option?.Steps.Sum(t => t.Spend.Litres) ?? 0), litres, 6);
    }
}
