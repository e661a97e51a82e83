import type { Schemas } from "../api/client";

type Audit = Schemas["AuditReport"];

const words: Record<Schemas["Severity"], string> = {
  danger: "Danger",
  fails: "Will fail",
  poor: "Poor practice",
  note: "Note",
};

const counted = (n: number, one: string) => `${n} ${one}${n === 1 ? "" : "s"}`;

/** The verdict in words: what a painter asks first. */
export function verdictOf(audit: Audit): { word: string; className: string } {
  if (audit.faults.length > 0) return { word: counted(audit.faults.length, "fault"), className: "failing" };
  if (audit.questions.length > 0)
    return { word: `sound, if ${counted(audit.questions.length, "question")} is answered well`, className: "prepare" };
  return { word: "all sound", className: "sound" };
}

const where = (step: number | null | undefined) =>
  step == null ? "At the end" : step === 0 ? "Before the first step" : `Step ${step}`;

/** What is wrong, the worst first; then what would have to be known. Each goes to its step. */
export function AuditAnswer({ audit, onStep }: { audit: Audit; onStep: (step: number) => void }) {
  return (
    <div className="auditanswer">
      {audit.faults.length > 0 && (
        <ol className="faults" aria-label="What is wrong, the worst first">
          {audit.faults.map((f) => (
            <li key={`${f.step}-${f.needId}`} className={`fault ${f.severity}`}>
              <Where step={f.step} onStep={onStep} />
              <strong>
                {words[f.severity]}: {f.problem}.
              </strong>
              <p>{f.consequence}</p>
              <p>
                <b>Mend:</b> {f.mend}
              </p>
              {f.also.length > 0 && (
                <p className="small soft">
                  {f.also.length === 1 ? "Step" : "Steps"} {f.also.join(", ")}{" "}
                  {f.also.length === 1 ? "suffers" : "suffer"} from it too.
                </p>
              )}
              <p className="small soft">{f.source}</p>
            </li>
          ))}
        </ol>
      )}
      {audit.questions.length > 0 && (
        <ul className="asked" aria-label="What was not said and would decide">
          {audit.questions.map((q) => (
            <li key={q.asks}>
              <Where step={q.step} onStep={onStep} />
              <strong>{q.asks}</strong>
              <p>{q.decides}</p>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

function Where({ step, onStep }: { step: number | null | undefined; onStep: (step: number) => void }) {
  return step ? (
    <button type="button" className="plain where" onClick={() => onStep(step)}>
      {where(step)}
    </button>
  ) : (
    <span className="where">{where(step)}</span>
  );
}

/** What was taken as done, or read into the words. */
export function AuditNotes({ audit }: { audit: Audit }) {
  if (audit.notes.length === 0) return null;
  return (
    <details className="mended">
      <summary>{counted(audit.notes.length, "note")}: what was taken as done or read into it</summary>
      <ul>
        {audit.notes.map((n) => (
          <li key={`${n.step}-${n.says}`}>
            {n.step == null ? "" : `${where(n.step)}: `}
            {n.says}
          </li>
        ))}
      </ul>
    </details>
  );
}

/** The whole sequence with every mend in it, or the words why there is none. */
export function Mended({ audit, onPut }: { audit: Audit; onPut: (steps: Schemas["SequenceStep"][]) => void }) {
  if (audit.faults.length === 0) return null;
  if (!audit.mended)
    return (
      <p className="presumed">No sequence with all mends: something has to be settled first that no step settles.</p>
    );
  const mended = audit.mended;
  return (
    <details className="mended">
      <summary>The same with every mend in it, {mended.length} steps</summary>
      <ol>
        {mended.map((m) => (
          <li key={m.n} className={m.line == null ? "put" : undefined}>
            {m.title}
            {m.productTitle && <span className="soft small"> · {m.productTitle}</span>}
            {m.put.waitHours != null && (
              <span className="soft small"> · {Math.round(m.put.waitHours * 10) / 10} h after the step before</span>
            )}
          </li>
        ))}
      </ol>
      <button type="button" className="btn" onClick={() => onPut(mended.map((m) => m.put))}>
        Put all mends in
      </button>
    </details>
  );
}
