import { type Json, type Shape, shapes } from "./merge";
import type { Key, Kind } from "./types";

export const kindOf = (key: Key) => key.slice(0, key.indexOf(":")) as Kind;

export const idOf = (key: Key) => key.slice(key.indexOf(":") + 1);

/** How records of a kind are merged; one that is not there on some side only as a whole. */
export const shapeOf = (key: Key, ...values: Json[]): Shape =>
  values.includes(null) ? { how: "whole" } : (shapes[kindOf(key)] ?? { how: "whole" });
