import { Input } from "antd";
import { useState } from "react";
import type { Schemas } from "../api/client";
import { jobRecord } from "../job/useEdit";
import { Choose } from "../shell/Choose";
import { DraftBox } from "../shell/DraftBox";
import { usePlace } from "../shell/Place";

type Own = Schemas["OwnProduct"];
type Firm = Pick<Required<Schemas["Job"]>, "products" | "houseRules" | "trials" | "letterhead">;

/** How the firm works: where practitioners differ, what it does; and the products that it really uses. */
export function FirmView() {
  const { job, catalogue, edit } = usePlace();
  const [pick, setPick] = useState("");
  if (!catalogue) return null;
  const record = jobRecord(edit.session, job);
  const firm = {
    products: record.products ?? [],
    houseRules: record.houseRules ?? {},
    trials: record.trials ?? [],
    letterhead: record.letterhead ?? null,
  };
  const save = (change: Partial<Firm>) =>
    edit.session.edit("Our ways", [{ key: `job:${job.id}`, before: record, after: { ...record, ...change } }]);
  const rule = (id: string, school: string) => {
    const next = { ...firm.houseRules };
    if (school === "") delete next[id];
    else next[id] = school;
    save({ houseRules: next });
  };
  const put = (i: number, change: Partial<Own>) =>
    save({ products: firm.products.map((p, n) => (n === i ? { ...p, ...change } : p)) });
  return (
    <div className="two firm">
      <section className="sheet" aria-label="House rules">
        <LetterheadBox value={firm.letterhead} onSet={(letterhead) => save({ letterhead })} />
        <header>
          <h2>House rules</h2>
          <span className="grow" />
          <span className="soft small">a surface can override them; safety rules always apply</span>
        </header>
        <div className="body">
          <ul className="rules">
            {catalogue.questions.map((q) => (
              <li key={q.id}>
                <label htmlFor={`rule-${q.id}`}>
                  <b>{q.title}</b>{" "}
                  <span className="soft small">{q.turns === "manner" ? "written at the step" : ""}</span>
                </label>
                {q.turns === "safety" ? (
                  <span className="small">{q.schools[0]?.title}</span>
                ) : (
                  <select
                    id={`rule-${q.id}`}
                    className="pick"
                    value={firm.houseRules[q.id] ?? ""}
                    onChange={(e) => rule(q.id, e.target.value)}
                  >
                    <option value="">default</option>
                    {q.schools.map((s) => (
                      <option key={s.id} value={s.id}>
                        {s.title}
                      </option>
                    ))}
                  </select>
                )}
                <p className="small soft">Default: {q.default}.</p>
              </li>
            ))}
          </ul>
        </div>
      </section>
      <section className="sheet" aria-label="Own products">
        <header>
          <h2>Products we use</h2>
        </header>
        <div className="body" aria-live="polite">
          <p className="soft small">
            Your own product replaces its class in this job; the numbers of its data sheet override the class's.
          </p>
          <div className="row">
            <Choose
              label="Class of the product"
              placeholder="class of the product …"
              value={pick}
              choices={catalogue.products.map((p) => ({ value: p.id, title: p.title }))}
              onChoose={setPick}
            />
            <button
              type="button"
              className="btn"
              disabled={pick === ""}
              onClick={() => {
                const of = catalogue.products.find((p) => p.id === pick);
                const id = fresh(pick, firm.products);
                save({
                  products: [
                    ...firm.products,
                    { id, title: `our ${of?.title ?? pick}`, class: pick, tins: [], gel: false },
                  ],
                });
                setPick("");
              }}
            >
              Add a product of this class
            </button>
          </div>
          {firm.products.map((p, i) => {
            const of = catalogue.products.find((c) => c.id === p.class);
            return (
              <fieldset key={p.id} className="own">
                <legend>{of?.title ?? p.class}</legend>
                <label>
                  <span className="soft small">we call it</span>
                  <input
                    className="pick"
                    defaultValue={p.title}
                    onBlur={(e) =>
                      e.target.value.trim() !== "" && e.target.value !== p.title && put(i, { title: e.target.value })
                    }
                  />
                </label>
                <Num
                  word="spread, m²/L"
                  usual={of?.spread[0]}
                  value={p.spread}
                  onSet={(spread) => put(i, { spread })}
                />
                <Num
                  word="recoat, least h"
                  usual={of?.drying.least}
                  value={p.leastHours}
                  onSet={(leastHours) => put(i, { leastHours })}
                />
                <Num
                  word="recoat, better h"
                  usual={of?.drying.advised}
                  value={p.advisedHours}
                  onSet={(advisedHours) => put(i, { advisedHours })}
                />
                <Num
                  word="key after, days"
                  usual={of?.drying.latestDays}
                  value={p.latestDays}
                  onSet={(latestDays) => put(i, { latestDays })}
                />
                <Num
                  word="thin at most, %"
                  usual={of?.thinMost}
                  value={p.thinMost}
                  onSet={(thinMost) => put(i, { thinMost })}
                />
                <Num word="solvent, g/L" usual={of?.voc} value={p.voc} onSet={(voc) => put(i, { voc })} />
                <Num
                  word="price per L"
                  usual={undefined}
                  value={p.litrePrice}
                  onSet={(litrePrice) => put(i, { litrePrice })}
                />
                <label className="check">
                  <input type="checkbox" checked={p.gel ?? false} onChange={(e) => put(i, { gel: e.target.checked })} />
                  a gel: never stirred
                </label>
                <button
                  type="button"
                  className="btn tight"
                  onClick={() => save({ products: firm.products.filter((_, n) => n !== i) })}
                >
                  Remove
                </button>
              </fieldset>
            );
          })}
        </div>
      </section>
    </div>
  );
}

/** The lines that stand on top of every paper. Taken when the box is left. */
function LetterheadBox({ value, onSet }: { value: string | null; onSet: (value: string | null) => void }) {
  return (
    <div className="letterheadbox">
      <label htmlFor="letterhead">
        <b>On our papers</b>
      </label>
      <Input.TextArea
        id="letterhead"
        key={value ?? ""}
        defaultValue={value ?? ""}
        maxLength={200}
        autoSize={{ minRows: 2, maxRows: 5 }}
        placeholder={"Name of the firm\nAddress, how to be reached"}
        onBlur={(e) => {
          const lines = e.target.value
            .split("\n")
            .map((line) => line.trim())
            .filter((line) => line !== "");
          const next = lines.length > 0 ? lines.join("\n") : null;
          if (next !== value) onSet(next);
        }}
      />
    </div>
  );
}

const fresh = (of: string, all: Own[]) => {
  const base = `our-${of.replace(/^p_/, "").replace(/_/g, "-")}`;
  let id = base;
  for (let n = 2; all.some((p) => p.id === id); n++) id = `${base}-${n}`;
  return id;
};

type NumProps = {
  word: string;
  usual: number | null | undefined;
  value: number | null | undefined;
  onSet: (value: number | null) => void;
};

function Num({ word, usual, value, onSet }: NumProps) {
  return (
    <span>
      <span className="soft small">{word}</span>
      <DraftBox
        label={word}
        value={value ?? null}
        onSet={onSet}
        placeholder={usual == null ? "" : `class: ${usual}`}
        step={0.5}
      />
    </span>
  );
}
