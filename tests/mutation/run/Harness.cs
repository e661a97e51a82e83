using System.Diagnostics;
using System.Globalization;

namespace AllSound.Mutation;

/// <summary>Keeps the workers busy: first what each test comes by and how long it takes, then each mutant with its tests, quick ones first.</summary>
internal sealed class Harness(string tests, string log)
{
    // Tests that take longer are left out, and no mutant gets more than this time in tests: the score is if anything too low.
    private static readonly TimeSpan LongestTest = TimeSpan.FromSeconds(4);
    private static readonly TimeSpan MostTime = TimeSpan.FromSeconds(20);
    private static readonly TimeSpan MostColdTime = TimeSpan.FromSeconds(12);

    private readonly Dictionary<int, List<int>> covering = [];
    private double[] times = [];
    private int[] order = [];

    public void Run(List<Mutant> mutants)
    {
        Cover();
        var queue = new Queue<Mutant>(mutants);
        var results = new List<(Mutant Mutant, string Result)>();
        Parallel.For(
            0,
            Environment.ProcessorCount,
            _ =>
            {
                Line? line = null;
                while (true)
                {
                    Mutant mutant;
                    lock (queue)
                    {
                        if (!queue.TryDequeue(out mutant!))
                        {
                            break;
                        }
                    }

                    var result = Judge(mutant.Id, ref line);
                    lock (results)
                    {
                        results.Add((mutant, result));
                        File.AppendAllText(log, $"{mutant.Id}\t{mutant.Type}\t{mutant.Method}\t{result}\n");
                        Console.Error.WriteLine(
                            $"{results.Count} of {mutants.Count}, {100.0 * results.Count(r => r.Result != "survived") / results.Count:F1} % caught: {mutant.Type} {mutant.Method} {result}"
                        );
                    }
                }

                line?.Dispose();
            }
        );
        foreach (var space in results.GroupBy(r => r.Mutant.Space).OrderBy(g => g.Key, StringComparer.Ordinal))
        {
            Console.WriteLine($"{space.Key}: {space.Count(r => r.Result != "survived")} of {space.Count()} caught");
        }

        Console.WriteLine(
            $"together: {results.Count(r => r.Result != "survived")} of {results.Count} caught, {100.0 * results.Count(r => r.Result != "survived") / results.Count:F1} %"
        );
    }

    private void Cover()
    {
        using var line = new Line(tests, null);
        var cases = line.Cases ?? throw new InvalidOperationException("the worker does not start");
        times = new double[cases.Length];
        for (var test = 0; test < times.Length; test++)
        {
            var words = line.Ask($"cover {test}", TimeSpan.FromMinutes(3))?.Split(' ') ?? throw new InvalidOperationException($"{cases[test]} does not end");
            if (
                double.Parse(words[1], CultureInfo.InvariantCulture) > LongestTest.TotalMilliseconds / 4
                && line.Ask($"cover {test}", TimeSpan.FromMinutes(3)) is { } again
            )
            {
                // What was made ready for the first test is no time of its own.
                words[1] = again.Split(' ')[1];
            }

            times[test] = words[0] == "passed" ? double.Parse(words[1], CultureInfo.InvariantCulture) : double.MaxValue;
            if (words[0] != "passed")
            {
                Console.Error.WriteLine($"left out, as it fails without a mutant: {cases[test]}");
                continue;
            }

            foreach (var id in Ids(words[2]))
            {
                (covering.TryGetValue(id, out var list) ? list : covering[id] = []).Add(test);
            }
        }

        // Whole answers first, as they tell most; then the quick ones.
        order =
        [
            .. Enumerable
                .Range(0, times.Length)
                .OrderBy(t => cases[t].StartsWith("Approved", StringComparison.Ordinal) || cases[t].StartsWith("SearchEffort", StringComparison.Ordinal) ? 0 : 1)
                .ThenBy(t => times[t]),
        ];
        Console.Error.WriteLine($"{times.Length} tests, {covering.Count} mutants come by");
    }

    private string Judge(int mutant, ref Line? line)
    {
        if (!covering.TryGetValue(mutant, out var list))
        {
            return "survived";
        }

        if (Within(order.Where(list.Contains), MostTime) is { Length: > 0 } warm)
        {
            line ??= new Line(tests, null);
            var said = line.Ask($"try {mutant} {string.Join(',', warm)}", MostTime * 4);
            if (said is null || said.StartsWith("stained", StringComparison.Ordinal))
            {
                line.Dispose();
                line = null;
            }

            // A test that goes on failing may have been spoilt by an earlier mutant: such a catch counts only from cold.
            if (said is null || said.StartsWith("caught", StringComparison.Ordinal))
            {
                return said is null ? "endless" : "caught";
            }
        }

        // Again from cold, for what was found before the mutant came.
        using var cold = new Line(tests, mutant);
        return cold.Cases is null
            ? "caught"
            : cold.Ask($"try {mutant} {string.Join(',', Within(order, MostColdTime))}", MostTime * 4) switch
            {
                null => "endless",
                "survived" => "survived",
                _ => "caught",
            };
    }

    private int[] Within(IEnumerable<int> some, TimeSpan most)
    {
        var total = 0.0;
        return
        [
            .. some.Where(t => times[t] < LongestTest.TotalMilliseconds)
                .TakeWhile(t =>
                {
                    total += times[t];
                    return total < most.TotalMilliseconds;
                }),
        ];
    }

    private static IEnumerable<int> Ids(string list) => list.Split(',', StringSplitOptions.RemoveEmptyEntries).Select(w => int.Parse(w, CultureInfo.InvariantCulture));

    // One worker and the line to it.
    private sealed class Line : IDisposable
    {
        private readonly Process process;

        public Line(string tests, int? mutant)
        {
            var start = new ProcessStartInfo("dotnet", [typeof(Harness).Assembly.Location, "worker", tests])
            {
                UseShellExecute = false,
                RedirectStandardInput = true,
                RedirectStandardOutput = true,
            };
            start.Environment[Mutant.FromStart] = string.Create(CultureInfo.InvariantCulture, $"{mutant ?? -1}");
            process = Process.Start(start)!;
            Cases = Ask(null, TimeSpan.FromMinutes(1))?.Split('|');
        }

        /// <summary>The tests, or null when the worker does not start: then the mutant breaks what everything hangs on.</summary>
        public string[]? Cases { get; }

        /// <summary>The answer, or null when none comes in time or the worker is gone.</summary>
        public string? Ask(string? question, TimeSpan patience)
        {
            try
            {
                if (question is not null)
                {
                    process.StandardInput.WriteLine(question);
                    process.StandardInput.Flush();
                }

                var answer = process.StandardOutput.ReadLineAsync();
                return answer.Wait(patience) ? answer.Result : null;
            }
            catch (IOException)
            {
                return null;
            }
        }

        public void Dispose()
        {
            process.Kill();
            process.Dispose();
        }
    }
}
