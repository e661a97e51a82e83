using System.Collections.Immutable;
using AllSound.Core.Assessment;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>What an audit comes to.</summary>
public enum AuditVerdict : byte
{
    /// <summary>Sound.</summary>
    Sound,

    /// <summary>Sound if the questions are answered as one would hope.</summary>
    SoundIf,

    /// <summary>Something is wrong.</summary>
    Faults,
}

/// <summary>Something wrong with a sequence: what is written is wrong, or something is missing that every painter would write.</summary>
/// <param name="Step">Number of the step, or of the line that it was read from, from 1; 0 for what is missing before the first, null for what is missing at the end.</param>
/// <param name="Severity">How bad, by what happens and to whom.</param>
/// <param name="Id">Id of the need not met, or of the manner.</param>
/// <param name="Need">The need not met; null for a manner of working.</param>
/// <param name="Problem">What is wrong, as a clause.</param>
/// <param name="Consequence">What happens, as a sentence.</param>
/// <param name="Mend">What puts it right.</param>
/// <param name="Also">Later steps that suffer from it.</param>
/// <param name="Source">Who says so.</param>
public sealed record AuditFault(
    int? Step,
    Severity Severity,
    string Id,
    Need? Need,
    string Problem,
    string Consequence,
    string Mend,
    ImmutableArray<int> Also,
    Source Source
);

/// <summary>Something that was not stated and would decide.</summary>
/// <param name="Step">Number of the step that it bears on; null at the end.</param>
/// <param name="Asks">The question.</param>
/// <param name="Decides">What hangs on it, as a sentence.</param>
public sealed record AuditQuestion(int? Step, string Asks, string Decides);

/// <summary>Something worth saying that is no fault.</summary>
/// <param name="Step">Number of the step; null for the whole.</param>
/// <param name="Says">The sentence.</param>
public sealed record AuditNote(int? Step, string Says);

/// <summary>What an audit found.</summary>
/// <param name="Faults">The worst first; empty when the sequence is sound.</param>
/// <param name="Questions">What would decide and was not stated, two at most.</param>
/// <param name="Notes">What was read into the words, taken as done, or is a matter of taste.</param>
/// <param name="Mended">The whole sequence with every mend in it; empty when there are no faults, or where some cannot be put right by steps alone.</param>
public sealed record Audited(
    ImmutableArray<AuditFault> Faults,
    ImmutableArray<AuditQuestion> Questions,
    ImmutableArray<AuditNote> Notes,
    ImmutableArray<SequenceStep> Mended
)
{
    /// <summary>What each step was taken as.</summary>
    public ImmutableArray<Act> Acts { get; init; } = [];

    /// <summary>The verdict.</summary>
    public AuditVerdict Verdict =>
        !Faults.IsEmpty ? AuditVerdict.Faults
        : !Questions.IsEmpty ? AuditVerdict.SoundIf
        : AuditVerdict.Sound;
}

/// <summary>Follows any sequence and says what is wrong, what would have to be known, and what is worth saying.</summary>
public static class Auditor
{
    private const int MostQuestions = 2;
    private const int MostTogether = 3;

    /// <summary>Audits a sequence on a surface.</summary>
    /// <param name="rates">Prices, for the cheapest mend.</param>
    /// <param name="surface">The surface.</param>
    /// <param name="appraised">Its condition.</param>
    /// <param name="sequence">The steps; operations and products must be known (validate first).</param>
    /// <param name="firm">The firm's own products; null for none.</param>
    /// <param name="said">What the lines say besides the steps.</param>
    public static Audited Audit(
        Rates rates,
        Surface surface,
        Appraised appraised,
        IReadOnlyList<SequenceStep> sequence,
        Practice.Firm? firm = null,
        ImmutableArray<SequenceSaid> said = default
    )
    {
        firm ??= Practice.Firm.Any;
        ArgumentNullException.ThrowIfNull(surface);
        ArgumentNullException.ThrowIfNull(sequence);
        var goal = Goal.For(surface, appraised.Condition, firm);
        var follower = new Follower(surface, appraised, goal, firm, said.IsDefault ? [] : said);
        var followed = follower.Follow(sequence);
        var notes = Notes(sequence, followed, firm).ToImmutableArray();
        var questions = Questions(sequence, followed);
        if (followed.Flaws.IsEmpty)
        {
            return new([], questions, notes, []) { Acts = followed.Acts };
        }

        var levels = Customs.On(new Setting(surface, appraised, goal.Family), firm.RulesOn(surface));
        var mender = new Mender(follower, new Remedy(rates, goal, appraised, levels), goal, [.. sequence], followed);
        var suffers = follower.Follow(sequence, putRight: false).Flaws;
        // One cause, one line: what the mend of another fault puts right as well is told with that one.
        var told = followed
            .Flaws.Where(f =>
                f.Need?.Clock is not null
                || f.Need?.Hold == true
                || mender.Cause(f) is not { } c
                || followed.Flaws.All(o => (o.At, o.Id) != (c.At, c.Id) || o.Severity < f.Severity)
            )
            .ToList();
        // Where work is held, what only its being freed can put right is not told besides.
        told = [.. told.Where(f => f.Severity == Severity.Danger || !mender.IsUnmended(f) || IsWrongCoat(f) || !told.Exists(h => h.Need?.Hold == true && h.At <= f.At))];
        told = [.. told.Where(f => f.Need is null || f.Need.Clock is not null || told.Find(o => o.Need == f.Need) == f)];
        var under = followed.Flaws.Except(told).Where(f => mender.Cause(f) is not null).ToLookup(f => mender.Cause(f)!.Value);
        var faults = told.Select(f => new AuditFault(
            Number(sequence, f),
            f.Severity,
            f.Id,
            f.Need,
            Problem(f, followed, under[(f.At, f.Id)]),
            f.Consequence,
            mender.Of(f),
            [
                .. suffers
                    .Where(s => s.At > f.At && s.Same(f))
                    .Concat(under[(f.At, f.Id)].Where(u => u.At > f.At))
                    .Where(s => s.At < sequence.Count)
                    .Select(s => Number(sequence, s)!.Value)
                    .Distinct()
                    .Order(),
            ],
            f.Source
        ));
        return new([.. faults.OrderByDescending(f => f.Severity).ThenBy(f => f.Step ?? int.MaxValue)], questions, notes, mender.Mended) { Acts = followed.Acts };
    }

    // A coat that shuts a wall is the wrong one, damp or dry.
    private static bool IsWrongCoat(Flaw flaw) => flaw.Need?.Id.StartsWith("breathes-", StringComparison.Ordinal) == true;

    // What is wrong besides at the same step, and put right by the same work, is said in the same line: it is a thing of its own.
    private static string Problem(Flaw flaw, Followed followed, IEnumerable<Flaw> under) =>
        string.Join(
            ", and ",
            under
                .Where(u => u.At == flaw.At && u.Need is { Clock: null, Severity: >= Severity.Poor })
                .Take(MostTogether)
                .Select(u => u.Problem)
                .Prepend(Problem(flaw, followed))
        );

    // What the old film is called, where it is what does not suit.
    private static string Problem(Flaw flaw, Followed followed) =>
        flaw.Need == SiteNeeds.LeadAbsent || flaw.Need == SiteNeeds.LeadControlled || flaw.Need == SiteNeeds.LeadWashed
            ? LeadSaid(flaw.Problem, followed.Before[Math.Clamp(flaw.At, 0, followed.Before.Length - 1)])
        : flaw.Need == Needs.FillerDry && followed.Acts.Take(flaw.At).LastOrDefault(a => a.Leaves?.Clock == Drying.Filler)?.Operation.Id == "rp_putty"
            ? "the putty has not skinned"
        : flaw.Need is { } need
        && need.Id.StartsWith("film-takes-", StringComparison.Ordinal)
        && flaw.At < followed.Before.Length
        && ExistingCoatings.Of(followed.Before[flaw.At].Get(Facets.Film)) is { } film
            ? $"{flaw.Problem}: it is {film.Title}"
        : flaw.Need == GroundNeeds.BareSealed
        && flaw.At < followed.Acts.Length
        && followed.Acts[flaw.At].Product?.Carrier == Carrier.Spirit
        && followed.Before[flaw.At].Get(Facets.Substrate) is Substrate.GalvanisedNew or Substrate.GalvanisedOld
            ? $"{flaw.Problem}: oil paint turns to soap on bare zinc"
        : flaw.Problem;

    // Lead that was found is called so.
    private static string LeadSaid(string problem, in Condition now) =>
        now.Get(Facets.Lead) == Lead.Confirmed ? problem.Replace(SiteNeeds.LeadOpen, "the old paint holds lead", StringComparison.Ordinal) : problem;

    private static int? Number(IReadOnlyList<SequenceStep> sequence, Flaw flaw) => flaw.Line ?? Number(sequence, flaw.At);

    private static int? Number(IReadOnlyList<SequenceStep> sequence, int at) =>
        at < 0 ? 0
        : at < sequence.Count ? sequence[at].Line ?? at + 1
        : null;

    // One question at most about what a painter need not write; what nobody stated of the surface comes first.
    private static ImmutableArray<AuditQuestion> Questions(IReadOnlyList<SequenceStep> sequence, Followed followed)
    {
        return
        [
            .. followed
                .Open.OrderBy(o => o.Presumed)
                .ThenByDescending(o => o.Need.Severity)
                .ThenBy(o => o.At)
                .GroupBy(o => o.Presumed ? "" : Asked(o))
                .Select(g => g.First())
                .Take(MostQuestions)
                .OrderBy(o => o.At)
                .Select(o => new AuditQuestion(Number(sequence, o.At), Asked(o), o.Need.Consequence)),
        ];

        string Asked(Open open) => Asking.Of(open.Need, followed.Before[Math.Min(open.At, followed.Before.Length - 1)].Get(Facets.Lead) == Lead.Confirmed);
    }

    private static IEnumerable<AuditNote> Notes(IReadOnlyList<SequenceStep> sequence, Followed followed, Practice.Firm firm)
    {
        for (var i = 0; i < sequence.Count; i++)
        {
            var (step, act) = (sequence[i], followed.Acts[i]);
            if (step.Product is { } named && firm.Find(named) is null)
            {
                yield return new(Number(sequence, i), $"'{named}' is no product any more; read as {act.Product?.Title ?? "none"}.");
            }
            else if (step.Product is null && Operations.Find(step.Operation)!.Products.Length > 1)
            {
                yield return new(Number(sequence, i), $"Product not specified; read as {act.Product?.Title ?? act.Operation.Title}.");
            }
        }

        foreach (var (at, need) in followed.Notes.DistinctBy(n => n.Need))
        {
            yield return new(
                Number(sequence, at),
                at >= sequence.Count ? $"Not written, or not understood: {need.Title}."
                    : need.Id.StartsWith("film-takes-", StringComparison.Ordinal) && ExistingCoatings.Of(followed.Before[at].Get(Facets.Film)) is { } film
                        ? $"The old film is {film.Title}: a bonding primer below is surer."
                    : need.Id.StartsWith("ground-", StringComparison.Ordinal) ? "Check on its data sheet that the product is for this bare ground."
                    : need.Any.All(t => t.Facet == Facets.Substrate || t.Facet == Facets.Exposure) ? $"{need.Problem} {need.Consequence}"
                    : need.Clock is null ? $"Not written before this step: {need.Title}."
                    : "The wait before this step is shorter than usual; the product's data sheet decides."
            );
        }

        if (!followed.Taken.IsEmpty)
        {
            yield return new(
                null,
                $"Taken as done though not written: {string.Join("; ", followed.Taken.Select(a => a.Operation).Distinct().Select(o => char.ToLowerInvariant(o.Title[0]) + o.Title[1..]))}."
            );
        }
    }
}
