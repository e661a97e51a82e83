using System.CommandLine;
using AllSound.Cli;

var root = new RootCommand("All Sound: inspects, reasons, specifies, audits and measures paintwork from job files.");
foreach (
    var command in FileVerbs
        .All()
        .Concat(TableVerbs.All())
        .Concat(ListVerbs.All())
        .Concat(StoreVerbs.All())
        .Append(ReckonVerb.Of())
        .Append(ProgrammeVerb.Of())
        .Append(ConditionsVerb.Of())
        .Append(SiteVerb.Site())
        .Append(SiteVerb.AsBuilt())
)
{
    root.Subcommands.Add(command);
}

Reader.AddTo(root);
var parsed = root.Parse(args);
if (parsed.Errors.Count > 0)
{
    foreach (var error in parsed.Errors)
    {
        await Console.Error.WriteLineAsync(error.Message);
    }

    await Console.Error.WriteLineAsync("See './allsound --help'.");
    return Exit.Usage;
}

Reader.Take(parsed);
return await parsed.InvokeAsync();
