// Lighthouse on every view of the demo job: scores for accessibility, best practices and performance on its mobile profile,
// with layout shift, first paint and what it holds against the page. Not part of the tests: a score of speed differs from machine to machine.
import { spawn } from "node:child_process";
import { rmSync } from "node:fs";
import { setTimeout as wait } from "node:timers/promises";
import lighthouse from "lighthouse";
import { launch } from "chrome-launcher";

const [, , top, chromium = "/usr/bin/chromium"] = process.argv;
const port = 5197;
const base = `http://127.0.0.1:${port}`;
const views = {
  jobs: "/",
  survey: "/sallow-ferry/survey/ticket-office/stair-wall",
  work: "/sallow-ferry/work/ticket-office/stair-wall",
  audit: "/sallow-ferry/audit/ticket-office/stair-wall",
  buy: "/sallow-ferry/buy",
  document: "/sallow-ferry/document/ticket-office",
  firm: "/sallow-ferry/firm",
};
const db = `${top}/.state/lighthouse.db`;
for (const end of ["", "-shm", "-wal", ".lock"]) rmSync(db + end, { force: true });
const server = spawn("dotnet", [`${top}/artifacts/web/allsound-web.dll`, "--web", `${top}/artifacts/site`, "--db", db, "--import", `${top}/demo/sallow-ferry.job.json`, "--fresh", "true", "--urls", base, "--copies", "none"], { stdio: "ignore" });
const chrome = await launch({ chromePath: chromium, chromeFlags: ["--headless=new", "--no-sandbox", "--disable-gpu"] });
try {
  for (let tries = 0; ; tries++) {
    const up = await fetch(`${base}/api/health`).then((r) => r.ok, () => false);
    if (up) break;
    if (tries > 120) throw new Error("the server did not start");
    await wait(500);
  }
  // Once round beforehand, as on a server that has been up.
  await fetch(`${base}/api/jobs/sallow-ferry/quantities`);
  console.log("view        access.  practices  performance  first paint  largest paint  blocked  shift");
  for (const [name, path] of Object.entries(views)) {
    const { lhr } = await lighthouse(base + path, { port: chrome.port, logLevel: "error", onlyCategories: ["accessibility", "best-practices", "performance"] });
    if (lhr.runtimeError) console.log(`${name}: ${lhr.runtimeError.code} ${lhr.runtimeError.message}`);
    const score = (id) => String(Math.round((lhr.categories[id].score ?? 0) * 100));
    const value = (id) => lhr.audits[id].displayValue ?? "";
    console.log(
      [name.padEnd(10), score("accessibility").padStart(8), score("best-practices").padStart(10), score("performance").padStart(12), value("first-contentful-paint").padStart(12), value("largest-contentful-paint").padStart(14), value("total-blocking-time").padStart(8), value("cumulative-layout-shift").padStart(6)].join(" "),
    );
    if ((lhr.audits["cumulative-layout-shift"].numericValue ?? 0) > 0.05)
      for (const item of (lhr.audits["layout-shifts"]?.details?.items ?? []).slice(0, 4)) console.log(`    shifts ${item.score?.toFixed(3)}: ${item.node?.snippet}`.slice(0, 200));
    for (const id of ["accessibility", "best-practices"])
      for (const { id: audit, weight } of lhr.categories[id].auditRefs)
        if (weight > 0 && lhr.audits[audit].score !== null && lhr.audits[audit].score < 1) {
          const where = (lhr.audits[audit].details?.items ?? []).slice(0, 3).map((i) => i.node?.snippet ?? i.description ?? i.source ?? "").join(" | ");
          console.log(`    ${lhr.audits[audit].title}: ${where}`.slice(0, 400));
        }
  }
} finally {
  chrome.kill();
  server.kill();
}
