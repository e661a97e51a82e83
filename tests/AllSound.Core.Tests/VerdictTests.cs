using AllSound.Core.Jobs;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Testing;
using Xunit;
using static AllSound.Testing.One;

namespace AllSound.Core.Tests;

/// <summary>How a surface stands, told at a glance.</summary>
public sealed class VerdictTests
{
    private static Verdict Of(Facts facts, params Layer[] layers) => Section.VerdictOf(Specify(Surface(Element.Wall, "gyp_old", facts, layers)));

    [Fact]
    public void A_clean_firm_wall_is_sound() => Assert.Equal(Verdict.Sound, Of(Good, Coat("emul_matt")));

    [Fact]
    public void Hollows_to_fill_make_it_one_to_prepare() => Assert.Equal(Verdict.Prepare, Of(Good with { FillShare = 0.05, FillDepthMm = 2 }, Coat("emul_matt")));

    [Fact]
    public void Film_or_ground_that_lets_go_is_failing()
    {
        Assert.Equal(Verdict.Failing, Of(Good with { LooseShare = 0.1, Edges = EdgeNature.Firm }, Coat("emul_matt")));
        Assert.Equal(Verdict.Failing, Of(Good with { Powdery = true }, Coat("emul_matt")));
    }

    [Fact]
    public void What_nobody_has_tried_is_not_tried_yet() => Assert.Equal(Verdict.Unseen, Of(new Facts { Lead = Lead.ProvedAbsent }, Coat("emul_matt")));

    [Fact]
    public void Waiting_for_somebody_is_held() => Assert.Equal(Verdict.Held, Of(Good with { DampSource = DampSource.Open }, Coat("emul_matt")));
}
