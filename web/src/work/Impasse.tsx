import type { SurfaceView } from "../api/client";
import { useImpasse } from "../job/data";
import { money } from "../shell/money";
import { daysText } from "../shell/words";
import { OtherTrades } from "./OtherTrades";

/** Why nothing meets the brief, and what would help. */
export function Impasse({ view }: { view: SurfaceView }) {
  const { data } = useImpasse(view);
  if (!data)
    return (
      <p>
        <strong>Nothing meets this brief.</strong> Looking for the reason …
      </p>
    );
  return (
    <>
      <p>
        <strong>Nothing meets this brief: {data.need}.</strong>
      </p>
      <p>What would help:</p>
      <ul>
        {data.frees.map((what) => (
          <li key={what}>{what}</li>
        ))}
      </ul>
      <OtherTrades others={data.others} />
      {data.nearest && (
        <>
          <p>
            <strong>The nearest: {data.nearest.dropped.join(", and ")}.</strong>
          </p>
          {data.nearest.options.map((o) => (
            <p key={o.id}>
              {o.name}: {money(o.cost)}, {daysText(o.elapsedDays)}, ≈ {o.lifeYears} years.
            </p>
          ))}
        </>
      )}
    </>
  );
}
