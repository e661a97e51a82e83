import { useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { api, ask, Refusal, type Surface, type SurfaceView } from "../api/client";
import { clashes } from "./clash";
import { keys } from "./data";
import { pending } from "./pending";

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
 * While the line is down they wait in the browser and go when it is back. A refused edit stays on the screen with the
 * reason, and where somebody else saved meanwhile both stand side by side; nothing typed is dropped.
 */
export function useEdit(job: string, view: SurfaceView | undefined) {
  const client = useQueryClient();
  const [draft, setDraft] = useState<Surface | undefined>(view?.surface);
  const [state, setState] = useState<SaveState>({ kind: "saved" });
  const [past, setPast] = useState<Surface[]>([]);
  const [future, setFuture] = useState<Surface[]>([]);
  const wanted = useRef<Surface | undefined>(undefined);
  const version = useRef(0);
  const busy = useRef(false);
  const timer = useRef<number | undefined>(undefined);
  const id = view?.surface.id;
  const shown = useRef<string | undefined>(undefined);

  const flush = useCallback(async () => {
    if (busy.current || wanted.current === undefined) return;
    const surface = wanted.current;
    wanted.current = undefined;
    busy.current = true;
    setState({ kind: "saving" });
    try {
      const saved = await ask(
        api.PUT("/api/jobs/{job}/surfaces/{surface}", {
          params: { path: { job, surface: surface.id } },
          body: { version: version.current, surface },
        }),
      );
      busy.current = false;
      if (shown.current === surface.id) version.current = saved.version;
      if (wanted.current === undefined) {
        pending.drop(job, surface.id);
        setState({ kind: "saved" });
      } else pending.keep(job, { version: version.current, surface: wanted.current });
      client.setQueryData(keys.surface(job, surface.id), saved);
      client.invalidateQueries({ queryKey: keys.job(job), exact: true });
      client.invalidateQueries({ queryKey: keys.quantities(job) });
      if (wanted.current !== undefined) await flush();
    } catch (error) {
      busy.current = false;
      if (!(error instanceof Refusal)) {
        // No answer at all: the line is down. What was typed since stands before what was tried.
        wanted.current ??= surface;
        setState({ kind: "waiting" });
        window.clearTimeout(timer.current);
        timer.current = window.setTimeout(() => void flush(), Again);
      } else if (error.status === 409) {
        const theirs = await ask(
          api.GET("/api/jobs/{job}/surfaces/{surface}", { params: { path: { job, surface: surface.id } } }),
        ).catch(() => undefined);
        if (theirs && clashes(surface, theirs.surface).length === 0) {
          // What we sent before a reload had arrived after all: there is nothing to choose between.
          version.current = theirs.version;
          wanted.current = undefined;
          pending.drop(job, surface.id);
          client.setQueryData(keys.surface(job, surface.id), theirs);
          setState({ kind: "saved" });
        } else setState(theirs ? { kind: "clash", theirs } : { kind: "refused", message: error.message });
      } else {
        pending.drop(job, surface.id);
        setState({ kind: "refused", message: error.message });
      }
    }
  }, [client, job]);

  // Another surface, or another version of this one with nothing of ours under way: show what is stored, or what waits.
  useEffect(() => {
    if (!view) return;
    const moved = shown.current !== view.surface.id;
    if (moved) {
      shown.current = view.surface.id;
      setPast([]);
      setFuture([]);
      setState({ kind: "saved" });
      wanted.current = undefined;
      const waits = pending.read(job, view.surface.id);
      if (waits) {
        version.current = waits.version;
        wanted.current = waits.surface;
        setDraft(waits.surface);
        void flush();
        return;
      }
    }
    if (moved || (!busy.current && wanted.current === undefined)) {
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
      wanted.current = next;
      pending.keep(job, { version: version.current, surface: next });
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
        wanted.current = undefined;
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
