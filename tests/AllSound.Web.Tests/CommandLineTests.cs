using System.Diagnostics;
using System.Text.Json.Nodes;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;

namespace AllSound.Web.Tests;

/// <summary>The command line as other tools use it: keys, streams and exit codes.</summary>
public sealed class CommandLineTests
{
    private static readonly string DemoFile = Path.Combine(Demo.Root, "demo", "sallow-ferry.job.json");

    [Fact]
    public async Task Specify_prints_the_stable_keys_and_nothing_else()
    {
        var (exit, output, errors) = await Run("specify", DemoFile, "--json");
        var step = JsonNode.Parse(output)!["surfaces"]![0]!["options"]![0]!["steps"]![0]!.AsObject();

        Assert.Equal((0, ""), (exit, errors));
        Assert.All(
            new[]
            {
                "n",
                "operation",
                "group",
                "title",
                "do",
                "why",
                "needs",
                "gives",
                "product",
                "coat",
                "dilution",
                "waitHours",
                "cautions",
                "protection",
                "accept",
                "assumes",
                "source",
            },
            key => Assert.True(step.ContainsKey(key), key)
        );
        Assert.All(new[] { "options", "holds", "blocked" }, key => Assert.True(JsonNode.Parse(output)!["surfaces"]![0]!.AsObject().ContainsKey(key), key));
    }

    [Fact]
    public async Task Diagnose_audit_and_quantities_print_their_keys()
    {
        var surface = JsonNode.Parse((await Run("diagnose", DemoFile, "--json", "--surface", "stair-wall")).Output)!["surfaces"]!.AsArray().Single()!;
        Assert.Equal("c_unsealed_plaster", (string?)surface["findings"]![0]!["cause"]);
        Assert.NotEmpty(surface["findings"]![0]!["for"]!.AsArray());

        var audit = JsonNode.Parse((await Run("audit", Path.Combine(Demo.Root, "docs", "examples", "own-sequences.job.json"), "--json")).Output)!["surfaces"]!.AsArray();
        Assert.All(audit, a => Assert.Equal("faults", (string?)a!["verdict"]));
        Assert.Equal("danger", (string?)audit[1]!["faults"]![0]!["severity"]);
        Assert.All(audit, a => Assert.All(a!["mended"]?.AsArray() ?? [], step => Assert.NotNull(Operations.Find((string)step!["operation"]!))));

        var quantities = JsonNode.Parse((await Run("quantities", DemoFile, "--json")).Output)!;
        Assert.NotEmpty(quantities["materials"]!.AsArray());
        Assert.Contains("p_emul_contract,contract matt wall paint,white,L,", (await Run("quantities", DemoFile, "--csv")).Output, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Programme_and_conditions_print_their_keys_and_the_same_in_every_form()
    {
        var hall = Path.Combine(Demo.Root, "docs", "examples", "hall.job.json");
        var plan = JsonNode.Parse((await Run("programme", hall, "--json")).Output)!;
        Assert.All(
            new[] { "tasks", "finish", "start", "bound", "gap", "labourHours", "idleHours", "days", "critical", "risks", "unplanned", "wouldHelp" },
            key => Assert.True(plan.AsObject().ContainsKey(key), key)
        );
        var tasks = plan["tasks"]!.AsArray();
        Assert.All(
            new[] { "id", "surface", "operation", "title", "start", "end", "crew", "readyAt", "floatHours" },
            key => Assert.True(tasks[0]!.AsObject().ContainsKey(key), key)
        );
        var table = (await Run("programme", hall, "--csv")).Output.Split('\n', StringSplitOptions.RemoveEmptyEntries);
        Assert.Equal(tasks.Select(t => (string?)t!["id"]), table.Skip(1).Select(l => l.Split(',')[0]));
        var calendar = (await Run("programme", hall, "--ics")).Output;
        Assert.Equal(tasks.Sum(t => t!["pieces"]!.AsArray().Count), calendar.Split("BEGIN:VEVENT").Length - 1);

        var conditions = JsonNode.Parse((await Run("conditions", DemoFile, "--at", "2026-12-01T10:00", "--json")).Output)!["surfaces"]!.AsArray();
        Assert.All(conditions, c => Assert.Contains((string?)c!["may"], new[] { "yes", "no", "until", "from" }));
        Assert.All(
            new[] { "id", "at", "may", "figures", "limits", "latestStart", "latestEnd", "reasons", "todo", "meanwhile" },
            key => Assert.True(conditions[0]!.AsObject().ContainsKey(key), key)
        );
    }

    [Fact]
    public async Task Site_and_as_built_print_their_keys_from_the_log_of_the_file()
    {
        var first = JsonNode.Parse((await Run("site", DemoFile, "--json", "--surface", "stair-wall")).Output)!["surfaces"]![0]!["remaining"]![0]!;
        var logged = JsonNode.Parse(Demo.Text)!.AsObject();
        logged["log"] = new JsonArray(
            new JsonObject
            {
                ["id"] = "0193",
                ["kind"] = "done",
                ["at"] = "2026-12-07T09:00:00",
                ["by"] = "ann",
                ["surface"] = "stair-wall",
                ["operation"] = (string?)first["operation"],
            }
        );
        var path = Path.GetTempFileName();
        await File.WriteAllTextAsync(path, logged.ToJsonString(), TestContext.Current.CancellationToken);
        try
        {
            var surface = JsonNode.Parse((await Run("site", path, "--json", "--surface", "stair-wall", "--at", "2026-12-07T10:00")).Output)!["surfaces"]![0]!.AsObject();
            Assert.All(new[] { "id", "done", "state", "next", "faults", "remaining" }, key => Assert.True(surface.ContainsKey(key), key));
            Assert.All(new[] { "operation", "from", "latest", "needs" }, key => Assert.True(surface["next"]![0]!.AsObject().ContainsKey(key), key));
            Assert.Single(surface["done"]!.AsArray());
            Assert.NotEmpty(surface["state"]!["facets"]!.AsObject());
            var built = JsonNode.Parse((await Run("as-built", path, "--json")).Output)!;
            Assert.Equal("ann", (string?)built["surfaces"]![0]!["done"]![0]!["by"]);
            Assert.Contains("As built", (await Run("as-built", path)).Output, StringComparison.Ordinal);
            Assert.Contains("1 done", (await Run("site", path, "--at", "2026-12-07T10:00")).Output, StringComparison.Ordinal);
        }
        finally
        {
            File.Delete(path);
        }
    }

    [Theory]
    [InlineData("--at", "site", "--at", "noon")]
    [InlineData("--from", "programme", "--from", "soon")]
    [InlineData("--seconds", "programme", "--seconds", "0")]
    [InlineData("--at", "conditions", "--at", "noon")]
    [InlineData("stair-wall", "conditions", "--surface", "none")]
    public async Task A_question_about_time_that_cannot_be_asked_says_which_word_is_wrong(string said, string verb, string option, string value)
    {
        var (exit, output, errors) = await Run(verb, DemoFile, option, value);
        Assert.Equal((2, ""), (exit, output));
        Assert.Contains(said, errors, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Exit_codes_tell_whose_fault_it_is()
    {
        var broken = Path.GetTempFileName();
        await File.WriteAllTextAsync(broken, Demo.Text.Replace("\"gyp_old\"", "\"cheese\"", StringComparison.Ordinal), TestContext.Current.CancellationToken);
        try
        {
            var fault = await Run("validate", broken);
            Assert.Equal((1, ""), (fault.Exit, fault.Output));
            Assert.Contains("substrate", fault.Errors, StringComparison.Ordinal);
        }
        finally
        {
            File.Delete(broken);
        }

        Assert.Equal(0, (await Run("validate", DemoFile)).Exit);
        Assert.Equal(1, (await Run("specify", "no-such-file.json")).Exit);
        Assert.Equal(2, (await Run("specify", DemoFile, "--surface", "none")).Exit);
        Assert.Equal(2, (await Run("conjure", DemoFile)).Exit);
        Assert.Equal(2, (await Run("specify")).Exit);
    }

    [Theory]
    [InlineData("operations", "st_wet_abrade")]
    [InlineData("causes", "c_unsealed_plaster")]
    [InlineData("checks", "T_lead_lab")]
    [InlineData("substrates", "gyp_old")]
    [InlineData("products", "p_peelbond")]
    public async Task Lists_name_every_row_in_a_line_and_in_full(string verb, string id)
    {
        var (_, lines, _) = await Run(verb);
        var (_, json, _) = await Run(verb, "--json");

        Assert.Contains(lines.Split('\n'), l => l.StartsWith(id, StringComparison.Ordinal));
        var row = JsonNode.Parse(json)!.AsArray().Single(r => (string?)r!["id"] == id)!;
        Assert.False(string.IsNullOrEmpty((string?)row["source"]));
    }

    [Theory]
    [InlineData("operations")]
    [InlineData("causes")]
    [InlineData("checks")]
    [InlineData("signs")]
    [InlineData("scales")]
    [InlineData("substrates")]
    [InlineData("coatings")]
    [InlineData("products")]
    [InlineData("forms")]
    [InlineData("schools")]
    [InlineData("refusals")]
    [InlineData("facts")]
    [InlineData("elements")]
    public async Task Every_listing_lists_the_same_with_and_without_json(string verb)
    {
        var (exit, lines, errors) = await Run(verb);
        var (jsonExit, json, jsonErrors) = await Run(verb, "--json");
        var ids = JsonNode.Parse(json)!.AsArray().Select(r => (string?)(r!["id"] ?? r["key"] ?? r["element"]));

        Assert.Equal((0, "", 0, ""), (exit, errors, jsonExit, jsonErrors));
        Assert.Equal(lines.Split('\n', StringSplitOptions.RemoveEmptyEntries).Select(l => l.Split(' ')[0]), ids);
    }

    [Fact]
    public async Task Output_is_said_in_the_terms_and_units_asked_for()
    {
        var (exit, text, _) = await Run("specify", DemoFile, "--surface", "stair-wall", "--terms", "american", "--units", "us");
        var (_, quantities, _) = await Run("quantities", DemoFile, "--units", "us");
        var (_, document, _) = await Run("document", "specification", DemoFile, "--surface", "stair-wall", "--terms", "american");

        Assert.Equal(0, exit);
        Assert.Contains("contractor flat", text, StringComparison.Ordinal);
        Assert.Contains("Stair wall, skim of 2019 (stair-wall)", text, StringComparison.Ordinal);
        Assert.Contains(" gal; buy", quantities, StringComparison.Ordinal);
        Assert.DoesNotContain(" m2", quantities, StringComparison.Ordinal);
        Assert.Contains("baseboard", document, StringComparison.Ordinal);
        Assert.Equal(2, (await Run("specify", DemoFile, "--terms", "klingon")).Exit);
    }

    internal static async Task<(int Exit, string Output, string Errors)> Run(params string[] words)
    {
        var start = new ProcessStartInfo("dotnet")
        {
            UseShellExecute = false,
            RedirectStandardOutput = true,
            RedirectStandardError = true,
        };
        start.ArgumentList.Add(Path.Combine(AppContext.BaseDirectory, "allsound-cli.dll"));
        foreach (var word in words)
        {
            start.ArgumentList.Add(word);
        }

        using var process = Process.Start(start)!;
        var errors = process.StandardError.ReadToEndAsync(TestContext.Current.CancellationToken);
        var output = await process.StandardOutput.ReadToEndAsync(TestContext.Current.CancellationToken);
        await process.WaitForExitAsync(TestContext.Current.CancellationToken);
        return (process.ExitCode, output, await errors);
    }
}
