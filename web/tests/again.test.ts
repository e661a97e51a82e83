import { QueryClient, QueryObserver } from "@tanstack/react-query";
import { expect, it } from "vitest";
import { askAgain } from "../src/job/again";

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
