/**
 * Learns the ranker from the ratings in quality/ratings and from what had to be mended (quality/mended):
 * `npm run train:ranker`. Prints how well it does on passages it has not seen, before and after, and writes
 * src/core/drafting/ranking/weights.json.
 */
import { writeFileSync } from "node:fs";
import path from "node:path";
import type { Candidate } from "../src/core/drafting/candidate";
import { overgenerate } from "../src/core/drafting/candidates";
import { HAND_SHARE, handScore, LEARNT_SHARE } from "../src/core/drafting/rank";
import { featuresOf } from "../src/core/drafting/ranking/features";
import type { Weights } from "../src/core/drafting/ranking/model";
import { crossValidate, type Example, fitModel, pairsInOrder } from "./quality/fit-model";
import { openPassages } from "./quality/open-passages";
import { candidateKey, readRatings } from "./quality/rated-drafts";
import { readShownThen } from "./quality/shown-then";

const RIDGE = 3;
const RIDGE_OF_RISK = 4;
/** Many little words and few faults: it takes longer to settle. */
const STEPS_OF_RISK = 3000;
const FIRST = 12;

const ratings = readRatings();
type Rated = { candidate: Candidate; hand: number; asIs: boolean; keyFault: boolean; passage: string; features: Example["features"] };
const rated: Rated[] = [];
for (const { name, analysis } of await openPassages()) {
  const byKey = new Map(overgenerate(analysis, 1).map((candidate) => [candidateKey(candidate), candidate]));
  for (const rating of ratings.filter((one) => one.passage === name)) {
    const candidate = byKey.get(rating.draft);
    if (candidate)
      rated.push({
        candidate,
        hand: handScore(candidate, analysis),
        asIs: rating.asIs,
        keyFault: rating.keyFault,
        passage: name,
        features: featuresOf(candidate, analysis),
      });
  }
}
const examplesOf = (label: (one: Rated) => boolean): Example[] => rated.map((one) => ({ features: one.features, label: label(one), group: one.passage }));
const good = examplesOf((one) => one.asIs);
const faulty = examplesOf((one) => one.keyFault);
const learnt = crossValidate(good, RIDGE);
const hand = rated.map((one) => one.hand);
/** The mixture that the engine uses, and those beside it. */
const mixed = (share: number) => learnt.map((p, index) => LEARNT_SHARE * p + share * hand[index]!);

/** Acceptable among the first of each passage, by an order. */
function precisionOfFirst(scores: readonly number[]): number {
  const passages = [...new Set(rated.map((one) => one.passage))];
  const shares = passages.map((passage) => {
    const own = rated.map((one, index) => ({ one, score: scores[index]! })).filter(({ one }) => one.passage === passage);
    const first = own.sort((a, b) => b.score - a.score).slice(0, FIRST);
    return { good: first.filter(({ one }) => one.asIs).length, all: first.length };
  });
  return shares.reduce((sum, share) => sum + share.good, 0) / shares.reduce((sum, share) => sum + share.all, 0);
}
const percent = (value: number) => `${(value * 100).toFixed(1)} %`;
const report = [
  ["", "pairs in order", `acceptable among the first ${FIRST}`],
  ["by chance", "50.0 %", percent(rated.filter((one) => one.asIs).length / rated.length)],
  ["by hand", percent(pairsInOrder(good, hand)), percent(precisionOfFirst(hand))],
  ["learnt, unseen passages", percent(pairsInOrder(good, learnt)), percent(precisionOfFirst(learnt))],
  ...[0.05, 0.1, HAND_SHARE, 0.2, 0.35].map((share) => [
    `both, ${share} of the hand`,
    percent(pairsInOrder(good, mixed(share))),
    percent(precisionOfFirst(mixed(share))),
  ]),
];
for (const row of report) process.stdout.write(`${row.map((cell) => cell.padEnd(28)).join("")}\n`);

const shownThen = readShownThen();
const risks = crossValidate(shownThen, RIDGE_OF_RISK, STEPS_OF_RISK);
process.stdout.write(`What had to be mended before what did not, unseen passages: ${percent(pairsInOrder(shownThen, risks))}\n`);
process.stdout.write(`Of tenths from the safest to the riskiest had to be mended: ${sharesOfTenths(risks).map(percent).join(", ")}\n`);

function sharesOfTenths(predicted: readonly number[]): number[] {
  const order = shownThen.map(({ label }, index) => ({ label, risk: predicted[index]! })).sort((a, b) => a.risk - b.risk);
  return Array.from({ length: 10 }, (_, tenth) => {
    const part = order.slice(Math.floor((tenth * order.length) / 10), Math.floor(((tenth + 1) * order.length) / 10));
    return part.filter(({ label }) => label).length / part.length;
  });
}

const weights: Weights = {
  trainedOn: {
    ratings: rated.length,
    passages: new Set(rated.map((one) => one.passage)).size,
    raters: [...new Set(ratings.map((rating) => rating.rater))],
    shownThen: shownThen.length,
  },
  acceptable: fitModel(good, RIDGE),
  keyFault: fitModel(faulty, RIDGE * 2),
  mended: {
    ...fitModel(shownThen, RIDGE_OF_RISK, STEPS_OF_RISK),
    share: Math.round((shownThen.filter(({ label }) => label).length / shownThen.length) * 1000) / 1000,
  },
};
const out = path.resolve(import.meta.dirname, "../src/core/drafting/ranking/weights.json");
writeFileSync(out, `${JSON.stringify(weights, null, 2)}\n`);
process.stdout.write(`${rated.length} ratings of drafts that are still made; ${ratings.length - rated.length} of drafts that are not.\n`);
process.exit(0);
