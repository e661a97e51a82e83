using AllSound.Core.Assessment;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

// What the words say of how a step is done, and what that means for the rest.
internal sealed partial class Follower
{
    private static readonly string[] Seen = [.. Specification.Manners.All.Where(m => m.Seen).Select(m => m.Id)];

    // Where a manner says that the step is the wrong one, what comes after is judged as if the right one stood there.
    private Condition? Replaced(SequenceStep step, Read read, int at, List<Act?> acts)
    {
        foreach (var id in step.Manners.Concat(Seen))
        {
            if (Specification.Manners.Find(id) is { Changes: true } manner && manner.When(Met(read.Before, read.Act, acts, at, at + 1)))
            {
                // A coat gets the right one under it, and dries as what is written does; other work is taken to reach what it was to reach.
                return manner.Under is { } under && firm.Act(Operations.Find(under)!, null) is { } act
                        ? Treatments.Done(Treatments.Done(read.Before, act, Pace.Least), read.Act, Pace.Least)
                    : manner.Drops ? read.Fair
                    : null;
            }
        }

        return null;
    }

    private void Manners(IReadOnlyList<SequenceStep> steps, Run run)
    {
        var told = new List<Flaw>();
        for (var i = 0; i < steps.Count; i++)
        {
            var ids = (Thinning.TooFar(run.Acts[i], steps[i].Dilution) ? steps[i].Manners.Append(Thinning.Manner) : steps[i].Manners).Concat(Seen);
            told.AddRange(ids.Distinct(StringComparer.Ordinal).Select(id => Of(id, i, run, run.Acts[i])).OfType<Flaw>());
        }

        foreach (var line in said.OrderBy(l => l.Line))
        {
            var i = steps.Select((s, n) => s.Line ?? n + 1).Count(n => n <= line.Line);
            told.AddRange(line.Manners.Select(id => Of(id, i, run, null)).OfType<Flaw>().Select(f => f with { At = i - 1, Line = line.Line }));
        }

        // Said again further on it is the same thing.
        told = [.. told.OrderBy(f => f.Line ?? steps[Math.Clamp(f.At, 0, Math.Max(0, steps.Count - 1))].Line ?? f.At).DistinctBy(f => f.Id)];
        told.RemoveAll(f => told.Exists(m => m.At == f.At && m.Line == f.Line && m.Manner!.Tells.Contains(f.Id)));

        told.RemoveAll(m => run.Flaws.Exists(f => f.Need is { } need && m.Manner!.Yields.Contains(need.Id)));

        // What a manner says of a step need not be said again by the needs that fail with it.
        run.Flaws.RemoveAll(f =>
            f.Need is { Hold: false } need
            && told.Exists(m => (m.At == f.At && m.Manner!.Changes && (m.Manner.Drops || f.Severity < Severity.Danger)) || m.Manner!.Covers.Contains(need.Id))
        );
        // What lies on the wrong coat hangs on that one.
        foreach (var wrong in told.Where(m => m.Manner!.Seen))
        {
            var next = run.Acts.FindIndex(Math.Min(wrong.At + 1, run.Acts.Count), a => a.Operation.Role != CoatRole.None);
            run.Flaws.RemoveAll(f => f.At == next && f.Need?.Id.StartsWith("follows-", StringComparison.Ordinal) == true);
        }

        foreach (var flaw in told.Where(m => !run.Flaws.Exists(f => f.Same(m) && f.Line == m.Line && f.At == m.At)))
        {
            run.Flaws.Add(flaw);
        }
    }

    private Flaw? Of(string id, int at, Run run, Act? act)
    {
        if (Specification.Manners.Find(id) is not { } manner)
        {
            return null;
        }

        return manner.When(Met(run.Before[at], act, run.Acts, at, act is null ? at : at + 1)) ? new Flaw(at, null, manner) : null;
    }

    // What a manner is judged in.
    private MannerAt Met(in Condition now, Act? act, IReadOnlyList<Act?> acts, int at, int from) =>
        new(surface, start, now, appraised.Facts, act, NextCoat(acts, from), [.. acts.Take(at).Select(a => a?.Product).OfType<CoatingClass>()]);

    private static Act? NextCoat(IEnumerable<Act?> acts, int from) => acts.Skip(from).FirstOrDefault(a => a?.Operation.Role is not (null or CoatRole.None));
}
