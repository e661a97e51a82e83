import { useMemo, useRef, useState } from "react";
import type { Catalogue, Surface } from "../api/client";
import type { Edit } from "../job/useEdit";
import { entriesOf, type Meaning, meanings } from "./say";
import { take, understand } from "./saying/sentence";

// No surface while the next one is on its way: the line stays where it is, so that what is typed goes into it.
type Props = { edit: Edit; surface: Surface | undefined; catalogue: Catalogue; onTurn: (step: 1 | -1) => void };

/**
 * One line for everything: a sign, a number, a coat or a fact, in a few letters or in whole sentences. Of one thing the
 * arrows choose among its meanings; of several each is shown before Enter takes them, and any can be taken off. What
 * was not understood stays in the line. Page Down goes on to the next surface without leaving it.
 */
export function SayBox({ edit, surface, catalogue, onTurn }: Props) {
  const [text, setText] = useState("");
  const [at, setAt] = useState(0);
  const [off, setOff] = useState<string[]>([]);
  const [last, setLast] = useState<string | null>(null);
  const box = useRef<HTMLInputElement>(null);
  const family = catalogue.substrates.find((s) => s.id === surface?.substrate)?.family;
  const entries = useMemo(() => entriesOf(catalogue, family), [catalogue, family]);
  const sentence = useMemo(() => understand(text, catalogue, surface, entries), [text, catalogue, surface, entries]);
  const several = sentence.pieces.length > 1;
  const found = useMemo<Meaning[]>(() => {
    if (several) return [];
    // What is spoken in the trade's words comes first where it takes the whole line in.
    const whole = sentence.left === "";
    const spoken = sentence.pieces;
    const keys = new Set(spoken.map((p) => p.key));
    const rest = meanings(text, entries).filter((m) => !keys.has(m.key));
    return (whole ? [...spoken, ...rest] : [...rest, ...spoken]).slice(0, 7);
  }, [several, sentence, text, entries]);
  const misleads = (key: string) => catalogue.signs.find((s) => s.id === key)?.misleads;
  const said = (made: Surface, what: string, left: string) => {
    edit.change(made);
    setLast(what);
    setText(left);
    setOff([]);
    setAt(0);
    box.current?.focus();
  };
  const takeOne = (i: number) => {
    const meaning = found[i];
    if (!meaning?.apply || !surface) return;
    const left = sentence.pieces[0]?.key === meaning.key && sentence.pieces[0].apply ? sentence.left : "";
    said(meaning.apply(surface), `${meaning.title}: ${meaning.does}`, left === text.trim().toLowerCase() ? "" : left);
  };
  const kept = sentence.pieces.filter((p) => !off.includes(p.words));
  const takeAll = () => {
    const taken = kept.filter((p) => p.apply);
    if (!surface || taken.length === 0) return;
    said(take(taken, surface), taken.map((p) => p.title).join(" · "), sentence.left);
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
        placeholder="Say what you see: peeling 12 % by the door, no mould, pin 18"
        value={text}
        onChange={(e) => {
          setText(e.target.value);
          setAt(0);
          setOff([]);
        }}
        onKeyDown={(e) => {
          if (e.key === "Enter" && several) takeAll();
          else if (e.key === "Enter") takeOne(at);
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
      {several && (
        <div className="understood" role="status">
          <ul className="list" aria-label="Understood">
            {kept.map((p, i) => {
              const key = `${i}-${p.key}`;
              return (
                <li key={key} className={p.apply ? (p.doubt ? "doubt" : "") : "open"}>
                  <span>
                    <b>{p.title}</b> {p.does}
                  </span>
                  <button
                    type="button"
                    className="btn tight"
                    aria-label={`Leave out: ${p.title}`}
                    onClick={() => {
                      setOff([...off, p.words]);
                      box.current?.focus();
                    }}
                  >
                    ×
                  </button>
                </li>
              );
            })}
          </ul>
          <p className="small">
            <button
              type="button"
              className="btn primary"
              onClick={takeAll}
              disabled={!surface || !kept.some((p) => p.apply)}
            >
              Take {kept.filter((p) => p.apply).length}
            </button>
            {sentence.left && <span className="soft"> stays in the line: {sentence.left}</span>}
          </p>
        </div>
      )}
      <div id="say-list" role="listbox" aria-label="Meanings" className="meanings">
        {found.map((m, i) => (
          <div key={m.key} id={`say-${i}`} role="option" tabIndex={-1} aria-selected={i === at}>
            <button type="button" tabIndex={-1} onClick={() => takeOne(i)} disabled={!m.apply}>
              <span>{m.title}</span>
              <b>{m.does}</b>
              {misleads(m.key) && <small className="caution">{misleads(m.key)}</small>}
            </button>
          </div>
        ))}
        {text && found.length === 0 && !several && (
          <p className="soft small">No match. Try what you see, the tool, or the coat.</p>
        )}
      </div>
      {!text && last && (
        <p className="small soft" role="status">
          ✓ {last}
        </p>
      )}
    </div>
  );
}
