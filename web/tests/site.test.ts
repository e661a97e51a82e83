import { expect, test } from "vitest";
import { driedSince } from "../src/site/dried";
import {
  closeDown,
  type Entry,
  inOrder,
  leftText,
  minutesTo,
  type Step,
  type SurfaceSite,
  standOf,
  standText,
  uuid7,
} from "../src/site/site";
import { beyond } from "../src/site/useLog";

const now = "2026-12-07T10:00:00";

const step = (n: number, more: Partial<Step> = {}) =>
  ({
    n,
    title: `step ${n}`,
    operation: `op_${n}`,
    waitHours: { least: 4, advised: 6, latest: null },
    waitBefore: n > 1 ? 6 : 0,
    overnight: null,
    shut: null,
    waste: null,
    ...more,
  }) as Step;

const site = (id: string, more: Partial<SurfaceSite> = {}) =>
  ({
    id,
    title: id,
    space: "room",
    done: [],
    state: { at: null, dryFrom: null, facets: {} },
    next: [{ n: 1, operation: "op_1", title: "step 1", from: null, advised: null, latest: null, needs: [] }],
    faults: [],
    deviations: [],
    remaining: [step(1), step(2)],
    doneSteps: [],
    asPlanned: true,
    stuck: [],
    finished: false,
    interrupted: false,
    underWay: null,
    ...more,
  }) as SurfaceSite;

const line = (kind: Entry["kind"], more: Partial<Entry> = {}) =>
  ({ id: "x", kind, at: now, surface: "wall", step: 1, operation: "op_1", photos: [], ...more }) as Entry;

test("a line counts once: while it waits, when it is saved and not answered yet, and when it is answered", () => {
  const of = (id: string) => line("note", { id });
  const ids = (entries: Entry[]) => entries.map((e) => e.id);
  expect(ids(beyond([of("a")], [of("a")], new Set()))).toEqual(["a"]);
  expect(ids(beyond([], [of("a")], new Set()))).toEqual(["a"]);
  expect(ids(beyond([of("b")], [of("a")], new Set(["a"])))).toEqual(["b"]);
  expect(ids(beyond([], [of("a")], new Set(["a"])))).toEqual([]);
});

test("ids of lines sort as they were made and say that they are of version 7", () => {
  const random = new Uint8Array(10).fill(255);
  const ids = [1, 2, 1_000_000, 1_796_000_000_000, 1_796_000_000_001].map((t) => uuid7(t, random));
  expect([...ids].sort()).toEqual(ids);
  for (const id of ids) expect(id).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
  expect(uuid7(0x0193_0000_0001, new Uint8Array(10))).toBe("01930000-0001-7000-8000-000000000000");
});

test("what waits on the device is taken as done, and the next step dries by its label", () => {
  const stand = standOf(site("wall"), [line("done")]);
  expect(stand.step?.n).toBe(2);
  expect(stand.from).toBe("2026-12-07T14:00:00");
  expect(stand.advised).toBe("2026-12-07T16:00:00");
  expect(stand.waiting).toBe(1);
  expect(standText(stand, now)).toBe("dries, 4 h");
  // What waits for nothing follows at once; what waits for less than the label of the one before waits for that.
  const then = (waitBefore: number) =>
    standOf(site("wall", { remaining: [step(1), step(2, { waitBefore })] }), [line("done")]).from;
  expect([then(0), then(3)]).toEqual([undefined, "2026-12-07T13:00:00"]);
  // Lines of another surface change nothing here.
  expect(standOf(site("wall"), [line("done", { surface: "door" })]).step?.n).toBe(1);
});

test("begun, broken off and gone on are told apart, here and on the server", () => {
  expect(standText(standOf(site("wall"), [line("started")]), now)).toBe("under way");
  expect(standText(standOf(site("wall"), [line("started"), line("interrupted")]), now)).toBe("broken off");
  expect(standText(standOf(site("wall"), [line("interrupted"), line("resumed")]), now)).toBe("under way");
  const broken = standOf(site("wall", { interrupted: true, underWay: "e" }), []);
  expect([standText(broken, now), broken.underWay]).toEqual(["broken off", false]);
  expect(standText(standOf(site("wall"), [line("skipped")]), now)).toBe("may begin");
});

test("what may begin stands before what dries, and what is done stands last", () => {
  const dries = (id: string, from: string) =>
    standOf(
      site(id, { next: [{ n: 1, operation: "o", title: "t", from, advised: null, latest: null, needs: [] }] }),
      [],
    );
  const order = inOrder(
    [
      standOf(site("done", { remaining: [], finished: true }), []),
      dries("late", "2026-12-08T10:00:00"),
      standOf(
        site("held", {
          next: [{ n: 1, operation: "o", title: "t", from: null, advised: null, latest: null, needs: ["it is wet"] }],
        }),
        [],
      ),
      dries("soon", "2026-12-07T11:00:00"),
      standOf(site("free"), []),
      standOf(site("busy", { underWay: "e" }), []),
      dries("past", "2026-12-07T09:00:00"),
    ],
    now,
  ).map((s) => s.site.id);
  expect(order).toEqual(["busy", "free", "past", "soon", "late", "held", "done"]);
});

test("times left are said as one says them", () => {
  expect(minutesTo("2026-12-07T10:00:30", now)).toBe(1);
  expect(minutesTo("2026-12-07T09:00:00", now)).toBe(0);
  expect([5, 60, 95, 400, 1439, 1440, 2900].map(leftText)).toEqual([
    "5 min",
    "1 h",
    "1 h 35 min",
    "6 h",
    "23 h",
    "1 day",
    "2 days",
  ]);
});

test("before going home each thing is said once, of what was done today", () => {
  const done = (planned: number, end: string) => ({ planned, end }) as SurfaceSite["done"][number];
  const stands = [
    standOf(site("wall", { done: [done(1, "2026-12-07T12:00:00"), done(2, "2026-12-06T12:00:00")] }), []),
    standOf(site("window", { done: [done(1, "2026-12-07T15:00:00")] }), []),
  ];
  const told = closeDown(stands, "2026-12-07", (surface, n) =>
    step(n, {
      washOut: "Wash the brush.",
      shut: surface === "window" ? "may be shut at nine" : null,
      waste: n === 2 ? "never said" : null,
    }),
  );
  expect(told).toEqual(["No coat comes next. Wash the brush.", "window: may be shut at nine"]);
});

test("tools stay wet for the same paint and are washed out for any other", () => {
  const day = "2026-12-07";
  const done = (planned: number) => ({ planned, end: `${day}T12:00:00` }) as SurfaceSite["done"][number];
  const coat = (n: number, product: string, colour: string | null = null) =>
    step(n, { product, colour, role: "finish", overnight: "Wrap the brush.", washOut: "Wash the brush." });
  const told = (today: ReturnType<typeof step>, left: ReturnType<typeof step>[], other = left) =>
    closeDown(
      [
        standOf(site("wall", { done: [done(1)], remaining: left }), []),
        standOf(site("ceiling", { remaining: other }), []),
      ],
      day,
      () => today,
    );
  const matt = coat(1, "matt");
  expect(told(matt, [coat(2, "matt")])).toEqual(["Wrap the brush."]);
  // One that serves another surface serves as well.
  expect(told(matt, [], [coat(1, "matt")])).toEqual(["Wrap the brush."]);
  const another = ["Another paint comes next. Wash the brush."];
  expect(told(coat(1, "matt", "grey"), [], [matt])).toEqual(another);
  expect(told(matt, [coat(2, "gloss")])).toEqual(another);
  // What is only rubbed down before the coat does not count.
  expect(told(matt, [step(2, {}), coat(3, "matt")])).toEqual(["Wrap the brush."]);
  expect(told(matt, [])).toEqual(["No coat comes next. Wash the brush."]);
});

test("what has come dry since is told once, and only where something is to be done next", () => {
  const dries = (id: string, from: string | undefined, left = [step(2)]) => ({
    ...standOf(site(id, { remaining: left }), []),
    from,
  });
  const stands = [
    dries("wall", "2026-12-07T09:59:30"),
    dries("door", "2026-12-07T10:30:00"),
    dries("sill", undefined),
    dries("floor", "2026-12-07T09:59:30", []),
  ];
  expect(driedSince(stands, "2026-12-07T09:59:00", now).map((s) => s.site.id)).toEqual(["wall"]);
  expect(driedSince(stands, now, "2026-12-07T10:00:15")).toEqual([]);
});
