import { useQueryClient } from "@tanstack/react-query";
import { Checkbox, InputNumber, Segmented } from "antd";
import { useState } from "react";
import type { JobView, Schemas, Space } from "../api/client";
import { addNew } from "../job/add";
import { usePlace } from "../shell/Place";
import { useSpeech } from "../shell/words";
import type { Edit as RecordEdit } from "../sync/types";
import { AddDialog, LengthField } from "./AddDialog";
import { roomNames, usual } from "./usual";

type SpaceProps = { job: JobView; open: boolean; onClose: (added?: string) => void };
type Kind = NonNullable<Space["kind"]>;
type Part = "walls" | "ceiling" | "floor" | "skirting";

const kinds: { value: Kind; label: string }[] = [
  { value: "room", label: "Room" },
  { value: "elevation", label: "Outside face" },
  { value: "roofSlope", label: "Roof slope" },
];

const parts: { value: Part; label: string }[] = [
  { value: "walls", label: "walls" },
  { value: "ceiling", label: "ceiling" },
  { value: "floor", label: "floor" },
  { value: "skirting", label: "skirting" },
];

/** A new room by its width, depth and height, an outside face or a roof slope by its width and height, with its usual surfaces in one go. */
export function AddSpace({ job, open, onClose }: SpaceProps) {
  const client = useQueryClient();
  const { edit, catalogue } = usePlace();
  const { fromLength, toLength } = useSpeech();
  const shown = (metres: number) => String(Math.round((toLength(metres) ?? metres) * 100) / 100);
  const [title, setTitle] = useState("");
  const [size, setSize] = useState(() => ({ width: shown(3.6), depth: shown(4.2), height: shown(2.6) }));
  const [kind, setKind] = useState<Kind>("room");
  const [faces, setFaces] = useState("");
  const [with_, setWith] = useState<Part[]>(["walls", "ceiling", "skirting"]);
  const [count, setCount] = useState({ door: 1, window: 1 });
  const [holes, setHoles] = useState<Record<string, string>>({});
  const [problem, setProblem] = useState("");
  const [into, setInto] = useState("");
  const building = job.buildings.find((b) => b.building.id === into) ?? job.buildings[0];
  const metres = (text: string) => fromLength(Number(text)) ?? 0;
  const save = async () => {
    if (!building || !catalogue) return;
    const spaces = job.buildings.flatMap((b) => b.spaces);
    const { space, surfaces } = usual(
      {
        title: title.trim(),
        kind,
        width: metres(size.width),
        depth: metres(size.depth),
        height: metres(size.height),
        ...(faces ? { faces: faces as Schemas["Compass"] } : {}),
        walls: with_.includes("walls"),
        ceiling: with_.includes("ceiling"),
        floor: with_.includes("floor"),
        skirting: with_.includes("skirting"),
        doors: kind === "roofSlope" ? 0 : count.door,
        windows: kind === "roofSlope" ? 0 : count.window,
        openings: catalogue.openings.map((o) => ({
          ...o,
          widthM: holes[`${o.kind}-w`] ? metres(holes[`${o.kind}-w`] ?? "") : o.widthM,
          heightM: holes[`${o.kind}-h`] ? metres(holes[`${o.kind}-h`] ?? "") : o.heightM,
        })),
      },
      catalogue,
      {
        spaces: spaces.map((s) => s.space.id),
        surfaces: spaces.flatMap((s) => s.surfaces).map((f) => f.id),
      },
    );
    const edits: RecordEdit[] = [
      { key: `space:${space.id}`, before: null, after: space, parent: building.building.id },
      ...surfaces.map(
        (surface): RecordEdit => ({ key: `surface:${surface.id}`, before: null, after: surface, parent: space.id }),
      ),
    ];
    const said = await addNew(edit.session, client, job.id, `New: ${space.title}`, edits);
    setProblem(said);
    if (said === "") {
      setTitle("");
      onClose(space.id);
    }
  };
  const number = (key: keyof typeof size, label: string) => (
    <LengthField
      id={`space-${key}`}
      label={label}
      least={0.1}
      value={size[key]}
      onChange={(value) => setSize({ ...size, [key]: value })}
    />
  );
  const counted = (key: keyof typeof count, label: string) => (
    <label className="count" htmlFor={`space-${key}s`}>
      <InputNumber
        id={`space-${key}s`}
        min={0}
        max={12}
        precision={0}
        value={count[key]}
        onChange={(n) => setCount({ ...count, [key]: n ?? 0 })}
      />
      {label}
    </label>
  );
  const hole = (opening: "door" | "window", side: "w" | "h", label: string) => {
    const of = catalogue?.openings.find((o) => o.kind === opening);
    const key = `${opening}-${side}`;
    return (
      <LengthField
        id={`space-${key}`}
        label={label}
        least={0.1}
        value={holes[key] ?? shown((side === "w" ? of?.widthM : of?.heightM) ?? 1)}
        onChange={(value) => setHoles({ ...holes, [key]: value })}
      />
    );
  };
  return (
    <AddDialog
      title="New room"
      focus="space-title"
      name={title}
      names={roomNames}
      onName={setTitle}
      open={open}
      problem={problem}
      onSave={() => void save()}
      onClose={() => onClose()}
    >
      <Segmented
        className="kinds"
        name="space-kind"
        aria-label="Kind"
        options={kinds}
        value={kind}
        onChange={(value) => {
          setKind(value);
          setCount(value === "room" ? { door: 1, window: 1 } : { door: 0, window: 0 });
        }}
      />
      {kind !== "room" && (
        <div className="fact">
          <label htmlFor="space-faces">Faces</label>
          <select id="space-faces" className="pick" value={faces} onChange={(e) => setFaces(e.target.value)}>
            <option value="">not known</option>
            {["north", "northEast", "east", "southEast", "south", "southWest", "west", "northWest"].map((way) => (
              <option key={way} value={way}>
                {way.replace(/([A-Z])/, "-$1").toLowerCase()}
              </option>
            ))}
          </select>
        </div>
      )}
      {number("width", kind === "room" ? "First wall" : "Width")}
      {kind === "room" && number("depth", "Second wall")}
      {number("height", kind === "roofSlope" ? "Length of the slope" : "Height")}
      <fieldset className="comes">
        <legend>With</legend>
        <Checkbox.Group
          options={kind === "room" ? parts : [{ value: "walls", label: "its face as a surface" }]}
          value={with_}
          onChange={(some) => setWith(some as Part[])}
        />
        {kind !== "roofSlope" && (
          <div className="row">
            {counted("door", count.door === 1 ? "door" : "doors")}
            {counted("window", count.window === 1 ? "window" : "windows")}
          </div>
        )}
      </fieldset>
      {kind !== "roofSlope" && count.door + count.window > 0 && (
        <details className="more">
          <summary>Sizes of doors and windows</summary>
          {count.door > 0 && hole("door", "w", "Door width")}
          {count.door > 0 && hole("door", "h", "Door height")}
          {count.window > 0 && hole("window", "w", "Window width")}
          {count.window > 0 && hole("window", "h", "Window height")}
        </details>
      )}
      {job.buildings.length > 1 && (
        <div className="fact">
          <label htmlFor="space-building">Building</label>
          <select
            id="space-building"
            className="pick"
            value={building?.building.id ?? ""}
            onChange={(e) => setInto(e.target.value)}
          >
            {job.buildings.map((b) => (
              <option key={b.building.id} value={b.building.id}>
                {b.building.title}
              </option>
            ))}
          </select>
        </div>
      )}
    </AddDialog>
  );
}
