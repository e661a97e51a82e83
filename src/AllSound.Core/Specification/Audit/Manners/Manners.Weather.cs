using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>Manners of time, weather and use.</summary>
internal static partial class Manners
{
    private static IEnumerable<Manner> Weather() =>
        [
            Fails(
                "dew",
                "a coat is finished late, with dew, fog, frost or rain to come",
                "Water settles on the soft film: it goes dull, streaks or washes off, and does not form in the cold.",
                "Finish by early afternoon on a milder, dry day, so that the film is dry before the dew."
            ) with
            {
                When = at => at.Outside,
            },
            Fails(
                "dew-point",
                "the face is hardly warmer than the dew point",
                "Water condenses on the face under the film.",
                "Coat only when the face is at least 3 °C above the dew point; warm or air the room and measure again."
            ),
            Fails(
                "on-wet",
                "the face is painted while it is wet",
                "Water under the film blisters it and pushes it off.",
                "Let it dry, a day or more in good weather, and check it with a meter before coating."
            ) with
            {
                // Scraping and rubbing are done wet.
                When = at => !Mineral(at.Act?.Product) && !Mineral(at.Next?.Product) && at.Act?.Operation.Group is not (Group.Loosen or Group.Abrade or Group.Strip),
                Covers = ["wash-dry", "fabric-dry"],
            },
            Fails(
                "no-meter",
                "nobody measures whether damp wood or plaster is dry",
                "Water shut in under the film blisters it.",
                "Wait for dry days and measure: wood 18 % at most outside, 12 % inside."
            ),
            Fails(
                "too-cold",
                "the air or the face is too cold for the paint",
                "Below its least temperature the film does not form; it stays soft and washes off.",
                "Wait for milder days, or use a product made for the cold as its sheet says."
            ),
            Poor(
                "hot-sun",
                "a hot face is painted in full sun",
                "The coat dries before it has wetted the face, laps show and blisters rise.",
                "Follow the shade round the building."
            ),
            Poor(
                "early-use",
                "it is walked on, driven on, wetted or loaded before it has cured",
                "A soft film marks, sticks and lifts.",
                "Wait for the cure that the sheet gives, about a week for most floors, tiles and shelves; no rubber on it before."
            ),
            Poor(
                "wetted",
                "the face is wetted just before paint",
                "Paint wants a dry face: on a wet one it does not grip. Only lime and silicate are laid on a damp wall.",
                "Let it dry before coating; damp down only for limewash."
            ) with
            {
                When = at => at.Next is { } next && !Mineral(next.Product) && at.Act is null,
            },
            Poor(
                "hot-radiator",
                "a radiator or pipe is painted hot",
                "The coat dries on the brush and smells.",
                "Turn it off and let it cool; on again when the paint is dry."
            ) with
            {
                When = at => at.Surface.Element is Element.Radiator or Element.Pipe,
            },
        ];
}
