using System.Reflection;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;

namespace AllSound.Web;

/// <summary>Invented jobs that ship with the program, to look at and to try things on.</summary>
internal static class Demos
{
    // A demo is a job file like any other, carried inside the program: <c>demo/*.job.json</c>.
    private const string Ending = ".job.json";

    private static readonly Assembly Here = typeof(Demos).Assembly;

    /// <summary>Reads them, in the order of their names.</summary>
    /// <param name="year">This year, for what a job file may say.</param>
    public static IEnumerable<Job> All(int year) =>
        Here.GetManifestResourceNames().Where(n => n.EndsWith(Ending, StringComparison.Ordinal)).Order(StringComparer.Ordinal).Select(n => Read(n, year));

    /// <summary>The demo of an id, or null.</summary>
    public static Job? Find(string id, int year) => All(year).FirstOrDefault(j => j.Id == id);

    private static Job Read(string name, int year)
    {
        using var reader = new StreamReader(Here.GetManifestResourceStream(name)!);
        var (job, faults) = JobFile.Read(reader.ReadToEnd(), year);
        return job ?? throw new InvalidOperationException($"The demo {name} is at fault: {string.Join(", ", faults)}.");
    }
}
