namespace AllSound.Core.Materials;

/// <summary>A pack on a supplier's price list. Where a product has any, its packs are bought by them and by nothing else.</summary>
public sealed record ListedPrice
{
    /// <summary>Id of a product class, of a product of the firm's own, or of a sundry.</summary>
    public required string Product { get; init; }

    /// <summary>Size of the pack in the product's unit, 0.01 to 1,000.</summary>
    public required double Size { get; init; }

    /// <summary>Price of the pack before tax, in the job's currency, above 0 to 100,000.</summary>
    public required decimal Price { get; init; }

    /// <summary>Who sells it; null where nobody said.</summary>
    public string? Supplier { get; init; }

    /// <summary>The day from which the price holds; null where nobody said.</summary>
    public DateOnly? From { get; init; }

    /// <summary>How many packs the supplier has, 0 to 100,000; null where nobody said.</summary>
    public int? Stock { get; init; }

    /// <summary>Days until more are there, 0 to 365; null where nobody said.</summary>
    public int? LeadDays { get; init; }
}
