using System.Net;
using System.Text;
using System.Text.Json.Nodes;
using AllSound.Testing;
using Xunit;

namespace AllSound.Web.Tests;

/// <summary>
/// Requests made from the API's own document, with members missing, null, doubled, too long, of the wrong kind, with strange ids and types. No answer
/// is a failure of the program, and what was refused has changed nothing.
/// </summary>
public sealed class FuzzTests
{
    private static readonly string[] Texts =
    [
        "",
        " ",
        "stair-wall",
        "stair-wall\n",
        "..",
        "../../etc/passwd",
        "\u0001",
        "ÄÖ\u202E",
        "\uD83D\uDE00",
        "'; DROP TABLE record; --",
        "=1+1",
        "null",
        new string('x', 70),
        new string('y', 5000),
    ];

    private static readonly double[] Numbers = [0, -1, 1, 0.5, 1e9, -1e9, 2147483648, 9007199254740993, 1e308, double.Epsilon];

    private static CancellationToken Stop => TestContext.Current.CancellationToken;

    [Fact]
    public async Task No_request_is_answered_with_a_failure_of_the_program()
    {
        // ALLSOUND_FUZZ=20000 is the long run.
        var count = int.TryParse(Environment.GetEnvironmentVariable("ALLSOUND_FUZZ"), out var asked) ? asked : 500;
        var seed = int.TryParse(Environment.GetEnvironmentVariable("ALLSOUND_FUZZ_SEED"), out var given) ? given : 7;
        using var server = await new Server().WithDemo();
        var document = await server.Get("/api/openapi/v1.json");
        var fuzzer = new Fuzzer(document, new Random(seed));
        var slowest = (Path: "", Milliseconds: 0.0);
        var kinds = new SortedDictionary<int, int>();
        for (var i = 0; i < count; i++)
        {
            if (i % 50 == 0)
            {
                // Back to the demo, whatever was put away or taken in.
                using var fresh = await server.Post("/api/jobs/import?replace=true", Demo.Text);
                Assert.Equal(HttpStatusCode.Created, fresh.StatusCode);
                fuzzer.Learn(await server.Get("/api/jobs/sallow-ferry"), await server.Get("/api/jobs/sallow-ferry/surfaces/stair-wall"));
            }

            using var request = fuzzer.Next();
            var text = request.Content is null ? "" : Encoding.UTF8.GetString(await request.Content.ReadAsByteArrayAsync(Stop));
            var change = request.Method != HttpMethod.Get;
            var before = change ? await State(server) : "";
            var begun = TimeProvider.System.GetTimestamp();
            using var answer = await server.Client.SendAsync(request, Stop);
            var body = await answer.Content.ReadAsStringAsync(Stop);
            var took = TimeProvider.System.GetElapsedTime(begun).TotalMilliseconds;
            slowest = took > slowest.Milliseconds ? ($"{request.Method} {request.RequestUri}", took) : slowest;
            var status = (int)answer.StatusCode;
            kinds[status] = kinds.GetValueOrDefault(status) + 1;
            var told =
                $"{i}: {request.Method} {request.RequestUri} {request.Content?.Headers.ContentType} {text[..Math.Min(text.Length, 2000)]}\n{status} {body[..Math.Min(body.Length, 1500)]}";
            // 502 to 504 are said of the instruments, the supplier and the weather service alone, which are not there.
            Assert.True(
                status < 500
                    || (
                        status is 502 or 503 or 504
                        && (
                            request.RequestUri!.OriginalString.Contains("/instruments", StringComparison.Ordinal)
                            || request.RequestUri.OriginalString.Contains("/supplier", StringComparison.Ordinal)
                            || request.RequestUri.OriginalString.Contains("/weather", StringComparison.Ordinal)
                        )
                    ),
                told
            );
            if (status >= 400)
            {
                Assert.True(answer.Content.Headers.ContentType?.MediaType == "application/problem+json", told);
                foreach (var kind in new[] { "System.", "AllSound.", "ImmutableArray", "Int32", "Int64", "Nullable", "`1" })
                {
                    Assert.False(body.Contains(kind, StringComparison.Ordinal) && !text.Contains(kind, StringComparison.Ordinal), told);
                }

                if (change)
                {
                    var after = await State(server);
                    var differs = before.Zip(after).TakeWhile(x => x.First == x.Second).Count();
                    Assert.True(
                        before == after,
                        $"changed by what was refused: {told}\nat {before[differs..Math.Min(before.Length, differs + 200)]}\n{after[differs..Math.Min(after.Length, differs + 200)]}"
                    );
                }
            }
        }

        TestContext.Current.TestOutputHelper?.WriteLine(
            $"{string.Join(", ", kinds.Select(k => $"{k.Key}: {k.Value}"))}; slowest {slowest.Milliseconds:0} ms {slowest.Path}"
        );
        Console.WriteLine($"fuzz: {string.Join(", ", kinds.Select(k => $"{k.Key}: {k.Value}"))}; slowest {slowest.Milliseconds:0} ms {slowest.Path}");
    }

    private static async Task<string> State(Server server) =>
        (await server.Client.GetStringAsync("/api/jobs", Stop)) + (await server.Client.GetStringAsync("/api/put-away", Stop)) + await Export(server);

    private static async Task<string> Export(Server server)
    {
        using var answer = await server.Client.GetAsync("/api/jobs/sallow-ferry/export", Stop);
        return answer.IsSuccessStatusCode ? await answer.Content.ReadAsStringAsync(Stop) : $"{answer.StatusCode}";
    }

    private sealed class Fuzzer(JsonObject document, Random random)
    {
        private readonly (string Path, string Method, JsonObject Operation)[] operations =
        [
            .. document["paths"]!.AsObject().SelectMany(p => p.Value!.AsObject().Select(o => (p.Key, o.Key, o.Value!.AsObject()))),
        ];
        private readonly List<string> versions = ["1"];
        private string surface = "{}";

        public void Learn(JsonObject job, JsonObject view)
        {
            versions.Clear();
            versions.AddRange([.. new[] { job["version"], view["revision"], view["version"] }.Select(v => v!.ToJsonString())]);
            surface = view["surface"]!.ToJsonString();
        }

        public HttpRequestMessage Next()
        {
            var (path, method, operation) = operations[random.Next(operations.Length)];
            var address = path;
            var query = new List<string>();
            foreach (var parameter in operation["parameters"]?.AsArray() ?? [])
            {
                var name = (string)parameter!["name"]!;
                var value = Parameter(name);
                if ((string?)parameter["in"] == "path")
                {
                    address = address.Replace("{" + name + "}", Uri.EscapeDataString(value), StringComparison.Ordinal);
                }
                else if (random.Next(4) > 0)
                {
                    query.Add($"{name}={Uri.EscapeDataString(value)}");
                }
            }

            var request = new HttpRequestMessage(new HttpMethod(method.ToUpperInvariant()), address + (query.Count > 0 ? "?" + string.Join('&', query) : ""));
            if (operation["requestBody"]?["content"] is JsonObject content)
            {
                var (type, media) = content.ElementAt(random.Next(content.Count));
                var text = type.Contains("json", StringComparison.Ordinal)
                    ? Json(media!["schema"]!)
                    : Texts[random.Next(Texts.Length)] + "\n" + Texts[random.Next(Texts.Length)];
                var bytes = Encoding.UTF8.GetBytes(text);
                if (random.Next(20) == 0)
                {
                    random.NextBytes(bytes);
                }

                request.Content = new ByteArrayContent(bytes);
                request.Content.Headers.TryAddWithoutValidation("content-type", random.Next(25) == 0 ? Texts[random.Next(3)] : type);
            }

            return request;
        }

        private string Parameter(string name) =>
            random.Next(3) == 0
                ? Texts[random.Next(Texts.Length)]
                : name switch
                {
                    "job" => "sallow-ferry",
                    "surface" => random.Next(2) == 0 ? "stair-wall" : "skirting",
                    "space" => "ticket-office",
                    "building" => "ferry-house",
                    "version" => versions[random.Next(versions.Count)],
                    "kind" => random.Next(2) == 0 ? "surface" : "specification",
                    "id" => random.Next(2) == 0 ? "stair-wall" : "pin-wood",
                    "step" => $"{random.Next(-1, 9)}",
                    "replace" => "true",
                    "stage" => "after",
                    _ => Texts[random.Next(Texts.Length)],
                };

        private string Json(JsonNode schema)
        {
            var value = Value(schema, 0);
            var text = value?.ToJsonString() ?? "null";
            return random.Next(12) switch
            {
                // Broken off, doubled, a surrogate cut in half, a comment, a number too long.
                0 => text[..random.Next(text.Length + 1)],
                1 => text.Replace("\"id\":", "\"id\":\"x\",\"id\":", StringComparison.Ordinal),
                2 => text.Replace("\"title\":\"", "\"title\":\"\\ud800", StringComparison.Ordinal),
                3 => text.Replace("{", "{/* */", StringComparison.Ordinal),
                4 => text.Replace(":1", ":1e999", StringComparison.Ordinal),
                _ => text,
            };
        }

        // Mostly as the schema wants it, so that much of it is taken; every now and then not.
        private JsonNode? Value(JsonNode? schema, int depth)
        {
            if (random.Next(40) == 0)
            {
                return random.Next(5) switch
                {
                    0 => null,
                    1 => new JsonArray((JsonNode?)null),
                    2 => new JsonObject { ["x"] = null },
                    3 => JsonValue.Create(Texts[random.Next(Texts.Length)]),
                    _ => JsonValue.Create(Numbers[random.Next(Numbers.Length)]),
                };
            }

            if (schema is not JsonObject s || depth > 12)
            {
                return random.Next(2) == 0 ? JsonNode.Parse(surface) : null;
            }

            if ((string?)s["$ref"] is { } reference)
            {
                return Value(document["components"]!["schemas"]![reference.Split('/')[^1]], depth);
            }

            foreach (var some in new[] { "oneOf", "anyOf", "allOf" })
            {
                if (s[some] is JsonArray { Count: > 0 } choices)
                {
                    return Value(choices[random.Next(choices.Count)], depth);
                }
            }

            if (s["enum"] is JsonArray names)
            {
                return names[random.Next(names.Count)]?.DeepClone();
            }

            var type = s["type"] is JsonArray several ? (string?)several[random.Next(several.Count)] : (string?)s["type"];
            switch (type)
            {
                case "object":
                    var made = new JsonObject();
                    var needed = s["required"]?.AsArray().Select(r => (string?)r).ToHashSet() ?? [];
                    foreach (var (name, member) in s["properties"]?.AsObject() ?? [])
                    {
                        if (random.Next(needed.Contains(name) ? 60 : 3) > 0 == needed.Contains(name) || random.Next(4) == 0)
                        {
                            made[name] = name switch
                            {
                                "version" => JsonNode.Parse(versions[random.Next(versions.Count)]),
                                "surface" when depth == 0 => JsonNode.Parse(surface),
                                "substrate" => "gyp_old",
                                "id" => random.Next(3) == 0 ? "stair-wall" : $"new-{random.Next(5)}",
                                "parent" => "ticket-office",
                                "format" => "allsound.job/1",
                                _ => Value(member, depth + 1),
                            };
                        }
                    }

                    return made;
                case "array":
                    return new JsonArray([.. Enumerable.Range(0, random.Next(4)).Select(_ => Value(s["items"], depth + 1))]);
                case "integer" or "number":
                    return random.Next(2) == 0 ? random.Next(20) : JsonValue.Create(Numbers[random.Next(Numbers.Length)]);
                case "boolean":
                    return random.Next(2) == 0;
                case "null":
                    return null;
                case "string":
                    return Texts[random.Next(Texts.Length)];
                default:
                    return JsonNode.Parse(surface);
            }
        }
    }
}
