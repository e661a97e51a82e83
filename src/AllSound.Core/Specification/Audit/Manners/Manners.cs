using System.Collections.Frozen;
using System.Collections.Immutable;
using AllSound.Core.Materials;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>
/// The manners that an audit looks for in the words of a sequence. To add one, add a row here and how painters say it to the reader's
/// phrases. Common practice, from memory.
/// </summary>
internal static partial class Manners
{
    /// <summary>All manners.</summary>
    public static ImmutableArray<Manner> All { get; } = [.. People(), .. Products(), .. Grounds(), .. Tools(), .. Weather()];

    private static readonly FrozenDictionary<string, Manner> ById = All.ToFrozenDictionary(m => m.Id, StringComparer.Ordinal);

    /// <summary>The manner with this id, or null.</summary>
    public static Manner? Find(string id) => ById.GetValueOrDefault(id);

    private static Manner Danger(string id, string problem, string consequence, string mend) => Row(id, Severity.Danger, problem, consequence, mend);

    private static Manner Fails(string id, string problem, string consequence, string mend) => Row(id, Severity.Fails, problem, consequence, mend);

    private static Manner Poor(string id, string problem, string consequence, string mend) => Row(id, Severity.Poor, problem, consequence, mend);

    private static Manner Row(string id, Severity severity, string problem, string consequence, string mend) =>
        new()
        {
            Id = id,
            Severity = severity,
            Problem = problem,
            Consequence = consequence,
            Mend = mend,
        };

    private static bool Solvent(CoatingClass? product) => product?.Carrier is Carrier.Spirit or Carrier.Alcohol or Carrier.Strong;

    private static bool Mineral(CoatingClass? product) => product?.Cover is Cover.Limewash or Cover.Silicate or Cover.SilicatePure;

    private static bool TwoPart(Act? act) => act?.Product?.PotLifeHours is not null;

    private static bool Tannin(in MannerAt at) =>
        at.Start.Get(Facets.Substrate) is Substrate.HardwoodTannin or Substrate.HardwoodOily || at.Start.Get(Facets.Tannin) == Bleed.Live;
}
