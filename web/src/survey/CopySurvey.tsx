import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Modal } from "antd";
import { useState } from "react";
import { api, ask, type Schemas, type Surface } from "../api/client";
import { askAgain } from "../job/again";
import { usePlace } from "../shell/Place";

/** Carries a survey over to like elements; what each would lose is shown before anything is written. */
export function CopySurvey({ surface, onClose }: { surface: Surface; onClose: () => void }) {
  const { job, edit } = usePlace();
  const client = useQueryClient();
  const [chosen, setChosen] = useState<string[]>([]);
  const [done, setDone] = useState<Schemas["CopyResult"][] | null>(null);
  const like = job.buildings
    .flatMap((b) => b.spaces.flatMap((s) => s.surfaces.map((f) => ({ ...f, space: s.space.title }))))
    .filter((f) => f.element === surface.element && f.id !== surface.id);
  const send = (targets: { id: string; version: number }[], onlyAsk: boolean) =>
    ask(
      api.POST("/api/jobs/{job}/surfaces/{surface}/copy", {
        params: { path: { job: job.id, surface: surface.id } },
        body: { targets, onlyAsk },
      }),
    );
  const differ = useQuery({
    queryKey: ["job", job.id, "differences", surface.id, chosen],
    queryFn: () =>
      send(
        chosen.map((id) => ({ id, version: 0 })),
        true,
      ),
    enabled: chosen.length > 0,
  });
  const write = async () => {
    const targets = await Promise.all(
      chosen.map(async (id) => {
        const v = await ask(
          api.GET("/api/jobs/{job}/surfaces/{surface}", { params: { path: { job: job.id, surface: id } } }),
        );
        return { id, version: v.version };
      }),
    );
    const answer = await send(targets, false);
    if (answer.change) edit.session.made(`Survey of ${surface.title} copied`, answer.change);
    setDone(answer.results);
    await askAgain(client, job.id);
  };
  return (
    <Modal
      title={`Copy the survey of ${surface.title}`}
      open
      onCancel={onClose}
      onOk={() => (done ? onClose() : void write())}
      okText={done ? "Close" : `Copy to ${chosen.length}`}
      okButtonProps={{ disabled: chosen.length === 0 }}
    >
      {like.length === 0 && <p>No other surface of this kind in the job.</p>}
      <ul className="list">
        {like.map((f) => {
          const result = (done ?? differ.data?.results)?.find((d) => d.id === f.id);
          return (
            <li key={f.id} className="record">
              <label className="row">
                <input
                  type="checkbox"
                  checked={chosen.includes(f.id)}
                  disabled={done !== null}
                  onChange={(e) => setChosen(e.target.checked ? [...chosen, f.id] : chosen.filter((x) => x !== f.id))}
                />
                <span className="grow">
                  {f.title} <span className="soft">{f.space}</span>
                </span>
                {done && result && <b>{result.saved ? "copied" : result.problem}</b>}
              </label>
              {chosen.includes(f.id) && result && !done && (
                <ul className="small soft">
                  {result.differences.length === 0 && <li>nothing recorded there would change</li>}
                  {result.differences.map((d) => (
                    <li key={d}>{d}</li>
                  ))}
                </ul>
              )}
            </li>
          );
        })}
      </ul>
      <p className="small soft">Build-up, facts, signs and brief go over; checks, photos, size and place stay.</p>
    </Modal>
  );
}
