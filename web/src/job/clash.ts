import type { Facts, Surface } from "../api/client";

/** One thing that two people recorded differently. */
export type Clash = { path: string; mine: unknown; theirs: unknown };

const same = (a: unknown, b: unknown) => JSON.stringify(a ?? null) === JSON.stringify(b ?? null);

/** What differs between two records of a surface: fact by fact, the rest by field. */
export function clashes(mine: Surface, theirs: Surface): Clash[] {
  const found: Clash[] = [];
  const fields = new Set([...Object.keys(mine), ...Object.keys(theirs)]) as Set<keyof Surface>;
  for (const field of fields) {
    if (field === "facts") continue;
    if (!same(mine[field], theirs[field])) found.push({ path: field, mine: mine[field], theirs: theirs[field] });
  }
  const [a, b] = [mine.facts ?? {}, theirs.facts ?? {}];
  for (const fact of new Set([...Object.keys(a), ...Object.keys(b)]) as Set<keyof Facts>)
    if (!same(a[fact], b[fact])) found.push({ path: `facts.${fact}`, mine: a[fact], theirs: b[fact] });
  return found;
}

/** Theirs, with mine where it was chosen. */
export function settle(mine: Surface, theirs: Surface, keep: (path: string) => boolean): Surface {
  const result = structuredClone(theirs) as Record<string, unknown>;
  for (const clash of clashes(mine, theirs)) {
    if (!keep(clash.path)) continue;
    if (clash.path.startsWith("facts.")) {
      const facts = { ...((result.facts as Record<string, unknown>) ?? {}) };
      facts[clash.path.slice(6)] = clash.mine;
      result.facts = facts;
    } else result[clash.path] = clash.mine;
  }
  return result as Surface;
}
