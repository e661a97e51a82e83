using System.Collections.Immutable;
using System.Globalization;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Site;
using AllSound.Core.Specification;
using AllSound.Core.Treatment;
using AllSound.Core.Wording;

namespace AllSound.Core.Documents;

/// <summary>
/// What was really done: for the client, the next painter, the file. A page for each surface that was worked on, and one for what is of the whole job.
/// </summary>
internal static class AsBuiltPaper
{
    /// <summary>Its pages.</summary>
    public static ImmutableArray<Page> Of(Job job, IReadOnlyDictionary<string, Specified> specified, string? only)
    {
        var worked = job.Log.Select(e => e.Surface).OfType<string>().ToHashSet(StringComparer.Ordinal);
        ImmutableArray<Page> pages =
        [
            .. from place in job.Surfaces()
            where only is null ? worked.Contains(place.Surface.Id) : place.Surface.Id == only
            select new Page(
                place.Surface.Title,
                $"{place.Building.Title}, {place.Space.Title}",
                Surface(AsBuilt.Of(job, place.Surface, specified[place.Surface.Id]), specified[place.Surface.Id])
            ),
        ];
        return only is null ? [.. pages, new Page(null, "", Whole(job, pages.IsEmpty))] : pages;
    }

    private static ImmutableArray<Block> Surface(AsBuilt built, Specified specified)
    {
        var blocks = ImmutableArray.CreateBuilder<Block>();
        var (state, surface) = (built.State, built.State.Surface);
        blocks.Add(Block.Say(built.Finished ? $"Finished {Day(state.Since!.Value)}." : "Not finished: this is how far it is."));
        if (!built.Below.IsEmpty)
        {
            blocks.AddRange(built.Below.Select(b => b.StartsWith("Lead", StringComparison.Ordinal) ? Block.Beware(b) : Block.Say(b)));
        }

        blocks.Add(Block.Heading("As it was found"));
        var signs = surface.Signs.Select(s => Signs.Find(s.Sign)?.Title ?? s.Sign).ToArray();
        blocks.Add(Block.Say(signs.Length == 0 ? "Nothing was seen wrong with it." : $"Seen: {string.Join("; ", signs)}."));
        var causes = state.Chosen?.Causes.Select(c => c.Title).ToArray() ?? [];
        if (causes.Length > 0)
        {
            blocks.Add(Block.Say($"Why: {string.Join("; ", causes)}."));
        }

        if (surface.Readings.Any(r => r.Value is not null || r.Outcome is not null))
        {
            blocks.Add(
                Block.Table(
                    ["measured", "result", "when", "by"],
                    surface.Readings.Select(r =>
                        ImmutableArray.Create(
                            Checks.Find(r.Check)?.Title ?? r.Check,
                            r.Value is { } v
                                ? string.Create(CultureInfo.InvariantCulture, $"{v:0.##} {r.Unit ?? Checks.Find(r.Check)?.Unit}").TrimEnd()
                                : r.Outcome ?? "",
                            r.At is { } at ? Figures.Moment(at) : "",
                            r.By ?? ""
                        )
                    )
                )
            );
        }

        blocks.Add(Block.Heading("What was done"));
        blocks.Add(
            state.Done.IsEmpty
                ? Block.Say("Nothing is written down.")
                : Block.Table(["step", "with", "when", "waited", "litres", "wet film", "batch", "by"], state.Done.Select(Row))
        );
        if (!built.Judgement.Deviations.IsEmpty)
        {
            blocks.Add(Block.Heading("Done otherwise than planned"));
            blocks.Add(
                Block.List(
                    built.Judgement.Deviations.Select(d =>
                        string.Join(" ", new[] { d.Says, d.Follows, d.Mend is { } mend ? $"Mend: {mend}" : null }.Where(t => t is not null))
                    )
                )
            );
        }

        if (!built.Points.IsEmpty)
        {
            blocks.Add(Block.Heading("Hold points"));
            blocks.Add(
                Block.Table(
                    ["proved", "result", "number", "when", "by"],
                    built.Points.Select(p => ImmutableArray.Create(p.What, p.Passed ? "passed" : "not passed", p.Number ?? "", Figures.Moment(p.At), p.By ?? ""))
                )
            );
        }

        if (!built.LeftUndone.IsEmpty)
        {
            blocks.Add(Block.Heading("Left undone on purpose"));
            blocks.Add(Block.List(built.LeftUndone));
        }

        var finish = state.Done.LastOrDefault(d => d.Act.Operation.Role == CoatRole.Finish)?.Act.Product;
        if (finish is not null)
        {
            blocks.Add(Block.Heading("Care"));
            blocks.Add(Block.Say(Care(finish)));
            blocks.Add(Block.Say($"Finish: {finish.Title}{(surface.Brief.Colour is { } colour ? $", {colour}" : "")}."));
        }

        if (!built.Below.IsEmpty || finish is not null)
        {
            blocks.Add(Block.Say(Writing.Defers));
        }

        if (!built.Looks.IsEmpty)
        {
            blocks.Add(Block.Heading("To be looked at again"));
            blocks.Add(Block.List(built.Looks.Select(l => $"{l.On.ToString("MMMM yyyy", CultureInfo.InvariantCulture)}: {l.For}")));
        }

        var looked = state.Entries.Where(e => e.Kind == LogKind.Looked).ToArray();
        if (looked.Length > 0)
        {
            blocks.Add(Block.Heading("Looked at again"));
            blocks.Add(
                Block.List(
                    looked.Select(e =>
                        string.Join(
                            ", ",
                            new[] { Figures.Moment(e.At), e.Outcome == LogEntry.LookedSound ? "sound" : "in need of work", e.Text, e.By }.Where(t =>
                                !string.IsNullOrEmpty(t)
                            )
                        )
                    )
                )
            );
        }

        return blocks.ToImmutable();
    }

    private static ImmutableArray<string> Row(DoneStep done) =>
        [
            done.Act.Operation.Title + (done.Entry.Share is { } share and < 1 ? string.Create(CultureInfo.InvariantCulture, $" ({share * 100:0} % of it)") : ""),
            string.Join(", ", new[] { done.Act.Product?.Title, done.Entry.Dilution, done.Entry.Method }.Where(t => t is not null)),
            Figures.Moment(done.End),
            done.WaitedHours > 0 ? string.Create(CultureInfo.InvariantCulture, $"{done.WaitedHours:0.#} h") : "",
            done.Entry.Litres is { } litres
                ? string.Create(
                    CultureInfo.InvariantCulture,
                    $"{litres:0.##} L{(done.Planned is { } planned ? FormattableString.Invariant($", planned {planned.Spend.Litres:0.##}") : "")}"
                )
                : "",
            done.Entry.WetFilmUm is { } film ? string.Create(CultureInfo.InvariantCulture, $"{film:0} µm") : "",
            done.Entry.Batch ?? "",
            done.Entry.By ?? "",
        ];

    // What a film bears in its first weeks and after. Common practice.
    private static string Care(CoatingClass finish) =>
        finish.Scrub >= 3 ? "Do not wash it for its first four weeks. After that it bears washing with a soft cloth and mild soap; no scouring."
        : finish.Scrub == 2 ? "Do not wash it for its first four weeks. After that wipe it gently with a damp cloth; rubbing polishes it."
        : "Dust it; do not wash it. Marks are touched in from the same batch.";

    private static ImmutableArray<Block> Whole(Job job, bool nothing)
    {
        var log = SiteLog.Standing(job.Log);
        var blocks = ImmutableArray.CreateBuilder<Block>();
        if (nothing)
        {
            blocks.Add(Block.Say("Nothing is written down of this job yet."));
        }

        void Lines(string heading, LogKind kind, string otherwise)
        {
            var lines = log.Where(e => e.Kind == kind).ToArray();
            if (lines.Length > 0 || otherwise.Length > 0)
            {
                blocks.Add(Block.Heading(heading));
                blocks.Add(
                    lines.Length == 0
                        ? Block.Say(otherwise)
                        : Block.List(
                            lines.Select(e =>
                                string.Join(
                                    ", ",
                                    new[]
                                    {
                                        Figures.Moment(e.At),
                                        e.Product is { } id ? Coatings.Find(id)?.Title ?? id : null,
                                        e.Litres is { } litres ? string.Create(CultureInfo.InvariantCulture, $"{litres:0.##} L") : null,
                                        e.Batch is { } batch ? $"batch {batch}" : null,
                                        e.Text,
                                        e.By,
                                    }.Where(t => !string.IsNullOrEmpty(t))
                                )
                            )
                        )
                );
            }
        }

        Lines("Left over, and where it stands", LogKind.Leftover, "Nothing is written down as left over.");
        Lines("Found besides, not in this job", LogKind.FoundJob, "");
        Lines("What happened", LogKind.Incident, "");
        Lines("What was agreed on the way", LogKind.ClientWord, "");
        blocks.Add(Block.Say(Writing.Defers));
        return blocks.ToImmutable();
    }

    private static string Day(DateTime at) => at.ToString("d MMMM yyyy", CultureInfo.InvariantCulture);
}
