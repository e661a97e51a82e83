import { chromium } from "@playwright/test";
const [,, what = "/", out = "/tmp/p/a.png", w = "1280", h = "800", ...acts] = process.argv;
const b = await chromium.launch({ executablePath: "/usr/bin/chromium", args: ["--no-sandbox","--disable-gpu"] });
const p = await b.newPage({ viewport: { width: +w, height: +h }, hasTouch: +w < 500, isMobile: +w < 500 });
p.on("console", (m) => m.type() === "error" && console.log("console:", m.text()));
await p.goto("http://127.0.0.1:5199" + what);
await p.waitForTimeout(2500);
for (const a of acts) { await eval(`(async()=>{${a}})()`); await p.waitForTimeout(700); }
await p.screenshot({ path: out });
await b.close();
