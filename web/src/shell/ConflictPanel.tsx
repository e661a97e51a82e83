import { Modal } from "antd";
import { useState } from "react";
import type { Schemas } from "../api/client";
import { useCatalogue } from "../job/data";
import type { Edit } from "../job/useEdit";
import type { Choice, Conflict } from "../sync/merge";
import type { Key } from "../sync/types";
import { pathWords } from "../sync/words";

type Props = { edit: Edit; of: Key; title: string; onClose: () => void };

/**
 * Only what two people changed differently, each side by side. Nothing is marked beforehand: a person chooses, line by line. Closing it
 * chooses nothing, and what was typed waits.
 */
export function ConflictPanel({ edit, of, title, onClose }: Props) {
  const [chosen, setChosen] = useState<Record<string, Choice>>({});
  const fields = useCatalogue().data?.facts.flatMap((g) => g.fields) ?? [];
  const fieldOf = (path: string) => fields.find((f) => path === `facts.${f.key}`);
  const state = edit.session.stateOf(of);
  if (state.kind !== "conflict") return null;
  const all = state.conflicts.every((c) => chosen[c.path]);
  return (
    <Modal
      title={`Changed by you and by somebody else: ${title}`}
      open
      width={720}
      onOk={() => {
        edit.session.resolve(of, chosen);
        onClose();
      }}
      okText="Save these"
      okButtonProps={{ disabled: !all }}
      onCancel={onClose}
      cancelText="Decide later"
    >
      <p className="small">
        Everything else merges by itself. Choose what stands; until then your change waits here and theirs is what
        others see.
      </p>
      <table className="take">
        <thead>
          <tr>
            <th>What</th>
            <th>Before</th>
            <th>Yours</th>
            <th>Theirs</th>
          </tr>
        </thead>
        <tbody>
          {state.conflicts.map((c) => (
            <tr key={c.path}>
              <td>{fieldOf(c.path)?.label ?? pathWords(c.path)}</td>
              <td className="soft">{said(c, c.base, fieldOf(c.path))}</td>
              {(["mine", "theirs"] as const).map((side) => (
                <td key={side}>
                  <label className="row">
                    <input
                      type="radio"
                      name={c.path}
                      checked={chosen[c.path] === side}
                      onChange={() => setChosen({ ...chosen, [c.path]: side })}
                    />
                    <span>{said(c, c[side], fieldOf(c.path))}</span>
                  </label>
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </Modal>
  );
}

function said(conflict: Conflict, value: unknown, field: Schemas["FactField"] | undefined): string {
  if (field?.kind === "percent" && typeof value === "number") return `${Math.round(value * 1000) / 10} %`;
  if (field?.kind === "number" && typeof value === "number") return `${value} ${field.unit ?? ""}`.trim();
  if (field?.kind === "pick") return field.options.find((o) => o.value === value)?.title ?? "not recorded";
  if (value === null || value === undefined) return conflict.path === "" ? "removed" : "not recorded";
  if (conflict.path === "") return "kept, with the changes";
  if (typeof value === "boolean") return value ? "yes" : "no";
  if (Array.isArray(value)) return value.length === 0 ? "none" : value.map(short).join("; ");
  return short(value);
}

function short(value: unknown): string {
  if (typeof value !== "object" || value === null) return String(value);
  return Object.values(value)
    .filter((v) => v !== null && v !== false && typeof v !== "object")
    .join(" ");
}
