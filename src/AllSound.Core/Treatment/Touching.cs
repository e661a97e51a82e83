using N = AllSound.Core.Treatment.Needs;

namespace AllSound.Core.Treatment;

/// <summary>What everything done to the face itself needs, whatever the operation: that it may be reached and touched at all.</summary>
internal static class Touching
{
    private static readonly Need[] AtTheFace = [N.FootingSafe, N.WiringSound, N.ConsentGiven];

    public static IEnumerable<Need> Needs(Operation operation) => operation.Needs.Contains(N.AccessSafe) || operation.Role != CoatRole.None ? AtTheFace : [];
}
