import { Drawer, Modal } from "antd";
import { lazy, Suspense, useEffect, useLayoutEffect, useState } from "react";
import { Link, useLocation, useNavigate, useParams } from "react-router";
import { useCatalogue, useJob, useSurface } from "../job/data";
import { useEdit, useRecords } from "../job/useEdit";
import { SurveyView } from "../survey/SurveyView";
import type { Key } from "../sync/types";
import type { Mode } from "../theme";
import { Contents } from "./Contents";
import { DraftScope } from "./DraftBox";
import { FileMenu } from "./FileMenu";
import { whenIdle } from "./idle";
import { type Place, PlaceProvider, type View, views } from "./Place";
import { PlaceBar } from "./PlaceBar";
import { SaveMark } from "./SaveMark";
import { SpeechMenu } from "./SpeechMenu";
import { Spoilt } from "./Spoilt";
import { whereIs } from "./where";

const ShowRound = lazy(async () => ({ default: (await import("./ShowRound")).ShowRound }));

// Each view by itself, asked for once the first one stands and nothing is under way.
const rooms = {
  work: () => import("../work/WorkView"),
  audit: () => import("../audit/AuditView"),
  buy: () => import("../buy/BuyView"),
  programme: () => import("../programme/ProgrammeView"),
  conditions: () => import("../conditions/ConditionsView"),
  site: () => import("../site/SiteView"),
  document: () => import("../document/DocumentView"),
  firm: () => import("../firm/FirmView"),
};
const WorkView = lazy(async () => ({ default: (await rooms.work()).WorkView }));
const AuditView = lazy(async () => ({ default: (await rooms.audit()).AuditView }));
const BuyView = lazy(async () => ({ default: (await rooms.buy()).BuyView }));
const ProgrammeView = lazy(async () => ({ default: (await rooms.programme()).ProgrammeView }));
const ConditionsView = lazy(async () => ({ default: (await rooms.conditions()).ConditionsView }));
const SiteView = lazy(async () => ({ default: (await rooms.site()).SiteView }));
const DocumentView = lazy(async () => ({ default: (await rooms.document()).DocumentView }));
const FirmView = lazy(async () => ({ default: (await rooms.firm()).FirmView }));

const titles: Record<View, string> = {
  survey: "Survey",
  work: "Work",
  audit: "Own sequence",
  buy: "Buy",
  programme: "Programme",
  conditions: "Conditions",
  site: "Site",
  document: "Document",
  firm: "Our ways",
};

// What stands behind "More" where there is room for five.
const second = new Set<View>(["audit", "buy", "programme", "conditions", "firm"]);

type Props = { mode: Mode; onMode: (mode: Mode) => void };

/** Another job starts afresh: what is under way in one must never reach the other. */
export function Shell(props: Props) {
  const { job = "" } = useParams();
  return <Frame key={job} jobId={job} {...props} />;
}

const writes = (target: HTMLElement) =>
  target.isContentEditable ||
  target instanceof HTMLTextAreaElement ||
  (target instanceof HTMLInputElement &&
    !["checkbox", "radio", "range", "button", "submit", "file"].includes(target.type));

/** The frame round every view: title strip, views, shortcuts. */
function Frame({ jobId, mode, onMode }: Props & { jobId: string }) {
  const { pathname: path, state: arrived } = useLocation();
  const navigate = useNavigate();
  const job = useJob(jobId);
  const catalogue = useCatalogue();
  const spaces = job.data?.buildings.flatMap((b) => b.spaces) ?? [];
  const { at, space, surface: surfaceId } = whereIs(path, spaces);
  const surface = useSurface(jobId, surfaceId);
  const view = surfaceId === "" || surface.data?.surface.id !== surfaceId ? undefined : surface.data;
  const edit = useEdit(jobId, view);
  useRecords(edit.session, job.data, view);
  const [contents, setContents] = useState(false);
  const titleOf = (key: Key) => {
    const id = key.slice(key.indexOf(":") + 1);
    const named = edit.session.current(key) as { title?: string } | null | undefined;
    return named?.title ?? spaces.flatMap((s) => s.surfaces).find((f) => f.id === id)?.title ?? id;
  };
  const [help, setHelp] = useState(false);
  const [more, setMore] = useState(false);
  const [round, setRound] = useState((arrived as { round?: boolean } | null)?.round === true);
  useEffect(
    () =>
      whenIdle(() => {
        // Without a line nothing comes: it is asked for again when it is wanted.
        for (const read of Object.values(rooms)) read().catch(() => undefined);
      }),
    [],
  );

  const go: Place["go"] = (to) => {
    const now = whereIs(window.location.pathname, spaces);
    const nextSpace =
      to.space ??
      spaces.find((s) => s.surfaces.some((f) => f.id === to.surface))?.space.id ??
      now.space?.space.id ??
      "";
    const nextSurface = to.surface ?? (to.space ? "" : now.surface);
    navigate(`/${jobId}/${to.view ?? now.at}/${nextSpace}${nextSurface ? `/${nextSurface}` : ""}`);
  };
  const turn: Place["turn"] = (step) => {
    const now = whereIs(window.location.pathname, spaces);
    const order = now.space?.surfaces ?? [];
    const next = order[order.findIndex((s) => s.id === now.surface) + step];
    if (next) go({ surface: next.id });
  };

  // With the page itself and not after it: a key pressed as soon as something is seen acts on what is seen.
  useLayoutEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const target = e.target as HTMLElement;
      const typing = target.closest("input, select, textarea, [role='dialog']") !== null;
      // In a box that holds text the browser undoes what was typed.
      const undoes = (e.ctrlKey || e.metaKey) && !writes(target);
      if (undoes && e.key === "z") {
        e.preventDefault();
        edit.undo();
        return;
      }
      if (undoes && (e.key === "y" || e.key === "Z")) {
        e.preventDefault();
        edit.redo();
        return;
      }
      // Escape leaves a box for the shortcuts; a dialog closes by itself.
      if (typing && e.key === "Escape" && !target.closest("[role='dialog']")) target.blur();
      if (typing || e.ctrlKey || e.metaKey || e.altKey) return;
      const number = Number(e.key);
      if (e.key === "?") setHelp(true);
      else if (number >= 1 && number <= views.length) {
        go({ view: views[number - 1] });
        // What had the focus goes with its view: Tab begins in the new one, and not at the head of the page.
        document.getElementById("sheet")?.focus({ preventScroll: true });
      } else if (e.key === "j") turn(1);
      else if (e.key === "k") turn(-1);
      else if (e.key === "u") edit.undo();
      else if (e.key === "U") edit.redo();
      else if (e.key === "s") document.querySelector<HTMLElement>("#say")?.focus();
      else if (e.key === "n") document.querySelector<HTMLElement>("#new-surface")?.click();
      else if (e.key === "N") document.querySelector<HTMLElement>("#new-space")?.click();
      else if (e.key === "p" && whereIs(window.location.pathname, spaces).at === "document") window.print();
      else if (e.key === "f") document.querySelector<HTMLElement>(".facts select, .facts input")?.focus();
      else return;
      e.preventDefault();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  });

  useEffect(() => {
    document.title = job.data
      ? `${view?.surface.title ?? job.data.job.title} · ${titles[at]} · All Sound`
      : "All Sound";
  }, [job.data, view, at]);

  const placed = at === "work" || at === "audit";
  return (
    <div className="frame withrail">
      <a className="skip" href="#sheet">
        To the sheet
      </a>
      <header className="strip">
        <Link to="/" className="mark">
          All Sound
        </Link>
        <span className="fill" />
        <SaveMark edit={edit} titleOf={titleOf} />
        <button type="button" className="jobname" onClick={() => setContents(true)} title="What is in the job">
          {job.data?.job.title}
        </button>
        <div className="tools">
          <FileMenu job={jobId} />
          <button
            type="button"
            onClick={() => onMode(mode === "dark" ? "light" : "dark")}
            aria-label={mode === "dark" ? "Light sheet" : "Dark sheet"}
          >
            {mode === "dark" ? "☀" : "☾"}
          </button>
          <button type="button" onClick={() => setHelp(true)} aria-label="Shortcuts">
            ?
          </button>
        </div>
      </header>
      <nav className="views" aria-label="Views">
        <Link className="onrail" to="/">
          Jobs
        </Link>
        {views.map((v, n) => (
          <Link
            key={v}
            className={second.has(v) ? "second" : undefined}
            to={`/${jobId}/${v}/${space?.space.id ?? ""}${surfaceId ? `/${surfaceId}` : ""}`}
            aria-current={v === at ? "page" : undefined}
          >
            {titles[v]} <kbd aria-hidden>{n + 1}</kbd>
          </Link>
        ))}
        <Link className="onrail" to="/reckoner">
          Reckoner
        </Link>
        <button type="button" className="moreviews" aria-expanded={more} onClick={() => setMore(true)}>
          More
        </button>
      </nav>
      <main
        id="sheet"
        tabIndex={-1}
        className={placed ? "placed" : at === "survey" ? "walk" : undefined}
        style={{ minHeight: 0, overflow: "auto" }}
      >
        <h1 className="sr">
          {job.data?.job.title}: {titles[at]}
        </h1>
        {job.isError && (
          <p className="hold" style={{ margin: 16 }}>
            {job.error.message}
          </p>
        )}
        {job.data?.spoilt.map((s) => (
          <Spoilt key={`${s.kind} ${s.id}`} job={jobId} spoilt={s} />
        ))}
        {job.data && (
          <PlaceProvider value={{ job: job.data, space, view, edit, catalogue: catalogue.data, at, go, turn }}>
            <DraftScope value={`${jobId}/${at === "firm" ? "" : surfaceId}`}>
              {(placed || at === "survey") && <PlaceBar />}
              {at === "survey" && <SurveyView />}
              <Suspense
                fallback={
                  <p className="opening" role="status">
                    Opening {titles[at]} ...
                  </p>
                }
              >
                {at === "work" && <WorkView />}
                {at === "audit" && <AuditView />}
                {at === "buy" && <BuyView />}
                {at === "programme" && <ProgrammeView />}
                {at === "conditions" && <ConditionsView />}
                {at === "site" && <SiteView />}
                {at === "document" && <DocumentView />}
                {at === "firm" && <FirmView />}
              </Suspense>
              {contents && <Contents onClose={() => setContents(false)} />}
            </DraftScope>
          </PlaceProvider>
        )}
      </main>
      <Drawer title="More" placement="bottom" size={380} open={more} onClose={() => setMore(false)} destroyOnHidden>
        {/* biome-ignore lint/a11y/useKeyWithClickEvents lint/a11y/noStaticElementInteractions: whatever is pressed in it also shuts it */}
        <div className="morelist" onClick={() => setMore(false)}>
          {views
            .filter((v) => second.has(v))
            .map((v) => (
              <Link key={v} to={`/${jobId}/${v}/${space?.space.id ?? ""}${surfaceId ? `/${surfaceId}` : ""}`}>
                {titles[v]}
              </Link>
            ))}
          <Link to="/">All jobs</Link>
          <Link to="/reckoner">Reckoner</Link>
          <button type="button" onClick={() => setContents(true)}>
            What is in the job
          </button>
          <button type="button" onClick={() => edit.redo()} disabled={!edit.canRedo}>
            Redo
          </button>
          <a href={`/api/jobs/${jobId}/export`} download>
            Export the job file
          </a>
          <button type="button" onClick={() => onMode(mode === "dark" ? "light" : "dark")}>
            {mode === "dark" ? "Light sheet" : "Dark sheet"}
          </button>
          <button type="button" onClick={() => setHelp(true)}>
            Words, units, show me round
          </button>
        </div>
      </Drawer>
      <Modal
        title="Shortcuts, words and units"
        open={help}
        onCancel={() => setHelp(false)}
        footer={null}
        destroyOnHidden
      >
        <table className="take">
          <tbody>
            {(
              [
                ["1 … 9", "Survey, Work, Own sequence, Buy, Programme, Conditions, Site, Document, Our ways"],
                ["j  k", "next and previous surface in walking order"],
                ["f", "to the facts; Tab goes from fact to fact"],
                ["s", "say what you see: a sign, a number, a coat, a fact"],
                ["Page Down", "from that line to the next surface; Page Up back; Esc leaves it"],
                ["n  N", "new surface, new room"],
                ["u  U", "undo, redo (also Ctrl+Z, Ctrl+Y)"],
                ["p", "print the document that is in sight"],
                ["n", "on the first page: a new job"],
                ["?", "this sheet"],
              ] as const
            ).map(([key, what]) => (
              <tr key={key}>
                <td>
                  <kbd>{key}</kbd>
                </td>
                <td>{what}</td>
              </tr>
            ))}
          </tbody>
        </table>
        <SpeechMenu />
        <p>
          <button
            type="button"
            className="btn"
            onClick={() => {
              setHelp(false);
              go({ view: "survey" });
              setRound(true);
            }}
          >
            Show me round
          </button>
        </p>
      </Modal>
      {round && at === "survey" && view && (
        <Suspense>
          <ShowRound onEnd={() => setRound(false)} />
        </Suspense>
      )}
    </div>
  );
}
