import { useRef } from "react";
import type { SurfaceView } from "../api/client";
import { changed } from "./changed";

/** A line that tells what the last entry changed in the answer; it goes with the next surface. */
export function WhatChanged({ view }: { view: SurfaceView }) {
  const last = useRef<{ view: SurfaceView; says: string[] } | null>(null);
  if (last.current?.view.surface.id !== view.surface.id) last.current = { view, says: [] };
  else if (last.current.view.version !== view.version) last.current = { view, says: changed(last.current.view, view) };
  const says = last.current?.says ?? [];
  return (
    <p className="changed small" role="status">
      {says.length > 0 && (
        <>
          <b>Changed</b> {says.join(" · ")}
        </>
      )}
    </p>
  );
}
