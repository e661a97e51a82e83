const ones = [
  ...["zero", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve"],
  ...["thirteen", "fourteen", "fifteen", "sixteen", "seventeen", "eighteen", "nineteen"],
];
const tens = ["twenty", "thirty", "forty", "fifty", "sixty", "seventy", "eighty", "ninety"];
const decades = ["twenties", "thirties", "forties", "fifties", "sixties", "seventies", "eighties", "nineties"];

const small = new Map<string, number>([
  ...ones.map((word, i) => [word, i] as const),
  ...tens.map((word, i) => [word, (i + 2) * 10] as const),
  ["nought", 0],
  ["fourty", 40],
]);

/** Words that are a number and belong together: "twenty five" is 25, "nineteen eighty five" is 1985. */
function number(words: string[]): string | null {
  const values = words.map((w) => small.get(w));
  if (values.some((v) => v === undefined)) return null;
  const [a = 0, b, c] = values as number[];
  const century = (a >= 17 && a <= 20) || a === 20;
  if (words.length === 1) return String(a);
  if (words.length === 2 && b !== undefined) {
    if (a >= 20 && b > 0 && b < 10) return String(a + b);
    if (century && b >= 10) return String(a * 100 + b);
  }
  if (words.length === 3 && b !== undefined && c !== undefined && century && b >= 20 && c > 0 && c < 10)
    return String(a * 100 + b + c);
  return null;
}

/**
 * What was dictated, with its numbers as figures: "about twelve per cent" is "about 12 %", "nineteen thirties" is
 * "1930s", "nought point three" is "0.3", "half" of a face is "50 %", "two hundred" is "200".
 */
export function figures(text: string): string {
  const parts = text
    .replace(/(\d)\s*(?:per cent|percent|pct)\b/gi, "$1 %")
    .replace(/([a-z])-([a-z])/gi, (whole, a: string, b: string, at: number) => {
      // Twenty-five is a number of two words; a pin-meter stays as it is.
      const before = /[a-z]*$/i.exec(text.slice(0, at + 1))?.[0]?.toLowerCase() ?? "";
      return tens.includes(before) ? `${a} ${b}` : whole;
    })
    .split(/(\s+|[,;.?!:](?=\s|$))/);
  const out: string[] = [];
  for (let i = 0; i < parts.length; i++) {
    const read = longest(parts, i);
    if (read) {
      out.push(read.text);
      i = read.to;
    } else out.push(parts[i] ?? "");
  }
  return out
    .join("")
    .replace(/\b(\d+) point (\d+)\b/gi, "$1.$2")
    .replace(/\bpoint (\d+)\b/gi, "0.$1")
    .replace(/\b(\d+) (?:and a half)\b/gi, "$1.5")
    .replace(/\b(\d+) hundred(?: and (\d+))?\b/gi, (_, h: string, rest?: string) => String(+h * 100 + +(rest ?? 0)))
    .replace(/(\d)\s*(?:per cent|percent|pct)\b/gi, "$1 %")
    .replace(/\ba (?:quarter) of (?:it|the (?:face|wall|film|surface|paint|ceiling|door))\b/gi, "25 %")
    .replace(/\b(?:a )?third of (?:it|the (?:face|wall|film|surface|paint|ceiling|door))\b/gi, "33 %")
    .replace(/\bhalf (?:of )?(?:it|the (?:face|wall|film|surface|paint|ceiling|door))\b/gi, "50 %");
}

// The longest run of number words from here on: a decade, or three, two or one of them.
function longest(parts: string[], at: number): { text: string; to: number } | null {
  const run: { word: string; at: number }[] = [];
  for (let i = at; i < parts.length && run.length < 3; i += 2) {
    if (i > at && !/^\s+$/.test(parts[i - 1] ?? "")) break;
    run.push({ word: (parts[i] ?? "").toLowerCase(), at: i });
  }
  const [first, second] = run;
  if (first && second && decades.includes(second.word)) {
    const century = small.get(first.word);
    if (century === 18 || century === 19)
      return { text: `${century * 100 + (decades.indexOf(second.word) + 2) * 10}s`, to: second.at };
  }
  if (first && decades.includes(first.word))
    return { text: `${1900 + (decades.indexOf(first.word) + 2) * 10}s`, to: first.at };
  for (let length = run.length; length > 0; length--) {
    const read = number(run.slice(0, length).map((r) => r.word));
    if (read !== null) return { text: read, to: run[length - 1]?.at ?? at };
  }
  return null;
}
