import type { Token } from "./tokenize";

/** A longer quotation is somebody's sentence, not a name. */
const MOST_WORDS = 8;
const SAYING = /^(?:say|says|said|ask|asks|asked|cry|cried|shout|shouts|shouted|whisper|whispers|whispered|reply|replied|answer|answered|call out)$/;

/**
 * What stands in quotation marks as a name or a meaning becomes one word: "the 'Bear Flag'", "means
 * 'cooks food outside'". Speech stays as it is: behind a comma, a colon or a verb of saying, or with
 * a mark of its own at its end.
 */
export function joinQuotedNames(tokens: readonly Token[]): Token[] {
  const joined: Token[] = [];
  for (let at = 0; at < tokens.length; at++) {
    const close = closingOf(tokens, at);
    if (close === undefined) joined.push(tokens[at]!);
    else {
      const parts = tokens.slice(at, close + 1);
      const text = spaced(parts);
      joined.push({ text, lower: text.toLowerCase(), start: parts[0]!.start, end: parts.at(-1)!.end, kind: "word" });
      at = close;
    }
  }
  return joined;
}

/** Whether the word is a quotation that was joined. */
export function isQuotedName(text: string): boolean {
  return text.length > 2 && /^["'].*["']$/.test(text);
}

function closingOf(tokens: readonly Token[], open: number): number | undefined {
  const mark = tokens[open]!.text;
  if (mark !== '"' && mark !== "'") return undefined;
  const before = tokens[open - 1];
  // "keepers' lamp": a mark behind a word opens nothing.
  if ((before && before.end === tokens[open]!.start) || tokens[open + 1]?.start !== tokens[open]!.end) return undefined;
  if (before && (/^[,:(]$/.test(before.text) || SAYING.test(before.lower))) return undefined;
  for (let at = open + 1; at <= open + MOST_WORDS + 1 && at < tokens.length; at++) {
    const token = tokens[at]!;
    if (token.text === mark) {
      const last = tokens[at - 1]!;
      return at > open + 1 && last.kind !== "punctuation" && !SAYING.test(tokens[at + 1]?.lower ?? "") ? at : undefined;
    }
    if (/^[.!?;:"]$/.test(token.text)) return undefined;
  }
  return undefined;
}

function spaced(parts: readonly Token[]): string {
  return parts.map((part, index) => (index > 0 && part.start > parts[index - 1]!.end ? ` ${part.text}` : part.text)).join("");
}
