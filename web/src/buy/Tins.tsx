import { MOST_DRAWN, tins } from "./tins";

/** The packs to buy, drawn as full as they will have to be used. Said in words beside it. */
export function Tins({ buy, left }: { buy: readonly { size: number; count: number }[]; left: number }) {
  const all = tins(buy, left);
  if (all.length === 0 || all.length > MOST_DRAWN) return null;
  const height = 34;
  const width = all.reduce((w, t) => w + t.scale * 26 + 5, 2);
  let x = 1;
  return (
    <svg
      className="tins"
      viewBox={`0 0 ${width} ${height + 2}`}
      style={{ width }}
      preserveAspectRatio="xMinYMax meet"
      aria-hidden="true"
      focusable="false"
    >
      {all.map((tin, i) => {
        const w = tin.scale * 26;
        const h = tin.scale * height;
        const at = x;
        x += w + 5;
        const key = `${i}-${tin.size}`;
        return (
          <g key={key} transform={`translate(${at} ${height + 1 - h})`}>
            <rect className="paint" x="0" y={h * (1 - tin.full)} width={w} height={h * tin.full} />
            <rect className="can" x="0" y="0" width={w} height={h} />
            <line className="can" x1="0" x2={w} y1={h * 0.1} y2={h * 0.1} />
          </g>
        );
      })}
    </svg>
  );
}
