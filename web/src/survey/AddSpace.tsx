import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import type { Catalogue, JobView, Schemas, Space } from "../api/client";
import { addNew } from "../job/add";
import { usePlace } from "../shell/Place";
import { useSpeech } from "../shell/words";
import type { Edit as RecordEdit } from "../sync/types";
import { AddDialog, LengthField } from "./AddDialog";
import { madeOf } from "./madeOf";
import { slug } from "./slug";

type SpaceProps = { job: JobView; open: boolean; onClose: (added?: string) => void };

const kinds = [
  ["room", "room"],
  ["elevation", "outside elevation"],
  ["roofSlope", "roof slope"],
] as const;

/** A new room by its width, depth and height, an elevation or a roof slope by its width and height; its walls follow, and its usual surfaces if wanted. */
export function AddSpace({ job, open, onClose }: SpaceProps) {
  const client = useQueryClient();
  const { edit, catalogue } = usePlace();
  const [title, setTitle] = useState("");
  const { fromLength } = useSpeech();
  const [size, setSize] = useState({ width: "3.6", depth: "4.2", height: "2.6" });
  const [kind, setKind] = useState<(typeof kinds)[number][0]>("room");
  const [faces, setFaces] = useState("");
  const [furnish, setFurnish] = useState(false);
  const [problem, setProblem] = useState("");
  const [into, setInto] = useState("");
  const building = job.buildings.find((b) => b.building.id === into) ?? job.buildings[0];
  const save = async () => {
    if (!building) return;
    const [w, d, h] = [size.width, size.depth, size.height].map((n) => fromLength(Number(n)) ?? 0) as [
      number,
      number,
      number,
    ];
    const names = kind === "room" ? ["first", "second", "third", "fourth"] : ["face"];
    const taken = job.buildings.flatMap((b) => b.spaces).flatMap((s) => s.surfaces.map((f) => f.id));
    const id = slug(
      title,
      job.buildings.flatMap((b) => b.spaces).map((s) => s.space.id),
    );
    const room: Space = {
      id,
      title: title.trim(),
      kind,
      walls: names.map((name, i) => ({
        id: `wall-${i + 1}`,
        title: kind === "room" ? `${name[0]?.toUpperCase()}${name.slice(1)} wall` : title.trim(),
        lengthM: i % 2 === 0 ? w : d,
        heightM: h,
        ...(faces && kind !== "room" ? { faces: faces as Schemas["Compass"] } : {}),
        openings: [],
      })),
      surfaces: [],
    };
    const edits: RecordEdit[] = [{ key: `space:${id}`, before: null, after: room, parent: building.building.id }];
    for (const [i, made] of (furnish && catalogue ? usualSurfaces(kind, names, catalogue) : []).entries()) {
      const surface = slug(`${id} ${made.title}`, taken);
      taken.push(surface);
      const onWall = ["wall", "chimneyBreast", "cladding", "roofSheet"].includes(made.element);
      edits.push({
        key: `surface:${surface}`,
        before: null,
        after: {
          ...made,
          id: surface,
          exposure: kind === "room" ? "inside" : "outside",
          ...(onWall ? { wall: `wall-${i + 1}` } : {}),
        },
        parent: id,
      });
    }
    const problem = await addNew(edit.session, client, job.id, `New: ${room.title}`, edits);
    setProblem(problem);
    if (problem === "") {
      setTitle("");
      onClose(id);
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
  return (
    <AddDialog
      title="New room"
      focus="space-title"
      name={title}
      onName={setTitle}
      open={open}
      problem={problem}
      onSave={() => void save()}
      onClose={() => onClose()}
    >
      <div className="fact">
        <label htmlFor="space-kind">Kind</label>
        <select id="space-kind" className="pick" value={kind} onChange={(e) => setKind(e.target.value as typeof kind)}>
          {kinds.map(([id, word]) => (
            <option key={id} value={id}>
              {word}
            </option>
          ))}
        </select>
      </div>
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
      <label className="row small">
        <input type="checkbox" checked={furnish} onChange={(e) => setFurnish(e.target.checked)} />
        {kind === "room" ? "with its walls, ceiling and trim at the floor as surfaces" : "with its face as a surface"}
      </label>
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

// What such a space always has, to be recorded as found.
function usualSurfaces(kind: (typeof kinds)[number][0], names: string[], catalogue: Catalogue) {
  const of = (title: string, element: Schemas["Element"]) => ({
    title,
    element,
    substrate: madeOf(catalogue, element),
  });
  const titled = (element: Schemas["Element"]) => {
    const name = catalogue.elements.find((e) => e.element === element)?.title ?? element;
    return `${name[0]?.toUpperCase()}${name.slice(1)}`;
  };
  if (kind === "elevation") return [of("Face", "cladding")];
  if (kind === "roofSlope") return [of("Roof sheet", "roofSheet")];
  return [
    ...names.map((name) => of(`${name[0]?.toUpperCase()}${name.slice(1)} wall`, "wall")),
    of(titled("ceiling"), "ceiling"),
    of(titled("skirting"), "skirting"),
  ];
}
