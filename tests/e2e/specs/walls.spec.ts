import { accessible, expect, own, test } from "./bench";

test("a wall finished long ago is found by its batch, looked at again, and the next job there begins with what was laid", async ({
  page,
  request,
}) => {
  test.setTimeout(180_000);
  // Worked off three years ago as it was planned, by somebody on another device.
  const surface = "kitchen-board";
  const view = async () =>
    (await (await request.get(`/api/jobs/sallow-ferry/site?surface=${surface}`)).json()).surfaces[0];
  const before = await view();
  let at = Date.parse("2023-06-05T08:00:00Z");
  const items = before.remaining.map(
    (
      s: { n: number; operation: string; product: string | null; role: string; waitBefore: number; hours: number },
      i: number,
    ) => {
      at += 5 * 24 * 3600_000;
      const id = `0188${String(i).padStart(4, "0")}-0000-7000-8000-000000000001`;
      return {
        kind: "entry",
        id,
        version: 0,
        parent: "sallow-ferry",
        value: {
          id,
          kind: "done",
          at: new Date(at).toISOString().slice(0, 19),
          surface,
          step: s.n,
          operation: s.operation,
          batch: s.role === "finish" ? "Z-901" : null,
          by: "ben",
        },
      };
    },
  );
  const sent = await request.post("/api/jobs/sallow-ferry/changes", {
    headers: { "content-type": "application/json", ...own },
    data: { label: "the log of an old job", token: "walls", items },
  });
  expect(sent.status(), await sent.text()).toBe(200);
  expect((await view()).finished).toBe(true);

  await page.goto("/");
  await page.getByRole("link", { name: "Walls", exact: true }).click();
  await page.getByRole("searchbox", { name: "Search all walls" }).fill("Z-901");
  const found = page.getByRole("list", { name: "Walls found" });
  await expect(found.getByRole("listitem")).toHaveCount(1);
  await expect(found).toContainText("batch Z-901");
  await page.getByRole("searchbox", { name: "Search all walls" }).fill("Z-901 nowhere");
  await expect(page.getByText("Nothing on record has all of these words.")).toBeVisible();
  await page.getByRole("searchbox", { name: "Search all walls" }).fill("");
  await accessible(page);

  // It is due to be looked at, and whoever looks says so on its sheet.
  const looks = page.getByRole("region", { name: "Look again" });
  await expect(looks).toContainText("Due since");
  await looks.getByRole("listitem").getByRole("link", { name: "New plasterboard" }).first().click();
  await page.getByRole("button", { name: "Look at it again" }).click();
  await page.getByLabel("what is seen").fill("hairline at the arch, firm");
  await page.getByRole("button", { name: "Sound", exact: true }).click();
  await expect(page.getByRole("region", { name: "Log" })).toContainText(
    "looked at again, sound, hairline at the arch, firm",
  );
  await expect
    .poll(async () => (await (await request.get("/api/kept")).json()).lasting.length, { timeout: 20_000 })
    .toBe(1);
  await page.goto("/walls");
  await expect(page.getByRole("region", { name: "What lasts" })).toContainText("none in need of work yet");

  // The next job there.
  const made = await request.post("/api/jobs/sallow-ferry/copy", {
    headers: { "content-type": "application/json", ...own },
    data: { title: "Ferry, next time", asBuilt: true },
  });
  expect(made.ok()).toBe(true);
  const id = (await made.json()).id;
  const next = await (await request.get(`/api/jobs/${id}/surfaces/${surface}`)).json();
  expect(next.surface.layers.at(-1).year).toBe(2023);
  expect(next.surface.signs).toEqual([]);
});
