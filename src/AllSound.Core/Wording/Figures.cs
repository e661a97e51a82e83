using System.Globalization;

namespace AllSound.Core.Wording;

/// <summary>Numbers as people say them: rounded, with the currency's own sign. Files and reports keep the exact numbers.</summary>
public static class Figures
{
    /// <summary>Money: "£237", "€1,240", "237 ZAR"; from 20 on without the small coin.</summary>
    /// <param name="amount">The amount.</param>
    /// <param name="currency">Three-letter code.</param>
    public static string Money(decimal amount, string currency)
    {
        return Signed(Shown(amount).ToString(Math.Abs(amount) >= 20 ? "#,0" : "0.00", CultureInfo.InvariantCulture), currency);
    }

    /// <summary>Money that is paid: to the cent, "£1,240.50", "-£12.00".</summary>
    /// <param name="amount">The amount.</param>
    /// <param name="currency">Three-letter code.</param>
    public static string Paid(decimal amount, string currency) =>
        (amount < 0 ? "-" : "") + Signed(decimal.Round(Math.Abs(amount), 2, MidpointRounding.AwayFromZero).ToString("#,0.00", CultureInfo.InvariantCulture), currency);

    private static string Signed(string number, string currency) =>
        currency switch
        {
            "GBP" => "£" + number,
            "EUR" => "€" + number,
            "USD" or "CAD" or "AUD" or "NZD" => "$" + number,
            _ => $"{number} {currency}",
        };

    /// <summary>Money that is only roughly known: to one, five or ten, as large as it is.</summary>
    public static string About(decimal amount, string currency)
    {
        var step = Math.Abs(amount) switch
        {
            < 20 => 1m,
            < 100 => 5m,
            _ => 10m,
        };
        var rough = decimal.Round(amount / step, MidpointRounding.AwayFromZero) * step;
        return Money(rough, currency).Replace(".00", "", StringComparison.Ordinal);
    }

    /// <summary>The amount that <see cref="Money"/> shows: sums of these add up for whoever reads them.</summary>
    public static decimal Shown(decimal amount) =>
        Math.Abs(amount) >= 20 ? decimal.Round(amount, 0, MidpointRounding.AwayFromZero) : decimal.Round(amount, 2, MidpointRounding.AwayFromZero);

    /// <summary>A moment: "Tue 3 Nov 12:00".</summary>
    public static string Moment(DateTime at) => at.ToString("ddd d MMM HH:mm", CultureInfo.InvariantCulture);

    /// <summary>Hours of work: "7 h", "1.1 h", "45 min".</summary>
    public static string Hours(double hours) =>
        hours is > 0 and < 0.95 ? string.Create(CultureInfo.InvariantCulture, $"{Math.Max(5, Math.Round(hours * 60 / 5) * 5)} min") : $"{Rounded(hours)} h";

    /// <summary>A wait: "30 min", "16 h", from two days on "3 days".</summary>
    public static string Wait(double hours) =>
        hours < 1 ? string.Create(CultureInfo.InvariantCulture, $"{Math.Max(1, Math.Round(hours * 60))} min")
        : hours < 48 ? string.Create(CultureInfo.InvariantCulture, $"{Math.Round(hours, 1):0.#} h")
        : Days(hours / 24);

    /// <summary>Days: "4 days", "1 day".</summary>
    public static string Days(double days) => Rounded(days) is var said && said == "1" ? "1 day" : $"{said} days";

    /// <summary>Years: "7 years", "4.5 years".</summary>
    public static string Years(double years) => Rounded(years) is var said && said == "1" ? "1 year" : $"{said} years";

    // Whole numbers from ten on, halves from two on, tenths below: nobody plans finer.
    private static string Rounded(double value)
    {
        var step = value switch
        {
            >= 10 => 1,
            >= 2 => 0.5,
            _ => 0.1,
        };
        return (Math.Round(value / step, MidpointRounding.AwayFromZero) * step).ToString("0.#", CultureInfo.InvariantCulture);
    }
}
