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

        var causes = known.Where(c => c.Weight(family) > 0).ToArray();
        var model = new Model(causes, signs);
        var total = causes.Sum(c => c.Weight(family)) + UnknownWeight;
        var odds = causes.Select(c => c.Weight(family) / (total - c.Weight(family))).ToArray();
        var mass = new double[causes.Length];

        // The unknown cause alone explains nothing beyond base rates.
        var all = UnknownWeight / (total - UnknownWeight);
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
                .Select((cause, i) => Weigh(cause, Math.Clamp(mass[i] / all, Least, Most), signs))
                .Where(f => f.For.Length > 0 && f.Probability >= Worth)
                .OrderByDescending(f => f.Probability)
                .ThenBy(f => f.Cause.Id, StringComparer.Ordinal),
        ];
    }

    private static Finding Weigh(Cause cause, double probability, (Sign Sign, bool Present)[] signs)
    {
        var weighed = signs
            .Select(s => (s, Evidence: cause.Evidence.FirstOrDefault(e => e.Sign == s.Sign.Id)))
            .Where(x => x.Evidence is not null)
            .Select(x => new Weighed(x.s.Sign, x.s.Present, x.s.Present ? x.Evidence!.IfCause / x.Evidence.IfNot : (1 - x.Evidence!.IfCause) / (1 - x.Evidence.IfNot)))
            .ToArray();
        return new Finding(
            cause,
            probability,
            [.. weighed.Where(w => w.Ratio > 1).OrderByDescending(w => w.Ratio)],
            [.. weighed.Where(w => w.Ratio < 1).OrderBy(w => w.Ratio)]
        );
    }

    // Likelihood of the recorded signs under a set of causes, relative to base rates.
    private sealed class Model
    {
        private readonly (Sign Sign, bool Present)[] signs;
        private readonly int[] group;
        private readonly int groups;

        // For each cause and sign: the chance that the cause fails to bring the sign about, and what it makes of the base rate.
        private readonly double[,] spares;
        private readonly double[,] damps;

        public Model(Cause[] causes, (Sign Sign, bool Present)[] signs)
        {
            this.signs = signs;
            var names = signs.Select(s => s.Sign.Group).Distinct().ToArray();
            group = [.. signs.Select(s => Array.IndexOf(names, s.Sign.Group))];
            groups = names.Length;
            spares = new double[causes.Length, signs.Length];
            damps = new double[causes.Length, signs.Length];
            for (var c = 0; c < causes.Length; c++)
            {
                for (var s = 0; s < signs.Length; s++)
                {
                    spares[c, s] = 1;
                    damps[c, s] = 1;
                    if (causes[c].Evidence.FirstOrDefault(e => e.Sign == signs[s].Sign.Id) is { } e)
                    {
                        if (e.IfCause >= e.IfNot)
                        {
                            spares[c, s] = (1 - e.IfCause) / (1 - e.IfNot);
                        }
                        else
                        {
                            damps[c, s] = e.IfCause / e.IfNot;
                        }
                    }
                }
            }
        }

        public double Likelihood(int first, int second)
        {
            Span<double> strongest = stackalloc double[groups];
            Span<double> rest = stackalloc double[groups];
            strongest.Clear();
            rest.Clear();
            for (var s = 0; s < signs.Length; s++)
            {
                var spare = spares[first, s] * (second < 0 ? 1 : spares[second, s]);
                var damp = damps[first, s] * (second < 0 ? 1 : damps[second, s]);
                if (spare == 1 && damp == 1)
                {
                    continue;
                }

                var rate = signs[s].Sign.BaseRate;
                var shows = 1 - ((1 - (rate * damp)) * spare);
                var log = signs[s].Present ? Math.Log(shows / rate) : Math.Log((1 - shows) / (1 - rate));
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
    }
}
