import { useState } from "react";
import { OpenForm } from "./OpenForm";
import type { Step } from "./site";
import type { NewEntry } from "./useLog";

/** What is left of the paint that was used here, and where it stands: the next job on the building finds it in its store. */
export function LeftForm({
  surface,
  title,
  steps,
  write,
}: {
  surface: string;
  title: string;
  steps: readonly Step[];
  write: (label: string, ...entries: NewEntry[]) => void;
}) {
  const used = [
    ...new Map(steps.flatMap((s) => (s.product ? [[s.product, s.productTitle ?? s.product]] : []))).entries(),
  ];
  const [product, setProduct] = useState("");
  const [litres, setLitres] = useState("");
  const [where, setWhere] = useState("");
  if (used.length === 0) return null;
  const amount = Number(litres.replace(",", "."));
  const fits = litres.trim() !== "" && amount > 0 && amount <= 1000;
  const chosen = product || (used.at(-1)?.[0] ?? "");
  return (
    <OpenForm label="What is left over">
      {(close) => (
        <>
          <label htmlFor="left-product">left over</label>
          <select id="left-product" className="pick" value={chosen} onChange={(e) => setProduct(e.target.value)}>
            {used.map(([id, words]) => (
              <option key={id} value={id}>
                {words}
              </option>
            ))}
          </select>
          <label htmlFor="left-litres">litres left</label>
          <input
            id="left-litres"
            className="pick"
            inputMode="decimal"
            value={litres}
            onChange={(e) => setLitres(e.target.value)}
          />
          <label htmlFor="left-where">where it stands</label>
          <input
            id="left-where"
            className="pick"
            maxLength={200}
            value={where}
            onChange={(e) => setWhere(e.target.value)}
          />
          <div className="thumbs">
            <button
              type="button"
              className="btn big primary"
              disabled={!fits}
              onClick={() => {
                write(`${title}: left over`, {
                  kind: "leftover",
                  surface,
                  product: chosen,
                  litres: amount,
                  text: where.trim() || null,
                });
                close();
                setLitres("");
                setWhere("");
              }}
            >
              Write it down
            </button>
            <button type="button" className="btn big" onClick={close}>
              Cancel
            </button>
          </div>
        </>
      )}
    </OpenForm>
  );
}
