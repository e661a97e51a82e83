using System.Collections.Immutable;
using AllSound.Core.Buying;
using AllSound.Core.Jobs;
using AllSound.Core.Quantities;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Wording;

namespace AllSound.Core.Documents;

/// <summary>
/// The summary of a job for whoever pays for it: what it comes to and what is in that, then a page for each room with like surfaces together. What
/// each surface needs step by step is for the specification.
/// </summary>
internal static class ClientSummary
{
    // Share of a price by which two are told apart. Judgement.
    private const decimal LittleMoney = 0.05m;

    /// <summary>Surfaces of a room for which the same is proposed.</summary>
    private sealed record Alike(Option? Proposed, Option? Other, bool Held, ImmutableArray<(Surface Surface, Specified Specified)> Surfaces)
    {
        public string Titles => Likeness.InARow(Surfaces.Select(s => s.Surface.Title));

        /// <summary>Surfaces of which nobody knows yet whether the old coats hold.</summary>
        public int Untried => Surfaces.Count(s => Section.VerdictOf(s.Specified) == Verdict.Unseen);

        /// <summary>What it comes to, each surface rounded as it is shown.</summary>
        public decimal Money => Surfaces.Sum(s => Figures.Shown(Takeoff.Planned(s.Surface, s.Specified)?.Criteria.Money ?? 0));

        public double Hours => Surfaces.Sum(s => Takeoff.Planned(s.Surface, s.Specified)?.Criteria.LabourHours ?? 0);

        public double Days => Surfaces.Max(s => Takeoff.Planned(s.Surface, s.Specified)?.Criteria.ElapsedDays ?? 0);

        public double Years => Surfaces.Min(s => Takeoff.Planned(s.Surface, s.Specified)?.Criteria.LifeYears ?? 0);

        /// <summary>What the other way would come to on the same surfaces.</summary>
        public decimal OtherMoney => Surfaces.Sum(s => Figures.Shown(Beside(s.Surface, s.Specified)?.Criteria.Money ?? 0));
    }

    /// <summary>What stands first: for whom, and the total with what it rests on.</summary>
    public static ImmutableArray<Block> Head(Job job, IReadOnlyDictionary<string, Specified> specified, ImmutableArray<Block> who)
    {
        var rooms = Rooms(job, specified);
        var together = Sharing.Of(job, specified);
        decimal Sum(bool held) =>
            rooms.SelectMany(r => r.Groups).Where(g => g.Held == held).Sum(g => g.Money) - together.Where(t => t.Waits == held).Sum(t => Figures.Shown(t.Money));
        var free = rooms.SelectMany(r => r.Groups).Where(g => g is { Held: false, Proposed: not null }).ToArray();
        var held = rooms.SelectMany(r => r.Groups).Where(g => g.Held).ToArray();
        return
        [
            .. who,
            Block.Heading($"Altogether {Figures.Money(Sum(held: false), job.Rates.Currency)}{Writing.BeforeTax(job)}"),
            Block.Say(
                $"Labour and materials for {Count(free.Sum(g => g.Surfaces.Length), "surface")} in {Count(rooms.Length, "room")}, about {Figures.Hours(free.Sum(g => g.Hours) - together.Where(t => !t.Waits).Sum(t => t.Hours))} of work."
                    + (
                        held.Length == 0
                            ? ""
                            : $" {StepTable.Capital(Count(held.Sum(g => g.Surfaces.Length), "surface"))} cannot be begun yet; that would come to {Figures.Money(Sum(held: true), job.Rates.Currency)} more once what stops it is dealt with."
                    )
            ),
            .. Untried(rooms.Sum(r => r.Groups.Sum(g => g.Untried))),
        ];
    }

    /// <summary>What each room comes to.</summary>
    public static Block ByRoom(Job job, IReadOnlyDictionary<string, Specified> specified)
    {
        var rooms = Rooms(job, specified);
        var together = Sharing.Of(job, specified);
        return Block.Table(
            ["room", "what is proposed", "cost"],
            rooms.Select(r =>
                ImmutableArray.Create(
                    string.Join("; ", r.Groups.Select(g => Proposes(g)).Distinct(StringComparer.Ordinal)),
                    Figures.Money(r.Groups.Sum(g => g.Money) - together.Where(t => t.Space.Id == r.Space.Id).Sum(t => Figures.Shown(t.Money)), job.Rates.Currency)
                )
            ),
            [.. rooms.Select(r => r.Space.Title)]
        );
    }

    /// <summary>What is in the price and what is not, and where it is agreed.</summary>
    public static ImmutableArray<Block> Terms(Job job, IReadOnlyDictionary<string, Specified> specified) =>
        [
            Block.Heading("In the price"),
            Block.List([Writing.Included, "Paint and sundries as measured; tins are not rounded up here."]),
            Block.Heading("Not in the price"),
            Block.List([
                "Work of other trades, where it is named.",
                "Whatever is not listed here, and damage that only shows once old paint is off: it is shown to you and agreed before it is done.",
                .. Rooms(job, specified)
                    .SelectMany(r => r.Groups)
                    .Where(g => g is { Held: false, Proposed: null })
                    .Select(g => $"{g.Titles}: nothing meets what was asked; see its room."),
            ]),
            Block.Heading("Agreed"),
            Writing.Signatures,
            Block.Say($"Years of life are a judgement for normal use, not a promise. {Writing.Defers}"),
        ];

    private static (Space Space, Alike[] Groups)[] Rooms(Job job, IReadOnlyDictionary<string, Specified> specified) =>
        [.. job.Buildings.SelectMany(b => b.Spaces).Where(s => !s.Surfaces.IsEmpty).Select(s => (s, Of(s, specified)))];

    /// <summary>The page of a room.</summary>
    public static ImmutableArray<Block> Room(Job job, Space space, IReadOnlyDictionary<string, Specified> specified)
    {
        var groups = Of(space, specified);
        // Said once at the total where it is so of all there is.
        var everything = job.Surfaces().All(p => Section.VerdictOf(specified[p.Surface.Id]) == Verdict.Unseen);
        var blocks = ImmutableArray.CreateBuilder<Block>();
        foreach (var group in groups)
        {
            blocks.Add(Block.Part(group.Titles, group.Proposed is null ? "" : Figures.Money(group.Money, job.Rates.Currency)));
            if (group.Proposed is not { } proposed || group.Held)
            {
                var (surface, found) = group.Surfaces[0];
                blocks.AddRange(Stopped(surface, found, group, job));
                continue;
            }

            blocks.Add(
                Block.Say(
                    $"{proposed.Name}. About {Figures.Hours(group.Hours)} of work, {Figures.Days(group.Days)} with drying; {Figures.Years(group.Years)} to first maintenance."
                )
            );
            string[] more =
            [
                .. group.Untried == 0 || everything
                    ? Array.Empty<string>()
                    : [$"Not tried yet: {(group.Untried == group.Surfaces.Length ? "all of this" : $"{group.Untried} of these")}. The price is a first figure."],
                .. proposed.NotMet,
                .. proposed.OtherSchool is { } school ? [$"Not how we usually work. {school}"] : Array.Empty<string>(),
                .. group.Other is { } other ? [Instead(other, group, job)] : Array.Empty<string>(),
            ];
            if (more.Length > 0)
            {
                blocks.Add(Block.List(more));
            }
        }

        foreach (var together in new[] { false, true }.Select(waits => Sharing.Of(job, space, specified, waits)).OfType<Together>())
        {
            blocks.Add(Block.Say($"{(together.Waits ? "What is stopped, once freed. " : "")}{together.Says(job.Rates.Currency)}"));
        }

        Option[] all = [.. groups.Where(g => !g.Held).Select(g => g.Proposed).OfType<Option>()];
        Writing.Add(blocks, "Left as it is", [.. all.SelectMany(o => o.LeftUndone).Distinct(StringComparer.Ordinal)]);
        Writing.Add(blocks, "What can still go wrong", [.. all.SelectMany(o => o.Risks).Distinct(StringComparer.Ordinal)]);
        Writing.Add(
            blocks,
            "To know beforehand",
            [
                .. groups
                    .SelectMany(g => g.Surfaces)
                    .SelectMany(s => s.Specified.Notes.Concat(Takeoff.Chosen(s.Surface, s.Specified) is { } chosen ? Writing.Rooms(chosen, s.Surface) : []))
                    .Distinct(StringComparer.Ordinal),
            ]
        );
        return blocks.ToImmutable();
    }

    /// <summary>What the client gains most by hearing of beside what is proposed: another school's way where it costs less, else what is best at most.</summary>
    public static Option? Beside(Surface surface, Specified specified)
    {
        var chosen = Takeoff.Chosen(surface, specified);
        return chosen is null
            ? null
            : specified
                .Options.Where(o => !o.Equals(chosen))
                .OrderByDescending(o => o.OtherSchool is not null && o.Criteria.Money < chosen.Criteria.Money)
                .ThenByDescending(Choosing.Standing)
                .FirstOrDefault();
    }

    private static Alike[] Of(Space space, IReadOnlyDictionary<string, Specified> specified) =>
        [
            .. space
                .Surfaces.Select(s => (Surface: s, Specified: specified[s.Id]))
                .GroupBy(s =>
                    (
                        Takeoff.Planned(s.Surface, s.Specified)?.Name,
                        Beside(s.Surface, s.Specified)?.Name,
                        string.Join('|', s.Specified.Holds.Select(h => h.Need.Id).DefaultIfEmpty(s.Specified.Impasse?.Reason ?? ""))
                    )
                )
                .Select(g => new Alike(
                    Takeoff.Planned(g.First().Surface, g.First().Specified),
                    Beside(g.First().Surface, g.First().Specified),
                    !g.First().Specified.Holds.IsEmpty,
                    [.. g]
                )),
        ];

    // What nobody has looked at is not priced in silence.
    private static ImmutableArray<Block> Untried(int count) =>
        count == 0
            ? []
            :
            [
                Block.Beware(
                    $"{(count == 1 ? "One surface has" : $"{count} surfaces have")} not been tried yet. What {(count == 1 ? "it costs rests" : "they cost rests")} on what is usual for such a building, and may change once the old paint has been tested."
                ),
            ];

    private static string Proposes(Alike group) =>
        group.Proposed is null ? (group.Held ? "stopped" : "nothing meets what was asked")
        : group.Held ? $"stopped; once freed: {group.Proposed.Name}"
        : group.Proposed.Name;

    // The other way by what it changes for whoever pays.
    private static string Instead(Option other, Alike group, Job job)
    {
        var less = group.Money - group.OtherMoney;
        var years = other.Criteria.LifeYears - group.Proposed!.Criteria.LifeYears;
        string[] changes =
        [
            Math.Abs(less) < LittleMoney * Math.Max(group.Money, 1)
                ? "costs about the same"
                : $"{Figures.Money(Math.Abs(less), job.Rates.Currency)} {(less > 0 ? "less" : "more")}",
            .. Math.Abs(years) < 0.5 ? Array.Empty<string>() : [$"{Figures.Years(Math.Abs(years))} {(years > 0 ? "longer" : "shorter")} to first maintenance"],
        ];
        // Figures in it are of one surface.
        var when = other.PreferWhen.IsEmpty || (group.Surfaces.Length > 1 && other.PreferWhen[0].Any(char.IsAsciiDigit)) ? "" : $" {other.PreferWhen[0]}";
        return $"Or: {other.Name}, {string.Join(", ", changes)}.{when}";
    }

    private static IEnumerable<Block> Stopped(Surface surface, Specified found, Alike group, Job job)
    {
        foreach (var block in Writing.WhatStops(found))
        {
            yield return block;
        }

        if (found.Holds.IsEmpty)
        {
            foreach (var block in Writing.Stopped(job, surface, found))
            {
                yield return block;
            }
        }
        else if (group.Proposed is { } then && found.Afterwards is { } after)
        {
            yield return Block.Say(
                $"Once freed: {then.Name}, {Figures.Money(group.Money, job.Rates.Currency)}. Not to be started before {string.Join(", and ", after.Freed)}; it is looked at again then."
            );
        }
    }

    private static string Count(int number, string what) => number == 1 ? $"one {what}" : $"{number} {what}s";
}
