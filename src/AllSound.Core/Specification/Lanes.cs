namespace AllSound.Core.Specification;

/// <summary>
/// Two pieces of work of which neither hangs on the other, side by side where a core has nothing else to do. Where many
/// surfaces are worked on at once there is none: then both are done one after the other, since lanes would only be in each
/// other's way.
/// </summary>
internal static class Lanes
{
    private static int atWork;

    /// <summary>Says that one thread more is at work, until what is returned is disposed of.</summary>
    public static Place Enter()
    {
        Interlocked.Increment(ref atWork);
        return default;
    }

    /// <summary>Does both.</summary>
    /// <param name="here">Done on this thread.</param>
    /// <param name="beside">Done beside it, or after it; must not change anything that the other reads.</param>
    /// <returns>What each came to.</returns>
    public static (THere Here, TBeside Beside) Both<THere, TBeside>(Func<THere> here, Func<TBeside> beside)
    {
        if (Volatile.Read(ref atWork) >= Environment.ProcessorCount)
        {
            return (here(), beside());
        }

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

    /// <summary>A thread at work.</summary>
    internal readonly struct Place : IDisposable
    {
        /// <summary>It is done.</summary>
        public void Dispose() => Interlocked.Decrement(ref atWork);
    }
}
