import { useCallback, useSyncExternalStore } from "react";
import { localNow } from "../conditions/conditions";
import { usePlace } from "../shell/Place";
import { type Entry, uuid7 } from "./site";

export type NewEntry = Partial<Omit<Entry, "id" | "at" | "kind">> & Pick<Entry, "kind">;

const read = (name: string) => {
  try {
    return localStorage.getItem(name) ?? "";
  } catch {
    return "";
  }
};

/** Who writes on this device, kept on it. */
export const writer = {
  get: () => read("site:by"),
  set: (by: string) => {
    try {
      localStorage.setItem("site:by", by);
    } catch {
      // It is asked for again.
    }
  },
};

const device = () => {
  const known = read("site:device");
  if (known) return known;
  const made = uuid7(Date.now(), crypto.getRandomValues(new Uint8Array(10))).slice(-6);
  try {
    localStorage.setItem("site:device", made);
  } catch {
    // Another name the next time.
  }
  return made;
};

// What was written in this page, by job: it counts until the server's own answer has it, also for the moment between being saved and being answered.
const written = new Map<string, Entry[]>();

// What waits was written here, in this page or in one that was closed before it was sent.
function remembered(job: string, waiting: readonly Entry[]): Entry[] {
  const mine = written.get(job) ?? [];
  const more = waiting.filter((e) => mine.every((m) => m.id !== e.id));
  if (more.length > 0) written.set(job, [...mine, ...more]);
  return written.get(job) ?? [];
}

/** The lines that an answer of the server does not have yet: those that wait, and those that were saved since. */
export function beyond(waiting: readonly Entry[], mine: readonly Entry[], answered: ReadonlySet<string>): Entry[] {
  const known = new Set(waiting.map((e) => e.id));
  return [...mine.filter((e) => !known.has(e.id)), ...waiting].filter((e) => !answered.has(e.id));
}

/** The log as it is written on this device: lines wait here until the server has them, and go up by themselves, each once. */
export function useLog() {
  const { job, edit } = usePlace();
  useSyncExternalStore(edit.session.subscribe, edit.session.revision);
  const waiting = edit.session.waiting("entry") as unknown as Entry[];
  const write = useCallback(
    (label: string, ...entries: NewEntry[]) => {
      const now = new Date();
      edit.session.edit(
        label,
        entries.map((e, i) => {
          const id = uuid7(now.getTime() + i, crypto.getRandomValues(new Uint8Array(10)));
          const after = { photos: [], ...e, id, at: localNow(now), by: writer.get() || null, device: device() };
          return { key: `entry:${id}` as const, before: null, after, parent: job.id };
        }),
        true,
        // A line of the log is never undone: it is taken back by another.
        false,
      );
    },
    [edit.session, job.id],
  );
  return { waiting, mine: remembered(job.id, waiting), write };
}
