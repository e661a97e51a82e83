import type { SurfaceView } from "../api/client";
import { useImpasse } from "../job/data";

/** What stands in the way where the brief leaves none, and what would open one. */
export function Impasse({ view }: { view: SurfaceView }) {
  const { data } = useImpasse(view);
  if (!data)
    return (
      <p>
        <strong>No way within the brief.</strong> Looking for what stands in it …
      </p>
    );
  return (
    <>
      <p>
        <strong>No way within the brief: {data.need}.</strong>
      </p>
      <p>What would open one:</p>
      <ul>
        {data.frees.map((what) => (
          <li key={what}>{what}</li>
        ))}
      </ul>
    </>
  );
}
