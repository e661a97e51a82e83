using System.Collections.Immutable;
using AllSound.Core.Buying;
using AllSound.Core.Jobs;
using AllSound.Core.Safety;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Technique;
using AllSound.Core.Treatment;

namespace AllSound.Core.Documents;

/// <summary>Surfaces of a room on which the same is done in the same way, or which the same stops: a page says it once for all of them.</summary>
internal sealed class Likeness
{
    private readonly ImmutableArray<StepSafety> safety;

    /// <summary>Surfaces and what is done on them.</summary>
    /// <param name="surfaces">The surfaces, in walking order; never empty.</param>
    /// <param name="steps">What is done, where that is not what was chosen: a plan for later, or for the meantime.</param>
    public Likeness(ImmutableArray<(Surface Surface, Specified Specified)> surfaces, ImmutableArray<Step>? steps = null)
    {
        Surfaces = surfaces;
        Options = steps is null ? [.. surfaces.Select(s => Takeoff.Chosen(s.Surface, s.Specified)).OfType<Option>()] : [];
        Steps = steps ?? (Options is [var option, ..] ? option.Steps : []);
        var first = true;
        safety = [.. Steps.Select(s => Writing.Safe(s, First.Surface, ref first))];
    }

    /// <summary>The surfaces.</summary>
    public ImmutableArray<(Surface Surface, Specified Specified)> Surfaces { get; }

    /// <summary>What was chosen on each of them; empty where they are stopped or nothing meets the brief.</summary>
    public ImmutableArray<Option> Options { get; }

    /// <summary>What is done on each of them.</summary>
    public ImmutableArray<Step> Steps { get; }

    /// <summary>The first of them, which stands for all in what is done.</summary>
    public (Surface Surface, Specified Specified) First => Surfaces[0];

    /// <summary>Their titles in a row.</summary>
    public string Titles => InARow(Surfaces.Select(s => s.Surface.Title));

    /// <summary>
    /// True where the same system goes on things of a kind, made of a kind, so that most of the steps are the same: their steps can stand side by side.
    /// </summary>
    public bool IsKin(Likeness other) =>
        (Options, other.Options) is ([var one, ..], [var two, ..])
        && one.Name == two.Name
        && one.NotMet.SequenceEqual(two.NotMet)
        && Turn(First.Surface.Element) == Turn(other.First.Surface.Element)
        && Substrates.Find(First.Surface.Substrate)?.Family == Substrates.Find(other.First.Surface.Substrate)?.Family;

    /// <summary>A room is worked from the top down, woodwork and metal after the walls, the floor last. Common practice.</summary>
    /// <param name="element">What is worked.</param>
    /// <returns>Its turn, from 0.</returns>
    public static int Turn(Element element) =>
        element switch
        {
            Element.Ceiling or Element.Cornice => 0,
            Element.Wall or Element.ChimneyBreast or Element.Tile => 1,
            Element.Floor or Element.Step => 3,
            _ => 2,
        };

    /// <summary>Titles in a row, told apart where one of them holds a comma.</summary>
    public static string InARow(IEnumerable<string> titles)
    {
        string[] all = [.. titles];
        return string.Join(all.Any(t => t.Contains(',', StringComparison.Ordinal)) ? "; " : ", ", all);
    }

    /// <summary>Litres that a step takes on all of them together.</summary>
    public double Litres(Step step) => Options.IsEmpty ? step.Spend.Litres : Options.Sum(o => o.Steps[Steps.IndexOf(step)].Spend.Litres);

    /// <summary>What a step asks of safety.</summary>
    public StepSafety Safety(Step step) => safety[Steps.IndexOf(step)];

    /// <summary>What is done after a step.</summary>
    public IEnumerable<Act> After(Step step) => step.Later(Steps);

    /// <summary>The surfaces of a room, like with like, in the order in which the first of each kind is met.</summary>
    public static ImmutableArray<Likeness> Of(Space space, IReadOnlyDictionary<string, Specified> specified) =>
        [.. space.Surfaces.Select(s => (Surface: s, Specified: specified[s.Id])).GroupBy(s => Way(s.Surface, s.Specified)).Select(g => new Likeness([.. g]))];

    // All that a page says of how a surface is done, but not how much of it there is.
    private static string Way(Surface surface, Specified specified)
    {
        if (Takeoff.Chosen(surface, specified) is not { } option)
        {
            return $"stopped {surface.Id}";
        }

        var first = true;
        return string.Join(
            '\n',
            option.Steps.Select(step => Said(step, Writing.Safe(step, surface, ref first), option, surface)).Concat(option.NotMet).Prepend(option.Name)
        );
    }

    private static string Said(Step step, StepSafety safety, Option option, Surface surface)
    {
        string?[] said =
        [
            step.Act.Operation.Id,
            step.Act.Product?.Title,
            $"{step.Coat} {step.WaitBefore:0.#}",
            step.Do,
            CoatShade.For(step.Act, step.Later(option.Steps), surface),
            safety.Waste,
            safety.Hold,
            safety.Others,
            .. step.Manner,
            .. safety.Cautions,
            .. safety.Protection,
        ];
        return string.Join('|', said);
    }
}
