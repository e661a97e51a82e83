import { useEffect, useRef, useState } from "react";
import { call, calling, driedSince } from "./dried";
import type { Stand } from "./site";

/** Says, and calls, when a coat has come dry; and lets it be still. Nothing is seen of it while nothing dries. */
export function Dried({ stands, now }: { stands: readonly Stand[]; now: string }) {
  const seen = useRef(now);
  const [on, setOn] = useState(calling.get);
  const [says, setSays] = useState<string[]>([]);
  useEffect(() => {
    const dry = driedSince(stands, seen.current, now);
    seen.current = now;
    if (dry.length === 0) return;
    setSays(dry.map((s) => `${s.site.title}: dry, ${s.step?.title ?? "go on"}`));
    if (calling.get()) call();
  }, [stands, now]);
  const drying = stands.some((s) => s.from && s.from > now);
  if (!drying && says.length === 0) return <div role="status" />;
  return (
    <div className="dried" role="status">
      {says.map((s) => (
        <p key={s} className="holdpoint">
          {s}
        </p>
      ))}
      {drying && (
        <label className="check small">
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
      )}
    </div>
  );
}
