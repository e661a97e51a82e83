using System.Collections.Frozen;
using System.Text.RegularExpressions;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>
/// Words by which a need is spoken of. Whoever writes of preparing the thing is not accused of having left it out because one word of it was not understood.
/// Common practice.
/// </summary>
internal static partial class Topics
{
    private static FrozenDictionary<string, Regex> Words =>
        field ??= new Dictionary<string, Regex>
        {
            [FabricNeeds.RustOff.Id] = Rust,
            [GroundNeeds.MouldOff.Id] = Mould,
            [GroundNeeds.LooseOff.Id] = Loose,
            [GroundNeeds.GreaseOff.Id] = Grease,
            [GroundNeeds.SaltsOff.Id] = Salts,
            [GroundNeeds.ResidueOut.Id] = Residue,
            [GroundNeeds.SiliconeOff.Id] = Silicone,
            [GroundNeeds.WaxOff.Id] = Wax,
            [GroundNeeds.BareSealed.Id] = Primer,
            [Needs.KnotsBlocked.Id] = Knots,
            [Needs.TanninBlocked.Id] = Tannin,
            [Needs.NailsTreated.Id] = Nails,
            [GroundNeeds.GreyOff.Id] = Grey,
        }.ToFrozenDictionary(StringComparer.Ordinal);

    /// <summary>True where any of the words speak of a need.</summary>
    /// <param name="need">The need.</param>
    /// <param name="now">The condition in which it does not hold.</param>
    /// <param name="written">What was written so far.</param>
    public static bool Spoken(Need need, in Condition now, IReadOnlyList<string> written) =>
        // Alkali is not out by being rinsed: it is neutralised, or rinsed till a test says so.
        need == GroundNeeds.ResidueOut
        && now.Get(Facets.Residue) == Core.Surfaces.Residue.Alkali
            ? written.Any(Neutral.IsMatch)
        : need.Id.StartsWith("prepared-", StringComparison.Ordinal) ? written.Any(Bright.IsMatch)
        : Words.TryGetValue(need.Id, out var topic) && written.Any(topic.IsMatch);

    /// <summary>True where words say that what comes off is taken away as lead waste.</summary>
    /// <param name="written">The words of the sequence.</param>
    public static bool LeadWaste(IEnumerable<string> written) => written.Any(Hazardous.IsMatch);

    /// <summary>True where words say that nothing is put on it.</summary>
    /// <param name="written">The words of the sequence that are no steps.</param>
    public static bool LeftBare(IEnumerable<string> written) => written.Any(Bare.IsMatch);

    private static Regex Bare =>
        field ??= new(
            @"\bno\s+(?:more\s+)?(?:paint|coats?|sealer|finish)\b(?:\s+(?:at\s+all|and\b.*|or\b.*|on\s+(?:it|this|these|them|the\s+\w+)))?\W*$"
                + @"|\b(?:not|never|don'?t)\b[^.;]*\b(?:paint|coat|seal|varnish)(?:ed)?(?:\s+(?:it|this|these|them))?\W*$|\bleave\b[^.;]*\b(?:bare|unpainted)\b",
            RegexOptions.IgnoreCase
        );

    private static Regex Tannin => field ??= new(@"\b(?:stain[\s-]?block\w*|tannin|shellac)\b", RegexOptions.IgnoreCase);

    // Of what comes off, and not of tins or brushes.
    private static Regex Hazardous =>
        field ??= new(
            @"\blead\s+(?:waste|bag)\b"
                + @"|\b(?:flakes?|scrapings?|chips|debris|slurry|sludge|cloths?|rags|bits|dust|bag\w*)\b(?:(?!\b(?:tins?|cans?|brushes|rollers)\b)[^.;])*\b(?:hazardous|toxic)\b",
            RegexOptions.IgnoreCase
        );

    private static Regex Bright =>
        field ??= new(
            @"\b(?:down|back|off|in)?\s*(?:to|till|until)\s+(?:it\s+is\s+|it'?s\s+)?bright\b|\bbright\s+(?:spots?|metal|bits|steel|iron|patches|places)\b"
                + @"|\bSt\s?[23]\b|\bSa\s?2",
            RegexOptions.IgnoreCase
        );

    private static Regex Neutral => field ??= new(@"\b(?:neutrali\w*|vinegar|citric|pH|litmus)\b", RegexOptions.IgnoreCase);

    private static Regex Rust => field ??= new(@"\b(?:rust\w*|bright|scale|wire[\s-]?brush\w*)\b", RegexOptions.IgnoreCase);

    private static Regex Mould =>
        field ??= new(@"\b(?:mould|mold|mildew|algae|moss|lichen|green|fungicid\w*|biocid\w*|bleach|deck\s+(?:cleaner|wash))\b", RegexOptions.IgnoreCase);

    private static Regex Loose => field ??= new(@"\b(?:loose|flak\w*|scrap\w*|peel\w*|chips?|brush\w*\s+off)\b", RegexOptions.IgnoreCase);

    private static Regex Grease => field ??= new(@"\b(?:greas\w*|degreas\w*|detergent|sugar\s*soap|solvent\s+wipe|wash\w*)\b", RegexOptions.IgnoreCase);

    private static Regex Salts => field ??= new(@"\b(?:salts?|efflorescence|bloom|crystals)\b", RegexOptions.IgnoreCase);

    private static Regex Residue => field ??= new(@"\b(?:rins\w*|neutrali\w*|hose\w*|wash\w*\s+(?:off|down)|spirit)\b", RegexOptions.IgnoreCase);

    private static Regex Silicone => field ??= new(@"\bsilicone\b", RegexOptions.IgnoreCase);

    private static Regex Wax => field ??= new(@"\bwax\w*\b", RegexOptions.IgnoreCase);

    private static Regex Primer => field ??= new(@"\b(?:prim\w*|seal\w*|mist\w*|stabili\w*)\b", RegexOptions.IgnoreCase);

    private static Regex Knots => field ??= new(@"\bknot\w*\b", RegexOptions.IgnoreCase);

    /// <summary>True where words tell that the face was cleaned or rubbed in any way.</summary>
    /// <param name="written">What was written of preparing.</param>
    public static bool Cleaned(IReadOnlyList<string> written) => written.Any(Cleaning.IsMatch);

    private static Regex Cleaning => field ??= new(@"\b(?:wash|scrub|brush|clean|jet|hose|sand|scrap|strip|rub|abrad|biocid|bright)\w*", RegexOptions.IgnoreCase);

    private static Regex Grey => field ??= new(@"\b(?:gr[ea]y|sand\w*|abrad\w*|rub\w*|plan(?:e|ed|ing)|bright\w*|cleaner|grit|\d{2,3})\b", RegexOptions.IgnoreCase);

    private static Regex Nails => field ??= new(@"\b(?:nails?|screws?|heads)\b", RegexOptions.IgnoreCase);
}
