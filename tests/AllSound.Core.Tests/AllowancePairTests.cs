using System.Text.Json.Nodes;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>
/// What an audit lets pass, each beside a sibling that it does not: an allowance that is too wide hides what is wrong, one that is too narrow accuses sound work.
/// Common practice, from memory; rust on zinc mended with zinc-rich paint: ASTM A780, from memory.
/// </summary>
public sealed class AllowancePairTests
{
    private const string Clear = """ "lead":"provedAbsent","leadProof":"laboratory","dampSource":"none","moisture":"dry" """;

    // Need or manner; where it is let pass; where it is not. Each: element substrate place # layers # facts # brief # lines, with bars between.
    public static TheoryData<string, string, string> Pairs =>
        new()
        {
            {
                "not-raw-plaster",
                "chimneyBreast brick_soft inside 1900 GB # # \"bareShare\":1,\"soil\":\"sooty\" # wallPaint # Dry soot sponge|Wash with soot cleaner, rinse, three days|Shellac primer all over, an hour|Matt emulsion, two coats, 4 hours",
                "wall gyp_new inside 2026 GB # # \"bareShare\":1,\"soil\":\"clean\" # wallPaint # Shellac primer all over, an hour|Matt emulsion, two coats, 4 hours"
            },
            {
                "full-finish",
                "panelling hw_tan inside 1900 GB # wax x3 # \"soil\":\"light\" # clear # White spirit to take the old wax off, a day|Paste wax, buff",
                "wall gyp_old inside 1970 GB # emul_matt x3 # \"soil\":\"light\" # wallPaint # Wash, rinse, dry|One coat of matt"
            },
            {
                "on-lime",
                "wall brick_hard inside 1850 GB # limewash x4 # \"soil\":\"light\" # wallPaint # Brush down|Limewash|Next day limewash|Next day limewash",
                "wall brick_hard inside 1850 GB # # \"bareShare\":1,\"soil\":\"light\" # wallPaint # Brush down|Limewash|Next day limewash|Next day limewash"
            },
            {
                "bare-sealed",
                "door sw inside 1980 GB # alkyd_gloss x3 # \"looseShare\":0.01,\"soil\":\"light\" # trimPaint # Wash, rinse, dry|Scrape, sand, dust|Oil satin, two coats, overnight between",
                "door sw inside 1980 GB # alkyd_gloss x3 # \"looseShare\":0.1,\"soil\":\"light\" # trimPaint # Wash, rinse, dry|Scrape, sand, dust|Oil satin, two coats, overnight between"
            },
            {
                // A flake or two is touched in by the way; what was stripped is bare all over.
                "bare-sealed",
                "door sw inside 1980 GB # alkyd_gloss x3 # \"looseShare\":0.01,\"soil\":\"light\" # trimPaint # Wash, rinse, dry|Scrape, sand, dust|Oil satin, two coats, overnight between",
                "door sw inside 1980 GB # alkyd_gloss x3 # \"looseShare\":0.01,\"soil\":\"light\" # trimPaint # Strip with solvent gel, rinse, two days|Sand, dust|Oil satin, two coats, overnight between"
            },
            {
                // When not to paint says nothing of whether.
                "topcoats-1",
                "floor tile_un inside 1900 GB # # \"bareShare\":1,\"soil\":\"light\" # floor # Wash with soft soap, rinse|Do not paint these",
                "floor tile_un inside 1900 GB # # \"bareShare\":1,\"soil\":\"light\" # floor # Wash with soft soap, rinse|Do not paint below 8 degrees"
            },
            {
                "topcoats-1",
                "floor tile_un inside 1900 GB # # \"bareShare\":1,\"soil\":\"light\" # floor # No paint on these, leave them bare|Wash with soft soap, rinse",
                "floor tile_un inside 1900 GB # # \"bareShare\":1,\"soil\":\"light\" # floor # Wash with soft soap, rinse"
            },
            {
                "soil-off",
                "wall gyp_old inside 1970 GB # emul_silk x3 # \"soil\":\"greasy\" # wallPaint # Degrease, rinse, overnight|Rub down, dust|Matt, two coats, 4 hours",
                "wall gyp_old inside 1970 GB # emul_silk x3 # \"soil\":\"greasy\" # wallPaint # Rub down, dust|Matt, two coats, 4 hours"
            },
            {
                "alkyd-on-zinc",
                "railing galv_old outside 1990 GB # alkyd_gloss x2 # \"looseShare\":0.02,\"soil\":\"light\" # metal # Wash, rinse, dry|Scrape, rub down, dust|Galv primer on the bare, overnight|Undercoat, overnight|Oil gloss",
                "railing galv_old outside 1990 GB # alkyd_gloss x2 # \"looseShare\":0.3,\"soil\":\"light\" # metal # Wash, rinse, dry|Scrape, rub down, dust|Undercoat, overnight|Oil gloss"
            },
            {
                "grease-rubbed-in",
                "railing steel outside 1990 GB # alkyd_gloss x2 # \"soil\":\"greasy\",\"rust\":\"light\" # metal # Degrease, rinse, dry|Flap disc the rust to bright, dust|Zinc phosphate on the bright|Undercoat next day|Oil gloss next day",
                "railing steel outside 1990 GB # alkyd_gloss x2 # \"soil\":\"greasy\",\"rust\":\"light\" # metal # Flap disc the rust to bright, dust|Degrease, rinse, dry|Zinc phosphate on the bright|Undercoat next day|Oil gloss next day"
            },
            {
                "wash-dry",
                "cladding sw outside 1990 US # masonry_ac x2 # \"soil\":\"light\" # trimPaint # Pressure wash, 3 days|Scrape, sand, dust|Exterior acrylic satin, 2 coats, 4 hours",
                "cladding sw outside 1990 US # masonry_ac x2 # \"soil\":\"light\" # trimPaint # Pressure wash, start painting that afternoon|Scrape, sand, dust|Exterior acrylic satin, 2 coats, 4 hours"
            },
        };

    [Theory]
    [MemberData(nameof(Pairs))]
    public void Is_let_pass_in_one_place_and_not_in_the_other(string what, string passes, string fails)
    {
        Assert.DoesNotContain(what, Told(passes));
        Assert.Contains(what, Told(fails));
    }

    // The ids of all that is told, with what a fault covers.
    private static string[] Told(string said)
    {
        var parts = said.Split('#', StringSplitOptions.TrimEntries);
        var words = parts[0].Split(' ');
        var brief = new JsonObject { ["finish"] = parts[3], ["colour"] = "white" };
        var facts = $$"""{ {{string.Join(',', Clear.Trim(), parts[2])}} }""";
        var (surface, built) = SurveyRow.Read(string.Join(' ', words[..4]), parts[1], facts, brief.ToJsonString(), "", "");
        var job = One.Job(surface, built, j => j with { Jurisdiction = Enum.Parse<Jurisdiction>(words[4]) });
        var (building, space, one) = job.Surfaces().Single();
        var answer = AuditReporting.Audit(job, building, space, one, parts[4].Replace('|', '\n'));
        return [.. answer.Faults.Select(f => f.NeedId)];
    }
}
