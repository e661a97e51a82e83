import { describe, expect, test } from "vitest";
import { NoteStep, notes, type Rect } from "../src/drawing/notes";

const layer = (title: string, y: number, more: Partial<Rect["layer"]> = {}): Rect => ({
  layer: { title, microns: 50, coats: 1, extent: "whole", ...more } as Rect["layer"],
  y,
  h: 4,
});

describe("notes beside a cut", () => {
  test("go from the last coat down to the first layer, none nearer than a line and a half", () => {
    const all = notes([layer("old", 90)], [layer("primer", 86), layer("finish", 82)], 94, 160, 200);
    expect(all.map((n) => n.text)).toEqual(["finish", "primer", "old"]);
    for (let i = 1; i < all.length; i++) expect((all[i]?.y ?? 0) - (all[i - 1]?.y ?? 0)).toBe(NoteStep);
  });

  test("point to the middle of their layer from where it ends", () => {
    const [note] = notes([{ ...layer("patch", 50), x: 120, w: 30 }], [], 94, 160, 200);
    expect(note).toMatchObject({ at: 52, from: 150 });
    expect(notes([layer("whole", 50)], [], 94, 160, 200)[0]?.from).toBe(160);
  });

  test("begin high enough for the last to stand above the ground, and never above the top", () => {
    const many = Array.from({ length: 6 }, (_, i) => layer(`coat ${i}`, 60 - i));
    expect(notes([], many, 100, 160, 200)[0]?.y).toBe(12);
    expect(notes([], [layer("one", 20)], 200, 160, 200)[0]?.y).toBe(20);
  });

  test("say film, coats and where, and are cut where there is no room", () => {
    const [note] = notes([layer("contract matt wall paint", 50, { coats: 2, extent: "fill" })], [], 94, 160, 66);
    expect(note?.text).toBe("contract …");
    expect(note?.note).toBe("50 µm, 2 coats, on hollows");
  });

  test("are none where there is no layer", () => expect(notes([], [], 94, 160, 200)).toEqual([]));
});
