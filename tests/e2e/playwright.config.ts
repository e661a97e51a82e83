import { defineConfig } from "@playwright/test";

const port = 5171;

// The real program on the demo job, in Debian's Chromium.
export default defineConfig({
  testDir: "./specs",
  outputDir: "../../.state/e2e-results",
  workers: 1,
  // A machine shared with others is slow at times: nothing here is a claim of speed.
  timeout: 150_000,
  expect: { timeout: 25_000 },
  retries: 0,
  reporter: [["list"], ["json"]],
  use: {
    baseURL: `http://127.0.0.1:${port}`,
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
  webServer: [
    {
      command: `exec dotnet ../../artifacts/instruments/allsound-instruments.dll --port 5182 --http 5183 --seed 7`,
      url: "http://127.0.0.1:5183/instruments",
      reuseExistingServer: false,
      timeout: 60_000,
    },
    {
      command: `rm -f ../../.state/e2e.db*; exec dotnet ../../artifacts/web/allsound-web.dll --web ../../artifacts/site --db ../../.state/e2e.db --import ../../demo/sallow-ferry.job.json --fresh true --urls http://127.0.0.1:${port} --instruments 127.0.0.1:5182`,
      url: `http://127.0.0.1:${port}/api/health`,
      reuseExistingServer: false,
      timeout: 60_000,
    },
  ],
});
