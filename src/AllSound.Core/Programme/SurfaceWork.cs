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
internal sealed record StepTask(ProgrammeTask Task, string? Surface, string Operation, double Labour, double DryHours);

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

    public SurfaceWork(Job job, IReadOnlyDictionary<string, Specified> specified)
    {
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
        var order = new RoomOrder(sequences);
        var last = new (string Id, Step Step)?[sequences.Length];
        var firsts = new string?[sequences.Length];
        var front = new List<string>();
        var leadDone = new List<string>();
        string? clearing = null;
        foreach (var part in order.Parts)
        {
            if (part.Phase == RoomPhase.Finishing && leadDone.Count > 0)
            {
                // The lead area is cleared, or what disturbs lead elsewhere is done.
                AfterLead(part);
            }

            foreach (var step in part.Steps)
            {
                var once = part.Sequence is null;
                var id = once ? $"{space.Id}/{step.Step.Act.Operation.Id}" : $"{surfaces[step.Sequence].Id}/{step.Step.Number}";
                Add(id, space, once ? null : surfaces[step.Sequence], step);
                switch (part.Phase)
                {
                    case RoomPhase.SettingUp:
                        Link(front.LastOrDefault(), id, step.Step.WaitBefore);
                        front.Add(id);
                        break;
                    case RoomPhase.ClearingLead:
                    case RoomPhase.ClearingUp:
                        foreach (var before in last.OfType<(string Id, Step Step)>())
                        {
                            Link(before.Id, id, 0);
                        }

                        Link(clearing, id, 0);
                        clearing = part.Phase == RoomPhase.ClearingUp ? id : null;
                        if (part.Phase == RoomPhase.ClearingLead)
                        {
                            leadDone = [id];
                        }

                        break;
                    default:
                        var i = part.Sequence!.Value;
                        Link(
                            last[i]?.Id ?? front.LastOrDefault(),
                            id,
                            step.Step.WaitBefore,
                            last[i]?.Step.Act.LatestDays is { } days && step.Step.Act.Operation.Role is CoatRole.Undercoat or CoatRole.Finish ? days * 24.0 : null
                        );
                        firsts[i] ??= id;
                        last[i] = (id, step.Step);
                        break;
                }
            }

            if (part.Phase == RoomPhase.Preparing)
            {
                leadDone.Add(last[part.Sequence!.Value]!.Value.Id);
            }

            void AfterLead(RoomPart finishing)
            {
                var first = finishing.Steps[0];
                var to = $"{surfaces[first.Sequence].Id}/{first.Step.Number}";
                foreach (var done in leadDone.Where(d => d != last[finishing.Sequence!.Value]?.Id))
                {
                    Link(done, to, 0);
                }
            }
        }

        Prepared(space, surfaces, sequences);
        FromTheCeilingDown(surfaces, sequences);
    }

    // What makes dust or splashes on any surface, before the first undercoat or topcoat of any.
    private void Prepared(Space space, Surface[] surfaces, ImmutableArray<ImmutableArray<Step>> sequences)
    {
        if (surfaces.Length < 2)
        {
            return;
        }

        var ready = new ProgrammeTask
        {
            Id = $"{space.Id}/prepared",
            Title = $"{space.Title}: everything prepared",
            Space = space.Id,
            Hours = 0,
            People = 0,
        };
        var known = tasks.Select(t => t.Task.Id).ToHashSet(StringComparer.Ordinal);
        var any = false;
        for (var i = 0; i < sequences.Length; i++)
        {
            var coat = sequences[i].FirstOrDefault(s => s.Act.Operation.Role is CoatRole.Undercoat or CoatRole.Finish);
            if (coat is null || !known.Contains($"{surfaces[i].Id}/{coat.Number}"))
            {
                continue;
            }

            foreach (
                var step in sequences[i]
                    .Where(s => s.Number < coat.Number && (s.Act.MakesDust() || s.Act.Operation.Group == Group.Clean) && known.Contains($"{surfaces[i].Id}/{s.Number}"))
            )
            {
                any = true;
                Link($"{surfaces[i].Id}/{step.Number}", ready.Id, 0);
            }

            Link(ready.Id, $"{surfaces[i].Id}/{coat.Number}", 0);
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

    // The last coat of what hangs above is on before the last coat of what stands below it is begun.
    private void FromTheCeilingDown(Surface[] surfaces, ImmutableArray<ImmutableArray<Step>> sequences)
    {
        var known = tasks.Select(t => t.Task.Id).ToHashSet(StringComparer.Ordinal);
        var lasts = surfaces
            .Select(
                (s, i) =>
                    (Rank: Rank(s.Element), Id: sequences[i].LastOrDefault(x => x.Act.Operation.Role == CoatRole.Finish) is { } coat ? $"{s.Id}/{coat.Number}" : null)
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
            Element.Ceiling => 0,
            Element.Wall => 1,
            Element.Floor => 3,
            _ => 2,
        };

    private void Add(string id, Space space, Surface? surface, RoomStep step)
    {
        var act = step.Step.Act;
        var again = step.Serves.Length > 1 ? step.Serves.Where(s => s.Sequence != step.Sequence).Sum(_ => act.Operation.Once?.AgainHours ?? 0) : 0;
        var coat = act.Operation.Role != CoatRole.None;
        var kinds = ImmutableArray.CreateBuilder<TaskKind>();
        if (act.MakesDust())
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

        if (space.Kind != SpaceKind.Room)
        {
            kinds.Add(TaskKind.Outside);
        }

        tasks.Add(
            new(
                new ProgrammeTask
                {
                    Id = id,
                    Title = surface is null ? $"{space.Title}: {act.Operation.Title}" : $"{surface.Title}: {act.Operation.Title}",
                    Space = space.Id,
                    Hours = Math.Max(Quarter, Math.Ceiling(Math.Round((step.Step.Spend.Hours + again) / Quarter, 3)) * Quarter),
                    People = act.Operation.ByOthers ? 0 : 1,
                    Kinds = kinds.ToImmutable(),
                    WetHours = coat ? Math.Max(LeastWet, act.Product?.Drying.Touch ?? 0) : 0,
                    ShutHours = coat && surface is { Element: Element.Window or Element.Door } ? act.Product?.Drying.Touch : null,
                    Split = coat || step.Step.Spend.Hours + again <= ShortTask ? TaskSplit.Never : TaskSplit.Pauses,
                },
                surface?.Id,
                act.Operation.Id,
                step.Step.Spend.Hours + again,
                act.Leaves?.Least ?? 0
            )
        );
    }

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
