import { describe, expect, test } from "vitest";
import type { SurfaceView } from "../src/api/client";
import { changed } from "../src/survey/changed";

type Change = {
  holds?: string[];
  cause?: string;
  hazards?: string[];
  steps?: string[] | null;
  cost?: number;
  days?: number;
};

const view = ({ holds = [], cause, hazards = [], steps = ["Dust off"], cost = 100, days = 2 }: Change): SurfaceView =>
  ({
    holds: holds.map((reason) => ({ reason })),
    findings: cause ? [{ title: cause }] : [],
    specification: {
      hazards: hazards.map((title) => ({ title })),
      options:
        steps === null
          ? []
          : [
              {
                id: "a",
                name: "Keep",
                steps: steps.map((title) => ({ title })),
                cost: { amount: cost, currency: "GBP" },
                elapsedDays: days,
              },
            ],
    },
    chosen: "a",
  }) as unknown as SurfaceView;

describe("what an entry changed is told in words", () => {
  test("nothing, where the answer stayed", () => expect(changed(view({}), view({}))).toEqual([]));

  test("steps that came and went, money and days", () => {
    expect(
      changed(
        view({ steps: ["Dust off", "Fill"] }),
        view({ steps: ["Dust off", "Block the stain", "Seal"], cost: 171, days: 2.5 }),
      ),
    ).toEqual(["adds block the stain, seal", "drops fill", "+£71", "+0.5 days"]);
    expect(changed(view({ days: 3 }), view({ days: 2, cost: 80 }))).toEqual(["−£20", "−1 day"]);
  });

  test("a step more of the same kind is one more", () => {
    expect(changed(view({ steps: ["Coat"] }), view({ steps: ["Coat", "Coat"] }))).toEqual(["adds coat"]);
  });

  test("many steps are told by the first of them", () => {
    expect(changed(view({ steps: [] }), view({ steps: ["A", "B", "C", "D", "E"] }))).toEqual(["adds a, b and 3 more"]);
  });

  test("stopped and freed come first", () => {
    expect(changed(view({}), view({ holds: ["Damp is open."], steps: null }))[0]).toBe("stopped: Damp is open.");
    expect(changed(view({ holds: ["Damp is open."] }), view({}))[0]).toBe("no longer stopped");
  });

  test("the cause and the hazards", () => {
    expect(changed(view({ cause: "damp" }), view({ cause: "grease", hazards: ["Lead"] }))).toEqual([
      "most likely now: grease",
      "hazards added: lead",
    ]);
    expect(changed(view({ cause: "damp", hazards: ["Lead"] }), view({}))).toEqual([
      "nothing failing to explain any more",
      "hazards gone: lead",
    ]);
  });

  test("no plan any more, and a plan again", () => {
    expect(changed(view({}), view({ steps: null }))).toEqual(["no plan meets what is asked any more"]);
    expect(changed(view({ steps: null }), view({}))).toEqual(["a plan: Keep"]);
  });
});
