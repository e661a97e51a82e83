using System.Text.RegularExpressions;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Treatment;

namespace AllSound.Core.Exchange;

// Where what was read stands in the sequence: line numbers, waits, how many coats, and the manner it is done in.
public static partial class LineReader
{
    // What the lines before leave to those that follow.
    private sealed class Position
    {
        public double? Pending { get; set; }

        public ReadLine? Finish { get; set; }

        public ReadLine? Coat { get; set; }

        // What bared ground was primed with, where that was the last coat.
        public ReadLine? Spot { get; set; }

        public ReadLine? Last { get; set; }

        // What the edges were striped with.
        public CoatingClass? Striped { get; set; }

        public double? Clock { get; set; }

        // The painting is begun on the day that the lines before speak of: hours to the next step of it.
        public double? Begun { get; set; }

        // The clock time was said in the line that is being read.
        public bool SameLine { get; set; }

        // The line that is being read is of the same day as the one before.
        public bool ThatDay { get; set; }

        // The last day that was said, and whether by its name.
        public (int Last, bool Named)? Day { get; set; }
    }

    // The steps of a line with their waits and coats.
    private static List<ReadLine> Placed(List<(ReadLine Line, LineWaits Waits)> parts, string plain, int number, Position at)
    {
        var placed = new List<ReadLine>();
        at.SameLine = false;
        foreach (var (part, waits) in parts)
        {
            if (part.Step is null)
            {
                placed.Add(part with { Number = number, Said = part.Said is { } said ? said with { Line = number } : null });

                // "Two coats, 4 h": that is between them as well.
                if ((waits.After ?? waits.Between) is { } each && LineWaits.IsAll(part.Line))
                {
                    for (var i = placed.Count - 2; i > 0 && placed[i].Step is { WaitHours: null } one && placed[i - 1].Step is { } other && one.Words == other.Words; i--)
                    {
                        placed[i] = placed[i] with { Step = one with { WaitHours = each } };
                    }
                }

                // "Two coats, on the same day as the washing": that is before the first of them.
                if (waits.SameDay && LineWaits.IsAll(part.Line) && placed.FindIndex(p => p.Step is { } one && one.Words == at.Last?.Step?.Words) is >= 0 and var of)
                {
                    var coat = placed[of].Step!;
                    placed[of] = placed[of] with { Step = coat with { WaitHours = coat.WaitHours ?? SameDay(at) } };
                }

                at.Begun = waits.CoatThatDay ? LineWaits.SameAfternoon : at.Begun;
                at.Pending = (waits.Before ?? waits.After) is { } more ? (at.Pending ?? 0) + more : at.Pending;
                continue;
            }

            var coats = Coats(part.Line, part.Step);
            var begun = at.Begun;
            at.Begun = begun is null || Is(part, o => o.Role != CoatRole.None) ? null : Moments;
            for (var coat = 0; coat < coats; coat++)
            {
                // Within a day of what came before, whatever the hour.
                var before =
                    coat == 0
                        ? (waits.Before is 0 && at.Pending is { } flashed ? flashed : waits.Before)
                            ?? Since(waits, at)
                            ?? at.Pending
                            ?? (waits.SameDay ? SameDay(at) : (double?)null)
                            ?? (at.Last is { } last && Is(last, Fills) ? null : begun)
                        : waits.Between ?? waits.After;
                var waited = Waited(part, before, first: at.Last is null);
                waited = waited with { Number = number, Step = waited.Step! with { Line = number, Words = part.Line } };
                placed.Add(waited);
                at.Last = waited;
                at.Finish = Is(waited, o => o.Role == CoatRole.Finish) ? waited : at.Finish;
                at.Coat = Is(waited, o => o.Role is not (CoatRole.None or CoatRole.Spot)) ? waited : at.Coat;
                at.Spot =
                    Is(waited, PrimesSpots) ? waited
                    : Is(waited, o => o.Role != CoatRole.None) ? null
                    : at.Spot;
            }

            at.SameLine |= waits.Clock is not null;
            at.Clock = waits.Clock ?? (waits.After is null && waits.Before is null ? at.Clock : null);
            at.Pending = waits.After ?? (coats == 1 ? waits.Between : null);
        }

        // What a line says was found or put right counts wherever in it that is said.
        var told = placed.SelectMany(p => p.Said?.Found ?? []).ToHashSet(StringComparer.Ordinal);
        if (LineKinds.Settled(plain).RemoveAll(told.Contains) is { IsEmpty: false } found)
        {
            var at0 = placed.Count > 0 ? placed[0] : NotUnderstood(plain, ["something found: no step"], []) with { Number = number };
            at0 = at0 with { Said = (at0.Said ?? new SequenceSaid { Line = number, Words = plain }) with { Found = [.. at0.Said?.Found ?? [], .. found] } };
            placed = placed.Count > 0 ? [at0, .. placed.Skip(1)] : [at0];
        }

        return placed;
    }

    // What is done on the way to a coat of the same afternoon follows at once. Hours, judgement.
    private const double Moments = 0.1;

    // Between coats of a day the usual wait; after other work it is begun when that is done. Hours, judgement.
    private static double SameDay(Position at) => at.Last is { } last && Is(last, o => o.Role != CoatRole.None) ? 4 : 1;

    // From one clock time to the next on the same day.
    private static double? Since(LineWaits waits, Position at) =>
        waits is { Clock: { } now } && at.Clock is { } then && (waits.SameDay || at.SameLine || at.ThatDay)
            ? now > then
                ? now - then
                : then >= Evening && now < Morning
                    ? now + 24 - then
                    : null
            : null;

    // A night shift goes on past midnight. Hours of the clock.
    private const double Evening = 18;

    private const double Morning = 8;

    // What the line says of how it is done goes with the step whose words say it, or else with the line.
    private static List<ReadLine> Mannered(List<ReadLine> placed, string line, int number)
    {
        foreach (var (manner, index) in MannerReader.In(line))
        {
            var i = placed.FindLastIndex(p => p.Step is not null && line.IndexOf(First(p.Line), StringComparison.Ordinal) is >= 0 and var from && from <= index);
            i = i < 0 ? placed.FindIndex(p => p.Step is not null) : i;
            if (i >= 0)
            {
                var step = placed[i].Step!;
                placed[i] = placed[i] with { Step = step with { Manners = step.Manners.Add(manner) } };
            }
            else
            {
                var said = placed.Count > 0 ? placed[0].Said : null;
                said ??= new SequenceSaid { Line = number, Words = line };
                said = said with { Manners = said.Manners.Add(manner) };
                if (placed.Count > 0)
                {
                    placed[0] = placed[0] with { Said = said };
                }
                else
                {
                    placed.Add(NotUnderstood(line, ["a word on how it is done"], []) with { Number = number, Said = said });
                }
            }
        }

        return placed;

        static string First(string words) => words.Split(',')[0];
    }

    // A wait is told from the step before; before the first there is none.
    private static ReadLine Waited(ReadLine line, double? hours, bool first) =>
        first ? line
        : hours is null ? line with { NotSpecified = line.NotSpecified.Add("wait not specified") }
        : line with { Step = line.Step! with { WaitHours = hours } };

    // An operation that lays two coats by itself is one when two are asked for.
    private static int Coats(string line, SequenceStep step) =>
        Operations.Find(step.Operation) is { Role: not (CoatRole.None or CoatRole.Spot), Coats: 1 } && CoatCount.Match(line) is { Success: true } m
            ? m.Groups["o"].Success
                ? Ordinal.Count(m.Groups["o"].Value)
                : Count(m.Groups["n"].Value.ToLowerInvariant())
            : 1;

    private static int Count(string said) =>
        said switch
        {
            "2" or "two" or "twice" => 2,
            "3" or "three" or "thrice" => 3,
            "4" or "four" => 4,
            "5" or "five" => 5,
            _ => 6,
        };

    private static Regex Ordinal => field ??= new(@"second|third|fourth|fifth|sixth|2nd|3rd|4th|5th", RegexOptions.IgnoreCase);

    private static Regex CoatCount =>
        field ??= new(
            @"\b(?<n>[2-6]|two|three|four|five|six)\s+(?:(?!hours?\b|days?\b|h\b)[a-z-]+\s+){0,4}coats?\b|\bx\s*(?<n>[2-6])\b|\b(?<n>[2-6])\s*x\b"
                + @"|(?<!\bafter\s+)\b(?<n>two|three|four|five)\s+(?:neat|more)\b|\b(?<n>twice|thrice)\b|\b(?<n>[2-5]|two|three|four|five)\s+times\b(?!\s+(?:over|with))"
                + @"|^(?:then\s+)?(?<n>[2-6]|two|three|four)\s+(?:\w+\s+)?(?:satin\w*|gloss|matt|eggshell|emulsion|silk|masonry|varnish)\b"
                + @"|\b(?<o>(?:second|third|fourth|fifth|sixth|2nd|3rd|4th|5th)(?:\s*(?:,|and|&)\s*(?:and\s+)?(?:second|third|fourth|fifth|sixth|2nd|3rd|4th|5th))+)\b",
            RegexOptions.IgnoreCase
        );
}
