import { chromium } from "@playwright/test";
const b = await chromium.launch({ executablePath: "/usr/bin/chromium", args: ["--no-sandbox"] });
const p = await b.newPage({ viewport: { width: 1280, height: 800 } });
await p.goto("http://127.0.0.1:5199/sallow-ferry/work/ticket-office/stair-wall");
await p.waitForTimeout(2500);
console.log(await p.evaluate(() => { const w=[...document.querySelectorAll("*")].filter(e=>/bare spots/.test(e.textContent)); return w.slice(-2).map(e=>e.outerHTML.slice(0,1500)+getComputedStyle(e).cssText.slice(0,0)).join("\n---\n"); }));
await b.close();
