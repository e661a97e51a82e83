import { readFileSync } from "node:fs";
import jsQR from "jsqr";
import { accessible, at, choose, expect, kept, test } from "./bench";

test("pasted lines are read, shown for confirmation, and audited once taken", async ({ page }) => {
  await page.goto("/sallow-ferry/audit/riverside/veranda-columns");
  const lines = page.getByLabel("Paste or type lines, one for each step");
  await lines.fill(
    "1. Dust sheets down\n2. Burn off with a blow lamp\n3. sing a song\n4. Two coats gloss, 24 h between",
  );
  await page.getByRole("button", { name: "Read these lines" }).click();
  const read = page.getByRole("list", { name: "What was understood" });
  await expect(read.getByRole("listitem")).toHaveCount(5);
  await expect(read.getByRole("listitem").nth(1)).toContainText("Burn off with a flame");
  await expect(read.getByRole("listitem").nth(2)).toContainText("left out");
  await expect(read).toContainText("product not specified");
  await page.getByRole("button", { name: "Take these 4 steps" }).click();
  await expect(page.getByText(/Danger: a flame is used on paint/)).toBeVisible();
  await kept(page);
  await accessible(page);
});

test("lines that cannot be read say why and stay", async ({ page }) => {
  await page.goto(at("audit"));
  const box = page.getByLabel("Paste or type lines, one for each step");
  await box.fill("Wash down");
  await page.route("**/api/read-lines*", (route) =>
    route.fulfill({
      status: 400,
      contentType: "application/problem+json",
      body: '{"title":"Too many lines: 400 at most."}',
    }),
  );
  await page.getByRole("button", { name: "Read these lines" }).click();
  await expect(page.getByRole("alert")).toContainText("Too many lines");
  await expect(box).toHaveValue("Wash down");
});

test("a line of several things is several steps, and all mends can be put in at once", async ({ page }) => {
  await page.goto("/sallow-ferry/audit/kitchen/tiled-dado");
  await page
    .getByLabel("Paste or type lines, one for each step")
    .fill("Clean tiles, scuff tiles and dust off\nTest for lead\nTile primer, leave 1 hour\n2 coats tile paint");
  await page.getByRole("button", { name: "Read these lines" }).click();
  const read = page.getByRole("list", { name: "What was understood" });
  await expect(read.getByRole("listitem")).toHaveCount(8);
  await expect(read.getByRole("listitem").nth(3)).toContainText("a test is no step");
  await choose(read.getByLabel("Line 4 means"), "cover floor");
  await page.getByRole("button", { name: "Take these 7 steps" }).click();
  const own = page.getByRole("region", { name: "Own sequence" });
  await expect(own).toContainText("in all before this step, not 1 h.");
  await own.getByText("The same with every mend in it").click();
  await accessible(page);
  await own.getByRole("button", { name: "Put all mends in" }).click();
  // Whether the tiles were keyed is asked, and nothing is wrong any more.
  await expect(own).toContainText(/all sound|sound, if/);
  await kept(page);
});

test("the brief changes the options as it is entered", async ({ page }) => {
  await page.goto(at("work", "skirting"));
  const compare = page.getByRole("region", { name: "Options side by side" });
  await expect(compare.getByRole("button", { name: /Strip to bare/ }).first()).toBeVisible();
  await compare.getByText("Wanted").click();
  await compare.getByRole("combobox", { name: /^The old film/ }).selectOption({ label: "kept" });
  await expect(compare.getByRole("button", { name: /Strip to bare/ })).toHaveCount(0);
  await compare.getByLabel("Budget").fill("10");
  await compare.getByLabel("Budget").press("Enter");
  await expect(compare).toContainText("No option keeps to the budget");
  await expect(page.getByRole("complementary")).toContainText("The old film is kept on purpose.");
  await accessible(page);
});

test("why not is answered by running it again", async ({ page }) => {
  await page.goto(at("work", "skirting"));
  const step = page
    .getByRole("listitem")
    .filter({ has: page.getByRole("heading", { name: "Flat the old film down wet" }) });
  await step.getByRole("button", { name: /Flat the old film down wet/ }).click();
  await step.getByText("Why?").click();
  await step.getByLabel("Why not").selectOption({ label: "Rub the old film down dry" });
  await expect(step).toContainText("lead has not been ruled out");
  await step.getByLabel("Why not").selectOption({ label: "leave it out" });
  await expect(step).toContainText("A shiny film gives no grip");
});

test("a house rule is followed, and the other school stays in sight", async ({ page }) => {
  await page.goto("/sallow-ferry/firm");
  await page.getByLabel("trim paint").selectOption({ label: "waterborne enamel" });
  await page.getByRole("link", { name: "Work" }).click();
  await page.goto(at("work", "skirting"));
  const compare = page.getByRole("region", { name: "Options side by side" });
  await expect(compare.getByRole("button").first()).toContainText(/enamel|linseed/);
  await compare.getByRole("button", { name: /the other school/ }).click();
  await expect(page.getByRole("complementary")).toContainText("S20, trim paint");
});

test("our way of doing a step is said at it, and under a dark finish what the coat beneath is tinted to", async ({
  page,
}) => {
  await page.goto("/sallow-ferry/firm");
  await page.getByRole("combobox", { name: /^edges/ }).selectOption({ label: "tape all" });
  await page.getByLabel("trim paint").selectOption({ label: "solvent enamel" });
  await page.getByRole("link", { name: "Work" }).click();
  await page.goto(at("work", "skirting"));
  const steps = page.getByRole("region", { name: "Steps" });
  const finish = steps
    .getByRole("listitem")
    .filter({ has: page.getByRole("heading", { name: /^Solventborne finish/ }) });
  await steps.getByRole("button", { name: "Open all" }).click();
  await expect(finish).toContainText("Our way, edges: tape all.");
  await expect(steps.getByText("Our way, edges")).toHaveCount(await finish.count());
  await page.getByText("Wanted").click();
  await page.getByLabel("Light reflectance").fill("12");
  await page.getByLabel("Light reflectance").press("Enter");
  const under = steps.getByRole("listitem").filter({ has: page.getByRole("heading", { name: /^Undercoat/ }) });
  await expect(under).toContainText("LRV 17 to 27");
  await expect(finish.first()).not.toContainText("LRV");
  await accessible(page);
});

test("a product of one's own stands for its class with its own numbers", async ({ page }) => {
  await page.goto("/sallow-ferry/firm");
  await page.getByLabel("trim paint").selectOption({ label: "solvent enamel" });
  await choose(page.getByLabel("Class of the product"), "alkyd gloss");
  await page.getByRole("button", { name: "Add a product of this class" }).click();
  const own = page.getByRole("group", { name: "alkyd gloss" });
  await own.getByLabel("recoat, better h").fill("40");
  await own.getByLabel("recoat, better h").press("Enter");
  await expect(own.getByLabel("recoat, better h")).toHaveValue("40");
  await accessible(page);
  await page.goto(at("work", "skirting"));
  await expect(page.getByRole("region", { name: "Steps" })).toContainText("our alkyd gloss");
});

test("ways of stripping are ranked, and a trial patch changes the order", async ({ page }) => {
  await page.goto(at("work", "skirting"));
  await page.getByText("Ways to strip it").click();
  const rows = page.getByRole("table").filter({ hasText: "Waste, residue, power" }).getByRole("row");
  await expect(rows.nth(1)).toContainText("infrared");
  await page.getByLabel("Method tried").selectOption({ label: "Strip with solvent gel" });
  await page.getByLabel("Share that came off, percent").fill("100");
  await page.getByLabel("Minutes of work on the trial patch").fill("2");
  await page.getByRole("button", { name: "Log the patch" }).click();
  await expect(rows.nth(1)).toContainText("solvent gel");
  await expect(rows.nth(1)).toContainText("100");
  await accessible(page);
});

test("four documents, each sheet with job, date and revision, and as PDF", async ({ page }) => {
  await page.goto("/sallow-ferry/document/riverside");
  // Whoever reads, a sheet a room and one for the job.
  for (const [kind, words] of [
    ["Specification in full", "Hold point"],
    ["For the client", "Not in the price"],
    ["For the crew", "Hold point"],
    ["Hazards", "Always refused"],
  ] as const) {
    await page.getByRole("group", { name: "Which document" }).getByText(kind, { exact: true }).click();
    await expect(page.getByText(words).first()).toBeVisible();
    const sheets = page.getByRole("article");
    await expect(sheets).toHaveCount(8);
    await expect(sheets.first()).toContainText("Slipway Painters");
    for (const sheet of await sheets.all()) {
      await expect(sheet).toContainText("Sallow Ferry, ferry house");
      await expect(sheet).toContainText("revision");
    }
  }
  await accessible(page);
  const markdown = await page.request.get("/api/jobs/sallow-ferry/documents/crew-checklist.md");
  expect(await markdown.text()).toContain("- [ ] ");
  const saved = page.waitForEvent("download");
  await page.getByRole("button", { name: "For a word processor" }).click();
  const html = readFileSync(await (await saved).path(), "utf8");
  expect(html.match(/<section>/g)).toHaveLength(8);
  expect(html).toContain("Always refused");
  expect(html).not.toContain("class=");
  const pdf = await page.pdf({ preferCSSPageSize: true });
  expect(pdf.subarray(0, 4).toString()).toBe("%PDF");

  // What a crew carries is less than a leaf for each of the surfaces; no prices on any.
  await page.getByText("For the crew", { exact: true }).click();
  await expect(page.getByText("Hold point").first()).toBeVisible();
  const crew = (await page.pdf({ preferCSSPageSize: true })).toString("latin1");
  expect(crew.match(/\/Type \/Page\b(?!s)/g)?.length).toBeLessThan(25);
  await expect(page.getByText("£")).toHaveCount(0);
});

test("the section turns from before to after, with a key to its hatches", async ({ page }) => {
  await page.goto("/sallow-ferry/work/riverside/veranda-columns");
  const drawing = page.getByRole("img", { name: /Section: cast or wrought iron/ });
  await expect(drawing).toHaveAccessibleName(/[1-9] new layers/);
  await page.getByRole("button", { name: "before", exact: true }).click();
  await expect(drawing).toHaveAccessibleName(/0 new layers/);
  await expect(page.getByRole("list", { name: "Key to the hatches" })).toContainText("spots only");
  await expect(page.getByRole("img", { name: /^column: 1 capital/ })).toBeVisible();
});

test("nothing is wider than a phone", async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  for (const path of [
    "/sallow-ferry/work/riverside/front-window",
    "/sallow-ferry/firm",
    "/sallow-ferry/audit/riverside/slipway-railings",
  ]) {
    await page.goto(path);
    await expect(page.getByRole("heading").first()).toBeVisible();
    await expect.poll(() => page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  }
});

// Read by an outside decoder, as a telephone would.
test("the code on the hand-over sheet leads to the record of the job", async ({ page }) => {
  await page.goto("/sallow-ferry/document/ticket-office?paper=as-built");
  const code = page.getByRole("img", { name: "QR code of the record" });
  await expect(code).toBeVisible();
  const seen = await code.evaluate(async (img: HTMLImageElement) => {
    await img.decode();
    const canvas = document.createElement("canvas");
    canvas.width = canvas.height = 400;
    const pen = canvas.getContext("2d");
    pen?.drawImage(img, 0, 0, 400, 400);
    return [...(pen?.getImageData(0, 0, 400, 400).data ?? [])];
  });
  const address = jsQR(new Uint8ClampedArray(seen), 400, 400)?.data ?? "";
  await expect(page.locator(".recordcode")).toContainText(address);
  await page.goto(address);
  await expect(page.getByRole("radio", { name: "As built" })).toBeChecked();
  await expect(page.getByRole("article").first()).toContainText("Sallow Ferry, ferry house");
  await accessible(page);
});
