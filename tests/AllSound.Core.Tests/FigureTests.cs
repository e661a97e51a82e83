using AllSound.Core.Wording;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>Numbers as people say them.</summary>
public sealed class FigureTests
{
    [Theory]
    [InlineData(237.22, "GBP", "£237")]
    [InlineData(19.95, "GBP", "£19.95")]
    [InlineData(1240, "EUR", "€1,240")]
    [InlineData(1240.5, "USD", "$1,241")]
    [InlineData(87.94, "ZAR", "88 ZAR")]
    public void Money_has_its_sign_and_no_false_pence(double amount, string currency, string said) => Assert.Equal(said, Figures.Money((decimal)amount, currency));

    [Theory]
    [InlineData(2.4, "GBP", "£2")]
    [InlineData(19.6, "GBP", "£20")]
    [InlineData(87.4, "GBP", "£85")]
    [InlineData(88, "EUR", "€90")]
    [InlineData(149, "USD", "$150")]
    [InlineData(1244, "GBP", "£1,240")]
    public void Money_that_is_roughly_known_has_no_more_figures_than_that(double amount, string currency, string said) =>
        Assert.Equal(said, Figures.About((decimal)amount, currency));

    [Theory]
    [InlineData(0, "0 h")]
    [InlineData(0.08, "5 min")]
    [InlineData(0.75, "45 min")]
    [InlineData(1.08, "1.1 h")]
    [InlineData(6.87, "7 h")]
    [InlineData(23.6, "24 h")]
    public void Hours_are_rounded_for_people(double hours, string said) => Assert.Equal(said, Figures.Hours(hours));

    [Theory]
    [InlineData(1, "1 day")]
    [InlineData(0.4, "0.4 days")]
    [InlineData(4.11, "4 days")]
    [InlineData(2.87, "3 days")]
    public void Days_are_rounded_for_people(double days, string said) => Assert.Equal(said, Figures.Days(days));
}
