import { useState } from "react";
import type { Entry } from "./site";

type Kind = Entry["kind"];

/** Something in words, and where it matters what kind of thing it is. */
export function WordForm({
  label,
  kinds = [],
  onSay,
  onCancel,
}: {
  label: string;
  kinds?: [Kind, string][];
  onSay: (text: string, kind: Kind) => void;
  onCancel: () => void;
}) {
  const [text, setText] = useState("");
  const [kind, setKind] = useState<Kind>(kinds[0]?.[0] ?? "note");
  return (
    <div className="siteform">
      {kinds.length > 0 && (
        <>
          <label htmlFor="word-kind">what it is</label>
          <select id="word-kind" className="pick" value={kind} onChange={(e) => setKind(e.target.value as Kind)}>
            {kinds.map(([id, words]) => (
              <option key={id} value={id}>
                {words}
              </option>
            ))}
          </select>
        </>
      )}
      <label htmlFor="word-text">{label}</label>
      <textarea
        id="word-text"
        className="pick"
        rows={3}
        maxLength={4000}
        value={text}
        onChange={(e) => setText(e.target.value)}
      />
      <div className="thumbs">
        <button
          type="button"
          className="btn big primary"
          disabled={text.trim() === ""}
          onClick={() => onSay(text.trim(), kind)}
        >
          Write it down
        </button>
        <button type="button" className="btn big" onClick={onCancel}>
          Cancel
        </button>
      </div>
    </div>
  );
}
