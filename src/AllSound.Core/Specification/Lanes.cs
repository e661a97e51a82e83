namespace AllSound.Core.Specification;

/// <summary>Two pieces of work of which neither hangs on the other, side by side where a second core is free.</summary>
internal static class Lanes
{
    /// <summary>Does both. Where no other thread takes up the second, it is done here after the first: then nothing is lost.</summary>
    /// <param name="here">Done on this thread.</param>
    /// <param name="beside">Done beside it; must not change anything that the other reads.</param>
    /// <returns>What each came to.</returns>
    public static (THere Here, TBeside Beside) Both<THere, TBeside>(Func<THere> here, Func<TBeside> beside)
    {
        var other = Task.Run(beside);
        THere mine;
        try
        {
            mine = here();
        }
        catch
        {
            // Nothing is left running behind the back of whoever catches it.
            _ = Task.WhenAny(other).GetAwaiter().GetResult();
            throw;
        }

        return (mine, other.GetAwaiter().GetResult());
    }
}
