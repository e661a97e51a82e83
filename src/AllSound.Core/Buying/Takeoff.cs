using System.Collections.Immutable;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Practice;
using AllSound.Core.Quantities;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Buying;

/// <summary>What one step of a surface's specification uses.</summary>
/// <param name="Step">The step.</param>
/// <param name="Material">Id of product or sundry; null when only labour.</param>
/// <param name="Title">Its title.</param>
/// <param name="Unit">Its unit.</param>
/// <param name="Amount">How much.</param>
/// <param name="Colour">Colour in words, of what comes in the colour wanted; null for the rest.</param>
public sealed record Item(Step Step, string? Material, string Title, string Unit, double Amount, string? Colour = null);

/// <summary>Quantities of one surface.</summary>
/// <param name="SurfaceId">Its id.</param>
/// <param name="Measured">Its measure.</param>
/// <param name="Option">The option that was taken off; null when nothing meets the brief, or no painting follows.</param>
/// <param name="Waits">True when the surface is held: it is the plan once it is freed.</param>
/// <param name="Items">What each step uses. What serves the whole room stands at one of its surfaces.</param>
public sealed record SurfaceQuantities(string SurfaceId, Measured Measured, Option? Option, bool Waits, ImmutableArray<Item> Items);

/// <summary>Something to buy for the whole job.</summary>
/// <param name="Id">Id of product or sundry.</param>
/// <param name="Title">Title.</param>
/// <param name="Unit">Unit.</param>
/// <param name="Need">How much is needed.</param>
/// <param name="Packed">What to buy.</param>
/// <param name="Colour">Colour in words; null for white and for what has none.</param>
/// <param name="FromStore">How much of the need is in the store already: only the rest is bought.</param>
/// <param name="Short">What the supplier has too little of, in words; null where nothing is short or nobody said.</param>
public sealed record Material(string Id, string Title, string Unit, double Need, Packed Packed, string? Colour, double FromStore, string? Short = null)
{
    /// <summary>What tells it from all other things to buy: its id, with a slash and the colour where it has one.</summary>
    public string Key => Tint.Of(Colour) is { } colour ? $"{Id}/{colour}" : Id;
}

/// <summary>Quantities of a job.</summary>
/// <param name="Surfaces">By surface.</param>
/// <param name="Materials">What to buy, coatings first.</param>
/// <param name="LabourHours">Hours, set-up that surfaces share counted once.</param>
/// <param name="Cost">Labour, and whole packs of material.</param>
/// <param name="MaterialsOnceFreed">What to buy for held surfaces, not before they are freed.</param>
/// <param name="HoursOnceFreed">Hours on them.</param>
/// <param name="CostOnceFreed">Labour and whole packs for them.</param>
/// <param name="Together">What rooms save by being done in one go.</param>
/// <param name="Stored">The tins of the store, with what is taken of each and what the rest is good for.</param>
public sealed record JobQuantities(
    ImmutableArray<SurfaceQuantities> Surfaces,
    ImmutableArray<Material> Materials,
    double LabourHours,
    decimal Cost,
    ImmutableArray<Material> MaterialsOnceFreed,
    double HoursOnceFreed,
    decimal CostOnceFreed,
    ImmutableArray<Together> Together,
    ImmutableArray<StoredTin> Stored
)
{
    /// <summary>Volatile organic compounds that the paint of the job gives off, grams: litres as bought times what the sheet gives for a litre; thinners are not in it.</summary>
    public double VocGrams => Surfaces.Where(s => !s.Waits).SelectMany(s => s.Option?.Steps ?? []).Sum(x => x.Spend.Litres * (x.Act.Product?.Voc ?? 0));
}

/// <summary>Takes off a job: for each surface the option chosen, or the first one; for a held one that of the plan once it is freed.</summary>
public static class Takeoff
{
    /// <summary>Takes off a job.</summary>
    /// <param name="job">The job.</param>
    /// <param name="specified">What was specified for each surface, by id.</param>
    public static JobQuantities Of(Job job, IReadOnlyDictionary<string, Specified> specified)
    {
        ArgumentNullException.ThrowIfNull(job);
        var together = Sharing.Of(job, specified);
        var served = together.SelectMany(t => t.Served).ToHashSet();
        var surfaces = ImmutableArray.CreateBuilder<SurfaceQuantities>();
        foreach (var (_, space, surface) in job.Surfaces())
        {
            var option = Planned(surface, specified[surface.Id]);
            var waits = option is not null && specified[surface.Id].Options.IsEmpty;
            var items = option is null ? [] : Items(surface, option, specified[surface.Id].Appraised.Extents, s => served.Contains((surface.Id, s.Number)));
            surfaces.Add(new(surface.Id, Geometry.Measure(space, surface), option, waits, items));
        }

        var firm = Firm.Of(job);
        var shelf = new Shelf(job.Store);
        var (now, later) = (surfaces.Where(s => !s.Waits).ToList(), surfaces.Where(s => s.Waits).ToList());
        var (materials, hours) = (ToBuy(job, firm, shelf, now), Hours(now, together.Where(t => !t.Waits)));
        var (after, hoursAfter) = (ToBuy(job, firm, shelf, later), Hours(later, together.Where(t => t.Waits)));
        return new(
            surfaces.ToImmutable(),
            materials,
            hours,
            Cost(job, hours, materials),
            after,
            hoursAfter,
            Cost(job, hoursAfter, after),
            together,
            StoredTins.Of(job, shelf.Taken)
        );
    }

    private static double Hours(List<SurfaceQuantities> surfaces, IEnumerable<Together> together) =>
        Math.Round(surfaces.Sum(s => s.Option?.Criteria.LabourHours ?? 0) - together.Sum(t => t.Hours), 2);

    private static decimal Cost(Job job, double hours, ImmutableArray<Material> materials) =>
        ((decimal)hours * job.Rates.LabourPerHour) + materials.Sum(m => m.Packed.Cost);

    private static ImmutableArray<Material> ToBuy(Job job, Firm firm, Shelf shelf, List<SurfaceQuantities> surfaces)
    {
        // Paint of one product in two colours is two things to buy.
        var needs = surfaces
            .SelectMany(s => s.Items)
            .Where(i => i.Material is not null)
            .GroupBy(i => (Id: i.Material!, Colour: Tint.Of(i.Colour)))
            .OrderBy(g => g.Key.Colour, StringComparer.Ordinal)
            .ToLookup(g => g.Key.Id, g => (Need: g.Sum(i => i.Amount), Colour: g.Select(i => i.Colour).FirstOrDefault(c => c is not null)), StringComparer.Ordinal);
        var listed = job.Prices.ToLookup(p => p.Product, StringComparer.Ordinal);
        return
        [
            .. Coatings.All.SelectMany(of => needs[of.Id].Select(n => Coating(job, firm.Own(of), shelf, listed, n.Need, n.Colour))),
            .. Sundries.All.SelectMany(of => needs[of.Id].Select(n => Sundry(of, shelf, listed, n.Need))),
        ];
    }

    private static Material Coating(Job job, CoatingClass of, Shelf shelf, ILookup<string, ListedPrice> listed, double need, string? colour)
    {
        string[] ids = of.Own is { } own ? [own.Id, of.Id] : [of.Id];
        var stored = shelf.Take(ids, Tint.Of(colour), need);
        var prices = ids.Select(id => listed[id]).FirstOrDefault(p => p.Any()) ?? [];
        var packs = Supply.Packs(prices);
        var packed =
            !packs.IsEmpty ? TinPacking.Pack(need - stored, packs)
            // What the firm says that a litre costs holds for its tins of every size.
            : of.Own?.LitrePrice is { } litre ? TinPacking.Pack(need - stored, [.. of.Tins.Select(t => (t, decimal.Round((decimal)t * litre, 2)))])
            : TinPacking.Pack(need - stored, of.Tins, (decimal)of.Price * job.Rates.BaseLitre);
        return new(ids[0], of.Title, "L", Math.Round(need, 3), packed, colour, Math.Round(stored, 3), Supply.Short(prices, packed, "L"));
    }

    private static Material Sundry(Sundry of, Shelf shelf, ILookup<string, ListedPrice> listed, double need)
    {
        var stored = shelf.Take([of.Id], null, need);
        var packs = Supply.Packs(listed[of.Id]);
        var packed = TinPacking.Pack(need - stored, packs.IsEmpty ? [.. of.Packs.Select(p => (p, decimal.Round((decimal)(p * of.PricePerUnit), 2)))] : packs);
        return new(of.Id, of.Title, of.Unit, Math.Round(need, 3), packed, null, Math.Round(stored, 3), Supply.Short(listed[of.Id], packed, of.Unit));
    }

    /// <summary>The option chosen for a surface: by its id where that is offered, else the first.</summary>
    public static Option? Chosen(Surface surface, Specified specified) =>
        specified.Options.FirstOrDefault(o => o.Id == surface.Choice) ?? specified.Options.FirstOrDefault();

    /// <summary>The option to measure and price by: the one chosen, or on a held surface that of the plan once it is freed.</summary>
    public static Option? Planned(Surface surface, Specified specified) =>
        specified is null ? throw new ArgumentNullException(nameof(specified)) : Chosen(surface, specified.Planned);

    private static ImmutableArray<Item> Items(Surface surface, Option option, Extents extents, Func<Step, bool> served) =>
        [
            .. option.Steps.SelectMany(step =>
                (
                    step.Act.Product is { } product && step.Spend.Litres > 0
                        ? [new Item(step, product.Id, product.Title, "L", step.Spend.Litres, Tint.IsColoured(step.Act) ? surface.Brief.Colour : null)]
                        : Array.Empty<Item>()
                ).Concat(
                    served(step)
                        ? []
                        : step.Act.Operation.Uses.Select(use => new Item(
                            step,
                            use.Sundry.Id,
                            use.Sundry.Title,
                            use.Sundry.Unit,
                            Costing.Amount(step.Act.Operation, use, extents, step.Spend.Units)
                        ))
                )
            ),
        ];
}
