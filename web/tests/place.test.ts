import { describe, expect, test } from "vitest";
import { type Locks, orphans, placeOf } from "../src/job/place";
import { understood } from "../src/job/transport";
import { Memory } from "./twoPages";

// Locks that pages of one browser share.
class Browser implements Locks {
  readonly names = new Set<string>();
  held = async () => new Set(this.names);
  hold = async (name: string) => {
    if (this.names.has(name)) return false;
    this.names.add(name);
    return true;
  };
}

describe("the place where a page keeps its edits", () => {
  test("is its own, found again after a reload, and another for a tab that was doubled", async () => {
    const browser = new Browser();
    const kept = new Memory();
    let n = 0;
    const fresh = () => `p${++n}`;
    expect(await placeOf(kept, browser, fresh)).toBe("p1");
    // A doubled tab starts with a copy of what the first keeps, while that one is open.
    const copy = new Memory();
    copy.setItem("page", "p1");
    expect(await placeOf(copy, browser, fresh)).toBe("p2");
    browser.names.delete("page:p1");
    expect(await placeOf(kept, browser, fresh)).toBe("p1");
  });

  test("of a closed page is an orphan, of an open one or another job is not", () => {
    const names = ["edits:job:a", "edits:job:b", "edits:job-2:c", "terms"];
    expect(orphans("job", names, new Set(["page:a"]))).toEqual(["b"]);
    expect(orphans("job-2", names, new Set())).toEqual(["c"]);
  });
});

describe("what an answer to a change means", () => {
  const batch = {
    token: "t",
    label: "l",
    items: [
      { kind: "surface" as const, id: "wall", version: 1, value: {} },
      { kind: "space" as const, id: "room", version: 1, value: {} },
    ],
  };

  test.each([408, 429, 500, 503, 507])("%i: it may go another time", (status) => {
    expect(understood(status, { title: "why" }, batch)).toEqual({ kind: "down", message: "why" });
  });

  test.each([403, 404, 413, 415])("%i: tried again it would be the same", (status) => {
    expect(understood(status, { title: "why" }, batch).kind).toBe("refused");
  });

  test("400: which record, and what of it", () => {
    const errors = { "$.items[1].value.walls[0].lengthM": ["expected 0.05 to 200, found 0"] };
    expect(understood(400, { detail: "d", errors }, batch)).toEqual({
      kind: "refused",
      message: "d",
      at: [{ key: "space:room", message: "walls[0].lengthM: expected 0.05 to 200, found 0" }],
    });
  });

  test("409: what stands, to merge with", () => {
    const standing = [{ kind: "surface" as const, id: "wall", version: 9, parent: "room", value: { id: "wall" } }];
    expect(understood(409, { standing }, batch)).toEqual({
      kind: "stale",
      standing: [{ key: "surface:wall", version: 9, parent: "room", value: { id: "wall" } }],
    });
    expect(understood(409, { standing: [{ kind: "surface", id: "wall", version: 0 }] }, batch)).toMatchObject({
      standing: [{ version: 0, value: null }],
    });
  });
});
