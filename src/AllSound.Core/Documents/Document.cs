using System.Collections.Immutable;
using System.Text;
using AllSound.Core.Wording;

namespace AllSound.Core.Documents;

/// <summary>Which document.</summary>
public enum DocumentKind : byte
{
    /// <summary>The work on each surface, step by step, with reasons.</summary>
    Specification,

    /// <summary>For the client: two options compared honestly.</summary>
    ClientSummary,

    /// <summary>For the crew: tick list with hold points.</summary>
    CrewChecklist,

    /// <summary>Hazards, protection, waste, refusals.</summary>
    HazardSheet,

    /// <summary>For the client: what is offered, for how much and on what terms.</summary>
    Quotation,

    /// <summary>What was really done, for the client, the next painter and the file.</summary>
    AsBuilt,
}

/// <summary>How a block is set.</summary>
public enum BlockKind : byte
{
    /// <summary>A heading within the page; where it has names, what it says is so of these.</summary>
    Heading,

    /// <summary>The heading of a part of the page that is about the surfaces named.</summary>
    Part,

    /// <summary>A paragraph.</summary>
    Text,

    /// <summary>A caution: read before what follows.</summary>
    Caution,

    /// <summary>A list.</summary>
    List,

    /// <summary>Boxes to tick.</summary>
    Checks,

    /// <summary>A table.</summary>
    Table,

    /// <summary>The titles of the pages that follow.</summary>
    Contents,
}

/// <summary>A piece of a page.</summary>
/// <param name="Kind">How it is set.</param>
/// <param name="Text">Text of a heading, paragraph or caution.</param>
/// <param name="Items">Items of a list.</param>
/// <param name="Head">Head of a table.</param>
/// <param name="Rows">Rows of a table.</param>
/// <param name="Names">What each row is about, in its owner's words: a first column, which no terms change; the titles of a list of contents; the surfaces of a heading. Empty where rows have no names.</param>
public sealed record Block(
    BlockKind Kind,
    [property: Prose] string Text,
    [property: Prose] ImmutableArray<string> Items,
    [property: Prose] ImmutableArray<string> Head,
    [property: Prose] ImmutableArray<ImmutableArray<string>> Rows,
    ImmutableArray<string> Names
)
{
    /// <summary>A heading.</summary>
    public static Block Heading(string text, params ImmutableArray<string> of) => new(BlockKind.Heading, text, [], [], [], of);

    /// <summary>The heading of a part about some surfaces.</summary>
    /// <param name="surfaces">Their titles, in their owner's words.</param>
    /// <param name="text">What is said of them in the heading; empty for nothing.</param>
    public static Block Part(string surfaces, string text = "") => new(BlockKind.Part, text, [], [], [], [surfaces]);

    /// <summary>A paragraph.</summary>
    public static Block Say(string text) => new(BlockKind.Text, text, [], [], [], []);

    /// <summary>A caution.</summary>
    public static Block Beware(string text) => new(BlockKind.Caution, text, [], [], [], []);

    /// <summary>A list.</summary>
    public static Block List(IEnumerable<string> items) => new(BlockKind.List, "", [.. items], [], [], []);

    /// <summary>Boxes to tick.</summary>
    public static Block Checks(IEnumerable<string> items) => new(BlockKind.Checks, "", [.. items], [], [], []);

    /// <summary>A table.</summary>
    public static Block Table(ImmutableArray<string> head, IEnumerable<ImmutableArray<string>> rows, params ImmutableArray<string> names) =>
        new(BlockKind.Table, "", [], head, [.. rows], names);

    /// <summary>The titles of the pages that follow, in their owner's words.</summary>
    public static Block Contents(IEnumerable<string> titles) => new(BlockKind.Contents, "", [], [], [], [.. titles]);

    /// <summary>A heading in full: what it says, and of which surfaces.</summary>
    public string Title() =>
        Kind == BlockKind.Part ? string.Join(": ", Names.Append(Text).Where(t => t.Length > 0))
        : Names.IsEmpty ? Text
        : $"{Text} ({string.Join("; ", Names)})";

    /// <summary>The cells of each row of a table, its name first.</summary>
    public IEnumerable<IEnumerable<string>> Cells() => Rows.Select((row, i) => Names.IsEmpty ? row : row.Prepend(Names[i]));
}

/// <summary>A page that stands on its own: each carries job, surface, date and revision.</summary>
/// <param name="Surface">Title of the surface, or of the room where a page is about a room; null for the job.</param>
/// <param name="Place">Where it is; empty for the job.</param>
/// <param name="Blocks">What stands on it.</param>
public sealed record Page(string? Surface, string Place, ImmutableArray<Block> Blocks);

/// <summary>A document.</summary>
/// <param name="Kind">Which.</param>
/// <param name="Title">Title.</param>
/// <param name="Job">Title of the job.</param>
/// <param name="Date">Date, as given.</param>
/// <param name="Revision">Revision, as given.</param>
/// <param name="From">Who sends it, a line each; empty where nobody said.</param>
/// <param name="Pages">Pages.</param>
public sealed record Document(
    DocumentKind Kind,
    [property: Prose] string Title,
    string Job,
    string Date,
    string Revision,
    ImmutableArray<string> From,
    ImmutableArray<Page> Pages
)
{
    /// <summary>The document as Markdown, each page under a heading that names job, surface, date and revision.</summary>
    public string ToMarkdown()
    {
        var text = new StringBuilder();
        foreach (var page in Pages)
        {
            text.Append("# ").Append(Escape(page.Surface ?? Title)).Append("\n\n");
            text.Append('*').Append(Escape(string.Join(" · ", new[] { Title, Job, page.Place, Date, $"revision {Revision}" }.Where(s => s.Length > 0)))).Append("*\n\n");
            if (page == Pages[0] && !From.IsEmpty)
            {
                text.AppendJoin("\\\n", From.Select(Escape)).Append("\n\n");
            }

            foreach (var block in page.Blocks)
            {
                Write(text, block);
            }

            text.Append("---\n\n");
        }

        return text.ToString();
    }

    private static void Write(StringBuilder text, Block block)
    {
        switch (block.Kind)
        {
            case BlockKind.Heading or BlockKind.Part:
                text.Append("## ").Append(Escape(block.Title())).Append("\n\n");
                break;
            case BlockKind.Caution:
                text.Append("> **Before this:** ").Append(Escape(block.Text)).Append("\n\n");
                break;
            case BlockKind.List or BlockKind.Checks:
                foreach (var item in block.Items)
                {
                    text.Append(block.Kind == BlockKind.Checks ? "- [ ] " : "- ").Append(Escape(item)).Append('\n');
                }

                text.Append('\n');
                break;
            case BlockKind.Contents:
                text.Append("In this paper:\n\n").AppendJoin('\n', block.Names.Select(n => $"- {Escape(n)}")).Append("\n\n");
                break;
            case BlockKind.Table:
                text.Append("| ").AppendJoin(" | ", block.Head.Select(Cell)).Append(" |\n|").Append(string.Concat(block.Head.Select(_ => " --- |"))).Append('\n');
                foreach (var row in block.Cells())
                {
                    text.Append("| ").AppendJoin(" | ", row.Select(Cell)).Append(" |\n");
                }

                text.Append('\n');
                break;
            default:
                text.Append(Escape(block.Text)).Append("\n\n");
                break;
        }
    }

    private static string Cell(string text) => Escape(text).Replace("|", "\\|", StringComparison.Ordinal).Replace('\n', ' ');

    // What somebody typed must not turn into markup.
    private static string Escape(string text) =>
        text.Replace("\\", "\\\\", StringComparison.Ordinal)
            .Replace("*", "\\*", StringComparison.Ordinal)
            .Replace("_", "\\_", StringComparison.Ordinal)
            .Replace("<", "&lt;", StringComparison.Ordinal)
            .Replace("#", "\\#", StringComparison.Ordinal)
            .Replace("[", "\\[", StringComparison.Ordinal)
            .Replace("`", "\\`", StringComparison.Ordinal);
}
