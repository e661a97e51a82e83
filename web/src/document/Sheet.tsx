import type { ReactNode } from "react";

/** A sheet of a document. On paper its head stands on every page it runs over to, so that each page stands on its own. */
export function Sheet(props: {
  title: string;
  under: string;
  date: string;
  mark: string;
  kind?: string;
  /** Who sends it, a line each: on the first sheet only. */
  from?: string[];
  id?: string;
  children: ReactNode;
}) {
  return (
    <article className={props.kind ? `paper ${props.kind}` : "paper"} id={props.id}>
      <div className="running">
        {props.from && props.from.length > 0 && (
          <address className="letterhead">
            {props.from.map((line, n) => (
              <span key={line}>{n === 0 ? <b>{line}</b> : line}</span>
            ))}
          </address>
        )}
        <div className="titleblock">
          <h1>{props.title}</h1>
          <span>{props.date}</span>
          <strong>{props.under}</strong>
          <span className="soft">{props.mark}</span>
        </div>
      </div>
      <div className="matter">{props.children}</div>
    </article>
  );
}
