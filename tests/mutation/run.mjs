// Runs the core's tests against a seeded sample of Stryker's mutants, one process for each mutant, quick tests first.
// Stryker makes the mutants; its own runner cannot tell here which test covers what, and all tests for each takes days.
// usage: node run.mjs MUTANTS.txt TESTS.dll [sample] [seed] [space,space,...]   (docs/quality.md says how to get them)
import { execFile } from "node:child_process";
import { readFileSync } from "node:fs";
import { availableParallelism } from "node:os";

const [list, tests, sample = "100", seed = "1", spaces = "Specification,Treatment,Diagnosis"] = process.argv.slice(2);
const quick = ["RulesOfThumb", "Audit", "Trade", "DemoSpecification", "School", "Diagnosis", "StateSpace", "Clock"];
const names = quick.map((name) => `AllSound.Core.Tests.${name}Tests`);
// Long searches over many surfaces: left out here, so that the score is if anything too low.
const long = ["Optimality", "SafetyProperty", "Unknown"].map((name) => `AllSound.Core.Tests.${name}Tests`);
// The switch that Stryker puts in reads a file, which the core may not.
const strict = ["-method-", "AllSound.Core.Tests.CatalogueTests.The_core_knows_no_storage_web_files_network_or_clock"];
const stages = [names.flatMap((name) => ["-class", name]), [...[...names, ...long].flatMap((name) => ["-class-", name]), ...strict]];
const minutes = 5;

const mutants = readFileSync(list, "utf8")
  .trim()
  .split("\n")
  .map((line) => line.split("\t"))
  .map(([id, type, method]) => ({ id, type, method, space: type.split("+")[0].replace(/^AllSound\.Core\.|\.\w+$/g, "") }))
  .filter(({ space }) => spaces.split(",").includes(space));

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
    if (result === "survived") console.log(`survived ${mutant.id} ${mutant.type} ${mutant.method}`);
    const caught = results.filter((r) => r.result !== "survived").length;
    console.error(`${results.length} of ${picked.length}, ${((100 * caught) / results.length).toFixed(1)} % caught`);
  }
};
await Promise.all(Array.from({ length: availableParallelism() }, work));

for (const space of spaces.split(",")) {
  const some = results.filter((r) => r.space === space);
  console.log(`${space}: ${some.filter((r) => r.result !== "survived").length} of ${some.length} caught`);
}
const caught = results.filter((r) => r.result !== "survived").length;
console.log(`${caught} of ${results.length} caught (${((100 * caught) / results.length).toFixed(1)} %), out of ${mutants.length} mutants`);
