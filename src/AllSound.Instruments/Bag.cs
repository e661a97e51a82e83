using System.Text.Json.Serialization;

namespace AllSound.Instruments;

/// <summary>An instrument in the bag.</summary>
internal sealed record Instrument(
    string Id,
    string Title,
    string Check,
    string Unit,
    [property: JsonIgnore] Quirks Quirks,
    [property: JsonIgnore] double Usual,
    [property: JsonIgnore] double Spread
);

/// <summary>A reading as it goes over the line.</summary>
internal sealed record Reading(string Instrument, string Check, double Value, string Unit, string Place, DateTime At);

/// <summary>One line of the conversation.</summary>
internal sealed record Ask(string? Ask_, string? Id, string? Place, double? Truth, string? Species, double? Celsius)
{
    /// <summary>list or read.</summary>
    [JsonPropertyName("ask")]
    public string? Ask_ { get; init; } = Ask_;
}

/// <summary>
/// A bag of site instruments that behaves like one: seeded, with noise, resolution, drift and slips of the hand. The
/// truth about a place follows from the seed and the place's name, unless the caller gives it.
/// </summary>
internal sealed class Bag(int seed, TimeProvider clock)
{
    // Species correction of a pin meter set for one softwood, points of moisture. Judgement, after published tables.
    private static readonly Dictionary<string, double> Species = new(StringComparer.OrdinalIgnoreCase)
    {
        ["pine"] = 0,
        ["spruce"] = 0.5,
        ["oak"] = -1.5,
        ["larch"] = 0.5,
        ["teak"] = 2.0,
    };

    private readonly Dictionary<string, int> taken = new(StringComparer.Ordinal);
    private readonly Lock gate = new();

    /// <summary>What is in the bag.</summary>
    public static IReadOnlyList<Instrument> All { get; } =
    [
        new("pin-wood", "pin meter, timber", "T_damp_wood", "%", new(0.1, 0.5, 0.3, 2.5, 4, 100), 13, 4),
        new("pin-masonry", "pin meter, masonry", "T_damp_pin", "%WME", new(0.1, 0.7, 0.3, 3, 0, 100), 14, 6),
        new("carbide", "carbide bottle", "T_carbide", "% w/w", new(0.1, 0.15, 0.05, 0.5, 0, 20), 1, 1),
        new("hygrometer", "thermo-hygrometer, air", "T_air_rh", "%", new(0.1, 1, 1, 5, 1, 100), 58, 10),
        new("surface-probe", "surface probe", "T_surf_t", "C", new(0.1, 0.2, 0.1, 1, -20, 200), 15, 3),
        new("dew-set", "hygrometer with probe, margin", "T_dewpoint", "K", new(0.1, 0.4, 0.3, 1, -20, 40), 6, 3),
        new("film-gauge", "film gauge", "T_dft", "um", new(1, 3, 1, 15, 0, 1500), 140, 60),
        new("gloss-meter", "gloss meter", "T_gloss", "GU", new(0.1, 0.6, 0.5, 8, 0, 100), 35, 25),
        new("ph-strip", "pH strip", "T_ph", "pH", new(0.5, 0.25, 0, 1, 0, 14), 8, 1.2),
        new("lead-analyser", "lead analyser", "T_lead_xrf", "mg/cm2", new(0.1, 0.12, 0.02, 0.4, 0, 60), 0.9, 1.2),
    ];

    /// <summary>Takes a reading.</summary>
    /// <returns>The reading, or what is wrong with the request.</returns>
    public (Reading? Reading, string? Error) Read(Ask ask)
    {
        if (All.FirstOrDefault(i => i.Id == ask.Id) is not { } instrument)
        {
            return (null, $"no instrument '{ask.Id}' in the bag; ask for the list");
        }

        if (ask.Truth is { } given && !double.IsFinite(given))
        {
            return (null, "truth: expected a number");
        }

        var place = ask.Place ?? "";
        lock (gate)
        {
            var count = taken.GetValueOrDefault(instrument.Id);
            taken[instrument.Id] = count + 1;
            var truth = ask.Truth ?? Truth(instrument, place);
            if (instrument.Id == "pin-wood")
            {
                // The meter is set for pine at 20 C; wood that is colder reads low.
                truth -= ask.Species is { } species ? Species.GetValueOrDefault(species) : 0;
                truth += 0.1 * ((ask.Celsius ?? 20) - 20);
            }

            var chance = new Random(HashCode(seed, instrument.Id, count.ToString(System.Globalization.CultureInfo.InvariantCulture)));
            var value = instrument.Quirks.Show(truth, count, chance);
            return (new Reading(instrument.Title, instrument.Check, Math.Round(value, 3), instrument.Unit, place, clock.GetLocalNow().DateTime), null);
        }
    }

    private double Truth(Instrument instrument, string place)
    {
        var chance = new Random(HashCode(seed, instrument.Check, place));
        return Math.Max(instrument.Quirks.Least, instrument.Usual + (instrument.Spread * ((2 * chance.NextDouble()) - 1)));
    }

    // Stable from run to run, which string.GetHashCode is not (FNV-1a).
    private static int HashCode(int seed, params ReadOnlySpan<string> words)
    {
        var hash = 2166136261u ^ (uint)seed;
        foreach (var word in words)
        {
            foreach (var c in word)
            {
                hash = (hash ^ c) * 16777619;
            }

            hash = (hash ^ '|') * 16777619;
        }

        return (int)hash;
    }
}
