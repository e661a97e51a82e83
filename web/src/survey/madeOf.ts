import type { Catalogue, Schemas } from "../api/client";

/** What such an element is usually made of: a start, to be changed at once where it is something else. */
export const madeOf = (catalogue: Catalogue, element: Schemas["Element"]) =>
  catalogue.elements.find((e) => e.element === element)?.substrate ?? "";
