type Props = {
  id?: string;
  label: string;
  value: number | null;
  onSet: (value: number | null) => void;
  placeholder?: string;
  step?: number;
};

/** A number that is taken when the box is left or Enter is pressed, so that half a number is never saved. */
export function DraftBox({ id, label, value, onSet, placeholder, step = 1 }: Props) {
  const shown = value === null ? "" : String(value);
  return (
    <input
      id={id}
      className="pick"
      type="number"
      inputMode="decimal"
      step={step}
      aria-label={label || undefined}
      placeholder={placeholder}
      key={shown}
      defaultValue={shown}
      onBlur={(e) => {
        const text = e.target.value.trim();
        if (text !== shown) onSet(text === "" ? null : Number(text));
      }}
      onKeyDown={(e) => {
        if (e.key === "Enter") e.currentTarget.blur();
      }}
    />
  );
}
