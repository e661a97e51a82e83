using System.Diagnostics;
using System.Reflection;
using AllSound.Core.Inspection;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Testing;

namespace AllSound.Bench;

internal static class Probe
{
    public static void Run()
    {
        var job = SurveyGenerator.Job(1, 300);
        double setup = 0,
            search = 0;
        long nodes = 0;
        int count = 0;
        for (var round = 0; round < 4; round++)
        {
            setup = search = 0;
            nodes = 0;
            count = 0;
            foreach (var (b, s, f) in job.Surfaces())
            {
                var ap = Appraisal.Appraise(job, b, s, f);
                var goal = Goal.For(f, ap.Condition);
                var acts = Operations.Acts.Where(goal.Allows).Where(a => a.Operation.Role != CoatRole.Finish || goal.Finishes.Contains(a.Product!)).ToArray();
                foreach (var (n, w) in new[] { ("cost", Weights.LeastCost), ("soon", Weights.Soonest), ("gentle", Weights.Gentlest) })
                {
                    var t0 = Stopwatch.GetTimestamp();
                    var p = new Problem(ap.Condition, goal.NeedsWith([.. goal.Finishes]), acts, ap.Extents, job.Rates, w);
                    setup += Stopwatch.GetElapsedTime(t0).TotalMilliseconds;
                    if (!p.Unreachable().IsEmpty)
                        break;
                    var t = Stopwatch.GetTimestamp();
                    var r = Search.Cheapest(p);
                    var ms = Stopwatch.GetElapsedTime(t).TotalMilliseconds;
                    search += ms;
                    nodes += r.Expanded;
                    count++;
                    if (round == 3)
                        Console.WriteLine(
                            $"{f.Id} {n, -7} acts {p.Acts.Length} h0 {p.Bound(ap.Condition, Treatments.Satisfied(ap.Condition)) / 10000.0:F1} cost {r.Cost / 10000.0:F1} len {r.Acts?.Count} expanded {r.Expanded} ms {ms:F1} {(ms > 100 ? string.Join(" ", r.Acts ?? []) : "")}"
                        );
                }
            }
        }
        Console.WriteLine($"setup {setup / count * 1000:F0} us, search {search / count * 1000:F0} us, {search / nodes * 1000:F2} us a node");
    }
}
