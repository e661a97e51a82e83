using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>
/// Answers that a person has read and approved, one file each. A change of a rule shows in them line by line, so that it is
/// seen in review what else it changed. <c>ALLSOUND_APPROVE=1</c> writes them anew.
/// </summary>
internal static class Approved
{
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
