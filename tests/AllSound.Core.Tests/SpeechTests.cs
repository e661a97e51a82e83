using AllSound.Core.Exchange;
using AllSound.Core.Exchange.Listings;
using AllSound.Core.Inspection;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Core.Wording;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>British and American terms, metric and US customary units: said in the reader's way, and nothing else changed.</summary>
public sealed class SpeechTests
{
    // Pairs of terms: common practice, from memory.
    [Theory]
    [InlineData("Fill, sand and prime the skirting", "Fill, sand and prime the baseboard")]
    [InlineData("Architraves and skirtings", "Casings and baseboards")]
    [InlineData("White spirit on a rag", "Mineral spirits on a rag")]
    [InlineData("methylated spirit", "denatured alcohol")]
    [InlineData("a tin of filler, or two fillers", "a can of spackle, or two spackles")]
    [InlineData("two-part filler in rotten wood, wood filler in a nail hole", "two-part filler in rotten wood, wood filler in a nail hole")]
    [InlineData("Matt emulsion, two coats", "Flat latex paint, two coats")]
    [InlineData("mould on a grey ground, mouldy moulding", "mold on a gray ground, moldy molding")]
    [InlineData("5 litres in two tins", "5 liters in two cans")]
    [InlineData("vapour-open", "vapor-open")]
    [InlineData("matter", "matter")]
    [InlineData("rendered harmless", "rendered harmless")]
    [InlineData("tinsel on a greyhound", "tinsel on a greyhound")]
    public void Terms_are_said_the_American_way(string british, string american) => Assert.Equal(american, new Speech(Terms.American, UnitSystem.Metric).Say(british));

    // Factors: NIST Handbook 44, Appendix C; tapes are read in sixteenths. From memory.
    [Theory]
    [InlineData("over 3 mm", "over 1/8 in")]
    [InlineData("10 to 12 mm pile roller", "3/8 to 1/2 in pile roller")]
    [InlineData("50 mm brush", "2 in brush")]
    [InlineData("0.2 mm a season", "0.008 in a season")]
    [InlineData("rivets 100 to 150 mm apart", "rivets 4 to 6 in apart")]
    [InlineData("as high as one reaches, 2.5 m;", "as high as one reaches, 8 ft;")]
    [InlineData("in wind of 5 m/s or less", "in wind of 11 mph or less")]
    [InlineData("20 to 25 °C, 50 to 60 % humidity", "68 to 77 °F, 50 to 60 % humidity")]
    [InlineData("3 °C above the dew point", "5 °F above the dew point")]
    [InlineData("not below 10 °C", "not below 50 °F")]
    [InlineData("over 10 m2: a specialist", "over 108 ft²: a specialist")]
    [InlineData("60-80 um uniform", "2.4-3.1 mil uniform")]
    [InlineData("5 L", "1.32 gal")]
    [InlineData("at 45 degrees, gloss at 60 degrees, 12 months, 85 %", "at 45 degrees, gloss at 60 degrees, 12 months, 85 %")]
    [InlineData("1 part to 5 to 20 parts water", "1 part to 5 to 20 parts water")]
    public void Measures_are_said_in_customary_units(string metric, string customary) => Assert.Equal(customary, new Speech(Terms.British, UnitSystem.Us).Say(metric));

    [Fact]
    public void As_written_nothing_changes()
    {
        Assert.Equal("a tin, 3 mm", Speech.AsWritten.Say("a tin, 3 mm"));
        Assert.True(Speech.TryParse(null, null, out var speech));
        Assert.Equal(Speech.AsWritten, speech);
        Assert.False(Speech.TryParse("klingon", null, out _));
        Assert.False(Speech.TryParse(null, "furlongs", out _));
    }

    [Fact]
    public void What_is_said_twice_is_said_once()
    {
        var speech = new Speech(Terms.American, UnitSystem.Us);
        Assert.All(Written(), text => Assert.Equal(speech.Say(text), speech.Say(speech.Say(text))));
    }

    [Fact]
    public void No_British_word_and_no_metric_measure_is_left_in_what_is_listed()
    {
        var speech = new Speech(Terms.American, UnitSystem.Us);
        const string left = @"\b(skirting|architrave|colour|mould|vapour|grey|litre|timber|emulsion|plasterboard|aluminium|neighbour)s?\b|\d ?(mm|m2|°C)\b";
        Assert.All(Written(), text => Assert.DoesNotMatch(left, speech.Say(text)));
    }

    [Fact]
    public void Ids_and_records_go_out_as_they_are()
    {
        var american = SpokenJson.With(JobFile.Compact, new Speech(Terms.American, UnitSystem.Us));
        string[] Ids<T>(IEnumerable<T> rows)
        {
            using var json = System.Text.Json.JsonSerializer.SerializeToDocument(rows, american);
            return [.. json.RootElement.EnumerateArray().Select(r => r.GetProperty("id").GetString()!)];
        }

        Assert.Equal(Operations.All.Select(o => o.Id), Ids(OperationListing.All));
        Assert.Equal(Signs.All.Select(s => s.Id), Ids(SignListing.All));
        Assert.Equal(Substrates.Named.Select(s => s.Id), Ids(SubstrateListing.All));
        var job = Approved.FrozenJob(1);
        Assert.Equal(System.Text.Json.JsonSerializer.Serialize(job, JobFile.Compact), System.Text.Json.JsonSerializer.Serialize(job, american));
    }

    [Fact]
    public void A_report_said_in_American_terms_keeps_its_figures_and_its_owners_words()
    {
        var job = Approved.FrozenJob(1);
        var (building, space, surface) = job.Surfaces().First(s => !Specifier.Specify(job, s.Building, s.Space, s.Surface).Options.IsEmpty);
        surface = surface with { Title = "Grey skirting, 20 mm" };
        var report = Reporting.Specify(job, building, space, surface);
        var said = SpokenJson.Say(report, new Speech(Terms.American, UnitSystem.Us));

        Assert.Equal("Grey skirting, 20 mm", said.Title);
        Assert.Equal(report.Options.Select(o => (o.Id, o.Cost, o.LabourHours)), said.Options.Select(o => (o.Id, o.Cost, o.LabourHours)));
        Assert.Equal(
            report.Options[0].Steps.Select(s => (s.Operation, s.Product, s.WaitHours)),
            said.Options[0].Steps.Select(s => (s.Operation, s.Product, s.WaitHours))
        );
        Assert.Same(report, SpokenJson.Say(report, Speech.AsWritten));
    }

    [Fact]
    public void A_document_keeps_the_titles_that_people_gave()
    {
        var surface = One.Surface(Element.Skirting, "sw", One.Good, [One.Coat("alkyd_gloss")]) with { Title = "Grey skirting" };
        var job = One.Job(surface, with: j => j with { Title = "Colour house" });
        var (building, space, one) = job.Surfaces().Single();
        var specified = new Dictionary<string, Specified> { [one.Id] = Specifier.Specify(job, building, space, one) };
        var document = Documents.Writing.Write(Documents.DocumentKind.Specification, job, specified, "today", "1");
        var text = SpokenJson.Say(document, new Speech(Terms.American, UnitSystem.Us)).ToMarkdown();

        Assert.Contains("| Grey skirting |", text, StringComparison.Ordinal);
        Assert.Contains("## Grey skirting: ", text, StringComparison.Ordinal);
        Assert.Contains("Colour house", text, StringComparison.Ordinal);
        Assert.DoesNotMatch(@"\d mm\b", text);
    }

    private static IEnumerable<string> Written() =>
        [
            .. OperationListing.All.SelectMany(o => (string[])[o.Title, o.Do, o.Accept, o.Tool ?? "", .. o.Cautions]),
            .. SignListing.All.Select(s => s.Title),
            .. CheckListing.All.SelectMany(c => new[] { c.Title, c.Do, c.Limits }),
            .. SubstrateListing.All.Select(s => s.Title),
            .. ExistingCoatingListing.All.Select(c => c.Title),
            .. ProductListing.All.Select(p => p.Title),
            .. FactSheet.Groups.SelectMany(g => g.Fields).SelectMany(f => (string[])[f.Label, f.Help, .. f.Options.Select(o => o.Title)]),
        ];
}
