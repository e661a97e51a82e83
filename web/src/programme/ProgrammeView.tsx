import { useEffect, useState } from "react";
import type { Schemas } from "../api/client";
import { useProgramme } from "../job/data";
import { usePlace } from "../shell/Place";
import { hoursText } from "../shell/words";
import { Board } from "./Board";
import {
  clock,
  daySays,
  listOf,
  longDay,
  type Moved,
  movedSays,
  moveText,
  peopleOf,
  riskSays,
  shortDay,
  slipText,
} from "./board";
import { TermsPanel } from "./TermsPanel";
import { useMoved } from "./useMoved";

type Report = Schemas["ProgrammeReport"];

/** Who does what when: the plan as a board and as a list, what holds the finish and what would bring it forward. */
export function ProgrammeView() {
  const { job } = usePlace();
  const plan = useProgramme(job.id);
  const [chosen, setChosen] = useState<string>();
  const [whose, setWhose] = useState<string>();
  const { data, isFetching, error } = plan;
  const [moved, read] = useMoved(job.id, data);
  const titles = new Map(job.buildings.flatMap((b) => b.spaces).map((s) => [s.space.id, s.space.title]));
  // Where nearly everything holds the finish it is said once.
  const allHold = data ? data.critical.length * 2 > data.tasks.length : false;
  const people = peopleOf(data?.tasks ?? []);
  const alone = people.length < 2;
  // Whoever is no longer in the plan has no day in it.
  const who = whose !== undefined && people.includes(whose) ? whose : undefined;
  const choose = (id: string) => {
    setChosen(id);
    const line = document.getElementById(`task ${id}`);
    line?.closest("details")?.setAttribute("open", "");
    line?.scrollIntoView({ block: "nearest" });
  };
  return (
    <div className="two programme" style={{ gridTemplateColumns: "minmax(0, 2.3fr) minmax(280px, 1fr)" }}>
      <div className="buyleft">
        <section className="sheet" aria-label="Programme">
          <header>
            <h2>Programme</h2>
            <span className="grow" />
            {isFetching && <Planning />}
            {data?.start && data.finish && !isFetching && (
              <strong>{`${shortDay(data.start.slice(0, 10))} to ${shortDay(data.finish.slice(0, 10))} ${clock(data.finish)}`}</strong>
            )}
          </header>
          <div className="body">
            {error && <p className="hold">{error.message}</p>}
            {data && <Summary data={data} />}
            {moved && <WhatMoved moved={moved} onRead={read} onChoose={choose} />}
            {data && data.tasks.length > 0 && (
              <Board tasks={data.tasks} titles={titles} chosen={chosen} onChoose={choose} />
            )}
            {data && data.tasks.length > 0 && (
              <p className="soft small legend">
                <span className="key doing" /> work <span className="key holds" /> work that holds the finish{" "}
                <span className="key drying" /> drying <span className="key off" /> weekend
              </p>
            )}
          </div>
        </section>
        {data && data.tasks.length > 0 && (
          <section className="sheet" aria-label="Day by day">
            <header>
              <h2>Day by day</h2>
              <span className="grow" />
              {!alone && (
                <fieldset className="whose" aria-label="Whose days">
                  {[undefined, ...people].map((p) => (
                    <button
                      key={p ?? ""}
                      type="button"
                      className="btn tight"
                      aria-pressed={p === who}
                      onClick={() => setWhose(p)}
                    >
                      {p ?? "everybody"}
                    </button>
                  ))}
                </fieldset>
              )}
            </header>
            <div className="body">
              {listOf(data.tasks, who).map(({ day, entries }, i) => (
                <details key={day} open={i === 0 || undefined} id={`day ${day}`}>
                  <summary className="dayname">
                    {longDay(day)}
                    <span className="soft">{` ${daySays(entries, titles)}`}</span>
                  </summary>
                  <ul className="daylist">
                    {entries.map((e) => (
                      <li key={`${e.task.id} ${e.start}`} id={`task ${e.task.id}`}>
                        <button
                          type="button"
                          className={e.task.id === chosen ? "chosen" : undefined}
                          aria-pressed={e.task.id === chosen}
                          onClick={() => setChosen(e.task.id === chosen ? undefined : e.task.id)}
                        >
                          <span className="hours">{`${clock(e.start)} to ${clock(e.end, day)}`}</span>
                          <span>
                            {e.task.title}
                            {e.crew.length > (who === undefined ? 0 : 1) && !alone && (
                              <span className="soft">{`, ${e.crew.join(" and ")}`}</span>
                            )}
                          </span>
                          <span className={e.task.floatHours <= 0 ? "slip holds" : "slip soft"}>
                            {e.task.floatHours > 0
                              ? `may slip ${slipText(e.task.floatHours)}`
                              : allHold
                                ? ""
                                : "holds the finish"}
                          </span>
                          {e.start === e.task.start && e.task.id === chosen && e.task.waitsFor && (
                            <span className="dry">{`waits for ${e.task.waitsFor}`}</span>
                          )}
                          {e.start === e.task.start &&
                            e.task.mind.map((m) => (
                              <span key={m} className="dry presumed">{`see to this first: ${m}`}</span>
                            ))}
                          {e.last && e.task.readyAt > e.end && (
                            <span className="soft dry">{`dry for the next ${clock(e.task.readyAt, day)}`}</span>
                          )}
                        </button>
                      </li>
                    ))}
                  </ul>
                </details>
              ))}
            </div>
          </section>
        )}
      </div>
      <div className="buyside">
        <TermsPanel />
        {data && <Help data={data} who={who} />}
        {data?.risks.some((r) => r.chance !== null) && (
          <section className="sheet" aria-label="Hangs on the weather">
            <header>
              <h2>Hangs on the weather</h2>
            </header>
            <div className="body">
              {data.risks
                .filter((r) => r.chance !== null)
                .map((r) => (
                  <article key={r.task} className="finding">
                    <strong>{data.tasks.find((t) => t.id === r.task)?.title}</strong>
                    <p className="small">{r.fallback}</p>
                  </article>
                ))}
            </div>
          </section>
        )}
        {data && data.unplanned.length > 0 && (
          <section className="sheet" aria-label="Not in it">
            <header>
              <h2>Not in it</h2>
            </header>
            <div className="body">
              {data.unplanned.map((u) => (
                <article key={`${u.task} ${u.reason}`} className="finding">
                  <strong>{u.task}</strong>
                  <p className="small">{u.reason}</p>
                  {u.frees.length > 0 && <p className="small soft">{`To free it: ${u.frees.join("; ")}.`}</p>}
                </article>
              ))}
            </div>
          </section>
        )}
      </div>
    </div>
  );
}

// Those that moved furthest; the list below has all.
const most = 3;

/** What the new plan does otherwise than the one seen before, and what each task waits for now. */
function WhatMoved({ moved, onRead, onChoose }: { moved: Moved; onRead: () => void; onChoose: (id: string) => void }) {
  const rest = moved.moves.length - most;
  return (
    <section className="moved" aria-label="What moved">
      <p className="row small">
        <strong>Moved</strong>
        <span className="grow">{movedSays(moved)}</span>
        <button type="button" className="btn tight" onClick={onRead}>
          Seen
        </button>
      </p>
      <ul className="list small">
        {moved.moves.slice(0, most).map(({ task, hours }) => (
          <li key={task.id}>
            <button type="button" className="plain" onClick={() => onChoose(task.id)}>
              {`${task.title}: ${moveText(hours)}`}
            </button>
            {task.waitsFor && <span className="soft">{` waits for ${task.waitsFor}`}</span>}
          </li>
        ))}
        {moved.added.slice(0, most).map((t) => (
          <li key={t.id}>{`new: ${t.title}`}</li>
        ))}
        {moved.gone.slice(0, most).map((t) => (
          <li key={t.id} className="soft">{`gone: ${t.title}`}</li>
        ))}
        {rest > 0 && <li className="soft">{`and ${rest} more that begin at another time`}</li>}
      </ul>
    </section>
  );
}

// How long it has been looked for: a plan takes seconds, and nothing waits for it meanwhile.
function Planning() {
  const [seconds, setSeconds] = useState(0);
  useEffect(() => {
    const timer = setInterval(() => setSeconds((s) => s + 1), 1000);
    return () => clearInterval(timer);
  }, []);
  return (
    <span className="soft" role="status">
      Planning{seconds > 1 ? `, ${seconds} s` : ""} …
    </span>
  );
}

function Summary({ data }: { data: Report }) {
  if (data.tasks.length === 0) {
    return data.outcome === "none" ? (
      <div className="hold">
        <strong>There is no plan. These stand against each other:</strong>
        <ul>
          {data.against.map((a) => (
            <li key={a}>{a}</li>
          ))}
        </ul>
      </div>
    ) : (
      <p className="soft">
        {data.outcome === "unknown"
          ? "No plan was found in the time given."
          : "There is nothing to plan: no surface has a way to do it yet."}
      </p>
    );
  }
  const proved =
    data.gap <= 0
      ? "No plan finishes earlier: proved."
      : `At most ${(data.gap * 100).toFixed(1)} % from the best there is.`;
  const hold = data.critical.length * 2 > data.tasks.length ? " Hands hold the finish, not drying." : "";
  const idle = data.idleHours >= 1 ? ` ${hoursText(data.idleHours)} with nothing to do while paint dries.` : "";
  return (
    <p className="small">
      {`${hoursText(data.labourHours)} of work on ${data.days} ${data.days === 1 ? "day" : "days"}.${idle}${hold} ${proved}`}
      {data.risks.length > 0 && ` ${riskSays(data)}`}
    </p>
  );
}

function Help({ data, who }: { data: Report; who: string | undefined }) {
  const { job } = usePlace();
  const [asked, setAsked] = useState(false);
  const help = useProgramme(job.id, true, asked);
  const found = help.data?.wouldHelp ?? [];
  return (
    <section className="sheet" aria-label="Sooner">
      <header>
        <h2>Sooner</h2>
      </header>
      <div className="body">
        {!asked && (
          <p>
            <button type="button" className="btn" disabled={data.tasks.length === 0} onClick={() => setAsked(true)}>
              What would bring it forward?
            </button>
          </p>
        )}
        {asked && help.isFetching && <Planning />}
        {asked && help.data && !help.isFetching && found.length === 0 && (
          <p className="soft small">
            Neither another painter nor longer hours would bring the finish forward: drying holds it.
          </p>
        )}
        {asked && !help.isFetching && found.length > 0 && (
          <ul className="list small">
            {found.map((w) => (
              <li key={w.change}>{`With ${w.change}: ${shortDay(w.finish.slice(0, 10))} ${clock(w.finish)}`}</li>
            ))}
          </ul>
        )}
        <p className="row">
          <a
            className="btn"
            href={`/api/jobs/${job.id}/programme.ics${who === undefined ? "" : `?person=${encodeURIComponent(who)}`}`}
            download
          >
            {who === undefined ? "Calendar" : `Calendar of ${who}`}
          </a>
          <a className="btn" href={`/api/jobs/${job.id}/programme.csv`} download>
            Table (CSV)
          </a>
        </p>
      </div>
    </section>
  );
}
