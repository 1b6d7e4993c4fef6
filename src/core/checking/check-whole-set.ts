import type { Lexicon } from "../language/lexicon";
import { isKeyed, type Question } from "../questions/question";
import { baseSet, contentWords } from "./content-words";
import { runRule } from "./define-rule";
import { askedOnce } from "./rules/asked-once";

export type SetFinding = { rule: string; ids: string[]; reason: string };

/** What only the questions together show: keys in one place, one question that answers another, one sentence asked about too often. */
export function checkWholeSet(questions: readonly Question[], lexicon: Lexicon): SetFinding[] {
  return [...keysSpread(questions), ...askedTwice(questions, lexicon), ...givenAway(questions, lexicon), ...evidenceSpread(questions)];
}

const FEWEST_CHOICES = 5;
const MOST_IN_ONE_PLACE = 0.6;

/** Haladyna, Downing and Rodriguez 2002, no. 20: vary the location of the right answer. */
function keysSpread(questions: readonly Question[]): SetFinding[] {
  const choices = questions.flatMap((question) => (question.kind === "multiple-choice" ? [question] : []));
  if (choices.length < FEWEST_CHOICES) return [];
  return [...keyPlaces(choices)].flatMap(([place, ids]) =>
    ids.length / choices.length > MOST_IN_ONE_PLACE
      ? [{ rule: "keys-spread", ids, reason: `The key of ${ids.length} of ${choices.length} choices is ${"ABCDEFGH"[place] ?? "none"}. Move some of them.` }]
      : [],
  );
}

/** Ids of multiple choices by the place of their key, 0 for A. */
export function keyPlaces(questions: readonly Question[]): Map<number, string[]> {
  const byPlace = new Map<number, string[]>();
  for (const question of questions) {
    if (question.kind !== "multiple-choice") continue;
    const place = question.options.findIndex((option) => isKeyed(question, option.id));
    byPlace.set(place, [...(byPlace.get(place) ?? []), question.id]);
  }
  return byPlace;
}

function askedTwice(questions: readonly Question[], lexicon: Lexicon): SetFinding[] {
  return questions.flatMap((question, index) =>
    questions.slice(index + 1).flatMap((other) => {
      const twice = runRule(askedOnce, question, { blocks: [], others: [other], grade: 12, lexicon }).length > 0;
      return twice ? [{ rule: "asked-once", ids: [question.id, other.id], reason: "These two ask much the same. Keep one of them." }] : [];
    }),
  );
}

/** One question's words hold another's key, on the same matter (Haladyna 2002, no. 28: no cues from other items). */
function givenAway(questions: readonly Question[], lexicon: Lexicon): SetFinding[] {
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
      const sameMatter = other.stem.size >= 2 && common / other.stem.size >= 0.6;
      return holdsKey && sameMatter
        ? [{ rule: "no-cue-from-others", ids: [one.question.id, other.question.id], reason: "The first of these two gives the answer of the second away." }]
        : [];
    }),
  );
}

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
  return words.length <= 6 ? words : [];
}

const MOST_ON_ONE_SENTENCE = 3;

function evidenceSpread(questions: readonly Question[]): SetFinding[] {
  const bySentence = new Map<string, string[]>();
  for (const question of questions) {
    for (const span of question.evidence) {
      const place = `${span.blockId} ${span.start}`;
      bySentence.set(place, [...new Set([...(bySentence.get(place) ?? []), question.id])]);
    }
  }
  return [...bySentence.values()].flatMap((ids) =>
    ids.length > MOST_ON_ONE_SENTENCE ? [{ rule: "evidence-spread", ids, reason: `${ids.length} questions rest on the same sentence. Ask about others.` }] : [],
  );
}
