import type { Schemas } from "../api/client";
import { clock, shortDay } from "../programme/board";

type Report = Schemas["ConditionsReport"];

/** The answer in a few words: what stands largest on the sheet. */
export function answer(report: Pick<Report, "may" | "at" | "from" | "latestEnd">): string {
  const day = report.at.slice(0, 10);
  switch (report.may) {
    case "yes":
      return "Yes";
    case "until":
      return `Yes, until ${clock(report.latestEnd ?? report.at, day)}`;
    case "from":
      return `Not yet: from ${clock(report.from ?? report.at, day)}`;
    default:
      return "No";
  }
}

/** When the coat is begun and ended at the latest; nothing where that is not known. */
export function latest(report: Pick<Report, "at" | "latestStart" | "latestEnd">): string {
  if (!report.latestStart || !report.latestEnd) return "";
  const day = report.at.slice(0, 10);
  return `Begin by ${clock(report.latestStart, day)}; the last of it on by ${clock(report.latestEnd, day)}.`;
}

/** A stretch of the day on a bar that goes from midnight to midnight: left edge and width, 0 to 1. */
export function stretchAt(stretch: { from: string; to: string }, day: string): { left: number; width: number } {
  const share = (time: string) => {
    if (time.slice(0, 10) > day) return 1;
    if (time.slice(0, 10) < day) return 0;
    return (Number(time.slice(11, 13)) * 60 + Number(time.slice(14, 16))) / 1440;
  };
  const left = share(stretch.from);
  return { left, width: Math.max(0, share(stretch.to) - left) };
}

/** A day in words: each stretch with its hours and, where the coat may not be laid, why. */
export const daySays = (day: readonly Schemas["DayStretchReport"][]): string[] =>
  day.map((s) => {
    const hours = `${clock(s.from)} to ${s.to.slice(0, 10) > s.from.slice(0, 10) ? "24:00" : clock(s.to)}`;
    return s.may ? `${hours}: may be laid` : `${hours}: no, ${s.why}`;
  });

/** How old a forecast is, in words; a forecast of more than a day is old. */
export function ageOf(asOf: string | null | undefined, now: string): { text: string; old: boolean } {
  if (!asOf) return { text: "of unknown age", old: true };
  const hours = Math.round((Date.parse(`${now.slice(0, 19)}Z`) - Date.parse(`${asOf.slice(0, 19)}Z`)) / 3_600_000);
  if (hours < 0) return { text: `of ${shortDay(asOf.slice(0, 10))} ${clock(asOf)}, which is still to come`, old: true };
  if (hours < 1) return { text: "less than an hour old", old: false };
  if (hours < 48) return { text: `${hours} ${hours === 1 ? "hour" : "hours"} old`, old: hours > 24 };
  return { text: `${Math.floor(hours / 24)} days old`, old: true };
}

/** Now as a local time without a zone, as the programme's times are. */
export function localNow(now: Date): string {
  return new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString().slice(0, 19);
}
