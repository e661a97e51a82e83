import { useQuery } from "@tanstack/react-query";
import { Dropdown } from "antd";
import { Link } from "react-router";
import { api, ask, type Schemas } from "../api/client";
import { keys } from "../job/data";
import { shares, standing, touched } from "./standing";

type Props = {
  job: Schemas["JobSummary"];
  /** True while it is on its way out: it is no link until both lists have heard of it. */
  moving: boolean;
  onDo: (what: "about" | "copy" | "away") => void;
};

/** A job in the list: what it is, how it stands and what stops it. */
export function JobSlip({ job, moving, onDo }: Props) {
  const state = useQuery({
    queryKey: keys.state(job.id, job.touched),
    queryFn: () => ask(api.GET("/api/jobs/{job}/state", { params: { path: { job: job.id } } })),
    staleTime: Number.POSITIVE_INFINITY,
  });
  const about = [job.client, job.address].filter(Boolean).join(", ");
  return (
    <li className="slip">
      <div className="name">
        {moving ? (
          <b>{job.title}</b>
        ) : (
          <Link to={`/${job.id}/survey`}>
            <b>{job.title}</b>
          </Link>
        )}
        {about && <span className="soft small">{about}</span>}
      </div>
      <div className="standing">
        {state.data && (
          <>
            <span className="shares" aria-hidden>
              {shares(state.data).map((s) => (
                <i key={s.verdict} className={s.verdict} style={{ flexGrow: s.count }} />
              ))}
            </span>
            <span className="small">{standing(state.data)}</span>
            {state.data.stops.map((stop) => (
              <span key={stop} className="soft small stop">
                {stop}
              </span>
            ))}
          </>
        )}
      </div>
      <span className="soft small when">{touched(job.touched)}</span>
      <Dropdown
        trigger={["click"]}
        disabled={moving}
        menu={{
          items: [
            { key: "about", label: "Name, client, address" },
            { key: "copy", label: "Copy" },
            { type: "divider" },
            { key: "away", label: "Put away" },
          ],
          onClick: ({ key }) => onDo(key as "about" | "copy" | "away"),
        }}
      >
        <button type="button" className="btn tight" aria-label={`More with ${job.title}`} disabled={moving}>
          More
        </button>
      </Dropdown>
    </li>
  );
}
