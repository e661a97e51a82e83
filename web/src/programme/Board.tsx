import type { Schemas } from "../api/client";
import { daysOf, isWeekend, type Row, rowsOf, shortDay } from "./board";

type Task = Schemas["ProgrammeTaskReport"];

const dayWidth = 84;
const lineHeight = 20;

/** Days across, air spaces down: a bar is work, its hatched tail is drying. The same stands in words in the list. */
export function Board({
  tasks,
  titles,
  chosen,
  onChoose,
}: {
  tasks: readonly Task[];
  titles: ReadonlyMap<string, string>;
  chosen: string | undefined;
  onChoose: (id: string) => void;
}) {
  const days = daysOf(tasks);
  const rows = rowsOf(tasks, titles);
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: a board wider than its sheet is scrolled with the keys
    <section className="board" tabIndex={0} aria-label="Board of days and rooms; the list below says the same">
      <div className="boardhead" style={{ gridTemplateColumns: `var(--lane) repeat(${days.length}, ${dayWidth}px)` }}>
        <span />
        {days.map((d) => (
          <span key={d} className={isWeekend(d) ? "off" : undefined}>
            {shortDay(d)}
          </span>
        ))}
      </div>
      <svg width="0" height="0" aria-hidden="true" focusable="false" className="hatches">
        <defs>
          <pattern id="drying" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(25)">
            <line x1="0" y1="0" x2="0" y2="5" className="hatch" />
          </pattern>
        </defs>
      </svg>
      {rows.map((row) => (
        <Lane key={row.space} row={row} days={days} chosen={chosen} onChoose={onChoose} />
      ))}
    </section>
  );
}

function Lane({
  row,
  days,
  chosen,
  onChoose,
}: {
  row: Row;
  days: string[];
  chosen: string | undefined;
  onChoose: (id: string) => void;
}) {
  const height = row.lines * lineHeight + 8;
  return (
    <div className="lane">
      <span className="lanename">{row.title}</span>
      <svg width={days.length * dayWidth} height={height} role="presentation" focusable="false">
        {days.map((d, i) => (
          <rect
            key={d}
            className={isWeekend(d) ? "dayoff" : "day"}
            x={i * dayWidth}
            y={0}
            width={dayWidth}
            height={height}
          />
        ))}
        {row.bars.map((b) => {
          const y = 4 + b.line * lineHeight;
          const critical = b.task.floatHours <= 0;
          return (
            // biome-ignore lint/a11y/noStaticElementInteractions: the list below has the same as buttons
            <g
              key={`${b.task.id} ${b.x}`}
              className={`stint${critical ? " holds" : ""}${b.task.id === chosen ? " chosen" : ""}${b.task.crew.length === 0 ? " nobody" : ""}`}
              onClick={() => onChoose(b.task.id)}
            >
              <title>{b.task.waitsFor ? `${b.task.title}. Waits for ${b.task.waitsFor}` : b.task.title}</title>
              {b.dries > 0 && (
                <rect
                  className="drying"
                  x={b.x * dayWidth}
                  y={y + 4}
                  width={b.dries * dayWidth}
                  height={lineHeight - 12}
                />
              )}
              <rect
                className="doing"
                x={b.x * dayWidth}
                y={y}
                width={b.width * dayWidth}
                height={lineHeight - 4}
                rx={1.5}
              />
            </g>
          );
        })}
      </svg>
    </div>
  );
}
