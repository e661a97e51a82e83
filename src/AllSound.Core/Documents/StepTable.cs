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
        foreach (var line in steps)
        {
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
            var how = How(step, safety.Waste, line.Shade);
            var name = Name(line);
            if (!told.First(how, line.Number))
            {
                // What is done as elsewhere on the page needs no reason of its own either, unless it is a coat.
                if (step.Act.Product is null && fresh.Count == 0)
                {
                    known.Add((line.Number, $"{name}, as {told.Where(how)}", beware));
                    continue;
                }

                how = $"As {told.Where(how)}.";
            }

            Flush(rows, known);
            var why = Writing.Because(step, end, n => order.NumberOf(line.Of, n));
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

    private static string Name(PageStep line)
    {
        var step = line.Step;
        var product = Writing.Product(step, ": ");
        var coat = step.Coat is { } number ? $", coat {number}" : "";
        var amount = line.Litres is > 0 and var litres ? $", {Writing.Litres(litres)}" : "";
        var wait = line.WaitBefore > 0 ? $". Wait {Figures.Wait(line.WaitBefore)} before it" : "";
        var only = line.Only.Length > 0 ? $"{Capital(line.Only)}: " : "";
        return $"{line.Number}. {only}{step.Act.Operation.Title}{product}{coat}{amount}{wait}";
    }

    private static string How(Step step, string? waste, string? tint) =>
        Join([
            step.Do,
            .. step.Manner,
            step.Act.Operation.Dilution is { } dilution ? $"Dilution: {dilution}." : "",
            step.Act.Product is not null && HandTools.Mixing(step.Act) is { Length: > 0 } mixing ? $"Mixing: {mixing}." : "",
            tint is not null ? $"Tint: {tint}" : "",
            step.Act.Operation.Tool is { } tool ? $"Tool: {tool}." : "",
            $"Done when: {step.Act.Operation.Accept}.",
            waste is null ? "" : $"Waste: {waste}.",
        ]);

    private static string Join(IEnumerable<string> said) => string.Join(" ", said.Where(s => s.Length > 0)).Replace("..", ".", StringComparison.Ordinal);

    internal static string Capital(string text) => char.ToUpperInvariant(text[0]) + text[1..];
}
