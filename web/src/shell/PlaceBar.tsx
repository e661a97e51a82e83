import { verdictWords } from "../drawing/UnfoldedRoom";
import { usePlace } from "./Place";

/** Which surface one is at, how it stands, how many the room has, and its neighbours. */
export function PlaceBar() {
  const { space, view, turn } = usePlace();
  if (!space || space.surfaces.length === 0) return null;
  // Its room is kept while the surface is read, so that nothing below it moves.
  if (!view) return <div className="placebar" aria-hidden />;
  const order = space.surfaces;
  const here = order.findIndex((s) => s.id === view.surface.id);
  const verdict = order[here]?.verdict;
  const neighbour = (step: 1 | -1, word: string) => {
    const title = order[here + step]?.title;
    return title ? (
      <button type="button" className="btn tight" aria-label={`${word}: ${title}`} onClick={() => turn(step)}>
        {step < 0 ? (
          <>
            ‹ <span className="title">{title}</span>
          </>
        ) : (
          <>
            <span className="title">{title}</span> ›
          </>
        )}
      </button>
    ) : null;
  };
  return (
    <div className="placebar">
      <h2>{view.surface.title}</h2>
      {verdict && <span className={`verdict ${verdict}`}>{verdictWords[verdict]}</span>}
      <span className="soft small">{`${here + 1} of ${order.length}, ${space.space.title}`}</span>
      <span className="grow" />
      {neighbour(-1, "Surface before")}
      {neighbour(1, "Next surface")}
    </div>
  );
}
