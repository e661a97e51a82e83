import { useId, useState } from "react";
import type { Step } from "../api/client";
import { hoursText } from "../shell/words";
import { litres, own, throughout } from "./plan";
import { hours, StepBody, StepWarnings } from "./StepList";

type Props = { steps: Step[]; option?: string };

/** A plan at a glance: what holds throughout, then a line a step, each opened on demand. */
export function Plan({ steps, option }: Props) {
  const [open, setOpen] = useState<ReadonlySet<number>>(new Set());
  const all = steps.every((s) => open.has(s.n));
  const said = throughout(steps);
  const toggle = (n: number) => {
    const next = new Set(open);
    if (!next.delete(n)) next.add(n);
    setOpen(next);
  };
  return (
    <>
      <div className="plan-head">
        {said.length > 0 && (
          <p className="small">
            <b>Throughout:</b> {said.join(" ")}
          </p>
        )}
        <span className="grow" />
        <button
          type="button"
          className="btn tight plan-all"
          onClick={() => setOpen(new Set(all ? [] : steps.map((s) => s.n)))}
        >
          {all ? "Fold all" : "Open all"}
        </button>
      </div>
      <ol className="plan">
        {steps.map((s) => (
          <PlanStep
            key={s.n}
            step={s}
            option={option}
            cautions={own(s, said)}
            open={open.has(s.n)}
            onToggle={() => toggle(s.n)}
          />
        ))}
      </ol>
    </>
  );
}

function PlanStep({
  step,
  option,
  cautions,
  open,
  onToggle,
}: {
  step: Step;
  option?: string;
  cautions: string[];
  open: boolean;
  onToggle: () => void;
}) {
  const id = useId();
  return (
    <li className="plan-step">
      <h3>
        <button
          type="button"
          className="plan-line"
          aria-expanded={open}
          aria-controls={open ? id : undefined}
          onClick={onToggle}
        >
          <span className="no" aria-hidden>
            {step.n}
          </span>
          <span className="what">
            <b>{step.title}</b>
            {step.productTitle && <span className="with">{step.productTitle}</span>}
            {step.coat != null && <span className="tag">{`coat ${step.coat}`}</span>}
          </span>
          <span className="marks">
            {step.holdPoint && (
              <span
                className="mark-hold"
                role="img"
                aria-label={`hold point: ${step.holdPoint}`}
                title={step.holdPoint}
              >
                hold
              </span>
            )}
            {cautions.length > 0 && (
              <span
                className="mark-caution"
                role="img"
                aria-label={`caution: ${cautions.join(" ")}`}
                title={cautions.join(" ")}
              >
                ▲
              </span>
            )}
          </span>
          <span className="much">{step.litres > 0 ? litres(step.litres) : ""}</span>
          <span className="long">{hoursText(step.hours)}</span>
          <span className="after">{step.waitBefore > 0 ? `after ${hours(step.waitBefore)}` : ""}</span>
        </button>
      </h3>
      {open && (
        <div className="plan-body" id={id}>
          <StepWarnings step={step} />
          <StepBody option={option} step={step} full={false} />
        </div>
      )}
    </li>
  );
}
