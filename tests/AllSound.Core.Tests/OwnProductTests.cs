using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Practice;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;
using static AllSound.Testing.One;

namespace AllSound.Core.Tests;

/// <summary>The firm's own products: their numbers win, also where there are two of one class.</summary>
public sealed class OwnProductTests
{
    private static readonly OwnProduct Quick = new()
    {
        Id = "quick",
        Title = "Quick enamel",
        Class = "p_enamel_wb",
        LeastHours = 2,
    };

    private static readonly OwnProduct Slow = Quick with { Id = "slow", Title = "Slow enamel", LeastHours = 20 };

    private static readonly Surface Trim = Surface(Element.Skirting, "sw", Good with { Key = Key.Toothy }, [Coat("enamel_wb")]);

    private static Job Firmly(Surface surface) => Job(surface, with: j => j with { Products = [Quick, Slow] });

    private static SequenceStep[] Coats(string product, double wait) =>
        [.. new[] { "mk_floor", "cl_sugar_soap", $"tc_wb_trim/{product}@5", $"dn_wet@{wait}", $"tc_wb_trim/{product}@1", "ac_clean@30" }.Select(Demo.Parse)];

    private static Audited Audit(SequenceStep[] steps)
    {
        var job = Firmly(Trim);
        return Auditor.Audit(job.Rates, Trim, Appraise(Trim), steps, Firm.Of(job));
    }

    [Fact]
    public void The_product_named_sets_the_wait_and_not_another_of_its_class()
    {
        Assert.DoesNotContain(Audit(Coats("quick", 3)).Faults, f => f.Need!.Clock == Drying.Coat);
        Assert.Contains(Audit(Coats("slow", 3)).Faults, f => f.Need!.Clock == Drying.Coat);
        Assert.DoesNotContain(Audit(Coats("slow", 21)).Faults, f => f.Need!.Clock == Drying.Coat);
    }

    [Fact]
    public void A_class_stands_for_the_firms_first_product_of_it()
    {
        Assert.Equal(Audit(Coats("quick", 3)).Faults.Select(f => (f.Step, f.Need!.Id)), Audit(Coats("p_enamel_wb", 3)).Faults.Select(f => (f.Step, f.Need!.Id)));
        Assert.Equal("Quick enamel", Firm.Of(Firmly(Trim)).Act(Operations.Find("tc_wb_trim")!, "p_enamel_wb")!.Product!.Title);
        Assert.Equal("Slow enamel", Firm.Of(Firmly(Trim)).Act(Operations.Find("tc_wb_trim")!, "slow")!.Product!.Title);
        Assert.Null(Firm.Of(Firmly(Trim)).Act(Operations.Find("tc_gloss")!, "slow"));
        Assert.Null(Firm.Of(Firmly(Trim)).Act(Operations.Find("tc_gloss")!, "nothing"));
    }

    [Fact]
    public void The_shopping_list_buys_the_firms_own_tins_at_its_own_price()
    {
        var own = Quick with { Tins = [0.75, 3], LitrePrice = 21 };
        var job = Job(Trim, with: j => j with { Products = [own] });
        var bought = Reporting.Quantities(job).Materials.Single(m => m.Product == "quick");

        Assert.Equal("Quick enamel", bought.Title);
        Assert.All(bought.Buy, b => Assert.Contains(b.Size, own.Tins));
        Assert.Equal(bought.Buy.Sum(b => (decimal)b.Size * b.Count) * 21, bought.Cost);
        Assert.DoesNotContain(Reporting.Quantities(job).Materials, m => m.Product == "p_enamel_wb");
    }

    [Theory]
    [InlineData("spread", "100 m2/L is not plausible")]
    [InlineData("thinMost", "90 % is not plausible")]
    [InlineData("leastHours", "expected 0.1 to 2000")]
    [InlineData("advisedHours", "expected 20 or more, the least wait")]
    [InlineData("latestDays", "keyed before it may be overcoated")]
    [InlineData("leastC", "expected less than the most")]
    public void Numbers_that_no_such_product_has_are_refused(string place, string says)
    {
        var product = place switch
        {
            "spread" => Quick with { Spread = 100 },
            "thinMost" => Quick with { ThinMost = 90 },
            "leastHours" => Quick with { LeastHours = 0 },
            "advisedHours" => Slow with { AdvisedHours = 5 },
            "latestDays" => Quick with { LeastHours = 60, LatestDays = 1 },
            _ => Quick with { LeastC = 30, MostC = 10 },
        };
        var faults = JobSense.Faults(Job(Trim, with: j => j with { Products = [product] }));

        Assert.Contains(faults, f => f.Path == $"$.products[0].{place}" && f.Message.Contains(says, StringComparison.Ordinal));
    }

    [Fact]
    public void A_product_with_the_numbers_of_its_class_is_plausible()
    {
        var every = Coatings.All.Select(c => new OwnProduct
        {
            Id = $"own-{c.Id.Replace('_', '-')}",
            Title = c.Title,
            Class = c.Id,
            Spread = c.Spread.Smooth,
            VolumeSolids = c.VolumeSolids,
            Microns = c.Microns,
            ThinMost = c.ThinMost,
            LeastHours = c.Drying.Least,
            AdvisedHours = c.Drying.Advised,
            LatestDays = c.Drying.LatestDays,
            Voc = c.Voc,
            Tins = c.Tins,
        });

        Assert.Empty(JobSense.Faults(Job(Trim, with: j => j with { Products = [.. every] })));
    }

    [Fact]
    public void A_product_that_is_gone_is_said_and_read_as_another()
    {
        var audited = Audit(Coats("gone", 30));
        Assert.Contains(audited.Notes, l => l.Says.Contains("'gone' is no product any more", StringComparison.Ordinal));
    }

    [Fact]
    public void A_job_may_name_its_own_products_and_no_others()
    {
        var named = Firmly(Trim with { Sequence = [.. Coats("slow", 21)] });
        Assert.Empty(JobSense.Faults(named));
        Assert.Equal(named.Products, JobFile.Read(JobFile.Write(named)).Job!.Products);
        Assert.Contains(JobSense.Faults(Firmly(Trim with { Sequence = [.. Coats("other", 21)] })), f => f.Path.EndsWith("sequence[2].product", StringComparison.Ordinal));

        var without = named with { Products = [named.Products[0]] };
        Assert.Contains(JobSense.FirmFaults(without), f => f.Message.Contains("still in the own sequence", StringComparison.Ordinal));
        Assert.Empty(JobSense.FirmFaults(named));
    }
}
