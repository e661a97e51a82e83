import type { Catalogue } from "../api/client";

/**
 * The practices that an option follows where practitioners differ, one line a question: "junction cracks: filler". All of one
 * question stand in one line, since different steps of one plan may follow different schools.
 *
 * @param followed As an option gives them, the question's id and the practice: "S30 filler".
 * @param questions All questions of the catalogue. The practice of a question that it does not know stands alone.
 */
export function practices(
  followed: string[],
  questions: Pick<Catalogue["questions"][number], "id" | "title">[],
): string[] {
  const lines = new Map<string, string[]>();
  for (const entry of followed) {
    const [id, ...words] = entry.split(" ");
    const title = questions.find((q) => q.id === id)?.title ?? "";
    lines.set(title, [...(lines.get(title) ?? []), words.join(" ")]);
  }
  return [...lines].map(([title, words]) => (title ? `${title}: ${words.join("; ")}` : words.join("; ")));
}
