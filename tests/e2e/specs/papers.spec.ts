import { erase, expect, own, test } from "./bench";

const sound = { looseShare: 0, soil: "light", lead: "provedAbsent", leadProof: "built 1998" };
const dry = { ...sound, moisture: "dry", dampSource: "none" };
const wall = (id: string, title: string, lengthM: number) => ({
  id,
  title,
  element: "wall",
  substrate: "pboard",
  layers: [{ coating: "emul_matt", coats: 2 }],
  size: { lengthM, heightM: 2.4 },
  facts: dry,
  brief: { finish: "wallPaint", sheen: "matt", colour: "pale green" },
});
const wood = (id: string, element: string, title: string, size: object) => ({
  id,
  title,
  element,
  substrate: "sw",
  layers: [{ coating: "alkyd_gloss", coats: 2 }],
  size,
  facts: sound,
  brief: { finish: "trimPaint", sheen: "satin", colour: "white" },
});

/** A room as most are: sound emulsion on board, sound gloss on wood, everything to be freshened. */
const plain = {
  format: "allsound.job/1",
  id: "plain-room",
  title: "Mill Lane 4",
  client: "M. Example",
  address: "4 Mill Lane, Sallow Ferry",
  letterhead: "Slipway Painters (invented)\n4 Rope Walk, Sallow Ferry",
  jurisdiction: "GB",
  buildings: [
    {
      id: "house",
      title: "House",
      built: 1998,
      spaces: [
        {
          id: "sitting-room",
          title: "Sitting room",
          kind: "room",
          surfaces: [
            wall("door-wall", "Door wall", 3.5),
            wall("window-wall", "Window wall", 4),
            wall("back-wall", "Back wall", 3.5),
            wall("hearth-wall", "Hearth wall", 4),
            { ...wall("ceiling", "Ceiling", 4), element: "ceiling", size: { areaM2: 14 } },
            wood("skirting", "skirting", "Skirting", { lengthM: 14, heightM: 0.12 }),
            wood("door", "door", "Door", { areaM2: 4 }),
            wood("window", "window", "Window", { areaM2: 1.5 }),
          ],
        },
      ],
    },
  ],
};

test("the papers of a plain room are one leaf each, and two for the specification", async ({ page }) => {
  const taken = await page.request.post("/api/jobs/import", { data: plain, headers: own });
  expect(taken.status()).toBe(201);
  const leaves: Record<string, number> = {};
  for (const paper of ["specification", "client-summary", "crew-checklist", "hazard-sheet"]) {
    await page.goto(`/plain-room/document?paper=${paper}`);
    await expect(page.getByRole("heading", { name: "Sitting room" }).first()).toBeVisible();
    // As a browser prints it, with no margins but the style's own.
    const pdf = (await page.pdf({ format: "A4", preferCSSPageSize: true })).toString("latin1");
    leaves[paper] = pdf.match(/\/Type \/Page\b(?!s)/g)?.length ?? 0;
  }
  expect(leaves).toEqual({ specification: 2, "client-summary": 1, "crew-checklist": 1, "hazard-sheet": 1 });
  await erase(page, "Mill Lane 4");
});
