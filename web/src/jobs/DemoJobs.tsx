import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { api, ask } from "../api/client";
import { keys } from "../job/data";

/** Invented jobs to look at; one that is here already is not offered again. */
export function DemoJobs({ here }: { here: string[] }) {
  const client = useQueryClient();
  const navigate = useNavigate();
  const [problem, setProblem] = useState("");
  const demos = useQuery({
    queryKey: keys.demos,
    queryFn: () => ask(api.GET("/api/demos")),
    staleTime: Number.POSITIVE_INFINITY,
  });
  const offered = demos.data?.filter((d) => !here.includes(d.id)) ?? [];
  const open = async (demo: string) => {
    try {
      await ask(api.POST("/api/demos/{demo}", { params: { path: { demo } } }));
      await client.invalidateQueries({ queryKey: keys.jobs });
      navigate(`/${demo}/survey`, { state: { round: true } });
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
  };
  if (offered.length === 0) return null;
  return (
    <section aria-label="Demo jobs" className="demos">
      <h2>To look at</h2>
      <p className="soft small">Invented jobs. Change what you like; put them away when you have seen enough.</p>
      <ul className="list">
        {offered.map((d) => (
          <li key={d.id} className="record row">
            <span className="grow">
              {d.title} <span className="soft small">{d.surfaces} surfaces</span>
            </span>
            <button
              type="button"
              className="btn tight"
              aria-label={`Open the demo ${d.title}`}
              onClick={() => void open(d.id)}
            >
              Open
            </button>
          </li>
        ))}
      </ul>
      {problem && (
        <p className="hold" role="alert">
          {problem}
        </p>
      )}
    </section>
  );
}
