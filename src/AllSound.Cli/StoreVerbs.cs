using System.CommandLine;
using System.Globalization;
using AllSound.Storage;

namespace AllSound.Cli;

/// <summary>Safe keeping of a database: a copy taken, put back, looked over. A server may run meanwhile, save while one is put back.</summary>
internal static class StoreVerbs
{
    public static IEnumerable<Command> All()
    {
        yield return Verb(
            "backup",
            "takes a copy of the database, photos too, and looks it over; a server may be running",
            "the copy to write",
            (file, database) => $"{file}: {Words(Backup.Copy(database, file))}. It holds what was saved up to {Time(Backup.Check(file).Latest)}."
        );
        yield return Verb(
            "restore",
            "puts a copy in the place of the database; stop the server first",
            "the copy to put back",
            (file, database) =>
            {
                var (found, kept) = Backup.Restore(file, database);
                return $"{database}: {Words(found)}, as saved up to {Time(found.Latest)}." + (kept is null ? "" : $" What was there before is kept as {kept}.");
            }
        );
        yield return Check();
    }

    private static Command Verb(string name, string description, string what, Func<string, string, string> run)
    {
        var file = new Argument<string>("FILE") { Description = what };
        var database = DatabaseOption();
        var command = new Command(name, description) { file, database };
        command.SetAction(parsed => Try(() => Console.Out.WriteLine(run(parsed.GetValue(file)!, parsed.GetValue(database)!))));
        return command;
    }

    private static Command Check()
    {
        var database = DatabaseOption();
        var json = new Option<bool>("--json") { Description = "as JSON" };
        var command = new Command("check", "looks the database over: pages, version, and that every record can be read; changes nothing") { database, json };
        command.SetAction(parsed =>
        {
            var found = new CheckOutcome(0, 0, 0, 0, []);
            var code = Try(() => found = Backup.Check(parsed.GetValue(database)!));
            if (code != Exit.Done)
            {
                return code;
            }

            if (parsed.GetValue(json))
            {
                FileVerbs.Json(found);
            }
            else
            {
                Console.Out.WriteLine(found.Faults.Count == 0 ? $"Sound: {Words(found)}." : string.Join('\n', found.Faults));
            }

            return found.Faults.Count == 0 ? Exit.Done : Exit.FileAtFault;
        });
        return command;
    }

    private static Option<string> DatabaseOption() =>
        new("--db")
        {
            Description = "the database; allsound.db here when not given",
            DefaultValueFactory = _ => Path.Combine(Environment.CurrentDirectory, "allsound.db"),
        };

    private static int Try(Action run)
    {
        try
        {
            run();
            return Exit.Done;
        }
        catch (DatabaseFault fault)
        {
            Console.Error.WriteLine(fault.Message);
            return Exit.FileAtFault;
        }
    }

    private static string Words(CheckOutcome found) =>
        string.Create(CultureInfo.InvariantCulture, $"{Count(found.Jobs, "job")}, {Count(found.Surfaces, "surface")}, {Count(found.Photos, "photo")}");

    private static string Count(long n, string what) => string.Create(CultureInfo.InvariantCulture, $"{n} {what}{(n == 1 ? "" : "s")}");

    private static string Time(long latest) =>
        latest < 1_000_000_000_000
            ? "an unknown time"
            : DateTimeOffset.FromUnixTimeMilliseconds(latest).LocalDateTime.ToString("d MMMM yyyy HH:mm:ss", CultureInfo.InvariantCulture);
}
