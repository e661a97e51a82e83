import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { Input } from "antd";
import { useDeferredValue, useState } from "react";
import { Link } from "react-router";
import { api, ask } from "../api/client";
import { localNow } from "../conditions/conditions";
import { PageStrip } from "../shell/PageStrip";
import { dayText } from "../shell/words";
import { coatsText, curve, type Lasting, type Look, lastsText, openLooks, type Wall } from "./walls";

/** What is on the walls of all jobs, what is to be looked at again, and what lasts. */
export function WallsPage() {
  const [asked, setAsked] = useState("");
  const words = useDeferredValue(asked.trim());
  const walls = useQuery({
    queryKey: ["walls", words],
    queryFn: () => ask(api.GET("/api/walls", { params: { query: { asked: words } } })),
    placeholderData: keepPreviousData,
  });
  const kept = useQuery({ queryKey: ["kept"], queryFn: () => ask(api.GET("/api/kept")) });
  const today = localNow(new Date()).slice(0, 10);
  const looks = openLooks(kept.data?.looks ?? [], today);
  return (
    <div className="frame">
      <PageStrip here="/walls" />
      <main className="jobs onwalls">
        <h1>What is on this wall?</h1>
        <Input
          type="search"
          size="large"
          allowClear
          maxLength={200}
          aria-label="Search all walls"
          placeholder="room, place, colour, product, batch, year"
          value={asked}
          onChange={(e) => setAsked(e.target.value)}
        />
        {(walls.error ?? kept.error) && <p className="hold">{(walls.error ?? kept.error)?.message}</p>}
        {walls.data?.length === 0 && (
          <p className="soft">
            {words
              ? "Nothing on record has all of these words."
              : "Nothing is written in a log yet. Coats written down on site are found here, in every job."}
          </p>
        )}
        <ul className="list" aria-label="Walls found">
          {walls.data?.map((w) => (
            <WallRow key={`${w.job} ${w.surface}`} wall={w} />
          ))}
        </ul>
        {(looks.due.length > 0 || looks.coming.length > 0) && (
          <section aria-label="Look again">
            <div className="row head">
              <h2>Look again</h2>
              <span className="grow" />
              <a className="btn tight" href="/api/looks.ics" download>
                Into a calendar
              </a>
            </div>
            <ul className="list">
              {looks.due.map((l) => (
                <LookRow key={`${l.job} ${l.surface} ${l.on}`} look={l} due />
              ))}
              {looks.coming.map((l) => (
                <LookRow key={`${l.job} ${l.surface} ${l.on}`} look={l} />
              ))}
            </ul>
          </section>
        )}
        {(kept.data?.lasting.length ?? 0) > 0 && (
          <section aria-label="What lasts">
            <h2>What lasts</h2>
            <p className="soft small">
              From looks at finished surfaces. Those still sound count as long as they were seen. It changes nothing in
              what is specified.
            </p>
            <ul className="list">
              {kept.data?.lasting.map((l) => (
                <LastingRow key={`${l.finish} ${l.ground} ${l.outside}`} lasting={l} />
              ))}
            </ul>
          </section>
        )}
      </main>
    </div>
  );
}

function WallRow({ wall }: { wall: Wall }) {
  const coats = coatsText(wall.coats);
  return (
    <li className="record wallrow">
      <span>
        <Link to={`/${wall.job}/document/${wall.space}/${wall.surface}?paper=as-built`}>{wall.title}</Link>
        <span className="soft small">{`${wall.spaceTitle}, ${wall.jobTitle}`}</span>
      </span>
      <span>
        {coats.map((c) => (
          <span key={`${c.on} ${c.text}`}>
            <span className="soft">{dayText(c.on)}</span> {c.text}
          </span>
        ))}
        {wall.below.length > 0 && (
          <span className="soft small">{`${coats.length > 0 ? "Below" : "As surveyed"}: ${wall.below.join("; ")}.`}</span>
        )}
        {coats.length === 0 && wall.below.length === 0 && (
          <span className="soft small">Nobody has recorded what is on it.</span>
        )}
      </span>
    </li>
  );
}

function LookRow({ look, due = false }: { look: Look; due?: boolean }) {
  return (
    <li className="record wallrow">
      <span>
        <Link to={`/${look.job}/site/${look.space}/${look.surface}`}>{look.title}</Link>
        <span className="soft small">{`${look.spaceTitle}, ${look.jobTitle}`}</span>
      </span>
      <span>
        <span className={due ? "wrong" : undefined}>{`${due ? "Due since" : "On"} ${dayText(look.on)}`}</span>
        <span className="small">{look.for}</span>
      </span>
    </li>
  );
}

function LastingRow({ lasting }: { lasting: Lasting }) {
  return (
    <li className="record wallrow">
      <span>
        {lasting.finishTitle}
        <span className="soft small">{`on ${lasting.groundTitle}, ${lasting.outside ? "outside" : "inside"}`}</span>
      </span>
      <span>
        <span>{lastsText(lasting)}</span>
        {lasting.curve.steps.length > 0 && (
          <>
            <Curve lasting={lasting} />
            <span className="soft small">{`Share still sound, from the day of finishing to ${lasting.curve.longest.toFixed(1)} years.`}</span>
          </>
        )}
      </span>
    </li>
  );
}

// The share still sound, in steps, with its band; the same in words for who cannot see it.
function Curve({ lasting }: { lasting: Lasting }) {
  const drawn = curve(lasting.curve, 260, 64);
  return (
    <svg className="curve" viewBox="0 0 260 64" role="img" aria-label={drawn.words}>
      <path className="band" d={drawn.band} />
      <path className="share" d={drawn.share} />
    </svg>
  );
}
