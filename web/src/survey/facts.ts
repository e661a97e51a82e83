import type { Facts, Schemas, Surface } from "../api/client";

type Group = Schemas["FactGroup"];
type Field = Schemas["FactField"];

const recordedOf = (surface: Surface, field: Field) => surface.facts?.[field.key as keyof Facts] ?? null;

/** A group's facts: those asked of such a surface or recorded of it, and those that are seldom met there. */
export function parted(group: Group, surface: Surface, family: string | undefined): { asked: Field[]; rest: Field[] } {
  const grounds = (field: Field) => field.grounds ?? [];
  const fits = (field: Field) =>
    recordedOf(surface, field) !== null ||
    ((grounds(field).length === 0 || family === undefined || grounds(field).includes(family)) &&
      (!field.place || field.place === (surface.exposure ?? "inside")));
  return { asked: group.fields.filter(fits), rest: group.fields.filter((f) => !fits(f)) };
}

/** What is recorded of a group, in words: "loose film 6 %", "no mould", "lead found". */
export function recorded(group: Group, surface: Surface): string[] {
  return group.fields.flatMap((field) => {
    const value = recordedOf(surface, field);
    if (value === null) return [];
    const label = field.label[0]?.toLowerCase() + field.label.slice(1);
    if (field.kind === "yesNo") return [value ? label : `no ${label}`];
    if (field.kind === "percent") return [`${label} ${Math.round(Number(value) * 1000) / 10} %`];
    if (field.kind === "number") return [`${label} ${value} ${field.unit ?? ""}`.trim()];
    if (field.kind === "pick") return [`${label}: ${field.options.find((o) => o.value === value)?.title ?? value}`];
    return [];
  });
}
