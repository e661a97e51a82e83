import type { Catalogue, Surface } from "../api/client";
import type { Edit } from "../job/useEdit";
import { Choose } from "../shell/Choose";
import { DraftBox } from "../shell/DraftBox";
import { grounds } from "./madeOf";

type Props = { edit: Edit; surface: Surface; catalogue: Catalogue };

/** What the surface is and what lies on it, from the substrate outward. */
export function LayersEditor({ edit, surface, catalogue }: Props) {
  const layers = surface.layers ?? [];
  const coats = catalogue.coatings.map((c) => ({ value: c.id, title: c.title }));
  const named = (id: string) => catalogue.coatings.find((c) => c.id === id)?.title ?? id;
  const put = (next: typeof layers) => edit.change({ ...surface, layers: next });
  return (
    <section className="factgroup">
      <h3>Build-up</h3>
      <div className="fact">
        <label htmlFor="substrate">Substrate</label>
        <Choose
          id="substrate"
          value={surface.substrate}
          choices={grounds(catalogue)}
          onChoose={(substrate) => edit.change({ ...surface, substrate })}
        />
      </div>
      <div className="fact">
        <label htmlFor="year">Year built</label>
        <DraftBox
          id="year"
          label=""
          value={surface.year ?? null}
          onSet={(year) => edit.change({ ...surface, year })}
          placeholder="as the building"
        />
      </div>
      <div className="fact">
        <label htmlFor="ageDays" title="Where it is young: a skim of six days is not dry yet">
          Days old
        </label>
        <DraftBox
          id="ageDays"
          label=""
          value={surface.ageDays ?? null}
          least={0}
          onSet={(ageDays) => edit.change({ ...surface, ageDays })}
          placeholder="where it is young"
        />
      </div>
      <div className="fact">
        <span className="label">Old coats, from below{surface.layers ? "" : " ?"}</span>
        <span className="row">
          <Choose
            label="Add a coat on top"
            placeholder="add a coat …"
            value={null}
            choices={coats}
            onChoose={(coating) => put([...layers, { coating, coats: 1 }])}
          />
          {!surface.layers && (
            <button type="button" className="btn tight" onClick={() => put([])}>
              It is bare
            </button>
          )}
        </span>
      </div>
      <ol className="list">
        {layers.map((layer, i) => {
          const key = `${i}-${layer.coating}`;
          const set = (change: Partial<typeof layer>) => put(layers.map((l, n) => (n === i ? { ...l, ...change } : l)));
          return (
            <li key={key} className="row" style={{ padding: "2px 0" }}>
              <Choose
                label={`Coat ${i + 1}`}
                value={layer.coating}
                choices={coats}
                onChoose={(coating) => set({ coating })}
              />
              <span style={{ width: 62 }}>
                <DraftBox
                  label={`How many coats of ${named(layer.coating)}`}
                  value={layer.coats ?? 1}
                  onSet={(coats) => set({ coats: coats ?? 1 })}
                />
              </span>
              <span style={{ width: 98 }}>
                <DraftBox
                  label={`Year of ${named(layer.coating)}`}
                  value={layer.year ?? null}
                  onSet={(year) => set({ year })}
                  placeholder="year"
                />
              </span>
              <span style={{ width: 74 }}>
                <DraftBox
                  label={`Age of ${named(layer.coating)}, days`}
                  value={layer.ageDays ?? null}
                  least={0}
                  onSet={(ageDays) => set({ ageDays })}
                  placeholder="days"
                />
              </span>
              <button
                type="button"
                className="btn tight"
                aria-label={`Remove ${named(layer.coating)}`}
                onClick={() => put(layers.filter((_, n) => n !== i))}
              >
                ×
              </button>
            </li>
          );
        })}
        {surface.layers && layers.length === 0 && <li className="soft small">Bare: no old coats.</li>}
      </ol>
    </section>
  );
}
