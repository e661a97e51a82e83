namespace AllSound.Scheduling;

/// <summary>A stretch of time, from its first tick to the one after its last.</summary>
/// <param name="From">First tick.</param>
/// <param name="To">One after the last.</param>
public readonly record struct Opening(int From, int To)
{
    /// <summary>Ticks in it.</summary>
    public int Length => To - From;
}
