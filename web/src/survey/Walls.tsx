import { useQuery } from "@tanstack/react-query";
import { Modal } from "antd";
import { useState } from "react";
import { api, ask, type Space, type SpaceView } from "../api/client";
import { DraftBox } from "../shell/DraftBox";
import { usePlace } from "../shell/Place";
import { useSpeech } from "../shell/words";
import { type Opening, placed, type Wall } from "./openings";
import { slug } from "./slug";

type Props = { space: SpaceView; start?: string | null; onClose: () => void };

const words: [NonNullable<Opening["kind"]>, string][] = [
  ["door", "door"],
  ["window", "window"],
  ["opening", "opening"],
];

/** The walls of a room and what is cut in them: from these come the drawing and every area and edge. */
export function Walls({ space, start, onClose }: Props) {
  const { job, edit, catalogue } = usePlace();
  const { length, lengthUnit, toLength, fromLength } = useSpeech();
  // Made on the room as it was when this was opened: what somebody else changes meanwhile is merged with it.
  const [opened] = useState(space.space);
  const [walls, setWalls] = useState<Wall[]>(space.space.walls ?? []);
  const [at, setAt] = useState(() =>
    Math.max(
      0,
      walls.findIndex((w) => w.id === start),
    ),
  );
  const [problem, setProblem] = useState("");
  const wall = walls[at];
  const change = (some: Partial<Wall>) => setWalls(walls.map((w, i) => (i === at ? { ...w, ...some } : w)));
  const openings = wall?.openings ?? [];
  const cut = (index: number, some: Partial<Opening>) =>
    change({ openings: openings.map((o, i) => (i === index ? { ...o, ...some } : o)) });
  // What would be refused is asked of the server with every change: what a wall can have stands there once.
  const body: Space = { ...space.space, walls, surfaces: [] };
  const { data: faults = [] } = useQuery({
    queryKey: ["check-space", job.id, body],
    queryFn: () =>
      ask(
        api.POST("/api/jobs/{job}/spaces/{space}/check", {
          params: { path: { job: job.id, space: space.space.id } },
          body,
        }),
      ),
    placeholderData: (previous) => previous,
  });
  const amiss = (wall: number, opening: number) =>
    faults.find((f) => `${f.path}.`.startsWith(`$.space.walls[${wall}].openings[${opening}].`))?.message;
  const elsewhere = faults.filter((f) => !f.path.includes(".openings["));
  const hung = wall ? space.unfolded.pieces.some((p) => p.wall === wall.id && p.surface) : false;
  const save = async () => {
    const key = `space:${space.space.id}` as const;
    edit.session.edit(`Walls of ${space.space.title}`, [{ key, before: opened, after: { ...opened, walls } }], true);
    if ((await edit.session.sent([key])) === "refused") {
      const state = edit.session.stateOf(key);
      setProblem(state.kind === "refused" ? state.message : "");
      edit.session.discard(key);
      edit.session.forget(`Walls of ${space.space.title}`);
    } else onClose();
  };
  const add = () => {
    const like = walls.at(-1);
    const id = slug(
      `wall-${walls.length + 1}`,
      walls.map((w) => w.id),
    );
    setWalls([
      ...walls,
      { id, title: `Wall ${walls.length + 1}`, lengthM: 1, heightM: like?.heightM ?? 2.4, openings: [] },
    ]);
    setAt(walls.length);
  };
  const number = (word: string, label: string, value: number, least: number, onSet: (v: number) => void) => (
    <span className="row tightrow">
      <span className="word">{word}</span>
      <DraftBox
        label={label}
        value={toLength(value)}
        step={0.05}
        onSet={(v) => {
          const metres = fromLength(v);
          if (metres !== null && metres >= least) onSet(metres);
        }}
      />
      <span className="unit">{lengthUnit}</span>
    </span>
  );
  return (
    <Modal
      title={`Walls and openings: ${space.space.title}`}
      open
      width={860}
      onCancel={onClose}
      onOk={() => void save()}
      okText="Keep them"
      okButtonProps={{ disabled: faults.length > 0 || walls.length === 0 }}
      destroyOnHidden
    >
      <div className="walls">
        {walls.map((w, i) => (
          <button
            key={w.id}
            type="button"
            className="wallpick"
            aria-pressed={i === at}
            onClick={() => setAt(i)}
            style={{ flexGrow: Math.max(1, w.lengthM) }}
          >
            <Elevation wall={w} amiss={(opening) => amiss(i, opening) !== undefined} />
            <span>{w.title ?? w.id}</span> <span className="soft small">{length(w.lengthM)}</span>
          </button>
        ))}
        <button type="button" className="btn tight" onClick={add}>
          Add a wall
        </button>
      </div>
      {wall && (
        <>
          <div className="row wrap wallfields">
            <label htmlFor="wall-title">Called</label>
            <input
              id="wall-title"
              className="pick"
              value={wall.title ?? ""}
              onChange={(e) => change({ title: e.target.value })}
            />
            {number("long", "Length of the wall", wall.lengthM, 0.05, (lengthM) => change({ lengthM }))}
            {number("high", "Height of the wall", wall.heightM, 0.05, (heightM) => change({ heightM }))}
            <button
              type="button"
              className="btn tight"
              disabled={hung || walls.length < 2}
              title={hung ? "a surface is on it" : undefined}
              onClick={() => {
                setWalls(walls.filter((_, i) => i !== at));
                setAt(0);
              }}
            >
              Remove it
            </button>
          </div>
          <ul className="openings">
            {openings.map((o, i) => {
              const fault = amiss(at, i);
              return (
                // biome-ignore lint/suspicious/noArrayIndexKey: openings have no name; their order is kept
                <li key={i} className={fault ? "amiss" : undefined}>
                  <select
                    className="pick"
                    aria-label={`Opening ${i + 1}, what it is`}
                    value={o.kind ?? "door"}
                    onChange={(e) => cut(i, { kind: e.target.value as Opening["kind"] })}
                  >
                    {words.map(([kind, word]) => (
                      <option key={kind} value={kind}>
                        {word}
                      </option>
                    ))}
                  </select>
                  {number("from the left", `Opening ${i + 1}, from the left`, o.fromLeftM, 0, (fromLeftM) =>
                    cut(i, { fromLeftM }),
                  )}
                  {number("above the floor", `Opening ${i + 1}, above the floor`, o.sillM ?? 0, 0, (sillM) =>
                    cut(i, { sillM }),
                  )}
                  {number("wide", `Opening ${i + 1}, wide`, o.widthM, 0.02, (widthM) => cut(i, { widthM }))}
                  {number("high", `Opening ${i + 1}, high`, o.heightM, 0.02, (heightM) => cut(i, { heightM }))}
                  <button
                    type="button"
                    className="btn tight"
                    aria-label={`Opening ${i + 1}, remove`}
                    onClick={() => change({ openings: openings.filter((_, n) => n !== i) })}
                  >
                    ×
                  </button>
                  {fault && <strong className="small">{fault}</strong>}
                </li>
              );
            })}
          </ul>
          <div className="row wrap">
            {words.map(([kind, word]) => (
              <button
                key={kind}
                type="button"
                className="btn tight"
                onClick={() => change({ openings: [...openings, placed(wall, kind, catalogue?.openings ?? [])] })}
              >
                {kind === "opening" ? "Add a plain opening" : `Add a ${word}`}
              </button>
            ))}
          </div>
        </>
      )}
      {elsewhere.map((f) => (
        <p key={f.path} className="caution">
          {f.message}
        </p>
      ))}
      {problem && <p className="hold">{problem}</p>}
    </Modal>
  );
}

// A wall seen from the room, to scale in itself: what is cut in it, and what cannot be as it is.
function Elevation({ wall, amiss }: { wall: Wall; amiss: (opening: number) => boolean }) {
  const pad = wall.heightM * 0.03;
  return (
    <svg
      className="elevation"
      viewBox={`${-pad} ${-pad} ${wall.lengthM + 2 * pad} ${wall.heightM + 2 * pad}`}
      preserveAspectRatio="xMidYMax meet"
      role="img"
      aria-label={`${(wall.openings ?? []).length} openings`}
    >
      <rect x={0} y={0} width={wall.lengthM} height={wall.heightM} className="face" />
      {(wall.openings ?? []).map((o, i) => (
        <rect
          // biome-ignore lint/suspicious/noArrayIndexKey: openings have no name; their order is kept
          key={i}
          x={o.fromLeftM}
          y={wall.heightM - (o.sillM ?? 0) - o.heightM}
          width={o.widthM}
          height={o.heightM}
          className={amiss(i) ? "cut amiss" : "cut"}
        />
      ))}
    </svg>
  );
}
