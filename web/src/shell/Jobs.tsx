import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Modal } from "antd";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { api, ask, type Schemas } from "../api/client";
import { keys, useJobs } from "../job/data";
import { sessionOf } from "../job/useEdit";
import { FileMenu } from "./FileMenu";

const places: [Schemas["Jurisdiction"], string][] = [
  ["GB", "Great Britain"],
  ["IE", "Ireland and the EU"],
  ["US", "United States"],
  ["CA", "Canada"],
  ["AU", "Australia"],
  ["NZ", "New Zealand"],
  ["ZA", "South Africa"],
  ["elsewhere", "elsewhere: presumed strictly"],
];

const day = (at: string) =>
  new Date(at).toLocaleDateString(undefined, { day: "numeric", month: "long", year: "numeric" });
const said = (error: unknown) => (error instanceof Error ? error.message : String(error));

/** The first page: the jobs, a new one, and those put away. */
export function Jobs() {
  const client = useQueryClient();
  const jobs = useJobs();
  const away = useQuery({ queryKey: keys.putAway, queryFn: () => ask(api.GET("/api/put-away")) });
  const [adding, setAdding] = useState(false);
  const [erasing, setErasing] = useState<Schemas["PutAwayView"] | null>(null);
  const [problem, setProblem] = useState("");
  // A job on its way out or back is no link until both lists have heard of it: it would lead to nothing.
  const [moving, setMoving] = useState("");
  const run = async (job: string, what: () => Promise<unknown>) => {
    setMoving(job);
    try {
      await what();
      setProblem("");
    } catch (error) {
      setProblem(said(error));
    }
    await client.invalidateQueries();
    setMoving("");
  };
  return (
    <div className="frame">
      <header className="strip">
        <span className="mark">All Sound</span>
        <span className="fill" />
        <FileMenu job="" />
      </header>
      <main className="jobs">
        <div className="row">
          <h1>Jobs</h1>
          <span className="grow" />
          <button type="button" className="btn" id="new-job" onClick={() => setAdding(true)}>
            New job
          </button>
        </div>
        {jobs.isError && <p className="hold">{jobs.error.message}</p>}
        {problem && (
          <p className="hold" role="alert">
            {problem}
          </p>
        )}
        {jobs.data?.length === 0 && (
          <p>
            No jobs yet. Start one with New job, or bring in a job file with Import (docs/examples holds small ones).
          </p>
        )}
        <ul className="list">
          {jobs.data?.map((j) => (
            <li key={j.id} className="record row">
              {moving === j.id ? (
                <b className="grow">{j.title}</b>
              ) : (
                <Link to={`/${j.id}/survey`} className="grow">
                  <b>{j.title}</b>
                </Link>
              )}
              <span className="soft small">
                {j.surfaces} {j.surfaces === 1 ? "surface" : "surfaces"}, changed {day(j.touched)}
              </span>
              <button
                type="button"
                className="btn tight"
                aria-label={`Put away ${j.title}`}
                disabled={moving !== ""}
                onClick={() =>
                  void run(j.id, async () => {
                    // An edit that comes after the job is gone would be refused, and missing once it is back.
                    if ((await sessionOf(j.id, client).sent()) !== "saved")
                      throw new Error(
                        `Something of ${j.title} has not been saved yet. Open it, settle that, then put it away.`,
                      );
                    const job = await ask(api.GET("/api/jobs/{job}", { params: { path: { job: j.id } } }));
                    await ask(
                      api.DELETE("/api/jobs/{job}", {
                        params: { path: { job: j.id }, query: { version: job.version } },
                      }),
                    );
                  })
                }
              >
                Put away
              </button>
            </li>
          ))}
        </ul>
        {(away.data?.length ?? 0) > 0 && (
          <section aria-label="Put away">
            <h2>Put away</h2>
            <ul className="list">
              {away.data?.map((p) => (
                <li key={p.change} className="record row">
                  <span className="grow">
                    {p.titles.join(", ")} <span className="soft small">can be brought back until {day(p.until)}</span>
                  </span>
                  <button
                    type="button"
                    className="btn tight"
                    aria-label={`Bring back ${p.titles.join(", ")}`}
                    disabled={moving !== ""}
                    onClick={() =>
                      void run(p.job, () =>
                        ask(
                          api.POST("/api/jobs/{job}/changes/{version}/bring-back", {
                            params: { path: { job: p.job, version: p.change } },
                          }),
                        ),
                      )
                    }
                  >
                    Bring back
                  </button>
                  <button
                    type="button"
                    className="btn tight"
                    aria-label={`Erase ${p.titles.join(", ")}`}
                    disabled={moving !== ""}
                    onClick={() => setErasing(p)}
                  >
                    Erase
                  </button>
                </li>
              ))}
            </ul>
          </section>
        )}
      </main>
      <NewJob open={adding} onClose={() => setAdding(false)} />
      <Modal
        title={`Erase ${erasing?.titles.join(", ")}?`}
        open={erasing !== null}
        okText="Erase for good"
        destroyOnHidden
        onCancel={() => setErasing(null)}
        onOk={() => {
          const job = erasing?.job ?? "";
          setErasing(null);
          void run(job, () => ask(api.DELETE("/api/put-away/{job}", { params: { path: { job } } })));
        }}
      >
        <p>
          Its {erasing?.records} records, its photos and its history go from this database and cannot be brought back.
          Automatic copies that were made while it was here hold it until they are thinned out, after eight weeks at
          most.
        </p>
      </Modal>
    </div>
  );
}

/** A job by the least that it needs. */
function NewJob({ open, onClose }: { open: boolean; onClose: () => void }) {
  const client = useQueryClient();
  const navigate = useNavigate();
  const [title, setTitle] = useState("");
  const [jurisdiction, setJurisdiction] = useState<Schemas["Jurisdiction"]>("GB");
  const [building, setBuilding] = useState("");
  const [built, setBuilt] = useState("");
  const [problem, setProblem] = useState("");
  const save = async () => {
    try {
      const made = await ask(
        api.POST("/api/jobs", {
          body: {
            title: title.trim(),
            jurisdiction,
            ...(building.trim() ? { building: building.trim() } : {}),
            ...(built ? { built: Number(built) } : {}),
          },
        }),
      );
      await client.invalidateQueries();
      navigate(`/${made.id}/survey`);
    } catch (error) {
      setProblem(said(error));
    }
  };
  return (
    <Modal
      title="New job"
      open={open}
      onCancel={onClose}
      onOk={() => void save()}
      okText="Start the job"
      okButtonProps={{ disabled: title.trim() === "" }}
      afterOpenChange={(shown) => shown && document.getElementById("job-title")?.focus()}
      destroyOnHidden
    >
      <form
        onSubmit={(e) => {
          e.preventDefault();
          if (title.trim()) void save();
        }}
      >
        <div className="fact">
          <label htmlFor="job-title">Called</label>
          <input
            id="job-title"
            className="pick"
            maxLength={200}
            value={title}
            onChange={(e) => setTitle(e.target.value)}
          />
        </div>
        <div className="fact">
          <label htmlFor="job-place">Country</label>
          <select
            id="job-place"
            className="pick"
            value={jurisdiction}
            onChange={(e) => setJurisdiction(e.target.value as Schemas["Jurisdiction"])}
          >
            {places.map(([id, name]) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </div>
        <div className="fact">
          <label htmlFor="job-building">Building</label>
          <input
            id="job-building"
            className="pick"
            maxLength={200}
            placeholder="as the job"
            value={building}
            onChange={(e) => setBuilding(e.target.value)}
          />
        </div>
        <div className="fact">
          <label htmlFor="job-built">Built in</label>
          <input
            id="job-built"
            className="pick"
            type="number"
            placeholder="not known: taken as old"
            value={built}
            onChange={(e) => setBuilt(e.target.value)}
          />
        </div>
        {problem && <p className="hold">{problem}</p>}
        <button type="submit" hidden aria-hidden tabIndex={-1} />
      </form>
    </Modal>
  );
}
