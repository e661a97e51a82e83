import { describe, expect, it } from "vitest";
import { dayText } from "../src/shell/words";
import { coatsText, curve, type Lasting, type Look, lastsText, openLooks } from "../src/walls/walls";

const coat = (on: string, more: Partial<Parameters<typeof coatsText>[0][number]> = {}) => ({
  on,
  operation: "tc_emul_roll",
  product: "silk wall paint",
  colour: null,
  batch: null,
  by: null,
  ...more,
});

describe("what is on a wall", () => {
  it("tells coats of one kind and day once, with their number", () => {
    expect(
      coatsText([
        coat("2026-12-08", { batch: "7", colour: "ivory" }),
        coat("2026-12-08", { batch: "7", colour: "ivory" }),
        coat("2026-12-08", { batch: "8" }),
        coat("2026-12-07"),
      ]),
    ).toEqual([
      { on: "2026-12-08", text: "silk wall paint, ivory, batch 7, 2 coats" },
      { on: "2026-12-08", text: "silk wall paint, batch 8" },
      { on: "2026-12-07", text: "silk wall paint" },
    ]);
  });

  it("says that nobody named a coat, and who laid one", () => {
    expect(coatsText([coat("2026-12-07", { product: "", by: "ann" })])[0]?.text).toBe(
      "a coat nobody named, laid by ann",
    );
  });

  it("writes a day as one says it", () => expect(dayText("2026-12-03T09:00:00")).toBe("3 December 2026"));
});

describe("looking again", () => {
  const look = (on: string, seen: Look["seen"] = null): Look => ({
    job: "j",
    jobTitle: "Job",
    space: "s",
    spaceTitle: "Room",
    surface: "w",
    title: "Wall",
    on,
    for: "Cracks.",
    seen,
  });

  it("parts what is due from what comes within a year, and leaves out what was seen or is far off", () => {
    const seen = { on: "2026-01-01", sound: true, text: null, by: null, hours: null };
    const all = [
      look("2026-11-01", seen),
      look("2026-11-02"),
      look("2026-11-30"),
      look("2027-11-30"),
      look("2027-12-01"),
    ];
    const { due, coming } = openLooks(all, "2026-11-30");
    expect(due.map((l) => l.on)).toEqual(["2026-11-02", "2026-11-30"]);
    expect(coming.map((l) => l.on)).toEqual(["2027-11-30"]);
  });
});

describe("what lasts", () => {
  const lasting = (failures: number): Lasting => ({
    finish: "p",
    finishTitle: "gloss",
    ground: "sw",
    groundTitle: "softwood",
    outside: true,
    usual: 6,
    curve: { steps: [], seen: 3, failures, longest: 5, median: null },
    life: { years: 8.25, low: 3.04, high: 31.6, failures, seen: 15 },
  });

  it("says how much was seen and how little is known", () => {
    expect(lastsText(lasting(0))).toBe(
      "3 surfaces looked at again, none in need of work yet. Usual 6 years; with what was seen 8.3, nineteen times in twenty between 3 and 32.",
    );
    expect(lastsText(lasting(2))).toContain("2 in need of work");
  });

  it("draws the share in steps within its band, and says the last of them", () => {
    const step = (years: number, share: number, low: number, high: number) => ({
      years,
      share,
      low,
      high,
      atRisk: 4,
      failed: 1,
      error: 0.1,
    });
    const drawn = curve(
      { steps: [step(2, 0.5, 0.25, 0.75), step(4, 0.25, 0, 0.75)], longest: 8, seen: 4, failures: 3, median: 2 },
      80,
      48,
    );
    expect(drawn.share).toBe("M0 4.0 H20.0 V24.0 H40.0 V34.0 H80");
    expect(drawn.band).toBe("M0 4.0 H20.0 V14.0 H40.0 V14.0 H80 V44.0 H40.0 V34.0 H20.0 V4.0 H0 Z");
    expect(drawn.words).toBe("After 4.0 years 25 % still sound, between 0 and 75 %");
  });

  it("draws a level line where none has failed", () => {
    const none = curve({ steps: [], longest: 0, seen: 1, failures: 0, median: null }, 80, 48);
    expect(none.share).toBe("M0 4.0 H80");
    expect(none.words).toBe("None has failed yet");
  });
});
