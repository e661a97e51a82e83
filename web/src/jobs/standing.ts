import type { Schemas, Verdict } from "../api/client";

export type State = Schemas["JobState"];

const words: Record<Verdict, string> = {
  held: "stopped",
  failing: "failing",
  prepare: "to prepare",
  unseen: "not tried yet",
  sound: "sound",
};

/** Verdicts in the order in which they ask for somebody: what is stopped first. */
export const urgent: Verdict[] = ["held", "failing", "prepare", "unseen", "sound"];

/** How many surfaces have each verdict, the pressing ones first, those that none has left out. */
export const shares = (state: State) =>
  urgent.map((verdict) => ({ verdict, count: state[verdict] })).filter((s) => s.count > 0);

/** "2 stopped, 3 failing, 1 sound"; what there is to say of a job that holds nothing yet. */
export const standing = (state: State) =>
  shares(state)
    .map((s) => `${s.count} ${words[s.verdict]}`)
    .join(", ") || "nothing recorded yet";

/** True for a job of which any word is found in what is known of it: title, client, place. */
export const found = (job: Schemas["JobSummary"], asked: string) => {
  const text = `${job.title} ${job.client ?? ""} ${job.address ?? ""}`.toLowerCase();
  return asked
    .toLowerCase()
    .split(/\s+/)
    .every((word) => text.includes(word));
};

const Day = 24 * 60 * 60 * 1000;

/** When something was touched, as people say it: "today", "yesterday", "3 days ago", and from a week on the date. */
export function touched(at: string, now = new Date()) {
  const then = new Date(at);
  const midnight = (d: Date) => new Date(d.getFullYear(), d.getMonth(), d.getDate()).getTime();
  const days = Math.round((midnight(now) - midnight(then)) / Day);
  if (days <= 0) return "today";
  if (days === 1) return "yesterday";
  if (days < 7) return `${days} days ago`;
  return then.toLocaleDateString(undefined, { day: "numeric", month: "short", year: "numeric" });
}
