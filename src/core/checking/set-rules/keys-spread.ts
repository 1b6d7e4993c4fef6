import { leadingNumber } from "../../drafting/phrasing/number-forms";
import { isKeyed, type MultipleChoice, type Question } from "../../questions/question";
import { type Beside, defineSetRule } from "../define-set-rule";
import { letterOf } from "../option-letters";

const FEWEST_CHOICES = 5;
const MOST_IN_ONE_PLACE = 0.6;

/** Who guesses B every time should not be right most of the time. */
export const keysSpread = defineSetRule({
  id: "keys-spread",
  verdict: "look",
  source: "Haladyna, Downing and Rodriguez 2002, no. 20: vary the location of the right answer",
  about: "The keys of the choices are spread over their places.",
  example: { good: "B, D, A, C, B, A", bad: "B, B, B, B, A, B" },
  check(questions) {
    const places = keyPlaces(questions);
    const choices = [...places.values()].reduce((sum, ids) => sum + ids.length, 0);
    if (choices < FEWEST_CHOICES) return [];
    return [...places].flatMap(([place, ids]) => {
      if (ids.length / choices <= MOST_IN_ONE_PLACE) return [];
      const told = `The key of ${ids.length} of ${choices} choices is ${letterOf(place)}.`;
      const tooMany = ids.length - Math.floor(choices * MOST_IN_ONE_PLACE);
      const movable = questions.filter(
        (question): question is MultipleChoice => ids.includes(question.id) && question.kind === "multiple-choice" && isMovable(question),
      );
      const beside = movable.slice(-tooMany).map((question, index): Beside => moved(question, place, told, places, index));
      return [{ rule: "keys-spread", ids, reason: `${told} Move some of them.`, beside }];
    });
  },
});

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

/** Numbers stay in order of size, wherever that puts the key. */
function isMovable({ options }: MultipleChoice): boolean {
  return options.length > 1 && options.some((option) => leadingNumber(option.text) === undefined);
}

/** The key changes places with the option that stands where the fewest keys are. */
function moved({ id, options, key }: MultipleChoice, place: number, told: string, places: ReadonlyMap<number, string[]>, turn: number): Beside {
  const free = options
    .map((_, at) => at)
    .filter((at) => at !== place)
    .sort((a, b) => (places.get(a)?.length ?? 0) - (places.get(b)?.length ?? 0));
  const to = free[turn % free.length]!;
  const next = options.with(to, options[place]!).with(place, options[to]!);
  return {
    id,
    reason: `${told} Here it could stand elsewhere.`,
    see: [],
    mend: { label: `Move the key to ${letterOf(to)}`, edits: [{ type: "set-parts", questionId: id, from: { options, key }, to: { options: next, key } }] },
  };
}
