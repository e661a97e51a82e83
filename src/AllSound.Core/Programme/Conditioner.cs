using System.Collections.Immutable;
using AllSound.Core.Buying;
using AllSound.Core.Climate;
using AllSound.Core.Jobs;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Core.Wording;

namespace AllSound.Core.Programme;

/// <summary>Says for a surface whether its next coat may be laid now, until when, or from when, with the limits of the very product. Readings come first, then the weather, then estimates.</summary>
public static class Conditioner
{
    private const int StepMinutes = 5;
    private const long StepTicks = StepMinutes * TimeSpan.TicksPerMinute;
    private const int DayStepMinutes = 15;
    private const double LeastWorkHours = 0.25;
    private const int MostMeanwhile = 4;

    /// <summary>The conditions for a surface.</summary>
    /// <param name="job">The job.</param>
    /// <param name="space">Its space.</param>
    /// <param name="surface">The surface.</param>
    /// <param name="specified">What was specified for each surface, by id.</param>
    /// <param name="at">The moment.</param>
    public static PaintingConditions Of(Job job, Space space, Surface surface, IReadOnlyDictionary<string, Specified> specified, DateTime at)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(space);
        ArgumentNullException.ThrowIfNull(surface);
        ArgumentNullException.ThrowIfNull(specified);
        var own = specified[surface.Id];
        var meanwhile = Meanwhile(job, surface, specified);
        var no = new PaintingConditions(surface.Id, at, May.No, null, ImmutableSortedDictionary<string, double>.Empty, [], null, null, null, [], [], meanwhile);
        if (!own.Holds.IsEmpty)
        {
            return no with
            {
                Reasons = [.. own.Holds.Select(h => h.Need.Problem).Distinct(StringComparer.Ordinal)],
                Todo = [.. own.Holds.SelectMany(h => h.Need.Frees).Distinct(StringComparer.Ordinal)],
            };
        }

        if (Takeoff.Chosen(surface, own)?.Steps.FirstOrDefault(s => s.Act.Operation.Role != CoatRole.None && s.Act.Product is not null) is not { } step)
        {
            return no with { Reasons = [own.Options.IsEmpty ? "nothing allowed meets what is wanted here" : "no coat follows"] };
        }

        var limits = new CoatLimits(step.Act.Product!, TimeSpan.FromHours(Math.Max(LeastWorkHours, step.Spend.Hours)));
        var (title, product) = (step.Act.Operation.Title, step.Act.Product!.Title);
        no = no with { Coat = title.Contains(product, StringComparison.OrdinalIgnoreCase) ? title : $"{title}, {product}" };
        var readings = new FaceReadings(surface, at);
        return SiteAir.Of(job, space, surface.Brief.Reflectance) is [var air, ..]
            ? ByWeather(no, limits, readings, air, Told(job.Weather!))
            : ByReadings(no, limits, readings, space.Kind == SpaceKind.Room);
    }

    private static PaintingConditions ByWeather(PaintingConditions no, CoatLimits coat, FaceReadings readings, SiteAir air, string told)
    {
        if (air.At(no.At) is not { } now)
        {
            return no with
            {
                Reasons = [$"the weather is known from {Figures.Moment(air.Known.From)} to {Figures.Moment(air.Known.To)} only"],
                Todo = ["take in the forecast for this day, or read air and face"],
            };
        }

        var limits = Limits(coat, now, told, readings);
        var (from, end, wentUnknown) = Window(coat, air, no.At, limits.All(l => l.Met));
        var found = no with
        {
            Figures = Shown(now, readings, Lowest(air, no.At, no.At + coat.Work + coat.Touch)),
            Limits = limits,
            Todo = [.. limits.Where(l => !l.Met).Select(l => l.Do).Distinct(StringComparer.Ordinal)],
            Day = DayOf(coat, air, no.At.Date),
        };
        if (from is null)
        {
            return found with { Reasons = Unmet(limits, "at no time within what is known of the weather do the limits hold for as long as the coat takes") };
        }

        found = found with { LatestStart = end - coat.Work, LatestEnd = end };
        return from > no.At
            ? found with
            {
                May = May.From,
                From = from,
                Reasons = Unmet(limits, "what is laid now would meet dew, rain or frost before it is dry"),
            }
            : found with
            {
                May = May.Until,
                Meanwhile = [],
                Reasons =
                [
                    wentUnknown
                        ? $"after {Figures.Moment(end!.Value)} it is not known what the film would meet before it is dry"
                        : $"after {Figures.Moment(end!.Value)} what is laid would not be dry before a limit is broken",
                ],
            };
    }

    // The first stretch from a moment on that is long enough for the coat, in which what is laid keeps within the limits and its film lives.
    private static (DateTime? From, DateTime? End, bool WentUnknown) Window(CoatLimits coat, SiteAir air, DateTime at, bool now)
    {
        DateTime? from = null;
        DateTime? end = null;
        // From now, then from one round time to the next.
        for (var t = at; t <= air.Known.To; t = t.AddTicks(StepTicks - (t.Ticks % StepTicks)))
        {
            var unknown = t + coat.Touch > air.Known.To;
            if (!unknown && (t > at ? Within(coat, air, t) : now) && Lives(coat, air, t))
            {
                from ??= t;
                end = t;
                continue;
            }

            if (from is not null && end - from >= coat.Work)
            {
                return (from, end, unknown);
            }

            // Too short for the coat.
            (from, end) = (null, null);
        }

        return (null, null, false);
    }

    /// <summary>True when a coat may be laid at a moment: its limits hold, and its film lives; null where the weather is not known for as long.</summary>
    internal static bool? Holds(CoatLimits coat, SiteAir air, DateTime at) =>
        at < air.Known.From || at + coat.Touch > air.Known.To ? null : Within(coat, air, at) && Lives(coat, air, at);

    private static bool Within(CoatLimits coat, SiteAir air, DateTime at) => air.At(at) is { } then && Limits(coat, then, "", null).All(l => l.Met);

    // A day from midnight to midnight: when this coat may be on the brush, and why not in the rest.
    private static ImmutableArray<DayStretch> DayOf(CoatLimits coat, SiteAir air, DateTime midnight)
    {
        var day = new List<DayStretch>();
        for (var t = midnight; t < midnight.AddDays(1); t = t.AddMinutes(DayStepMinutes))
        {
            var holds = Holds(coat, air, t);
            var why = holds is null
                ? t < air.Known.From
                    ? "before what is known of the weather"
                    : "the weather is not known for long enough"
                : holds.Value
                    ? ""
                    : Limits(coat, air.At(t)!.Value, "", null).FirstOrDefault(l => !l.Met) is { } limit
                        ? limit.Why
                        : "the film would meet dew, rain or frost before it is dry";
            var stretch = new DayStretch(t, t.AddMinutes(DayStepMinutes), holds == true, why);
            if (day.Count > 0 && day[^1].May == stretch.May && day[^1].Why == stretch.Why)
            {
                day[^1] = day[^1] with { To = stretch.To };
            }
            else
            {
                day.Add(stretch);
            }
        }

        return [.. day];
    }

    private static bool Lives(CoatLimits coat, SiteAir air, DateTime laid)
    {
        for (var t = laid; t <= laid + coat.Touch; t = t.AddMinutes(StepMinutes))
        {
            if (air.At(t) is not { } then || !coat.Bears(then))
            {
                return false;
            }
        }

        return true;
    }

    // What is measured now goes before what was foretold for now.
    private static ImmutableArray<Limited> Limits(CoatLimits coat, AirThen now, string told, FaceReadings? readings)
    {
        Seen Or(Seen? read, double value, string source) => read is { Value: not null } known ? known : new(value, source);
        var face = now.Estimated ? "estimated" : told;
        return
        [
            .. coat.OfWeather(now, told),
            .. coat.OfFace(Or(readings?.Humidity, now.Rh, told), Or(readings?.Face, now.FaceC, face), Or(readings?.Margin, now.MarginK, face)),
        ];
    }

    private static PaintingConditions ByReadings(PaintingConditions no, CoatLimits coat, FaceReadings readings, bool inside)
    {
        var limits = coat.OfFace(readings.Humidity, readings.Face, readings.Margin);
        var found = no with { Figures = Shown(null, readings, null), Limits = limits };
        return limits.All(l => l.Met)
            ? found with
            {
                May = May.Yes,
                Reasons = [$"as measured; read again every {FaceReadings.FreshHours} hours of coating"],
                Meanwhile = [],
            }
            : found with
            {
                Reasons =
                    readings.Stale ? ["what was measured is too old to go by"]
                    : limits.All(l => l.Value is null) ? [inside ? "nothing is measured in this room" : "neither weather nor readings are known"]
                    : Unmet(limits, ""),
                Todo = [.. limits.Where(l => !l.Met).Select(l => l.Do).Distinct(StringComparer.Ordinal)],
            };
    }

    private static double? Lowest(SiteAir air, DateTime from, DateTime to)
    {
        double? lowest = null;
        for (var t = from; t <= to; t = t.AddMinutes(StepMinutes))
        {
            if (air.At(t) is { } then && !(then.FaceC >= lowest))
            {
                lowest = then.FaceC;
            }
        }

        return lowest;
    }

    private static ImmutableArray<string> Unmet(ImmutableArray<Limited> limits, string otherwise)
    {
        string[] unmet =
        [
            .. limits
                .Where(l => !l.Met)
                .Select(l =>
                    FormattableString.Invariant(
                        $"{l.What} {l.Limit:0.#} {l.Unit}: {(l.Value is { } v ? FormattableString.Invariant($"it is {v:0.#} {l.Unit}") : "not known")}"
                    )
                ),
        ];
        return unmet.Length > 0 ? [.. unmet] : [otherwise];
    }

    private static ImmutableSortedDictionary<string, double> Shown(AirThen? now, FaceReadings readings, double? lowest)
    {
        var figures = ImmutableSortedDictionary.CreateBuilder<string, double>(StringComparer.Ordinal);
        void Put(string name, double? value, int digits)
        {
            if (value is { } v)
            {
                figures[name] = Math.Round(v, digits);
            }
        }

        Put("airC", now?.AirC, 2);
        Put("rh", readings.Humidity.Value ?? now?.Rh, 1);
        Put("surfaceC", readings.Face.Value ?? now?.FaceC, 2);
        Put("dewPointC", now?.DewPointC, 2);
        Put("marginK", readings.Margin.Value ?? now?.MarginK, 2);
        Put("lowestSurfaceC", lowest, 2);
        // The formula of wood ends short of saturated air.
        Put("equilibriumMoisturePercent", now is { } air ? WoodMoisture.Equilibrium(air.AirC, Math.Min(air.Rh, 99)) : null, 1);
        return figures.ToImmutable();
    }

    // What comes first on other surfaces inside, where that is no coat: nobody is sent into the middle of a sequence.
    private static ImmutableArray<string> Meanwhile(Job job, Surface surface, IReadOnlyDictionary<string, Specified> specified) =>
        [
            .. job.Surfaces()
                .Where(x => x.Surface.Id != surface.Id && x.Space.Kind == SpaceKind.Room)
                .Select(x => (x.Surface, Step: Takeoff.Chosen(x.Surface, specified[x.Surface.Id])?.Steps.FirstOrDefault()))
                .Where(x => x.Step is { Act.Operation: { Role: CoatRole.None, ByOthers: false } })
                .Take(MostMeanwhile)
                .Select(x => $"{x.Surface.Title}: {x.Step!.Act.Operation.Title}"),
        ];

    private static string Told(SiteWeather weather) => weather.AsOf is { } asOf ? $"forecast of {Figures.Moment(asOf)}" : "forecast";
}
