import { chromium } from "@playwright/test";
const b = await chromium.launch({ executablePath: "/usr/bin/chromium", args: ["--no-sandbox"] });
const p = await b.newPage({ viewport: { width: 680, height: 1000 } });
await p.emulateMedia({ media: "print" });
for (const kind of ["specification","crew-checklist","hazard-sheet"]) {
  await p.goto(`http://127.0.0.1:5199/plain-room/document?paper=${kind}`);
  await p.waitForTimeout(3000);
  console.log(kind, await p.evaluate(() => [...document.querySelectorAll("article.paper")].map(a => a.getBoundingClientRect().height)));
  await p.screenshot({ path: `/tmp/p-${kind}.png`, fullPage: true });
}
await b.close();
