using AllSound.Scheduling;
using Xunit;

namespace AllSound.Planning.Tests;

/// <summary>Looks a plan over tick by tick. It knows the rules from their words and nothing of the model.</summary>
internal static class Check
{
    public static void Legal(Project project, Schedule schedule)
    {
        var placed = schedule.Placed.ToDictionary(p => p.Activity.Id);
        Assert.All(project.Activities, a => Assert.True(a.OnlyIfLate || placed.ContainsKey(a.Id), a.Id));
        foreach (var (id, p) in placed)
        {
            var a = p.Activity;
            Assert.True(p.Start >= a.Earliest && p.End <= Math.Min(a.Latest ?? project.Horizon, project.Horizon), $"{id} out of its bounds");
            Assert.True(p.Start % a.Grid == 0, $"{id} off its grid");
            var worked = p.Pieces.Sum(x => Enumerable.Range(x.From, x.To - x.From).Count(t => Open(a, t)));
            Assert.Equal(a.Duration, worked);
            for (var i = 0; i < p.Pieces.Length; i++)
            {
                var piece = p.Pieces[i];
                Assert.True(i == 0 || piece.From >= p.Pieces[i - 1].To, $"{id}: pieces overlap");
                Assert.True(a.Pausing == Pausing.WhileClosed || Enumerable.Range(piece.From, piece.To - piece.From).All(t => Open(a, t)), $"{id} at closed hours");
                Assert.True(a.Pausing == Pausing.InPieces || p.Pieces.Length == 1);
                Assert.Equal(a.People, piece.Crew.Distinct().Count());
            }

            if (a.Pausing == Pausing.InPieces)
            {
                Assert.All(p.Pieces, x => Assert.True(x.To - x.From >= Math.Min(a.LeastPiece, a.Duration)));
            }
        }

        for (var t = 0; t < project.Horizon; t++)
        {
            var now = placed.Values.Select(p => (p.Activity, Piece: p.Pieces.FirstOrDefault(x => x.From <= t && t < x.To))).Where(x => x.Piece is not null).ToArray();
            var busy = now.SelectMany(x => x.Piece!.Crew).ToArray();
            Assert.Equal(busy.Length, busy.Distinct().Count());
            Assert.All(now, x => Assert.All(x.Piece!.Crew, w => Assert.True(CanDo(project, x.Activity, w, t))));
            Assert.All(project.Resources, r => Assert.True(now.Sum(x => x.Activity.Demands.Where(d => d.Resource == r.Id).Sum(d => d.Amount)) <= r.Capacity, r.Id));
        }

        foreach (var link in project.Links)
        {
            if (!placed.TryGetValue(link.Before, out var before) || !placed.TryGetValue(link.After, out var after))
            {
                continue;
            }

            var since = link.FromStart ? before.Start : before.End;
            var passed = link.Working
                ? Enumerable.Range(since, Math.Max(0, after.Start - since)).Count(t => project.Hours is null || project.Hours.Openings.Any(o => o.From <= t && t < o.To))
                : after.Start - since;
            Assert.True(passed >= link.Least, $"{link.Before} to {link.After}: {passed} of {link.Least}");
            if (passed > link.Most)
            {
                Assert.True(
                    link.Otherwise is { } id && placed.TryGetValue(id, out var between) && between.Start >= before.End && between.End <= after.Start,
                    $"{link.Before} to {link.After}: {passed}, more than {link.Most}"
                );
            }

            var days = (after.Start / project.Day) - ((Math.Max(1, before.End) - 1) / project.Day);
            Assert.True(link.Day == DayRule.Any || (link.Day == DayRule.Same ? days == 0 : days > 0), $"{link.Before} to {link.After}: days");
        }

        foreach (var e in project.Exclusions.Where(e => placed.ContainsKey(e.First) && placed.ContainsKey(e.Second)))
        {
            foreach (var one in placed[e.First].Pieces)
            {
                foreach (var other in placed[e.Second].Pieces)
                {
                    Assert.True(one.To + e.FirstTail <= other.From || other.To + e.SecondTail <= one.From, $"{e.First} and {e.Second} together");
                }
            }
        }

        Assert.Equal(placed.Values.Max(p => p.End), schedule.Finish);
        Assert.True(schedule.Bound <= schedule.Finish);
    }

    private static bool Open(Activity a, int t) => a.Hours is null || a.Hours.Openings.Any(o => o.From <= t && t < o.To);

    private static bool CanDo(Project project, Activity a, string id, int t)
    {
        var worker = project.Workers.Single(w => w.Id == id);
        return a.Skills.All(s => worker.Skills.Contains(s)) && (worker.Away is null || !worker.Away.Openings.Any(o => o.From <= t && t < o.To));
    }
}

/// <summary>The earliest finish by trying every start of everything, one after another; what cannot be better is left.</summary>
internal static class Exhaustive
{
    public static int? Finish(Project project)
    {
        var order = Sorted(project);
        var at = new Dictionary<string, (int From, int To)>();
        // Work and waits that follow each at the least.
        var tails = new Dictionary<string, int>();
        foreach (var a in order.AsEnumerable().Reverse())
        {
            tails[a.Id] = project
                .Links.Where(l => l.Before == a.Id)
                .Select(l => l.Least + project.Activities.First(x => x.Id == l.After).Duration + tails[l.After])
                .DefaultIfEmpty(0)
                .Max();
        }

        var into = project.Links.ToLookup(l => l.After);
        int? best = null;
        Try(0, 0);
        return best;

        void Try(int next, int finish)
        {
            if (best <= finish)
            {
                return;
            }

            if (next == order.Count)
            {
                best = finish;
                return;
            }

            var a = order[next];
            for (var t = a.Earliest; t + a.Duration <= Math.Min(a.Latest ?? project.Horizon, ((best - 1) ?? project.Horizon) - tails[a.Id]); t++)
            {
                if ((a.Hours is null || a.Hours.Holds(t, t + a.Duration)) && Fits(a, t))
                {
                    at[a.Id] = (t, t + a.Duration);
                    Try(next + 1, Math.Max(finish, t + a.Duration));
                    at.Remove(a.Id);
                }
            }
        }

        bool Fits(Activity a, int t)
        {
            foreach (var l in into[a.Id])
            {
                if (at.TryGetValue(l.Before, out var b) && (t < b.To + l.Least || t > b.To + l.Most))
                {
                    return false;
                }
            }

            foreach (var e in project.Exclusions)
            {
                var (other, mine, theirs) = e.First == a.Id ? (e.Second, e.FirstTail, e.SecondTail) : (e.First, e.SecondTail, e.FirstTail);
                if ((e.First == a.Id || e.Second == a.Id) && at.TryGetValue(other, out var o) && t < o.To + theirs && o.From < t + a.Duration + mine)
                {
                    return false;
                }
            }

            for (var u = t; u < t + a.Duration; u++)
            {
                var (people, towers) = (a.People, a.Demands.Length);
                for (var i = 0; i < at.Count; i++)
                {
                    if (at[order[i].Id] is var x && x.From <= u && u < x.To)
                    {
                        (people, towers) = (people + order[i].People, towers + order[i].Demands.Length);
                    }
                }

                if (people > project.Workers.Length || towers > 1)
                {
                    return false;
                }
            }

            return true;
        }
    }

    private static List<Activity> Sorted(Project project)
    {
        var left = project.Activities.ToList();
        var order = new List<Activity>();
        while (left.Count > 0)
        {
            var next = left.First(a => project.Links.All(l => l.After != a.Id || order.Exists(o => o.Id == l.Before)));
            left.Remove(next);
            order.Add(next);
        }

        return order;
    }
}

/// <summary>Projects as a room may give them, small enough to try everything.</summary>
internal static class Generated
{
    public static Project Project(Random chance, int most)
    {
        var n = chance.Next(4, most + 1);
        // The more there are, the shorter each, so that trying everything ends.
        var longest = n > 8 ? 2 : 4;
        var hours = Timetable.Of(Enumerable.Range(0, 6).Select(d => new Opening(d * 8, (d * 8) + 6)));
        var activities = Enumerable
            .Range(0, n)
            .Select(i => new Activity
            {
                Id = $"t{i}",
                Duration = chance.Next(1, longest + 1),
                Hours = hours,
                People = chance.Next(6) == 0 ? 2 : 1,
                Earliest = chance.Next(5) == 0 ? chance.Next(8) : 0,
                Latest = chance.Next(12) == 0 ? chance.Next(8, 30) : null,
                Demands = chance.Next(3) == 0 ? [new Demand("tower", 1)] : [],
            })
            .ToArray();
        var links = new List<Link>();
        for (var i = 1; i < n; i++)
        {
            if (chance.Next(4) > 0 || n > 8)
            {
                links.Add(new($"t{chance.Next(Math.Max(0, i - 2), i)}", $"t{i}", chance.Next(0, 5), chance.Next(6) == 0 ? chance.Next(5, 12) : null));
            }
        }

        Exclusion[] exclusions = chance.Next(2) == 0 ? [] : [new("t0", chance.Next(3), $"t{n - 1}", chance.Next(4))];
        return new()
        {
            Activities = [.. activities],
            Links = [.. links],
            Exclusions = [.. exclusions],
            Resources = [new("tower", 1)],
            Workers = [new("p1", []), new("p2", [])],
            Horizon = 46,
            Day = 8,
        };
    }
}
