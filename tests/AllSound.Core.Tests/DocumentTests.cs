using System.Globalization;
using System.Text.RegularExpressions;
using AllSound.Core.Assessment;
using AllSound.Core.Buying;
using AllSound.Core.Documents;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Quantities;
using AllSound.Core.Safety;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Core.Wording;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>Documents that stand up to a careful reader: nothing left out, nothing raw, every page on its own.</summary>
public sealed partial class DocumentTests
{
    private static readonly Dictionary<string, Specified> OfDemo = Specified(Demo.Job);

    public static TheoryData<DocumentKind> Kinds => [.. Enum.GetValues<DocumentKind>()];

    // What is offered is offered as a whole, on one page; what was built has a page for each surface that was worked on.
    public static TheoryData<DocumentKind> RoomByRoom => [.. Enum.GetValues<DocumentKind>().Where(k => k is not (DocumentKind.Quotation or DocumentKind.AsBuilt))];

    private static Dictionary<string, Specified> Specified(Job job) =>
        job.Surfaces().ToDictionary(x => x.Surface.Id, x => Specifier.Specify(job, x.Building, x.Space, x.Surface), StringComparer.Ordinal);

    private static Document Written(DocumentKind kind, string? only = null) => Writing.Write(kind, Demo.Job, OfDemo, "5 October 2026", "B", only);

    private static Page PageOf(DocumentKind kind, string id) => Assert.Single(Written(kind, id).Pages);

    private static string Whole(Page page) =>
        string.Join(
            '\n',
            page.Blocks.SelectMany(b =>
                    b.Items.Prepend(b.Kind is BlockKind.Heading or BlockKind.Part ? b.Title() : b.Text).Concat(b.Head).Concat(b.Cells().SelectMany(r => r))
                )
                .Where(t => t.Length > 0)
        );

    // An id of an operation, a product, a sign or a check that has come through to the reader.
    [GeneratedRegex(@"\b(ms|fc|st|ls|cl|dc|dr|rp|mc|fl|ab|du|mk|sp|sb|se|ca|pr|uc|tc|dn|ac|p|s|d|c|T)_[a-z0-9_]+\b")]
    private static partial Regex RawId();

    [Theory]
    [MemberData(nameof(RoomByRoom))]
    public void Every_page_of_the_text_names_job_surface_place_date_and_revision(DocumentKind kind)
    {
        var document = Written(kind);
        // A page a room, whoever reads it.
        var about = Demo.Job.Surfaces().Select(p => (p.Building, p.Space, p.Space.Title)).Distinct().ToArray();
        Assert.Equal(about.Length + 1, document.Pages.Length);
        Assert.Null(document.Pages[0].Surface);
        var pages = document.ToMarkdown().Split("---\n\n", StringSplitOptions.RemoveEmptyEntries).Where(p => p.StartsWith("# ", StringComparison.Ordinal)).ToArray();
        Assert.Equal(document.Pages.Length, pages.Length);
        for (var i = 0; i < about.Length; i++)
        {
            var (building, space, title) = about[i];
            var head = string.Join(' ', pages[i + 1].Split('\n').Take(3));
            Assert.Contains(title, head, StringComparison.Ordinal);
            Assert.Contains(building.Title, head, StringComparison.Ordinal);
            Assert.Contains(space.Title, head, StringComparison.Ordinal);
            Assert.Contains(Demo.Job.Title, head, StringComparison.Ordinal);
            Assert.Contains("5 October 2026", head, StringComparison.Ordinal);
            Assert.Contains("revision B", head, StringComparison.Ordinal);
        }
    }

    [Theory]
    [MemberData(nameof(RoomByRoom))]
    public void One_surface_alone_has_one_page(DocumentKind kind)
    {
        foreach (var (_, _, surface) in Demo.Job.Surfaces())
        {
            Assert.Equal(surface.Title, PageOf(kind, surface.Id).Surface);
        }

        Assert.Empty(Written(kind, "nowhere").Pages);
    }

    [Theory]
    [MemberData(nameof(Kinds))]
    public void Nothing_raw_or_broken_comes_through_to_the_reader(DocumentKind kind)
    {
        var generated = SurveyGenerator.Job(77000, 60);
        foreach (var page in Written(kind).Pages.Concat(Writing.Write(kind, generated, Specified(generated), "today", "1").Pages))
        {
            var text = Whole(page);
            Assert.DoesNotMatch(RawId(), text);
            Assert.DoesNotContain("  ", text, StringComparison.Ordinal);
            Assert.DoesNotContain("..", text.Replace("...", "", StringComparison.Ordinal), StringComparison.Ordinal);
            Assert.DoesNotContain(" ,", text, StringComparison.Ordinal);
            Assert.DoesNotContain("NaN", text, StringComparison.Ordinal);
            Assert.DoesNotContain("∞", text, StringComparison.Ordinal);
            Assert.All(page.Blocks.Where(b => b.Kind is BlockKind.List or BlockKind.Checks), b => Assert.NotEmpty(b.Items));
            Assert.All(page.Blocks.Where(b => b.Kind == BlockKind.Table), b => Assert.All(b.Cells(), r => Assert.Equal(b.Head.Length, r.Count())));
            Assert.All(page.Blocks.Where(b => b.Kind is BlockKind.Heading or BlockKind.Text or BlockKind.Caution), b => Assert.False(string.IsNullOrWhiteSpace(b.Text)));
        }
    }

    [Fact]
    public void The_specification_gives_for_each_step_how_why_when_it_is_done_and_who_says_so()
    {
        foreach (var (_, _, surface) in Demo.Job.Surfaces())
        {
            if (Takeoff.Chosen(surface, OfDemo[surface.Id]) is not { } option)
            {
                continue;
            }

            var page = PageOf(DocumentKind.Specification, surface.Id);
            Assert.Contains("Where nobody is named, common practice says so.", Whole(page), StringComparison.Ordinal);
            var table = page.Blocks.Single(b => b.Head is ["step", ..]);
            Assert.Equal(["step", "beware, wear", "how, and when it is done", "why, and who says so"], table.Head);
            var text = string.Join('\n', table.Rows.SelectMany(r => r));
            var last = 0;
            foreach (var step in option.Steps)
            {
                // In their order, each by number and name; coats of the same share a line.
                var at = Regex.Match(text, $@"(?m)(?:^|; )(?:(?<from>\d+) (?:and|to) )?(?<to>\d+)\. (?:[^;\n]*?: )?{Regex.Escape(step.Act.Operation.Title)}");
                while (at.Success && Numbers(at.Value.TrimStart(';', ' ')) is var covered && !covered.Contains(step.Number))
                {
                    at = at.NextMatch();
                }

                Assert.True(at.Success && at.Index >= last, $"step {step.Number}");
                last = at.Index;
                Assert.Contains(step.Do, text, StringComparison.Ordinal);
                Assert.Contains($"Done when: {step.Act.Operation.Accept}.", text, StringComparison.Ordinal);
                if (table.Rows.FirstOrDefault(r => Numbers(r[0]) is [var from, ..] && from == step.Number) is { IsDefault: false } row && row[2] != "As there.")
                {
                    // Common practice is said once, beneath.
                    var source = step.Act.Operation.Source.ToString();
                    Assert.EndsWith(source == "common practice" ? "." : $"({source})", row[3], StringComparison.Ordinal);
                    Assert.True(row[3].Length > 12);

                    // What can hurt stands before how it is done.
                    var cautions = StepHazards.Of(step.Act, step.Before, surface, first: false).Cautions;
                    Assert.All(cautions, c => Assert.Contains(c.Split(':')[0].TrimEnd('.')[1..], row[1], StringComparison.Ordinal));
                }
            }
        }
    }

    // "5. ", "5 and 6. ", "5 to 7. ": the steps that a line stands for; none where it begins otherwise.
    private static int[] Numbers(string line)
    {
        var said = Regex.Match(line, @"^(?<from>\d+)(?: (?:and|to) (?<to>\d+))?\.");
        var from = said.Success ? int.Parse(said.Groups["from"].Value, CultureInfo.InvariantCulture) : 0;
        return !said.Success ? []
            : said.Groups["to"] is { Success: true } to ? [.. Enumerable.Range(from, int.Parse(to.Value, CultureInfo.InvariantCulture) - from + 1)]
            : [from];
    }

    [Fact]
    public void Coats_of_the_same_share_a_line_and_what_a_page_said_of_tins_it_names_again()
    {
        var wall = One.Surface(Element.Wall, "gyp_old", One.Good, [One.Coat("emul_matt")]);
        var alone = One.Job(wall);
        var (building, space) = (alone.Buildings[0], alone.Buildings[0].Spaces[0]);
        var both = space with { Surfaces = [wall, wall with { Id = "ceiling", Element = Element.Ceiling, Title = "Ceiling" }] };
        var job = alone with { Buildings = [building with { Spaces = [both] }] };
        var page = Writing.Write(DocumentKind.Specification, job, Specified(job), "today", "1").Pages.Single();
        var rows = page.Blocks.Where(b => b.Head is ["step", ..]).SelectMany(b => b.Rows).ToArray();
        var coats = rows.Where(r => r[0].Contains("wall paint", StringComparison.Ordinal)).ToArray();
        Assert.All(coats, r => Assert.Matches(@"^\d+ and \d+\. .*coats 1 and 2, .* each\. Wait 4 h before each$", r[0]));
        Assert.All(coats, r => Assert.Contains("two finish coats are on", r[3], StringComparison.Ordinal));
        // The second surface has the same paint, or another from a tin that is stirred alike.
        Assert.Single(rows, r => r[2].Contains("Stir to the bottom", StringComparison.Ordinal));
    }

    [Theory]
    [InlineData(DocumentKind.Specification)]
    [InlineData(DocumentKind.CrewChecklist)]
    [InlineData(DocumentKind.HazardSheet)]
    public void A_room_is_set_up_once_and_every_step_has_its_own_number_on_the_page(DocumentKind kind)
    {
        var once = 0;
        // The plan for a stopped surface is one by itself.
        foreach (var space in Demo.Job.Buildings.SelectMany(b => b.Spaces).Where(s => s.Surfaces.All(f => OfDemo[f.Id].Holds.IsEmpty)))
        {
            var options = space.Surfaces.Select(s => Takeoff.Chosen(s, OfDemo[s.Id])).OfType<Option>().ToArray();
            var text = Whole(Written(kind).Pages.Single(p => p.Surface == space.Title));
            var covering = options.SelectMany(o => o.Steps).Where(s => s.Act.Operation.Once?.As == SetUp.Covering).ToArray();
            if (covering.Length > 1)
            {
                once++;
                Assert.Single(Regex.Matches(text, $@"\d\. {Regex.Escape(covering[0].Act.Operation.Title)}"));
            }

            if (kind != DocumentKind.HazardSheet)
            {
                var lines = Written(kind)
                    .Pages.Single(p => p.Surface == space.Title)
                    .Blocks.SelectMany(b =>
                        b.Kind == BlockKind.Checks ? b.Items
                        : b.Kind == BlockKind.Table ? b.Rows.SelectMany(r => r[0].Split("; "))
                        : []
                    );
                var numbers = lines.SelectMany(Numbers).ToArray();
                Assert.Equal(Enumerable.Range(1, numbers.Length), numbers);
            }
        }

        Assert.True(once > 1);
    }

    [Theory]
    [MemberData(nameof(Kinds))]
    public void A_job_of_one_room_is_one_page_of_each_paper(DocumentKind kind)
    {
        var job = One.Job(One.Surface(Element.Wall, "gyp_old", One.Good, [One.Coat("emul_matt")])) with { Letterhead = "Slipway Painters\n 4 Rope Walk " };
        var document = Writing.Write(kind, job, Specified(job), "today", "1");
        Assert.Single(document.Pages);
        Assert.Equal(["Slipway Painters", "4 Rope Walk"], document.From);
        Assert.Contains("Slipway Painters\\\n4 Rope Walk\n", document.ToMarkdown(), StringComparison.Ordinal);
    }

    [Fact]
    public void The_client_reads_whole_sentences()
    {
        Assert.All(Written(DocumentKind.ClientSummary).Pages, p => Assert.DoesNotMatch(@"[a-z\d]\. [a-z]", Whole(p)));
    }

    [Fact]
    public void The_crew_sees_no_prices()
    {
        var currency = Figures.Money(1, Demo.Job.Rates.Currency)[..1];
        Assert.All(Written(DocumentKind.CrewChecklist).Pages, p => Assert.DoesNotContain(currency, Whole(p), StringComparison.Ordinal));
    }

    [Fact]
    public void What_is_taken_for_granted_left_undone_and_may_go_wrong_is_written_out()
    {
        foreach (var (_, _, surface) in Demo.Job.Surfaces())
        {
            if (Takeoff.Chosen(surface, OfDemo[surface.Id]) is not { } option)
            {
                continue;
            }

            var text = Whole(PageOf(DocumentKind.Specification, surface.Id));
            Assert.All(option.Assumes.Concat(option.LeftUndone).Concat(option.Risks), said => Assert.Contains(said, text, StringComparison.Ordinal));
        }
    }

    [Fact]
    public void What_was_not_recorded_in_a_room_is_said_once_and_each_thing_of_it_once()
    {
        var pages = Written(DocumentKind.Specification).Pages;
        var said = pages
            .Select(p => p.Blocks.SelectMany(b => b.Items).Where(i => i.StartsWith("Not recorded, assumed absent", StringComparison.Ordinal)).ToArray())
            .ToArray();
        Assert.Contains(said, s => s.Length > 0);
        Assert.All(said, s => Assert.True(s.Length <= 1));
        Assert.All(said.SelectMany(s => s).Select(s => s.TrimEnd('.')[(s.IndexOf(':', StringComparison.Ordinal) + 2)..].Split(", ")), s => Assert.Equal(s.Distinct(), s));
    }

    [Fact]
    public void The_client_compares_two_ways_of_one_surface_honestly()
    {
        var compared = 0;
        foreach (var (_, _, surface) in Demo.Job.Surfaces())
        {
            var specified = OfDemo[surface.Id];
            if (Takeoff.Chosen(surface, specified) is not { } chosen)
            {
                continue;
            }

            var page = PageOf(DocumentKind.ClientSummary, surface.Id);
            var table = page.Blocks.First(b => b.Kind == BlockKind.Table);
            Assert.Equal(chosen.Name, table.Rows[0][1]);
            Assert.Equal(specified.Options.Length > 1, table.Head.Length == 3);
            if (table.Head.Length == 3)
            {
                compared++;
                var other = specified.Options.Single(o => o.Name == table.Rows[0][2]);

                // Neither beats the other at everything, unless the firm set the other aside by a rule of its own.
                Assert.False(chosen.Criteria.Beats(other.Criteria) && other.OtherSchool is null);
                Assert.Equal(Figures.Money(chosen.Criteria.Money, Demo.Job.Rates.Currency), table.Rows[1][1]);
                Assert.Equal(Figures.Money(other.Criteria.Money, Demo.Job.Rates.Currency), table.Rows[1][2]);
                Assert.Contains("the choice is yours", Whole(page), StringComparison.Ordinal);
            }
            else
            {
                Assert.Contains("No other option", Whole(page), StringComparison.Ordinal);
            }
        }

        Assert.True(compared > 3);
    }

    [Fact]
    public void The_client_reads_the_total_first_and_finds_every_surface_once_in_its_room()
    {
        var document = Written(DocumentKind.ClientSummary);
        var free = Demo.Job.Surfaces().Where(p => OfDemo[p.Surface.Id].Holds.IsEmpty);
        var saved = Sharing.Of(Demo.Job, OfDemo).Where(t => !t.Waits).Sum(t => Figures.Shown(t.Money));
        var total = Figures.Money(free.Sum(p => Figures.Shown(Takeoff.Planned(p.Surface, OfDemo[p.Surface.Id])?.Criteria.Money ?? 0)) - saved, Demo.Job.Rates.Currency);
        Assert.Equal($"Altogether {total}", document.Pages[0].Blocks.First(b => b.Kind == BlockKind.Heading).Text);
        foreach (var (_, space, surface) in Demo.Job.Surfaces())
        {
            var headings = document.Pages.Single(p => p.Surface == space.Title).Blocks.Where(b => b.Kind == BlockKind.Part).ToArray();
            Assert.Single(headings, h => h.Title().Contains(surface.Title, StringComparison.Ordinal));
        }

        // What the rooms come to is what the whole comes to, and nothing stands there in a language that is not the client's.
        Assert.Contains("Not in the price", Whole(document.Pages[0]), StringComparison.Ordinal);
        Assert.Contains("signature", Whole(document.Pages[0]), StringComparison.Ordinal);
    }

    [Fact]
    public void The_summary_says_for_whom_and_where_as_far_as_it_was_told()
    {
        string First(Job job) => Whole(Writing.Write(DocumentKind.ClientSummary, job, OfDemo, "today", "1").Pages[0]);
        Assert.Contains("For M. Example. Upper Quay.", First(Demo.Job with { Client = "M. Example", Address = "Upper Quay." }), StringComparison.Ordinal);
        Assert.DoesNotContain("For .", First(Demo.Job with { Client = "" }), StringComparison.Ordinal);
    }

    [Fact]
    public void The_hazard_sheet_holds_every_caution_every_presumption_and_every_refusal_of_its_surface()
    {
        foreach (var (_, _, surface) in Demo.Job.Surfaces())
        {
            var specified = OfDemo[surface.Id];
            var text = Whole(PageOf(DocumentKind.HazardSheet, surface.Id));
            Assert.All(specified.Appraised.Resolutions.Where(r => r.How == Resolved.Presumed), r => Assert.Contains(r.Why, text, StringComparison.Ordinal));
            var refused = Refusals.Bearing(specified.Appraised, surface);
            Assert.NotEmpty(refused);
            Assert.All(refused, r => Assert.Contains(r.Title, text, StringComparison.Ordinal));
            Assert.All(refused, r => Assert.Contains($"Turn to: {r.Refer}", text, StringComparison.Ordinal));
            foreach (var step in Takeoff.Chosen(surface, specified)?.Steps ?? [])
            {
                Assert.All(StepHazards.Of(step.Act, step.Before, surface, first: false).Cautions, c => Assert.Contains(c, text, StringComparison.Ordinal));
            }
        }
    }

    [Theory]
    [MemberData(nameof(Kinds))]
    public void Every_document_defers_to_labels_law_and_licensed_people(DocumentKind kind)
    {
        Assert.Contains("licensed people come first", Whole(Written(kind).Pages[0]), StringComparison.Ordinal);
    }

    [Fact]
    public void The_front_page_adds_up()
    {
        var chosen = Demo.Job.Surfaces().Select(x => Takeoff.Chosen(x.Surface, OfDemo[x.Surface.Id])).ToArray();
        var front = Written(DocumentKind.Specification).Pages[0];
        var table = front.Blocks.Single(b => b.Kind == BlockKind.Table);
        // Surfaces of a room on which the same is done share a line; each stands in one, and what is stopped is said to be.
        var lines = table.Names.Zip(table.Rows, (name, row) => (Room: name[..name.IndexOf(": ", StringComparison.Ordinal)], Name: name, Work: row[0])).ToArray();
        foreach (var (_, space, surface) in Demo.Job.Surfaces())
        {
            var line = Assert.Single(lines, l => l.Room == space.Title && l.Name.Contains(surface.Title, StringComparison.Ordinal));
            Assert.Equal(
                Takeoff.Chosen(surface, OfDemo[surface.Id]) is null,
                line.Work.StartsWith("stopped", StringComparison.Ordinal) || line.Work == "nothing meets this brief"
            );
        }

        Assert.Equal(lines.Length, lines.Select(l => (l.Room, l.Work)).Distinct().Count());

        // What is shown adds up, rounded as it is.
        var saved = Sharing.Of(Demo.Job, OfDemo).Where(t => !t.Waits).Sum(t => Figures.Shown(t.Money));
        var total = Figures.Money(chosen.Sum(o => Figures.Shown(o?.Criteria.Money ?? 0)) - saved, Demo.Job.Rates.Currency);
        Assert.Contains(total, Whole(front), StringComparison.Ordinal);
    }

    [Theory]
    [MemberData(nameof(RoomByRoom))]
    public void A_surface_that_is_held_says_what_frees_it_on_each_of_its_pages(DocumentKind kind)
    {
        var surface = One.Surface(
            Element.Wall,
            "lime_old",
            One.Good with
            {
                DampSource = DampSource.Open,
                Moisture = Moisture.Damp,
                LiveCrack = true,
            },
            [One.Coat("emul_matt")]
        );
        var job = One.Job(surface);
        var specified = Specified(job);
        var text = Whole(Writing.Write(kind, job, specified, "today", "1", surface.Id).Pages.Single());
        Assert.NotEmpty(specified[surface.Id].Holds);
        foreach (var hold in specified[surface.Id].Holds)
        {
            Assert.Contains(hold.Need.Unmet, text, StringComparison.Ordinal);
            Assert.Contains(hold.Need.Consequence, text, StringComparison.Ordinal);
            Assert.All(hold.Need.Frees, f => Assert.Contains(f, text, StringComparison.Ordinal));
        }

        Assert.Contains("stopped", Whole(Writing.Write(kind, job, specified, "today", "1").Pages[0]), StringComparison.Ordinal);
    }

    [Theory]
    [MemberData(nameof(RoomByRoom))]
    public void A_brief_that_nothing_meets_says_what_would_open_a_way(DocumentKind kind)
    {
        var surface = One.Surface(Element.Window, "sw", One.Good, [One.Coat("alkyd_gloss")], new Brief { Sheen = Sheen.Matt });
        var job = One.Job(surface);
        var text = Whole(Writing.Write(kind, job, Specified(job), "today", "1", surface.Id).Pages.Single());
        Assert.Contains("Nothing meets this brief: no finish meets the whole brief.", text, StringComparison.Ordinal);
        Assert.Contains("take eggshell or satin or gloss instead of matt", text, StringComparison.Ordinal);
    }

    [Fact]
    public void What_somebody_typed_turns_into_no_markup()
    {
        var nasty = "Wall | *bold* _low_ <script>alert(1)</script> # `code` [a](b) \\";
        var surface = One.Surface(Element.Wall, "gyp_old", One.Good, [One.Coat("emul_matt")]) with { Title = nasty };
        var job = One.Job(surface) with { Title = nasty };
        // What was built has its own test: nothing is yet.
        foreach (var kind in Enum.GetValues<DocumentKind>().Where(k => k != DocumentKind.AsBuilt))
        {
            var text = Writing.Write(kind, job, Specified(job), nasty, nasty).ToMarkdown();
            Assert.DoesNotContain("<script", text, StringComparison.Ordinal);
            Assert.DoesNotMatch(@"(?<!\\)\*bold", text);
            Assert.DoesNotMatch(@"(?<!\\)_low", text);
            Assert.DoesNotMatch(@"(?<!\\)`code", text);
            Assert.DoesNotMatch(@"(?<!\\)\[a\]", text);

            // The table still has as many cells in each row as in its head.
            var lines = text.Split('\n').Where(l => l.StartsWith("| ", StringComparison.Ordinal)).ToArray();
            Assert.NotEmpty(lines);
            Assert.Equal(Cells(lines[0]), Cells(lines[1]));
        }

        static int Cells(string line) => Regex.Count(line, @"(?<!\\)\|");
    }
}
