using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;

namespace AllSound.Web;

/// <summary>Reads the rules in beside the server's own start, on another core, so that the first answer does not wait for them.</summary>
internal static class Warmth
{
    /// <summary>Starts it. What comes of it is not kept.</summary>
    public static Task Begin() =>
        Task.Run(static () =>
        {
            var surface = new Surface
            {
                Id = "warm",
                Title = "Warm",
                Element = Element.Wall,
                Substrate = "gyp_old",
            };
            var space = new Space
            {
                Id = "warm",
                Title = "Warm",
                Surfaces = [surface],
            };
            var building = new Building
            {
                Id = "warm",
                Title = "Warm",
                Spaces = [space],
            };
            var job = new Job
            {
                Format = Job.CurrentFormat,
                Id = "warm",
                Title = "Warm",
                Buildings = [building],
            };
            return JobFile.Write(job).Length + Reporting.Specify(job, building, space, surface).Options.Length;
        });
}
