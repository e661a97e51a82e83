import { describe, expect, it } from "vitest";
import { refusal, tableKind } from "../src/job/tables";

describe("tables", () => {
  it.each([
    ["product,size,price\np,1,2", "prices"],
    ['\uFEFF"product","size","price"\r\np,1,2', "prices"],
    ["surface,check,value\n", "readings"],
    ["space,id,title\n", "surfaces"],
    ["id,notes\nx,the price is right", "surfaces"],
    ["", "surfaces"],
  ])("%j is told by its columns", (text, kind) => expect(tableKind(text)).toBe(kind));
});

describe("what is wrong with a file", () => {
  it("is the first fault with its place", () =>
    expect(
      refusal({ title: "Bad", errors: { "line 2, column 3 (price)": ["expected a price", "and more"] } }, 400),
    ).toBe("line 2, column 3 (price): expected a price"));
  it("is else what the server says of it", () => {
    expect(refusal({ title: "Too large", detail: "8 MB at most" }, 413)).toBe("8 MB at most");
    expect(refusal({ title: "Too large" }, 413)).toBe("Too large");
    expect(refusal({}, 500)).toBe("refused (500)");
  });
});
