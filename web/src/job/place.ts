import type { Store } from "../sync/types";

/** Tells which pages of this browser are open: a page holds its own name for as long as it lives. */
export type Locks = {
  /** Names held by any page now. */
  held(): Promise<Set<string>>;
  /** Holds a name; false when another page has it. */
  hold(name: string): Promise<boolean>;
};

const prefix = (job: string) => `edits:${job}:`;

/** Where edits of a job were left that no open page has: of pages that were closed or crashed before all was sent. */
export function orphans(job: string, names: string[], held: Set<string>): string[] {
  return names
    .filter((n) => n.startsWith(prefix(job)))
    .map((n) => n.slice(prefix(job).length))
    .filter((place) => !held.has(`page:${place}`));
}

/** The place of this page, kept through a reload, and never that of another open page (as in a tab that was doubled). */
export async function placeOf(kept: Store, locks: Locks, fresh: () => string): Promise<string> {
  const known = kept.getItem("page");
  if (known && (await locks.hold(`page:${known}`))) return known;
  const place = fresh();
  await locks.hold(`page:${place}`);
  try {
    kept.setItem("page", place);
  } catch {
    // It is found again by what it left.
  }
  return place;
}

/** Locks of the browser; where it has none (an address without encryption) every page is taken for the only one of its name. */
export function browserLocks(): Locks {
  const locks = typeof navigator === "undefined" ? undefined : navigator.locks;
  if (!locks) return { held: async () => new Set(), hold: async () => true };
  return {
    held: async () => new Set((await locks.query()).held?.flatMap((l) => l.name ?? []) ?? []),
    hold: (name) =>
      new Promise((told) => {
        void locks.request(name, { ifAvailable: true }, (lock) => {
          told(lock !== null);
          // Held until the page goes.
          return lock === null ? undefined : new Promise(() => {});
        });
      }),
  };
}
