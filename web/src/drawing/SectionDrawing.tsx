import { useRef, useState } from "react";
import type { Section } from "../api/client";
import { filmText, useSpeech } from "../shell/words";
import { Hatches } from "./Hatches";
import { NoteStep, notes } from "./notes";
import { useSize } from "./useSize";

type Props = { section: Section; option: string | undefined; turn?: boolean };

// Pixels that the notes beside the cut want, and what lies below the face of the ground.
const Notes = 172;
const Below = 50;

/**
 * A cut through the surface at paint-film scale: substrate, old layers, what fails, and what the option lays on top.
 * Film thickness is to scale within the drawing; the width stands for the whole face, so shares are to scale too.
 */
export function SectionDrawing({ section, option, turn = false }: Props) {
  useSpeech();
  const [before, setBefore] = useState(false);
  const frame = useRef<HTMLDivElement>(null);
  // Drawn in the pixels that it has, so that its words are as large as the rest of the page.
  const W = Math.max(250, Math.round(useSize(frame).width) || 372);
  const Cut = Math.max(84, W - Notes);
  const chosen = section.buildUps.find((b) => b.option === option) ?? section.buildUps[0];
  const build = turn && before ? undefined : chosen;
  const old = build?.strips ? [] : section.old;
  const fresh = build?.layers ?? [];
  const Ground = Math.max(186, NoteStep * (old.length + fresh.length) + 10);
  const H = Ground + Below;
  const total = [...old, ...fresh].reduce((sum, l) => sum + l.microns, 0);
  const scale = Math.min(0.9, 158 / Math.max(total, 60));
  const left = 8;
  const wide = Cut - 8;
  const bareFrom = left + wide * (1 - (build?.strips ? 1 : section.bareShare + section.looseShare));
  const oldTop = Ground - old.reduce((sum, l) => sum + l.microns * scale, 0);
  let y = Ground;
  const oldRects = old.map((layer, i) => {
    const h = layer.microns * scale;
    y -= h;
    return { layer, y, h, shade: i % 2 };
  });
  let top = old.length > 0 ? oldTop : Ground;
  let bareTop = Ground;
  const freshRects = fresh.map((layer) => {
    const h = Math.max(layer.microns * scale, 1.6);
    const spot = layer.extent !== "whole";
    if (!spot) {
      top -= h;
      const under = bareTop - h;
      bareTop = under;
      return { layer, y: top, h, x: left, w: wide, under };
    }
    const onKnot = layer.extent === "knots";
    const onStain = layer.extent === "stain";
    const onBare = !onKnot && !onStain;
    const w = Math.max(10, wide * Math.min(1, layer.share));
    const x = onBare ? Math.max(left, left + wide - w) : onKnot ? left + wide * 0.22 : left + wide * 0.4;
    const at = onBare ? bareTop - h : top - h;
    if (onBare) bareTop = at;
    return { layer, y: at, h, x, w, under: undefined };
  });
  const wood = section.family === "wood";
  const lifted = section.edges === "lifting" || section.looseShare > 0;
  const beside = notes(oldRects, freshRects, Ground, Cut, W - Cut - 18);
  const roof = Math.max(0, Math.min(top, bareTop, ...beside.map((n) => n.y)) - 16);
  const drawing = (
    <svg
      className="drawing"
      viewBox={`0 ${roof} ${W} ${H - roof}`}
      style={{ width: W, height: H - roof }}
      role="img"
      aria-label={describe(section, build?.layers.length ?? 0)}
    >
      <Hatches id="cut" />
      <rect x={left} y={Ground} width={wide} height={H - Ground - 20} fill="var(--sheet)" />
      <rect
        x={left}
        y={Ground}
        width={wide}
        height={H - Ground - 20}
        fill={`url(#cut-${groundHatch(section.family)})`}
      />
      {section.moisture !== "dry" && (
        <rect x={left} y={Ground} width={wide} height={H - Ground - 20} fill="url(#cut-damp)" />
      )}
      {wood && section.knots > 0 && (
        <ellipse
          cx={left + wide * 0.26}
          cy={Ground + 12}
          rx={13}
          ry={7}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={2}
        />
      )}
      {oldRects.map(({ layer, y: at, h, shade }) => (
        <g key={`${layer.title}${at}`}>
          <rect
            x={left}
            y={at}
            width={Math.max(0, bareFrom - left)}
            height={h}
            fill="var(--old)"
            opacity={shade ? 0.75 : 1}
          />
          <line x1={left} x2={bareFrom} y1={at} y2={at} stroke="var(--soft)" strokeWidth={0.6} />
          {coatLines(layer.coats).map((f) => (
            <line
              key={f}
              x1={left}
              x2={bareFrom}
              y1={at + h * f}
              y2={at + h * f}
              stroke="var(--soft)"
              strokeWidth={0.25}
            />
          ))}
        </g>
      ))}
      {old.length > 0 && section.stainShare > 0 && (
        <rect
          x={left + wide * 0.4}
          y={oldTop}
          width={Math.max(14, wide * section.stainShare)}
          height={Ground - oldTop}
          fill="url(#cut-stain)"
        />
      )}
      {old.length > 0 && lifted && (
        <path
          d={`M${bareFrom} ${Ground} q-10 ${-(Ground - oldTop) * 0.5} -26 ${-(Ground - oldTop) * 0.2}`}
          fill="none"
          stroke="var(--failing-ink)"
          strokeWidth={2}
        />
      )}
      {!build?.strips && section.bareShare + section.looseShare > 0 && (
        <rect x={bareFrom} y={Ground - 3} width={left + wide - bareFrom} height={3} fill="url(#cut-bare)" />
      )}
      {freshRects.map(({ layer, y: at, h, x, w, under }, i) => {
        const spot = layer.extent !== "whole";
        const key = `${layer.title}${i}`;
        // A whole coat follows the step down into the patch.
        const d =
          under !== undefined && old.length > 0 && bareFrom < left + wide
            ? `M${x} ${at} H${bareFrom - 4} L${bareFrom + 4} ${Math.max(under, at)} H${x + w} v${h} H${bareFrom + 4} L${bareFrom - 4} ${at + h} H${x} Z`
            : `M${x} ${at} h${w} v${h} h${-w} Z`;
        return (
          <g key={key}>
            <path d={d} fill={spot ? "var(--spot)" : "var(--new)"} stroke="var(--ink)" strokeWidth={0.5} />
            {spot && <path d={d} fill="url(#cut-spot)" />}
          </g>
        );
      })}
      <g fontSize={12}>
        {beside.map((label) => (
          <g key={`${label.text}${label.y}`}>
            <path
              d={`M${label.from} ${label.at} L${Cut + 8} ${label.y - 3.5} h4`}
              fill="none"
              stroke="var(--soft)"
              strokeWidth={0.7}
            />
            <text x={Cut + 15} y={label.y}>
              {label.text}
            </text>
            <text className="dim" x={Cut + 15} y={label.y + 12} fontSize={11}>
              {label.note}
            </text>
          </g>
        ))}
        <text className="dim" x={left} y={H - 6} fontSize={11}>
          {`${section.substrate} · ${section.moisture}${section.lead === "provedAbsent" ? "" : ` · lead ${section.lead}`}`}
        </text>
        <text className="dim" x={W - 8} y={H - 6} fontSize={11} textAnchor="end">{`${filmText(total)} of film`}</text>
      </g>
    </svg>
  );
  if (!turn)
    return (
      <div className="cut" ref={frame}>
        {drawing}
      </div>
    );
  return (
    <div className="turnable" ref={frame}>
      {drawing}
      <div className="row">
        <button type="button" className="btn tight" aria-pressed={before} onClick={() => setBefore(true)}>
          before
        </button>
        <button type="button" className="btn tight" aria-pressed={!before} onClick={() => setBefore(false)}>
          after
        </button>
      </div>
      <Key section={section} wood={wood} />
    </div>
  );
}

/** The key to the hatches that this section uses. */
function Key({ section, wood }: { section: Section; wood: boolean }) {
  const entries: [string, string][] = [
    [wood ? "wood" : groundHatch(section.family), section.substrate],
    ...(section.moisture !== "dry" ? ([["damp", "damp"]] as [string, string][]) : []),
    ...(section.stainShare > 0 ? ([["stain", "stain"]] as [string, string][]) : []),
    ...(section.bareShare + section.looseShare > 0 ? ([["bare", "bare"]] as [string, string][]) : []),
    ["spot", "spots only"],
  ];
  return (
    <ul className="hatchkey" aria-label="Key to the hatches">
      {entries.map(([hatch, word]) => (
        <li key={hatch}>
          <svg viewBox="0 0 14 12" width={14} height={12} aria-hidden="true">
            <Hatches id={`key-${hatch}`} scale={0.8} />
            <rect x={0.5} y={0.5} width={13} height={11} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={0.6} />
            <rect x={0.5} y={0.5} width={13} height={11} fill={`url(#key-${hatch}-${hatch})`} />
          </svg>
          {word}
        </li>
      ))}
    </ul>
  );
}

const groundHatch = (family: Section["family"]) =>
  family === "wood"
    ? "wood"
    : family === "masonry"
      ? "masonry"
      : family === "ferrous" || family === "nonFerrous"
        ? "metal"
        : family === "slick"
          ? "slick"
          : "plaster";

const coatLines = (coats: number) => Array.from({ length: Math.max(0, coats - 1) }, (_, i) => (i + 1) / coats);

function describe(section: Section, layers: number) {
  const parts = [
    `Section: ${section.substrate}`,
    section.old.length > 0 ? section.old.map((l) => `${l.coats} of ${l.title}`).join(", ") : "bare",
  ];
  if (section.bareShare + section.looseShare > 0)
    parts.push(`${Math.round((section.bareShare + section.looseShare) * 100)} % bare or loose, edges ${section.edges}`);
  if (section.stainShare > 0) parts.push("stained");
  if (section.knots > 0) parts.push(`${section.knots} knots`);
  parts.push(`${layers} new layers`);
  return parts.join("; ");
}
