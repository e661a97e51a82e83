using AllSound.Core.Exchange;
using AllSound.Core.Surfaces;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

public sealed class JobFileTests
{
    [Fact]
    public void The_demo_round_trips_without_loss()
    {
        var once = JobFile.Write(Demo.Job);
        var (again, faults) = JobFile.Read(once);

        Assert.Empty(faults);
        Assert.Equal(once, JobFile.Write(again!));
    }

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    public void Generated_jobs_round_trip_and_make_sense(int seed)
    {
        var text = JobFile.Write(SurveyGenerator.Job(seed, 40));
        var (job, faults) = JobFile.Read(text);

        Assert.Empty(faults.Where(f => !f.Message.Contains("more than the whole", StringComparison.Ordinal)));
        if (job is not null)
        {
            Assert.Equal(text, JobFile.Write(job));
        }
    }

    [Theory]
    [InlineData("\"looseShare\": 0.06", "\"looseShare\": 1.6", "looseShare", "0 to 1")]
    [InlineData("\"looseShare\": 0.06", "\"looseShare\": \"six\"", "looseShare", "a number")]
    [InlineData("\"edges\": \"lifting\"", "\"edges\": \"curly\"", "edges", "firm, lifting")]
    [InlineData("\"soil\": \"light\"", "\"soiled\": \"light\"", "facts", "soiled")]
    [InlineData("\"substrate\": \"gyp_old\"", "\"substrate\": \"cheese\"", "substrate", "gyp_old")]
    [InlineData("\"sign\": \"s_sheets\"", "\"sign\": \"s_nothing\"", "signs[0].sign", "unknown sign")]
    [InlineData("\"unit\": \"%WME\"", "\"unit\": \"mil\"", "readings[0].unit", "%WME")]
    [InlineData("\"value\": 12", "\"value\": 1200", "readings[0].value", "0 to 100")]
    [InlineData("\"id\": \"skirting\"", "\"id\": \"stair-wall\"", "surfaces[1].id", "twice")]
    [InlineData("\"wall\": \"stair\"", "\"wall\": \"attic\"", "surfaces[0].wall", "no wall")]
    [InlineData("\"widthM\": 0.84", "\"widthM\": 8.4", "openings[0]", "beyond its wall")]
    [InlineData("\"format\": \"allsound.job/1\"", "\"format\": \"other/9\"", "$.format", "allsound.job/1")]
    [InlineData("\"coats\": 2,", "\"coats\": 2.5,", "coats", "whole number")]
    public void A_fault_is_refused_with_its_place_and_what_was_expected(string good, string bad, string place, string expected)
    {
        Assert.Contains(good, Demo.Text, StringComparison.Ordinal);
        var at = Demo.Text.IndexOf(good, StringComparison.Ordinal);
        var (job, faults) = JobFile.Read(Demo.Text.Remove(at, good.Length).Insert(at, bad));

        Assert.Null(job);
        Assert.Contains(faults, f => f.Path.Contains(place, StringComparison.Ordinal) && f.Message.Contains(expected, StringComparison.Ordinal));
    }

    [Theory]
    [InlineData("")]
    [InlineData("null")]
    [InlineData("[]")]
    [InlineData("{\"format\":")]
    [InlineData("{}")]
    [InlineData("{\"format\":\"allsound.job/1\",\"id\":\"a\",\"title\":\"a\",\"buildings\":null}")]
    [InlineData("{\"format\":\"allsound.job/1\",\"id\":\"a\",\"title\":\"a\",\"buildings\":[]}")]
    public void What_is_no_job_is_refused_and_never_throws(string text)
    {
        var (job, faults) = JobFile.Read(text);

        Assert.Null(job);
        Assert.NotEmpty(faults);
    }

    [Theory]
    [InlineData(5)]
    public void Damaged_text_never_throws(int seed)
    {
        var random = new Random(seed);
        for (var i = 0; i < 300; i++)
        {
            var text = Demo.Text.ToCharArray();
            for (var n = random.Next(1, 6); n > 0; n--)
            {
                text[random.Next(text.Length)] = (char)random.Next(32, 127);
            }

            var (job, faults) = JobFile.Read(new string(text)[..random.Next(10, text.Length)]);
            Assert.True(job is not null || faults.Length > 0);
        }
    }

    [Theory]
    [InlineData("elevation", "", Exposure.Outside)]
    [InlineData("roofSlope", "", Exposure.Outside)]
    [InlineData("room", "", Exposure.Inside)]
    [InlineData("room", """, "exposure": "outside" """, Exposure.Outside)]
    [InlineData("elevation", """, "exposure": "inside" """, Exposure.Inside)]
    public void A_face_of_an_elevation_stands_in_the_weather_unless_the_file_says_inside(string kind, string exposure, Exposure expected)
    {
        var (job, faults) = JobFile.Read(
            $$"""
            {"format": "allsound.job/1", "id": "j", "title": "Job", "jurisdiction": "GB", "buildings": [
              {"id": "a", "title": "A", "spaces": []},
              {"id": "b", "title": "B", "spaces": [
                {"id": "r", "title": "Room", "kind": "room", "surfaces": []},
                {"id": "e", "title": "There", "kind": "{{kind}}", "surfaces": [
                  {"id": "s", "title": "Face", "element": "wall", "substrate": "pebbledash"{{exposure}}}]}]}]}
            """
        );
        Assert.Empty(faults);
        Assert.Equal(expected, Assert.Single(job!.Surfaces()).Surface.Exposure);
    }

    [Fact]
    public void The_published_schema_is_the_one_that_the_types_give()
    {
        Assert.Equal(File.ReadAllText(Path.Combine(Demo.Root, "docs", "formats", "job.schema.json")), JobFile.Schema());
    }

    [Fact]
    public async Task The_schema_accepts_the_demo_and_every_example()
    {
        // An outside validator, NJsonSchema, reads the published schema.
        var schema = await NJsonSchema.JsonSchema.FromJsonAsync(JobFile.Schema(), TestContext.Current.CancellationToken);
        var files = Directory.GetFiles(Path.Combine(Demo.Root, "docs", "examples"), "*.json").Append(Path.Combine(Demo.Root, "demo", "sallow-ferry.job.json"));
        foreach (var file in files)
        {
            var text = await File.ReadAllTextAsync(file, TestContext.Current.CancellationToken);
            Assert.Empty(schema.Validate(text));
            Assert.Empty(JobFile.Read(text).Faults);
        }
    }
}
