import react from "@vitejs/plugin-react";
import { defineConfig, type Plugin } from "vite";

/**
 * The page of a job beside that of the jobs: the same page, which asks for the bench together with the rest instead of after it.
 * The server gives it for every address within a job.
 */
const jobPage = (): Plugin => ({
  name: "job-page",
  enforce: "post",
  generateBundle(_, bundle) {
    const page = bundle["index.html"];
    const chunks = Object.values(bundle).filter((c) => c.type === "chunk");
    const bench = chunks.find((c) => c.facadeModuleId?.endsWith("/shell/Shell.tsx"));
    if (page?.type !== "asset" || !bench) this.error("the page or the bench is not where it was");
    const html = String(page.source);
    const wanted = [bench.fileName, ...bench.imports].filter((file) => !html.includes(file));
    const links = wanted.map((file) => `    <link rel="modulepreload" crossorigin href="/${file}">\n`).join("");
    this.emitFile({ type: "asset", fileName: "job.html", source: html.replace("  </head>", `${links}  </head>`) });
  },
});

// Built beside the server's output; the server serves it. In development the API is asked of a running server.
export default defineConfig({
  plugins: [react(), jobPage()],
  build: { outDir: "../artifacts/site", emptyOutDir: true, chunkSizeWarningLimit: 1500 },
  server: { host: "127.0.0.1", proxy: { "/api": "http://127.0.0.1:5170" } },
});
