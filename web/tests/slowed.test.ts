import { describe, expect, it } from "vitest";
import { slowedText } from "../src/buy/slowed";

describe("what work takes longer for", () => {
  it("is not told where nothing holds", () => expect(slowedText([])).toBe(""));

  it("is told once with its reason", () =>
    expect(slowedText([{ what: "work up to 4.2 m", times: 1.15 }])).toBe(
      "Work takes 1.15 times as long: work up to 4.2 m.",
    ));

  it("is multiplied where several things hold", () =>
    expect(
      slowedText([
        { what: "work up to 4.2 m", times: 1.15 },
        { what: "people live or work there meanwhile", times: 1.25 },
      ]),
    ).toBe("Work takes 1.44 times as long: work up to 4.2 m (1.15), people live or work there meanwhile (1.25)."));
});
