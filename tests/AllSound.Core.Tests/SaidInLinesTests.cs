using AllSound.Core.Documents;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>What words in painters' lines count for, and what they do not. Common practice; the lead rule is that of the safety invariants.</summary>
public sealed class SaidInLinesTests
{
    private static readonly Surface Door = One.Surface(
        Element.Door,
        "sw",
        One.Good with
        {
            Lead = null,
            LeadProof = null,
        },
        [One.Coat("alkyd_gloss", 3)],
        new Brief { Finish = FinishFamily.TrimPaint }
    );

    private static readonly Surface Wall = One.Surface(Element.Wall, "gyp_old", One.Good, [One.Coat("emul_matt", 3)], new Brief { Finish = FinishFamily.WallPaint });

    [Theory]
    [InlineData("1. No lead. Orbital with 80 grit.", false)]
    [InlineData("1. Owner says no lead in it. Orbital with 80 grit.", false)]
    [InlineData("1. Lead free. Orbital with 80 grit.", false)]
    [InlineData("1. Lead swab clear. Orbital with 80 grit.", false)]
    [InlineData("1. Swab test negative for lead. Orbital with 80 grit.", false)]
    [InlineData("1. Tested with lead swabs, none. Orbital with 80 grit.", false)]
    [InlineData("1. Swab clear, laboratory sample too: no lead. Orbital with 80 grit.", true)]
    [InlineData("1. Laboratory report: no lead. Orbital with 80 grit.", true)]
    [InlineData("1. Lead test negative, every layer. Wall dry. Orbital with 80 grit.", true)]
    public void Only_what_proves_it_rules_lead_out(string line, bool proved)
    {
        var faults = Audit(Door, 1920, line, "2. Undercoat, overnight", "3. Oil satin, two coats, overnight between").Faults;
        Assert.Equal(!proved, faults.Any(f => f.NeedId == "lead-absent" && f.Severity == Severity.Danger));
    }

    [Theory]
    [InlineData("Lead contractor informed, sheets down")]
    [InlineData("Dust sheets down, agreement signed")]
    public void No_lead_work_area_is_read_from_words_that_are_near(string line) =>
        Assert.DoesNotContain("ms_lead_setup", LineReader.Read(line).SelectMany(l => (l.Step?.Or ?? []).Append(l.Step?.Operation ?? "")));

    [Theory]
    [InlineData("Polythene down, P3, disposable overalls", true)]
    [InlineData("Sheet out below, FFP3 on", true)]
    [InlineData("Dust sheets down, P3 and overalls", false)]
    [InlineData("Cotton sheets down, disposable overalls", false)]
    [InlineData("Sheets down, half mask for the fumes", false)]
    public void A_lead_work_area_may_be_meant_where_sheets_hold_no_dust_and_what_is_worn_is_against_it(string line, bool meant) =>
        Assert.Equal(meant, LineReader.Read(line).SelectMany(l => (l.Step?.Or ?? []).Append(l.Step?.Operation ?? "")).Contains("ms_lead_setup"));

    // Lead was found: wet work without a word of an area is a danger; whoever bags what comes off as lead waste is asked; and what is done dry stays a danger.
    [Theory]
    [InlineData("2. Wet scrape the loose bits", "danger")]
    [InlineData("2. Wet scrape the loose bits, empty tins to the hazardous waste", "danger")]
    [InlineData("2. Wet scrape the loose bits, bag the old tins as hazardous", "danger")]
    [InlineData("2. Wet scrape the loose bits, flakes bagged as hazardous waste", "asked")]
    [InlineData("2. Wet scrape the loose bits, bag it all as lead waste", "asked")]
    [InlineData("2. Dry sand with 80 grit, flakes bagged as hazardous waste", "danger")]
    [InlineData("2. Orbital sander all over, bag it all as lead waste", "danger")]
    public void Lead_waste_makes_a_question_of_what_is_not_written_and_dry_work_no_better(string line, string means)
    {
        var found = Door with { Facts = Door.Facts with { Lead = Lead.Confirmed, LeadProof = "laboratory", LooseShare = 0.05 } };
        var answer = Audit(found, 1920, "1. Wash, rinse, dry", line, "3. Undercoat, overnight", "4. Oil satin, two coats, overnight between");
        string[] dangers =
        [
            .. answer.Faults.Where(f => f.Severity == Severity.Danger && f.NeedId.StartsWith("lead-", StringComparison.Ordinal)).Select(f => $"{f.Step} {f.NeedId}"),
        ];
        Assert.True(means == "danger" == (dangers.Length > 0), string.Join(", ", dangers));
        if (means == "asked")
        {
            Assert.Contains(
                answer.Questions,
                q => q.Asks.Contains("done as lead work", StringComparison.Ordinal) && !q.Asks.Contains("ruled out", StringComparison.Ordinal)
            );
        }
    }

    // Nobody said whether there is lead: mends write no lead work into everything, and nothing dry either.
    [Theory]
    [InlineData("1. Durable matt, two coats, 4 h between")]
    [InlineData("1. Fill, rub down wet", "2. Durable matt, two coats, 4 h between")]
    [InlineData("1. Wash, rinse, dry", "2. Durable matt, one coat")]
    public void Where_lead_is_asked_about_no_mend_is_dry(params string[] lines)
    {
        var greasy = Wall with { Facts = One.Good with { Lead = null, LeadProof = null, Soil = Soil.Greasy, LooseShare = 0.05, FillShare = 0.01 } };
        var answer = Audit(greasy, 1920, lines);
        Assert.NotEmpty(answer.Faults);
        var dry = Operations.All.Where(o => o.Needs.Contains(SiteNeeds.LeadAbsent)).Select(o => o.Id).ToHashSet(StringComparer.Ordinal);
        Assert.DoesNotContain(answer.Mended ?? [], s => dry.Contains(s.Operation));
        Assert.All(answer.Faults, f => Assert.DoesNotContain(" dry to a firm edge", f.Mend, StringComparison.Ordinal));
    }

    [Fact]
    public void A_note_on_an_old_film_says_what_is_surer()
    {
        var cladding = One.Surface(
            Element.Cladding,
            "sw",
            One.Good with
            {
                Key = Key.Abraded,
            },
            [One.Coat("alkyd_gloss", 2)],
            new Brief { Finish = FinishFamily.TrimPaint }
        ) with
        {
            Exposure = Exposure.Outside,
        };
        var answer = Audit(cladding, 2005, "1. Wash, rinse, dry two days", "2. Sand, dust off", "3. Acrylic satin outside, two coats, 6 h between");
        Assert.Empty(answer.Faults);
        Assert.Contains(answer.Notes, n => n.Says == "The old film is alkyd gloss: a bonding primer below is surer.");
    }

    [Theory]
    [InlineData("2. Clear acrylic caulk on the joints, leave 4 h")]
    [InlineData("2. Caulk the joints, urethane acrylic, leave 4 h")]
    public void What_is_let_pass_outside_is_not_told_as_if_it_were_missing(string line)
    {
        var frame = One.Surface(Element.Frame, "sw", One.Good, [One.Coat("woodstain", 2)], new Brief { Finish = FinishFamily.Clear }) with
        {
            Exposure = Exposure.Outside,
        };
        Assert.DoesNotContain(Audit(frame, 2005, "1. Wash, rinse, dry two days", line).Notes, n => n.Says.Contains("the work is inside", StringComparison.Ordinal));
    }

    [Fact]
    public void What_is_not_to_be_done_between_coats_hides_no_coat_that_is_missing()
    {
        var one = Audit(Wall, 2005, "1. Wash, rinse, dry", "2. One coat durable matt", "3. Don't sand between coats");
        Assert.Contains(one.Faults, f => f.NeedId == "full-finish");
    }

    [Fact]
    public void Coats_that_were_not_understood_are_neither_laid_nor_missing()
    {
        var answer = Audit(Wall, 2005, "1. Wash, rinse, dry", "2. Two coats of wombat on everything");
        Assert.DoesNotContain(answer.Faults, f => f.NeedId is "full-finish" or "topcoats-1");
        Assert.Contains(LineReader.Read("Two coats of wombat on everything"), l => l.Said?.UnreadCoats == true);
    }

    [Fact]
    public void Flakes_are_stuck_down_only_where_the_old_film_is_kept()
    {
        var flaking = Wall with { Facts = Wall.Facts with { LooseShare = 0.2 } };
        string[] lines = ["1. Wash, rinse, dry", "2. Stick down the loose flakes", "3. Durable matt, two coats, 4 h between"];
        Assert.Contains(Audit(flaking, 2005, lines).Faults, f => f.NeedId == "loose-off");
    }

    [Fact]
    public void A_price_for_what_nobody_has_tried_says_so()
    {
        var untried = Wall with { Facts = new Facts(), Layers = null };
        Assert.Contains("One surface has not been tried yet", Summary(untried), StringComparison.Ordinal);
        Assert.DoesNotContain("not been tried yet", Summary(Wall), StringComparison.Ordinal);
    }

    [Fact]
    public void The_client_reads_who_else_is_needed()
    {
        var cracked = Wall with { Facts = Wall.Facts with { LiveCrack = true } };
        Assert.Contains("By other trades", Summary(cracked), StringComparison.Ordinal);
    }

    private static string Summary(Surface surface)
    {
        var job = One.Job(surface);
        var (building, space, one) = job.Surfaces().Single();
        var specified = new Dictionary<string, Specified> { [one.Id] = Specifier.Specify(job, building, space, one) };
        return Writing.Write(DocumentKind.ClientSummary, job, specified, "today", "1").ToMarkdown();
    }

    private static AuditReport Audit(Surface surface, int built, params string[] lines)
    {
        var job = One.Job(surface, built);
        var (building, space, one) = job.Surfaces().Single();
        return AuditReporting.Audit(job, building, space, one, string.Join('\n', lines));
    }
}
