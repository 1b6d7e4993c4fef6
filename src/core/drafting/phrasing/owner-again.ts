import type { Clause } from "../../language/clause";
import { literally } from "../../lib/literally";

/** "*Ada Voss’s mother* taught Voss the names" → taught *her* the names: behind a subject that names its owner, the source's pronoun says enough. */
export function ownerAgain(subject: string, rest: string, { sentence, start, end }: Clause): string {
  let text = rest;
  for (const [word, { text: name }] of sentence.resolved ?? []) {
    const pronoun = sentence.words[word]!.lower;
    if (word < start || word >= end || !/^(?:him|her)$/.test(pronoun)) continue;
    const isOwner = new RegExp(`(?:^|\\s)${literally(name)}[’']s? `, "u").test(subject);
    if (isOwner) text = text.replace(name, pronoun);
  }
  return text;
}
