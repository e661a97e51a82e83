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

  const terms = page.getByRole("region", { name: "Who and when" });
  await terms.getByLabel("painters").fill("2");
  await terms.getByLabel("painters").press("Enter");
  await expect(when).not.toHaveText(alone, { timeout: 40_000 });
  await expect(page.getByText("painter-2").first()).toBeVisible();

  // No plan can be done by noon of the first day: the rules that stand against each other are said.
  await terms.getByLabel("work may begin").fill("2027-03-01T08:00");
  await terms.getByLabel("all done by").fill("2027-03-01T12:00");
  await expect(plan).toContainText("stand against each other", { timeout: 60_000 });
  await expect(plan).toContainText("everything is done by Mon 1 Mar 12:00");
  await terms.getByLabel("all done by").fill("");
  await expect(when).toContainText("Mon 1 Mar", { timeout: 40_000 });
});
