import { accessible, expect, test } from "./bench";

test("a sum is answered as it is typed, with its working, and stands in the address", async ({ page }) => {
  await page.goto("/");
  await page.getByRole("link", { name: "Reckoner" }).click();
  await page.getByRole("navigation", { name: "Sums" }).getByRole("link", { name: "Litres" }).click();
  await expect(page.getByText(/Still wanted: area/)).toBeVisible();
  await page.getByLabel(/^area/).fill("31.724");
  await page.getByLabel(/^coats/).fill("2");
  await page.getByLabel(/^spreading rate/).fill("13");
  await page.getByLabel(/^added for tray/).fill("5");
  const answer = page.getByRole("region", { name: "Answer" });
  await expect(answer).toContainText("5.125 L");
  await expect(answer.getByRole("list")).toContainText("31.724 x 1 x 2 coats / 13");
  await expect(page).toHaveURL(/litres\?area=31\.724&coats=2&rate=13&allowance=5/);
  await page.reload();
  await expect(answer).toContainText("5.125 L");
  await accessible(page);
});

test("what cannot be is said at its field, and nothing is answered", async ({ page }) => {
  await page.goto("/reckoner/room?length=4&width=3&height=2.4");
  await expect(page.getByRole("region", { name: "Answer" })).toContainText("m²");
  await page.getByLabel(/^height/).fill("high");
  await expect(page.getByText("expected a number in m, found 'high'")).toBeVisible();
  await expect(page.getByLabel(/^height/)).toHaveAttribute("aria-invalid", "true");
  await accessible(page);
});

test("feet and inches are as good as metres", async ({ page }) => {
  await page.goto("/reckoner/unit?value=10&from=ft&to=m");
  await expect(page.getByRole("region", { name: "Answer" })).toContainText("3.048 m");
});

test("coats until an old colour is hidden are drawn one beside the other", async ({ page }) => {
  await page.goto("/reckoner/hiding?old=4");
  await expect(page.getByRole("img", { name: /after each of 3 coats/ })).toBeVisible();
  await accessible(page);
});

test.describe("on a phone", () => {
  test.use({ viewport: { width: 390, height: 844 } });
  test("a sum is picked from a list that can be searched", async ({ page }) => {
    await page.goto("/reckoner");
    const pick = page.getByRole("combobox", { name: "Sum" });
    await pick.click();
    await pick.pressSequentially("dew");
    await pick.press("Enter");
    await expect(page.getByRole("heading", { name: /Dew point/ })).toBeVisible();
    await page.getByLabel(/^air temperature/).fill("20");
    await page.getByLabel(/^relative humidity/).fill("50");
    await expect(page.getByRole("region", { name: "Answer" })).toContainText("9.255 °C");
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    await accessible(page);
  });
});
