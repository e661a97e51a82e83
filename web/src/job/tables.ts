export type Answer = {
  id?: string;
  version?: number;
  title?: string;
  detail?: string;
  errors?: Record<string, string[]>;
};

/** What the server says is wrong, in a sentence. */
export function refusal(answer: Answer, status: number) {
  const first = Object.entries(answer.errors ?? {})[0];
  return first ? `${first[0]}: ${first[1][0]}` : (answer.detail ?? answer.title ?? `refused (${status})`);
}

export type TableKind = "prices" | "readings" | "surfaces" | "weather";

/** What a table is of, by its column names: prices name a price, readings a check, weather the air, all else are surfaces. */
export function tableKind(text: string): TableKind {
  const names = (text.split(/\r?\n/, 1)[0] ?? "")
    .replace(/^\uFEFF/, "")
    .split(",")
    .map((n) => n.trim().replace(/^"|"$/g, ""));
  const says: [string, TableKind][] = [
    ["price", "prices"],
    ["check", "readings"],
    ["airC", "weather"],
  ];
  return says.find(([column]) => names.includes(column))?.[1] ?? "surfaces";
}
