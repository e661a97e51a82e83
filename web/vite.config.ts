import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";

// Built beside the server's output; the server serves it. In development the API is asked of a running server.
export default defineConfig({
  plugins: [react()],
  build: { outDir: "../artifacts/site", emptyOutDir: true, chunkSizeWarningLimit: 1500 },
  server: { host: "127.0.0.1", proxy: { "/api": "http://127.0.0.1:5170" } },
});
