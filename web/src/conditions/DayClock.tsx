import type { Schemas } from "../api/client";
import { daySays, stretchAt } from "./conditions";

/** Midnight to midnight: the hours in which this coat may be laid, and now. In words below it. */
export function DayClock({ day, at }: { day: readonly Schemas["DayStretchReport"][]; at: string }) {
  const date = at.slice(0, 10);
  const now = stretchAt({ from: at, to: at }, date).left;
  return (
    <div className="dayclock">
      <div className="dayline" aria-hidden="true">
        {day.map((s) => {
          const { left, width } = stretchAt(s, date);
          return (
            <span
              key={s.from}
              className={s.may ? "maylay" : "shut"}
              style={{ left: `${left * 100}%`, width: `${width * 100}%` }}
            />
          );
        })}
        <span className="nowmark" style={{ left: `${now * 100}%` }} />
      </div>
      <div className="dayhours soft" aria-hidden="true">
        {[0, 6, 12, 18, 24].map((h) => (
          <span key={h} style={{ left: `${(h / 24) * 100}%` }}>
            {h}
          </span>
        ))}
      </div>
      <ul className="daywords small">
        {daySays(day).map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
    </div>
  );
}
