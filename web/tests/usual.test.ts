import { describe, expect, it } from "vitest";
import type { Catalogue } from "../src/api/client";
import { type RoomAsked, usual } from "../src/survey/usual";

// As much of the catalogue as a room asks for.
const catalogue = {
  elements: ["wall", "ceiling", "floor", "skirting", "door", "window", "cladding", "roofSheet"].map((element) => ({
    element,
    title: element,
    substrate: "gyp_old",
  })),
  openings: [
    { kind: "door", widthM: 0.8, heightM: 2, sillM: 0 },
    { kind: "window", widthM: 1.2, heightM: 1.2, sillM: 0.9 },
  ],
} as unknown as Catalogue;

const asked: RoomAsked = {
  title: "Living room",
  kind: "room",
  width: 3.6,
  depth: 4.2,
  height: 2.6,
  walls: true,
  ceiling: true,
  floor: false,
  skirting: true,
  doors: 1,
  windows: 2,
  openings: catalogue.openings,
};
const none = { spaces: [], surfaces: [] };

describe("a room with what is usual in it", () => {
  it("has four walls in walking order and a surface for each, the ceiling, the skirting and what is cut in the walls", () => {
    const { space, surfaces } = usual(asked, catalogue, none);
    expect(space.walls?.map((w) => w.lengthM)).toEqual([3.6, 4.2, 3.6, 4.2]);
    expect(surfaces.map((s) => s.element)).toEqual([
      "wall",
      "wall",
      "wall",
      "wall",
      "ceiling",
      "skirting",
      "door",
      "window",
      "window",
    ]);
    expect(surfaces.filter((s) => s.element === "wall").map((s) => s.wall)).toEqual([
      "wall-1",
      "wall-2",
      "wall-3",
      "wall-4",
    ]);
    expect(surfaces.every((s) => s.exposure === "inside")).toBe(true);
  });

  it("puts the window opposite the door, and each opening within its wall", () => {
    const { space, surfaces } = usual(asked, catalogue, none);
    expect(surfaces.find((s) => s.element === "door")?.wall).toBe("wall-1");
    expect(surfaces.filter((s) => s.element === "window").map((s) => s.wall)).toEqual(["wall-3", "wall-4"]);
    for (const wall of space.walls ?? [])
      for (const o of wall.openings ?? []) {
        expect(o.fromLeftM + o.widthM).toBeLessThanOrEqual(wall.lengthM + 1e-9);
        expect((o.sillM ?? 0) + o.heightM).toBeLessThanOrEqual(wall.heightM + 1e-9);
      }
  });

  it("cuts openings of the size asked", () => {
    const openings = catalogue.openings.map((o) => (o.kind === "window" ? { ...o, widthM: 0.6, heightM: 0.9 } : o));
    const { space } = usual({ ...asked, windows: 1, openings }, catalogue, none);
    expect(space.walls?.[2]?.openings?.[0]).toMatchObject({ kind: "window", widthM: 0.6, heightM: 0.9 });
  });

  it("takes no id twice", () => {
    const first = usual(asked, catalogue, none);
    const second = usual(asked, catalogue, { spaces: [first.space.id], surfaces: first.surfaces.map((s) => s.id) });
    const all = [...first.surfaces, ...second.surfaces].map((s) => s.id);
    expect(new Set(all).size).toBe(all.length);
    expect(second.space.id).not.toBe(first.space.id);
  });

  it("leaves out what is not wanted", () => {
    const { space, surfaces } = usual(
      { ...asked, walls: false, ceiling: false, skirting: false, doors: 0, windows: 0 },
      catalogue,
      none,
    );
    expect(surfaces).toEqual([]);
    expect(space.walls).toHaveLength(4);
  });

  it("is one face outside, which tells where it looks", () => {
    const { space, surfaces } = usual(
      { ...asked, title: "Gable", kind: "elevation", faces: "west", doors: 0, windows: 1 },
      catalogue,
      none,
    );
    expect(space.walls).toMatchObject([{ title: "Gable", faces: "west", lengthM: 3.6 }]);
    expect(surfaces.map((s) => [s.element, s.exposure])).toEqual([
      ["cladding", "outside"],
      ["window", "outside"],
    ]);
  });

  it("is one sheet on a roof, with nothing cut in it", () => {
    const { space, surfaces } = usual({ ...asked, title: "Roof", kind: "roofSlope", doors: 2 }, catalogue, none);
    expect(surfaces.map((s) => s.element)).toEqual(["roofSheet"]);
    expect(space.walls?.[0]?.openings).toEqual([]);
  });
});
