import type { Catalogue, Schemas, Space, Surface } from "../api/client";
import { madeOf } from "./madeOf";
import { placed } from "./openings";
import { slug } from "./slug";

type Kind = NonNullable<Space["kind"]>;
type Element = Schemas["Element"];

/** A room as it is asked for: lengths in metres, and what of it is to be a surface. */
export type RoomAsked = {
  title: string;
  kind: Kind;
  width: number;
  depth: number;
  height: number;
  faces?: Schemas["Compass"];
  /** Its walls, or its one face. */
  walls: boolean;
  ceiling: boolean;
  floor: boolean;
  skirting: boolean;
  doors: number;
  windows: number;
  /** Sizes of what is cut in the walls. */
  openings: Catalogue["openings"];
};

/** What rooms are most often called. */
export const roomNames = [
  "Living room",
  "Kitchen",
  "Dining room",
  "Bedroom",
  "Bathroom",
  "Hall",
  "Stairs and landing",
  "Study",
  "Utility room",
  "Office",
  "Shop",
  "Front",
  "Rear",
  "Gable",
  "Roof",
];

// Walls in the order in which openings go in: a door faces its window.
const doorsGo = [0, 1, 3, 2];
const windowsGo = [2, 3, 1, 0];

const capital = (text: string) => `${text[0]?.toUpperCase() ?? ""}${text.slice(1)}`;

/** A room with its usual surfaces, each of what such a thing is most often made of: to be told otherwise where it is something else. */
export function usual(asked: RoomAsked, catalogue: Catalogue, taken: { spaces: string[]; surfaces: string[] }) {
  const inside = asked.kind === "room";
  const names = inside ? ["First wall", "Second wall", "Third wall", "Fourth wall"] : [asked.title];
  const id = slug(asked.title, taken.spaces);
  const walls: Schemas["Wall"][] = names.map((title, i) => ({
    id: `wall-${i + 1}`,
    title,
    lengthM: i % 2 === 0 ? asked.width : asked.depth,
    heightM: asked.height,
    ...(asked.faces && !inside ? { faces: asked.faces } : {}),
    openings: [],
  }));
  const used = [...taken.surfaces];
  const surfaces: Surface[] = [];
  const add = (title: string, element: Element, wall?: string) => {
    const surface = slug(`${id} ${title}`, used);
    used.push(surface);
    surfaces.push({
      id: surface,
      title,
      element,
      substrate: madeOf(catalogue, element),
      exposure: inside ? "inside" : "outside",
      ...(wall ? { wall } : {}),
    });
  };
  const titled = (element: Element) => capital(catalogue.elements.find((e) => e.element === element)?.title ?? element);
  const cut = (kind: "door" | "window", count: number, order: number[]) => {
    for (let n = 0; n < count; n++) {
      const wall = walls[order[n % order.length] ?? 0] ?? walls[0];
      if (!wall) return;
      wall.openings = [...(wall.openings ?? []), placed(wall, kind, asked.openings)];
      add(count > 1 ? `${titled(kind)} ${n + 1}` : titled(kind), kind, wall.id);
    }
  };
  if (asked.walls)
    for (const wall of walls)
      add(
        inside ? (wall.title ?? wall.id) : asked.kind === "roofSlope" ? "Roof sheet" : "Face",
        inside ? "wall" : asked.kind === "roofSlope" ? "roofSheet" : "cladding",
        wall.id,
      );
  if (inside && asked.ceiling) add(titled("ceiling"), "ceiling");
  if (inside && asked.floor) add(titled("floor"), "floor");
  if (inside && asked.skirting) add(titled("skirting"), "skirting");
  if (asked.kind !== "roofSlope") {
    cut("door", asked.doors, doorsGo);
    cut("window", asked.windows, windowsGo);
  }
  const space: Space = { id, title: asked.title, kind: asked.kind, walls, surfaces: [] };
  return { space, surfaces };
}
