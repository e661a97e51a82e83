using System.Collections.Immutable;
using AllSound.Core.Exchange;
using AllSound.Core.Materials;
using AllSound.Core.Treatment;
using AllSound.Core.Wording;

namespace AllSound.Cli;

/// <summary>Reports as plain text.</summary>
internal static class Text
{
    public static void Diagnosis(TextWriter to, DiagnosisReport report)
    {
        to.WriteLine($"{report.Title} ({report.Id})");
        foreach (var hold in report.Holds)
        {
            Hold(to, hold);
        }

        foreach (var finding in report.Findings)
        {
            to.WriteLine($"  {finding.Probability, 5:P0}  {finding.Title}");
            to.WriteLine($"         for: {string.Join("; ", finding.For)}");
            if (!finding.Against.IsEmpty)
            {
                to.WriteLine($"         against: {string.Join("; ", finding.Against)}");
            }

            to.WriteLine($"         cure: {string.Join("; ", finding.Cures)}");
        }

        foreach (var check in report.Checks)
        {
            to.WriteLine($"  check{(check.Gate ? " first" : "")}: {check.Title} ({check.Check}, {check.Minutes} min)");
            foreach (var change in check.WouldChange.Concat(check.Settles))
            {
                to.WriteLine($"         {change}");
            }
        }

        foreach (var line in report.Presumed)
        {
            to.WriteLine($"  assumed: {line}");
        }

        to.WriteLine();
    }

    /// <summary>A specification as plain text: what holds throughout first, the option to do in full, the others by what tells them apart.</summary>
    /// <param name="to">Where to.</param>
    /// <param name="report">The specification.</param>
    /// <param name="all">True for the steps of every option, and for why each step is there.</param>
    public static void Specification(TextWriter to, SpecificationReport report, bool all)
    {
        var told = new HashSet<string>(StringComparer.Ordinal);
        to.WriteLine($"{report.Title} ({report.Id})");
        Hazards(to, report.Hazards);
        foreach (var hold in report.Holds)
        {
            Hold(to, hold);
        }

        if (!report.Meanwhile.IsEmpty)
        {
            to.WriteLine("  meanwhile:");
            Steps(to, report.Meanwhile, told, all);
        }

        if (report.Blocked is { } blocked)
        {
            to.WriteLine($"  nothing meets this brief: {blocked.Need}; what would help: {string.Join("; ", blocked.Frees)}");
            Others(to, blocked.Others);
        }

        if (report.Then is { } then)
        {
            to.WriteLine($"  THE PLAN ONCE FREED (to price and prepare by): {string.Join("; ", then.Freed)}.");
        }

        if (report.Blocked?.Nearest is { } nearest)
        {
            to.WriteLine($"  NOT AS ASKED; the nearest: {string.Join(", and ", nearest.Dropped)}.");
        }

        foreach (var note in report.Then?.Notes ?? report.Notes)
        {
            to.WriteLine($"  note: {note}");
        }

        var first = true;
        foreach (var option in report.Then?.Options ?? report.Blocked?.Nearest?.Options ?? report.Options)
        {
            Option(to, option, first || all ? told : null, all);
            first = false;
        }

        to.WriteLine();
    }

    // In full with what was told before; where nothing is to be told, only what sets it apart.
    private static void Option(TextWriter to, OptionReport option, HashSet<string>? told, bool all)
    {
        to.WriteLine($"  {option.Name}{(option.BestAt.IsEmpty ? "" : $" ({string.Join(", ", option.BestAt)})")}");
        to.WriteLine(
            $"    {Figures.Money(option.Cost.Amount, option.Cost.Currency)}, {Figures.Hours(option.LabourHours)}, {Figures.Days(option.ElapsedDays)}, about {Figures.Years(option.LifeYears)}, hazard {option.Hazard:0.#}"
        );
        foreach (var line in option.NotMet)
        {
            to.WriteLine($"    NOT MET: {line}");
        }

        if (option.Recommended is { } reason)
        {
            to.WriteLine($"    recommended: {reason}");
        }

        if (option.OtherSchool is { } school)
        {
            to.WriteLine($"    not your usual way: {school}");
        }

        if (told is null)
        {
            foreach (var line in option.PreferWhen)
            {
                to.WriteLine($"    {line}");
            }

            to.WriteLine($"    {option.Steps.Length} steps; --all shows them");
            return;
        }

        foreach (var cause in option.Causes)
        {
            to.WriteLine($"    why: {cause.Line}");
        }

        Steps(to, option.Steps, told, all);
        foreach (var left in option.LeavesUndone)
        {
            to.WriteLine($"    left undone: {left}");
        }

        foreach (var risk in option.ResidualRisks)
        {
            to.WriteLine($"    risk: {risk}");
        }
    }

    public static void Audit(TextWriter to, AuditReport report)
    {
        to.WriteLine($"{report.Id}: {Verdict(report)}");
        foreach (var fault in report.Faults)
        {
            to.WriteLine($"  {At(fault.Step)}: {fault.Severity.ToString().ToUpperInvariant()}: {fault.Problem}");
            to.WriteLine($"    {fault.Consequence}");
            to.WriteLine($"    mend: {fault.Mend}{(fault.Also.IsEmpty ? "" : $" (steps {string.Join(", ", fault.Also)} suffer too)")}");
        }

        foreach (var question in report.Questions)
        {
            to.WriteLine($"  {At(question.Step)}: {question.Asks} {question.Decides}");
        }

        Hazards(to, report.Hazards);
        foreach (var note in report.Notes)
        {
            to.WriteLine($"  {(note.Step is null ? "" : $"{At(note.Step)}: ")}{note.Says}");
        }

        if (report.Mended is { } mended)
        {
            to.WriteLine("  with all mends in it:");
            foreach (var step in mended)
            {
                var wait = step.Put.WaitHours is { } hours ? $", {hours:0.#} h after the step before" : "";
                to.WriteLine($"    {step.N}. {step.Title}{(step.ProductTitle is { } product ? $" ({product})" : "")}{wait}");
            }
        }

        foreach (var line in report.Read.Where(r => r.Operations.IsEmpty))
        {
            to.WriteLine($"  line {line.Number}, no step: \"{line.Line}\" ({line.Says})");
        }
    }

    /// <summary>What was understood of lines.</summary>
    public static void Lines(TextWriter to, IEnumerable<ReadLine> lines)
    {
        foreach (var line in lines)
        {
            var step = line.Step is null
                ? $"no step: {string.Join("; ", line.NotSpecified)}"
                : $"{line.Title}{(line.ProductTitle is { } product ? $" ({product})" : "")}";
            to.WriteLine($"{line.Number}. {line.Line}: {step}");
        }
    }

    private static string At(int? step) =>
        step switch
        {
            null => "at the end",
            0 => "before the first step",
            { } n => $"step {n}",
        };

    private static string Verdict(AuditReport report) =>
        report.Verdict switch
        {
            "none" => "no sequence to audit",
            "soundIf" => $"sound if {(report.Questions.Length == 1 ? "this is so" : "these are so")}",
            var verdict => verdict,
        };

    public static void Quantities(TextWriter to, QuantitiesReport report)
    {
        foreach (var surface in report.Surfaces)
        {
            to.WriteLine(
                $"{surface.Title} ({surface.Id}): {Say($"{surface.AreaM2} m2")}{(surface.LengthM > 0 ? Say($", {surface.LengthM} m") : "")}; {(surface.Waits ? "stopped; once freed: " : "")}{surface.Option ?? "stopped, or nothing meets the brief"}"
            );
            if (surface.SlowedSays is { } slowed)
            {
                to.WriteLine($"  {Say(slowed)}");
            }
        }

        to.WriteLine();
        foreach (var material in report.Materials)
        {
            to.WriteLine(
                $"{material.Title}{(material.Colour is null ? "" : $", {material.Colour}")}: {Say($"{material.Need} {material.Unit}")}; {(material.FromStore > 0 ? $"{Say($"{material.FromStore} {material.Unit}")} in the store; " : "")}buy {string.Join(" + ", material.Buy.Select(b => $"{b.Count} x {Say($"{b.Size} {material.Unit}")}"))}; {Figures.Money(material.Cost, report.Cost.Currency)}; left {Say($"{material.Left} {material.Unit}")}"
            );
        }

        foreach (var together in report.Together)
        {
            to.WriteLine($"{together.Title}{(together.Waits ? ", once freed" : "")}: {together.Says}");
        }

        to.WriteLine($"labour {Figures.Hours(report.LabourHours)}; in all {Figures.Money(report.Cost.Amount, report.Cost.Currency)}");
        if (report.OnceFreed is { } then)
        {
            to.WriteLine(
                $"once what is stopped is freed, not before: {string.Join(", ", then.Materials.Select(m => $"{m.Title} {Say($"{m.Need} {m.Unit}")}"))}; labour {Figures.Hours(then.LabourHours)}; {Figures.Money(then.Cost.Amount, then.Cost.Currency)} more"
            );
        }
    }

    private static string Say(string text) => Reader.Speech.Say(text);

    // What was told at an earlier step is not told again.
    // Characters that a step's line takes before what is done goes on a line of its own.
    private const int LineOfStep = 150;

    private static void Steps(TextWriter to, ImmutableArray<StepReport> steps, HashSet<string> told, bool all)
    {
        foreach (var step in steps)
        {
            var head = $"{(step.WaitBefore > 0 ? $"(after {step.WaitBefore} h) " : "")}{step.Title}{(step.ProductTitle is null ? "" : $": {step.ProductTitle}")}";
            var fresh = told.Add(step.Do);

            // A short way of doing it stands on the same line.
            var beside = fresh && head.Length + step.Do.Length <= LineOfStep;
            to.WriteLine($"    {step.N, 2}. {head}{(beside ? $". {step.Do}" : "")}");
            if (fresh && !beside)
            {
                to.WriteLine($"        {step.Do}");
            }

            string?[] with =
            [
                step.Tool,
                // What the label allows says it for coats that are not let down.
                step.Dilution
                    is null
                || step.Mixing is not null && step.Dilution.StartsWith("none", StringComparison.Ordinal)
                    ? null
                    : $"let down: {step.Dilution}",
                step.Mixing is { } mixing && told.Add(mixing) ? mixing : null,
                step.Litres > 0 ? Say(FormattableString.Invariant($"{step.Litres:0.##} L")) : null,
                step.Hours > 0 ? Figures.Hours(step.Hours) : null,
            ];
            to.WriteLine($"        with: {string.Join("; ", with.OfType<string>())}. Done when: {step.Accept}");
            Told(to, told, "beware: ", step.Cautions);
            string[] wear = [.. step.Protection.Where(p => told.Add($"wear: {p}"))];
            string[] clearing =
            [
                .. wear.Length > 0 ? [$"wear: {string.Join(", ", wear)}"] : Array.Empty<string>(),
                .. step.Waste is { } waste && told.Add($"waste: {waste}") ? [$"waste: {waste}"] : Array.Empty<string>(),
            ];
            if (clearing.Length > 0)
            {
                to.WriteLine($"        {string.Join("; ", clearing)}");
            }

            Told(to, told, "our way: ", step.Manner);
            Told(to, told, "", step.Tint is { } tint ? [tint] : []);
            Told(to, told, "HOLD POINT: ", step.HoldPoint is { } hold ? [hold] : []);
            Told(to, told, "tell: ", step.ForOthers is { } others ? [others] : []);
            Told(to, told, "assumes: ", step.Assumes);
            if (all)
            {
                to.WriteLine($"        why: {step.Why} ({step.Source})");
            }
        }
    }

    private static void Told(TextWriter to, HashSet<string> told, string head, ImmutableArray<string> lines)
    {
        string[] fresh = [.. lines.Where(l => told.Add(head + l))];
        if (fresh.Length > 0)
        {
            to.WriteLine($"        {head}{string.Join(' ', fresh)}");
        }
    }

    private static void Hazards(TextWriter to, ImmutableArray<HazardReport> hazards)
    {
        foreach (var hazard in hazards)
        {
            to.WriteLine($"  HAZARD: {hazard.Title}. {hazard.Because} {string.Join(" ", hazard.Do)}{(hazard.Refer is { } refer ? $" Turn to {refer}." : "")}");
        }
    }

    private static void Hold(TextWriter to, HoldReport hold)
    {
        to.WriteLine($"  HELD: {hold.Reason} {hold.Consequence}");
        foreach (var free in hold.Frees)
        {
            to.WriteLine($"    frees: {free}");
        }

        Others(to, hold.Others);

        foreach (var line in hold.Meanwhile)
        {
            to.WriteLine($"    meanwhile: {line}");
        }
    }

    private static void Others(TextWriter to, ImmutableArray<OtherTradeReport> others)
    {
        foreach (var other in others)
        {
            to.WriteLine($"    other trades: {other.Title}. {other.Do} Done when: {other.Accept}");
        }
    }
}
