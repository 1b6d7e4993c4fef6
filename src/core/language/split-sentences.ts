import { LEADING_DATELINE } from "./dateline";
import { plainCharacters } from "./text-view";

export type SentenceRange = { start: number; end: number };

/** Abbreviations that stand before a name or a number and never end a sentence by themselves. */
const BEFORE_NAME = new Set(
  "mr mrs ms mx dr prof st capt col gen lt sgt rev hon pres gov sen rep fr sr no nos vol fig figs p pp ch ed eds eq approx ca vs mt messrs e.g i.e cf viz al".split(
    " ",
  ),
);
/** Abbreviations that may end a sentence; they do when a capital follows that is not a name's initial. */
const MAY_END = new Set("etc jr sr inc ltd co corp bros dept est a.m p.m u.s u.k ph.d m.a b.a b.c a.d ft oz lb mi hr min sec".split(" "));

/**
 * Sentences of one block as offset ranges. Ends are `. ! ? …` with closing quotes; not an end:
 * abbreviations, initials ("J. R. Hale"), decimals, and a quotation that its speaker follows
 * ("Stop!" he said).
 */
export function splitSentences(original: string): SentenceRange[] {
  const text = plainCharacters(original);
  const ranges: SentenceRange[] = [];
  // "SKERRY BAY, 3 June – *After two years …*": where and when a paper was told of it is no part of what it says.
  let start = skipSpace(text, LEADING_DATELINE.exec(text)?.[0].length ?? 0);
  const ends = /[.!?…]+["')\]]*(?=\s|$)/g;
  for (let match = ends.exec(text); match; match = ends.exec(text)) {
    const end = match.index + match[0].length;
    if (!endsSentence(text, start, match.index, end)) continue;
    ranges.push({ start, end });
    start = skipSpace(text, end);
  }
  if (start < text.length) ranges.push({ start, end: text.trimEnd().length });
  return ranges.filter((range) => range.end > range.start);
}

function skipSpace(text: string, from: number): number {
  let at = from;
  while (at < text.length && /\s/.test(text[at]!)) at++;
  return at;
}

function endsSentence(text: string, start: number, mark: number, end: number): boolean {
  const rest = text.slice(skipSpace(text, end));
  if (rest === "") return true;
  if (insideQuotation(text.slice(start, end))) return false;
  if (/^\p{Ll}/u.test(rest)) return false;
  const closesQuote = /["']/.test(text.slice(mark, end));
  if (closesQuote && /^(?:[A-Z]\S+\s)?(?:said|asked|replied|cried|shouted|whispered|answered|called|told|explained)\b/.test(rest)) return false;
  if (closesQuote && /^(?:he|she|they|I|we|it)\s(?:said|asked|replied|cried|shouted|whispered|answered|called|told|thought)\b/i.test(rest)) return false;
  if (text[mark] !== "." || end - mark > 1) return true;
  const word = /(\S+)$/.exec(text.slice(start, mark))?.[1]?.replace(/^["'([]+/, "") ?? "";
  if (/^[A-Z]$/.test(word) || /^(?:[A-Z]\.)+[A-Z]$/.test(word)) return endsAfterInitial(text.slice(start, mark), rest);
  // "the case Marbury *v.* Madison"
  if (word === "v" && /\p{Lu}\S*\s+v$/u.test(text.slice(start, mark))) return false;
  const lower = word.toLowerCase();
  if (BEFORE_NAME.has(lower)) return lower === "no" ? !/^\d/.test(rest) : false;
  if (MAY_END.has(lower)) return /^["'(]?[A-Z]/.test(rest);
  return true;
}

/** "J. R. Hale" goes on; "vitamin C. It" and "the U.S. The" end. */
function endsAfterInitial(before: string, rest: string): boolean {
  const previous = /(\S+)\s+\S+$/.exec(before)?.[1] ?? "";
  if (/^(?:The|A|An|It|He|She|They|We|In|On|At|This|These|But|And|So|When|If|After|Today)\b/.test(rest)) return true;
  return /^[a-z]/.test(previous) && !/^[A-Z]\.?\s/.test(rest) && !/^[A-Z][a-z]+/.test(rest);
}

/** An odd number of double quotes: the quotation is still open. */
function insideQuotation(text: string): boolean {
  return (text.match(/"/g)?.length ?? 0) % 2 === 1 && text.length < 600;
}
