import { useQuery, useQueryClient } from "@tanstack/react-query";
import { App, Input, Modal } from "antd";
import { lazy, Suspense, useLayoutEffect, useState } from "react";
import { api, ask, type Schemas } from "../api/client";
import { askAfresh } from "../job/again";
import { keys, useJobs } from "../job/data";
import { sessionOf } from "../job/useEdit";
import { FileMenu } from "../shell/FileMenu";
import { PageStrip } from "../shell/PageStrip";
import { dayText } from "../shell/words";
import { DemoJobs } from "./DemoJobs";
import { JobSlip } from "./JobSlip";
import { found } from "./standing";

// Asked for when first wanted.
const NewJob = lazy(async () => ({ default: (await import("./NewJob")).NewJob }));
const CopyJob = lazy(async () => ({ default: (await import("./CopyJob")).CopyJob }));
const AboutJob = lazy(async () => ({ default: (await import("./AboutJob")).AboutJob }));

const said = (error: unknown) => (error instanceof Error ? error.message : String(error));

/** The first page: the jobs, a new one, and those put away. */
export function Jobs() {
  const client = useQueryClient();
  const jobs = useJobs();
  const away = useQuery({ queryKey: keys.putAway, queryFn: () => ask(api.GET("/api/put-away")) });
  const { notification } = App.useApp();
  const [adding, setAdding] = useState(false);
  const [asked, setAsked] = useState("");
  const [about, setAbout] = useState<Schemas["JobSummary"] | null>(null);
  const [copying, setCopying] = useState<Schemas["JobSummary"] | null>(null);
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
    await askAfresh(client, (q) => q.queryKey[0] !== "state");
    setMoving("");
  };
  const bringBack = (p: { job: string; change: number }) =>
    run(p.job, () =>
      ask(
        api.POST("/api/jobs/{job}/changes/{version}/bring-back", {
          params: { path: { job: p.job, version: p.change } },
        }),
      ),
    );
  const putAway = (j: Schemas["JobSummary"]) =>
    run(j.id, async () => {
      // An edit that comes after the job is gone would be refused, and missing once it is back.
      if ((await sessionOf(j.id, client).sent()) !== "saved")
        throw new Error(`Something of ${j.title} has not been saved yet. Open it, settle that, then put it away.`);
      const job = await ask(api.GET("/api/jobs/{job}", { params: { path: { job: j.id } } }));
      const gone = await ask(
        api.DELETE("/api/jobs/{job}", { params: { path: { job: j.id }, query: { version: job.version } } }),
      );
      const key = `away-${j.id}`;
      notification.open({
        key,
        title: `${j.title} is put away`,
        placement: "bottomRight",
        actions: (
          <button
            type="button"
            className="btn tight"
            onClick={() => {
              notification.destroy(key);
              void bringBack({ job: j.id, change: gone.version });
            }}
          >
            Undo
          </button>
        ),
      });
    });
  // With the page itself and not after it, as in a job.
  useLayoutEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const typing = (e.target as HTMLElement).closest("input, select, textarea, [role='dialog']") !== null;
      if (e.key !== "n" || typing || e.ctrlKey || e.metaKey || e.altKey) return;
      e.preventDefault();
      setAdding(true);
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, []);
  const shown = jobs.data?.filter((j) => found(j, asked)) ?? [];
  return (
    <div className="frame">
      <PageStrip here="/">
        <FileMenu job="" />
      </PageStrip>
      <main className="jobs">
        <div className="row head">
          <h1>Jobs</h1>
          <span className="grow" />
          {(jobs.data?.length ?? 0) > 1 && (
            <Input
              className="seek"
              type="search"
              allowClear
              aria-label="Search jobs"
              placeholder="name, client, place"
              value={asked}
              onChange={(e) => setAsked(e.target.value)}
            />
          )}
          <button type="button" className="btn primary" id="new-job" onClick={() => setAdding(true)}>
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
          <div className="first">
            <h2>Nothing here yet</h2>
            <p>
              A job is a building, its rooms, and what is on their walls, woodwork and metal. Say what you see, and the
              program says why it fails, what to do in which order, and what it takes.
            </p>
            <div className="row">
              <button type="button" className="btn primary" onClick={() => setAdding(true)}>
                Start a job
              </button>
              <span className="soft">or bring in a job file with Import, above, or open one of the demos below.</span>
            </div>
          </div>
        )}
        {asked && shown.length === 0 && <p className="soft">No job has that in its name, client or place.</p>}
        <ul className="slips">
          {shown.map((j) => (
            <JobSlip
              key={j.id}
              job={j}
              moving={moving !== ""}
              onDo={(what) => (what === "about" ? setAbout(j) : what === "copy" ? setCopying(j) : void putAway(j))}
            />
          ))}
        </ul>
        {(away.data?.length ?? 0) > 0 && (
          <section aria-label="Put away">
            <h2>Put away</h2>
            <ul className="list">
              {away.data?.map((p) => (
                <li key={p.change} className="record row">
                  <span className="grow">
                    {p.titles.join(", ")}{" "}
                    <span className="soft small">can be brought back until {dayText(p.until)}</span>
                  </span>
                  <button
                    type="button"
                    className="btn tight"
                    aria-label={`Bring back ${p.titles.join(", ")}`}
                    disabled={moving !== ""}
                    onClick={() => void bringBack(p)}
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
        {jobs.data && <DemoJobs here={jobs.data.map((j) => j.id)} />}
      </main>
      <Suspense>
        {adding && <NewJob jobs={jobs.data ?? []} onClose={() => setAdding(false)} />}
        {about && <AboutJob job={about.id} title={about.title} onClose={() => setAbout(null)} />}
        {copying && <CopyJob of={copying} onClose={() => setCopying(null)} />}
      </Suspense>
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
