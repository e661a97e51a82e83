import type { Conflict, Json } from "./merge";

/** What a record of a job is, as the server has it. */
export type Kind = "job" | "building" | "space" | "surface" | "photo" | "entry";

/** Names a record of a job, such as `surface:stair-wall`. */
export type Key = `${Kind}:${string}`;

/** A record as the server has it; value null and version 0 when it has none. */
export type Stored = { version: number; value: Json; parent?: string | null };

/** One record of an edit: as it was when it was edited, and as it is to be; null for none. */
export type Edit = { key: Key; before: Json; after: Json; parent?: string; parentBefore?: string; position?: number };

/** One record as it is sent. */
export type Item = {
  kind: Kind;
  id: string;
  version: number;
  parent?: string;
  position?: number;
  value?: Json;
};

/** A change as it is sent: all of it is made or none, and only once however often it is sent. */
export type Batch = { token: string; label: string; items: Item[] };

/** What comes of sending. */
export type Answer =
  | { kind: "saved"; version: number }
  /** Some records are not as they were when they were edited. */
  | { kind: "stale"; standing: (Stored & { key: Key })[] }
  /** Something in it is wrong: tried again it would be wrong again. */
  | { kind: "refused"; message: string; at: { key: Key | null; message: string }[] }
  /** No line, no room, no answer: it may go another time. */
  | { kind: "down"; message: string };

/** The way to the server. None of these throws. */
export type Transport = {
  send(batch: Batch): Promise<Answer>;
  /** A record as it stands; undefined when that cannot be told now. */
  read(key: Key): Promise<Stored | undefined>;
  /** What a change that was made did; undefined when that cannot be told, or not any more. */
  change(version: number): Promise<Edit[] | undefined>;
};

/** A place for texts that outlives the page. May throw when it is full or forbidden. */
export type Store = {
  getItem(key: string): string | null;
  setItem(key: string, value: string): void;
  removeItem(key: string): void;
};

/** Time, so that tests have their own. */
export type Clock = { after(ms: number, run: () => void): () => void };

/** How an edit of one record stands. */
export type RecordState =
  | { kind: "saved" }
  | { kind: "waiting" }
  | { kind: "refused"; message: string }
  /** `gone`: one of both took the whole record away. */
  | { kind: "conflict"; conflicts: Conflict[]; gone?: "mine" | "theirs" };

/** How all edits of a job stand. */
export type SessionState = {
  /** saved: nothing waits. saving: under way. down: no line. stuck: a person has something to settle or mend. */
  kind: "saved" | "saving" | "down" | "stuck";
  /** Records whose edits have not reached the server. */
  waiting: number;
  /** Why nothing gets through, when nothing does. */
  message: string;
  conflicts: Key[];
  refused: Key[];
  undo: string | null;
  redo: string | null;
};
