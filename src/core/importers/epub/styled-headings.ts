import type { OpenedZip } from "../open-zip";

type Look = { size?: number; bold: boolean };

/**
 * Word processors write books whose headings are paragraphs in large or bold letters. Such a
 * paragraph becomes the heading that it looks like, by the sizes in the book's own style sheets.
 */
export function promoteStyledHeadings(page: Document, zip: OpenedZip): void {
  const looks = readLooks(zip);
  if (looks.size === 0 || page.querySelector("h1,h2,h3")) return;
  const paragraphs = [...page.querySelectorAll("p")].map((p) => ({ p, look: lookOf(p, looks), length: (p.textContent ?? "").trim().length }));
  const body = commonSize(paragraphs);
  if (body === undefined) return;
  for (const { p, look, length } of paragraphs) {
    if (!look.size || length === 0 || length > 120 || p.closest("td,li")) continue;
    const share = look.size / body;
    if (share < 1.15) continue;
    const heading = page.createElement(share > 1.7 ? "h1" : share > 1.3 ? "h2" : "h3");
    heading.innerHTML = p.innerHTML;
    p.replaceWith(heading);
  }
}

function readLooks(zip: OpenedZip): Map<string, Look> {
  const looks = new Map<string, Look>();
  for (const name of zip.names.filter((entry) => /\.css$/i.test(entry))) {
    for (const [, selector, body] of (zip.text(name) ?? "").matchAll(/\.([\w-]+)\s*\{([^}]*)\}/g)) {
      const size = /font-size\s*:\s*([\d.]+)\s*(pt|px|em|rem|%)/.exec(body!);
      const factor = size?.[2] === "em" || size?.[2] === "rem" ? 12 : size?.[2] === "%" ? 0.12 : size?.[2] === "px" ? 0.75 : 1;
      looks.set(selector!, { bold: /font-weight\s*:\s*(?:bold|[6-9]00)/.test(body!), ...(size ? { size: Number(size[1]) * factor } : {}) });
    }
  }
  return looks;
}

/** The look of the element's only run of text, or its own. */
function lookOf(p: Element, looks: ReadonlyMap<string, Look>): Look {
  const text = (p.textContent ?? "").trim();
  const runs = [...p.querySelectorAll("span")].filter((span) => (span.textContent ?? "").trim().length >= text.length * 0.8);
  const classes = [...(runs[0]?.getAttribute("class") ?? "").split(" "), ...(p.getAttribute("class") ?? "").split(" ")];
  const found = classes.map((name) => looks.get(name)).find((look) => look?.size);
  return found ?? { bold: false };
}

function commonSize(paragraphs: readonly { look: Look; length: number }[]): number | undefined {
  const letters = new Map<number, number>();
  for (const { look, length } of paragraphs) if (look.size) letters.set(look.size, (letters.get(look.size) ?? 0) + length);
  return [...letters].sort((a, b) => b[1] - a[1])[0]?.[0];
}
