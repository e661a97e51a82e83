using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Practice;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>A change to a brief that asks for less.</summary>
/// <param name="Says">What to change, as a clause in the imperative.</param>
/// <param name="Change">The brief with that changed.</param>
internal sealed record Wish(string Says, Func<Brief, Brief> Change)
{
    /// <summary>Everything that a brief asks for and that could be asked for less strictly, the smaller changes first.</summary>
    public static IEnumerable<Wish> Of(Surface surface, Condition start, Firm firm)
    {
        var brief = surface.Brief;
        if (brief.Sheen is { } sheen)
        {
            yield return new($"take {string.Join(" or ", Sheens(brief, sheen))} instead of {Lower(sheen)}", b => b with { Sheen = null });
        }

        if (brief.VocMost is { } most)
        {
            yield return new(FormattableString.Invariant($"allow overall coats with more than {most} g/l of solvent"), b => b with { VocMost = null });
        }

        if (brief.LowOdour)
        {
            yield return new("allow solventborne coats, with the air moving and nobody about", b => b with { LowOdour = false });
        }

        if (brief.Wear == Wear.Hard)
        {
            yield return new("take a finish for usual wear", b => b with { Wear = Wear.Usual });
        }

        if (brief.Sprayed)
        {
            yield return new("have it brushed or rolled", b => b with { Sprayed = false });
        }

        if (brief.Coats is { } coats)
        {
            yield return new(FormattableString.Invariant($"leave the number of finish coats open, instead of {coats}"), b => b with { Coats = null });
        }

        foreach (var id in brief.Avoid)
        {
            yield return new($"allow \"{Operations.Find(id)?.Title ?? firm.Find(id)?.Title ?? id}\"", b => b with { Avoid = b.Avoid.Remove(id) });
        }

        if (brief.KeepOldFilm)
        {
            yield return new("let the old film come off", b => b with { KeepOldFilm = false });
        }

        if (brief.Smooth)
        {
            yield return new("paint the texture as it is", b => b with { Smooth = false });
        }

        if (brief.Strip)
        {
            yield return new("let the old film stay where it holds", b => b with { Strip = false });
        }

        if (brief.Reflectance is { } lrv)
        {
            yield return new(FormattableString.Invariant($"take another colour than one that reflects {lrv:0.#} %"), b => b with { Lrv = null, Colour = null });
        }

        var usual = Goal.DefaultFinish(surface, start);
        if (brief.Finish is { } family && family != usual)
        {
            yield return new($"take {Words(usual)} instead of {Words(family)}", b => b with { Finish = null });
        }

        // Those that the rest of the brief leaves; where it leaves none, those that there are.
        IEnumerable<string> Sheens(Brief wanted, Sheen unlike)
        {
            var left = From(wanted with { Sheen = null });
            return (left.Length > 0 ? left : From(new Brief { Finish = wanted.Finish })).Where(s => s != unlike).Select(Lower);
        }

        Sheen[] From(Brief some) => [.. Goal.For(surface with { Brief = some }, start, firm).Finishes.Where(Borne).SelectMany(f => f.Sheens).Distinct().Order()];

        // What would shut in a wall that must breathe is no help.
        bool Borne(CoatingClass finish) => Compatibility.VapourSteps(finish) <= (int)start.Get(Facets.Breath);
    }

    private static string Lower(Sheen sheen) => sheen.ToString().ToLowerInvariant();

    private static string Words(FinishFamily family) =>
        family switch
        {
            FinishFamily.WallPaint => "wall paint",
            FinishFamily.TrimPaint => "trim paint",
            FinishFamily.Masonry => "masonry paint",
            FinishFamily.Metal => "metal paint",
            FinishFamily.Radiator => "radiator paint",
            FinishFamily.Clear => "a clear or stained finish",
            FinishFamily.Floor => "floor paint",
            FinishFamily.Tile => "tile paint",
            FinishFamily.Gutter => "gutter paint",
            _ => throw new ArgumentOutOfRangeException(nameof(family)),
        };
}
