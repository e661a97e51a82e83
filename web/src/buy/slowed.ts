/** Something by which work takes longer, or less long, than the paces say. */
export interface Slowed {
  what: string;
  times: number;
}

const figure = (times: number) => String(Math.round(times * 100) / 100);

/** How many times as long work takes, and why: all reasons are multiplied. Empty where nothing holds. */
export function slowedText(slowed: readonly Slowed[]): string {
  if (slowed.length === 0) return "";
  const all = figure(slowed.reduce((times, s) => times * s.times, 1));
  const why = slowed.map((s) => (slowed.length > 1 ? `${s.what} (${figure(s.times)})` : s.what)).join(", ");
  return `Work takes ${all} times as long: ${why}.`;
}
