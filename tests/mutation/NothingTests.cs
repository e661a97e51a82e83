using Xunit;

namespace Nothing;

public sealed class NothingTests
{
    [Fact]
    public void Nothing_is_asked() => Assert.NotNull(typeof(AllSound.Core.Surfaces.Job).Name);
}
