import type { Schemas } from "../api/client";

type Task = Schemas["ProgrammeTaskReport"];

/** Hours of the day in which anybody works. */
export type Span = { from: number; to: number };

/** A stretch of work on the board. */
export type Bar = {
  task: Task;
  /** Left edge and width, in days from the first one. */
  x: number;
  width: number;
  /** How far its drying reaches from the left edge; 0 where nothing dries. */
  dries: number;
  /** Which of the lines of its space it lies on, from 0. */
  line: number;
};

/** An air space with its bars. */
export type Row = { space: string; title: string; lines: number; bars: Bar[] };

const dayMs = 86_400_000;

/** A local time without a zone, as the number of milliseconds that a clock without summer time would show. */
const at = (time: string) => Date.parse(`${time}Z`);

const hourOf = (time: string) => (((at(time) % dayMs) + dayMs) % dayMs) / 3_600_000;

/** From the earliest hour at which any work begins to the latest at which any ends. */
export function workingSpan(tasks: readonly Task[]): Span {
  const pieces = tasks.flatMap((t) => t.pieces);
  const from = Math.min(8, ...pieces.map((p) => Math.floor(hourOf(p.start))));
  const to = Math.max(
    16,
    ...pieces.map((p) => (p.end.slice(0, 10) > p.start.slice(0, 10) ? 24 : Math.ceil(hourOf(p.end)))),
  );
  return { from, to: Math.max(to, from + 1) };
}

// Nights take a fifth of a day's width: enough to see drying go through them.
const night = 0.2;

/** Where a time lies, in days from the first: working hours are drawn wide and the rest of the day narrow. */
export function place(time: string, first: string, span: Span): number {
  const day = Math.floor((at(time) - at(`${first}T00:00:00`)) / dayMs);
  const hour = hourOf(time);
  const closed = 24 - (span.to - span.from);
  const before = closed > 0 ? (night * span.from) / closed : 0;
  const open = closed > 0 ? 1 - night : 1;
  if (hour <= span.from) return day + (span.from > 0 ? (before * hour) / span.from : 0);
  if (hour <= span.to) return day + before + (open * (hour - span.from)) / (span.to - span.from);
  return day + before + open + ((1 - before - open) * (hour - span.to)) / (24 - span.to);
}

/** The days from the first start to the last end, as 2026-12-07. */
export function daysOf(tasks: readonly Task[]): string[] {
  if (tasks.length === 0) return [];
  const starts = tasks.map((t) => t.start).sort();
  const ends = tasks.map((t) => t.end).sort();
  const days: string[] = [];
  for (let d = at(`${starts[0]?.slice(0, 10)}T00:00:00`); d <= at(ends[ends.length - 1] ?? ""); d += dayMs)
    days.push(new Date(d).toISOString().slice(0, 10));
  return days;
}

/** Rows of the board: air spaces in the order of their first work; bars that would cover one another lie on lines of their own. */
export function rowsOf(tasks: readonly Task[], titles: ReadonlyMap<string, string>): Row[] {
  const first = daysOf(tasks)[0];
  if (first === undefined) return [];
  const span = workingSpan(tasks);
  const rows = new Map<string, Row>();
  const free = new Map<string, number[]>();
  const pieces = tasks
    .flatMap((task) => task.pieces.map((piece, i) => ({ task, piece, last: i === task.pieces.length - 1 })))
    .sort((a, b) => (a.piece.start < b.piece.start ? -1 : a.piece.start > b.piece.start ? 1 : 0));
  for (const { task, piece, last } of pieces) {
    const space = task.space ?? "";
    const row = rows.get(space) ?? { space, title: titles.get(space) ?? (space || "Everywhere"), lines: 0, bars: [] };
    rows.set(space, row);
    const x = place(piece.start, first, span);
    const end = place(piece.end, first, span);
    const dries = last && task.readyAt > piece.end ? place(task.readyAt, first, span) - x : 0;
    const lines = free.get(space) ?? [];
    free.set(space, lines);
    let line = lines.findIndex((until) => until <= x + 1e-9);
    if (line < 0) line = lines.length;
    lines[line] = end;
    row.lines = lines.length;
    row.bars.push({ task, x, width: Math.max(end - x, 0.02), dries, line });
  }
  return [...rows.values()];
}

/** Everybody who works in a plan. */
export const peopleOf = (tasks: readonly Task[]): string[] =>
  [...new Set(tasks.flatMap((t) => t.pieces).flatMap((p) => p.crew))].sort();

/** The list under the board: for each day what is begun on it; `who`: only what that person does. */
export function listOf(
  tasks: readonly Task[],
  who?: string,
): { day: string; entries: { task: Task; start: string; end: string; crew: string[]; last: boolean }[] }[] {
  const days = new Map<string, { task: Task; start: string; end: string; crew: string[]; last: boolean }[]>();
  for (const task of tasks)
    task.pieces.forEach((p, i) => {
      if (who !== undefined && !p.crew.includes(who)) return;
      const day = p.start.slice(0, 10);
      const entries = days.get(day) ?? [];
      entries.push({ task, start: p.start, end: p.end, crew: p.crew, last: i === task.pieces.length - 1 });
      days.set(day, entries);
    });
  return [...days]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([day, entries]) => ({
      day,
      entries: entries.sort((a, b) => (a.start < b.start ? -1 : a.start > b.start ? 1 : 0)),
    }));
}

const named = (day: string, options: Intl.DateTimeFormatOptions) =>
  new Date(`${day}T12:00:00Z`).toLocaleDateString("en-GB", { ...options, timeZone: "UTC" });

/** A day as Monday 7 December. */
export const longDay = (day: string) => named(day, { weekday: "long", day: "numeric", month: "long" });

/** A day as Mon 7 Dec. */
export const shortDay = (day: string) => named(day, { weekday: "short", day: "numeric", month: "short" });

/** A time as 08:30, with the day before it when it is another than the one given. */
export const clock = (time: string, day?: string) => {
  const hour = time.slice(11, 16);
  return day === undefined || time.slice(0, 10) === day ? hour : `${shortDay(time.slice(0, 10))} ${hour}`;
};

/** Hours in words: 1 h 30 min, 3 days 4 h. */
export function slipText(hours: number): string {
  if (hours >= 24) {
    const whole = Math.round(hours);
    const days = Math.floor(whole / 24);
    const rest = whole - days * 24;
    return `${days} ${days === 1 ? "day" : "days"}${rest > 0 ? ` ${rest} h` : ""}`;
  }
  const h = Math.floor(hours + 1e-9);
  const minutes = Math.round((hours - h) * 60);
  return [h > 0 ? `${h} h` : "", minutes > 0 ? `${minutes} min` : ""].filter(Boolean).join(" ") || "nothing";
}

export const isWeekend = (day: string) => [0, 6].includes(new Date(`${day}T12:00:00Z`).getUTCDay());

/** A day in a line: how many tasks, and where. */
export function daySays(entries: readonly { task: Task }[], titles: ReadonlyMap<string, string>): string {
  const spaces = [...new Set(entries.map((e) => e.task.space ?? ""))].filter(Boolean).map((s) => titles.get(s) ?? s);
  return `${entries.length} ${entries.length === 1 ? "task" : "tasks"}${spaces.length > 0 ? `, ${spaces.join(", ")}` : ""}`;
}

/** How much of a plan hangs on the weather, and what is known of it. */
export function riskSays({ risks, weather }: Pick<Schemas["ProgrammeReport"], "risks" | "weather">): string {
  const coats = (n: number) => `${n} ${n === 1 ? "coat" : "coats"} outside`;
  const unknown = risks.filter((r) => r.chance === null).length;
  const known = risks.length - unknown;
  const said = [
    known > 0 ? `${coats(known)} may be held up by the weather` : "",
    unknown > 0 ? `${coats(unknown)} ${unknown === 1 ? "stands" : "stand"} where it is not known yet` : "",
  ].filter((x) => x !== "");
  return `${said.join(", ")} (${weather}).`;
}

/** A task that begins at another time than in the plan before. */
export type Move = { task: Task; hours: number };

/** What a new plan does otherwise than the one before: what begins at least a quarter of an hour sooner or later, what is new in it and what is gone. */
export type Moved = { moves: Move[]; added: Task[]; gone: Task[]; finish: number };

const hoursBetween = (from: string, to: string) => (at(to) - at(from)) / 3_600_000;

/** Compares a plan with the one before; undefined where nothing moved. What moved furthest comes first. */
export function movedSince(
  before: Pick<Schemas["ProgrammeReport"], "tasks" | "finish">,
  after: Pick<Schemas["ProgrammeReport"], "tasks" | "finish">,
): Moved | undefined {
  const were = new Map(before.tasks.map((t) => [t.id, t]));
  const are = new Set(after.tasks.map((t) => t.id));
  const moves = after.tasks
    .flatMap((task) => {
      const was = were.get(task.id);
      const hours = was ? hoursBetween(was.start, task.start) : 0;
      return Math.abs(hours) >= 0.25 ? [{ task, hours }] : [];
    })
    .sort((a, b) => Math.abs(b.hours) - Math.abs(a.hours));
  const added = after.tasks.filter((t) => !were.has(t.id));
  const gone = before.tasks.filter((t) => !are.has(t.id));
  const finish = before.finish && after.finish ? hoursBetween(before.finish, after.finish) : 0;
  return moves.length + added.length + gone.length > 0 ? { moves, added, gone, finish } : undefined;
}

/** How far something moved, in words: "1 day later". */
export const moveText = (hours: number) => `${slipText(Math.abs(hours))} ${hours > 0 ? "later" : "sooner"}`;

/** The whole of it in a sentence. */
export function movedSays({ moves, added, gone, finish }: Moved): string {
  const later = moves.filter((m) => m.hours > 0).length;
  const sooner = moves.length - later;
  const tasks = (n: number) => `${n} ${n === 1 ? "task" : "tasks"}`;
  const said = [
    later > 0 ? `${tasks(later)} later` : "",
    sooner > 0 ? `${tasks(sooner)} sooner` : "",
    added.length > 0 ? `${tasks(added.length)} new` : "",
    gone.length > 0 ? `${tasks(gone.length)} gone` : "",
  ].filter((x) => x !== "");
  const end = finish === 0 ? "the finish stays" : `the finish is ${moveText(finish)}`;
  return `${said.join(", ")}; ${end}.`;
}
