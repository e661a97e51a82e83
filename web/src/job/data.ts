import { useQuery } from "@tanstack/react-query";
import { api, ask, type SurfaceView } from "../api/client";

export const keys = {
  jobs: ["jobs"] as const,
  putAway: ["put-away"] as const,
  demos: ["demos"] as const,
  /** How a job stands as it was last touched: it stays so, and is never asked for again. */
  state: (job: string, touched: string) => ["state", job, touched] as const,
  job: (job: string) => ["job", job] as const,
  surface: (job: string, surface: string) => ["job", job, "surface", surface] as const,
  checks: (job: string, surface: string, version: number) => ["job", job, "checks", surface, version] as const,
  impasse: (job: string, surface: string, version: number) => ["job", job, "impasse", surface, version] as const,
  quote: (job: string, date: string) => ["job", job, "quote", date] as const,
  quantities: (job: string) => ["job", job, "quantities"] as const,
  programme: (job: string, help: boolean) => ["job", job, "programme", help] as const,
  conditions: (job: string, at: string) => ["job", job, "conditions", at] as const,
  site: (job: string) => ["job", job, "site"] as const,
  catalogue: ["catalogue"] as const,
};

export const useJobs = () => useQuery({ queryKey: keys.jobs, queryFn: () => ask(api.GET("/api/jobs")) });

export const useJob = (job: string) =>
  useQuery({
    queryKey: keys.job(job),
    queryFn: () => ask(api.GET("/api/jobs/{job}", { params: { path: { job } } })),
    enabled: job !== "",
  });

export const useSurface = (job: string, surface: string) =>
  useQuery({
    queryKey: keys.surface(job, surface),
    queryFn: () => ask(api.GET("/api/jobs/{job}/surfaces/{surface}", { params: { path: { job, surface } } })),
    enabled: surface !== "",
    placeholderData: (previous) => previous,
  });

export const useChecks = (job: string, surface: string, version: number) =>
  useQuery({
    queryKey: keys.checks(job, surface, version),
    queryFn: () => ask(api.GET("/api/jobs/{job}/surfaces/{surface}/checks", { params: { path: { job, surface } } })),
    enabled: surface !== "",
    placeholderData: (previous) => previous,
  });

export const useImpasse = (view: SurfaceView) =>
  useQuery({
    queryKey: keys.impasse(view.job, view.surface.id, view.version),
    queryFn: () =>
      ask(
        api.GET("/api/jobs/{job}/surfaces/{surface}/impasse", {
          params: { path: { job: view.job, surface: view.surface.id } },
        }),
      ),
    enabled: view.specification.blocked != null,
  });

export const useQuantities = (job: string) =>
  useQuery({
    queryKey: keys.quantities(job),
    queryFn: () => ask(api.GET("/api/jobs/{job}/quantities", { params: { path: { job } } })),
    enabled: job !== "",
  });

export const useCatalogue = () =>
  useQuery({
    queryKey: keys.catalogue,
    queryFn: () => ask(api.GET("/api/catalogue")),
    staleTime: Number.POSITIVE_INFINITY,
  });

/** What the job is offered for, on a day as it is printed. */
export const useQuote = (job: string, date = "") =>
  useQuery({
    queryKey: keys.quote(job, date),
    queryFn: () => ask(api.GET("/api/jobs/{job}/quote", { params: { path: { job }, query: { date } } })),
  });

/** Who does what when. It takes seconds: what was planned before stays in sight meanwhile, and an edit stops it. */
export const useProgramme = (job: string, help = false, wanted = true) =>
  useQuery({
    queryKey: keys.programme(job, help),
    enabled: wanted,
    queryFn: ({ signal }) =>
      ask(api.GET("/api/jobs/{job}/programme", { params: { path: { job }, query: { help } }, signal })),
    placeholderData: (previous) => previous,
    refetchOnWindowFocus: false,
  });

/** May the next coats be laid, now or at a time. Now moves on: it is asked again every five minutes. */
export const useConditions = (job: string, at: string) =>
  useQuery({
    queryKey: keys.conditions(job, at),
    queryFn: () =>
      ask(api.GET("/api/jobs/{job}/conditions", { params: { path: { job }, query: at === "" ? {} : { at } } })),
    placeholderData: (previous) => previous,
    refetchInterval: at === "" ? 300_000 : false,
  });

/** Where each surface stands on site, and the log. */
export const useSite = (job: string) =>
  useQuery({
    queryKey: keys.site(job),
    queryFn: () => ask(api.GET("/api/jobs/{job}/site", { params: { path: { job } } })),
    placeholderData: (previous) => previous,
  });
