using System.Collections.Immutable;
using System.CommandLine;
using System.Text.Json;
using AllSound.Core.Exchange.Listings;
using AllSound.Core.Inspection;

namespace AllSound.Cli;

/// <summary>The verbs that list what the program knows: the same listings that the pages are given.</summary>
internal static class ListVerbs
{
    public static IEnumerable<Command> All()
    {
        yield return List("operations", () => OperationListing.All, o => (o.Id, $"{o.Title} [{o.Group}; {o.Source}]"));
        yield return List("causes", () => CauseListing.All, c => (c.Id, $"{c.Title} [cure: {c.Cure}; {c.Source}]"));
        yield return List("checks", () => CheckListing.All, c => (c.Id, $"{c.Title}, {c.Minutes} min [{c.Limits}; {c.Source}]"));
        yield return List("signs", () => SignListing.All, s => (s.Id, $"{s.Title} [{(s.Defect ? s.Scale : s.Group)}; {s.Look}; {s.Source}]"));
        yield return List(
            "scales",
            () => ScaleListing.All,
            s => (s.Id, $"{s.Title}{(s.Unit is null ? "" : ", " + s.Unit)} [{string.Join(" ", s.Classes.Select(c => c.Name))}; {s.Source}]")
        );
        yield return List("forms", () => FormListing.All, f => (f.Id, $"{f.Title} [{f.How}; {f.Source}]"));
        yield return List(
            "elements",
            () => ElementListing.All,
            e => (JsonNamingPolicy.CamelCase.ConvertName(e.Element.ToString()), $"{e.Title} [usually of {e.Substrate}]")
        );
        yield return List("facts", () => FactSheet.Groups.SelectMany(g => g.Fields), f => (f.Key, $"{f.Label} [{Answers(f)}; {f.Help}]"));
        yield return List("substrates", () => SubstrateListing.All, s => (s.Id, $"{s.Title} [{s.MoistureLimit}; {s.Source}]"));
        yield return List(
            "schools",
            () => QuestionListing.All,
            q => (q.Id, $"{q.Title}: {string.Join(" / ", q.Schools.Select(x => $"{x.Id} ({x.Title})"))} [{q.Default}]")
        );
        yield return List("refusals", () => RefusalListing.All, r => (r.Id, $"{r.Title} Turn to: {r.Refer}. [{r.Source}]"));
        yield return List("coatings", () => ExistingCoatingListing.All, c => (c.Id, $"{c.Title} [{c.Recognise}; {c.Source}]"));
        yield return List("products", () => ProductListing.All, c => (c.Id, $"{c.Title} [{c.Carrier.ToString().ToLowerInvariant()}; {c.Source}]"));
    }

    private static string Answers(FactField field) =>
        field.Kind switch
        {
            FactKind.YesNo => "yes or no",
            FactKind.Words => "a few words",
            FactKind.Pick => string.Join(", ", field.Options.Select(o => o.Value)),
            _ => $"{field.Least} to {field.Most} {field.Unit}",
        };

    private static Command List<T>(string name, Func<IEnumerable<T>> rows, Func<T, (string Id, string Line)> say)
    {
        var json = FileVerbs.JsonOption();
        var command = new Command(name, $"lists the {name}") { json };
        command.SetAction(parsed =>
        {
            if (parsed.GetValue(json))
            {
                FileVerbs.Json(rows().ToList());
                return Exit.Done;
            }

            foreach (var (id, line) in rows().Select(say))
            {
                Console.Out.WriteLine($"{id, -22} {Reader.Speech.Say(line)}");
            }

            return Exit.Done;
        });
        return command;
    }
}
