using System.Globalization;
using System.Text;
using AllSound.Core.Specification;

namespace AllSound.Core.Exchange;

/// <summary>Writes a specification as plain lines, a step in each, as <see cref="LineReader"/> reads them.</summary>
public static class LineWriter
{
    /// <summary>The lines of an option.</summary>
    /// <param name="option">The option.</param>
    public static string Write(Option option)
    {
        ArgumentNullException.ThrowIfNull(option);
        var lines = new StringBuilder();
        foreach (var step in option.Steps)
        {
            lines.Append(CultureInfo.InvariantCulture, $"{step.Number}. {step.Act.Operation.Title}");
            if (step.Act.Product is { } product)
            {
                lines.Append(CultureInfo.InvariantCulture, $": {product.Title}");
            }

            if (step.WaitBefore is > 0 and var hours)
            {
                lines.Append(CultureInfo.InvariantCulture, $"{(step.Act.Product is null ? ":" : ",")} after {Math.Ceiling(hours * 100) / 100:0.##} hours");
            }

            lines.Append('\n');
        }

        return lines.ToString();
    }
}
