using System.Text.Json.Nodes;
using AllSound.Core.Exchange;
using AllSound.Storage;
using AllSound.Testing;
using Dapper;
using Microsoft.Data.Sqlite;
using Xunit;

namespace AllSound.Web.Tests;

/// <summary>What is done with a database file that is older, newer, damaged, read-only, somebody else's, or no database; copies and their return.</summary>
public sealed class DatabaseTests : IDisposable
{
    private readonly string folder = Directory.CreateTempSubdirectory("allsound-store-").FullName;

    private static CancellationToken Stop => TestContext.Current.CancellationToken;

    private string File1 => Path.Combine(folder, "a.db");

    public void Dispose() => Directory.Delete(folder, recursive: true);

    [Fact]
    public void What_is_no_database_is_refused_and_not_touched()
    {
        File.WriteAllText(File1, "a letter to somebody");
        var said = Assert.Throws<DatabaseFault>(() => Database.Open(File1)).Message;
        Assert.Contains("is not a database", said, StringComparison.Ordinal);
        Assert.Equal("a letter to somebody", File.ReadAllText(File1));
        Assert.Contains("is a folder", Assert.Throws<DatabaseFault>(() => Database.Open(folder)).Message, StringComparison.Ordinal);
        Assert.Contains("There is no folder", Assert.Throws<DatabaseFault>(() => Database.Open(Path.Combine(folder, "no", "a.db"))).Message, StringComparison.Ordinal);
    }

    [Fact]
    public void A_database_of_another_program_is_refused_and_not_touched()
    {
        Raw(File1, "CREATE TABLE recipe (id INTEGER); INSERT INTO recipe VALUES (7)");
        Assert.Contains("of another program", Assert.Throws<DatabaseFault>(() => Database.Open(File1)).Message, StringComparison.Ordinal);
        Assert.Equal(7, Raw(File1, "SELECT id FROM recipe"));
        Assert.Equal(1, Raw(File1, "SELECT COUNT(*) FROM sqlite_master"));
    }

    [Fact]
    public void A_newer_one_is_refused_and_an_older_one_is_copied_first_and_then_brought_up_to_date()
    {
        WithDemo(File1);
        Raw(File1, "INSERT INTO SchemaVersions (ScriptName, Applied) VALUES ('AllSound.Storage.Migrations.9999_future.sql', '2030-01-01')");
        Assert.Contains("newer version", Assert.Throws<DatabaseFault>(() => Database.Open(File1)).Message, StringComparison.Ordinal);
        Assert.Contains("newer version", Assert.Throws<DatabaseFault>(() => Backup.Check(File1)).Message, StringComparison.Ordinal);

        var old = Path.Combine(folder, "old.db");
        Older(old);
        using (var database = Database.Open(old))
        {
            var store = new JobStore(database);
            var job = store.Find("sallow-ferry")!;
            Assert.Equal(JobFile.Write(Demo.Job), JobFile.Write(job.Job));
            Assert.Equal(3, job.VersionOf(Core.Jobs.RecordKind.Surface, "stair-wall"));
            var photo = (Core.Records.Photo)job.Records.Find(Core.Jobs.RecordKind.Photo, "p1")!.Value;
            Assert.Equal(("corner", true, 40), (photo.Caption, photo.Wet, photo.Width));
            Assert.NotNull(new PictureStore(database).Find("sallow-ferry", "p1", PictureForm.Shown));
        }

        var copy = Assert.Single(Directory.GetFiles(folder, "old.db.before-*"));
        Assert.Equal(1, Raw(copy, "SELECT COUNT(*) FROM job"));
        Assert.Equal(0, Raw(copy, "SELECT COUNT(*) FROM sqlite_master WHERE name = 'record'"));
    }

    [Fact]
    public async Task A_damaged_one_is_opened_for_reading_says_so_and_takes_nothing()
    {
        WithDemo(File1);
        Damage(File1);
        using var server = new Server(database: File1);
        var health = await Health(server);
        Assert.Equal(503, health.Status);
        Assert.Contains("is damaged", health.Says, StringComparison.Ordinal);
        Assert.Contains("restore", health.Says, StringComparison.Ordinal);
        using var answer = await server.Post("/api/jobs", """{"title":"New"}""");
        Assert.Equal(503, (int)answer.StatusCode);
        var check = Backup.Check(File1);
        Assert.NotEmpty(check.Faults);
        Assert.Throws<DatabaseFault>(() => Backup.Copy(File1, Path.Combine(folder, "copy.db")));
        Assert.Empty(Directory.GetFiles(folder, "copy.db*"));
    }

    [Fact]
    public void A_header_beyond_reading_is_said_plainly()
    {
        WithDemo(File1);
        using (var file = File.OpenWrite(File1))
        {
            file.Position = 16;
            file.Write(new byte[4000]);
        }

        Assert.Contains("damaged so badly", Assert.Throws<DatabaseFault>(() => Database.Open(File1)).Message, StringComparison.Ordinal);
    }

    [Fact]
    public void One_opened_for_reading_is_read_and_not_written()
    {
        WithDemo(File1);
        var before = File.ReadAllBytes(File1);
        using (var database = Database.Open(File1, readOnly: true))
        {
            Assert.False(database.Health.Writable);
            Assert.Contains("for reading only", database.Health.Says, StringComparison.Ordinal);
            var store = new JobStore(database);
            Assert.NotNull(store.Find("sallow-ferry"));
            var fault = Assert.Throws<SqliteException>(() => store.Change("sallow-ferry", "x", null, b => Plan.To(b!.Records.With(b.Job with { Title = "Other" }))));
            Assert.Equal(8, fault.SqliteErrorCode);
        }

        Assert.Equal(before, File.ReadAllBytes(File1));
        Assert.Contains("no file", Assert.Throws<DatabaseFault>(() => Database.Open(Path.Combine(folder, "none.db"), readOnly: true)).Message, StringComparison.Ordinal);
    }

    [Fact]
    public void Two_servers_on_one_file_is_refused()
    {
        using var first = Database.Open(File1);
        Assert.Contains("Another All Sound", Assert.Throws<DatabaseFault>(() => Database.Open(File1)).Message, StringComparison.Ordinal);
        Assert.Contains("Another All Sound", Assert.Throws<DatabaseFault>(() => Backup.Restore(File1, File1)).Message, StringComparison.Ordinal);
    }

    [Fact]
    public async Task One_spoilt_record_leaves_the_rest_is_named_and_an_earlier_version_is_brought_back()
    {
        using var server = await new Server(database: File1).WithDemo();
        var wall = await server.Get("/api/jobs/sallow-ferry/surfaces/stair-wall");
        var notes = (string?)wall["surface"]!["notes"];
        wall["surface"]!["notes"] = "the last good one is before this";
        (await server.Put("/api/jobs/sallow-ferry/surfaces/stair-wall", Server.EditOf(wall))).EnsureSuccessStatusCode();
        server.Sql("UPDATE record SET data = substr(data, 1, 40) WHERE kind = 'surface' AND id = 'stair-wall'");
        server.Sql("UPDATE record SET data = '{' WHERE kind = 'space' AND id = 'ticket-office'");
        server.Sql("UPDATE head SET revision = revision + 1");

        var job = await server.Get("/api/jobs/sallow-ferry");
        Assert.Equal(["space ticket-office", "surface stair-wall"], job["spoilt"]!.AsArray().Select(s => $"{s!["kind"]} {s["id"]}").Order());
        Assert.Equal(2, job["buildings"]![0]!["spaces"]![0]!["surfaces"]!.AsArray().Count);
        // Nothing is saved over it by chance.
        using var over = (
            await server.Post("/api/jobs/sallow-ferry/spaces/ticket-office/surfaces", """{"id":"stair-wall","title":"Over","element":"wall","substrate":"gyp_old"}""")
        );
        Assert.Equal(400, (int)over.StatusCode);
        using var other = (await server.Get("/api/jobs/sallow-ferry/surfaces/skirting")) is var view
            ? (await server.Put("/api/jobs/sallow-ferry/surfaces/skirting", Edited(view)))
            : null;
        Assert.Equal(200, (int)other!.StatusCode);
        var faults = Backup.Check(File1).Faults;
        Assert.Contains(faults, f => f.Contains("'stair-wall' of job 'sallow-ferry' cannot be read", StringComparison.Ordinal));

        (await server.Post("/api/jobs/sallow-ferry/records/surface/stair-wall/mend", "")).EnsureSuccessStatusCode();
        var back = await server.Get("/api/jobs/sallow-ferry/surfaces/stair-wall");
        Assert.Equal(notes, (string?)back["surface"]!["notes"]);
        Assert.Single((await server.Get("/api/jobs/sallow-ferry"))["spoilt"]!.AsArray());
        // The room was never changed, so there is nothing earlier; it is said.
        Assert.Equal(404, (int)(await server.Post("/api/jobs/sallow-ferry/records/space/ticket-office/mend", "")).StatusCode);

        static string Edited(JsonObject view)
        {
            view["surface"]!["notes"] = "goes on";
            return Server.EditOf(view);
        }
    }

    [Fact]
    public async Task A_copy_taken_while_a_server_writes_is_sound_and_comes_back_whole()
    {
        var copy = Path.Combine(folder, "copy.db");
        string before;
        using (var server = (await new Server(database: File1).WithDemo()))
        {
            await server.AddPhoto("stair-wall", PhotoTests.Jpeg(60, 40, 1));
            before = await server.Client.GetStringAsync("/api/jobs/sallow-ferry/export", Stop);
            var found = Backup.Copy(File1, copy);
            Assert.Equal((1, 1), (found.Jobs, found.Photos));
            Assert.Contains("there already", Assert.Throws<DatabaseFault>(() => Backup.Copy(File1, copy)).Message, StringComparison.Ordinal);
            // What comes after the copy is not in it.
            (await server.Post("/api/jobs", """{"title":"Later"}""")).EnsureSuccessStatusCode();
            server.Stop();
        }

        var (restored, kept) = Backup.Restore(copy, File1);
        Assert.Equal(1, restored.Jobs);
        Assert.True(File.Exists(kept));
        using (var server = new Server(database: File1))
        {
            Assert.Equal(before, (await server.Client.GetStringAsync("/api/jobs/sallow-ferry/export", Stop)));
            Assert.Single(JsonNode.Parse((await server.Client.GetStringAsync("/api/jobs", Stop)))!.AsArray());
            // A version given out before is not given out again, though the clock of the copy is older.
            var latest = Backup.Check(kept!).Latest;
            (await server.Post("/api/jobs", """{"title":"After"}""")).EnsureSuccessStatusCode();
            server.Stop();
            Assert.True(Backup.Check(File1).Latest > latest);
        }
    }

    [Theory]
    [InlineData("nothing")]
    [InlineData("text")]
    [InlineData("cut")]
    [InlineData("damaged")]
    public void What_is_no_sound_copy_is_not_put_back(string kind)
    {
        WithDemo(File1);
        var before = File.ReadAllBytes(File1);
        var copy = Path.Combine(folder, "copy.db");
        Backup.Copy(File1, copy);
        switch (kind)
        {
            case "nothing":
                File.Delete(copy);
                break;
            case "text":
                File.WriteAllText(copy, "not a copy");
                break;
            case "cut":
                File.WriteAllBytes(copy, File.ReadAllBytes(copy)[..40_000]);
                break;
            default:
                Damage(copy);
                break;
        }

        Assert.Throws<DatabaseFault>(() => Backup.Restore(copy, File1));
        Assert.Equal(before, File.ReadAllBytes(File1));
        Assert.Empty(Directory.GetFiles(folder, "*.part*"));
    }

    [Fact]
    public async Task A_plain_copy_of_the_file_alone_has_everything_once_the_server_is_quiet()
    {
        using var server = await new Server(database: File1).WithDemo();
        // The log is folded in a moment after the last write; until then the copy may be behind.
        while (true)
        {
            var plain = Path.Combine(folder, $"plain-{Guid.NewGuid():N}.db");
            File.Copy(File1, plain);
            try
            {
                using var database = Database.Open(plain, readOnly: true);
                if (new JobStore(database).Find("sallow-ferry") is { } job)
                {
                    Assert.Equal(JobFile.Write(Demo.Job), JobFile.Write(job.Job));
                    return;
                }
            }
            catch (DatabaseFault)
            {
                // Not even its tables are in it yet.
            }

            await Task.Yield();
            Stop.ThrowIfCancellationRequested();
        }
    }

    [Fact]
    public async Task Database_and_copies_are_for_their_owner_alone()
    {
        using (var server = (await new Server(database: File1).WithDemo()))
        {
            Copies.Take(File1, Path.Combine(folder, "copies"), DateTimeOffset.UnixEpoch.AddDays(20_000));
            foreach (var file in Directory.GetFiles(folder, "*", SearchOption.AllDirectories))
            {
                Assert.Equal(UnixFileMode.UserRead | UnixFileMode.UserWrite, File.GetUnixFileMode(file));
            }
        }
    }

    [Fact]
    public void Copies_are_thinned_to_hours_days_and_weeks()
    {
        var now = new DateTimeOffset(2026, 11, 27, 20, 0, 0, TimeSpan.Zero);
        var kept = new List<DateTimeOffset>();
        // A copy an hour for a hundred days, thinned each time as the program does.
        for (var at = now.AddDays(-100); at <= now; at = at.AddHours(1))
        {
            kept.Add(at);
            var gone = Copies.Thinned(kept, at).ToHashSet();
            kept.RemoveAll(gone.Contains);
        }

        Assert.Contains(now, kept);
        Assert.Equal(25, kept.Count(t => now - t <= TimeSpan.FromDays(1)));
        Assert.All(Enumerable.Range(2, 12), d => Assert.Single(kept, t => t.UtcDateTime.Date == now.UtcDateTime.Date.AddDays(-d)));
        Assert.InRange(kept.Count(t => now - t > TimeSpan.FromDays(15)), 5, 7);
        Assert.All(kept, t => Assert.True(now - t <= TimeSpan.FromDays(57)));
        Assert.Equal([now.AddDays(-400)], new[] { now.AddDays(-400) }.Except(Copies.Thinned([now.AddDays(-400)], now)));
    }

    [Fact]
    public async Task What_was_put_away_is_cleared_out_after_thirty_days_and_not_before()
    {
        using var server = await new Server(database: File1).WithDemo();
        await server.AddPhoto("stair-wall", PhotoTests.Jpeg(40, 40, 1));
        var job = await server.Get("/api/jobs/sallow-ferry");
        (await server.Client.DeleteAsync($"/api/jobs/sallow-ferry?version={job["version"]}", Stop)).EnsureSuccessStatusCode();
        var store = server.Part<JobStore>();
        var now = DateTimeOffset.UtcNow;
        Assert.Equal(0, store.ClearOut(now.AddDays(29)));
        Assert.Single(store.ListPutAway(null));
        Assert.True(store.ClearOut(now.AddDays(31)) > 10);
        Assert.Empty(store.ListPutAway(null));
        using var db = server.Part<Database>().Open();
        Assert.Equal(0, db.ExecuteScalar<long>("SELECT COUNT(*) FROM picture"));
    }

    private static async Task<(int Status, string Says)> Health(Server server)
    {
        using var answer = await server.Client.GetAsync("/api/health", Stop);
        return ((int)answer.StatusCode, (string)JsonNode.Parse((await answer.Content.ReadAsStringAsync(Stop)))!["says"]!);
    }

    private static void WithDemo(string file)
    {
        using var database = Database.Open(file);
        using var store = new JobStore(database);
        Assert.Equal(Written.Saved, store.Change("sallow-ferry", "demo", null, _ => Plan.To(Core.Records.RecordSet.Empty.With(Demo.Job))).Written);
    }

    // A page in the middle overwritten, as a failing disk does.
    private static void Damage(string file)
    {
        using var stream = File.Open(file, FileMode.Open);
        for (var page = 4; page * 4096 < stream.Length - 4096; page += 3)
        {
            stream.Position = page * 4096;
            stream.Write(new byte[600]);
        }
    }

    private static long Raw(string file, string sql)
    {
        using var connection = new SqliteConnection(new SqliteConnectionStringBuilder { DataSource = file, Pooling = false }.ToString());
        connection.Open();
        return connection.ExecuteScalar<long?>(sql) ?? 0;
    }

    // As the version before this one left it: its own tables, with the demo and a photo in them.
    private static void Older(string file)
    {
        using var connection = new SqliteConnection(new SqliteConnectionStringBuilder { DataSource = file, Pooling = false }.ToString());
        connection.Open();
        var assembly = typeof(Database).Assembly;
        connection.Execute(
            "CREATE TABLE SchemaVersions (SchemaVersionID INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, ScriptName TEXT NOT NULL, Applied DATETIME NOT NULL)"
        );
        foreach (var script in new[] { "AllSound.Storage.Migrations.0001_jobs.sql", "AllSound.Storage.Migrations.0002_photos.sql" })
        {
            using var reader = new StreamReader(assembly.GetManifestResourceStream(script)!);
            connection.Execute(reader.ReadToEnd());
            connection.Execute("INSERT INTO SchemaVersions (ScriptName, Applied) VALUES (@script, '2026-10-01')", new { script });
        }

        var job = Demo.Job;
        string Text(object value) => System.Text.Json.JsonSerializer.Serialize(value, value.GetType(), JobFile.Options);
        connection.Execute("INSERT INTO job VALUES (@Id, @data, 2)", new { job.Id, data = Text(job with { Buildings = [] }) });
        var n = 0;
        foreach (var building in job.Buildings)
        {
            connection.Execute(
                "INSERT INTO building VALUES (@job, @Id, @n, @data, 1)",
                new
                {
                    job = job.Id,
                    building.Id,
                    n = n++,
                    data = Text(building with { Spaces = [] }),
                }
            );
            foreach (var space in building.Spaces)
            {
                connection.Execute(
                    "INSERT INTO space VALUES (@job, @Id, @building, @n, @data, 1)",
                    new
                    {
                        job = job.Id,
                        space.Id,
                        building = building.Id,
                        n = n++,
                        data = Text(space with { Surfaces = [] }),
                    }
                );
                foreach (var surface in space.Surfaces)
                {
                    connection.Execute(
                        "INSERT INTO surface VALUES (@job, @Id, @space, @n, @data, 3)",
                        new
                        {
                            job = job.Id,
                            surface.Id,
                            space = space.Id,
                            n = n++,
                            data = Text(surface),
                        }
                    );
                }
            }
        }

        connection.Execute(
            "INSERT INTO photo VALUES (@job, 'p1', 'stair-wall', 'before', 1, 'corner', NULL, '2026-10-05T09:30:00', 40, 30, x'FFD8', x'FFD8')",
            new { job = job.Id }
        );
    }
}
