import type { Analysis, Sentence } from "../../language/analysis";
import { opensClearly } from "../phrasing/opens-clearly";
import type { SourceStock } from "../source-stock";

const OUGHT = /\b(?:should|ought to|must)\b/;
/** How a writer lets the other side speak. */
const OTHER_SIDE =
  /^(?:some (?:people|say|argue|think|of)|others|critics|opponents|many people (?:say|think|argue)|it is true|of course|supporters|those who|people (?:say|argue|object)|the (?:developer|other side)|I know what)/i;
const OWN_VIEW = /\b(?:I (?:firmly |really )?(?:believe|think)|I am (?:convinced|sure)|in my (?:view|opinion))\b/i;
const POINTS = /\b(?:should|ought to|must) (?:[\p{L}-]+ ){0,6}(?:it|them|this|these|those|neither|both|so)\b/iu;
/** "Our school has *a kitchen*, and we should open it again": named in the sentence itself. */
const NAMED = /\b(?:has|have|is|are|was|owns?|keeps?) (?:an?|the) .*,? (?:and|so) (?:\p{L}+ ){1,3}(?:should|ought to|must)\b/iu;
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
      !/^(?:he|she|it|they|this|that|these|those|(?:an?|the|some|most|half|part|one) (?:\p{L}+ )?of (?:it|them|this|these))\b/iu.test(claimWords(sentence)) &&
      // "Cafés should stop using them", "The council should switch off half of them at midnight": so does what they are.
      (!POINTS.test(sentence.text) || NAMED.test(sentence.text)) &&
      // "To make soup you *must* multiply": needed for it, and no demand.
      (/\b(?:should|ought to)\b/.test(sentence.text) || /^(?:[\w’'-]+ ){1,4}must\b/.test(sentence.text)) &&
      !/\b(?:you|they|he|she) (?:should|must|ought)\b/.test(sentence.text),
  );
  const blocks = claims.map(({ blockIndex }) => blockIndex);
  const [first, last] = [Math.min(...blocks), Math.max(...analysis.sentences.map(({ blockIndex }) => blockIndex))];
  const weight = (sentence: Sentence) =>
    (OWN_VIEW.test(sentence.text) ? 3 : 0) +
    (/\bshould\b/.test(sentence.text) ? 1 : 0) +
    (sentence.tree ? 1 : 0) +
    // What the title announces is what the writer wants.
    Math.min(2, sharedWithHeading(sentence, analysis)) +
    (sentence.blockIndex === first || sentence.blockIndex === last ? 0.5 : 0) -
    (OTHER_SIDE.test(sentence.text) ? 4 : 0) -
    // "should only get a pet if …", "should at least try this": a condition or a part of it.
    (/\b(?:only|at least (?:try|give|consider|wait|think|ask)|therefore|also|either|if|unless)\b/.test(sentence.text) ? 1.5 : 0) -
    (sentence.words.length > 26 ? 1 : 0);
  const best = [...claims].sort((a, b) => weight(b) - weight(a))[0];
  return best && (analysis.sort === "opinion" || weight(best) >= 4) ? best : undefined;
}

function sharedWithHeading({ words }: Sentence, { headingLemmas }: Analysis): number {
  const lemmas = words.flatMap(({ candidates }) =>
    candidates.filter(({ cat, cost }) => cat === "n" && cost < 3).map(({ lemma }) => (lemma ?? "").toLowerCase()),
  );
  return new Set(lemmas.filter((lemma) => headingLemmas.has(lemma))).size;
}

/** "The members believe that animals should …": somebody else's demand. */
function isOfOthers({ clauses, text }: Sentence): boolean {
  const [first] = clauses;
  const says =
    (first !== undefined &&
      /^(?:believe|think|say|argue|claim|feel|want|insist|demand|suggest|object|reply|answer|warn|complain|fear|worry|recommend)$/.test(
        first.verb.lemma ?? "",
      )) ||
    /\b(?:says?|said|argues?|objects?|claims?|believes?|insists?|demands?|warns?|recommends?|knows?) that\b.*\b(?:should|ought to|must)\b/.test(text);
  return says && !/^(?:I|we)\b/i.test(text);
}

/** "I believe that the school should …" → "The school should …" */
export function claimWords(claim: Sentence): string {
  const words = claim.text
    // "I do it on purpose, *and I think that* every garden should …"
    .replace(/^I [^,]*, (?:and|but|so) (?=I (?:(?:firmly|really) )?(?:believe|think|feel|argue)\b)/, "")
    .replace(/^(?:(?:I|we) (?:(?:firmly|really) )?(?:believe|think|feel|argue)|I am (?:convinced|sure))(?: that)? /i, "")
    .replace(/^In my (?:view|opinion),? /, "")
    .replace(/^(?:So|Therefore|That is why),? /, "");
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** A title that demands, says what is so, or asks what should be. */
const DEMANDS =
  /^(?:keep|give|let|save|stop|ban|build|bring|protect|end|open|close|leave|free|fix|start|mend|repair|turn|plant|allow|pay|feed|buy|switch|move|cut|raise|lower|reopen|change|paint|clean|slow|share|count|choose|trust|ask|take|put|fill|teach|say|please|do not|don['’]t|no)\b|\b(?:should|must|needs?|deserves?)\b|\b(?:is|are) (?:not|better|a|an|the)\b/i;
const ASKS = /^(?:should|must|do|does|is|are|can|may) .*\?$/i;
const PLAIN_TITLE = /^why (?:I|we)\b|:/i;

/** Where no sentence says plainly what should be done, the title of an opinion often does: "Keep the Ferry Slow". */
export function titleClaim({ sentences, sort }: Analysis): { text: string; asks: boolean } | undefined {
  const heading = sentences.find(({ block }) => block.kind === "heading" && block.level === 1);
  if (sort !== "opinion" || !heading) return undefined;
  const text = heading.block.text.trim();
  if (ASKS.test(text)) return { text, asks: true };
  if (/\?/.test(text) || PLAIN_TITLE.test(text) || !DEMANDS.test(text)) return undefined;
  return { text: /[.!]$/.test(text) ? text : `${text}.`, asks: false };
}

/** "There is another reason", "The main reason is simple", "If it does not work, …": what is no reason by itself. */
const ANNOUNCES =
  /\b(?:another|one more|a (?:second|third|last)) (?:reason|point)\b|\b(?:reason|point|answer)s? (?:is|are) (?:very |quite )?(?:simple|clear|plain|easy|obvious)\b|^(?:if|when|because|as) (?:it|they|this|that)\b/i;

/** The writer's own reasons, and what the writer lets the other side say. */
export function sidesOf({ analysis, facts }: SourceStock, claim: Sentence | undefined): { reasons: Sentence[]; against: Sentence[] } {
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
      !ANNOUNCES.test(sentence.text) &&
      sentence.block.kind !== "heading" &&
      sentence.abstained !== "question"
    );
  });
  return { reasons, against };
}
