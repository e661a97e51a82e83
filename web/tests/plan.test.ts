import { describe, expect, test } from "vitest";
import type { Step } from "../src/api/client";
import { litres, own, throughout } from "../src/work/plan";

const step = (n: number, cautions: string[], protection: string[] = []) =>
  ({ n, cautions, protection }) as unknown as Step;

describe("what holds throughout a plan", () => {
  const wet = "Keep it damp.";
  const falls = "Falls: from the platform only.";

  test("is what is said at three steps or more, once", () => {
    const steps = [step(1, [falls]), step(2, [wet, falls]), step(3, [falls]), step(4, [wet])];
    expect(throughout(steps)).toEqual([falls]);
  });

  test("counts a step once, however often it says the same", () => {
    expect(throughout([step(1, [wet, wet, wet]), step(2, [wet])])).toEqual([]);
  });

  test("has what is worn as one line", () => {
    const mask = ["half mask P3", "goggles"];
    expect(throughout([step(1, [], mask), step(2, [], mask), step(3, [], mask)])).toEqual([
      "Wear half mask P3, goggles.",
    ]);
  });

  test("leaves a step marked for its own caution alone", () => {
    expect(own(step(2, [wet, falls]), [falls])).toEqual([wet]);
    expect(own(step(3, [falls]), [falls])).toEqual([]);
  });
});

test("litres are said in tenths below ten, and never as none", () => {
  expect([0.03, 0.544, 1.225, 9.96, 12.4].map(litres)).toEqual(["0.1 L", "0.5 L", "1.2 L", "10 L", "12 L"]);
});
