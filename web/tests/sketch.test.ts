import { createElement } from "react";
import { renderToStaticMarkup } from "react-dom/server";
import { describe, expect, test } from "vitest";
import type { Schemas } from "../src/api/client";
import { Sketch } from "../src/reckoner/Sketch";

const drawn = (kind: string, inputs: Record<string, string>, results: [string, number][] = []) =>
  renderToStaticMarkup(
    createElement(Sketch, {
      answer: {
        kind,
        inputs,
        results: results.map(([name, value]) => ({ name, value, unit: "" })),
        working: [],
        source: "",
        warnings: [],
      } as Schemas["Reckoned"],
    }),
  );
const numbers = (text: string, of: string) =>
  [...text.matchAll(new RegExp(` ${of}="([\\d.]+)"`, "g"))].map((m) => Number(m[1]));

describe("small drawings", () => {
  test("are to scale", () => {
    const room = drawn("room", { length: "6", width: "3", height: "2.4" });
    const [w, h] = [numbers(room, "width")[1] ?? 0, numbers(room, "height")[1] ?? 0];
    expect(w / h).toBeCloseTo(2, 6);
  });

  test("share a tin out as the mix is", () => {
    const mix = drawn("mix", {}, [
      ["of the first", 3],
      ["of the second", 1],
    ]);
    expect(numbers(mix, "height").slice(1)).toEqual([75, 25]);
  });

  test("show each coat as light as it is, from the old colour on", () => {
    const hiding = drawn("hiding", { old: "0" }, [
      ["light reflectance after 1", 50],
      ["light reflectance after 2", 100],
      ["coats to hide", 2],
    ]);
    expect([...hiding.matchAll(/fill="rgb\((\d+) /g)].map((m) => Number(m[1]))).toEqual([0, 188, 255]);
    expect(hiding).toContain("after each of 2 coats");
  });

  test("have words for whoever does not see them", () => {
    expect(drawn("gable", { width: "8.4", eaves: "5.2", pitch: "25" })).toMatch(
      /role="img" aria-label="a gable 8\.4 metres wide/,
    );
    expect(drawn("colour", { first: "#c9b79c", second: "#FFFFFF" })).toContain("side by side");
  });

  test("are none where there is nothing to draw", () => {
    expect(drawn("dew-point", { air: "20" })).toBe("");
    expect(drawn("room", { length: "0", width: "3" })).toBe("");
    expect(drawn("mix", {})).toBe("");
    expect(drawn("gable", { width: "8", eaves: "3", pitch: "" })).toBe("");
    expect(drawn("colour", { first: "50/2/3", second: "#ffffff" })).toBe("");
  });
});
