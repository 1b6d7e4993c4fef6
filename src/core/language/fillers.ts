import type { Token } from "./tokenize";

const FILLERS = new Set(["um", "uhm", "uh", "er", "erm", "hmm", "mhm", "ah"]);
/** Fillers only where commas set them off: "the lens, you know, turns". */
const PHRASES = [["you", "know"], ["i", "mean"], ["sort", "of"], ["kind", "of"], ["like"]];

/** Spoken text without what fills a pause: "So, um, the lens turns" is read as "So, the lens turns". */
export function withoutFillers(tokens: readonly Token[]): Token[] {
  const dropped = new Set<number>();
  tokens.forEach((token, index) => {
    if (FILLERS.has(token.lower)) drop(tokens, dropped, index, index);
    if (tokens[index - 1]?.text !== "," && index > 0) return;
    for (const phrase of PHRASES) {
      const end = index + phrase.length - 1;
      if (phrase.every((word, at) => tokens[index + at]?.lower === word) && tokens[end + 1]?.text === ",") drop(tokens, dropped, index, end);
    }
  });
  return tokens.filter((_, index) => !dropped.has(index));
}

/** With the comma behind it, or else the one before. */
function drop(tokens: readonly Token[], dropped: Set<number>, from: number, to: number): void {
  for (let at = from; at <= to; at++) dropped.add(at);
  if (tokens[to + 1]?.text === ",") dropped.add(to + 1);
  else if (tokens[from - 1]?.text === ",") dropped.add(from - 1);
}

/** The same for words that are quoted from spoken text. */
export function fillersRemoved(text: string): string {
  return text
    .replace(/(^|[\s,])(?:um|uhm|uh|er|erm|hmm|mhm)\b[,.]?\s*/gi, "$1")
    .replace(/,\s*(?:you know|I mean|sort of|kind of|like),/gi, ",")
    .replace(/,\s*,/g, ",")
    .replace(/\s{2,}/g, " ")
    .trim();
}
