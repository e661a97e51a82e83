using AllSound.Core.Jobs;

namespace AllSound.Core.Exchange;

/// <content>The site log as a table.</content>
public static partial class Tables
{
    /// <summary>The lines of a log, one row each, as they were written.</summary>
    public static string Log(Job job)
    {
        ArgumentNullException.ThrowIfNull(job);
        return Write(
            [
                "id",
                "kind",
                "at",
                "by",
                "device",
                "corrects",
                "surface",
                "step",
                "operation",
                "product",
                "batch",
                "litres",
                "dilution",
                "wetFilmUm",
                "method",
                "share",
                "hours",
                "check",
                "value",
                "unit",
                "outcome",
                "text",
            ],
            job.Log.Select(e =>
                (IEnumerable<string?>)
                    [
                        e.Id,
                        NamedEnumConverterFactory.Name(e.Kind.ToString()),
                        e.At.ToString("yyyy-MM-dd'T'HH:mm:ss", System.Globalization.CultureInfo.InvariantCulture),
                        e.By,
                        e.Device,
                        e.Corrects,
                        e.Surface,
                        Text(e.Step),
                        e.Operation,
                        e.Product,
                        e.Batch,
                        Text(e.Litres),
                        e.Dilution,
                        Text(e.WetFilmUm),
                        e.Method,
                        Text(e.Share),
                        Text(e.Hours),
                        e.Check,
                        Text(e.Value),
                        e.Unit,
                        e.Outcome,
                        e.Text,
                    ]
            )
        );
    }
}
