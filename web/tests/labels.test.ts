import { describe, expect, it } from "vitest";
import { type Box, fullest, shorten, stretch } from "../src/drawing/labels";

const wall: Box = { x: 1, y: 0, width: 4, height: 2.6 };
const at = (x: number, width: number, y = 0.2, height = 2.4): Box => ({ x, y, width, height });

describe("where the words on a wall stand", () => {
  it("is its left end where nothing is cut in its top", () => {
    expect(stretch(wall, [], [0, 0.5], 1)).toEqual({ x: 1, width: 4 });
    // A window below the words is no matter, nor one on the next wall.
    expect(stretch(wall, [at(1.2, 1, 0.8, 1.2), at(6, 1)], [0, 0.5], 1)).toEqual({ x: 1, width: 4 });
  });
  it("is the first stretch that is wide enough", () => {
    expect(stretch(wall, [at(1.3, 0.9)], [0, 0.5], 1)).toEqual({ x: 2.2, width: 2.8 });
    expect(stretch(wall, [at(2.5, 0.9)], [0, 0.5], 1)).toEqual({ x: 1, width: 1.5 });
  });
  it("is found for each line by itself", () => {
    expect(stretch(wall, [at(1.3, 0.9, 0.6)], [0, 0.5], 1)).toEqual({ x: 1, width: 4 });
    expect(stretch(wall, [at(1.3, 0.9, 0.6)], [0.5, 0.9], 1)).toEqual({ x: 2.2, width: 2.8 });
  });
  it("is the widest where none is wide enough", () => {
    expect(stretch(wall, [at(1.5, 1), at(3.5, 1)], [0, 0.5], 2)).toEqual({ x: 2.5, width: 1 });
  });
  it("has no width on a wall that is all window", () => {
    expect(stretch(wall, [at(0.5, 6)], [0, 0.5], 1).width).toBe(0);
  });
  it("does not count what overlaps twice", () => {
    expect(stretch(wall, [at(1, 2), at(1.5, 1)], [0, 0.5], 1)).toEqual({ x: 3, width: 2 });
  });
});

describe("words cut to the room for them", () => {
  it("are whole where they fit, cut where they do not, and left out where nothing would be left", () => {
    expect(shorten("First wall", 4, 0.2)).toBe("First wall");
    expect(shorten("Wall behind the stair", 1, 0.2)).toBe("Wall be…");
    expect(shorten("Wall behind the stair", 0.4, 0.2)).toBe("");
  });
  it("are the fullest that fit", () => {
    expect(fullest(["failing · 12 m²", "failing"], 4, 0.2)).toBe("failing · 12 m²");
    expect(fullest(["failing · 12 m²", "failing"], 1, 0.2)).toBe("failing");
    expect(fullest(["failing · 12 m²", "failing"], 0.5, 0.2)).toBe("");
  });
});
