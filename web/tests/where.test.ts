import { describe, expect, test } from "vitest";
import type { SpaceView } from "../src/api/client";
import { views } from "../src/shell/Place";
import { whereIs } from "../src/shell/where";
import { slug } from "../src/survey/slug";

const space = (id: string, ...surfaces: string[]) =>
  ({ space: { id, title: id }, surfaces: surfaces.map((s) => ({ id: s, title: s })) }) as unknown as SpaceView;
const spaces = [space("office", "wall", "door"), space("quay", "railing"), space("loft")];

describe("where an address points", () => {
  test.each([
    ["/job", "survey", "office", "wall"],
    ["/job/work", "work", "office", "wall"],
    ["/job/nowhere", "survey", "office", "wall"],
    ["/job/audit/quay", "audit", "quay", "railing"],
    ["/job/audit/quay/railing", "audit", "quay", "railing"],
    // The surface says the room: a link made before it was moved still finds it.
    ["/job/audit/office/railing", "audit", "quay", "railing"],
    ["/job/buy/gone/door", "buy", "office", "door"],
    ["/job/buy/quay/gone", "buy", "quay", "railing"],
    ["/job/buy/gone/gone", "buy", "office", "wall"],
    ["/job/work/loft", "work", "loft", ""],
    ["/", "survey", "office", "wall"],
  ])("%s", (path, at, room, surface) => {
    const found = whereIs(path, spaces);
    expect([found.at, found.space?.space.id, found.surface]).toEqual([at, room, surface]);
  });

  test("a job without rooms has no place, but a view", () => {
    expect(whereIs("/job/work/office/wall", [])).toEqual({ at: "work", space: undefined, surface: "" });
  });

  test.each(views)("the view %s has its address", (view) => {
    expect(whereIs(`/job/${view}/quay/railing`, spaces).at).toBe(view);
  });
});

describe("an id out of a title", () => {
  test.each([
    ["Waiting room", [], "waiting-room"],
    ["  North wall (upper) ", [], "north-wall-upper"],
    ["Wall", ["wall"], "wall-2"],
    ["Wall", ["wall", "wall-2", "wall-3"], "wall-4"],
    ["???", [], "item"],
    ["???", ["item"], "item-2"],
    ["Küche", [], "k-che"],
    ["a".repeat(60), [], "a".repeat(40)],
  ])("%s, taken %s", (title, taken, id) => {
    expect(slug(title, taken)).toBe(id);
  });

  test("is never one that is taken, and always one that an address can hold", () => {
    const taken: string[] = [];
    for (const title of ["Wall", "wall!", "WALL", "", "-", "wall 2", "wall-2", "Ärmel"]) {
      const id = slug(title, taken);
      expect(taken).not.toContain(id);
      expect(id).toMatch(/^[a-z0-9]+(-[a-z0-9]+)*$/);
      taken.push(id);
    }
  });
});
