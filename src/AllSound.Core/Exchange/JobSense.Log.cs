using AllSound.Core.Jobs;
using AllSound.Core.Practice;
using AllSound.Core.Treatment;

namespace AllSound.Core.Exchange;

/// <content>The site log.</content>
public static partial class JobSense
{
    private const int FirstLogYear = 1900;

    // A surface that is gone keeps its lines: what was done there stays written.
    private static void LogFaults(Faults faults, Job job)
    {
        var firm = job.Log.IsEmpty ? null : Firm.Of(job);
        var ids = new HashSet<string>(StringComparer.Ordinal);
        for (var i = 0; i < job.Log.Length; i++)
        {
            var (at, entry) = ($"$.log[{i}]", job.Log[i]);
            Unique(faults, $"{at}.id", entry.Id, ids);
            LengthLimits.Check(faults, at, entry);
            if (entry.Id.Length == 0)
            {
                faults.Add($"{at}.id", "expected an id");
            }

            if (entry.At.Year is < FirstLogYear or > LatestYear)
            {
                faults.Add($"{at}.at", $"expected a year from {FirstLogYear} to {LatestYear}");
            }

            var operation = entry.Operation is { } named ? Operations.Find(named) : null;
            if (entry.Operation is not null && operation is null)
            {
                faults.Add($"{at}.operation", $"unknown operation '{entry.Operation}'");
            }

            if (entry.Kind is LogKind.Done or LogKind.Started or LogKind.Skipped && entry is { Operation: null } or { Surface: null })
            {
                faults.Add(at, "expected the surface and the operation");
            }

            if (entry.Product is { } product && firm!.Find(product) is null)
            {
                faults.Add($"{at}.product", $"unknown product '{product}'");
            }
            else if (entry is { Kind: LogKind.Done, Product: not null } && operation is not null && firm!.Act(operation, entry.Product) is null)
            {
                faults.Add($"{at}.product", $"'{operation.Id}' is not done with '{entry.Product}'");
            }

            Range(faults, $"{at}.litres", entry.Litres, 0, 10_000);
            Range(faults, $"{at}.wetFilmUm", entry.WetFilmUm, 1, 5000);
            Range(faults, $"{at}.hours", entry.Hours, 0, 1000);
            Range(faults, $"{at}.share", entry.Share, 0.01, 1);
            Range(faults, $"{at}.step", entry.Step, 1, Limits.Items);
            if (entry.Kind is LogKind.Withdrawn && entry.Corrects is null)
            {
                faults.Add($"{at}.corrects", "expected the id of the line that is taken back");
            }

            if (entry.Kind is LogKind.Looked && (entry.Surface is null || entry.Outcome is not (LogEntry.LookedSound or LogEntry.LookedFailing)))
            {
                faults.Add(at, $"expected the surface, and as its outcome '{LogEntry.LookedSound}' or '{LogEntry.LookedFailing}'");
            }

            if (entry.Kind is LogKind.Reading)
            {
                ReadingFaults(
                    faults,
                    at,
                    new Reading
                    {
                        Check = entry.Check ?? "",
                        Value = entry.Value,
                        Unit = entry.Unit,
                        Outcome = entry.Outcome,
                    }
                );
            }
        }
    }
}
