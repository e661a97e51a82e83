using AllSound.Core.Treatment;

namespace AllSound.Core.Exchange;

// What a line says, parted into pieces that can be read by themselves.
public static partial class LineReader
{
    // What a line says, in its order: pieces of work joined to what they need to be understood, and the rest apart.
    private static List<(string Words, LineKind Kind)> Pieces(string line)
    {
        var pieces = new List<(string Words, LineKind Kind)>();
        foreach (var sentence in LineParts.Sentences(LineKinds.Plain(line)))
        {
            var run = new List<string>();
            var told = false;
            foreach (var piece in LineParts.Of(sentence))
            {
                var (head, denied) = LineKinds.Parted(piece);
                told |= LineKinds.Tells(head);
                var kind =
                    told ? LineKind.Remark
                    : LineWaits.IsAll(head) ? LineKind.Work
                    : LineKinds.Of(head);

                // How many coats, said by itself, belongs to what was said before.
                var laid = pieces.FindLastIndex(p => p.Kind is not (LineKind.Remark or LineKind.Care));
                if (LineParts.OnlyCoats(head) && run is [.., var before] && LineParts.EndsFirst(before))
                {
                    // "Let down on the bare bits first, then two coats": the coats come after that one.
                    run.Add(head);
                }
                else if (LineParts.OnlyCoats(head) && (run.Count > 0 || (laid >= 0 && pieces[laid].Kind == LineKind.Work)))
                {
                    if (run.Count > 0)
                    {
                        run[^1] += $", {head}";
                    }
                    else
                    {
                        pieces[laid] = ($"{pieces[laid].Words}, {head}", LineKind.Work);
                    }
                }
                else if (LineParts.OnlyLays(head) && pieces.Count == 0 && run is [var only] && IsCutIn(only))
                {
                    // Nothing else is said: cutting in and rolling is the coat.
                    run[0] = $"{only}, {head}";
                }
                else if (LineParts.OnlyLays(head) && (run.Count > 0 || pieces.Count > 0))
                {
                    // "Mix the primer and roll": what was mixed is laid.
                    if (run.Count == 0 && pieces is [.., { Kind: LineKind.Remark } mixed])
                    {
                        pieces[^1] = (mixed.Words, LineKind.Work);
                    }
                }
                else if (LineWaits.IsAll(head))
                {
                    Flush();
                    pieces.Add((head, LineKind.Work));
                }
                else if (kind == LineKind.Work)
                {
                    run.Add(head);
                }
                else if (kind != LineKind.Denied)
                {
                    Flush();
                    pieces.Add((head, kind));
                }

                if (denied is not null || kind == LineKind.Denied)
                {
                    Flush();
                    pieces.Add((denied ?? head, LineKind.Denied));
                }
            }

            Flush();

            void Flush()
            {
                pieces.AddRange(Joined([.. run]).Select(w => (w, LineKind.Work)));
                run.Clear();
            }
        }

        return pieces;
    }

    // A piece by which no operation is said goes with its neighbour; so do pieces of which one phrase says something of each:
    // "rake out cracks and fill". What follows from the one before ("allow to dry") is not parted from it.
    private static List<string> Joined(string[] pieces)
    {
        var joined = new List<string>();
        Operation? before = null;
        var open = true;
        foreach (var piece in pieces)
        {
            var alone = LineWaits.IsAll(piece) ? null : Chief(piece);
            var onward =
                joined.Count > 0
                && (LineParts.OnlyDries(piece) || (alone is null && !StandsAlone(piece)) || (alone == before && alone is not null && !LineParts.Repeats(piece)));
            if (
                joined.Count > 0
                && (
                    onward
                    || (LineParts.OnlyGrit(piece) && before is { Group: Treatment.Group.Abrade } or { Id: "st_shroud_sand" })
                    || (LineParts.OnlyThins(piece) && before is { Id: "se_mist" or "sp_fill" } or { Role: CoatRole.Finish })
                    || (open && !StandsAlone(piece))
                    || (!StandsAlone(joined[^1]) && !StandsAlone(piece) && !LineParts.OnlyRinses(piece) && IsOne(joined[^1], piece))
                )
            )
            {
                joined[^1] += $", {piece}";
                before = Chief(joined[^1]);
            }
            else
            {
                joined.Add(piece);
                before = alone ?? Chief(piece);
            }

            open = before is null && !StandsAlone(joined[^1]);
        }

        return joined;
    }

    private static bool StandsAlone(string piece) => LineParts.Repeats(piece) || LineParts.Primes(piece) || LineParts.OnlyCoats(piece);

    private static Operation? Chief(string piece)
    {
        var words = LineWords.Of(piece);
        return Rank(words, piece, Best(words)?.Of) is { Count: > 0 } found ? found[0].Name.Of : Families.First(piece);
    }

    // Words that say how, and of themselves make no piece of work one with the next.
    private static readonly string[] How = ["wet", "dry"];

    private static bool IsOne(string first, string second)
    {
        var (x, y) = (LineWords.Of(first), LineWords.Of(second));
        string[] both = [.. x.Union(y)];
        return Chief($"{first}, {second}") is { } chief
            && Known.First(k => k.Of == chief).Phrases.Any(p => p.All(both.Contains) && y.All(p.Contains) && p.Except(x).Any() && p.Except(y).Except(How).Any());
    }
}
