import { useState } from "react";
import type { SurfaceView } from "../api/client";
import { changed } from "./changed";

/** What the last entry changed in the answer, in words; it goes with the next surface. */
export function useChanged(view: SurfaceView | undefined): string[] {
  const [last, setLast] = useState<{ view: SurfaceView | undefined; says: string[] }>({ view, says: [] });
  if (view !== last.view) {
    const before = last.view;
    const same = view !== undefined && before !== undefined && view.surface.id === before.surface.id;
    const says = !same ? [] : view.version === before.version ? last.says : changed(before, view);
    setLast({ view, says });
    return says;
  }
  return last.says;
}

/** The line that tells it. */
export function WhatChanged({ says }: { says: string[] }) {
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
