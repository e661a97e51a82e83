import type { Verdict } from "../api/client";
import { Hatches } from "./Hatches";
import { verdictWords } from "./UnfoldedRoom";

const says: Record<Verdict, string> = {
  sound: "carries paint as it is",
  prepare: "wants work before paint, nothing is failing",
  failing: "a film or ground is failing: the cause first",
  held: "work waits: something must be put right",
  unseen: "nothing recorded yet",
};

/** The key to the tones and hatches of the room, opened when wanted. */
export function RoomKey() {
  return (
    <details className="roomkey">
      <summary className="small">Key</summary>
      <ul className="list small">
        {(Object.keys(says) as Verdict[]).map((v) => (
          <li key={v}>
            <svg width={34} height={20} aria-hidden="true">
              <Hatches id={`key-${v}`} />
              <rect width={34} height={20} fill={`var(--${v})`} />
              {v !== "sound" && <rect width={34} height={20} fill={`url(#key-${v}-${v})`} />}
            </svg>
            <span>
              <b>{verdictWords[v]}</b> {says[v]}
            </span>
          </li>
        ))}
      </ul>
    </details>
  );
}
