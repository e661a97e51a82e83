import type { Schemas } from "../api/client";

const W = 250;
const H = 170;

/** The order of painting within the element, as a numbered drawing. */
export function Order({ order }: { order: Schemas["ElementOrder"] }) {
  return (
    <>
      <h3 style={{ marginTop: 10 }}>Order: {order.title}</h3>
      <svg
        className="drawing order"
        viewBox={`0 0 ${W} ${H}`}
        role="img"
        aria-label={`${order.title}: ${order.parts.map((p, i) => `${i + 1} ${p.name}`).join(", ")}`}
      >
        <rect x={4} y={4} width={W - 8} height={H - 8} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={1} />
        {order.parts.map((p) => (
          <rect
            key={p.name}
            x={4 + p.x * (W - 8)}
            y={4 + p.y * (H - 8)}
            width={p.w * (W - 8)}
            height={p.h * (H - 8)}
            fill="var(--new)"
            fillOpacity={0.35}
            stroke="var(--ink)"
            strokeWidth={0.8}
          />
        ))}
        {order.parts.map((p, i) => {
          const cx = 4 + (p.x + p.w / 2) * (W - 8);
          const cy = 4 + (p.y + p.h / 2) * (H - 8);
          return (
            <g key={p.name}>
              <circle cx={cx} cy={cy} r={8} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={1} />
              <text x={cx} y={cy + 3.6} textAnchor="middle" fontSize={10.5} fontWeight={600}>
                {i + 1}
              </text>
            </g>
          );
        })}
      </svg>
      <ol className="small parts">
        {order.parts.map((p) => (
          <li key={p.name}>{p.name}</li>
        ))}
      </ol>
      {order.say.map((s) => (
        <p key={s} className="small soft">
          {s}
        </p>
      ))}
    </>
  );
}
