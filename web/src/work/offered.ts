import type { Schemas } from "../api/client";

/** The options to show: those offered, or on a stopped surface those of the plan once it is freed. */
export const offered = (specification: Schemas["SpecificationReport"]) =>
  specification.then?.options ?? specification.options;
