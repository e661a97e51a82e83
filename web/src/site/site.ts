import type { Schemas } from "../api/client";

export type Entry = Schemas["LogEntry"];
export type SurfaceSite = Schemas["SurfaceSiteReport"];
export type Step = Schemas["StepReport"];

/** A UUID of version 7: ids sort as they were made, whatever device made them. `random`: ten bytes. */
export function uuid7(now: number, random: Uint8Array): string {
  const bytes = new Uint8Array(16);
  for (let i = 0; i < 6; i++) bytes[i] = Math.floor(now / 256 ** (5 - i)) % 256;
  bytes.set(random.subarray(0, 10), 6);
  bytes[6] = ((bytes[6] ?? 0) & 0x0f) | 0x70;
  bytes[8] = ((bytes[8] ?? 0) & 0x3f) | 0x80;
  const hex = [...bytes].map((b) => b.toString(16).padStart(2, "0")).join("");
  return [hex.slice(0, 8), hex.slice(8, 12), hex.slice(12, 16), hex.slice(16, 20), hex.slice(20)].join("-");
}

const at = (time: string) => Date.parse(`${time.slice(0, 19)}Z`);

/** A local time so many minutes later. */
export const later = (time: string, minutes: number): string =>
  new Date(at(time) + minutes * 60_000).toISOString().slice(0, 19);

/** What the sheet shows of a surface: the server's answer, and on top of it what was written since and has not gone up. */
export type Stand = {
  site: SurfaceSite;
  /** What comes now; undefined where nothing is left, or nothing leads on. */
  step: Step | undefined;
  /** What comes after it. */
  rest: Step[];
  /** From when it may begin; undefined: at once. */
  from: string | undefined;
  /** From when it is better. */
  advised: string | undefined;
  latest: string | undefined;
  /** What has to be so before, and is not yet. */
  needs: string[];
  underWay: boolean;
  interrupted: boolean;
  /** Lines that have not gone up: they are not judged yet. */
  waiting: number;
};

/** Where a surface stands with the lines that wait on this device. What they say is taken as done; it is judged when it has gone up. */
export function standOf(site: SurfaceSite, waiting: readonly Entry[]): Stand {
  const mine = waiting.filter((e) => e.surface === site.id);
  const gone = new Set(mine.filter((e) => e.kind === "done" || e.kind === "skipped").map((e) => e.step ?? undefined));
  const left = site.remaining.filter((s) => !gone.has(s.n));
  const step = left[0];
  const next = site.next.find((n) => n.n === step?.n);
  const last = mine.filter((e) => e.kind === "done").at(-1);
  const laid = last && site.remaining.find((s) => s.n === last.step);
  // A step that waits for nothing follows at once, however wet the one before leaves the face; the one that waits may begin after the least of it.
  const waits = last && step && step.waitBefore > 0 ? step.waitBefore : undefined;
  const least = waits && Math.min(waits, laid?.waitHours.least ?? waits);
  const advised = waits && laid?.waitHours.advised;
  const state = mine.filter((e) => ["started", "done", "interrupted", "resumed"].includes(e.kind)).at(-1);
  return {
    site,
    step,
    rest: left.slice(1),
    from: last && least != null ? later(last.at, least * 60) : last ? undefined : (next?.from ?? undefined),
    advised: last && advised != null ? later(last.at, advised * 60) : last ? undefined : (next?.advised ?? undefined),
    latest: last ? undefined : (next?.latest ?? undefined),
    needs: last ? [] : (next?.needs ?? []),
    underWay: state
      ? state.kind === "started" || state.kind === "resumed"
      : site.underWay !== null && !site.interrupted,
    interrupted: state ? state.kind === "interrupted" : site.interrupted,
    waiting: mine.length,
  };
}

/** Minutes until a time; 0 when it is past. */
export const minutesTo = (time: string, now: string) => Math.max(0, Math.ceil((at(time) - at(now)) / 60_000));

/** How long is left, as one says it. */
export function leftText(minutes: number): string {
  if (minutes < 60) return `${minutes} min`;
  const hours = Math.floor(minutes / 60);
  const rest = minutes % 60;
  if (hours < 24) return rest > 0 && hours < 6 ? `${hours} h ${rest} min` : `${hours} h`;
  const days = Math.floor(hours / 24);
  return `${days} ${days === 1 ? "day" : "days"}`;
}

/** What stands first: what is under way, then what may begin now, then what waits the least; what is finished last. */
export function inOrder(stands: readonly Stand[], now: string): Stand[] {
  const rank = (s: Stand) =>
    !s.step
      ? 4
      : s.interrupted
        ? 0.5
        : s.underWay
          ? 0
          : s.needs.length > 0
            ? 3
            : s.from && minutesTo(s.from, now) > 0
              ? 2
              : 1;
  return [...stands].sort(
    (a, b) =>
      rank(a) - rank(b) ||
      (rank(a) === 2 ? minutesTo(a.from ?? now, now) - minutesTo(b.from ?? now, now) : 0) ||
      Number(b.site.done.length > 0) - Number(a.site.done.length > 0),
  );
}

/** How a surface stands, in a word or two. */
export function standText(stand: Stand, now: string): string {
  if (!stand.step)
    return stand.site.finished || stand.waiting > 0 ? "done" : stand.site.stuck.length > 0 ? "held" : "nothing to do";
  if (stand.interrupted) return "broken off";
  if (stand.underWay) return "under way";
  if (stand.needs.length > 0) return "not yet";
  if (stand.from && minutesTo(stand.from, now) > 0) return `dries, ${leftText(minutesTo(stand.from, now))}`;
  return stand.site.done.length > 0 ? "may go on" : "may begin";
}

/** Before going home: what follows from the steps done today, each thing once. */
export function closeDown(
  stands: readonly Stand[],
  today: string,
  steps: (surface: string, n: number) => Step | undefined,
): string[] {
  const said = new Set<string>();
  // Tools stay wet for the paint that comes next, and for no other.
  const paint = (step: Step) => `${step.product} ${step.colour ?? ""}`;
  const next = stands.flatMap(({ step, rest }) => {
    const coat = [step, ...rest].find((s) => s?.product && s.role !== "none");
    return coat ? [paint(coat)] : [];
  });
  for (const { site } of stands)
    for (const d of site.done.filter((x) => x.end.slice(0, 10) === today)) {
      const step = d.planned == null ? undefined : steps(site.id, d.planned);
      if (!step) continue;
      if (step.overnight && next.includes(paint(step))) said.add(step.overnight);
      else if (step.washOut)
        said.add(`${next.length > 0 ? "Another paint comes next" : "No coat comes next"}. ${step.washOut}`);
      if (step.shut) said.add(`${site.title}: ${step.shut}`);
      if (step.waste) said.add(step.waste);
    }
  return [...said];
}
