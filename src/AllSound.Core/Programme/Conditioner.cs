using System.Collections.Immutable;
using System.Globalization;
using AllSound.Core.Buying;
using AllSound.Core.Climate;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Programme;

/// <summary>Says for a surface whether its next coat may be laid now, until when, or from when, with the limits of the very product. Readings come first, then the weather, then estimates.</summary>
public static class Conditioner
{
    // A film must not meet dew or rain before it is touch-dry, nor frost: common practice. Wind from which a brush drags dust and dries the edge: judgement.
    private const double MostWind = 10;
    private const double LeastFilmC = 1;
    private const double WaterFilmC = 5;

    // A reading of the air says little after so long: it is read every four hours of coating.
    private const double FreshHours = 4;
    private const int StepMinutes = 5;
    private const double UsualReflectance = 50;
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
        if (!own.Holds.IsEmpty || own.Options.IsEmpty || NextCoat(surface, own) is not { } step)
        {
            ImmutableArray<string> why =
                !own.Holds.IsEmpty ? [.. own.Holds.Select(h => h.Need.Problem).Distinct(StringComparer.Ordinal)]
                : own.Options.IsEmpty ? ["nothing allowed meets what is wanted here"]
                : ["no coat follows"];
            return new(
                surface.Id,
                at,
                May.No,
                null,
                Figures(null, null, surface),
                [],
                null,
                null,
                null,
                why,
                [.. own.Holds.SelectMany(h => h.Need.Frees).Distinct(StringComparer.Ordinal)],
                meanwhile
            );
        }

        var product = step.Act.Product!;
        var coat = new Coat(
            product,
            TimeSpan.FromHours(Math.Max(0.25, step.Spend.Hours)),
            TimeSpan.FromHours(product.Drying.Touch),
            Reflectance(surface),
            space,
            surface
        );
        var title = $"{step.Act.Operation.Title}, {product.Title}";
        if (space.Kind == SpaceKind.Room || job.Weather is not { Hourly.IsEmpty: false } weather)
        {
            return ByReadings(surface, coat, title, at, space.Kind == SpaceKind.Room, meanwhile);
        }

        return ByWeather(surface, coat, title, at, weather, meanwhile);
    }

    private sealed record Coat(CoatingClass Product, TimeSpan Work, TimeSpan Touch, double Reflectance, Space Space, Surface Surface)
    {
        public double FilmC => Product.Carrier == Carrier.Water ? WaterFilmC : LeastFilmC;
    }

    private static Step? NextCoat(Surface surface, Specified specified) =>
        Takeoff.Chosen(surface, specified)?.Steps.FirstOrDefault(s => s.Act.Operation.Role != CoatRole.None && s.Act.Product is not null);

    private static double Reflectance(Surface surface) => surface.Brief.Reflectance ?? UsualReflectance;

    private static PaintingConditions ByWeather(Surface surface, Coat coat, string title, DateTime at, SiteWeather weather, ImmutableArray<string> meanwhile)
    {
        var air = new SiteAir(weather, coat.Reflectance, coat.Space.Kind == SpaceKind.RoofSlope, InShade(coat.Space));
        if (air.At(at) is not { } now)
        {
            return new(
                surface.Id,
                at,
                May.No,
                title,
                Figures(null, null, surface),
                [],
                null,
                null,
                null,
                [$"the weather is known from {Moment(air.Known.From)} to {Moment(air.Known.To)} only"],
                ["take in the forecast for this day, or read air and face"],
                meanwhile
            );
        }

        var source =
            now.Estimated ? "estimated"
            : weather.AsOf is { } asOf ? $"forecast of {Moment(asOf)}"
            : "forecast";
        var limits = Limits(coat, now, weather.AsOf is { } when ? $"forecast of {Moment(when)}" : "forecast", source);
        // Every moment from now on at which a stroke may be laid, and whether what was laid then lives.
        DateTime? from = null;
        DateTime? end = null;
        for (var t = at; t <= air.Known.To; t = t.AddMinutes(StepMinutes))
        {
            if (Strokes(air, coat, t))
            {
                from ??= t;
                end = t;
            }
            else if (from is not null)
            {
                if (end - from >= coat.Work)
                {
                    break;
                }

                // Too short for the coat.
                (from, end) = (null, null);
            }
        }

        var known = end is { } last && last.AddMinutes(StepMinutes) + coat.Touch > air.Known.To;
        var lowest = Lowest(air, at, at + coat.Work + coat.Touch);
        var (may, reasons) =
            from is null || end - from < coat.Work
                ? (May.No, Unmet(limits, "at no time within what is known of the weather do the limits hold for as long as the coat takes"))
            : from > at ? (May.From, Unmet(limits, "what is laid now would meet dew, rain or frost before it is dry"))
            : known ? (May.Yes, ["all limits hold as far as the weather is known"])
            : (May.Until, ImmutableArray.Create($"after {Moment(end!.Value)} what is laid would not be dry before a limit is broken"));
        var possible = may != May.No;
        return new(
            surface.Id,
            at,
            may,
            title,
            Figures(now, lowest, surface),
            limits,
            may == May.From ? from : null,
            possible ? end!.Value - coat.Work : null,
            possible ? end : null,
            reasons,
            [.. limits.Where(l => !l.Met).Select(l => l.Do).Distinct(StringComparer.Ordinal)],
            may is May.No or May.From ? meanwhile : []
        );
    }

    // A stroke at a moment: the limits while it is laid, and the film's until it is touch-dry. Beyond what is known nothing is held against it.
    private static bool Strokes(SiteAir air, Coat coat, DateTime at)
    {
        if (air.At(at) is not { } now || !Limits(coat, now, "", "").All(l => l.Met))
        {
            return false;
        }

        for (var t = at; t <= at + coat.Touch; t = t.AddMinutes(StepMinutes))
        {
            if (air.At(t) is { } then && (then.RainMm > 0 || then.MarginK <= 0 || then.FaceC < coat.FilmC))
            {
                return false;
            }
        }

        return true;
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

    private static ImmutableArray<Limited> Limits(Coat coat, AirThen now, string airSource, string faceSource)
    {
        var (least, most) = coat.Product.Temperature;
        return
        [
            new(
                "air at least",
                now.AirC,
                least,
                "°C",
                now.AirC >= least,
                airSource,
                $"wait until it is {Text(least)} °C, or enclose it and heat it with dry, electric heat"
            ),
            new("air at most", now.AirC, most, "°C", now.AirC <= most, airSource, "wait for the cool of the day"),
            new("humidity at most", now.Rh, coat.Product.HumidityMost, "%", now.Rh <= coat.Product.HumidityMost, airSource, "wait for drier air, or dry it"),
            new("face at least", now.FaceC, least, "°C", now.FaceC >= least, faceSource, "wait until the face is warm enough: read it, not the air"),
            new("face at most", now.FaceC, MostFace(coat), "°C", now.FaceC <= MostFace(coat), faceSource, "work in the shade, or early and late"),
            new(
                "above the dew point",
                now.MarginK,
                Air.LeastMarginK,
                "K",
                now.MarginK >= Air.LeastMarginK,
                faceSource,
                "wait until the face is 3 K above the dew point and wiped dry, or warm the face"
            ),
            new("rain", now.RainMm, 0, "mm/h", now.RainMm <= 0, airSource, "wait until it is over and the face has dried, or sheet it"),
            new("wind at most", now.WindMs, MostWind, "m/s", now.WindMs <= MostWind, airSource, "wait for calmer air"),
        ];
    }

    // A face in the sun is warmer than air that paint still likes: ten degrees over it. Judgement.
    private static double MostFace(Coat coat) => coat.Product.Temperature.Most + 10;

    private static PaintingConditions ByReadings(Surface surface, Coat coat, string title, DateTime at, bool inside, ImmutableArray<string> meanwhile)
    {
        var margin = Latest(surface, "T_dewpoint");
        var humidity = Latest(surface, "T_air_rh");
        string Source(Reading? reading) =>
            reading is null ? "unknown"
            : reading.At is { } when ? $"measured {Moment(when)}"
            : "measured";
        bool Fresh(Reading? reading) => reading?.At is { } when && (at - when).TotalHours is >= 0 and <= FreshHours;
        var limits = ImmutableArray.Create(
            new Limited(
                "above the dew point",
                margin?.Value,
                Air.LeastMarginK,
                "K",
                margin?.Value >= Air.LeastMarginK && Fresh(margin),
                Source(margin),
                margin is null || !Fresh(margin) ? "read air, humidity and the face now" : "air the room or warm the face until it is 3 K above the dew point"
            ),
            new Limited(
                "humidity at most",
                humidity?.Value,
                coat.Product.HumidityMost,
                "%",
                humidity?.Value <= coat.Product.HumidityMost && Fresh(humidity),
                Source(humidity),
                humidity is null || !Fresh(humidity) ? "read air, humidity and the face now" : "air the room, or run a dehumidifier"
            )
        );
        var yes = limits.All(l => l.Met);
        var stale = (margin is not null && !Fresh(margin)) || (humidity is not null && !Fresh(humidity));
        ImmutableArray<string> reasons =
            yes ? [$"as measured; read again every {FreshHours} hours of coating"]
            : margin is null && humidity is null ? [inside ? "nothing is measured in this room" : "neither weather nor readings are known"]
            : stale ? ["what was measured is too old to go by"]
            : Unmet(limits, "");
        return new(
            surface.Id,
            at,
            yes ? May.Yes : May.No,
            title,
            Figures(null, null, surface),
            limits,
            null,
            null,
            null,
            reasons,
            [.. limits.Where(l => !l.Met).Select(l => l.Do).Distinct(StringComparer.Ordinal)],
            yes ? [] : meanwhile
        );
    }

    private static Reading? Latest(Surface surface, string check) =>
        surface.Readings.Where(r => r.Check == check && r.Value is not null).OrderBy(r => r.At ?? DateTime.MinValue).LastOrDefault();

    private static ImmutableArray<string> Unmet(ImmutableArray<Limited> limits, string otherwise)
    {
        string[] unmet =
        [
            .. limits.Where(l => !l.Met).Select(l => $"{l.What}: {(l.Value is { } v ? $"{Text(v)} {l.Unit}" : "not known")}, limit {Text(l.Limit)} {l.Unit}"),
        ];
        return unmet.Length > 0 ? [.. unmet] : [otherwise];
    }

    private static ImmutableSortedDictionary<string, double> Figures(AirThen? now, double? lowest, Surface surface)
    {
        var figures = ImmutableSortedDictionary.CreateBuilder<string, double>(StringComparer.Ordinal);
        if (now is { } air)
        {
            figures["airC"] = Math.Round(air.AirC, 2);
            figures["rh"] = Math.Round(air.Rh, 1);
            figures["surfaceC"] = Math.Round(air.FaceC, 2);
            figures["dewPointC"] = Math.Round(air.DewPointC, 2);
            figures["marginK"] = Math.Round(air.MarginK, 2);
            figures["equilibriumMoisturePercent"] = Math.Round(WoodMoisture.Equilibrium(air.AirC, Math.Min(air.Rh, 99)), 1);
        }

        if (lowest is { } low)
        {
            figures["lowestSurfaceC"] = Math.Round(low, 2);
        }

        if (now is null && Latest(surface, "T_dewpoint")?.Value is { } margin)
        {
            figures["marginK"] = margin;
        }

        if (now is null && Latest(surface, "T_air_rh")?.Value is { } rh)
        {
            figures["rh"] = rh;
        }

        return figures.ToImmutable();
    }

    // Work on other surfaces that does not wait for the air: preparation inside.
    private static ImmutableArray<string> Meanwhile(Job job, Surface surface, IReadOnlyDictionary<string, Specified> specified) =>
        [
            .. job.Surfaces()
                .Where(x => x.Surface.Id != surface.Id && x.Space.Kind == SpaceKind.Room && !specified[x.Surface.Id].Options.IsEmpty)
                .Select(x =>
                    (
                        x.Surface,
                        Step: Takeoff
                            .Chosen(x.Surface, specified[x.Surface.Id])
                            ?.Steps.FirstOrDefault(s => s.Act.Operation.Role == CoatRole.None && s.Act.Operation.Once is null && !s.Act.Operation.ByOthers)
                    )
                )
                .Where(x => x.Step is not null)
                .Take(MostMeanwhile)
                .Select(x => $"{x.Surface.Title}: {x.Step!.Act.Operation.Title}"),
        ];

    private static bool InShade(Space space) => space.Walls.FirstOrDefault()?.Faces is Compass.North or Compass.NorthEast or Compass.NorthWest;

    private static string Moment(DateTime at) => at.ToString("ddd d MMM HH:mm", CultureInfo.InvariantCulture);

    private static string Text(double n) => n.ToString("0.#", CultureInfo.InvariantCulture);
}
