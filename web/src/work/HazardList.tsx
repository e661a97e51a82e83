import type { Schemas } from "../api/client";

const duties: Record<Schemas["HazardDuty"], string> = {
  stop: "stop",
  licensed: "licensed or trained people",
  control: "under control",
  notice: "find out",
};

/** The hazards in force, the gravest first: by name at once, with what to do about each one click away. */
export function HazardList({ hazards }: { hazards: Schemas["HazardReport"][] }) {
  if (hazards.length === 0) return null;
  const grave = hazards.some((h) => h.duty === "stop" || h.duty === "licensed");
  return (
    <details className={grave ? "hazards grave" : "hazards"}>
      <summary>
        <b>Hazards</b> {hazards.map((h) => h.title.toLowerCase()).join(" · ")}
      </summary>
      <dl>
        {hazards.map((h) => (
          <div key={h.hazard}>
            <dt>
              {h.title} <span className="soft small">{duties[h.duty]}</span>
            </dt>
            <dd className="small">
              <p>{h.because}</p>
              <ul>
                {h.do.map((line) => (
                  <li key={line}>{line}</li>
                ))}
                {h.refer && <li>Turn to {h.refer}.</li>}
              </ul>
            </dd>
          </div>
        ))}
      </dl>
    </details>
  );
}
