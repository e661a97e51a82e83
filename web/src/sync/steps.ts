import { idOf, shapeOf } from "./keys";
import { type Json, merge, same } from "./merge";
import type { Edit, Key } from "./types";

/** Something that can be undone: the records as they were and are, or the number of a change that the server made. */
export type Step = { label: string; edits?: Edit[]; change?: number };

export type Way = "undo" | "redo";

/**
 * What it takes to take edits back, or to do them again, on records as they stand now. Only what the edits did themselves goes back; what
 * somebody has changed since is left, and named in `left`. Undefined when a record cannot be read now.
 */
export async function stepOver(
  edits: Edit[],
  way: Way,
  standing: (key: Key) => Promise<Json | undefined>,
): Promise<{ made: Edit[]; left: string[] } | undefined> {
  const made: Edit[] = [];
  const left: string[] = [];
  for (const e of edits) {
    const now = await standing(e.key);
    if (now === undefined) return undefined;
    const [from, to] = way === "undo" ? [e.after, e.before] : [e.before, e.after];
    const merged = merge(from, to, now, shapeOf(e.key, from, to, now), (path) => {
      left.push(path === "" ? idOf(e.key) : path);
      return "theirs";
    });
    const parent = way === "undo" ? (e.parentBefore ?? e.parent) : e.parent;
    const moves = e.parentBefore !== undefined && e.parentBefore !== e.parent && now !== null;
    if (!same(merged.value, now) || moves)
      made.push({
        key: e.key,
        before: now,
        after: merged.value ?? null,
        ...(parent === undefined ? {} : { parent }),
        ...(e.position === undefined || now !== null ? {} : { position: e.position }),
      });
  }
  return { made, left };
}

const Most = 100;

/** What can be undone and what can be done again, the last made last. The lists are replaced and never changed. */
export class Steps {
  undo: readonly Step[] = [];
  redo: readonly Step[] = [];

  /** A step was made: what was taken back before it cannot be done again any more. */
  add(step: Step) {
    this.undo = [...this.undo.slice(1 - Most), step];
    this.redo = [];
  }

  /** The step that would go that way next. */
  last(way: Way): Step | undefined {
    return this[way].at(-1);
  }

  /** The last step went that way: from now on it can go the other. */
  turned(way: Way) {
    const step = this.last(way);
    if (!step) return;
    const other: Way = way === "undo" ? "redo" : "undo";
    this[way] = this[way].slice(0, -1);
    this[other] = [...this[other], step];
  }

  /** Takes the last step off, where it is that one. */
  forget(label: string) {
    if (this.last("undo")?.label === label) this.undo = this.undo.slice(0, -1);
  }
}
