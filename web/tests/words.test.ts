import { afterEach, describe, expect, test } from "vitest";
import { daysText, filmText, gallonsText, hoursText, speech, spoken } from "../src/shell/words";

afterEach(() => speech.set({ terms: "british", units: "metric" }));

describe("numbers for people are rounded for people", () => {
  test.each([
    [0, "0 h"],
    [0.08, "5 min"],
    [0.75, "45 min"],
    [1.08, "1.1 h"],
    [6.87, "7 h"],
    [4.3, "4.5 h"],
    [23.6, "24 h"],
  ])("%d hours are %s", (hours, text) => expect(hoursText(hours)).toBe(text));

  test.each([
    [1, "1 day"],
    [0.4, "0.4 days"],
    [4.11, "4 days"],
    [2.87, "3 days"],
    [12.3, "12 days"],
  ])("%d days are %s", (days, text) => expect(daysText(days)).toBe(text));
});

describe("the server is asked to word its answers for the reader", () => {
  test("not at all where they are as it writes them", () => {
    expect(spoken("/api/catalogue")).toBe("/api/catalogue");
  });

  test("with terms and units, before or after what is asked already", () => {
    speech.set({ terms: "american" });
    expect(spoken("/api/catalogue")).toBe("/api/catalogue?terms=american");
    speech.set({ units: "us" });
    expect(spoken("/api/jobs/a/quantities")).toBe("/api/jobs/a/quantities?terms=american&units=us");
    expect(spoken("/api/why?step=1")).toBe("/api/why?step=1&terms=american&units=us");
  });
});

describe("units", () => {
  // 1 mil = 25.4 µm exactly; 1 US gallon = 231 in³ = 3.785411784 l exactly (NIST Handbook 44, Appendix C, from memory).
  test("film", () => {
    expect(filmText(50)).toBe("50 µm");
    expect(filmText(49.6)).toBe("50 µm");
    speech.set({ units: "us" });
    expect(filmText(25.4)).toBe("1 mil");
    expect(filmText(50)).toBe("2 mil");
    expect(filmText(90)).toBe("3.5 mil");
  });

  test("volume", () => {
    expect(gallonsText(5)).toBeNull();
    speech.set({ units: "us" });
    expect(gallonsText(3.785411784)).toBe("1.00 gal");
    expect(gallonsText(5)).toBe("1.32 gal");
  });

  test("what was chosen is remembered, and anything else that is stored means British and metric", () => {
    speech.set({ terms: "american", units: "us" });
    expect(localStorage.getItem("terms")).toBe("american");
    expect(localStorage.getItem("units")).toBe("us");
    localStorage.setItem("terms", "klingon");
    localStorage.setItem("units", "furlongs");
    speech.set({});
    expect(speech.get()).toEqual({ terms: "british", units: "metric" });
  });
});
