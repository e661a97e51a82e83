import type { Catalogue, SurfaceView } from "../api/client";
import { useChecks } from "../job/data";

type Props = { view: SurfaceView; catalogue: Catalogue };

/** What is not known and matters, always in sight: what the work rests on, and the check that would settle it. */
export function Unknowns({ view, catalogue }: Props) {
  const checks = useChecks(view.job, view.surface.id, view.version);
  const worth = new Map((checks.data ?? []).map((c) => [c.check, c]));
  const open = view.unknowns.map((u) => ({ ...u, worth: u.check ? worth.get(u.check) : undefined }));
  const rest = (checks.data ?? []).filter((c) => !open.some((u) => u.check === c.check));
  const count = open.length + rest.length;
  return (
    <section className="unknowns" aria-label="Not known yet" tabIndex={count > 0 ? 0 : undefined}>
      <strong className="small">{count === 0 ? "Nothing that matters is unknown" : "Not known yet"}</strong>
      {open.map((u) => (
        <span key={u.facet} className={`chip ${u.how}${u.worth?.gate ? " gate" : ""}`} title={`${u.why}`}>
          {u.title}
          {u.worth && <b>{minutes(catalogue, u.check)}</b>}
        </span>
      ))}
      {rest.map((c) => (
        <span key={c.check} className={`chip${c.gate ? " gate" : ""}`} title={c.wouldChange.join(" ")}>
          {c.title}
          <b>{minutes(catalogue, c.check)}</b>
        </span>
      ))}
    </section>
  );
}

const minutes = (catalogue: Catalogue, check: string | null | undefined) => {
  const found = catalogue.checks.find((c) => c.id === check);
  return found ? `${found.minutes} min` : "";
};
