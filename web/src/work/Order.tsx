import type { Schemas } from "../api/client";

const W = 250;
const H = 170;

const R = 8;

type Placed = Schemas["ElementOrder"]["parts"][number] & { cx: number; cy: number };

/** Where each number stands: in the middle of its part, or off it where another number already stands there. */
function placed(parts: Schemas["ElementOrder"]["parts"]): Placed[] {
  const taken: Placed[] = [];
  for (const p of parts) {
    const at = (x: number, y: number) => ({
      ...p,
      cx: 4 + (p.x + p.w * x) * (W - 8),
      cy: 4 + (p.y + p.h * y) * (H - 8),
    });
    const free = (t: Placed) => taken.every((o) => Math.hypot(o.cx - t.cx, o.cy - t.cy) > 2 * R + 1);
    const others = [0.08, 0.92, 0.3, 0.7, 0.5].flatMap((x) => [0.5, 0.2, 0.8].map((y) => at(x, y)));
    taken.push([at(0.5, 0.5), ...others].find(free) ?? at(0.5, 0.5));
  }
  return taken;
}

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
        {placed(order.parts).map((p, i) => (
          <g key={p.name}>
            <circle cx={p.cx} cy={p.cy} r={R} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={1} />
            <text x={p.cx} y={p.cy + 3.6} textAnchor="middle" fontSize={10.5} fontWeight={600}>
              {i + 1}
            </text>
          </g>
        ))}
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
