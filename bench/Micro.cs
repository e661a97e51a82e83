using AllSound.Core.Assessment;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Testing;
using BenchmarkDotNet.Attributes;

namespace AllSound.Bench;

/// <summary>The transition function, the needs table and one specification, by the nanosecond.</summary>
[ShortRunJob]
[MemoryDiagnoser]
public class Micro
{
    private readonly Job job = SurveyGenerator.Job(seed: 3, surfaces: 1);
    private Building building = null!;
    private Space space = null!;
    private Surface surface = null!;
    private Condition condition;
    private Act act = null!;

    [GlobalSetup]
    public void Setup()
    {
        (building, space, surface) = job.Surfaces().First();
        condition = Appraisal.Appraise(job, building, space, surface).Condition;
        act = Operations.Acts.First(a => a.Operation.Id == "tc_emul_roll");
    }

    [Benchmark(Baseline = true)]
    public Transition Apply() => Treatments.Apply(condition, act);

    [Benchmark]
    public AllSound.Planning.PropositionSet Satisfied() => Treatments.Satisfied(condition);

    [Benchmark]
    public Specified Specify() => Specifier.Specify(job, building, space, surface);
}
