import type { Capitals } from "./tag-candidates";
import type { Token } from "./tokenize";

/** Which words a text writes with a capital where no sentence begins, and which without. */
export function findCapitals(sentences: readonly (readonly Token[])[]): Capitals {
  const capitalised = new Set<string>();
  const lowerCased = new Set<string>();
  for (const tokens of sentences) {
    tokens.forEach((token, index) => {
      if (token.kind !== "word") return;
      const opens = index === 0 || /^["'(]$/.test(tokens[index - 1]!.text) || tokens[index - 1]!.text === ":";
      if (!/^\p{Lu}/u.test(token.text)) lowerCased.add(token.lower);
      else if (!opens) capitalised.add(token.lower);
    });
  }
  return { capitalised, lowerCased };
}
