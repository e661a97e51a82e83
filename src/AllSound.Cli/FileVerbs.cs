using System.CommandLine;
using System.Text.Json;
using AllSound.Core.Assessment;
using AllSound.Core.Documents;
using AllSound.Core.Exchange;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;

namespace AllSound.Cli;

/// <summary>The verbs that work on a job file. Results to standard output, messages to standard error.</summary>
internal static class FileVerbs
{
    private sealed record Place(Building Building, Space Space, Surface Surface);

    public static IEnumerable<Command> All()
    {
        yield return PerSurface("diagnose", "causes, next checks and holds", Reporting.Diagnose, (to, report, _) => Text.Diagnosis(to, report));
        yield return PerSurface(
            "specify",
            "options with steps, reasons and cautions",
            Reporting.Specify,
            Text.Specification,
            new("--all") { Description = "the steps of every option, and why each is there" }
        );
        yield return Audit();
        yield return ReadLines();
        yield return Quantities();
        yield return WrittenDocument();
        yield return Validate();
        yield return Schema();
    }

    private static Command PerSurface<T>(
        string name,
        string description,
        Func<Job, Building, Space, Surface, T> run,
        Action<TextWriter, T, bool> write,
        Option<bool>? all = null,
        (Option<string?> File, Func<Job, Building, Space, Surface, string, T> Run)? lines = null
    )
        where T : class
    {
        var file = FileArgument();
        var surface = new Option<string?>("--surface") { Description = "only this surface" };
        var json = JsonOption();
        var command = new Command(name, description) { file, surface, json };
        if (all is not null)
        {
            command.Options.Add(all);
        }

        if (lines is { } more)
        {
            command.Options.Add(more.File);
        }

        command.SetAction(parsed =>
        {
            if (Load(parsed.GetValue(file)!) is not { } job)
            {
                return Exit.FileAtFault;
            }

            var wanted = parsed.GetValue(surface);
            var from = lines is { } asked ? parsed.GetValue(asked.File) : null;
            if (from is not null && wanted is null)
            {
                Console.Error.WriteLine("--lines needs --surface: whose lines are they?");
                return Exit.Usage;
            }

            var text = from is null ? null : Written(from);
            if (from is not null && text is null)
            {
                return Exit.FileAtFault;
            }

            var places = job.Surfaces().Where(x => wanted is null || x.Surface.Id == wanted).Select(x => new Place(x.Building, x.Space, x.Surface)).ToList();
            if (!Knows(job, wanted))
            {
                return Exit.Usage;
            }

            var reports = places
                .Select(p => text is null ? run(job, p.Building, p.Space, p.Surface) : lines!.Value.Run(job, p.Building, p.Space, p.Surface, text))
                .ToList();
            if (parsed.GetValue(json))
            {
                Json(new { surfaces = reports });
            }
            else
            {
                foreach (var report in reports)
                {
                    write(Console.Out, SpokenJson.Say(report, Reader.Speech), all is not null && parsed.GetValue(all));
                }
            }

            return Exit.Done;
        });
        return command;
    }

    private static Command Audit()
    {
        var lines = new Option<string?>("--lines")
        {
            Description = "a text file with the lines of a sequence, audited in place of what the job file has; needs --surface",
        };
        return PerSurface<AuditReport>(
            "audit",
            "audits the sequence written in the file, or lines as a painter wrote them",
            AuditReporting.Audit,
            (to, report, _) => Text.Audit(to, report),
            lines: (lines, AuditReporting.Audit)
        );
    }

    private static Command ReadLines()
    {
        var file = new Argument<string>("FILE") { Description = "a text file, a step or several in a line" };
        var json = JsonOption();
        var command = new Command("read-lines", "reads painters' lines as operations, without judging them") { file, json };
        command.SetAction(parsed =>
        {
            if (Written(parsed.GetValue(file)!) is not { } text)
            {
                return Exit.FileAtFault;
            }

            var read = LineReader.Read(text);
            if (parsed.GetValue(json))
            {
                Json(new { lines = read.Select(AuditReporting.Read) });
            }
            else
            {
                Text.Lines(Console.Out, read);
            }

            return Exit.Done;
        });
        return command;
    }

    /// <summary>True when the job has the surface, or none is asked for; else it says which it has.</summary>
    public static bool Knows(Job job, string? surface)
    {
        if (surface is null || job.Surfaces().Any(s => s.Surface.Id == surface))
        {
            return true;
        }

        Console.Error.WriteLine($"The job has no surface '{surface}'; it has {string.Join(", ", job.Surfaces().Select(x => x.Surface.Id))}.");
        return false;
    }

    /// <summary>The option of a moment.</summary>
    public static Option<string?> AtOption() => new("--at") { Description = "the moment, as 2026-12-01T08:00; now when not given" };

    /// <summary>The moment asked for, or now; null, and said so, when it is none.</summary>
    public static DateTime? Moment(string? at)
    {
        var moment = at is null ? TimeProvider.System.GetLocalNow().DateTime : ProgrammeAsking.Moment(at);
        if (moment is null)
        {
            Console.Error.WriteLine("--at takes a time such as 2026-12-01T08:00.");
        }

        return moment;
    }

    private static string? Written(string path)
    {
        try
        {
            return File.ReadAllText(path);
        }
        catch (Exception fault) when (fault is IOException or UnauthorizedAccessException)
        {
            Console.Error.WriteLine($"{path}: {fault.Message}");
            return null;
        }
    }

    private static Command WrittenDocument()
    {
        var kinds = new Dictionary<string, DocumentKind>(StringComparer.Ordinal)
        {
            ["specification"] = DocumentKind.Specification,
            ["client-summary"] = DocumentKind.ClientSummary,
            ["crew-checklist"] = DocumentKind.CrewChecklist,
            ["hazard-sheet"] = DocumentKind.HazardSheet,
            ["quotation"] = DocumentKind.Quotation,
            ["as-built"] = DocumentKind.AsBuilt,
        };
        var kind = new Argument<string>("KIND") { Description = string.Join(", ", kinds.Keys) };
        var file = FileArgument();
        var surface = new Option<string?>("--surface") { Description = "only this surface" };
        var date = new Option<string?>("--date") { Description = "date to print; today when not given" };
        var revision = new Option<string?>("--revision") { Description = "revision to print" };
        var command = new Command("document", "specification, client summary, crew checklist, hazard sheet, quotation or what was built, as Markdown")
        {
            kind,
            file,
            surface,
            date,
            revision,
        };
        command.SetAction(parsed =>
        {
            if (!kinds.TryGetValue(parsed.GetValue(kind)!, out var wanted))
            {
                Console.Error.WriteLine($"Unknown document '{parsed.GetValue(kind)}'; expected one of {string.Join(", ", kinds.Keys)}.");
                return Exit.Usage;
            }

            if (Load(parsed.GetValue(file)!) is not { } job)
            {
                return Exit.FileAtFault;
            }

            var only = parsed.GetValue(surface);
            if (!Knows(job, only))
            {
                return Exit.Usage;
            }

            var specified = job.Surfaces()
                .ToDictionary(x => x.Surface.Id, x => Core.Specification.Specifier.Specify(job, x.Building, x.Space, x.Surface), StringComparer.Ordinal);
            var day = parsed.GetValue(date) ?? TimeProvider.System.GetLocalNow().ToString("d MMMM yyyy", System.Globalization.CultureInfo.InvariantCulture);
            var document = Writing.Write(wanted, job, specified, day, parsed.GetValue(revision) ?? "of the file", only);
            Console.Out.Write(SpokenJson.Say(document, Reader.Speech).ToMarkdown());
            return Exit.Done;
        });
        return command;
    }

    private static Command Quantities()
    {
        var file = FileArgument();
        var json = JsonOption();
        var csv = new Option<bool>("--csv") { Description = "materials as CSV" };
        var command = new Command("quantities", "areas, litres and whole tins") { file, json, csv };
        command.SetAction(parsed =>
        {
            if (Load(parsed.GetValue(file)!) is not { } job)
            {
                return Exit.FileAtFault;
            }

            var report = Reporting.Quantities(job);
            if (parsed.GetValue(json))
            {
                Json(report);
            }
            else if (parsed.GetValue(csv))
            {
                Console.Out.Write(Tables.Materials(SpokenJson.Say(report, Reader.Speech)));
            }
            else
            {
                Text.Quantities(Console.Out, SpokenJson.Say(report, Reader.Speech));
            }

            return Exit.Done;
        });
        return command;
    }

    private static Command Validate()
    {
        var file = FileArgument();
        var command = new Command("validate", "schema and sense; one message for each fault") { file };
        command.SetAction(parsed =>
        {
            if (Load(parsed.GetValue(file)!) is not { } job)
            {
                return Exit.FileAtFault;
            }

            // Odd is no fault: it is asked about and changes neither the result nor the exit code.
            foreach (var (_, space, surface) in job.Surfaces())
            {
                foreach (var doubt in Doubts.Of(space, surface))
                {
                    Console.Error.WriteLine($"{surface.Id} {doubt.Path}: {Reader.Speech.Say(doubt.Says)}{(doubt.Meant is null ? "" : $"; meant: {doubt.Meant}?")}");
                }
            }

            Console.Out.WriteLine($"sound: {job.Title}, {job.Surfaces().Count()} surfaces");
            return Exit.Done;
        });
        return command;
    }

    private static Command Schema()
    {
        var command = new Command("schema", "the JSON Schema of the job file");
        command.SetAction(_ =>
        {
            Console.Out.Write(JobFile.Schema());
            return Exit.Done;
        });
        return command;
    }

    internal static Option<bool> JsonOption() => new("--json") { Description = "as JSON" };

    // Keys stay when their value is null: other tools rely on them.
    private static readonly JsonSerializerOptions Whole = new(JobFile.Options) { DefaultIgnoreCondition = System.Text.Json.Serialization.JsonIgnoreCondition.Never };

    internal static void Json(object value) => Console.Out.WriteLine(JsonSerializer.Serialize(value, SpokenJson.With(Whole, Reader.Speech)));

    internal static Argument<string> FileArgument() => new("job") { Description = "a job file" };

    internal static Job? Load(string path)
    {
        string text;
        try
        {
            var info = new FileInfo(path);
            if (info.Exists && info.Length > 4L * Limits.FileCharacters)
            {
                Console.Error.WriteLine($"{path}: too large for a job file");
                return null;
            }

            text = File.ReadAllText(path);
        }
        catch (Exception e) when (e is IOException or UnauthorizedAccessException)
        {
            Console.Error.WriteLine($"{path}: {e.Message}");
            return null;
        }

        var (job, faults) = JobFile.Read(text, TimeProvider.System.GetUtcNow().Year);
        foreach (var fault in faults)
        {
            Console.Error.WriteLine($"{path}: {fault}");
        }

        return job;
    }
}
