using AllSound.Core.Materials;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>Names an option by what it does.</summary>
internal static class Naming
{
    public static string Name(Condition start, IReadOnlyList<Act> acts, CoatingClass? finish)
    {
        if (finish is null)
        {
            return acts.Any(a => a.Operation.Group == Group.Strip) ? "Strip and leave bare" : "Clean only";
        }

        var strip = acts.FirstOrDefault(a => a.Operation.Group == Group.Strip);
        string ground;
        if (strip is not null)
        {
            ground = "Strip to bare";
        }
        else if (acts.Any(a => Gives(a, Facets.Film, (byte)Film.None)))
        {
            ground = "Skim over";
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

        // By what the other does not do; where a third goes by that name already, by the next such thing, and by number at last.
        var acts = option.Steps.Select(s => s.Act).ToList();
        var own = acts.Where(a => same.Steps.All(s => s.Act.Operation != a.Operation)).Concat(acts.Where(a => same.Steps.All(s => s.Act != a)));
        var name = own.Select(Says)
            .Append("other order")
            .Concat(Enumerable.Range(3, earlier.Count + 1).Select(n => $"way {n}"))
            .Select(says => $"{option.Name}; {says}")
            .First(n => earlier.All(e => e.Id != Slug(n)));
        return option with { Id = Slug(name), Name = name };

        static string Says(Act act) => char.ToLowerInvariant(act.Operation.Title[0]) + act.Operation.Title[1..] + (act.Product is null ? "" : $" ({act.Product.Title})");
    }
}
