import { type QueryClient, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useMemo, useSyncExternalStore } from "react";
import type { JobView, Schemas, Surface, SurfaceView } from "../api/client";
import { changedPaths } from "../sync/merge";
import { JobSession } from "../sync/session";
import { pathWords } from "../sync/words";
import { askAgain } from "./again";
import { freshId } from "./ids";
import { myPlace, takeOver } from "./pages";
import { transportTo } from "./transport";

const sessions = new Map<string, JobSession>();
const inSight = new Map<string, string | undefined>();

/** The edits of a job in this page: one session for as long as the page lives, whatever view is open. */
export function sessionOf(job: string, client: QueryClient): JobSession {
  const known = sessions.get(job);
  if (known) return known;
  const session = new JobSession({
    job,
    place: myPlace(),
    transport: transportTo(job, client, () => inSight.get(job)),
    store: localStorage,
    clock: {
      after: (ms, run) => {
        const timer = window.setTimeout(run, ms);
        return () => window.clearTimeout(timer);
      },
    },
    token: () => freshId(),
  });
  session.onSaved = (_, changed) => {
    // An edit of one surface may change the measure of its zones and neighbours; of anything else, every answer.
    const alone = changed.length === 1 && changed[0] === `surface:${inSight.get(job)}`;
    void askAgain(client, job, alone ? inSight.get(job) : undefined);
  };
  sessions.set(job, session);
  window.addEventListener("online", () => session.retry());
  void takeOver(job, (text) => session.adopt(text));
  return session;
}

/** Takes in what an answer says of the records of a job. */
export function useRecords(session: JobSession, job: JobView | undefined, view: SurfaceView | undefined) {
  useEffect(() => {
    if (!job) return;
    session.receive(`job:${job.id}`, { version: job.version, value: job.job });
    for (const b of job.buildings) {
      session.receive(`building:${b.building.id}`, { version: b.version, value: b.building, parent: job.id });
      for (const s of b.spaces)
        session.receive(`space:${s.space.id}`, { version: s.version, value: s.space, parent: b.building.id });
    }
  }, [session, job]);
  useEffect(() => {
    if (view)
      session.receive(`surface:${view.surface.id}`, {
        version: view.version,
        value: view.surface,
        parent: view.spaceId,
      });
  }, [session, view]);
}

/** The surface in hand as it is edited, and how its edits and all others of the job stand. */
export function useEdit(job: string, view: SurfaceView | undefined) {
  const client = useQueryClient();
  const session = useMemo(() => sessionOf(job, client), [job, client]);
  useSyncExternalStore(session.subscribe, session.revision);
  const id = view?.surface.id;
  useEffect(() => {
    inSight.set(job, id);
  }, [job, id]);
  const key = `surface:${id}` as const;
  const known = id === undefined ? undefined : session.current(key);
  const draft = (known ?? view?.surface) as Surface | undefined;
  const change = useCallback(
    (next: Surface, soon = true) => {
      const before = (session.current(`surface:${next.id}`) ?? draft) as Surface;
      const what = changedPaths(before, next).map(pathWords).slice(0, 3).join(", ");
      session.edit(`${next.title}: ${what}`, [{ key: `surface:${next.id}`, before, after: next }], soon);
    },
    [session, draft],
  );
  const all = session.state();
  return {
    session,
    draft: draft?.id === id ? draft : view?.surface,
    state: id === undefined ? ({ kind: "saved" } as const) : session.stateOf(key),
    all,
    change,
    undo: () => void session.undo(),
    redo: () => void session.redo(),
    canUndo: all.undo !== null,
    canRedo: all.redo !== null,
  };
}

/** The job's own record as it is edited. */
export const jobRecord = (session: JobSession, job: JobView) =>
  (session.current(`job:${job.id}`) ?? job.job) as Schemas["Job"];

export type Edit = ReturnType<typeof useEdit>;
