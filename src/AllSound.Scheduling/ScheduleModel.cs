using System.Collections.Immutable;
using Google.OrTools.Sat;
using Google.OrTools.Util;

namespace AllSound.Scheduling;

/// <summary>
/// A project as a model of the solver: an interval for each activity or piece of one, cumulative resources, and the links as linear constraints.
/// See P. Baptiste, C. Le Pape, W. Nuijten, Constraint-Based Scheduling (2001), from memory.
/// </summary>
internal sealed class ScheduleModel
{
    // Beyond so many pieces in a model only one is laid in each opening.
    private const int ManyPieces = 240;

    private readonly Project project;
    private readonly Dictionary<string, Laid> laid = new(StringComparer.Ordinal);
    private readonly List<(IntervalVar Interval, int Amount)> people = [];
    private readonly Dictionary<string, List<(IntervalVar Interval, int Amount)>> held = new(StringComparer.Ordinal);
    private readonly bool byName;
    private readonly int perOpening;

    /// <summary>Builds the model.</summary>
    public ScheduleModel(Project project)
    {
        this.project = project;
        // People are told apart where that makes a difference; else they are a number.
        byName = project.Workers.Any(w => w.Away is not null) || project.Activities.Any(a => !a.Skills.IsEmpty);
        perOpening = project.Activities.Where(a => a.Pausing == Pausing.InPieces).Sum(a => a.Hours?.Openings.Length ?? 1) * 2 > ManyPieces ? 1 : 2;
        foreach (var activity in project.Activities)
        {
            laid[activity.Id] = activity.Pausing == Pausing.InPieces ? InPieces(activity) : Whole(activity);
            if (Impossible)
            {
                return;
            }
        }

        Capacities();
        foreach (var link in project.Links)
        {
            Bind(link);
        }

        foreach (var exclusion in project.Exclusions)
        {
            Exclude(exclusion);
        }
    }

    /// <summary>The solver's model.</summary>
    public CpModel Model { get; } = new();

    /// <summary>True when an activity fits nowhere, whatever the others do.</summary>
    public bool Impossible { get; private set; }

    /// <summary>Where an activity lies in the model.</summary>
    public Laid Of(string activity) => laid[activity];

    /// <summary>A schedule as the solver found it.</summary>
    /// <param name="value">Value of an expression.</param>
    /// <param name="holds">Value of a literal.</param>
    public ImmutableArray<Placed> Read(Func<LinearExpr, long> value, Func<BoolVar, bool> holds) =>
        [
            .. project
                .Activities.Select(a => new Placed(
                    a,
                    [
                        .. laid[a.Id]
                            .Pieces.Where(p => p.Present is null || holds(p.Present))
                            .Select(p => new Piece((int)value(p.Start), (int)value(p.End), [.. p.By.Where(b => holds(b.Value)).Select(b => b.Key)]))
                            .OrderBy(p => p.From),
                    ]
                ))
                .Where(p => p.Pieces.Length > 0),
        ];

    private Laid Whole(Activity activity)
    {
        var spans = Spans.Of(project, activity).ToArray();
        if (spans.Length == 0)
        {
            Impossible = true;
            return new(activity, Model.NewConstant(0), Model.NewConstant(0), []);
        }

        var start = Model.NewIntVarFromDomain(Domain.FromValues([.. spans.Select(s => (long)s.Start)]), activity.Id);
        IntervalVar interval;
        BoolVar? present = null;
        LinearExpr end;
        LinearExpr size = LinearExpr.Constant(activity.Duration);
        if (activity.Pausing == Pausing.WhileClosed)
        {
            // How long it takes depends on which closed hours it goes over: one literal for each length that there is.
            var lengths = spans.GroupBy(s => s.End - s.Start).OrderBy(g => g.Key).ToArray();
            var which = lengths.Select(_ => Model.NewBoolVar("")).ToArray();
            var length = Model.NewIntVarFromDomain(Domain.FromValues([.. lengths.Select(g => (long)g.Key)]), "");
            Model.AddExactlyOne(which);
            Model.Add(length == LinearExpr.WeightedSum(which, lengths.Select(g => (long)g.Key)));
            foreach (var (of, literal) in lengths.Zip(which))
            {
                Model.AddLinearExpressionInDomain(start, Domain.FromValues([.. of.Select(s => (long)s.Start)])).OnlyEnforceIf(literal);
            }

            var closes = Model.NewIntVar(spans.Min(s => s.End), spans.Max(s => s.End), $"{activity.Id} end");
            (end, size) = (closes, length);
            interval = Model.NewIntervalVar(start, length, closes, activity.Id);
        }
        else
        {
            end = start + activity.Duration;
            present = activity.OnlyIfLate ? Model.NewBoolVar(activity.Id) : null;
            interval = present is null
                ? Model.NewFixedSizeIntervalVar(start, activity.Duration, activity.Id)
                : Model.NewOptionalFixedSizeIntervalVar(start, activity.Duration, present, activity.Id);
        }

        var piece = new LaidPiece(start, end, size, interval, present, activity.Duration);
        Use(activity, piece);
        return new(activity, start, end, [piece]);
    }

    private Laid InPieces(Activity activity)
    {
        var last = Math.Min(activity.Latest ?? project.Horizon, project.Horizon);
        var least = Math.Min(activity.LeastPiece, activity.Duration);
        var pieces = new List<LaidPiece>();
        foreach (var o in activity.Hours?.Openings ?? [new Opening(0, project.Horizon)])
        {
            var (from, to) = (Spans.OnGrid(Math.Max(o.From, activity.Earliest), activity.Grid), Math.Min(o.To, last));
            if (to - from < least || activity.Duration == 0)
            {
                continue;
            }

            LaidPiece? before = null;
            for (var n = 0; n < perOpening && (n + 1) * least <= to - from; n++)
            {
                var present = Model.NewBoolVar("");
                var start = Model.NewIntVarFromDomain(
                    Domain.FromValues([.. Enumerable.Range(0, ((to - from) / activity.Grid) + 1).Select(i => (long)from + (i * activity.Grid))]),
                    ""
                );
                var size = Model.NewIntVar(least, Math.Min(to - from, activity.Duration), "");
                var end = Model.NewIntVar(from, to, "");
                var piece = new LaidPiece(start, end, size, Model.NewOptionalIntervalVar(start, size, end, present, activity.Id), present, activity.Duration);
                if (before is not null)
                {
                    Model.AddImplication(present, before.Present!);
                    Model.Add(start >= before.End).OnlyEnforceIf(present);
                }

                pieces.Add(before = piece);
                Use(activity, piece);
            }
        }

        if (pieces.Count == 0)
        {
            Impossible = true;
            return new(activity, Model.NewConstant(0), Model.NewConstant(0), []);
        }

        // Together they are the work; the first begins it and the last ends it.
        var (begin, finish) = (Model.NewIntVar(0, project.Horizon, activity.Id), Model.NewIntVar(0, project.Horizon, $"{activity.Id} end"));
        var (firsts, lasts) = (pieces.ConvertAll(_ => Model.NewBoolVar("")), pieces.ConvertAll(_ => Model.NewBoolVar("")));
        Model.Add(LinearExpr.Sum(pieces.Select(Worked)) == activity.Duration);
        Model.AddExactlyOne(firsts);
        Model.AddExactlyOne(lasts);
        for (var i = 0; i < pieces.Count; i++)
        {
            var present = pieces[i].Present!;
            Model.AddImplication(firsts[i], present);
            Model.AddImplication(lasts[i], present);
            Model.Add(begin == pieces[i].Start).OnlyEnforceIf(firsts[i]);
            Model.Add(finish == pieces[i].End).OnlyEnforceIf(lasts[i]);
            Model.Add(begin <= pieces[i].Start).OnlyEnforceIf(present);
            Model.Add(finish >= pieces[i].End).OnlyEnforceIf(present);
        }

        return new(activity, begin, finish, [.. pieces]);
    }

    // What a piece that may be left out is worth.
    private LinearExpr Worked(LaidPiece piece)
    {
        var worked = Model.NewIntVar(0, piece.Work, "");
        Model.Add(worked == piece.Size).OnlyEnforceIf(piece.Present!);
        Model.Add(worked == 0).OnlyEnforceIf(piece.Present!.Not());
        return worked;
    }

    private void Use(Activity activity, LaidPiece piece)
    {
        foreach (var demand in activity.Demands)
        {
            if (!held.TryGetValue(demand.Resource, out var list))
            {
                held[demand.Resource] = list = [];
            }

            list.Add((piece.Interval, demand.Amount));
        }

        if (activity.People == 0)
        {
            return;
        }

        if (!byName)
        {
            people.Add((piece.Interval, activity.People));
            return;
        }

        foreach (var worker in project.Workers.Where(w => activity.Skills.All(s => w.Skills.Contains(s, StringComparer.Ordinal))))
        {
            piece.By[worker.Id] = Model.NewBoolVar("");
        }

        var crew = LinearExpr.Sum(piece.By.Values);
        if (piece.Present is { } present)
        {
            Model.Add(crew == activity.People).OnlyEnforceIf(present);
            Model.Add(crew == 0).OnlyEnforceIf(present.Not());
        }
        else
        {
            Model.Add(crew == activity.People);
        }
    }

    private void Capacities()
    {
        if (byName)
        {
            foreach (var worker in project.Workers)
            {
                Model.AddNoOverlap([
                    .. laid
                        .Values.SelectMany(l => l.Pieces)
                        .Where(p => p.By.ContainsKey(worker.Id))
                        .Select(p => Model.NewOptionalIntervalVar(p.Start, p.Size, p.End, p.By[worker.Id], "")),
                    .. (worker.Away?.Openings ?? []).Select(o => Model.NewFixedSizeIntervalVar(o.From, o.Length, "away")),
                ]);
            }
        }
        else
        {
            Cumulative(people, project.Workers.Length);
        }

        foreach (var (id, of) in held)
        {
            Cumulative(of, project.Resources.FirstOrDefault(r => r.Id == id)?.Capacity ?? 0);
        }
    }

    private void Cumulative(List<(IntervalVar Interval, int Amount)> of, int capacity)
    {
        if (of.Count == 0)
        {
            return;
        }

        if (capacity == 1 && of.TrueForAll(x => x.Amount == 1))
        {
            Model.AddNoOverlap(of.Select(x => x.Interval));
            return;
        }

        var all = Model.AddCumulative(capacity);
        foreach (var (interval, amount) in of)
        {
            all.AddDemand(interval, amount);
        }
    }

    private void Bind(Link link)
    {
        var (before, after) = (laid[link.Before], laid[link.After]);
        var from = link.FromStart ? before.Start : before.End;
        var to = after.Start;
        if (link.Working && project.Hours is { } hours && (link.Least > 0 || link.Most is not null))
        {
            (from, to) = (OpenBefore(from, hours), OpenBefore(to, hours));
            // It is not before it either way.
            Model.Add(after.Start >= (link.FromStart ? before.Start : before.End));
        }

        Model.Add(to >= from + link.Least);
        if (link is { Most: { } most, Otherwise: { } otherwise } && laid[otherwise].Pieces[0] is { Present: { } late } between)
        {
            Model.Add(to <= from + most).OnlyEnforceIf(late.Not());
            Model.Add(between.Start >= before.End).OnlyEnforceIf(late);
            Model.Add(after.Start >= between.End).OnlyEnforceIf(late);
        }
        else if (link.Most is { } limit)
        {
            Model.Add(to <= from + limit);
        }

        if (link.Day != DayRule.Any)
        {
            // The last tick of work, not the one after it.
            var ends = DayOf(link.FromStart || before.Activity.Duration == 0 ? from : before.End - 1);
            var starts = DayOf(after.Start);
            Model.Add(link.Day == DayRule.Same ? starts == ends : starts >= ends + 1);
        }
    }

    private IntVar OpenBefore(LinearExpr at, Timetable hours)
    {
        var index = Model.NewIntVar(0, project.Horizon, "");
        var open = Model.NewIntVar(0, project.Horizon, "");
        Model.Add(index == at);
        var before = new long[project.Horizon + 1];
        for (var t = 0; t < before.Length; t++)
        {
            before[t] = hours.Before(t);
        }

        Model.AddElement(index, before, open);
        return open;
    }

    private IntVar DayOf(LinearExpr at)
    {
        var day = Model.NewIntVar(0, (project.Horizon / project.Day) + 1, "");
        Model.AddDivisionEquality(day, at, Model.NewConstant(project.Day));
        return day;
    }

    private void Exclude(Exclusion exclusion)
    {
        foreach (var one in laid[exclusion.First].Pieces)
        {
            foreach (var other in laid[exclusion.Second].Pieces)
            {
                Model.AddNoOverlap([WithTail(one, exclusion.FirstTail), WithTail(other, exclusion.SecondTail)]);
            }
        }
    }

    private IntervalVar WithTail(LaidPiece piece, int tail)
    {
        if (tail == 0)
        {
            return piece.Interval;
        }

        if (!piece.Tails.TryGetValue(tail, out var interval))
        {
            interval = piece.Present is { } present
                ? Model.NewOptionalIntervalVar(piece.Start, piece.Size + tail, piece.End + tail, present, "")
                : Model.NewIntervalVar(piece.Start, piece.Size + tail, piece.End + tail, "");
            piece.Tails[tail] = interval;
        }

        return interval;
    }

    /// <summary>An activity in the model.</summary>
    public sealed record Laid(Activity Activity, LinearExpr Start, LinearExpr End, ImmutableArray<LaidPiece> Pieces);

    /// <summary>A piece in the model.</summary>
    public sealed record LaidPiece(IntVar Start, LinearExpr End, LinearExpr Size, IntervalVar Interval, BoolVar? Present, int Work)
    {
        /// <summary>Who does it, where people are told apart.</summary>
        public Dictionary<string, BoolVar> By { get; } = new(StringComparer.Ordinal);

        /// <summary>The same with some ticks after it.</summary>
        public Dictionary<int, IntervalVar> Tails { get; } = [];
    }
}
