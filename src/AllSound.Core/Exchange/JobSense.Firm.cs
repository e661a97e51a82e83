using System.Collections.Immutable;
using AllSound.Core.Assessment;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Practice;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Exchange;

/// <summary>Sense of what the firm says of itself: products, house rules, trial patches; and of the brief.</summary>
public static partial class JobSense
{
    /// <summary>Everything wrong with the firm's products, rules and trials, its price lists, store and quotations, with paths from the job.</summary>
    public static ImmutableArray<Fault> FirmFaults(Job job)
    {
        ArgumentNullException.ThrowIfNull(job);
        var faults = new Faults(job.Products);
        FirmFaults(faults, job);
        BuyingFaults(faults, job);
        foreach (var (_, _, surface) in job.Buildings.IsDefault ? [] : job.Surfaces())
        {
            foreach (var product in (surface.Sequence ?? []).Select(s => s.Product).OfType<string>().Where(p => faults.Class(p) is null).Distinct(StringComparer.Ordinal))
            {
                faults.Add("$.products", $"'{product}' is still in the own sequence of {surface.Title}");
            }
        }

        return faults.ToImmutable();
    }

    private static void FirmFaults(Faults faults, Job job)
    {
        foreach (var (path, some) in new[] { ("$.mustBeWritten", job.MustBeWritten), ("$.needNotBeWritten", job.NeedNotBeWritten) })
        {
            for (var i = 0; i < some.Length; i++)
            {
                if (Treatment.Operations.Find(some[i]) is null)
                {
                    faults.Add($"{path}[{i}]", $"unknown operation '{some[i]}'; ./allsound operations lists them");
                }
            }
        }

        var ids = new HashSet<string>(StringComparer.Ordinal);
        for (var i = 0; i < job.Products.Length; i++)
        {
            var at = $"$.products[{i}]";
            var product = job.Products[i];
            var before = faults.Count;
            Name(faults, $"{at}.id", product.Id);
            Text(faults, $"{at}.title", product.Title);
            Unique(faults, $"{at}.id", product.Id, ids);
            if (Coatings.Find(product.Class) is null)
            {
                faults.Add($"{at}.class", $"unknown product class '{product.Class}'; ./allsound products lists them");
            }

            Range(faults, $"{at}.spread", product.Spread, 0.1, 100);
            Range(faults, $"{at}.volumeSolids", product.VolumeSolids, 1, 100);
            Range(faults, $"{at}.microns", product.Microns, 1, 2000);
            Range(faults, $"{at}.thinMost", product.ThinMost, 0, 100);
            Range(faults, $"{at}.leastHours", product.LeastHours, 0.1, 2000);
            Range(faults, $"{at}.advisedHours", product.AdvisedHours, 0.1, 2000);
            Range(faults, $"{at}.latestDays", product.LatestDays, 1, 365);
            Range(faults, $"{at}.voc", product.Voc, 0, 1000);
            Range(faults, $"{at}.leastC", product.LeastC, -20, 40);
            Range(faults, $"{at}.mostC", product.MostC, 0, 60);
            Range(faults, $"{at}.litrePrice", (double?)product.LitrePrice, 0, 1000);
            for (var t = 0; t < product.Tins.Length; t++)
            {
                Range(faults, $"{at}.tins[{t}]", product.Tins[t], 0.01, 1000);
                if (t > 0 && product.Tins[t] <= product.Tins[t - 1])
                {
                    faults.Add($"{at}.tins[{t}]", "expected tin sizes in ascending order");
                }
            }

            if (faults.Count == before && Coatings.Find(product.Class) is { } of)
            {
                Plausible(faults, at, product, of);
            }
        }

        Rules(faults, "$.houseRules", job.HouseRules);
        var surfaces = job.Buildings.IsDefault ? [] : job.Surfaces().Select(s => s.Surface.Id).ToHashSet(StringComparer.Ordinal);
        for (var i = 0; i < job.Trials.Length; i++)
        {
            var at = $"$.trials[{i}]";
            var trial = job.Trials[i];
            if (!surfaces.Contains(trial.Surface))
            {
                faults.Add($"{at}.surface", $"the job has no surface '{trial.Surface}'");
            }

            if (Operations.Find(trial.Method) is not { Group: Group.Strip, Refused: false })
            {
                faults.Add($"{at}.method", $"expected an operation that strips, found '{trial.Method}'");
            }

            Range(faults, $"{at}.dwellMinutes", trial.DwellMinutes, 0, 10_000);
            Range(faults, $"{at}.cleared", trial.Cleared, 0, 1);
            Range(faults, $"{at}.minutes", trial.Minutes, 0.1, 1000);
            Range(faults, $"{at}.areaM2", trial.AreaM2, 0.001, 4);
        }
    }

    // A number far from those of its class is a slip of the pen or of the unit. How far is judgement.
    private static void Plausible(Faults faults, string at, OwnProduct product, CoatingClass of)
    {
        Near($"{at}.spread", product.Spread, of.Spread.Smooth / 3, of.Spread.Smooth * 2.5, "m2/L");
        Near($"{at}.thinMost", product.ThinMost, 0, Math.Max(30, of.ThinMost * 2), "%");
        Near($"{at}.microns", product.Microns, of.Microns / 4.0, of.Microns * 4.0, "micrometres");
        Near($"{at}.leastHours", product.LeastHours, of.Drying.Least / 10, of.Drying.Least * 20, "hours");
        if (product is { AdvisedHours: { } advised, LeastHours: { } least } && advised < least)
        {
            faults.Add($"{at}.advisedHours", $"expected {least} or more, the least wait, found {advised}");
        }

        if ((product.LatestDays ?? of.Drying.LatestDays) * 24 < (product.LeastHours ?? of.Drying.Least))
        {
            faults.Add($"{at}.latestDays", "the coat would have to be keyed before it may be overcoated");
        }

        if ((product.LeastC ?? of.Temperature.Least) >= (product.MostC ?? of.Temperature.Most))
        {
            faults.Add($"{at}.leastC", $"expected less than the most, {product.MostC ?? of.Temperature.Most} °C");
        }

        void Near(string path, double? value, double least, double most, string unit)
        {
            if (value is { } v && (v < least || v > most))
            {
                faults.Add(path, FormattableString.Invariant($"{v} {unit} is not plausible for {of.Title}: expected {least:0.##} to {most:0.##}"));
            }
        }
    }

    private static void BriefFaults(Faults faults, string at, Brief brief)
    {
        Range(faults, $"{at}.vocMost", brief.VocMost, 0, 1000);
        Range(faults, $"{at}.budget", (double?)brief.Budget, 0, 10_000_000);
        Range(faults, $"{at}.deadlineDays", brief.DeadlineDays, 0, 3650);
        Range(faults, $"{at}.replaceCost", (double?)brief.ReplaceCost, 0, 10_000_000);
        Range(faults, $"{at}.replaceLifeYears", brief.ReplaceLifeYears, 0.1, 200);
        if (brief.KeepOldFilm && brief.Strip)
        {
            faults.Add($"{at}.strip", "the old film is to be kept and to come off: say one of them");
        }

        Rules(faults, $"{at}.houseRules", brief.HouseRules);
        for (var i = 0; i < brief.LeaveAsFound.Length; i++)
        {
            if (!LeftAsFound.Ids.Contains(brief.LeaveAsFound[i]))
            {
                faults.Add($"{at}.leaveAsFound[{i}]", $"expected one of {string.Join(", ", LeftAsFound.Ids)}, found '{brief.LeaveAsFound[i]}'");
            }
        }
    }

    private static void Rules(Faults faults, string at, ImmutableDictionary<string, string> rules)
    {
        foreach (var (id, school) in rules.OrderBy(r => r.Key, StringComparer.Ordinal))
        {
            if (Questions.Find(id) is not { } question)
            {
                faults.Add($"{at}.{id}", $"unknown question '{id}'; expected S1 to S{Questions.All.Length}");
            }
            else if (question.Find(school) is null)
            {
                faults.Add($"{at}.{id}", $"expected one of {string.Join(", ", question.Schools.Select(s => s.Id))}, found '{school}'");
            }
        }
    }
}
