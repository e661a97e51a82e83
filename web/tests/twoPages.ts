import { type Json, same } from "../src/sync/merge";
import { JobSession } from "../src/sync/session";
import type { Answer, Batch, Clock, Edit, Key, Store, Stored, Transport } from "../src/sync/types";

/** A source of chances that is the same for the same seed (mulberry32, public domain, from memory). */
export function chances(seed: number) {
  let a = seed >>> 0;
  const next = () => {
    a = (a + 0x6d2b79f5) >>> 0;
    let t = a;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
  return {
    chance: (p: number) => next() < p,
    below: (n: number) => Math.floor(next() * n),
    pick: <T>(items: readonly T[]) => items[Math.floor(next() * items.length)] as T,
  };
}

/** A server as plain as can be: records with versions, changes once each, nothing but what the contract says. */
export class PlainServer {
  readonly records = new Map<Key, Stored>();
  readonly changes = new Map<number, Edit[]>();
  readonly made = new Map<string, number>();
  private clock = 100;

  put(key: Key, value: Json, parent = "room") {
    this.records.set(key, { version: ++this.clock, value: structuredClone(value), parent });
  }

  read(key: Key): Stored {
    return structuredClone(this.records.get(key) ?? { version: 0, value: null });
  }

  send(batch: Batch): Answer {
    const known = this.made.get(batch.token);
    if (known !== undefined) return { kind: "saved", version: known };
    const keys = batch.items.map((i) => `${i.kind}:${i.id}` as Key);
    const stale = keys.filter((key, n) => this.read(key).version !== batch.items[n]?.version);
    if (stale.length > 0) return { kind: "stale", standing: stale.map((key) => ({ key, ...this.read(key) })) };
    const wrong = batch.items.findIndex((i) => (i.value as { wrong?: boolean } | undefined)?.wrong);
    if (wrong >= 0)
      return { kind: "refused", message: "wrong", at: [{ key: keys[wrong] ?? null, message: "wrong: may not be" }] };
    const version = ++this.clock;
    this.changes.set(
      version,
      batch.items.map((i, n) => ({
        key: keys[n] as Key,
        before: this.read(keys[n] as Key).value,
        after: structuredClone(i.value ?? null),
        parent: i.parent ?? "room",
      })),
    );
    for (const [n, item] of batch.items.entries()) {
      const key = keys[n] as Key;
      if (item.value === undefined) this.records.delete(key);
      else this.records.set(key, { version, value: structuredClone(item.value), parent: item.parent ?? "room" });
    }
    this.made.set(batch.token, version);
    return { kind: "saved", version };
  }
}

/** What may go wrong on the way. */
export type Line = "up" | "down" | "lost answer" | "full disk";

/** Time that goes on when it is told to. */
export class Hand implements Clock {
  private readonly waiting: { run: () => void }[] = [];

  after(_: number, run: () => void) {
    const entry = { run };
    this.waiting.push(entry);
    return () => {
      const at = this.waiting.indexOf(entry);
      if (at >= 0) this.waiting.splice(at, 1);
    };
  }

  get idle() {
    return this.waiting.length === 0;
  }

  /** Runs what is due. */
  go() {
    for (const entry of this.waiting.splice(0)) entry.run();
  }
}

export class Memory implements Store {
  readonly texts = new Map<string, string>();
  getItem = (key: string) => this.texts.get(key) ?? null;
  setItem = (key: string, value: string) => void this.texts.set(key, value);
  removeItem = (key: string) => void this.texts.delete(key);
}

/** A page: a session that can be closed and opened again on what it kept. */
export class Page {
  line: Line = "up";
  readonly store = new Memory();
  hand = new Hand();
  session!: JobSession;
  notices: string[] = [];
  saved: number[] = [];
  /** Answers on their way, let through one by one. */
  private readonly underway: (() => void)[] = [];
  private tokens = 0;
  private life = 0;

  constructor(
    readonly name: string,
    private readonly server: PlainServer,
  ) {
    this.open();
  }

  open() {
    const life = ++this.life;
    this.hand = new Hand();
    const alive = <T>(value: T): Promise<T> =>
      new Promise((done) => this.underway.push(() => (life === this.life ? done(value) : undefined)));
    const transport: Transport = {
      send: (batch) => {
        if (this.line === "down") return alive<Answer>({ kind: "down", message: "no line" });
        if (this.line === "full disk") return alive<Answer>({ kind: "down", message: "full" });
        const answer = this.server.send(structuredClone(batch));
        return alive<Answer>(this.line === "lost answer" ? { kind: "down", message: "lost" } : answer);
      },
      read: (key) => alive(this.line === "down" ? undefined : this.server.read(key)),
      change: (version) => alive(this.line === "down" ? undefined : this.server.changes.get(version)),
    };
    this.session = new JobSession({
      job: "job",
      place: this.name,
      transport,
      store: this.store,
      clock: this.hand,
      token: () => `${this.name}-${++this.tokens}`,
    });
    this.session.onNotice = (text) => this.notices.push(text);
    this.session.onSaved = (version) => this.saved.push(version);
  }

  /** A reload, or a crash: answers that were on their way are never heard. */
  reload() {
    this.underway.length = 0;
    this.open();
  }

  /** Lets the next answer through. */
  async hear() {
    this.underway.shift()?.();
    for (let i = 0; i < 6; i++) await Promise.resolve();
  }

  /** Looks at a record as the pages do when they come into focus. */
  look(key: Key) {
    if (this.line !== "down") this.session.receive(key, this.server.read(key));
  }

  /** Everything that can go on without a person goes on. */
  async settle() {
    for (let i = 0; i < 200; i++) {
      this.hand.go();
      await this.hear();
      if (this.underway.length === 0 && this.hand.idle) return;
    }
    throw new Error(`${this.name} does not come to rest: ${JSON.stringify(this.session.state())}`);
  }

  value(key: Key) {
    return this.session.current(key) as Record<string, Json> | null | undefined;
  }

  /** Edits what it sees. */
  edit(key: Key, change: (value: Record<string, Json>) => Record<string, Json> | null, label = "edit") {
    const before = this.value(key);
    if (before === undefined || before === null) return;
    this.session.edit(label, [{ key, before, after: change(structuredClone(before)), parent: "room" }]);
  }
}

export { same };
