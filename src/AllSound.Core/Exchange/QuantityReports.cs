using System.Collections.Immutable;
using AllSound.Core.Jobs;
using AllSound.Core.Safety;
using AllSound.Core.Surfaces;
using AllSound.Core.Technique;
using AllSound.Core.Treatment;
using AllSound.Core.Wording;

namespace AllSound.Core.Exchange;

/// <summary>One line of a surface's quantities.</summary>
/// <param name="Step">Number of the step.</param>
/// <param name="Operation">Operation.</param>
/// <param name="Product">Product or sundry.</param>
/// <param name="Title">Title.</param>
/// <param name="Unit">Unit.</param>
/// <param name="Amount">Amount.</param>
public sealed record ItemReport(int Step, string Operation, string? Product, [property: Prose] string Title, string Unit, double Amount);

/// <summary>By what the work takes longer, or less long, than the paces say.</summary>
/// <param name="What">What it is.</param>
/// <param name="Times">How many times as long.</param>
public sealed record SlowingReport([property: Prose] string What, double Times);

/// <summary>Quantities of one surface.</summary>
/// <param name="Id">Surface.</param>
/// <param name="Title">Title.</param>
/// <param name="AreaM2">Area.</param>
/// <param name="LengthM">Length.</param>
/// <param name="Measured">How it was got.</param>
/// <param name="Option">Name of the option taken off, or null when held or blocked.</param>
/// <param name="Waits">True when the surface is held: it is the plan once it is freed.</param>
/// <param name="Items">Items.</param>
/// <param name="Slowed">By what its work takes longer than the paces say: all are multiplied.</param>
/// <param name="SlowedSays">The same in a sentence; null where nothing does.</param>
public sealed record SurfaceQuantitiesReport(
    string Id,
    string Title,
    double AreaM2,
    double LengthM,
    [property: Prose] string Measured,
    [property: Prose] string? Option,
    bool Waits,
    ImmutableArray<ItemReport> Items,
    ImmutableArray<SlowingReport> Slowed,
    [property: Prose] string? SlowedSays
);

/// <summary>So many packs.</summary>
/// <param name="Size">Size.</param>
/// <param name="Count">Count.</param>
public sealed record PackReport(double Size, int Count);

/// <summary>Something to buy.</summary>
/// <param name="Product">Id.</param>
/// <param name="Title">Title.</param>
/// <param name="Unit">Unit.</param>
/// <param name="Need">Amount needed.</param>
/// <param name="Buy">Packs.</param>
/// <param name="Cost">Cost of the packs.</param>
/// <param name="Left">Left over.</param>
/// <param name="Key">What tells it from all else to buy: the product, with a slash and the colour where it has one.</param>
/// <param name="Colour">Colour in words; null for white and for what has none.</param>
/// <param name="FromStore">How much of the need is in the store already.</param>
/// <param name="Bought">Ticked as bought.</param>
/// <param name="Short">What the supplier has too little of, in words; null where nothing is short or nobody said.</param>
public sealed record MaterialReport(
    string Product,
    [property: Prose] string Title,
    string Unit,
    double Need,
    ImmutableArray<PackReport> Buy,
    decimal Cost,
    double Left,
    string Key,
    string? Colour,
    double FromStore,
    bool Bought,
    [property: Prose] string? Short
);

/// <summary>Quantities of a job.</summary>
/// <param name="Surfaces">By surface.</param>
/// <param name="Materials">To buy.</param>
/// <param name="LabourHours">Hours.</param>
/// <param name="Cost">Labour and whole packs.</param>
/// <param name="OnceFreed">The same for held surfaces, once they are freed; null where none is held.</param>
/// <param name="Together">What rooms save by being done in one go: taken off the hours and the cost already.</param>
/// <param name="VocGrams">Volatile organic compounds that the paint gives off, grams.</param>
/// <param name="Stored">The tins of the store, in its order.</param>
public sealed record QuantitiesReport(
    ImmutableArray<SurfaceQuantitiesReport> Surfaces,
    ImmutableArray<MaterialReport> Materials,
    double LabourHours,
    MoneyReport Cost,
    OnceFreedReport? OnceFreed,
    ImmutableArray<TogetherReport> Together,
    double VocGrams,
    ImmutableArray<StoredReport> Stored
);

/// <summary>A tin of the store.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Title">What is in it.</param>
/// <param name="Unit">Unit.</param>
/// <param name="Taken">How much of it this job takes.</param>
/// <param name="Left">How much is left of it then.</param>
/// <param name="Says">What it is still good for and how it is kept, a sentence each.</param>
public sealed record StoredReport(string Id, [property: Prose] string Title, string Unit, double Taken, double Left, [property: Prose] ImmutableArray<string> Says);

/// <summary>What the surfaces of a room save by being done in one go.</summary>
/// <param name="Space">Id of the room.</param>
/// <param name="Title">Its title.</param>
/// <param name="Waits">True for what its held surfaces save once they are freed.</param>
/// <param name="Hours">Hours less than one by one.</param>
/// <param name="Less">Money less than one by one.</param>
/// <param name="Says">What is made once, as a sentence.</param>
public sealed record TogetherReport(string Space, string Title, bool Waits, double Hours, MoneyReport Less, [property: Prose] string Says);

/// <summary>What held surfaces come to once they are freed: not to be bought before.</summary>
/// <param name="Materials">To buy then.</param>
/// <param name="LabourHours">Hours.</param>
/// <param name="Cost">Labour and whole packs.</param>
public sealed record OnceFreedReport(ImmutableArray<MaterialReport> Materials, double LabourHours, MoneyReport Cost);

/// <summary>What a job is offered for.</summary>
/// <param name="Offer">What is offered, as it is kept once it is sent.</param>
/// <param name="Net">Before tax.</param>
/// <param name="Tax">Tax on it.</param>
/// <param name="Gross">With tax.</param>
/// <param name="Provisional">What is stopped, once it is freed: no part of the price.</param>
/// <param name="Changes">What is otherwise than in the quotation sent last, a sentence for each.</param>
/// <param name="Low">Before tax, seldom less.</param>
/// <param name="High">Before tax, seldom more.</param>
/// <param name="HangsOn">What nobody knows exactly, that which matters most first.</param>
/// <param name="Found">What came up while working and is in no price yet: the day, the place and what it is.</param>
public sealed record QuoteReport(
    SentQuotation Offer,
    MoneyReport Net,
    MoneyReport Tax,
    MoneyReport Gross,
    MoneyReport Provisional,
    ImmutableArray<string> Changes,
    MoneyReport Low,
    MoneyReport High,
    ImmutableArray<UncertainReport> HangsOn,
    ImmutableArray<string> Found
);

/// <summary>Something that nobody knows exactly, and what it makes of the price by itself.</summary>
/// <param name="What">What it is.</param>
/// <param name="Less">How much less if it turns out well.</param>
/// <param name="More">How much more if it turns out badly.</param>
public sealed record UncertainReport([property: Prose] string What, decimal Less, decimal More);
