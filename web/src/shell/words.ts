import { useSyncExternalStore } from "react";

export type Terms = "british" | "american";
export type Units = "metric" | "us";

const listeners = new Set<() => void>();
const read = () => ({
  terms: (localStorage.getItem("terms") === "american" ? "american" : "british") as Terms,
  units: (localStorage.getItem("units") === "us" ? "us" : "metric") as Units,
});
let current = read();

export const speech = {
  get: () => current,
  set(change: Partial<typeof current>) {
    for (const [key, value] of Object.entries(change)) localStorage.setItem(key, value);
    current = read();
    for (const listener of listeners) listener();
  },
};

const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

const foot = 0.3048;
const trim = (value: number, digits: number) => Number(value.toFixed(digits)).toString();

// Rounded for people: a whole number from ten on, halves from two on, tenths below.
const rounded = (value: number) => {
  const step = value >= 10 ? 1 : value >= 2 ? 0.5 : 0.1;
  return Number((Math.round(value / step) * step).toFixed(1));
};

/** Hours of work for people: "7 h", "45 min". */
export const hoursText = (hours: number) =>
  hours > 0 && hours < 0.95 ? `${Math.max(5, Math.round((hours * 60) / 5) * 5)} min` : `${rounded(hours)} h`;

/** Days for people: "4 days", "1 day". */
export const daysText = (days: number) => `${rounded(days)} ${rounded(days) === 1 ? "day" : "days"}`;

/** Film thickness as this person wants it. */
export const filmText = (microns: number) =>
  current.units === "us" ? `${trim(microns / 25.4, 1)} mil` : `${Math.round(microns)} µm`;

/** Litres as this person wants them; null where metric, which has its own small units. */
export const gallonsText = (litres: number) =>
  current.units === "us" ? `${(litres / 3.785411784).toFixed(2)} gal` : null;

/** An address that answers in this person's terms and units: the server words what it wrote itself, and leaves records and people's own words. */
export const spoken = (address: string) => {
  const wanted = [
    ...(current.terms === "american" ? ["terms=american"] : []),
    ...(current.units === "us" ? ["units=us"] : []),
  ].join("&");
  return wanted === "" ? address : `${address}${address.includes("?") ? "&" : "?"}${wanted}`;
};

/** Units as this person wants them; what is stored is always in SI. */
export function useSpeech() {
  const { terms, units } = useSyncExternalStore(subscribe, speech.get);
  const us = units === "us";
  return {
    terms,
    units,
    length: (metres: number) => (us ? `${trim(metres / foot, 1)} ft` : `${trim(metres, 2)} m`),
    area: (squareMetres: number) =>
      us ? `${trim(squareMetres / (foot * foot), 0)} ft²` : `${trim(squareMetres, 2)} m²`,
    lengthUnit: us ? "ft" : "m",
    toLength: (metres: number | null | undefined) =>
      metres === null || metres === undefined ? null : us ? Number((metres / foot).toFixed(3)) : metres,
    fromLength: (shown: number | null) => (shown === null ? null : us ? Number((shown * foot).toFixed(4)) : shown),
  };
}

/** A day as one writes it: 3 December 2026. Of a moment the day where one is. */
export const dayText = (on: string) =>
  new Date(on.length === 10 ? `${on}T12:00:00` : on).toLocaleDateString("en-GB", {
    day: "numeric",
    month: "long",
    year: "numeric",
  });
