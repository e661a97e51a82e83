import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { api, ask, type Surface } from "../api/client";
import { freshId } from "../job/ids";
import { photoQueue } from "../job/photoQueue";
import { usePlace } from "../shell/Place";

const stages = ["before", "during", "after"] as const;

/** Photos pinned to the surface: by file or camera, wet or dry, with the one before them for a pair. */
export function Photos({ job, surface }: { job: string; surface: Surface }) {
  const client = useQueryClient();
  const { session } = usePlace().edit;
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
  const before = photos.data?.findLast((p) => p.photo.stage === "before");
  const waiting = useQuery({ queryKey: [...key, "waiting"], queryFn: () => photoQueue.of(job, surface.id) });
  useEffect(() => {
    const told = () => void client.invalidateQueries({ queryKey: ["job", job, "photos", surface.id] });
    photoQueue.onSaved = (photo, version) => {
      if (photo.job === job) session.made(`Photo ${photo.caption}`, version);
    };
    const stop = photoQueue.subscribe(told);
    return () => {
      stop();
    };
  }, [client, job, surface.id, session]);
  const add = async (picked: File) => {
    try {
      await photoQueue.add({
        id: freshId(),
        job,
        surface: surface.id,
        stage,
        wet,
        caption: picked.name.slice(0, 200),
        ...(stage === "after" && before ? { pairOf: before.id } : {}),
        type: picked.type,
        bytes: await picked.arrayBuffer(),
      });
      setProblem("");
    } catch {
      setProblem(
        "The photo could not be kept in this browser: there is no room. Keep it on the device and add it again.",
      );
    }
  };
  const away = async (id: string, caption: string) => {
    try {
      const gone = await ask(api.DELETE("/api/jobs/{job}/photos/{id}", { params: { path: { job, id } } }));
      session.made(`Photo ${caption} put away`, gone.version);
      setProblem("");
    } catch (error) {
      setProblem(`The photo was not put away. ${error instanceof Error ? error.message : ""}`);
    }
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
                alt={`${surface.title}, ${p.photo.stage}${p.photo.wet ? ", wet" : ""}: ${p.photo.caption}`}
                loading="lazy"
              />
            </a>
            <figcaption>
              {p.photo.pairOf ? "after, same place" : p.photo.stage}
              {p.photo.wet ? ", wet" : ""} <span className="soft">{p.photo.taken.slice(0, 10)}</span>
              <button
                type="button"
                className="btn tight"
                aria-label={`Remove the photo ${p.photo.caption}`}
                onClick={() => void away(p.id, p.photo.caption ?? "")}
              >
                ×
              </button>
            </figcaption>
          </figure>
        ))}
      </div>
      {waiting.data?.map((p) => (
        <p key={p.id} className="small" role={p.refused === undefined ? "status" : "alert"}>
          {p.refused === undefined
            ? `${p.caption}: kept here, on its way …`
            : `${p.caption} was not saved: ${p.refused} `}
          {p.refused !== undefined && (
            <>
              <button type="button" className="btn tight" onClick={() => void photoQueue.flush(true)}>
                Try again
              </button>{" "}
              <button type="button" className="btn tight" onClick={() => void photoQueue.discard(p.id)}>
                Give it up
              </button>
            </>
          )}
        </p>
      ))}
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
