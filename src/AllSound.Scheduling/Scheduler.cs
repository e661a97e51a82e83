using System.Collections.Immutable;
using Google.OrTools.Sat;

namespace AllSound.Scheduling;

/// <summary>Finds the best schedule and proves it, or says how far from it the one found may be.</summary>
/// <remarks>One worker, and effort counted by steps instead of by the clock: the same project gives the same schedule.</remarks>
public static class Scheduler
{
    // The solver's deterministic second lasts about eight on the clock where intervals rule the model: measured on 300 activities.
    private const double StepsASecond = 0.125;

    // A tick by which a group ends later weighs as much as so many by which activities do.
    private const long Together = 20;

    // This part of the time is for the finish, what is left for what comes after it.
    private const double Proving = 0.75;

    /// <summary>Solves a project.</summary>
    /// <param name="project">The project.</param>
    /// <param name="aim">What is best.</param>
    /// <param name="seconds">How long it may take, above 0: counted in the solver's steps, so that it is about as long on the clock on a machine of 2026.</param>
    /// <param name="cancel">Stops it.</param>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public static Schedule Solve(Project project, Aim aim = Aim.Finish, double seconds = 5, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(project);
        if (project.Activities.IsEmpty)
        {
            return new(Outcome.Best, [], 0, 0);
        }

        var least = aim == Aim.Finish ? Bounds.Finish(project) : 0;
        if (least > project.Horizon)
        {
            return new(Outcome.None, [], 0, 0);
        }

        var begun = ListScheduler.Try(project, aim, cancel);
        project = Shortened(project, begun);
        var laid = new ScheduleModel(project);
        if (laid.Impossible)
        {
            return new(Outcome.None, [], 0, 0);
        }

        var model = laid.Model;
        var edge = model.NewIntVar(0, project.Horizon, aim == Aim.Finish ? "finish" : "start");
        foreach (var activity in project.Activities.Where(a => !a.OnlyIfLate))
        {
            _ = aim == Aim.Finish ? model.Add(edge >= laid.Of(activity.Id).End) : model.Add(edge <= laid.Of(activity.Id).Start);
        }

        if (aim == Aim.Finish)
        {
            model.Add(edge >= least);
            model.Minimize(edge);
        }
        else
        {
            model.Maximize(edge);
        }

        Hint(laid, begun);
        var effort = seconds * StepsASecond;
        var first = Run(laid, effort * Proving, cancel);
        if (first.Placed.IsEmpty)
        {
            return first.Status is CpSolverStatus.Infeasible ? new(Outcome.None, [], 0, 0)
                : IsLegal(project, begun) ? new(begun.Max(p => p.End) == least ? Outcome.Best : Outcome.Legal, Crews.Name(project, begun), begun.Max(p => p.End), least)
                : new(Outcome.Unknown, [], 0, 0);
        }

        var (bound, outcome) = ((int)Math.Round(first.Bound), first.Status == CpSolverStatus.Optimal ? Outcome.Best : Outcome.Legal);
        // With that held: the fewest moved, then everything early, or late.
        model.Model.Objective = null;
        _ = aim == Aim.Finish ? model.Add(edge <= first.Edge) : model.Add(edge >= first.Edge);
        model.Model.SolutionHint = null;
        Hint(laid, first.Placed);
        var moved = project
            .Activities.Where(a => a.Wanted is not null || a.OnlyIfLate)
            .Select(a => (LinearExpr)(laid.Of(a.Id).Pieces[0].Present ?? Moved(laid, a)))
            .ToArray();
        var places = LinearExpr.Sum(project.Activities.Where(a => !a.OnlyIfLate).Select(a => aim == Aim.Finish ? laid.Of(a.Id).End : laid.Of(a.Id).Start));
        if (aim == Aim.Finish)
        {
            var groups = LinearExpr.Sum(GroupEnds(project, laid)) * Together;
            model.Minimize((LinearExpr.Sum(moved) * (project.Horizon * (long)project.Activities.Length * (1 + Together))) + groups + places);
        }
        else
        {
            model.Maximize(places);
        }

        var second = Run(laid, Math.Max(effort * (1 - Proving), Math.Min(effort * Proving, effort - first.Spent) / 4), cancel);
        var placed = second.Placed.IsEmpty ? first.Placed : second.Placed;
        return new(outcome, Crews.Name(project, placed), placed.Max(p => p.End), bound);
    }

    // When each group has ended: with all of them early, one is ended before much of the next is begun.
    private static IEnumerable<LinearExpr> GroupEnds(Project project, ScheduleModel laid)
    {
        foreach (var group in project.Activities.Where(a => a.Group is not null && !a.OnlyIfLate).GroupBy(a => a.Group, StringComparer.Ordinal).Where(g => g.Count() > 1))
        {
            var end = laid.Model.NewIntVar(0, project.Horizon, "");
            foreach (var activity in group)
            {
                laid.Model.Add(end >= laid.Of(activity.Id).End);
            }

            yield return end;
        }
    }

    // Nothing has to be looked at beyond a schedule that is known; where that looked past something, all of it.
    private static Project Shortened(Project project, ImmutableArray<Placed> begun)
    {
        if (begun.IsEmpty || ListScheduler.Late(project, begun).Any() || project.Activities.Any(a => a.Wanted is not null))
        {
            return project;
        }

        // Pieces may have to lie a little otherwise.
        var spare = project.Activities.Any(a => a.Pausing == Pausing.InPieces) ? project.Day : 0;
        return project with { Horizon = Math.Min(project.Horizon, begun.Max(p => p.End) + spare) };
    }

    // A schedule laid without the solver looks past pieces, and past nothing else when no link is late.
    private static bool IsLegal(Project project, ImmutableArray<Placed> begun) =>
        !begun.IsEmpty && !ListScheduler.Late(project, begun).Any() && project.Activities.All(a => a.Pausing != Pausing.InPieces);

    private static BoolVar Moved(ScheduleModel laid, Activity activity)
    {
        var moved = laid.Model.NewBoolVar("");
        laid.Model.Add(laid.Of(activity.Id).Start == activity.Wanted!.Value).OnlyEnforceIf(moved.Not());
        return moved;
    }

    private static void Hint(ScheduleModel laid, ImmutableArray<Placed> placed)
    {
        foreach (var p in placed)
        {
            foreach (var (piece, at) in laid.Of(p.Activity.Id).Pieces.Zip(p.Pieces))
            {
                if (piece.Present is null)
                {
                    laid.Model.AddHint(piece.Start, at.From);
                }
            }
        }
    }

    private static Found Run(ScheduleModel laid, double effort, CancellationToken cancel)
    {
        cancel.ThrowIfCancellationRequested();
        var solver = new CpSolver
        {
            StringParameters = FormattableString.Invariant(
                $"num_workers:1 random_seed:1 cp_model_probing_level:0 symmetry_level:0 linearization_level:0 search_branching:PORTFOLIO_WITH_QUICK_RESTART_SEARCH max_deterministic_time:{effort}"
            ),
        };
        using var stop = cancel.Register(solver.StopSearch);
        var status = solver.Solve(laid.Model);
        cancel.ThrowIfCancellationRequested();
        if (status == CpSolverStatus.ModelInvalid)
        {
            throw new InvalidOperationException($"The model is at fault: {laid.Model.Validate()}");
        }

        return new(
            status,
            status is CpSolverStatus.Optimal or CpSolverStatus.Feasible ? laid.Read(x => solver.Value(x), b => solver.BooleanValue(b)) : [],
            (long)Math.Round(status is CpSolverStatus.Optimal or CpSolverStatus.Feasible ? solver.ObjectiveValue : 0),
            solver.BestObjectiveBound,
            solver.Response?.DeterministicTime ?? 0
        );
    }

    private sealed record Found(CpSolverStatus Status, ImmutableArray<Placed> Placed, long Edge, double Bound, double Spent);
}
