import type { Page } from "@playwright/test";
import { accessible, expect, more, test } from "./bench";

/** Puts a job away for good, so that other tests find the list as they left it. */
async function erase(page: Page, job: string) {
  await page.goto("/");
  await more(page, job, "Put away");
  await page.getByRole("button", { name: `Erase ${job}` }).click();
  await page.getByRole("button", { name: "Erase for good" }).click();
  await expect(page.getByRole("button", { name: `Erase ${job}` })).toHaveCount(0);
}

test("from nothing to a client summary of a room by mouse, within forty clicks", async ({ page }) => {
  let clicks = 0;
  const click = async (name: string, role: "button" | "tab" | "link" = "button") => {
    clicks++;
    await page.getByRole(role, { name, exact: true }).first().click();
  };
  await page.goto("/");
  await click("New job");
  await page.getByLabel("Called").fill("Weir Street 3");
  clicks++;
  await page.getByLabel("For").fill("M. Example");
  clicks++;
  await page.getByLabel("Where").fill("3 Weir Street, Sallow Ferry");
  await click("Start the job");
  await expect(page.getByRole("dialog", { name: "New room" })).toBeVisible();
  await page.getByLabel("Called").fill("Living room");
  await page.keyboard.press("Escape");
  await click("Add it");
  const room = page.getByRole("region", { name: "Room" });
  for (const title of ["First wall", "Fourth wall", "Ceiling", "Skirting", "Door", "Window"])
    await expect(room.getByRole("button", { name: new RegExp(`^${title}`, "i") }).first()).toBeVisible();
  clicks++;
  await page
    .getByRole("link", { name: "Document" })
    .or(page.getByRole("button", { name: "Document" }))
    .first()
    .click();
  clicks++;
  await page.getByText("For the client", { exact: true }).first().click();
  await expect(page.getByText("For M. Example. 3 Weir Street, Sallow Ferry.").first()).toBeVisible();
  await expect(page.getByText("Fourth wall").first()).toBeVisible();
  expect(clicks).toBeLessThanOrEqual(40);
  await erase(page, "Weir Street 3");
});

test("jobs are searched, told more of, copied, put away and brought back by the word that says so", async ({
  page,
}) => {
  await page.goto("/");
  await more(page, "Sallow Ferry, ferry house", "Copy");
  await page.getByRole("dialog").getByLabel("Called").fill("Ferry stables");
  await accessible(page);
  await page.getByRole("button", { name: "Make the copy" }).click();
  await expect(page.getByRole("button", { name: "Ferry stables" })).toBeVisible();
  // Rooms only: nothing was found there yet.
  await expect(page.getByRole("region", { name: "Room" })).toContainText("not tried yet");
  await page.getByRole("link", { name: "All Sound" }).click();

  await more(page, "Ferry stables", "Name, client, address");
  await page.getByLabel("For").fill("The harbour office");
  await page.getByLabel("Where").fill("Upper Quay");
  await page.getByRole("button", { name: "Keep it" }).click();
  await expect(page.getByText("The harbour office, Upper Quay")).toBeVisible();
  await expect(page.getByText(/\d+ failing/)).toBeVisible();
  await accessible(page);

  await page.getByLabel("Search jobs").fill("quay harbour");
  await expect(page.getByRole("link", { name: "Sallow Ferry, ferry house" })).toHaveCount(0);
  await expect(page.getByRole("link", { name: "Ferry stables" })).toBeVisible();
  await page.getByLabel("Search jobs").fill("nobody");
  await expect(page.getByText("No job has that")).toBeVisible();
  await page.getByLabel("Search jobs").fill("");
  await expect(page.getByRole("link", { name: "Ferry stables" })).toBeVisible();

  await more(page, "Ferry stables", "Put away");
  await expect(page.getByText("Ferry stables is put away")).toBeVisible();
  await accessible(page);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByRole("link", { name: "Ferry stables" })).toBeVisible();
  await erase(page, "Ferry stables");
});
