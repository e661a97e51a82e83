import type { Edit } from "../job/useEdit";

/** Says whether what is on the screen is kept. */
export function SaveMark({ edit }: { edit: Edit }) {
  const { state } = edit;
  return (
    <span className="row small" role="status">
      {state.kind === "saving" && <span className="soft">saving …</span>}
      {state.kind === "saved" && <span className="soft">kept</span>}
      {state.kind === "refused" && (
        <span className="toast">
          {state.message}{" "}
          {state.stale && (
            <button type="button" className="btn tight" onClick={() => void edit.reload()}>
              Show what is stored
            </button>
          )}
        </span>
      )}
      <button type="button" className="btn tight" onClick={edit.undo} disabled={!edit.canUndo}>
        Undo
      </button>
    </span>
  );
}
