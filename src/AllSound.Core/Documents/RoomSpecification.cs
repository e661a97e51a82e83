using System.Collections.Immutable;
using AllSound.Core.Jobs;
using AllSound.Core.Specification;
using AllSound.Core.Wording;

namespace AllSound.Core.Documents;

/// <summary>The specification of a room, or of one surface by itself: what is done on which surfaces, step by step with reasons.</summary>
internal static class RoomSpecification
{
    private const string End = "the finished work";

    /// <summary>Its page.</summary>
    /// <param name="job">The job.</param>
    /// <param name="groups">The surfaces, like with like.</param>
    /// <param name="named">True where the page holds several surfaces and each part names its own.</param>
    public static ImmutableArray<Block> Of(Job job, ImmutableArray<Likeness> groups, bool named)
    {
        var blocks = ImmutableArray.CreateBuilder<Block>();
        var table = new StepTable(new Told());
        var order = new PageOrder(groups);
        blocks.AddRange(Writing.InForce(groups));
        foreach (var part in order.Parts)
        {
            if (part.Of.IsEmpty)
            {
                blocks.Add(Block.Heading(part.Heading));
                blocks.Add(table.Of(part.Steps, order, End));
                continue;
            }

            if (!part.First)
            {
                blocks.Add(Block.Part(part.Titles, Writing.GoneOn));
                blocks.Add(table.Of(part.Steps, order, End));
                continue;
            }

            Option[] options = [.. part.Of.SelectMany(g => g.Options)];
            if (options is not [var option, ..])
            {
                if (named)
                {
                    blocks.Add(Block.Part(part.Titles));
                }

                blocks.AddRange(Writing.Stopped(job, part.Of[0].First.Surface, part.Of[0].First.Specified));
                continue;
            }

            var money = Writing.Money(options.Sum(o => Figures.Shown(o.Criteria.Money)), job);
            if (named)
            {
                blocks.Add(Block.Part(part.Titles, money));
            }

            blocks.Add(
                Block.Say(
                    $"{option.Name}. {(named ? "" : $"{money}, ")}{Figures.Hours(options.Sum(o => o.Criteria.LabourHours))} of labour, {Figures.Days(options.Max(o => o.Criteria.ElapsedDays))}, about {Figures.Years(options.Min(o => o.Criteria.LifeYears))} to first maintenance."
                )
            );
            Listed(blocks, "Not as asked: ", option.NotMet);
            Listed(
                blocks,
                "",
                [.. part.Of.SelectMany(g => g.Options.SelectMany(o => o.Causes).Select(c => c.LineBy(n => order.NumberOf(g, n)))).Distinct(StringComparer.Ordinal)]
            );
            blocks.Add(table.Of(part.Steps, order, End));
        }

        Option[] all = [.. groups.SelectMany(g => g.Options)];
        Writing.Add(blocks, "It assumes", Sequencing.Together(all.SelectMany(o => o.Assumes)));
        Writing.Add(blocks, "It leaves undone", [.. all.SelectMany(o => o.LeftUndone).Distinct(StringComparer.Ordinal)]);
        Writing.Add(blocks, "What can still go wrong", [.. all.SelectMany(o => o.Risks).Distinct(StringComparer.Ordinal)]);
        if (!named)
        {
            blocks.Add(Block.Say($"{Writing.Sources} {Writing.Defers}"));
        }

        return blocks.ToImmutable();
    }

    private static void Listed(ImmutableArray<Block>.Builder blocks, string before, ImmutableArray<string> lines)
    {
        if (!lines.IsEmpty)
        {
            blocks.Add(Block.List(lines.Select(l => before + l)));
        }
    }
}
