using AllSound.Core.Materials;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>Says which option to do, and why in a sentence, as a tradesperson would who is asked.</summary>
internal static class Recommending
{
    /// <summary>Share of a film that has let go from which the trade strips it instead of patching (common practice, about a fifth).</summary>
    public const double StripFrom = 0.2;

    /// <summary>The same where the film may hold lead: stripping it sets so much more free that it is left longer. Judgement.</summary>
    public const double StripLeadFrom = 0.5;

    /// <summary>Loose and bare share of an old clear film from which it is stripped: every patch shows under the next clear coat. Judgement.</summary>
    public const double StripClearFrom = 0.1;

    /// <summary>Loose share from which stripping the rest is worth offering at all. Judgement: half of what makes the trade strip.</summary>
    public const double OfferStripFrom = 0.1;

    /// <summary>The one of some options to do.</summary>
    /// <param name="options">At least one.</param>
    /// <param name="setting">The surface.</param>
    /// <param name="meets">Does an option meet budget and deadline?</param>
    /// <param name="level">How far out of the ordinary an option is.</param>
    public static (Option Option, string Reason) Pick(IReadOnlyList<Option> options, Setting setting, Func<Option, bool> meets, Func<Option, Custom> level)
    {
        // What stays nearest to custom first, whatever a stranger way would save.
        var inTime = options.Where(meets).ToList();
        var able = inTime.Count > 0 ? inTime : options;
        var nearest = able.Min(level);
        var pool = able.Where(o => level(o) == nearest).ToList();
        var strips = pool.Where(Strips).ToList();
        if (StripDue(setting) && strips.Count > 0)
        {
            return (
                Worth(strips, setting),
                setting.PatchyClear
                    ? "Under a clear finish every worn or patched place shows: it is taken back to bare wood as a whole."
                    : FormattableString.Invariant(
                        $"{setting.Appraised.Facts.LooseShare:P0} of the old film has let go. With that much loose it is better stripped than patched: the rest soon follows."
                    )
            );
        }

        var least = Cheapest(pool);
        // On metal what is cheapest has its primer, and the dearer one coat may do without; an oiled board is oiled again.
        var pick = setting.Finish is FinishFamily.Metal or FinishFamily.Radiator ? least : Worth([.. pool.Where(o => !Strips(o) || Strips(least))], setting);
        if (pick != least)
        {
            return (
                pick,
                FormattableString.Invariant(
                    $"For {(pick.Criteria.Money / least.Criteria.Money) - 1:P0} more than the cheapest it lasts {pick.Criteria.LifeYears:0.#} years instead of {least.Criteria.LifeYears:0.#}."
                )
            );
        }

        return (
            pick,
            inTime.Count > 0 && inTime.Count < options.Count && !meets(Cheapest(options)) ? "The cheapest that keeps to budget and deadline."
            : able.Any(o => o.Criteria.Money < pick.Criteria.Money) ? "It is the usual way on such a surface; what costs less beside it is out of the ordinary."
            : pick.Criteria.MoneyPerYear <= options.Min(o => o.Criteria.MoneyPerYear) ? "It does all that this surface needs for the least money, now and by the year."
            : "It does all that this surface needs for the least money."
        );
    }

    /// <summary>Has so much let go that the trade strips?</summary>
    public static bool StripDue(Setting setting) =>
        setting.PatchyClear
        || (
            setting.Film != Film.None
            && setting.Ground is SubstrateFamily.Plaster or SubstrateFamily.Wood or SubstrateFamily.Slick
            && setting.Appraised.Facts.LooseShare >= (setting.Lead && setting.Finish != FinishFamily.Floor ? StripLeadFrom : StripFrom)
        );

    private static bool Strips(Option option) => option.Steps.Any(s => s.Act.Strips);

    // A tenth more that lasts a fifth longer for the money, or a third more that lasts much longer, is what a tradesperson would put on. Judgement.
    private static Option Worth(IReadOnlyList<Option> options, Setting setting)
    {
        var least = Cheapest(options);
        return options
            .Where(o => SameKind(o, least, setting))
            .Where(o => Within(o, 1.1m, 0.8m) || Within(o, 1.35m, 0.6m))
            .OrderBy(o => o.Criteria.MoneyPerYear)
            .FirstOrDefault(least);

        bool Within(Option option, decimal money, decimal yearly) =>
            option.Criteria.Money <= least.Criteria.Money * money && option.Criteria.MoneyPerYear <= least.Criteria.MoneyPerYear * yearly;
    }

    // What is oiled or waxed stays so: it is kept up in another way, and looks and feels different. Limewash is renewed in limewash: silicate on it
    // cannot be undone.
    private static bool SameKind(Option one, Option other, Setting setting) =>
        setting.Film == Film.Limewash ? one == other : setting.Film is not (Film.Oil or Film.Wax or Film.Shellac) || Clear(one) is not { } kind || kind == Clear(other);

    private static string? Clear(Option option) => option.Steps.LastOrDefault(s => s.Act is { Operation.Role: CoatRole.Finish, Product.Clear: true })?.Act.Operation.Id;

    private static Option Cheapest(IEnumerable<Option> options) => options.OrderBy(o => o.Criteria.Money).ThenBy(o => o.Criteria.ElapsedDays).First();
}
