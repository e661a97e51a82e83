/** A pack as it is drawn: how large it is beside the largest, and how much of it is used. */
export type Tin = { size: number; scale: number; full: number };

/** Packs drawn one by one: more are said in numbers. */
export const MOST_DRAWN = 8;

const LEAST_SCALE = 0.35;

/**
 * Packs as they are drawn, the largest first. What is left over stands in the last of them, which is the one that is opened last. Sizes are of volume, so
 * that a tin of eight times as much is drawn twice as wide and twice as high.
 */
export function tins(buy: readonly { size: number; count: number }[], left: number): Tin[] {
  const all = [...buy].sort((a, b) => b.size - a.size).flatMap((b) => Array.from({ length: b.count }, () => b.size));
  const largest = all[0] ?? 1;
  let over = left;
  const drawn: Tin[] = [];
  for (const size of all.reverse()) {
    const spare = Math.min(over, size);
    over -= spare;
    drawn.unshift({
      size,
      scale: Math.max(LEAST_SCALE, Math.cbrt(size / largest)),
      full: size === 0 ? 0 : (size - spare) / size,
    });
  }
  return drawn;
}
