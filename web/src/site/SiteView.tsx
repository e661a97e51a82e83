import { useQueryClient } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { localNow } from "../conditions/conditions";
import { useSite } from "../job/data";
import { takeAlong } from "../offline/along";
import { clock } from "../programme/board";
import { usePlace } from "../shell/Place";
import { CallSwitch, Dried } from "./Dried";
import { LogLines } from "./LogLines";
import { StepSheet } from "./StepSheet";
import { closeDown, inOrder, type Stand, standOf, standText } from "./site";
import { beyond, useLog, writer } from "./useLog";

/** Today's sheet: what comes now on each surface, with the caution first and one thumb's buttons; the log is written from it. */
export function SiteView() {
  const { job, view, space, go } = usePlace();
  const { data, error } = useSite(job.id);
  const { waiting, mine, write } = useLog();
  const now = useNow();
  const [by, setBy] = useState(writer.get);
  useTakenAlong();
  const fresh = beyond(waiting, mine, new Set(data?.log.map((l) => l.entry.id)));
  const stands = inOrder(
    (data?.surfaces ?? []).map((s) => standOf(s, fresh)),
    now,
  );
  const here = stands.find((s) => s.site.id === view?.surface.id) ?? stands[0];
  const today = now.slice(0, 10);
  const shut = closeDown(stands, today, (surface, n) => {
    const of = data?.surfaces.find((s) => s.id === surface);
    return of?.remaining.find((s) => s.n === n) ?? of?.doneSteps.find((s) => s.n === n);
  });
  // What may be done while this one dries.
  const meanwhile = stands
    .filter((s) => s !== here && s.step && s.needs.length === 0 && !(s.from && s.from > now))
    .slice(0, 3);
  return (
    <div className="two site" style={{ gridTemplateColumns: "minmax(0, 1.5fr) minmax(280px, 1fr)" }}>
      <div className="buyleft">
        {error && !data && <p className="hold">{error.message}</p>}
        <Dried stands={stands} now={now} />
        {here && <StepSheet key={`${here.site.id} ${here.step?.n}`} stand={here} now={now} write={write} />}
        {here?.from && here.from > now && meanwhile.length > 0 && (
          <section className="sheet" aria-label="While it dries">
            <header>
              <h2>While it dries</h2>
            </header>
            <ul className="standlist">
              {meanwhile.map((s) => (
                <StandRow key={s.site.id} stand={s} now={now} onGo={() => go({ surface: s.site.id })} />
              ))}
            </ul>
          </section>
        )}
        {shut.length > 0 && (
          <section className="sheet" aria-label="Before you go home">
            <header>
              <h2>Before you go home</h2>
            </header>
            <ul className="body ticks">
              {shut.map((line) => (
                <li key={line}>{line}</li>
              ))}
              <li>Lids on and brims wiped; keys and alarm.</li>
            </ul>
          </section>
        )}
      </div>
      <div className="buyside">
        <section className="sheet" aria-label="Every surface on site">
          <header>
            <h2>{space ? "Every surface" : "Surfaces"}</h2>
            <span className="grow" />
            <label className="soft small" htmlFor="site-by">
              who writes
            </label>
            <input
              id="site-by"
              className="pick"
              value={by}
              maxLength={60}
              onChange={(e) => {
                setBy(e.target.value);
                writer.set(e.target.value.trim());
              }}
            />
          </header>
          {waiting.length > 0 && (
            <p className="body small" role="status">
              {`${waiting.length} ${waiting.length === 1 ? "line waits" : "lines wait"} on this device to go up.`}
            </p>
          )}
          <ul className="standlist">
            {stands.map((s) => (
              <StandRow
                key={s.site.id}
                stand={s}
                now={now}
                chosen={s === here}
                onGo={() => go({ surface: s.site.id })}
              />
            ))}
          </ul>
          <div className="body">
            <CallSwitch />
          </div>
        </section>
        <LogLines log={data?.log ?? []} waiting={waiting} write={write} />
      </div>
    </div>
  );
}

function StandRow({
  stand,
  now,
  chosen = false,
  onGo,
}: {
  stand: Stand;
  now: string;
  chosen?: boolean;
  onGo: () => void;
}) {
  const wrong = stand.site.faults.length;
  return (
    <li>
      <button type="button" aria-pressed={chosen} className={chosen ? "chosen" : undefined} onClick={onGo}>
        <span>
          {stand.site.title}
          {stand.step && <span className="soft small">{`, ${stand.step.title}`}</span>}
        </span>
        <span className="small">
          {wrong > 0 && <strong className="wrong">{`${wrong} wrong `}</strong>}
          {standText(stand, now)}
        </span>
      </button>
    </li>
  );
}

// What the sheets of the job show is brought onto the device, once for each time that it is opened here.
function useTakenAlong() {
  const { job } = usePlace();
  const client = useQueryClient();
  const known = useRef(job);
  known.current = job;
  const id = job.id;
  useEffect(() => {
    if (known.current.id !== id) return;
    let gone = false;
    const timer = setTimeout(() => void takeAlong(client, known.current, () => gone), 3000);
    return () => {
      gone = true;
      clearTimeout(timer);
    };
  }, [client, id]);
}

// The minute, as clocks show it.
function useNow(): string {
  const [now, setNow] = useState(() => localNow(new Date()));
  useEffect(() => {
    const timer = setInterval(() => setNow(localNow(new Date())), 15_000);
    return () => clearInterval(timer);
  }, []);
  return now;
}

export const timeOf = (time: string, now: string) => clock(time, now.slice(0, 10));
