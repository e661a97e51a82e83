import { type IDBPDatabase, openDB } from "idb";

/** A photo that the server does not have yet, with everything that it takes to send it. */
export type WaitingPhoto = {
  /** Named here, so that one sent again because its answer was lost is not added twice. */
  id: string;
  job: string;
  surface: string;
  stage: string;
  wet: boolean;
  caption: string;
  pairOf?: string;
  type: string;
  bytes: ArrayBuffer;
  /** What the server said against it; it is not sent again by itself. */
  refused?: string;
};

export type PhotoAnswer = { kind: "saved"; version: number } | { kind: "refused"; message: string } | { kind: "down" };

type Send = (photo: WaitingPhoto) => Promise<PhotoAnswer>;

const table = "waiting";

/** Photos on their way to the server, kept in the browser's database until it has them. */
export class PhotoQueue {
  private readonly db: Promise<IDBPDatabase>;
  private readonly send: Send;
  private busy: Promise<void> | undefined;
  private readonly listeners = new Set<() => void>();

  /** Told of each photo that was saved, with the number of the change. */
  onSaved: (photo: WaitingPhoto, version: number) => void = () => {};

  constructor(name: string, send: Send) {
    this.send = send;
    this.db = openDB(name, 1, {
      upgrade: (db) => {
        db.createObjectStore(table, { keyPath: "id" });
      },
    });
  }

  readonly subscribe = (listener: () => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Keeps a photo and sends it. Kept before the promise is fulfilled; it may still be on its way. */
  async add(photo: WaitingPhoto) {
    await (await this.db).put(table, photo);
    this.tell();
    void this.flush();
  }

  /** What waits of a surface. */
  async of(job: string, surface: string): Promise<WaitingPhoto[]> {
    const all = (await (await this.db).getAll(table)) as WaitingPhoto[];
    return all.filter((p) => p.job === job && p.surface === surface);
  }

  /** Gives a photo up on purpose. */
  async discard(id: string) {
    await (await this.db).delete(table, id);
    this.tell();
  }

  /** Sends what waits, one at a time; stops at the first for which there is no line. `again`: refused ones are tried too. */
  flush(again = false): Promise<void> {
    this.busy ??= this.run(again).finally(() => {
      this.busy = undefined;
    });
    return this.busy;
  }

  private async run(again: boolean) {
    const db = await this.db;
    for (const key of await db.getAllKeys(table)) {
      const photo = (await db.get(table, key)) as WaitingPhoto | undefined;
      if (!photo || (photo.refused !== undefined && !again)) continue;
      const answer = await this.send(photo);
      if (answer.kind === "down") return;
      if (answer.kind === "saved") {
        await db.delete(table, key);
        this.onSaved(photo, answer.version);
      } else if ((await db.get(table, key)) !== undefined) await db.put(table, { ...photo, refused: answer.message });
      this.tell();
    }
  }

  private tell() {
    for (const listener of [...this.listeners]) listener();
  }
}
