using System.Collections.Frozen;
using AllSound.Core.Jobs;
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

    /// <summary>The kind of face of a surface: carved where that is recorded, else by its form, its element and what it is made of.</summary>
    public static Face FaceOf(Surface surface, SubstrateDefinition substrate)
    {
        ArgumentNullException.ThrowIfNull(surface);
        ArgumentNullException.ThrowIfNull(substrate);
        var recorded = surface.Form is { } form ? Forms.Find(form.Kind) : null;
        return surface.Facts.Carved == true ? Face.Carved
            : (recorded ?? Forms.Usual(surface.Element)).Face is { } face ? face
            : surface.Element switch
            {
                Element.Ceiling => Face.Overhead,
                Element.Door or Element.Boarding or Element.Panelling or Element.Skirting or Element.Architrave or Element.Frame or Element.Sill or Element.Surround =>
                    Face.Joinery,
                _ when recorded is null => substrate.Face,
                _ => Face.Flat,
            };
    }

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
