import type { Option, Step } from "../api/client";
import { hoursText } from "../shell/words";
import { WhyNot } from "./WhyNot";

/** Steps with caution before, how, why, and who says so. */
export function StepList({ option, full = false }: { option: Option; full?: boolean }) {
  return <Steps steps={option.steps} option={option.id} full={full} />;
}

/** Steps of an option, or of none: what may be done while a surface is held. */
export function Steps({ steps, option, full = false }: { steps: Step[]; option?: string; full?: boolean }) {
  return (
    <ol className="steps">
      {steps.map((s) => (
        <StepRow key={s.n} option={option} step={s} full={full} />
      ))}
    </ol>
  );
}

function StepRow({ option, step, full }: { option?: string; step: Step; full: boolean }) {
  return (
    <li className="step">
      {step.waitBefore > 0 && <div className="wait">{`after ${hours(step.waitBefore)}`}</div>}
      <span className="no">{step.n}</span>
      <div>
        <StepWarnings step={step} />
        <h3>
          {step.title}
          {step.productTitle && <span className="soft">{`: ${step.productTitle}`}</span>}
          {step.coat != null && <span className="tag" style={{ marginLeft: 8 }}>{`coat ${step.coat}`}</span>}
        </h3>
        <StepBody option={option} step={step} full={full} />
      </div>
    </li>
  );
}

/** What to know before a step: where it holds, and what can hurt. */
export function StepWarnings({ step }: { step: Step }) {
  return (
    <>
      {step.holdPoint && (
        <p className="holdpoint">
          <b>Hold point.</b> {step.holdPoint}
        </p>
      )}
      {step.cautions.length > 0 && <p className="caution">{step.cautions.join(" ")}</p>}
    </>
  );
}

/** How a step is done, why, and who says so. */
export function StepBody({ option, step, full }: { option?: string; step: Step; full: boolean }) {
  const { least, advised, latest } = step.waitHours;
  return (
    <>
      <p>{step.do}</p>
      <dl>
        {step.tint && row("tint", step.tint)}
        {step.dilution && row("thin", step.dilution)}
        {step.tool && row("tool", step.tool)}
        {advised != null &&
          row(
            "dries",
            `least ${hours(least ?? advised)}, better ${hours(advised)}${latest != null ? `, key it after ${hours(latest)}` : ""}`,
          )}
        {row("done when", step.accept)}
        {step.protection.length > 0 && row("wear", step.protection.join(", "))}
        {step.waste && row("waste", step.waste)}
        {step.forOthers && row("others", step.forOthers)}
      </dl>
      {step.manner.map((m) => (
        <p key={m} className="house">
          {m}
        </p>
      ))}
      {step.assumes.map((a) => (
        <p key={a} className="presumed">
          {a}
        </p>
      ))}
      <details open={full}>
        <summary className="small">
          <b>Why?</b> {step.why}
        </summary>
        <ul className="small">
          {step.because.map((b) => (
            <li key={`${b.need}${b.step}`}>
              {b.step != null ? `Step ${b.step}` : option !== undefined ? "The finished work" : "What stops the work"}{" "}
              needs: {b.title}. Otherwise: {b.otherwise} <span className="soft">({b.source})</span>
            </li>
          ))}
        </ul>
        {step.role !== "none" && (
          <dl className="how">
            {step.mixing && row("mixing", step.mixing)}
            {step.handTools.length > 0 && row("with", step.handTools.map((t) => `${t.tool} (${t.why})`).join("; "))}
            {step.wetEdge &&
              row(
                "wet edge",
                `${step.wetEdge.minutes} min: ${step.wetEdge.bayM2} m² open for each painter${step.wetEdge.painters > 1 ? `, ${step.wetEdge.painters} painters on this width` : ""}`,
              )}
            {step.shut && row("shutting", step.shut)}
            {step.overnight && row("overnight", step.overnight)}
          </dl>
        )}
        {!full && option !== undefined && <WhyNot option={option} step={step} />}
        <p className="small soft">
          Who says so: {step.source}. {hoursText(step.hours)}
          {step.litres > 0 ? `, ${step.litres} L` : ""}.
        </p>
      </details>
    </>
  );
}

const row = (word: string, text: string) => (
  <>
    <dt>{word}</dt>
    <dd>{text}</dd>
  </>
);

export const hours = (h: number) =>
  h < 1
    ? `${Math.round(h * 60)} min`
    : h >= 48
      ? `${Math.round((h / 24) * 10) / 10} days`
      : `${Math.round(h * 100) / 100} h`;
