using System.Collections.Immutable;
using AllSound.Core.Sources;

namespace AllSound.Core.Inspection;

/// <summary>One class of a scale.</summary>
/// <param name="Name">Its name in the standard: "Ri 2", "3B", "4".</param>
/// <param name="Words">What it means.</param>
/// <param name="UpTo">Largest measurement of the class, in the scale's unit; infinite for the last; null where the class is judged by picture.</param>
public sealed record RatingClass(string Name, string Words, double? UpTo = null);

/// <summary>A published scale: classes from best to worst, each with its boundary where the standard gives one.</summary>
public sealed record RatingScale
{
    /// <summary>Stable id.</summary>
    public required string Id { get; init; }

    /// <summary>What it grades.</summary>
    public required string Title { get; init; }

    /// <summary>Unit of the measurement that is graded; null when classes are judged by picture.</summary>
    public string? Unit { get; init; }

    /// <summary>Classes, from the least measurement upward.</summary>
    public required ImmutableArray<RatingClass> Classes { get; init; }

    /// <summary>True when a measurement on a boundary falls in the class that it bounds, false when in the next.</summary>
    public bool BoundaryBelow { get; init; } = true;

    /// <summary>How to read it.</summary>
    public required string How { get; init; }

    /// <summary>The standard.</summary>
    public required Source Source { get; init; }

    /// <summary>Grades a measurement.</summary>
    /// <param name="measurement">In the scale's unit, 0 or more.</param>
    /// <returns>The class; a measurement between two class values is graded as the worse.</returns>
    /// <exception cref="InvalidOperationException">The scale is judged by picture.</exception>
    /// <exception cref="ArgumentOutOfRangeException">The measurement is negative or no number.</exception>
    public RatingClass Grade(double measurement)
    {
        if (Unit is null)
        {
            throw new InvalidOperationException($"{Id} is judged by picture.");
        }

        if (!(measurement >= 0))
        {
            throw new ArgumentOutOfRangeException(nameof(measurement), measurement, "A measurement is 0 or more.");
        }

        return Classes.First(c => BoundaryBelow ? measurement <= c.UpTo : measurement < c.UpTo || double.IsPositiveInfinity(c.UpTo ?? 0));
    }

    /// <summary>Place of a class by name, 0 for the first; null when the scale has no such class.</summary>
    public int? Place(string name)
    {
        for (var i = 0; i < Classes.Length; i++)
        {
            if (string.Equals(Classes[i].Name, name, StringComparison.OrdinalIgnoreCase))
            {
                return i;
            }
        }

        return null;
    }
}
