using System.Text.Json;
using AllSound.Core.Exchange;
using AllSound.Core.Inspection;
using AllSound.Core.Surfaces;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>The list of facts holds all that a job file can, so that nothing can be recorded that cannot be entered.</summary>
public sealed class FactSheetTests
{
    private static readonly FactField[] Fields = [.. FactSheet.Groups.SelectMany(g => g.Fields)];

    [Fact]
    public void Every_fact_of_the_job_file_stands_in_it_once() =>
        Assert.Equal(
            typeof(Facts).GetProperties().Select(p => JsonNamingPolicy.CamelCase.ConvertName(p.Name)).Order(StringComparer.Ordinal),
            Fields.Select(f => f.Key).Order(StringComparer.Ordinal)
        );

    [Fact]
    public void Every_answer_it_offers_is_one_that_the_job_file_takes()
    {
        foreach (var field in Fields)
        {
            string[] answers = field.Kind switch
            {
                FactKind.YesNo => ["true", "false"],
                FactKind.Pick => [.. field.Options.Select(o => $"\"{o.Value}\"")],
                FactKind.Words => ["\"a laboratory, four samples\""],
                FactKind.Percent => ["0", "0.5", "1"],
                _ =>
                [
                    field.Least!.Value.ToString("R", System.Globalization.CultureInfo.InvariantCulture),
                    field.Most!.Value.ToString("R", System.Globalization.CultureInfo.InvariantCulture),
                ],
            };
            foreach (var answer in answers)
            {
                var (facts, fault) = JobFile.Parse<Facts>($"{{\"{field.Key}\":{answer}}}");
                Assert.True(facts is not null, $"{field.Key} = {answer}: {fault}");
            }

            Assert.NotEqual("", field.Help);
        }
    }

    [Fact]
    public void None_of_it_is_one_of_the_answers()
    {
        foreach (var field in Fields.Where(f => f.Kind == FactKind.Pick && f.None is not null))
        {
            Assert.Contains(field.None, field.Options.Select(o => o.Value));
        }
    }
}
