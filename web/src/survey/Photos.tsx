import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { api, ask, type Surface } from "../api/client";

const stages = ["before", "during", "after"] as const;

/** Photos pinned to the surface: by file or camera, wet or dry, with the one before them for a pair. */
export function Photos({ job, surface }: { job: string; surface: Surface }) {
  const client = useQueryClient();
  const key = ["job", job, "photos", surface.id];
  const photos = useQuery({
    queryKey: key,
    queryFn: () =>
      ask(api.GET("/api/jobs/{job}/surfaces/{surface}/photos", { params: { path: { job, surface: surface.id } } })),
  });
  const file = useRef<HTMLInputElement>(null);
  const [stage, setStage] = useState<(typeof stages)[number]>("before");
  const [wet, setWet] = useState(false);
  const [problem, setProblem] = useState("");
  const before = photos.data?.findLast((p) => p.stage === "before");
  const add = async (picked: File) => {
    const pair = stage === "after" && before ? `&pairOf=${before.id}` : "";
    const query = `stage=${stage}&wet=${wet}&caption=${encodeURIComponent(picked.name.slice(0, 200))}${pair}`;
    try {
      const answer = await fetch(`/api/jobs/${job}/surfaces/${surface.id}/photos?${query}`, {
        method: "POST",
        headers: { "content-type": picked.type || "application/octet-stream" },
        body: picked,
      });
      if (!answer.ok) {
        const said = (await answer.json()) as { detail?: string; title?: string };
        setProblem(said.detail ?? said.title ?? `refused (${answer.status})`);
      } else setProblem("");
    } catch {
      setProblem("No line: the photo was not sent. Keep it on the device and add it again.");
    }
    await client.invalidateQueries({ queryKey: key });
  };
  const away = async (id: string) => {
    await ask(api.DELETE("/api/jobs/{job}/photos/{id}", { params: { path: { job, id } } }));
    await client.invalidateQueries({ queryKey: key });
  };
  return (
    <section className="factgroup">
      <h3>Photos</h3>
      <div className="photos">
        {photos.data?.map((p) => (
          <figure key={p.id}>
            <a href={`/api/jobs/${job}/photos/${p.id}`} target="_blank" rel="noreferrer">
              <img
                src={`/api/jobs/${job}/photos/${p.id}/thumb`}
                alt={`${surface.title}, ${p.stage}${p.wet ? ", wet" : ""}: ${p.caption}`}
                loading="lazy"
              />
            </a>
            <figcaption>
              {p.pairOf ? "after, same place" : p.stage}
              {p.wet ? ", wet" : ""} <span className="soft">{p.taken.slice(0, 10)}</span>
              <button
                type="button"
                className="btn tight"
                aria-label={`Take away the photo ${p.caption}`}
                onClick={() => void away(p.id)}
              >
                ×
              </button>
            </figcaption>
          </figure>
        ))}
      </div>
      <div className="row wrap">
        <select
          className="pick"
          style={{ width: 96 }}
          aria-label="Stage of the photo"
          value={stage}
          onChange={(e) => setStage(e.target.value as typeof stage)}
        >
          {stages.map((s) => (
            <option key={s}>{s}</option>
          ))}
        </select>
        <label className="row small">
          <input type="checkbox" checked={wet} onChange={(e) => setWet(e.target.checked)} /> wet
        </label>
        <button type="button" className="btn tight" onClick={() => file.current?.click()}>
          Add a photo
        </button>
        <input
          ref={file}
          type="file"
          accept="image/jpeg,image/png,image/webp"
          capture="environment"
          hidden
          aria-label="Photo file"
          onChange={(e) => {
            const picked = e.target.files?.[0];
            e.target.value = "";
            if (picked) void add(picked);
          }}
        />
      </div>
      {problem && (
        <p className="hold" role="alert">
          {problem}
        </p>
      )}
    </section>
  );
}
