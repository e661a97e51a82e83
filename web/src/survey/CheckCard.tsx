import type { Schemas } from "../api/client";
import { DraftBox } from "../shell/DraftBox";

type Props = {
  check: Schemas["CheckListing"];
  /** The result; the caller adds when it was made. */
  onMade: (reading: Schemas["Reading"]) => void;
};

/** A check: what can hurt, how it is done, with what and how long, and its result to be entered. */
export function CheckCard({ check, onMade }: Props) {
  return (
    <div className="checkcard">
      {check.hazard && <p className="caution">{check.hazard}</p>}
      <p className="small">{check.do}</p>
      <p className="small soft">
        {check.tools}. {check.minutes} min{check.waitHours > 0 ? `, result after ${check.waitHours} h` : ""}.{" "}
        {check.limits}.{check.again ? ` Again: ${check.again}.` : ""} {check.source}
      </p>
      {check.unit ? (
        <span className="row">
          <DraftBox
            label={`${check.title}, value`}
            value={null}
            step={0.1}
            onSet={(value) => value !== null && onMade({ check: check.id, value, unit: check.unit })}
            placeholder={`${check.least} to ${check.most}`}
          />
          <span className="unit">{check.unit}</span>
        </span>
      ) : (
        <div className="row wrap">
          {check.outcomes.map((o) => (
            <button
              key={o.id}
              type="button"
              className="btn tight"
              onClick={() => onMade({ check: check.id, outcome: o.id })}
            >
              {o.title}
            </button>
          ))}
        </div>
      )}
    </div>
  );
}
