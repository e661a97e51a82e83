import type { Schemas } from "../api/client";

type Reckoner = Schemas["ReckonerView"];

/** What is typed, without what is empty or as usual: that is what an address and a question hold. */
export function asked(of: Reckoner, typed: Record<string, string>): Record<string, string> {
  return Object.fromEntries(
    of.inputs.flatMap((i) => {
      const text = (typed[i.name] ?? "").trim();
      return text === "" || text === i.usual ? [] : [[i.name, text]];
    }),
  );
}

/** Whether all that must be said is said. */
export const enough = (of: Reckoner, typed: Record<string, string>) =>
  of.inputs.every((i) => i.usual !== null || (typed[i.name] ?? "").trim() !== "");

/** What is wrong with one field, of all that is wrong. */
export const wrongWith = (name: string, problems: string[]) =>
  problems
    .filter((p) => p.startsWith(`${name}: `))
    .map((p) => p.slice(name.length + 2))
    .join(" ");

/** What is wrong with no single field. */
export const wrongAtAll = (of: Reckoner, problems: string[]) =>
  problems.filter((p) => !of.inputs.some((i) => p.startsWith(`${i.name}: `)));

/** A figure as it is read: four digits that count, thousands apart. */
export function figure(value: number): string {
  if (value === 0) return "0";
  const size = Math.abs(value);
  if (size >= 1000) return value.toLocaleString("en-GB", { maximumFractionDigits: 1 });
  if (size < 0.001) return value.toExponential(2);
  return String(Number(value.toPrecision(4)));
}

/** A unit as it is written by hand. */
export const written = (unit: string) =>
  unit
    .replace(/^um$/, "µm")
    .replace(/([a-z])2$/, "$1²")
    .replace(/([a-z])3$/, "$1³")
    .replace("m2/", "m²/");

/** The sums whose name or id holds every word sought. */
export const sought = (groups: Schemas["ReckonerGroupView"][], text: string) => {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  return groups
    .map((g) => ({
      ...g,
      reckoners: g.reckoners.filter((r) =>
        words.every((w) => `${g.title} ${r.id.replaceAll("-", " ")} ${r.title}`.toLowerCase().includes(w)),
      ),
    }))
    .filter((g) => g.reckoners.length > 0);
};

/** What a sum is called in a list: its id in words. */
export const called = (id: string) => {
  const words = id.replaceAll("-", " ");
  return words.charAt(0).toUpperCase() + words.slice(1);
};
