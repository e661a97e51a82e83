import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Modal } from "antd";
import { useState } from "react";
import { api, ask, type BuildingView, type SpaceView } from "../api/client";
import { addNew } from "../job/add";
import { forgetSurfaces } from "../job/again";
import { keys } from "../job/data";
import { jobRecord } from "../job/useEdit";
import { slug } from "../survey/slug";
import type { Json } from "../sync/merge";
import type { Key } from "../sync/types";
import { usePlace } from "./Place";

type Titled = { title: string };

/** All that the job holds: its buildings, rooms and surfaces, to be renamed, put away and brought back. */
export function Contents({ onClose }: { onClose: () => void }) {
  const { job, edit, go } = usePlace();
  const client = useQueryClient();
  const [problem, setProblem] = useState("");
  const away = useQuery({
    queryKey: [...keys.job(job.id), "put-away"],
    queryFn: () => ask(api.GET("/api/jobs/{job}/put-away", { params: { path: { job: job.id } } })),
  });
  const { session } = edit;
  const rename = (key: Key, before: Titled, title: string) => {
    if (title.trim() === "" || title.trim() === before.title) return;
    session.edit(`Name of ${before.title}`, [{ key, before, after: { ...before, title: title.trim() } }], true);
  };
  const renameSurface = async (id: string, title: string) => {
    const key: Key = `surface:${id}`;
    let now: Json | undefined = session.current(key);
    if (now === undefined) {
      const view = await ask(
        api.GET("/api/jobs/{job}/surfaces/{surface}", { params: { path: { job: job.id, surface: id } } }),
      );
      session.receive(key, { version: view.version, value: view.surface, parent: view.spaceId });
      now = session.current(key);
    }
    if (now) rename(key, now as Titled, title);
  };
  const run = async (what: () => Promise<unknown>, gone: string[] = []) => {
    try {
      await what();
      setProblem("");
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
    await forgetSurfaces(client, job.id, gone);
  };
  // Put away by the server, which knows all that belongs to it; one step back brings it all back.
  const putAway = (kind: "building" | "space" | "surface", id: string, version: number, title: string) => {
    const gone = job.buildings.flatMap((b) =>
      b.spaces.flatMap((space) =>
        space.surfaces.map((f) => f.id).filter((f) => [b.building.id, space.space.id, f].includes(id)),
      ),
    );
    return run(async () => {
      const made = await ask(
        api.POST("/api/jobs/{job}/changes", {
          params: { path: { job: job.id } },
          body: { label: `Put away: ${title}`, items: [{ kind, id, version }] },
        }),
      );
      session.receive(`${kind}:${id}`, { version: 0, value: null });
      session.made(`Putting away ${title}`, made.version);
    }, gone);
  };
  const addBuilding = async () => {
    const taken = job.buildings.map((b) => b.building.id);
    const id = slug("building", taken);
    setProblem(
      await addNew(session, client, job.id, "New building", [
        { key: `building:${id}`, before: null, after: { id, title: "New building", spaces: [] }, parent: job.id },
      ]),
    );
  };
  return (
    <Modal title="What is in the job" open onCancel={onClose} footer={null} width={720} destroyOnHidden>
      {problem && (
        <p className="hold" role="alert">
          {problem}
        </p>
      )}
      <div className="contents">
        <Row
          label="Name of the job"
          title={jobRecord(session, job).title}
          onTitle={(title) => rename(`job:${job.id}`, jobRecord(session, job), title)}
        />
        {job.buildings.map((b) => (
          <section key={b.building.id} aria-label={b.building.title}>
            <Row
              label={`Name of the building ${b.building.title}`}
              title={b.building.title}
              level={1}
              onTitle={(title) => rename(`building:${b.building.id}`, now(b), title)}
              {...(job.buildings.length > 1
                ? {
                    onAway: () => putAway("building", b.building.id, b.version, b.building.title),
                  }
                : {})}
            />
            {b.spaces.map((s) => (
              <details key={s.space.id} className="level2">
                <summary>
                  {s.space.title}{" "}
                  <span className="soft small">
                    {s.surfaces.length} {s.surfaces.length === 1 ? "surface" : "surfaces"}
                  </span>
                </summary>
                <Row
                  label={`Name of the room ${s.space.title}`}
                  title={s.space.title}
                  onTitle={(title) => rename(`space:${s.space.id}`, now(s), title)}
                  onAway={() => putAway("space", s.space.id, s.version, s.space.title)}
                  onGo={() => {
                    go({ space: s.space.id });
                    onClose();
                  }}
                />
                {s.surfaces.map((f) => (
                  <Row
                    key={f.id}
                    level={3}
                    label={`Name of the surface ${f.title}`}
                    title={f.title}
                    onTitle={(title) => void run(() => renameSurface(f.id, title))}
                    onAway={() => putAway("surface", f.id, f.version, f.title)}
                    onGo={() => {
                      go({ surface: f.id });
                      onClose();
                    }}
                  />
                ))}
              </details>
            ))}
          </section>
        ))}
        <div>
          <button type="button" className="btn tight" onClick={() => void addBuilding()}>
            New building
          </button>
        </div>
        {(away.data?.length ?? 0) > 0 && (
          <section aria-label="Put away">
            <h3>Put away</h3>
            <ul className="list">
              {away.data?.map((p) => (
                <li key={p.change} className="row">
                  <span className="grow">
                    {p.titles.join(", ")}{" "}
                    <span className="soft small">
                      {p.records > p.titles.length ? `${p.records} records, ` : ""}until{" "}
                      {new Date(p.until).toLocaleDateString()}
                    </span>
                  </span>
                  <button
                    type="button"
                    className="btn tight"
                    aria-label={`Bring back ${p.titles.join(", ")}`}
                    onClick={() =>
                      void run(() =>
                        ask(
                          api.POST("/api/jobs/{job}/changes/{version}/bring-back", {
                            params: { path: { job: job.id, version: p.change } },
                          }),
                        ),
                      )
                    }
                  >
                    Bring back
                  </button>
                </li>
              ))}
            </ul>
          </section>
        )}
      </div>
    </Modal>
  );

  function now(view: BuildingView | SpaceView): Titled {
    const [key, value]: [Key, Titled] =
      "building" in view ? [`building:${view.building.id}`, view.building] : [`space:${view.space.id}`, view.space];
    return (session.current(key) ?? value) as Titled;
  }
}

type RowProps = {
  label: string;
  title: string;
  level?: number;
  onTitle: (title: string) => void;
  onAway?: () => Promise<void>;
  onGo?: () => void;
};

function Row({ label, title, level = 0, onTitle, onAway, onGo }: RowProps) {
  return (
    <div className={`row level${level}`}>
      <input
        className="pick grow"
        aria-label={label}
        maxLength={200}
        key={title}
        defaultValue={title}
        onBlur={(e) => onTitle(e.target.value)}
        onKeyDown={(e) => {
          if (e.key === "Enter") e.currentTarget.blur();
        }}
      />
      {onGo && (
        <button type="button" className="btn tight" aria-label={`Go to ${title}`} onClick={onGo}>
          Go to
        </button>
      )}
      {onAway && (
        <button type="button" className="btn tight" aria-label={`Put away ${title}`} onClick={() => void onAway()}>
          Put away
        </button>
      )}
    </div>
  );
}
