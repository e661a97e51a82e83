import type { Schemas } from "../api/client";
import { DraftBox } from "../shell/DraftBox";
import { DraftWords } from "../shell/DraftWords";
import { usePlace } from "../shell/Place";

type Brief = NonNullable<Schemas["Surface"]["brief"]>;

const finishes: [Schemas["FinishFamily"], string][] = [
  ["wallPaint", "wall paint"],
  ["trimPaint", "trim paint"],
  ["masonry", "masonry paint"],
  ["metal", "metal paint"],
  ["radiator", "radiator"],
  ["clear", "clear or stained"],
  ["floor", "floor"],
  ["tile", "tile"],
  ["gutter", "gutter inside"],
];
const sheens: [Schemas["Sheen"], string][] = [
  ["matt", "matt"],
  ["eggshell", "eggshell"],
  ["satin", "satin"],
  ["gloss", "gloss"],
];
const wears: [Schemas["Wear"], string][] = [
  ["light", "seldom touched"],
  ["usual", "as is usual"],
  ["hard", "hands, wiping, water"],
];
const viewings: [Schemas["Viewing"], string][] = [
  ["far", "across a room or street"],
  ["usual", "at 1.5 to 2 m"],
  ["near", "at arm's length"],
];
const leaves: [string, string][] = [
  ["step", "edges of the old film"],
  ["lumps", "lumps and brush ropes"],
  ["fill", "hollows and hair cracks"],
  ["joint", "open joint"],
  ["putty", "failing putty"],
  ["edges", "sharp metal edges"],
];

const olds: ["keep" | "strip" | "clean" | "bare", string][] = [
  ["keep", "kept"],
  ["strip", "stripped, then painted"],
  ["clean", "only cleaned, not painted"],
  ["bare", "stripped and left bare"],
];
const old = (brief: Brief) =>
  brief.onlyClean
    ? brief.strip
      ? "bare"
      : "clean"
    : brief.strip
      ? "strip"
      : brief.keepOldFilm
        ? ("keep" as const)
        : "";

/** What is wanted of the surface: the brief, from which the options follow. */
export function BriefPanel() {
  const { edit } = usePlace();
  const draft = edit.draft;
  if (!draft) return null;
  const brief: Brief = draft.brief ?? {};
  const set = (change: Partial<Brief>) => edit.change({ ...draft, brief: { ...brief, ...change } });
  const left = brief.leaveAsFound ?? [];
  return (
    <details className="brief">
      <summary>
        <b>Wanted</b> <span className="soft">{said(brief)}</span>
      </summary>
      <div className="briefgrid">
        <Pick
          word="Finish"
          value={brief.finish ?? ""}
          options={finishes}
          none="what suits it"
          onSet={(finish) => set({ finish })}
        />
        <Pick word="Sheen" value={brief.sheen ?? ""} options={sheens} none="any" onSet={(sheen) => set({ sheen })} />
        <Pick word="Wear" value={brief.wear ?? ""} options={wears} none="as is usual" onSet={(wear) => set({ wear })} />
        <Pick
          word="Looked at from"
          value={brief.viewing ?? ""}
          options={viewings}
          none="as is usual"
          onSet={(viewing) => set({ viewing })}
        />
        <span>
          <span className="soft small">Colour</span>
          <DraftWords
            label="Colour"
            value={brief.colour ?? null}
            placeholder="in words"
            onSet={(colour) => set({ colour, lrv: null })}
          />
        </span>
        <Figure word="Light reflectance" value={brief.lrv} unit="0 to 100" onSet={(lrv) => set({ lrv })} />
        <Figure word="Finish coats at least" value={brief.coats} unit="1 to 5" onSet={(coats) => set({ coats })} />
        <Figure word="Solvent at most" value={brief.vocMost} unit="g/L" onSet={(vocMost) => set({ vocMost })} />
        <Figure word="Budget" value={brief.budget} unit="money" onSet={(budget) => set({ budget })} />
        <Figure
          word="Done within"
          value={brief.deadlineDays}
          unit="days"
          onSet={(deadlineDays) => set({ deadlineDays })}
        />
        <Figure
          word="Replacing it costs"
          value={brief.replaceCost}
          unit="money"
          onSet={(replaceCost) => set({ replaceCost })}
        />
        <Figure
          word="and would last"
          value={brief.replaceLifeYears}
          unit="years"
          onSet={(replaceLifeYears) => set({ replaceLifeYears })}
        />
        <label className="check">
          <input
            type="checkbox"
            checked={brief.lowOdour ?? false}
            onChange={(e) => set({ lowOdour: e.target.checked })}
          />
          low odour only
        </label>
        <label className="check">
          <input
            type="checkbox"
            checked={brief.sprayed ?? false}
            onChange={(e) => set({ sprayed: e.target.checked })}
          />
          sprayed, not rolled
        </label>
        <Figure word="Hours a day" value={brief.hoursPerDay} unit="8" onSet={(hoursPerDay) => set({ hoursPerDay })} />
        <label className="check">
          <input
            type="checkbox"
            checked={brief.grazing ?? false}
            onChange={(e) => set({ grazing: e.target.checked })}
          />
          light rakes across it
        </label>
        <label className="check">
          <input type="checkbox" checked={brief.smooth ?? false} onChange={(e) => set({ smooth: e.target.checked })} />
          smooth, no texture
        </label>
        <Pick
          word="The old film"
          value={old(brief)}
          options={olds}
          none="as is best"
          onSet={(v) =>
            set({
              keepOldFilm: v === "keep",
              strip: v === "strip" || v === "bare",
              onlyClean: v === "clean" || v === "bare",
            })
          }
        />
      </div>
      <fieldset className="leave">
        <legend>Left as found, on purpose</legend>
        {leaves.map(([id, word]) => (
          <label key={id} className="check">
            <input
              type="checkbox"
              checked={left.includes(id)}
              onChange={(e) => set({ leaveAsFound: e.target.checked ? [...left, id] : left.filter((x) => x !== id) })}
            />
            {word}
          </label>
        ))}
      </fieldset>
    </details>
  );
}

function said(brief: Brief) {
  const words = [
    finishes.find(([id]) => id === brief.finish)?.[1],
    brief.sheen,
    brief.colour,
    brief.wear === "hard" ? "bears wiping" : undefined,
    brief.lowOdour ? "low odour" : undefined,
    brief.vocMost != null ? `${brief.vocMost} g/l of solvent at most` : undefined,
    brief.coats != null ? `${brief.coats} finish coats` : undefined,
    brief.avoid?.length ? `${brief.avoid.length} not wanted` : undefined,
    brief.sprayed ? "sprayed" : undefined,
    brief.keepOldFilm ? "old film kept" : undefined,
    brief.strip ? (brief.onlyClean ? "stripped and left bare" : "stripped to bare") : undefined,
    brief.onlyClean && !brief.strip ? "only cleaned" : undefined,
    brief.grazing ? "raking light" : undefined,
    brief.smooth ? "smooth" : undefined,
    brief.hoursPerDay != null ? `${brief.hoursPerDay} hours a day` : undefined,
    brief.budget != null ? `budget ${brief.budget}` : undefined,
    brief.deadlineDays != null ? `${brief.deadlineDays} days` : undefined,
  ].filter(Boolean);
  return words.length > 0 ? words.join(" · ") : "what suits the surface";
}

type PickProps<T extends string> = {
  word: string;
  value: T | "";
  options: [T, string][];
  none: string;
  onSet: (value: T | null) => void;
};

function Pick<T extends string>({ word, value, options, none, onSet }: PickProps<T>) {
  return (
    <label>
      <span className="soft small">{word}</span>
      <select className="pick" value={value} onChange={(e) => onSet((e.target.value as T) || null)}>
        <option value="">{none}</option>
        {options.map(([id, text]) => (
          <option key={id} value={id}>
            {text}
          </option>
        ))}
      </select>
    </label>
  );
}

function Figure({
  word,
  value,
  unit,
  onSet,
}: {
  word: string;
  value: number | null | undefined;
  unit: string;
  onSet: (value: number | null) => void;
}) {
  return (
    <span>
      <span className="soft small">{word}</span>
      <DraftBox label={word} value={value ?? null} onSet={onSet} placeholder={unit} step={1} />
    </span>
  );
}
