import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import type { Catalogue, JobView, Schemas } from "../api/client";
import { addNew } from "../job/add";
import { Choose } from "../shell/Choose";
import { usePlace } from "../shell/Place";
import { useSpeech } from "../shell/words";
import type { Edit as RecordEdit } from "../sync/types";
import { AddDialog, LengthField } from "./AddDialog";
import { grounds, madeOf } from "./madeOf";
import { slug } from "./slug";

type SurfaceProps = {
  job: JobView;
  space: string;
  catalogue: Catalogue;
  open: boolean;
  onClose: (added?: string) => void;
};

/** A new surface: as little as lets it be drawn and reasoned about; the rest is recorded as it is found. */
export function AddSurface({ job, space, catalogue, open, onClose }: SurfaceProps) {
  const client = useQueryClient();
  const { edit } = usePlace();
  const { fromLength } = useSpeech();
  const [title, setTitle] = useState("");
  const [element, setElement] = useState<Schemas["Element"]>("wall");
  const [substrate, setSubstrate] = useState(() => madeOf(catalogue, "wall"));
  const [wall, setWall] = useState("");
  const [problem, setProblem] = useState("");
  const here = job.buildings.flatMap((b) => b.spaces).find((s) => s.space.id === space);
  const opening = element === "door" || element === "window";
  const [hole, setHole] = useState({ fromLeft: "0.4", width: "0.9", height: "2.0", sill: "0" });
  const needsWall =
    opening ||
    element === "wall" ||
    element === "chimneyBreast" ||
    element === "panelling" ||
    element === "boarding" ||
    element === "cladding" ||
    element === "architrave";
  const save = async () => {
    const taken = job.buildings.flatMap((b) => b.spaces).flatMap((s) => s.surfaces.map((f) => f.id));
    const id = slug(title, taken);
    const made = { id, title: title.trim(), element, substrate, ...(wall && needsWall ? { wall } : {}) };
    const edits: RecordEdit[] = [{ key: `surface:${id}`, before: null, after: made, parent: space }];
    if (opening && wall && here) {
      const cut = {
        kind: element as "door" | "window",
        fromLeftM: fromLength(Number(hole.fromLeft)) ?? 0,
        widthM: fromLength(Number(hole.width)) ?? 0,
        heightM: fromLength(Number(hole.height)) ?? 0,
        sillM: fromLength(Number(hole.sill)) ?? 0,
      };
      const walls = (here.space.walls ?? []).map((w) =>
        w.id === wall ? { ...w, openings: [...(w.openings ?? []), cut] } : w,
      );
      edits.push({ key: `space:${space}`, before: here.space, after: { ...here.space, walls } });
    }
    const problem = await addNew(edit.session, client, job.id, `New: ${made.title}`, edits);
    setProblem(problem);
    if (problem === "") {
      setTitle("");
      onClose(id);
    }
  };
  return (
    <AddDialog
      title="New surface"
      focus="new-title"
      name={title}
      onName={setTitle}
      open={open}
      problem={problem}
      onSave={() => void save()}
      onClose={() => onClose()}
    >
      <div className="fact">
        <label htmlFor="new-element">Element</label>
        <Choose
          id="new-element"
          value={element}
          choices={catalogue.elements.map((e) => ({ value: e.element, title: e.title }))}
          onChoose={(to) => {
            const next = to as Schemas["Element"];
            setElement(next);
            setSubstrate(madeOf(catalogue, next));
            if (next === "window") setHole({ fromLeft: "0.8", width: "1.2", height: "1.2", sill: "0.9" });
            if (next === "door") setHole({ fromLeft: "0.4", width: "0.9", height: "2.0", sill: "0" });
          }}
        />
      </div>
      <div className="fact">
        <label htmlFor="new-substrate">Substrate</label>
        <Choose id="new-substrate" value={substrate} choices={grounds(catalogue)} onChoose={setSubstrate} />
      </div>
      {needsWall && (
        <div className="fact">
          <label htmlFor="new-wall">On wall</label>
          <select id="new-wall" className="pick" value={wall} onChange={(e) => setWall(e.target.value)}>
            <option value="">not on a wall of the room</option>
            {(here?.space.walls ?? []).map((w) => (
              <option key={w.id} value={w.id}>
                {w.title ?? w.id}
              </option>
            ))}
          </select>
        </div>
      )}
      {opening &&
        wall &&
        (
          [
            ["fromLeft", "From the left end"],
            ["sill", "Above the floor"],
            ["width", "Opening width"],
            ["height", "Opening height"],
          ] as const
        ).map(([key, label]) => (
          <LengthField
            key={key}
            id={`hole-${key}`}
            label={label}
            least={0}
            value={hole[key]}
            onChange={(value) => setHole({ ...hole, [key]: value })}
          />
        ))}
    </AddDialog>
  );
}
