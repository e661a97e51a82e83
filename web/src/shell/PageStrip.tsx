import type { ReactNode } from "react";
import { Link } from "react-router";

const pages = [
  { to: "/", words: "Jobs" },
  { to: "/walls", words: "Walls" },
  { to: "/reckoner", words: "Reckoner" },
] as const;

/** The strip of a page outside any job: where else one may go, and what belongs to the page itself. */
export function PageStrip({ here, children }: { here: (typeof pages)[number]["to"]; children?: ReactNode }) {
  return (
    <header className="strip">
      {here === "/" ? (
        <span className="mark">All Sound</span>
      ) : (
        <Link className="mark" to="/">
          All Sound
        </Link>
      )}
      <span className="fill" />
      {pages
        .filter((p) => p.to !== here)
        .map((p) => (
          <Link key={p.to} className="stripword" to={p.to}>
            {p.words}
          </Link>
        ))}
      {children}
    </header>
  );
}
