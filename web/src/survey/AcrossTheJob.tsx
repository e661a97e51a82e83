import { useQuery } from "@tanstack/react-query";
import { api, ask } from "../api/client";
import { usePlace } from "../shell/Place";

/** The checks worth making anywhere in the job; weighed bit by bit, so that a large job answers at once. */
export function AcrossTheJob() {
  const { job, go } = usePlace();
  const checks = useQuery({
    queryKey: ["job", job.id, "across"],
    queryFn: () => ask(api.GET("/api/jobs/{job}/checks", { params: { path: { job: job.id } } })),
    refetchInterval: (query) => (query.state.data && query.state.data.weighed < query.state.data.of ? 400 : false),
  });
  const found = checks.data?.checks ?? [];
  return (
    <details style={{ marginTop: 10 }}>
      <summary>
        <strong>Across the whole job</strong>{" "}
        <span className="soft small">
          {checks.data && checks.data.weighed < checks.data.of
            ? `weighed ${checks.data.weighed} of ${checks.data.of} surfaces`
            : `${found.length} kinds of check`}
        </span>
      </summary>
      <ul className="list small">
        {found.map((c) => (
          <li key={c.check} className="record">
            <b>{c.gate ? "First: " : ""}</b>
            {c.title}, {c.minutes} min each:{" "}
            {c.surfaces.slice(0, 6).map((s) => (
              <button key={s} type="button" className="btn tight" onClick={() => go({ surface: s })}>
                {s}
              </button>
            ))}
            {c.surfaces.length > 6 && ` and ${c.surfaces.length - 6} more`}
          </li>
        ))}
      </ul>
    </details>
  );
}
