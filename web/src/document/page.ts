const escaped = (text: string) => text.replaceAll("&", "&amp;").replaceAll("<", "&lt;").replaceAll(">", "&gt;");

/**
 * A document as one page that a browser opens and a word processor edits: the sheets' own markup without the program's
 * classes, each sheet on a leaf of its own, plain type and ruled tables.
 */
export function standalone(title: string, sheets: string[]): string {
  const plain = (html: string) =>
    html
      // The box to tick is drawn by the program's style: in a file it has to be a sign.
      .replace(
        /<ul class="ticks">([\s\S]*?)<\/ul>/g,
        (_, items: string) => `<ul>${items.replaceAll("<li>", "<li>☐ ")}</ul>`,
      )
      .replace(/ (?:class|style|id|aria-[a-z]+|data-[a-z-]+|tabindex|role)="[^"]*"/g, "")
      .replace(/<(button|svg|nav)\b[\s\S]*?<\/\1>/g, "")
      .replace(/<input\b[^>]*>/g, "");
  return `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><title>${escaped(title)}</title>
<style>
@page { size: A4; margin: 18mm; }
body { font: 11pt/1.4 sans-serif; color: #111; }
h1 { font-size: 17pt; } h2 { font-size: 14pt; } h3 { font-size: 12pt; }
table { border-collapse: collapse; width: 100%; }
td, th { border-bottom: 1px solid #999; padding: 3pt 5pt; text-align: left; vertical-align: top; }
section { page-break-after: always; }
section:last-child { page-break-after: auto; }
</style></head><body>
${sheets.map((sheet) => `<section>${plain(sheet)}</section>`).join("\n")}
</body></html>
`;
}
