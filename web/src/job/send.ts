import type { QueryClient } from "@tanstack/react-query";
import { Refusal } from "../api/client";
import { type Answer, refusal, type TableKind, tableKind } from "./tables";
import { sessionOf } from "./useEdit";

/** Sends a file to the server; what is wrong with it is thrown, the first fault with its place. What came of it is told before anything is asked for again. */
export async function sendFile(
  client: QueryClient,
  to: string,
  type: string,
  body: string | File,
  taken: (answer: Answer) => void,
) {
  const response = await fetch(to, { method: "POST", headers: { "content-type": type }, body });
  const answer = (await response.json()) as Answer;
  if (!response.ok) throw new Refusal(response.status, refusal(answer, response.status), answer.errors ?? {});
  // Before anything new is seen: whoever undoes at the sight of it takes back this and nothing else.
  taken(answer);
  await client.invalidateQueries();
}

/** Takes a table into a job: an edit like any other, which undo takes back. */
export async function takeInTable(
  client: QueryClient,
  job: string,
  name: string,
  text: string,
  kind: TableKind = tableKind(text),
) {
  await sendFile(client, `/api/jobs/${job}/${kind}.csv`, "text/csv", text, (answer) =>
    sessionOf(job, client).made(name, answer.version ?? 0),
  );
}

/** Has the server ask the weather service. Fails, in words, when it does not answer as it should; the forecast last taken in stays. */
export async function askWeather(client: QueryClient, job: string) {
  await sendFile(client, `/api/jobs/${job}/weather`, "text/plain", "", (answer) =>
    sessionOf(job, client).made("Forecast taken in", answer.version ?? 0),
  );
}

/** Has the server ask the supplier for his prices. Fails, in words, when he does not answer as he should; the prices last known stay. */
export async function askSupplier(client: QueryClient, job: string) {
  await sendFile(client, `/api/jobs/${job}/supplier`, "text/plain", "", (answer) =>
    sessionOf(job, client).made("Prices of the supplier", answer.version ?? 0),
  );
}
