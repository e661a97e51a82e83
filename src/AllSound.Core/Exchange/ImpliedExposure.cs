using System.Text.Json;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Exchange;

/// <summary>What a job file leaves out about inside and outside: the faces of an elevation or of a roof slope stand in the weather, unless the file says "inside".</summary>
internal static class ImpliedExposure
{
    // "exposure" left out reads as inside, the default of a room; only the text tells whether it was said.
    public static Job Fill(Job job, string text)
    {
        if (!job.Buildings.Any(b => b.Spaces.Any(Doubtful)))
        {
            return job;
        }

        using var file = JsonDocument.Parse(text);
        return job with
        {
            Buildings =
            [
                .. job.Buildings.Zip(
                    Items(file.RootElement, "buildings"),
                    (b, said) => b with { Spaces = [.. b.Spaces.Zip(Items(said, "spaces"), (s, inner) => Doubtful(s) ? Filled(s, inner) : s)] }
                ),
            ],
        };
    }

    private static bool Doubtful(Space space) => Open(space) && space.Surfaces.Any(s => s.Exposure == Exposure.Inside);

    private static bool Open(Space space) => space.Kind is SpaceKind.Elevation or SpaceKind.RoofSlope;

    private static Space Filled(Space space, JsonElement said) =>
        space with
        {
            Surfaces = [.. space.Surfaces.Zip(Items(said, "surfaces"), (s, one) => one.TryGetProperty("exposure", out _) ? s : s with { Exposure = Exposure.Outside })],
        };

    private static JsonElement.ArrayEnumerator Items(JsonElement from, string name) => from.GetProperty(name).EnumerateArray();
}
