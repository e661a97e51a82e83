import type { Locator } from "@playwright/test";
import { accessible, erase, expect, more, test } from "./bench";

/** Puts a job away for good, so that other tests find the list as they left it. */
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
  await expect(page.getByRole("dialog")).toHaveCount(0);
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

test("from nothing to a printed client summary by keyboard alone, within a hundred and fifty keys", async ({
  page,
}) => {
  let pressed = 0;
  const press = async (key: string) => {
    pressed++;
    await page.keyboard.press(key);
  };
  await page.addInitScript(() => {
    window.print = () => document.body.setAttribute("data-printed", "yes");
  });
  await page.goto("/");
  await expect(page.getByRole("heading", { name: "Jobs" })).toBeVisible();
  await press("n");
  await expect(page.getByLabel("Called")).toBeFocused();
  await page.keyboard.type("Quay Row 9");
  await press("Enter");
  const newRoom = page.getByRole("dialog", { name: "New room" });
  await expect(newRoom.getByLabel("Called")).toBeFocused();
  await page.keyboard.type("Parlour");
  await press("Enter");
  await expect(page.getByRole("region", { name: "Room" }).getByRole("button", { name: /^Window/i })).toBeVisible();
  await press("8");
  await expect(page.getByRole("group", { name: "Which document" })).toBeVisible();
  // In by Tab until the choice of paper has it, then the arrows.
  for (
    let i = 0;
    i < 15 &&
    !(await page
      .getByRole("radio", { name: "Specification with drawings" })
      .evaluate((e) => e === document.activeElement));
    i++
  )
    await press("Tab");
  await press("ArrowRight");
  await expect(page.getByRole("radio", { name: "Specification in full" })).toBeChecked();
  await press("ArrowRight");
  await expect(page.getByRole("radio", { name: "For the client" })).toBeChecked();
  await expect(page.getByText("Fourth wall").first()).toBeVisible();
  await press("Tab");
  await press("Enter");
  await expect(page.locator("body")).toHaveAttribute("data-printed", "yes");
  console.log(`      ${pressed} keys beyond the names`);
  expect(pressed).toBeLessThanOrEqual(150);
  await erase(page, "Quay Row 9");
});

test.describe("on a phone", () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  test("from nothing to a client summary within sixty taps", async ({ page }) => {
    let taps = 0;
    const tap = async (what: Locator) => {
      taps++;
      await what.tap();
    };
    await page.goto("/");
    await tap(page.getByRole("button", { name: "New job" }));
    await page.getByLabel("Called").fill("Ferry Lane 1");
    taps++;
    await tap(page.getByRole("button", { name: "Start the job" }));
    const newRoom = page.getByRole("dialog", { name: "New room" });
    await newRoom.getByLabel("Called").fill("Back room");
    taps++;
    await tap(newRoom.getByRole("button", { name: "Add it" }));
    await expect(page.getByRole("region", { name: "Room" }).getByRole("button", { name: /^Window/i })).toBeVisible();
    await tap(page.getByRole("link", { name: "Document" }));
    await tap(page.getByText("For the client", { exact: true }).first());
    await expect(page.getByText("Fourth wall").first()).toBeVisible();
    console.log(`      ${taps} taps`);
    expect(taps).toBeLessThanOrEqual(60);
    await erase(page, "Ferry Lane 1");
  });
});

test("a demo is offered as one, and shows round in five stops", async ({ page }) => {
  await page.goto("/");
  const demos = page.getByRole("region", { name: "Demo jobs" });
  await expect(demos).toContainText("Alder Rise farm");
  // The one that is here already is not offered again.
  await expect(demos).not.toContainText("Sallow Ferry, ferry house");
  await accessible(page);
  await page.getByRole("button", { name: "Open the demo Wharf Street, flat 2" }).click();
  const stop = page.locator(".ant-tour");
  for (const title of ["The room, unfolded", "Say what you see", "Why it fails", "What to do"]) {
    await expect(stop).toContainText(title);
    await page.getByRole("button", { name: "Next", exact: true }).click();
  }
  await expect(stop).toContainText("From wall to paper");
  await accessible(page);
  await page.getByRole("button", { name: "Begin" }).click();
  await expect(stop).toHaveCount(0);
  // It can be called again.
  await page.keyboard.press("?");
  await page.getByRole("button", { name: "Show me round" }).click();
  await expect(stop).toContainText("The room, unfolded");
  await page.keyboard.press("Escape");
  await erase(page, "Wharf Street, flat 2");
});
