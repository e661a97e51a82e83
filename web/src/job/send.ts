import type { QueryClient } from "@tanstack/react-query";
import { sendFile } from "./sendFile";
import { type TableKind, tableKind } from "./tables";
import { sessionOf } from "./useEdit";

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
