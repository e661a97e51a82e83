using System.Collections.Immutable;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Diagnosis;

/// <summary>How strongly one recorded sign speaks.</summary>
/// <param name="Sign">The sign.</param>
/// <param name="Present">Seen, or looked for and absent.</param>
/// <param name="Ratio">Likelihood ratio; above 1 speaks for the cause.</param>
public sealed record Weighed(Sign Sign, bool Present, double Ratio);

/// <summary>A cause with its probability and the evidence for and against it.</summary>
/// <param name="Cause">The cause.</param>
/// <param name="Probability">0.02 to 0.98; several causes may be likely at once.</param>
/// <param name="For">Evidence for, strongest first. Never empty.</param>
/// <param name="Against">Evidence against, strongest first.</param>
public sealed record Finding(Cause Cause, double Probability, ImmutableArray<Weighed> For, ImmutableArray<Weighed> Against);

/// <summary>
/// Noisy-OR diagnosis. A sign shows when any cause at work brings it about, or by itself at its base rate. Causes are
/// not exclusive: all sets of one and of two causes are weighed, an unknown cause among them.
/// </summary>
public static class NoisyOr
{
    /// <summary>Prior weight of "some cause not listed". Judgement.</summary>
    public const double UnknownWeight = 3;

    /// <summary>Further signs of one group count to this power. Judgement: signs of a group go together.</summary>
    public const double GroupPower = 0.3;

    private const double Least = 0.02;
    private const double Most = 0.98;
    private const double Worth = 0.04;

    /// <summary>Diagnoses from recorded signs.</summary>
    /// <param name="family">Family of the substrate.</param>
    /// <param name="recorded">Signs seen, or looked for and absent. Repeats of a sign add nothing; a sign recorded both ways is taken as seen.</param>
    /// <returns>Findings, likeliest first; empty when no sign was seen.</returns>
    public static ImmutableArray<Finding> Diagnose(SubstrateFamily family, IEnumerable<SignSeen> recorded) => Diagnose(family, recorded, Causes.All);

    /// <summary>Diagnoses from recorded signs by causes with numbers of one's own; see <see cref="Causes.With(ImmutableArray{Judgement})"/>.</summary>
    public static ImmutableArray<Finding> Diagnose(SubstrateFamily family, IEnumerable<SignSeen> recorded, ImmutableArray<Cause> known)
    {
        var signs = recorded
            .Where(s => Signs.Find(s.Sign) is not null)
            .GroupBy(s => s.Sign)
            .Select(g => (Sign: Signs.Find(g.Key)!, Present: g.Any(s => s.Present)))
            .OrderBy(s => s.Sign.Id, StringComparer.Ordinal)
            .ToArray();
        if (!signs.Any(s => s.Present))
        {
            return [];
        }

        var knowledge = Knowledge.Of(family, known);
        var causes = knowledge.Causes;
        var model = new Model(knowledge, signs);
        var odds = knowledge.Odds;
        var mass = new double[causes.Length];

        // The unknown cause alone explains nothing beyond base rates.
        var all = knowledge.UnknownOdds;
        for (var i = 0; i < causes.Length; i++)
        {
            var one = odds[i] * model.Likelihood(i, -1);
            mass[i] += one;
            all += one;
            for (var j = i + 1; j < causes.Length; j++)
            {
                var two = odds[i] * odds[j] * model.Likelihood(i, j);
                mass[i] += two;
                mass[j] += two;
                all += two;
            }
        }

        return
        [
            .. causes
                .Select((cause, i) => (Cause: cause, Probability: Math.Clamp(mass[i] / all, Least, Most), Evidence: model.EvidenceOf(i)))
                .Where(x => x.Probability >= Worth)
                .Select(x => Weigh(x.Cause, x.Probability, signs, x.Evidence))
                .Where(f => f.For.Length > 0)
                .OrderByDescending(f => f.Probability)
                .ThenBy(f => f.Cause.Id, StringComparer.Ordinal),
        ];
    }

    private static Finding Weigh(Cause cause, double probability, (Sign Sign, bool Present)[] signs, Evidence?[] evidence)
    {
        var weighed = signs
            .Zip(evidence)
            .Where(x => x.Second is not null)
            .Select(x => new Weighed(
                x.First.Sign,
                x.First.Present,
                x.First.Present ? x.Second!.IfCause / x.Second.IfNot : (1 - x.Second!.IfCause) / (1 - x.Second.IfNot)
            ))
            .ToArray();
        return new Finding(
            cause,
            probability,
            [.. weighed.Where(w => w.Ratio > 1).OrderByDescending(w => w.Ratio)],
            [.. weighed.Where(w => w.Ratio < 1).OrderBy(w => w.Ratio)]
        );
    }

    // The causes of one family, made ready once: their odds, and for each sign which of them it bears on.
    private sealed class Knowledge
    {
        private static readonly Knowledge[] Given = [.. Enum.GetValues<SubstrateFamily>().Select(f => new Knowledge(f, Diagnosis.Causes.All))];

        private readonly Dictionary<string, List<(int Cause, Evidence Evidence)>> bySign = new(StringComparer.Ordinal);

        private Knowledge(SubstrateFamily family, ImmutableArray<Cause> known)
        {
            Causes = [.. known.Where(c => c.Weight(family) > 0)];
            var total = Causes.Sum(c => c.Weight(family)) + UnknownWeight;
            Odds = [.. Causes.Select(c => c.Weight(family) / (total - c.Weight(family)))];
            UnknownOdds = UnknownWeight / (total - UnknownWeight);
            for (var c = 0; c < Causes.Length; c++)
            {
                foreach (var evidence in Causes[c].Evidence)
                {
                    if (!bySign.TryGetValue(evidence.Sign, out var borne))
                    {
                        bySign[evidence.Sign] = borne = [];
                    }

                    borne.Add((c, evidence));
                }
            }
        }

        public Cause[] Causes { get; }

        public double[] Odds { get; }

        public double UnknownOdds { get; }

        public static Knowledge Of(SubstrateFamily family, ImmutableArray<Cause> known) =>
            known == Diagnosis.Causes.All ? Given[(int)family] : new Knowledge(family, known);

        public IReadOnlyList<(int Cause, Evidence Evidence)> On(string sign) => bySign.TryGetValue(sign, out var borne) ? borne : [];
    }

    // Likelihood of the recorded signs under a set of causes, relative to base rates.
    private sealed class Model
    {
        private readonly (Sign Sign, bool Present)[] signs;
        private readonly int[] group;
        private readonly int groups;
        private readonly Evidence?[][] evidence;

        // For each cause and sign: the chance that the cause fails to bring the sign about, what it makes of the base rate, and what it says alone.
        private readonly double[,] spares;
        private readonly double[,] damps;
        private readonly double[,] alone;

        public Model(Knowledge knowledge, (Sign Sign, bool Present)[] signs)
        {
            this.signs = signs;
            var names = signs.Select(s => s.Sign.Group).Distinct().ToArray();
            group = [.. signs.Select(s => Array.IndexOf(names, s.Sign.Group))];
            groups = names.Length;
            var causes = knowledge.Causes.Length;
            evidence = [.. Enumerable.Range(0, causes).Select(_ => new Evidence?[signs.Length])];
            spares = new double[causes, signs.Length];
            damps = new double[causes, signs.Length];
            alone = new double[causes, signs.Length];
            for (var s = 0; s < signs.Length; s++)
            {
                foreach (var (c, e) in knowledge.On(signs[s].Sign.Id))
                {
                    var brings = e.IfCause >= e.IfNot;
                    evidence[c][s] ??= e;
                    spares[c, s] = brings ? (1 - e.IfCause) / (1 - e.IfNot) : 1;
                    damps[c, s] = brings ? 1 : e.IfCause / e.IfNot;
                    alone[c, s] = Says(s, spares[c, s], damps[c, s]);
                }
            }
        }

        /// <summary>The evidence of a cause on each of the signs; null where it has none.</summary>
        public Evidence?[] EvidenceOf(int cause) => evidence[cause];

        public double Likelihood(int first, int second)
        {
            Span<double> strongest = stackalloc double[groups];
            Span<double> rest = stackalloc double[groups];
            strongest.Clear();
            rest.Clear();
            for (var s = 0; s < group.Length; s++)
            {
                var mine = evidence[first][s] is not null;
                var its = second >= 0 && evidence[second][s] is not null;
                if (!mine && !its)
                {
                    continue;
                }

                var log =
                    mine && its ? Says(s, spares[first, s] * spares[second, s], damps[first, s] * damps[second, s])
                    : mine ? alone[first, s]
                    : alone[second, s];
                var g = group[s];
                if (Math.Abs(log) > Math.Abs(strongest[g]))
                {
                    rest[g] += strongest[g];
                    strongest[g] = log;
                }
                else
                {
                    rest[g] += log;
                }
            }

            var sum = 0.0;
            for (var g = 0; g < groups; g++)
            {
                sum += strongest[g] + (GroupPower * rest[g]);
            }

            return Math.Exp(sum);
        }

        // Logarithm of how much likelier the sign is as it was recorded than at its base rate.
        private double Says(int sign, double spare, double damp)
        {
            var rate = signs[sign].Sign.BaseRate;
            var shows = 1 - ((1 - (rate * damp)) * spare);
            return signs[sign].Present ? Math.Log(shows / rate) : Math.Log((1 - shows) / (1 - rate));
        }
    }
}
