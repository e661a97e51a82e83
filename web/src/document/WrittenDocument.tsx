import { useQuery } from "@tanstack/react-query";
import { api, ask, type Schemas } from "../api/client";
import { usePlace } from "../shell/Place";
import { Sheet } from "./Sheet";

/** A document as written by the server, a sheet for each page; every sheet stands on its own. */
export function WrittenDocument({ kind, date }: { kind: string; date: string }) {
  const { job } = usePlace();
  const found = useQuery({
    queryKey: ["job", job.id, "document", kind, date],
    queryFn: () =>
      ask(api.GET("/api/jobs/{job}/documents/{kind}", { params: { path: { job: job.id, kind }, query: { date } } })),
  });
  if (!found.data) return <p style={{ padding: 16 }}>{found.isError ? "It could not be written." : "Writing …"}</p>;
  const document = found.data;
  return (
    <>
      {document.pages.map((page, n) => (
        <Sheet
          id={page.surface ? sheetId(page.surface) : undefined}
          from={n === 0 ? document.from : undefined}
          key={`${page.place}${page.surface ?? ""}`}
          kind={kind}
          title={page.surface ?? document.title}
          under={[page.surface ? document.title : "", document.job, page.place].filter((x) => x !== "").join(" · ")}
          date={document.date}
          mark={kind === "quotation" ? "" : `revision ${document.revision}`}
        >
          {kind === "as-built" && n === 0 && <RecordCode job={job.id} />}
          {parts(page.blocks).map((part, n) => {
            const first = `${n}${part[0]?.names.join()}${part[0]?.text}`;
            return (
              <div className="part" key={first}>
                {part.map((block, i) => {
                  const key = `${i}${block.kind}`;
                  return <BlockView key={key} block={block} />;
                })}
              </div>
            );
          })}
        </Sheet>
      ))}
    </>
  );
}

/** Leads from the printed sheet to the record in this installation. */
function RecordCode({ job }: { job: string }) {
  const here = window.location.origin;
  return (
    <figure className="recordcode">
      <img src={`${here}/api/jobs/${job}/record.svg`} alt="QR code of the record of this job" width={92} height={92} />
      <figcaption className="small soft">The record of this job: {`${here}/${job}/document?paper=as-built`}</figcaption>
    </figure>
  );
}

const sheetId = (title: string) => `sheet-${title.toLowerCase().replace(/[^a-z0-9]+/g, "-")}`;

/** Each heading with what follows it, so that paper keeps them together. */
function parts(blocks: Schemas["Block"][]) {
  const all: Schemas["Block"][][] = [];
  for (const block of blocks) {
    const last = all.at(-1);
    if (!last || block.kind === "heading" || block.kind === "part") all.push([block]);
    else last.push(block);
  }
  return all;
}

/** A number, perhaps with its unit: kept on one line. */
const isNumber = (cell: string) => /^-?[£$€]?[\d.,]+( ([A-Z]{3}|h|min|days?|years?))?$/.test(cell);

function BlockView({ block }: { block: Schemas["Block"] }) {
  switch (block.kind) {
    case "heading":
      return <h2>{block.names.length > 0 ? `${block.text} (${block.names.join("; ")})` : block.text}</h2>;
    case "part":
      return <h2>{[...block.names, block.text].filter((t) => t !== "").join(": ")}</h2>;
    case "caution":
      return <p className={block.text.startsWith("Hold point.") ? "caution hold" : "caution"}>{block.text}</p>;
    case "list":
      return (
        <ul>
          {block.items.map((item) => (
            <li key={item}>{item}</li>
          ))}
        </ul>
      );
    case "checks":
      return (
        <ul className="ticks">
          {block.items.map((item) => (
            <li key={item}>{item}</li>
          ))}
        </ul>
      );
    case "contents":
      return (
        <nav aria-label="In this paper">
          <h2>In this paper</h2>
          <ul>
            {block.names.map((name) => (
              <li key={name}>
                <a href={`#${sheetId(name)}`}>{name}</a>
              </li>
            ))}
          </ul>
        </nav>
      );
    case "table":
      return (
        <table
          className={`take ${block.head[0] === "step" ? "steps" : block.head.includes("signature") ? "signed" : ""}`}
        >
          <thead>
            <tr>
              {block.head.map((cell) => (
                <th key={cell} scope="col">
                  {cell}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {block.rows.map((row, n) => (
              <tr key={`${block.names[n] ?? ""}|${row.join("|")}`}>
                {[...block.names.slice(n, n + 1), ...row].map((cell, i) => {
                  const key = `${i}${cell}`;
                  return i === 0 ? (
                    <th key={key} scope="row">
                      {cell}
                    </th>
                  ) : (
                    <td key={key} className={isNumber(cell) ? "short" : undefined}>
                      {cell}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      );
    default:
      return <p>{block.text}</p>;
  }
}
