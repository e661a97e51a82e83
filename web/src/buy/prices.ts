/** For each supplier who dates his prices the oldest day of any of them, in the order of his name. */
export function lastKnown(prices: readonly { supplier?: string | null; from?: string | null }[]): [string, string][] {
  const oldest = new Map<string, string>();
  for (const { supplier, from } of prices) {
    if (!from) continue;
    const who = supplier ?? "no name";
    const before = oldest.get(who);
    if (before === undefined || from < before) oldest.set(who, from);
  }
  return [...oldest].sort(([a], [b]) => (a < b ? -1 : a > b ? 1 : 0));
}

/** A day as 29 Nov 2026. */
export const dayText = (day: string) =>
  new Date(`${day}T00:00:00`).toLocaleDateString("en-GB", { day: "numeric", month: "short", year: "numeric" });
