using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;
using static AllSound.Testing.One;

namespace AllSound.Core.Tests;

/// <summary>What an audit says would put a fault right, and what it had to read into the lines. Common practice.</summary>
public sealed class MendTests
{
    private static readonly Surface Wall = Surface(Element.Wall, "gyp_old", Good, [Coat("emul_matt")]);

    [Fact]
    public void A_product_left_open_is_read_as_the_usual_one_and_said_with_its_step()
    {
        var audited = Audit(Wall, "mk_floor", "tc_emul_roll", "tc_emul_roll/p_emul_contract");
        var usual = Operations.FindAct(Operations.Find("tc_emul_roll")!, null)!.Product!;

        Assert.Contains(new AuditNote(2, $"Product not specified; read as {usual.Title}."), audited.Notes);
    }

    [Fact]
    public void Where_there_is_one_product_only_none_need_be_named()
    {
        var single = Operations.All.First(o => o.Products.Length == 1);
        Assert.DoesNotContain(Audit(Wall, single.Id).Notes, n => n.Says.StartsWith("Product not specified", StringComparison.Ordinal));
    }

    [Fact]
    public void What_comes_too_soon_is_told_how_long_to_wait_in_all()
    {
        var coats = (SequenceStep[])
            [
                new SequenceStep { Operation = "tc_emul_roll", Product = "p_emul_contract" },
                new SequenceStep
                {
                    Operation = "tc_emul_roll",
                    Product = "p_emul_contract",
                    WaitHours = 0.5,
                },
            ];
        var job = Job(Wall);
        var fault = Auditor.Audit(job.Rates, Wall, Appraise(Wall), coats).Faults.Single(f => f.Step == 2 && f.Need!.Clock is not null);

        var least = Operations.FindAct(Operations.Find("tc_emul_roll")!, Materials.Coatings.Find("p_emul_contract"))!.Leaves!.Least;
        Assert.Equal(FormattableString.Invariant($"Wait {least:0.##} h in all before this step, not 30 min."), fault.Mend);
    }

    [Fact]
    public void What_others_must_settle_is_told_as_a_stop_with_what_would_settle_it()
    {
        var damp = Surface(Element.Wall, "gyp_old", Good with { Moisture = Moisture.Wet, DampSource = DampSource.Open }, [Coat("emul_matt")]);
        var audited = Audit(damp, "mk_floor", "tc_emul_roll/p_emul_contract", "tc_emul_roll/p_emul_contract");
        var held = audited.Faults.Where(f => f.Need!.Hold).ToList();

        Assert.NotEmpty(held);
        Assert.All(held, f => Assert.Contains(string.Join("; ", f.Need!.Frees), f.Mend, StringComparison.Ordinal));
        Assert.Contains(held, f => f.Mend.StartsWith("Stop until: ", StringComparison.Ordinal));
    }

    [Fact]
    public void Work_cut_short_is_told_what_to_add()
    {
        var audited = Audit(Wall, "mk_floor", "cl_sugar_soap");
        var missing = audited.Faults.Where(f => f.Step is null).ToList();

        Assert.NotEmpty(missing);
        Assert.All(missing, f => Assert.True(f.Mend.StartsWith("Add: ", StringComparison.Ordinal) || f.Mend == "Fixed by the step added at the end.", f.Mend));
        Assert.Contains(missing, f => f.Need == Needs.Topcoats(1) && f.Mend.Contains("(contract matt wall paint)", StringComparison.Ordinal));

        // Clearing up is not asked for: nobody writes it down.
        Assert.DoesNotContain(missing, f => f.Need == Needs.SiteCleared);
    }

    [Fact]
    public void Following_the_mend_of_a_fault_makes_it_go_away()
    {
        string[] steps = ["mk_floor", "tc_emul_roll/p_emul_contract", "tc_emul_roll/p_emul_contract", "ac_clean"];
        var greasy = Surface(Element.Wall, "gyp_old", Good with { Soil = Soil.Greasy }, [Coat("emul_matt")]);
        var fault = Audit(greasy, steps).Faults.First(f => f.Mend.StartsWith("Before this step: ", StringComparison.Ordinal));
        var words = fault.Mend["Before this step: ".Length..].TrimEnd('.').Split("; then ");
        string[] put =
        [
            .. words.Select(w =>
                Operations.Acts.First(a =>
                    string.Equals(w, $"{a.Operation.Title}{(a.Product is null ? "" : $" ({a.Product.Title})")}", StringComparison.OrdinalIgnoreCase)
                )
                    is var act
                    ? act.Product is null
                        ? act.Operation.Id
                        : $"{act.Operation.Id}/{act.Product.Id}"
                    : ""
            ),
        ];
        string[] mended = [.. steps[..(fault.Step!.Value - 1)], .. put, .. steps[(fault.Step.Value - 1)..]];

        Assert.DoesNotContain(Audit(greasy, mended).Faults, f => f.Need == fault.Need);
    }

    [Fact]
    public void What_is_broken_and_stays_so_is_told_once()
    {
        var wall = Surface(Element.Wall, "gyp_old", Good with { Soil = Soil.Greasy }, [Coat("emul_matt")]);
        var soil = Audit(wall, "mk_floor", "tc_emul_roll/p_emul_contract", "tc_emul_roll/p_emul_contract", "tc_emul_roll/p_emul_contract")
            .Faults.Where(f => f.Need!.Id == "soil-off")
            .ToList();
        Assert.Equal(2, Assert.Single(soil).Step);
    }

    public static TheoryData<int> Seeds => [.. Enumerable.Range(12, 20)];

    /// <summary>Whatever is put right, nothing is put in that is done dry where old paint may hold lead and no laboratory has ruled it out. A safety invariant.</summary>
    [Theory]
    [MemberData(nameof(Seeds))]
    public void No_mend_is_dry_where_lead_is_not_ruled_out(int seed)
    {
        var looked = 0;
        foreach (var (job, surface, specified, steps) in Broken(seed))
        {
            var start = specified.Appraised.Condition;
            if (
                start.Get(Facets.Lead) == Lead.ProvedAbsent
                || start.Get(Facets.Film) is not (Film.OilLead or Film.AlkydGloss or Film.EmulsionMatt or Film.EmulsionSilk or Film.Varnish)
            )
            {
                continue;
            }

            looked++;
            var written = steps.Select(s => s.Operation).ToHashSet(StringComparer.Ordinal);
            var audited = Auditor.Audit(job.Rates, surface, specified.Appraised, steps);
            Assert.DoesNotContain(audited.Mended, s => !written.Contains(s.Operation) && Operations.Find(s.Operation)!.Needs.Contains(SiteNeeds.LeadAbsent));
        }

        Assert.True(looked > 0);
    }

    // Options with steps left out, steps of another option put in, and waits cut short.
    private static IEnumerable<(Job Job, Surface Surface, Specified Specified, List<SequenceStep> Steps)> Broken(int seed)
    {
        var random = new Random(seed);
        var job = SurveyGenerator.Job(seed + 4200, 45);
        foreach (var (building, space, surface) in job.Surfaces())
        {
            var specified = Specifier.Specify(job, building, space, surface);
            if (specified.Options.Length == 0)
            {
                continue;
            }

            var steps = specified.Options[0].Steps.Select(s => new SequenceStep { Operation = s.Act.Operation.Id, Product = s.Act.Product?.Id }).ToList();
            for (var n = 0; n < 3 && steps.Count > 1; n++)
            {
                switch (random.Next(3))
                {
                    case 0:
                        steps.RemoveAt(random.Next(steps.Count));
                        break;
                    case 1:
                        var i = random.Next(steps.Count);
                        steps[i] = steps[i] with { WaitHours = random.NextDouble() };
                        break;
                    default:
                        var other = specified.Options[random.Next(specified.Options.Length)].Steps;
                        var act = other[random.Next(other.Length)].Act;
                        steps.Insert(random.Next(steps.Count), new SequenceStep { Operation = act.Operation.Id, Product = act.Product?.Id });
                        break;
                }
            }

            yield return (job, surface, specified, steps);
        }
    }

    /// <summary>Options with steps left out, steps of another option put in, and waits cut short: whatever the fault, the mended sequence is sound.</summary>
    [Theory]
    [MemberData(nameof(Seeds))]
    public void A_mended_sequence_is_sound(int seed)
    {
        var mended = 0;
        foreach (var (job, surface, specified, steps) in Broken(seed))
        {
            var audited = Auditor.Audit(job.Rates, surface, specified.Appraised, steps);
            if (audited.Mended.IsEmpty)
            {
                Assert.True(audited.Faults.IsEmpty || audited.Faults.Any(f => f.Mend.Length > 0));
                continue;
            }

            mended++;
            var again = Auditor.Audit(job.Rates, surface, specified.Appraised, audited.Mended).Faults;
            Assert.True(
                again.IsEmpty,
                $"{surface.Id}: {string.Join(" ", steps.Select(Say))} => {string.Join(" ", audited.Mended.Select(Say))}: {string.Join("; ", again.Select(f => $"{f.Step} {f.Need!.Id}"))}"
            );
        }

        Assert.True(mended >= 2, $"{mended} mended");

        static string Say(SequenceStep step) => step.Operation + (step.WaitHours is { } hours ? FormattableString.Invariant($"@{hours:0.##}") : "");
    }
}
