import { execFileSync } from "node:child_process";
import { fileURLToPath } from "node:url";
import type { TestProject } from "vitest/node";
import type { Catalogue } from "../src/api/client";

declare module "vitest" {
  export interface ProvidedContext {
    catalogue: Catalogue;
  }
}

const program = fileURLToPath(new URL("../../artifacts/cli/allsound-cli.dll", import.meta.url));

const list = (verb: string) =>
  JSON.parse(execFileSync("dotnet", [program, verb, "--json"], { encoding: "utf8", maxBuffer: 1 << 26 }));

/** What can be seen, tried and coated, asked of the program itself: nothing of it is written down twice. */
export default function setup(project: TestProject) {
  project.provide("catalogue", {
    signs: list("signs"),
    scales: list("scales"),
    checks: list("checks"),
    coatings: list("coatings"),
    substrates: list("substrates"),
    forms: list("forms"),
    elements: list("elements"),
    openings: [],
    facts: [{ title: "all", fields: list("facts") }],
    causes: [],
    operations: [],
    products: [],
    questions: [],
  });
}
