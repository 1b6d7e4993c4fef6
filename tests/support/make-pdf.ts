/** A plain PDF of text lines, one array a page, set in Times on A4; for large files that nobody keeps. */
export function makePdf(pages: readonly (readonly string[])[]): Uint8Array {
  const objects: string[] = ["<< /Type /Catalog /Pages 2 0 R >>", "", "<< /Type /Font /Subtype /Type1 /BaseFont /Times-Roman >>"];
  const kids = pages.map((lines) => {
    const escaped = lines.map((line) => line.replace(/[\\()]/g, "\\$&"));
    const stream = `BT /F1 11 Tf 15 TL 70 770 Td ${escaped.map((line) => `(${line}) Tj T*`).join(" ")} ET`;
    objects.push(`<< /Length ${stream.length} >>\nstream\n${stream}\nendstream`);
    objects.push(`<< /Type /Page /Parent 2 0 R /MediaBox [0 0 595 842] /Contents ${objects.length} 0 R /Resources << /Font << /F1 3 0 R >> >> >>`);
    return `${objects.length} 0 R`;
  });
  objects[1] = `<< /Type /Pages /Kids [${kids.join(" ")}] /Count ${pages.length} >>`;
  let body = "%PDF-1.4\n";
  const offsets = objects.map((object, index) => {
    const at = body.length;
    body += `${index + 1} 0 obj\n${object}\nendobj\n`;
    return at;
  });
  const table = offsets.map((offset) => `${String(offset).padStart(10, "0")} 00000 n \n`).join("");
  const end = `xref\n0 ${objects.length + 1}\n0000000000 65535 f \n${table}trailer\n<< /Size ${objects.length + 1} /Root 1 0 R >>\nstartxref\n${body.length}\n%%EOF`;
  return Buffer.from(body + end, "latin1");
}
