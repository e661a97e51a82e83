using System.Collections.Immutable;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Core.Wording;

namespace AllSound.Core.Technique;

/// <summary>What to lay a coat with, and why.</summary>
/// <param name="Tool">The tool.</param>
/// <param name="Why">Why this one.</param>
public sealed record HandTool([property: Prose] string Tool, [property: Prose] string Why);

/// <summary>How much may be open at once.</summary>
/// <param name="Minutes">Minutes that the wet edge stays open, at 20 degrees and 50 % humidity.</param>
/// <param name="BayM2">Square metres that one painter keeps open.</param>
/// <param name="Painters">Painters that the whole width wants, so that no edge dries on it.</param>
public sealed record WetEdge(double Minutes, double BayM2, int Painters);

/// <summary>How long an opening piece has to stay open after its last coat.</summary>
/// <param name="LeastHours">Before it may be shut.</param>
/// <param name="Say">What to do, as a sentence.</param>
public sealed record LockUp(double LeastHours, [property: Prose] string Say);

/// <summary>Tools, mixing, thinning and wet edge for a coat. Common practice; numbers are judgement where so marked.</summary>
public static class HandTools
{
    /// <summary>Share of the bay that a painter really keeps wet: nobody works at full rate to the last minute. Judgement.</summary>
    private const double Slack = 0.8;

    /// <summary>Brush, roller or pad for a coat.</summary>
    public static ImmutableArray<HandTool> For(Act act, Surface surface, int spreadClass)
    {
        ArgumentNullException.ThrowIfNull(act);
        ArgumentNullException.ThrowIfNull(surface);
        if (act.Operation.Role == CoatRole.None || act.Product is null)
        {
            return act.Operation.Tool is { } tool ? [new(tool, "as the step says")] : [];
        }

        if (act.Operation.Sprayed)
        {
            return [new(act.Operation.Tool!, "a worn tip fans unevenly: try it on card first"), new("wet-film comb", "spray hides how thick it lies")];
        }

        var tools = ImmutableArray.CreateBuilder<HandTool>();
        switch (surface.Element)
        {
            case Element.Window:
                tools.Add(new("38 mm angled brush", "glazing bars: the slant reaches into the rebate"));
                break;
            case Element.Pipe or Element.Railing or Element.Gutter:
                tools.Add(new("38 mm brush, or a small mitten on railings", "round narrow work"));
                break;
            case Element.Skirting or Element.Architrave or Element.Frame or Element.Sill or Element.Radiator:
                tools.Add(new("50 mm brush", "about half the member's width; a third of the bristle loaded"));
                break;
            case Element.Door or Element.Panelling:
                tools.Add(new("mini roller, dense foam, laid off with a 50 mm brush", "the smoothest film on flat members"));
                break;
            default:
                tools.Add(
                    spreadClass switch
                    {
                        0 => new("10 to 12 mm pile roller", "smooth face: longer pile leaves texture"),
                        1 => new("12 to 18 mm pile roller", "slightly rough face"),
                        _ => new(
                            "25 mm pile roller; old stiff brush first into joints and recesses",
                            "long pile reaches into a rough face; what lies deeper only a brush reaches"
                        ),
                    }
                );
                tools.Add(new("50 to 63 mm brush", "cutting in"));
                break;
        }

        if (act.Product.Carrier is Carrier.Water)
        {
            tools.Add(new("synthetic bristle, sleeve wetted and spun out", "natural bristle swells in water"));
        }

        return tools.ToImmutable();
    }

    /// <summary>Mixing, thinning and loading, from the product.</summary>
    public static string Mixing(Act act)
    {
        ArgumentNullException.ThrowIfNull(act);
        if (act.Product is not { } product || act.Operation.Role == CoatRole.None)
        {
            return "";
        }

        var two = product.PotLifeHours is { } pot ? FormattableString.Invariant($" Two parts: mix the whole pack, use within {pot} h at 20 °C, half that at 30 °C.") : "";
        var thin =
            act.Operation.Thinning > 0 ? FormattableString.Invariant($" Thin {act.Operation.Thinning}% on this coat only.")
            : product.ThinMost > 0 ? FormattableString.Invariant($" Thin {product.ThinMost}% at most, {ThinnerOf(product)}.")
            : " Do not thin.";
        return char.ToUpperInvariant(product.Handling[0]) + product.Handling[1..] + "." + thin + two;
    }

    /// <summary>Is a dilution within what the product bears? Parts of thinner to a hundred of paint.</summary>
    public static bool Within(Act act, double percent) => act.Product is { } product && percent <= Math.Max(product.ThinMost, act.Operation.Thinning) + 1e-9;

    /// <summary>How much one painter can keep open: rate times the minutes of the wet edge, less a fifth.</summary>
    /// <param name="act">The coat.</param>
    /// <param name="widthM">Width of the face, metres.</param>
    /// <param name="pace">Square metres an hour that one painter lays here, edges and all.</param>
    public static WetEdge? Edge(Act act, double widthM, double pace)
    {
        ArgumentNullException.ThrowIfNull(act);
        if (act.Product is not { } product || act.Operation.Role is CoatRole.None or CoatRole.Spot || act.Operation.Rate <= 0)
        {
            return null;
        }

        var bay = Math.Round(pace * product.WetEdge / 60 * Slack, 2);

        // A bay is as high as one reaches, 2.5 m; a face wider than a person can keep wet wants more hands.
        var bays = Math.Max(1, (int)Math.Ceiling(widthM / Math.Max(1.2, Math.Min(2.5, bay))));
        return new(product.WetEdge, bay, Math.Min(bays, 4));
    }

    /// <summary>For a piece that opens: when it may be shut after a coat. Touch dry, and four to six hours (waterborne) or eight to twelve (solventborne) more.</summary>
    public static LockUp? Shut(Act act, Surface surface)
    {
        ArgumentNullException.ThrowIfNull(act);
        ArgumentNullException.ThrowIfNull(surface);
        if (surface.Element is not (Element.Window or Element.Door) || act.Product is not { } product || act.Operation.Role is CoatRole.None or CoatRole.Spot)
        {
            return null;
        }

        var hours = product.Drying.Touch + (product.Carrier == Carrier.Water ? 6 : 12);
        return new(
            hours,
            FormattableString.Invariant(
                $"Not shut for {hours:0.#} h at 20 °C: {(hours <= 8 ? "start in the morning" : "start first thing, and leave it on a chain or limiter overnight if it must be")}. Closed under load only after a day or two."
            )
        );
    }

    /// <summary>What to do with brushes and rollers overnight, the same colour tomorrow.</summary>
    public static string Overnight(CoatingClass product)
    {
        ArgumentNullException.ThrowIfNull(product);
        return product switch
        {
            { PotLifeHours: not null } => "Wash in the product's own thinner before it thickens; nothing keeps overnight.",
            { Carrier: Carrier.Water } => "Wrap rollers and brushes airtight, a fresh bag every night: flakes of the old bag end up in the coat. Or wash.",
            { Carrier: Carrier.Alcohol } => "Brushes soften again in alcohol; keep one for it alone.",
            _ => "Hang brushes in white spirit or wrap them; spin out before use.",
        };
    }

    /// <summary>What to do with brushes and rollers when something else comes next: another paint, another colour, or nothing.</summary>
    public static string WashOut(CoatingClass product)
    {
        ArgumentNullException.ThrowIfNull(product);
        return product switch
        {
            { PotLifeHours: not null } => "Wash tools in the product's own thinner before it thickens, with gloves on; what has hardened is thrown away.",
            { Carrier: Carrier.Water } =>
                "Scrape tools out, wash them in warm water with a little soap until it runs clear, spin them out and hang them up; sleeves stand on end. Wash water never to a surface drain.",
            { Carrier: Carrier.Alcohol } => "Wash the brush in alcohol twice and keep it for shellac.",
            _ =>
                "Clean tools twice in white spirit, then with soap and warm water, spin them out: a trace of oil paint spoils the next waterborne coat. Let the spirit settle and use it again; rags lie flat outdoors or under water in a lidded bin.",
        };
    }

    private static string ThinnerOf(CoatingClass product) =>
        product.Carrier switch
        {
            Carrier.Water => "with water",
            Carrier.Alcohol => "with alcohol",
            Carrier.Strong => "with the product's own thinner",
            Carrier.None => "with turpentine",
            _ => "with white spirit",
        };
}
