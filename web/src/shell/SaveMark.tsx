import type { Edit } from "../job/useEdit";
import { ClashPanel } from "./ClashPanel";

/** Says whether what is on the screen is kept. */
export function SaveMark({ edit }: { edit: Edit }) {
  const { state } = edit;
  return (
    <>
      <span className="row small" role="status">
        {state.kind === "saving" && <span className="soft">saving …</span>}
        {state.kind === "saved" && <span className="soft">kept</span>}
        {state.kind === "waiting" && <span className="verdict held">no line: kept here, sent when it is back</span>}
        {state.kind === "refused" && <span className="toast">{state.message}</span>}
        {state.kind === "clash" && <span className="verdict held">two versions</span>}
        <button type="button" className="btn tight" onClick={edit.undo} disabled={!edit.canUndo}>
          Undo
        </button>
        <button type="button" className="btn tight" onClick={edit.redo} disabled={!edit.canRedo}>
          Redo
        </button>
      </span>
      {state.kind === "clash" && edit.draft && (
        <ClashPanel mine={edit.draft} theirs={state.theirs} onSettle={edit.settleWith} />
      )}
    </>
  );
}
