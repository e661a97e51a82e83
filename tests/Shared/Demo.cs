using AllSound.Core.Assessment;
using AllSound.Core.Exchange;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;

namespace AllSound.Testing;

/// <summary>The demo job, read from its file, and ways to change a fact of it as a user would.</summary>
public static class Demo
{
    public static string Root { get; } = FindRoot();

    public static string Text { get; } = File.ReadAllText(Path.Combine(Root, "demo", "sallow-ferry.job.json"));

    public static Job Job { get; } = JobFile.Read(Text).Job!;

    public static (Job Job, Building Building, Space Space, Surface Surface) Place(string id)
    {
        var (building, space, surface) = Job.Surfaces().First(x => x.Surface.Id == id);
        return (Job, building, space, surface);
    }

    /// <summary>What is specified for a surface with some facts changed.</summary>
    public static Specified Specify(string id, Func<Facts, Facts>? change = null, Func<Surface, Surface>? surface = null)
    {
        var (job, building, space, found) = Place(id);
        found = found with { Facts = change?.Invoke(found.Facts) ?? found.Facts };
        return Specifier.Specify(job, building, space, surface?.Invoke(found) ?? found);
    }

    /// <summary>Audits a sequence on a surface; "operation", "operation/product" or "operation/product@hours".</summary>
    public static Audited Audit(string id, params string[] steps) => Audit(id, s => s, steps);

    public static Audited Audit(string id, Func<Surface, Surface> change, params string[] steps)
    {
        var (job, building, space, surface) = Place(id);
        surface = change(surface);
        return Auditor.Audit(job.Rates, surface, Appraisal.Appraise(job, building, space, surface), [.. steps.Select(Parse)]);
    }

    public static SequenceStep[] Sequence(Option option) =>
        [
            .. option.Steps.Select(s => new SequenceStep
            {
                Operation = s.Act.Operation.Id,
                Product = s.Act.Product?.Id,
                WaitHours = s.WaitBefore,
            }),
        ];

    public static SequenceStep Parse(string text)
    {
        var at = text.Split('@');
        var parts = at[0].Split('/');
        return new SequenceStep
        {
            Operation = parts[0],
            Product = parts.Length > 1 ? parts[1] : null,
            WaitHours = at.Length > 1 ? double.Parse(at[1]) : null,
        };
    }

    private static string FindRoot()
    {
        var folder = new DirectoryInfo(AppContext.BaseDirectory);
        while (folder is not null && !File.Exists(Path.Combine(folder.FullName, "allsound")))
        {
            folder = folder.Parent;
        }

        return folder?.FullName ?? throw new InvalidOperationException("The repository was not found above the tests.");
    }
}
