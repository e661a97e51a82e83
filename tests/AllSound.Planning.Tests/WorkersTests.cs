using Xunit;

namespace AllSound.Planning.Tests;

/// <summary>Two pieces of work side by side: both are done, and nothing is left running when one fails.</summary>
public sealed class WorkersTests
{
    [Fact]
    public void Both_are_done_and_told_apart() => Assert.Equal((3, "beside"), Workers.Both(() => 1 + 2, () => "beside"));

    [Fact]
    public void Work_within_work_comes_to_an_end_however_few_threads_there_are()
    {
        Assert.Equal(1 << 10, Count(10));

        static int Count(int deep)
        {
            if (deep == 0)
            {
                return 1;
            }

            var (here, beside) = Workers.Both(() => Count(deep - 1), () => Count(deep - 1));
            return here + beside;
        }
    }

    [Fact]
    public void Where_every_core_is_at_work_one_is_done_after_the_other()
    {
        var places = Enumerable.Range(0, Environment.ProcessorCount).Select(_ => Workers.Enter()).ToArray();
        try
        {
            var thread = Environment.CurrentManagedThreadId;
            var (here, beside) = Workers.Both(() => Environment.CurrentManagedThreadId, () => Environment.CurrentManagedThreadId);
            Assert.Equal((thread, thread), (here, beside));
        }
        finally
        {
            foreach (var place in places)
            {
                place.Dispose();
            }
        }
    }

    [Fact]
    public void What_fails_here_is_thrown_once_the_other_is_done()
    {
        using var failing = new ManualResetEventSlim();
        var begun = false;
        var done = false;
        var thrown = Assert.Throws<InvalidOperationException>(() =>
            Workers.Both<int, int>(
                () =>
                {
                    failing.Set();
                    throw new InvalidOperationException("here");
                },
                () =>
                {
                    begun = true;
                    failing.Wait();
                    done = true;
                    return 0;
                }
            )
        );

        Assert.Equal("here", thrown.Message);

        // With every core at work it was not even begun.
        Assert.Equal(begun, done);
    }

    [Fact]
    public void What_fails_beside_is_thrown_as_it_is() =>
        Assert.Equal(
            "beside",
            Assert.Throws<InvalidOperationException>(() => Workers.Both<int, int>(() => 1, () => throw new InvalidOperationException("beside"))).Message
        );

    [Theory]
    [InlineData(0)]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(50)]
    public void Each_is_done_once_and_what_comes_of_it_keeps_its_place(int count)
    {
        var times = new int[count];
        var squares = Workers.Each(
            Enumerable.Range(0, count).ToArray(),
            i =>
            {
                Interlocked.Increment(ref times[i]);
                return i * i;
            }
        );

        Assert.Equal(Enumerable.Range(0, count).Select(i => i * i), squares);
        Assert.All(times, t => Assert.Equal(1, t));
    }

    [Fact]
    public void What_fails_for_one_of_them_is_thrown() => Assert.Throws<FormatException>(() => Workers.Each([1, 2, 3], i => i == 2 ? throw new FormatException() : i));

    [Fact]
    public void Work_beside_counts_as_a_thread_at_work_and_is_done_with_after()
    {
        // With one place left a lane takes it, and a lane within it finds none: both of its pieces run on one thread.
        var places = Enumerable.Range(0, Environment.ProcessorCount - 1).Select(_ => Workers.Enter()).ToArray();
        try
        {
            for (var round = 0; round < 20; round++)
            {
                var (_, (here, beside)) = Workers.Both(() => 0, () => Workers.Both(() => Environment.CurrentManagedThreadId, () => Environment.CurrentManagedThreadId));
                Assert.Equal(here, beside);
            }
        }
        finally
        {
            foreach (var place in places)
            {
                place.Dispose();
            }
        }
    }
}
