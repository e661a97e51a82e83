import { Modal } from "antd";
import { useState } from "react";
import type { Surface, SurfaceView } from "../api/client";
import { clashes, settle } from "../job/clash";

type Props = { mine: Surface; theirs: SurfaceView; onSettle: (theirs: SurfaceView, chosen: Surface) => void };

/** Two people changed one surface: what each recorded stands side by side, and one of them is chosen line by line. */
export function ClashPanel({ mine, theirs, onSettle }: Props) {
  const found = clashes(mine, theirs.surface);
  const [keep, setKeep] = useState<Record<string, boolean>>({});
  const mineWins = (path: string) => keep[path] ?? true;
  return (
    <Modal
      title="Somebody else changed this surface meanwhile"
      open
      closable={false}
      width={720}
      onOk={() => onSettle(theirs, settle(mine, theirs.surface, mineWins))}
      okText="Keep what is marked"
      onCancel={() => onSettle(theirs, theirs.surface)}
      cancelText="Take theirs throughout"
    >
      <p className="small">Nothing of either is lost until you say which stands. Theirs is already stored.</p>
      <table className="take">
        <thead>
          <tr>
            <th>What</th>
            <th>Yours</th>
            <th>Theirs</th>
          </tr>
        </thead>
        <tbody>
          {found.map((c) => (
            <tr key={c.path}>
              <td>{words(c.path)}</td>
              {([true, false] as const).map((own) => (
                <td key={String(own)}>
                  <label className="row">
                    <input
                      type="radio"
                      name={c.path}
                      checked={mineWins(c.path) === own}
                      onChange={() => setKeep({ ...keep, [c.path]: own })}
                    />
                    <span>{short(own ? c.mine : c.theirs)}</span>
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

const words = (path: string) =>
  path
    .replace("facts.", "")
    .replace(/([A-Z])/g, " $1")
    .toLowerCase();

function short(value: unknown): string {
  if (value === null || value === undefined) return "not known";
  if (Array.isArray(value)) return `${value.length} recorded`;
  if (typeof value === "boolean") return value ? "yes" : "no";
  if (typeof value === "object") return JSON.stringify(value).slice(0, 60);
  return String(value);
}
