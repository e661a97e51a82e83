using System.IO.Compression;
using System.Net;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json.Nodes;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Records;
using AllSound.Storage;
using AllSound.Testing;
using Xunit;

namespace AllSound.Web.Tests;

/// <summary>What was accepted goes out and comes in again without loss, photos too.</summary>
public sealed class ArchiveTests
{
    private const string Job = "/api/jobs/sallow-ferry";

    private static CancellationToken Stop => TestContext.Current.CancellationToken;

    [Fact]
    public async Task Any_sequence_of_accepted_edits_goes_out_and_comes_in_the_same()
    {
        var random = new Random(11);
        for (var history = 0; history < 6; history++)
        {
            using var server = await new Server().WithDemo();
            var accepted = 0;
            for (var step = 0; step < 60; step++)
            {
                accepted += await Edit(server, random) ? 1 : 0;
            }

            Assert.True(accepted > 15, $"{accepted} of 60 edits were accepted");
            var job = await server.Client.GetStringAsync($"{Job}/export", Stop);
            Assert.Empty(JobFile.Read(job).Faults);
            var zip = await server.Client.GetByteArrayAsync($"{Job}/export.zip", Stop);
            using var empty = new Server();
            using var put = await Import(empty, zip);
            Assert.True(put.StatusCode == HttpStatusCode.Created, await put.Content.ReadAsStringAsync(Stop));
            Assert.Equal(job, await empty.Client.GetStringAsync($"{Job}/export", Stop));
            Assert.Equal(zip, await empty.Client.GetByteArrayAsync($"{Job}/export.zip", Stop));
        }
    }

    [Fact]
    public async Task An_original_its_time_and_its_orientation_are_kept()
    {
        using var server = await new Server().WithDemo();
        var file = PhotoTests.Jpeg(60, 40, orientation: 6, taken: "2026:10:05 09:30:15");
        var photo = await server.AddPhoto("stair-wall", file);
        Assert.Equal(
            ("2026-10-05T09:30:15", true, 6),
            ((string?)photo["photo"]!["taken"], (bool)photo["photo"]!["takenByCamera"]!, (int)photo["photo"]!["orientation"]!)
        );
        Assert.Equal(file, await server.Client.GetByteArrayAsync($"{Job}/photos/{photo["id"]}/original", Stop));
        using var zip = new ZipArchive(new MemoryStream(await server.Client.GetByteArrayAsync($"{Job}/export.zip", Stop)));
        using var entry = zip.GetEntry($"photos/{photo["id"]}.jpg")!.Open();
        using var memory = new MemoryStream();
        entry.CopyTo(memory);
        Assert.Equal(file, memory.ToArray());
    }

    [Fact]
    public async Task A_photo_put_away_comes_back_by_undoing_the_change()
    {
        using var server = await new Server().WithDemo();
        var photo = await server.AddPhoto("stair-wall", PhotoTests.Jpeg(40, 40, 1), "?caption=corner");
        using var gone = await server.Client.DeleteAsync($"{Job}/photos/{photo["id"]}", Stop);
        var version = (long)(await gone.Content.ReadFromJsonAsync<JsonNode>(Stop))!["version"]!;
        Assert.Empty((await server.Client.GetFromJsonAsync<JsonArray>($"{Job}/surfaces/stair-wall/photos", Stop))!);
        using var back = await server.Post($"{Job}/changes/{version}/bring-back", "");
        Assert.Equal(HttpStatusCode.OK, back.StatusCode);
        var listed = Assert.Single((await server.Client.GetFromJsonAsync<JsonArray>($"{Job}/surfaces/stair-wall/photos", Stop))!)!;
        Assert.Equal("corner", (string?)listed["photo"]!["caption"]);
        Assert.NotEmpty(await server.Client.GetByteArrayAsync($"{Job}/photos/{photo["id"]}/original", Stop));
    }

    [Theory]
    [InlineData("no zip")]
    [InlineData("cut")]
    [InlineData("no job")]
    [InlineData("no manifest")]
    [InlineData("other picture")]
    [InlineData("no picture")]
    [InlineData("nowhere")]
    [InlineData("other format")]
    public async Task An_archive_at_fault_is_refused_and_changes_nothing(string kind)
    {
        using var server = await new Server().WithDemo();
        await server.AddPhoto("stair-wall", PhotoTests.Jpeg(60, 40, 1));
        var zip = await server.Client.GetByteArrayAsync($"{Job}/export.zip", Stop);
        var broken = kind switch
        {
            "no zip" => Encoding.UTF8.GetBytes("a letter"),
            "cut" => zip[..(zip.Length / 2)],
            "no job" => Changed(zip, "job.json", null),
            "no manifest" => Changed(zip, "manifest.json", null),
            "other picture" => Changed(zip, "photos/", _ => PhotoTests.Jpeg(60, 41, 1)),
            "no picture" => Changed(zip, "photos/", null),
            "nowhere" => Changed(zip, "manifest.json", t => Replace(t, "stair-wall", "attic")),
            _ => Changed(zip, "manifest.json", t => Replace(t, "archive/1", "archive/9")),
        };
        using var empty = new Server();
        using var answer = await Import(empty, broken);
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Equal("[]", await empty.Client.GetStringAsync("/api/jobs", Stop));
    }

    [Fact]
    public async Task Cells_that_a_spreadsheet_would_run_are_defused_and_read_back_without_loss()
    {
        using var server = await new Server().WithDemo();
        string[] titles = ["=1+1", "+7", "-x", "@sum", "'=1", "''=2", "'plain", " spaced ", "-5", "\ttab", "two\r\nlines, \"quoted\""];
        for (var i = 0; i < titles.Length; i++)
        {
            (
                await server.Post(
                    $"{Job}/spaces/ticket-office/surfaces",
                    new JsonObject
                    {
                        ["id"] = $"t{i}",
                        ["title"] = titles[i],
                        ["element"] = "wall",
                        ["substrate"] = "gyp_old",
                        ["notes"] = titles[i],
                    }.ToJsonString()
                )
            ).EnsureSuccessStatusCode();
        }

        var before = await server.Client.GetStringAsync($"{Job}/export", Stop);
        var table = await server.Client.GetStringAsync($"{Job}/surfaces.csv", Stop);
        Assert.Contains("'=1+1", table, StringComparison.Ordinal);
        Assert.DoesNotContain(",=1+1", table, StringComparison.Ordinal);
        Assert.DoesNotContain(",@sum", table, StringComparison.Ordinal);
        using var content = new StringContent(table, Encoding.UTF8, "text/csv");
        using var answer = await server.Client.PostAsync($"{Job}/surfaces.csv", content, Stop);
        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
        Assert.Equal(before, await server.Client.GetStringAsync($"{Job}/export", Stop));
    }

    // One edit, of any kind, that may or may not be accepted.
    private static async Task<bool> Edit(Server server, Random random)
    {
        var job = server.Part<JobStore>().Find("sallow-ferry")!;
        var surfaces = job.Job.Surfaces().ToArray();
        var (_, space, surface) = surfaces[random.Next(surfaces.Length)];
        var rolled = random.Next(9);
        async Task<bool> Put(string kind, string id, long version, JsonNode? value, string? parent = null)
        {
            var item = new JsonObject
            {
                ["kind"] = kind,
                ["id"] = id,
                ["version"] = version,
                ["parent"] = parent,
            };
            if (value is not null)
            {
                item["value"] = value;
            }

            using var answer = await server.Post($"{Job}/changes", new JsonObject { ["label"] = "edit", ["items"] = new JsonArray(item) }.ToJsonString());
            Assert.True((int)answer.StatusCode < 500);
            return answer.StatusCode == HttpStatusCode.OK;
        }

        var record = System.Text.Json.JsonSerializer.SerializeToNode(surface, JobFile.Options)!.AsObject();
        var version = job.VersionOf(RecordKind.Surface, surface.Id);
        switch (rolled)
        {
            case 0:
                record["notes"] = new string('n', random.Next(1, 5000)) + " \"'\\ é 😀";
                return await Put("surface", surface.Id, version, record);
            case 1:
                record["id"] = $"made-{random.Next(30)}";
                record["title"] = $"Made {random.Next(100)}";
                return await Put("surface", (string)record["id"]!, 0, record, space.Id);
            case 2:
                return await Put("surface", surface.Id, version, null);
            case 3:
                record["id"] = $"zone-{random.Next(30)}";
                record["zone"] = new JsonObject
                {
                    ["of"] = surface.Id,
                    ["widthM"] = 0.1 + random.NextDouble(),
                    ["heightM"] = 0.2,
                };
                return await Put("surface", (string)record["id"]!, 0, record, space.Id);
            case 4:
                record["facts"]!["looseShare"] = Math.Round(random.NextDouble() * 1.2, 3);
                return await Put("surface", surface.Id, version, record);
            case 5:
                var changed = System.Text.Json.JsonSerializer.SerializeToNode(space with { Surfaces = [] }, JobFile.Options)!.AsObject();
                changed["title"] = $"Room {random.Next(100)}";
                return await Put("space", space.Id, job.VersionOf(RecordKind.Space, space.Id), changed);
            case 6:
                using (var content = new ByteArrayContent(PhotoTests.Jpeg(20 + random.Next(60), 30, 1 + random.Next(8), "2026:10:05 09:30:15")))
                {
                    content.Headers.ContentType = new("image/jpeg");
                    var id = string.Concat(Enumerable.Range(0, 32).Select(_ => "0123456789abcdef"[random.Next(16)]));
                    using var answer = await server.Client.PostAsync($"{Job}/surfaces/{surface.Id}/photos?id={id}&caption=c%20{random.Next(9)}", content, Stop);
                    return answer.StatusCode == HttpStatusCode.Created;
                }

            case 7:
                var own = System.Text.Json.JsonSerializer.SerializeToNode(job.Job with { Buildings = [] }, JobFile.Options)!.AsObject();
                own["trials"] = new JsonArray(
                    new JsonObject
                    {
                        ["surface"] = surface.Id,
                        ["method"] = "st_solvent",
                        ["cleared"] = 1,
                        ["minutes"] = 5,
                    }
                );
                return await Put("job", "sallow-ferry", job.Version, own);
            default:
                var photo = job.Records.All.FirstOrDefault(r => r.Key.Kind is RecordKind.Photo);
                return photo is not null && await Put("photo", photo.Key.Id, photo.Version, null);
        }
    }

    private static Task<HttpResponseMessage> Import(Server server, byte[] zip)
    {
        var content = new ByteArrayContent(zip) { Headers = { ContentType = new("application/zip") } };
        return server.Client.PostAsync("/api/jobs/import", content, Stop);
    }

    private static byte[] Replace(byte[] text, string what, string with) =>
        Encoding.UTF8.GetBytes(Encoding.UTF8.GetString(text).Replace(what, with, StringComparison.Ordinal));

    // The same archive with one entry left out or changed.
    private static byte[] Changed(byte[] zip, string name, Func<byte[], byte[]>? change)
    {
        using var into = new MemoryStream();
        using (var from = new ZipArchive(new MemoryStream(zip)))
        using (var to = new ZipArchive(into, ZipArchiveMode.Create, leaveOpen: true))
        {
            foreach (var entry in from.Entries)
            {
                using var memory = new MemoryStream();
                using (var stream = entry.Open())
                {
                    stream.CopyTo(memory);
                }

                var data = memory.ToArray();
                if (entry.FullName.StartsWith(name, StringComparison.Ordinal))
                {
                    if (change is null)
                    {
                        continue;
                    }

                    data = change(data);
                }

                using var made = to.CreateEntry(entry.FullName).Open();
                made.Write(data);
            }
        }

        return into.ToArray();
    }
}
