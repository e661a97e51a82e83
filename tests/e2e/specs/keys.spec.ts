import { at, expect, kept, test } from "./bench";

const heading = (name: string) => ({ level: 2 as const, name, exact: true });

// Whoever knows the keys presses the next one before the page has settled after the last.
test("a key pressed the moment a surface appears goes on from that surface", async ({ page }) => {
  await page.goto("/sallow-ferry/survey/riverside/veranda-columns");
  // There and back, so that on the second way nothing has to be fetched and the page turns at once.
  const way = ["Veranda columns, four", "Slipway railings", "Sash window, left", "Stone step"];
  await expect(page.getByRole("heading", heading("Veranda columns, four"))).toBeVisible();
  for (const [key, names] of [
    ["j", way],
    ["k", way.toReversed()],
    ["j", way],
    ["k", way.toReversed()],
  ] as const) {
    await page.evaluate(
      ([key, names]) => {
        let next = 1;
        const press = () => document.body.dispatchEvent(new KeyboardEvent("keydown", { key, bubbles: true }));
        const watch = new MutationObserver(() => {
          if (![...document.querySelectorAll("h2")].some((h) => h.textContent === names[next])) return;
          next++;
          if (next < names.length) press();
          else watch.disconnect();
        });
        watch.observe(document.body, { subtree: true, childList: true, characterData: true });
        press();
      },
      [key, names] as const,
    );
    await expect(page.getByRole("heading", heading(names.at(-1) ?? ""))).toBeVisible();
  }
});

test("keys pressed in one breath all count, and the view stays", async ({ page }) => {
  await page.goto(at("survey"));
  await expect(page.getByRole("heading", heading("Stair wall, skim of 2019"))).toBeVisible();
  const order = await page.evaluate(async () => {
    const job = await (await fetch("/api/jobs/sallow-ferry")).json();
    const spaces = job.buildings.flatMap((b: { spaces: unknown[] }) => b.spaces);
    return spaces[0].surfaces.map((s: { id: string }) => s.id) as string[];
  });
  const start = order.indexOf("stair-wall");
  await page.evaluate(() => {
    for (const key of ["2", "j", "j", "k", "j"])
      document.body.dispatchEvent(new KeyboardEvent("keydown", { key, bubbles: true }));
  });
  await expect(page).toHaveURL(at("work", order[start + 2]));
});

test("Ctrl+Z in a box undoes what was typed there and leaves the survey alone", async ({ page }) => {
  await page.goto(at("survey"));
  await page.getByLabel("Grip").selectOption("abraded");
  await kept(page);
  const box = page.getByLabel("Say what you see");
  await box.fill("peel");
  await box.press("Control+z");
  await box.press("Control+y");
  await page.getByLabel("Surface pH").focus();
  await page.keyboard.type("9");
  await page.keyboard.press("Control+z");
  await expect(page.getByLabel("Grip")).toHaveValue("abraded");
  await page.getByLabel("Grip").focus();
  await page.keyboard.press("Control+z");
  await expect(page.getByLabel("Grip")).not.toHaveValue("abraded");
});

test("Page Down keeps the line while the next surface is on its way, and what is typed goes into it", async ({
  page,
}) => {
  await page.goto(at("survey"));
  const box = page.getByLabel("Say what you see");
  const title = page.getByRole("region", { name: "Facts" }).getByRole("heading", { level: 2 });
  const first = await title.textContent();
  await expect(page.getByLabel("Grip")).toBeVisible();
  await page.route(/surfaces\/[^/]+$/, async (route) => {
    await new Promise((later) => setTimeout(later, 1500));
    await route.continue();
  });
  await box.focus();
  await page.keyboard.press("PageDown");
  await page.keyboard.type("jus");
  await expect(box).toBeFocused();
  await expect(box).toHaveValue("jus");
  await expect(title).not.toHaveText("No surface yet");
  await expect(title).not.toHaveText(first ?? "");
  await expect(box).toBeFocused();
  await expect(box).toHaveValue("jus");
});

test("what is typed just before turning to another surface is kept all the same", async ({ page, request }) => {
  await page.goto(at("survey"));
  await expect(page.getByRole("heading", heading("Stair wall, skim of 2019"))).toBeVisible();
  // The disk is slow: the second line is still unsent when the page turns.
  let held: (() => void) | undefined;
  await page.route("**/changes", async (route) => {
    if (!held) await new Promise<void>((go) => (held = go));
    await route.continue();
  });
  const say = async (line: string) => {
    await page.keyboard.type(line);
    await page.keyboard.press("Enter");
  };
  await page.keyboard.press("s");
  await say("temp 9");
  await expect.poll(() => held !== undefined).toBe(true);
  await say("rh 71");
  await page.keyboard.press("PageDown");
  await expect(page.getByRole("heading", heading("Skirting of 1904"))).toBeVisible();
  held?.();
  await expect
    .poll(async () =>
      JSON.stringify((await (await request.get("/api/jobs/sallow-ferry/surfaces/stair-wall")).json()).surface.readings),
    )
    .toContain("71");
});
