using System.Collections.Frozen;
using System.Collections.Immutable;
using AllSound.Core.Sources;

namespace AllSound.Core.Inspection;

/// <summary>The grading scales known to the program. Boundaries as in the standards, recalled from memory: check the current edition.</summary>
public static class RatingScales
{
    private const double End = double.PositiveInfinity;

    /// <summary>All of them.</summary>
    public static ImmutableArray<RatingScale> All { get; } =
    [
        new()
        {
            Id = "iso4628-1",
            Title = "quantity of a defect",
            Classes = Words("none", "very few, just detectable", "few", "moderate", "considerable", "dense"),
            How = "against the standard's pictures, or by these words",
            Source = Source.Standard("ISO 4628-1"),
        },
        new()
        {
            Id = "iso4628-1-size",
            Title = "size of defects",
            Unit = "mm",
            Classes =
            [
                new("S0", "not seen at ten times", 0),
                new("S1", "seen only at ten times", 0.1),
                new("S2", "just seen by eye, to 0.2 mm", 0.2),
                new("S3", "clearly seen, to 0.5 mm", 0.5),
                new("S4", "0.5 to 5 mm", 5),
                new("S5", "over 5 mm", End),
            ],
            How = "the usual size, not the largest; the boundary of S1, only seen under a lens, is a judgement",
            Source = Source.Standard("ISO 4628-1"),
        },
        new()
        {
            Id = "iso4628-2",
            Title = "blistering, density",
            Classes = Words("none", "hardly any", "few", "medium", "many", "dense"),
            How = "density 2 to 5 against the pictures, with the size class S2 to S5 beside it: 3(S4)",
            Source = Source.Standard("ISO 4628-2"),
        },
        Shares(
            "iso4628-3",
            "rusting",
            "Ri 0:0 Ri 1:0.05 Ri 2:0.5 Ri 3:1 Ri 4:8 Ri 5:*",
            "share of the surface that is rusted; between two classes the worse is reported",
            Source.Standard("ISO 4628-3")
        ),
        new()
        {
            Id = "iso4628-4",
            Title = "cracking, quantity",
            Classes = Words("none", "very few", "few", "moderate", "considerable", "dense"),
            How = "with the depth: a surface only, b through the topcoat, c through the whole system",
            Source = Source.Standard("ISO 4628-4"),
        },
        Shares(
            "iso4628-5",
            "flaking",
            "0:0 1:0.1 2:0.3 3:1 4:3 5:*",
            "share of the surface flaked; class 5 stands at about 15 %, and for all above 3 %",
            Source.Standard("ISO 4628-5")
        ),
        Lengths("iso4628-5-size", "size of flakes", "S0:0 S1:1 S2:3 S3:10 S4:30 S5:*", "the usual flake, largest dimension", Source.Standard("ISO 4628-5")),
        new()
        {
            Id = "iso4628-6",
            Title = "chalking by tape",
            Classes = Words("none", "just visible on the tape", "slight", "plain", "heavy", "dense powder"),
            How = "tape pulled off, against the pictures",
            Source = Source.Standard("ISO 4628-6"),
        },
        Lengths(
            "iso4628-8",
            "rust creep from a cut",
            "0:0 1:1 2:2 3:4 4:8 5:*",
            "(total width less the cut) / 2; classes are a judgement, the standard gives millimetres",
            Source.Standard("ISO 4628-8", Confidence.Usual)
        ),
        Shares(
            "d610",
            "rusting, American scale",
            "10:0.01 9:0.03 8:0.1 7:0.3 6:1 5:3 4:10 3:16 2:33 1:50 0:*",
            "share rusted; S spot, G general, P pinpoint",
            Source.Standard("ASTM D610")
        ),
        new()
        {
            Id = "d714",
            Title = "blistering, American scale, size",
            Classes = [new("10", "none"), new("8", "smallest seen by eye"), new("6", "larger"), new("4", "large"), new("2", "largest")],
            How = "with the frequency: few, medium, medium dense, dense",
            Source = Source.Standard("ASTM D714"),
        },
        Shares("iso2409", "cross-cut", "0:0 1:5 2:15 3:35 4:65 5:*", "share of the lattice that came away; three places, the worst counts", Source.Standard("ISO 2409")),
        new()
        {
            Id = "d3359b",
            Title = "cross-cut, American scale",
            Unit = "%",
            BoundaryBelow = false,
            Classes =
            [
                new("5B", "none", double.Epsilon),
                new("4B", "under 5 %", 5),
                new("3B", "5 to 15 %", 15),
                new("2B", "15 to 35 %", 35),
                new("1B", "35 to 65 %", 65),
                new("0B", "over 65 %", End),
            ],
            How = "share of the lattice that came away; the class of ISO 2409 is 5 less this number",
            Source = Source.Standard("ASTM D3359"),
        },
        Lengths(
            "d3359a",
            "X-cut, American scale",
            "5A:0 4A:0.5 3A:1.6 2A:3.2 1A:10 0A:*",
            "jagged removal along the cut; 1A most of the X, 0A beyond it",
            Source.Standard("ASTM D3359", Confidence.Usual)
        ),
        new()
        {
            Id = "d6677",
            Title = "hold under the knife",
            Classes =
            [
                new("10", "very hard to lift, in small fragments"),
                new("8", "hard to lift"),
                new("6", "somewhat hard to lift"),
                new("4", "somewhat easy to lift"),
                new("2", "easy to lift in pieces"),
                new("0", "peels once it is started"),
            ],
            How = "6 and over is kept",
            Source = Source.Standard("ASTM D6677"),
        },
        new()
        {
            Id = "iso8501-1",
            Title = "rust grade of bare steel",
            Classes = [new("A", "mill scale whole"), new("B", "scale begins to flake"), new("C", "scale gone, slight pits"), new("D", "general pitting")],
            How = "against the pictures",
            Source = Source.Standard("ISO 8501-1"),
        },
        new()
        {
            Id = "iso8502-3",
            Title = "dust on the tape",
            Classes = Words("none", "traces", "little", "plain", "much", "dense"),
            How = "2 or less is accepted, 3 where little hangs on it",
            Source = Source.Standard("ISO 8502-3", Confidence.Usual),
        },
        Lengths("bre251", "cracks in masonry, by width", "0:0.1 1:1 2:5 3:15 4:25 5:*", "refer at 3 and over, at 2 where it moves", Source.Standard("BRE Digest 251")),
        new()
        {
            Id = "mould-area",
            Title = "area of mould",
            Unit = "m2",
            Classes = [new("none", "none", 0), new("small", "under 1 m2", 1), new("medium", "1 to 10 m2", 10), new("large", "over 10 m2: a specialist", End)],
            How = "the area that shows spots",
            Source = Source.Usual,
        },
        new()
        {
            Id = "rot-section",
            Title = "loss of section to decay",
            Unit = "%",
            Classes =
            [
                new("none", "none", 0),
                new("fill", "under 10 %: consolidate and fill", 10),
                new("splice", "10 to 30 %: splice", 30),
                new("replace", "over 30 %: replace", End),
            ],
            How = "probe with an awl, measure what is left",
            Source = Source.Usual,
        },
        Shares(
            "share",
            "share of the surface",
            "none:0 trace:1 little:5 some:15 much:40 general:*",
            "by eye or by a grid; words for shares are a judgement",
            Source.Judgement
        ),
        new()
        {
            Id = "plain",
            Title = "by eye",
            Classes = Words("none", "trace", "seen on search", "plain at 2 m", "general", "failure"),
            How = "where no standard grades it",
            Source = Source.Judgement,
        },
        Lengths(
            "width-mm",
            "width",
            "closed:0.1 hair:0.2 fine:1 open:5 wide:*",
            "under 0.2 mm paint bridges it, to 1 mm it is filled, to 5 mm cut out and filled",
            Source.Usual
        ),
        new()
        {
            Id = "gloss60",
            Title = "gloss at 60 degrees",
            Unit = "GU",
            BoundaryBelow = false,
            Classes = [new("matt", "under 10", 10), new("eggshell", "10 to 30", 30), new("satin", "30 to 60", 60), new("gloss", "60 and over", End)],
            How = "keyed when it has fallen by half and to 30 or less",
            Source = Source.Standard("ISO 2813", Confidence.Usual),
        },
        new()
        {
            Id = "en13300-hiding",
            Title = "hiding of wall paint",
            Unit = "%",
            BoundaryBelow = false,
            Classes = [new("4", "under 95", 95), new("3", "95 to 98", 98), new("2", "98 to 99.5", 99.5), new("1", "99.5 and over", End)],
            How = "contrast ratio at the declared spread",
            Source = Source.Standard("EN 13300, ISO 6504-3"),
        },
        new()
        {
            Id = "suction",
            Title = "suction, by a drop of water",
            Unit = "s",
            BoundaryBelow = false,
            Classes =
            [
                new("very high", "under 5 s", 5),
                new("high", "5 to 30 s", 30),
                new("medium", "30 to 120 s", 120),
                new("low", "120 to 600 s", 600),
                new("none", "over 600 s: polish, repellent, grease or gloss", End),
            ],
            How = "one drop of 0.05 ml; the time until it has soaked in",
            Source = Source.Usual,
        },
    ];

    private static readonly FrozenDictionary<string, RatingScale> ById = All.ToFrozenDictionary(s => s.Id);

    /// <summary>The scale with this id, or null.</summary>
    public static RatingScale? Find(string id) => ById.GetValueOrDefault(id);

    // Classes 0 to 5 by words.
    private static ImmutableArray<RatingClass> Words(params string[] words) =>
        [.. words.Select((w, i) => new RatingClass(i.ToString(System.Globalization.CultureInfo.InvariantCulture), w))];

    private static RatingScale Shares(string id, string title, string classes, string how, Source source) => Measured(id, title, "%", classes, how, source);

    private static RatingScale Lengths(string id, string title, string classes, string how, Source source) => Measured(id, title, "mm", classes, how, source);

    // "name:up-to name:up-to ... name:*", the name may hold one space.
    private static RatingScale Measured(string id, string title, string unit, string classes, string how, Source source)
    {
        var built = ImmutableArray.CreateBuilder<RatingClass>();
        var least = 0.0;
        foreach (System.Text.RegularExpressions.Match match in System.Text.RegularExpressions.Regex.Matches(classes, @"([^\s:]+(?: \d)?):(\S+)"))
        {
            var last = match.Groups[2].Value == "*";
            var most = last ? End : double.Parse(match.Groups[2].Value, System.Globalization.CultureInfo.InvariantCulture);
            built.Add(
                new RatingClass(
                    match.Groups[1].Value,
                    last ? FormattableString.Invariant($"over {least} {unit}") : FormattableString.Invariant($"{most} {unit} or less"),
                    most
                )
            );
            least = most;
        }

        return new RatingScale
        {
            Id = id,
            Title = title,
            Unit = unit,
            Classes = built.ToImmutable(),
            How = how,
            Source = source,
        };
    }
}
