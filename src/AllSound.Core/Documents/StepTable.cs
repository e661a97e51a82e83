using System.Collections.Immutable;
using AllSound.Core.Sources;
using AllSound.Core.Specification;
using AllSound.Core.Technique;
using AllSound.Core.Wording;

namespace AllSound.Core.Documents;

/// <summary>Steps as a table: what can hurt beside each, how it is done and when it is done, why and who says so. What a page said once it names again, and does not repeat.</summary>
/// <param name="told">What the page has said so far.</param>
/// <param name="named">True to name common practice too at each step; false where the page says once that it is meant where nobody is named.</param>
internal sealed class StepTable(Told told, bool named = false)
{
    /// <summary>The table of a part of a page.</summary>
    /// <param name="steps">Its steps.</param>
    /// <param name="order">How the page numbers its steps.</param>
    /// <param name="end">What they lead to, for the reasons.</param>
    public Block Of(ImmutableArray<PageStep> steps, PageOrder order, string end)
    {
        var worn = "";
        var rows = ImmutableArray.CreateBuilder<ImmutableArray<string>>();
        var known = new List<(int Number, string Name, string Beware)>();
        for (var i = 0; i < steps.Length; i++)
        {
            var line = steps[i];
            var step = line.Step;
            var safety = line.Safety;
            var wear = safety.Protection.IsEmpty ? "" : $"Wear: {string.Join(", ", safety.Protection)}.";
            var fresh = safety.Cautions.Where(c => told.First(c, line.Number)).ToList();
            var again = safety.Cautions.Except(fresh).Select(c => $"{Told.Name(c)} ({told.Where(c)})").ToList();
            var beware = Join([
                safety.Hold is not { } hold ? ""
                : told.First(hold, line.Number) ? $"Hold point. {hold}"
                : $"Hold point, as at {told.Where(hold)}.",
                .. fresh,
                again.Count == 0 ? "" : $"{Capital(string.Join("; ", again))}.",
                wear.Length > 0 && wear == worn ? "Wear: the same." : wear,
            ]);
            worn = wear;
            var same = Alike(steps, i);
            var name = Name(line, same) + Waits(steps, i, same);
            var whole = How(step, HandTools.Mixing(step.Act), safety.Waste, line.Shade);
            var how = How(step, Mixing(step, line.Number), Waste(safety.Waste, line.Number), line.Shade);
            if (!told.First(whole, line.Number))
            {
                // What is done as elsewhere on the page needs no reason of its own either, unless it is a coat.
                if (step.Act.Product is null && fresh.Count == 0)
                {
                    known.Add((line.Number, $"{name}, as {told.Where(whole)}", beware));
                    continue;
                }

                how = $"As {told.Where(whole)}.";
            }

            Flush(rows, known);
            // The last of the coats tells what they come to.
            var last = steps[i + same];
            var why = Writing.Because(last.Step, end, n => order.NumberOf(last.Of, n));
            i += same;
            rows.Add([name, beware, how, $"{Capital(why)}.{(named ? $" ({step.Act.Operation.Source})" : By(step.Act.Operation.Source))}"]);
        }

        Flush(rows, known);
        return Block.Table(["step", "beware, wear", "how, and when it is done", "why, and who says so"], rows);
    }

    /// <summary>Who says so, in brackets; empty for common practice, which the paper says once is meant where nobody is named.</summary>
    public static string By(Source source) => source.Name == Source.Practice.Name ? "" : $" ({source})";

    // Steps in a row that are done as elsewhere on the page share a line.
    private static void Flush(ImmutableArray<ImmutableArray<string>>.Builder rows, List<(int Number, string Name, string Beware)> known)
    {
        if (known.Count > 0)
        {
            // Which of them a caution or a mask belongs to is said where there are several.
            var beware = known.Where(k => k.Beware.Length > 0).Select(k => known.Count > 1 ? $"{k.Number}. {k.Beware}" : k.Beware);
            rows.Add([string.Join("; ", known.Select(k => k.Name)), Join(beware), "As there.", ""]);
            known.Clear();
        }
    }

    // How many steps that follow lay the same again, and ask for nothing that the first has not said: they share its line.
    private static int Alike(ImmutableArray<PageStep> steps, int at)
    {
        var first = steps[at];
        var more = 0;
        if (first.Step.Act.Product is null)
        {
            return 0;
        }

        var (asks, wait) = (Asks(first), (double?)null);
        while (
            at + more + 1 < steps.Length
            && steps[at + more + 1] is var next
            && next.Step.Act == first.Step.Act
            && next.Only == first.Only
            && next.Safety.Hold is null
            && Asks(next) == asks
            && Writing.Litres(next.Litres) == Writing.Litres(first.Litres)
            && (wait ??= next.WaitBefore) == next.WaitBefore
        )
        {
            more++;
        }

        return more;
    }

    private static string Asks(PageStep line) =>
        $"{string.Join(", ", line.Safety.Protection)}|{string.Join(' ', line.Safety.Cautions)}|{How(line.Step, HandTools.Mixing(line.Step.Act), line.Safety.Waste, line.Shade)}";

    private static string Name(PageStep line, int same)
    {
        var step = line.Step;
        var product = Writing.Product(step, ": ");
        var only = line.Only.Length > 0 ? $"{Capital(line.Only)}: " : "";
        var what = $"{only}{step.Act.Operation.Title}{product}";
        var amount = line.Litres is > 0 and var litres ? $", {Writing.Litres(litres)}" : "";
        if (same > 0)
        {
            var coats = step.Coat is { } from ? $", coats {Run(from, same)}" : $", {same + 1} coats";
            return $"{Run(line.Number, same)}. {what}{coats}{(amount.Length > 0 ? $"{amount} each" : "")}";
        }

        return $"{line.Number}. {what}{(step.Coat is { } number ? $", coat {number}" : "")}{amount}";
    }

    private static string Run(int from, int more) => $"{from} {(more == 1 ? "and" : "to")} {from + more}";

    // Before the first, and between those that share its line.
    private static string Waits(ImmutableArray<PageStep> steps, int at, int same)
    {
        var first = steps[at].WaitBefore > 0 ? Figures.Wait(steps[at].WaitBefore) : null;
        var between = same > 0 && steps[at + 1].WaitBefore > 0 ? Figures.Wait(steps[at + 1].WaitBefore) : null;
        return (first, between) switch
        {
            (null, null) => "",
            ({ } once, null) => $". Wait {once} before {(same > 0 ? "the first" : "it")}",
            (null, { } then) => $". Wait {then} between them",
            ({ } once, { } then) when once == then => $". Wait {once} before each",
            ({ } once, { } then) => $". Wait {once} before the first, {then} between them",
        };
    }

    // What is stirred and where it goes is said once on a page; how far it is thinned at every coat.
    private string Mixing(Step step, int number)
    {
        var mixing = HandTools.Mixing(step.Act);
        return mixing.IndexOf(". ", StringComparison.Ordinal) is > 0 and var end && !told.First(mixing[..end], number)
            ? $"as {told.Where(mixing[..end])}. {mixing[(end + 2)..]}"
            : mixing;
    }

    private string? Waste(string? waste, int number) => waste is not null && !told.First($"waste: {waste}", number) ? $"as {told.Where($"waste: {waste}")}" : waste;

    private static string How(Step step, string mixing, string? waste, string? tint) =>
        Join([
            step.Do,
            .. step.Manner,
            step.Act.Operation.Dilution is { } dilution ? $"Dilution: {dilution}." : "",
            mixing.Length > 0 ? $"Mixing: {mixing}." : "",
            tint is not null ? $"Tint: {tint}" : "",
            step.Act.Operation.Tool is { } tool ? $"Tool: {tool}." : "",
            $"Done when: {step.Act.Operation.Accept}.",
            waste is null ? "" : $"Waste: {waste}.",
        ]);

    private static string Join(IEnumerable<string> said) => string.Join(" ", said.Where(s => s.Length > 0)).Replace("..", ".", StringComparison.Ordinal);

    internal static string Capital(string text) => char.ToUpperInvariant(text[0]) + text[1..];
}
