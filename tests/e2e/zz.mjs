import { chromium } from "@playwright/test";
const b = await chromium.launch({ executablePath: "/usr/bin/chromium", args: ["--no-sandbox"] });
const p = await b.newPage({ viewport: { width: 687, height: 1017 } });
for (const kind of ["specification","client-summary","crew-checklist","hazard-sheet"]) {
  await p.goto(`http://127.0.0.1:5199/plain-room/document?paper=${kind}`);
  await p.waitForTimeout(2500);
  const pdf = await p.pdf({ format: "A4", preferCSSPageSize: true, path: `/tmp/papers/${kind}.pdf` });
  await p.emulateMedia({ media: "print" });
  console.log(kind, (pdf.toString("latin1").match(/\/Type\s*\/Page\b/g) ?? []).length, await p.evaluate(() => [...document.querySelectorAll("article.paper")].map(a => a.getBoundingClientRect().height)));
  await p.screenshot({ path: `/tmp/p-${kind}.png`, fullPage: true });
}
await b.close();
