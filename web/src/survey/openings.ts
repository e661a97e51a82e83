import type { Catalogue, Schemas } from "../api/client";

export type Wall = Schemas["Wall"];
export type Opening = Schemas["Opening"];
type Kind = NonNullable<Opening["kind"]>;

const round = (metres: number) => Math.round(metres * 1000) / 1000;

/** A new opening of usual size, in the middle of the widest stretch of wall that has none, and no larger than that and the wall. */
export function placed(wall: Wall, kind: Kind, usual: Catalogue["openings"]): Opening {
  const taken = [...(wall.openings ?? [])].sort((a, b) => a.fromLeftM - b.fromLeftM);
  let [from, width] = [0, 0];
  let at = 0;
  for (const opening of [...taken, { fromLeftM: wall.lengthM, widthM: 0 }]) {
    if (opening.fromLeftM - at > width) [from, width] = [at, opening.fromLeftM - at];
    at = Math.max(at, opening.fromLeftM + opening.widthM);
  }
  const size = usual.find((o) => o.kind === kind) ?? { widthM: 1, heightM: 1, sillM: 0 };
  const widthM = round(Math.min(size.widthM, Math.max(0.1, width)));
  const sillM = Math.min(size.sillM, Math.max(0, wall.heightM - 0.3));
  return {
    kind,
    fromLeftM: round(from + Math.max(0, (width - widthM) / 2)),
    sillM: round(sillM),
    widthM,
    heightM: round(Math.min(size.heightM, wall.heightM - sillM)),
  };
}
