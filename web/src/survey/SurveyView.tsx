import { useEffect, useState } from "react";
import { useLocation, useNavigate } from "react-router";
import { RoomKey } from "../drawing/RoomKey";
import { SectionDrawing } from "../drawing/SectionDrawing";
import { UnfoldedRoom, verdictWords } from "../drawing/UnfoldedRoom";
import { usePlace } from "../shell/Place";
import { useSpeech } from "../shell/words";
import { AddSpace } from "./AddSpace";
import { AddSurface } from "./AddSurface";
import { FactSheet } from "./FactSheet";
import { OptionGlance } from "./OptionGlance";
import { Reasons } from "./Reasons";
import { SayBox } from "./SayBox";
import { Unknowns } from "./Unknowns";
import { Walls } from "./Walls";
import { useChanged, WhatChanged } from "./WhatChanged";

type Pane = "look" | "answer" | "plan";

// On a phone one of three at a time, in the order in which they are wanted.
const panes: [Pane, string][] = [
  ["look", "Look"],
  ["answer", "Answer"],
  ["plan", "Plan"],
];

/** The bench: the room, the cut, the facts, the reasons and the work, all in sight at once. */
export function SurveyView() {
  const { job, space, view, edit, catalogue, go, turn } = usePlace();
  const { area, length } = useSpeech();
  const [pane, setPane] = useState<Pane>("look");
  const [adding, setAdding] = useState<"surface" | "space" | "walls" | null>(null);
  // A job just begun wants a room first.
  const { state, pathname } = useLocation();
  const navigate = useNavigate();
  const begins = (state as { begin?: boolean } | null)?.begin === true;
  useEffect(() => {
    if (!begins) return;
    setAdding("space");
    navigate(pathname, { replace: true });
  }, [begins, pathname, navigate]);
  const says = useChanged(view);
  const order = space?.surfaces ?? [];
  const here = order.findIndex((s) => s.id === view?.surface.id);
  const line = order[here];
  return (
    <div className={`survey pane-${pane}`}>
      <fieldset className="tri panes" aria-label="What to see">
        {panes.map(([id, word]) => (
          <label key={id}>
            <input type="radio" name="pane" checked={pane === id} onChange={() => setPane(id)} />
            {word}
          </label>
        ))}
      </fieldset>
      <section className="sheet room" aria-label="Room">
        <header>
          <h2>
            <label htmlFor="space-pick" className="sr">
              Room
            </label>
            <select
              id="space-pick"
              className="pick"
              style={{ fontWeight: 650 }}
              value={space?.space.id ?? ""}
              onChange={(e) => go({ space: e.target.value })}
            >
              {job.buildings.flatMap((b) =>
                b.spaces.map((s) => (
                  <option key={s.space.id} value={s.space.id}>
                    {s.space.title}
                  </option>
                )),
              )}
            </select>
          </h2>
          <button type="button" id="new-space" className="btn tight" onClick={() => setAdding("space")}>
            New room
          </button>
          <button
            type="button"
            id="new-surface"
            className="btn tight"
            onClick={() => setAdding("surface")}
            disabled={!space}
          >
            New surface
          </button>
          <button
            type="button"
            id="edit-walls"
            className="btn tight"
            onClick={() => setAdding("walls")}
            disabled={!space}
          >
            Walls
          </button>
          <span className="grow" />
          <RoomKey />
        </header>
        <div className="body">
          {space && (
            <UnfoldedRoom space={space} selected={view?.surface.id ?? ""} onSelect={(surface) => go({ surface })} />
          )}
        </div>
      </section>
      <section className="sheet section" aria-label="Section">
        <header>
          <h2>Section</h2>
          <span className="grow" />
          {line && <span className={`verdict ${line.verdict}`}>{verdictWords[line.verdict]}</span>}
        </header>
        <div className="body">
          {view && <SectionDrawing section={view.section} option={view.chosen ?? undefined} />}
        </div>
      </section>
      <section className="sheet facts-sheet" aria-label="Facts">
        <header>
          <h2>{edit.draft?.title ?? "No surface yet"}</h2>
          <span className="grow" />
          {order.length > 1 && (
            <span className="row">
              <span className="soft small">
                {here + 1} of {order.length}
              </span>
              <button
                type="button"
                className="btn tight"
                disabled={here <= 0}
                aria-label={`Before: ${order[here - 1]?.title ?? "none"}`}
                title={order[here - 1]?.title}
                onClick={() => turn(-1)}
              >
                ‹
              </button>
              <button
                type="button"
                className="btn tight"
                disabled={here >= order.length - 1}
                aria-label={`Next: ${order[here + 1]?.title ?? "none"}`}
                title={order[here + 1]?.title}
                onClick={() => turn(1)}
              >
                ›
              </button>
            </span>
          )}
        </header>
        {catalogue && (space?.surfaces.length ?? 0) > 0 && (
          <div className="pinned">
            <SayBox edit={edit} surface={edit.draft} catalogue={catalogue} onTurn={turn} />
            {view && (
              <div className="onphone">
                <WhatChanged says={says} />
              </div>
            )}
            {view && <Unknowns edit={edit} view={view} catalogue={catalogue} />}
          </div>
        )}
        <div className="body">
          {edit.draft && catalogue && view ? (
            <FactSheet key={edit.draft.id} edit={edit} surface={edit.draft} catalogue={catalogue} view={view} />
          ) : (
            <div className="empty">
              <p>
                {space
                  ? "This room has no surface yet. Add what is to be painted: a wall, a door, a railing."
                  : "A job is made of rooms. The first one can bring its walls, ceiling, skirting, door and window along."}
              </p>
              <button type="button" className="btn primary" onClick={() => setAdding(space ? "surface" : "space")}>
                {space ? "Add a surface" : "Add a room"}
              </button>
            </div>
          )}
        </div>
      </section>
      <section className="sheet reasons" aria-label="Reasons">
        <header>
          <h2>Reasons</h2>
          <span className="grow" />
          {view && (
            <span className="soft small">
              {view.areaM2 > 0
                ? `${area(view.areaM2)}${view.lengthM > 0 ? `, ${length(view.lengthM)}` : ""}`
                : "no dimensions yet"}
            </span>
          )}
        </header>
        {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a scrolling region must be reachable by keyboard */}
        <div className="body" tabIndex={0}>
          {view && <WhatChanged says={says} />}
          {view && <Reasons view={view} />}
        </div>
      </section>
      <section className="sheet glances" aria-label="Options">
        <header>
          <h2>Options</h2>
          <span className="grow" />
          <button type="button" className="btn tight" onClick={() => go({ view: "work" })} disabled={!view}>
            Steps
          </button>
        </header>
        <div className="body">
          {view && edit.draft && (
            <OptionGlance view={view} onChoose={(o) => edit.draft && edit.change({ ...edit.draft, choice: o.id })} />
          )}
        </div>
      </section>
      {catalogue && space && (
        <AddSurface
          job={job}
          space={space.space.id}
          catalogue={catalogue}
          open={adding === "surface"}
          onClose={(added) => {
            setAdding(null);
            if (added) go({ surface: added });
          }}
        />
      )}
      {adding === "walls" && space && (
        <Walls space={space} start={view?.surface.wall} onClose={() => setAdding(null)} />
      )}
      <AddSpace
        job={job}
        open={adding === "space"}
        onClose={(added) => {
          setAdding(null);
          if (added) go({ space: added });
        }}
      />
    </div>
  );
}
