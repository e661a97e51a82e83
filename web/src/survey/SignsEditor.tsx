import type { Catalogue, Surface, SurfaceView } from "../api/client";
import type { Edit } from "../job/useEdit";
import { Choose } from "../shell/Choose";
import { DraftBox } from "../shell/DraftBox";

type Props = { edit: Edit; surface: Surface; catalogue: Catalogue; view: SurfaceView };

/** Signs seen, or looked for and absent, with their grade: both speak. */
export function SignsEditor({ edit, surface, catalogue, view }: Props) {
  const signs = surface.signs ?? [];
  const put = (next: typeof signs) => edit.change({ ...surface, signs: next });
  const sizes = catalogue.scales.find((s) => s.id === "iso4628-1-size");
  return (
    <section className="factgroup">
      <h3>Signs</h3>
      {signs.length === 0 && <p className="soft small">None yet. Say what you see in the line above.</p>}
      <ul className="list">
        {signs.map((s, i) => {
          const sign = catalogue.signs.find((x) => x.id === s.sign);
          const scale = catalogue.scales.find((x) => x.id === sign?.scale);
          const title = sign?.title ?? s.sign;
          const set = (change: Partial<typeof s>) => put(signs.map((x, n) => (n === i ? { ...x, ...change } : x)));
          const grade = view.grades[i] ?? s.grade;
          return (
            <li key={s.sign} className="record">
              <div className="row small">
                <button
                  type="button"
                  className="btn tight"
                  style={{ minWidth: 66 }}
                  aria-label={`${title}: ${s.present === false ? "absent" : "seen"}; switch`}
                  onClick={() => set({ present: s.present === false })}
                >
                  {s.present === false ? "absent" : "seen"}
                </button>
                {s.present !== false && (
                  <span style={{ width: 62 }}>
                    <DraftBox
                      label={`${title}, percent of the face`}
                      value={s.share == null ? null : Math.round(s.share * 1000) / 10}
                      least={0}
                      most={100}
                      onSet={(n) => set({ share: n === null ? null : Math.round(n * 10) / 1000 })}
                      placeholder="%"
                    />
                  </span>
                )}
                <span className="grow" title={sign ? `${sign.look}. ${sign.source}` : undefined}>
                  {title}
                </span>
                <button
                  type="button"
                  className="btn tight"
                  aria-label={`Remove: ${title}`}
                  onClick={() => put(signs.filter((_, n) => n !== i))}
                >
                  ×
                </button>
              </div>
              {scale && s.present !== false && (
                <div className="row small grading">
                  {scale.unit ? (
                    <>
                      <span style={{ width: 84 }}>
                        <DraftBox
                          label={`${title}, measured`}
                          value={s.measure ?? null}
                          onSet={(measure) => set({ measure, grade: null })}
                          placeholder="measure"
                          step={0.1}
                        />
                      </span>
                      <span className="soft">{scale.unit}</span>
                      {grade && (
                        <b title={`${scale.how}. ${scale.source}`}>
                          {scale.id}: class {grade}
                        </b>
                      )}
                    </>
                  ) : (
                    <select
                      className="pick"
                      aria-label={`${title}, class`}
                      value={s.grade ?? ""}
                      onChange={(e) => set({ grade: e.target.value || null })}
                    >
                      <option value="">class by {scale.id} …</option>
                      {scale.classes.map((c) => (
                        <option key={c.name} value={c.name}>
                          {c.name}: {c.words}
                        </option>
                      ))}
                    </select>
                  )}
                  {(scale.id === "iso4628-2" || scale.id === "iso4628-4") && sizes && (
                    <select
                      className="pick"
                      style={{ width: 92 }}
                      aria-label={`${title}, size`}
                      value={s.size ?? ""}
                      onChange={(e) => set({ size: e.target.value || null })}
                    >
                      <option value="">size</option>
                      {sizes.classes.map((c) => (
                        <option key={c.name} value={c.name}>
                          {c.name}
                        </option>
                      ))}
                    </select>
                  )}
                </div>
              )}
              {sign?.misleads && s.present !== false && <p className="caution">{sign.misleads}</p>}
            </li>
          );
        })}
      </ul>
      <Choose
        label="Add a sign"
        placeholder="add a sign …"
        value={null}
        choices={catalogue.signs
          .filter((x) => !signs.some((s) => s.sign === x.id))
          .map((x) => ({ value: x.id, title: x.title, group: x.defect ? "What has failed" : "What goes with it" }))}
        onChoose={(sign) => put([...signs, { sign, present: true }])}
      />
    </section>
  );
}
