using System.Collections.Frozen;
using System.Collections.Immutable;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>
/// What a painter need not write down, by operation: an audit takes it as done where a step needs it. To add one, add its id or its
/// group. A firm says in its job file what it wants written all the same, and what not. Common practice.
/// </summary>
internal sealed class Unsaid
{
    // Groups that are part of every job.
    private static readonly FrozenSet<Group> Groups = new[] { Group.Protect, Group.DustOff, Group.Dry, Group.Denib }.ToFrozenSet();

    // Single operations: reach and leave to work; a wash of what is only dusty; what belongs to filling; a key; small repairs by the way; clearing up.
    private static readonly FrozenSet<string> Single = new[]
    {
        "ms_access",
        "ms_tower",
        "ms_scaffold",
        "ms_power",
        "ms_ventilate",
        "ms_extract",
        "ms_occupant",
        "ms_fire_detect",
        "ms_heat_off",
        "cl_sugar_soap",
        "cl_dust_dry",
        "cl_rinse",
        "dc_rinse_cleaner",
        "dc_metal_rinse",
        "dc_acid_rinse",
        "ab_fill",
        "ab_fill_wet",
        "ls_feather",
        "ls_feather_wet",
        "ab_gloss",
        "st_wet_abrade",
        "ab_wood_bare",
        "ab_wood_bare_wet",
        "ab_tile",
        "ab_plastic",
        "ab_galv",
        "ab_lead_sheet",
        "ab_edge",
        "sp_fill",
        "rp_fine",
        "rp_wood_fill",
        "ca_acrylic",
        "ca_hybrid",
        "se_endgrain",
        "se_limewater",
        "mc_fixings",
        "mc_hardware",
        "mc_sash",
    }.ToFrozenSet(StringComparer.Ordinal);

    // Of these a question is asked where nobody wrote them: they decide, and many leave them out.
    private static readonly FrozenSet<string> Asks = new[] { "dr_natural", "dr_force", "ab_gloss", "st_wet_abrade", "ab_tile", "ab_plastic", "ab_galv" }.ToFrozenSet(
        StringComparer.Ordinal
    );

    private readonly ImmutableArray<Act>[] bringing;

    /// <summary>The table for a sequence.</summary>
    /// <param name="never">Operations that its words rule out: they are not taken as done.</param>
    /// <param name="firm">What the firm wants written, and what it does not.</param>
    public Unsaid(FrozenSet<string> never, Practice.Firm firm)
    {
        // What asks nothing comes first.
        Act[] acts =
        [
            .. Operations
                .Acts.Where(a =>
                    (GoesWithoutSaying(a.Operation) || firm.NeedNotBeWritten.Contains(a.Operation.Id))
                    && !never.Contains(a.Operation.Id)
                    && !firm.MustBeWritten.Contains(a.Operation.Id)
                )
                .OrderBy(a => Asks.Contains(a.Operation.Id))
                .ThenBy(a => Groups.Contains(a.Operation.Group) ? 0 : 1),
        ];
        bringing = [.. Needs.All.Select(n => n.Clock is null ? acts.Where(a => a.Effects.Any(e => n.Any.Any(t => t.Facet == e.Facet))).ToImmutableArray() : [])];
    }

    /// <summary>True for work that a painter need not write down.</summary>
    public static bool GoesWithoutSaying(Operation operation) =>
        operation is { Refused: false, ByOthers: false } or { Id: "ms_scaffold" or "ms_power" } && (Groups.Contains(operation.Group) || Single.Contains(operation.Id));

    /// <summary>True where an act is made for such a ground and film: nobody sands plastic as wood, or primes steel with a wood primer.</summary>
    /// <param name="act">The act.</param>
    /// <param name="condition">The condition it is done in.</param>
    /// <param name="passes">What is let pass all the same; null for nothing.</param>
    public static bool Suits(Act act, in Condition condition, Func<Need, bool>? passes = null)
    {
        foreach (var need in act.Needs)
        {
            if (!need.Any.IsEmpty && need.Any.All(t => t.Facet == Facets.Substrate || t.Facet == Facets.Film) && !need.Holds(condition) && passes?.Invoke(need) != true)
            {
                return false;
            }
        }

        return true;
    }

    /// <summary>Takes a need as met by work that need not be written.</summary>
    /// <param name="need">The need.</param>
    /// <param name="condition">The condition in which it does not hold.</param>
    /// <returns>The condition in which it holds, and the act that was taken as done; null where it takes more than that.</returns>
    public (Condition After, Act By, bool Asked)? Meets(Need need, in Condition condition)
    {
        foreach (var act in bringing[need.Index])
        {
            var done = Treatments.Settled(condition, act);
            if (!need.Holds(done) || !Suits(act, condition))
            {
                continue;
            }

            // Only what the need is about: what else the act would do is not what was taken for granted.
            var after = condition;
            foreach (var test in need.Any)
            {
                after = after.With(test.Facet.Index, done[test.Facet]);
            }

            return (after, act, Asks.Contains(act.Operation.Id));
        }

        return null;
    }
}
