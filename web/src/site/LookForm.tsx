import { useState } from "react";
import { OpenForm } from "./OpenForm";
import type { NewEntry } from "./useLog";

/** A finished surface looked at again: sound, or in need of work, with what was seen. */
export function LookForm({
  surface,
  title,
  write,
}: {
  surface: string;
  title: string;
  write: (label: string, ...entries: NewEntry[]) => void;
}) {
  const [text, setText] = useState("");
  const [hours, setHours] = useState("");
  const worked = hours.trim() === "" ? null : Number(hours.replace(",", "."));
  const wrong = worked !== null && !(worked >= 0 && worked <= 1000);
  const say = (outcome: "sound" | "failing") => {
    write(`${title}: looked at again, ${outcome === "sound" ? "sound" : "in need of work"}`, {
      kind: "looked",
      surface,
      outcome,
      text: text.trim() || null,
      hours: worked,
    });
    setText("");
    setHours("");
  };
  return (
    <OpenForm label="Look at it again">
      {(close) => (
        <>
          <label htmlFor="look-text">what is seen, and what failed where anything did</label>
          <textarea
            id="look-text"
            className="pick"
            rows={3}
            maxLength={4000}
            value={text}
            onChange={(e) => setText(e.target.value)}
          />
          <label htmlFor="look-hours">hours that it took to put right, if any</label>
          <input
            id="look-hours"
            className="pick"
            inputMode="decimal"
            value={hours}
            onChange={(e) => setHours(e.target.value)}
          />
          {wrong && <p className="hold">Hours are a number up to 1,000.</p>}
          <div className="thumbs">
            <button
              type="button"
              className="btn big primary"
              disabled={wrong}
              onClick={() => {
                say("sound");
                close();
              }}
            >
              Sound
            </button>
            <button
              type="button"
              className="btn big"
              disabled={wrong}
              onClick={() => {
                say("failing");
                close();
              }}
            >
              Needs work
            </button>
            <button type="button" className="btn big" onClick={close}>
              Cancel
            </button>
          </div>
        </>
      )}
    </OpenForm>
  );
}
