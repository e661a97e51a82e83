using System.Globalization;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Programme;

/// <summary>Ids of tasks that are steps of specifications. Tasks of one's own have no slash in theirs.</summary>
internal static class StepId
{
    private const char Slash = '/';

    /// <summary>A step of a surface.</summary>
    public static string Of(Surface surface, int step) => string.Create(CultureInfo.InvariantCulture, $"{surface.Id}{Slash}{step}");

    /// <summary>What is done once for a room.</summary>
    public static string Once(Space space, string what) => $"{space.Id}{Slash}{what}";

    /// <summary>The surface or room of a step's task; null for a task of one's own.</summary>
    public static string? Owner(string task) => task.LastIndexOf(Slash) is > 0 and var at ? task[..at] : null;
}
