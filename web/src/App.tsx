import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { ConfigProvider, App as Library } from "antd";
import { lazy, StrictMode, Suspense, useEffect, useState } from "react";
import { createRoot } from "react-dom/client";
import { BrowserRouter, Route, Routes } from "react-router";
import { ready } from "./job/pages";
import { Jobs } from "./jobs/Jobs";
import { install } from "./offline/along";
import { whenIdle } from "./shell/idle";
import { route } from "./shell/where";
import { type Mode, sheetTheme } from "./theme";

// The list of jobs comes first; the bench follows while it is read.
const bench = () => import("./shell/Shell");
const Shell = lazy(async () => ({ default: (await bench()).Shell }));

const ReckonerPage = lazy(async () => ({ default: (await import("./reckoner/ReckonerPage")).ReckonerPage }));

const WallsPage = lazy(async () => ({ default: (await import("./walls/WallsPage")).WallsPage }));

const client = new QueryClient({
  defaultOptions: { queries: { networkMode: "always", retry: 1, staleTime: 2000, refetchOnWindowFocus: true } },
});

function App() {
  const [mode, setMode] = useState<Mode>(() => {
    const kept = localStorage.getItem("sheet");
    if (kept === "dark" || kept === "light") return kept;
    return window.matchMedia("(prefers-color-scheme: dark)").matches ? "dark" : "light";
  });
  useEffect(() => whenIdle(() => void bench().catch(() => undefined)), []);
  useEffect(() => whenIdle(() => install()), []);
  useEffect(() => {
    document.documentElement.dataset.mode = mode;
    localStorage.setItem("sheet", mode);
  }, [mode]);
  return (
    <ConfigProvider theme={sheetTheme(mode)}>
      <QueryClientProvider client={client}>
        {/* Without an element of its own: it would set type and colour for all that is in it. */}
        <Library component={false}>
          <BrowserRouter>
            <Routes>
              <Route path="/" element={<Jobs />} />
              <Route
                path="/reckoner/:kind?"
                element={
                  <Suspense fallback={<div className="frame" aria-busy />}>
                    <ReckonerPage />
                  </Suspense>
                }
              />
              <Route
                path="/walls"
                element={
                  <Suspense fallback={<div className="frame" aria-busy />}>
                    <WallsPage />
                  </Suspense>
                }
              />
              <Route
                path={route}
                element={
                  <Suspense fallback={<div className="frame" aria-busy />}>
                    <Shell mode={mode} onMode={setMode} />
                  </Suspense>
                }
              />
            </Routes>
          </BrowserRouter>
        </Library>
      </QueryClientProvider>
    </ConfigProvider>
  );
}

/** Takes the page over from the head that stood there before. */
export function begin(root: HTMLElement) {
  void ready.then(() =>
    createRoot(root).render(
      <StrictMode>
        <App />
      </StrictMode>,
    ),
  );
}
