import { accessible, at, expect, test } from "./bench";

test("a window is cut into a wall: the drawing, the area and the edges follow", async ({ page }) => {
  await page.goto(at("survey"));
  // 4.2 by 2.7 metres, nothing cut in it.
  await expect(page.getByRole("region", { name: "Reasons" })).toContainText("11.34 m²");
  await page.getByRole("button", { name: "Walls", exact: true }).click();
  const dialog = page.getByRole("dialog", { name: "Walls and openings: Ticket office" });
  await dialog.getByRole("button", { name: /Stair wall/ }).click();
  await dialog.getByRole("button", { name: "Add a window" }).click();
  const wide = dialog.getByLabel("Opening 1, wide");
  await expect(wide).toHaveValue("1");
  await accessible(page);

  // One that does not fit is said at once, and cannot be kept.
  await wide.fill("9");
  await wide.press("Enter");
  await expect(dialog).toContainText("the opening reaches beyond its wall");
  await expect(dialog.getByRole("button", { name: "Keep them" })).toBeDisabled();
  await dialog.getByLabel("Opening 1, wide").fill("1.5");
  await dialog.getByLabel("Opening 1, wide").press("Enter");
  await dialog.getByLabel("Opening 1, from the left").fill("0.6");
  await dialog.getByLabel("Opening 1, from the left").press("Enter");
  await dialog.getByRole("button", { name: "Keep them" }).click();
  await expect(dialog).toBeHidden();
  await expect(page.getByRole("region", { name: "Reasons" })).toContainText("9.54 m²");
  await page.reload();
  await expect(page.getByRole("region", { name: "Reasons" })).toContainText("9.54 m²");
});

test("a door removed lengthens the skirting, and a wall with a surface on it stays", async ({ page }) => {
  await page.goto(at("survey", "skirting"));
  const reasons = page.getByRole("region", { name: "Reasons" });
  await expect(reasons).toContainText("14.76 m");
  await page.getByRole("button", { name: "Walls", exact: true }).click();
  const dialog = page.getByRole("dialog", { name: "Walls and openings: Ticket office" });
  await expect(dialog.getByRole("button", { name: /Door wall/ })).toHaveAttribute("aria-pressed", "true");
  await dialog.getByRole("button", { name: "Opening 1, remove" }).click();
  await dialog.getByRole("button", { name: /Stair wall/ }).click();
  await expect(dialog.getByRole("button", { name: "Remove it" })).toBeDisabled();
  await dialog.getByRole("button", { name: "Keep them" }).click();
  await expect(reasons).toContainText("15.6 m");
});

test("a brief that nothing meets says what would, and taking that opens the way", async ({ page }) => {
  await page.goto(at("work", "skirting"));
  await page.getByText("Wanted").click();
  await page.getByLabel("Sheen").selectOption("matt");
  await expect(page.getByText("Nothing meets this brief: no finish meets the whole brief.")).toBeVisible();
  await expect(page.getByText("What would help:")).toBeVisible();
  await expect(
    page.getByRole("listitem").filter({ hasText: "take eggshell or satin or gloss instead of matt" }),
  ).toBeVisible();
  await accessible(page);
  await page.getByLabel("Sheen").selectOption("satin");
  await expect(page.getByText("Nothing meets this brief")).toBeHidden();
  await expect(page.getByRole("region", { name: "Options side by side" }).getByRole("button")).not.toHaveCount(0);
});
