import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, ask, type Schemas } from "../api/client";
import { jobRecord } from "../job/useEdit";
import { usePlace } from "../shell/Place";
import { hoursText } from "../shell/words";

/** Ways of taking the film off, ranked for this surface, and the trial patches that decide between them. */
export function Stripping() {
  const { job, view } = usePlace();
  const [open, setOpen] = useState(false);
  const fits = useQuery({
    queryKey: ["stripping", job.id, view?.surface.id, view?.version, job.version],
    enabled: open && view !== undefined,
    queryFn: () =>
      ask(
        api.GET("/api/jobs/{job}/surfaces/{surface}/stripping", {
          params: { path: { job: job.id, surface: view?.surface.id ?? "" } },
        }),
      ),
  });
  const rows = fits.data ?? [];
  const possible = rows.filter((f) => f.score != null);
  const out = rows.filter((f) => f.score == null);
  return (
    <details className="strip-choice" onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary>
        <b>Ways to strip it</b> <span className="soft small">methods ranked for this surface, trial patches</span>
      </summary>
      <table className="take">
        <thead>
          <tr>
            <th scope="col">Way</th>
            <th scope="col" className="num">
              Fit
            </th>
            <th scope="col" className="num">
              Goes
            </th>
            <th scope="col" className="num">
              Hours
            </th>
            <th scope="col">Waste, residue, power</th>
          </tr>
        </thead>
        <tbody>
          {possible.map((f) => (
            <tr key={f.operation}>
              <td>
                {f.title}
                {f.trial && <div className="small">{f.trial}</div>}
              </td>
              <td className="num">{Math.round((f.score ?? 0) * 100)}</td>
              <td className="num">{f.applications}</td>
              <td className="num">{hoursText(f.hours)}</td>
              <td className="small">
                {`${f.wasteKg} kg, ${f.stream}. Leaves ${f.residue}.`}
                {f.supply !== "" && <div>{f.supply}</div>}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {out.length > 0 && (
        <details className="small">
          <summary>
            {out.length} {out.length === 1 ? "method is" : "methods are"} ruled out here
          </summary>
          <ul>
            {out.map((f) => (
              <li key={f.operation}>
                <b>{f.title}:</b> {f.ruledOut.join("; ")}.
              </li>
            ))}
          </ul>
        </details>
      )}
      <PatchForm methods={possible} />
    </details>
  );
}

function PatchForm({ methods }: { methods: Schemas["StrippingFit"][] }) {
  const { job, view, edit } = usePlace();
  const [method, setMethod] = useState("");
  const [dwell, setDwell] = useState("");
  const [cleared, setCleared] = useState("");
  const [minutes, setMinutes] = useState("");
  const [harmed, setHarmed] = useState(false);
  if (!view || methods.length === 0) return null;
  const save = () => {
    const trial = {
      surface: view.surface.id,
      method: method || (methods[0]?.operation ?? ""),
      dwellMinutes: dwell === "" ? null : Number(dwell),
      cleared: Number(cleared) / 100,
      minutes: Number(minutes),
      harmed,
    };
    const record = jobRecord(edit.session, job);
    edit.session.edit(
      `Trial patch on ${view.surface.title}`,
      [{ key: `job:${job.id}`, before: record, after: { ...record, trials: [...(record.trials ?? []), trial] } }],
      true,
    );
    setCleared("");
    setMinutes("");
  };
  return (
    <form
      className="row patch"
      onSubmit={(e) => {
        e.preventDefault();
        save();
      }}
    >
      <select className="pick" aria-label="Method tried" value={method} onChange={(e) => setMethod(e.target.value)}>
        {methods.map((f) => (
          <option key={f.operation} value={f.operation}>
            {f.title}
          </option>
        ))}
      </select>
      <input
        className="pick"
        aria-label="Dwell, minutes"
        placeholder="dwell min"
        value={dwell}
        inputMode="decimal"
        onChange={(e) => setDwell(e.target.value)}
      />
      <input
        className="pick"
        aria-label="Share that came off, percent"
        placeholder="off %"
        value={cleared}
        inputMode="decimal"
        onChange={(e) => setCleared(e.target.value)}
      />
      <input
        className="pick"
        aria-label="Minutes of work on the trial patch"
        placeholder="work min"
        value={minutes}
        inputMode="decimal"
        onChange={(e) => setMinutes(e.target.value)}
      />
      <label className="check">
        <input type="checkbox" checked={harmed} onChange={(e) => setHarmed(e.target.checked)} />
        harmed
      </label>
      <button type="submit" className="btn tight" disabled={cleared === "" || minutes === ""}>
        Log the patch
      </button>
    </form>
  );
}
