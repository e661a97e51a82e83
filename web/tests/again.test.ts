import { QueryClient, QueryObserver } from "@tanstack/react-query";
import { afterEach, expect, it, vi } from "vitest";
import { askAgain } from "../src/job/again";
import { sendFile } from "../src/job/sendFile";

afterEach(() => vi.unstubAllGlobals());

/** Answers one by one, as each is let go. */
function slow() {
  const waiting: ((text: string) => void)[] = [];
  return {
    ask: () => new Promise<string>((done) => waiting.push(done)),
    answer: (text: string) => waiting.shift()?.(text),
    asked: () => waiting.length,
  };
}

const settled = async (until: () => boolean) => {
  for (let n = 0; n < 50 && !until(); n++) await new Promise((r) => setTimeout(r, 0));
};

it("what was asked for before an edit was saved is asked for again, though no answer came yet", async () => {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  const server = slow();
  const seen: unknown[] = [];
  const stop = new QueryObserver(client, { queryKey: ["job", "quay", "document"], queryFn: server.ask }).subscribe(
    (r) => seen.push(r.data),
  );
  await settled(() => server.asked() === 1);

  void askAgain(client, "quay");
  await settled(() => server.asked() === 2);
  server.answer("as it was");
  server.answer("as it is");
  await settled(() => seen.at(-1) === "as it is");

  expect(seen.filter((d) => d !== undefined)).toEqual(["as it is"]);
  stop();
});

it("other jobs, and the surface whose answer came with the edit, are left alone", async () => {
  const client = new QueryClient();
  client.setQueryData(["job", "quay", "surface", "wall"], 1);
  client.setQueryData(["job", "quay", "surface", "door"], 1);
  client.setQueryData(["job", "mill", "quantities"], 1);
  await askAgain(client, "quay", "wall");

  const stale = (key: unknown[]) => client.getQueryState(key)?.isInvalidated;
  expect(stale(["job", "quay", "surface", "wall"])).toBe(false);
  expect(stale(["job", "quay", "surface", "door"])).toBe(true);
  expect(stale(["job", "mill", "quantities"])).toBe(false);
});

it("what was asked for while a file was on its way up is asked for again, though no answer came yet", async () => {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  const server = slow();
  const seen: unknown[] = [];
  const stop = new QueryObserver(client, {
    queryKey: ["job", "quay", "conditions", "at eight"],
    queryFn: server.ask,
  }).subscribe((r) => seen.push(r.data));
  await settled(() => server.asked() === 1);

  vi.stubGlobal("fetch", async () => new Response(JSON.stringify({ version: 3 }), { status: 200 }));
  const told: unknown[] = [];
  void sendFile(client, "/api/jobs/quay/weather.csv", "text/csv", "time,airC", (answer) => told.push(answer.version));
  await settled(() => server.asked() === 2);
  server.answer("without the forecast");
  server.answer("with the forecast");
  await settled(() => seen.at(-1) === "with the forecast");

  expect(told).toEqual([3]);
  expect(seen.filter((d) => d !== undefined)).toEqual(["with the forecast"]);
  stop();
});
