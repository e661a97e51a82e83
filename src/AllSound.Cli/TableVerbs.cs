using System.Collections.Immutable;
using System.CommandLine;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;

namespace AllSound.Cli;

/// <summary>Surfaces, readings, prices and weather out of a job file as a table, and back in.</summary>
internal static class TableVerbs
{
    private sealed record Kind(Func<Job, string> Write, Func<Job, string, CancellationToken, (Job? Job, ImmutableArray<Fault> Faults)> Read);

    private static readonly Dictionary<string, Kind> Kinds = new(StringComparer.Ordinal)
    {
        ["surfaces"] = new(Tables.Surfaces, Tables.ReadSurfaces),
        ["readings"] = new(Tables.Readings, Tables.ReadReadings),
        ["prices"] = new(Tables.Prices, Tables.ReadPrices),
        ["weather"] = new(Tables.Weather, Tables.ReadWeather),
    };

    public static IEnumerable<Command> All()
    {
        yield return Out();
        yield return In();
    }

    private static Command Out()
    {
        var (kind, file) = (KindArgument(), FileVerbs.FileArgument());
        var command = new Command("table", "writes the surfaces, the readings, the price lists or the weather of a job as CSV") { kind, file };
        command.SetAction(parsed =>
        {
            if (FileVerbs.Load(parsed.GetValue(file)!) is not { } job)
            {
                return Exit.FileAtFault;
            }

            Console.Out.Write(Kinds[parsed.GetValue(kind)!].Write(job));
            return Exit.Done;
        });
        return command;
    }

    private static Command In()
    {
        var (kind, file) = (KindArgument(), FileVerbs.FileArgument());
        var table = new Argument<string>("TABLE.csv") { Description = "the table" };
        var command = new Command("take-in", "writes the job with a CSV table of surfaces, readings, prices or weather taken in") { kind, file, table };
        command.SetAction(parsed =>
        {
            if (FileVerbs.Load(parsed.GetValue(file)!) is not { } job)
            {
                return Exit.FileAtFault;
            }

            string text;
            try
            {
                text = File.ReadAllText(parsed.GetValue(table)!);
            }
            catch (Exception e) when (e is IOException or UnauthorizedAccessException)
            {
                Console.Error.WriteLine($"{parsed.GetValue(table)}: {e.Message}");
                return Exit.Usage;
            }

            var (whole, faults) = Kinds[parsed.GetValue(kind)!].Read(job, text, CancellationToken.None);
            if (whole is null)
            {
                foreach (var fault in faults)
                {
                    Console.Error.WriteLine($"{parsed.GetValue(table)}: {fault}");
                }

                return Exit.FileAtFault;
            }

            Console.Out.Write(JobFile.Write(whole));
            return Exit.Done;
        });
        return command;
    }

    private static Argument<string> KindArgument()
    {
        var kind = new Argument<string>("KIND") { Description = string.Join(", ", Kinds.Keys) };
        kind.AcceptOnlyFromAmong([.. Kinds.Keys]);
        return kind;
    }
}
