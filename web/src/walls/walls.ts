import type { Schemas } from "../api/client";

export type Wall = Schemas["WallReport"];
export type Look = Schemas["DueLookReport"];
export type Lasting = Schemas["LastingReport"];

/** A coat in a line: what, colour, batch, who. */
export const coatText = (coat: Wall["coats"][number]): string =>
  [
    coat.product || "a coat nobody named",
    coat.colour,
    coat.batch && `batch ${coat.batch}`,
    coat.by && `laid by ${coat.by}`,
  ]
    .filter(Boolean)
    .join(", ");

/** Coats of the same kind, laid on one day, are told once with their number. */
export function coatsText(coats: Wall["coats"]): { on: string; text: string }[] {
  const told: { on: string; text: string; times: number }[] = [];
  for (const coat of coats) {
    const text = coatText(coat);
    const last = told.at(-1);
    if (last && last.on === coat.on && last.text === text) last.times += 1;
    else told.push({ on: coat.on, text, times: 1 });
  }
  return told.map(({ on, text, times }) => ({ on, text: times > 1 ? `${text}, ${times} coats` : text }));
}

/** Looks that nobody has done: those due by today, then those of the months that come; none further off. */
export function openLooks(looks: readonly Look[], today: string, months = 12): { due: Look[]; coming: Look[] } {
  const end = new Date(`${today}T12:00:00Z`);
  end.setUTCMonth(end.getUTCMonth() + months);
  const until = end.toISOString().slice(0, 10);
  const open = looks.filter((l) => !l.seen);
  return { due: open.filter((l) => l.on <= today), coming: open.filter((l) => l.on > today && l.on <= until) };
}

const years = (n: number) => (n < 10 ? n.toFixed(1).replace(/\.0$/, "") : Math.round(n).toString());

/** What is known of how long it lasts, and how little. */
export function lastsText(l: Lasting): string {
  const seen = `${l.curve.seen} ${l.curve.seen === 1 ? "surface" : "surfaces"} looked at again, ${
    l.curve.failures === 0 ? "none in need of work yet" : `${l.curve.failures} in need of work`
  }`;
  return `${seen}. Usual ${years(l.usual)} years; with what was seen ${years(l.life.years)}, nineteen times in twenty between ${years(l.life.low)} and ${years(l.life.high)}.`;
}

/** The share still sound over time as a path of steps, its band as a closed one, and the last step in words. Room is left above and below for the stroke. */
export function curve({ steps, longest }: Lasting["curve"], width: number, height: number) {
  const x = (t: number) => (longest > 0 ? ((t / longest) * width).toFixed(1) : "0");
  const y = (share: number) => (4 + (1 - share) * (height - 8)).toFixed(1);
  const along = (of: (s: (typeof steps)[number]) => number) =>
    `${steps.reduce((d, s) => `${d} H${x(s.years)} V${y(of(s))}`, `M0 ${y(1)}`)} H${width}`;
  // Back along the lower edge, from the last step to the first.
  const back = steps.reduceRight(
    (d, s, i) => `${d} H${x(s.years)} V${y(steps[i - 1]?.low ?? 1)}`,
    ` V${y(steps.at(-1)?.low ?? 1)}`,
  );
  const last = steps.at(-1);
  const percent = (share: number) => Math.round(share * 100);
  return {
    share: along((s) => s.share),
    band: `${along((s) => s.high)}${back} H0 Z`,
    words: last
      ? `After ${last.years.toFixed(1)} years ${percent(last.share)} % still sound, between ${percent(last.low)} and ${percent(last.high)} %`
      : "None has failed yet",
  };
}
