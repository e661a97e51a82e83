import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, ask, type Catalogue, type Schemas, type Surface, type SurfaceView } from "../api/client";
import { forgetSurfaces } from "../job/again";
import { keys } from "../job/data";
import type { Edit } from "../job/useEdit";
import { DraftBox } from "../shell/DraftBox";
import { usePlace } from "../shell/Place";
import { useSpeech } from "../shell/words";
import { CopySurvey } from "./CopySurvey";

type Props = { edit: Edit; surface: Surface; catalogue: Catalogue; view: SurfaceView };

/** Size, form and zones: where the surface is and how much of it there is. */
export function PlacePanel({ edit, surface, catalogue, view }: Props) {
  const { job, space, go } = usePlace();
  const client = useQueryClient();
  const [copying, setCopying] = useState(false);
  const [problem, setProblem] = useState("");
  const { area, length, lengthUnit, toLength, fromLength } = useSpeech();
  const size = surface.size ?? {};
  const setSize = (change: Partial<Schemas["Size"]>) =>
    edit.change({ ...surface, size: { ...size, ...change } }, false);
  const kind = catalogue.forms.find((f) => f.id === surface.form?.kind);
  const forms = catalogue.forms.filter((f) => f.elements.includes(surface.element));
  const zone = surface.zone;
  const split = async () => {
    const taken = job.buildings.flatMap((b) => b.spaces).flatMap((s) => s.surfaces.map((f) => f.id));
    let n = 2;
    while (taken.includes(`${surface.id}-${n}`)) n++;
    const { choice: _, sequence: __, done: ___, size: ____, ...like } = surface;
    const wide = view.lengthM > 0 ? Math.min(1, view.lengthM / 2) : 0.5;
    const id = `${surface.id}-${n}`;
    const made = {
      ...like,
      id,
      title: `${surface.title}, zone ${n - 1}`.slice(0, 200),
      readings: [],
      zone: { of: surface.id, leftM: 0, bottomM: 0, widthM: wide, heightM: Math.min(1, wide) },
    };
    const key = `surface:${id}` as const;
    edit.session.edit(
      `Zone of ${surface.title}`,
      [{ key, before: null, after: made, parent: space?.space.id ?? "" }],
      true,
    );
    if ((await edit.session.sent([key])) === "saved") {
      await client.invalidateQueries({ queryKey: keys.job(job.id), exact: true });
      go({ surface: id });
    }
  };
  const merge = async () => {
    if (!zone) return;
    try {
      const gone = await ask(
        api.DELETE("/api/jobs/{job}/surfaces/{surface}", {
          params: { path: { job: job.id, surface: surface.id }, query: { version: view.version } },
        }),
      );
      edit.session.receive(`surface:${surface.id}`, { version: 0, value: null });
      edit.session.made(`Merge of ${surface.title}`, gone.version);
      go({ surface: zone.of });
      await forgetSurfaces(client, job.id, [surface.id]);
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
  };
  const number = (label: string, value: number | null | undefined, onSet: (v: number | null) => void) => (
    <div className="fact" key={label}>
      <span className="label">{label}</span>
      <span className="row">
        <DraftBox
          label={label}
          value={toLength(value)}
          step={0.05}
          onSet={(v) => onSet(fromLength(v))}
          placeholder="from the room"
        />
        <span className="unit">{lengthUnit}</span>
      </span>
    </div>
  );
  const setZone = (change: Partial<Schemas["Zone"]>) =>
    zone && edit.change({ ...surface, zone: { ...zone, ...change } }, false);
  return (
    <section className="factgroup">
      <h3>Place and size</h3>
      <p className="small soft">
        {area(view.areaM2)}
        {view.lengthM > 0 ? `, ${length(view.lengthM)}` : ""}: {view.measured}
      </p>
      {zone ? (
        <>
          {number("From the left end", zone.leftM, (v) => setZone({ leftM: v ?? 0 }))}
          {number("Above the lower edge", zone.bottomM, (v) => setZone({ bottomM: v ?? 0 }))}
          {number("Zone width", zone.widthM, (v) => v && setZone({ widthM: v }))}
          {number("Zone height", zone.heightM, (v) => v && setZone({ heightM: v }))}
        </>
      ) : (
        <>
          {number("Length", size.lengthM, (v) => setSize({ lengthM: v }))}
          {number("Height or girth", size.heightM, (v) => setSize({ heightM: v }))}
        </>
      )}
      {forms.length > 1 && !zone && (
        <div className="fact">
          <label htmlFor="form">Form</label>
          <select
            id="form"
            className="pick"
            value={surface.form?.kind ?? ""}
            onChange={(e) =>
              edit.change({ ...surface, form: e.target.value ? { ...surface.form, kind: e.target.value } : null })
            }
          >
            <option value="">as usual</option>
            {forms.map((f) => (
              <option key={f.id} value={f.id}>
                {f.title}
              </option>
            ))}
          </select>
        </div>
      )}
      {surface.form &&
        !zone &&
        [...(kind?.measures ?? []), { name: "count", title: "How many alike", unit: "", usual: 1 }].map((m) => (
          <div key={m.name} className="fact">
            <label htmlFor={`form-${m.name}`}>
              {m.title}
              {m.unit && `, ${m.unit}`}
            </label>
            <DraftBox
              id={`form-${m.name}`}
              label=""
              value={(surface.form?.[m.name as "lights"] as number | null | undefined) ?? null}
              onSet={(value) => surface.form && edit.change({ ...surface, form: { ...surface.form, [m.name]: value } })}
              placeholder={String(m.usual)}
            />
          </div>
        ))}
      {view.doubts
        .filter((d) => !d.path.startsWith("$.readings"))
        .map((d) => (
          <p key={d.path} className="caution">
            {d.says}.{d.meant && ` Meant: ${d.meant}?`}
          </p>
        ))}
      <div className="row wrap">
        {zone ? (
          <button type="button" className="btn tight" onClick={() => void merge()}>
            Merge back
          </button>
        ) : (
          <button type="button" className="btn tight" onClick={() => void split()}>
            Split off a zone
          </button>
        )}
        <button type="button" className="btn tight" onClick={() => setCopying(true)}>
          Copy survey to …
        </button>
      </div>
      {problem && <p className="hold">{problem}</p>}
      {copying && <CopySurvey surface={surface} onClose={() => setCopying(false)} />}
    </section>
  );
}
