import createClient from "openapi-fetch";
import { spoken } from "../shell/words";
import type { components, paths } from "./schema";

export type Schemas = components["schemas"];
export type Surface = Schemas["Surface"];
export type SurfaceView = Schemas["SurfaceView"];
export type Space = Schemas["Space"];
export type JobView = Schemas["JobView"];
export type BuildingView = Schemas["BuildingView"];
export type SpaceView = Schemas["SpaceView"];
export type Facts = Schemas["Facts"];
export type Option = Schemas["OptionReport"];
export type Step = Schemas["StepReport"];
export type Catalogue = Schemas["Catalogue"];
export type Section = Schemas["Section"];
export type Verdict = Schemas["Verdict"];

// Terms and units are a matter of who reads. Made so from the start: a request made anew from another would send its body as a stream.
class SpokenRequest extends Request {
  constructor(address: RequestInfo | URL, init?: RequestInit) {
    super(typeof address === "string" ? spoken(address) : address, init);
  }
}

export const api = createClient<paths>({ baseUrl: "/", Request: SpokenRequest });

/** What the server said was wrong, in its own words. */
export class Refusal extends Error {
  readonly status: number;
  readonly fields: Record<string, string[]>;

  constructor(status: number, title: string, fields: Record<string, string[]>) {
    super(title);
    this.status = status;
    this.fields = fields;
  }
}

type Answer<T> = { data?: T; error?: unknown; response: Response };

/** The data of an answer, or a refusal thrown. */
export async function ask<T>(answer: Promise<Answer<T>>): Promise<T> {
  const { data, error, response } = await answer;
  if (data === undefined) {
    const problem = (error ?? {}) as { title?: string; detail?: string; errors?: Record<string, string[]> };
    throw new Refusal(
      response.status,
      problem.detail ?? problem.title ?? `The server answered ${response.status}.`,
      problem.errors ?? {},
    );
  }
  return data;
}
