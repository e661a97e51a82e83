import { expect, test } from "vitest";
import { practices } from "../src/work/practice";

const questions = [
  { id: "S1", title: "first coat on bare plaster" },
  { id: "S10", title: "abrade wet or dry" },
];

test("a practice is told with the question that it answers", () => {
  expect(practices(["S1 plaster sealer"], questions)).toEqual(["first coat on bare plaster: plaster sealer"]);
});

test("two schools of one question share a line", () => {
  expect(practices(["S10 dry", "S1 lime", "S10 wet"], questions)).toEqual([
    "abrade wet or dry: dry; wet",
    "first coat on bare plaster: lime",
  ]);
});

test("a question that is not known does not hide the practice", () => {
  expect(practices(["S99 by the book"], questions)).toEqual(["by the book"]);
});
