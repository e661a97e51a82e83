import { describe, expect, it } from "vitest";
import { dayText, lastKnown } from "../src/buy/prices";

describe("prices last known", () => {
  it("names each supplier once, with the oldest of the days", () => {
    expect(
      lastKnown([
        { supplier: "yard", from: "2026-11-29" },
        { supplier: "counter", from: "2026-10-02" },
        { supplier: "yard", from: "2026-03-01" },
        { supplier: "yard", from: null },
        { supplier: "silent" },
      ]),
    ).toEqual([
      ["counter", "2026-10-02"],
      ["yard", "2026-03-01"],
    ]);
  });

  it("says a day the same wherever the reader is", () => {
    expect(dayText("2026-11-09")).toBe("9 Nov 2026");
  });
});
