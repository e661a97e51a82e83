import type { SurfaceView } from "../api/client";
import { useImpasse } from "../job/data";

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
    </>
  );
}
