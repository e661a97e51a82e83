import { useMemo, useRef, useState } from "react";
import type { Catalogue, Surface } from "../api/client";
import type { Edit } from "../job/useEdit";
import { entriesOf, meanings } from "./say";

// No surface while the next one is on its way: the line stays where it is, so that what is typed goes into it.
type Props = { edit: Edit; surface: Surface | undefined; catalogue: Catalogue; onTurn: (step: 1 | -1) => void };

/**
 * One line for everything: a sign, a number, a coat or a fact is said in a few letters. Enter takes the first meaning,
 * arrows choose another, Page Down goes on to the next surface without leaving the line.
 */
export function SayBox({ edit, surface, catalogue, onTurn }: Props) {
  const [text, setText] = useState("");
  const [at, setAt] = useState(0);
  const [last, setLast] = useState<string | null>(null);
  const box = useRef<HTMLInputElement>(null);
  const family = catalogue.substrates.find((s) => s.id === surface?.substrate)?.family;
  const entries = useMemo(() => entriesOf(catalogue, family), [catalogue, family]);
  const found = useMemo(() => meanings(text, entries), [text, entries]);
  const misleads = (key: string) => catalogue.signs.find((s) => s.id === key)?.misleads;
  const take = (i: number) => {
    const meaning = found[i];
    if (!meaning?.apply || !surface) return;
    edit.change(meaning.apply(surface));
    setLast(`${meaning.title}: ${meaning.does}`);
    setText("");
    setAt(0);
    box.current?.focus();
  };
  return (
    <div className="say">
      <input
        ref={box}
        className="pick"
        id="say"
        role="combobox"
        aria-expanded={found.length > 0}
        aria-controls="say-list"
        aria-activedescendant={found[at] ? `say-${at}` : undefined}
        aria-label="Say what you see"
        autoComplete="off"
        placeholder="Say what you see: peel 12 · no ring · pin 18 · loose 6"
        value={text}
        onChange={(e) => {
          setText(e.target.value);
          setAt(0);
        }}
        onKeyDown={(e) => {
          if (e.key === "Enter") take(at);
          else if (e.key === "ArrowDown") setAt(Math.min(at + 1, found.length - 1));
          else if (e.key === "ArrowUp") setAt(Math.max(at - 1, 0));
          else if (e.key === "Escape") {
            if (text) setText("");
            else box.current?.blur();
          } else if (e.key === "PageDown") onTurn(1);
          else if (e.key === "PageUp") onTurn(-1);
          else return;
          e.preventDefault();
        }}
      />
      <div id="say-list" role="listbox" aria-label="Meanings" className="meanings">
        {found.map((m, i) => (
          <div key={m.key} id={`say-${i}`} role="option" tabIndex={-1} aria-selected={i === at}>
            <button type="button" tabIndex={-1} onClick={() => take(i)} disabled={!m.apply}>
              <span>{m.title}</span>
              <b>{m.does}</b>
              {misleads(m.key) && <small className="caution">{misleads(m.key)}</small>}
            </button>
          </div>
        ))}
        {text && found.length === 0 && <p className="soft small">No match. Try what you see, the tool, or the coat.</p>}
      </div>
      {!text && last && (
        <p className="small soft" role="status">
          ✓ {last}
        </p>
      )}
    </div>
  );
}
