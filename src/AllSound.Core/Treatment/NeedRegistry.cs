using System.Collections.Immutable;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using F = AllSound.Core.Surfaces.Facets;

namespace AllSound.Core.Treatment;

/// <summary>Gives each need its index as it is defined.</summary>
internal static class NeedRegistry
{
    private static readonly List<Need> Registered = [];

    private static readonly Dictionary<ulong, Need> Grounds = [];

    public static ImmutableArray<Need> Snapshot() => [.. Registered];

    /// <summary>That the ground is one of these. Methods that suit the same grounds share the need.</summary>
    public static Need Ground(string id, string title, params ReadOnlySpan<Substrate> grounds)
    {
        var test = F.Substrate.Is(grounds);
        if (!Grounds.TryGetValue(test.Allowed, out var need))
        {
            Grounds[test.Allowed] = need = Register(
                id,
                title,
                "The method or product does not suit this ground: it does not hold to it, or harms it.",
                Severity.Fails,
                Source.Practice,
                [test]
            );
        }

        return need;
    }

    /// <summary>A need with nothing special about it.</summary>
    public static Need Add(string id, string title, string consequence, Severity severity, Source source, params Test[] any) =>
        Register(id, title, consequence, severity, source, any);

    /// <summary>A need with what would free it.</summary>
    public static Need Add(string id, string title, string consequence, Severity severity, Source source, ImmutableArray<string> frees, params Test[] any) =>
        Register(id, title, consequence, severity, source, any, frees);

    /// <summary>A need that waits for somebody else.</summary>
    public static Need Hold(string id, string title, string consequence, Source source, ImmutableArray<string> frees, params Test[] any) =>
        Register(id, title, consequence, Severity.Fails, source, any, frees, hold: true);

    /// <summary>The same, with how bad it is.</summary>
    public static Need Hold(string id, string title, string consequence, Source source, ImmutableArray<string> frees, Severity severity, params Test[] any) =>
        Register(id, title, consequence, severity, source, any, frees, hold: true);

    public static Need Register(
        string id,
        string title,
        string consequence,
        Severity severity,
        Source source,
        Test[] any,
        ImmutableArray<string>? frees = null,
        bool hold = false,
        Drying? clock = null,
        Need? opening = null
    )
    {
        var need = new Need(Registered.Count, id, title, consequence, severity, source, any)
        {
            Frees = frees ?? [],
            Hold = hold,
            Clock = clock,
            Opening = opening,
        };
        Registered.Add(need);
        return need;
    }
}
