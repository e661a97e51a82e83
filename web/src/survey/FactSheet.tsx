import { useId } from "react";
import type { Catalogue, Facts, Schemas, Surface, SurfaceView } from "../api/client";
import type { Edit } from "../job/useEdit";
import { DraftBox } from "../shell/DraftBox";
import { DraftWords } from "../shell/DraftWords";
import { usePlace } from "../shell/Place";
import type { Edit as Change } from "../sync/types";
import { FactGroup } from "./FactGroup";
import { parted, recorded } from "./facts";
import { LayersEditor } from "./LayersEditor";
import { Photos } from "./Photos";
import { PlacePanel } from "./PlacePanel";
import { ReadingsEditor } from "./ReadingsEditor";
import { SignsEditor } from "./SignsEditor";

type Props = { edit: Edit; surface: Surface; catalogue: Catalogue; view: SurfaceView };

/** Everything recorded of one surface. Each answer saves as it is given. */
export function FactSheet({ edit, surface, catalogue, view }: Props) {
  const set = (facts: Partial<Facts>, soon = true) =>
    edit.change({ ...surface, facts: { ...surface.facts, ...facts } }, soon);
  // What holds for the whole room is said once, of the room; one edit, so that one undo takes it back.
  const { job, space } = usePlace();
  const family = catalogue.substrates.find((s) => s.id === surface.substrate)?.family;
  const room = space && ((edit.session.current(`space:${space.space.id}`) ?? space.space) as Schemas["Space"]);
  const building = job.buildings.find((b) => b.spaces.some((s) => s.space.id === room?.id))?.building;
  const around = (key: keyof Schemas["Surroundings"]): Around => {
    const ofRoom = room?.surroundings?.[key] ?? null;
    const ofBuilding = building?.surroundings?.[key] ?? null;
    if (ofRoom !== null) return { of: "room", value: ofRoom };
    return ofBuilding === null ? null : { of: "building", value: ofBuilding };
  };
  // Said of the room or of the whole building: what was said closer by gives way to it.
  const sayOf = (of: "room" | "building", key: string, label: string, value: boolean | null) => {
    if (!room) return;
    const house = building && ((edit.session.current(`building:${building.id}`) ?? building) as Schemas["Building"]);
    const said = <T extends { surroundings?: Schemas["Surroundings"] | null }>(record: T, v: boolean | null): T => ({
      ...record,
      surroundings: { ...record.surroundings, [key]: v },
    });
    const changes: Change[] = [
      { key: `space:${room.id}`, before: room, after: said(room, of === "room" ? value : null) },
      {
        key: `surface:${surface.id}`,
        before: surface,
        after: { ...surface, facts: { ...surface.facts, [key]: null } },
      },
    ];
    if (of === "building" && house)
      changes.push({ key: `building:${house.id}`, before: house, after: said(house, value) });
    const place = of === "room" ? room.title : (house?.title ?? room.title);
    edit.session.edit(`${place}: ${label.toLowerCase()}`, changes, true);
  };
  return (
    <div className="facts">
      <SignsEditor edit={edit} surface={surface} catalogue={catalogue} view={view} />
      <ReadingsEditor edit={edit} surface={surface} catalogue={catalogue} view={view} />
      <LayersEditor edit={edit} surface={surface} catalogue={catalogue} />
      {catalogue.facts.map((group) => {
        const { asked, rest } = parted(group, surface, family);
        const row = (field: Field) => (
          <FactRow
            key={field.key}
            field={field}
            value={surface.facts?.[field.key as keyof Facts] ?? null}
            onSet={(v, soon) => set({ [field.key]: v } as Partial<Facts>, soon)}
            {...(field.shared
              ? {
                  around: around(field.key as keyof Schemas["Surroundings"]),
                  onAll: (of: "room" | "building", v: boolean | null) => sayOf(of, field.key, field.label, v),
                }
              : {})}
          />
        );
        return (
          <FactGroup key={group.title} title={group.title} known={recorded(group, surface)}>
            {asked.map(row)}
            {rest.length > 0 && (
              <details className="seldom">
                <summary className="small soft">seldom here: {rest.map((f) => f.label).join(", ")}</summary>
                {rest.map(row)}
              </details>
            )}
          </FactGroup>
        );
      })}
      <section className="factgroup">
        <h3>Notes</h3>
        <DraftWords
          label="Notes"
          value={surface.notes ?? null}
          placeholder="what no box asks for"
          onSet={(notes) => edit.change({ ...surface, notes }, false)}
        />
      </section>
      <Photos job={view.job} surface={surface} />
      <PlacePanel edit={edit} surface={surface} catalogue={catalogue} view={view} />
    </div>
  );
}

type Field = Schemas["FactField"];

/** What is said of the whole room, or else of the building; null for nothing. */
type Around = { of: "room" | "building"; value: boolean } | null;

type RowProps = {
  field: Field;
  value: unknown;
  onSet: (value: unknown, soon?: boolean) => void;
  around?: Around;
  /** Says it of the whole room or building instead of the surface; null takes that back. */
  onAll?: (of: "room" | "building", value: boolean | null) => void;
};

function FactRow({ field, value, onSet, around = null, onAll }: RowProps) {
  const id = useId();
  const unknown = (value === null || value === undefined) && around === null;
  const cls = `fact${unknown ? " unknown" : ""}`;
  if (field.kind === "yesNo") {
    const options: [string, boolean | null][] = [
      ["not known", null],
      ["no", false],
      ["yes", true],
    ];
    return (
      <div className={cls}>
        <span className="label" id={id} title={field.help}>
          {field.label}
        </span>
        <div className="row">
          <fieldset className="tri" aria-labelledby={id} style={{ margin: 0, padding: 0 }}>
            {options.map(([word, v]) => (
              <label key={word}>
                <input type="radio" name={id} checked={(value ?? null) === v} onChange={() => onSet(v)} />
                {v === null && around !== null ? `as the ${around.of}: ${around.value ? "yes" : "no"}` : word}
              </label>
            ))}
          </fieldset>
          {onAll &&
            typeof value === "boolean" &&
            (["room", "building"] as const).map((of) => (
              <button
                key={of}
                type="button"
                className="btn tight"
                aria-label={`${field.label}: say so of the whole ${of}`}
                onClick={() => onAll(of, value)}
              >
                whole {of}
              </button>
            ))}
          {onAll && around && typeof value !== "boolean" && (
            <button
              type="button"
              className="btn tight"
              aria-label={`${field.label}: no longer said of the ${around.of}`}
              onClick={() => onAll(around.of, null)}
            >
              ×
            </button>
          )}
        </div>
      </div>
    );
  }
  return (
    <div className={cls}>
      <label htmlFor={id} title={field.help}>
        {field.label}
      </label>
      {field.kind === "pick" ? (
        <select
          id={id}
          className="pick"
          value={(value as string | null) ?? ""}
          onChange={(e) => onSet(e.target.value === "" ? null : e.target.value)}
        >
          <option value="">not known</option>
          {field.options.map((o) => (
            <option key={o.value} value={o.value}>
              {o.title}
            </option>
          ))}
        </select>
      ) : field.kind === "words" ? (
        <DraftWords
          id={id}
          label=""
          name={field.key}
          value={(value as string | null) ?? null}
          placeholder="not recorded"
          onSet={(words) => onSet(words, false)}
        />
      ) : (
        <NumberBox id={id} field={field} value={value as number | null} onSet={onSet} />
      )}
    </div>
  );
}

type NumberProps = {
  id: string;
  field: Field;
  value: number | null;
  onSet: (value: unknown, soon?: boolean) => void;
};

function NumberBox({ id, field, value, onSet }: NumberProps) {
  const percent = field.kind === "percent";
  return (
    <span className="row">
      <DraftBox
        id={id}
        label=""
        name={field.key}
        value={value === null || value === undefined ? null : percent ? Math.round(value * 1000) / 10 : value}
        least={field.least ?? undefined}
        most={field.most ?? undefined}
        step={field.step ?? undefined}
        placeholder="not known"
        onSet={(n) => {
          if (n === null) onSet(null);
          else if (Number.isFinite(n)) onSet(percent ? Math.round(n * 10) / 1000 : n, false);
        }}
      />
      <span className="unit">{field.unit}</span>
    </span>
  );
}
