using System.Collections.Immutable;
using System.Text.RegularExpressions;
using AllSound.Core.Jobs;

namespace AllSound.Core.Exchange;

/// <summary>
/// Satin and eggshell are sold in oil and in water, and painters often say neither. Whoever goes over it again within half a day has the one in water: oil wants the night.
/// </summary>
internal static class QuickCoats
{
    /// <summary>Recoat times of oil begin here, hours; what is gone over sooner is waterborne. Common practice.</summary>
    private const double OilFromH = 12;

    private static Regex Either => field ??= new(@"\b(?:satin\w*|eggshell)\b", RegexOptions.IgnoreCase);

    private static Regex Oil => field ??= new(@"\b(?:oil|alkyd|solvent|gloss)\b", RegexOptions.IgnoreCase);

    /// <summary>The same lines, with what was gone over within half a day read as waterborne.</summary>
    public static ImmutableArray<ReadLine> Settled(ImmutableArray<ReadLine> read)
    {
        double[] waits = [.. read.Where(IsOpen).Skip(1).Select(r => r.Step!.WaitHours ?? 0).Where(w => w > 0)];
        return waits.Length == 0 || waits.Max() >= OilFromH ? read : [.. read.Select(r => IsOpen(r) ? InWater(r, r.Step!) : r)];
    }

    private static ReadLine InWater(ReadLine line, SequenceStep step)
    {
        ImmutableArray<string> or = [.. step.Or.Where(o => !OfOil(o) && o != Waterborne)];
        return step.Operation == InOil
            ? line with
            {
                Step = step with { Operation = Waterborne, Or = or },
                Title = Treatment.Operations.Find(Waterborne)!.Title,
            }
            : line with
            {
                Step = step with { Or = or },
            };
    }

    private const string Waterborne = "tc_wb_trim";

    private const string InOil = "tc_gloss";

    private static bool OfOil(string reading) => reading.StartsWith(InOil, StringComparison.Ordinal);

    private static bool IsOpen(ReadLine line) =>
        line.Step is { Product: null } step && (step.Operation == InOil || step.Or.Any(OfOil)) && Either.IsMatch(line.Line) && !Oil.IsMatch(line.Line);
}
