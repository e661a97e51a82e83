using System.Collections.Immutable;
using AllSound.Core.Inspection;
using AllSound.Core.Materials;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>How an audit goes on from a need that it lets pass.</summary>
internal enum Passing : byte
{
    /// <summary>As if it were met, and nothing is said.</summary>
    Met,

    /// <summary>As if it were met, with a note.</summary>
    Noted,

    /// <summary>As it is: nothing comes of it.</summary>
    Idle,

    /// <summary>As it is, with a note.</summary>
    Told,

    /// <summary>As it is, with a question.</summary>
    Asked,
}

/// <summary>What an allowance is judged in.</summary>
/// <param name="Start">The condition as surveyed.</param>
/// <param name="Now">The condition in which the need does not hold.</param>
/// <param name="Facts">What was recorded.</param>
/// <param name="Recorded">The same as it was written down, with what does not belong to such a ground.</param>
/// <param name="Act">The act that needs it; null at the end.</param>
/// <param name="Cleans">The lead work area is cleaned down somewhere in the sequence.</param>
/// <param name="Cares">What comes off is bagged as lead waste somewhere in the sequence.</param>
/// <param name="Undercoats">An undercoat is laid somewhere in the sequence.</param>
internal readonly record struct AllowanceAt(Condition Start, Condition Now, Facts Facts, Facts Recorded, Act? Act, bool Cleans, bool Cares, bool Undercoats);

/// <summary>
/// Where painters go on though a need is not met as it stands, and nothing is wrong with that. To add one, add its row. Common practice.
/// </summary>
/// <param name="Of">The needs.</param>
/// <param name="When">Where it is let pass.</param>
/// <param name="How">How the audit goes on.</param>
internal sealed record Allowance(ImmutableArray<Need> Of, Func<AllowanceAt, bool> When, Passing How)
{
    // Shares of the face that are loose or bare by the way. Judgement.
    private const double LittleLoose = 0.1;
    private const double LittleBare = 0.1;
    private const double TwoFlakes = 0.01;

    private static readonly ImmutableArray<Need> Breathing = [.. Needs.All.Where(n => n.Id.StartsWith("breathes-", StringComparison.Ordinal))];

    private static bool IsDry(in AllowanceAt at) =>
        at.Start.Get(Facets.Moisture) == Moisture.Dry && at.Start.Get(Facets.DampSource) is DampSource.None or DampSource.Cured;

    /// <summary>All of them.</summary>
    public static ImmutableArray<Allowance> All { get; } =
    [
        // How the face is reached is the painter's affair.
        new([SiteNeeds.AccessSafe], _ => true, Passing.Met),
        // Zinc phosphate in alkyd is laid on what a hand tool has brought to firm metal, where spots are primed.
        new(
            [.. Needs.All.Where(n => n.Id == $"prepared-{Prep.Power}")],
            at => at.Act is { Operation.Role: CoatRole.Spot, Product.Carrier: Carrier.Spirit } && at.Now.Get(Facets.Prep) == Prep.Hand,
            Passing.Noted
        ),
        // Acrylic holds to acrylic: a satin over a primer coat of masonry paint.
        new(
            [.. Needs.All.Where(n => n.Id.StartsWith("follows-", StringComparison.Ordinal))],
            at => at.Act?.Product is { Carrier: Carrier.Water, Cover: Cover.EnamelWater } && at.Now.Get(Facets.Cover) == Cover.Masonry,
            Passing.Noted
        ),
        // What is left of nicotine and soot once they are washed off is faint, and a waterborne block is sold for it: an alkyd or shellac one is surer.
        new(
            [.. Needs.All.Where(n => n.Id == "tar-faint")],
            at => at.Start.Get(Facets.Soil) is Soil.Tarry or Soil.Sooty && at.Now.Get(Facets.Soil) == Soil.Clean,
            Passing.Noted
        ),
        // Two-part filler sets by itself, and raw wood takes no water out of it.
        new([GroundNeeds.WoodPrimedForFiller], at => at.Act?.Operation.Id == "rp_wood_fill", Passing.Idle),
        // Whoever flats a film on plaster wet wipes as he goes: bare only by the way, it bears the damp.
        new(
            [GroundNeeds.WaterTolerant],
            at =>
                at.Act?.Operation.Id == "st_wet_abrade"
                && at.Start.Get(Facets.Film) != Film.None
                && at.Now.Get(Facets.Film) == at.Start.Get(Facets.Film)
                && (at.Facts.BareShare ?? 0) <= LittleBare
                && at.Start.Get(Facets.Substrate) != Substrate.Mdf,
            Passing.Idle
        ),
        // Zinc-rich paint mends zinc where rust has come through and was rubbed to metal (ASTM A780, from memory).
        new(
            [.. Needs.All.Where(n => n.Id == "own-ground-p_zinc_rich")],
            at =>
                at.Act?.Product?.Id == "p_zinc_rich"
                && at.Start.Get(Facets.Substrate) is Substrate.GalvanisedNew or Substrate.GalvanisedOld
                && at.Recorded.Rust is Rust.Light or Rust.Heavy,
            Passing.Noted
        ),
        // Spirit on wood takes off what a stripper or the fingers left, and does no harm.
        new([.. Needs.All.Where(n => n.Id == "wipeable")], at => Substrates.Of(at.Start.Get(Facets.Substrate)).Family == SubstrateFamily.Wood, Passing.Idle),
        // Mineral paint is what such a wall is painted with, a coat more or less.
        new(Breathing, at => at.Act?.Product?.Cover is Cover.Limewash or Cover.Silicate or Cover.SilicatePure, Passing.Idle),
        // Wall paint on an inside wall that is dry and painted already makes it no tighter than it is.
        new(
            Breathing,
            at =>
                at.Start.Get(Facets.Exposure) == Exposure.Inside
                && at.Start.Get(Facets.Film) is Film.EmulsionMatt or Film.EmulsionSilk or Film.SoftDistemper
                && (at.Now.Get(Facets.Film) == at.Start.Get(Facets.Film) || at.Now.Get(Facets.Film) == Film.None)
                && IsDry(at)
                && (
                    (at.Act?.Product is { Cover: Cover.Emulsion } paint && (paint.Sheens.Contains(Sheen.Matt) || at.Start.Get(Facets.Film) == Film.EmulsionSilk))
                    || at.Act?.Operation.Role == CoatRole.Spot
                    || at.Act?.Operation.Group == Group.StainBlock
                ),
            Passing.Told
        ),
        // Wall paint on brick inside, dry and with no water behind it, is how chimney breasts and feature walls are painted.
        new(
            Breathing,
            at =>
                at.Start.Get(Facets.Exposure) == Exposure.Inside
                && at.Start.Get(Facets.Substrate) is Substrate.BrickSoft or Substrate.BrickHard
                && IsDry(at)
                && (at.Act?.Product is { Cover: Cover.Emulsion } || at.Act?.Product?.Carrier == Carrier.Alcohol || at.Act?.Operation.Group == Group.StainBlock),
            Passing.Told
        ),
        // Where a flake or two came off, what is bare is touched in by the way.
        new(
            [GroundNeeds.BareSealed],
            at =>
                at.Recorded is { BareShare: null or 0, LooseShare: > 0 and <= TwoFlakes }
                && at.Start.Get(Facets.Film) != Film.None
                && at.Now.Get(Facets.Film) == at.Start.Get(Facets.Film),
            Passing.Told
        ),
        // Soot and tar on brick inside are sealed in with shellac once they are washed off.
        new(
            [.. Needs.All.Where(n => n.Id is "not-raw-plaster" or "ground-p_shellac_prim")],
            at => at.Start.Get(Facets.Exposure) == Exposure.Inside && at.Start.Get(Facets.Substrate) is Substrate.BrickSoft or Substrate.BrickHard,
            Passing.Told
        ),
        // Waterborne enamel is sold for window plastic that is padded: a bonding primer is surer.
        new(
            [GroundNeeds.BareSealed],
            at => at.Start.Get(Facets.Substrate) == Substrate.PvcU && at.Act?.Product?.Cover == Cover.EnamelWater && at.Now.Get(Facets.Key) == Key.Abraded,
            Passing.Noted
        ),
        // Whoever waxes what is waxed, or oils what is oiled, needs no second coat.
        new([Needs.FullFinish], at => (at.Start.Get(Facets.Film), at.Now.Get(Facets.Cover)) is (Film.Wax, Cover.Wax) or (Film.Oil, Cover.Oil), Passing.Met),
        // Whoever seals the end grain first and feathers after it is untidy, and no more.
        new([GroundNeeds.StepGone], at => at.Act?.Operation.Id == "se_endgrain", Passing.Met),
        // Inside, two coats of varnish on bare wood are many a good painter's way; a third lasts longer.
        new([Needs.VarnishBuilt], at => at.Start.Get(Facets.Exposure) == Exposure.Inside && at.Now.Get(Facets.Topcoats) == Count.Two, Passing.Told),
        // Inside, where an old film lies under the undercoat, a coat of finish on it is a full job; a second lasts longer.
        new(
            [Needs.FullFinish],
            at =>
                at.Act is null
                && at.Undercoats
                && at.Start.Get(Facets.Exposure) == Exposure.Inside
                && at.Start.Get(Facets.Film) != Film.None
                && at.Now.Get(Facets.Topcoats) == Count.One
                && at.Now.Get(Facets.Cover) is Cover.EnamelWater or Cover.EnamelHybrid,
            Passing.Noted
        ),
        // Silicone resin paint on masonry paint that holds and is dry makes the wall no tighter than it is.
        new(
            Breathing,
            at =>
                at.Act?.Product?.Cover == Cover.Siloxane
                && at.Start.Get(Facets.Film) == Film.MasonryAcrylic
                && at.Now.Get(Facets.Film) == Film.MasonryAcrylic
                && IsDry(at),
            Passing.Told
        ),
        // Limewash goes on limewash, whatever bears that.
        new(
            [.. Needs.All.Where(n => n.Id == "on-lime")],
            at => at.Act?.Product?.Cover == Cover.Limewash && at.Start.Get(Facets.Film) == Film.Limewash && at.Now.Get(Facets.Film) == Film.Limewash,
            Passing.Met
        ),
        // Limewash holds on its own powder once that is brushed and wetted.
        new([GroundNeeds.PowderBound], at => at.Start.Get(Facets.Film) == Film.Limewash && at.Act?.Product?.Cover == Cover.Limewash, Passing.Met),
        // What lay under paper that was stripped is another survey.
        new([FabricNeeds.PaperHolds], at => at.Now.Get(Facets.Paper) != at.Start.Get(Facets.Paper), Passing.Met),
        new(
            [.. Needs.All.Where(n => n.Any.Length > 0 && n.Any.All(x => x.Facet == Facets.Substrate))],
            at => at.Now.Get(Facets.Paper) != at.Start.Get(Facets.Paper),
            Passing.Met
        ),
        // Wall paint goes straight on paper that holds.
        new(
            [GroundNeeds.BareSealed],
            at => at.Start.Get(Facets.Substrate) is Substrate.PaperLining or Substrate.PaperVinyl && at.Act?.Product?.Cover == Cover.Emulsion,
            Passing.Met
        ),
        // Whoever feathers or brushes metal bright takes off what is loose; so does rubbing down where it is little. Where it is much that stays.
        new(
            [GroundNeeds.LooseOff],
            at =>
                (at.Act?.Operation is { Group: Group.Loosen, Id: not ("ls_feather" or "ls_feather_wet") })
                || (at.Act?.Operation.Group is Group.Loosen && (at.Facts.LooseShare ?? 0) <= LittleLoose)
                || (at.Act is { Operation.Group: Group.Abrade } act && ((at.Facts.LooseShare ?? 0) <= LittleLoose || act.PreparesMetal)),
            Passing.Met
        ),
        new([GroundNeeds.LooseOff], at => at.Act?.Operation.Group is Group.Abrade, Passing.Idle),
        // Who washes before scraping a little off has it the usual way round; so has, outside and without lead, whoever rinses salt and dirt off first.
        new(
            [GroundNeeds.LooseOff],
            at =>
                at.Act?.Operation.Group is Group.Clean
                && ((at.Facts.LooseShare ?? 0) <= LittleLoose || (at.Start.Get(Facets.Exposure) == Exposure.Outside && at.Start.Get(Facets.Lead) == Lead.ProvedAbsent)),
            Passing.Idle
        ),
        // Metal is degreased before anything is rubbed off it (ISO 12944-4, from memory).
        new(
            [GroundNeeds.LooseOff],
            at => at.Act?.Operation.Group is Group.Clean && Substrates.Of(at.Start.Get(Facets.Substrate)).Family is SubstrateFamily.Ferrous or SubstrateFamily.NonFerrous,
            Passing.Idle
        ),
        // Nails are punched before the floor is sanded.
        new([GroundNeeds.LooseOff], at => at.Act?.Operation.Id == "sb_nail_heads", Passing.Idle),
        // Cracks are raked to what is firm: the powder beside them is bound after.
        new([GroundNeeds.PowderBound], at => at.Act?.Operation.Group == Group.Fill, Passing.Idle),
        // Acrylic primer-undercoat is sold for keyed old gloss; a bonding primer is surer.
        new(
            [.. Needs.All.Where(n => n.Id.StartsWith("film-takes-", StringComparison.Ordinal))],
            at => at.Act?.Product?.Id is "p_wood_ac" or "p_uc_wb" && at.Now.Get(Facets.Film) is Film.AlkydGloss or Film.OilLead && at.Now.Get(Facets.Key) == Key.Abraded,
            Passing.Noted
        ),
        // Floor paint is its own primer: its first coat thinned soaks in better, and neat it holds where the slab is keyed, or bare only by the way.
        new(
            [GroundNeeds.BareSealed],
            at =>
                at.Act?.Product?.Cover == Cover.Floor
                && Substrates.Of(at.Start.Get(Facets.Substrate)).Family == SubstrateFamily.Masonry
                && (at.Start.Get(Facets.Film) != Film.None || at.Now.Get(Facets.Key) == Key.Abraded),
            Passing.Noted
        ),
        // Alkyd floor paint on a slab is saponified from below; over an old film on a dry one it is what is sold for it.
        new(
            [.. Needs.All.Where(n => n.Id == "on-wood")],
            at =>
                at.Act?.Operation.Id == "tc_floor_alkyd"
                && Substrates.Of(at.Start.Get(Facets.Substrate)).Family == SubstrateFamily.Masonry
                && at.Now.Get(Facets.Film) == Film.AlkydGloss
                && IsDry(at),
            Passing.Noted
        ),
        // Tile paint soaks into unglazed tile by itself.
        new([GroundNeeds.BareSealed], at => at.Act?.Product?.Id == "p_tile_2k" && at.Start.Get(Facets.Substrate) == Substrate.TileUnglazed, Passing.Noted),
        // What lies on a floor is floor paint of some kind, which floor paint is laid on once it is keyed; of which kind it is nobody can see.
        new(
            [.. Needs.All.Where(n => n.Id.StartsWith("film-takes-", StringComparison.Ordinal))],
            at => at.Act?.Product is { Cover: Cover.Floor, PotLifeHours: null } && at.Now.Get(Facets.Film) == Film.AlkydGloss,
            Passing.Noted
        ),
        // Weathered alkyd outside, and on metal what is dulled, is what acrylic finishes are mostly laid on; a bonding primer is surer.
        new(
            [.. Needs.All.Where(n => n.Id.StartsWith("film-takes-waterenamel", StringComparison.Ordinal))],
            at =>
                (at.Start.Get(Facets.Exposure) == Exposure.Outside && at.Now.Get(Facets.Film) == Film.AlkydGloss)
                || (
                    at.Now.Get(Facets.Key) == Key.Abraded
                    && at.Now.Get(Facets.Film) is Film.AlkydGloss or Film.Epoxy
                    && Substrates.Of(at.Start.Get(Facets.Substrate)).Family is SubstrateFamily.Ferrous or SubstrateFamily.NonFerrous
                ),
            Passing.Noted
        ),
        // Where zinc has rusted through, the spots are steel.
        new(
            [.. Needs.All.Where(n => n.Any.Length > 0 && n.Any.All(x => x.Facet == Facets.Substrate))],
            at =>
                at.Act?.Operation is { Role: CoatRole.Spot, Id: "sp_metal" or "sp_metal_one" } or { Id: "ls_wire_hand" or "ab_metal_hand" }
                && at.Start.Get(Facets.Substrate) is Substrate.GalvanisedNew or Substrate.GalvanisedOld
                && at.Recorded.Rust is not (null or Rust.None),
            Passing.Met
        ),
        // Gaps beside boards and plaster are caulked before they are primed or after.
        new(
            [GroundNeeds.BareSealed],
            at =>
                at.Act?.Operation.Id.StartsWith("ca_", StringComparison.Ordinal) == true
                && Substrates.Of(at.Start.Get(Facets.Substrate)).Family == SubstrateFamily.Plaster,
            Passing.Idle
        ),
        // Whoever bags what comes off as lead waste works by the rules for lead, though he does not write down all of them: he is asked. What is done dry stays a danger.
        new([SiteNeeds.LeadControlled, SiteNeeds.LeadWashed], at => at.Cares && at.Now.Get(Facets.LeadZone) == LeadZone.None, Passing.Asked),
        new([Needs.LeadDustGone], at => at.Cares && at.Now.Get(Facets.Dust) == Presence.None, Passing.Asked),
        new([Needs.LeadCleaned], at => at.Cares, Passing.Asked),
        // Edges are striped with the primer itself.
        new([GroundNeeds.BareSealed], at => at.Act?.Operation.Id == "dn_stripe", Passing.Idle),
        // Nobody primes the chips first where a primer goes all over.
        new(
            [.. Needs.All.Where(n => n.Id.StartsWith("ground-", StringComparison.Ordinal))],
            at =>
                at.Start.Get(Facets.Film) != Film.None
                && at.Act?.Operation.Role == CoatRole.Primer
                && (at.Facts.LooseShare ?? 0) + (at.Facts.BareShare ?? 0) <= LittleBare,
            Passing.Noted
        ),
        // A bonding primer is put on what shines, and does no harm on the plaster scraped bare beside it.
        new(
            [.. Needs.All.Where(n => n.Id == "ground-p_bond_wb")],
            at => at.Start.Get(Facets.Film) != Film.None && Substrates.Of(at.Start.Get(Facets.Substrate)).Family == SubstrateFamily.Plaster,
            Passing.Noted
        ),
        // Block and brick inside take a thinned first coat of wall paint as plaster does.
        new(
            [.. Needs.All.Where(n => n.Id == "on-plaster")],
            at => at.Act?.Operation.Id == "se_mist" && Substrates.Of(at.Start.Get(Facets.Substrate)).Family == SubstrateFamily.Masonry,
            Passing.Met
        ),
        // A good undercoat seals what was scraped bare by the way, and so does wall paint on old plaster.
        new(
            [GroundNeeds.BareSealed],
            at =>
                at.Start.Get(Facets.Film) != Film.None
                && !(at.Start.Get(Facets.Substrate) is Substrate.GalvanisedNew or Substrate.GalvanisedOld && at.Act?.Product?.Carrier == Materials.Carrier.Spirit)
                && (
                    (at.Act is { Operation.Role: CoatRole.Undercoat } && at.Start.Get(Facets.Exposure) == Exposure.Inside)
                    || (
                        (at.Act is { Operation.Role: CoatRole.Undercoat } || at.Act?.Product?.Cover == Cover.Emulsion)
                        && (at.Facts.LooseShare ?? 0) + (at.Facts.BareShare ?? 0) <= LittleBare
                    )
                ),
            Passing.Noted
        ),
        // Where the area stood and was cleaned, cleaning once more is no new work in it; nor are filling, flatting the filler and spot coats, which free no old paint.
        new(
            [SiteNeeds.LeadControlled, SiteNeeds.LeadWashed],
            at =>
                at.Now.Get(Facets.LeadZone) == LeadZone.Cleaned
                && at.Act?.Operation.Group is Group.Clean or Group.DustOff or Group.Repair or Group.Fill or Group.SpotPrime,
            Passing.Idle
        ),
        // Dust taken up between two kinds of work does not end the lead work: the area stands until it is cleaned down after the last.
        new(
            [SiteNeeds.LeadControlled, SiteNeeds.LeadWashed],
            at => at.Now.Get(Facets.LeadZone) == LeadZone.Cleaned && at.Now.Get(Facets.Cover) == Cover.None,
            Passing.Met
        ),
        // Outside, where all was done wet and no dust lies on the face, many clean down once at the end; it is better done before the coats.
        new([Needs.LeadDustGone], at => at.Cleans && at.Start.Get(Facets.Exposure) == Exposure.Outside && at.Now.Get(Facets.Dust) == Presence.None, Passing.Told),
        // Wax is lifted with a swab: where a flake or two lift besides, nothing is washed off.
        new([SiteNeeds.LeadWashed], at => at.Act?.Operation.Id == "cl_wax" && at.Facts.LooseShare is { } share && share <= TwoFlakes, Passing.Told),
        // Steel gets one coat of two-part finish over full coats of epoxy, as the protective systems of ISO 12944-5 have it; from memory.
        new(
            [Needs.Hidden],
            at => at.Act is null && at.Now.Get(Facets.Cover) == Cover.TwoPart && Substrates.Of(at.Start.Get(Facets.Substrate)).Family is SubstrateFamily.Ferrous,
            Passing.Told
        ),
        // A water repellent is the finish where nothing follows it.
        new([Needs.Hidden, Needs.FullFinish, Needs.Topcoats(1), Needs.Topcoats(2)], at => at.Act is null && at.Now.Get(Facets.Cover) == Cover.Siloxane, Passing.Told),
        // A firm that blasts with capture does so inside as well.
        new([FabricNeeds.Outside], at => at.Act?.Operation.Id == "st_blast_steel", Passing.Met),
        // Acrylic caulk is sold for outside as well; hybrid lasts longer there.
        new([FabricNeeds.Inside], at => at.Act?.Operation.Id == "ca_acrylic", Passing.Met),
        // A solventborne sealer binds what distemper left on plaster.
        new(
            [.. Needs.All.Where(n => n.Id == "ground-p_stab_sb")],
            at => at.Act?.Product?.Id == "p_stab_sb" && Substrates.Of(at.Start.Get(Facets.Substrate)).Family == SubstrateFamily.Plaster,
            Passing.Noted
        ),
        // A joint that nobody recorded is sealed all the same.
        new(
            [.. Needs.All.Where(n => n.Any.Any(x => x.Facet == Facets.JointKind || x.Facet == Facets.Joint))],
            at => at.Act?.Operation.Id.StartsWith("ca_", StringComparison.Ordinal) == true && at.Facts.OpenJointM is null or 0,
            Passing.Met
        ),
    ];

    /// <summary>The one that lets a need pass; null for none.</summary>
    public static Allowance? For(Need need, in AllowanceAt at)
    {
        foreach (var allowance in All)
        {
            if (allowance.Of.Contains(need) && allowance.When(at))
            {
                return allowance;
            }
        }

        return null;
    }
}
