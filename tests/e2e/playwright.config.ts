import { defineConfig } from "@playwright/test";

// Each worker drives a program of its own, so that no test sees what another leaves behind.
const workers = 2;
const ports = Array.from({ length: workers }, (_, i) => ({ web: 5171 + i, bag: 5181 + 2 * i, bagHttp: 5182 + 2 * i }));

// The real program on the demo job, in Debian's Chromium.
export default defineConfig({
  testDir: "./specs",
  outputDir: "../../.state/e2e-results",
  workers,
  // A machine shared with others is slow at times: nothing here is a claim of speed.
  timeout: 150_000,
  expect: { timeout: 25_000 },
  retries: 0,
  reporter: [["list"], ["json"]],
  use: {
    viewport: { width: 1280, height: 800 },
    // What is cut or held up on purpose is cut between page and server; the specs of days without a network allow it.
    serviceWorkers: "block",
    launchOptions: {
      executablePath: process.env.CHROMIUM ?? "/usr/bin/chromium",
      args: [
        "--no-sandbox",
        "--disable-gpu",
        "--disable-quic",
        "--no-first-run",
        "--disable-background-networking",
        "--disable-component-update",
        "--disable-sync",
      ],
    },
  },
  webServer: ports.flatMap(({ web, bag, bagHttp }) => [
    {
      command: `exec dotnet ../../artifacts/instruments/allsound-instruments.dll --port ${bag} --http ${bagHttp} --seed 7`,
      url: `http://127.0.0.1:${bagHttp}/instruments`,
      reuseExistingServer: false,
      timeout: 60_000,
    },
    {
      command: `rm -f ../../.state/e2e-${web}.db*; exec dotnet ../../artifacts/web/allsound-web.dll --web ../../artifacts/site --db ../../.state/e2e-${web}.db --import ../../demo/sallow-ferry.job.json --fresh true --urls http://127.0.0.1:${web} --instruments 127.0.0.1:${bag}`,
      url: `http://127.0.0.1:${web}/api/health`,
      reuseExistingServer: false,
      timeout: 60_000,
    },
  ]),
});
