import { useState } from "react";
import { clock } from "../programme/board";
import { usePlace } from "../shell/Place";
import { hoursText } from "../shell/words";
import { litres } from "../work/plan";
import { DoneForm } from "./DoneForm";
import { LeftForm } from "./LeftForm";
import { LookForm } from "./LookForm";
import { leftText, minutesTo, type Stand, type Step } from "./site";
import type { NewEntry } from "./useLog";
import { WordForm } from "./WordForm";

type Write = (label: string, ...entries: NewEntry[]) => void;

/** One step for one thumb: the caution, what must be true, what to take, what to do, when it is dry. */
export function StepSheet({ stand, now, write }: { stand: Stand; now: string; write: Write }) {
  const { site, step } = stand;
  const [form, setForm] = useState<"done" | "point" | "found" | "note" | null>(null);
  if (!step)
    return (
      <section className="sheet" aria-label="Now">
        <header>
          <h2>{site.title}</h2>
        </header>
        <div className="body">
          <Wrong stand={stand} />
          {site.stuck.length > 0 ? (
            site.stuck.map((s) => (
              <p key={s} className="hold">
                {s}
              </p>
            ))
          ) : (
            <p>
              {site.done.length > 0 || stand.waiting > 0
                ? "All that was specified here is done."
                : "There is nothing to do here yet."}
            </p>
          )}
          {site.finished && <LookForm surface={site.id} title={site.title} write={write} />}
          <LeftForm surface={site.id} title={site.title} steps={site.doneSteps} write={write} />
        </div>
      </section>
    );
  const of = { surface: site.id, step: step.n, operation: step.operation };
  const wait = stand.from ? minutesTo(stand.from, now) : 0;
  const begin = () =>
    write(`${site.title}: begun, ${step.title}`, { kind: stand.interrupted ? "resumed" : "started", ...of });
  return (
    <section className="sheet stepsheet" aria-label="Now">
      <header>
        <h2>{site.title}</h2>
        <span className="grow" />
        <span className="soft small">{`${site.done.length} done, ${stand.rest.length + 1} to do`}</span>
      </header>
      <div className="body">
        <Wrong stand={stand} />
        {step.cautions.length > 0 && <p className="caution">{step.cautions.join(" ")}</p>}
        {step.protection.length > 0 && <p className="small">{`Wear ${step.protection.join(", ")}.`}</p>}
        <p className="stepname">
          {step.title}
          {step.coat != null && <span className="tag">{`coat ${step.coat}`}</span>}
        </p>
        {wait > 0 && stand.from && (
          <p className="drytime" role="timer">
            {`Dry in ${leftText(wait)}, ${clock(stand.from, now.slice(0, 10))} at the least`}
            {stand.advised && stand.advised > stand.from && `, better ${clock(stand.advised, now.slice(0, 10))}`}
          </p>
        )}
        {stand.latest && <p className="holdpoint">{`By ${clock(stand.latest, now.slice(0, 10))} at the latest.`}</p>}
        {stand.needs.map((n) => (
          <p key={n} className="hold">{`First: ${n}.`}</p>
        ))}
        {step.holdPoint && (
          <p className="holdpoint">
            <b>Hold point.</b> {step.holdPoint}
          </p>
        )}
        <p>{step.do}</p>
        <Take step={step} />
        {form === null && (
          <div className="thumbs">
            {!stand.underWay && (
              <button type="button" className="btn big primary" onClick={begin}>
                {stand.interrupted ? "Go on" : "Begin"}
              </button>
            )}
            <button
              type="button"
              className={stand.underWay ? "btn big primary" : "btn big"}
              onClick={() => setForm("done")}
            >
              Done
            </button>
            {(step.holdPoint || step.role !== "none") && (
              <button type="button" className="btn big" onClick={() => setForm("point")}>
                Measure
              </button>
            )}
            {stand.underWay && (
              <button
                type="button"
                className="btn big"
                onClick={() => write(`${site.title}: broken off`, { kind: "interrupted", ...of })}
              >
                Break off
              </button>
            )}
            <button
              type="button"
              className="btn big"
              onClick={() => write(`${site.title}: left out, ${step.title}`, { kind: "skipped", ...of })}
            >
              Leave out
            </button>
            <button type="button" className="btn big" onClick={() => setForm("found")}>
              Found
            </button>
            <button type="button" className="btn big" onClick={() => setForm("note")}>
              Note
            </button>
          </div>
        )}
        {form === "done" && (
          <DoneForm
            step={step}
            onCancel={() => setForm(null)}
            onDone={(entry) => {
              write(`${site.title}: done, ${step.title}`, { kind: "done", product: step.product, ...of, ...entry });
              setForm(null);
            }}
          />
        )}
        {form === "point" && <PointForm of={of} title={site.title} write={write} onClose={() => setForm(null)} />}
        {form === "found" && (
          <WordForm
            label="What was found that is not in this job"
            onCancel={() => setForm(null)}
            onSay={(text) => {
              write(`${site.title}: found`, { kind: "foundJob", surface: site.id, text });
              setForm(null);
            }}
          />
        )}
        {form === "note" && (
          <WordForm
            label="Note"
            kinds={[
              ["note", "a note"],
              ["deviation", "done otherwise than planned"],
              ["clientWord", "the client said"],
              ["incident", "something happened"],
              ["delivery", "delivered"],
              ["tool", "a tool"],
            ]}
            onCancel={() => setForm(null)}
            onSay={(text, kind) => {
              write(`${site.title}: noted`, { kind, surface: site.id, text });
              setForm(null);
            }}
          />
        )}
        {form === null && <LeftForm surface={site.id} title={site.title} steps={site.doneSteps} write={write} />}
        {stand.rest.length > 0 && (
          <details className="after">
            <summary>{`After that ${stand.rest.length} more`}</summary>
            <ol>
              {stand.rest.map((s) => (
                <li key={s.n}>
                  {s.title}
                  {s.waitBefore > 0 && <span className="soft">{`, after ${hoursText(s.waitBefore)}`}</span>}
                </li>
              ))}
            </ol>
          </details>
        )}
      </div>
    </section>
  );
}

// What is wrong with what was done, and what mends it now.
function Wrong({ stand }: { stand: Stand }) {
  const { site } = stand;
  const [worst, ...more] = site.faults;
  const quiet = site.deviations.filter((d) => d.kind !== "told" && d.follows != null);
  return (
    <>
      {worst && <Fault fault={worst} stand={stand} />}
      {more.length > 0 && (
        <details className="after">
          <summary>{`${more.length} more wrong`}</summary>
          {more.map((f) => (
            <Fault key={`${f.step} ${f.needId}`} fault={f} stand={stand} />
          ))}
        </details>
      )}
      {site.faults.length === 0 &&
        quiet.map((d) => (
          <p key={d.says} className="holdpoint">
            {d.says} {d.follows} {d.mend}
          </p>
        ))}
      {!site.asPlanned && <p className="small">What is left was planned anew from what was really done.</p>}
    </>
  );
}

function Fault({ fault, stand }: { fault: Stand["site"]["faults"][number]; stand: Stand }) {
  return (
    <div className="hold" role="alert">
      <strong>{`${stand.site.done[(fault.step ?? 1) - 1]?.title ?? "What was done"}: ${fault.problem}.`}</strong>{" "}
      {fault.consequence} {fault.mend}
    </div>
  );
}

function Take({ step }: { step: Step }) {
  const coat = step.role !== "none" && step.microns != null;
  const rows: [string, string][] = [
    ...(step.productTitle
      ? [["with", `${step.productTitle}${step.litres > 0 ? `, ${litres(step.litres)}` : ""}`] as [string, string]]
      : []),
    ...(step.dilution && step.product ? [["thin", step.dilution] as [string, string]] : []),
    ...(step.tool ? [["tool", step.tool] as [string, string]] : []),
    ...(coat ? [["dry film", `${step.microns} µm`] as [string, string]] : []),
    ["done when", step.accept],
    ["about", hoursText(step.hours)],
  ];
  return (
    <dl className="takelist">
      {rows.map(([what, text]) => (
        <div key={what}>
          <dt>{what}</dt>
          <dd>{text}</dd>
        </div>
      ))}
    </dl>
  );
}

// A number read on the spot, or a hold point judged: passed or not, with who and when.
function PointForm({
  of,
  title,
  write,
  onClose,
}: {
  of: Partial<NewEntry>;
  title: string;
  write: Write;
  onClose: () => void;
}) {
  const { catalogue } = usePlace();
  const [check, setCheck] = useState("T_air_rh");
  const [value, setValue] = useState("");
  const checks = (catalogue?.checks ?? []).filter((c) => c.unit != null);
  const known = checks.find((c) => c.id === check);
  const number = value.trim() === "" ? undefined : Number(value.replace(",", "."));
  const say = (kind: "reading" | "holdPassed" | "holdFailed") => {
    write(
      `${title}: ${kind === "reading" ? "measured" : kind === "holdPassed" ? "hold point passed" : "hold point not passed"}`,
      {
        kind,
        ...of,
        check,
        ...(number === undefined ? {} : { value: number, unit: known?.unit ?? null }),
      },
    );
    onClose();
  };
  return (
    <div className="siteform">
      <label htmlFor="point-check">what was measured</label>
      <select id="point-check" className="pick" value={check} onChange={(e) => setCheck(e.target.value)}>
        {checks.map((c) => (
          <option key={c.id} value={c.id}>
            {c.title}
          </option>
        ))}
      </select>
      <label htmlFor="point-value">{known?.unit ? `in ${known.unit}` : "number"}</label>
      <input
        id="point-value"
        className="pick"
        inputMode="decimal"
        value={value}
        onChange={(e) => setValue(e.target.value)}
      />
      <div className="thumbs">
        <button
          type="button"
          className="btn big primary"
          disabled={number === undefined || Number.isNaN(number)}
          onClick={() => say("reading")}
        >
          Write it down
        </button>
        <button
          type="button"
          className="btn big"
          disabled={Number.isNaN(number ?? 0)}
          onClick={() => say("holdPassed")}
        >
          Hold point passed
        </button>
        <button
          type="button"
          className="btn big"
          disabled={Number.isNaN(number ?? 0)}
          onClick={() => say("holdFailed")}
        >
          Not passed
        </button>
        <button type="button" className="btn big" onClick={onClose}>
          Cancel
        </button>
      </div>
    </div>
  );
}
