import { useState } from "react";
import { usePlace } from "../shell/Place";
import type { Step } from "./site";
import type { NewEntry } from "./useLog";

type Field = "litres" | "batch" | "thin" | "film" | "share" | "method" | "product";

const number = (text: string) => (text.trim() === "" ? undefined : Number(text.replace(",", ".")));

/** What was done and with what: nothing need be filled in; what was done otherwise is written as it was. */
export function DoneForm({
  step,
  onDone,
  onCancel,
}: {
  step: Step;
  onDone: (entry: Partial<NewEntry>) => void;
  onCancel: () => void;
}) {
  const { catalogue } = usePlace();
  const [texts, setTexts] = useState<Partial<Record<Field, string>>>({});
  const coat = step.role !== "none" && step.product != null;
  const uses = catalogue?.operations.find((o) => o.id === step.operation)?.products ?? [];
  const set = (name: Field) => (e: { target: { value: string } }) => setTexts({ ...texts, [name]: e.target.value });
  const field = (name: Field, label: string, decimal = false) => (
    <span>
      <label htmlFor={`done-${name}`}>{label}</label>
      <input
        id={`done-${name}`}
        className="pick"
        inputMode={decimal ? "decimal" : "text"}
        maxLength={100}
        value={texts[name] ?? ""}
        onChange={set(name)}
      />
    </span>
  );
  const share = number(texts.share ?? "");
  const figures = [number(texts.litres ?? ""), number(texts.film ?? ""), share];
  const wrong = figures.some((n) => n !== undefined && !(n > 0)) || (share !== undefined && share > 100);
  const take = () => {
    const [litres, wetFilmUm] = figures;
    onDone({
      ...(litres === undefined ? {} : { litres }),
      ...(wetFilmUm === undefined ? {} : { wetFilmUm }),
      ...(share === undefined ? {} : { share: share / 100 }),
      ...(texts.batch ? { batch: texts.batch } : {}),
      ...(texts.thin ? { dilution: texts.thin } : {}),
      ...(texts.method ? { method: texts.method } : {}),
      ...(texts.product ? { product: texts.product } : {}),
    });
  };
  return (
    <div className="siteform">
      <div className="fields">
        {coat && uses.length > 1 && (
          <span>
            <label htmlFor="done-product">with</label>
            <select
              id="done-product"
              className="pick"
              value={texts.product ?? step.product ?? ""}
              onChange={set("product")}
            >
              {uses.map((p) => (
                <option key={p.id} value={p.id}>
                  {p.title}
                </option>
              ))}
            </select>
          </span>
        )}
        {coat && field("litres", "litres used", true)}
        {coat && field("batch", "batch")}
        {coat && field("thin", "thinned with")}
        {coat && field("film", "wet film, µm", true)}
        {field("share", "if not all: how much of it, %", true)}
        {field("method", "tool, if another")}
      </div>
      <div className="thumbs">
        <button type="button" className="btn big primary" disabled={wrong} onClick={take}>
          Write it down
        </button>
        <button type="button" className="btn big" onClick={onCancel}>
          Cancel
        </button>
      </div>
    </div>
  );
}
