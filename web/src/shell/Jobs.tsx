import { Link, Navigate } from "react-router";
import { useJobs } from "../job/data";
import { FileMenu } from "./FileMenu";

/** The jobs in the store; the only one is opened at once. */
export function Jobs() {
  const jobs = useJobs();
  const only = jobs.data?.length === 1 ? jobs.data[0] : undefined;
  if (only) return <Navigate to={`/${only.id}/survey`} replace />;
  return (
    <div className="frame">
      <header className="strip">
        <span className="mark">All Sound</span>
        <span className="fill" />
        <FileMenu job="" />
      </header>
      <main style={{ padding: 20 }}>
        <h1>Jobs</h1>
        {jobs.isError && <p className="hold">{jobs.error.message}</p>}
        {jobs.data?.length === 0 && <p>None yet. Import a job file to begin; docs/examples holds small ones.</p>}
        <ul>
          {jobs.data?.map((j) => (
            <li key={j.id}>
              <Link to={`/${j.id}/survey`}>{j.title}</Link> <span className="soft">{j.surfaces} surfaces</span>
            </li>
          ))}
        </ul>
      </main>
    </div>
  );
}
