import type { Sentence } from "../../language/analysis";
import { sentenceCase } from "../../language/node-text";
import { unlike } from "../../lib/plain-wording";
import type { Candidate } from "../candidate";
import type { SourceStock } from "../source-stock";
import { listsOfSteps, MEANWHILE } from "./lists-of-steps";

const LONGEST_STEP = 16;
/** Two steps beside the one asked after and its answer, at least. */
const FEWEST_STEPS = 4;

/** "What should you do right after you tape the foil over the window?": the other steps are the wrong answers. */
export function draftNextSteps({ analysis }: SourceStock): Candidate[] {
  return listsOfSteps(analysis).flatMap(({ steps }) =>
    steps.length < FEWEST_STEPS
      ? []
      : steps
          .slice(0, -1)
          .flatMap((step, index) => askAfter(step, index, steps, analysis.sentences))
          .slice(0, MOST_OF_A_LIST),
  );
}

/** Two questions of two kinds: more would ask for the whole list piece by piece. */
const MOST_OF_A_LIST = 4;
/** What is done again and again has no place in the row. */
const REPEATED = /\b(?:every|each (?:day|week|time)|twice|once a|daily|weekly|whenever|when|as soon as|until)\b/i;

function askAfter(step: Sentence, index: number, steps: readonly Sentence[], sentences: readonly Sentence[]): Candidate[] {
  const next = steps[index + 1]!;
  // A step that is left out for its length stands between them, or what is done meanwhile.
  if (next.blockIndex !== step.blockIndex + 1 || MEANWHILE.test(step.text) || MEANWHILE.test(next.text)) return [];
  const [command] = step.clauses;
  const isWhole = sentences.every((other) => other === step || other.block.id !== step.block.id);
  // Behind a step of several sentences the next thing to do would be its second sentence.
  if (!isWhole || !command?.imperative || command.start !== 0 || step.clauses.some((clause) => clause.rank === "main" && !clause.imperative)) return [];
  const doing = plain(step);
  const options = [next, ...steps.filter((other) => other !== step && other !== next)].map(plain);
  const [key, ...rest] = options as [string, ...string[]];
  const distractors = unlike(rest, (text) => text, [key]);
  if (
    distractors.length < 2 ||
    [doing, key].some((text) => REPEATED.test(text)) ||
    [doing, ...options].some((text) => text.split(" ").length > LONGEST_STEP || /\b(?:it|them|this|these|then|again)\b/i.test(text))
  )
    return [];
  const base = {
    stem: `What should you do right after you ${doing.charAt(0).toLowerCase()}${doing.slice(1)}?`,
    key: sentenceCase(key),
    accepted: [],
    evidence: [step, next],
    factId: `${next.index}:step:0`,
    factType: "step" as const,
    pattern: "next-step",
    depth: "understanding" as const,
    worth: 2.4,
  };
  return [
    { ...base, kind: "multiple-choice", distractors: distractors.map(sentenceCase), optionOrder: "shuffled" },
    { ...base, kind: "short-answer", distractors: [], optionOrder: "shuffled" },
  ];
}

function plain({ text }: Sentence): string {
  return text.replace(/[.!]$/, "").trim();
}
