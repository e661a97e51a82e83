using System.Collections.Immutable;
using AllSound.Core.Assessment;
using AllSound.Core.Inspection;
using AllSound.Core.Materials;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>Something done beside the work on the face that nothing on the face depends on, as tape on glass: no need calls for it, the trade does.</summary>
/// <param name="Operation">Id of the operation.</param>
/// <param name="When">On which surfaces, beside which acts.</param>
/// <param name="Beside">The act that it goes with.</param>
/// <param name="Before">True before the first such act, false after the last.</param>
/// <param name="Because">Why it is there, as a sentence.</param>
internal sealed record Companion(string Operation, Func<Company, bool> When, Func<Act, bool> Beside, bool Before, string Because)
{
    /// <summary>The act.</summary>
    public Act Act { get; } = Operations.FindAct(Operations.Find(Operation)!, null)!;

    /// <summary>Directly after the act that it goes with, whatever else comes then.</summary>
    public bool AtOnce { get; init; }
}

/// <summary>What a companion depends on.</summary>
/// <param name="Setting">The surface.</param>
/// <param name="Rules">Schools that are followed there: question to school.</param>
/// <param name="Acts">The acts it would stand beside.</param>
internal sealed record Company(Setting Setting, ImmutableDictionary<string, string> Rules, IReadOnlyList<Act> Acts)
{
    /// <summary>What was recorded.</summary>
    public Facts Facts => Setting.Appraised.Facts;

    /// <summary>The school followed on a question, or null.</summary>
    public string? Follows(string question) => Rules.GetValueOrDefault(question);

    /// <summary>Is one of the acts this operation?</summary>
    public bool Has(string operation) => Acts.Any(a => a.Operation.Id == operation);

    /// <summary>Is something painted?</summary>
    public bool Painted => Acts.Any(Companions.Finish);
}

/// <summary>What goes with the work without being asked for by it. Common practice, from memory. To add one, add a row.</summary>
internal static class Companions
{
    private static readonly Element[] Hung = [Element.Door, Element.Window];

    private static readonly Element[] WalkedOn = [Element.Floor, Element.Step];

    private static readonly string[] RunningResin = ["d_resin", "s_blist_sticky"];

    private static readonly ImmutableArray<Companion> Rows =
    [
        new("ms_occupant", c => c.Facts.Occupied == true, _ => true, Before: true, "People live or work there meanwhile: they plan round days, smells and shut rooms."),
        new("mk_plants", c => c.Facts.Plants == true, Wet, Before: true, "Wash water, stripper and paint kill what grows at its foot."),
        new(
            "mc_hardware",
            c => c.Painted && Hung.Contains(c.Setting.Element) && c.Facts.FireRated != true && c.Follows("S23") != "mask",
            Works,
            Before: true,
            "Paint round fittings chips and looks it; off, the work goes faster and cleaner."
        ),
        new(
            "mc_sash",
            c => c.Facts.Binds == true && Hung.Contains(c.Setting.Element),
            Works,
            Before: true,
            "It binds or is painted shut: a new film would stick it again and tear."
        ),
        new(
            "rp_knot_cut",
            c => c.Setting.Surface.Signs.Any(s => s.Present && RunningResin.Contains(s.Sign)) && c.Setting.Ground == SubstrateFamily.Wood,
            a => a.Operation.Group is Group.Abrade or Group.StainBlock or Group.SpotPrime,
            Before: true,
            "Resin that still runs lifts knotting and paint; what can run out has to, first."
        ),
        new(
            "mk_glass",
            c => c.Painted && !c.Has("mk_spray") && c.Setting.Element == Element.Window && c.Follows("S22") != "scrape",
            Works,
            Before: true,
            "Grit scratches glass, and the paint is to lap 2 mm on to it in a straight line."
        ),
        new(
            "mk_edge",
            c =>
                c.Painted
                && !c.Has("mk_spray")
                && (c.Follows("S21") == "tape" || (c.Follows("S21") is null && (c.Setting.Element is Element.Step || c.Setting.Finish == FinishFamily.Tile))),
            Coats,
            Before: true,
            "What it meets stays unpainted and shows every slip."
        ),
        new(
            "ac_unmask",
            c => c.Has("mk_glass") || c.Has("mk_edge") || c.Has("mk_spray"),
            Finish,
            Before: false,
            "Tape left on until the paint is hard tears the edge and leaves glue."
        )
        {
            AtOnce = true,
        },
        new("ac_snag", c => c.Painted && c.Setting.Stained, Finish, Before: false, "Stains that the block did not hold come back within a day or two."),
        new("dr_wait", c => c.Painted && c.Setting.Finish == FinishFamily.Tile, Finish, Before: false, "Water and scouring lift tile paint that has not cured."),
        new(
            "ac_protect",
            c => c.Painted && WalkedOn.Contains(c.Setting.Element),
            Finish,
            Before: false,
            "It bears feet in a day and furniture, rugs and water only once it has cured."
        ),
        new(
            "ac_clearance",
            c => c.Facts.Vulnerable == true && c.Has("dc_lead_clean"),
            a => a.Operation.Id == "dc_lead_clean",
            Before: false,
            "Children or others at risk live there: only a laboratory can say that they may come back."
        ),
        new(
            "ac_waste",
            c => c.Has("dc_lead_clean") || c.Acts.Any(a => a.Strips && a.Operation.Uses.Any(u => Chemical.Contains(u.Sundry))),
            Finish,
            Before: false,
            "Lead chips, strip sludge and their wash water each go a way of their own, never down a drain."
        ),
        new(
            "ac_record",
            c => c.Has("dc_lead_clean") || c.Setting.Protected,
            Finish,
            Before: false,
            "Lead work and protected decoration have to be shown for later: what was done, where, by whom, with which proof."
        ),
    ];

    private static readonly Sundry[] Chemical = [Sundries.SolventGel, Sundries.AlkalinePaste];

    /// <summary>The acts with what goes with them, and why each of those is there, by index of the act.</summary>
    /// <param name="acts">A sequence that holds by itself.</param>
    /// <param name="setting">The surface.</param>
    /// <param name="rules">Schools that are followed there.</param>
    public static (List<Act> Acts, Dictionary<int, string> Because) With(List<Act> acts, Setting setting, ImmutableDictionary<string, string> rules)
    {
        var because = new Dictionary<int, string>();
        var all = acts;
        foreach (var row in Rows)
        {
            if (setting.Surface.Brief.Avoid.Contains(row.Operation) || all.Contains(row.Act) || !row.When(new Company(setting, rules, all)))
            {
                continue;
            }

            var at = row.Before ? all.FindIndex(a => row.Beside(a)) : all.FindLastIndex(a => row.Beside(a)) + 1;
            if (at < (row.Before ? 0 : 1))
            {
                continue;
            }

            at = row.Before || row.AtOnce ? at : Later(all, row, at);
            all = [.. all[..at], row.Act, .. all[at..]];
            because[row.Act.Index] = row.Because;
        }

        return (all, because);
    }

    // Among what follows the last coat it keeps the usual order: a look over, waste and the record come after the clearing up.
    private static int Later(List<Act> acts, Companion row, int at)
    {
        while (at < acts.Count && acts[at].Operation.Group <= row.Act.Operation.Group)
        {
            at++;
        }

        return at;
    }

    internal static bool Finish(Act act) => act.Operation.Role == CoatRole.Finish;

    private static bool Coats(Act act) => act.Operation.Role != CoatRole.None;

    private static bool Wet(Act act) => act.Operation.Group is Group.Strip or Group.Clean or Group.Decontaminate || Coats(act);

    private static bool Works(Act act) => act.Operation.Group is not (Group.MakeSafe or Group.Cure or Group.Protect);
}
