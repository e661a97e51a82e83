import { useQueryClient } from "@tanstack/react-query";
import { Modal } from "antd";
import { useState } from "react";
import { api, ask, type Catalogue, type JobView, type Schemas } from "../api/client";
import { keys } from "../job/data";

const elements: [Schemas["Element"], string][] = [
  ["wall", "wall"],
  ["ceiling", "ceiling"],
  ["skirting", "skirting"],
  ["architrave", "architrave"],
  ["cornice", "cornice"],
  ["door", "door"],
  ["window", "window"],
  ["frame", "frame"],
  ["sill", "sill"],
  ["boarding", "boarding"],
  ["panelling", "panelling"],
  ["chimneyBreast", "chimney breast"],
  ["surround", "surround"],
  ["step", "step"],
  ["pipe", "pipe"],
  ["radiator", "radiator"],
  ["column", "column"],
  ["railing", "railing"],
  ["gutter", "gutter"],
  ["roofSheet", "roof sheet"],
  ["cladding", "cladding"],
  ["tile", "tile"],
  ["floor", "floor"],
];

// What such an element is usually made of; a start, to be changed at once where it is not so.
const usual: Partial<Record<Schemas["Element"], string>> = {
  wall: "gyp_old",
  ceiling: "gyp_old",
  cornice: "gyp_old",
  chimneyBreast: "gyp_old",
  pipe: "cu",
  radiator: "steel",
  column: "iron_cast",
  railing: "steel",
  gutter: "iron_cast",
  roofSheet: "galv_old",
  cladding: "render_cem",
  tile: "tile_gl",
  floor: "conc_cast",
  step: "stone_dense",
};

const slug = (text: string, taken: string[]) => {
  const base =
    text
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, "-")
      .replace(/^-+|-+$/g, "")
      .slice(0, 40) || "item";
  let id = base;
  for (let n = 2; taken.includes(id); n++) id = `${base}-${n}`;
  return id;
};

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
  const [title, setTitle] = useState("");
  const [element, setElement] = useState<Schemas["Element"]>("wall");
  const [substrate, setSubstrate] = useState("gyp_old");
  const [wall, setWall] = useState("");
  const [problem, setProblem] = useState("");
  const here = job.buildings.flatMap((b) => b.spaces).find((s) => s.space.id === space);
  const needsWall =
    element === "wall" || element === "chimneyBreast" || element === "panelling" || element === "boarding";
  const save = async () => {
    const taken = job.buildings.flatMap((b) => b.spaces).flatMap((s) => s.surfaces.map((f) => f.id));
    const id = slug(title, taken);
    try {
      await ask(
        api.POST("/api/jobs/{job}/spaces/{space}/surfaces", {
          params: { path: { job: job.id, space } },
          body: { id, title: title.trim(), element, substrate, ...(wall && needsWall ? { wall } : {}) },
        }),
      );
      await client.invalidateQueries({ queryKey: keys.job(job.id) });
      setTitle("");
      setProblem("");
      onClose(id);
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
  };
  return (
    <Modal
      title="New surface"
      open={open}
      onCancel={() => onClose()}
      onOk={() => void save()}
      okText="Add it"
      okButtonProps={{ disabled: title.trim() === "" }}
      destroyOnHidden
    >
      <form
        onSubmit={(e) => {
          e.preventDefault();
          if (title.trim()) void save();
        }}
      >
        <div className="fact">
          <label htmlFor="new-title">Called</label>
          {/* biome-ignore lint/a11y/noAutofocus: the dialog was opened to type this */}
          <input id="new-title" className="pick" autoFocus value={title} onChange={(e) => setTitle(e.target.value)} />
        </div>
        <div className="fact">
          <label htmlFor="new-element">Element</label>
          <select
            id="new-element"
            className="pick"
            value={element}
            onChange={(e) => {
              const next = e.target.value as Schemas["Element"];
              setElement(next);
              setSubstrate(usual[next] ?? "sw");
            }}
          >
            {elements.map(([id, word]) => (
              <option key={id} value={id}>
                {word}
              </option>
            ))}
          </select>
        </div>
        <div className="fact">
          <label htmlFor="new-substrate">Substrate</label>
          <select id="new-substrate" className="pick" value={substrate} onChange={(e) => setSubstrate(e.target.value)}>
            {catalogue.substrates.map((s) => (
              <option key={s.id} value={s.id}>
                {s.title}
              </option>
            ))}
          </select>
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
        {problem && <p className="hold">{problem}</p>}
        <button type="submit" hidden aria-hidden tabIndex={-1} />
      </form>
    </Modal>
  );
}

type SpaceProps = { job: JobView; open: boolean; onClose: (added?: string) => void };

/** A new room by its width, depth and height; the walls follow. */
export function AddSpace({ job, open, onClose }: SpaceProps) {
  const client = useQueryClient();
  const [title, setTitle] = useState("");
  const [size, setSize] = useState({ width: "3.6", depth: "4.2", height: "2.6" });
  const [problem, setProblem] = useState("");
  const building = job.buildings[0];
  const save = async () => {
    if (!building) return;
    const [w, d, h] = [Number(size.width), Number(size.depth), Number(size.height)];
    const id = slug(
      title,
      job.buildings.flatMap((b) => b.spaces).map((s) => s.space.id),
    );
    try {
      await ask(
        api.POST("/api/jobs/{job}/buildings/{building}/spaces", {
          params: { path: { job: job.id, building: building.id } },
          body: {
            id,
            title: title.trim(),
            kind: "room",
            walls: (["first", "second", "third", "fourth"] as const).map((name, i) => ({
              id: `wall-${i + 1}`,
              title: `${name[0]?.toUpperCase()}${name.slice(1)} wall`,
              lengthM: i % 2 === 0 ? w : d,
              heightM: h,
              openings: [],
            })),
            surfaces: [],
          },
        }),
      );
      await client.invalidateQueries({ queryKey: keys.job(job.id) });
      setTitle("");
      setProblem("");
      onClose(id);
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
  };
  const number = (key: keyof typeof size, label: string) => (
    <div className="fact">
      <label htmlFor={`space-${key}`}>{label}</label>
      <span className="row">
        <input
          id={`space-${key}`}
          className="pick"
          type="number"
          step={0.05}
          min={0.1}
          value={size[key]}
          onChange={(e) => setSize({ ...size, [key]: e.target.value })}
        />
        <span className="unit">m</span>
      </span>
    </div>
  );
  return (
    <Modal
      title="New room"
      open={open}
      onCancel={() => onClose()}
      onOk={() => void save()}
      okText="Add it"
      okButtonProps={{ disabled: title.trim() === "" }}
      destroyOnHidden
    >
      <form
        onSubmit={(e) => {
          e.preventDefault();
          if (title.trim()) void save();
        }}
      >
        <div className="fact">
          <label htmlFor="space-title">Called</label>
          {/* biome-ignore lint/a11y/noAutofocus: the dialog was opened to type this */}
          <input id="space-title" className="pick" autoFocus value={title} onChange={(e) => setTitle(e.target.value)} />
        </div>
        {number("width", "First wall")}
        {number("depth", "Second wall")}
        {number("height", "Height")}
        {problem && <p className="hold">{problem}</p>}
        <button type="submit" hidden aria-hidden tabIndex={-1} />
      </form>
    </Modal>
  );
}
