import { describe, expect, test } from "vitest";
import { type Step, Steps, stepOver } from "../src/sync/steps";
import type { Edit } from "../src/sync/types";

const step = (label: string): Step => ({ label, edits: [] });
const labels = (steps: readonly Step[]) => steps.map((s) => s.label);

describe("what can be undone", () => {
  test("goes one way and back the other, in turn", () => {
    const steps = new Steps();
    steps.add(step("a"));
    steps.add(step("b"));
    steps.turned("undo");
    expect([labels(steps.undo), labels(steps.redo)]).toEqual([["a"], ["b"]]);
    steps.turned("undo");
    steps.turned("undo");
    expect([labels(steps.undo), labels(steps.redo)]).toEqual([[], ["b", "a"]]);
    steps.turned("redo");
    expect([labels(steps.undo), labels(steps.redo)]).toEqual([["a"], ["b"]]);
  });

  test("is a new path once something else is done", () => {
    const steps = new Steps();
    steps.add(step("a"));
    steps.turned("undo");
    steps.add(step("b"));
    expect([labels(steps.undo), labels(steps.redo)]).toEqual([["b"], []]);
  });

  test("is the last hundred", () => {
    const steps = new Steps();
    for (let i = 0; i < 150; i++) steps.add(step(`${i}`));
    expect(steps.undo).toHaveLength(100);
    expect([steps.undo[0]?.label, steps.last("undo")?.label]).toEqual(["50", "149"]);
  });

  test("loses a step that came to nothing only while it is the last", () => {
    const steps = new Steps();
    steps.add(step("a"));
    steps.add(step("b"));
    steps.forget("a");
    expect(labels(steps.undo)).toEqual(["a", "b"]);
    steps.forget("b");
    expect(labels(steps.undo)).toEqual(["a"]);
  });

  test("is never changed in place: whoever holds a list keeps it", () => {
    const steps = new Steps();
    steps.add(step("a"));
    const held = steps.undo;
    steps.add(step("b"));
    steps.turned("undo");
    expect(labels(held)).toEqual(["a"]);
  });
});

describe("taking an edit back", () => {
  const edit: Edit = {
    key: "surface:w",
    before: { title: "Wall", facts: { powdery: false } },
    after: { title: "Wall", facts: { powdery: true } },
  };

  test("takes back only what it did itself", async () => {
    const over = await stepOver([edit], "undo", async () => ({ title: "West wall", facts: { powdery: true } }));
    expect(over).toEqual({
      made: [
        {
          key: "surface:w",
          before: { title: "West wall", facts: { powdery: true } },
          after: { title: "West wall", facts: { powdery: false } },
        },
      ],
      left: [],
    });
  });

  test("leaves what somebody has changed since, and names it", async () => {
    const now = { title: "Wall", facts: { powdery: null } };
    const over = await stepOver([edit], "undo", async () => now);
    expect(over?.made).toEqual([]);
    expect(over?.left).toHaveLength(1);
  });

  test("waits where a record cannot be read", async () => {
    expect(await stepOver([edit], "redo", async () => undefined)).toBeUndefined();
  });
});
