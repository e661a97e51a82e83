using System.Collections.Immutable;
using AllSound.Core.Sources;

namespace AllSound.Core.Diagnosis.Catalogue;

/// <summary>Causes of failure that lie in how the work was done. Weights as in <see cref="Causes"/>.</summary>
internal static class WorkmanshipCauses
{
    public static readonly ImmutableArray<Cause> All =
    [
        new(
            "c_early_recoat",
            "recoated too soon",
            [3, 2, 5, 4, 2, 2],
            [
                new("s_fast_recoat", 0.88),
                new("s_wrinkle", 0.60),
                new("s_soft", 0.55),
                new("s_days", 0.60),
                new("s_lift_now", 0.25),
                new("s_blist_sticky", 0.15),
                new("s_plane_inter", 0.35),
            ],
            "let harden 7-14 days at 20 °C, or strip if soft; denib wrinkle",
            "thumb firm, no drag; dry abrade powders",
            Source.Practice
        )
        {
            Implies = [Implied.SoftFilm, Implied.Rough],
        },
        new(
            "c_overthick",
            "a single coat laid too thick",
            [2, 2, 4, 3, 2, 2],
            [new("s_thick", 0.65), new("s_runs", 0.65), new("s_wrinkle", 0.55), new("s_mudcrack", 0.35), new("s_soft", 0.45), new("s_pinhole", 0.20)],
            "cut back wrinkle/run after 7-14 d; thin coats",
            "film no thicker than the product allows; hard",
            Source.Practice
        )
        {
            Implies = [Implied.Rough],
            Manner = "Thin coats, none thicker than the label allows.",
        },
        new(
            "c_layer_load",
            "too many old layers, stressed build-up",
            [4, 3, 6, 2, 1, 0],
            [
                new("s_thick", 0.92),
                new("s_allig", 0.45),
                new("s_flakes", 0.60),
                new("s_plane_in", 0.45),
                new("s_years", 0.75),
                new("s_crack_grain", 0.30),
                new("s_plane_base", 0.45),
            ],
            "strip to the substrate, by a lead-safe method",
            "bare and sound; primer as for the substrate",
            Source.Practice
        )
        {
            Implies = [Implied.FilmSpent],
        },
        new(
            "c_incompat",
            "incompatible layers (strong solvent, hard on soft)",
            [2, 2, 4, 4, 2, 2],
            [new("s_lift_now", 0.55), new("s_solv_swell", 0.75), new("s_wrinkle", 0.45), new("s_allig", 0.35), new("s_plane_inter", 0.70), new("s_days", 0.45)],
            "remove upper (and swelled) layer; isolator or same family",
            "patch 24 h no lift; cross-cut class 1 or better",
            Source.Practice
        )
        {
            Implies = [Implied.FilmSpent],
        },
        new(
            "c_caulk_early",
            "caulk painted too early, or with too rigid a paint",
            [4, 2, 4, 0, 0, 3],
            [new("s_caulk", 0.95), new("s_days", 0.55), new("s_local", 0.95), new("s_crk_line", 0.40)],
            "cut out, renew paint-on grade (movement 12.5-25 %); wait",
            "skin + 24 h (acrylic 4-24; hybrid 24-48)",
            Source.Standard("ISO 11600", Confidence.Usual)
        )
        {
            Implies = [Implied.OpenJoint],
            Manner = "The sealant is left as long as its label says before it is painted.",
        },
        new(
            "c_silicone",
            "silicone contamination",
            [1, 0, 2, 1, 1, 5],
            [new("s_silicone", 0.90), new("s_crater", 0.65), new("s_kitchen", 0.45), new("s_local", 0.90), new("s_days", 0.75)],
            "cut out, solvent wipe multi-cloth, abrade, shellac spot",
            "a test dab does not crawl",
            Source.Practice
        )
        {
            Implies = [Implied.Silicone],
        },
        new(
            "c_dust",
            "dust left before the coat",
            [4, 3, 4, 3, 2, 1],
            [new("s_back_dust", 0.85), new("s_plane_inter", 0.55), new("s_tape_bad", 0.60), new("s_local", 0.45), new("s_months", 0.50), new("s_pinhole", 0.05)],
            "wash back loose, vacuum",
            "dust class 2 or better",
            Source.Standard("ISO 8502-3")
        )
        {
            Implies = [Implied.Loose],
        },
        new(
            "c_fill_unprimed",
            "filler or repair that was not primed",
            [6, 2, 3, 0, 0, 0],
            [new("s_flash", 0.92), new("s_local", 0.92), new("s_days", 0.75), new("s_tape_bad", 0.15), new("s_shows", 0.25)],
            "sand flush, spot-prime once or twice",
            "no sheen change at 2 m grazing",
            Source.Practice
        )
        {
            Implies = [Implied.Flashing],
        },
        new(
            "c_thin_film",
            "too thin, too few coats, overspread",
            [4, 4, 4, 5, 2, 2],
            [new("s_thin", 0.85), new("s_shows", 0.65), new("s_thinned", 0.40), new("s_dull_even", 0.25), new("s_months", 0.35), new("s_rust", 0.20)],
            "key, then add coats",
            "contrast ratio at least 0.98; film as specified",
            Source.Practice
        )
        {
            Manner = "It is keyed and built up with full coats, at the film thickness that the label gives.",
        },
        new(
            "c_bad_mix",
            "wrong, unstirred, over-thinned, expired or wrong-ratio product",
            [2, 2, 3, 3, 2, 3],
            [new("s_thinned", 0.85), new("s_soft", 0.45), new("s_shows", 0.35), new("s_all_over", 0.65), new("s_days", 0.55), new("s_flash", 0.25)],
            "strip if soft, right product, stir; 2K ratio by volume",
            "hard in cure time",
            Source.Practice
        )
        {
            Implies = [Implied.SoftFilm],
            Manner = "The right product, in date, stirred, thinned no further than its label allows; two parts by measure.",
        },
        new(
            "c_paper_loose",
            "paper under the paint lets go",
            [5, 0, 0, 0, 0, 0],
            [new("s_seams", 0.92), new("s_local", 0.70), new("s_plane_in", 0.60), new("s_sheets", 0.45), new("s_blist_dry", 0.60), new("s_days", 0.40)],
            "strip paper (steam) or re-stick seams; remove paste",
            "see paste cure",
            Source.Practice
        )
        {
            Implies = [Implied.LoosePaper],
        },
    ];
}
