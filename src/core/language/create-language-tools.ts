import type { LanguageTools } from "./analyse-text";
import { createGrammar } from "./grammar";
import { createLexicon, type LexiconFiles } from "./lexicon";
import { createParser } from "./parse-words";

/** Everything the analysis needs, made once from the dictionary's tables. */
export function createLanguageTools(files: LexiconFiles): LanguageTools {
  const lexicon = createLexicon(files);
  return { lexicon, parser: createParser(createGrammar(lexicon)) };
}
