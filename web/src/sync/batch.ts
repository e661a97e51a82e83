import type { Pending } from "./kept";
import { idOf, kindOf } from "./keys";
import type { Batch, Item, Key } from "./types";

const LongestLabel = 200;

/**
 * What is sent next: the records that were edited in one go, the first that can go. One that waits for a person keeps all of its go waiting. Null when
 * nothing can be sent.
 */
export function nextBatch(pending: ReadonlyMap<Key, Pending>, token: () => string): Batch | null {
  const stuck = new Set([...pending.values()].filter((p) => p.theirs || p.refused !== undefined).map((p) => p.group));
  const first = [...pending.values()].find((p) => !stuck.has(p.group));
  if (!first) return null;
  const items: Item[] = [];
  for (const [key, p] of pending) {
    if (p.group !== first.group) continue;
    items.push({
      kind: kindOf(key),
      id: idOf(key),
      version: p.base.version,
      ...(p.parent === undefined ? {} : { parent: p.parent }),
      ...(p.position === undefined ? {} : { position: p.position }),
      ...(p.mine === null ? {} : { value: p.mine }),
    });
  }
  return { token: token(), label: first.label.slice(0, LongestLabel), items };
}
