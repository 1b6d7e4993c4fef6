import { LABEL } from "../language/speaker-labels";
import { numberBlocks, type RawBlock } from "../source/number-blocks";
import type { Block } from "../source/schema";

const LIST_MARK = /^\s*(?:[-*•‣◦–]|\(?\d{1,3}[.)]|\(?[a-hA-H][.)])\s+(?=\S)/;
const SENTENCE_END = /[.!?…][”"’')\]]*$/;

/**
 * Plain text into blocks. Blank lines part paragraphs; where there are none, lines do, unless they
 * look wrapped by a program (long lines of like length that break inside sentences).
 */
export function readPlainText(text: string): Block[] {
  const lines = text.replace(/\r\n?|[\u2028\u2029\u0085\f]/g, "\n").split("\n");
  const groups = groupLines(lines);
  const raw = groups.flatMap((group, index) => readGroup(group, index === 0 && groups.length > 1, groups.length === 1));
  return numberBlocks(raw);
}

function groupLines(lines: string[]): string[][] {
  const groups: string[][] = [[]];
  for (const line of lines) {
    if (line.trim() === "") groups.push([]);
    else groups.at(-1)!.push(line);
  }
  return groups.filter((group) => group.length > 0);
}

function readGroup(group: string[], isFirst: boolean, isAll: boolean): RawBlock[] {
  if (group.length === 1 && !isAll && isHeadingLine(group[0]!, isFirst)) {
    return [{ kind: "heading", level: isFirst ? 1 : 2, text: group[0]! }];
  }
  const blocks: RawBlock[] = [];
  const wrapped = looksWrapped(group);
  group.forEach((line, index) => {
    const last = blocks.at(-1);
    if (LIST_MARK.test(line)) blocks.push({ kind: "list-item", text: line.replace(LIST_MARK, "") });
    else if (last && (last.kind === "list-item" ? /^\s/.test(line) : wrapped)) last.text = joinWrapped(last.text, line);
    else if (index === 0 && group.length > 1 && !wrapped && isHeadingLine(line, isFirst)) {
      blocks.push({ kind: "heading", level: isFirst ? 1 : 2, text: line });
    } else blocks.push({ kind: "paragraph", text: line });
  });
  return blocks;
}

/** "light-" + "house": a hyphen at a line end before a small letter belongs to the line break. */
function joinWrapped(before: string, line: string): string {
  const next = line.trim();
  if (/\p{Ll}[-\u00ad\u2010]$/u.test(before) && /^\p{Ll}/u.test(next)) return before.slice(0, -1) + next;
  return `${before} ${next}`;
}

function isHeadingLine(line: string, isFirst: boolean): boolean {
  const text = line.trim();
  const words = text.split(/\s+/);
  if (text.length > 90 || words.length > 12 || LIST_MARK.test(line)) return false;
  if (/[.,;:!…]["”’)]*$/.test(text)) return false;
  // "Mrs Finch laughed. “Then where is it?”": whole sentences are no heading.
  if (/[.!?]["”’)]? +["“‘(]?\p{Lu}/u.test(text.replace(/\b(?:Mr|Mrs|Ms|Dr|St|No|vs)\. /g, "")) || /["”]$/.test(text)) return false;
  // "Reporter: Will drones replace you?" is said by somebody.
  if (/\?$/.test(text)) return isFirst || (words.length <= 8 && !LABEL.test(text));
  return /\p{L}/u.test(text) && (isFirst || /^["“‘(]?[\p{Lu}\d]/u.test(text));
}

function looksWrapped(group: string[]): boolean {
  const body = group.filter((line) => !LIST_MARK.test(line)).slice(0, -1);
  if (body.length === 0) return false;
  const inside = body.filter((line) => !SENTENCE_END.test(line.trim())).length;
  const average = body.reduce((sum, line) => sum + line.length, 0) / body.length;
  return average >= 40 && average <= 160 && inside >= body.length / 2;
}
