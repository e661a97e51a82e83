import { useState } from "react";
import type { Catalogue, Surface, SurfaceView } from "../api/client";
import type { Edit } from "../job/useEdit";
import { Choose } from "../shell/Choose";
import { CheckCard } from "./CheckCard";
import { Instruments } from "./Instruments";
import { now } from "./say";

type Props = { edit: Edit; surface: Surface; catalogue: Catalogue; view: SurfaceView };

/** Checks made: numbers read and outcomes judged, each with what it means, when, where and with what. */
export function ReadingsEditor({ edit, surface, catalogue, view }: Props) {
  const readings = surface.readings ?? [];
  const family = catalogue.substrates.find((s) => s.id === surface.substrate)?.family;
  const [pick, setPick] = useState("");
  const check = catalogue.checks.find((c) => c.id === pick);
  const put = (next: typeof readings) => edit.change({ ...surface, readings: next });
  const add = (reading: (typeof readings)[number]) => {
    put([...readings, { ...reading, at: now() }]);
    setPick("");
  };
  return (
    <section className="factgroup">
      <h3>Checks made</h3>
      <ul className="list">
        {readings.map((r, i) => {
          const made = catalogue.checks.find((c) => c.id === r.check);
          const doubt = view.doubts.find((d) => d.path.startsWith(`$.readings[${i}]`));
          const key = `${i}${r.check}${r.at}`;
          const title = made?.title ?? r.check;
          const says = r.outcome
            ? made?.outcomes.find((o) => o.id === r.outcome)?.title
            : `${r.value} ${r.unit ?? made?.unit}`;
          return (
            <li key={key} className="record">
              <div className="row small">
                <b style={{ minWidth: 74 }}>{says}</b>
                <span className="grow" title={made ? `${made.limits}. ${made.source}` : undefined}>
                  {title}
                </span>
                <button
                  type="button"
                  className="btn tight"
                  aria-label={`Remove: ${title}`}
                  onClick={() => put(readings.filter((_, n) => n !== i))}
                >
                  ×
                </button>
              </div>
              <div className="row small soft">
                <span>{r.at?.replace("T", " ").slice(0, 16)}</span>
                {r.instrument && <span>{r.instrument}</span>}
                <input
                  className="pick"
                  style={{ minHeight: 24, maxWidth: 150 }}
                  aria-label={`${title}: where`}
                  placeholder="where"
                  key={r.where ?? ""}
                  defaultValue={r.where ?? ""}
                  onBlur={(e) => {
                    const where = e.target.value.trim() || null;
                    if (where !== (r.where ?? null)) put(readings.map((x, n) => (n === i ? { ...x, where } : x)));
                  }}
                />
              </div>
              {doubt && (
                <p className="caution">
                  {doubt.says}.{doubt.meant && ` Was it ${doubt.meant}?`}
                </p>
              )}
            </li>
          );
        })}
      </ul>
      <Instruments surface={surface} catalogue={catalogue} onTaken={(r) => put([...readings, r])} />
      <Choose
        label="Record a check"
        placeholder="record a check …"
        value={pick}
        choices={catalogue.checks
          .filter((c) => !family || c.grounds.length === 0 || c.grounds.includes(family))
          .map((c) => ({ value: c.id, title: c.title }))}
        onChoose={setPick}
      />
      {check && <CheckCard check={check} onMade={add} />}
    </section>
  );
}
