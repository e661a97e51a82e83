using AllSound.Core.Climate;
using AllSound.Core.Inspection;
using AllSound.Core.Quantities;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using F = AllSound.Core.Surfaces.Facets;

namespace AllSound.Core.Assessment;

internal sealed partial class SurveyReader
{
    /// <summary>Least temperature of face and air for ordinary waterborne coats, degrees Celsius (common practice and makers' sheets, from memory).</summary>
    private const double LeastFaceC = 5;

    /// <summary>Most on a face in the sun or on warm metal, degrees Celsius (common practice, from memory).</summary>
    private const double MostFaceC = 40;

    /// <summary>Most on makers' labels, degrees Celsius (from memory).</summary>
    private const double MostAirC = 35;

    /// <summary>Knots to the square metre taken for granted on bare softwood. Judgement.</summary>
    private const double KnotsPerM2 = 4;

    private void ReadMoisture(bool wood)
    {
        var check = wood ? "T_damp_wood" : "T_damp_pin";
        var limit = wood ? "18 % or less" : "16 or less on the meter, as a place known to be dry";
        var fresh = Freshness.NotDry(substrate.Value, surface.AgeDays);
        Known(
            F.Moisture,
            facts.Moisture,
            fresh is null ? Moisture.Dry : Moisture.Drying,
            fresh is null ? Resolved.Assumed : Resolved.Presumed,
            fresh ?? $"Assumes that the fabric is dry: read it before the first coat ({limit}).",
            check
        );
        var moisture = facts.Moisture ?? Moisture.Dry;
        // A ring on a table or a floor is of what was spilt, where it is found dry and nobody knows of a leak.
        var spilt =
            wood
            && surface.Exposure == Exposure.Inside
            && surface.Element is Element.Panelling or Element.Floor or Element.Step
            && facts is { DampSource: DampSource.None, Moisture: Moisture.Dry };
        var stained = facts.WaterStainShare is > 0 && !spilt;
        if (facts.WaterLies == true && facts.DampSource != DampSource.Cured)
        {
            Put(F.DampSource, DampSource.Open);
            Note(F.DampSource, (byte)DampSource.Open, Resolved.Inferred, "Water lies on it: falls and drips are mended first.", "T_leak");
        }
        else if (
            facts.DampSource == DampSource.None
            && moisture >= Moisture.Damp
            && !stained
            && (Freshness.OwnWater(substrate.Value, surface) || Chilled() == Chill.TooCold)
        )
        {
            // Water of building, or dew on a cold face: no source to be mended, it only has to dry.
            Put(F.DampSource, DampSource.None);
        }
        else if (spilt && facts.WaterStainShare > 0)
        {
            Put(F.DampSource, DampSource.None);
            Note(F.DampSource, (byte)DampSource.None, Resolved.Assumed, "Found dry, with no source of water known: the stain is taken for what was spilt.", "T_leak");
        }
        else if (facts.DampSource is { } source && !(source == DampSource.None && (moisture >= Moisture.Damp || stained)))
        {
            Put(F.DampSource, source);
        }
        else if (moisture >= Moisture.Damp || stained)
        {
            Put(F.DampSource, DampSource.Open);
            Note(
                F.DampSource,
                (byte)DampSource.Open,
                Resolved.Presumed,
                stained && moisture < Moisture.Damp
                    ? "A water stain, and its source not recorded as repaired: assumed open."
                    : "Damp, and its source not recorded as repaired: assumed open.",
                "T_leak"
            );
        }
        else
        {
            Known(F.DampSource, null, DampSource.None, Resolved.Inferred, "No sign of damp recorded.", null, quiet: true);
        }
    }

    private void ReadAlkali()
    {
        var young = substrate.Value is Substrate.LimeNew || Freshness.Alkaline(substrate.Value, surface.AgeDays);
        Known(
            F.Alkalinity,
            facts.Ph is { } ph
                ? (
                    ph <= 9 ? Alkalinity.Neutral
                    : ph <= 12 ? Alkalinity.Mild
                    : Alkalinity.High
                )
                : null,
            young ? Alkalinity.High : Alkalinity.Neutral,
            young ? Resolved.Presumed : Resolved.Inferred,
            young ? "New lime or cement: assumed pH over 12." : "Not alkaline by the kind of substrate.",
            "T_ph",
            quiet: !young
        );
    }

    private void ReadStains(bool wood, double bare)
    {
        Known(F.WaterStain, facts.WaterStainShare is { } stain ? Stain(stain > 0) : null, Bleed.None, Resolved.Assumed, "water stains", null);
        if (substrate.Value == Substrate.HardwoodTannin && facts.RustyNails == true && condition.Get(F.WaterStain) == Bleed.None)
        {
            Put(F.WaterStain, Bleed.Live);
            Note(F.WaterStain, (byte)Bleed.Live, Resolved.Inferred, "Iron of the nails turns this wood blue-black round them.", null);
        }

        Known(F.Tar, Stained(facts.Tar, facts.TarShare), Bleed.None, Resolved.Assumed, "nicotine or soot", null, quiet: surface.Exposure == Exposure.Outside);
        Known(F.Ink, Stained(facts.Ink, facts.InkShare), Bleed.None, Resolved.Assumed, "ink or marker", null, quiet: surface.Exposure == Exposure.Outside);
        var softwood = substrate.Value is Substrate.Softwood or Substrate.SoftwoodResinous && !substrate.KnotFree;
        var bareSoftwood = softwood && bare >= 1;
        Known(
            F.Knots,
            facts.Knots is { } knots ? Live(knots > 0) : null,
            Live(bareSoftwood),
            bareSoftwood ? Resolved.Presumed : Resolved.Assumed,
            bareSoftwood ? "Bare softwood, knots not counted: assumed to have some." : "bleeding knots",
            "T_knot",
            quiet: !softwood
        );
        Put(F.Tannin, Live(wood && (facts.Tannin ?? (substrate.Value is Substrate.HardwoodTannin && bare > 0))));
        Put(F.NailHeads, Live(facts.RustyNails == true));
    }

    private Bleed? Stained(bool? there, double? share) => (there ?? (share is { } s ? s > 0 : null)) is { } stained ? Stain(stained) : null;

    // What of air, face and dew point was measured says whether a coat may go on; where nothing was, that is a hold point of its own at each coat.
    private void ReadAir() => Put(F.ColdFace, Chilled());

    private Chill Chilled()
    {
        var coldest = Math.Min(facts.FaceTempC ?? double.MaxValue, facts.AirTempC ?? double.MaxValue);
        var dew = facts is { AirTempC: { } air, AirHumidity: > 0 and var humidity } && Air.Margin(air, humidity, facts.FaceTempC ?? air) < Air.LeastMarginK;
        return dew || coldest < LeastFaceC ? Chill.TooCold
            : facts.FaceTempC > MostFaceC || facts.AirTempC > MostAirC ? Chill.TooHot
            : coldest < 8 ? Chill.Cold
            : coldest < 10 ? Chill.Cool
            : Chill.None;
    }

    private Extents ReadExtents(double bare, double loose)
    {
        var area = measured.AreaM2;
        var knots = facts.Knots ?? (condition.Get(F.Knots) == Bleed.Live ? Math.Max(1, (int)Math.Round(area * KnotsPerM2)) : 0);
        var stain = facts.WaterStainShare ?? 0;
        // 100 mm round a round stain of that area.
        var stainM2 = stain > 0 ? Math.Min(area, Math.PI * Math.Pow(Math.Sqrt(stain * area / Math.PI) + 0.1, 2)) : 0;
        if (stainM2 == 0 && (Shows(F.Tar) || Shows(F.Ink)))
        {
            stainM2 =
                Shows(F.Tar) ? area * (facts.TarShare ?? 1)
                : facts.InkShare is { } inked ? area * inked
                : Math.Min(area, 0.1);
        }

        var joint = facts.OpenJointM ?? (condition.Get(F.Joint) == Joint.Open ? Math.Max(measured.LengthM, 1) : 0);
        var lifting = facts.LiftingShare ?? (facts.Edges == EdgeNature.Lifting ? Math.Min(0.1, (bare + loose) / 2) : 0);
        return new Extents(
            area,
            measured.Narrow ? measured.LengthM : 0,
            measured.Narrow,
            bare * area,
            loose * area,
            lifting * area,
            stainM2,
            knots,
            (facts.FillShare ?? 0) * area,
            joint,
            // A recorded form holds its texture in the area; what is left is how much the ground drinks.
            Forms.Texture(surface)
                is null
                ? substrate.SpreadClass
                : Math.Min(substrate.SpreadClass, 1),
            Pacing.FaceOf(surface, substrate),
            Geometry.Edge(space, surface, measured),
            Forms.Texture(surface) ?? 1
        )
        {
            Slowed = Slowing.Of(job.Rates, space, surface, facts),
            MouldM2 = area * (facts.MouldShare is > 0 and var mouldy ? mouldy : 1),
            SaltM2 = area * (facts.SaltShare is > 0 and var salted ? salted : 1),
            // Half as deep as wide, and 6 mm at the least, where only one was measured. Common practice.
            JointSectionMm2 =
                facts.JointWidthMm is { } wide ? wide * (facts.JointDepthMm ?? Math.Max(6, wide / 2))
                : facts.JointDepthMm is { } deep ? 6 * deep
                : null,
        };
    }
}
