using System.Collections.Immutable;
using AllSound.Core.Diagnosis;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Surfaces;

namespace AllSound.Testing;

/// <summary>Makes varied surveys from a seed: for property tests and for the bench. Same seed, same survey.</summary>
public static class SurveyGenerator
{
    public static Job Job(int seed, int surfaces)
    {
        var random = new Random(seed);

        // Of its own, so that what is about does not change what the surfaces are.
        var about = new Random(~seed);
        var later = new Random(~seed ^ 0x5a17);
        return new Job
        {
            Format = Core.Jobs.Job.CurrentFormat,
            Id = "generated",
            Title = "Generated",
            Jurisdiction = Pick(random, Enum.GetValues<Jurisdiction>()),
            Buildings =
            [
                new Building
                {
                    Id = "b",
                    Title = "Building",
                    Built = random.Next(6) == 0 ? null : random.Next(1820, 2026),
                    Spaces =
                    [
                        new Space
                        {
                            Id = "room",
                            Title = "Room",
                            Walls =
                            [
                                .. Enumerable
                                    .Range(1, 4)
                                    .Select(i => new Wall
                                    {
                                        Id = $"w{i}",
                                        LengthM = Math.Round(1.5 + (random.NextDouble() * 5), 2),
                                        HeightM = 2.6,
                                    }),
                            ],
                            Surfaces =
                            [
                                .. Enumerable
                                    .Range(0, surfaces)
                                    .Select(i => Surface(random, i))
                                    .ToList()
                                    .Select(s => Said(later, s with { Facts = Surrounded(about, s.Facts) })),
                            ],
                        },
                    ],
                },
            ],
        };
    }

    // People, flames, water, beasts and masses about a surface: most of it not said, some of it said to be so or not so.
    private static Facts Surrounded(Random random, Facts facts)
    {
        bool? Say() =>
            random.Next(120) switch
            {
                0 => true,
                1 => false,
                _ => null,
            };
        return facts with
        {
            Vulnerable = Say(),
            Flames = Say(),
            Shut = Say(),
            Fumes = Say(),
            PeopleBelow = Say(),
            Nests = Say(),
            DrinkingWater = Say(),
            FireRated = Say(),
            MayFall = Say(),
            Lagging = Say(),
            Alone = Say(),
            RunOff = Say(),
            OverheadLines = Say(),
            Confined = Say(),
            Unwell = Say(),
            WorkHeightM = random.Next(10) == 0 ? random.Next(1, 15) : null,
            MouldShare = random.Next(20) == 0 ? random.NextDouble() : null,
            OnFace = random.Next(20) == 0 ? Pick(random, Enum.GetValues<OnFace>()) : null,
        };
    }

    public static Surface Surface(Random random, int number)
    {
        var element = Pick(
            random,
            Element.Wall,
            Element.Ceiling,
            Element.Skirting,
            Element.Architrave,
            Element.Door,
            Element.Panelling,
            Element.Boarding,
            Element.Window,
            Element.Floor,
            Element.Radiator,
            Element.Pipe,
            Element.Railing,
            Element.RoofSheet,
            Element.Gutter,
            Element.Tile
        );
        var substrate = Pick(random, [.. Substrates.All.Where(s => Suits(element, s))]);
        var wood = substrate.Family is SubstrateFamily.Wood;
        var bare = random.Next(8) == 0;
        var layers = bare ? [] : Layers(random, wood);
        var signs = random.Next(2) == 0 ? [] : Signed(random, substrate.Family);
        return new Surface
        {
            Id = $"s{number}",
            Title = $"Surface {number}",
            Element = element,
            Substrate = substrate.Id,
            Year = Maybe(random, () => random.Next(1850, 2026)),
            Exposure = Pick(random, Exposure.Inside, Exposure.Inside, Exposure.Inside, Exposure.Outside),
            Size = new Size
            {
                LengthM = Math.Round(0.8 + (random.NextDouble() * 12), 2),
                HeightM = element is Element.Skirting or Element.Architrave ? 0.15 : Math.Round(0.8 + (random.NextDouble() * 2.5), 2),
            },
            Layers = random.Next(12) == 0 ? null : layers,
            Facts = Facts(random, bare),
            Signs = signs,
            Brief = Brief(random),
        };
    }

    // What elements are made of; walls and ceilings of anything, to try odd builds too.
    private static bool Suits(Element element, SubstrateDefinition substrate) =>
        element switch
        {
            Element.Wall or Element.Ceiling => true,
            Element.Floor => substrate.Family is SubstrateFamily.Masonry or SubstrateFamily.Wood || substrate.Value is Substrate.TileUnglazed or Substrate.TileGlazed,
            Element.Radiator or Element.Pipe or Element.Railing or Element.RoofSheet or Element.Gutter => substrate.Family
                is SubstrateFamily.Ferrous
                    or SubstrateFamily.NonFerrous,
            Element.Tile => substrate.Family == SubstrateFamily.Slick,
            Element.Window or Element.Door => substrate.Family is SubstrateFamily.Wood || substrate.Value is Substrate.PvcU or Substrate.Steel or Substrate.Laminate,
            _ => substrate.Family == SubstrateFamily.Wood,
        };

    private static Brief Brief(Random random) =>
        new()
        {
            Sheen = random.Next(4) == 0 ? Pick(random, Enum.GetValues<Sheen>()) : null,
            Lrv = Maybe(random, () => (double)random.Next(3, 92)),
            LowOdour = random.Next(6) == 0,
            Coats = random.Next(8) == 0 ? random.Next(1, 4) : null,
            Finish = random.Next(10) == 0 ? Pick(random, Enum.GetValues<FinishFamily>()) : null,
            VocMost = random.Next(10) == 0 ? random.Next(5, 400) : null,
        };

    private static ImmutableArray<Layer> Layers(Random random, bool wood)
    {
        var coatings = ExistingCoatings
            .All.Where(c => wood ? c.Value is not (Film.SoftDistemper or Film.Limewash or Film.Texture) : c.Value is not (Film.Woodstain or Film.Wax or Film.Oil))
            .ToArray();
        return
        [
            .. Enumerable
                .Range(0, random.Next(1, 4))
                .Select(_ => new Layer
                {
                    Coating = Pick(random, coatings).Id,
                    Coats = random.Next(1, 7),
                    Year = Maybe(random, () => random.Next(1850, 2026)),
                    Lrv = Maybe(random, () => (double)random.Next(2, 90)),
                }),
        ];
    }

    private static Facts Facts(Random random, bool bare)
    {
        // Drawn below in its turn; a small stain is a faint one here.
        double? stain = null;
        var loose = bare || random.Next(2) == 0 ? 0 : Math.Round(random.NextDouble() * 0.4, 2);
        return new Facts
        {
            Lead = random.Next(5) == 0 ? Pick(random, Enum.GetValues<Lead>()) : null,
            LooseShare = random.Next(6) == 0 && !bare ? null : loose,
            BareShare = bare ? 1 : Maybe(random, () => Math.Round(random.NextDouble() * 0.3, 2)),
            Edges = Maybe(random, () => Pick(random, EdgeNature.Firm, EdgeNature.Lifting)),
            Powdery = Maybe(random, () => random.Next(3) == 0),
            Key = Maybe(random, () => Pick(random, Enum.GetValues<Key>())),
            Lumps = Maybe(random, () => random.Next(4) == 0),
            Soil = Maybe(random, () => Pick(random, Enum.GetValues<Soil>())),
            Mould = random.Next(10) == 0 ? true : null,
            MouldSource = random.Next(5) == 0 ? Pick(random, Enum.GetValues<DampSource>()) : null,
            Salts = random.Next(12) == 0 ? true : null,
            Silicone = random.Next(15) == 0 ? true : null,
            Moisture = Maybe(random, () => Pick(random, Moisture.Dry, Moisture.Dry, Moisture.Dry, Moisture.Drying, Moisture.Damp, Moisture.Wet)),
            DampSource = random.Next(6) == 0 ? null : Pick(random, DampSource.None, DampSource.None, DampSource.None, DampSource.Cured, DampSource.Open),
            Ph = random.Next(8) == 0 ? random.Next(6, 14) : null,
            WaterStainShare = stain = random.Next(6) == 0 ? Math.Round(random.NextDouble() * 0.1, 3) : null,
            FaintStain = stain < 0.04 ? true : null,
            Tar = random.Next(10) == 0 ? true : null,
            Ink = random.Next(12) == 0 ? true : null,
            Knots = Maybe(random, () => random.Next(0, 6)),
            FillShare = Maybe(random, () => random.Next(2) == 0 ? 0 : Math.Round(random.NextDouble() * 0.1, 3)),
            OpenJointM = Maybe(random, () => random.Next(2) == 0 ? 0 : Math.Round(random.NextDouble() * 6, 1)),
            Hollow = random.Next(25) == 0 ? true : null,
            Rot = random.Next(25) == 0 ? true : null,
            LiveCrack = random.Next(25) == 0 ? true : null,
            Outlets = Maybe(random, () => random.Next(2) == 0),
            Rust = Maybe(random, () => Pick(random, Enum.GetValues<Rust>())),
            LooseFixings = random.Next(12) == 0 ? true : null,
            OpenLaps = random.Next(12) == 0 ? true : null,
            Holes = random.Next(12) == 0 ? Pick(random, Enum.GetValues<Holes>()) : null,
            SharpEdges = random.Next(8) == 0 ? true : null,
            HotNow = random.Next(10) == 0 ? true : null,
            FailedPutty = random.Next(10) == 0 ? true : null,
            OpenEndGrain = Maybe(random, () => random.Next(2) == 0),
            FillDepthMm = Maybe(random, () => (double)random.Next(1, 15)),
            ServiceTempC = random.Next(12) == 0 ? random.Next(20, 650) : null,
            Consent = random.Next(20) == 0 ? Pick(random, Enum.GetValues<Consent>()) : null,
            FragileFooting = random.Next(25) == 0 ? true : null,
            WiringCondemned = random.Next(40) == 0 ? true : null,
            GlassNear = random.Next(6) == 0 ? true : null,
            VoidBehind = random.Next(6) switch
            {
                0 => true,
                1 => false,
                _ => null,
            },
            Power = random.Next(8) == 0 ? false : null,
            Asbestos = random.Next(5) == 0 ? Pick(random, Enum.GetValues<Lead>()) : null,
        };
    }

    private static ImmutableArray<SignSeen> Signed(Random random, SubstrateFamily family)
    {
        var cause = Pick(random, [.. Causes.All.Where(c => c.Weight(family) > 0)]);
        return
        [
            .. cause
                .Evidence.Where(_ => random.Next(3) > 0)
                .Select(e => new SignSeen { Sign = e.Sign, Present = random.NextDouble() < e.IfCause })
                .Concat(Enumerable.Range(0, random.Next(3)).Select(_ => new SignSeen { Sign = Pick(random, [.. Signs.All]).Id, Present = random.Next(2) == 0 })),
        ];
    }

    // What was added to the vocabulary later, drawn from a source of its own so that the rest of every survey stays what it was.
    private static Surface Said(Random random, Surface surface)
    {
        bool Some(int oneIn) => random.Next(oneIn) == 0;
        bool? Yes(int oneIn) => Some(oneIn) ? true : null;
        double? Share(int oneIn) => Some(oneIn) ? Math.Round(random.NextDouble(), 2) : null;
        var facts = surface.Facts with
        {
            LeadProof = Some(2) ? "a laboratory" : null,
            AsbestosProof = Some(2) ? "a laboratory" : null,
            FilmSpent = Yes(40),
            SoftFilm = Yes(30),
            UnprimedFiller = Yes(30),
            RustyNails = Yes(30),
            Tannin = Yes(30),
            SaltShare = Share(60),
            TarShare = Share(60),
            InkShare = Share(60),
            MouldShare = Share(20),
            JointWidthMm = Some(15) ? random.Next(1, 30) : null,
            JointDepthMm = Some(30) ? random.Next(2, 40) : null,
            JointMoves = Yes(20),
            JointWet = Yes(25),
            WaterLies = Yes(80),
            AirTempC = Some(8) ? random.Next(-2, 30) : null,
            AirHumidity = Some(8) ? random.Next(30, 98) : null,
            FaceTempC = Some(10) ? random.Next(-2, 30) : null,
            PuttyDays = Some(30) ? random.Next(0, 20) : null,
            Binds = Yes(20),
            Plants = Yes(20),
            Removable = Yes(10),
            Occupied = Yes(10),
            Pets = Yes(40),
            PublicNear = Yes(40),
            OnFace = Some(40) ? Pick(random, Enum.GetValues<OnFace>()) : surface.Facts.OnFace,
        };
        var brief = surface.Brief with
        {
            Colour = Some(6) ? Pick(random, "white", "very dark blue", "pale green", "bright red", "as before") : null,
            Strip = Some(25),
            OnlyClean = Some(40),
            Grazing = Some(12),
            Smooth = Some(9),
            HoursPerDay = Some(12) ? random.Next(2, 10) : null,
            DeadlineDays = Some(10) ? random.Next(1, 20) : null,
        };
        var family = Substrates.Find(surface.Substrate)!.Family;
        var kin = Substrates.Named.Where(s => s.Family == family && Substrates.Of(s.Value).Id == surface.Substrate).ToArray();
        return surface with
        {
            Facts = facts,
            Brief = brief with { Strip = brief is { Strip: true, KeepOldFilm: false } },
            Substrate = Some(2) ? Pick(random, kin).Id : surface.Substrate,
            AgeDays = Some(20) ? random.Next(0, 60) : null,
            Layers =
                surface.Layers is { IsEmpty: false } layers && Some(8)
                    ? layers.SetItem(
                        layers.Length - 1,
                        layers[^1] with
                        {
                            Coating = Pick(random, [.. ExistingCoatings.Named]).Id,
                            AgeDays = Some(2) ? random.Next(0, 30) : null,
                        }
                    )
                    : surface.Layers,
        };
    }

    private static T? Maybe<T>(Random random, Func<T> make)
        where T : struct => random.Next(3) == 0 ? null : make();

    private static T Pick<T>(Random random, params T[] from) => from[random.Next(from.Length)];
}
