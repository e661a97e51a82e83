using AllSound.Core.Materials;
using AllSound.Core.Treatment;

namespace AllSound.Core.Exchange;

// Lines that name an operation by its id or its title, as the program itself writes them.
public static partial class LineReader
{
    // An id is an id, and a title a title, whatever words are in it.
    private static ReadLine? Named(string line)
    {
        var parts = line.Split(['/', '@', ' ', ','], StringSplitOptions.RemoveEmptyEntries);
        if (parts.Length > 0 && Operations.Find(parts[0]) is { } exact)
        {
            return Whole(Understood(line, exact, parts.Skip(1).Select(Coatings.Find).FirstOrDefault(p => p is not null), 1, []));
        }

        return
            Operations.All.Where(o => line.StartsWith(o.Title, StringComparison.OrdinalIgnoreCase)).MaxBy(o => o.Title.Length) is { } titled
            && (line.Length == titled.Title.Length || line[titled.Title.Length] is ':' or '.')
            ? Whole(Understood(line, titled, Titled(line[titled.Title.Length..]), 1, []))
            : null;
    }

    // A title is what it says, and nothing else.
    private static ReadLine Whole(ReadLine line) => line with { Step = line.Step! with { Part = false, Or = [] } };

    private static CoatingClass? Titled(string rest) =>
        Coatings.All.Where(p => rest.Contains(p.Title, StringComparison.OrdinalIgnoreCase)).MaxBy(p => p.Title.Length) ?? Best(LineWords.Of(rest))?.Of;
}
