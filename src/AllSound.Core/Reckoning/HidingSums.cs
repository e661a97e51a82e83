using System.Collections.Immutable;
using AllSound.Core.Hiding;

namespace AllSound.Core.Reckoning;

/// <summary>How many coats hide an old colour, what a card says of a paint, and how far two colours are apart.</summary>
internal static class HidingSums
{
    // More than anybody lays.
    private const int MostByContrast = 12;

    private const string OwnCard = "own-card";

    private static readonly ReckonerInput Old = Ask.Number("old", "light reflectance of the old colour, 0 black to 100 white", "", null, 0, 100);

    private static readonly ReckonerInput Light = Ask.OneOf("light", "light it is looked at in", "usual", "usual", "raking");

    public static readonly ImmutableArray<Reckoner> All =
    [
        new(
            "hiding",
            "Coats until an old colour is not seen, and the undercoat that saves one",
            [
                Old,
                Ask.OneOf("paint", "kind of paint, or own-card with its readings", "white-contract-matt", [.. Paints.All.Select(p => p.Id), OwnCard]),
                Ask.Perhaps(Ask.Length("film", "dry film of a coat", null, "um", 1000)),
                Light,
                Ask.Perhaps(Ask.Number("over-black", "card: reflectance over black", "%", null, 0.1, 99)),
                Ask.Perhaps(Ask.Number("over-white", "card: reflectance over white", "%", null, 0.1, 99.9)),
                Ask.Perhaps(Ask.Length("card-film", "card: dry film drawn down", null, "um", 1000)),
                Ask.Perhaps(Ask.Number("undercoat", "light reflectance of an undercoat", "", null, 1, 90)),
            ],
            "Kubelka and Munk's two-flux model; full hiding from a contrast ratio of 0.98 (ISO 6504-3); how paints scatter is a judgement, a card is better; two coats at least for how long they last (BS 6150) (from memory)",
            Hide
        ),
        new(
            "contrast",
            "Coats from a contrast ratio, and what they cost laid",
            [
                Old,
                Ask.Number("new", "light reflectance of the new colour", "", null, 0, 100),
                Ask.Number("contrast", "contrast ratio of a coat at its spreading rate", "", null, 0.01, 0.9999),
                Ask.Number("left", "difference in light reflectance that is let pass", "", "0.5", 0.01, 50),
                Ask.Perhaps(Ask.Number("primer", "light reflectance of a primer laid first", "", null, 0, 100)),
                Ask.Number("primer-contrast", "contrast ratio of that primer", "", "0.95", 0.01, 0.9999),
                Ask.Perhaps(Ask.Number("area", "area, to price it", "m2")),
                Ask.Perhaps(Ask.Number("rate", "spreading rate", "m2/L", null, 0.01, 100)),
                Ask.Number("litre", "price of a litre", "", "0"),
                Ask.Number("production", "laid in an hour", "m2/h", "14", 0.1, 1000),
                Ask.Number("hour", "price of an hour", "", "0"),
            ],
            "a coat of contrast ratio R leaves the share 1 - R of the difference: a rule of thumb, at the spreading rate that R was measured at (after ISO 6504-3, from memory)",
            s =>
            {
                var seen = s["old"];
                if (s.Has("primer"))
                {
                    var lost = 1 - s["primer-contrast"];
                    seen = s.Put(
                        "light reflectance seen after the primer",
                        s["primer"] + ((seen - s["primer"]) * lost),
                        "",
                        $"{s["primer"]} + ({seen} - {s["primer"]}) x {lost}"
                    );
                }

                var left = Math.Abs(s["new"] - seen);
                var coats = 0;
                while (left > s["left"] && coats < MostByContrast)
                {
                    coats++;
                    var before = left;
                    left = s.Put($"left after {(double)coats}", left * (1 - s["contrast"]), "", $"{before} x (1 - {s["contrast"]})");
                }

                if (left > s["left"])
                {
                    s.Warn($"Not hidden in {(double)MostByContrast} coats: another paint, or a primer near the finish.");
                    return;
                }

                if (s.Has("area") && s.Has("rate"))
                {
                    var coat = s.Put(
                        "a coat laid",
                        s["area"] * ((s["litre"] / s["rate"]) + (s["hour"] / s["production"])),
                        "",
                        $"{s["area"]} x ({s["litre"]} / {s["rate"]} + {s["hour"]} / {s["production"]})"
                    );
                    s.Put("cost", coats * coat, "", $"{(double)coats} x {coat}");
                }

                s.Put("coats", coats, "coats", $"until {s["left"]} or less is left");
            }
        ),
        new(
            "colour",
            "How far two colours are apart, and how light each is",
            [Ask.Colour("first", "first colour"), Ask.Colour("second", "second colour")],
            "CIEDE2000 over CIELAB, daylight D65 (CIE 142, from memory); sRGB by IEC 61966-2-1. A screen shows no paint: compare dry cards in the light of the room",
            s =>
            {
                var (first, second) = (s.Colour("first"), s.Colour("second"));
                s.Put("light reflectance of the first", first.Reflectance * 100, "", $"L* {first.L}, a* {first.A}, b* {first.B}");
                s.Put("light reflectance of the second", second.Reflectance * 100, "", $"L* {second.L}, a* {second.A}, b* {second.B}");
                s.Put("difference in lightness", second.L - first.L, "", $"{second.L} - {first.L}");
                var apart = s.Put("difference", first.DifferenceFrom(second), "", $"CIEDE2000 of both");
                s.Warn(
                    apart < 1 ? (Sheet.Figures)$"Hardly seen even side by side: a touch-up passes if the sheen is the same."
                    : apart < 3 ? (Sheet.Figures)$"Seen side by side: change colours at a corner, not in the middle of a face."
                    : (Sheet.Figures)$"Two colours for anybody who looks."
                );
            }
        ),
    ];

    private static void Hide(Sheet s)
    {
        var kind = Paints.All.FirstOrDefault(p => p.Id == s.Word("paint"));
        var paint =
            kind?.Power
            ?? (
                s.Has("over-black") && s.Has("over-white") && s.Has("card-film")
                    ? HidingPower.OfCard(s["over-black"] / 100, s["over-white"] / 100, HidingPower.White, s["card-film"])
                    : null
            );
        if (paint is not { } power)
        {
            s.Fail("paint", "an own card wants its readings over-black and over-white, the first the lower, and the card-film that was drawn down");
            return;
        }

        var film = s.Has("film") ? s["film"] : kind?.Film ?? s["card-film"];
        if (film <= 0)
        {
            s.Fail("film", "a coat has some film");
            return;
        }

        var unseen = s.Word("light") == "raking" ? Coats.UnseenInRakingLight : Coats.Unseen;
        var old = s["old"] / 100;
        s.Note(
            $"scatters {power.Scattering} and absorbs {power.Absorption} to the um{(kind?.Band is { Length: > 0 } band ? $", in {band}, where it hides least: the old colour's reflectance is that in the same light" : "")}"
        );
        s.Put("light reflectance at full hiding", power.Infinite * 100, "", $"1 + K/S - root of ((K/S)^2 + 2 K/S)");
        s.Put("contrast ratio of a coat", power.Contrast(film), "", $"{film} um over black / over white of {HidingPower.White}");
        var ground = old;
        if (s.Has("undercoat"))
        {
            ground =
                s.Put("light reflectance of the undercoat as it lies", 100 * Coats.Under(s["undercoat"] / 100, old), "", $"one coat of {s["undercoat"]} over {s["old"]}")
                / 100;
        }

        var needed = Coats.ToHide(power, ground, film, unseen);
        if (
            !s.Has("undercoat")
            && needed is null or > Coats.LeastLaid
            && Coats.BestUndercoat(power, old, film, unseen) is var (tint, under, after)
            && after + 1 <= (needed ?? int.MaxValue)
        )
        {
            s.Put("undercoat to tint to", tint * 100, "", $"of all, the one with fewest coats over it; it lies at {under * 100} over the old colour");
            s.Put("coats over that undercoat", Math.Max(after, Coats.LeastLaid), "coats", $"{(double)after} hide it");
        }

        if (needed is not { } coats)
        {
            s.Warn($"Not hidden in {(double)Coats.Most} coats: another paint, or an undercoat near the finish.");
        }
        else
        {
            for (var n = 1; n <= coats; n++)
            {
                s.Put($"light reflectance after {n}", 100 * power.Over(ground, film * Coats.Effective * n), "", $"{n * film * Coats.Effective} um over {ground * 100}");
            }

            s.Put("coats to hide", coats, "coats", $"{film} um, {Coats.Effective * 100} % of it counted, until L* is within {unseen} of full hiding");
            s.Put(
                "coats to lay",
                Math.Max(coats, Coats.LeastLaid),
                "coats",
                $"never fewer than {(double)Coats.LeastLaid} of a finish; one only to freshen the same colour"
            );
        }
    }
}
