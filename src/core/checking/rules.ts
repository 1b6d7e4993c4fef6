import type { Rule } from "./define-rule";
import { acceptedAnswersComplete } from "./rules/accepted-answers-complete";
import { answerFitsTheQuestion } from "./rules/answer-fits-the-question";
import { articleFitsEveryOption } from "./rules/article-fits-every-option";
import { askedOnce } from "./rules/asked-once";
import { claimKeepsItsLimits } from "./rules/claim-keeps-its-limits";
import { everyPartProved } from "./rules/every-part-proved";
import { evidenceWordForWord } from "./rules/evidence-word-for-word";
import { gapWellPlaced } from "./rules/gap-well-placed";
import { ideaInTheStem } from "./rules/idea-in-the-stem";
import { keyInEvidence } from "./rules/key-in-evidence";
import { namesAndNumbersInSource } from "./rules/names-and-numbers-in-source";
import { negativesStandOut } from "./rules/negatives-stand-out";
import { noAbsoluteWords } from "./rules/no-absolute-words";
import { noAllOrNone } from "./rules/no-all-or-none";
import { oneRightOption } from "./rules/one-right-option";
import { optionsAlikeInGrammar } from "./rules/options-alike-in-grammar";
import { optionsAlikeInLength } from "./rules/options-alike-in-length";
import { optionsDoNotOverlap } from "./rules/options-do-not-overlap";
import { optionsInOrder } from "./rules/options-in-order";
import { optionsWithoutCommonWords } from "./rules/options-without-common-words";
import { orderFollowsTheSource } from "./rules/order-follows-the-source";
import { pointsFitTheWork } from "./rules/points-fit-the-work";
import { pronounsHaveNouns } from "./rules/pronouns-have-nouns";
import { proofsAreQuotations } from "./rules/proofs-are-quotations";
import { questionComplete } from "./rules/question-complete";
import { questionWithinGrade } from "./rules/question-within-grade";
import { sentencesAreWhole } from "./rules/sentences-are-whole";
import { stemHidesKey } from "./rules/stem-hides-key";
import { wordsAreSpelt } from "./rules/words-are-spelt";
import { wrongOptionsAreWrong } from "./rules/wrong-options-are-wrong";

/** Every rule, in the order in which its findings are read: proof first, then form. */
export const RULES: readonly Rule[] = [
  questionComplete,
  evidenceWordForWord,
  keyInEvidence,
  answerFitsTheQuestion,
  claimKeepsItsLimits,
  namesAndNumbersInSource,
  everyPartProved,
  orderFollowsTheSource,
  proofsAreQuotations,
  oneRightOption,
  wrongOptionsAreWrong,
  optionsDoNotOverlap,
  stemHidesKey,
  noAbsoluteWords,
  articleFitsEveryOption,
  pronounsHaveNouns,
  ideaInTheStem,
  negativesStandOut,
  askedOnce,
  optionsAlikeInLength,
  optionsAlikeInGrammar,
  optionsInOrder,
  optionsWithoutCommonWords,
  noAllOrNone,
  gapWellPlaced,
  acceptedAnswersComplete,
  wordsAreSpelt,
  sentencesAreWhole,
  questionWithinGrade,
  pointsFitTheWork,
];
