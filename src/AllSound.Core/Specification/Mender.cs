using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>Looks for the cheapest thing that would put a faulty step right.</summary>
internal sealed class Mender(Remedy remedy)
{
    /// <summary>A mend for one unmet need of a step.</summary>
    public string Mend(in Transition transition, Act act, Need need, double? waited)
    {
        if (need.Clock is not null)
        {
            var left = Treatments.WaitFor(transition.Before, act) / 60.0;
            return $"Wait {Hours((waited ?? 0) + left)} in all before this step, not {Hours(waited ?? 0)}.";
        }

        if (act.Operation.Refused)
        {
            return Instead(transition, act) ?? "Leave it out.";
        }

        // Something that can be done first, unless it is something only others can settle.
        if (remedy.Find(transition.Before, [need]) is { Count: > 0 } first)
        {
            return $"Before this step: {Words(first)}.";
        }

        if (Instead(transition, act) is { } instead)
        {
            return need.Frees.IsEmpty ? instead : $"{instead} Or have it settled: {string.Join("; ", need.Frees)}.";
        }

        return need.Frees.IsEmpty ? "Leave this step out, or choose another method." : $"Stop until: {string.Join("; ", need.Frees)}.";
    }

    /// <summary>A mend for a need that is still open at the end.</summary>
    public string AtEnd(in Condition condition, Need need) =>
        remedy.Find(condition, [need]) is { Count: > 0 } more ? $"Add: {Words(more)}."
        : need.Frees.IsEmpty ? "No step that the brief allows meets it."
        : $"Stop until: {string.Join("; ", need.Frees)}.";

    private string? Instead(in Transition transition, Act act)
    {
        var gained = Treatments.Satisfied(transition.After) - Treatments.Satisfied(transition.Before);
        var wanted = gained.Indexes().Select(i => Needs.All[i]).Where(n => n.Clock is null).ToList();
        return wanted.Count > 0 && remedy.Find(transition.Before, wanted, act.Operation) is { Count: > 0 } other ? $"Instead: {Words(other)}." : null;
    }

    private static string Words(IReadOnlyList<Act> acts) =>
        string.Join(
            "; then ",
            acts.Select(a => char.ToLowerInvariant(a.Operation.Title[0]) + a.Operation.Title[1..] + (a.Product is null ? "" : $" ({a.Product.Title})"))
        );

    private static string Hours(double hours) => hours < 1 ? $"{Math.Round(hours * 60)} min" : $"{Math.Round(hours, 2)} h";
}
