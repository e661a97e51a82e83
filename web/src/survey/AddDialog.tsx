import { AutoComplete, Modal } from "antd";
import type { ReactNode } from "react";
import { useSpeech } from "../shell/words";

type DialogProps = {
  title: string;
  /** Id of the field that the cursor goes to, which holds the name. */
  focus: string;
  name: string;
  /** Names that are likely, offered as one types. */
  names?: string[];
  onName: (name: string) => void;
  open: boolean;
  problem: string;
  onSave: () => void;
  onClose: () => void;
  children: ReactNode;
};

/** A dialog that adds something with a name: Enter adds it, and what is wrong is said in it. */
export function AddDialog({
  title,
  focus,
  name,
  names,
  onName,
  open,
  problem,
  onSave,
  onClose,
  children,
}: DialogProps) {
  const ready = name.trim() !== "";
  return (
    <Modal
      title={title}
      afterOpenChange={(shown) => shown && document.getElementById(focus)?.focus()}
      open={open}
      onCancel={onClose}
      onOk={onSave}
      okText="Add it"
      okButtonProps={{ disabled: !ready }}
      destroyOnHidden
    >
      <form
        // What is folded away cannot be pointed at by the browser; the server says what is wrong.
        noValidate
        onSubmit={(e) => {
          e.preventDefault();
          if (ready) onSave();
        }}
      >
        <div className="fact">
          <label htmlFor={focus}>Called</label>
          <AutoComplete
            id={focus}
            value={name}
            onChange={onName}
            options={(names ?? []).map((value) => ({ value }))}
            showSearch={{
              filterOption: (typed, option) => option?.value.toLowerCase().includes(typed.toLowerCase()) ?? false,
            }}
          />
        </div>
        {children}
        {problem && <p className="hold">{problem}</p>}
        <button type="submit" hidden aria-hidden tabIndex={-1} />
      </form>
    </Modal>
  );
}

type LengthProps = { id: string; label: string; least: number; value: string; onChange: (value: string) => void };

/** A length, in the unit spoken. */
export function LengthField({ id, label, least, value, onChange }: LengthProps) {
  const { lengthUnit } = useSpeech();
  return (
    <div className="fact">
      <label htmlFor={id}>{label}</label>
      <span className="row">
        <input
          id={id}
          className="pick"
          type="number"
          step={0.05}
          min={least}
          value={value}
          onChange={(e) => onChange(e.target.value)}
        />
        <span className="unit">{lengthUnit}</span>
      </span>
    </div>
  );
}
