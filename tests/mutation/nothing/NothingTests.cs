using AllSound.Core.Jobs;
using Xunit;

namespace AllSound.Mutation;

/// <summary>One test that asks nothing of the core, so that Stryker makes its mutants and is soon done with them: see docs/quality.md.</summary>
public sealed class NothingTests
{
    [Fact]
    public void There_is_a_core() => Assert.NotNull(typeof(Job).FullName);
}
