using System.Collections.Immutable;

namespace AllSound.Core.Reckoning;

/// <summary>Hours, prices and what something costs over its life. Rules: common practice; a margin is a share of the price, a markup of the cost.</summary>
internal static class MoneySums
{
    public static readonly ImmutableArray<Reckoner> All =
    [
        new(
            "labour",
            "Hours for work at a rate, with what makes it slower",
            [
                Ask.Number("amount", "how much of it", "", null),
                Ask.Number("rate", "done in an hour, one coat", "", null, 0.001, 10_000),
                Ask.Count("coats", "coats", "1"),
                Ask.Number("factor", "height, occupied rooms, small rooms: multiplied together", "", "1", 0.1, 20),
                Ask.Number("set-up", "set-up and clearing, once", "h", "0"),
                Ask.Count("people", "people", "1"),
                Ask.Number("day", "hours worked in a day", "h", "7", 0.5, 24),
            ],
            "common practice",
            s =>
            {
                var coats = s.Put(
                    "hours on the work",
                    s["amount"] * s["coats"] / s["rate"] * s["factor"],
                    "h",
                    $"{s["amount"]} x {s["coats"]} / {s["rate"]} x {s["factor"]}"
                );
                var hours = s.Put("total hours", coats + s["set-up"], "h", $"{coats} + {s["set-up"]}");
                var people = Math.Max(1, s["people"]);
                var days = s.Put("days", hours / people / s["day"], "days", $"{hours} / {people} / {s["day"]}");
                return s.Put("whole days", Math.Ceiling(Math.Round(days, 9)), "days", $"{days}, rounded up");
            }
        ),
        new(
            "price",
            "From hours and materials to a price",
            [
                Ask.Number("hours", "hours", "h"),
                Ask.Number("labour", "cost of an hour", "", null, 0, 10_000),
                Ask.Number("materials", "materials", "", "0"),
                Ask.Percent("overhead", "overhead, on labour and materials", "0", 500),
                Ask.Percent("margin", "margin, of the price before tax", "0", 95),
                Ask.Percent("tax", "tax, on the price", "0", 100),
            ],
            "a margin of the selling price divides by what is left of it; a markup would give less",
            s =>
            {
                var direct = s.Put("direct cost", (s["hours"] * s["labour"]) + s["materials"], "", $"{s["hours"]} x {s["labour"]} + {s["materials"]}");
                var cost = s.Put("cost with overhead", direct * (1 + (s["overhead"] / 100)), "", $"{direct} x (1 + {s["overhead"]} %)");
                s.Put("price before tax if the margin were added as markup", cost * (1 + (s["margin"] / 100)), "", $"{cost} x (1 + {s["margin"]} %)");
                var price = s.Put("price before tax", cost / (1 - (s["margin"] / 100)), "", $"{cost} / (1 - {s["margin"]} %)");
                return s.Put("price with tax", price * (1 + (s["tax"] / 100)), "", $"{price} x (1 + {s["tax"]} %)");
            }
        ),
        new(
            "cost-per-year",
            "What a system costs for each year of its life, and against another",
            [
                Ask.Number("cost", "cost each time", ""),
                Ask.Number("life", "years it lasts", "years", null, 0.1, 200),
                Ask.Number("upkeep", "washes and touching up within that life", "", "0"),
                Ask.Perhaps(Ask.Number("other-cost", "the other: cost each time", "")),
                Ask.Perhaps(Ask.Number("other-life", "the other: years it lasts", "years", null, 0.1, 200)),
                Ask.Number("other-upkeep", "the other: upkeep within its life", "", "0"),
                Ask.Number("years", "years looked at", "years", "30", 1, 200),
            ],
            "no interest, prices as today; whole cycles",
            s =>
            {
                var cycle = s.Put("cost of a cycle", s["cost"] + s["upkeep"], "", $"{s["cost"]} + {s["upkeep"]}");
                var year = s.Put("per year", cycle / s["life"], "/year", $"{cycle} / {s["life"]}");
                s.Put("over the years", Math.Ceiling(Math.Round(s["years"] / s["life"], 9)) * cycle, "", $"{s["years"]} / {s["life"]}, rounded up, x {cycle}");
                if (s.Has("other-cost") && s.Has("other-life"))
                {
                    var other = s.Put("other: cost of a cycle", s["other-cost"] + s["other-upkeep"], "", $"{s["other-cost"]} + {s["other-upkeep"]}");
                    s.Put("other: per year", other / s["other-life"], "/year", $"{other} / {s["other-life"]}");
                    s.Put(
                        "other: over the years",
                        Math.Ceiling(Math.Round(s["years"] / s["other-life"], 9)) * other,
                        "",
                        $"{s["years"]} / {s["other-life"]}, rounded up, x {other}"
                    );
                    s.Put("life at which the other costs the same per year", other / year, "years", $"{other} / {year}");
                }
            }
        ),
        new(
            "hire-or-buy",
            "Hire or buy: from how many days on it pays to own",
            [
                Ask.Number("hire", "hire for a day", ""),
                Ask.Number("delivery", "delivery, each hire", "", "0"),
                Ask.Number("buy", "price to buy", ""),
                Ask.Number("resale", "worth afterwards", "", "0"),
                Ask.Number("upkeep", "upkeep and storage for a day's use", "", "0"),
                Ask.Number("days", "days of use in all", "days", null, 0, 10_000),
                Ask.Count("hires", "in so many hires", "1"),
                Ask.Perhaps(Ask.Number("years", "years until it is sold again: then all is for a year, days and hires too", "years", null, 0.25, 50)),
                Ask.Number("yearly", "upkeep and storage for a year, used or not", "", "0"),
                Ask.Number("lent", "days of these on which a lent one serves", "days", "0", 0, 10_000),
                Ask.Number("lent-cost", "what a lent one costs each time: tips, fetching, thanks", "", "0"),
            ],
            "common practice; no interest reckoned",
            s =>
            {
                if (s.Has("years"))
                {
                    AYear(s);
                    return;
                }

                var hire = s.Put("hiring", (s["hire"] * s["days"]) + (s["delivery"] * s["hires"]), "", $"{s["hire"]} x {s["days"]} + {s["delivery"]} x {s["hires"]}");
                var buy = s.Put("buying", s["buy"] - s["resale"] + (s["upkeep"] * s["days"]), "", $"{s["buy"]} - {s["resale"]} + {s["upkeep"]} x {s["days"]}");
                s.Put("saved by buying", hire - buy, "", $"{hire} - {buy}");
                var perDay = s["hire"] - s["upkeep"];
                if (perDay > 0)
                {
                    s.Put(
                        "days from which buying pays",
                        Math.Max(0, s["buy"] - s["resale"] - (s["delivery"] * s["hires"])) / perDay,
                        "days",
                        $"({s["buy"]} - {s["resale"]} - {s["delivery"] * s["hires"]}) / {perDay}"
                    );
                }
            }
        ),
    ];

    // A machine that is bought, kept some years and sold: each way by the year.
    private static void AYear(Sheet s)
    {
        var lent = Math.Min(s["lent"], s["days"]);
        if (lent > 0)
        {
            s.Put(
                "lending and hiring, a year",
                (lent * s["lent-cost"]) + ((s["days"] - lent) * s["hire"]),
                "",
                $"{lent} x {s["lent-cost"]} + {s["days"] - lent} x {s["hire"]}"
            );
        }

        var hire = s.Put("hiring, a year", (s["hire"] * s["days"]) + (s["delivery"] * s["hires"]), "", $"{s["hire"]} x {s["days"]} + {s["delivery"]} x {s["hires"]}");
        var buy = s.Put(
            "owning, a year",
            ((s["buy"] - s["resale"]) / s["years"]) + s["yearly"] + (s["upkeep"] * s["days"]),
            "",
            $"({s["buy"]} - {s["resale"]}) / {s["years"]} + {s["yearly"]} + {s["upkeep"]} x {s["days"]}"
        );
        s.Put("saved by owning, a year", hire - buy, "", $"{hire} - {buy}");
        var perDay = s["hire"] - s["upkeep"];
        if (perDay > 0)
        {
            s.Put(
                "days a year from which owning pays",
                Math.Max(0, ((s["buy"] - s["resale"]) / s["years"]) + s["yearly"] - (s["delivery"] * s["hires"])) / perDay,
                "days",
                $"(({s["buy"]} - {s["resale"]}) / {s["years"]} + {s["yearly"]} - {s["delivery"] * s["hires"]}) / {perDay}"
            );
        }
    }
}
