using System.CommandLine;
using AllSound.Core.Wording;

namespace AllSound.Cli;

/// <summary>How whoever reads the output wants it said; the same for a whole run.</summary>
internal static class Reader
{
    private static readonly Option<string?> Terms = new("--terms") { Description = "british (the default) or american", Recursive = true };
    private static readonly Option<string?> Units = new("--units") { Description = "metric (the default) or us", Recursive = true };

    /// <summary>How it is said.</summary>
    public static Speech Speech { get; private set; }

    /// <summary>Adds the options to a command and all below it.</summary>
    public static void AddTo(RootCommand root)
    {
        Terms.AcceptOnlyFromAmong("british", "american");
        Units.AcceptOnlyFromAmong("metric", "us");
        root.Options.Add(Terms);
        root.Options.Add(Units);
    }

    /// <summary>Takes what was asked for.</summary>
    public static void Take(ParseResult parsed)
    {
        _ = Speech.TryParse(parsed.GetValue(Terms), parsed.GetValue(Units), out var speech);
        Speech = speech;
    }
}
