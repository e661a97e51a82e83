import type { Schemas } from "../api/client";
import { clock, shortDay } from "../programme/board";
import { usePlace } from "../shell/Place";
import type { Entry } from "./site";
import type { NewEntry } from "./useLog";

// So many are looked over at a glance; a long job has hundreds.
const Most = 60;

const kinds: Record<Entry["kind"], string> = {
  started: "begun",
  done: "done",
  skipped: "left out",
  reading: "measured",
  holdPassed: "hold point passed",
  holdFailed: "hold point not passed",
  photo: "photo",
  deviation: "otherwise than planned",
  interrupted: "broken off",
  resumed: "gone on",
  weather: "weather",
  delivery: "delivered",
  leftover: "left over",
  tool: "tool",
  incident: "happened",
  foundJob: "found besides",
  clientWord: "the client said",
  looked: "looked at again",
  note: "note",
  withdrawn: "taken back",
};

/** The log as it was written, the latest first. Nothing in it is changed: a line written by mistake is taken back by another. */
export function LogLines({
  log,
  waiting,
  write,
}: {
  log: readonly Schemas["LoggedLine"][];
  waiting: readonly Entry[];
  write: (label: string, ...entries: NewEntry[]) => void;
}) {
  const { job, catalogue } = usePlace();
  const known = new Set(log.map((l) => l.entry.id));
  const lines = [
    ...log.map((l) => ({ entry: l.entry, counts: l.counts, waits: false })),
    ...waiting.filter((e) => !known.has(e.id)).map((entry) => ({ entry, counts: true, waits: true })),
  ].sort((a, b) => (a.entry.at < b.entry.at ? 1 : a.entry.at > b.entry.at ? -1 : a.entry.id < b.entry.id ? 1 : -1));
  const surfaces = new Map(
    job.buildings
      .flatMap((b) => b.spaces)
      .flatMap((s) => s.surfaces)
      .map((s) => [s.id, s.title]),
  );
  const what = (e: Entry) =>
    [
      e.operation ? (catalogue?.operations.find((o) => o.id === e.operation)?.title ?? e.operation) : null,
      e.check ? (catalogue?.checks.find((c) => c.id === e.check)?.title ?? e.check) : null,
      e.value != null ? `${e.value} ${e.unit ?? ""}`.trim() : null,
      e.litres != null ? `${e.litres} L` : null,
      e.batch ? `batch ${e.batch}` : null,
      e.kind === "looked" ? (e.outcome === "sound" ? "sound" : "needs work") : null,
      e.text,
    ]
      .filter((t) => t)
      .join(", ");
  if (lines.length === 0) return null;
  return (
    <section className="sheet" aria-label="Log">
      <header>
        <h2>Log</h2>
        <span className="grow" />
        <a className="btn tight" href={`/api/jobs/${job.id}/log.csv`} download>
          Table (CSV)
        </a>
      </header>
      <ol className="loglines">
        {lines.slice(0, Most).map(({ entry, counts, waits }) => (
          <li key={entry.id} className={counts ? undefined : "gone"}>
            <span className="soft small">{`${shortDay(entry.at.slice(0, 10))} ${clock(entry.at)}${entry.by ? `, ${entry.by}` : ""}${waits ? ", waits to go up" : ""}`}</span>
            <span>
              {`${entry.surface ? `${surfaces.get(entry.surface) ?? entry.surface}: ` : ""}${kinds[entry.kind]}`}
              {what(entry) && `, ${what(entry)}`}
            </span>
            {counts && !waits && entry.kind !== "withdrawn" && (
              <button
                type="button"
                className="btn tight"
                aria-label={`Take back: ${kinds[entry.kind]}, ${what(entry)}`}
                onClick={() =>
                  write("A line taken back", {
                    kind: "withdrawn",
                    corrects: entry.id,
                    ...(entry.surface ? { surface: entry.surface } : {}),
                  })
                }
              >
                Take back
              </button>
            )}
          </li>
        ))}
      </ol>
      {lines.length > Most && (
        <p className="body soft small">{`${lines.length - Most} earlier lines stand in the table.`}</p>
      )}
    </section>
  );
}
