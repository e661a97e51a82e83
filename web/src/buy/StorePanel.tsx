import { useState } from "react";
import type { Schemas } from "../api/client";
import { jobRecord } from "../job/useEdit";
import { Choose } from "../shell/Choose";
import { usePlace } from "../shell/Place";

type Tin = Schemas["StoreTin"];

/** What is left from before: it is used before anything is bought. */
export function StorePanel({
  materials,
  stored,
}: {
  materials: readonly Schemas["MaterialReport"][];
  stored: readonly Schemas["StoredReport"][];
}) {
  const { job, catalogue, edit } = usePlace();
  const [product, setProduct] = useState("");
  const [amount, setAmount] = useState("");
  const [colour, setColour] = useState("");
  const record = jobRecord(edit.session, job);
  const store = (record.store ?? []) as Tin[];
  const save = (what: string, next: Tin[]) =>
    edit.session.edit(what, [{ key: `job:${job.id}`, before: record, after: { ...record, store: next } }]);
  const own = record.products ?? [];
  const paints = [...own, ...(catalogue?.products ?? [])];
  const title = (id: string) =>
    materials.find((m) => m.product === id)?.title ?? paints.find((p) => p.id === id)?.title ?? id;
  const unit = (id: string) =>
    materials.find((m) => m.product === id)?.unit ?? (paints.some((p) => p.id === id) ? "L" : "");
  const number = Number(amount.replace(",", "."));
  const fits = product !== "" && amount.trim() !== "" && Number.isFinite(number) && number > 0 && number <= 1000;
  const add = () => {
    if (!fits) return;
    let id = "tin-1";
    for (let n = 2; store.some((t) => t.id === id); n++) id = `tin-${n}`;
    save(`${title(product)} in the store`, [
      ...store,
      { id, product, amount: number, colour: colour.trim() === "" ? null : colour.trim(), spoilt: false },
    ]);
    setProduct("");
    setAmount("");
    setColour("");
  };
  // What this job needs comes first.
  const wanted = new Set(materials.map((m) => m.product));
  const choices = [
    ...materials
      .filter((m, i) => materials.findIndex((o) => o.product === m.product) === i)
      .map((m) => ({ value: m.product, title: m.title, group: "used in this job" })),
    ...paints.filter((p) => !wanted.has(p.id)).map((p) => ({ value: p.id, title: p.title, group: "all products" })),
  ];
  return (
    <section className="sheet" aria-label="In the store">
      <header>
        <h2>In the store</h2>
      </header>
      <div className="body">
        {store.length === 0 && (
          <p className="soft small">
            Nothing noted. What is left from another job is taken off what has to be bought: add it here.
          </p>
        )}
        <ul className="list">
          {store.map((t) => (
            <li key={t.id} className="stored">
              <span className={t.spoilt ? "gone" : ""}>
                {title(t.product)}
                {t.colour ? `, ${t.colour}` : ""}, {t.amount} {unit(t.product)}
              </span>
              <label className="check small">
                <input
                  type="checkbox"
                  checked={t.spoilt ?? false}
                  onChange={(e) =>
                    save(
                      "Store",
                      store.map((x) => (x.id === t.id ? { ...x, spoilt: e.target.checked } : x)),
                    )
                  }
                />
                spoilt
              </label>
              <button
                type="button"
                className="btn tight"
                aria-label={`Gone: ${title(t.product)}`}
                onClick={() =>
                  save(
                    "Store",
                    store.filter((x) => x.id !== t.id),
                  )
                }
              >
                Gone
              </button>
              <Good says={stored.find((x) => x.id === t.id)?.says ?? []} />
            </li>
          ))}
        </ul>
        <form
          className="storing"
          onSubmit={(e) => {
            e.preventDefault();
            add();
          }}
        >
          <Choose
            label="What is in the store"
            placeholder="what …"
            value={product}
            choices={choices}
            onChoose={setProduct}
          />
          <input
            className="pick"
            inputMode="decimal"
            aria-label="How much is left"
            placeholder="how much"
            value={amount}
            onChange={(e) => setAmount(e.target.value)}
          />
          <input
            className="pick"
            aria-label="Colour of what is left"
            placeholder="colour"
            maxLength={200}
            value={colour}
            onChange={(e) => setColour(e.target.value)}
          />
          <button type="submit" className="btn" disabled={!fits}>
            Add
          </button>
        </form>
      </div>
    </section>
  );
}

/** What a tin is still good for: the first of it at sight, the rest on demand. */
function Good({ says }: { says: readonly string[] }) {
  if (says.length === 0) return null;
  if (says.length === 1) return <p className="good small">{says[0]}</p>;
  return (
    <details className="good small">
      <summary>{says[0]}</summary>
      {says.slice(1).map((s) => (
        <p key={s} className="soft goodfor">
          {s}
        </p>
      ))}
    </details>
  );
}
