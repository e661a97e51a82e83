import type { Catalogue, Schemas } from "../api/client";

/** What such an element is usually made of: a start, to be changed at once where it is something else. */
export const madeOf = (catalogue: Catalogue, element: Schemas["Element"]) =>
  catalogue.elements.find((e) => e.element === element)?.substrate ?? "";

/** Everything that a surface can be made of, under the kinds of ground. */
export const grounds = (catalogue: Catalogue) =>
  catalogue.substrates.map((s) => ({ value: s.id, title: s.title, group: families[s.family] ?? s.family }));

const families: Record<string, string> = {
  plaster: "Plaster, board, paper",
  masonry: "Masonry and render",
  wood: "Wood and wood board",
  ferrous: "Iron and steel",
  nonFerrous: "Zinc, aluminium, copper, lead",
  slick: "Tile, plastic, glass, laminate",
};
