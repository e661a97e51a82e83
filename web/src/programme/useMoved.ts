import { useState } from "react";
import type { Schemas } from "../api/client";
import { type Moved, movedSince } from "./board";

type Report = Schemas["ProgrammeReport"];

// The plan that was last seen of each job, with what it did otherwise than the one before: kept while the program is open, so that an edit elsewhere is compared with it.
const seen = new Map<string, { plan: Report; moved: Moved | undefined }>();

/** What the plan does otherwise than the one that was seen before; undefined where nothing moved, or it was read. */
export function useMoved(job: string, plan: Report | undefined): [Moved | undefined, () => void] {
  const [, redraw] = useState(0);
  const last = seen.get(job);
  if (plan && plan.tasks.length > 0 && plan !== last?.plan) {
    const moved = last ? movedSince(last.plan, plan) : undefined;
    // The same plan asked for once more takes nothing away that is still to be read.
    seen.set(job, { plan, moved: moved ?? last?.moved });
  }
  const read = () => {
    const now = seen.get(job);
    if (now) seen.set(job, { ...now, moved: undefined });
    redraw((n) => n + 1);
  };
  return [seen.get(job)?.moved, read];
}
