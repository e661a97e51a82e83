import { readFileSync } from "node:fs";
import { accessible, at, contrasting, expect, kept, own, test } from "./bench";

const ways = "Options";

test("the ticket office opens with its three surfaces and their verdicts", async ({ page }) => {
  await page.goto("/");
  await page.getByRole("link", { name: "Sallow Ferry, ferry house" }).click();
  const room = page.getByRole("region", { name: "Room" });
  await expect(room.getByRole("button", { name: /Stair wall.*failing/ })).toBeVisible();
  await expect(room.getByRole("button", { name: /Skirting of 1904: prepare, lead presumed/ })).toBeVisible();
  await expect(room.getByRole("button", { name: /Boarded ceiling: prepare/ })).toBeVisible();
  await expect(page.getByRole("region", { name: "Reasons" })).toContainText("new or thirsty plaster");
  await expect(page.getByRole("region", { name: ways, exact: true })).toContainText("Bind and keep");
});

test("a changed fact changes verdict, ways and section at once, and is kept", async ({ page }) => {
  await page.goto(at("survey"));
  const glances = page.getByRole("region", { name: ways, exact: true });
  await expect(glances).toContainText("Bind and keep");
  await page.getByLabel("Edges under the scraper").selectOption("firm");
  await expect(glances).toContainText("Scrape to a firm edge");
  await expect(glances).not.toContainText("Bind and keep");
  await page.getByLabel("Source of damp").selectOption("open");
  await page.getByLabel("Moisture").selectOption("damp");
  await expect(page.getByRole("region", { name: "Reasons" })).toContainText("Stopped.");
  await kept(page);
  await page.reload();
  await expect(page.getByLabel("Moisture")).toHaveValue("damp");
});

test("a surface is surveyed by keyboard alone", async ({ page }) => {
  await page.goto(at("survey"));
  await expect(page.getByRole("heading", { name: "Stair wall, skim of 2019", exact: true })).toBeVisible();
  await page.keyboard.press("j");
  await expect(page.getByRole("heading", { name: "Skirting of 1904" })).toBeVisible();
  await page.keyboard.press("k");
  await expect(page.getByRole("heading", { name: "Stair wall, skim of 2019", exact: true })).toBeVisible();
  await page.keyboard.press("f");
  await expect(page.locator(".facts select, .facts input").first()).toBeFocused();
  await page.keyboard.press("Escape");
  await page.keyboard.press("s");
  await expect(page.getByLabel("Say what you see")).toBeFocused();
  await page.keyboard.type("black spots grouped");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("button", { name: /spots.*: seen/ }).first()).toBeVisible();
  await expect(page.getByRole("region", { name: "Reasons" })).toContainText("condensation and mould");
  await page.keyboard.press("Control+z");
});

test("undo brings the fact back", async ({ page }) => {
  await page.goto(at("survey"));
  await page.getByLabel("Moisture").selectOption("wet");
  await expect(page.getByRole("region", { name: "Reasons" })).toContainText("Stopped.");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByLabel("Moisture")).toHaveValue("dry");
  await page.getByRole("button", { name: "Redo" }).click();
  await expect(page.getByLabel("Moisture")).toHaveValue("wet");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByRole("region", { name: ways, exact: true })).toContainText("Bind and keep");
});

test("a number out of range is refused in words and nothing is lost", async ({ page }) => {
  await page.goto(at("survey"));
  const box = page.getByLabel("Surface pH");
  await box.fill("77");
  await box.press("Enter");
  await expect(page.getByRole("alert")).toContainText("ph: expected 0 to 14");
  await expect(box).toHaveValue("77");
  await box.fill("8");
  await box.press("Enter");
  await kept(page);
});

test("a room and a surface of one's own", async ({ page }) => {
  await page.goto(at("survey"));
  await page.getByRole("button", { name: "New room" }).click();
  await page.getByLabel("Called").fill("Lamp store");
  await page.getByLabel("First wall").fill("2.4");
  await accessible(page);
  await page.getByRole("button", { name: "Add it" }).click();
  await expect(page.getByLabel("Room", { exact: true }).locator("option:checked")).toHaveText("Lamp store");
  await page.getByRole("button", { name: "New surface" }).click();
  await page.getByLabel("Called").fill("Lamp wall");
  await page.getByLabel("On wall").selectOption({ label: "First wall" });
  await page.getByRole("button", { name: "Add it" }).click();
  await expect(page.getByRole("heading", { name: "Lamp wall" })).toBeVisible();
  await expect(page.getByRole("region", { name: ways, exact: true })).toContainText("£");
});

test("an edit made meanwhile by somebody else is not overwritten", async ({ page, request }) => {
  await page.goto(at("survey"));
  await expect(page.getByLabel("Moisture")).toHaveValue("dry");
  const path = "/api/jobs/sallow-ferry/surfaces/stair-wall";
  const view = await (await request.get(path)).json();
  view.surface.facts.moisture = "wet";
  view.surface.facts.key = "shiny";
  view.surface.signs.push({ sign: "s_rust", present: true });
  await request.put(path, { data: { version: view.version, surface: view.surface }, headers: own });
  await page.getByLabel("Grip").selectOption("abraded");
  await page.getByRole("button", { name: /Two versions/ }).click();
  const panel = page.getByRole("dialog", { name: /Changed by you and by somebody else/ });
  // Only what both changed is asked, and nothing is marked beforehand.
  await expect(panel.getByRole("row")).toHaveCount(2);
  await expect(panel.getByRole("row", { name: /Grip/ })).toContainText("abraded to matt");
  await expect(panel.getByRole("row", { name: /Grip/ })).toContainText("shiny");
  await expect(panel.getByRole("radio", { checked: true })).toHaveCount(0);
  await expect(panel.getByRole("button", { name: "Save these" })).toBeDisabled();
  await accessible(page);
  // Escape decides nothing and loses nothing.
  await page.keyboard.press("Escape");
  await expect(panel).toHaveCount(0);
  await expect(page.getByLabel("Grip")).toHaveValue("abraded");
  const stored = await (await request.get(path)).json();
  expect(stored.surface.facts.key).toBe("shiny");
  await page.reload();
  await page.getByRole("button", { name: /Two versions/ }).click();
  await panel.getByRole("radio").first().check();
  await panel.getByRole("button", { name: "Save these" }).click();
  await kept(page);
  const after = await (await request.get(path)).json();
  expect(after.surface.facts.key).toBe("abraded");
  expect(after.surface.signs.map((s: { sign: string }) => s.sign)).toContain("s_rust");
  await expect(page.getByLabel("Moisture")).toHaveValue("wet");
  await expect(page.getByLabel("Grip")).toHaveValue("abraded");
});

test("job files go out and come in, and a bad one changes nothing", async ({ page }) => {
  await page.goto(at("survey"));
  const out = page.waitForEvent("download");
  await page.getByRole("link", { name: "Export" }).click();
  const file = await (await out).path();
  expect(JSON.parse(readFileSync(file, "utf8")).id).toBe("sallow-ferry");
  const job = JSON.parse(readFileSync(file, "utf8"));
  job.id = "second-house";
  job.title = "Second house";
  await page
    .getByLabel("Job file")
    .setInputFiles({ name: "second.json", mimeType: "application/json", buffer: Buffer.from(JSON.stringify(job)) });
  await expect(page).toHaveURL(/second-house/);
  await expect(page.getByText("Second house", { exact: true })).toBeVisible();
  job.buildings[0].built = "long ago";
  await page
    .getByLabel("Job file")
    .setInputFiles({ name: "bad.json", mimeType: "application/json", buffer: Buffer.from(JSON.stringify(job)) });
  await expect(page.getByRole("alert")).toContainText("$.buildings[0].built");
});

for (const size of [
  { width: 1280, height: 800 },
  { width: 390, height: 844 },
]) {
  test(`every view is accessible, light and dark, at ${size.width}`, async ({ page }) => {
    test.setTimeout(240_000);
    await page.setViewportSize(size);
    for (const view of ["survey", "work", "audit", "buy", "document"]) {
      await page.emulateMedia({ colorScheme: "light" });
      await page.goto(at(view, "skirting"));
      await expect(page.getByRole("navigation", { name: "Views" })).toBeVisible();
      await page.waitForLoadState("networkidle");
      await accessible(page);
      if (size.width === 1280 && view !== "document") {
        const tall = await page.evaluate(() => document.documentElement.scrollHeight - window.innerHeight);
        expect(tall).toBeLessThanOrEqual(0);
      }
      const wide = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
      expect(wide).toBeLessThanOrEqual(0);
      // In the dark the colours are others; roles, names and sizes are not.
      await page.emulateMedia({ colorScheme: "dark" });
      await contrasting(page);
    }
  });
}

test("what a ground cannot have is asked about", async ({ page }) => {
  await page.goto(at("survey", "stair-wall"));
  // Not asked on plaster: it lies with what is seldom met there.
  await page.getByText("Stains", { exact: true }).click();
  await page.getByText(/^seldom here: .*Knots that show/).click();
  await page.getByLabel("Knots that show").fill("3");
  await page.getByLabel("Knots that show").press("Enter");
  await expect(
    page.getByText("knots are recorded on a ground that is no wood: it is not read until that is settled."),
  ).toBeVisible();
  await page.getByLabel("Knots that show").fill("0");
  await page.getByLabel("Knots that show").press("Enter");
  await expect(page.getByText("knots are recorded")).toHaveCount(0);
  await accessible(page);
});
