using System.Collections.Immutable;
using System.Globalization;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Practice;
using AllSound.Core.Treatment;
using AllSound.Core.Wording;

namespace AllSound.Core.Buying;

/// <summary>A tin of the store, and what it is still good for.</summary>
/// <param name="Tin">The tin.</param>
/// <param name="Title">Title of what is in it.</param>
/// <param name="Unit">Its unit.</param>
/// <param name="Taken">How much of it this job takes.</param>
/// <param name="Says">What it is good for and how it is kept, a sentence each.</param>
public sealed record StoredTin(StoreTin Tin, string Title, string Unit, double Taken, ImmutableArray<string> Says);

/// <summary>What the tins of a store are still good for, from what paint of their class is used for. Common practice.</summary>
internal static class StoredTins
{
    // Litres that tins and jars hold, small first. Common practice.
    private static readonly double[] Containers = [0.25, 0.5, 0.75, 1, 2.5, 5, 10];

    // With more air than this over it paint skins and sours. Judgement.
    private const double AirMost = 0.5;

    // So many uses are named. Judgement.
    private const int UsesMost = 4;

    private const double Nothing = 0.005;

    /// <summary>Tells of each tin, in the order of the store.</summary>
    /// <param name="job">The job.</param>
    /// <param name="taken">How much the job takes of a tin, by its id.</param>
    public static ImmutableArray<StoredTin> Of(Job job, IReadOnlyDictionary<string, double> taken)
    {
        var firm = Firm.Of(job);
        return
        [
            .. job.Store.Select(tin =>
            {
                var used = taken.GetValueOrDefault(tin.Id);
                return firm.Find(tin.Product) is { } paint ? new StoredTin(tin, paint.Title, "L", used, Says(tin, paint, used))
                    : Sundries.Find(tin.Product) is { } sundry ? new StoredTin(tin, sundry.Title, sundry.Unit, used, [.. Here(tin, used, sundry.Unit)])
                    : new StoredTin(tin, tin.Product, "", used, [.. Here(tin, used, "")]);
            }),
        ];
    }

    private static ImmutableArray<string> Says(StoreTin tin, CoatingClass paint, double taken)
    {
        if (tin.Spoilt)
        {
            return ["Not used again: to the local scheme for paint, or dried out with the lid off where nobody can reach it; never down a drain."];
        }

        var left = tin.Amount - taken;
        return left <= Nothing
            ? [.. Here(tin, taken, "L")]
            : [.. Here(tin, taken, "L"), .. Covers(left, paint, taken > 0), Uses(tin, paint), .. Smaller(tin, left), Keeps(tin, paint)];
    }

    private static IEnumerable<string> Here(StoreTin tin, double taken, string unit)
    {
        if (taken > Nothing)
        {
            yield return tin.Amount - taken <= Nothing ? "All of it goes into this job." : $"{Amount(taken, unit)} of it goes into this job.";
        }
    }

    private static IEnumerable<string> Covers(double left, CoatingClass paint, bool some)
    {
        if (left * paint.Spread.Smooth is >= 1 and var area)
        {
            yield return string.Create(CultureInfo.InvariantCulture, $"{(some ? "What is left is" : "It is")} one coat on about {Rounded(area)} m² of a smooth face.");
        }
    }

    // What the catalogue lays it for.
    private static string Uses(StoreTin tin, CoatingClass paint)
    {
        string[] uses =
        [
            .. Operations
                .Acts.Where(a => a.Product?.Id == paint.Id && !a.Operation.Sprayed && a.Operation.Role != CoatRole.None)
                .OrderBy(a => a.Operation.Role)
                .Select(a => Sentences.Within(a.Operation.Title))
                .Distinct(StringComparer.Ordinal)
                .Take(UsesMost),
        ];
        var goodFor = uses.Length == 0 ? "" : $"Good for: {string.Join("; ", uses)}. ";
        return Tint.Of(tin.Colour) is { } colour
            ? $"{goodFor}In {colour} only for what has that colour{(tin.Where is { Length: > 0 } where ? $" ({where})" : "")}, touching up first, or under a coat that hides it."
            : $"{goodFor}Touching up is from the same batch or by whole faces: another batch shows.";
    }

    private static IEnumerable<string> Smaller(StoreTin tin, double left)
    {
        if (tin.Container is { } full && left < full * (1 - AirMost) && Containers.FirstOrDefault(c => c >= left) is > 0 and var size && size < full)
        {
            yield return $"More than half of its tin is air: fill it into one of {Amount(size, "L")}, to the brim, and copy the label.";
        }
    }

    private static string Keeps(StoreTin tin, CoatingClass paint)
    {
        var opened = tin.Opened is { } day ? $"Opened {day.ToString("d MMMM yyyy", CultureInfo.InvariantCulture)}. " : "";
        return opened
            + paint switch
            {
                { PotLifeHours: not null } => "The two parts keep only apart; what was mixed is finished.",
                { Carrier: Carrier.Water } =>
                    "Kept from frost it is good for about two years once opened. Sour, curdled, or lumpy after stirring and straining, it is finished.",
                { Carrier: Carrier.Alcohol } => "Shellac is good for about a year: a drop on glass that stays sticky after an hour is finished.",
                _ => "Kept shut, cool and from flames. A skin is cut out and the rest strained, never stirred in.",
            };
    }

    private static string Amount(double amount, string unit) => string.Create(CultureInfo.InvariantCulture, $"{Math.Round(amount, 2)} {unit}").TrimEnd();

    private static string Rounded(double area) => (area >= 10 ? Math.Round(area) : Math.Round(area, 1)).ToString(CultureInfo.InvariantCulture);
}
