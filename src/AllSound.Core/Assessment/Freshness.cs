using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Assessment;

/// <summary>What young fabric and young coats are, until a reading says otherwise. Days by usual drying at 15 to 20 °C; common practice and BS 6150, from memory.</summary>
internal static class Freshness
{
    /// <summary>Why fabric of this age is not taken to be dry; null where it may be, or its age is not known.</summary>
    public static string? NotDry(Substrate ground, double? days) =>
        days is { } age && DaysToDry(ground) is { } needed && age < needed
            ? FormattableString.Invariant($"{age:0.#} days old: taken as still drying until a reading says otherwise (about {needed} days as a rule).")
            : null;

    /// <summary>Has such fabric water of its own, of mixing or of the mould: by its age, by its name, or since it is bare and found to be new work?</summary>
    /// <param name="ground">The substrate.</param>
    /// <param name="surface">The surface, for its age, coats and signs.</param>
    public static bool OwnWater(Substrate ground, Surface surface) =>
        surface.AgeDays is { } age
            ? NotDry(ground, age) is not null
            : NewByName(ground)
                || (DaysToDry(ground) is not null && surface is { Layers: { IsEmpty: true } } && surface.Signs.Any(s => s is { Sign: "s_new_work", Present: true }));

    /// <summary>
    /// Is it plaster, render or concrete that was mixed for this place and never painted? It carries nothing of the years of the building round it. Wood,
    /// metal and bricks may have been used before, whenever they were put here.
    /// </summary>
    /// <param name="ground">The substrate.</param>
    /// <param name="surface">The surface, for its age and coats.</param>
    public static bool NewAndBare(Substrate ground, Surface surface) =>
        surface.Layers is { IsEmpty: true }
        && (NewByName(ground) || (surface.AgeDays is not null && ground is Substrate.RenderCement or Substrate.RenderLime or Substrate.ConcreteCast));

    private static bool NewByName(Substrate ground) => ground is Substrate.GypsumNew or Substrate.LimeNew;

    /// <summary>Is cement or lime of this age still strongly alkaline?</summary>
    public static bool Alkaline(Substrate ground, double? days) =>
        days < 28 && ground is Substrate.RenderCement or Substrate.RenderLime or Substrate.ConcreteCast or Substrate.BlockConcrete or Substrate.FibreCement;

    /// <summary>Why a coat of this age is not taken to be hard; null where it may be, or its age is not known.</summary>
    public static string? NotHard(Film film, double? days) =>
        days is { } age && DaysToHarden(film) is var needed && age < needed
            ? FormattableString.Invariant($"The last coat is {age:0.#} days old: taken as not hard yet (about {needed} days as a rule).")
            : null;

    /// <summary>Days before linseed putty may be painted. Common practice: one to two weeks.</summary>
    public const int PuttySkinsDays = 7;

    private static int? DaysToDry(Substrate ground) =>
        ground switch
        {
            Substrate.GypsumNew => 14,
            Substrate.RenderCement or Substrate.BlockConcrete or Substrate.BrickHard or Substrate.BrickSoft => 28,
            // Screed and concrete give off about a millimetre a day (BS 8203, from memory).
            Substrate.ConcreteCast => 60,
            // Fresh from the treatment plant.
            Substrate.SoftwoodTreated => 60,
            Substrate.RenderLime => 90,
            Substrate.LimeNew => 180,
            _ => null,
        };

    private static int DaysToHarden(Film film) =>
        film switch
        {
            Film.OilLead or Film.Oil or Film.Bitumen => 14,
            Film.AlkydGloss or Film.Varnish or Film.Woodstain => 5,
            Film.Epoxy or Film.Polyurethane => 2,
            _ => 1,
        };
}
