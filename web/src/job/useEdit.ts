import { useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { api, ask, Refusal, type Surface, type SurfaceView } from "../api/client";
import { clashes } from "./clash";
import { keys } from "./data";
import { type Pending, pending } from "./pending";

export type SaveState =
  | { kind: "saved" }
  | { kind: "saving" }
  | { kind: "waiting" }
  | { kind: "refused"; message: string }
  | { kind: "clash"; theirs: SurfaceView };

const Pause = 180;
const Again = 2500;
const Steps = 200;

/**
 * Edits of one surface: shown at once, saved as they are made, one save at a time so that none overtakes another.
 * While the line is down they wait in the browser and go when it is back; so do edits of a surface that one has turned
 * away from before they were sent. A refused edit stays on the screen with the reason, and where somebody else saved
 * meanwhile both stand side by side; nothing typed is dropped.
 */
export function useEdit(job: string, view: SurfaceView | undefined) {
  const client = useQueryClient();
  const [draft, setDraft] = useState<Surface | undefined>(view?.surface);
  const [state, setState] = useState<SaveState>({ kind: "saved" });
  const [past, setPast] = useState<Surface[]>([]);
  const [future, setFuture] = useState<Surface[]>([]);
  const wanted = useRef(new Map<string, Pending>());
  const version = useRef(0);
  const busy = useRef(false);
  const timer = useRef<number | undefined>(undefined);
  const id = view?.surface.id;
  const shown = useRef<string | undefined>(undefined);

  const flush = useCallback(async () => {
    const next = wanted.current.values().next().value;
    if (busy.current || next === undefined) return;
    const surface = next.surface;
    const inSight = () => shown.current === surface.id;
    wanted.current.delete(surface.id);
    busy.current = true;
    if (inSight()) setState({ kind: "saving" });
    try {
      const saved = await ask(
        api.PUT("/api/jobs/{job}/surfaces/{surface}", {
          params: { path: { job, surface: surface.id } },
          body: next,
        }),
      );
      busy.current = false;
      if (inSight()) version.current = saved.version;
      const since = wanted.current.get(surface.id);
      if (since === undefined) {
        pending.drop(job, surface.id);
        setState((s) => (inSight() || (s.kind === "waiting" && wanted.current.size === 0) ? { kind: "saved" } : s));
      } else {
        const onTop = { version: saved.version, surface: since.surface };
        wanted.current.set(surface.id, onTop);
        pending.keep(job, onTop);
      }
      client.setQueryData(keys.surface(job, surface.id), saved);
      client.invalidateQueries({ queryKey: keys.job(job), exact: true });
      client.invalidateQueries({ queryKey: keys.quantities(job) });
    } catch (error) {
      busy.current = false;
      if (!(error instanceof Refusal)) {
        // No answer at all: the line is down. What was typed since stands before what was tried.
        if (!wanted.current.has(surface.id)) wanted.current.set(surface.id, next);
        setState({ kind: "waiting" });
        window.clearTimeout(timer.current);
        timer.current = window.setTimeout(() => void flush(), Again);
        return;
      }
      // What is out of sight keeps waiting in the browser, and says why when it is looked at again.
      if (error.status === 409) {
        const theirs = await ask(
          api.GET("/api/jobs/{job}/surfaces/{surface}", { params: { path: { job, surface: surface.id } } }),
        ).catch(() => undefined);
        if (theirs && clashes(surface, theirs.surface).length === 0) {
          // What we sent before a reload had arrived after all: there is nothing to choose between.
          const since = wanted.current.get(surface.id);
          if (since) wanted.current.set(surface.id, { version: theirs.version, surface: since.surface });
          else pending.drop(job, surface.id);
          client.setQueryData(keys.surface(job, surface.id), theirs);
          if (inSight()) {
            version.current = theirs.version;
            setState({ kind: "saved" });
          }
        } else if (inSight()) {
          wanted.current.delete(surface.id);
          setState(theirs ? { kind: "clash", theirs } : { kind: "refused", message: error.message });
        }
      } else if (error.status === 404) pending.drop(job, surface.id);
      else if (inSight()) {
        pending.drop(job, surface.id);
        setState({ kind: "refused", message: error.message });
      }
    }
    await flush();
  }, [client, job]);

  // Whatever an earlier visit left unsent.
  useEffect(() => {
    for (const left of pending.all(job))
      if (!wanted.current.has(left.surface.id)) wanted.current.set(left.surface.id, left);
    void flush();
  }, [job, flush]);

  // Another surface, or another version of this one with nothing of ours under way: show what is stored, or what waits.
  useEffect(() => {
    if (!view) return;
    const { id } = view.surface;
    const moved = shown.current !== id;
    if (moved) {
      shown.current = id;
      setPast([]);
      setFuture([]);
      setState((s) => (s.kind === "waiting" && wanted.current.size > 0 ? s : { kind: "saved" }));
      const waits = wanted.current.get(id) ?? pending.read(job, id);
      if (waits) {
        version.current = waits.version;
        wanted.current.set(id, waits);
        setDraft(waits.surface);
        void flush();
        return;
      }
    }
    if (moved || (!busy.current && !wanted.current.has(id))) {
      version.current = view.version;
      setDraft(view.surface);
    }
  }, [view, job, flush]);

  useEffect(() => {
    const back = () => void flush();
    window.addEventListener("online", back);
    return () => window.removeEventListener("online", back);
  }, [flush]);

  const save = useCallback(
    (next: Surface, soon: boolean) => {
      setDraft(next);
      const edit = { version: version.current, surface: next };
      wanted.current.set(next.id, edit);
      pending.keep(job, edit);
      window.clearTimeout(timer.current);
      timer.current = window.setTimeout(() => void flush(), soon ? 0 : Pause);
    },
    [flush, job],
  );

  const change = useCallback(
    (next: Surface, soon = true) => {
      if (draft) setPast((p) => [...p.slice(1 - Steps), draft]);
      setFuture([]);
      save(next, soon);
    },
    [draft, save],
  );

  const undo = useCallback(() => {
    const before = past.at(-1);
    if (!before || !draft) return;
    setPast((p) => p.slice(0, -1));
    setFuture((f) => [...f, draft]);
    save(before, true);
  }, [past, draft, save]);

  const redo = useCallback(() => {
    const after = future.at(-1);
    if (!after || !draft) return;
    setFuture((f) => f.slice(0, -1));
    setPast((p) => [...p, draft]);
    save(after, true);
  }, [future, draft, save]);

  /** Ends a clash: what was chosen of both, saved on top of theirs. */
  const settleWith = useCallback(
    (theirs: SurfaceView, chosen: Surface) => {
      version.current = theirs.version;
      client.setQueryData(keys.surface(job, theirs.surface.id), theirs);
      if (JSON.stringify(chosen) === JSON.stringify(theirs.surface)) {
        wanted.current.delete(theirs.surface.id);
        pending.drop(job, theirs.surface.id);
        setDraft(theirs.surface);
        setState({ kind: "saved" });
      } else save(chosen, true);
    },
    [client, job, save],
  );

  return {
    draft: draft?.id === id ? draft : view?.surface,
    state,
    change,
    undo,
    redo,
    canUndo: past.length > 0,
    canRedo: future.length > 0,
    settleWith,
  };
}

export type Edit = ReturnType<typeof useEdit>;
