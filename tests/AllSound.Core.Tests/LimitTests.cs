using System.Collections.Immutable;
using System.Text.Json.Nodes;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>How much a job may hold: said with the field, kept by the reader, and never so that what was taken cannot be given out and taken again.</summary>
public sealed class LimitTests
{
    private static Surface Wall => Demo.Job.Surfaces().First().Surface;

    private static ImmutableArray<Fault> Faults(Surface surface)
    {
        var (_, space, _) = Demo.Job.Surfaces().First();
        return JobSense.SurfaceFaults(Demo.Job, space, surface);
    }

    [Fact]
    public void A_text_as_long_as_may_be_is_taken_and_one_longer_is_refused_by_name()
    {
        Assert.Empty(Faults(Wall with { Notes = new string('n', Limits.Notes) }));
        var fault = Assert.Single(Faults(Wall with { Notes = new string('n', Limits.Notes + 1) }));
        Assert.Equal("$.notes", fault.Path);
        Assert.Contains($"{Limits.Notes}", fault.Message, StringComparison.Ordinal);
        Assert.Equal("$.brief.colour", Assert.Single(Faults(Wall with { Brief = Wall.Brief with { Colour = new string('c', Limits.Text + 1) } })).Path);
        Assert.Equal("$.signs[0].where", Assert.Single(Faults(Wall with { Signs = [new SignSeen { Sign = "s_rust", Where = new string('w', 300) }] })).Path);
    }

    [Fact]
    public void A_list_as_long_as_may_be_is_taken_and_one_longer_is_refused_by_name()
    {
        var sign = new SignSeen { Sign = "s_rust" };
        Assert.Empty(Faults(Wall with { Signs = [.. Enumerable.Repeat(sign, Limits.Items)] }));
        Assert.Equal("$.signs", Assert.Single(Faults(Wall with { Signs = [.. Enumerable.Repeat(sign, Limits.Items + 1)] })).Path);
        var reading = new Reading { Check = "T_damp_masonry", Value = 12 };
        Assert.DoesNotContain(Faults(Wall with { Readings = [.. Enumerable.Repeat(reading, Limits.Readings)] }), f => f.Path == "$.readings");
        Assert.Contains(Faults(Wall with { Readings = [.. Enumerable.Repeat(reading, Limits.Readings + 1)] }), f => f.Path == "$.readings");
    }

    [Fact]
    public void Every_text_and_list_of_the_schema_says_how_long_it_may_be()
    {
        var silent = new List<string>();
        Walk(JsonNode.Parse(JobFile.Schema())!, "$", silent);
        Assert.Empty(silent);
    }

    [Theory]
    [InlineData("""{"signs":[null]}""", "$.surface.signs[0]")]
    [InlineData("""{"layers":[{"coating":"emul_matt"},null]}""", "$.surface.layers[1]")]
    [InlineData("""{"brief":{"avoid":["x",null]}}""", "$.surface.brief.avoid[1]")]
    public void A_null_in_a_list_is_refused_with_its_place(string text, string path)
    {
        var (value, fault) = JobFile.Parse<JsonHolder>("""{"surface":{"id":"a","title":"A","element":"wall","substrate":"gyp_old",""" + text[1..^1] + "}}");
        Assert.Null(value);
        Assert.Equal(path, fault!.Path);
    }

    [Theory]
    [InlineData("stair-wall\n")]
    [InlineData("stair-wall\r\n")]
    [InlineData("")]
    [InlineData("Stair")]
    public void An_id_is_letters_digits_and_hyphens_to_its_very_end(string id) => Assert.Contains(Faults(Wall with { Id = id }), f => f.Path == "$.id");

    [Fact]
    public void An_edit_is_blamed_for_what_it_brings_in_and_not_for_what_was_there()
    {
        var job = Demo.Job;
        var bad = With(job, 0, Wall with { Notes = new string('n', 9000) });
        Assert.NotEmpty(JobSense.Faults(bad));
        var other = bad.Surfaces().ElementAt(1).Surface;
        Assert.Empty(JobSense.Added(bad, With(bad, 1, other with { Notes = "fine" })));
        Assert.Single(JobSense.Added(bad, With(bad, 1, other with { Notes = new string('n', 9000) })));
        Assert.Empty(JobSense.Added(bad, job));
        Assert.NotEmpty(JobSense.Added(null, bad));
    }

    private static Job With(Job job, int at, Surface surface)
    {
        var room = job.Buildings[0].Spaces[0];
        return job with
        {
            Buildings = job.Buildings.SetItem(
                0,
                job.Buildings[0] with
                {
                    Spaces = job.Buildings[0].Spaces.SetItem(0, room with { Surfaces = room.Surfaces.SetItem(at, surface) }),
                }
            ),
        };
    }

    private static void Walk(JsonNode node, string at, List<string> silent)
    {
        if (node is not JsonObject schema)
        {
            return;
        }

        foreach (var (name, member) in schema["properties"]?.AsObject() ?? [])
        {
            var types = member!["type"] switch
            {
                JsonArray several => several.Select(t => (string?)t).ToArray(),
                JsonValue one => [(string?)one],
                _ => [],
            };
            // Dates, and texts of one of a few words, are as long as they are.
            if (types.Contains("string") && member["enum"] is null && member["format"] is null && member["maxLength"] is null && member["pattern"] is null)
            {
                silent.Add($"{at}.{name}");
            }

            if (types.Contains("array") && member["maxItems"] is null)
            {
                silent.Add($"{at}.{name}");
            }

            Walk(member, $"{at}.{name}", silent);
            if (member["items"] is { } items)
            {
                Walk(items, $"{at}.{name}[]", silent);
            }
        }
    }

    private sealed record JsonHolder
    {
        public required Surface Surface { get; init; }
    }
}
