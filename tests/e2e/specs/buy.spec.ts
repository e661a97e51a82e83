import { accessible, at, expect, kept, test } from "./bench";

const csv = (name: string, text: string) => ({ name, mimeType: "text/csv", buffer: Buffer.from(text) });

test("what is bought is ticked off, and what is in the store is not bought again", async ({ page }) => {
  await page.goto(at("buy"));
  const row = page.getByRole("row").filter({ hasText: "peel-binding sealer" });
  await row.getByRole("checkbox").check();
  await expect(page.getByText(/1 of \d+ bought/)).toBeVisible();
  await expect(page.getByText("kept", { exact: true })).toBeVisible();
  await page.reload();
  await expect(row.getByRole("checkbox")).toBeChecked();
  await page.keyboard.press("u");
  await expect(row.getByRole("checkbox")).not.toBeChecked();

  const store = page.getByRole("region", { name: "In the store" });
  await store.getByLabel("What is in the store").click();
  await page.keyboard.type("peel-binding");
  await page.keyboard.press("Enter");
  await store.getByLabel("How much is left").fill("20");
  await store.getByRole("button", { name: "Add" }).click();
  await expect(row).toContainText("from the store");
  await expect(row).toContainText("nothing: the store has it");
  // What is left of it then, and how it is kept.
  await store.getByText(/L of it goes into this job\./).click();
  await expect(store).toContainText("What is left is one coat on about");
  await expect(store).toContainText("Kept from frost");
  await accessible(page);
  await store.getByLabel("spoilt").check();
  await expect(store).toContainText("Not used again");
  await expect(row).not.toContainText("from the store");
  await store.getByRole("button", { name: "Gone: peel-binding sealer" }).click();
  await expect(store.getByText("Nothing noted.")).toBeVisible();
});

test("a slower crew costs more hours at once, and each surface says why", async ({ page }) => {
  await page.goto("/sallow-ferry/buy");
  const cost = page.getByRole("region", { name: "To buy" }).locator("header strong");
  await expect(cost).toContainText("h of work");
  const before = Number((await cost.innerText()).match(/(\d+) h/)?.[1]);
  await page.getByLabel("with this crew").fill("2");
  await page.getByLabel("with this crew").press("Enter");
  await kept(page);
  await expect.poll(async () => Number((await cost.innerText()).match(/(\d+) h/)?.[1])).toBeGreaterThan(1.5 * before);
  const wall = page.getByRole("region", { name: "Measured areas" }).locator("details").first();
  await expect(wall.getByText("this crew")).toBeHidden();
  await wall.locator("summary").click();
  await expect(wall).toContainText("Work takes 2 times as long: this crew.");
  await accessible(page);
});

test("a price list at fault names its line and changes nothing; a sound one is bought by", async ({ page }) => {
  await page.goto(at("buy"));
  const lists = page.getByRole("region", { name: "Price lists" });
  const row = page.getByRole("row").filter({ hasText: "peel-binding sealer" });
  const before = await row.innerText();
  await lists.getByLabel("Price list").setInputFiles(csv("bad.csv", "product,size,price\np_peelbond,2.5,-4\n"));
  await expect(lists.getByRole("alert")).toContainText("line 2, column 3 (price)");
  expect(await row.innerText()).toBe(before);

  await lists
    .getByLabel("Price list")
    .setInputFiles(csv("good.csv", "product,size,price,supplier\np_peelbond,4,8.40,Quay paints (invented)\n"));
  await expect(lists.getByText(/1 pack listed by Quay paints/)).toBeVisible();
  await expect(row).toContainText("1 × 4 L");
  await expect(row).toContainText("£8");
  await lists.getByRole("button", { name: "Put all away" }).click();
  await expect(row).not.toContainText("1 × 4 L");
});

test("a quotation is reckoned from the rates, kept as sent, and the next says what changed", async ({ page }) => {
  await page.goto(at("buy"));
  const price = page.getByRole("region", { name: "Price", exact: true });
  const total = price.locator("strong");
  const first = (await total.innerText()).replace(/[^\d.]/g, "");
  await price.getByLabel("tax, %").fill("20");
  await price.getByLabel("tax, %").press("Enter");
  await expect
    .poll(async () => Number((await total.innerText()).replace(/[^\d.]/g, "")))
    .toBeCloseTo(Number(first) * 1.2, 1);
  await price.getByLabel("terms on the quotation").fill("A third when we begin");
  await price.getByLabel("terms on the quotation").blur();
  await price.getByRole("link", { name: "Quotation 1 as a paper" }).click();
  const paper = page.getByRole("article");
  await expect(paper.getByText("A third when we begin")).toBeVisible();
  await expect(paper.getByText("Provisional sums", { exact: false })).toBeVisible();
  await accessible(page);
  await page.getByRole("button", { name: "Keep quotation 1 as sent" }).click();
  await expect(page.getByText("It still stands.")).toBeVisible();

  await page.goto(at("buy"));
  await price.getByLabel("an hour of labour").fill("42");
  await price.getByLabel("an hour of labour").press("Enter");
  await expect(price.getByText("Since the last quotation was sent")).toBeVisible();
  await price.getByRole("link", { name: "Quotation 2 as a paper" }).click();
  await expect(paper.getByText(/takes the place of quotation 1/)).toBeVisible();
});

test.describe("on a phone", () => {
  test.use({ viewport: { width: 390, height: 844 }, isMobile: true, hasTouch: true });

  test("the shopping list fits and is ticked with a thumb", async ({ page }) => {
    await page.goto(at("buy"));
    const box = page.getByRole("checkbox", { name: "peel-binding sealer: bought" });
    await box.tap();
    await expect(box).toBeChecked();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    await accessible(page);
  });
});
