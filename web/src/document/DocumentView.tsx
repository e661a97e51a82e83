import { useQueries } from "@tanstack/react-query";
import { useState } from "react";
import { useSearchParams } from "react-router";
import { api, ask, type SurfaceView } from "../api/client";
import { SectionDrawing } from "../drawing/SectionDrawing";
import { saveFile } from "../drawing/save";
import { UnfoldedRoom } from "../drawing/UnfoldedRoom";
import { keys } from "../job/data";
import { money } from "../shell/money";
import { usePlace } from "../shell/Place";
import { daysText, dayText, hoursText, spoken } from "../shell/words";
import { offered } from "../work/offered";
import { StepList, Steps } from "../work/StepList";
import { OnceFreed } from "../work/WorkView";
import { KeepAsSent } from "./KeepAsSent";
import { standalone } from "./page";
import { Sheet } from "./Sheet";
import { WrittenDocument } from "./WrittenDocument";

const kinds = [
  ["drawn", "Specification with drawings"],
  ["specification", "Specification in full"],
  ["client-summary", "For the client"],
  ["quotation", "Quotation"],
  ["crew-checklist", "For the crew"],
  ["hazard-sheet", "Hazards"],
  ["as-built", "As built"],
] as const;

/** The specification as a document: one sheet for the room, one for each surface; print gives the PDF. */
export function DocumentView() {
  const { job } = usePlace();
  const [asked] = useSearchParams();
  const [kind, setKind] = useState<string>(kinds.find(([id]) => id === asked.get("paper"))?.[0] ?? "drawn");
  const today = dayText(new Date().toISOString());
  return (
    <div>
      <div className="noprint documentbar">
        <fieldset className="tri" aria-label="Which document">
          {kinds.map(([id, word]) => (
            <label key={id}>
              <input type="radio" name="document" checked={kind === id} onChange={() => setKind(id)} />
              {word}
            </label>
          ))}
        </fieldset>
        <button type="button" className="btn main" onClick={() => window.print()}>
          Print, or keep as PDF
        </button>
        {kind !== "drawn" && (
          <button
            type="button"
            className="btn"
            title="One file that a browser opens and a word processor edits"
            onClick={() => {
              const sheets = [...document.querySelectorAll("article.paper")].map((a) => a.innerHTML);
              const word = kinds.find(([id]) => id === kind)?.[1] ?? kind;
              saveFile(standalone(`${word}, ${job.job.title}`, sheets), "text/html", `${job.id}-${kind}.html`);
            }}
          >
            For a word processor
          </button>
        )}
        {kind !== "drawn" && (
          <a
            className="btn"
            href={spoken(`/api/jobs/${job.id}/documents/${kind}.md?date=${encodeURIComponent(today)}`)}
            download
          >
            Markdown
          </a>
        )}
      </div>
      {kind === "quotation" && <KeepAsSent date={today} />}
      {kind === "drawn" ? <DrawnRoom /> : <WrittenDocument kind={kind} date={today} />}
    </div>
  );
}

function DrawnRoom() {
  const { job, space, go } = usePlace();
  const surfaces = space?.surfaces ?? [];
  const results = useQueries({
    queries: surfaces.map((s) => ({
      queryKey: keys.surface(job.id, s.id),
      queryFn: () =>
        ask(api.GET("/api/jobs/{job}/surfaces/{surface}", { params: { path: { job: job.id, surface: s.id } } })),
    })),
  });
  const views = results.map((r) => r.data).filter((v): v is SurfaceView => v !== undefined);
  const today = dayText(new Date().toISOString());
  if (!space) return <p style={{ padding: 16 }}>Add a room first.</p>;
  return (
    <div>
      <Sheet
        title={`Specification: ${space.space.title}`}
        under={job.job.title}
        date={today}
        mark={`${surfaces.length} surfaces · revision ${job.changes}`}
        from={(job.job.letterhead ?? "").split("\n").filter((line) => line.trim() !== "")}
      >
        <div style={{ height: 250, margin: "10px 0" }}>
          <UnfoldedRoom space={space} selected="" onSelect={(surface) => go({ view: "survey", surface })} />
        </div>
        <table className="take">
          <thead>
            <tr>
              <th scope="col">Surface</th>
              <th scope="col">Work</th>
              <th scope="col" className="num">
                Hours
              </th>
              <th scope="col" className="num">
                Days
              </th>
              <th scope="col" className="num">
                Cost
              </th>
            </tr>
          </thead>
          <tbody>
            {views.map((v) => {
              const { then } = v.specification;
              const o = offered(v.specification).find((x) => x.id === v.chosen);
              return (
                <tr key={v.surface.id}>
                  <td>{v.surface.title}</td>
                  <td>{then ? `Stopped; once freed: ${o?.name}` : (o?.name ?? "Stopped: see its sheet")}</td>
                  <td className="num">{o ? hoursText(o.labourHours) : ""}</td>
                  <td className="num">{o ? daysText(o.elapsedDays) : ""}</td>
                  <td className="num">{o ? money(o.cost) : ""}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
        <p className="small soft" style={{ marginTop: 10 }}>
          Times are for one person and surface by surface; lives are judgements. Local rules on lead, asbestos,
          electricity, heights and waste come before anything said here, and licensed work is for licensed people.
        </p>
      </Sheet>
      {views.map((v) => (
        <SurfaceSheet key={v.surface.id} view={v} jobTitle={job.job.title} date={today} revision={job.changes} />
      ))}
    </div>
  );
}

type Drawn = { view: SurfaceView; jobTitle: string; date: string; revision: number };

function SurfaceSheet({ view, jobTitle, date, revision }: Drawn) {
  const { then } = view.specification;
  const options = offered(view.specification);
  const option = options.find((o) => o.id === view.chosen);
  const others = options.filter((o) => o !== option);
  return (
    <Sheet
      title={view.surface.title}
      under={`${jobTitle}, ${view.spaceTitle}`}
      date={date}
      mark={`revision ${revision}`}
    >
      {view.holds.map((h) => (
        <div key={h.need} className="hold" style={{ marginTop: 10 }}>
          <strong>Stopped. {h.reason}</strong> {h.consequence} To go on: {h.frees.join("; ")}.
          {h.meanwhile.length > 0 && ` Meanwhile: ${h.meanwhile.join(" ")}`}
        </div>
      ))}
      <div style={{ height: 230, margin: "10px 0" }}>
        <SectionDrawing section={view.section} option={option?.id} />
      </div>
      {view.specification.hazards.length > 0 && (
        <>
          <h2>Hazards</h2>
          <ul>
            {view.specification.hazards.map((h) => (
              <li key={h.hazard}>
                <b>{h.title}.</b> {h.because} {h.do.join(" ")}
              </li>
            ))}
          </ul>
        </>
      )}
      <h2>As found</h2>
      <ul>
        {view.findings.slice(0, 3).map((f) => (
          <li key={f.cause}>
            {f.title}: {f.for.slice(0, 3).join("; ")}.
          </li>
        ))}
        {view.presumed.map((p) => (
          <li key={p}>{p}</li>
        ))}
      </ul>
      {view.specification.meanwhile.length > 0 && (
        <>
          <h2>What may be done meanwhile</h2>
          <Steps steps={view.specification.meanwhile} full />
        </>
      )}
      {option && (
        <>
          {then && <OnceFreed freed={then.freed} />}
          <h2>{option.name}</h2>
          <div className="figures">
            <span>{`${view.areaM2} m²`}</span>
            <span>{money(option.cost)}</span>
            <span>{hoursText(option.labourHours)}</span>
            <span>{daysText(option.elapsedDays)}</span>
            <span>≈ {option.lifeYears} years to first maintenance</span>
          </div>
          {option.causes.length > 0 && <h2>Why it fails, and what answers it</h2>}
          <ul>
            {option.causes.map((c) => (
              <li key={c.cause}>{c.line}</li>
            ))}
          </ul>
          <StepList option={option} />
          {option.residualRisks.length > 0 && <h2>What can still go wrong</h2>}
          <ul>
            {option.residualRisks.map((r) => (
              <li key={r}>{r}</li>
            ))}
          </ul>
          {others.length > 0 && <h2>Other options, not chosen</h2>}
          <ul>
            {others.map((o) => (
              <li key={o.id}>
                {o.name}: {money(o.cost)}, {daysText(o.elapsedDays)}, ≈ {o.lifeYears} years
                {o.bestAt.length > 0 ? ` (${o.bestAt.join(", ")})` : ""}.
              </li>
            ))}
          </ul>
        </>
      )}
    </Sheet>
  );
}
