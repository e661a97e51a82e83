using System.Diagnostics;
using AllSound.Bench;
using AllSound.Core.Assessment;
using AllSound.Core.Buying;
using AllSound.Core.Diagnosis;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Testing;
using BenchmarkDotNet.Running;

if (args is ["micro", ..])
{
    BenchmarkRunner.Run<Micro>();
    return;
}

if (args is ["outside", ..])
{
    await Outside.Run();
    return;
}

if (args is ["audits", ..])
{
    Audits.Run();
    return;
}

if (args is ["load", ..])
{
    await Load.Run(Path.Combine(args.ElementAtOrDefault(2) ?? ".", "artifacts", "web", "allsound-web.dll"), int.Parse(args.ElementAtOrDefault(1) ?? "60", null));
    return;
}

// One surface, once warm: the whole spread, not the mean.
var job = SurveyGenerator.Job(seed: 1, surfaces: 1000);
var places = job.Surfaces().ToList();
for (var i = 0; i < 6000; i++)
{
    Run(job, places[i % places.Count]);
}

// Every surface five times in turn: a single run shows what else the machine was doing, the best of five what the work takes.
var single = new double[places.Count];
var best = new double[places.Count];
var before = GC.GetTotalAllocatedBytes();
for (var round = 0; round < 5; round++)
{
    for (var i = 0; i < places.Count; i++)
    {
        var watch = Stopwatch.GetTimestamp();
        Run(job, places[i]);
        single[i] = Stopwatch.GetElapsedTime(watch).TotalMilliseconds;
        best[i] = round == 0 ? single[i] : Math.Min(best[i], single[i]);
    }
}

var allocated = (GC.GetTotalAllocatedBytes() - before) / 1024.0 / 5 / places.Count;
Array.Sort(single);
Array.Sort(best);
Console.WriteLine("diagnose + specify of one surface, 1,000 generated surfaces, warm");
Console.WriteLine($"  once         {Spread(single)}   {allocated:F0} KiB a surface");
Console.WriteLine($"  best of five {Spread(best)}   (target 5 at 99 %)");

var hundred = Batch(100);
var thousand = Batch(1000);
Console.WriteLine("diagnose + specify of a job, two threads at most, best of five");
Console.WriteLine($"  100 surfaces {hundred:F1} ms   1,000 surfaces {thousand:F1} ms   ratio {thousand / hundred:F2} (target 11)");
var (few, many) = (Buying(100), Buying(1000));
Console.WriteLine("measured, packed, priced and quoted, warm, best of nine");
Console.WriteLine($"  100 surfaces {few:F1} ms   1,000 surfaces {many:F1} ms   ratio {many / few:F2} (target 300 ms, 11)");
Console.WriteLine($"  peak working set {Process.GetCurrentProcess().PeakWorkingSet64 / 1024 / 1024} MiB");

var root = args.FirstOrDefault() ?? ".";
if (await ColdStart.Seconds(Path.Combine(root, "artifacts", "web", "allsound-web.dll"), Path.Combine(root, "demo", "sallow-ferry.job.json")) is { } seconds)
{
    Console.WriteLine($"cold start to the first answered request, the demo job with its three specifications, best of three: {seconds:F2} s (target 1.5)");
}

await LargeJob.Run(Path.Combine(root, "artifacts", "web", "allsound-web.dll"));
Audits.Run();
await Outside.Run();

static string Spread(double[] sorted)
{
    return $"median {At(0.5):F3} ms   90 % {At(0.9):F3} ms   99 % {At(0.99):F3} ms   worst {sorted[^1]:F3} ms";

    double At(double share) => sorted[(int)(share * (sorted.Length - 1))];
}

double Batch(int count)
{
    var batch = SurveyGenerator.Job(seed: 2, surfaces: count);
    var all = batch.Surfaces().ToArray();
    return Enumerable
        .Range(0, 5)
        .Min(_ =>
        {
            var watch = Stopwatch.GetTimestamp();
            Parallel.ForEach(all, new ParallelOptions { MaxDegreeOfParallelism = 2 }, place => Run(batch, place));
            return Stopwatch.GetElapsedTime(watch).TotalMilliseconds;
        });
}

double Buying(int count)
{
    var bought = SurveyGenerator.Job(seed: 2, surfaces: count);
    var specified = bought.Surfaces().ToDictionary(x => x.Surface.Id, x => Specifier.Specify(bought, x.Building, x.Space, x.Surface), StringComparer.Ordinal);
    return Enumerable
        .Range(0, 9)
        .Min(_ =>
        {
            var watch = Stopwatch.GetTimestamp();
            GC.KeepAlive(Quoting.Of(bought, specified));
            return Stopwatch.GetElapsedTime(watch).TotalMilliseconds;
        });
}

static void Run(Job job, (Building Building, Space Space, Surface Surface) place)
{
    var appraised = Appraisal.Appraise(job, place.Building, place.Space, place.Surface);
    _ = Specifier.Specify(job.Rates, place.Surface, appraised);
}
