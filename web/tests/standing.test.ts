import { describe, expect, it } from "vitest";
import { found, shares, standing, touched } from "../src/jobs/standing";

const state = { sound: 4, prepare: 0, failing: 1, held: 2, unseen: 0, stops: [] };
const job = {
  id: "a",
  title: "Weir Street 3",
  client: "M. Example",
  address: "Sallow Ferry",
  surfaces: 3,
  touched: "",
};

describe("how a job stands", () => {
  it("says what is stopped first and leaves out what there is none of", () => {
    expect(standing(state)).toBe("2 stopped, 1 failing, 4 sound");
    expect(shares(state).map((s) => s.verdict)).toEqual(["held", "failing", "sound"]);
  });
  it("says so where nothing is recorded", () => {
    expect(standing({ ...state, sound: 0, failing: 0, held: 0 })).toBe("nothing recorded yet");
  });
});

describe("searching jobs", () => {
  it("finds words in any order in name, client and place", () => {
    expect(found(job, "example weir")).toBe(true);
    expect(found(job, "FERRY")).toBe(true);
    expect(found(job, "ferry quay")).toBe(false);
    expect(found(job, "")).toBe(true);
  });
  it("does with a job of which nobody told client or place", () => {
    expect(found({ ...job, client: null, address: null }, "example")).toBe(false);
  });
});

describe("when it was touched", () => {
  const now = new Date(2026, 10, 29, 9, 0);
  const at = (day: number, hour = 12) => new Date(2026, 10, day, hour).toISOString();
  it("counts by nights and not by hours", () => {
    expect(touched(at(29, 1), now)).toBe("today");
    expect(touched(at(28, 23), now)).toBe("yesterday");
    expect(touched(at(26), now)).toBe("3 days ago");
  });
  it("gives the date from a week on", () => {
    expect(touched(at(20), now)).toContain("2026");
  });
  it("does not look ahead where a clock is behind", () => {
    expect(touched(at(30), now)).toBe("today");
  });
});
