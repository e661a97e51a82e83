import { describe, expect, it } from "vitest";
import type { Schemas } from "../src/api/client";
import {
  clock,
  daySays,
  daysOf,
  listOf,
  movedSays,
  movedSince,
  moveText,
  peopleOf,
  place,
  rowsOf,
  slipText,
  workingSpan,
} from "../src/programme/board";
import { crewOf } from "../src/programme/crew";

type Task = Schemas["ProgrammeTaskReport"];

const task = (id: string, start: string, end: string, more: Partial<Task> = {}): Task => ({
  id,
  title: id,
  start,
  end,
  crew: ["ann"],
  readyAt: end,
  floatHours: 0,
  space: "hall",
  surface: null,
  operation: null,
  pieces: [{ start, end, crew: ["ann"] }],
  mind: [],
  waitsFor: null,
  ...more,
});

describe("the board", () => {
  const coat = task("coat", "2026-12-07T08:00:00", "2026-12-07T10:00:00", { readyAt: "2026-12-08T08:00:00" });
  const sand = task("sand", "2026-12-07T09:00:00", "2026-12-07T09:30:00");
  const second = task("second", "2026-12-09T08:00:00", "2026-12-09T12:00:00", { space: "stair" });

  it("has a column for each day from the first work to the last, worked or not", () => {
    expect(daysOf([coat, second])).toEqual(["2026-12-07", "2026-12-08", "2026-12-09"]);
    expect(daysOf([])).toEqual([]);
  });

  it("goes on over the turn of the year and of the clocks", () => {
    const long = [
      task("a", "2026-12-30T08:00:00", "2026-12-30T09:00:00"),
      task("b", "2027-01-02T08:00:00", "2027-01-02T09:00:00"),
    ];
    expect(daysOf(long)).toHaveLength(4);
    const spring = [
      task("a", "2027-03-27T08:00:00", "2027-03-27T09:00:00"),
      task("b", "2027-03-29T08:00:00", "2027-03-29T09:00:00"),
    ];
    expect(daysOf(spring)).toEqual(["2027-03-27", "2027-03-28", "2027-03-29"]);
  });

  it("draws working hours wide, and time never runs backwards", () => {
    const span = workingSpan([coat, second]);
    expect(span).toEqual({ from: 8, to: 16 });
    const at = (time: string) => place(time, "2026-12-07", span);
    expect(at("2026-12-07T00:00:00")).toBe(0);
    expect(at("2026-12-08T00:00:00")).toBe(1);
    expect(at("2026-12-07T12:00:00") - at("2026-12-07T08:00:00")).toBeCloseTo(0.4, 6);
    let before = -1;
    for (let minute = 0; minute < 2 * 1440; minute += 15) {
      const time = new Date(Date.parse("2026-12-07T00:00:00Z") + minute * 60_000).toISOString().slice(0, 19);
      expect(at(time)).toBeGreaterThanOrEqual(before);
      before = at(time);
    }
  });

  it("draws a job worked round the clock", () => {
    const span = workingSpan([task("dry", "2026-12-07T00:00:00", "2026-12-09T00:00:00")]);
    expect(span).toEqual({ from: 0, to: 24 });
    expect(place("2026-12-08T12:00:00", "2026-12-07", span)).toBeCloseTo(1.5, 6);
  });

  it("puts what would cover each other on lines of its own, and drying behind its work", () => {
    const rows = rowsOf([coat, sand, second], new Map([["hall", "Stair hall"]]));
    expect(rows.map((r) => [r.title, r.lines, r.bars.map((b) => b.line)])).toEqual([
      ["Stair hall", 2, [0, 1]],
      ["stair", 1, [0]],
    ]);
    expect(rows[0]?.bars[0]?.dries).toBeGreaterThan(rows[0]?.bars[0]?.width ?? 9);
    expect(rows[0]?.bars[1]?.dries).toBe(0);
  });

  it("lists each day's pieces in the order of their starts", () => {
    const split = task("prepare", "2026-12-07T15:00:00", "2026-12-08T09:00:00", {
      pieces: [
        { start: "2026-12-07T15:00:00", end: "2026-12-07T16:00:00", crew: ["ann"] },
        { start: "2026-12-08T08:00:00", end: "2026-12-08T09:00:00", crew: ["ben"] },
      ],
    });
    expect(listOf([split, coat]).map((d) => [d.day, d.entries.map((e) => [e.task.id, e.last])])).toEqual([
      [
        "2026-12-07",
        [
          ["coat", true],
          ["prepare", false],
        ],
      ],
      ["2026-12-08", [["prepare", true]]],
    ]);
  });

  it("says a day in a line", () => {
    expect(daySays([{ task: coat }, { task: second }], new Map([["hall", "Stair hall"]]))).toBe(
      "2 tasks, Stair hall, stair",
    );
    expect(
      daySays([{ task: task("a", "2026-12-07T08:00:00", "2026-12-07T09:00:00", { space: null }) }], new Map()),
    ).toBe("1 task");
  });

  it("says times and slips in words", () => {
    expect(clock("2026-12-07T08:30:00", "2026-12-07")).toBe("08:30");
    expect(clock("2026-12-08T08:30:00", "2026-12-07")).toBe("Tue 8 Dec 08:30");
    expect([slipText(0.25), slipText(1.5), slipText(24), slipText(51)]).toEqual([
      "15 min",
      "1 h 30 min",
      "1 day",
      "2 days 3 h",
    ]);
  });
});

describe("the crew", () => {
  it("keeps who is there and numbers who is new", () => {
    expect(crewOf([{ id: "ann", skills: ["spray"] }, { id: "ben" }], 1)).toEqual([{ id: "ann", skills: ["spray"] }]);
    expect(crewOf([{ id: "painter-2" }], 3).map((m) => m.id)).toEqual(["painter-2", "painter-1", "painter-3"]);
  });
});

it("of one person the list holds what that person does", () => {
  const both = task("both", "2026-12-07T08:00:00", "2026-12-07T10:00:00", {
    pieces: [{ start: "2026-12-07T08:00:00", end: "2026-12-07T10:00:00", crew: ["ann", "bo"] }],
  });
  const hers = task("hers", "2026-12-08T08:00:00", "2026-12-08T10:00:00");
  expect(peopleOf([both, hers])).toEqual(["ann", "bo"]);
  expect(listOf([both, hers], "bo").map((d) => d.day)).toEqual(["2026-12-07"]);
  expect(listOf([both, hers], "ann").flatMap((d) => d.entries.map((e) => e.task.id))).toEqual(["both", "hers"]);
  expect(listOf([both, hers])).toHaveLength(2);
});

describe("what moved", () => {
  const plan = (tasks: Task[], finish = "2026-12-08T16:00:00") => ({ tasks, finish });
  const a = task("a", "2026-12-07T08:00:00", "2026-12-07T10:00:00");
  const b = task("b", "2026-12-07T10:00:00", "2026-12-07T12:00:00");
  const at = (t: Task, start: string) => ({ ...t, start });

  it("a day less a few minutes is said as a day", () => {
    expect(slipText(503.9)).toBe("21 days");
    expect(slipText(24)).toBe("1 day");
  });

  it("nothing moved is nothing to say", () => {
    expect(movedSince(plan([a, b]), plan([a, at(b, "2026-12-07T10:10:00")]))).toBeUndefined();
  });

  it("what moved furthest comes first, with what is new, gone, and the finish", () => {
    const c = task("c", "2026-12-08T08:00:00", "2026-12-08T09:00:00");
    const moved = movedSince(plan([a, b]), plan([at(b, "2026-12-08T11:00:00"), c], "2026-12-09T10:00:00"));
    expect(moved?.moves.map((m) => [m.task.id, m.hours])).toEqual([["b", 25]]);
    expect(moved?.added.map((t) => t.id)).toEqual(["c"]);
    expect(moved?.gone.map((t) => t.id)).toEqual(["a"]);
    expect(moved && movedSays(moved)).toBe("1 task later, 1 task new, 1 task gone; the finish is 18 h later.");
  });

  it("sooner and later are told apart, and a finish that stays is said", () => {
    const moved = movedSince(plan([a, b]), plan([at(a, "2026-12-07T10:30:00"), at(b, "2026-12-07T08:00:00")]));
    expect(moved?.moves.map((m) => `${m.task.id} ${moveText(m.hours)}`)).toEqual([
      "a 2 h 30 min later",
      "b 2 h sooner",
    ]);
    expect(moved && movedSays(moved)).toBe("1 task later, 1 task sooner; the finish stays.");
  });
});
