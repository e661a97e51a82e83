namespace AllSound.Core.Jobs;

/// <summary>Jobs as patterns for others.</summary>
public static class Templates
{
    /// <summary>
    /// What of a job is true of the next one like it: its buildings, rooms, walls and openings, what surfaces are made of and how they are to be finished,
    /// the firm's products, prices and rules. What was found, measured, chosen, written or done there is left out, and so is for whom and where it was.
    /// </summary>
    public static Job RoomsOf(Job job)
    {
        ArgumentNullException.ThrowIfNull(job);
        return job with
        {
            Client = null,
            Address = null,
            Trials = [],
            Log = [],
            Buildings =
            [
                .. job.Buildings.Select(b =>
                    b with
                    {
                        Built = null,
                        Surroundings = null,
                        Spaces = [.. b.Spaces.Select(s => s with { Surroundings = null, Surfaces = [.. s.Surfaces.Select(Bare)] })],
                    }
                ),
            ],
        };
    }

    private static Surface Bare(Surface surface) =>
        new()
        {
            Id = surface.Id,
            Title = surface.Title,
            Element = surface.Element,
            Substrate = surface.Substrate,
            Exposure = surface.Exposure,
            Wall = surface.Wall,
            Size = surface.Size,
            Form = surface.Form,
            Zone = surface.Zone,
            Brief = surface.Brief,
        };
}
