using AllSound.Core.Jobs;

namespace AllSound.Core.Exchange;

// What a line says that is no step: what is not to be done, what was found, what is worn, and words by the way.
public static partial class LineReader
{
    // What is not to be done is no step, and it is not taken as done either.
    private static ReadLine Denied(string piece)
    {
        var words = LineWords.Of(LineWaits.Without(piece));
        var between = LineParts.Between(piece);
        var never = between ? [] : Rank(words, piece, Best(words)?.Of).Take(1).Select(r => r.Name.Of.Id).Concat(Families.Members(piece)).Distinct(StringComparer.Ordinal);
        return NotUnderstood(piece, ["not to be done: no step"], []) with
        {
            Said = new SequenceSaid
            {
                Line = 0,
                Words = piece,
                Never = [.. never],
            },
        };
    }

    private static ReadLine Told(string piece, LineKind kind)
    {
        var found = kind == LineKind.Found ? LineKinds.Found(piece) : [];
        var line = NotUnderstood(
            piece,
            [
                kind switch
                {
                    LineKind.Found => LineParts.Tests(piece) ? "a test is no step: put down in the survey what it shows" : "something found: no step",
                    LineKind.Care => "something worn or kept at hand: no step",
                    _ => "a remark: no step",
                },
            ],
            []
        );
        return found.IsEmpty && !LineKinds.Wastes(piece)
            ? line
            : line with
            {
                Said = new SequenceSaid
                {
                    Line = 0,
                    Words = piece,
                    Found = found,
                },
            };
    }
}
