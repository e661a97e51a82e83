namespace AllSound.Core.Exchange;

/// <summary>Repairs, fillers, caulks and what is done after the work.</summary>
internal static partial class OperationPhrases
{
    private static Dictionary<string, string[]> Repairs =>
        new()
        {
            // Repair, fill, caulk.
            ["rp_fine"] =
            [
                "fill",
                "texture match",
                "match texture",
                "retexture",
                "filler",
                "fill hole",
                "fill crack hole",
                "fill dent",
                "surface filler",
                "fine filler",
                "fill nail hole",
                "makegood",
                "stopping",
                "stopping hole",
                "makegood filler",
                "fill defects",
                "fix dings",
                "dings",
                "fill wall",
            ],
            ["rp_crack"] = ["rake crack", "fill crack", "rake fill crack", "rake", "open crack fill", "crack filler"],
            ["rp_deep"] = ["deep filler", "deep hole", "fill deep", "fill layers", "bonding filler", "deep fill"],
            ["rp_lime_fill"] = ["lime putty", "fill lime", "lime plaster repair", "lime filler", "patch lime"],
            ["rp_wood_fill"] =
            [
                "twopart filler",
                "wood filler",
                "fill wood",
                "twopart wood filler",
                "resin filler",
                "epoxy filler wood",
                "fill sill",
                "fill timber",
                "polyester filler",
            ],
            ["rp_metal_fill"] = ["fill pits", "metal filler", "fill metal", "epoxy filler metal", "pitting fill"],
            ["rp_skim"] = ["skim", "skim coat", "skim wall", "reskim", "plaster skim"],
            ["rp_tape"] = ["tape joint", "tape crack", "scrim", "joint tape", "scrim tape", "joint compound"],
            ["rp_render"] = ["patch render", "render repair", "repair render", "rerender"],
            ["rp_patch"] =
            [
                "patch plaster",
                "replaster",
                "hollow plaster",
                "hack plaster",
                "cut hollow plaster",
                "blown plaster",
                "repair plaster",
                "patch hole plaster",
            ],
            ["rp_splice"] =
            [
                "splice",
                "splice new timber",
                "rotten timber splice",
                "scarf",
                "cut rot",
                "cut rotten",
                "replace rotten",
                "new timber sill",
                "piece timber",
            ],
            ["rp_decay"] = ["wood hardener", "harden rot", "resin repair", "resin repair rot", "wet rot resin", "epoxy repair", "rot hardener", "treat rot"],
            ["rp_knot_cut"] = ["cut knot", "live knot", "drill knot", "heat knot", "resinous knot"],
            ["rp_putty"] =
            [
                "putty",
                "linseed putty",
                "new putty",
                "new linseed putty",
                "new linseed oil putty",
                "glass putty",
                "replace putty",
                "renew putty",
                "reputty",
                "hack putty",
                "glazing putty",
                "reglaze",
            ],
            ["rp_grout"] = ["grout", "regrout", "renew grout", "rake grout"],
            ["mc_fixings"] = ["renew fixings", "replace screws", "roofing screws", "replace fixings"],
            ["mc_lap_rivet"] = ["rivet", "rivet laps"],
            ["mc_lap_seal"] = ["seal laps", "lap sealant", "lap tape"],
            ["mc_hole_brush"] = ["seal holes roof", "rubberise", "liquid rubber hole"],
            ["mc_hole_patch"] = ["fibre patch", "glass fibre patch", "patch hole sheet", "patch holes roof", "bridge hole"],
            ["mc_gutter_joint"] = ["gutter joint", "seal gutter joint"],
            ["mc_nail_pop"] = ["nail pop", "pop nail", "popped nail", "screw pop"],
            ["mc_board"] = ["refix board", "loose board", "screw board", "nail board"],
            ["mc_sash"] = ["ease sash", "free sash", "ease window", "sash cord", "ease door", "plane door"],
            ["ca_acrylic"] =
            [
                "caulk joint acrylic",
                "caulk",
                "caulk gap",
                "decorators caulk",
                "acrylic caulk",
                "fill gaps flexible",
                "flexible filler",
                "caulk joint",
                "caulk skirting",
            ],
            ["ca_hybrid"] =
            [
                "seal gaps silicone",
                "silicone joint",
                "sealant",
                "hybrid sealant",
                "polymer sealant",
                "mastic joint",
                "seal joint",
                "sealant joint",
                "mastic",
            ],
            ["ca_remove"] =
            [
                "remove silicone",
                "cut silicone",
                "get out silicone",
                "take out silicone",
                "pull silicone",
                "old silicone out",
                "old sealant remove",
                "rake sealant",
                "remove caulk",
                "cut sealant",
            ],

            // Aftercare.
            ["ac_clean"] = ["tidy", "clean site", "clear", "remove sheets", "lift sheets", "handover"],
            ["ac_unmask"] = ["unmask", "remove tape", "remove mask", "pull tape", "remove masking tape", "demask", "remove film tape"],
            ["ac_snag"] = ["snag", "inspection", "snagging", "inspect", "touch snag", "inspect finish", "check finish"],
            ["ac_protect"] = ["protect finish", "keep open doors", "protect new paint"],
            ["ac_clearance"] = ["clearance wipe", "clearance test", "lead wipe", "lead clearance", "dust wipe test"],
            ["ac_waste"] = ["waste", "remove waste", "dispose", "dispose waste", "take waste", "skip", "rubbish"],
            ["ac_record"] = ["record", "photograph", "photos", "log"],
        };
}
