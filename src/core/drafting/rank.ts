import type { Analysis } from "../language/analysis";
import { type Candidate, mainSentence } from "./candidate";
import { type Features, featuresOf, topicality } from "./ranking/features";
import { LEARNT, predict } from "./ranking/model";
import { riskFeatures } from "./ranking/risk-features";

/** How much what was learnt counts beside what was laid down: found by cross-validation over passages. */
export const LEARNT_SHARE = 4;
export const HAND_SHARE = 0.3;
/** Until ratings are there, the hand's order stands alone: for words in context they are of meanings that are no longer drafted. */
const CENTRE = 1.2;
/** How much it counts that a draft is likelier than others to need mending: from the safest tenth to the riskiest a point. */
const RISK_SHARE = 6;
/** Not shown at all: of the drafts above it more than three in ten had to be mended, of all one in eight. */
const TOO_RISKY = 0.35;
/** Tasks of many sentences and word meanings have not been learnt from. */
const OF_ONE_SENTENCE = new Set<Candidate["kind"]>(["multiple-choice", "true-false", "gap-fill", "short-answer", "number", "two-part"]);

/** Higher is better; about 1 for what is barely worth showing, about 4 for the best. */
export function scoreCandidate(candidate: Candidate, analysis: Analysis): number {
  const hand = handScore(candidate, analysis);
  if (LEARNT.trainedOn.ratings === 0 || analysis.language !== "en" || candidate.kind === "word-in-context") return hand;
  const features = featuresOf(candidate, analysis);
  const fault = predict(LEARNT.keyFault, features);
  const score = LEARNT_SHARE * predict(LEARNT.acceptable, features) + HAND_SHARE * hand - 2 * fault - CENTRE;
  const risk = riskOf(candidate, features);
  return risk > TOO_RISKY ? 0 : score - RISK_SHARE * (risk - LEARNT.mended.share);
}

/** Whether a draft is like so many that had to be mended that it is not shown, whatever it is worth. */
export function isTooRisky(candidate: Candidate, analysis: Analysis): boolean {
  return analysis.language === "en" && riskOf(candidate, featuresOf(candidate, analysis)) > TOO_RISKY;
}

/** How likely it is to need mending, 0 to 1; the mean where nothing is known of its kind. */
function riskOf(candidate: Candidate, features: Features): number {
  return OF_ONE_SENTENCE.has(candidate.kind) ? predict(LEARNT.mended, riskFeatures(candidate, features)) : LEARNT.mended.share;
}

/**
 * A linear score laid down by hand: what the fact is worth, how much of the source hangs on its words,
 * and how easy the question is to read.
 */
export function handScore(candidate: Candidate, analysis: Analysis): number {
  const words = candidate.stem.split(" ").length;
  const isTask = candidate.parts?.sort === "gaps" || candidate.parts?.sort === "essay" || candidate.pattern === "own-word" || candidate.stem.includes("“");
  const length = isTask ? 0.2 : words < 6 ? -0.3 : words > 20 ? -0.5 - (words - 20) * 0.1 : 0.2;
  const sentence = mainSentence(candidate);
  const opening = sentence.indexInBlock === 0 ? 0.15 : 0;
  const doubt = sentence.tree ? -Math.max(0, sentence.tree.cost - 6) * 0.12 : 0;
  return candidate.worth * 1.2 + topicality(sentence, analysis) + length + opening + doubt;
}
