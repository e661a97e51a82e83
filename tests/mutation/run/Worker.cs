using System.Collections;
using System.Diagnostics;
using System.Globalization;
using System.Reflection;
using System.Runtime.Loader;

namespace AllSound.Mutation;

/// <summary>
/// A process that has the tests and the mutated core loaded and does as it is told on its standard input, so that a
/// mutant need not wait for a start. Tests are found and run by reflection: facts, and theories with each of their rows.
/// </summary>
internal sealed class Worker
{
    // Long searches over many surfaces: left out, so that the score is if anything too low.
    private static readonly string[] Long = ["OptimalityTests", "UnknownTests", "GateTests"];

    private readonly List<(string Name, MethodInfo Method, object?[] Row)> cases = [];
    private readonly Type control;
    private readonly bool[] seen;

    private Worker(string tests)
    {
        var folder = Path.GetDirectoryName(Path.GetFullPath(tests))!;
        AssemblyLoadContext.Default.Resolving += (context, name) =>
            Path.Combine(folder, name.Name + ".dll") is var file && File.Exists(file) ? context.LoadFromAssemblyPath(file) : null;
        var core = AssemblyLoadContext.Default.LoadFromAssemblyPath(Path.Combine(folder, "AllSound.Core.dll"));
        control = core.GetTypes().Single(t => t.Name == "MutantControl");

        // What is come by before any test has begun, as by the rows of theories, counts for the first test.
        seen = (bool[])control.GetField(Mutant.Seen)!.GetValue(null)!;
        var types = AssemblyLoadContext.Default.LoadFromAssemblyPath(Path.GetFullPath(tests)).GetTypes();
        foreach (var type in types.Where(t => t.IsPublic && !t.IsAbstract && !Long.Contains(t.Name)))
        {
            foreach (var method in type.GetMethods().Where(m => m.GetCustomAttributes().Any(a => a.GetType().Name is "FactAttribute" or "TheoryAttribute")))
            {
                var n = 0;
                foreach (var row in Rows(method))
                {
                    cases.Add(($"{type.Name}.{method.Name}#{n++}", method, row));
                }
            }
        }
    }

    /// <param name="tests">The assembly of tests, beside the mutated core.</param>
    public static void Serve(string tests)
    {
        var worker = new Worker(tests);
        var replies = Console.Out;
        Console.SetOut(TextWriter.Null);
        replies.WriteLine(string.Join('|', worker.cases.Select(c => c.Name)));
        for (var line = Console.In.ReadLine(); line is not null; line = Console.In.ReadLine())
        {
            var words = line.Split(' ');
            replies.WriteLine(words[0] == "cover" ? worker.Cover(Number(words[1])) : worker.Try(Number(words[1]), [.. words[2].Split(',').Select(Number)]));
        }
    }

    // Does it pass, how long it takes, and which mutants it comes by.
    private string Cover(int test)
    {
        control.GetField(Mutant.Seen)!.SetValue(null, seen);
        var watch = Stopwatch.GetTimestamp();
        var passed = Passes(test);
        var time = Stopwatch.GetElapsedTime(watch).TotalMilliseconds;
        control.GetField(Mutant.Seen)!.SetValue(null, null);
        var ids = string.Join(',', Enumerable.Range(0, seen.Length).Where(i => seen[i]));
        Array.Clear(seen);
        return string.Create(CultureInfo.InvariantCulture, $"{(passed ? "passed" : "failed")} {time:F0} {ids}");
    }

    // "caught N" by the Nth test of those given; "stained N" when that test goes on failing without the mutant.
    private string Try(int mutant, int[] tests)
    {
        control.GetField(Mutant.Seen)!.SetValue(null, null);
        Activate(mutant);
        foreach (var test in tests)
        {
            if (!Passes(test))
            {
                Activate(-1);
                return $"{(Passes(test) ? "caught" : "stained")} {test}";
            }
        }

        Activate(-1);
        return "survived";
    }

    private void Activate(int mutant) => control.GetField(Mutant.Active)!.SetValue(null, mutant);

    private bool Passes(int test)
    {
        var (_, method, row) = cases[test];
        try
        {
            var instance = method.IsStatic ? null : Activator.CreateInstance(method.DeclaringType!);
            var parameters = method.GetParameters();
            var arguments = parameters.Select((p, i) => i < row.Length ? Fit(row[i], p.ParameterType) : p.DefaultValue).ToArray();
            switch (method.Invoke(instance, arguments))
            {
                case Task task:
                    task.GetAwaiter().GetResult();
                    break;
                case ValueTask task:
                    task.GetAwaiter().GetResult();
                    break;
            }

            (instance as IDisposable)?.Dispose();
            return true;
        }
        catch (Exception)
        {
            return false;
        }
    }

    private static object? Fit(object? value, Type type) =>
        value is null || type.IsInstanceOfType(value) ? value
        : type.IsEnum ? Enum.ToObject(type, value)
        : Nullable.GetUnderlyingType(type) is { } inner ? Fit(value, inner)
        : Convert.ChangeType(value, type, CultureInfo.InvariantCulture);

    private static IEnumerable<object?[]> Rows(MethodInfo method)
    {
        var attributes = method.GetCustomAttributes().ToList();
        if (attributes.Exists(a => a.GetType().Name == "FactAttribute"))
        {
            return
            [
                [],
            ];
        }

        return attributes.SelectMany(a =>
            a.GetType().Name switch
            {
                "InlineDataAttribute" => [(object?[])a.GetType().GetProperty("Data")!.GetValue(a)!],
                "MemberDataAttribute" => Member(method.DeclaringType!, (string)a.GetType().GetProperty("MemberName")!.GetValue(a)!),
                _ => [],
            }
        );
    }

    private static IEnumerable<object?[]> Member(Type type, string name)
    {
        var member = type.GetProperty(name)?.GetValue(null) ?? type.GetMethod(name)?.Invoke(null, null) ?? type.GetField(name)!.GetValue(null);
        return ((IEnumerable)member!)
            .Cast<object>()
            .Select(r => r as object?[] ?? (object?[])r.GetType().GetInterface("ITheoryDataRow")!.GetMethod("GetData")!.Invoke(r, null)!);
    }

    private static int Number(string word) => int.Parse(word, CultureInfo.InvariantCulture);
}
