using System.Diagnostics;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Specification;
using AllSound.Core.Treatment;
using AllSound.Testing;

namespace AllSound.Bench;

/// <summary>The audit of somebody's sequence of thirty steps with three things wrong in it, mends included, and the reading of as many lines.</summary>
internal static class Audits
{
    private const int Length = 30;
    private const int Surfaces = 200;
    private const int Rounds = 5;

    /// <summary>Measures and prints both.</summary>
    public static void Run()
    {
        var random = new Random(11);
        var audits = new List<Action>();
        var readings = new List<Action>();
        for (var seed = 1; audits.Count < Surfaces; seed++)
        {
            var job = SurveyGenerator.Job(seed + 400, 20);
            foreach (var (building, space, surface) in job.Surfaces())
            {
                var specified = Specifier.Specify(job, building, space, surface);
                foreach (var option in specified.Options.Where(o => o.Steps.Any(s => s.Act.Operation.Role == CoatRole.Finish)))
                {
                    var steps = Changed(Lengthened([.. option.Steps.Select(s => s.Act)]), random);
                    audits.Add(() => Auditor.Audit(job.Rates, surface, specified.Appraised, steps));
                    var lines = LineWriter.Write(option);
                    var text = string.Join('\n', Enumerable.Repeat(lines.Split('\n'), Length).SelectMany(l => l).Take(Length));
                    readings.Add(() => LineReader.Read(text, surface.Element));
                }
            }
        }

        Console.WriteLine($"audit of {Length} steps with three changes and its mends, {audits.Count} sequences, warm, best of {Rounds}");
        Console.WriteLine($"  {Spread(Measured(audits))}   (target 50 at 95 %)");
        Console.WriteLine($"reading of {Length} plain lines");
        Console.WriteLine($"  {Spread(Measured(readings))}");
    }

    // Coats rubbed down and laid once more, before the last: as long as they come, and as right as they were.
    private static List<SequenceStep> Lengthened(IReadOnlyList<Act> acts)
    {
        var steps = acts.Select(a => new SequenceStep { Operation = a.Operation.Id, Product = a.Product?.Id }).Take(Length).ToList();
        var finish = acts.Select((a, i) => (a, i)).Last(x => x.a.Operation.Role == CoatRole.Finish).i;
        while (steps.Count < Length)
        {
            steps.Insert(Math.Min(finish, steps.Count), steps.Count % 2 == 0 ? steps[Math.Min(finish, steps.Count - 1)] : new SequenceStep { Operation = "dn_between" });
        }

        return steps;
    }

    private static SequenceStep[] Changed(List<SequenceStep> steps, Random random)
    {
        steps.RemoveAt(random.Next(steps.Count / 2));
        var i = random.Next(steps.Count - 1);
        (steps[i], steps[i + 1]) = (steps[i + 1], steps[i]);
        var hurried = random.Next(1, steps.Count);
        steps[hurried] = steps[hurried] with { WaitHours = 0.2 };
        return [.. steps];
    }

    private static double[] Measured(List<Action> of)
    {
        var best = new double[of.Count];
        for (var round = 0; round <= Rounds; round++)
        {
            for (var i = 0; i < of.Count; i++)
            {
                var watch = Stopwatch.GetTimestamp();
                of[i]();
                var took = Stopwatch.GetElapsedTime(watch).TotalMilliseconds;

                // The first round only warms up.
                best[i] = round <= 1 ? took : Math.Min(best[i], took);
            }
        }

        Array.Sort(best);
        return best;
    }

    private static string Spread(double[] sorted)
    {
        return $"median {At(0.5):F1} ms   95 % {At(0.95):F1} ms   worst {sorted[^1]:F1} ms";

        double At(double share) => sorted[(int)(share * (sorted.Length - 1))];
    }
}
