using System.Globalization;
using System.Text.RegularExpressions;
using AllSound.Core.Reckoning;
using AllSound.Testing;
using CsCheck;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>The pocket reckoner against sums worked by hand, with its working, its units and its refusals.</summary>
public sealed partial class ReckonerTests
{
    private static Reckoned Of(string line)
    {
        var reckoning = Try(line);
        Assert.Empty(reckoning.Problems);
        return reckoning.Answer!;
    }

    private static ReckonerOutcome Try(string line)
    {
        var words = line.Split(' ', StringSplitOptions.RemoveEmptyEntries);
        return Reckoners.Find(words[0])!.Of(words.Skip(1).Select(w => w.Split('=', 2)).ToDictionary(p => p[0], p => p[1], StringComparer.Ordinal));
    }

    private static double Value(Reckoned answer, string name) => Assert.Single(answer.Results, r => r.Name == name).Value;

    [GeneratedRegex(@"^-> (?<name>.+): (?<value>[-\d.]+) ± (?<off>[\d.]+)$")]
    private static partial Regex Expected();

    [Fact]
    public void Sums_come_out_as_worked_by_hand()
    {
        Reckoned? answer = null;
        var (asked, told) = ("", 0);
        foreach (var line in File.ReadLines(Path.Combine(Demo.Root, "tests/cases/reckonings.txt")).Where(l => l.Length > 0 && l[0] != '#'))
        {
            if (Expected().Match(line) is { Success: true } expected)
            {
                var value = double.Parse(expected.Groups["value"].Value, CultureInfo.InvariantCulture);
                var off = double.Parse(expected.Groups["off"].Value, CultureInfo.InvariantCulture);
                var found = Value(answer!, expected.Groups["name"].Value);
                Assert.True(Math.Abs(found - value) <= off + 1e-9, $"{asked}: {expected.Groups["name"].Value} is {found}, expected {value}");
                told++;
            }
            else
            {
                (asked, answer) = (line, Of(line));
            }
        }

        Assert.True(told > 80);
    }

    [Fact]
    public void Every_figure_has_a_line_of_working_and_every_reckoner_a_source()
    {
        var answer = Of("room length=4 width=3 height=2.4");
        Assert.All(answer.Results, r => Assert.Contains(answer.Working, w => w.StartsWith(r.Name + ": ", StringComparison.Ordinal)));
        Assert.All(Reckoners.All, r => Assert.True(r.Source.Length > 5 && r.Title.Length > 5 && r.Inputs.Length > 0, r.Id));
        Assert.Equal(Reckoners.All.Length, Reckoners.All.Select(r => r.Id).Distinct().Count());
        Assert.All(Reckoners.All.SelectMany(r => r.Inputs), i => Assert.Matches("^[a-z][a-z-]*$", i.Name));
    }

    [Theory]
    [InlineData("room length=13'1.5\" width=3 height=2.4", "room length=4.0005 width=3 height=2.4")]
    [InlineData("room length=400cm width=3000mm height=2.4m", "room length=4 width=3 height=2.4")]
    [InlineData("spread solids=38% dry-film=2mil", "spread solids=38 dry-film=50.8")]
    [InlineData("tins need=1gal tins=5:31", "tins need=3.785411784 tins=5:31")]
    public void Units_are_taken_as_people_write_them(string said, string same) =>
        Assert.All(Of(said).Results.Zip(Of(same).Results), p => Assert.Equal(p.Second.Value, p.First.Value, 9));

    [Fact]
    public void What_was_asked_comes_back_in_the_unit_it_is_reckoned_in()
    {
        var answer = Of("gable width=27'6\" eaves=520cm pitch=25 openings=1x2");
        Assert.Equal("8.382", answer.Inputs["width"]);
        Assert.Equal("5.2", answer.Inputs["eaves"]);
        Assert.Equal("1x2", answer.Inputs["openings"]);
    }

    [Fact]
    public void Small_figures_are_written_out() => Assert.Contains(Of("hiding old=4").Working, w => w.Contains("absorbs 0.000944", StringComparison.Ordinal));

    [Fact]
    public void An_undercoat_that_is_named_is_the_ground_of_the_finish()
    {
        var bare = Of("hiding old=4");
        var over = Of($"hiding old=4 undercoat={Value(bare, "undercoat to tint to").ToString(CultureInfo.InvariantCulture)}");
        Assert.True(Value(over, "coats to hide") <= Value(bare, "coats over that undercoat"));
        Assert.DoesNotContain(over.Results, r => r.Name == "undercoat to tint to");
    }

    [Theory]
    [InlineData("room length=4 width=3", "height: is wanted")]
    [InlineData("room length=four width=3 height=2.4", "length: expected a number in m, found 'four'")]
    [InlineData("room length=4kg width=3 height=2.4", "length: expected a number in m, found '4kg'")]
    [InlineData("room length=-1 width=3 height=2.4", "length: expected 0 to 10000")]
    [InlineData("room length=4 width=3 height=2.4 colour=red", "colour: room asks nothing of that name")]
    [InlineData("room length=4 width=3 height=2.4 openings=2by1", "openings: '2by1' is not understood")]
    [InlineData("tins need=5 tins=5:cheap", "tins: '5:cheap' is not understood")]
    [InlineData("door edges=two", "edges: expected one of none, three, four")]
    [InlineData("litres area=20", "rate: say the spreading rate")]
    [InlineData("gable width=5 eaves=3", "apex: say how high the triangle is")]
    [InlineData("profiled-sheet area=20 profile=box cover=200", "crown: is wanted")]
    [InlineData("leftover depth=20", "diameter: say inside diameter")]
    [InlineData("unit value=3 from=kg to=m", "to: kg cannot be turned into m")]
    [InlineData("litres area=20 rate=0", "rate: expected 0.01 to 100")]
    [InlineData("drying label=4 air=5 humidity=50", "air: below 8 °C such a film does not form")]
    [InlineData("drying label=4 air=9 humidity=50 dries-by=reaction", "air: below 10 °C")]
    [InlineData("daylight month=2 day=30", "day: no such day in that month")]
    [InlineData("daylight latitude=80 month=6 day=21", "latitude: expected -66 to 66")]
    [InlineData("hiding old=4 paint=own-card", "paint: an own card wants its readings")]
    [InlineData("hiding old=4 paint=own-card over-black=90 over-white=80 card-film=30", "paint: an own card wants its readings")]
    [InlineData("hiding old=4 film=0", "film: a coat has some film")]
    [InlineData("colour first=teal second=#ffffff", "first: 'teal' is no colour")]
    public void What_is_asked_wrongly_is_said_and_nothing_is_answered(string line, string problem)
    {
        var reckoning = Try(line);
        Assert.Null(reckoning.Answer);
        Assert.Contains(reckoning.Problems, p => p.StartsWith(problem, StringComparison.Ordinal));
    }

    [Theory]
    [InlineData("thinning fraction=0.3333 cap=20", "Both readings break the cap")]
    [InlineData("thinning fraction=0.18 cap=20", "One reading breaks the cap")]
    [InlineData("dew-point air=20 humidity=80 face=17", "nothing is coated")]
    [InlineData("leftover diameter=228 depth=78 area=38 rate=12", "cannot be promised")]
    [InlineData("power load=3.5", "More than this supply carries")]
    [InlineData("room length=1 width=1 height=1 openings=3x3", "larger than the walls")]
    [InlineData("drying label=4 air=10 humidity=80", "More than 5 times the label")]
    [InlineData("drying label=4 air=20 humidity=90", "nothing is coated outside")]
    [InlineData("power load=2 lead=50 section=1", "is lost in the lead")]
    [InlineData("ladder-and-tower height=8 base=1.3", "Too tall for that base")]
    [InlineData("ladder-and-tower height=4", "Local rules come first")]
    [InlineData("heater-water power=4 hours=8 volume=30 air=8", "More water than the air can take")]
    [InlineData("dehumidifier water=20", "Not for new lime")]
    [InlineData("colour first=50/2/3 second=50/2/3", "Hardly seen even side by side")]
    [InlineData("colour first=#ffffff second=#000000", "Two colours for anybody")]
    [InlineData("contrast old=0 new=100 contrast=0.01", "Not hidden in 12 coats")]
    [InlineData("hiding old=4 paint=clean-yellow film=2", "Not hidden in 8 coats")]
    public void What_to_look_out_for_is_said(string line, string warning) => Assert.Contains(Of(line).Warnings, w => w.Contains(warning, StringComparison.Ordinal));

    /// <summary>A wave is longer than its pitch, and for a shallow one by a quarter of the square of its slope (series of the arc length of a sine).</summary>
    [Theory]
    [InlineData(76, 5)]
    [InlineData(200, 8)]
    public void A_shallow_wave_is_as_long_as_its_series_says(double pitch, double depth)
    {
        var slope = Math.PI * depth / pitch;
        var line = string.Create(CultureInfo.InvariantCulture, $"profiled-sheet area=1 profile=wave cover={pitch} depth={depth}");
        Assert.Equal(pitch * (1 + (slope * slope / 4) - (3 * Math.Pow(slope, 4) / 64)), Value(Of(line), "girth of one wave"), 3);
    }

    /// <summary>Whatever was left is held by the tins it is told to go into, and by no smaller set of them.</summary>
    [Fact]
    public void Leftovers_go_into_the_least_that_holds_them() =>
        Gen.Double[0.05, 12]
            .Sample(litres =>
            {
                var weight = string.Create(CultureInfo.InvariantCulture, $"leftover gross={litres + 1} empty=1 density=1 fill=95");
                var answer = Of(weight);
                var size = Value(answer, "nominal size of tins to keep it in");
                Assert.True(Value(answer, "what those tins hold") >= litres - 1e-9);
                // Every total of these tins is a whole number of half litres: half a litre less would not hold it.
                Assert.True((size - 0.5) * 0.95 < litres);
            });

    /// <summary>Litres asked for and litres in the mix agree: nothing is lost on the way.</summary>
    [Fact]
    public void A_mix_is_the_sum_of_its_parts() =>
        Gen.Select(Gen.Double[0.1, 20], Gen.Double[0.1, 50], Gen.Double[0.1, 100])
            .Sample(
                (a, b, mix) =>
                {
                    var answer = Of(string.Create(CultureInfo.InvariantCulture, $"mix parts={a:F6} to={b:F6} mix={mix:F6}"));
                    Assert.Equal(mix, Value(answer, "of the first") + Value(answer, "of the second"), 2e-6);
                }
            );
}
