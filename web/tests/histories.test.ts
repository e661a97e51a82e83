import { expect, test } from "vitest";
import type { Json } from "../src/sync/merge";
import type { Key } from "../src/sync/types";
import { chances, type Line, Page, PlainServer, same } from "./twoPages";

const keys: Key[] = ["surface:wall", "surface:door"];
const facets = ["ph", "tar", "knots"];
const lines: Line[] = ["up", "up", "down", "lost answer", "full disk"];
type Value = {
  facts: Record<string, Json>;
  readings: { check: string; value: number }[];
  signs: { sign: string; grade: number }[];
};

/** What a person at a page has seen or been shown, and what that person took away on purpose. */
class Witness {
  readonly seen = new Set<string>();
  readonly removed = new Set<number>();
  constructor(readonly page: Page) {}

  look() {
    for (const key of keys) {
      const value = this.page.value(key) as Value | null | undefined;
      if (value !== undefined) this.note(key, value);
      const state = this.page.session.stateOf(key);
      if (state.kind !== "conflict") continue;
      for (const c of state.conflicts) {
        this.seen.add(`${key} ${c.path} ${JSON.stringify(c.theirs ?? null)}`);
        if (c.path === "") this.note(key, c.theirs as Value | null);
      }
    }
  }

  private note(key: Key, value: Value | null) {
    for (const f of facets) this.seen.add(`${key} facts.${f} ${JSON.stringify(value?.facts[f] ?? null)}`);
    this.seen.add(`${key} there ${value !== null}`);
  }

  /** Readings that this person would see, having looked where the page shows nothing yet. */
  readings(server: PlainServer) {
    const values = keys.map((key) => this.page.value(key) ?? server.read(key).value) as (Value | null)[];
    return new Set(values.flatMap((v) => v?.readings.map((r) => r.value) ?? []));
  }
}

/**
 * One history: two people at two pages, a line that comes and goes, answers that are lost, reloads, conflicts. In the end everything is settled, and
 * then it must hold that both pages and the server agree; that no facet was overwritten by somebody who had not seen what was there; and
 * that every reading that was taken is there, unless somebody took it away or the record was put away.
 */
async function history(seed: number) {
  const { chance, below, pick } = chances(seed);
  const server = new PlainServer();
  for (const key of keys)
    server.put(key, { id: key.slice(8), facts: { ph: 0 }, signs: [{ sign: "peel", grade: 0 }], readings: [] });
  const people = [new Page("ada", server), new Page("ben", server)].map((page) => new Witness(page));
  const taken = new Map<number, Key>();
  const away = new Set<Key>();
  let next = 1;
  const choices: ("mine" | "theirs")[] = ["mine", "theirs"];

  const act = async (who: Witness) => {
    const { page } = who;
    const key = pick(keys);
    const value = page.value(key) as Value | null | undefined;
    switch (below(13)) {
      case 0:
      case 1:
      case 2:
        page.edit(key, (v) => ({ ...v, facts: { ...(v.facts as object), [pick(facets)]: next++ } }));
        break;
      case 3:
      case 4:
        if (value) {
          const reading = { check: "pin", value: next++ };
          taken.set(reading.value, key);
          page.edit(key, (v) => ({ ...v, readings: [...(v.readings as object[]), reading] }));
        }
        break;
      case 5:
        page.edit(key, (v) => ({ ...v, signs: [{ sign: "peel", grade: next++ }] }));
        break;
      case 6:
        page.line = pick(lines);
        if (page.line === "up") page.session.retry();
        break;
      case 7:
        page.look(key);
        break;
      case 8:
        page.reload();
        break;
      case 9: {
        const before = who.readings(server);
        const way = chance(0.7) ? page.session.undo() : page.session.redo();
        for (let i = 0; i < 4; i++) await page.hear();
        await way;
        const after = who.readings(server);
        for (const r of before) if (!after.has(r)) who.removed.add(r);
        for (const r of after) if (!before.has(r)) for (const w of people) w.removed.delete(r);
        break;
      }
      case 10: {
        const state = page.session.stateOf(key);
        if (state.kind === "conflict")
          page.session.resolve(key, Object.fromEntries(state.conflicts.map((c) => [c.path, pick(choices)])));
        break;
      }
      case 11:
        if (chance(0.1) && value) {
          away.add(key);
          page.session.edit("away", [{ key, before: value, after: null, parent: "room" }]);
        } else page.hand.go();
        break;
      default:
        page.hand.go();
        await page.hear();
    }
    for (const w of people) w.look();
  };

  for (const w of people) {
    for (const key of keys) w.page.look(key);
    w.look();
  }
  // What was made with which page's token tells who made it.
  const steps = 20 + below(40);
  for (let i = 0; i < steps; i++) await act(pick(people));

  for (let round = 0; ; round++) {
    for (const w of people) {
      w.page.line = "up";
      w.page.session.retry();
      await w.page.settle();
      for (const key of keys) w.page.look(key);
      w.look();
      for (const key of keys) {
        const state = w.page.session.stateOf(key);
        expect(state.kind, `seed ${seed}`).not.toBe("refused");
        if (state.kind === "conflict")
          w.page.session.resolve(key, Object.fromEntries(state.conflicts.map((c) => [c.path, pick(choices)])));
      }
      await w.page.settle();
    }
    if (people.every((w) => w.page.session.state().kind === "saved") && round > 0) break;
    expect(round, `seed ${seed}: does not come to rest`).toBeLessThan(30);
  }

  for (const key of keys) {
    const stored = server.read(key).value;
    for (const w of people) {
      w.page.look(key);
      expect(
        same(w.page.value(key) ?? null, stored),
        `seed ${seed}: ${w.page.name} and the server differ on ${key}`,
      ).toBe(true);
    }
  }

  const makers = new Map(
    [...server.made].map(([token, version]) => [version, people[token.startsWith("ada") ? 0 : 1] as Witness]),
  );
  for (const [version, edits] of server.changes) {
    const who = makers.get(version) as Witness;
    for (const e of edits) {
      const [before, after] = [e.before as Value | null, e.after as Value | null];
      for (const f of facets) {
        const [x, y] = [before?.facts[f] ?? null, after?.facts[f] ?? null];
        if (x !== y)
          expect(
            who.seen.has(`${e.key} facts.${f} ${JSON.stringify(x)}`),
            `seed ${seed}: ${who.page.name} overwrote ${f}=${x} of ${e.key} unseen`,
          ).toBe(true);
      }
    }
  }

  const removed = new Set(people.flatMap((w) => [...w.removed]));
  const there = new Set(
    keys.flatMap((key) => (server.read(key).value as Value | null)?.readings.map((r) => r.value) ?? []),
  );
  for (const [reading, key] of taken)
    if (!removed.has(reading) && !away.has(key))
      expect(there.has(reading), `seed ${seed}: reading ${reading} is lost`).toBe(true);
  return server.changes.size;
}

test("two pages lose nothing without a person's choice, whatever happens on the way: 2,000 histories", async () => {
  let changes = 0;
  const from = Number(process.env.HISTORY ?? 1);
  const count = process.env.HISTORY ? 1 : 2000;
  for (let seed = from; seed < from + count; seed++) changes += await history(seed);
  // They did something.
  expect(changes).toBeGreaterThan(count * 3);
}, 120_000);
