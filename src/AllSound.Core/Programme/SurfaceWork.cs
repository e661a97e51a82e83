using System.Collections.Immutable;
using AllSound.Core.Buying;
using AllSound.Core.Jobs;
using AllSound.Core.Safety;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Programme;

/// <summary>A step of the chosen specifications as a task.</summary>
/// <param name="Task">The task.</param>
/// <param name="Surface">Id of its surface; null for what is done once for the room.</param>
/// <param name="Operation">Id of its operation.</param>
/// <param name="Labour">Hours of labour as they are reckoned, before they are laid out in quarters.</param>
/// <param name="DryHours">Hours after its end until what it left is dry enough for the next; 0 where it leaves nothing wet.</param>
/// <param name="Face">For a coat outside: its limits and the face that it is laid on; null for other work.</param>
internal sealed record StepTask(ProgrammeTask Task, string? Surface, string Operation, double Labour, double DryHours, CoatedFace? Face);

/// <summary>A coat and the face that it is laid on.</summary>
/// <param name="Coat">Limits of the coat.</param>
/// <param name="Space">The space.</param>
/// <param name="Reflectance">Reflectance of the face, 0 to 100; null where nobody said.</param>
internal sealed record CoatedFace(CoatLimits Coat, Space Space, double? Reflectance);

/// <summary>The steps of a surface, each with the task that it is done by: its own, or one that serves the whole room.</summary>
/// <param name="Surface">Id of the surface.</param>
/// <param name="Start">Its condition when the first of them is begun.</param>
/// <param name="Steps">Its steps in the order in which the room is worked.</param>
internal sealed record SurfaceRun(string Surface, Condition Start, ImmutableArray<(Step Step, string Task)> Steps)
{
    /// <summary>
    /// What by the transition function is no longer as it has to be when a step is begun, because of what waiting did meanwhile: by task, in words.
    /// </summary>
    /// <param name="when">When a task is begun and ended.</param>
    public IEnumerable<(string Task, string Problem)> Minded(Func<string, (DateTime Start, DateTime End)> when)
    {
        var condition = Start;
        DateTime? ended = null;
        foreach (var (step, task) in Steps)
        {
            var (start, end) = when(task);
            var done = Treatments.Apply(condition, step.Act, ended is { } e ? Math.Max(0, (start - e).TotalHours) : step.WaitBefore);
            foreach (var need in done.UnmetNeeds)
            {
                yield return (task, need.Problem);
            }

            condition = done.After;
            ended = ended > end ? ended : end;
        }
    }
}

/// <summary>Work that is not in the programme.</summary>
/// <param name="Task">What.</param>
/// <param name="Reason">Why not.</param>
/// <param name="Frees">What would free it.</param>
public sealed record Unplanned(string Task, string Reason, ImmutableArray<string> Frees);

/// <summary>
/// The steps of the chosen specifications as tasks: what serves a room is done once for it, whatever makes dust or washes comes before the first
/// undercoat or topcoat of the room, and the last coats go from the ceiling down. Orders of work: common practice.
/// </summary>
internal sealed class SurfaceWork
{
    // Labour is put down in quarters of an hour.
    private const double Quarter = 0.25;

    // A coat is wet to dust for so long at the least. Judgement; the label's touch-dry time goes before it.
    private const double LeastWet = 1;

    // Nobody breaks off what takes no longer than this. Judgement.
    private const double ShortTask = 2;

    private readonly List<StepTask> tasks = [];
    private readonly List<TaskLink> links = [];
    private readonly List<Unplanned> unplanned = [];
    private readonly List<ProgrammeTask> milestones = [];
    private readonly List<SurfaceRun> runs = [];
    private readonly double longest;

    public SurfaceWork(Job job, IReadOnlyDictionary<string, Specified> specified)
    {
        longest = LongestStretch(job.Programme?.Hours ?? new());
        foreach (var space in job.Buildings.SelectMany(b => b.Spaces))
        {
            var surfaces = space.Surfaces.Where(s => Free(s, specified[s.Id])).ToArray();
            if (surfaces.Length > 0)
            {
                Room(space, surfaces, [.. surfaces.Select(s => Takeoff.Chosen(s, specified[s.Id])!.Steps)]);
            }
        }
    }

    public IReadOnlyList<StepTask> Tasks => tasks;

    public IReadOnlyList<ProgrammeTask> Milestones => milestones;

    public IReadOnlyList<TaskLink> Links => links;

    public IReadOnlyList<Unplanned> Unplanned => unplanned;

    /// <summary>For each surface its steps in their order, each with the task that it is done by.</summary>
    public IReadOnlyList<SurfaceRun> Runs => runs;

    private bool Free(Surface surface, Specified specified)
    {
        if (!specified.Options.IsEmpty)
        {
            return true;
        }

        if (!specified.Holds.IsEmpty)
        {
            unplanned.Add(
                new(
                    surface.Title,
                    string.Join(" ", specified.Holds.Select(h => h.Need.Problem).Distinct(StringComparer.Ordinal)),
                    [.. specified.Holds.SelectMany(h => h.Need.Frees).Distinct(StringComparer.Ordinal)]
                )
            );
        }
        else if (!specified.Blocked.IsEmpty)
        {
            unplanned.Add(new(surface.Title, $"Nothing allowed meets this: {string.Join(", ", specified.Blocked.Select(n => n.Title))}.", []));
        }

        return false;
    }

    private void Room(Space space, Surface[] surfaces, ImmutableArray<ImmutableArray<Step>> sequences)
    {
        var front = new List<string>();
        // What has to be done before any coat after the lead work: what disturbs lead, then the clearing of it.
        var leadWork = new List<(string Id, bool Clears)>();
        var run = surfaces.Select(_ => new List<(Step Step, string Id)>()).ToArray();
        string? clearing = null;
        var parts = new RoomOrder(sequences).Parts;
        var own = parts.Where(p => p.Sequence is not null).SelectMany(p => p.Steps).Select(s => (s.Sequence, s.Step.Number)).ToHashSet();
        foreach (var part in parts)
        {
            var first = true;
            foreach (var step in part.Steps)
            {
                var once = part.Sequence is null;
                var id = once ? StepId.Once(space, step.Step.Act.Operation.Id) : StepId.Of(surfaces[step.Sequence], step.Step.Number);
                Add(id, space, once ? null : surfaces[step.Sequence], step);
                switch (part.Phase)
                {
                    case RoomPhase.SettingUp:
                        Link(front.LastOrDefault(), id, step.Step.WaitBefore);
                        front.Add(id);
                        break;
                    case RoomPhase.ClearingLead:
                    case RoomPhase.ClearingUp:
                        // Each surface that it serves waits as long before it as by itself.
                        for (var i = 0; i < run.Length; i++)
                        {
                            Link(Last(run[i]), id, step.Serves.FirstOrDefault(x => x.Sequence == i).Step?.WaitBefore ?? 0);
                        }

                        Link(clearing, id, 0);
                        clearing = id;
                        if (part.Phase == RoomPhase.ClearingLead)
                        {
                            leadWork = [(id, true)];
                        }

                        break;
                    default:
                        var wait = Owed(sequences[step.Sequence], step.Step, n => own.Contains((step.Sequence, n)));
                        foreach (var (done, clears) in first && part.Phase == RoomPhase.Finishing ? leadWork : [])
                        {
                            Link(done, id, clears ? wait : 0);
                        }

                        Link(Last(run[step.Sequence]) ?? front.LastOrDefault(), id, wait);
                        run[step.Sequence].Add((step.Step, id));
                        first = false;
                        continue;
                }

                foreach (var (sequence, served) in step.Serves)
                {
                    run[sequence].Add((served, id));
                }
            }

            if (part is { Phase: RoomPhase.Preparing, Sequence: { } prepared })
            {
                leadWork.Add((Last(run[prepared])!, false));
            }
        }

        for (var i = 0; i < surfaces.Length; i++)
        {
            runs.Add(new(surfaces[i].Id, sequences[i].IsEmpty ? default : sequences[i][0].Before, [.. run[i]]));
            var ids = run[i].ToDictionary(x => x.Step.Number, x => x.Id);
            foreach (var wait in LatestWaits.Of(sequences[i]))
            {
                Link(ids.GetValueOrDefault(sequences[i][wait.Before].Number), ids[sequences[i][wait.After].Number], 0, wait.MostHours);
            }
        }

        Prepared(space, surfaces, sequences);
        if (space.Kind == SpaceKind.Room)
        {
            FromTheCeilingDown(surfaces, sequences);
        }

        static string? Last(List<(Step Step, string Id)> steps) => steps.Count > 0 ? steps[^1].Id : null;
    }

    // The wait before a step, with what was waited for the steps just before it that are done elsewhere now, once for the room.
    private static double Owed(ImmutableArray<Step> sequence, Step step, Func<int, bool> own)
    {
        var owed = step.WaitBefore;
        for (var i = sequence.IndexOf(step) - 1; i >= 0 && !own(sequence[i].Number); i--)
        {
            owed += sequence[i].WaitBefore;
        }

        return owed;
    }

    // What makes dust or splashes on any surface, before the first coat of any that goes all over: bare metal is primed as soon as it is ready, and what is
    // primed in spots is filled and rubbed down after.
    private void Prepared(Space space, Surface[] surfaces, ImmutableArray<ImmutableArray<Step>> sequences)
    {
        if (surfaces.Length < 2)
        {
            return;
        }

        var ready = new ProgrammeTask
        {
            Id = StepId.Once(space, "prepared"),
            Title = $"{space.Title}: everything prepared",
            Space = space.Id,
            Hours = 0,
            People = 0,
        };
        var known = tasks.Select(t => t.Task.Id).ToHashSet(StringComparer.Ordinal);
        var any = false;
        for (var i = 0; i < sequences.Length; i++)
        {
            var coat = sequences[i].FirstOrDefault(s => s.Act.Operation.Role is CoatRole.Undercoat or CoatRole.Finish || IsOverOldFilm(s.Act));
            if (coat is null || !known.Contains(StepId.Of(surfaces[i], coat.Number)))
            {
                continue;
            }

            foreach (
                var step in sequences[i]
                    .Where(s =>
                        s.Number < coat.Number && (s.Act.RaisesDust() || s.Act.Operation.Group == Group.Clean) && known.Contains(StepId.Of(surfaces[i], s.Number))
                    )
            )
            {
                any = true;
                Link(StepId.Of(surfaces[i], step.Number), ready.Id, 0);
            }

            Link(ready.Id, StepId.Of(surfaces[i], coat.Number), 0);
        }

        if (any)
        {
            milestones.Add(ready);
        }
        else
        {
            links.RemoveAll(l => l.Before == ready.Id || l.After == ready.Id);
        }
    }

    // A primer for all of a film that stays.
    private static bool IsOverOldFilm(Act act) => act.Operation is { Role: CoatRole.Primer, Extent: Extent.Whole, OverAnyGround: true };

    // The last coat of what hangs above is on before the last coat of what stands below it is begun.
    private void FromTheCeilingDown(Surface[] surfaces, ImmutableArray<ImmutableArray<Step>> sequences)
    {
        var known = tasks.Select(t => t.Task.Id).ToHashSet(StringComparer.Ordinal);
        var lasts = surfaces
            .Select(
                (s, i) =>
                    (Rank: Rank(s.Element), Id: sequences[i].LastOrDefault(x => x.Act.Operation.Role == CoatRole.Finish) is { } coat ? StepId.Of(s, coat.Number) : null)
            )
            .Where(x => x.Id is not null && known.Contains(x.Id))
            .GroupBy(x => x.Rank)
            .OrderBy(g => g.Key)
            .ToArray();
        for (var g = 1; g < lasts.Length; g++)
        {
            foreach (var (above, below) in lasts[g - 1].SelectMany(a => lasts[g].Select(b => (a.Id!, b.Id!))))
            {
                Link(above, below, 0);
            }
        }
    }

    private static int Rank(Element element) =>
        element switch
        {
            Element.Ceiling or Element.Cornice => 0,
            Element.Wall or Element.ChimneyBreast => 1,
            Element.Floor or Element.Step => 3,
            _ => 2,
        };

    private void Add(string id, Space space, Surface? surface, RoomStep step)
    {
        var act = step.Step.Act;
        var again = step.Serves.Length > 1 ? step.Serves.Where(s => s.Sequence != step.Sequence).Sum(_ => act.Operation.Once?.AgainHours ?? 0) : 0;
        var coat = act.Operation.Role != CoatRole.None;
        var kinds = ImmutableArray.CreateBuilder<TaskKind>();
        if (act.RaisesDust())
        {
            kinds.Add(TaskKind.Dust);
        }

        if (coat)
        {
            kinds.Add(TaskKind.WetFilm);
        }

        if (coat && act.Operation.Extent == Extent.Whole)
        {
            kinds.Add(TaskKind.WholeFace);
        }

        if (act.Operation.Group == Group.Clean)
        {
            kinds.Add(TaskKind.Splash);
        }

        // The outer face of a window may be listed with the room that it lights.
        var outside = space.Kind != SpaceKind.Room || surface?.Exposure == Exposure.Outside;
        if (outside)
        {
            kinds.Add(TaskKind.Outside);
        }

        var labour = step.Step.Spend.Hours + again;
        var hours = Math.Max(Quarter, Math.Ceiling(Math.Round(labour / Quarter, 3)) * Quarter);
        tasks.Add(
            new(
                new ProgrammeTask
                {
                    Id = id,
                    Title = surface is null ? $"{space.Title}: {act.Operation.Title}" : $"{surface.Title}: {act.Operation.Title}",
                    Space = space.Id,
                    Hours = hours,
                    People = act.Operation.ByOthers ? 0 : 1,
                    Earliest = step.Serves.Select(s => s.Step.NotBefore).Append(step.Step.NotBefore).Max(),
                    Kinds = kinds.ToImmutable(),
                    WetHours = coat ? Math.Max(LeastWet, act.Product?.Drying.Touch ?? 0) : 0,
                    ShutHours = coat && surface is { Element: Element.Window or Element.Door } ? act.Product?.Drying.Touch : null,
                    // A coat that no stretch holds is laid wall by wall, with the breaks between two of them.
                    Split = hours <= (coat ? longest : Math.Min(ShortTask, longest)) ? TaskSplit.Never : TaskSplit.Pauses,
                },
                surface?.Id,
                act.Operation.Id,
                labour,
                act.Leaves?.Least ?? 0,
                coat && act.Product is { } product && surface is not null && outside
                    ? new CoatedFace(new CoatLimits(product, TimeSpan.FromHours(hours)), space, surface.Brief.Reflectance)
                    : null
            )
        );
    }

    private static double LongestStretch(WeekHours hours) =>
        Enum.GetValues<DayOfWeek>().SelectMany(d => hours.Of(d)).Select(s => SiteClock.Stretch(s) is { } x ? (x.To - x.From) / 60.0 : 0).DefaultIfEmpty(0).Max();

    private void Link(string? before, string after, double least, double? most = null)
    {
        if (before is null)
        {
            return;
        }

        links.Add(
            new()
            {
                Before = before,
                After = after,
                LeastHours = least,
                MostHours = most > least ? most : null,
            }
        );
    }
}
