import { useQueryClient } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { useNavigate } from "react-router";
import { Refusal } from "../api/client";

/** Job files out and in. A file at fault is refused with what is wrong and changes nothing. */
export function FileMenu({ job }: { job: string }) {
  const input = useRef<HTMLInputElement>(null);
  const client = useQueryClient();
  const navigate = useNavigate();
  const [problem, setProblem] = useState<string | null>(null);
  const bring = async (file: File, replace: boolean) => {
    try {
      const response = await fetch(`/api/jobs/import?replace=${replace}`, {
        method: "POST",
        headers: { "content-type": "application/json" },
        body: await file.text(),
      });
      const answer = (await response.json()) as { id?: string; title?: string; detail?: string };
      if (!response.ok)
        throw new Refusal(response.status, answer.detail ?? answer.title ?? `refused (${response.status})`, {});
      await client.invalidateQueries();
      navigate(`/${answer.id}/survey`);
    } catch (error) {
      if (
        error instanceof Refusal &&
        error.status === 409 &&
        !replace &&
        window.confirm("A job of this name is here already. Replace it with the file?")
      )
        await bring(file, true);
      else setProblem(error instanceof Error ? error.message : String(error));
    }
  };
  return (
    <>
      {job && (
        <a
          href={`/api/jobs/${job}/export`}
          download
          style={{ color: "inherit", display: "flex", alignItems: "center", padding: "0 6px", textDecoration: "none" }}
        >
          Export
        </a>
      )}
      <button type="button" onClick={() => input.current?.click()}>
        Import
      </button>
      <input
        ref={input}
        type="file"
        accept=".json,application/json"
        hidden
        aria-label="Job file"
        onChange={(e) => {
          const file = e.target.files?.[0];
          e.target.value = "";
          if (file) void bring(file, false);
        }}
      />
      {problem && (
        <div className="toast" role="alert">
          The file was not taken in: {problem}{" "}
          <button type="button" className="btn tight" style={{ color: "var(--ink)" }} onClick={() => setProblem(null)}>
            Close
          </button>
        </div>
      )}
    </>
  );
}
