using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Technique;

/// <summary>The shade of a coat under the finish: it decides how well the finish hides, and shows what is missed.</summary>
/// <remarks>Light reflectance values from 0, black, to 100, white. The rules are common practice; gloss within ten of the finish by BS 6150, from memory.</remarks>
public static class CoatShade
{
    /// <summary>At or under this a ground is dark.</summary>
    private const double Dark = 10;

    /// <summary>From this on a colour is pale.</summary>
    private const double Pale = 60;

    /// <summary>Under this a finish is deep: white beneath it grins through at every thin place.</summary>
    private const double Deep = 25;

    /// <summary>What to have a coat tinted to, as a sentence with its source; null where it is not the last overall coat under an opaque finish, or no colour is known.</summary>
    /// <param name="act">The coat.</param>
    /// <param name="after">What is done after it.</param>
    /// <param name="surface">The surface, for its old colour and its brief.</param>
    public static string? For(Act act, IEnumerable<Act> after, Surface surface)
    {
        ArgumentNullException.ThrowIfNull(act);
        ArgumentNullException.ThrowIfNull(surface);
        var next = after.FirstOrDefault(a => a.Operation.Role is not (CoatRole.None or CoatRole.Spot));
        if (
            act.Operation.Role is not (CoatRole.Primer or CoatRole.Undercoat)
            || act.Product is not { Clear: false }
            || next is not { Operation.Role: CoatRole.Finish, Product: { Clear: false } finish }
            || surface.Brief.Reflectance is not { } wanted
        )
        {
            return null;
        }

        var old = surface.Layers is { IsEmpty: false } layers ? layers[^1].Reflectance : null;
        var (say, source) = Rule(wanted, old, finish);
        return $"{say} ({source})";
    }

    private static (string Say, Source Source) Rule(double wanted, double? old, CoatingClass finish)
    {
        if (wanted < Deep)
        {
            return (
                FormattableString.Invariant($"Near the finish and a little lighter: LRV {wanted + 5:0} to {wanted + 15:0}. White would grin through."),
                Source.Practice
            );
        }

        if (wanted >= Pale)
        {
            return (old <= Dark ? "White, and one that hides well: the old colour is dark. Not tinted." : "White, not tinted.", Source.Practice);
        }

        return finish.Cover == Cover.GlossAlkyd
            ? (
                FormattableString.Invariant($"Within 10 of the finish: LRV {Math.Max(0, wanted - 10):0} to {wanted + 10:0}."),
                Source.Standard("BS 6150", Confidence.Usual)
            )
            : ("White, or half the tint of the finish.", Source.Practice);
    }
}
