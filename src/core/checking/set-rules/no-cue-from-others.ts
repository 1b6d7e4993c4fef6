import type { Lexicon } from "../../language/lexicon";
import type { Question } from "../../questions/question";
import { baseSet, contentWords } from "../content-words";
import { defineSetRule } from "../define-set-rule";

const SHARED_MATTER = 0.6;
/** A longer key is not read off another question word by word. */
const LONGEST_KEY = 6;

/** One question's words hold another's key, on the same matter. */
export const noCueFromOthers = defineSetRule({
  id: "no-cue-from-others",
  verdict: "look",
  source: "Haladyna, Downing and Rodriguez 2002, no. 28: avoid cues from one item to another",
  about: "No question gives the answer of another away.",
  example: {
    good: "Why did keepers wear linen? · How often did they wind the clockwork?",
    bad: "Keepers wound the clockwork every four hours. True? · How often did keepers wind the clockwork?",
  },
  check(questions, lexicon) {
    const told = questions.map((question) => ({
      question,
      says: baseSet(toldBy(question), lexicon),
      stem: baseSet(question.stem, lexicon),
      key: keyWords(question, lexicon),
    }));
    return told.flatMap((one) =>
      told.flatMap((other) => {
        if (one === other || other.key.length === 0) return [];
        const holdsKey = other.key.every((word) => one.says.has(word)) && other.key.some((word) => !other.stem.has(word));
        const common = [...other.stem].filter((word) => one.says.has(word)).length;
        if (!holdsKey || other.stem.size < 2 || common / other.stem.size < SHARED_MATTER) return [];
        const ids = [one.question.id, other.question.id];
        return [
          {
            rule: "no-cue-from-others",
            ids,
            reason: "The first of these two gives the answer of the second away.",
            beside: [
              { id: ids[0]!, reason: `This gives the answer of “${short(other.question.stem)}” away.`, see: [ids[1]!] },
              { id: ids[1]!, reason: `“${short(one.question.stem)}” gives the answer of this away.`, see: [ids[0]!] },
            ],
          },
        ];
      }),
    );
  },
});

/** What a student takes for true from a question: its stem; a false statement tells nothing. */
function toldBy(question: Question): string {
  return question.kind === "true-false" && !question.key ? "" : question.stem;
}

function keyWords(question: Question, lexicon: Lexicon): string[] {
  const text =
    question.kind === "multiple-choice"
      ? question.options.find((option) => option.id === question.key)?.text
      : question.kind === "gap-fill" || question.kind === "short-answer"
        ? question.key
        : undefined;
  const words = contentWords(text ?? "", lexicon).map((word) => word.base);
  return words.length <= LONGEST_KEY ? words : [];
}

function short(stem: string): string {
  return stem.length <= 70 ? stem : `${stem.slice(0, stem.lastIndexOf(" ", 68))} …`;
}
