import react from "@vitejs/plugin-react";
import { defineConfig, type Plugin } from "vite";
import { VitePWA } from "vite-plugin-pwa";

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
        .map((file) => `    <link rel="modulepreload" fetchpriority="low" crossorigin href="/${file}">\n`);
      if (!html.includes("</head>")) return this.error("the page has no head to ask from");
      return html.replace("</head>", `\n${links.join("")}  </head>`);
    };
    page.source = asking(String(page.source), program);
    this.emitFile({ type: "asset", fileName: "job.html", source: asking(page.source, bench) });
  },
});

/**
 * On the device: the program itself, and what the server last answered about the jobs that were opened there. The network is asked first; where it
 * does not answer, the last answer stands in. Edits do not pass through here: they wait in the page until they are sent.
 */
const offline = () =>
  VitePWA({
    registerType: "autoUpdate",
    injectRegister: null,
    manifest: {
      name: "All Sound",
      short_name: "All Sound",
      description: "Why paint fails, what to do about it, and what was done",
      start_url: "/",
      display: "standalone",
      background_color: "#eceee6",
      theme_color: "#1c2a2b",
      icons: [{ src: "/mark.svg", sizes: "any", type: "image/svg+xml", purpose: "any" }],
    },
    workbox: {
      globPatterns: ["**/*.{html,js,css,woff2,svg}"],
      globIgnores: ["job.html"],
      maximumFileSizeToCacheInBytes: 4_000_000,
      navigateFallback: "/index.html",
      navigateFallbackDenylist: [/^\/api(\/|$)/],
      clientsClaim: true,
      skipWaiting: true,
      runtimeCaching: [
        {
          // A plan, an export, whether one may paint now are of the moment: an old answer could do harm. The rest is kept as it was last answered.
          urlPattern: ({ url, request }) =>
            request.method === "GET" &&
            url.pathname.startsWith("/api/") &&
            !/\/(health|export|archive|instruments|programme|conditions)(\.|\/|$)/.test(url.pathname) &&
            !/\.(csv|ics|md)$/.test(url.pathname),
          handler: "NetworkFirst",
          options: {
            cacheName: "answers",
            networkTimeoutSeconds: 15,
            expiration: { maxEntries: 600 },
            cacheableResponse: { statuses: [200] },
          },
        },
      ],
    },
  });

// Built beside the server's output; the server serves it. In development the API is asked of a running server.
export default defineConfig({
  plugins: [react(), pages(), offline()],
  build: { outDir: "../artifacts/site", emptyOutDir: true, chunkSizeWarningLimit: 1500 },
  server: { host: "127.0.0.1", proxy: { "/api": "http://127.0.0.1:5170" } },
});
