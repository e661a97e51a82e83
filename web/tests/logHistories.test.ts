import { expect, test } from "vitest";
import type { Key } from "../src/sync/types";
import { chances, type Line, Page, PlainServer, same } from "./twoPages";

const lines: Line[] = ["up", "up", "down", "down", "lost answer", "full disk"];

type Entry = { id: string; kind: string; text: string; corrects?: string; photos: string[] };

/**
 * One history of a log: two phones that write lines of it, alone and several at once, take lines back, lose the network, lose answers, are shut
 * or crash and are opened again. In the end both have the network, and then every line that was written stands on the server once, as it was
 * written; nothing else does; no phone has anything left to send, and both show the same.
 */
async function history(seed: number) {
  const { chance, below, pick } = chances(seed);
  const server = new PlainServer();
  const phones = [new Page("ada", server), new Page("ben", server)];
  const written = new Map<Key, Entry>();
  const write = (page: Page) => {
    const entries = Array.from({ length: chance(0.3) ? 2 + below(2) : 1 }, (_, n): Entry => {
      const id = `${page.name}-${written.size + n}`;
      const earlier = [...written.values()].filter((e) => e.id.startsWith(page.name) && e.kind !== "withdrawn");
      return earlier.length > 0 && chance(0.15)
        ? { id, kind: "withdrawn", text: "", corrects: pick(earlier).id, photos: [] }
        : { id, kind: pick(["done", "reading", "note"]), text: `line ${id}`, photos: [] };
    });
    for (const e of entries) written.set(`entry:${e.id}`, e);
    page.session.edit(
      "log",
      entries.map((e) => ({ key: `entry:${e.id}` as Key, before: null, after: e, parent: "job" })),
      true,
      false,
    );
  };

  const steps = 20 + below(60);
  for (let i = 0; i < steps; i++) {
    const page = pick(phones);
    switch (below(8)) {
      case 0:
      case 1:
      case 2:
        write(page);
        break;
      case 3:
        page.line = pick(lines);
        if (page.line === "up") page.session.retry();
        break;
      case 4:
        page.reload();
        break;
      case 5:
        page.hand.go();
        break;
      default:
        page.hand.go();
        await page.hear();
    }
  }

  for (let round = 0; phones.some((p) => p.session.state().kind !== "saved") || round === 0; round++) {
    expect(round, `seed ${seed}: does not come to rest`).toBeLessThan(20);
    for (const page of phones) {
      page.line = "up";
      page.session.retry();
      await page.settle();
    }
  }

  expect([...server.records.keys()].sort(), `seed ${seed}: other lines than were written`).toEqual(
    [...written.keys()].sort(),
  );
  const times = new Map<Key, number>();
  for (const edits of server.changes.values()) for (const e of edits) times.set(e.key, (times.get(e.key) ?? 0) + 1);
  for (const [key, entry] of written) {
    expect(same(server.read(key).value, entry), `seed ${seed}: ${key} is not as it was written`).toBe(true);
    expect(times.get(key), `seed ${seed}: ${key} went in more than once`).toBe(1);
    for (const page of phones) {
      page.look(key);
      expect(same(page.value(key) ?? null, entry), `seed ${seed}: ${page.name} shows another ${key}`).toBe(true);
    }
  }
  for (const page of phones) expect(page.session.waiting("entry"), `seed ${seed}`).toEqual([]);
  return written.size;
}

test("two phones bring every line of the log in once, whatever happens on the way: 300 histories", async () => {
  let all = 0;
  for (let seed = 1; seed <= 300; seed++) all += await history(seed);
  expect(all).toBeGreaterThan(300 * 10);
});
