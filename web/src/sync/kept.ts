import type { Choice, Json } from "./merge";
import type { Step } from "./steps";
import type { Batch, Key, Store, Stored } from "./types";

/** An edit that the server does not have yet. */
export type Pending = {
  /** What it was made on. */
  base: Stored;
  mine: Json;
  parent?: string;
  position?: number;
  /** Records edited in one go are sent in one go. */
  group: string;
  label: string;
  refused?: string;
  /** Theirs, while a conflict is open. */
  theirs?: Stored;
  choices?: Record<string, Choice>;
};

/** What outlives the page: edits that wait, the one under way, and what can be undone. */
export type Kept = { pending: [Key, Pending][]; flight: Batch | null; undo: readonly Step[]; redo: readonly Step[] };

const MostKept = 300_000;

// A step does not change once it is made, and an edit keeps a hundred of them each time: each is written out once.
const written = new WeakMap<Step, string>();

function writtenOut(step: Step): string {
  const known = written.get(step);
  if (known !== undefined) return known;
  const text = JSON.stringify(step);
  written.set(step, text);
  return text;
}

/** Puts it into the store, with as many steps to undo as there is room for: what waits is worth more. */
export function keep(store: Store, name: string, kept: Kept) {
  const nothing = kept.pending.length === 0 && !kept.flight && kept.undo.length === 0 && kept.redo.length === 0;
  try {
    if (nothing) {
      store.removeItem(name);
      return;
    }
    const head = `{"pending":${JSON.stringify(kept.pending)},"flight":${JSON.stringify(kept.flight)}`;
    let [undo, redo] = [kept.undo.map(writtenOut), kept.redo.map(writtenOut)];
    const length = () => [...undo, ...redo].reduce((sum, step) => sum + step.length + 1, head.length);
    while (length() > MostKept && undo.length + redo.length > 0) {
      [undo, redo] = [undo.slice(Math.ceil(undo.length / 2)), []];
    }
    store.setItem(name, `${head},"undo":[${undo.join()}],"redo":[${redo.join()}]}`);
  } catch {
    // A full or forbidden store loses only the second copy; the first is on the screen.
  }
}

/** What was kept; null when it cannot be read. */
export function parse(text: string): Kept | null {
  try {
    return JSON.parse(text) as Kept;
  } catch {
    return null;
  }
}

/** What a store has kept; null when that is nothing. */
export function restore(store: Store, name: string): Kept | null {
  try {
    const text = store.getItem(name);
    return text ? parse(text) : null;
  } catch {
    return null;
  }
}
