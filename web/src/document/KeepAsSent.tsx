import { useQuote } from "../job/data";
import { jobRecord } from "../job/useEdit";
import { usePlace } from "../shell/Place";

const two = (n: number) => n.toFixed(2);

/** Keeps the quotation on the screen as the one that was sent, and lists those sent before. */
export function KeepAsSent({ date }: { date: string }) {
  const { job, edit } = usePlace();
  const { data } = useQuote(job.id, date);
  const record = jobRecord(edit.session, job);
  const sent = record.quotations ?? [];
  const last = sent.at(-1);
  const asIs = last !== undefined && data !== undefined && data.changes.length === 0;
  return (
    <div className="noprint sentbar">
      <button
        type="button"
        className="btn"
        disabled={!data || (data.offer.lines ?? []).length === 0 || asIs}
        onClick={() => {
          if (!data) return;
          edit.session.edit(`Quotation ${data.offer.revision} sent`, [
            { key: `job:${job.id}`, before: record, after: { ...record, quotations: [...sent, data.offer] } },
          ]);
        }}
      >
        {`Keep quotation ${data?.offer.revision ?? ""} as sent`}
      </button>
      <span className="small" aria-live="polite">
        {last
          ? `Sent: ${sent.map((q) => `${q.revision} of ${q.date}, ${two(q.net + q.tax)}`).join("; ")}. ${asIs ? "It still stands." : "What changed since stands in the terms."}`
          : "Once it is sent, keep it: the next one then says what has changed."}
      </span>
    </div>
  );
}
