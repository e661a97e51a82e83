import { useQuery } from "@tanstack/react-query";
import { api, ask } from "../api/client";
import { keys } from "../job/data";
import { jobRecord } from "../job/useEdit";
import { usePlace } from "../shell/Place";

const two = (n: number) => n.toFixed(2);

/** Keeps the quotation on the screen as the one that was sent, and lists those sent before. */
export function KeepAsSent({ date }: { date: string }) {
  const { job, edit } = usePlace();
  const quote = useQuery({
    queryKey: keys.quote(job.id),
    queryFn: () => ask(api.GET("/api/jobs/{job}/quote", { params: { path: { job: job.id } } })),
  });
  const record = jobRecord(edit.session, job);
  const sent = record.quotations ?? [];
  const data = quote.data;
  const last = sent.at(-1);
  const asIs = last !== undefined && data !== undefined && data.changes.length === 0;
  return (
    <div className="noprint sentbar">
      <button
        type="button"
        className="btn"
        disabled={!data || data.lines.length === 0 || asIs}
        onClick={() => {
          if (!data) return;
          const next = {
            revision: data.revision,
            date,
            net: data.net.amount,
            tax: data.tax.amount,
            lines: data.lines.map((l) => ({ of: l.of, work: l.work, price: l.price })),
          };
          edit.session.edit(`Quotation ${data.revision} sent`, [
            { key: `job:${job.id}`, before: record, after: { ...record, quotations: [...sent, next] } },
          ]);
        }}
      >
        {`Keep quotation ${data?.revision ?? ""} as sent`}
      </button>
      <span className="small" aria-live="polite">
        {last
          ? `Sent: ${sent.map((q) => `${q.revision} of ${q.date}, ${two(q.net + q.tax)}`).join("; ")}. ${asIs ? "It still stands." : "What changed since stands in the terms."}`
          : "Once it is sent, keep it: the next one then says what has changed."}
      </span>
    </div>
  );
}
