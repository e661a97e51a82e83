using System.Collections.Immutable;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Practice;

/// <summary>How the firm works: the products it uses and the schools it follows.</summary>
public sealed class Firm
{
    private readonly Dictionary<string, CoatingClass> instances = new(StringComparer.Ordinal);
    private readonly Dictionary<string, CoatingClass> byOwnId = new(StringComparer.Ordinal);
    private readonly Dictionary<int, Act> acts = [];

    private Firm(ImmutableArray<OwnProduct> products, ImmutableArray<ListedPrice> prices, ImmutableDictionary<string, string> rules, decimal baseLitre)
    {
        Rules = rules;
        // What a litre costs at best on the lists is what an option is priced by.
        var litre = prices.GroupBy(p => p.Product).ToDictionary(g => g.Key, g => g.Min(p => (double)p.Price / p.Size), StringComparer.Ordinal);
        CoatingClass Priced(CoatingClass of, params string[] ids) =>
            baseLitre > 0 && ids.FirstOrDefault(litre.ContainsKey) is { } listed ? of with { Price = litre[listed] / (double)baseLitre } : of;
        foreach (var product in products)
        {
            var instance = Priced(product.Instance(baseLitre), product.Id, product.Class);
            instances.TryAdd(product.Class, instance);
            byOwnId.TryAdd(product.Id, instance);
        }

        foreach (var of in litre.Keys.Select(Coatings.Find).OfType<CoatingClass>())
        {
            instances.TryAdd(of.Id, Priced(of, of.Id));
        }

        foreach (var act in Operations.Acts)
        {
            if (act.Product is { } of && instances.TryGetValue(of.Id, out var own))
            {
                acts[act.Index] = act.With(own);
            }
        }
    }

    /// <summary>A firm with no products of its own and no house rules.</summary>
    public static Firm Any { get; } = new([], [], ImmutableDictionary<string, string>.Empty, 1);

    /// <summary>House rules: question to school.</summary>
    public ImmutableDictionary<string, string> Rules { get; }

    /// <summary>Ids of operations that an audit is not to take as done unwritten.</summary>
    public ImmutableArray<string> MustBeWritten { get; private init; } = [];

    /// <summary>Ids of operations that it is to take as done unwritten besides the usual ones.</summary>
    public ImmutableArray<string> NeedNotBeWritten { get; private init; } = [];

    /// <summary>The firm of a job.</summary>
    /// <exception cref="InvalidOperationException">A product's class is not known; validate the job first.</exception>
    public static Firm Of(Job job)
    {
        ArgumentNullException.ThrowIfNull(job);
        return job.Products.IsEmpty && job.Prices.IsEmpty && job.HouseRules.IsEmpty && job.MustBeWritten.IsEmpty && job.NeedNotBeWritten.IsEmpty
            ? Any
            : new(job.Products, job.Prices, job.HouseRules, job.Rates.BaseLitre) { MustBeWritten = job.MustBeWritten, NeedNotBeWritten = job.NeedNotBeWritten };
    }

    /// <summary>The rules that hold on a surface: the firm's, with the surface's own over them.</summary>
    public ImmutableDictionary<string, string> RulesOn(Surface surface)
    {
        ArgumentNullException.ThrowIfNull(surface);
        return surface.Brief.HouseRules.IsEmpty ? Rules : Rules.SetItems(surface.Brief.HouseRules);
    }

    /// <summary>The act with the firm's own product in it, where it has one of that class.</summary>
    public Act Own(Act act) => acts.GetValueOrDefault(act.Index, act);

    /// <summary>
    /// The operation with the product named: one of the firm's own by its id, or a class, with the firm's own product of
    /// that class where it has one. Without a name the operation's first product; null when it uses no such product.
    /// </summary>
    public Act? Act(Operation operation, string? product)
    {
        if (product is not null && byOwnId.TryGetValue(product, out var own))
        {
            return Operations.FindAct(operation, own)?.With(own);
        }

        var of = product is null ? null : Coatings.Find(product);
        return (product is null || of is not null) && Operations.FindAct(operation, of) is { } standard ? Own(standard) : null;
    }

    /// <summary>The class with the firm's own numbers, where it has a product of it.</summary>
    public CoatingClass Own(CoatingClass product) => instances.GetValueOrDefault(product.Id, product);

    /// <summary>The product with this id: a class's, or the firm's own.</summary>
    public CoatingClass? Find(string id) => byOwnId.GetValueOrDefault(id) ?? (Coatings.Find(id) is { } of ? Own(of) : null);

    /// <summary>The rule that an act goes against, or null: it belongs to another school than the one followed.</summary>
    public static (Question Question, School Followed, School Other)? Against(ImmutableDictionary<string, string> rules, Act act)
    {
        ArgumentNullException.ThrowIfNull(act);
        foreach (var (id, followed) in rules.OrderBy(r => r.Key, StringComparer.Ordinal))
        {
            if (Questions.Find(id) is not { Turns: Turns.Steps } question || question.Find(followed) is not { } school || Belongs(school, act))
            {
                continue;
            }

            if (question.Schools.FirstOrDefault(other => other != school && Belongs(other, act)) is { } other)
            {
                return (question, school, other);
            }
        }

        return null;
    }

    /// <summary>What the rules say of the manner of a step, a sentence for each.</summary>
    public static ImmutableArray<string> Manner(ImmutableDictionary<string, string> rules, Act act, Element element)
    {
        ArgumentNullException.ThrowIfNull(rules);
        ArgumentNullException.ThrowIfNull(act);
        return
        [
            .. Questions
                .All.Where(q => q.Turns == Turns.Manner && q.At(act.Operation, element))
                .Select(q => (Question: q, School: rules.TryGetValue(q.Id, out var id) ? q.Find(id) : null))
                .Where(x => x.School is not null)
                .Select(x => $"Our way, {x.Question.Title}: {x.School!.Title}."),
        ];
    }

    /// <summary>Does the act belong to a school?</summary>
    public static bool Belongs(School school, Act act) =>
        school.Operations.Contains(act.Operation.Id) || (act.Product is { } product && act.Operation.Role != CoatRole.Spot && school.Products.Contains(product.Id));
}
