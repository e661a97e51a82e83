const parts = (text: string) =>
  text
    .toLowerCase()
    .split(/[^a-z0-9]+/)
    .filter(Boolean);

/** True when every word typed begins a word of the text. */
export function fits(typed: string, text: string): boolean {
  const words = parts(text);
  return parts(typed).every((t) => words.some((w) => w.startsWith(t)));
}
