using System.Collections.Immutable;
using AllSound.Core.Climate;

namespace AllSound.Core.Reckoning;

/// <summary>Air, water, power and height on site.</summary>
internal static class SiteSums
{
    private static readonly ReckonerInput Air = Ask.Number("air", "air temperature", "°C", null, -40, 60);
    private static readonly ReckonerInput Humidity = Ask.Number("humidity", "relative humidity", "%", null, 0.1, 100);

    public static readonly ImmutableArray<Reckoner> All =
    [
        new(
            "dew-point",
            "Dew point, and how far a face is above it",
            [Air, Humidity, Ask.Perhaps(Ask.Number("face", "temperature of the face", "°C", null, -40, 100))],
            "Magnus formula; 3 K above the dew point by ISO 8502-4 (from memory)",
            s =>
            {
                var dew = s.Put("dew point", Climate.Air.DewPoint(s["air"], s["humidity"]), "°C", $"air of {s["air"]} °C at {s["humidity"]} %");
                if (s.Has("face"))
                {
                    var margin = s.Put("face above the dew point", s["face"] - dew, "K", $"{s["face"]} - {dew}");
                    if (margin < Climate.Air.LeastMarginK)
                    {
                        s.Warn($"Less than {Climate.Air.LeastMarginK} K above the dew point: nothing is coated. Warm the face or dry the air.");
                    }
                }
            }
        ),
        new(
            "timber-moisture",
            "Moisture that timber comes to in such air",
            [Air, Humidity],
            "Hailwood-Horrobin, Wood Handbook chapter 4 (from memory)",
            s => s.Put("equilibrium moisture", WoodMoisture.Equilibrium(s["air"], s["humidity"]), "%", $"air of {s["air"]} °C at {s["humidity"]} %")
        ),
        new(
            "heater-water",
            "Water that a flueless gas heater puts into a room",
            [
                Ask.Number("power", "heat output", "kW"),
                Ask.Number("hours", "hours it burns", "h", "1"),
                Ask.Perhaps(Ask.Number("volume", "volume of the room", "m3")),
                Ask.Number("air", "air temperature", "°C", "15", -40, 60),
                Ask.Number("changes", "air changes an hour", "", "0.5", 0, 50),
            ],
            "propane, 50.3 MJ/kg upper heat and 1.63 kg of water to the kilogram (textbook, from memory)",
            s =>
            {
                var gas = s.Put("gas burnt", s["power"] * 3.6 * s["hours"] / 50.3, "kg", $"{s["power"]} x 3.6 x {s["hours"]} / 50.3");
                var water = s.Put("water", gas * 1.63, "kg", $"{gas} x 1.63");
                if (s.Has("volume"))
                {
                    var holds = s.Put(
                        "what the air of the room holds when saturated",
                        s["volume"] * Climate.Air.VapourGrams(s["air"], 100) / 1000,
                        "kg",
                        $"{s["volume"]} m3 at {s["air"]} °C"
                    );
                    var carried = s.Put(
                        "water that the air changes can carry out",
                        s["volume"] * s["changes"] * s["hours"] * Climate.Air.VapourGrams(s["air"], 50) / 1000,
                        "kg",
                        $"{s["volume"]} x {s["changes"]} x {s["hours"]} x half of what air of {s["air"]} °C holds"
                    );
                    if (water > holds + carried)
                    {
                        s.Warn($"More water than the air can take: it stands on the cold faces. Use electric heat, or a heater with a flue.");
                    }
                }
            }
        ),
        new(
            "dehumidifier",
            "Days that a dehumidifier needs to draw so much water",
            [
                Ask.Number("water", "water to be drawn", "kg"),
                Ask.Number("rated", "rated for a day, as on its plate at 30 °C and 80 %", "L", "20", 0.1, 1000),
                Ask.Percent("share", "share of that which it really draws in this air: about 40 at 20 °C and 60 %", "40", 100),
                Ask.Perhaps(Ask.Number("volume", "volume of the room", "m3")),
            ],
            "common practice: one of 20 litres a day for 60 to 100 m3 (from memory)",
            s =>
            {
                var day = s.Put("drawn in a day", s["rated"] * s["share"] / 100, "kg", $"{s["rated"]} x {s["share"]} %");
                s.Put("days", s["water"] / day, "days", $"{s["water"]} / {day}");
                if (s.Has("volume"))
                {
                    s.Put(
                        "machines of this size for the room",
                        Math.Max(1, Math.Ceiling(s["volume"] / 80 * 20 / s["rated"])),
                        "machines",
                        $"{s["volume"]} m3, 20 L a day for 80 m3, rounded up"
                    );
                }

                s.Warn($"Windows shut. Not for new lime, which needs the air's carbon dioxide; old timber not below 8 %.");
            }
        ),
        new(
            "drying",
            "What the label's drying time comes to in today's air",
            [
                Ask.Number("label", "time on the label, at 20 °C and 50 %", "h", null, 0.05, 1000),
                Ask.OneOf("dries-by", "waterborne, oil or alkyd, two-part, or lime and silicate", "water", "water", "oxygen", "reaction", "lime"),
                Air,
                Humidity,
                Ask.OneOf("flow", "how the air moves", "still", "still", "through", "moving"),
                Ask.Number("film", "film laid, over the usual one", "", "1", 0.2, 5),
                Ask.OneOf("colour", "deep colours dry slower", "pale", "pale", "deep"),
            ],
            "the product's own sheet comes first; a model by judgement from common practice: half as fast for each 12 K colder (10 K two-part and lime), waterborne as the air is drier; factors together 0.5 to 8",
            Dries
        ),
        new(
            "daylight",
            "How long the sun is up, and when to stop coating outside",
            [
                Ask.Number("latitude", "latitude, north positive", "", "52", -66, 66),
                Ask.Number("month", "month", "", null, 1, 12),
                Ask.Number("day", "day of the month", "", "15", 1, 31),
            ],
            "solar geometry, within some minutes (textbook, from memory); gloss and trim stop before the dew (common practice)",
            s =>
            {
                if (s["month"] % 1 != 0 || s["day"] % 1 != 0 || s["day"] > DateTime.DaysInMonth(2024, (int)s["month"]))
                {
                    s.Fail("day", "no such day in that month");
                    return;
                }

                // Of a leap year, so that the 29th of February is a day; a day more or less is some minutes.
                var day = new DateOnly(2024, (int)s["month"], (int)s["day"]).DayOfYear;
                var hours = s.Put("daylight", Daylight.Hours(s["latitude"], day), "h", $"sunrise to sunset on day {(double)day} at {s["latitude"]}°");
                var sunset = s.Put(
                    "sunset after the sun's noon",
                    hours / 2,
                    "h",
                    $"{hours} / 2; the clock's noon is up to an hour or two off, look at the day's forecast"
                );
                s.Put("stop waterborne trim after noon", Math.Max(0, sunset - 3.5), "h", $"{sunset} - 3.5");
                s.Put("stop oil gloss after noon", Math.Max(0, sunset - 4.5), "h", $"{sunset} - 4.5");
                s.Put("height of the sun at its noon", Daylight.Noon(s["latitude"], day), "°", $"90 - |latitude - declination|");
            }
        ),
        new(
            "power",
            "Whether a supply carries what is plugged in",
            [
                Ask.Number("load", "all that runs at once", "kW"),
                Ask.Number("fuse", "fuse or breaker", "A", "13", 1, 400),
                Ask.Number("volts", "voltage", "V", "230", 12, 500),
                Ask.Percent("most", "share of it for hours on end", "80", 100),
                Ask.Length("lead", "extension lead", "0"),
                Ask.Number("section", "its conductors", "mm2", "1.5", 0.5, 50),
            ],
            "power is volts by amperes; copper 0.0178 ohm mm2/m; 4 % drop at most is usual practice. A competent electrician decides",
            s =>
            {
                var amps = s.Put("current", s["load"] * 1000 / s["volts"], "A", $"{s["load"]} x 1000 / {s["volts"]}");
                var limit = s.Put("for hours on end", s["fuse"] * s["most"] / 100, "A", $"{s["fuse"]} x {s["most"]} %");
                if (s["lead"] > 0)
                {
                    var drop = s.Put("drop along the lead", 2 * s["lead"] * 0.0178 / s["section"] * amps, "V", $"2 x {s["lead"]} x 0.0178 / {s["section"]} x {amps}");
                    var share = s.Put("of the voltage", 100 * drop / s["volts"], "%", $"{drop} / {s["volts"]}");
                    if (share > 4)
                    {
                        s.Warn($"More than 4 % is lost in the lead: a shorter or thicker one, and always off the drum.");
                    }
                }

                if (amps > limit)
                {
                    s.Warn($"More than this supply carries for hours: share the load, or ask an electrician for another supply.");
                }
            }
        ),
        new(
            "ladder-and-tower",
            "How far out a ladder stands, how tall a tower may be",
            [
                Ask.Length("height", "height of the work", null, "m", 100),
                Ask.Perhaps(Ask.Length("base", "shorter side of the tower's base, outriggers counted")),
                Ask.OneOf("place", "inside or outside", "outside", "inside", "outside"),
            ],
            "ladder 1 out for 4 up; free-standing tower 3.5 times its base inside, 3 outside: older rule of thumb, the maker's instructions come first (from memory)",
            s =>
            {
                var reach = s.Put("top of the ladder, a metre above the work", s["height"] + 1, "m", $"{s["height"]} + 1");
                s.Put("foot out from the wall", reach / 4, "m", $"{reach} / 4");
                s.Put("platform, about 1.2 m below the work", Math.Max(0, s["height"] - 1.2), "m", $"{s["height"]} - 1.2");
                if (s.Has("base"))
                {
                    var times = s.Word("place") == "inside" ? 3.5 : 3;
                    var most = s.Put("tallest platform free-standing", s["base"] * times, "m", $"{s["base"]} x {times}");
                    if (s["height"] - 1.2 > most)
                    {
                        s.Warn($"Too tall for that base: a wider one, outriggers, or tied in.");
                    }
                }

                s.Warn(
                    $"A ladder is for short reaches, half an hour, three points of contact, tied. A tower is put up and inspected by somebody trained for it. Local rules come first."
                );
            }
        ),
        new(
            "unit",
            "From one unit to another",
            [Ask.Number("value", "the number", "", null, -1_000_000, 1_000_000_000), Word("from"), Word("to")],
            "exact by definition (international foot and pound, US gallon)",
            s =>
            {
                var (from, to) = (s.Word("from"), s.Word("to"));
                var text = string.Create(System.Globalization.CultureInfo.InvariantCulture, $"{s["value"]:0.###############} {from}");
                if (Quantity.Read(text, to) is not { } value)
                {
                    s.Fail("to", $"{from} cannot be turned into {to}");
                    return;
                }

                s.Put("value", value, to, $"{s["value"]} {from}");
            }
        ),
    ];

    private static void Dries(Sheet s)
    {
        var by = s.Word("dries-by") switch
        {
            "water" => DriesBy.Water,
            "oxygen" => DriesBy.Oxygen,
            "reaction" => DriesBy.Reaction,
            _ => DriesBy.Lime,
        };
        var flow = s.Word("flow") switch
        {
            "still" => AirFlow.Still,
            "through" => AirFlow.Through,
            _ => AirFlow.Moving,
        };
        if (s["air"] < DryingPace.Coldest(by))
        {
            s.Fail("air", $"below {DryingPace.Coldest(by)} °C such a film does not form: wait or warm the face");
            return;
        }

        var pace = DryingPace.In(by, s["air"], s["humidity"], flow, s["film"]);
        var deep = s.Word("colour") == "deep" ? 1.3 : 1;
        s.Put("for the temperature", pace.Warmth, "", $"2 to the power of (20 - {s["air"]}) / {(by is DriesBy.Water or DriesBy.Oxygen ? 12.0 : 10.0)}");
        s.Put("for the humidity", pace.Damp, "", $"{(by == DriesBy.Water ? "(100 - 50) / (100 - humidity), 85 % at most" : "by the table of the kind")}");
        s.Put("for the movement of the air", pace.Flow, "", $"{s.Word("flow")}");
        s.Put("for the film", pace.Film, "", $"{s["film"]} of the usual film");
        var factor = s.Put("longer than the label", pace.Total * deep, "times", $"the four together, 0.5 to 8{(deep > 1 ? ", and 1.3 for a deep colour" : "")}");
        s.Put("time", s["label"] * factor, "h", $"{s["label"]} x {factor}");
        if (factor > DryingPace.BetterWait)
        {
            s.Warn($"More than {DryingPace.BetterWait} times the label: wait for better air, or warm and ventilate.");
        }

        if (s["humidity"] > Coat)
        {
            s.Warn($"Over {Coat} %: nothing is coated outside, and metal nowhere.");
        }
    }

    // Humidity over which nothing is coated (ISO 12944-7, from memory).
    private const double Coat = 85;

    private static ReckonerInput Word(string name) =>
        Ask.OneOf(
            name,
            $"unit {name}",
            "m",
            "m",
            "cm",
            "mm",
            "ft",
            "in",
            "um",
            "mil",
            "m2",
            "sqft",
            "L",
            "ml",
            "gal",
            "qt",
            "kg",
            "g",
            "lb",
            "h",
            "min",
            "d",
            "°C",
            "F",
            "kW",
            "W"
        );
}
