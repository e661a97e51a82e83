using AllSound.Core.Sources;

namespace AllSound.Core.Surfaces;

/// <summary>What a coat asks of a film, and how it fails otherwise.</summary>
/// <param name="Asks">What must be done to the film first.</param>
/// <param name="Else">How the coat fails when it is not.</param>
public readonly record struct RecoatCell(Recoat Asks, CoatFailure Else);

/// <summary>
/// Every family of coat over every old film: aged 28 days or more, sound, clean and dry. Letters: O clean only, K key,
/// B bonding primer between, S isolating or stabilising sealer between, N never. Numbers: how it fails, in the order of
/// <see cref="CoatFailure"/>. Columns in the order of <see cref="CoatFamily"/> up to oil; a bonding primer and a
/// penetrating sealer follow from those, being the answers to B and S.
/// </summary>
public static class RecoatMatrix
{
    /// <summary>Where the matrix comes from: common practice, usual but variable; a test patch decides.</summary>
    public static Source Source { get; } = Source.Usual;

    private static readonly (Film Film, string Row)[] Rows =
    [
        //                        LW  SI  DS  CA  EM  MA  SX  WE  AL  SH  NC  E2  P2  W2  BT  OI
        (Film.SoftDistemper, "N1  N7  N11 N1  N11 N11 N11 N11 N1  N1  N1  N11 N11 N11 N1  N1"),
        (Film.OilDistemper, "N7  N7  S1  K1  S11 S11 S11 S11 S1  S1  N2  N2  N2  S11 N3  N1"),
        (Film.Casein, "K7  N7  K1  O   S11 S11 S11 S11 S1  S1  N2  N1  N1  S11 N1  N1"),
        (Film.Limewash, "O   K7  O   O   S11 S6  S6  N5  N5  N5  N5  N11 N11 N11 N6  N5"),
        (Film.CementPaint, "K7  O   O   K1  S1  S1  S1  S1  N5  S5  N5  K1  K1  S1  K6  N5"),
        (Film.Silicate, "O   O   O   K1  K6  K6  O   B6  N5  N5  N5  S1  S1  S1  K6  N5"),
        (Film.OilLead, "N7  N7  N5  N1  B1  B1  B1  B1  K1  K4  N2  N2  N2  B1  N3  N1"),
        (Film.AlkydGloss, "N7  N7  N5  N1  B1  B1  B1  B1  K1  K4  N2  N2  N2  B1  N3  N10"),
        (Film.EmulsionMatt, "N7  N7  K1  K1  O   O   O   K1  K1  K4  N2  N2  N2  K1  N3  N1"),
        (Film.EmulsionSilk, "N7  N7  B1  N1  K1  K1  K1  K1  K1  K4  N2  N2  N2  K1  N3  N1"),
        (Film.MasonryAcrylic, "N7  N7  K1  N1  O   O   O   K1  N6  K4  N2  N2  N2  K1  N3  N1"),
        (Film.Siloxane, "N8  N8  K8  N8  K8  O   O   B8  N6  N8  N2  N2  N2  B8  N3  N1"),
        (Film.EnamelWater, "N7  N7  N1  N1  B1  B1  B1  K1  K1  K4  N2  N2  N2  K1  N3  N1"),
        (Film.Varnish, "N7  N7  N1  N1  B1  B1  B1  B1  K1  K1  N2  N2  S2  K1  N3  N10"),
        (Film.Shellac, "N7  N7  N1  N1  K1  N6  N6  K1  K1  O   S2  N2  N2  K1  N3  N10"),
        (Film.Nitrocellulose, "N7  N7  N1  N1  B1  N4  N4  B1  K1  K1  O   N2  N2  B1  N3  N10"),
        (Film.Woodstain, "N7  N7  N1  N1  B1  B1  B1  K1  K1  K1  N2  N2  N2  K1  K3  K1"),
        (Film.Wax, "N8  N8  N8  N8  N8  N8  N8  N8  N10 N8  N8  N8  N8  N8  N1  O"),
        (Film.Oil, "N7  N7  N1  N1  S1  S1  S1  S1  K1  K1  N2  N1  N1  S1  N3  O"),
        (Film.Bitumen, "N7  N7  N3  N3  S3  S3  S3  S3  N3  K4  N2  N2  N2  S4  O   N10"),
        (Film.ChlorinatedRubber, "N7  N7  N1  N1  B1  B1  B1  B1  K2  K4  N2  N2  N2  B1  N3  N1"),
        (Film.Epoxy, "N7  N7  N1  N1  B1  B1  B1  B1  K10 K1  K1  K1  K1  K1  K1  N1"),
        (Film.Polyurethane, "N7  N7  N1  N1  B1  B1  B1  B1  K1  K1  K2  K1  K1  K1  K1  N1"),
        (Film.Powder, "N7  N7  N1  N1  B1  B1  B1  B1  B1  K1  K2  K1  K1  K1  N1  N1"),
        (Film.Plastisol, "N7  N7  N1  N1  B1  B1  B1  B1  N10 N4  N2  N4  N4  B4  N3  N10"),
        (Film.NicotineFilm, "S3  S3  S3  S3  S3  S3  S3  S3  S3  O   S3  S3  S3  S3  N3  N3"),
        (Film.Texture, "N7  N7  S11 S11 S11 S11 S11 S11 S1  S1  N2  N1  N1  S11 N1  N1"),
        (Film.Intumescent, "N12 N12 N12 N12 N12 N12 N12 N12 N12 N12 N12 N12 N12 N12 N12 N12"),
        (Film.PatinationOil, "N7  N7  N1  N1  B1  B1  B1  B1  N10 N8  N1  N1  N1  B1  N1  K1"),
    ];

    private static readonly RecoatCell[,] Cells = Read();

    /// <summary>The cell for a family of coat over a film; over bare ground it asks nothing.</summary>
    public static RecoatCell Of(Film film, CoatFamily family) => film == Film.None ? default : Cells[(int)film, (int)family];

    private static RecoatCell[,] Read()
    {
        var cells = new RecoatCell[Enum.GetValues<Film>().Length, Enum.GetValues<CoatFamily>().Length];
        foreach (var (film, row) in Rows)
        {
            var columns = row.Split(' ', StringSplitOptions.RemoveEmptyEntries);
            for (var c = 0; c < columns.Length; c++)
            {
                cells[(int)film, c] = Cell(columns[c]);
            }

            var enamel = cells[(int)film, (int)CoatFamily.WaterEnamel];
            var emulsion = cells[(int)film, (int)CoatFamily.Emulsion];
            cells[(int)film, (int)CoatFamily.Bonding] = enamel.Asks == Recoat.Bond ? enamel with { Asks = Recoat.Key } : enamel;
            cells[(int)film, (int)CoatFamily.Penetrating] =
                // A thin sealer binds powder; it shuts in neither bleeding nor oil, and does not grip gloss.
                emulsion.Asks == Recoat.Isolate
                    ? emulsion with
                    {
                        Asks = emulsion.Else == CoatFailure.Bleeds || film == Film.Oil ? Recoat.Never : Recoat.Clean,
                    }
                : emulsion.Asks == Recoat.Bond ? emulsion with { Asks = Recoat.Never }
                : emulsion;

            // A clear coat cannot wait for a primer that hides: waterborne varnish holds to old varnish that was keyed. Wax lies on any polish, oil or varnish.
            cells[(int)film, (int)CoatFamily.WaterVarnish] = film == Film.Varnish ? new(Recoat.Key, CoatFailure.Peels) : enamel;
            cells[(int)film, (int)CoatFamily.Wax] = film is Film.Wax or Film.Shellac or Film.Oil or Film.Varnish ? default : new(Recoat.Never, CoatFailure.Peels);
        }

        return cells;
    }

    private static RecoatCell Cell(string text)
    {
        var asks = text[0] switch
        {
            'O' => Recoat.Clean,
            'K' => Recoat.Key,
            'B' => Recoat.Bond,
            'S' => Recoat.Isolate,
            _ => Recoat.Never,
        };
        return new(asks, text.Length == 1 ? CoatFailure.None : (CoatFailure)byte.Parse(text.AsSpan(1), System.Globalization.CultureInfo.InvariantCulture));
    }
}
