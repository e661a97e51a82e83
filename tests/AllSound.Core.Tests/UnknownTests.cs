using AllSound.Core.Assessment;
using AllSound.Core.Inspection;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>Over generated surveys: what is not known is never better than what is known to be good.</summary>
public sealed class UnknownTests
{
    private static readonly Dictionary<string, (Func<Facts, Facts> Unknown, Func<Facts, Facts> Good)> Pairs = new(StringComparer.Ordinal)
    {
        ["lead"] = (f => f with { Lead = null }, f => f with { Lead = Lead.ProvedAbsent }),
        ["asbestos"] = (f => f with { Asbestos = null }, f => f with { Asbestos = Lead.ProvedAbsent }),
        ["outlets"] = (f => f with { Outlets = null }, f => f with { Outlets = false }),
        ["soil"] = (f => f with { Soil = null }, f => f with { Soil = Soil.Clean }),
        ["moisture"] = (f => f with { Moisture = null }, f => f with { Moisture = Moisture.Dry }),
        ["source of damp"] = (
            f => f with { DampSource = null },
            f => f with { DampSource = f.Moisture >= Moisture.Damp || f.WaterStainShare > 0 ? DampSource.Cured : DampSource.None }
        ),
        ["cause of mould"] = (f => f with { MouldSource = null }, f => f with { MouldSource = DampSource.Cured }),
        ["film"] = (f => f with { LooseShare = null }, f => f with { LooseShare = 0 }),
        ["powder"] = (f => f with { Powdery = null }, f => f with { Powdery = false }),
        ["footing"] = (f => f with { FragileFooting = null }, f => f with { FragileFooting = false }),
        ["knots"] = (f => f with { Knots = null }, f => f with { Knots = 0 }),
    };

    public static TheoryData<string> Facts_ => [.. Pairs.Keys];

    [Theory]
    [MemberData(nameof(Facts_))]
    public void Not_knowing_never_makes_the_work_cheaper_safer_or_free(string fact)
    {
        var (unknown, good) = Pairs[fact];
        for (var seed = 0; seed < 25; seed++)
        {
            var job = SurveyGenerator.Job(seed + 900, 3);
            foreach (var (building, space, surface) in job.Surfaces())
            {
                // A sign or a reading of the fact would be another way of knowing it.
                var plain = surface with
                {
                    Signs = [],
                    Readings = [],
                };
                var known = Specifier.Specify(job, building, space, plain with { Facts = good(plain.Facts) });
                var not = Specifier.Specify(job, building, space, plain with { Facts = unknown(plain.Facts) });
                if (known.Options.IsEmpty)
                {
                    Assert.True(not.Options.IsEmpty, $"{fact}, seed {seed}, {surface.Id}: free when unknown, held when good");
                    continue;
                }

                if (!not.Options.IsEmpty)
                {
                    Assert.True(
                        not.Options.Min(o => o.Criteria.Money) >= known.Options.Min(o => o.Criteria.Money) - 0.01m,
                        $"{fact}, seed {seed}, {surface.Id}: cheaper when unknown"
                    );

                    // Where lead is ruled out the trade works dry, with more dust: there the points say nothing. Elsewhere a wash more may save some scraping: a tenth.
                    Assert.True(
                        fact == "lead" || not.Options.Min(o => o.Criteria.Hazard) >= (known.Options.Min(o => o.Criteria.Hazard) * 0.9) - 0.01,
                        $"{fact}, seed {seed}, {surface.Id}: safer when unknown"
                    );
                }
            }
        }
    }

    [Fact]
    public void Every_presumption_says_why_and_what_would_settle_it()
    {
        foreach (
            var (job, building, space, surface) in Enumerable
                .Range(0, 60)
                .SelectMany(s => SurveyGenerator.Job(s, 3) is var j ? j.Surfaces().Select(x => (j, x.Building, x.Space, x.Surface)) : [])
        )
        {
            foreach (var resolution in Appraisal.Appraise(job, building, space, surface).Resolutions.Where(r => r.How == Resolved.Presumed))
            {
                Assert.False(string.IsNullOrWhiteSpace(resolution.Why));
                Assert.True(resolution.Check is null || Checks.Find(resolution.Check) is not null, resolution.Check);
            }
        }
    }
}
