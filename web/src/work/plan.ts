import type { Step } from "../api/client";

/** What of a plan holds at so many of its steps that it is said once above them, by how often. */
export function throughout(steps: Step[]): string[] {
  const said = new Map<string, number>();
  for (const step of steps)
    for (const line of new Set([
      ...step.cautions,
      ...(step.protection.length > 0 ? [`Wear ${step.protection.join(", ")}.`] : []),
    ]))
      said.set(line, (said.get(line) ?? 0) + 1);
  return [...said].filter(([, times]) => times >= Often).map(([line]) => line);
}

/** The cautions of a step that are its own: what holds throughout is not marked at each. */
export const own = (step: Step, said: string[]) => step.cautions.filter((c) => !said.includes(c));

/** Steps at which a thing has to hold to be said of all. */
const Often = 3;

/** Litres as one reads them off a kettle: tenths below ten, never none. */
export const litres = (l: number) => `${l < 10 ? Math.max(0.1, Math.round(l * 10) / 10) : Math.round(l)} L`;
