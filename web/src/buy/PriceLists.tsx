import { useQueryClient } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { askSupplier, takeInTable } from "../job/send";
import { jobRecord } from "../job/useEdit";
import { usePlace } from "../shell/Place";
import { dayText, lastKnown } from "./prices";

/** Suppliers' prices in and out. A list at fault is refused with its line and changes nothing. */
export function PriceLists() {
  const { job, edit } = usePlace();
  const client = useQueryClient();
  const input = useRef<HTMLInputElement>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [asking, setAsking] = useState(false);
  const record = jobRecord(edit.session, job);
  const prices = record.prices ?? [];
  const suppliers = [...new Set(prices.map((p) => p.supplier).filter((s): s is string => !!s))];
  const known = lastKnown(prices);
  const trying = async (what: () => Promise<void>) => {
    setProblem(null);
    try {
      await what();
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
  };
  const take = (file: File) => trying(async () => takeInTable(client, job.id, file.name, await file.text(), "prices"));
  const askNow = async () => {
    setAsking(true);
    await trying(() => askSupplier(client, job.id));
    setAsking(false);
  };
  return (
    <section className="sheet" aria-label="Price lists">
      <header>
        <h2>Price lists</h2>
      </header>
      <div className="body">
        <p className="small">
          {prices.length === 0
            ? "None yet: packs are priced by what such a class usually costs."
            : `${prices.length} ${prices.length === 1 ? "pack" : "packs"} listed${suppliers.length > 0 ? ` by ${suppliers.join(", ")}` : ""}. What is listed is bought by the list, the cheapest supplier for each size.`}
        </p>
        {known.length > 0 && (
          <p className="small soft">{`Last known: ${known.map(([who, day]) => `${who}, ${dayText(day)}`).join("; ")}.`}</p>
        )}
        <div className="row">
          <button type="button" className="btn" disabled={asking} onClick={() => void askNow()}>
            {asking ? "Asking …" : "Ask the supplier"}
          </button>
          <button type="button" className="btn" onClick={() => input.current?.click()}>
            Take in a price list
          </button>
          <a className="btn" href={`/api/jobs/${job.id}/prices.csv`} download>
            Prices (CSV)
          </a>
          {prices.length > 0 && (
            <button
              type="button"
              className="btn tight"
              onClick={() =>
                edit.session.edit("Price lists put away", [
                  { key: `job:${job.id}`, before: record, after: { ...record, prices: [] } },
                ])
              }
            >
              Put all away
            </button>
          )}
        </div>
        <p className="soft small">Columns: product, size, price, supplier, from. Products go by their ids.</p>
        {problem && (
          <p className="refused" role="alert">
            Nothing was taken in. {problem}
          </p>
        )}
        <input
          ref={input}
          type="file"
          accept=".csv,text/csv"
          hidden
          aria-label="Price list"
          onChange={(e) => {
            const file = e.target.files?.[0];
            e.target.value = "";
            if (file) void take(file);
          }}
        />
      </div>
    </section>
  );
}
