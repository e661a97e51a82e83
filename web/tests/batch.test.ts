import { describe, expect, test } from "vitest";
import { nextBatch } from "../src/sync/batch";
import type { Pending } from "../src/sync/kept";
import type { Key } from "../src/sync/types";

const edited = (group: string, more: Partial<Pending> = {}): Pending => ({
  base: { version: 7, value: {} },
  mine: { title: group },
  group,
  label: `edit ${group}`,
  ...more,
});
const token = () => "t";
const ids = (pending: [Key, Pending][]) => nextBatch(new Map(pending), token)?.items.map((i) => i.id) ?? null;

describe("what is sent next", () => {
  test("is the first go, whole", () => {
    expect(
      ids([
        ["surface:a", edited("one")],
        ["surface:b", edited("two")],
        ["space:c", edited("one")],
      ]),
    ).toEqual(["a", "c"]);
  });

  test("passes over a go of which one record waits for a person", () => {
    const theirs = { version: 8, value: {} };
    expect(
      ids([
        ["surface:a", edited("one")],
        ["surface:b", edited("one", { theirs })],
        ["surface:c", edited("two", { refused: "no" })],
        ["surface:d", edited("three")],
      ]),
    ).toEqual(["d"]);
    expect(ids([["surface:b", edited("one", { theirs })]])).toBeNull();
    expect(ids([])).toBeNull();
  });

  test("says on which version, under what and where, and leaves a record that goes without a value", () => {
    const batch = nextBatch(
      new Map<Key, Pending>([
        ["surface:a", edited("one", { parent: "room", position: 2 })],
        ["surface:b", edited("one", { mine: null })],
      ]),
      token,
    );
    expect(batch).toEqual({
      token: "t",
      label: "edit one",
      items: [
        { kind: "surface", id: "a", version: 7, parent: "room", position: 2, value: { title: "one" } },
        { kind: "surface", id: "b", version: 7 },
      ],
    });
  });

  test("has a label that the server takes", () => {
    expect(nextBatch(new Map([["surface:a", edited("one", { label: "x".repeat(500) })]]), token)?.label).toHaveLength(
      200,
    );
  });
});
