import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, ask, type Schemas } from "../api/client";
import { askAfresh } from "../job/again";

/** Says that one record cannot be read, and offers the last version that can. */
export function Spoilt({ job, spoilt }: { job: string; spoilt: Schemas["SpoiltView"] }) {
  const client = useQueryClient();
  const [problem, setProblem] = useState("");
  const mend = async () => {
    try {
      await ask(
        api.POST("/api/jobs/{job}/records/{kind}/{id}/mend", {
          params: { path: { job, kind: spoilt.kind, id: spoilt.id } },
        }),
      );
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
    await askAfresh(client);
  };
  return (
    <div className="hold spoilt" role="alert">
      The {spoilt.kind} “{spoilt.id}” cannot be read ({spoilt.why}). Everything else is as it was.{" "}
      {spoilt.earlier ? (
        <button type="button" className="btn tight" onClick={() => void mend()}>
          Bring back its version of {new Date(spoilt.earlier).toLocaleString()}
        </button>
      ) : (
        "There is no earlier version of it here; a copy may hold one."
      )}
      {problem}
    </div>
  );
}
