using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>
/// Answers that a person has read and approved, one file each. A change of a rule shows in them line by line, so that it is
/// seen in review what else it changed. <c>ALLSOUND_APPROVE=1</c> writes them anew.
/// </summary>
internal static class Approved
{
    /// <summary>
    /// A job frozen in the repository, so that a sign, cause or product added to the catalogues does not change what is asked, only the answers
    /// that it should change. Drawn once from the generator; numbered from 1.
    /// </summary>
    public static Job FrozenJob(int number)
    {
        var (job, faults) = JobFile.Read(File.ReadAllText(Path.Combine(Demo.Root, "tests", "AllSound.Core.Tests", "Approved", "jobs", $"{number}.job.json")));
        Assert.Empty(faults);
        return job!;
    }

    public static void Check(string name, IEnumerable<string> lines)
    {
        var file = Path.Combine(Demo.Root, "tests", "AllSound.Core.Tests", "Approved", name + ".txt");
        var now = lines.SelectMany(l => l.Split('\n')).Select(l => l.TrimEnd()).ToArray();
        if (Environment.GetEnvironmentVariable("ALLSOUND_APPROVE") == "1")
        {
            File.WriteAllLines(file, now);
        }

        var then = File.ReadAllLines(file);
        for (var i = 0; i < Math.Max(now.Length, then.Length); i++)
        {
            Assert.True(i < now.Length, $"{name}, line {i + 1} is gone: {(i < then.Length ? then[i] : "")}");
            Assert.True(i < then.Length, $"{name}, line {i + 1} is new: {now[i]}");
            Assert.True(now[i] == then[i], $"{name}, line {i + 1}\napproved: {then[i]}\nnow:      {now[i]}");
        }
    }
}
