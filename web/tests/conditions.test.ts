import { expect, test } from "vitest";
import { ageOf, answer, daySays, latest, stretchAt } from "../src/conditions/conditions";
import { riskSays } from "../src/programme/board";

const at = "2026-12-01T08:00:00";

test("the answer stands in a few words, with the day where it is another", () => {
  expect(answer({ may: "yes", at, from: null, latestEnd: null })).toBe("Yes");
  expect(answer({ may: "until", at, from: null, latestEnd: "2026-12-01T15:20:00" })).toBe("Yes, until 15:20");
  expect(answer({ may: "from", at, from: "2026-12-02T09:30:00", latestEnd: null })).toMatch(
    /^Not yet: from .*2 Dec 09:30$/,
  );
  expect(answer({ may: "no", at, from: null, latestEnd: null })).toBe("No");
  expect(latest({ at, latestStart: "2026-12-01T13:00:00", latestEnd: "2026-12-01T15:20:00" })).toBe(
    "Begin by 13:00; the last of it on by 15:20.",
  );
  expect(latest({ at, latestStart: null, latestEnd: null })).toBe("");
});

test("a stretch lies on its day and does not run out of it", () => {
  expect(stretchAt({ from: "2026-12-01T06:00:00", to: "2026-12-01T12:00:00" }, "2026-12-01")).toEqual({
    left: 0.25,
    width: 0.25,
  });
  expect(stretchAt({ from: "2026-11-30T18:00:00", to: "2026-12-02T00:00:00" }, "2026-12-01")).toEqual({
    left: 0,
    width: 1,
  });
});

test("a day is told in hours, with the reason where nothing may be laid", () => {
  expect(
    daySays([
      { from: "2026-12-01T00:00:00", to: "2026-12-01T09:30:00", may: false, why: "face at least" },
      { from: "2026-12-01T09:30:00", to: "2026-12-02T00:00:00", may: true, why: "" },
    ]),
  ).toEqual(["00:00 to 09:30: no, face at least", "09:30 to 24:00: may be laid"]);
});

test("a forecast is old after a day, and one that nobody dated is not trusted", () => {
  expect(ageOf("2026-12-01T07:30:00", at)).toEqual({ text: "1 hour old", old: false });
  expect(ageOf("2026-12-01T07:50:00", at).text).toBe("less than an hour old");
  expect(ageOf("2026-11-30T06:00:00", at)).toEqual({ text: "26 hours old", old: true });
  expect(ageOf("2026-11-27T08:00:00", at)).toEqual({ text: "4 days old", old: true });
  expect(ageOf("2026-12-02T08:00:00", at).old).toBe(true);
  expect(ageOf(null, at)).toEqual({ text: "of unknown age", old: true });
});

test("risks that are known are told apart from days of which nothing is known", () => {
  const risk = (chance: number | null) => ({ task: "t", chance, fallback: "" });
  expect(riskSays({ risks: [risk(0.3), risk(null), risk(null)], weather: "a forecast" })).toBe(
    "1 coat outside may be held up by the weather, 2 coats outside stand where it is not known yet (a forecast).",
  );
  expect(riskSays({ risks: [risk(null)], weather: "no forecast is taken in" })).toBe(
    "1 coat outside stands where it is not known yet (no forecast is taken in).",
  );
});
