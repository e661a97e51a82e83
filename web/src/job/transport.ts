import type { QueryClient } from "@tanstack/react-query";
import type { SurfaceView } from "../api/client";
import { spoken } from "../shell/words";
import type { Answer, Batch, Edit, Key, Kind, Stored, Transport } from "../sync/types";
import { keys } from "./data";

const Patience = 20_000;

type Problem = {
  title?: string;
  detail?: string;
  errors?: Record<string, string[]>;
  standing?: { kind: Kind; id: string; version: number; parent?: string | null; value?: unknown }[];
};
type Changed = {
  kind: Kind;
  id: string;
  parent: string;
  parentBefore?: string | null;
  position: number;
  before?: unknown;
  after?: unknown;
};

/** What an answer of the server to a change means. */
export function understood(status: number, body: unknown, batch: Batch): Answer {
  const problem = (body ?? {}) as Problem;
  const message = problem.detail ?? problem.title ?? `The server answered ${status}.`;
  if (status === 200) return { kind: "saved", version: (body as { version: number }).version };
  if (status === 409 && problem.standing && problem.standing.length > 0)
    return {
      kind: "stale",
      standing: problem.standing.map((s) => ({
        key: `${s.kind}:${s.id}` as Key,
        version: s.version,
        value: s.value ?? null,
        parent: s.parent ?? null,
      })),
    };
  if (status === 408 || status === 429 || status >= 500) return { kind: "down", message };
  const at = Object.entries(problem.errors ?? {}).map(([path, said]) => {
    const item = batch.items[Number(/^\$\.items\[(\d+)\]/.exec(path)?.[1] ?? Number.NaN)];
    const where = path.replace(/^\$\.items\[\d+\]\.value\.?/, "");
    return {
      key: item ? (`${item.kind}:${item.id}` as Key) : null,
      message: `${where === "" ? "" : `${where}: `}${said.join(" ")}`,
    };
  });
  return { kind: "refused", message, at };
}

/** The way to the server by its API. `shown` tells the surface in sight, whose view comes with the answer. */
export function transportTo(job: string, client: QueryClient, shown: () => string | undefined): Transport {
  const base = `/api/jobs/${encodeURIComponent(job)}`;
  const get = async (path: string) => {
    const answer = await fetch(`${base}${path}`, { signal: AbortSignal.timeout(Patience) });
    return { status: answer.status, body: answer.ok ? ((await answer.json()) as unknown) : undefined };
  };
  return {
    async send(batch) {
      try {
        const show = shown();
        const answer = await fetch(spoken(`${base}/changes`), {
          method: "POST",
          headers: { "content-type": "application/json" },
          body: JSON.stringify({ ...batch, ...(show ? { show } : {}) }),
          signal: AbortSignal.timeout(Patience),
        });
        const body = (await answer.json()) as { view?: SurfaceView };
        if (answer.ok && body.view) client.setQueryData(keys.surface(job, body.view.surface.id), body.view);
        return understood(answer.status, body, batch);
      } catch {
        return { kind: "down", message: "No connection to the server." };
      }
    },
    async read(key) {
      try {
        const [kind, id] = [key.slice(0, key.indexOf(":")), key.slice(key.indexOf(":") + 1)];
        const { status, body } = await get(`/records/${kind}/${encodeURIComponent(id)}`);
        if (status === 404) return undefined;
        const found = body as Stored | undefined;
        return found && { version: found.version, value: found.value ?? null, parent: found.parent ?? null };
      } catch {
        return undefined;
      }
    },
    async change(version) {
      try {
        const { body } = await get(`/changes/${version}`);
        const made = body as { items: Changed[] } | undefined;
        return made?.items.map(
          (i): Edit => ({
            key: `${i.kind}:${i.id}`,
            before: i.before ?? null,
            after: i.after ?? null,
            parent: i.parent,
            ...(i.parentBefore ? { parentBefore: i.parentBefore } : {}),
            position: i.position,
          }),
        );
      } catch {
        return undefined;
      }
    },
  };
}
