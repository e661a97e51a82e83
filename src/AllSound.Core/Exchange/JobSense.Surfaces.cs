using System.Collections.Immutable;
using System.Runtime.CompilerServices;
using System.Text.RegularExpressions;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Quantities;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Exchange;

/// <content>What can be wrong with one surface.</content>
public static partial class JobSense
{
    // Surfaces that were found without fault, and beside which walls and products: records are values, so they still are.
    private static readonly ConditionalWeakTable<Surface, Beside> Faultless = [];

    private sealed record Beside(ImmutableArray<Wall> Walls, ImmutableArray<OwnProduct> Products);

    private static void SurfaceFaults(Faults faults, string at, Space space, Surface surface)
    {
        // What it is part of may have changed without it.
        ZoneFaults(faults, $"{at}.zone", space, surface);
        var beside = new Beside(space.Walls, faults.Products);
        if (Faultless.TryGetValue(surface, out var known) && known == beside)
        {
            return;
        }

        var before = faults.Count;
        OwnFaults(faults, at, space, surface);
        if (faults.Count == before && !faults.IsFull)
        {
            Faultless.AddOrUpdate(surface, beside);
        }
    }

    private static void OwnFaults(Faults faults, string at, Space space, Surface surface)
    {
        LengthLimits.Check(faults, at, surface);
        Name(faults, $"{at}.id", surface.Id);
        Text(faults, $"{at}.title", surface.Title);
        Year(faults, $"{at}.year", surface.Year);
        Range(faults, $"{at}.ageDays", surface.AgeDays, 0, 3650);
        if (Substrates.Find(surface.Substrate) is null)
        {
            faults.Add($"{at}.substrate", $"unknown substrate '{surface.Substrate}'; expected one of {string.Join(", ", Substrates.Named.Select(s => s.Id))}");
        }

        if (surface.Wall is { } wall && space.Walls.All(w => w.Id != wall))
        {
            faults.Add($"{at}.wall", $"the space has no wall '{wall}'");
        }

        Range(faults, $"{at}.size.lengthM", surface.Size?.LengthM, 0.01, 10_000);
        Range(faults, $"{at}.size.heightM", surface.Size?.HeightM, 0.005, 100);
        Range(faults, $"{at}.size.areaM2", surface.Size?.AreaM2, 0.01, 100_000);
        Range(faults, $"{at}.size.profile", surface.Size?.Profile, 1, 4);
        FormFaults(faults, at, surface);
        Layers(faults, at, surface);
        FactFaults(faults, $"{at}.facts", surface);
        for (var i = 0; i < surface.Signs.Length; i++)
        {
            SignFaults(faults, $"{at}.signs[{i}]", surface.Signs[i]);
        }

        Readings(faults, at, surface);
        Range(faults, $"{at}.brief.lrv", surface.Brief.Lrv, 0, 100);
        Range(faults, $"{at}.brief.coats", surface.Brief.Coats, 1, 5);
        Range(faults, $"{at}.brief.hoursPerDay", surface.Brief.HoursPerDay, 0.5, 24);
        BriefFaults(faults, $"{at}.brief", surface.Brief);
        for (var i = 0; i < surface.Brief.Avoid.Length; i++)
        {
            var id = surface.Brief.Avoid[i];
            if (Operations.Find(id) is null && Coatings.Find(id) is null)
            {
                faults.Add($"{at}.brief.avoid[{i}]", $"neither an operation nor a product: '{id}'");
            }
        }

        Sequence(faults, $"{at}.sequence", surface.Sequence);
        Sequence(faults, $"{at}.done", surface.Done);
    }

    private static void FormFaults(Faults faults, string at, Surface surface)
    {
        if (surface.Form is not { } form)
        {
            return;
        }

        if (Forms.Find(form.Kind) is null)
        {
            faults.Add($"{at}.form.kind", $"unknown form '{form.Kind}'; expected one of {string.Join(", ", Forms.All.Select(f => f.Id))}");
        }

        Range(faults, $"{at}.form.depthMm", form.DepthMm, 1, 500);
        Range(faults, $"{at}.form.pitchMm", form.PitchMm, 5, 2000);
        Range(faults, $"{at}.form.diameterMm", form.DiameterMm, 3, 3000);
        Range(faults, $"{at}.form.lights", form.Lights, 1, 200);
        Range(faults, $"{at}.form.count", form.Count, 1, 1000);
        Range(faults, $"{at}.form.sides", form.Sides, 1, 2);
    }

    private static void ZoneFaults(Faults faults, string at, Space space, Surface surface)
    {
        if (surface.Zone is not { } zone)
        {
            return;
        }

        var parent = space.Surfaces.FirstOrDefault(s => s.Id == zone.Of);
        if (parent is null || parent.Id == surface.Id)
        {
            faults.Add($"{at}.of", $"the space has no other surface '{zone.Of}'");
        }
        else if (parent.Zone is not null)
        {
            faults.Add($"{at}.of", $"'{zone.Of}' is a zone itself; zones are cut from the whole element");
        }

        Range(faults, $"{at}.leftM", zone.LeftM, 0, 200);
        Range(faults, $"{at}.bottomM", zone.BottomM, 0, 100);
        Range(faults, $"{at}.widthM", zone.WidthM, 0.02, 200);
        Range(faults, $"{at}.heightM", zone.HeightM, 0.005, 100);
    }

    private static void SignFaults(Faults faults, string at, SignSeen seen)
    {
        if (Signs.Find(seen.Sign) is not { } sign)
        {
            faults.Add($"{at}.sign", $"unknown sign '{seen.Sign}'; ./allsound signs lists them");
            return;
        }

        Range(faults, $"{at}.share", seen.Share, 0, 1);
        var scale = sign.Scale is { } id ? RatingScales.Find(id) : null;
        if (seen.Grade is { } grade && scale?.Place(grade) is null)
        {
            faults.Add(
                $"{at}.grade",
                scale is null
                    ? $"{sign.Id} is not graded: record whether it is there"
                    : $"expected one of {string.Join(", ", scale.Classes.Select(c => c.Name))}, found '{grade}'"
            );
        }

        if (seen.Measure is not null && scale?.Unit is null)
        {
            faults.Add($"{at}.measure", scale is null ? $"{sign.Id} is not graded: record whether it is there" : $"{scale.Id} is graded by picture: give the class");
        }

        Range(faults, $"{at}.measure", seen.Measure, 0, scale?.Unit == "%" ? 100 : 100_000);
        if (seen.Size is { } size && RatingScales.Find("iso4628-1-size")!.Place(size) is null)
        {
            faults.Add($"{at}.size", "expected a size class S0 to S5");
        }
    }

    private static void Layers(Faults faults, string at, Surface surface)
    {
        for (var i = 0; i < (surface.Layers?.Length ?? 0); i++)
        {
            var layer = surface.Layers!.Value[i];
            if (ExistingCoatings.Find(layer.Coating) is null)
            {
                faults.Add(
                    $"{at}.layers[{i}].coating",
                    $"unknown coating '{layer.Coating}'; expected one of {string.Join(", ", ExistingCoatings.Named.Select(c => c.Id))}"
                );
            }

            Range(faults, $"{at}.layers[{i}].coats", layer.Coats, 1, 60);
            Range(faults, $"{at}.layers[{i}].lrv", layer.Lrv, 0, 100);
            Range(faults, $"{at}.layers[{i}].ageDays", layer.AgeDays, 0, 3650);
            Year(faults, $"{at}.layers[{i}].year", layer.Year);
        }
    }

    // What the list of facts takes: shares as fractions, numbers as they are.
    private static readonly ImmutableArray<(string Key, double Least, double Most, Func<Facts, double?> Read)> Ranges =
    [
        .. from field in FactSheet.Groups.SelectMany(g => g.Fields)
        where field.Kind is FactKind.Percent or FactKind.Number
        let scale = field.Kind is FactKind.Percent ? 100 : 1
        let property = typeof(Facts).GetProperties().Single(p => System.Text.Json.JsonNamingPolicy.CamelCase.ConvertName(p.Name) == field.Key)
        select (
            field.Key,
            field.Least!.Value / scale,
            field.Most!.Value / scale,
            (Func<Facts, double?>)(f => property.GetValue(f) is { } value ? Convert.ToDouble(value, System.Globalization.CultureInfo.InvariantCulture) : null)
        ),
    ];

    private static void FactFaults(Faults faults, string at, Surface surface)
    {
        var facts = surface.Facts;
        foreach (var (key, least, most, read) in Ranges)
        {
            Range(faults, $"{at}.{key}", read(facts), least, most);
        }

        if (facts.BareShare + facts.LooseShare > 1.0001)
        {
            faults.Add($"{at}.looseShare", "bare and loose together are more than the whole surface");
        }

        if (surface.Layers is { IsEmpty: true } && facts.LooseShare > 0)
        {
            faults.Add($"{at}.looseShare", "no coats are recorded, so none can be loose");
        }
    }

    private static void Readings(Faults faults, string at, Surface surface)
    {
        for (var i = 0; i < surface.Readings.Length; i++)
        {
            ReadingFaults(faults, $"{at}.readings[{i}]", surface.Readings[i]);
        }
    }

    private static void ReadingFaults(Faults faults, string here, Reading reading)
    {
        if (Checks.Find(reading.Check) is not { } check)
        {
            faults.Add($"{here}.check", $"unknown check '{reading.Check}'");
            return;
        }

        if (reading.Outcome is { } outcome)
        {
            if (check.Find(outcome) is null)
            {
                faults.Add(
                    $"{here}.outcome",
                    check.Outcomes.IsEmpty ? $"{check.Id} is read in {check.Unit}, not judged" : $"expected one of {string.Join(", ", check.Outcomes.Select(o => o.Id))}"
                );
            }

            if (reading.Value is not null)
            {
                faults.Add($"{here}.value", "give a value or an outcome, not both");
            }

            return;
        }

        if (reading.Value is not { } value)
        {
            faults.Add(here, "expected a value or an outcome");
            return;
        }

        if (check.Unit is null)
        {
            faults.Add($"{here}.value", $"{check.Id} is judged, not read: give an outcome, one of {string.Join(", ", check.Outcomes.Select(o => o.Id))}");
            return;
        }

        if (check.InOwnUnit(value, reading.Unit) is not { } read)
        {
            faults.Add($"{here}.unit", $"{check.Id} is read in {string.Join(" or ", check.OtherUnits.Select(u => u.Unit).Prepend(check.Unit))}, not {reading.Unit}");
            return;
        }

        Range(faults, $"{here}.value", read, check.Range.Least, check.Range.Most);
    }

    private static void Sequence(Faults faults, string at, ImmutableArray<SequenceStep>? sequence)
    {
        if (sequence is not { } steps)
        {
            return;
        }

        for (var i = 0; i < steps.Length; i++)
        {
            var step = steps[i];
            var operation = Operations.Find(step.Operation);
            if (operation is null)
            {
                faults.Add($"{at}[{i}].operation", $"unknown operation '{step.Operation}'; ./allsound operations lists them");
            }
            else if (step.Product is { } product && (faults.Class(product) is not { } coating || !operation.Products.Contains(coating)))
            {
                faults.Add(
                    $"{at}[{i}].product",
                    operation.Products.IsEmpty ? $"{operation.Id} uses no product" : $"{operation.Id} uses one of {string.Join(", ", operation.Products)}"
                );
            }

            Range(faults, $"{at}[{i}].waitHours", step.WaitHours, 0, 100_000);
        }
    }
}
