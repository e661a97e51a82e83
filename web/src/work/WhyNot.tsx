import { useQuery } from "@tanstack/react-query";
import { useId, useState } from "react";
import { api, ask, type Step } from "../api/client";
import { usePlace } from "../shell/Place";

/** "Why not ...?": the option run again with the step left out, or with another way of doing it. */
export function WhyNot({ option, step }: { option: string; step: Step }) {
  const { job, view, catalogue } = usePlace();
  const [instead, setInstead] = useState("");
  const id = useId();
  const answer = useQuery({
    queryKey: ["why-not", job.id, view?.surface.id, view?.version, option, step.n, instead],
    enabled: instead !== "" && view !== undefined,
    queryFn: () =>
      ask(
        api.GET("/api/jobs/{job}/surfaces/{surface}/why-not", {
          params: {
            path: { job: job.id, surface: view?.surface.id ?? "" },
            query: { option, step: step.n, ...(instead === "-" ? {} : { instead }) },
          },
        }),
      ),
  });
  const others = catalogue?.operations.filter((o) => o.group === step.group && o.id !== step.operation) ?? [];
  return (
    <div className="whynot small">
      <label htmlFor={id}>
        <b>Why not</b>
      </label>
      <select id={id} className="pick" value={instead} onChange={(e) => setInstead(e.target.value)}>
        <option value="">something else …</option>
        <option value="-">leave it out</option>
        {others.map((o) => (
          <option key={o.id} value={o.id}>
            {o.title}
          </option>
        ))}
      </select>
      {answer.data && (
        <ul aria-live="polite">
          {answer.data.lines.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      )}
    </div>
  );
}
