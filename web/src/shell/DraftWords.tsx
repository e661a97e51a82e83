import { use } from "react";
import { DraftScope, halves } from "./DraftBox";

type Props = {
  id?: string;
  label: string;
  /** What half-typed words are kept under; left out: the id, or else the label. */
  name?: string;
  value: string | null;
  onSet: (value: string | null) => void;
  placeholder?: string;
  /** Most characters that are taken. */
  most?: number;
};

/** A few words that are taken when the box is left or Enter is pressed; half-typed ones are kept like half-typed numbers. */
export function DraftWords({ id, label, name: named, value, onSet, placeholder, most = 200 }: Props) {
  const scope = use(DraftScope);
  const name = scope === "" ? "" : `${scope}/${named ?? id ?? label}`;
  const shown = value ?? "";
  const half = name === "" ? null : halves.read(name);
  return (
    <input
      id={id}
      className={half !== null && half !== shown ? "pick half" : "pick"}
      type="text"
      maxLength={most}
      aria-label={label || undefined}
      placeholder={placeholder}
      key={shown}
      defaultValue={half ?? shown}
      onInput={(e) => name !== "" && halves.keep(name, e.currentTarget.value)}
      onBlur={(e) => {
        const text = e.target.value.trim();
        if (name !== "") halves.drop(name);
        if (text !== shown) onSet(text === "" ? null : text);
      }}
      onKeyDown={(e) => {
        if (e.key === "Enter") e.currentTarget.blur();
      }}
    />
  );
}
