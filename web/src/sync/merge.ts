import { diff3Merge } from "node-diff3";

/** Any JSON value. */
export type Json = unknown;

/** One thing that two people changed differently since they last agreed. */
export type Conflict = { path: string; base: Json; mine: Json; theirs: Json };

/** Who stands where both changed the same thing. */
export type Choice = "mine" | "theirs";

export type Merged = {
  /** What comes of both. Where a conflict is open it holds mine. */
  value: Json;
  conflicts: Conflict[];
  /** Paths at which something of theirs came in. */
  taken: string[];
};

/** How a part of a record is merged: as one thing, member by member, as a list by a key, or as a list in which order counts. */
export type Shape =
  | { how: "whole" }
  | { how: "members"; members?: Record<string, Shape>; others?: Shape }
  | { how: "keyed"; key: (item: Json) => string; item?: Shape }
  | { how: "ordered" };

const whole: Shape = { how: "whole" };
const members = (parts?: Record<string, Shape>, others: Shape = whole): Shape => ({
  how: "members",
  members: parts,
  others,
});
const keyed = (key: (item: never) => string, item: Shape = members()): Shape => ({
  how: "keyed",
  key: key as (item: Json) => string,
  item,
});
const ordered: Shape = { how: "ordered" };
const asSet = keyed((text: string) => text, whole);
/** Each item is told by all that it says: what was taken at some time stays, and one put right is another one. */
const each = keyed((item: Json) => plain(item), whole);

/** How each kind of record is merged: facet by facet, sign by sign, reading by reading, layer by layer. */
export const shapes: Record<string, Shape> = {
  surface: members({
    facts: members(),
    brief: members({ houseRules: members(), leaveAsFound: asSet, avoid: asSet }),
    signs: keyed((s: { sign: string }) => s.sign),
    readings: each,
    layers: ordered,
    sequence: ordered,
    done: ordered,
  }),
  space: members({
    walls: keyed((w: { id: string }) => w.id, members({ openings: ordered })),
    surroundings: members(),
    surfaces: ordered,
  }),
  building: members({ surroundings: members(), spaces: ordered }),
  job: members({
    rates: members(),
    products: keyed((p: { id: string }) => p.id),
    prices: keyed(
      (p: { product: string; size: number; supplier?: string | null }) => `${p.product} ${p.size} ${p.supplier ?? ""}`,
    ),
    store: keyed((t: { id: string }) => t.id),
    bought: asSet,
    quotations: keyed((q: { revision: number }) => String(q.revision)),
    houseRules: members(),
    judgements: keyed((j: { cause: string; sign?: string | null }) => `${j.cause} ${j.sign ?? ""}`),
    trials: each,
    buildings: ordered,
  }),
  photo: members(),
};

// What two records that say the same have in common as a text.
function plain(value: Json): string {
  return JSON.stringify(value, (_, v: Json) =>
    isRecord(v)
      ? Object.fromEntries(
          Object.entries(v)
            .filter(([, x]) => !none(x))
            .sort(([a], [b]) => (a < b ? -1 : 1)),
        )
      : v,
  );
}

const none = (value: Json) => value === null || value === undefined;

/** Equal as records: what is left out is as good as null. The order of members means nothing. */
export function same(a: Json, b: Json): boolean {
  if (a === b || (none(a) && none(b))) return true;
  if (none(a) || none(b) || typeof a !== "object" || typeof b !== "object") return false;
  if (Array.isArray(a) || Array.isArray(b))
    return Array.isArray(a) && Array.isArray(b) && a.length === b.length && a.every((item, i) => same(item, b[i]));
  const [x, y] = [a as Record<string, Json>, b as Record<string, Json>];
  return [...new Set([...Object.keys(x), ...Object.keys(y)])].every((k) => same(x[k], y[k]));
}

/**
 * What comes of two changes made to one thing (three-way merge: Mens, "A state-of-the-art survey on software merging", 2002, from memory). What
 * only one changed is as that one left it; what both changed alike is no conflict; a conflict is for a person to settle.
 */
export function merge(
  base: Json,
  mine: Json,
  theirs: Json,
  shape: Shape,
  choose: (path: string) => Choice | undefined = () => undefined,
): Merged {
  const conflicts: Conflict[] = [];
  const taken: string[] = [];

  const settle = (path: string, b: Json, m: Json, t: Json): Json => {
    const choice = choose(path);
    if (choice === "theirs") {
      taken.push(path);
      return t;
    }
    if (choice === undefined) conflicts.push({ path, base: b, mine: m, theirs: t });
    return m;
  };

  const go = (path: string, b: Json, m: Json, t: Json, how: Shape): Json => {
    if (same(m, t)) return m;
    if (same(b, t)) return m;
    if (same(b, m)) {
      taken.push(path);
      return t;
    }
    if (how.how === "members" && isRecord(m) && isRecord(t) && (none(b) || isRecord(b)))
      return byMember(path, (b ?? {}) as Record<string, Json>, m, t, how);
    if (how.how === "keyed" && lists(b, m, t)) return byKey(path, list(b), list(m), list(t), how);
    if (how.how === "ordered" && lists(b, m, t)) return inOrder(path, b, m, t);
    return settle(path, b, m, t);
  };

  const byMember = (
    path: string,
    b: Record<string, Json>,
    m: Record<string, Json>,
    t: Record<string, Json>,
    how: Shape & { how: "members" },
  ) => {
    const result: Record<string, Json> = {};
    for (const name of new Set([...Object.keys(t), ...Object.keys(m)])) {
      const value = go(
        path === "" ? name : `${path}.${name}`,
        b[name],
        m[name],
        t[name],
        how.members?.[name] ?? how.others ?? whole,
      );
      if (value !== undefined) result[name] = value;
    }
    return result;
  };

  const byKey = (path: string, b: Json[], m: Json[], t: Json[], how: Shape & { how: "keyed" }) => {
    const [before, ours, other] = [numbered(b, how.key), numbered(m, how.key), numbered(t, how.key)];
    const result: Json[] = [];
    // In their order, each of mine that they do not have after the one that it follows in mine.
    const order = [...other.keys()];
    let after = -1;
    for (const key of ours.keys()) {
      const at = order.indexOf(key);
      if (at < 0) order.splice(++after, 0, key);
      else after = at;
    }
    for (const key of order) {
      const here = `${path}[${key}]`;
      const value = go(here, before.get(key), ours.get(key), other.get(key), how.item ?? whole);
      if (!none(value)) result.push(value);
    }
    return result;
  };

  const inOrder = (path: string, b: Json, m: Json, t: Json) => {
    const text = (items: Json) => list(items).map((item) => JSON.stringify(item));
    const regions = diff3Merge(text(m), text(b), text(t), { excludeFalseConflicts: true });
    const result: Json[] = [];
    for (const region of regions) {
      if (region.ok) result.push(...region.ok.map((item) => JSON.parse(item) as Json));
      // Two changes of one stretch: the list is settled as one, so that a half of each never stands.
      else return settle(path, b, m, t);
    }
    if (!same(result, m)) taken.push(path);
    return result;
  };

  return { value: go("", base, mine, theirs, shape), conflicts, taken };
}

/** Paths at which two records of one kind differ: by member, and by fact and wish. */
export function changedPaths(before: Json, after: Json): string[] {
  const [a, b] = [(before ?? {}) as Record<string, Json>, (after ?? {}) as Record<string, Json>];
  return [...new Set([...Object.keys(a), ...Object.keys(b)])].flatMap((name) =>
    same(a[name], b[name])
      ? []
      : name === "facts" || name === "brief"
        ? changedPaths(a[name], b[name]).map((p) => `${name}.${p}`)
        : [name],
  );
}

const isRecord = (value: Json): value is Record<string, Json> =>
  typeof value === "object" && value !== null && !Array.isArray(value);
const lists = (...values: Json[]) => values.every((v) => none(v) || Array.isArray(v));
const list = (value: Json) => (Array.isArray(value) ? (value as Json[]) : []);

// The second of one key is another thing than the first.
function numbered(items: Json[], key: (item: Json) => string): Map<string, Json> {
  const result = new Map<string, Json>();
  for (const item of items) {
    const name = key(item);
    let n = 1;
    while (result.has(n === 1 ? name : `${name} ${n}`)) n++;
    result.set(n === 1 ? name : `${name} ${n}`, item);
  }
  return result;
}
