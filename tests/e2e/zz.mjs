import { chromium } from "@playwright/test";
const [,, url, out, w="1280", h="800"] = process.argv;
const b = await chromium.launch({executablePath:"/usr/bin/chromium"});
const c = await b.newContext({viewport:{width:+w,height:+h}, isMobile:+w<500, hasTouch:+w<500});
const p = await c.newPage();
p.on("console", m => { if (m.type()==="error") console.log("ERR", m.text()); });
await p.goto("http://127.0.0.1:5199"+url); await p.waitForLoadState("networkidle"); await p.waitForTimeout(1500);
await p.screenshot({path: out}); await b.close();
