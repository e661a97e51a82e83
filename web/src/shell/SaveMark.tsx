import { useEffect, useState } from "react";
import type { Edit } from "../job/useEdit";
import type { Key } from "../sync/types";
import { ConflictPanel } from "./ConflictPanel";

const Shown = 8000;

type Props = { edit: Edit; titleOf: (key: Key) => string };

/** Says whether what was entered is kept, what waits and why, and what a person has to decide. */
export function SaveMark({ edit, titleOf }: Props) {
  const { all, session } = edit;
  const [open, setOpen] = useState<Key | null>(null);
  const [notice, setNotice] = useState("");
  useEffect(() => {
    session.onNotice = setNotice;
    return () => {
      session.onNotice = () => {};
    };
  }, [session]);
  useEffect(() => {
    if (notice === "") return;
    const timer = window.setTimeout(() => setNotice(""), Shown);
    return () => window.clearTimeout(timer);
  }, [notice]);
  const refusal = all.refused[0];
  const refused = refusal === undefined ? undefined : session.stateOf(refusal);
  const conflict = all.conflicts[0];
  return (
    <>
      <span className="row small savemark">
        <span role="status">
          {all.kind === "saved" && <span className="soft">kept</span>}
          {all.kind === "saving" && <span className="soft">saving …</span>}
          {all.kind === "down" && (
            <span className="verdict held">
              {all.waiting} {all.waiting === 1 ? "change" : "changes"} not sent yet
            </span>
          )}
          {all.kind === "stuck" && <span className="sr">Not saved yet</span>}
          {(notice !== "" || all.kind === "down") && (
            <span className="notice">
              {all.kind === "down" ? `Kept in this browser and sent as soon as it can be. ${all.message}` : notice}
            </span>
          )}
        </span>
        {conflict !== undefined && (
          <button type="button" className="btn tight" onClick={() => setOpen(conflict)}>
            Two versions{all.conflicts.length > 1 ? ` (${all.conflicts.length})` : ""}: choose
          </button>
        )}
        {refusal !== undefined && refused?.kind === "refused" && (
          <span className="toast" role="alert">
            {titleOf(refusal)} was not saved: {refused.message}{" "}
            <button type="button" className="btn tight" onClick={() => session.retry()}>
              Try again
            </button>{" "}
            <button type="button" className="btn tight" onClick={() => session.discard(refusal)}>
              Give my change up
            </button>
          </span>
        )}
        <button
          type="button"
          className="btn tight"
          onClick={edit.undo}
          disabled={!edit.canUndo}
          title={all.undo === null ? undefined : `Undo ${all.undo}`}
        >
          Undo
        </button>
        <button
          type="button"
          className="btn tight"
          onClick={edit.redo}
          disabled={!edit.canRedo}
          title={all.redo === null ? undefined : `Redo ${all.redo}`}
        >
          Redo
        </button>
      </span>
      {open !== null && (
        <ConflictPanel key={open} edit={edit} of={open} title={titleOf(open)} onClose={() => setOpen(null)} />
      )}
    </>
  );
}
