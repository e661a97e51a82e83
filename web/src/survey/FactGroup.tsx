import { type ReactNode, useState } from "react";

// What is met on every face stands open at first; what somebody opened or shut stays so.
const atFirst = new Set(["Film", "Damp and dirt"]);
const kept = new Map<string, boolean>();

type Props = { title: string /** What is recorded of it, in words. */; known: string[]; children: ReactNode };

/** Facts that are met together: one line that tells what is recorded, opened when touched. */
export function FactGroup({ title, known, children }: Props) {
  const [open, setOpen] = useState(kept.get(title) ?? atFirst.has(title));
  return (
    <details
      className="factgroup"
      open={open}
      onToggle={(e) => {
        kept.set(title, e.currentTarget.open);
        setOpen(e.currentTarget.open);
      }}
    >
      <summary>
        <h3>{title}</h3>
        <span className="small soft known">{known.length > 0 ? known.join(" · ") : "nothing recorded"}</span>
      </summary>
      {children}
    </details>
  );
}
