using AllSound.Core.Jobs;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

// What comes after a step that is read: a coat whose product nobody named is one that the next holds to.
internal sealed partial class Follower
{
    // Nearly as bad as a fault, which it becomes at the next coat. Judgement.
    private const double LeadsNowhere = 5;

    /// <summary>The coat that comes next, and how long it is waited for, minutes; null where nobody says.</summary>
    internal sealed record Coming(Act Act, int? Waits);

    private static Coming? Ahead(IReadOnlyList<SequenceStep> steps, List<Act?> acts, int from)
    {
        for (var i = from; i < steps.Count; i++)
        {
            if (acts[i] is { Operation.Role: not CoatRole.None } act)
            {
                return new(act, steps[i].WaitHours is { } hours && i == from ? (int)(hours * 60) : null);
            }
        }

        return null;
    }

    // A coat whose product nobody named is one that the next holds to, and that is dry by then.
    private static bool Leads(Read read, Coming next)
    {
        if (read.Act.Operation.Role is CoatRole.None)
        {
            return true;
        }

        // Of a finish only whether it is ready by then: the same paint holds to itself.
        if (read.Act.Operation.Role is CoatRole.Finish)
        {
            return next.Waits is not { } until || next.Act.Operation.Role != CoatRole.Finish || read.Act.Leaves is not { } wet || wet.Least * 60 * Near <= until;
        }

        foreach (var need in next.Act.Needs)
        {
            if (need.Id.StartsWith("follows-", StringComparison.Ordinal) && !need.Holds(read.After))
            {
                return false;
            }
        }

        return next.Waits is not { } minutes || read.Act.Leaves is not { } leaves || leaves.Least * 60 <= minutes;
    }
}
