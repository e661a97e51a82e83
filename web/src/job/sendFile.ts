import type { QueryClient } from "@tanstack/react-query";
import { Refusal } from "../api/client";
import { askAfresh } from "./again";
import { type Answer, refusal } from "./tables";

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
  await askAfresh(client);
}
