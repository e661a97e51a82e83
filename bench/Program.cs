using System.Diagnostics;
using AllSound.Bench;
using AllSound.Core.Diagnosis;
using AllSound.Core.Inspection;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Testing;
using BenchmarkDotNet.Running;

if (args is ["micro", ..])
{
    BenchmarkRunner.Run<Micro>();
    return;
}

// One surface, once warm: the whole spread, not the mean.
var job = SurveyGenerator.Job(seed: 1, surfaces: 1000);
var places = job.Surfaces().ToList();
for (var i = 0; i < 6000; i++)
{
    Run(job, places[i % places.Count]);
}

var times = new List<double>();
var before = GC.GetAllocatedBytesForCurrentThread();
foreach (var place in places)
{
    var watch = Stopwatch.GetTimestamp();
    Run(job, place);
    times.Add(Stopwatch.GetElapsedTime(watch).TotalMilliseconds);
}

var allocated = (GC.GetAllocatedBytesForCurrentThread() - before) / 1024.0 / places.Count;
times.Sort();
Console.WriteLine("diagnose + specify of one surface, 1,000 generated surfaces, warm");
Console.WriteLine($"  median {At(0.5):F3} ms   90 % {At(0.9):F3} ms   99 % {At(0.99):F3} ms (target 5)   worst {times[^1]:F3} ms   {allocated:F0} KiB a surface");

var hundred = Batch(100);
var thousand = Batch(1000);
Console.WriteLine("diagnose + specify of a job, two threads at most, best of five");
Console.WriteLine($"  100 surfaces {hundred:F1} ms   1,000 surfaces {thousand:F1} ms   ratio {thousand / hundred:F2} (target 11)");
Console.WriteLine($"  peak working set {Process.GetCurrentProcess().PeakWorkingSet64 / 1024 / 1024} MiB");

var root = args.FirstOrDefault() ?? ".";
if (await ColdStart.Seconds(Path.Combine(root, "artifacts", "web", "allsound-web.dll"), Path.Combine(root, "demo", "sallow-ferry.job.json")) is { } seconds)
{
    Console.WriteLine($"cold start to the first answered request, the demo job with its three specifications, best of three: {seconds:F2} s (target 1.5)");
}

await LargeJob.Run(Path.Combine(root, "artifacts", "web", "allsound-web.dll"));

double At(double share) => times[(int)(share * (times.Count - 1))];

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

static void Run(Job job, (Building Building, Space Space, Surface Surface) place)
{
    var appraised = Appraisal.Appraise(job, place.Building, place.Space, place.Surface);
    _ = NoisyOr.Diagnose(appraised.Family, Observations.Of(place.Surface));
    _ = Specifier.Specify(job.Rates, place.Surface, appraised);
}
