import type { Rule } from "./define-rule";
import { askedOnce } from "./rules/asked-once";
import { evidenceWordForWord } from "./rules/evidence-word-for-word";
import { keyInEvidence } from "./rules/key-in-evidence";
import { oneRightOption } from "./rules/one-right-option";
import { optionsAlikeInGrammar } from "./rules/options-alike-in-grammar";
import { optionsAlikeInLength } from "./rules/options-alike-in-length";
import { pronounsHaveNouns } from "./rules/pronouns-have-nouns";
import { proofsAreQuotations } from "./rules/proofs-are-quotations";
import { questionComplete } from "./rules/question-complete";
import { questionWithinGrade } from "./rules/question-within-grade";
import { stemHidesKey } from "./rules/stem-hides-key";

/** Every rule, in the order in which its findings are read: proof first, then form. */
export const RULES: readonly Rule[] = [
  questionComplete,
  evidenceWordForWord,
  keyInEvidence,
  proofsAreQuotations,
  oneRightOption,
  stemHidesKey,
  pronounsHaveNouns,
  askedOnce,
  optionsAlikeInLength,
  optionsAlikeInGrammar,
  questionWithinGrade,
];
