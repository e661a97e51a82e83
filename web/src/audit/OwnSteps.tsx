import type { Schemas } from "../api/client";
import { DraftBox } from "../shell/DraftBox";

type Step = Schemas["SequenceStep"];
type Operation = Schemas["Catalogue"]["operations"][number];

/** One's own steps, each with its product and wait, marked where something is wrong. */
export function OwnSteps({
  steps,
  operations,
  own,
  faults,
  onPut,
}: {
  steps: Step[];
  operations: Map<string, Operation>;
  own: { id: string; title: string; class: string }[];
  faults: Schemas["FaultReport"][];
  onPut: (steps: Step[]) => void;
}) {
  const set = (i: number, change: Partial<Step>) => onPut(steps.map((s, n) => (n === i ? { ...s, ...change } : s)));
  const move = (i: number, by: number) => {
    const next = [...steps];
    const [step] = next.splice(i, 1);
    if (step) next.splice(i + by, 0, step);
    onPut(next);
  };
  return (
    <ol className="steps" aria-label="The steps">
      {steps.map((step, i) => {
        const operation = operations.get(step.operation);
        const worst = faults.find((f) => f.step === i + 1);
        const key = `${i}-${step.operation}`;
        return (
          <li key={key} className={`step${worst ? ` marked ${worst.severity}` : ""}`} id={`own-step-${i + 1}`}>
            <span className="no">{i + 1}</span>
            <div>
              <div className="row" style={{ flexWrap: "wrap" }}>
                <h3 className="grow">
                  {operation?.title ?? step.operation}
                  {worst && <span className="soft small"> · see above: {worst.problem}</span>}
                </h3>
                {operation && operation.products.length > 0 && (
                  <select
                    className="pick"
                    style={{ width: 190 }}
                    aria-label={`Product of step ${i + 1}`}
                    value={step.product ?? ""}
                    onChange={(e) => set(i, { product: e.target.value || null })}
                  >
                    <option value="">not specified</option>
                    {operation.products.map((p) => (
                      <option key={p.id} value={p.id}>
                        {p.title}
                      </option>
                    ))}
                    {own
                      .filter((o) => operation.products.some((p) => p.id === o.class))
                      .map((o) => (
                        <option key={o.id} value={o.id}>
                          {o.title} (ours)
                        </option>
                      ))}
                  </select>
                )}
                <span style={{ width: 92 }}>
                  <DraftBox
                    label={`Hours waited before step ${i + 1}`}
                    value={step.waitHours ?? null}
                    onSet={(waitHours) => set(i, { waitHours })}
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
                  onClick={() => onPut(steps.filter((_, n) => n !== i))}
                >
                  ×
                </button>
              </div>
              {step.words && (
                <p className="small soft words">
                  “{step.words}”{step.dilution ? ` · ${step.dilution}` : ""}
                </p>
              )}
            </div>
          </li>
        );
      })}
    </ol>
  );
}
