/** A table row as one line: "First order: Height 2.6 m; Weight 6 tonnes." Without headings the cells stand side by side. */
export function rowText(cells: readonly string[], headings: readonly string[]): string {
  const filled = cells.filter((cell) => cell !== "");
  if (filled.length === 0) return "";
  if (headings.length === 0) return filled.join(" · ");
  const [name, ...rest] = cells;
  const parts = rest.flatMap((cell, index) => (cell === "" ? [] : [`${headings[index + 1] ?? ""} ${cell}`.trim()]));
  if (parts.length === 0) return filled.join(" · ");
  return `${name ? `${name}: ` : ""}${parts.join("; ")}${/[.!?]$/.test(parts.at(-1)!) ? "" : "."}`;
}

/** Where a format does not say so: a first row without numbers over rows that hold some. */
export function looksLikeHeadings([first, ...rest]: readonly (readonly string[])[]): boolean {
  if (!first || rest.length === 0 || first.some((cell) => cell === "" || /\d/.test(cell))) return false;
  const cells = rest.flatMap((row) => row.slice(1));
  return cells.filter((cell) => /\d/.test(cell)).length >= cells.length / 2;
}
