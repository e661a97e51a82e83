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

        var other = Task.Run(() =>
        {
            using var working = Enter();
            return beside();
        });
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

    /// <summary>The same for each of some things, in their order; whoever is free takes the next.</summary>
    /// <param name="of">The things.</param>
    /// <param name="each">Done for each; must not change anything that it reads for another.</param>
    public static TResult[] Each<T, TResult>(IReadOnlyList<T> of, Func<T, TResult> each)
    {
        var results = new TResult[of.Count];
        var next = -1;
        if (results.Length > 1)
        {
            Both(Some, Some);
        }
        else
        {
            Some();
        }

        return results;

        int Some()
        {
            for (int i; (i = Interlocked.Increment(ref next)) < results.Length; )
            {
                results[i] = each(of[i]);
            }

            return 0;
        }
    }

    /// <summary>A thread at work.</summary>
    internal readonly struct Place : IDisposable
    {
        /// <summary>It is done.</summary>
        public void Dispose() => Interlocked.Decrement(ref atWork);
    }
}
