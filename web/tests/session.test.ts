import { beforeEach, describe, expect, test } from "vitest";
import { JobSession } from "../src/sync/session";
import { Hand, Memory, Page, PlainServer } from "./twoPages";

const wall = "surface:wall" as const;
let server: PlainServer;
let ada: Page;
let ben: Page;

beforeEach(() => {
  server = new PlainServer();
  server.put(wall, { id: "wall", title: "Wall", facts: { ph: 9 }, signs: [] });
  ada = new Page("ada", server);
  ben = new Page("ben", server);
  ada.look(wall);
  ben.look(wall);
});

const facts = (more: object) => (v: Record<string, unknown>) => ({ ...v, facts: { ...(v.facts as object), ...more } });
const stored = () => server.read(wall).value as { facts: Record<string, unknown>; signs: unknown[]; notes?: string };

describe("an edit", () => {
  test("is seen at once and saved a moment later", async () => {
    ada.edit(wall, facts({ ph: 8 }));
    expect(ada.value(wall)).toMatchObject({ facts: { ph: 8 } });
    expect(stored().facts.ph).toBe(9);
    expect(ada.session.state().kind).toBe("saving");
    await ada.settle();
    expect(stored().facts.ph).toBe(8);
    expect(ada.session.state()).toMatchObject({ kind: "saved", waiting: 0 });
  });

  test.each([
    "down",
    "full disk",
    "lost answer",
  ] as const)("that does not get through (%s) waits, says so, survives a reload, and goes when it can", async (line) => {
    ada.line = line;
    ada.edit(wall, facts({ ph: 8 }));
    ada.hand.go();
    await ada.hear();
    expect(ada.session.state()).toMatchObject({ kind: "down", waiting: 1 });
    ada.reload();
    expect(ada.value(wall)).toMatchObject({ facts: { ph: 8 } });
    ada.line = "up";
    await ada.settle();
    expect(stored().facts.ph).toBe(8);
    expect(ada.session.state().kind).toBe("saved");
  });

  test("whose answer was lost is made once, and nobody is asked anything", async () => {
    ada.line = "lost answer";
    ada.edit(wall, facts({ ph: 8 }));
    ada.hand.go();
    await ada.hear();
    ada.line = "up";
    ben.look(wall);
    ben.edit(wall, facts({ ph: 7 }));
    await ben.settle();
    await ada.settle();
    expect(server.made.size).toBe(2);
    expect(stored().facts.ph).toBe(7);
    expect(ada.session.state().kind).toBe("saved");
  });

  test("that is refused stays on the screen with the reason, and goes when it is put right", async () => {
    ada.edit(wall, (v) => ({ ...v, wrong: true }));
    await ada.settle();
    expect(ada.session.stateOf(wall)).toEqual({ kind: "refused", message: "wrong: may not be" });
    expect(ada.value(wall)).toMatchObject({ wrong: true });
    ada.reload();
    expect(ada.session.stateOf(wall).kind).toBe("refused");
    ada.edit(wall, (v) => ({ ...v, wrong: false }));
    await ada.settle();
    expect(ada.session.state().kind).toBe("saved");
  });

  test("can be waited for, whatever was edited", async () => {
    let told = "";
    ada.edit(wall, facts({ ph: 8 }));
    const sent = ada.session.sent().then((how) => {
      told = how;
    });
    await ada.hear();
    expect(told).toBe("");
    await ada.settle();
    await sent;
    expect(told).toBe("saved");
    expect(await ada.session.sent()).toBe("saved");
    ada.line = "down";
    ada.edit(wall, facts({ ph: 7 }));
    const held = ada.session.sent();
    await ada.hear();
    ada.hand.go();
    await ada.hear();
    expect(await held).toBe("waiting");
  });

  test("that is refused keeps no other from going", async () => {
    server.put("surface:door", { id: "door", facts: {} });
    ada.look("surface:door");
    ada.edit(wall, (v) => ({ ...v, wrong: true }));
    ada.edit("surface:door", facts({ ph: 5 }));
    await ada.settle();
    expect(server.read("surface:door").value).toMatchObject({ facts: { ph: 5 } });
    expect(ada.session.state()).toMatchObject({ kind: "stuck", refused: [wall] });
  });

  test("of several records is made as a whole or not at all", async () => {
    server.put("space:room", { id: "room", title: "Room", walls: [] });
    ada.look("space:room");
    ada.session.edit("window", [
      {
        key: "space:room",
        before: ada.value("space:room"),
        after: { ...ada.value("space:room"), walls: [{ id: "a" }] },
      },
      { key: "surface:window", before: null, after: { id: "window", wrong: true }, parent: "room" },
    ]);
    await ada.settle();
    expect(server.read("space:room").value).toMatchObject({ walls: [] });
    expect(await ada.session.sent(["space:room"])).toBe("refused");
    ada.session.discard("surface:window");
    expect(ada.value("space:room")).toMatchObject({ walls: [] });
    expect(ada.session.state().kind).toBe("saved");
  });

  test("is kept on the screen even where the browser keeps nothing", async () => {
    const full = new Memory();
    full.setItem = () => {
      throw new DOMException("full", "QuotaExceededError");
    };
    const session = new JobSession({
      job: "job",
      place: "x",
      store: full,
      clock: new Hand(),
      token: () => "t",
      transport: {
        send: async () => ({ kind: "down", message: "" }),
        read: async () => undefined,
        change: async () => undefined,
      },
    });
    session.receive(wall, server.read(wall));
    session.edit("x", [{ key: wall, before: session.current(wall), after: { id: "wall", facts: { ph: 1 } } }]);
    expect(session.current(wall)).toMatchObject({ facts: { ph: 1 } });
  });
});

describe("two who edit one surface", () => {
  test("are merged without a question where they touch different things, and told", async () => {
    ada.edit(wall, facts({ ph: 8 }));
    ben.edit(wall, (v) => ({ ...v, signs: [{ sign: "peel" }] }));
    await ada.settle();
    await ben.settle();
    expect(stored()).toMatchObject({ facts: { ph: 8 }, signs: [{ sign: "peel" }] });
    expect(ben.notices.join()).toContain("Merged");
    expect(ben.session.state().kind).toBe("saved");
  });

  test("are asked only about what both changed, and nothing is taken by default", async () => {
    ada.edit(wall, facts({ ph: 8 }));
    ben.edit(wall, (v) => ({ ...facts({ ph: 7, tar: true })(v), notes: "ben's" }));
    await ada.settle();
    await ben.settle();
    expect(ben.session.state()).toMatchObject({ kind: "stuck", conflicts: [wall] });
    expect(ben.session.stateOf(wall)).toMatchObject({
      kind: "conflict",
      conflicts: [{ path: "facts.ph", base: 9, mine: 7, theirs: 8 }],
    });
    expect(ben.value(wall)).toMatchObject({ facts: { ph: 7, tar: true }, notes: "ben's" });
    // A look, a reload, a retry: none of them decides.
    ben.look(wall);
    ben.reload();
    ben.look(wall);
    ben.session.retry();
    await ben.settle();
    expect(ben.session.state()).toMatchObject({ kind: "stuck", conflicts: [wall] });
    ben.session.resolve(wall, { "facts.ph": "theirs" });
    await ben.settle();
    expect(stored()).toMatchObject({ facts: { ph: 8, tar: true }, notes: "ben's" });
  });

  test("are asked again when the other goes on while one chooses", async () => {
    ada.edit(wall, facts({ ph: 8 }));
    ben.edit(wall, facts({ ph: 7 }));
    await ada.settle();
    await ben.settle();
    ada.edit(wall, facts({ ph: 6 }));
    await ada.settle();
    ben.session.resolve(wall, { "facts.ph": "mine" });
    await ben.settle();
    expect(ben.session.stateOf(wall)).toMatchObject({ kind: "conflict", conflicts: [{ mine: 7, theirs: 6 }] });
    expect(stored().facts.ph).toBe(6);
  });

  test("are asked when one put away what the other edits", async () => {
    ada.session.edit("away", [{ key: wall, before: ada.value(wall), after: null, parent: "room" }]);
    ben.edit(wall, facts({ ph: 7 }));
    await ada.settle();
    await ben.settle();
    expect(server.read(wall).version).toBe(0);
    expect(ben.session.stateOf(wall)).toMatchObject({ kind: "conflict", gone: "theirs" });
    ben.session.resolve(wall, { "": "mine" });
    await ben.settle();
    expect(stored().facts.ph).toBe(7);
  });

  test("an edit made on what was seen when a dialog opened is merged with what came in since", async () => {
    const opened = ben.value(wall);
    ada.edit(wall, facts({ tar: true }));
    await ada.settle();
    ben.look(wall);
    ben.session.edit("dialog", [{ key: wall, before: opened, after: { ...opened, notes: "from the dialog" } }]);
    await ben.settle();
    expect(stored()).toMatchObject({ facts: { ph: 9, tar: true }, notes: "from the dialog" });
  });
});

describe("undo", () => {
  test("takes back only one's own change, and leaves a colleague's made in between", async () => {
    ada.edit(wall, facts({ ph: 8 }));
    await ada.settle();
    ben.look(wall);
    ben.edit(wall, (v) => ({ ...v, signs: [{ sign: "peel" }] }));
    await ben.settle();
    ada.look(wall);
    await ada.session.undo();
    await ada.settle();
    expect(stored()).toMatchObject({ facts: { ph: 9 }, signs: [{ sign: "peel" }] });
    await ada.session.redo();
    await ada.settle();
    expect(stored()).toMatchObject({ facts: { ph: 8 }, signs: [{ sign: "peel" }] });
  });

  test("leaves what a colleague changed since as it is, and says so", async () => {
    ada.edit(wall, facts({ ph: 8 }));
    await ada.settle();
    ben.look(wall);
    ben.edit(wall, facts({ ph: 7 }));
    await ben.settle();
    ada.look(wall);
    await ada.session.undo();
    await ada.settle();
    expect(stored().facts.ph).toBe(7);
    expect(ada.notices.join()).toContain("changed since");
  });

  test("survives a reload and a turn to another surface", async () => {
    server.put("surface:door", { id: "door", facts: {} });
    ada.edit(wall, facts({ ph: 8 }));
    await ada.settle();
    ada.reload();
    ada.look("surface:door");
    expect(ada.session.state().undo).toBe("edit");
    const undoing = ada.session.undo();
    await ada.hear();
    await undoing;
    await ada.settle();
    expect(stored().facts.ph).toBe(9);
  });

  test("of what the server did itself puts back every record of it", async () => {
    const made = server.send({
      token: "import",
      label: "file",
      items: [
        { kind: "surface", id: "wall", version: server.read(wall).version, value: { id: "wall", facts: { ph: 1 } } },
        { kind: "surface", id: "new", version: 0, value: { id: "new" }, parent: "room" },
      ],
    });
    ada.session.made("file", made.kind === "saved" ? made.version : 0);
    ada.look(wall);
    const undoing = ada.session.undo();
    for (let i = 0; i < 5; i++) await ada.hear();
    await undoing;
    await ada.settle();
    expect(stored().facts.ph).toBe(9);
    expect(server.read("surface:new").version).toBe(0);
  });

  test("of an edit not sent yet needs no line", async () => {
    ada.line = "down";
    ada.edit(wall, facts({ ph: 8 }));
    await ada.session.undo();
    expect(ada.value(wall)).toMatchObject({ facts: { ph: 9 } });
    ada.line = "up";
    await ada.settle();
    expect(stored().facts.ph).toBe(9);
  });
});

describe("what a closed page left", () => {
  test("is taken over, and what is edited here meanwhile waits for its turn", async () => {
    server.put("surface:door", { id: "door", facts: {} });
    ada.look("surface:door");
    ada.line = "down";
    ada.edit(wall, facts({ ph: 8 }));
    ada.edit("surface:door", facts({ ph: 5 }));
    const left = ada.store.getItem("edits:job:ada") ?? "";
    ben.line = "down";
    ben.edit("surface:wall", facts({ tar: true }));
    const rest = ben.session.adopt(left);
    expect(JSON.parse(rest ?? "{}").pending).toHaveLength(1);
    ben.line = "up";
    await ben.settle();
    expect(server.read("surface:door").value).toMatchObject({ facts: { ph: 5 } });
    expect(ben.session.adopt(rest ?? "")).toBeNull();
    await ben.settle();
    expect(stored().facts).toEqual({ ph: 8, tar: true });
  });
});

describe("undo of what the server did", () => {
  test("brings back what it took along unheard of by the page", async () => {
    const version = server.read(wall).version;
    const made = server.send({
      token: "away",
      label: "room put away",
      items: [{ kind: "surface", id: "wall", version }],
    });
    ada.session.made("room put away", made.kind === "saved" ? made.version : 0);
    expect(ada.value(wall)).toMatchObject({ facts: { ph: 9 } });
    const undoing = ada.session.undo();
    for (let i = 0; i < 5; i++) await ada.hear();
    await undoing;
    await ada.settle();
    expect(stored().facts.ph).toBe(9);
  });
});
