import { expect, test } from "vitest";
import { standalone } from "../src/document/page";

test("a document to edit stands alone: its words stay, the program's marks and controls go", () => {
  const page = standalone("For <the> client & co", [
    '<h2 class="x" style="color:red">Parlour</h2><button type="button">Go</button><table><tr><td class="n">£12</td></tr></table>',
    '<p aria-label="a">Second</p><svg width="3"><path d="M0"/></svg>',
  ]);
  expect(page).toContain("<title>For &lt;the&gt; client &amp; co</title>");
  expect(page).toContain("<section><h2>Parlour</h2><table><tr><td>£12</td></tr></table></section>");
  expect(page).toContain("<section><p>Second</p></section>");
  expect(standalone("Crew", ['<ul class="ticks"><li>Dust off</li></ul><ul><li>Gloves</li></ul>'])).toContain(
    "<ul><li>☐ Dust off</li></ul><ul><li>Gloves</li></ul>",
  );
  expect(page).not.toMatch(/class=|style=|<button|<svg|var\(/);
});
