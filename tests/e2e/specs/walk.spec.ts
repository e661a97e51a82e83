import { readFileSync } from "node:fs";
import { deflateSync } from "node:zlib";
import { accessible, at, expect, kept, test } from "./bench";

// A room is named, laid out and surveyed without the mouse; every key pressed is counted.
test("a room is surveyed from nothing by keyboard alone", async ({ page, request }) => {
  test.setTimeout(240_000);
  let pressed = 0;
  const press = async (key: string) => {
    pressed++;
    await page.keyboard.press(key);
  };
  const type = async (text: string) => {
    pressed += text.length;
    await page.keyboard.type(text);
  };
  const heading = (name: string) => page.getByRole("heading", { level: 2, name, exact: true });
  await page.goto(at("survey"));
  await expect(heading("Stair wall, skim of 2019")).toBeVisible();

  await press("Shift+N");
  await expect(page.getByLabel("Called")).toBeFocused();
  await type("Parcels room");
  await press("Enter");
  await expect(heading("First wall")).toBeVisible({ timeout: 15_000 });

  // Walls, ceiling, skirting, door and window came with it; six more surfaces: name, then element by its first letters.
  const more: [string, string][] = [
    ["Cornice", "corn"],
    ["Panelling", "pan"],
    ["Door frame", "fra"],
    ["Window board", "sil"],
    ["Heating pipe", "pip"],
    ["Tiled dado", "til"],
  ];
  for (const [name, letters] of more) {
    await press("n");
    await expect(page.getByLabel("Called")).toBeFocused();
    await type(name);
    await press("Tab");
    await type(letters);
    await press("Enter");
    await press("Enter");
    await expect(heading(name)).toBeVisible();
  }

  // Back to the first wall, then onward with Page Down from the line itself.
  const surfaces = [
    "First wall",
    "Second wall",
    "Third wall",
    "Fourth wall",
    "Ceiling",
    "Skirting",
    "Door",
    "Window",
    ...more.map((m) => m[0]),
  ];
  for (const name of surfaces.slice(0, -1).reverse()) {
    await press("k");
    await expect(heading(name)).toBeVisible();
  }
  const wall = [
    "matt emul 3",
    "peel 8",
    "no ring",
    "pin 14",
    "temp 15",
    "edges firm",
    "soil light",
    "no mould",
    "no flake",
    "no needles",
  ];
  const wood = ["gloss alk 4", "mc 12", "gloss 55", "no knot", "firm edge", "soil light", "no flake", "no rot"];
  const said: Record<string, string[]> = {
    "First wall": [...wall, "chalk 1"],
    "Second wall": ["matt emul 3", "pin 26", "tide", "needles 3", "edges lifting", "rh 72", "temp 12"],
    "Third wall": wall,
    "Fourth wall": [...wall, "hollow"],
    Ceiling: ["matt emul 4", "waterstain 3", "source mended", "pin 13", "no mould", "no peel"],
    Skirting: [...wood, "knot ring 1"],
    Cornice: ["distemper soft", "no peel", "pin 12", "no blister", "no flake"],
    Panelling: ["varnish 3", "mc 11", "gloss 62", "no runs", "no flake"],
    Door: [...wood, "runs"],
    "Door frame": wood,
    Window: ["oil lead 6", "mc 22", "putty", "awl 4", "no runs"],
    "Window board": ["gloss alk 5", "mc 15", "flake 2", "no rot", "no runs", "no open joint"],
    "Heating pipe": ["gloss alk 2", "heat 70", "rust 1"],
    "Tiled dado": ["sheet stays whole", "no silicone bead"],
  };
  await press("s");
  let things = 0;
  for (const name of surfaces) {
    await expect(heading(name)).toBeVisible();
    for (const line of said[name] ?? []) {
      await type(line);
      await expect(page.getByRole("listbox", { name: "Meanings" }).getByRole("option").first()).toBeVisible();
      await press("Enter");
      await expect(page.getByLabel("Say what you see")).toHaveValue("");
      things++;
    }
    await kept(page);
    if (name !== surfaces.at(-1)) await press("PageDown");
  }

  const job = await (await request.get("/api/jobs/sallow-ferry/export")).json();
  const room = job.buildings[0].spaces.find((s: { title: string }) => s.title === "Parcels room");
  expect(room.surfaces).toHaveLength(14);
  const readings = room.surfaces.flatMap((s: { readings?: unknown[] }) => s.readings ?? []);
  const signs = room.surfaces.flatMap((s: { signs?: unknown[] }) => s.signs ?? []);
  expect(readings.length).toBeGreaterThanOrEqual(20);
  expect(signs.length).toBeGreaterThanOrEqual(25);
  const facts = room.surfaces.flatMap((s: { facts?: object }) => Object.keys(s.facts ?? {}));
  expect(signs.length + facts.length).toBeGreaterThanOrEqual(60);
  const second = room.surfaces[1];
  expect(second.facts.edges).toBe("lifting");
  await page.goto(`/sallow-ferry/survey/${room.id}/${second.id}`);
  await expect(page.getByRole("region", { name: "Reasons" })).toContainText("Stopped.");
  console.log(`      ${pressed} keystrokes for 14 surfaces and ${things} things said`);
  expect(pressed).toBeLessThan(1700);
  await accessible(page);
});

test("while the line is down nothing is lost, not even by a reload, and it is sent when it is back", async ({
  page,
  request,
}) => {
  await page.goto(at("survey"));
  await expect(page.getByLabel("Moisture")).toHaveValue("dry");
  await page.context().setOffline(true);
  await page.getByLabel("Say what you see").fill("loose 31");
  await page.keyboard.press("Enter");
  await page.getByLabel("Say what you see").fill("mould");
  await page.getByLabel("Grip").selectOption("abraded");
  await expect(page.getByRole("status").first()).toContainText("No connection");
  await expect(page.getByRole("status").first()).toContainText("not sent yet");
  await page.context().setOffline(false);
  await page.reload();
  await kept(page);
  await expect(page.getByLabel("Grip")).toHaveValue("abraded");
  const stored = await (await request.get("/api/jobs/sallow-ferry/surfaces/stair-wall")).json();
  expect(stored.surface.facts.looseShare).toBe(0.31);
  expect(stored.surface.facts.key).toBe("abraded");
});

test("two browsers on one surface: what does not touch is merged and told, and neither loses anything", async ({
  page,
  browser,
}) => {
  const other = await (await browser.newContext()).newPage();
  await page.goto(at("survey"));
  await other.goto(at("survey"));
  await expect(page.getByLabel("Moisture")).toHaveValue("dry");
  await expect(other.getByLabel("Moisture")).toHaveValue("dry");
  await other.getByLabel("Soil").selectOption("greasy");
  await kept(other);
  await page.getByLabel("Grip").selectOption("abraded");
  await expect(page.getByRole("status").first()).toContainText("Merged with what somebody else changed");
  await kept(page);
  await expect(page.getByLabel("Soil")).toHaveValue("greasy");
  // The other, who goes on from the older version, gets it in turn.
  await other.getByLabel("Moisture").selectOption("drying");
  await kept(other);
  await expect(other.getByLabel("Grip")).toHaveValue("abraded");
  await expect(other.getByLabel("Moisture")).toHaveValue("drying");
  await other.close();
});

test("a zone is split off in place, surveyed apart and merged back", async ({ page }) => {
  await page.goto(at("survey"));
  await page.getByRole("button", { name: "Split off a zone" }).click();
  await expect(page.getByRole("heading", { name: /zone 1/ })).toBeVisible();
  const room = page.getByRole("region", { name: "Room" });
  await expect(room.getByRole("button", { name: /zone 1/ })).toBeVisible();
  await page.getByLabel("Zone width").fill("2");
  await page.getByLabel("Zone width").press("Enter");
  await kept(page);
  await expect(page.getByRole("region", { name: "Reasons" })).toContainText("2 m²");
  await accessible(page);
  await page.getByRole("button", { name: "Merge back" }).click();
  await expect(page.getByRole("heading", { name: "Stair wall, skim of 2019", exact: true })).toBeVisible();
  await expect(room.getByRole("button", { name: /zone 1/ })).toHaveCount(0);
});

test("an instrument's reading lands on the surface with instrument, unit, place and time", async ({
  page,
  request,
}) => {
  await page.goto(at("survey", "skirting"));
  await page.getByRole("button", { name: "Read with the pin meter, timber" }).click();
  await expect(page.getByRole("button", { name: "Remove: moisture of timber, by pin meter" })).toHaveCount(2);
  await kept(page);
  const stored = await (await request.get("/api/jobs/sallow-ferry/surfaces/skirting")).json();
  const taken = stored.surface.readings.at(-1);
  expect(taken).toMatchObject({ check: "T_damp_wood", unit: "%", instrument: "pin meter, timber" });
  expect(taken.at).toMatch(/^\d{4}-\d\d-\d\dT/);
});

test("a photo is added, shown and removed", async ({ page }) => {
  await page.goto(at("survey"));
  await page.getByLabel("Photo file").setInputFiles({ name: "corner.png", mimeType: "image/png", buffer: png(40, 30) });
  const photo = page.getByRole("img", { name: /Stair wall.*before: corner.png/ });
  await expect(photo).toBeVisible();
  await photo.scrollIntoViewIfNeeded();
  await expect.poll(() => photo.evaluate((i: HTMLImageElement) => i.naturalWidth)).toBe(40);
  await page
    .getByLabel("Photo file")
    .setInputFiles({ name: "x.png", mimeType: "image/png", buffer: Buffer.from("no picture") });
  await expect(page.getByRole("alert")).toContainText("content is something else");
  await page.getByRole("button", { name: /Remove the photo/ }).click();
  await expect(photo).toHaveCount(0);
});

test("words and units are the reader's; the record stays the same", async ({ page, request }) => {
  const before = await (await request.get("/api/jobs/sallow-ferry/export")).text();
  await page.goto(at("survey", "skirting"));
  await expect(page.getByRole("heading", { name: "Skirting of 1904" })).toBeVisible();
  await page.keyboard.press("?");
  await page.getByLabel("Terms", { exact: true }).selectOption("american");
  await page.getByLabel("Units", { exact: true }).selectOption("us");
  await accessible(page);
  await page.keyboard.press("Escape");
  await expect(page.getByRole("region", { name: "Room" })).toContainText("ft²");
  await page.getByRole("button", { name: "New surface" }).click();
  await page.getByLabel("Element").click();
  await page.getByLabel("Element").pressSequentially("baseb");
  await expect(page.locator(".ant-select-item-option", { hasText: "baseboard" })).toHaveCount(1);
  await page.keyboard.press("Escape");
  await page.keyboard.press("Escape");
  expect(await (await request.get("/api/jobs/sallow-ferry/export")).text()).toBe(before);
});

test("tables go out and come in, and the drawings are files that stand alone", async ({ page, request }) => {
  await page.goto(at("survey"));
  await page.getByRole("button", { name: "Files" }).click();
  const files = page.getByRole("dialog", { name: "Files" });
  await accessible(page);
  const out = page.waitForEvent("download");
  await files.getByRole("link", { name: "Surfaces (CSV)" }).click();
  const table = readFileSync(await (await out).path(), "utf8");
  expect(table.split("\r\n")).toHaveLength(27);
  const drawn = page.waitForEvent("download");
  await files.getByRole("button", { name: "Room drawing (SVG)" }).click();
  const svg = readFileSync(await (await drawn).path(), "utf8");
  expect(svg).toMatch(/^<svg /);
  expect(svg).toContain("Stair wall");
  expect(svg).not.toContain("var(--sheet");
  const bring = (text: string) =>
    page.getByLabel("Job file").setInputFiles({ name: "t.csv", mimeType: "text/csv", buffer: Buffer.from(text) });
  await bring("id,looseShare\nstair-wall,lots\n");
  await expect(page.getByRole("alert")).toContainText("line 2, column 2 (looseShare)");
  await page.getByRole("alert").getByRole("button", { name: "Close" }).click();
  await bring("id,looseShare\nstair-wall,0.27\n");
  await expect(files).toBeHidden();
  await expect
    .poll(
      async () =>
        (await (await request.get("/api/jobs/sallow-ferry/surfaces/stair-wall")).json()).surface.facts.looseShare,
    )
    .toBe(0.27);
});

test("the judgements behind a cause can be changed for the job and set back", async ({ page }) => {
  await page.goto(at("survey"));
  const finding = page.getByRole("article").filter({ hasText: "new or thirsty plaster" });
  await expect(finding).toContainText("very likely");
  await finding.getByText("The numbers").click();
  await finding.getByLabel("Prior weight").fill("0.3");
  await finding.getByLabel("Prior weight").press("Enter");
  await expect(finding).not.toContainText("very likely");
  await finding.getByRole("button", { name: /Back to the numbers/ }).click();
  await expect(finding).toContainText("very likely");
});

// A plain picture, made here so that no file need be shipped.
function png(width: number, height: number) {
  const crcTable = Array.from({ length: 256 }, (_, n) => {
    let c = n;
    for (let k = 0; k < 8; k++) c = c & 1 ? 0xedb88320 ^ (c >>> 1) : c >>> 1;
    return c >>> 0;
  });
  const chunk = (type: string, data: Buffer) => {
    const body = Buffer.concat([Buffer.from(type), data]);
    let crc = 0xffffffff;
    for (const b of body) crc = (crcTable[(crc ^ b) & 255] ?? 0) ^ (crc >>> 8);
    const out = Buffer.alloc(12 + data.length);
    out.writeUInt32BE(data.length);
    body.copy(out, 4);
    out.writeUInt32BE((crc ^ 0xffffffff) >>> 0, 8 + data.length);
    return out;
  };
  const header = Buffer.alloc(13);
  header.writeUInt32BE(width);
  header.writeUInt32BE(height, 4);
  header.set([8, 2, 0, 0, 0], 8);
  const rows = Buffer.alloc((width * 3 + 1) * height, 120);
  for (let y = 0; y < height; y++) rows[y * (width * 3 + 1)] = 0;
  return Buffer.concat([
    Buffer.from([137, 80, 78, 71, 13, 10, 26, 10]),
    chunk("IHDR", header),
    chunk("IDAT", deflateSync(rows)),
    chunk("IEND", Buffer.alloc(0)),
  ]);
}
