using AllSound.Core.Materials;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>Names an option by what it does.</summary>
internal static class Naming
{
    public static string Name(Condition start, IReadOnlyList<Act> acts, CoatingClass finish)
    {
        var strip = acts.FirstOrDefault(a => a.Operation.Group == Group.Strip);
        string ground;
        if (strip is not null)
        {
            ground = "Strip to bare";
        }
        else if (start.Get(Facets.Film) == Film.None)
        {
            ground = "Prime and build up";
        }
        else if (acts.Any(a => Gives(a, Facets.Edges, (byte)Edges.Bound)))
        {
            ground = "Bind and keep";
        }
        else if (acts.Any(a => a.Operation.Group == Group.Loosen))
        {
            ground = "Scrape to a firm edge";
        }
        else if (start.Get(Facets.Powder) == Powder.Friable && acts.Any(a => Gives(a, Facets.Powder, (byte)Powder.Bound)))
        {
            ground = "Bind and keep";
        }
        else if (acts.Any(a => a.Operation.Group == Group.Abrade))
        {
            ground = "Key and keep";
        }
        else
        {
            ground = "Clean and keep";
        }

        var primer = acts.Where(a => a.Operation.Role == CoatRole.Primer).Select(a => a.Product!.Title).FirstOrDefault(t => t != finish.Title);
        return primer is null ? $"{ground}, {finish.Title}" : $"{ground}, {primer}, {finish.Title}";
    }

    private static bool Gives(Act act, Facet facet, byte value) => act.Operation.Gives.Any(e => e.Facet == facet && e.Value == value);

    public static string Slug(string name) => string.Join('-', name.ToLowerInvariant().Split([' ', ',', '-', ';', '(', ')'], StringSplitOptions.RemoveEmptyEntries));

    /// <summary>Where an earlier option goes by the same name, says what this one does that the other does not.</summary>
    public static Option Distinct(Option option, IReadOnlyList<Option> earlier)
    {
        if (earlier.FirstOrDefault(e => e.Id == option.Id) is not { } same)
        {
            return option;
        }

        var own =
            option.Steps.Select(s => s.Act).FirstOrDefault(a => same.Steps.All(s => s.Act.Operation != a.Operation))
            ?? option.Steps.Select(s => s.Act).FirstOrDefault(a => same.Steps.All(s => s.Act != a));
        var says = own is null
            ? "other order"
            : char.ToLowerInvariant(own.Operation.Title[0]) + own.Operation.Title[1..] + (own.Product is null ? "" : $" ({own.Product.Title})");
        var name = $"{option.Name}; {says}";
        return option with { Id = Slug(name), Name = name };
    }
}
