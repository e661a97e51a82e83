import { Modal } from "antd";
import { useState } from "react";
import type { Catalogue, SurfaceView } from "../api/client";
import { useChecks } from "../job/data";
import type { Edit } from "../job/useEdit";
import { CheckCard } from "./CheckCard";
import { now } from "./say";

type Props = { edit: Edit; view: SurfaceView; catalogue: Catalogue };

type Open = { title: string; why: string[]; check: string | null };

/**
 * What is not known and matters, always in sight: what the work rests on, and the check that would settle it. Touched,
 * each says how to find out and takes the result.
 */
export function Unknowns({ edit, view, catalogue }: Props) {
  const [open, setOpen] = useState<Open | null>(null);
  const checks = useChecks(view.job, view.surface.id, view.version);
  const worth = new Map((checks.data ?? []).map((c) => [c.check, c]));
  const unknown = view.unknowns.map((u) => ({ ...u, worth: u.check ? worth.get(u.check) : undefined }));
  const rest = (checks.data ?? []).filter((c) => !unknown.some((u) => u.check === c.check));
  const count = unknown.length + rest.length;
  const check = catalogue.checks.find((c) => c.id === open?.check);
  return (
    <section className="unknowns" aria-label="Not known yet">
      <strong className="small">{count === 0 ? "Nothing that matters is unknown" : "Not known yet"}</strong>
      {unknown.map((u) => (
        <button
          key={u.facet}
          type="button"
          className={`chip ${u.how}${u.worth?.gate ? " gate" : ""}`}
          title={u.why}
          onClick={() =>
            setOpen({
              title: u.title,
              why: [u.why, ...(u.worth?.wouldChange ?? []), ...(u.worth?.settles ?? [])],
              check: u.check ?? null,
            })
          }
        >
          {u.title}
          {u.check && <b>{minutes(catalogue, u.check)}</b>}
        </button>
      ))}
      {rest.map((c) => (
        <button
          key={c.check}
          type="button"
          className={`chip${c.gate ? " gate" : ""}`}
          title={c.wouldChange.join(" ")}
          onClick={() => setOpen({ title: c.title, why: [...c.wouldChange, ...c.settles], check: c.check })}
        >
          {c.title}
          <b>{minutes(catalogue, c.check)}</b>
        </button>
      ))}
      <Modal title={open?.title} open={open !== null} onCancel={() => setOpen(null)} footer={null} destroyOnHidden>
        {open && (
          <>
            {open.why.map((line) => (
              <p key={line}>{line}</p>
            ))}
            {check ? (
              <>
                <h3>{check.title}</h3>
                <CheckCard
                  check={check}
                  onMade={(reading) => {
                    const surface = edit.draft;
                    setOpen(null);
                    if (surface)
                      edit.change({ ...surface, readings: [...(surface.readings ?? []), { ...reading, at: now() }] });
                  }}
                />
              </>
            ) : (
              <p className="soft">Look, and say what you see in the line above.</p>
            )}
          </>
        )}
      </Modal>
    </section>
  );
}

const minutes = (catalogue: Catalogue, check: string | null | undefined) => {
  const found = catalogue.checks.find((c) => c.id === check);
  return found ? `${found.minutes} min` : "";
};
