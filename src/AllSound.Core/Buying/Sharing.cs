using System.Collections.Immutable;
using AllSound.Core.Jobs;
using AllSound.Core.Specification;
using AllSound.Core.Treatment;
using AllSound.Core.Wording;

namespace AllSound.Core.Buying;

/// <summary>What the surfaces of a room or elevation save by being done in one go: its set-up is made once, not for each of them.</summary>
/// <param name="Space">The room or elevation.</param>
/// <param name="Waits">True for what is saved between its held surfaces, once they are freed.</param>
/// <param name="What">What is made once, in the order of work.</param>
/// <param name="Hours">Hours saved on what they take one by one.</param>
/// <param name="Money">How much less the price is before tax, in the job's currency.</param>
/// <param name="Served">Steps, by surface and number, for which the set-up of another surface serves.</param>
public sealed record Together(Space Space, bool Waits, ImmutableArray<SetUp> What, double Hours, decimal Money, ImmutableArray<(string Surface, int Step)> Served)
{
    /// <summary>The saving as a sentence: what is made once, and how much less that is.</summary>
    /// <param name="currency">Currency of the job.</param>
    public string Says(string currency)
    {
        var names = What.Select(SetUps.Name).ToArray();
        var list = names.Length == 1 ? names[0] : $"{string.Join(", ", names[..^1])} and {names[^1]}";
        return $"Done in one go: {list} once for all of it, {Figures.Money(Money, currency)} less than one by one.";
    }
}

/// <summary>Shares the set-up of a room between the surfaces that are done there.</summary>
public static class Sharing
{
    /// <summary>What each room saves; rooms that save nothing are left out.</summary>
    /// <param name="job">The job.</param>
    /// <param name="specified">What was specified for each surface, by id.</param>
    public static ImmutableArray<Together> Of(Job job, IReadOnlyDictionary<string, Specified> specified)
    {
        ArgumentNullException.ThrowIfNull(job);
        return
        [
            .. job
                .Buildings.SelectMany(b => b.Spaces)
                .SelectMany(space => new[] { Of(job, space, specified, waits: false), Of(job, space, specified, waits: true) })
                .OfType<Together>(),
        ];
    }

    /// <summary>What one room saves, of its free surfaces or of its held ones; null where there is nothing to share.</summary>
    public static Together? Of(Job job, Space space, IReadOnlyDictionary<string, Specified> specified, bool waits)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(space);
        ArgumentNullException.ThrowIfNull(specified);
        var surfaces = space.Surfaces.Where(s => specified[s.Id].Options.IsEmpty == waits).ToArray();
        var shared = new RoomOrder([.. surfaces.Select(s => Takeoff.Planned(s, specified[s.Id])?.Steps ?? [])]).Shared;
        if (shared.IsEmpty)
        {
            return null;
        }

        var saved = shared
            .Values.SelectMany(all => all.Where(x => x.Sequence != RoomOrder.Stands(all).Sequence))
            .Select(x => (x.Sequence, x.Step, Hours: Math.Max(0, x.Step.Spend.Hours - x.Step.Act.Operation.Once!.AgainHours)))
            .ToArray();
        return new(
            space,
            waits,
            [.. shared.Keys.Order()],
            saved.Sum(s => s.Hours),
            // What it uses besides labour is saved whole: one hire, one kit, one set of sheets.
            job.Rates.Price(saved.Sum(s => s.Step.Spend.Money - ((decimal)(s.Step.Spend.Hours - s.Hours) * job.Rates.LabourPerHour))),
            [.. saved.Select(s => (surfaces[s.Sequence].Id, s.Step.Number))]
        );
    }
}
