using System.Collections.Frozen;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Quantities;

/// <summary>How fast an operation goes on a kind of face.</summary>
public static class Pacing
{
    /// <summary>
    /// Coats by hand against the same coat on a plain face, by painted area. Common practice: finishes on windows 2 of 6 and
    /// 2.3 of 7 square metres an hour over glass, of which 0.63 are painted where a pane is 0.1 to 0.5 (see <see cref="Forms"/>);
    /// on railings 3.5 and on radiators 4 of 5, on ceilings 14 of 18, on brick 9 and on roughcast 5 of 14.
    /// </summary>
    private static readonly FrozenDictionary<Face, double> Coats = new Dictionary<Face, double>
    {
        [Face.Overhead] = 14.0 / 18,
        [Face.Glazed] = 0.63 / 3,
        [Face.Openwork] = 0.7,
        [Face.Radiator] = 0.8,
        [Face.Textured] = 9.0 / 14,
        [Face.Rough] = 5.0 / 14,
    }.ToFrozenDictionary();

    /// <summary>Square metres an hour on a kind of face, of what is treated. 0 where it does not reach in.</summary>
    public static double Of(Operation operation, Face face)
    {
        ArgumentNullException.ThrowIfNull(operation);
        for (Face? at = face; at is { } kind; at = Plainer(kind))
        {
            foreach (var pace in operation.FaceRates)
            {
                if (pace.On == kind)
                {
                    return pace.Rate;
                }
            }
        }

        return operation.Role == CoatRole.None || operation.Sprayed ? operation.Rate : operation.Rate * Coats.GetValueOrDefault(face, 1);
    }

    /// <summary>The kind of face of a surface.</summary>
    public static Face FaceOf(Surface surface, SubstrateFamily family)
    {
        ArgumentNullException.ThrowIfNull(surface);
        var form = (surface.Form is { } recorded ? Forms.Find(recorded.Kind) : null) ?? Forms.Usual(surface.Element);
        if (surface.Facts.Carved == true)
        {
            return Face.Carved;
        }

        return surface.Element switch
        {
            Element.Window when form.Id != "louvre" => Face.Glazed,
            Element.Railing => Face.Openwork,
            Element.Radiator => Face.Radiator,
            _ when form.Face is { } face => face,
            Element.Ceiling => Face.Overhead,
            _ when family is SubstrateFamily.Masonry && surface.Form is null && IsBrick(surface) => Face.Textured,
            Element.Door or Element.Boarding or Element.Panelling or Element.Skirting or Element.Architrave or Element.Frame or Element.Sill or Element.Surround =>
                Face.Joinery,
            _ => Face.Flat,
        };
    }

    // Brick and block are seldom flush; render and cast concrete are.
    private static bool IsBrick(Surface surface) =>
        surface.Substrate is { } id && (id.StartsWith("brick", StringComparison.Ordinal) || id.StartsWith("block", StringComparison.Ordinal));

    // What has no pace of its own goes at that of what it is most like.
    private static Face? Plainer(Face face) =>
        face switch
        {
            Face.Carved or Face.Glazed or Face.Openwork => Face.Moulded,
            Face.Moulded => Face.Joinery,
            Face.Rough => Face.Textured,
            _ => null,
        };
}
