using System.Collections.Immutable;
using System.Text.RegularExpressions;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Exchange;

/// <summary>What a piece of a line is, before it is read as work: most of what painters write beside it is no step.</summary>
internal enum LineKind : byte
{
    /// <summary>Work, as far as can be told.</summary>
    Work,

    /// <summary>Something that is not to be done, or was not.</summary>
    Denied,

    /// <summary>What was found, measured or proved.</summary>
    Found,

    /// <summary>What is worn or kept at hand.</summary>
    Care,

    /// <summary>A reason, a result to look for, a word to the owner.</summary>
    Remark,
}

/// <summary>Tells what the pieces of a line are.</summary>
internal static partial class LineKinds
{
    /// <summary>The line without what says nothing of the work: words in brackets, what is worn, reasons.</summary>
    public static string Plain(string line)
    {
        line = OfPrimer.Replace(line, " ");
        line = OfPaint.Replace(OfCaulk.Replace(line, " "), " ");
        line = WetAndDry.Replace(Corrected.Replace(line, "${count}"), "wet and dry");
        line = Brackets.Replace(OfKind.Replace(line, " ${kind} "), " ");
        line = WetAnd.Replace(Mortar.Replace(line, "mortar"), "wet ");
        line = Gritted.Replace(ByOthers.Replace(line, ""), " ");
        return Reason.Replace(Resists.Replace(Worn.Replace(line, " "), " "), "");
    }

    private static string? Kind(string part) =>
        part switch
        {
            _ when part.StartsWith("wall", StringComparison.Ordinal) => "wall",
            _ when part.StartsWith("ceiling", StringComparison.Ordinal) => "ceiling",
            _ when part.StartsWith("floor", StringComparison.Ordinal) => "floor",
            _ when part.StartsWith("radiator", StringComparison.Ordinal) => "radiator",
            _ => "trim",
        };

    private static string? Kind(Element element) =>
        element switch
        {
            Element.Wall or Element.ChimneyBreast or Element.Column => "wall",
            Element.Ceiling or Element.Cornice => "ceiling",
            Element.Floor or Element.Step => "floor",
            Element.Radiator or Element.Pipe => "radiator",
            _ => "trim",
        };

    /// <summary>A piece parted from what it denies: "wipe, no spirit" and "oil it without wiping" alike.</summary>
    public static (string Head, string? Denied) Parted(string piece) =>
        Denial.Match(piece) is { Success: true, Index: > 0 } cut ? (piece[..cut.Index].Trim(' ', ',', '-'), piece[cut.Index..]) : (piece, null);

    /// <summary>True where what comes off is taken away as waste that holds lead.</summary>
    public static bool Wastes(string piece) => Topics.LeadWaste([piece]);

    /// <summary>True where words tell of what is worn against lead dust: a respirator of class P3, a disposable suit.</summary>
    public static bool Guards(string text) => Guarded.IsMatch(text);

    /// <summary>True where what is laid is of cloth.</summary>
    public static bool IsCloth(string piece) => Cloth.IsMatch(piece);

    /// <summary>What a piece is.</summary>
    public static LineKind Of(string piece) =>
        Proved.IsMatch(piece) ? LineKind.Found
        : Denies.IsMatch(piece) ? LineKind.Denied
        : Cares.IsMatch(piece) ? LineKind.Care
        : Finds.IsMatch(piece) ? LineKind.Found
        : Remarks.IsMatch(piece) || Held.IsMatch(piece) ? LineKind.Remark
        : LineKind.Work;

    /// <summary>True where the rest of the sentence is a remark too.</summary>
    public static bool Tells(string piece) => Word.IsMatch(piece);

    /// <summary>What a piece that tells of a finding says was found, as "facet=value".</summary>
    public static ImmutableArray<string> Found(string piece) => [.. Settled(piece), .. Dry.IsMatch(piece) ? ["moisture=Dry"] : Array.Empty<string>()];

    /// <summary>What any words say was proved or put right.</summary>
    public static ImmutableArray<string> Settled(string piece) =>
        [
            // Somebody's word is no proof: what is presumed stays so.
            .. Lead.IsMatch(piece) && Proof.IsMatch(piece) ? ["lead=ProvedAbsent"] : Array.Empty<string>(),
            .. Tank.IsMatch(piece) ? ["drinkingWater=None"] : Array.Empty<string>(),
            .. Cured.IsMatch(piece) ? ["dampSource=Cured", "mouldSource=Cured"] : Array.Empty<string>(),
            .. Held.IsMatch(piece) ? ["loose=None"] : Array.Empty<string>(),
        ];

    /// <summary>True where a line is about another part of the building than the surface: "Trim: ..." for a wall.</summary>
    /// <param name="line">The line.</param>
    /// <param name="element">The surface's element; null where any may be meant.</param>
    public static bool OfAnother(string line, Element? element) =>
        element is { } own && Part.Match(line) is { Success: true } part && Kind(part.Groups["part"].Value.ToLowerInvariant()) is { } other && other != Kind(own);

    /// <summary>True where a piece lays paint on another part of the building than the surface: "eggshell to walls" for a ceiling.</summary>
    public static bool ToAnother(string piece, Element? element) =>
        element is { } own && Onto.Match(piece) is { Success: true } part && Kind(part.Groups["part"].Value.ToLowerInvariant()) is { } other && other != Kind(own);
}
