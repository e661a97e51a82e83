import type { QueryClient } from "@tanstack/react-query";
import { api, ask, type JobView } from "../api/client";
import { keys } from "../job/data";

/** Surfaces taken along at most: more are asked for when they are opened. */
const Most = 120;

/** Puts the program on the device, where the browser can. It brings itself up to date; what waits to be sent is kept by the pages. */
export function install(worker: ServiceWorkerContainer | undefined = navigator.serviceWorker) {
  void worker?.register("/sw.js").catch(() => undefined);
}

/**
 * Takes a job along: everything that its sheets show is asked for once, one answer after another, so that it is on the device when there is no
 * network. Does nothing where the program is not installed. Stops at the first answer that does not come.
 */
export async function takeAlong(client: QueryClient, job: JobView, stopped: () => boolean) {
  if (!navigator.serviceWorker?.controller) return;
  const surfaces = job.buildings
    .flatMap((b) => b.spaces)
    .flatMap((s) => s.surfaces.map((f) => f.id))
    .slice(0, Most);
  const path = { job: job.id };
  const asked: [readonly unknown[], () => Promise<unknown>][] = [
    [keys.jobs, () => ask(api.GET("/api/jobs"))],
    [keys.job(job.id), () => ask(api.GET("/api/jobs/{job}", { params: { path } }))],
    [keys.site(job.id), () => ask(api.GET("/api/jobs/{job}/site", { params: { path } }))],
    [keys.catalogue, () => ask(api.GET("/api/catalogue"))],
    ...surfaces.map((surface): [readonly unknown[], () => Promise<unknown>] => [
      keys.surface(job.id, surface),
      () => ask(api.GET("/api/jobs/{job}/surfaces/{surface}", { params: { path: { ...path, surface } } })),
    ]),
  ];
  for (const [key, fetched] of asked) {
    if (stopped()) return;
    try {
      const answer = await fetched();
      if (!client.getQueryData(key)) client.setQueryData(key, answer);
    } catch {
      return;
    }
  }
}
