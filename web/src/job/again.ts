import type { Query, QueryClient } from "@tanstack/react-query";

/**
 * Asks again for all that is seen, or for what is named. What is asked for the first time just now may be answered as it was before the change, and asking
 * again does not reach it: it is stopped first.
 */
export async function askAfresh(client: QueryClient, which: (query: Query) => boolean = () => true) {
  await client.cancelQueries({
    predicate: (q) => which(q) && q.state.data === undefined && q.state.fetchStatus === "fetching",
  });
  await client.invalidateQueries({ predicate: which });
}

const of = (job: string) => (q: Query) => q.queryKey[0] === "job" && q.queryKey[1] === job;

/** Asks again for all of a job, save for a surface whose answer came with the edit. */
export const askAgain = (client: QueryClient, job: string, but?: string) =>
  askAfresh(client, (q) => of(job)(q) && (but === undefined || q.queryKey[3] !== but));

/** Surfaces are gone: everything of the job is asked for again but what was of them. */
export async function forgetSurfaces(client: QueryClient, job: string, surfaces: string[]) {
  const ofThem = (q: Query) => q.queryKey.some((part) => surfaces.includes(part as string));
  client.removeQueries({ predicate: (q) => ofThem(q) && !q.isActive() });
  await askAfresh(client, (q) => of(job)(q) && !ofThem(q));
}
