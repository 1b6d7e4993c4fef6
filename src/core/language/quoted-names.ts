import type { Token } from "./tokenize";

/** A longer quotation is somebody's sentence, not a name. */
const MOST_WORDS = 8;
/** Words and the first mark of a title or meaning that a sentence ends with. */
const MOST_IN_TITLE = 7;
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
      const stop = tokens[close]!.text === "." ? tokens[close]! : undefined;
      const parts = tokens.slice(at, stop ? close : close + 1);
      const text = `${spaced(parts)}${stop ? tokens[close + 1]!.text : ""}`;
      // Its second mark stands behind the stop, and so its first is left out too.
      const { start } = stop ? parts[1]! : parts[0]!;
      joined.push({ text, lower: text.toLowerCase(), start, end: parts.at(-1)!.end, kind: "word" }, ...(stop ? [stop] : []));
      at = stop ? close + 1 : close;
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
  if (before && (/^[,:(]$/.test(before.text) || SAYING.test(before.lower)) && !isNickname(tokens, open)) return undefined;
  for (let at = open + 1; at <= open + MOST_WORDS + 1 && at < tokens.length; at++) {
    const token = tokens[at]!;
    if (token.text === mark) {
      const last = tokens[at - 1]!;
      return at > open + 1 && last.kind !== "punctuation" && !SAYING.test(tokens[at + 1]?.lower ?? "") ? at : undefined;
    }
    // "means "representative."": the stop is the sentence's.
    // "So was my wife.": a sentence that is nothing else is somebody's words.
    const isOnly = open > 0 && tokens.filter(({ text }) => text === mark).length === 2;
    if (isOnly && token.text === "." && tokens[at + 1]?.text === mark && at + 2 === tokens.length && at > open + 1 && at <= open + MOST_IN_TITLE) return at;
    if (/^[.!?;:"]$/.test(token.text)) return undefined;
  }
  return undefined;
}

/** "the first driver, *“Wild Bill”* Shannon": a few words with capitals, and a name right behind them. */
function isNickname(tokens: readonly Token[], open: number): boolean {
  const close = tokens.findIndex((token, at) => at > open && token.text === tokens[open]!.text);
  const [inside, behind] = [tokens.slice(open + 1, close), tokens[close + 1]];
  return inside.length >= 1 && inside.length <= 3 && [...inside, behind].every((token) => token !== undefined && /^\p{Lu}\p{Ll}/u.test(token.text));
}

function spaced(parts: readonly Token[]): string {
  return parts.map((part, index) => (index > 0 && part.start > parts[index - 1]!.end ? ` ${part.text}` : part.text)).join("");
}
