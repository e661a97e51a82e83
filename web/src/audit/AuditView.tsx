import { useState } from "react";
import type { Schemas } from "../api/client";
import { usePlace } from "../shell/Place";
import { HazardList } from "../work/HazardList";
import { AuditAnswer, AuditNotes, Mended, verdictOf } from "./AuditAnswer";
import { OwnSteps } from "./OwnSteps";
import { PasteLines } from "./PasteLines";

type Sequence = NonNullable<Schemas["Surface"]["sequence"]>;
type Said = NonNullable<Schemas["Surface"]["said"]>;

/** One's own sequence: the verdict first, then what is wrong and what would have to be known, then the steps. */
export function AuditView() {
  const { job, view, edit, catalogue } = usePlace();
  const [text, setText] = useState("");
  if (!view || !edit.draft || !catalogue) return <p style={{ padding: 16 }}>Choose a surface first.</p>;
  const draft = edit.draft;
  const steps: Sequence = draft.sequence ?? [];
  const said: Said = draft.said ?? [];
  const put = (sequence: Sequence, words: Said = said) =>
    edit.change({ ...draft, sequence, said: sequence.length === 0 ? [] : words });
  const operations = new Map(catalogue.operations.map((o) => [o.id, o]));
  const filter = text.toLowerCase().split(/\s+/).filter(Boolean);
  const found = catalogue.operations.filter((o) =>
    filter.every((w) => `${o.title} ${o.group} ${o.id}`.toLowerCase().includes(w)),
  );
  const add = (operation: string) => {
    put([...steps, { operation, or: [], manners: [], part: false }]);
    setText("");
  };
  const verdict = verdictOf(view.audit);
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
              onClick={() =>
                put(
                  chosen.steps.map((s) => ({
                    operation: s.operation,
                    product: s.product ?? null,
                    or: [],
                    manners: [],
                    part: false,
                  })),
                  [],
                )
              }
            >
              Start from the option chosen
            </button>
          )}
        </header>
        <div className="body">
          <PasteLines
            titles={new Map(catalogue.operations.map((o) => [o.id, o.title]))}
            element={draft.element}
            onTake={(read, words) =>
              put([...steps, ...read], [...said, ...words.map((w) => ({ ...w, line: w.line + steps.length }))])
            }
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
      <section className="sheet auditown" aria-label="Own sequence">
        <header>
          <h2>Own sequence for {draft.title}</h2>
          <span className="grow" />
          {steps.length > 0 && <span className={`verdict ${verdict.className}`}>{verdict.word}</span>}
        </header>
        <div className="body" aria-live="polite">
          {steps.length === 0 && (
            <p className="soft">
              Paste lines or pick steps in the order in which you would do them. Each is checked against the surface as
              surveyed; what a painter need not write is taken as done.
            </p>
          )}
          <AuditAnswer audit={view.audit} onStep={show} />
          {steps.length > 0 && <Mended audit={view.audit} onPut={(mended) => put(mended, [])} />}
          <OwnSteps
            steps={steps}
            operations={operations}
            own={job.job.products ?? []}
            faults={view.audit.faults}
            onPut={(next) => put(next)}
          />
          {steps.length > 0 && <AuditNotes audit={view.audit} />}
          <HazardList hazards={view.audit.hazards} />
        </div>
      </section>
    </div>
  );
}

const show = (step: number) => {
  const row = document.getElementById(`own-step-${step}`);
  row?.scrollIntoView({ block: "center" });
  row?.querySelector<HTMLElement>("select, input, button")?.focus({ preventScroll: true });
};

const spaced = (name: string) => name.replace(/[A-Z]/g, (c) => ` ${c.toLowerCase()}`);
