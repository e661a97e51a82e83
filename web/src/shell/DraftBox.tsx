import { createContext, use } from "react";

type Props = {
  id?: string;
  label: string;
  /** What a half-typed number is kept under; left out: the id, or else the label. */
  name?: string;
  least?: number;
  most?: number;
  value: number | null;
  onSet: (value: number | null) => void;
  placeholder?: string;
  step?: number;
};

/** What the boxes below belong to, such as a job and a surface: under it a half-typed number is kept. Empty: it is not kept. */
export const DraftScope = createContext("");

/** A number half typed, kept in the browser until it is taken: neither a reload nor a turn to another page loses it. */
export const halves = {
  read: (name: string) => {
    try {
      return sessionStorage.getItem(`half:${name}`);
    } catch {
      return null;
    }
  },
  keep: (name: string, text: string) => {
    try {
      sessionStorage.setItem(`half:${name}`, text);
    } catch {
      // It is still in the box.
    }
  },
  drop: (name: string) => sessionStorage.removeItem(`half:${name}`),
};

/** A number that is taken when the box is left or Enter is pressed, so that half a number is never saved. */
export function DraftBox({ id, label, name: named, least, most, value, onSet, placeholder, step = 1 }: Props) {
  const scope = use(DraftScope);
  const name = scope === "" ? "" : `${scope}/${named ?? id ?? label}`;
  const shown = value === null ? "" : String(value);
  const half = name === "" ? null : halves.read(name);
  return (
    <input
      id={id}
      className={half !== null && half !== shown ? "pick half" : "pick"}
      type="number"
      inputMode="decimal"
      step={step}
      min={least}
      max={most}
      aria-label={label || undefined}
      placeholder={placeholder}
      title={half !== null && half !== shown ? "Typed and not taken yet: Enter takes it" : undefined}
      key={shown}
      defaultValue={half ?? shown}
      onInput={(e) => name !== "" && halves.keep(name, e.currentTarget.value)}
      onBlur={(e) => {
        // Not a number at all: it stays to be put right.
        if (e.target.validity.badInput) return;
        const text = e.target.value.trim();
        if (name !== "") halves.drop(name);
        if (text !== shown) onSet(text === "" ? null : Number(text));
      }}
      onKeyDown={(e) => {
        if (e.key === "Enter") e.currentTarget.blur();
      }}
    />
  );
}
