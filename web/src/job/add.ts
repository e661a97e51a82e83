import type { QueryClient } from "@tanstack/react-query";
import type { JobSession } from "../sync/session";
import type { Edit } from "../sync/types";
import { keys } from "./data";

/**
 * Adds records in one go. Returns what was wrong, in words, and then nothing was added; empty when it was, or waits to be sent. What is refused
 * stays in the dialog that it was typed in, and not among the edits that wait.
 */
export async function addNew(session: JobSession, client: QueryClient, job: string, label: string, edits: Edit[]) {
  session.edit(label, edits, true);
  const keysOf = edits.map((e) => e.key);
  if ((await session.sent(keysOf)) === "refused") {
    const said = keysOf.map((key) => session.stateOf(key)).flatMap((s) => (s.kind === "refused" ? s.message : []));
    for (const key of keysOf) session.discard(key);
    session.forget(label);
    return [...new Set(said)].join(" ");
  }
  await client.invalidateQueries({ queryKey: keys.job(job), exact: true });
  return "";
}
