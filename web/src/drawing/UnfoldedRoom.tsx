import { useEffect, useRef } from "react";
import type { SpaceView, Verdict } from "../api/client";
import { useSpeech } from "../shell/words";
import { Hatches } from "./Hatches";
import { fullest, shorten, stretch } from "./labels";
import { useSize } from "./useSize";

export const verdictWords: Record<Verdict, string> = {
  sound: "sound",
  prepare: "prepare",
  failing: "failing",
  held: "stopped",
  unseen: "not tried yet",
};

type Props = { space: SpaceView; selected: string; onSelect: (surface: string) => void };

/** The room laid flat, in metres: walls in walking order, ceiling above, woodwork where it runs. */
export function UnfoldedRoom({ space, selected, onSelect }: Props) {
  const { width, height, pieces } = space.unfolded;
  const { area, length } = useSpeech();
  const sheet = useRef<SVGSVGElement>(null);
  // On a phone the room is wider than the screen: keep the surface that is worked on in sight.
  useEffect(() => {
    const piece = selected && sheet.current?.querySelector(`[aria-current="true"]`);
    if (piece) piece.scrollIntoView({ inline: "center", block: "nearest" });
  }, [selected]);
  // One stop for Tab, arrows from piece to piece: what is taken in hand keeps the keys.
  useEffect(() => {
    const piece = selected && sheet.current?.querySelector<SVGGElement>(`[aria-current="true"]`);
    if (piece && sheet.current?.contains(document.activeElement)) piece.focus();
  }, [selected]);
  const step = (by: number) => {
    const order = space.surfaces;
    const next = order[order.findIndex((s) => s.id === selected) + by];
    if (next) onSelect(next.id);
  };
  const lines = new Map(space.surfaces.map((s) => [s.id, s]));
  const pad = 0.32;
  // Words of twelve pixels, whatever the scale; their size on the page is known once it stands there.
  const shown = useSize(sheet);
  const scale = Math.min(shown.width / (width + 2 * pad), shown.height / (height + 2 * pad + 0.25));
  const size = scale > 0 ? 12 / scale : Math.max(width / 62, height / 17);
  const small = (size * 11) / 12;
  const firstOf = new Set<string>();
  return (
    // biome-ignore lint/a11y/useSemanticElements: a drawing cannot be a fieldset
    <svg
      ref={sheet}
      className="drawing unfolded"
      viewBox={`${-pad} ${-pad} ${width + 2 * pad} ${height + 2 * pad + 0.25}`}
      role="group"
      aria-label={`${space.space.title}, unfolded`}
    >
      <Hatches id="room" scale={size / 14} />
      {pieces.map((piece, index) => {
        const line = piece.surface ? lines.get(piece.surface) : undefined;
        const box = { x: piece.x, y: piece.y, width: piece.width, height: piece.height };
        const key = `${piece.kind}${index}`;
        const edge = {
          fill: "none",
          stroke: "var(--soft)",
          strokeWidth: 1.2,
          vectorEffect: "non-scaling-stroke",
        } as const;
        const titled = piece.kind !== "strip" && piece.kind !== "opening" && piece.kind !== "zone";
        const own = titled ? piece.title : "";
        if (!line) {
          const label = own && shorten(own, piece.width, size);
          return (
            <g key={key}>
              <rect {...box} fill={piece.kind === "opening" ? "var(--paper)" : "var(--sheet)"} />
              <rect {...box} {...edge} strokeDasharray={piece.kind === "opening" ? undefined : "4 3"} />
              {piece.kind === "opening" && (
                <path d={`M${piece.x} ${piece.y} l${piece.width} ${piece.height}`} {...edge} opacity={0.5} />
              )}
              {label && (
                <text className="dim" x={piece.x + size * 0.5} y={piece.y + size * 1.3} fontSize={size}>
                  {label}
                </text>
              )}
            </g>
          );
        }
        const first = !firstOf.has(line.id);
        firstOf.add(line.id);
        const select = () => onSelect(line.id);
        // Words never stand over what is cut in the wall.
        const lead = line.leadPresumed ? " · Pb?" : "";
        const state = [
          `${verdictWords[line.verdict]} · ${area(line.areaM2)}${lead}`,
          `${verdictWords[line.verdict]} · ${area(line.areaM2)}`,
          verdictWords[line.verdict],
        ];
        const cut = pieces.filter((p) => p !== piece && p.kind !== "strip" && p.kind !== "zone" && p.kind !== "wall");
        const wide = (text: string, letter: number) => letter * 0.54 * (text.length + 2);
        const title = stretch(piece, cut, [0, size * 1.6], wide(own, size));
        const label = own && shorten(own, title.width, size);
        const under = stretch(piece, cut, [size * 1.6, size * 2.8], wide(state[0] ?? "", size * 0.88));
        return (
          <g key={key}>
            {/* biome-ignore lint/a11y/useSemanticElements: a shape in a drawing cannot be a button element */}
            <g
              className="piece"
              role="button"
              tabIndex={first && (line.id === selected || selected === "") ? 0 : -1}
              aria-current={line.id === selected}
              aria-label={`${line.title}: ${verdictWords[line.verdict]}${line.leadPresumed ? ", lead presumed" : ""}`}
              aria-hidden={first ? undefined : true}
              onClick={select}
              onKeyDown={(e) => {
                if (e.key === "Enter" || e.key === " ") select();
                else if (e.key === "ArrowRight" || e.key === "ArrowDown") step(1);
                else if (e.key === "ArrowLeft" || e.key === "ArrowUp") step(-1);
                else return;
                e.preventDefault();
              }}
            >
              <rect {...box} fill={`var(--${line.verdict})`} />
              {line.verdict !== "sound" && <rect {...box} fill={`url(#room-${line.verdict})`} />}
              <rect className="edge" {...box} {...edge} />
            </g>
            {label && (
              <g pointerEvents="none">
                <text x={title.x + size * 0.5} y={piece.y + size * 1.35} fontSize={size} fontWeight={600}>
                  {label}
                </text>
                <text className="dim" x={under.x + size * 0.5} y={piece.y + size * 2.5} fontSize={small}>
                  {fullest(state, under.width, small)}
                </text>
              </g>
            )}
          </g>
        );
      })}
      {space.space.walls?.map((wall) => {
        const piece = pieces.find((p) => p.kind === "wall" && p.wall === wall.id);
        return (
          piece && (
            <text
              key={wall.id}
              className="dim"
              x={piece.x + piece.width / 2}
              y={piece.y + piece.height + size * 1.1}
              fontSize={small}
              textAnchor="middle"
            >
              {length(wall.lengthM)}
            </text>
          )
        );
      })}
    </svg>
  );
}
