import { matchPath } from "react-router";
import type { SpaceView } from "../api/client";
import { type View, views } from "./Place";

export const route = "/:job/:view?/:space?/:surface?";

/**
 * Where an address points: view, room and surface, with the first of each where it names none or one that is not there.
 * What is drawn follows the address a moment later, so whatever turns the page asks the address and not the page: keys
 * pressed in between count from where the last one went.
 */
export function whereIs(path: string, spaces: SpaceView[]) {
  const named: Partial<Record<string, string>> = matchPath(route, path)?.params ?? {};
  const at: View = views.find((v) => v === named.view) ?? "survey";
  const space =
    spaces.find((s) => s.surfaces.some((f) => f.id === named.surface)) ??
    spaces.find((s) => s.space.id === named.space) ??
    spaces[0];
  const surface = space?.surfaces.find((f) => f.id === named.surface)?.id ?? space?.surfaces[0]?.id ?? "";
  return { at, space, surface };
}
