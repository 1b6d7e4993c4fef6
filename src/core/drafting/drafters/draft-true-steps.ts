import type { Analysis, Sentence } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { literally } from "../../lib/literally";
import type { Candidate } from "../candidate";
import { isUnclear, reasonsOf } from "../facts/find-cause";
import { falsify } from "../falsification/falsify";
import { type Phrasing, stateClause } from "../phrasing/ask-clause";
import { phraseRest } from "../phrasing/phrase-rest";
import { phrasings } from "../phrasing/phrasings";
import { sentenceOf } from "../phrasing/restate";
import type { SourceStock } from "../source-stock";

/** Shorter ones say what everybody does ("you should dry the bowl"), longer ones are learnt by heart. */
const [FEWEST_WORDS, MOST_WORDS] = [8, 22];

/** "Leave the dough for two hours" → "According to the instructions, you should leave the dough for two hours", and for four. */
export function draftTrueSteps({ analysis }: SourceStock, seed: number): Candidate[] {
  if (analysis.sort !== "steps") return [];
  return analysis.sentences.flatMap((sentence) =>
    phrasings(sentence, analysis)
      .filter(({ clause }) => clause.imperative && clause.rank === "main" && clause.start === 0)
      .flatMap((phrasing) => fromStep(phrasing, sentence, analysis, seed)),
  );
}

function fromStep(phrasing: Phrasing, sentence: Sentence, analysis: Analysis, seed: number): Candidate[] {
  const { clause } = phrasing;
  const rest = phraseRest(phrasing, analysis, reasonsOf(clause));
  if (isUnclear(rest)) return [];
  const text = stateClause(phrasing, rest).replace(/,? because .*$/, "");
  const words = text.split(" ").length;
  if (words < FEWEST_WORDS || words > MOST_WORDS || /\b(?:it|them|this|these|those|then|again|here)\b/i.test(rest)) return [];
  const base = {
    kind: "true-false" as const,
    accepted: [],
    distractors: [],
    optionOrder: "shuffled" as const,
    evidence: [sentence],
    factId: `${sentence.index}:step:${clause.verb.start}`,
    depth: "recall" as const,
  };
  const told = (statement: string) => sentenceOf(`according to the instructions, ${statement}`);
  const wrong = falsehoods({ phrasing, sentence, rest, text }, analysis, seed).filter(({ to }) => !isDoneSo(clause, to, analysis));
  // What nothing could be changed in is hardly worth a statement.
  if (wrong.length === 0 && !clause.negated) return [];
  return [
    { ...base, stem: told(text), key: "true", factType: "step", pattern: "true-step", worth: 1.8 },
    ...wrong.map((falsehood) => ({
      ...base,
      stem: told(falsehood.text),
      key: "false",
      correction: sentenceOf(text),
      factType: "statement" as const,
      pattern: `false-${falsehood.how}`,
      worth: 2.2,
    })),
  ];
}

type Told = { phrasing: Phrasing; sentence: Sentence; rest: string; text: string };

/** As of any statement; what one should not do, one should. */
function falsehoods(told: Told, analysis: Analysis, seed: number): { text: string; how: string; to: string }[] {
  const { phrasing, text } = told;
  if (phrasing.clause.negated) return [{ text: text.replace("should not ", "should "), how: "denial", to: "" }];
  // Without its *should*, under which a number might be another one as well.
  const plain = text.replace("you should ", "");
  // "make the cross bigger than the patch": the reader is compared with nothing.
  return falsify({ ...told, text: plain, words: plain.split(" ").length }, analysis, seed)
    .filter(({ how }) => how !== "comparison")
    .map((falsehood) => ({ ...falsehood, text: `you should ${falsehood.text}` }));
}

/** Another step does the like: "stir for two minutes", and later for four. */
function isDoneSo({ sentence, verb }: Clause, to: string, { sentences }: Analysis): boolean {
  const words = new RegExp(`\\b${literally(to)}\\b`, "i");
  return (
    to !== "" && sentences.some((other) => other !== sentence && words.test(other.text) && other.clauses.some((clause) => clause.verb.lemma === verb.lemma))
  );
}
