import { afterEach, describe, expect, inject, test } from "vitest";
import { americanised, daysText, filmText, gallonsText, hoursText, speech, translate } from "../src/shell/words";

afterEach(() => speech.set({ terms: "british", units: "metric" }));

describe("American terms", () => {
  test.each([
    ["Fill, sand and prime the skirting", "Fill, sand and prime the baseboard"],
    ["Architraves and skirtings", "Casings and baseboards"],
    ["White spirit on a rag", "Mineral spirits on a rag"],
    ["white spirits", "mineral spirits"],
    ["methylated spirit", "denatured alcohol"],
    ["a tin of filler, or two fillers", "a can of spackle, or two spackles"],
    ["Matt emulsion, two coats", "Flat latex paint, two coats"],
    ["contract matt", "contractor flat"],
    ["matt", "flat"],
    ["mould on a grey ground", "mold on a gray ground"],
    ["moulding", "molding"],
    ["mouldings", "moldings"],
    ["5 litres in two tins", "5 liters in two cans"],
    ["galvanised aluminium", "galvanized aluminum"],
    ["vapour-open", "vapor-open"],
    ["the colour of old timber", "the color of old wood"],
    ["plasterboard", "drywall"],
  ])("%s", (british, american) => {
    expect(americanised(british)).toBe(american);
  });

  test.each([
    "matter",
    "rendered harmless",
    "tinsel",
    "a greyhound",
    "emulsionish",
  ])("a word that only begins alike stays: %s", (text) => {
    expect(americanised(text)).toBe(text);
  });

  test("said twice is said once: nothing American is British", () => {
    const catalogue = inject("catalogue");
    const titles = [...catalogue.coatings, ...catalogue.signs, ...catalogue.checks, ...catalogue.substrates].map(
      (x) => x.title,
    );
    const twice = titles.filter((t) => americanised(americanised(t)) !== americanised(t));
    expect(twice).toEqual([]);
  });

  test("no British word is left in what can be seen, tried and coated", () => {
    const british =
      /\b(skirting|architrave|colour|mould|vapour|grey|litre|timber|emulsion|plasterboard|aluminium)s?\b/i;
    const catalogue = inject("catalogue");
    const left = [...catalogue.coatings, ...catalogue.signs, ...catalogue.checks, ...catalogue.substrates]
      .map((x) => americanised(x.title))
      .filter((t) => british.test(t));
    expect(left).toEqual([]);
  });
});

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

describe("answers of the server", () => {
  const answer = {
    id: "skirting",
    title: "Skirting",
    steps: [{ operation: "rp_filler", title: "Filler", litres: 1.5, why: null, needs: ["colour", 3] }],
  };

  test("are left alone in British terms, to the very object", () => {
    expect(translate("/api/catalogue", answer)).toBe(answer);
  });

  test("keep what elements a form is for, so that the forms of skirting, cornice and architrave stay", () => {
    speech.set({ terms: "american" });
    const forms = inject("catalogue").forms;
    const translated = translate("/api/catalogue", { forms }) as { forms: typeof forms };
    expect(forms.some((f) => f.elements.includes("skirting"))).toBe(true);
    expect(translated.forms.map((f) => f.elements)).toEqual(forms.map((f) => f.elements));
    expect(translated.forms.find((f) => f.id === "cornice-plain")?.title).toContain("crown molding");
  });

  test("say the catalogue in American terms and keep every id", () => {
    speech.set({ terms: "american" });
    // Ids of operations hold underscores, so that no word in them stands alone.
    expect(translate("/api/catalogue", answer)).toEqual({
      id: "skirting",
      title: "Baseboard",
      steps: [{ operation: "rp_filler", title: "Spackle", litres: 1.5, why: null, needs: ["color", 3] }],
    });
  });

  test.each([
    "/api/jobs/a/surfaces/b",
    "/api/jobs/a/surfaces/b/checks",
    "/api/jobs/a/quantities",
    "/api/jobs/a/checks",
  ])("%s is said as wanted", (path) => {
    speech.set({ terms: "american" });
    const worded = translate(path, { id: "mould", option: "grey", operation: "matt", title: "Grey matt" });
    expect(worded).toEqual({ id: "mould", option: "grey", operation: "matt", title: "Gray flat" });
  });

  test("what people typed themselves stays as they typed it", () => {
    speech.set({ terms: "american" });
    const job = { title: "Grey house", spaces: [{ title: "Skirting store" }] };
    expect(translate("/api/jobs/a", job)).toBe(job);
  });

  test("a text or nothing at all passes through", () => {
    speech.set({ terms: "american" });
    expect(translate("/api/catalogue", null)).toBeNull();
    expect(translate("/api/catalogue", "grey")).toBe("grey");
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
