import { useState } from "react";
import type { Schemas } from "../api/client";
import { useConditions } from "../job/data";
import { shortDay } from "../programme/board";
import { usePlace } from "../shell/Place";
import { answer, latest } from "./conditions";
import { DayClock } from "./DayClock";
import { WeatherPanel } from "./WeatherPanel";

type Report = Schemas["ConditionsReport"];

/** May I paint now, and until when: one face at a glance, and how the others stand. */
export function ConditionsView() {
  const { job, view, go } = usePlace();
  const [at, setAt] = useState("");
  const { data, error } = useConditions(job.id, at);
  const here = data?.surfaces.find((s) => s.id === view?.surface.id) ?? data?.surfaces[0];
  return (
    <div className="two conditions" style={{ gridTemplateColumns: "minmax(0, 1.7fr) minmax(280px, 1fr)" }}>
      <div className="buyleft">
        <section className="sheet" aria-label="May this coat be laid">
          <header>
            <h2>{here ? here.title : "Conditions"}</h2>
            <span className="grow" />
            <label className="soft small" htmlFor="conditions-at">
              at
            </label>
            <input
              id="conditions-at"
              type="datetime-local"
              className="pick"
              value={at}
              onChange={(e) => setAt(e.target.value)}
            />
            {at !== "" && (
              <button type="button" className="btn tight" onClick={() => setAt("")}>
                Now
              </button>
            )}
          </header>
          <div className="body">
            {error ? <p className="hold">{`Not known now: ${error.message}`}</p> : here && <Face report={here} />}
          </div>
        </section>
      </div>
      <div className="buyside">
        <section className="sheet" aria-label="Every surface">
          <header>
            <h2>Every surface</h2>
          </header>
          <ul className="maylist">
            {(error ? [] : (data?.surfaces ?? [])).map((s) => (
              <li key={s.id}>
                <button
                  type="button"
                  aria-pressed={s.id === here?.id}
                  className={s.id === here?.id ? "chosen" : undefined}
                  onClick={() => go({ surface: s.id })}
                >
                  <span>
                    {s.title}
                    {s.may === "no" && s.reasons[0] && <span className="soft small why">{s.reasons[0]}</span>}
                  </span>
                  <span className={`may ${s.may}`}>{answer(s)}</span>
                </button>
              </li>
            ))}
          </ul>
        </section>
        <WeatherPanel known={data?.weather} />
      </div>
    </div>
  );
}

function Face({ report }: { report: Report }) {
  const wide = report.limits.length > 0;
  return (
    <>
      <p className={`mayanswer ${report.may}`}>{answer(report)}</p>
      <p>
        {report.coat}
        {latest(report) && <strong>{` ${latest(report)}`}</strong>}
      </p>
      {report.reasons.map((r) => (
        <p key={r} className="small">
          {r}
        </p>
      ))}
      {report.day.length > 0 && (
        <>
          <h3 className="sub">{shortDay(report.at.slice(0, 10))}: when this coat may be on the brush</h3>
          <DayClock day={report.day} at={report.at} />
        </>
      )}
      {report.todo.length > 0 && (
        <>
          <h3 className="sub">What would make it possible</h3>
          <ul className="small">
            {report.todo.map((t) => (
              <li key={t}>{t}</li>
            ))}
          </ul>
        </>
      )}
      {wide && (
        <>
          <h3 className="sub">Limits of this very product</h3>
          <table className="take limits">
            <thead>
              <tr>
                <th scope="col">limit</th>
                <th scope="col">found</th>
                <th scope="col">from</th>
              </tr>
            </thead>
            <tbody>
              {report.limits.map((l) => (
                <tr key={l.what} className={l.met ? undefined : "unmet"}>
                  <th scope="row">{`${l.what} ${l.limit} ${l.unit}`}</th>
                  <td>
                    {l.value == null ? "not known" : `${Math.round(l.value * 10) / 10} ${l.unit}`}
                    {l.met ? "" : ", not kept"}
                  </td>
                  <td className="soft">{l.source}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      )}
      {report.meanwhile.length > 0 && (
        <>
          <h3 className="sub">Meanwhile, inside</h3>
          <ul className="small">
            {report.meanwhile.map((m) => (
              <li key={m}>{m}</li>
            ))}
          </ul>
        </>
      )}
    </>
  );
}
