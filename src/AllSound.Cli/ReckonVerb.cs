using System.CommandLine;
using AllSound.Core.Exchange;
using AllSound.Core.Reckoning;

namespace AllSound.Cli;

/// <summary>The pocket reckoner: one sum of the trade, without a job.</summary>
internal static class ReckonVerb
{
    public static Command Of()
    {
        var kind = new Argument<string?>("kind") { Description = "which sum; left out: lists them", Arity = ArgumentArity.ZeroOrOne };
        var inputs = new Argument<string[]>("inputs") { Description = "name=value, as many as the sum asks", Arity = ArgumentArity.ZeroOrMore };
        var json = FileVerbs.JsonOption();
        var command = new Command("reckon", "one sum of the trade, with its working") { kind, inputs, json };
        command.SetAction(parsed =>
        {
            if (parsed.GetValue(kind) is not { } id)
            {
                return List(parsed.GetValue(json));
            }

            if (Reckoners.Find(id) is not { } reckoner)
            {
                Console.Error.WriteLine($"There is no sum '{id}'. './allsound reckon' lists them.");
                return Exit.Usage;
            }

            var asked = new Dictionary<string, string>(StringComparer.Ordinal);
            foreach (var pair in parsed.GetValue(inputs) ?? [])
            {
                if (pair.IndexOf('=', StringComparison.Ordinal) is var at && at <= 0)
                {
                    Console.Error.WriteLine($"{pair}: expected name=value");
                    return Exit.Usage;
                }

                asked[pair[..at]] = pair[(at + 1)..];
            }

            // Asked nothing at all, it tells what it asks.
            if (asked.Count == 0 && reckoner.Inputs.Any(i => i.Usual is null))
            {
                Ask(reckoner);
                return Exit.Done;
            }

            var reckoning = reckoner.Of(asked);
            if (reckoning.Answer is not { } answer)
            {
                foreach (var problem in reckoning.Problems)
                {
                    Console.Error.WriteLine(Reader.Speech.Say(problem));
                }

                return Exit.Usage;
            }

            if (parsed.GetValue(json))
            {
                FileVerbs.Json(answer);
            }
            else
            {
                Say(SpokenJson.Say(answer, Reader.Speech));
            }

            return Exit.Done;
        });
        return command;
    }

    private static int List(bool json)
    {
        if (json)
        {
            FileVerbs.Json(
                Reckoners
                    .All.Select(r => new
                    {
                        r.Id,
                        r.Title,
                        r.Inputs,
                        r.Source,
                    })
                    .ToList()
            );
            return Exit.Done;
        }

        foreach (var reckoner in Reckoners.All)
        {
            Console.Out.WriteLine(
                $"{reckoner.Id, -16} {Reader.Speech.Say(reckoner.Title)}: {string.Join(" ", reckoner.Inputs.Select(i => i.Usual is null ? i.Name : $"[{i.Name}]"))}"
            );
        }

        return Exit.Done;
    }

    private static void Ask(Reckoner reckoner)
    {
        Console.Out.WriteLine(Reader.Speech.Say(reckoner.Title));
        foreach (var input in reckoner.Inputs)
        {
            var unit = input.Unit.Length > 0 ? $", {input.Unit}" : "";
            var choices = input.Choices.IsEmpty ? "" : $" ({string.Join(", ", input.Choices)})";
            var usual =
                input.Usual is null ? "is wanted"
                : input.Usual.Length == 0 ? "may be left out"
                : $"usually {input.Usual}";
            Console.Out.WriteLine($"  {input.Name, -16} {Reader.Speech.Say(input.Title)}{unit}{choices}; {usual}");
        }

        Console.Out.WriteLine($"  [{reckoner.Source}]");
    }

    private static void Say(Reckoned answer)
    {
        foreach (var line in answer.Working)
        {
            Console.Out.WriteLine(line);
        }

        foreach (var warning in answer.Warnings)
        {
            Console.Out.WriteLine($"BEWARE: {warning}");
        }

        Console.Out.WriteLine($"[{answer.Source}]");
    }
}
