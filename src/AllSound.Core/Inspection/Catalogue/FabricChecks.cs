using System.Collections.Immutable;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using static AllSound.Core.Inspection.Outcome;

namespace AllSound.Core.Inspection.Catalogue;

/// <summary>Soundness of what the paint hangs on: plaster, timber, cracks.</summary>
internal static class FabricChecks
{
    public static readonly ImmutableArray<Check> All =
    [
        new()
        {
            Id = "T_tap",
            Title = "hollow plaster, render or tile",
            Tools = "knuckle, handle, light hammer",
            Do = "Tap all over; press where it is dull. Stand clear below a ceiling.",
            Minutes = 5,
            Hazard = "falling plaster",
            Grounds = [SubstrateFamily.Plaster, SubstrateFamily.Masonry, SubstrateFamily.Slick],
            Settles = [Facets.Backing],
            Outcomes =
            [
                Of("sound", "sounds full", 0.8, f => f with { Hollow = f.Hollow ?? false }, "!s_hollow"),
                Of("hollow", "dull, and moves over 1 mm", 0.15, f => f with { Hollow = true }, "s_hollow"),
                Of("watch", "dull but tight, under a tenth of a square metre", 0.1, null, "s_hollow"),
            ],
            Limits = "dull and moving over 1 mm is cut out; dull but tight under 0.1 m2 is watched",
            Source = Source.Usual,
        },
        new()
        {
            Id = "T_nail_scratch",
            Title = "firmness of plaster",
            Tools = "nail",
            Do = "Draw a nail across with light pressure.",
            Minutes = 1,
            Damage = 1,
            Grounds = [SubstrateFamily.Plaster],
            Settles = [Facets.Powder],
            Outcomes = [Of("firm", "a scratch only", 0.85, null, "!s_pl_soft"), Of("soft", "it rubs away or digs in", 0.15, f => f with { Powdery = true }, "s_pl_soft")],
            Limits = "what rubs away is bound or replaced",
            Source = Source.Usual,
        },
        new()
        {
            Id = "T_probe",
            Title = "decay, by awl",
            Tools = "2 mm awl",
            Do = "Push with about 10 N at joints, bottom rails and end grain; millimetres that it sinks.",
            Minutes = 3,
            Damage = 1,
            Unit = "mm",
            Range = (0, 100),
            Usual = (0, 60),
            OtherUnits = [new("in", 25.4)],
            Grounds = [SubstrateFamily.Wood],
            Settles = [Facets.Timber],
            Outcomes =
            [
                Of("sound", "1 mm or less", 0.85, f => f with { Rot = f.Rot ?? false }, "!s_wd_soft"),
                Of("rot", "over 3 mm", 0.15, f => f with { Rot = true }, "s_wd_soft"),
            ],
            Read = (f, v) =>
                v > 3 ? f with { Rot = true }
                : v <= 1 ? f with { Rot = f.Rot ?? false }
                : f,
            Shows = [new("s_wd_soft", 3.01, 1.01)],
            Limits = "1 mm or less sound, to 3 soft, over 3 decay",
            Source = Source.Usual,
        },
        new()
        {
            Id = "T_crack_w",
            Title = "width of a crack",
            Tools = "card or lens to 0.1 mm",
            Do = "The widest place; note where it goes.",
            Minutes = 2,
            Unit = "mm",
            Range = (0, 200),
            Usual = (0, 30),
            OtherUnits = [new("in", 25.4)],
            Scale = "bre251",
            Grounds = [SubstrateFamily.Plaster, SubstrateFamily.Masonry],
            Settles = [Facets.Movement],
            Outcomes = [Of("fine", "5 mm or less", 0.9), Of("wide", "over 5 mm: refer", 0.1, f => f with { LiveCrack = true })],
            Read = (f, v) => v > 5 ? f with { LiveCrack = f.LiveCrack ?? true } : f,
            Limits = "under 0.2 paint bridges it, to 1 fill, to 5 cut out and fill, over 5 refer",
            Source = Source.Standard("BRE Digest 251", Confidence.Usual),
        },
        new()
        {
            Id = "T_crack_mon",
            Title = "does the crack move",
            Tools = "studs or tell-tale, calliper",
            Do = "Measure monthly for half a year; note the temperature. Record millimetres of change in a month.",
            Minutes = 5,
            WaitHours = 4320,
            Cost = 5,
            Damage = 1,
            Unit = "mm/month",
            Range = (0, 50),
            Usual = (0, 5),
            Settles = [Facets.Movement],
            Outcomes =
            [
                Of("still", "under 0.1 mm a month", 0.7, f => f with { LiveCrack = false }, "!s_crk_move"),
                Of("moves", "0.1 mm a month or more", 0.3, f => f with { LiveCrack = true }, "s_crk_move"),
            ],
            Read = (f, v) => f with { LiveCrack = v >= 0.1 },
            Shows = [new("s_crk_move", 0.1, 0.1)],
            Limits = "0.2 mm a season or 0.1 mm a month is live",
            Again = "monthly",
            Source = Source.Standard("BRE Digest 343", Confidence.Judgement),
        },
        new()
        {
            Id = "T_hot",
            Title = "heat in service",
            Tools = "contact probe",
            Do = "With the service on full for half an hour. Mind your fingers.",
            Minutes = 30,
            Hazard = "burns",
            Unit = "C",
            Range = (-20, 700),
            Usual = (5, 300),
            OtherUnits = [OtherUnit.Fahrenheit],
            Read = (f, v) => f with { ServiceTempC = v },
            Shows = [new("s_hot", 60, 45)],
            Limits = "60 or less any trim paint; to 90 radiator paint; to 120 the limit of alkyd; over it heat-resisting paint",
            Source = Source.Usual,
        },
    ];
}
