import { accessible, at, choose, expect, kept, test, unfold } from "./bench";

test("options stand side by side and each step says why and who", async ({ page }) => {
  await page.goto(at("work", "skirting"));
  const compare = page.getByRole("region", { name: "Options side by side" });
  await expect(compare.getByRole("button")).toHaveCount(2);
  await expect(compare.getByRole("button").first()).toContainText("recommended");
  await expect(compare.getByRole("button").first()).toContainText("It does all that this surface needs");
  await compare.getByRole("button", { name: /waterborne bonding primer/ }).click();
  const steps = page.getByRole("region", { name: "Steps" });
  await expect(steps.getByRole("heading", { name: /bonding primer, waterborne trim enamel/ })).toBeVisible();
  await steps.getByRole("button", { name: "Open all" }).click();
  await expect(steps).toContainText("keep children and pregnant women out");
  const knots = steps
    .getByRole("listitem")
    .filter({ has: page.getByRole("heading", { name: /Seal knots with two coats of shellac/ }) });
  await knots.getByText("Why?").click();
  await expect(knots).toContainText("Resin bleeds through");
  await expect(knots).toContainText("Who says so");
  await page.reload();
  await expect(compare.getByRole("button", { name: /waterborne bonding primer/ })).toHaveAttribute(
    "aria-pressed",
    "true",
  );
});

test("one's own sequence is audited at its step, with a mend", async ({ page }) => {
  await page.goto(at("audit", "ceiling"));
  await page.getByRole("button", { name: "Start from the option chosen" }).click();
  await expect(page.getByText("all sound", { exact: true })).toBeVisible();
  const block = page
    .getByRole("listitem")
    .filter({ hasText: "Block the stain" })
    .filter({ has: page.getByRole("button", { name: /Remove step/ }) });
  await block.getByRole("button", { name: /Remove step/ }).click();
  await expect(page.getByText("1 fault")).toBeVisible();
  await expect(page.getByText("The brown ring comes through")).toBeVisible();
  await expect(page.getByText(/Before this step: block the stain/)).toBeVisible();
  await kept(page);
});

test("dry sanding presumed lead is flagged as danger", async ({ page }) => {
  await page.goto(at("audit", "skirting"));
  const find = page.getByLabel("Find an operation");
  for (const words of ["cover floor", "rub the old film down dry"]) {
    await find.fill(words);
    await find.press("Enter");
  }
  await expect(page.getByText("Danger: lead has not been ruled out.")).toBeVisible();
});

test("litres, tins and hours for the whole job", async ({ page }) => {
  await page.goto(at("buy"));
  const row = page.getByRole("row").filter({ hasText: "contract matt wall paint, white" });
  await expect(row).toContainText("1 × 10 L + 1 × 2.5 L");
  await expect(page.getByRole("region", { name: "Measured areas" })).toContainText("round the room less doors");
});

test("the document prints a sheet for the room and one for each surface", async ({ page }) => {
  await page.goto(at("document"));
  await expect(page.getByRole("heading", { name: "Specification: Ticket office" })).toBeVisible();
  await expect(page.getByRole("article").filter({ hasText: "revision" })).toHaveCount(4);
  await page.emulateMedia({ media: "print" });
  await expect(page.getByRole("navigation", { name: "Views" })).toBeHidden();
  const pdf = await page.pdf({ preferCSSPageSize: true });
  expect(pdf.subarray(0, 5).toString()).toBe("%PDF-");
});

test("an edit is answered and redrawn quickly enough to be felt as at once", async ({ page }) => {
  await page.goto(at("survey"));
  await expect(page.getByRole("region", { name: "Options", exact: true })).toContainText("Bind and keep");
  const seen: string[] = [];
  page.on("request", (r) => {
    if (r.method() === "POST" && r.url().endsWith("/changes")) seen.push(r.url());
  });
  await page.getByLabel("Edges under the scraper").selectOption("firm");
  await expect(page.getByRole("region", { name: "Options", exact: true })).toContainText("firm edge");
  // One request carries the edit and brings back findings, ways and section together.
  expect(seen).toHaveLength(1);
});

test("a wall asked to be sprayed is masked first, with the danger of the jet at the step", async ({ page }) => {
  await page.goto(at("work"));
  const steps = page.getByRole("region", { name: "Steps" });
  await expect(steps.getByRole("heading", { name: /cut in and rolled/ }).first()).toBeVisible();
  await page.getByText("Wanted").click();
  await page.getByLabel("sprayed, not rolled").check();
  await expect(steps.getByRole("heading", { name: "Mask everything for spraying" })).toBeVisible();
  const coat = steps.getByRole("listitem").filter({ has: page.getByRole("heading", { name: /sprayed airless/ }) });
  await coat
    .first()
    .getByRole("button", { name: /sprayed airless/ })
    .click();
  await expect(coat.first()).toContainText("goes through skin");
  await page.getByLabel("sprayed, not rolled").uncheck();
  await expect(steps.getByRole("heading", { name: /cut in and rolled/ }).first()).toBeVisible();
});

test("ways of stripping are ranked with what they ask of the supply, and those that are out say why", async ({
  page,
}) => {
  await page.goto(at("work"));
  await page.getByText("Ways to strip it").click();
  await expect(page.getByRole("row").filter({ hasText: "shrouded sander" })).toContainText("13 A, 230 V outlet");
  await page.getByText(/methods are ruled out here/).click();
  await expect(page.getByRole("listitem").filter({ hasText: "Strip with alkaline paste" })).toContainText(
    "Alkali eats zinc",
  );
});

test("a wall under paper that does not hold is told how to get it off", async ({ page }) => {
  await page.goto("/sallow-ferry/survey/kitchen/kitchen-board");
  await choose(page.getByLabel("Substrate"), "paper vin");
  await kept(page);
  await page.goto("/sallow-ferry/work/kitchen/kitchen-board");
  await expect(page.getByText("Stopped. What is under the paper has not been checked")).toBeVisible();
  const steps = page.getByRole("region", { name: "Steps" });
  await expect(steps.getByRole("heading", { name: "What may be done meanwhile" })).toBeVisible();
  await expect(steps.getByRole("heading", { name: "Soak and scrape the paper off" })).toBeVisible();
  await steps.getByRole("button", { name: "Open all" }).first().click();
  await expect(steps).toContainText("Look at what was beneath as a surface of its own.");
  await accessible(page);
});

test("what is about is said of the whole room, and a hazard follows at every surface in it", async ({ page }) => {
  await page.goto(at("survey"));
  await expect(page.getByText("Hazards").first()).toBeVisible();
  await unfold(page, "People and surroundings");
  await page.getByRole("group", { name: "Engine or flueless heater" }).getByLabel("yes").check();
  await kept(page);
  await page.getByRole("button", { name: "Engine or flueless heater: say so of the whole room" }).click();
  await expect(
    page.getByRole("group", { name: "Engine or flueless heater" }).getByLabel("as the room: yes"),
  ).toBeChecked();
  await kept(page);
  await page.goto(at("survey", "skirting"));
  await expect(page.getByText(/carbon monoxide/).first()).toBeVisible();
});

test("what is about is said of the whole building, and taken back in another room", async ({ page }) => {
  await page.goto(at("survey"));
  await unfold(page, "People and surroundings");
  const animals = page.getByRole("group", { name: "Animals" });
  await animals.getByLabel("yes").check();
  await kept(page);
  await page.getByRole("button", { name: "Animals: say so of the whole building" }).click();
  await expect(animals.getByLabel("as the building: yes")).toBeChecked();
  await kept(page);
  await page.goto("/sallow-ferry/survey/riverside/front-window");
  await unfold(page, "People and surroundings");
  await expect(animals.getByLabel("as the building: yes")).toBeChecked();
  await page.getByRole("button", { name: "Animals: no longer said of the building" }).click();
  await expect(animals.getByLabel("not known")).toBeChecked();
  await kept(page);
});

test("a stopped surface shows the plan once freed, what to do meanwhile and all that stops it", async ({ page }) => {
  await page.goto(at("survey"));
  await unfold(page, "People and surroundings");
  await unfold(page, "Shape and fabric");
  await page.getByRole("group", { name: "Heavy plaster or masonry may fall" }).getByLabel("yes").check();
  await page.getByRole("group", { name: "Crack that moves" }).getByLabel("yes").check();
  await kept(page);
  await page.goto(at("work"));
  await expect(page.getByText("Stopped. Plaster, render or masonry may come down.")).toBeVisible();
  await expect(page.getByText("Stopped. The crack still moves.")).toBeVisible();
  await expect(page.getByText(/Get everybody and what matters out from under it/)).toBeVisible();
  await expect(page.getByText("The plan once freed").first()).toBeVisible();
  await expect(page.getByText(/Not to be started before/)).toBeVisible();
  await accessible(page);
  await page.goto(at("buy"));
  await expect(page.getByText(/more once what is stopped is freed/)).toBeVisible();
});
