using System.Collections.Frozen;
using AllSound.Core.Assessment;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

// What an unmet need comes to: taken as met, asked, noted or a fault.
internal sealed partial class Follower
{
    // Share of the least wait that another maker's sheet may give, and the warmth from which it holds, degrees Celsius. Judgement.
    private const double Near = 0.6;
    private const double NearFiller = 0.5;
    private const double Warm = 15;

    // Minutes that nobody counts. Judgement.
    private const int AtOnce = 15;

    // From when walls were painted with waterborne masonry paint from new. Judgement, from memory.
    private const int MasonryPaintFrom = 1970;

    // Facets that no work changes: a need that fails by one of them is not put right by pretending it were otherwise.
    private static readonly FrozenSet<int> Given = new Facet[]
    {
        Facets.Substrate,
        Facets.Exposure,
        Facets.Film,
        Facets.Lead,
        Facets.Asbestos,
        Facets.Removable,
        Facets.VoidBehind,
        Facets.ThinFace,
        Facets.GlassNear,
        Facets.Cover,
    }
        .Select(f => f.Index)
        .ToFrozenSet();

    // Says of an unmet need whether it is taken as met, asked, noted or a fault, and goes on as if it were met.
    private Condition Judge(
        Need need,
        in Condition now,
        int at,
        Act? act,
        int? waited,
        IReadOnlyList<string>? written,
        List<Flaw> flaws,
        List<Open> open,
        List<Act> taken,
        List<(int At, Need Need)> notes,
        bool putRight
    )
    {
        if (need.Clock is { } clock)
        {
            // Sheets differ: what is waited for most of the usual time in a usual warmth is worth a word and no more.
            // A quarter of an hour passes while the tin is opened.
            if (now.MinutesLeft(clock) <= AtOnce)
            {
                return now.After(now.MinutesLeft(clock));
            }

            // Denibbing is begun as soon as the coat can be rubbed.
            var near = clock == Drying.Coat && act?.Operation.Group != Group.Denib ? Near : NearFiller;
            if (waited is { } minutes && minutes >= near * (minutes + now.MinutesLeft(clock)) && appraised.Facts.AirTempC is null or >= Warm)
            {
                notes.Add((at, need));
                return now.After(now.MinutesLeft(clock));
            }

            flaws.Add(new Flaw(at, need, null));
            return putRight ? now.After(now.MinutesLeft(clock)) : now;
        }

        if (Allowance.For(need, new AllowanceAt(start, now, appraised.Facts, surface.Facts, act, cleans, cares, undercoats)) is { } let)
        {
            if (let.How == Passing.Asked)
            {
                open.Add(new Open(at, need, Presumed: false));
            }

            if (let.How is Passing.Noted or Passing.Told)
            {
                notes.Add((at, need));
            }

            return let.How is Passing.Idle or Passing.Told or Passing.Asked ? now : Put(need, now);
        }

        // A face that was measured wet does not dry because nobody wrote that it should.
        if (
            need == GroundNeeds.FabricDry
            && (appraised.Facts.Moisture == Moisture.Wet || (appraised.Facts is { Moisture: Moisture.Damp, DampSource: DampSource.None }))
            && now.Get(Facets.Moisture) == start.Get(Facets.Moisture)
        )
        {
            flaws.Add(new Flaw(at, need, null));
            return putRight ? Put(need, now) : now;
        }

        // What was found grey does not get bright because nobody wrote that it should.
        if (
            need == GroundNeeds.GreyOff
            && appraised.Facts.GreyWood == true
            && now.Get(Facets.Grey) == start.Get(Facets.Grey)
            && act?.Product is { } coat
            // Stain and oil may go on sawn boards that were only brushed or washed.
            && (!coat.Clear || coat.Cover == Cover.Varnish || !(written is not null && Topics.Cleaned(written)))
            && !(written is not null && Topics.Spoken(need, now, written))
        )
        {
            flaws.Add(new Flaw(at, need, null));
            return putRight ? Put(need, now) : now;
        }

        // What was found greasy does not get clean because nobody wrote that it should.
        if (
            (need == GroundNeeds.SoilOff || need == GroundNeeds.GreaseOff)
            && appraised.Facts.Soil is Soil.Greasy or Soil.Tarry or Soil.Sooty
            && now.Get(Facets.Soil) == start.Get(Facets.Soil)
            && act is { Operation.Role: not CoatRole.None } or { Operation.Group: Group.Repair or Group.Fill or Group.Decontaminate or Group.Abrade }
            && !(written is not null && Topics.Spoken(GroundNeeds.GreaseOff, now, written))
        )
        {
            // It is told at the coat, and filling over it makes nothing clean.
            if (act.Operation.Role == CoatRole.None)
            {
                return now;
            }

            flaws.Add(new Flaw(at, need, null));
            return putRight ? Put(need, now) : now;
        }

        // Nor does what was found to powder hold, unwashed and unrubbed, for a key that nobody wrote.
        if (
            need == GroundNeeds.PowderBound
            && appraised.Facts.Powdery == true
            && now.Get(Facets.Powder) == start.Get(Facets.Powder)
            && (now.Get(Facets.Soil) == start.Get(Facets.Soil) || start.Get(Facets.Soil) == Soil.Clean)
            && act is { Operation.Role: not CoatRole.None }
            && !(written is not null && Topics.Spoken(need, now, written))
        )
        {
            flaws.Add(new Flaw(at, need, null));
            return putRight ? Put(need, now) : now;
        }

        // Who writes that a coat stood past its window means that it did, and writes down that it was keyed.
        if (!(need == Needs.WindowOpen && waited is not null) && unsaid.Meets(need, now) is { } met)
        {
            taken.Add(met.By);
            if (met.Asked)
            {
                open.Add(new Open(at, need, Presumed: true));
            }

            return appraised.Facts.Powdery == true ? met.After.With(Facets.Powder, now.Get(Facets.Powder)) : met.After;
        }

        if (Asked(need, now) is { } settled)
        {
            open.Add(new Open(at, need, Presumed: false));
            return settled;
        }

        if (need.Severity == Severity.Note || (need.Severity == Severity.Poor && act is not null))
        {
            if (need.Severity == Severity.Poor)
            {
                notes.Add((at, need));
            }

            return now;
        }

        // Words before it that speak of the very thing, in whatever way, are taken as its being done.
        if (written is not null && !Lapsed(need, waited) && Topics.Spoken(need, now, written))
        {
            notes.Add((at, need));
            return Put(need, now);
        }

        flaws.Add(new Flaw(at, need, null));
        return putRight ? Put(need, now) : now;
    }

    // Bright metal does not stay so.
    private static bool Lapsed(Need need, int? waited) => need.Id.StartsWith("prepared-", StringComparison.Ordinal) && waited > Weathering.BareMetalHours * 60;

    // It fails only by what nobody stated: as it would be were that otherwise. Dry and hot work on what may be lead paint is no matter of asking.
    private Condition? Asked(Need need, in Condition now)
    {
        if (
            need == SiteNeeds.LeadAbsent
            && !OnlyMasonryPaint()
            && start.Get(Facets.Film) is not (Film.None or Film.Limewash or Film.SoftDistemper or Film.Casein or Film.Silicate)
        )
        {
            return null;
        }

        foreach (var test in need.Any)
        {
            if (soft.Contains(test.Facet.Index) && now[test.Facet] == start[test.Facet])
            {
                // Lead that is asked about is not taken as absent: what is done dry further on is a danger all the same.
                return test.Facet == Facets.Lead ? now : With(now, test);
            }
        }

        return null;
    }

    // Masonry paint and nothing older on walls of its own time: lead is asked about there.
    private bool OnlyMasonryPaint() =>
        appraised.Year >= MasonryPaintFrom
        && surface is { Exposure: Exposure.Outside, Layers: { Length: > 0 } layers }
        && layers.All(l => ExistingCoatings.Find(l.Coating)?.Value == Film.MasonryAcrylic);

    private static Condition Put(Need need, in Condition now)
    {
        foreach (var test in need.Any)
        {
            if (!Given.Contains(test.Facet.Index))
            {
                return With(now, test);
            }
        }

        return now;
    }

    private static Condition With(in Condition now, Test test)
    {
        for (byte value = 0; value < test.Facet.Size; value++)
        {
            if (test.Allows(value))
            {
                return now.With(test.Facet.Index, value);
            }
        }

        return now;
    }
}
