import "fake-indexeddb/auto";
import { beforeEach, describe, expect, test } from "vitest";
import { type PhotoAnswer, PhotoQueue, type WaitingPhoto } from "../src/sync/photos";

let answers: PhotoAnswer[];
let sent: string[];
let name = 0;

const photo = (id: string, more: Partial<WaitingPhoto> = {}): WaitingPhoto => ({
  id,
  job: "job",
  surface: "wall",
  stage: "before",
  wet: false,
  caption: id,
  type: "image/jpeg",
  bytes: new Uint8Array([1, 2, 3]).buffer,
  ...more,
});

const queue = () =>
  new PhotoQueue(`photos-${name}`, async (p) => {
    sent.push(p.id);
    return answers.shift() ?? { kind: "saved", version: 7 };
  });

beforeEach(() => {
  name++;
  answers = [];
  sent = [];
});

describe("a photo on its way", () => {
  test("is kept until the server has it, and then told with the number of the change", async () => {
    const q = queue();
    const saved: [string, number][] = [];
    q.onSaved = (p, version) => saved.push([p.id, version]);
    await q.add(photo("a"));
    await q.flush();
    expect(saved).toEqual([["a", 7]]);
    expect(await q.of("job", "wall")).toEqual([]);
  });

  test("waits while there is no line, outlives the page, and goes as it was, once", async () => {
    answers = [{ kind: "down" }];
    const first = queue();
    await first.add(photo("a", { caption: "corner", pairOf: "b" }));
    await first.flush();
    expect(await first.of("job", "wall")).toHaveLength(1);
    const later = queue();
    const saved: WaitingPhoto[] = [];
    later.onSaved = (p) => saved.push(p);
    await later.flush();
    expect(saved.map((p) => [p.id, p.caption, p.pairOf])).toEqual([["a", "corner", "b"]]);
    expect(new Uint8Array(saved[0]?.bytes ?? new ArrayBuffer(0))).toEqual(new Uint8Array([1, 2, 3]));
    await later.flush();
    expect(sent).toEqual(["a", "a"]);
  });

  test("that is refused stays with the reason, and is sent again only when asked; others go", async () => {
    answers = [{ kind: "refused", message: "no picture" }];
    const q = queue();
    await q.add(photo("a"));
    await q.flush();
    await q.add(photo("b"));
    await q.flush();
    expect((await q.of("job", "wall")).map((p) => [p.id, p.refused])).toEqual([["a", "no picture"]]);
    expect(sent).toEqual(["a", "b"]);
    await q.flush(true);
    expect(await q.of("job", "wall")).toEqual([]);
  });

  test("that is given up is gone", async () => {
    answers = [{ kind: "down" }];
    const q = queue();
    await q.add(photo("a"));
    await q.flush();
    await q.discard("a");
    await q.flush();
    expect(sent).toEqual(["a"]);
    expect(await q.of("job", "wall")).toEqual([]);
  });

  test("is shown with its own surface alone", async () => {
    answers = [{ kind: "down" }, { kind: "down" }, { kind: "down" }, { kind: "down" }];
    const q = queue();
    await q.add(photo("a"));
    await q.add(photo("b", { surface: "door" }));
    await q.flush();
    expect((await q.of("job", "door")).map((p) => p.id)).toEqual(["b"]);
  });
});
