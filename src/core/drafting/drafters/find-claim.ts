import type { Sentence } from "../../language/analysis";
import { opensClearly } from "../phrasing/opens-clearly";
import type { SourceStock } from "../source-stock";

const OUGHT = /\b(?:should|ought to|must)\b/;
/** How a writer lets the other side speak. */
const OTHER_SIDE =
  /^(?:some (?:people|say|argue|think|of)|others|critics|opponents|many people (?:say|think|argue)|it is true|of course|supporters|those who|people (?:say|argue|object)|the (?:developer|other side)|I know what)/i;
const SAYS = /\b(?:say|says|argue|argues|reply|replies|claim|claims|object|objects|promise|believe|think) (?:that )?/i;

/** The sentence in which the writer says what should be done: the plainest one, where there is one. */
export function claimOf({ analysis }: SourceStock): Sentence | undefined {
  const claims = analysis.sentences.filter(
    (sentence) =>
      sentence.block.kind !== "heading" &&
      OUGHT.test(sentence.text) &&
      sentence.abstained !== "speech" &&
      sentence.abstained !== "question" &&
      !isOfOthers(sentence) &&
      opensClearly(sentence) &&
      // "I think that they should …": who they are stands in another sentence.
      !/^(?:he|she|it|they|this|that|these|those)\b/i.test(claimWords(sentence)) &&
      // "Cafés should stop using them": so does what they are.
      !/\b(?:it|them|this|these|those)[.!]?$/i.test(sentence.text),
  );
  const weight = (sentence: Sentence) =>
    (/\bI (?:believe|think)\b/.test(sentence.text) ? 3 : 0) +
    (/\bshould\b/.test(sentence.text) ? 1 : 0) +
    (sentence.tree ? 1 : 0) -
    (OTHER_SIDE.test(sentence.text) ? 4 : 0) -
    (sentence.words.length > 26 ? 1 : 0);
  const best = [...claims].sort((a, b) => weight(b) - weight(a))[0];
  return best && (analysis.sort === "opinion" || weight(best) >= 4) ? best : undefined;
}

/** "The members believe that animals should …": somebody else's demand. */
export function isOfOthers({ clauses, text }: Sentence): boolean {
  const [first] = clauses;
  const says = first && /^(?:believe|think|say|argue|claim|feel|want|insist|demand|suggest)$/.test(first.verb.lemma ?? "");
  return Boolean(says) && !/^(?:I|we)\b/i.test(text);
}

/** "I believe that the school should …" → "The school should …" */
export function claimWords(claim: Sentence): string {
  const words = claim.text.replace(/^(?:I|we) (?:believe|think|feel|argue)(?: that)? /i, "").replace(/^(?:So|Therefore|That is why),? /, "");
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** The writer's own reasons, and what the writer lets the other side say. */
export function sidesOf({ analysis, facts }: SourceStock, claim: Sentence): { reasons: Sentence[]; against: Sentence[] } {
  const against = analysis.sentences.filter(
    (sentence) => OTHER_SIDE.test(sentence.text) && (SAYS.test(sentence.text) || /^(?:it is true|of course)/i.test(sentence.text)),
  );
  const given = new Set(
    facts.filter((fact) => ["cause", "purpose", "condition", "quantity", "manner", "reason"].includes(fact.type)).map((fact) => fact.sentence),
  );
  const reasons = analysis.sentences.filter((sentence) => {
    const marked = /\b(?:because|since|reason|so that|if)\b/i.test(sentence.text);
    return (
      sentence !== claim &&
      !against.includes(sentence) &&
      (given.has(sentence) || marked) &&
      opensClearly(sentence) &&
      sentence.block.kind !== "heading" &&
      sentence.abstained !== "question"
    );
  });
  return { reasons, against };
}
