import { readFileSync } from "node:fs";
import AxeBuilder from "@axe-core/playwright";
import { test as base, expect, type Locator, type Page } from "@playwright/test";

/** The program that this worker drives: its port is the first one of the configuration plus the worker's place. */
const program = `http://127.0.0.1:${5171 + Number(process.env.TEST_PARALLEL_INDEX ?? 0)}`;

/** A change from outside the pages says that it comes from the program's own address. */
export const own = { origin: program };

const demo = readFileSync(new URL("../../../demo/sallow-ferry.job.json", import.meta.url), "utf8");

/** Every test starts from the demo job, and fails on anything that the browser complains about. */
export const test = base.extend<{ calm: undefined }>({
  // biome-ignore lint/correctness/noEmptyPattern: a fixture's first argument has to be taken apart.
  baseURL: async ({}, use) => use(program),
  calm: [
    async ({ page, request }, use) => {
      const complaints: string[] = [];
      page.on("console", (m) => {
        if (m.text().includes("Service Worker registration blocked by Playwright")) return;
        // A refused edit is answered 409 on purpose, and a line may be cut on purpose; the browser logs each.
        if (
          m.type() === "error" &&
          !m.text().includes("409 (Conflict)") &&
          !m.text().includes("400 (Bad Request)") &&
          !m.text().includes("507 (Insufficient Storage)") &&
          !m.text().includes("ERR_INTERNET_DISCONNECTED") &&
          // What the worker of a page asks without a network fails in its name.
          !m.text().includes("ERR_FAILED") &&
          // What is worth looking at next is worked out slowly; the surface may be put away before its turn comes.
          !(m.text().includes("404 (Not Found)") && m.location().url.endsWith("/checks"))
        )
          complaints.push(`${m.text()} ${m.location().url}`);
        if (m.type() === "warning") complaints.push(m.text());
      });
      page.on("pageerror", (e) => complaints.push(e.message));
      const put = await request.post("/api/jobs/import?replace=true", {
        data: demo,
        headers: { "content-type": "application/json", ...own },
      });
      expect(put.status()).toBe(201);
      await use(undefined);
      expect(complaints).toEqual([]);
    },
    { auto: true },
  ],
});

export { expect };

/** What a check found, by rule and place. */
type Found = Awaited<ReturnType<AxeBuilder["analyze"]>>;

const none = (found: Found) =>
  expect(found.violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(" ")).join("; ")}`)).toEqual([]);

/** No violation of WCAG 2.2 AA that a machine can see. */
export async function accessible(page: Page) {
  none(await new AxeBuilder({ page }).withTags(["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"]).analyze());
}

/** Every text stands out from its ground (WCAG 1.4.3). */
export async function contrasting(page: Page) {
  none(await new AxeBuilder({ page }).withRules(["color-contrast"]).analyze());
}

export const at = (view: string, surface = "stair-wall") => `/sallow-ferry/${view}/ticket-office/${surface}`;

/** The edit is on the disk. */
export const kept = (page: Page) => expect(page.getByRole("status").first()).toContainText("kept");

/** Does something with a job in the list. */
export async function more(page: Page, job: string, what: string) {
  await page.getByRole("button", { name: `More with ${job}` }).click();
  await page.getByRole("menuitem", { name: what }).click();
}

/** Chooses from a long list by typing what tells it from the others. */
export async function choose(list: Locator, typed: string) {
  await list.click();
  await list.pressSequentially(typed);
  await list.press("Enter");
}

/** Opens a group of facts that stands folded. */
export const unfold = (page: Page, group: string) =>
  page.locator("details.factgroup > summary", { hasText: group }).click();

/** Puts a job away and erases it. */
export async function erase(page: Page, job: string) {
  await page.goto("/");
  await more(page, job, "Put away");
  await page.getByRole("button", { name: `Erase ${job}` }).click();
  await page.getByRole("button", { name: "Erase for good" }).click();
  await expect(page.getByRole("button", { name: `Erase ${job}` })).toHaveCount(0);
}
