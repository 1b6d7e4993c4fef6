import { plainSpaces, type RawBlock } from "../../source/number-blocks";
import { rowText } from "../row-text";

/** Each row of a table as one readable block; the heading row is woven into the rows. */
export function readTable(table: Element): RawBlock[] {
  const rows = [...table.querySelectorAll("tr")].map((row) => [...row.children].filter((cell) => /^T[DH]$/i.test(cell.tagName)));
  const caption = plainSpaces(table.querySelector("caption")?.textContent ?? "");
  const [first] = rows;
  const headed = first !== undefined && rows.length > 1 && first.every((cell) => /^TH$/i.test(cell.tagName) || cell.closest("thead") !== null);
  const texts = rows.map((cells) => cells.map((cell) => plainSpaces(cell.textContent ?? "")));
  const body = headed ? texts.slice(1) : texts;
  return [
    ...(caption ? [{ kind: "caption" as const, text: caption, leftOut: "table caption" }] : []),
    ...(headed ? [{ kind: "table-row" as const, text: texts[0]!.filter(Boolean).join(" · "), leftOut: "table heading" }] : []),
    ...body.map((cells) => ({ kind: "table-row" as const, text: rowText(cells, headed ? texts[0]! : []) })),
  ];
}
