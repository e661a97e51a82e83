import { useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { api, ask, Refusal, type Surface, type SurfaceView } from "../api/client";
import { keys } from "./data";

export type SaveState = { kind: "saved" } | { kind: "saving" } | { kind: "refused"; message: string; stale: boolean };

const Pause = 180;

/**
 * Edits of one surface: shown at once, saved as they are made, one save at a time so that none overtakes another.
 * A refused edit stays on the screen with the reason; nothing typed is dropped.
 */
export function useEdit(job: string, view: SurfaceView | undefined) {
  const client = useQueryClient();
  const [draft, setDraft] = useState<Surface | undefined>(view?.surface);
  const [state, setState] = useState<SaveState>({ kind: "saved" });
  const [past, setPast] = useState<Surface[]>([]);
  const wanted = useRef<Surface | undefined>(undefined);
  const version = useRef(0);
  const busy = useRef(false);
  const timer = useRef<number | undefined>(undefined);
  const id = view?.surface.id;
  const shown = useRef(id);

  // Another surface, or another version of this one with nothing of ours under way: show what is stored.
  useEffect(() => {
    if (!view) return;
    const moved = shown.current !== view.surface.id;
    if (moved) {
      shown.current = view.surface.id;
      setPast([]);
      setState({ kind: "saved" });
    }
    if (moved || (!busy.current && wanted.current === undefined)) {
      version.current = view.version;
      setDraft(view.surface);
    }
  }, [view]);

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
      version.current = saved.version;
      busy.current = false;
      if (wanted.current === undefined) setState({ kind: "saved" });
      client.setQueryData(keys.surface(job, surface.id), saved);
      client.invalidateQueries({ queryKey: keys.job(job), exact: true });
      client.invalidateQueries({ queryKey: keys.quantities(job) });
      if (wanted.current !== undefined) await flush();
    } catch (error) {
      busy.current = false;
      const stale = error instanceof Refusal && error.status === 409;
      setState({ kind: "refused", message: error instanceof Error ? error.message : String(error), stale });
    }
  }, [client, job]);

  const save = useCallback(
    (next: Surface, soon: boolean) => {
      setDraft(next);
      wanted.current = next;
      window.clearTimeout(timer.current);
      timer.current = window.setTimeout(() => void flush(), soon ? 0 : Pause);
    },
    [flush],
  );

  const change = useCallback(
    (next: Surface, soon = true) => {
      if (draft) setPast((p) => [...p.slice(-49), draft]);
      save(next, soon);
    },
    [draft, save],
  );

  const undo = useCallback(() => {
    const before = past.at(-1);
    if (!before) return;
    setPast((p) => p.slice(0, -1));
    save(before, true);
  }, [past, save]);

  // Takes what is stored now; what was typed here and refused is given up on purpose.
  const reload = useCallback(async () => {
    if (!id) return;
    wanted.current = undefined;
    setState({ kind: "saved" });
    await client.invalidateQueries({ queryKey: keys.surface(job, id) });
  }, [client, job, id]);

  return { draft: draft?.id === id ? draft : view?.surface, state, change, undo, canUndo: past.length > 0, reload };
}

export type Edit = ReturnType<typeof useEdit>;
