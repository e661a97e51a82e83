import { describe, expect, inject, test } from "vitest";
import { fits } from "../src/shell/fits";

const catalogue = inject("catalogue");

describe("typing finds in a long list", () => {
  test("beginnings of words, in any order, of title or id", () => {
    expect(fits("oak", "tannin-rich hardwood (oak, chestnut) hw_tan")).toBe(true);
    expect(fits("hard tan", "tannin-rich hardwood (oak, chestnut) hw_tan")).toBe(true);
    expect(fits("ak", "tannin-rich hardwood (oak, chestnut)")).toBe(false);
    expect(fits("", "anything")).toBe(true);
    expect(fits("oak pine", "hardwood (oak)")).toBe(false);
  });

  test("everything is found by its own title", () => {
    for (const s of [...catalogue.substrates, ...catalogue.coatings, ...catalogue.checks])
      expect(fits(s.title, `${s.title} ${s.id}`)).toBe(true);
  });
});
