using System.Text.RegularExpressions;

namespace AllSound.Core.Specification;

/// <summary>Turns a plain clause into a question: "the damp source is repaired" into "Is the damp source repaired?".</summary>
internal static partial class Asking
{
    /// <summary>The question. A clause whose verb does not change places is asked as "Is it so that ...?".</summary>
    /// <param name="need">What is not known.</param>
    /// <param name="found">Lead was found: whether there is any is no question.</param>
    public static string Of(Treatment.Need need, bool found = false) =>
        need == Treatment.SiteNeeds.LeadAbsent
        || need == Treatment.SiteNeeds.LeadControlled
        || need == Treatment.SiteNeeds.LeadWashed
        || need == Treatment.Needs.LeadDustGone
        || need == Treatment.Needs.LeadCleaned
            ? found
                ? "Is it all done as lead work: the area sheeted in polythene and closed to others, and cleaned down wet and by class H vacuum before the coats?"
                : "Has a laboratory ruled out lead in every coat? If not, is it done as lead work?"
            : Of(need.Title);

    private static string Of(string clause) =>
        // Of two verbs neither changes places: "lead is ruled out, or the area is set up".
        Verb().Matches(clause)
            is [{ } verb]
            ? $"{char.ToUpperInvariant(verb.Value[0])}{verb.Value[1..]} {clause[..verb.Index].Trim()} {clause[(verb.Index + verb.Length)..].Trim()}?".Replace(
                "  ",
                " ",
                StringComparison.Ordinal
            )
            : $"Is it so that {clause}?";

    [GeneratedRegex(@"\b(?:is|are|has|have|can|was|were)\b")]
    private static partial Regex Verb();
}
