import { useEffect, useRef, useState } from "react";
import { call, calling, driedSince } from "./dried";
import type { Stand } from "./site";

/** Says, and calls, when a coat has come dry. Nothing is seen of it before, nor once the next step is under way. */
export function Dried({ stands, now }: { stands: readonly Stand[]; now: string }) {
  const seen = useRef(now);
  const [dry, setDry] = useState<string[]>([]);
  useEffect(() => {
    const fresh = driedSince(stands, seen.current, now);
    seen.current = now;
    if (fresh.length === 0) return;
    setDry(fresh.map(stepOf));
    if (calling.get()) call();
  }, [stands, now]);
  return (
    <div className="dried" role="status">
      {stands
        .filter((s) => !s.underWay && dry.includes(stepOf(s)))
        .map((s) => (
          <p key={s.site.id} className="holdpoint">
            {`${s.site.title}: dry. Next: ${s.step?.title ?? "go on"}.`}
          </p>
        ))}
    </div>
  );
}

const stepOf = (s: Stand) => `${s.site.id} ${s.step?.n}`;

/** Lets this device be still. */
export function CallSwitch() {
  const [on, setOn] = useState(calling.get);
  return (
    <label className="check small callswitch">
      <input
        type="checkbox"
        checked={on}
        onChange={(e) => {
          calling.set(e.target.checked);
          setOn(e.target.checked);
        }}
      />
      call when a coat is dry
    </label>
  );
}
