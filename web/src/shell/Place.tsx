import { createContext, use } from "react";
import type { Catalogue, JobView, SpaceView, SurfaceView } from "../api/client";
import type { Edit } from "../job/useEdit";

export const views = ["survey", "work", "audit", "buy", "programme", "conditions", "site", "document", "firm"] as const;
export type View = (typeof views)[number];

export type Place = {
  job: JobView;
  space: SpaceView | undefined;
  view: SurfaceView | undefined;
  edit: Edit;
  catalogue: Catalogue | undefined;
  at: View;
  go: (to: { view?: View; space?: string; surface?: string }) => void;
  /** To the next surface of the room, or the one before. */
  turn: (step: 1 | -1) => void;
};

const Context = createContext<Place | null>(null);
export const PlaceProvider = Context.Provider;

/** Where one is: job, room, surface, and how to go elsewhere. */
export function usePlace(): Place {
  const place = use(Context);
  if (!place) throw new Error("There is no place here.");
  return place;
}
