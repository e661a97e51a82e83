// Runs the core's tests against a seeded sample of Stryker's mutants, one process for each mutant, quick tests first.
// Stryker makes the mutants and the report that lists them; its own test run cannot tell which test covers what here.
// usage: node run.mjs REPORT.json TESTS.dll [sample] [seed] [folder,folder,...]   (docs/quality.md says how to get them)
import { execFile } from "node:child_process";
import { readFileSync, writeFileSync } from "node:fs";
import { availableParallelism } from "node:os";

const [report, tests, sample = "200", seed = "1", folders = "Specification,Treatment,Diagnosis"] = process.argv.slice(2);
const quick = ["RulesOfThumb", "Audit", "Trade", "DemoSpecification", "School", "Diagnosis", "StateSpace"];
const names = quick.map((name) => `AllSound.Core.Tests.${name}Tests`);
const stages = [names.flatMap((name) => ["-class", name]), names.flatMap((name) => ["-class-", name])];
const minutes = 4;

const mutants = Object.entries(JSON.parse(readFileSync(report, "utf8")).files)
  .filter(([file]) => folders.split(",").some((folder) => new RegExp(`/${folder}/[^/]+$`).test(`/${file}`)))
  .flatMap(([file, { mutants }]) => mutants.map((mutant) => ({ file: file.replace(/^.*AllSound\.Core\//, ""), ...mutant })))
  .filter(({ status }) => status !== "CompileError" && status !== "Ignored");

// A small generator, so that the same seed always picks the same mutants.
let state = Number(seed);
const random = () => {
  state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
  return state / 2 ** 32;
};
const picked = mutants
  .map((mutant) => ({ mutant, key: random() }))
  .sort((a, b) => a.key - b.key)
  .slice(0, Number(sample))
  .map(({ mutant }) => mutant);

const stage = (id, args) =>
  new Promise((done) =>
    execFile(
      "dotnet",
      [tests, "-stopOnFail", "-parallel", "none", "-noColor", ...args],
      {
        env: { ...process.env, STRYKER_MUTANT_ID_CONTROL_VAR: "ALLSOUND_MUTANT", ALLSOUND_MUTANT: `${id}`, ALLSOUND_SURVEYS: "60" },
        timeout: minutes * 60_000,
        killSignal: "SIGKILL",
        maxBuffer: 1 << 28,
      },
      (error) => done(error ? (error.killed ? "timeout" : "killed") : "survived"),
    ),
  );

const verdict = async (id) => {
  const first = await stage(id, stages[0]);
  return first === "survived" ? stage(id, stages[1]) : first;
};

const unchanged = await verdict(-1);
if (unchanged !== "survived") throw new Error(`The tests do not pass without a mutant: ${unchanged}.`);

const results = [];
const queue = [...picked];
const work = async () => {
  for (let mutant = queue.shift(); mutant; mutant = queue.shift()) {
    const result = await verdict(mutant.id);
    results.push({ ...mutant, result });
    const { file, location, mutatorName, replacement } = mutant;
    if (result === "survived") console.log(`survived ${file}:${location.start.line} ${mutatorName}: ${replacement.slice(0, 120)}`);
    const caught = results.filter((r) => r.result !== "survived").length;
    console.error(`${results.length} of ${picked.length}, ${((100 * caught) / results.length).toFixed(1)} % caught`);
    writeFileSync("mutants.json", JSON.stringify(results, null, 1));
  }
};
await Promise.all(Array.from({ length: availableParallelism() }, work));

const byFile = Map.groupBy ? Map.groupBy(results, (r) => r.file.split("/")[0]) : new Map();
for (const [folder, all] of byFile) console.log(`${folder}: ${all.filter((r) => r.result !== "survived").length} of ${all.length} caught`);
const caught = results.filter((r) => r.result !== "survived").length;
console.log(`${caught} of ${results.length} caught (${((100 * caught) / results.length).toFixed(1)} %), of ${mutants.length} mutants in ${folders}`);
