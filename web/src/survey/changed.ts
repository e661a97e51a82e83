import type { SurfaceView } from "../api/client";
import { money } from "../shell/money";
import { offered } from "../work/offered";

const plan = (view: SurfaceView) => {
  const options = offered(view.specification);
  return options.find((o) => o.id === view.chosen) ?? options[0];
};

const less = (all: string[], of: string[]) => {
  const rest = [...of];
  return all.filter((a) => {
    const at = rest.indexOf(a);
    if (at >= 0) rest.splice(at, 1);
    return at < 0;
  });
};

const few = (words: string[]) =>
  words.length <= 3 ? words.join(", ") : `${words.slice(0, 2).join(", ")} and ${words.length - 2} more`;

const signed = (n: number, words: string) => `${n > 0 ? "+" : "−"}${words}`;

/**
 * What an entry changed in the answer, in words, the weightiest first: stopped or freed, another cause, steps that came
 * or went, money and days. Empty where the answer stayed as it was.
 */
export function changed(before: SurfaceView, after: SurfaceView): string[] {
  const out: string[] = [];
  const held = less(
    after.holds.map((h) => h.reason),
    before.holds.map((h) => h.reason),
  );
  if (held.length > 0) out.push(`stopped: ${held.join(" ")}`);
  else if (before.holds.length > 0 && after.holds.length === 0) out.push("no longer stopped");
  const cause = (view: SurfaceView) => view.findings[0]?.title;
  if (cause(before) !== cause(after))
    out.push(cause(after) ? `most likely now: ${cause(after)}` : "nothing failing to explain any more");
  const hazards = (view: SurfaceView) => view.specification.hazards.map((h) => h.title.toLowerCase());
  const danger = less(hazards(after), hazards(before));
  if (danger.length > 0) out.push(`hazards added: ${few(danger)}`);
  const gone = less(hazards(before), hazards(after));
  if (gone.length > 0) out.push(`hazards gone: ${few(gone)}`);
  const [was, is] = [plan(before), plan(after)];
  if (was && is) {
    const titles = (steps: typeof is.steps) => steps.map((s) => s.title.toLowerCase());
    const added = less(titles(is.steps), titles(was.steps));
    const left = less(titles(was.steps), titles(is.steps));
    if (added.length > 0) out.push(`adds ${few(added)}`);
    if (left.length > 0) out.push(`drops ${few(left)}`);
    const cost = Math.round(is.cost.amount) - Math.round(was.cost.amount);
    if (cost !== 0) out.push(signed(cost, money({ ...is.cost, amount: Math.abs(cost) })));
    const days = Math.round((is.elapsedDays - was.elapsedDays) * 2) / 2;
    if (days !== 0) out.push(signed(days, `${Math.abs(days)} ${Math.abs(days) === 1 ? "day" : "days"}`));
  } else if (was && !is && after.holds.length === 0) out.push("no plan meets what is asked any more");
  else if (!was && is) out.push(`a plan: ${is.name}`);
  return out;
}
