using System.CommandLine;
using System.Globalization;
using AllSound.Core.Documents;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Specification;
using AllSound.Core.Wording;

namespace AllSound.Cli;

/// <summary>What the site is, by the survey and the log, and what was really done.</summary>
internal static class SiteVerb
{
    public static Command Site()
    {
        var file = FileVerbs.FileArgument();
        var surface = new Option<string?>("--surface") { Description = "only this surface" };
        var at = FileVerbs.AtOption();
        var json = FileVerbs.JsonOption();
        var command = new Command("site", "where each surface stands by the log, what is next, what was done wrong") { file, surface, at, json };
        command.SetAction(parsed =>
        {
            if (FileVerbs.Load(parsed.GetValue(file)!) is not { } job)
            {
                return Exit.FileAtFault;
            }

            var wanted = parsed.GetValue(surface);
            if (FileVerbs.Moment(parsed.GetValue(at)) is not { } moment || !FileVerbs.Knows(job, wanted))
            {
                return Exit.Usage;
            }

            var reports = job.Surfaces()
                .Where(x => wanted is null || x.Surface.Id == wanted)
                .Select(x => SurfaceSiteReport.Of(job, x.Space, x.Surface, Specifier.Specify(job, x.Building, x.Space, x.Surface), moment))
                .ToArray();
            if (parsed.GetValue(json))
            {
                FileVerbs.Json(new { surfaces = reports });
                return Exit.Done;
            }

            foreach (var report in reports.Select(r => SpokenJson.Say(r, Reader.Speech)))
            {
                Write(report);
            }

            return Exit.Done;
        });
        return command;
    }

    public static Command AsBuilt()
    {
        var file = FileVerbs.FileArgument();
        var json = FileVerbs.JsonOption();
        var command = new Command("as-built", "what was really done, for the client, the next painter and the file") { file, json };
        command.SetAction(parsed =>
        {
            if (FileVerbs.Load(parsed.GetValue(file)!) is not { } job)
            {
                return Exit.FileAtFault;
            }

            var specified = job.Surfaces().ToDictionary(x => x.Surface.Id, x => Specifier.Specify(job, x.Building, x.Space, x.Surface), StringComparer.Ordinal);
            if (parsed.GetValue(json))
            {
                FileVerbs.Json(AsBuiltReport.Of(job, specified));
                return Exit.Done;
            }

            var today = TimeProvider.System.GetLocalNow().ToString("d MMMM yyyy", CultureInfo.InvariantCulture);
            Console.Out.Write(SpokenJson.Say(Writing.Write(DocumentKind.AsBuilt, job, specified, today, "1"), Reader.Speech).ToMarkdown());
            return Exit.Done;
        });
        return command;
    }

    private static void Write(SurfaceSiteReport report)
    {
        var stands =
            report.Finished ? "finished"
            : report.Interrupted ? "broken off"
            : report.Done.IsEmpty ? "not begun"
            : $"{report.Done.Length} done, {report.Remaining.Length} to do{(report.AsPlanned ? "" : ", otherwise than planned")}";
        Console.Out.WriteLine($"{report.Title} ({report.Id}): {stands}");
        foreach (var fault in report.Faults)
        {
            Console.Out.WriteLine($"  wrong, step {fault.Step}: {fault.Problem}. {fault.Consequence} Mend: {fault.Mend}");
        }

        foreach (var deviation in report.Deviations.Where(d => d.Follows is null))
        {
            Console.Out.WriteLine($"  otherwise: {deviation.Says}");
        }

        foreach (var next in report.Next.Take(1))
        {
            var from = next.From is { } f ? $" from {Figures.Moment(f)}" : "";
            var latest = next.Latest is { } l ? $", by {Figures.Moment(l)} at the latest" : "";
            Console.Out.WriteLine($"  next: {next.Title}{from}{latest}{(next.Needs.IsEmpty ? "" : $"; first: {string.Join("; ", next.Needs)}")}");
        }

        foreach (var stuck in report.Stuck)
        {
            Console.Out.WriteLine($"  stands still: {stuck}");
        }
    }
}
