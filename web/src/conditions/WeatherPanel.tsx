import { useQueryClient } from "@tanstack/react-query";
import { useRef, useState } from "react";
import type { Schemas } from "../api/client";
import { askWeather, takeInTable } from "../job/send";
import { jobRecord } from "../job/useEdit";
import { clock, shortDay } from "../programme/board";
import { DraftBox } from "../shell/DraftBox";
import { usePlace } from "../shell/Place";
import { ageOf, localNow } from "./conditions";

/** Where the building stands, what is foretold and how old that is. No forecast is trusted: what cannot be had leaves the last one. */
export function WeatherPanel({ known }: { known: Schemas["WeatherKnown"] | null | undefined }) {
  const { job, edit } = usePlace();
  const client = useQueryClient();
  const input = useRef<HTMLInputElement>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [asking, setAsking] = useState(false);
  const record = jobRecord(edit.session, job);
  const weather = record.weather;
  const place = (what: string, change: Partial<Schemas["SiteWeather"]>) =>
    edit.session.edit(what, [
      {
        key: `job:${job.id}`,
        before: record,
        after: { ...record, weather: { hourly: [], members: [], ...weather, ...change } },
      },
    ]);
  const trying = async (what: () => Promise<void>) => {
    setProblem(null);
    setAsking(true);
    try {
      await what();
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
    setAsking(false);
  };
  const age = known ? ageOf(known.asOf, localNow(new Date())) : undefined;
  return (
    <section className="sheet" aria-label="Weather">
      <header>
        <h2>Weather</h2>
      </header>
      <div className="body">
        {known && age ? (
          <p className={age.old ? "hold" : "small"}>
            {`The forecast is ${age.text}; known until ${shortDay(known.until.slice(0, 10))} ${clock(known.until)}${known.ways > 0 ? `, in ${known.ways + 1} ways in which it may come` : ""}.`}
          </p>
        ) : (
          <p className="small">No forecast is taken in: outside nothing is said of hours to come.</p>
        )}
        <div className="row">
          <button
            type="button"
            className="btn"
            disabled={asking}
            onClick={() => void trying(() => askWeather(client, job.id))}
          >
            {asking ? "Asking …" : "Take in the forecast"}
          </button>
          <button type="button" className="btn" onClick={() => input.current?.click()}>
            From a table
          </button>
          {known && (
            <a className="btn" href={`/api/jobs/${job.id}/weather.csv`} download>
              Table (CSV)
            </a>
          )}
        </div>
        <div className="rates terms">
          <span>
            <label className="soft small" htmlFor="weather-latitude">
              latitude, north +
            </label>
            <DraftBox
              id="weather-latitude"
              label="latitude, north +"
              least={-90}
              most={90}
              step={0.1}
              value={weather?.latitude ?? null}
              onSet={(latitude) => place("Where the building stands", { latitude: latitude ?? null })}
            />
          </span>
          <span>
            <label className="soft small" htmlFor="weather-longitude">
              longitude, east +
            </label>
            <DraftBox
              id="weather-longitude"
              label="longitude, east +"
              least={-180}
              most={180}
              step={0.1}
              value={weather?.longitude ?? null}
              onSet={(longitude) => place("Where the building stands", { longitude: longitude ?? null })}
            />
          </span>
        </div>
        <p className="soft small">
          Columns: time, airC, rh, rainMm, windMs, cloud, sunWm2. Readings on the face go before all of it.
        </p>
        {problem && (
          <p className="refused" role="alert">
            Nothing was taken in. {problem}
          </p>
        )}
        <input
          ref={input}
          type="file"
          accept=".csv,text/csv"
          hidden
          aria-label="Weather table"
          onChange={(e) => {
            const file = e.target.files?.[0];
            e.target.value = "";
            if (file) void trying(async () => takeInTable(client, job.id, file.name, await file.text(), "weather"));
          }}
        />
      </div>
    </section>
  );
}
