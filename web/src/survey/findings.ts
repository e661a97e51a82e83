import type { SurfaceView } from "../api/client";

type Finding = SurfaceView["findings"][number];

/** A sign that speaks for a cause or against it. */
export type Evidence = { way: "for" | "against"; line: string };

/** Below this a cause is named and folded: it neither makes work nor is a risk to be stated. */
const Stated = 0.15;
const Most = 4;
const For = 2;
const Against = 1;

/** The causes worth reading, the likeliest always among them, and those that are only named. */
export function weighed(findings: Finding[]): { main: Finding[]; less: Finding[] } {
  const read = findings.slice(0, Most);
  const main = read.filter((f, i) => i === 0 || f.probability >= Stated);
  return { main, less: read.slice(main.length) };
}

/** The strongest evidence of a cause, and what there is besides. */
export function evidence(finding: Pick<Finding, "for" | "against">): { shown: Evidence[]; more: Evidence[] } {
  const pro = finding.for.map((line): Evidence => ({ way: "for", line }));
  const con = finding.against.map((line): Evidence => ({ way: "against", line }));
  return {
    shown: [...pro.slice(0, For), ...con.slice(0, Against)],
    more: [...pro.slice(For), ...con.slice(Against)],
  };
}
