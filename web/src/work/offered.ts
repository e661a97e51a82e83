import type { Schemas } from "../api/client";

/** The options to show: those offered, or on a stopped surface those of the plan once it is freed. */
export const offered = (specification: Schemas["SpecificationReport"]) =>
  specification.then?.options ?? specification.options;

/** What an option does about a cause that is taken to be at work, as a line to read. */
export const causeAnswer = (cause: Schemas["CauseAnswerReport"]) =>
  `${cause.title.charAt(0).toUpperCase()}${cause.title.slice(1)} (${Math.round(cause.probability * 100)} % likely). ${cause.says}`;
