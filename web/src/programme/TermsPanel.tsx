import type { Schemas } from "../api/client";
import { jobRecord } from "../job/useEdit";
import { DraftBox } from "../shell/DraftBox";
import { usePlace } from "../shell/Place";
import { crewOf } from "./crew";

type Brief = Schemas["ProgrammeBrief"];

/** When work may begin, by when it must be done, and how many do it. */
export function TermsPanel() {
  const { job, edit } = usePlace();
  const record = jobRecord(edit.session, job);
  const brief = (record.programme ?? {}) as Brief;
  const save = (what: string, change: Partial<Brief>) =>
    edit.session.edit(what, [
      { key: `job:${job.id}`, before: record, after: { ...record, programme: { ...brief, ...change } } },
    ]);
  const moment = (label: string, name: "start" | "deadline", what: string) => (
    <span>
      <label className="soft small" htmlFor={`programme-${name}`}>
        {label}
      </label>
      <input
        id={`programme-${name}`}
        type="datetime-local"
        className="pick"
        value={brief[name]?.slice(0, 16) ?? ""}
        onChange={(e) => save(what, { [name]: e.target.value === "" ? null : `${e.target.value}:00` })}
      />
    </span>
  );
  return (
    <section className="sheet" aria-label="Who and when">
      <header>
        <h2>Who and when</h2>
      </header>
      <div className="body">
        <div className="rates terms">
          {moment("work may begin", "start", "When work may begin")}
          {moment("all done by", "deadline", "By when all is done")}
          <span>
            <label className="soft small" htmlFor="programme-crew">
              painters
            </label>
            <DraftBox
              id="programme-crew"
              label="painters"
              least={1}
              most={20}
              step={1}
              value={Math.max(1, brief.crew?.length ?? 1)}
              onSet={(n) => save("How many painters", { crew: crewOf(brief.crew ?? [], n ?? 1) })}
            />
          </span>
          <span>
            <label className="soft small" htmlFor="programme-settle">
              dust settles in, h
            </label>
            <DraftBox
              id="programme-settle"
              label="dust settles in, h"
              least={0}
              most={48}
              step={0.5}
              value={brief.settleHours ?? 1}
              onSet={(h) => save("How long dust settles", { settleHours: h ?? 1 })}
            />
          </span>
          <span>
            <label className="soft small" htmlFor="programme-boldness">
              outside if so many of 10 forecasts allow it
            </label>
            <DraftBox
              id="programme-boldness"
              label="outside if so many of 10 forecasts allow it"
              least={0}
              most={10}
              step={1}
              value={Math.round((1 - (brief.boldness ?? 0.3)) * 10)}
              onSet={(n) => save("How bold with the weather", { boldness: (10 - (n ?? 7)) / 10 })}
            />
          </span>
        </div>
        <p className="soft small">
          Monday to Friday, 08:00 to 12:00 and 12:30 to 16:30, unless the job file says otherwise. Without a start it is
          tomorrow. Drying goes through the night; nobody sands where a film is wet.
        </p>
      </div>
    </section>
  );
}
