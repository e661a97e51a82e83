import type { Option, SurfaceView } from "../api/client";
import { money } from "../shell/money";
import { daysText, hoursText } from "../shell/words";
import { Impasse } from "../work/Impasse";
import { offered } from "../work/offered";

type Props = { view: SurfaceView; onChoose: (option: Option) => void };

/** The options in brief, beside the facts that they follow from. */
export function OptionGlance({ view, onChoose }: Props) {
  const { then } = view.specification;
  const options = offered(view.specification);
  if (options.length === 0)
    return view.specification.blocked ? (
      <div className="small">
        <Impasse view={view} />
      </div>
    ) : (
      <p className="soft">No specification while work is stopped.</p>
    );
  return (
    <>
      {then && <p className="soft small">Stopped. Once freed, to price and prepare by:</p>}
      {options.map((o) => (
        <button
          key={o.id}
          type="button"
          className="glance"
          aria-pressed={o.id === view.chosen}
          onClick={() => onChoose(o)}
        >
          <strong>{o.name}</strong>
          {o.recommended ? (
            <div className="best" title={o.recommended}>
              recommended
            </div>
          ) : (
            o.bestAt.length > 0 && <div className="best">{o.bestAt.join(" · ")}</div>
          )}
          <div className="figures">
            <span>
              <b>{money(o.cost)}</b>
            </span>
            <span>{hoursText(o.labourHours)}</span>
            <span>{daysText(o.elapsedDays)}</span>
            <span>≈ {o.lifeYears} years</span>
            <span>{o.steps.length} steps</span>
          </div>
        </button>
      ))}
    </>
  );
}
