import { nextBatch } from "./batch";
import { type Kept, keep, type Pending, parse, restore } from "./kept";
import { idOf, kindOf, shapeOf } from "./keys";
import { type Choice, type Json, merge, same } from "./merge";
import { Steps, stepOver, type Way } from "./steps";
import type { Answer, Batch, Clock, Edit, Key, RecordState, SessionState, Store, Stored, Transport } from "./types";
import { pathsWords } from "./words";

type Parts = {
  job: string;
  transport: Transport;
  store: Store;
  clock: Clock;
  /** A new name each time. */
  token: () => string;
  /** Under which the texts are kept; one page uses one. */
  place: string;
};

const Pause = 180;
const FirstRetry = 2_000;
const LongestRetry = 30_000;

/**
 * The edits of one job in one page: shown at once, kept in the browser until the server has them, sent one change at a time, merged with what
 * others did meanwhile, undone and done again. Nothing typed is dropped but by a person's choice. It knows no page and no network; both are given.
 */
export class JobSession {
  private readonly known = new Map<Key, Stored>();
  private readonly pending = new Map<Key, Pending>();
  private readonly steps = new Steps();
  private flight: Batch | null = null;
  private busy = false;
  private turning: Promise<void> = Promise.resolve();
  private online = true;
  private message = "";
  private retryIn = FirstRetry;
  private stopTimer: (() => void) | undefined;
  private readonly listeners = new Set<() => void>();
  private readonly parts: Parts;
  private version = 0;
  private shown: SessionState | undefined;

  /** Told when a change was saved, with its number and the records in it. */
  onSaved: (version: number, keys: Key[]) => void = () => {};
  /** Told what was merged or left by itself, in words. */
  onNotice: (text: string) => void = () => {};

  constructor(parts: Parts) {
    this.parts = parts;
    this.restore();
  }

  /** Called when anything changed; gives the way to stop it. */
  readonly subscribe = (listener: () => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Goes up by one with every change, for whoever compares. */
  readonly revision = () => this.version;

  /** How all edits stand; the same object until something changes. */
  readonly state = (): SessionState => {
    if (!this.shown) {
      const all = [...this.pending];
      const conflicts = all.filter(([, p]) => p.theirs).map(([key]) => key);
      const refused = all.filter(([, p]) => p.refused !== undefined).map(([key]) => key);
      const movable = all.length - conflicts.length - refused.length;
      this.shown = {
        kind:
          all.length === 0 && !this.flight
            ? "saved"
            : !this.online
              ? "down"
              : movable > 0 || this.flight
                ? "saving"
                : "stuck",
        waiting: all.length,
        message: this.message,
        conflicts,
        refused,
        undo: this.steps.last("undo")?.label ?? null,
        redo: this.steps.last("redo")?.label ?? null,
      };
    }
    return this.shown;
  };

  /** How the edit of one record stands. */
  stateOf(key: Key): RecordState {
    const pending = this.pending.get(key);
    if (!pending) return { kind: "saved" };
    if (pending.theirs) {
      const conflicts = this.mergeWith(key, pending, pending.theirs).conflicts;
      const gone = pending.theirs.value === null ? "theirs" : pending.mine === null ? "mine" : undefined;
      return { kind: "conflict", conflicts, ...(gone ? { gone } : {}) };
    }
    if (pending.refused !== undefined) return { kind: "refused", message: pending.refused };
    return { kind: "waiting" };
  }

  /** A record as it is to be shown: with what was edited here. Undefined when nothing is known of it, null when it is not there. */
  current(key: Key): Json | undefined {
    const pending = this.pending.get(key);
    return pending ? pending.mine : this.known.get(key)?.value;
  }

  /** The records of a kind that wait here to be sent, in the order in which they were made. */
  waiting(kind: string): Json[] {
    return [...this.pending].filter(([key, p]) => kindOf(key) === kind && p.mine !== null).map(([, p]) => p.mine);
  }

  /** A record as the server has it came in by some answer. One older than what is known is passed over. */
  receive(key: Key, stored: Stored) {
    const known = this.known.get(key);
    if (known && stored.version !== 0 && stored.version < known.version) return;
    if (known && known.version === stored.version && (stored.parent ?? null) === (known.parent ?? null)) return;
    const merged: Stored = { ...stored, parent: stored.parent ?? known?.parent ?? null };
    this.known.set(key, merged);
    const pending = this.pending.get(key);
    // What is under way is told apart by its answer, or when it is tried again.
    if (pending && !this.isFlying(key) && stored.version !== (pending.theirs ?? pending.base).version) {
      // What was chosen was chosen between other records.
      delete pending.choices;
      this.rebase(key, pending, merged);
    }
    this.changed();
  }

  /** Makes an edit: seen at once, sent a moment later. `step`: it can be undone. */
  edit(label: string, edits: Edit[], soon = false, step = true) {
    const real = edits.filter((e) => !same(e.before, e.after));
    if (real.length === 0) return;
    if (step) this.steps.add({ label, edits: real });
    this.put(label, real);
    this.schedule(soon ? 0 : Pause);
    this.changed();
  }

  /** A change that the server made itself, such as taking a file in: it can be undone too. */
  made(label: string, change: number) {
    this.steps.add({ label, change });
    this.changed();
  }

  /** Takes the last step back: only what it did itself, and only where nobody has changed that since. */
  undo = () => this.turn("undo");

  /** Does what was last taken back again, on the same terms. */
  redo = () => this.turn("redo");

  /** Settles open conflicts of a record, path by path; what is not named stays open. */
  resolve(key: Key, choices: Record<string, Choice>) {
    const pending = this.pending.get(key);
    if (!pending?.theirs) return;
    pending.choices = { ...pending.choices, ...choices };
    this.rebase(key, pending, pending.theirs);
    this.schedule(0);
    this.changed();
  }

  /** Gives an edit up on purpose: the record is as the server has it. Goes for all that were made in one go with it. */
  discard(key: Key) {
    const group = this.pending.get(key)?.group;
    for (const [other, pending] of [...this.pending])
      if (other === key || pending.group === group) this.pending.delete(other);
    this.schedule(0);
    this.changed();
  }

  /** Takes the last step off the list of what can be undone, as it came to nothing. */
  forget(label: string) {
    this.steps.forget(label);
    this.changed();
  }

  /** Waits until the edits of some records, of all that wait if none are named, are saved, refused, or are known to have to wait. */
  async sent(named?: Key[]): Promise<"saved" | "refused" | "waiting"> {
    await this.turning;
    const keys = named ?? [...this.pending.keys()];
    const told = () => {
      const states = keys.map((key) => this.stateOf(key).kind);
      if (states.every((s) => s === "saved") && !keys.some((key) => this.isFlying(key))) return "saved";
      if (states.includes("refused")) return "refused";
      return !this.online || states.includes("conflict") ? "waiting" : null;
    };
    return new Promise((done) => {
      const now = told();
      if (now !== null) {
        done(now);
        return;
      }
      const stop = this.subscribe(() => {
        const later = told();
        if (later === null) return;
        stop();
        done(later);
      });
    });
  }

  /** Tries again at once: the line is back, or somebody asked for it. Refused edits are tried too. */
  retry() {
    for (const pending of this.pending.values()) delete pending.refused;
    this.retryIn = FirstRetry;
    this.schedule(0);
    this.changed();
  }

  /** Done when nothing is under way. For tests. */
  async settled() {
    while (this.busy) await Promise.resolve();
  }

  private put(label: string, edits: Edit[]) {
    let group = this.parts.token();
    // One go over records that wait already joins them.
    for (const e of edits) group = this.pending.get(e.key)?.group ?? group;
    const joined = new Set(edits.map((e) => this.pending.get(e.key)?.group));
    for (const pending of this.pending.values())
      if (joined.has(pending.group)) {
        pending.group = group;
        delete pending.refused;
      }
    for (const e of edits) {
      const pending = this.pending.get(e.key);
      const known = this.known.get(e.key);
      if (pending) {
        // Made on a record that was changed here since: only what it changes goes in.
        pending.mine = same(e.before, pending.mine)
          ? e.after
          : (merge(e.before, e.after, pending.mine, shapeOf(e.key, e.before, e.after, pending.mine), () => "mine")
              .value ?? null);
        pending.label = label;
        delete pending.refused;
        if (e.position !== undefined) pending.position = e.position;
        if (e.parent !== undefined) pending.parent = e.parent;
        if (pending.theirs) this.rebase(e.key, pending, pending.theirs);
        this.dropIfIdle(e.key, pending);
        continue;
      }
      const base = known ?? { version: 0, value: null };
      const parent = e.parent ?? base.parent ?? undefined;
      const made: Pending = {
        base: { ...base, value: e.before },
        mine: e.after,
        group,
        label,
        ...(parent === undefined ? {} : { parent }),
        ...(e.position === undefined ? {} : { position: e.position }),
      };
      this.pending.set(e.key, made);
      // Made on a record that somebody else has changed since.
      if (!same(base.value, e.before)) this.rebase(e.key, made, base);
    }
  }

  // Back to where it was: nothing is left to send.
  private dropIfIdle(key: Key, pending: Pending) {
    if (!this.isFlying(key) && !pending.theirs && same(pending.base.value, pending.mine)) this.pending.delete(key);
  }

  private mergeWith(key: Key, pending: Pending, theirs: Stored) {
    return merge(
      pending.base.value,
      pending.mine,
      theirs.value,
      shapeOf(key, pending.mine, theirs.value),
      (path) => pending.choices?.[path],
    );
  }

  // What waits is put on top of what somebody else saved meanwhile.
  private rebase(key: Key, pending: Pending, theirs: Stored) {
    const merged = this.mergeWith(key, pending, theirs);
    if (merged.conflicts.length > 0) {
      pending.theirs = theirs;
      return;
    }
    if (merged.taken.length > 0 && !pending.theirs)
      this.onNotice(`Merged with what somebody else changed: ${pathsWords(merged.taken)}.`);
    delete pending.theirs;
    delete pending.choices;
    pending.base = theirs;
    pending.mine = merged.value;
    if (theirs.value === null) delete pending.position;
    if (same(theirs.value, pending.mine)) this.pending.delete(key);
  }

  private isFlying(key: Key) {
    return this.flight?.items.some((i) => i.kind === kindOf(key) && i.id === idOf(key)) ?? false;
  }

  private schedule(ms: number) {
    this.stopTimer?.();
    this.stopTimer = this.parts.clock.after(ms, () => void this.flush());
  }

  private async flush() {
    if (this.busy) return;
    this.flight ??= nextBatch(this.pending, this.parts.token);
    if (!this.flight) return;
    const batch = this.flight;
    this.busy = true;
    this.changed();
    const answer = await this.parts.transport.send(batch);
    this.busy = false;
    this.take(batch, answer);
    this.changed();
    if (answer.kind !== "down" && (this.flight || nextBatch(this.pending, this.parts.token))) this.schedule(0);
  }

  private take(batch: Batch, answer: Answer) {
    if (answer.kind === "down") {
      this.online = false;
      this.message = answer.message;
      this.schedule(this.retryIn);
      this.retryIn = Math.min(LongestRetry, this.retryIn * 2);
      return;
    }
    this.online = true;
    this.message = "";
    this.retryIn = FirstRetry;
    this.flight = null;
    const keys = batch.items.map((i) => `${i.kind}:${i.id}` as Key);
    if (answer.kind === "saved") {
      for (const [n, item] of batch.items.entries()) {
        const key = keys[n] as Key;
        const pending = this.pending.get(key);
        const sent: Stored = {
          version: item.value === undefined ? 0 : answer.version,
          value: item.value ?? null,
          parent: item.parent ?? pending?.base.parent ?? null,
        };
        // Somebody may have gone on from it before the answer came.
        const known = this.known.get(key);
        const later = known && known.version > answer.version ? known : sent;
        this.known.set(key, later);
        if (!pending) continue;
        pending.base = sent;
        delete pending.position;
        if (same(pending.mine, sent.value)) this.pending.delete(key);
        else if (later !== sent) this.rebase(key, pending, later);
      }
      this.onSaved(answer.version, keys);
      return;
    }
    if (answer.kind === "stale") {
      for (const { key, ...standing } of answer.standing) {
        this.known.set(key, { ...standing, parent: standing.parent ?? this.known.get(key)?.parent ?? null });
        const pending = this.pending.get(key);
        if (!pending) continue;
        delete pending.choices;
        this.rebase(key, pending, this.known.get(key) as Stored);
      }
      return;
    }
    for (const key of keys) {
      const pending = this.pending.get(key);
      if (pending)
        pending.refused =
          answer.at
            .filter((a) => a.key === key)
            .map((a) => a.message)
            .join(" ") || answer.message;
    }
  }

  private turn(way: Way) {
    this.turning = this.back(way);
    return this.turning;
  }

  private async back(way: Way) {
    const step = this.steps.last(way);
    if (!step) return;
    const edits = step.edits ?? (step.change === undefined ? [] : await this.parts.transport.change(step.change));
    // Told by an answer that came late: somebody else was quicker.
    if (this.steps.last(way) !== step) return;
    if (!edits) {
      this.onNotice(`"${step.label}" cannot be taken back now: what it did could not be read.`);
      return;
    }
    // What the server did by itself this page may not have heard of.
    const over = await stepOver(edits, way, (key) => this.standing(key, step.change !== undefined));
    if (!over) {
      this.onNotice(`"${step.label}" cannot be taken back now: no connection to the server.`);
      return;
    }
    const { made, left } = over;
    this.steps.turned(way);
    if (left.length > 0) this.onNotice(`Left as it is, because it was changed since: ${pathsWords(left)}.`);
    if (made.length > 0) {
      this.put(`${way === "undo" ? "Undone" : "Done again"}: ${step.label}`, made);
      this.schedule(0);
    }
    this.changed();
  }

  private async standing(key: Key, fresh: boolean): Promise<Json | undefined> {
    const here = this.current(key);
    if (here !== undefined && !(fresh && !this.pending.has(key))) return here;
    const stored = await this.parts.transport.read(key);
    if (stored) this.receive(key, stored);
    return stored === undefined ? undefined : this.current(key);
  }

  private changed() {
    this.version++;
    this.shown = undefined;
    this.keep();
    for (const listener of [...this.listeners]) listener();
  }

  private get name() {
    return `edits:${this.parts.job}:${this.parts.place}`;
  }

  private keep() {
    keep(this.parts.store, this.name, {
      pending: [...this.pending],
      flight: this.flight,
      undo: this.steps.undo,
      redo: this.steps.redo,
    });
  }

  /**
   * Takes over what a page that is closed by now had not sent. What is edited here at the moment waits for its turn.
   * Returns what is left to take over another time, or null when that is nothing.
   */
  adopt(text: string): string | null {
    const kept = parse(text);
    if (!kept) return null;
    const groups = new Set(kept.pending.filter(([key]) => this.pending.has(key)).map(([, p]) => p.group));
    const later = kept.pending.filter(([, p]) => groups.has(p.group));
    for (const [key, left] of kept.pending) {
      if (groups.has(left.group)) continue;
      this.pending.set(key, left);
      const known = this.known.get(key);
      if (known && known.version !== (left.theirs ?? left.base).version) this.rebase(key, left, known);
    }
    this.schedule(0);
    this.changed();
    return later.length === 0
      ? null
      : JSON.stringify({ pending: later, flight: null, undo: [], redo: [] } satisfies Kept);
  }

  private restore() {
    const kept = restore(this.parts.store, this.name);
    if (!kept) return;
    for (const [key, pending] of kept.pending) this.pending.set(key, pending);
    this.flight = kept.flight;
    this.steps.undo = kept.undo;
    this.steps.redo = kept.redo;
    if (this.pending.size > 0 || this.flight) this.schedule(0);
  }
}
