import { defineConfig } from "vitest/config";

// What the pages think, without a page: no browser, no server. The catalogue is the built command line's own.
export default defineConfig({
  test: {
    include: ["tests/**/*.test.ts"],
    setupFiles: ["tests/store.ts"],
    globalSetup: ["tests/catalogue.ts"],
    environment: "node",
  },
});
