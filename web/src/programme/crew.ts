type Member = { id: string; title?: string | null; skills?: string[]; daysOff?: string[] };

/** So many people: who is there stays, the last go first, and new ones are numbered. */
export function crewOf(crew: readonly Member[], count: number): Member[] {
  const kept = crew.slice(0, count);
  for (let n = 1; kept.length < count; n++) {
    const id = `painter-${n}`;
    if (!kept.some((m) => m.id === id)) kept.push({ id });
  }
  return kept;
}
