namespace AllSound.Planning;

/// <summary>
/// Runs two independent pieces of work in parallel where a core is idle. Where as many threads are at work as there are cores, both run one
/// after the other, as more threads would only get in each other's way.
/// </summary>
/// <example>
/// <c>var (bound, plan) = Workers.Both(() => Bound(task), () => Plan(task))</c>: parallel on an idle machine, one after the other inside a loop that keeps all cores busy.
/// </example>
public static class Workers
{
    private static int atWork;

    /// <summary>Counts one more thread as busy, until the returned value is disposed of.</summary>
    public static Place Enter()
    {
        Interlocked.Increment(ref atWork);
        return default;
    }

    /// <summary>Runs both.</summary>
    /// <param name="here">Runs on this thread.</param>
    /// <param name="beside">Runs in parallel or afterwards; must not change anything that the other reads.</param>
    /// <returns>Both results.</returns>
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
            // Wait, so that nothing is still running when the exception is caught.
            _ = Task.WhenAny(other).GetAwaiter().GetResult();
            throw;
        }

        return (mine, other.GetAwaiter().GetResult());
    }

    /// <summary>Runs the same function on each of several items; the results are in the order of the items.</summary>
    /// <param name="of">The items.</param>
    /// <param name="each">The function; must not change anything that it reads for another item.</param>
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

    /// <summary>A busy thread.</summary>
    public readonly struct Place : IDisposable
    {
        /// <summary>Ends it.</summary>
        public void Dispose() => Interlocked.Decrement(ref atWork);
    }
}
