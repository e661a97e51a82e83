using System.CommandLine;
using AllSound.Core.Exchange;
using AllSound.Core.Programme;
using AllSound.Core.Site;
using AllSound.Core.Specification;

namespace AllSound.Cli;

/// <summary>Who does what when.</summary>
internal static class ProgrammeVerb
{
    private const double Longest = 600;

    public static Command Of()
    {
        var file = FileVerbs.FileArgument();
        var json = FileVerbs.JsonOption();
        var ics = new Option<bool>("--ics") { Description = "as a calendar (iCalendar)" };
        var csv = new Option<bool>("--csv") { Description = "as CSV" };
        var person = new Option<string?>("--person") { Description = "with --ics: only what this person does" };
        var seconds = new Option<double>("--seconds") { Description = "how long it may take, about; 5 when not given", DefaultValueFactory = _ => 5 };
        var from = new Option<string?>("--from") { Description = "when work may begin, as 2026-12-01T08:00; the job's start, or tomorrow, when not given" };
        var latest = new Option<bool>("--latest") { Description = "backwards from the deadline: everything as late as it can be" };
        var command = new Command("programme", "who does what when, proved") { file, json, ics, csv, person, seconds, from, latest };
        command.SetAction(parsed =>
        {
            if (FileVerbs.Load(parsed.GetValue(file)!) is not { } job)
            {
                return Exit.FileAtFault;
            }

            var (asked, fault) = ProgrammeAsking.Read(
                job,
                parsed.GetValue(from),
                parsed.GetValue(seconds),
                parsed.GetValue(latest),
                TimeProvider.System.GetLocalNow().DateTime,
                Longest
            );
            if (asked is null)
            {
                Console.Error.WriteLine($"--{fault!.Path[2..]}: {fault.Message}");
                return Exit.Usage;
            }

            var specified = SiteAhead.Of(
                job,
                job.Surfaces().ToDictionary(x => x.Surface.Id, x => Specifier.Specify(job, x.Building, x.Space, x.Surface), StringComparer.Ordinal),
                asked.From
            );
            var plan = Programmer.Plan(job, specified, asked);
            var report = ProgrammeReport.Of(plan, asked.Latest, asked.Latest || plan.Tasks.IsEmpty ? [] : Programmer.Sooner(job, specified, asked, plan.Finish));
            if (parsed.GetValue(json))
            {
                FileVerbs.Json(report);
                return Exit.Done;
            }

            var said = SpokenJson.Say(report, Reader.Speech);
            if (parsed.GetValue(ics))
            {
                Console.Out.Write(ProgrammeTables.Calendar(said, job.Id, job.Title, TimeProvider.System.GetUtcNow().UtcDateTime, parsed.GetValue(person)));
            }
            else if (parsed.GetValue(csv))
            {
                Console.Out.Write(ProgrammeTables.Table(said));
            }
            else
            {
                foreach (var line in ProgrammeTables.Lines(said))
                {
                    Console.Out.WriteLine(line);
                }
            }

            return Exit.Done;
        });
        return command;
    }
}
