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
