import { useState } from "react";
import type { Schemas } from "../api/client";
import { DraftBox } from "../shell/DraftBox";
import { usePlace } from "../shell/Place";
import { HazardList } from "../work/HazardList";
import { PasteLines } from "./PasteLines";

type Sequence = NonNullable<Schemas["Surface"]["sequence"]>;

const words: Record<Schemas["Severity"], string> = {
  danger: "Danger",
  fails: "Will fail",
  poor: "Poor practice",
  note: "Note",
};

/** One's own sequence, step by step, with what is not ready said at its step. */
export function AuditView() {
  const { job, view, edit, catalogue } = usePlace();
  const [text, setText] = useState("");
  if (!view || !edit.draft || !catalogue) return <p style={{ padding: 16 }}>Choose a surface first.</p>;
  const draft = edit.draft;
  const steps: Sequence = draft.sequence ?? [];
  const put = (sequence: Sequence) => edit.change({ ...draft, sequence });
  const operations = new Map(catalogue.operations.map((o) => [o.id, o]));
  const filter = text.toLowerCase().split(/\s+/).filter(Boolean);
  const found = catalogue.operations.filter((o) =>
    filter.every((w) => `${o.title} ${o.group} ${o.id}`.toLowerCase().includes(w)),
  );
  const add = (operation: string) => {
    put([...steps, { operation }]);
    setText("");
  };
  const move = (i: number, by: number) => {
    const next = [...steps];
    const [step] = next.splice(i, 1);
    if (step) next.splice(i + by, 0, step);
    put(next);
  };
  const faults = view.audit.faults;
  const atEnd = faults.filter((f) => f.step == null);
  const chosen = view.specification.options.find((o) => o.id === view.chosen) ?? view.specification.options[0];
  return (
    <div className="two">
      <section className="sheet" aria-label="Operations">
        <header>
          <h2>Pick steps</h2>
          <span className="grow" />
          {chosen && (
            <button
              type="button"
              className="btn tight"
              onClick={() => put(chosen.steps.map((s) => ({ operation: s.operation, product: s.product ?? null })))}
            >
              Start from the option chosen
            </button>
          )}
        </header>
        <div className="body">
          <PasteLines
            titles={new Map(catalogue.operations.map((o) => [o.id, o.title]))}
            onTake={(read) => put([...steps, ...read])}
          />
          <input
            className="pick"
            aria-label="Find an operation"
            placeholder="Find: wash, fill, gloss …  (Enter adds the first)"
            value={text}
            onChange={(e) => setText(e.target.value)}
            onKeyDown={(e) => {
              const first = found[0];
              if (e.key === "Enter" && first) {
                e.preventDefault();
                add(first.id);
              }
            }}
          />
          <ul className="list">
            {found.map((o) => (
              <li key={o.id}>
                <button type="button" className="plain" style={{ width: "100%" }} onClick={() => add(o.id)}>
                  {o.title} <span className="soft small">{o.refused ? "refused" : spaced(o.group)}</span>
                </button>
              </li>
            ))}
          </ul>
        </div>
      </section>
      <section className="sheet" aria-label="Own sequence">
        <header>
          <h2>Own sequence for {draft.title}</h2>
          <span className="grow" />
          {steps.length > 0 && (
            <span className={`verdict ${view.audit.verdict === "sound" ? "sound" : "failing"}`}>
              {view.audit.verdict === "sound"
                ? "all sound"
                : `${faults.length} ${faults.length === 1 ? "fault" : "faults"}`}
            </span>
          )}
        </header>
        <div className="body" aria-live="polite">
          {steps.length === 0 && (
            <p className="soft">
              Pick steps on the left in the order in which you would do them. Each is checked against the surface as
              surveyed.
            </p>
          )}
          <HazardList hazards={view.audit.hazards} />
          <ol className="steps">
            {steps.map((step, i) => {
              const operation = operations.get(step.operation);
              const here = faults.filter((f) => f.step === i + 1);
              const key = `${i}-${step.operation}`;
              const set = (change: Partial<Sequence[number]>) =>
                put(steps.map((s, n) => (n === i ? { ...s, ...change } : s)));
              return (
                <li key={key} className="step">
                  <span className="no">{i + 1}</span>
                  <div>
                    <div className="row" style={{ flexWrap: "wrap" }}>
                      <h3 className="grow">{operation?.title ?? step.operation}</h3>
                      {operation && operation.products.length > 0 && (
                        <select
                          className="pick"
                          style={{ width: 190 }}
                          aria-label={`Product of step ${i + 1}`}
                          value={step.product ?? ""}
                          onChange={(e) => set({ product: e.target.value || null })}
                        >
                          <option value="">not specified</option>
                          {operation.products.map((p) => (
                            <option key={p.id} value={p.id}>
                              {p.title}
                            </option>
                          ))}
                          {(job.job.products ?? [])
                            .filter((own) => operation.products.some((p) => p.id === own.class))
                            .map((own) => (
                              <option key={own.id} value={own.id}>
                                {own.title} (ours)
                              </option>
                            ))}
                        </select>
                      )}
                      <span style={{ width: 92 }}>
                        <DraftBox
                          label={`Hours waited before step ${i + 1}`}
                          value={step.waitHours ?? null}
                          onSet={(waitHours) => set({ waitHours })}
                          placeholder="wait h"
                          step={0.25}
                        />
                      </span>
                      <button
                        type="button"
                        className="btn tight"
                        aria-label={`Move step ${i + 1} up`}
                        disabled={i === 0}
                        onClick={() => move(i, -1)}
                      >
                        ↑
                      </button>
                      <button
                        type="button"
                        className="btn tight"
                        aria-label={`Move step ${i + 1} down`}
                        disabled={i === steps.length - 1}
                        onClick={() => move(i, 1)}
                      >
                        ↓
                      </button>
                      <button
                        type="button"
                        className="btn tight"
                        aria-label={`Remove step ${i + 1}`}
                        onClick={() => put(steps.filter((_, n) => n !== i))}
                      >
                        ×
                      </button>
                    </div>
                    {here.map((f) => (
                      <FaultNote key={f.needId} fault={f} />
                    ))}
                  </div>
                </li>
              );
            })}
          </ol>
          {atEnd.length > 0 && <h3 style={{ marginTop: 10 }}>At the end</h3>}
          {atEnd.map((f) => (
            <FaultNote key={f.needId} fault={f} />
          ))}
          {view.audit.notSpecified.map((line) => (
            <p key={line} className="presumed">
              {line}
            </p>
          ))}
          {view.audit.mended.length > 0 && (
            <details className="mended">
              <summary>The same with every mend in it, {view.audit.mended.length} steps</summary>
              <ol>
                {view.audit.mended.map((m, i) => {
                  const key = `${i}-${m.operation}`;
                  return (
                    <li key={key}>
                      {operations.get(m.operation)?.title ?? m.operation}
                      {m.waitHours != null && (
                        <span className="soft small">
                          {" "}
                          · {Math.round(m.waitHours * 10) / 10} h after the step before
                        </span>
                      )}
                    </li>
                  );
                })}
              </ol>
              <button type="button" className="btn" onClick={() => put(view.audit.mended)}>
                Put all mends in
              </button>
            </details>
          )}
        </div>
      </section>
    </div>
  );
}

function FaultNote({ fault }: { fault: Schemas["FaultReport"] }) {
  return (
    <div className={`fault ${fault.severity}`}>
      <strong>
        {words[fault.severity]}: {fault.problem}.
      </strong>
      <p>{fault.consequence}</p>
      <p>
        <b>Mend:</b> {fault.mend}
      </p>
      <p className="small soft">{fault.source}</p>
    </div>
  );
}

const spaced = (name: string) => name.replace(/[A-Z]/g, (c) => ` ${c.toLowerCase()}`);
