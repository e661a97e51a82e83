import react from "@vitejs/plugin-react";
import { defineConfig, type Plugin } from "vite";

/**
 * The page asks for the program beforehand, which begins only once the head of the page is painted. Beside it stands the page of a job: the same, and
 * asking for the bench too. The server gives that for every address within a job.
 */
const pages = (): Plugin => ({
  name: "pages",
  enforce: "post",
  generateBundle(_, bundle) {
    const page = bundle["index.html"];
    const chunks = Object.values(bundle).filter((c) => c.type === "chunk");
    const chunk = (file: string) => chunks.find((c) => c.facadeModuleId?.endsWith(file));
    const [program, bench] = [chunk("/src/App.tsx"), chunk("/shell/Shell.tsx")];
    if (page?.type !== "asset" || !program || !bench)
      return this.error("the page, the program or the bench is not where it was");
    const asking = (html: string, of: typeof program) => {
      const links = [of.fileName, ...of.imports]
        .filter((file) => !html.includes(file))
        .map((file) => `    <link rel="modulepreload" crossorigin href="/${file}">\n`);
      return html.replace("  </head>", `${links.join("")}  </head>`);
    };
    page.source = asking(String(page.source), program);
    this.emitFile({ type: "asset", fileName: "job.html", source: asking(page.source, bench) });
  },
});

// Built beside the server's output; the server serves it. In development the API is asked of a running server.
export default defineConfig({
  plugins: [react(), pages()],
  build: { outDir: "../artifacts/site", emptyOutDir: true, chunkSizeWarningLimit: 1500 },
  server: { host: "127.0.0.1", proxy: { "/api": "http://127.0.0.1:5170" } },
});
