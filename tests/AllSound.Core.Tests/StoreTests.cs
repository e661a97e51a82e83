using AllSound.Core.Buying;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Technique;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>What a tin of the store is still good for, and what becomes of tools at the end of a day. Facts: common practice, from memory.</summary>
public sealed class StoreTests
{
    private const string Matt = "p_emul_contract";

    private static Job Wall(params StoreTin[] store) =>
        One.Job(
            One.Surface(Element.Wall, "gyp_old", One.Good with { Key = Key.Abraded }, [One.Coat("emul_matt")], new Brief { Colour = "white", Sheen = Sheen.Matt })
        ) with
        {
            Store = [.. store],
        };

    private static StoredTin[] Told(params StoreTin[] store)
    {
        var job = Wall(store);
        return [.. Takeoff.Of(job, job.Surfaces().ToDictionary(x => x.Surface.Id, x => Specifier.Specify(job, x.Building, x.Space, x.Surface))).Stored];
    }

    private static StoreTin Tin(string product, double amount, string? colour = null) =>
        new()
        {
            Id = $"{product}-{colour}",
            Product = product,
            Amount = amount,
            Colour = colour,
        };

    [Fact]
    public void What_a_job_takes_of_a_tin_is_said_first_and_the_rest_is_told_of()
    {
        var paint = Takeoff.Of(Wall(), Specified(Wall())).Materials.First(m => m.Unit == "L");
        var tin = Assert.Single(Told(Tin(paint.Id, paint.Need + 2)));

        Assert.Equal(paint.Need, tin.Taken, 3);
        Assert.Contains("goes into this job", tin.Says[0], StringComparison.Ordinal);
        // Two litres at the class's spread on a smooth face.
        Assert.Contains(
            FormattableString.Invariant($"one coat on about {Math.Round(2 * Coatings.Find(paint.Id)!.Spread.Smooth)} m²"),
            string.Join(' ', tin.Says),
            StringComparison.Ordinal
        );

        var all = Assert.Single(Told(Tin(paint.Id, paint.Need / 2)));
        Assert.Equal(["All of it goes into this job."], all.Says);
    }

    private static Dictionary<string, Specified> Specified(Job job) =>
        job.Surfaces().ToDictionary(x => x.Surface.Id, x => Specifier.Specify(job, x.Building, x.Space, x.Surface));

    [Fact]
    public void Contract_matt_also_primes_plaster_and_filler_and_a_colour_serves_its_own_only()
    {
        var red = Assert.Single(Told(Tin(Matt, 1, "red")));
        var says = string.Join(' ', red.Says);
        Assert.Equal(0, red.Taken);
        Assert.Contains("mist-coat bare plaster", says, StringComparison.OrdinalIgnoreCase);
        Assert.Contains("filler", says, StringComparison.Ordinal);
        Assert.Contains("In red only", says, StringComparison.Ordinal);
        Assert.Contains("frost", says, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("p_gloss_alk", "skin")]
    [InlineData("p_epoxy_prim", "two parts")]
    [InlineData("p_polish", "sticky")]
    public void How_it_is_kept_follows_from_what_carries_it(string product, string word) =>
        Assert.Contains(word, string.Join(' ', Assert.Single(Told(Tin(product, 1))).Says), StringComparison.Ordinal);

    [Fact]
    public void A_tin_half_of_air_is_filled_into_a_smaller_one_and_what_is_spoilt_only_thrown_away()
    {
        var airy = Assert.Single(Told(Tin(Matt, 0.9, "red") with { Container = 5 }));
        Assert.Contains("into one of 1 L", string.Join(' ', airy.Says), StringComparison.Ordinal);
        var brim = Assert.Single(Told(Tin(Matt, 4, "red") with { Container = 5 }));
        Assert.DoesNotContain("air", string.Join(' ', brim.Says), StringComparison.Ordinal);

        var spoilt = Assert.Single(Told(Tin(Matt, 4) with { Spoilt = true }));
        Assert.Equal(0, spoilt.Taken);
        Assert.Contains("never down a drain", Assert.Single(spoilt.Says), StringComparison.Ordinal);
    }

    [Fact]
    public void Tools_are_washed_out_in_what_carries_the_paint()
    {
        foreach (var paint in Coatings.All)
        {
            var says = HandTools.WashOut(paint);
            Assert.Contains(
                paint switch
                {
                    { PotLifeHours: not null } => "own thinner",
                    { Carrier: Carrier.Water } => "water",
                    { Carrier: Carrier.Alcohol } => "alcohol",
                    _ => "white spirit",
                },
                says,
                StringComparison.Ordinal
            );
            // Oily rags heat up by themselves.
            Assert.Equal(paint is { PotLifeHours: null, Carrier: not (Carrier.Water or Carrier.Alcohol) }, says.Contains("rags", StringComparison.Ordinal));
        }
    }
}
