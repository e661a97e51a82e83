import { readdirSync, readFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { expect, test } from "vitest";

const folder = fileURLToPath(new URL("../src/", import.meta.url));

/** The plain classes that a style sheet gives a look of their own, leaving out what it says for a size of screen or for print. */
function classes(sheet: string): Set<string> {
  const found = new Set<string>();
  const text = sheet.replace(/\/\*[\s\S]*?\*\//g, "");
  let depth = 0;
  let selector = "";
  for (const sign of text) {
    if (sign === "{") {
      if (depth === 0)
        for (const [, name] of selector.matchAll(/(?:^|,)\s*\.([\w-]+)\s*(?=,|$)/g)) if (name) found.add(name);
      depth++;
      selector = "";
    } else if (sign === "}") {
      depth--;
      selector = "";
    } else selector += sign;
  }
  return found;
}

test("no class is styled for two different things: each has its look in one file", () => {
  const where = new Map<string, string[]>();
  for (const file of readdirSync(folder).filter((f) => f.endsWith(".css")))
    for (const name of classes(readFileSync(folder + file, "utf8")))
      where.set(name, [...(where.get(name) ?? []), file]);
  expect(where.size).toBeGreaterThan(100);
  expect([...where].filter(([, files]) => files.length > 1)).toEqual([]);
});
