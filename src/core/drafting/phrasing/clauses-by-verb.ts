import type { Sentence } from "../../language/analysis";
import type { Clause } from "../../language/clause";

const known = new WeakMap<readonly Sentence[], ReadonlyMap<string, Clause[]>>();

/** The clauses of a source that have a verb, in their order. Looked up in an index that is made once for it. */
export function clausesWithVerb(lemma: string | undefined, sentences: readonly Sentence[]): readonly Clause[] {
  const index = known.get(sentences) ?? byVerb(sentences);
  known.set(sentences, index);
  return index.get(lemma ?? "") ?? [];
}

function byVerb(sentences: readonly Sentence[]): ReadonlyMap<string, Clause[]> {
  const index = new Map<string, Clause[]>();
  for (const clause of sentences.flatMap(({ clauses }) => clauses)) {
    const lemma = clause.verb.lemma ?? "";
    if (!index.get(lemma)?.push(clause)) index.set(lemma, [clause]);
  }
  return index;
}
