using System.CommandLine;
using System.Globalization;
using AllSound.Core.Exchange;
using AllSound.Core.Programme;
using AllSound.Core.Specification;
using AllSound.Core.Wording;

namespace AllSound.Cli;

/// <summary>May I paint now, and until when.</summary>
internal static class ConditionsVerb
{
    public static Command Of()
    {
        var file = FileVerbs.FileArgument();
        var surface = new Option<string?>("--surface") { Description = "only this surface" };
        var at = FileVerbs.AtOption();
        var json = FileVerbs.JsonOption();
        var command = new Command("conditions", "may the next coat be laid, until when, or from when") { file, surface, at, json };
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

            var specified = job.Surfaces().ToDictionary(x => x.Surface.Id, x => Specifier.Specify(job, x.Building, x.Space, x.Surface), StringComparer.Ordinal);
            var reports = job.Surfaces()
                .Where(x => wanted is null || x.Surface.Id == wanted)
                .Select(x => ConditionsReport.Of(Conditioner.Of(job, x.Space, x.Surface, specified, moment), x.Surface.Title))
                .ToArray();
            if (parsed.GetValue(json))
            {
                FileVerbs.Json(new { surfaces = reports });
                return Exit.Done;
            }

            foreach (var report in reports.Select(r => SpokenJson.Say(r, Reader.Speech)))
            {
                Console.Out.WriteLine($"{report.Title}: {Answer(report)}");
                foreach (var line in report.Reasons.Concat(report.Todo.Select(t => $"to do: {t}")).Concat(report.Meanwhile.Select(m => $"meanwhile: {m}")))
                {
                    Console.Out.WriteLine($"  {line}");
                }
            }

            return Exit.Done;
        });
        return command;
    }

    private static string Answer(ConditionsReport report)
    {
        static string Time(DateTime? at) => at is { } moment ? Figures.Moment(moment) : "";
        var coat = report.Coat is { } c ? $" ({c})" : "";
        return report.May switch
        {
            "yes" => $"yes{coat}",
            "until" => $"yes{coat}, begun by {Time(report.LatestStart)}, the last of it on by {Time(report.LatestEnd)}",
            "from" => $"not yet{coat}: from {Time(report.From)}, the last of it on by {Time(report.LatestEnd)}",
            _ => $"no{coat}",
        };
    }
}
