using System.Collections.Immutable;
using System.Globalization;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Quantities;

/// <summary>Something by which the work on a face takes longer, or less long, than the paces say. All that hold are multiplied; setting up is not.</summary>
/// <param name="What">What it is, in words.</param>
/// <param name="Times">How many times as long.</param>
public sealed record Slowing(string What, double Times)
{
    // Metres that the work reaches, and how many times as long it takes from there on. Common practice.
    private static readonly (double FromM, double Times)[] Bands = [(0, 1), (3.5, 1.15), (5, 1.3), (8, 1.45)];

    // Plan of a room in which there is more edge than face, square metres. Common practice.
    private const double SmallRoomM2 = 6;

    /// <summary>What holds at a surface; empty where nothing does.</summary>
    /// <param name="rates">What the firm reckons with.</param>
    /// <param name="space">The space that the surface is in.</param>
    /// <param name="surface">The surface.</param>
    /// <param name="facts">What is known of it, with what was said of room and building.</param>
    public static ImmutableArray<Slowing> Of(Rates rates, Space space, Surface surface, Facts facts)
    {
        ArgumentNullException.ThrowIfNull(rates);
        ArgumentNullException.ThrowIfNull(space);
        ArgumentNullException.ThrowIfNull(surface);
        ArgumentNullException.ThrowIfNull(facts);
        var slowed = ImmutableArray.CreateBuilder<Slowing>();
        if (Height(space, surface, facts) is var (bottom, top) && Between(bottom, top) is > 1 and var high)
        {
            slowed.Add(new(string.Create(CultureInfo.InvariantCulture, $"work up to {top:0.#} m"), high));
        }

        if (facts.Occupied == true)
        {
            slowed.Add(new("people live or work there meanwhile", rates.OccupiedTime));
        }

        if (Plan(space) is { } plan and < SmallRoomM2)
        {
            slowed.Add(new(string.Create(CultureInfo.InvariantCulture, $"a room of {plan:0.#} m²"), rates.SmallRoomTime));
        }

        slowed.Add(new("this crew", rates.CrewTime));
        return [.. slowed.Where(s => s.Times != 1)];
    }

    /// <summary>How many times as long work takes where all of them hold.</summary>
    public static double TimesOf(ImmutableArray<Slowing> slowed) => slowed.Aggregate(1.0, (times, s) => times * s.Times);

    /// <summary>The same in a sentence, with why; null where nothing holds.</summary>
    public static string? Says(ImmutableArray<Slowing> slowed) =>
        slowed.IsEmpty
            ? null
            : $"Work takes {Figure(TimesOf(slowed))} times as long: {string.Join(", ", slowed.Select(s => slowed.Length > 1 ? $"{s.What} ({Figure(s.Times)})" : s.What))}.";

    private static string Figure(double times) => times.ToString("0.##", CultureInfo.InvariantCulture);

    /// <summary>How many times as long work takes between two heights: each band by the part of the height that lies in it.</summary>
    /// <param name="bottom">Lower edge above where one stands, metres, 0 or more.</param>
    /// <param name="top">Upper edge, metres, not below the lower one.</param>
    public static double Between(double bottom, double top)
    {
        if (top <= bottom)
        {
            return Bands.Last(b => b.FromM <= top).Times;
        }

        var sum = 0.0;
        for (var i = 0; i < Bands.Length; i++)
        {
            var end = i + 1 < Bands.Length ? Bands[i + 1].FromM : double.MaxValue;
            sum += Bands[i].Times * Math.Max(0, Math.Min(top, end) - Math.Max(bottom, Bands[i].FromM));
        }

        return sum / (top - bottom);
    }

    // What stands upright is reached from its foot; the rest lies at the height that was told. From a platform all is at hand.
    private static (double Bottom, double Top)? Height(Space space, Surface surface, Facts facts)
    {
        if (facts.Access == Access.PlatformUp)
        {
            return null;
        }

        double? wall = space.Walls.Where(w => w.Id == surface.Wall).Select(w => (double?)w.HeightM).FirstOrDefault();
        double? room = space.Kind == SpaceKind.Room && !space.Walls.IsEmpty ? space.Walls.Max(w => w.HeightM) : null;
        var upright = surface.Size?.HeightM ?? wall;
        return surface.Element switch
        {
            Element.Wall or Element.ChimneyBreast or Element.Column or Element.Cladding when (facts.WorkHeightM ?? upright) is { } top => (
                facts.WorkHeightM is null ? 0 : Math.Max(0, top - (upright ?? top)),
                top
            ),
            Element.Ceiling or Element.Cornice when (facts.WorkHeightM ?? room) is { } top => (top, top),
            _ => facts.WorkHeightM is { } told ? (told, told) : null,
        };
    }

    private static double? Plan(Space space) =>
        space is { Kind: SpaceKind.Room, Walls: [var a, var b, var c, var d] } ? (a.LengthM + c.LengthM) * (b.LengthM + d.LengthM) / 4 : null;
}
