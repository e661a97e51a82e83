import { useState } from "react";
import { api, ask, type Schemas } from "../api/client";
import { Choose } from "../shell/Choose";

type Sequence = NonNullable<Schemas["Surface"]["sequence"]>;
type Said = NonNullable<Schemas["Surface"]["said"]>;
type Line = Schemas["ReadLine"];

const hours = (h: number) => (h < 1 ? `${Math.round(h * 60)} min` : `${Math.round(h * 10) / 10} h`);

/** Somebody's own lines, read as operations: what was understood is shown and confirmed before it is taken. */
// A line that is taken for no step.
const leftOut = "-";

export function PasteLines({
  onTake,
  titles,
  element,
}: {
  onTake: (steps: Sequence, said: Said) => void;
  titles: Map<string, string>;
  element: Schemas["Element"];
}) {
  const [text, setText] = useState("");
  const [lines, setLines] = useState<Line[] | null>(null);
  const [problem, setProblem] = useState("");
  const read = async () => {
    try {
      setLines(
        await ask(
          api.POST("/api/read-lines", {
            params: { query: { element } },
            body: text as never,
            bodySerializer: (body: unknown) => body as string,
            headers: { "content-type": "text/plain" },
          }),
        ),
      );
      setProblem("");
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
  };
  const set = (i: number, operation: string) =>
    setLines(
      (lines ?? []).map((l, n) =>
        n === i
          ? {
              ...l,
              step:
                operation === ""
                  ? null
                  : {
                      or: [],
                      manners: [],
                      part: false,
                      ...(l.step ?? {}),
                      operation,
                      product: operation === l.step?.operation ? l.step?.product : null,
                    },
              title: titles.get(operation) ?? null,
            }
          : l,
      ),
    );
  // A step keeps the words it came from; what is said beside the steps keeps its place among them.
  const understood = (lines ?? []).flatMap((l) => (l.step ? [{ ...l.step, line: null }] : []));
  const beside = (lines ?? []).flatMap((l, i, all) =>
    l.said ? [{ ...l.said, line: all.slice(0, i).filter((b) => b.step).length }] : [],
  );
  return (
    <div className="paste">
      {lines === null ? (
        <>
          <textarea
            className="pick"
            aria-label="Paste or type lines, one for each step"
            rows={5}
            placeholder={
              "Paste or type one line for each step:\nWash down with sugar soap\nScrape loose paint, fill, sand\nUndercoat, leave 16 h\nGloss"
            }
            value={text}
            onChange={(e) => setText(e.target.value)}
          />
          <button type="button" className="btn" disabled={text.trim() === ""} onClick={() => void read()}>
            Read these lines
          </button>
          {problem && (
            <p className="hold" role="alert">
              {problem}
            </p>
          )}
        </>
      ) : (
        <>
          <ol className="readlines" aria-label="What was understood">
            {lines.map((l, i) => {
              const id = `${i}-${l.line}`;
              const likely = [...new Set([l.step?.operation, ...l.others].filter((x): x is string => Boolean(x)))];
              const others = [...titles]
                .filter(([id]) => !likely.includes(id))
                .sort((a, b) => a[1].localeCompare(b[1]));
              return (
                <li key={id} className={l.step ? undefined : "notread"}>
                  <span className="soft small">{l.line}</span>
                  <Choose
                    label={`Line ${i + 1} means`}
                    value={l.step?.operation ?? leftOut}
                    choices={[
                      { value: leftOut, title: "left out", group: "It may mean" },
                      ...likely.map((c) => ({ value: c, title: titles.get(c) ?? c, group: "It may mean" })),
                      ...others.map(([other, title]) => ({ value: other, title, group: "Any other" })),
                    ]}
                    onChoose={(to) => set(i, to === leftOut ? "" : to)}
                  />
                  <span className="small soft">
                    {[
                      l.step && l.sure < 0.6 ? "not sure: some of its words are not known" : undefined,
                      l.productTitle,
                      l.step?.waitHours != null ? `${hours(l.step.waitHours)} after the step before` : undefined,
                      ...l.notSpecified,
                    ]
                      .filter(Boolean)
                      .join(" · ")}
                  </span>
                </li>
              );
            })}
          </ol>
          <div className="row">
            <button
              type="button"
              className="btn main"
              disabled={understood.length === 0}
              onClick={() => {
                onTake(understood, beside);
                setLines(null);
                setText("");
              }}
            >
              Take these {understood.length} steps
            </button>
            <button type="button" className="btn" onClick={() => setLines(null)}>
              Back to the lines
            </button>
          </div>
        </>
      )}
    </div>
  );
}
