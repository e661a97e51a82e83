import type { QueryClient } from "@tanstack/react-query";

/**
 * Asks again for all of a job, save for a surface whose answer came with the edit. What is asked for the first time just now may be answered as it was
 * before the edit, and asking again does not reach it: it is stopped first.
 */
export async function askAgain(client: QueryClient, job: string, but?: string) {
  const ofJob = (q: { queryKey: readonly unknown[] }) =>
    q.queryKey[0] === "job" && q.queryKey[1] === job && (but === undefined || q.queryKey[3] !== but);
  await client.cancelQueries({
    predicate: (q) => ofJob(q) && q.state.data === undefined && q.state.fetchStatus === "fetching",
  });
  await client.invalidateQueries({ predicate: ofJob });
}
