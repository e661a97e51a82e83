using System.Collections.Immutable;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Records;
using AllSound.Storage;

namespace AllSound.Web;

/// <summary>Edits of records, made as one change.</summary>
internal static class Edits
{
    /// <summary>Makes the edits if every record still has the version that they were made on.</summary>
    /// <param name="store">Where.</param>
    /// <param name="job">Id of the job.</param>
    /// <param name="label">What is done.</param>
    /// <param name="token">Names the change, or null.</param>
    /// <param name="puts">The records.</param>
    /// <param name="at">Where the record of that number stands in what was sent.</param>
    public static ChangeOutcome Make(JobStore store, string job, string label, string? token, ImmutableArray<RecordPut> puts, Func<int, string> at) =>
        store.Change(
            job,
            label,
            token,
            before =>
            {
                if (before is null)
                {
                    return Plan.Refuse(Written.NotFound);
                }

                var stale = RecordEdits.Stale(before.Records, puts);
                if (!stale.IsEmpty)
                {
                    return Plan.Behind(stale);
                }

                var (records, faults) = RecordEdits.Apply(job, before.Records, puts, at);
                if (records is null)
                {
                    return Plan.Faulty(faults);
                }

                var gone = puts.Where(p => p is { Value: null, Key.Kind: RecordKind.Job }).Any();
                return Plan.To(records, gone ? before.SpoiltKeys : null);
            }
        );

    /// <summary>Makes one edit of one record, and answers.</summary>
    public static IResult One(JobStore store, string job, string label, RecordPut put, string at, string what, Func<ChangeOutcome, IResult> done)
    {
        var outcome = Make(store, job, label, null, [put], _ => at);
        return outcome.Written == Written.Saved ? done(outcome)
            // A new record that is there already is not behind: its id is taken.
            : outcome.Written == Written.Stale && put.Version == 0
                ? Requests.Refused(outcome with { Written = outcome.Job?.Records.Find(put.Key) is null ? Written.NotFound : Written.Taken }, what, _ => at)
            : outcome.Written == Written.Stale && outcome.Job?.Records.Find(put.Key) is null ? Requests.NotFound(what)
            : Requests.Refused(outcome, what, key => key == put.Key ? at : null);
    }

    /// <summary>Replaces the whole job by what comes of it, if its surfaces still are as they were read.</summary>
    public static ChangeOutcome Replace(JobStore store, string job, string label, Func<StoredJob, (Core.Jobs.Job? Job, ImmutableArray<Fault> Faults)> become) =>
        store.Change(
            job,
            label,
            null,
            before =>
            {
                if (before is null)
                {
                    return Plan.Refuse(Written.NotFound);
                }

                var (whole, faults) = become(before);
                return whole is null ? Plan.Faulty(faults) : Plan.To(before.Records.With(whole));
            }
        );
}
