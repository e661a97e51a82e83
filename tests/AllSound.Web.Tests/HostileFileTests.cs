using System.Net;
using System.Text;
using System.Text.Json.Nodes;
using AllSound.Testing;
using Xunit;

namespace AllSound.Web.Tests;

/// <summary>Damaged, huge, wrongly typed and hostile files are refused with a message that names the place, and change nothing.</summary>
public sealed class HostileFileTests : IDisposable
{
    private readonly Server server = new();

    public void Dispose() => server.Dispose();

    [Fact]
    public async Task Two_hundred_bad_files_change_nothing()
    {
        await server.WithDemo();
        var stop = TestContext.Current.CancellationToken;
        var before = await server.Client.GetStringAsync("/api/jobs/sallow-ferry/export", stop);
        var count = 0;
        foreach (var (to, type, body) in Bad())
        {
            using var content = new ByteArrayContent(body);
            content.Headers.ContentType = new(type);
            using var answer = await server.Client.PostAsync(to, content, stop);
            var text = await answer.Content.ReadAsStringAsync(stop);
            Assert.True((int)answer.StatusCode is >= 400 and < 500, $"{count} {to}: {(int)answer.StatusCode} {text[..Math.Min(200, text.Length)]}");
            var problem = JsonNode.Parse(text)!;
            Assert.False(string.IsNullOrWhiteSpace((string?)problem["title"]));
            if (answer.StatusCode == HttpStatusCode.BadRequest && problem["errors"] is JsonObject errors)
            {
                Assert.All(errors, e => Assert.False(string.IsNullOrWhiteSpace(e.Key)));
            }

            count++;
        }

        Assert.True(count >= 200, $"{count} files");
        Assert.Equal(before, await server.Client.GetStringAsync("/api/jobs/sallow-ferry/export", stop));
        Assert.Equal("[]", await server.Client.GetStringAsync("/api/jobs/sallow-ferry/surfaces/stair-wall/photos", stop));
    }

    private static IEnumerable<(string To, string Type, byte[] Body)> Bad()
    {
        var random = new Random(20_26);
        const string Import = "/api/jobs/import?replace=true";
        const string Surfaces = "/api/jobs/sallow-ferry/surfaces.csv";
        const string Readings = "/api/jobs/sallow-ferry/readings.csv";
        const string Photo = "/api/jobs/sallow-ferry/surfaces/stair-wall/photos";

        // Job files: cut anywhere, a value of another type, a name nobody knows.
        for (var i = 0; i < 60; i++)
        {
            yield return (Import, "application/json", Encoding.UTF8.GetBytes(Demo.Text[..random.Next(1, Demo.Text.Length - 3)]));
        }

        foreach (var change in Changes())
        {
            var job = JsonNode.Parse(Demo.Text)!;
            change(job);
            yield return (Import, "application/json", Encoding.UTF8.GetBytes(job.ToJsonString()));
        }

        yield return (Import, "application/json", Encoding.UTF8.GetBytes(new string('[', 100_000)));
        yield return (Import, "application/json", Encoding.UTF8.GetBytes("{\"format\":\"" + new string('x', 3_000_000) + "\"}"));
        yield return (Import, "application/json", [0xFF, 0xFE, 0x00, 0x41]);
        yield return (Import, "application/json", "null"u8.ToArray());
        yield return (Import, "application/json", "\"job\""u8.ToArray());
        yield return (Import, "application/json", ""u8.ToArray());

        // Tables.
        string[] tables =
        [
            "",
            "\0\0",
            "id",
            "id\n\"open",
            "id,title\nstair-wall",
            "id,title\nstair-wall,a,b",
            "id,looseShare\nstair-wall,=1+1",
            "id,looseShare\nstair-wall,NaN",
            "id,looseShare\nstair-wall,1e999",
            "id,looseShare\nstair-wall,-1",
            "id,year\nstair-wall,soon",
            "id,zoneOf\nstair-wall,stair-wall",
            "id,wall\nstair-wall,nowhere",
            "id,form\nstair-wall,spiral",
            "id,exposure\nstair-wall,sideways",
            "id,layers\nstair-wall,emul_matt x0",
            "id,layers\nstair-wall,emul_matt xx",
            "id,space,title,element,substrate\nnew,nowhere,New,wall,gyp_old",
            "id,space,title,element,substrate\nBAD ID,ticket-office,New,wall,gyp_old",
            "id,space,title,element,substrate\nnew,ticket-office,,wall,gyp_old",
            "surface,check,value\nstair-wall,T_ph,7",
            "id;title\nstair-wall;x",
        ];
        foreach (var table in tables)
        {
            yield return (Surfaces, "text/csv", Encoding.UTF8.GetBytes(table));
        }

        for (var i = 0; i < 25; i++)
        {
            yield return (
                Readings,
                "text/csv",
                Encoding.UTF8.GetBytes($"surface,check,value\nstair-wall,T_ph,{(random.Next(2) == 0 ? "" : "-")}{random.Next(15, 9999)}\n")
            );
        }

        for (var i = 0; i < 20; i++)
        {
            yield return (
                Readings,
                "text/csv",
                Encoding.UTF8.GetBytes($"surface,check,value,at\nstair-wall,T_ph,7,{random.Next(32, 99)}/{random.Next(13, 99)}/20{random.Next(10, 99)}\n")
            );
        }

        // Pictures: cut, scrambled, something else altogether.
        var good = PhotoTests.Jpeg(300, 200, 1);
        for (var i = 0; i < 25; i++)
        {
            yield return (Photo, "image/jpeg", good[..random.Next(0, good.Length / 2)]);
        }

        for (var i = 0; i < 25; i++)
        {
            var noise = new byte[random.Next(1, 5000)];
            random.NextBytes(noise);
            yield return (Photo, "image/png", noise);
        }

        yield return (Photo, "image/png", new byte[21 * 1024 * 1024]);
        yield return ($"{Photo}?stage=never", "image/jpeg", good);
        yield return ($"{Photo}?pairOf=nobody", "image/jpeg", good);
        yield return ($"{Photo}?caption={new string('c', 400)}", "image/jpeg", good);
    }

    private static IEnumerable<Action<JsonNode>> Changes()
    {
        static JsonNode Surface(JsonNode job) => job["buildings"]![0]!["spaces"]![0]!["surfaces"]![0]!;
        yield return j => j["format"] = "allsound.job/99";
        yield return j => j["id"] = "Not An Id";
        yield return j => j["buildings"] = 7;
        yield return j => j["buildings"] = new JsonArray();
        yield return j => j["extra"] = true;
        yield return j => j["judgements"] = new JsonArray(new JsonObject { ["cause"] = "c_nothing" });
        yield return j => j["judgements"] = new JsonArray(new JsonObject { ["cause"] = "c_no_key", ["weight"] = 1e9 });
        yield return j => j["jurisdiction"] = "XX";
        yield return j => Surface(j)["element"] = "roof garden";
        yield return j => Surface(j)["substrate"] = "cheese";
        yield return j => Surface(j)["signs"] = new JsonArray(new JsonObject { ["sign"] = "d_peel", ["grade"] = "77" });
        yield return j => Surface(j)["signs"] = new JsonArray(new JsonObject { ["sign"] = "d_peel", ["measure"] = -4 });
        yield return j => Surface(j)["signs"] = new JsonArray(new JsonObject { ["sign"] = "d_blister", ["size"] = "S99" });
        yield return j => Surface(j)["signs"] = new JsonArray(new JsonObject { ["sign"] = "s_ring", ["grade"] = "1" });
        yield return j => Surface(j)["readings"] = new JsonArray(new JsonObject { ["check"] = "T_ph" });
        yield return j => Surface(j)["readings"] = new JsonArray(new JsonObject { ["check"] = "T_tap", ["value"] = 3 });
        yield return j => Surface(j)["readings"] = new JsonArray(new JsonObject { ["check"] = "T_tap", ["outcome"] = "gone" });
        yield return j =>
            Surface(j)["readings"] = new JsonArray(
                new JsonObject
                {
                    ["check"] = "T_ph",
                    ["value"] = 7,
                    ["unit"] = "kg",
                }
            );
        yield return j =>
            Surface(j)["zone"] = new JsonObject
            {
                ["of"] = "nobody",
                ["widthM"] = 1,
                ["heightM"] = 1,
            };
        yield return j =>
            Surface(j)["zone"] = new JsonObject
            {
                ["of"] = "skirting",
                ["widthM"] = -1,
                ["heightM"] = 1,
            };
        yield return j => Surface(j)["form"] = new JsonObject { ["kind"] = "spiral" };
        yield return j => Surface(j)["facts"]!["serviceTempC"] = 1e6;
        yield return j => Surface(j)["facts"]!["consent"] = "perhaps";
        yield return j => j["buildings"]![0]!["spaces"]![0]!["walls"]![0]!["faces"] = "up";
    }
}
