import type { Section } from "../api/client";
import { filmText } from "../shell/words";

/** A layer as it is drawn, pixels, y downwards. */
export type Rect = { layer: Section["old"][number]; y: number; h: number; x?: number; w?: number };

/** Pixels from one note to the next: a line of 12 and one of 11. */
export const NoteStep = 27;

// Width of a letter by its height, on average, of the drawing's type.
const Letter = 0.55;

/**
 * Notes beside the cut, each with a line to its layer, pushed apart so that thin films stay readable.
 * @param old Layers that are there, from the ground up.
 * @param laid Layers that are laid on them, from the ground up.
 * @param ground Where the face of the ground is.
 * @param cut Where the cut ends and the notes begin.
 * @param room How wide the notes may be.
 */
export function notes(old: Rect[], laid: Rect[], ground: number, cut: number, room: number) {
  const wanted = [...[...laid].reverse(), ...[...old].reverse()];
  const first = Math.max(12, Math.min(wanted[0]?.y ?? 12, ground - NoteStep * wanted.length + 6));
  const most = Math.floor(room / (12 * Letter));
  return wanted.map((r, i) => ({
    text: r.layer.title.length > most ? `${r.layer.title.slice(0, most - 1)}…` : r.layer.title,
    note: `${filmText(r.layer.microns)}${r.layer.coats > 1 ? `, ${r.layer.coats} coats` : ""}${r.layer.extent === "whole" ? "" : `, on ${where(r.layer.extent)}`}`,
    y: first + i * NoteStep,
    at: r.y + r.h / 2,
    from: (r.x ?? 8) + (r.w ?? cut - 8),
  }));
}

const where = (extent: string) =>
  extent === "fill" ? "hollows" : extent === "stain" ? "the stain" : extent === "knots" ? "knots" : "patches";
