using System.Collections.Frozen;
using System.Collections.Immutable;
using AllSound.Core.Diagnosis.Catalogue;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Diagnosis;

/// <summary>
/// The causes known to the program, in the catalogue files. Priors are weights by substrate family in the order
/// plaster, masonry, wood, ferrous, non-ferrous, slick. All numbers are judgements, meant to be tuned from closed jobs.
/// </summary>
public static class Causes
{
    /// <summary>All of them.</summary>
    public static ImmutableArray<Cause> All { get; } =
    [
        .. GroundAndStainCauses.All,
        .. MoistureCauses.All,
        .. BleedAndChangeCauses.All,
        .. GrowthAndWeatherCauses.All,
        .. WoodCauses.All,
        .. WorkmanshipCauses.All,
        .. MetalAndSlickCauses.All,
    ];

    private static readonly FrozenDictionary<string, Cause> ById = All.ToFrozenDictionary(c => c.Id);

    /// <summary>All causes with a job's own judgements in the place of the given numbers.</summary>
    public static ImmutableArray<Cause> With(ImmutableArray<Judgement> judgements) =>
        judgements.IsDefaultOrEmpty ? All : [.. All.Select(cause => judgements.Where(j => j.Cause == cause.Id).Aggregate(cause, With))];

    private static Cause With(Cause cause, Judgement judgement) =>
        judgement.Sign is not { } sign
            ? judgement.Weight is { } weight
                ? cause with
                {
                    Weights = [.. cause.Weights.Select(w => w > 0 ? weight : 0)],
                }
                : cause
            : cause with
            {
                Evidence = [.. cause.Evidence.Select(e => e.Sign == sign ? new Evidence(sign, judgement.IfCause ?? e.IfCause, judgement.IfNot ?? e.IfNot) : e)],
            };

    /// <summary>The cause with this id, or null.</summary>
    public static Cause? Find(string id) => ById.GetValueOrDefault(id);
}
