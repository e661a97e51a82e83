import { accessible, at, expect, test } from "./bench";

test("the programme says who does what when, and is planned anew when hands or dates change", async ({ page }) => {
  test.setTimeout(120_000);
  await page.goto(at("programme"));
  const plan = page.getByRole("region", { name: "Programme", exact: true });
  const when = plan.locator("header strong");
  await expect(when).toBeVisible({ timeout: 40_000 });
  const alone = await when.innerText();
  await expect(page.getByRole("region", { name: "Not in it" })).toContainText("damp");
  await accessible(page);

  // A task picked in the list is picked on the board.
  const first = page.getByRole("region", { name: "Day by day" }).getByRole("button").first();
  await first.click();
  await expect(first).toHaveAttribute("aria-pressed", "true");
  await expect(page.locator(".stint.chosen")).toHaveCount(1);
  // What the one after it waits for is said where it is picked.
  const second = page.getByRole("region", { name: "Day by day" }).getByRole("button").nth(1);
  await second.click();
  await expect(second).toContainText(/waits for .+/);

  const terms = page.getByRole("region", { name: "Who and when" });
  await terms.getByLabel("painters").fill("2");
  await terms.getByLabel("painters").press("Enter");
  await expect(when).not.toHaveText(alone, { timeout: 40_000 });
  await expect(page.getByText("painter-2").first()).toBeVisible();
  // One person's days hold less than everybody's.
  const days = page.getByRole("region", { name: "Day by day" });
  const everybody = await days.locator("li").count();
  const whose = days.getByRole("group", { name: "Whose days" });
  await whose.getByRole("button", { name: "painter-2" }).click();
  await expect(whose.getByRole("button", { name: "painter-2" })).toHaveAttribute("aria-pressed", "true");
  await expect(page.getByRole("link", { name: "Calendar of painter-2" })).toHaveAttribute("href", /person=painter-2$/);
  expect(await days.locator("li").count()).toBeLessThan(everybody);
  await whose.getByRole("button", { name: "everybody" }).click();
  await expect(days.locator("li")).toHaveCount(everybody);

  // What moved against the plan before is told until it was seen, wherever one goes in between.
  const moved = page.getByRole("region", { name: "What moved" });
  await expect(moved).toContainText(/\d+ tasks sooner.*the finish is .* sooner/);
  await accessible(page);
  await page.keyboard.press("4");
  await expect(moved).toHaveCount(0);
  await page.keyboard.press("5");
  await moved.getByRole("button", { name: "Seen" }).click();
  await expect(moved).toHaveCount(0);

  // No plan can be done by noon of the first day: the rules that stand against each other are said.
  await terms.getByLabel("work may begin").fill("2027-03-01T08:00");
  await terms.getByLabel("all done by").fill("2027-03-01T12:00");
  await expect(plan).toContainText("stand against each other", { timeout: 60_000 });
  await expect(plan).toContainText("everything is done by Mon 1 Mar 12:00");
  await terms.getByLabel("all done by").fill("");
  await expect(when).toContainText("Mon 1 Mar", { timeout: 40_000 });
});

test("conditions say until when, from a forecast taken in as a table, and show the day", async ({ page }) => {
  await page.goto("/sallow-ferry/conditions/slipway/slipway-railings");
  const face = page.getByRole("region", { name: "May this coat be laid" });
  await expect(face.locator(".mayanswer")).toBeVisible();
  const rows = Array.from({ length: 49 }, (_, h) => {
    const at = new Date(Date.UTC(2027, 5, 7, h)).toISOString().slice(0, 16);
    return `${at},16,60,${h >= 14 && h < 16 ? 2 : 0},2,0.3,200`;
  });
  await page.getByLabel("Weather table").setInputFiles({
    name: "w.csv",
    mimeType: "text/csv",
    buffer: Buffer.from(`time,airC,rh,rainMm,windMs,cloud,sunWm2\n${rows.join("\n")}\n`),
  });
  await face.getByLabel("at", { exact: true }).fill("2027-06-07T08:00");
  await expect(face.locator(".mayanswer")).toContainText("until");
  await expect(face.locator(".daywords")).toContainText("rain");
  await accessible(page);

  // A table at fault is refused by its line, and the one before stays.
  await page.getByLabel("Weather table").setInputFiles({
    name: "bad.csv",
    mimeType: "text/csv",
    buffer: Buffer.from("time,airC,rh\n2027-06-07T08:00,8,170\n"),
  });
  await expect(page.getByRole("alert")).toContainText("line 2");
  await expect(face.locator(".mayanswer")).toContainText("until");
});
