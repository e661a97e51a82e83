import type { Surface } from "../api/client";

/** An edit that has not reached the server yet, kept in the browser so that neither a dropped line nor a closed tab loses it. */
export type Pending = { version: number; surface: Surface };

const key = (job: string, surface: string) => `pending:${job}:${surface}`;

export const pending = {
  read(job: string, surface: string): Pending | undefined {
    try {
      const text = localStorage.getItem(key(job, surface));
      return text ? (JSON.parse(text) as Pending) : undefined;
    } catch {
      return undefined;
    }
  },
  /** Every surface of the job whose edit waits. */
  all(job: string): Pending[] {
    try {
      return Object.keys(localStorage)
        .filter((k) => k.startsWith(key(job, "")))
        .flatMap((k) => pending.read(job, k.slice(key(job, "").length)) ?? []);
    } catch {
      return [];
    }
  },
  keep(job: string, edit: Pending) {
    try {
      localStorage.setItem(key(job, edit.surface.id), JSON.stringify(edit));
    } catch {
      // A full or forbidden store loses only the second copy; the first is on the screen.
    }
  },
  drop(job: string, surface: string) {
    localStorage.removeItem(key(job, surface));
  },
};
