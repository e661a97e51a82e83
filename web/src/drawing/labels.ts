/** A rectangle in metres, y downwards. */
export type Box = { x: number; y: number; width: number; height: number };

// Width of a letter by its height, on average, of the drawing's type.
const Letter = 0.54;

/** True where a text of a size, metres, is no wider than the room for it. */
export const fits = (text: string, room: number, size: number) => text.length <= Math.floor(room / (size * Letter)) - 1;

/** A title cut to the room for it; empty where nothing that tells would be left. */
export function shorten(title: string, room: number, size: number) {
  if (fits(title, room, size)) return title;
  const most = Math.floor(room / (size * Letter)) - 1;
  return most < 4 ? "" : `${title.slice(0, most - 1)}…`;
}

/**
 * Where a line of words on a piece stands: the first stretch that nothing is cut in and that is wide enough, or else the widest.
 * @param piece The piece.
 * @param others Whatever else is drawn; what lies outside the piece, or above or below the line, is no matter.
 * @param line From where to where the line reaches, metres down from the top of the piece.
 * @param wanted How wide they would be.
 */
export function stretch(piece: Box, others: Box[], line: [number, number], wanted: number) {
  const end = piece.x + piece.width;
  const cuts = others
    .filter(
      (o) => o.x < end && o.x + o.width > piece.x && o.y < piece.y + line[1] && o.y + o.height > piece.y + line[0],
    )
    .sort((a, b) => a.x - b.x);
  let best = { x: piece.x, width: 0 };
  let from = piece.x;
  for (const cut of [...cuts, { x: end, width: 0 }]) {
    const free = { x: from, width: Math.max(0, cut.x - from) };
    if (free.width >= wanted) return free;
    if (free.width > best.width) best = free;
    from = Math.max(from, cut.x + cut.width);
  }
  return best;
}

/** The fullest of some texts that fits; empty where none does. */
export const fullest = (texts: string[], room: number, size: number) => texts.find((t) => fits(t, room, size)) ?? "";
