import { Select, type SelectProps } from "antd";
import { type KeyboardEvent, useRef } from "react";
import { fits } from "./fits";

/** One thing of a long list. */
export type Choice = { value: string; title: string /** Under which heading it stands. */; group?: string };

type Props = {
  id?: string;
  /** What is chosen, for those who hear it; left out where a label points at the id. */
  label?: string;
  value: string | null;
  choices: Choice[];
  placeholder?: string;
  disabled?: boolean;
  onChoose: (value: string) => void;
};

/** A long list in which typing finds: the beginnings of words in any order, of the title or of the id. */
export function Choose({ id, label, value, choices, placeholder, disabled, onChoose }: Props) {
  const groups = [...new Set(choices.map((c) => c.group ?? ""))];
  const option = (c: Choice) => ({ value: c.value, label: c.title });
  const options: SelectProps["options"] =
    groups.length > 1
      ? groups.map((group) => ({
          label: group,
          title: group,
          options: choices.filter((c) => (c.group ?? "") === group).map(option),
        }))
      : choices.map(option);
  // Enter on a list that is shut sends the form off, as it does in every other box; arrows, Space and letters open it.
  const open = useRef(false);
  const onEnter = (e: KeyboardEvent) => {
    const { form } = e.target as HTMLInputElement;
    if (e.key !== "Enter" || open.current || !form) return;
    e.preventDefault();
    e.stopPropagation();
    form.requestSubmit();
  };
  return (
    <div className="choose" onKeyDownCapture={onEnter}>
      <Select<string>
        {...(id ? { id } : {})}
        {...(label ? { "aria-label": label } : {})}
        {...(placeholder ? { placeholder } : {})}
        onOpenChange={(to) => {
          open.current = to;
        }}
        onSelect={() => {
          // At once: the list tells of its shutting only later, and a quick second Enter would be lost in it.
          open.current = false;
        }}
        value={value || null}
        disabled={disabled === true}
        showSearch={{
          filterOption: (typed, o) =>
            o !== undefined && !("options" in o) && fits(typed, `${String(o.label)} ${String(o.value)}`),
        }}
        popupMatchSelectWidth={false}
        options={options}
        onChange={(to) => to && onChoose(to)}
        notFoundContent="Nothing by that name"
      />
    </div>
  );
}
