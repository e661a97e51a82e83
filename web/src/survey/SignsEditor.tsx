import { useState } from "react";
import type { Catalogue, Surface } from "../api/client";
import type { Edit } from "../job/useEdit";

type Props = { edit: Edit; surface: Surface; catalogue: Catalogue };

/** Signs seen, or looked for and absent: both speak. */
export function SignsEditor({ edit, surface, catalogue }: Props) {
  const [text, setText] = useState("");
  const signs = surface.signs ?? [];
  const titles = new Map(catalogue.signs.map((s) => [s.id, s.title]));
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  const matches = words.length
    ? catalogue.signs
        .filter((s) => !signs.some((x) => x.sign === s.id) && words.every((w) => s.title.toLowerCase().includes(w)))
        .slice(0, 6)
    : [];
  const put = (next: typeof signs) => edit.change({ ...surface, signs: next });
  const add = (sign: string, present: boolean) => {
    put([...signs, { sign, present }]);
    setText("");
  };
  return (
    <section className="factgroup">
      <h3>Signs</h3>
      <ul className="list">
        {signs.map((s) => (
          <li key={s.sign} className="row small" style={{ padding: "1px 0" }}>
            <button
              type="button"
              className="btn tight"
              style={{ minWidth: 66 }}
              aria-label={`${titles.get(s.sign)}: ${s.present === false ? "absent" : "seen"}; switch`}
              onClick={() => put(signs.map((x) => (x.sign === s.sign ? { ...x, present: x.present === false } : x)))}
            >
              {s.present === false ? "absent" : "seen"}
            </button>
            <span className="grow">{titles.get(s.sign) ?? s.sign}</span>
            <button
              type="button"
              className="btn tight"
              aria-label={`Take away: ${titles.get(s.sign)}`}
              onClick={() => put(signs.filter((x) => x.sign !== s.sign))}
            >
              ×
            </button>
          </li>
        ))}
      </ul>
      <input
        className="pick"
        aria-label="Find a sign"
        placeholder="Find a sign: peel, ring, knot …  (Enter: seen, Shift+Enter: absent)"
        value={text}
        onChange={(e) => setText(e.target.value)}
        onKeyDown={(e) => {
          const first = matches[0];
          if (e.key === "Enter" && first) {
            e.preventDefault();
            add(first.id, !e.shiftKey);
          }
        }}
      />
      <ul className="list">
        {matches.map((s, i) => (
          <li key={s.id} className="row small">
            <button type="button" className="plain grow" onClick={() => add(s.id, true)}>
              {i === 0 ? "↵ " : ""}
              {s.title}
            </button>
            <button type="button" className="btn tight" onClick={() => add(s.id, false)}>
              absent
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
