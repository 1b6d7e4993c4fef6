/**
 * Makes the sample files from `documents.ts` with the programs that people use: LibreOffice writes
 * DOCX, ODT, RTF, EPUB, PDF, PPTX and ODP, Chromium prints PDF, poppler draws pages.
 *
 *   apt-get install libreoffice-writer libreoffice-impress poppler-utils imagemagick chromium
 *   npx tsx tools/samples/make-samples.ts
 */
import { execFileSync } from "node:child_process";
import { copyFileSync, mkdirSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { DECKS, DOCUMENTS, type SampleDeck, type SampleDocument } from "./documents";

const root = path.resolve(import.meta.dirname, "../..");
const built = path.join(root, "tests/files");
const measured = path.join(root, "quality/files");
const work = mkdtempSync(path.join(tmpdir(), "vumo-samples-"));

const escaped = (text: string) => text.replace(/&/g, "&amp;").replace(/</g, "&lt;");
const NAMESPACES = Object.entries({ office: "office", text: "text", style: "style", table: "table", draw: "drawing", presentation: "presentation" })
  .map(([prefix, name]) => `xmlns:${prefix}="urn:oasis:names:tc:opendocument:xmlns:${name}:1.0"`)
  .join(" ");
const FO = 'xmlns:fo="urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0" xmlns:svg="urn:oasis:names:tc:opendocument:xmlns:svg-compatible:1.0"';

function flatText({ header, footer, columns, parts }: SampleDocument): string {
  let notes = 0;
  const body = parts.map((part) => {
    if ("h" in part) return `<text:h text:style-name="Heading_20_${part.h}" text:outline-level="${part.h}">${escaped(part.text)}</text:h>`;
    if ("items" in part)
      return `<text:list text:style-name="L1">${part.items.map((item) => `<text:list-item><text:p>${escaped(item)}</text:p></text:list-item>`).join("")}</text:list>`;
    if ("caption" in part) return `<text:p text:style-name="Caption">${escaped(part.caption)}</text:p>`;
    if ("table" in part) {
      const cell = (text: string, style: string) =>
        `<table:table-cell office:value-type="string"><text:p text:style-name="${style}">${escaped(text)}</text:p></table:table-cell>`;
      const rows = part.table.map((row, index) => {
        const cells = `<table:table-row>${row.map((text) => cell(text, index === 0 ? "Table_20_Heading" : "Table_20_Contents")).join("")}</table:table-row>`;
        return index === 0 ? `<table:table-header-rows>${cells}</table:table-header-rows>` : cells;
      });
      return `<table:table><table:table-column table:number-columns-repeated="${part.table[0]!.length}"/>${rows.join("")}</table:table>`;
    }
    const note = part.note
      ? `<text:note text:note-class="footnote"><text:note-citation>${++notes}</text:note-citation><text:note-body><text:p text:style-name="Footnote">${escaped(part.note)}</text:p></text:note-body></text:note>`
      : "";
    return `<text:p text:style-name="Body">${escaped(part.p)}${note}</text:p>`;
  });
  const [title, ...rest] = body;
  const section = columns === 2 ? `<text:section text:style-name="Two" text:name="two">${rest.join("")}</text:section>` : rest.join("");
  const style = (name: string, size: number, more = "", weight = "normal") =>
    `<style:style style:name="${name}" style:display-name="${name.replace(/_20_/g, " ")}" style:family="paragraph"><style:paragraph-properties fo:margin-top="0.15cm" fo:margin-bottom="0.2cm" ${more}/><style:text-properties fo:font-size="${size}pt" fo:font-weight="${weight}" style:font-name="Liberation Serif"/></style:style>`;
  return `<?xml version="1.0" encoding="UTF-8"?><office:document ${NAMESPACES} ${FO} office:version="1.3" office:mimetype="application/vnd.oasis.opendocument.text"><office:styles>${style("Standard", 11)}${style("Body", 11)}${style("Heading_20_1", 22, "", "bold")}${style("Heading_20_2", 15, "", "bold")}${style("Heading_20_3", 12, "", "bold")}${style("Caption", 9.5)}${style("Footnote", 9)}${style("Table_20_Heading", 11, "", "bold")}${style("Table_20_Contents", 11)}<text:list-style style:name="L1"><text:list-level-style-bullet text:level="1" text:bullet-char="•"><style:list-level-properties text:list-level-position-and-space-mode="label-alignment"><style:list-level-label-alignment text:label-followed-by="listtab" fo:text-indent="-0.6cm" fo:margin-left="1.2cm"/></style:list-level-properties></text:list-level-style-bullet></text:list-style></office:styles><office:automatic-styles><style:style style:name="Two" style:family="section"><style:section-properties><style:columns fo:column-count="2" fo:column-gap="0.8cm"/></style:section-properties></style:style><style:page-layout style:name="P"><style:page-layout-properties fo:page-width="14.8cm" fo:page-height="21cm" fo:margin="1.6cm"/><style:header-style><style:header-footer-properties fo:min-height="0.6cm" fo:margin-bottom="0.4cm"/></style:header-style><style:footer-style><style:header-footer-properties fo:min-height="0.6cm" fo:margin-top="0.4cm"/></style:footer-style></style:page-layout></office:automatic-styles><office:master-styles><style:master-page style:name="Standard" style:page-layout-name="P"><style:header><text:p>${escaped(header)}</text:p></style:header><style:footer><text:p>${escaped(footer)} · <text:page-number text:select-page="current">1</text:page-number></text:p></style:footer></style:master-page></office:master-styles><office:body><office:text>${title}${section}</office:text></office:body></office:document>`;
}

function flatSlides({ slides }: SampleDeck): string {
  const page = ({ title, points, table, notes }: SampleDeck["slides"][number], index: number) => {
    const list = points.map((point) => `<text:list-item><text:p>${escaped(point)}</text:p></text:list-item>`).join("");
    const rows = table
      ?.map(
        (row) => `<table:table-row>${row.map((cell) => `<table:table-cell><text:p>${escaped(cell)}</text:p></table:table-cell>`).join("")}</table:table-row>`,
      )
      .join("");
    const grid = rows
      ? `<draw:frame svg:width="20cm" svg:height="4cm" svg:x="3cm" svg:y="10cm"><table:table table:use-first-row-styles="true"><table:table-column table:number-columns-repeated="${table![0]!.length}"/>${rows}</table:table></draw:frame>`
      : "";
    const body =
      points.length > 0
        ? `<draw:frame presentation:style-name="pr2" presentation:class="outline" svg:width="24cm" svg:height="6cm" svg:x="2cm" svg:y="4cm"><draw:text-box><text:list>${list}</text:list></draw:text-box></draw:frame>`
        : "";
    const speaker = notes
      ? `<presentation:notes><draw:page-thumbnail svg:width="14cm" svg:height="10cm" svg:x="3cm" svg:y="2cm"/><draw:frame presentation:style-name="pr3" presentation:class="notes" svg:width="16cm" svg:height="13cm" svg:x="2cm" svg:y="14cm"><draw:text-box><text:p>${escaped(notes)}</text:p></draw:text-box></draw:frame></presentation:notes>`
      : "";
    return `<draw:page draw:name="page${index + 1}" draw:master-page-name="Default"><draw:frame presentation:style-name="pr1" presentation:class="title" svg:width="24cm" svg:height="3cm" svg:x="2cm" svg:y="0.8cm"><draw:text-box><text:p>${escaped(title)}</text:p></draw:text-box></draw:frame>${body}${grid}${speaker}</draw:page>`;
  };
  return `<?xml version="1.0" encoding="UTF-8"?><office:document ${NAMESPACES} ${FO} office:version="1.3" office:mimetype="application/vnd.oasis.opendocument.presentation"><office:styles>${["title", "outline1", "notes"].map((name) => `<style:style style:name="Default-${name}" style:family="presentation"/>`).join("")}</office:styles><office:automatic-styles>${["title", "outline1", "notes"].map((name, index) => `<style:style style:name="pr${index + 1}" style:family="presentation" style:parent-style-name="Default-${name}"/>`).join("")}<style:page-layout style:name="S"><style:page-layout-properties fo:page-width="28cm" fo:page-height="15.75cm"/></style:page-layout></office:automatic-styles><office:master-styles><style:master-page style:name="Default" style:page-layout-name="S"/></office:master-styles><office:body><office:presentation>${slides.map(page).join("")}</office:presentation></office:body></office:document>`;
}

function convert(file: string, format: string, to: string): void {
  execFileSync("soffice", ["--headless", `-env:UserInstallation=file://${work}/profile`, "--convert-to", format, "--outdir", work, file], { stdio: "ignore" });
  const made = path.join(work, `${path.basename(file).replace(/\.\w+$/, "")}.${format.split(":")[0]}`);
  copyFileSync(made, to);
}

function asPage({ header, footer, parts }: SampleDocument): string {
  const body = parts.map((part) => {
    if ("h" in part) return `<h${part.h}>${escaped(part.text)}</h${part.h}>`;
    if ("items" in part) return `<ul>${part.items.map((item) => `<li>${escaped(item)}</li>`).join("")}</ul>`;
    if ("caption" in part) return `<p class="caption">${escaped(part.caption)}</p>`;
    if ("table" in part)
      return `<table>${part.table.map((row, index) => `<tr>${row.map((cell) => (index === 0 ? `<th>${escaped(cell)}</th>` : `<td>${escaped(cell)}</td>`)).join("")}</tr>`).join("")}</table>`;
    return `<p>${escaped(part.p)}</p>`;
  });
  return `<!doctype html><html lang="en"><meta charset="utf-8"><style>@page{size:A5;margin:18mm;@top-left{content:"${header}";font-size:8pt}@bottom-center{content:"${footer} " counter(page);font-size:8pt}}body{font:11pt/1.45 "DejaVu Serif";hyphens:auto}h1{column-span:all}main{columns:2;column-gap:8mm;text-align:justify}.caption{font-size:9pt}td,th{padding:2pt 10pt 2pt 0;text-align:left}</style><main>${body.join("")}</main></html>`;
}

function print(document: SampleDocument, to: string): void {
  const page = path.join(work, `${document.id}.html`);
  writeFileSync(page, asPage(document));
  execFileSync("chromium", ["--headless=new", "--no-sandbox", "--disable-gpu", "--no-pdf-header-footer", `--print-to-pdf=${to}`, `file://${page}`], {
    stdio: "ignore",
  });
}

/** A page as a scanner gives it: grey, a little turned, a little noisy. */
function scan(pdf: string, page: number, to: string, dpi: number, turn: number): void {
  const stem = path.join(work, "page");
  execFileSync("pdftoppm", ["-r", String(dpi), "-f", String(page), "-l", String(page), "-gray", "-singlefile", pdf, stem]);
  const quality = to.endsWith(".png") ? ["-colors", "16", "-depth", "4"] : ["-quality", "55"];
  execFileSync("convert", [`${stem}.pgm`, "-background", "white", "-rotate", String(turn), "-attenuate", "0.15", "+noise", "Gaussian", ...quality, to]);
}

mkdirSync(built, { recursive: true });
mkdirSync(measured, { recursive: true });
for (const [index, document] of DOCUMENTS.entries()) {
  const folder = index === 0 ? built : measured;
  const master = path.join(work, `${document.id}.fodt`);
  writeFileSync(master, flatText(document));
  for (const format of ["odt", "docx", "rtf", "epub", "pdf"]) convert(master, format, path.join(folder, `${document.id}.${format}`));
  print(document, path.join(folder, `${document.id}-printed.pdf`));
  scan(
    path.join(folder, `${document.id}.pdf`),
    1,
    path.join(folder, `${document.id}-scan.${["png", "jpg", "webp", "png"][index]}`),
    [150, 200, 170, 130][index]!,
    [0, 0.4, -0.6, 0.2][index]!,
  );
}
for (const [index, deck] of DECKS.entries()) {
  const folder = index === 0 ? built : measured;
  const master = path.join(work, `${deck.id}.fodp`);
  writeFileSync(master, flatSlides(deck));
  for (const format of ["odp", "pptx"]) convert(master, format, path.join(folder, `${deck.id}.${format}`));
}
// A PDF whose pages are pictures, and one that asks for a password.
const scanned = path.join(work, "scanned.html");
writeFileSync(
  scanned,
  `<style>@page{size:A5;margin:0}body{margin:0}img{width:148mm}</style><img src="file://${path.join(built, "harbour-leaflet-scan.png")}">`,
);
execFileSync(
  "chromium",
  [
    "--headless=new",
    "--no-sandbox",
    "--disable-gpu",
    "--allow-file-access-from-files",
    "--no-pdf-header-footer",
    `--print-to-pdf=${path.join(built, "scanned.pdf")}`,
    `file://${scanned}`,
  ],
  { stdio: "ignore" },
);
execFileSync(
  "soffice",
  [
    "--headless",
    `-env:UserInstallation=file://${work}/profile`,
    "--convert-to",
    'pdf:writer_pdf_Export:{"EncryptFile":{"type":"boolean","value":"true"},"DocumentOpenPassword":{"type":"string","value":"lamp"}}',
    "--outdir",
    work,
    path.join(work, "harbour-leaflet.fodt"),
  ],
  { stdio: "ignore" },
);
copyFileSync(path.join(work, "harbour-leaflet.pdf"), path.join(built, "locked.pdf"));
rmSync(work, { recursive: true, force: true });
for (const folder of [built, measured]) console.log(folder, readdirSync(folder).join(" "));
