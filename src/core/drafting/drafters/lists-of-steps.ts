import type { Analysis, Sentence } from "../../language/analysis";
import { headingOver } from "../phrasing/heading-over";
import { LONGEST_EVENT } from "./dated-facts";

/** Fewer commands under each other are no procedure. */
export const FEWEST_STEPS = 3;

/** "*Meanwhile* tie the string": has no place of its own in the row. */
export const MEANWHILE = /^(?:meanwhile|in the meantime|at the same time)\b/i;

export type ListOfSteps = { steps: Sentence[]; heading?: string };

/** Words that tell a step's place by themselves. */
export const PLACE_WORD = /^(?:first|firstly|second|secondly|third|next|then|now|after that|afterwards|finally|last|lastly|to begin|at the end)\b,?\s*/i;

/** Commands in the order in which they are done, listed one under another or told paragraph by paragraph. */
export function listsOfSteps(analysis: Analysis): ListOfSteps[] {
  return [...listedSteps(analysis), ...stepsInParagraphs(analysis)];
}

/** Paragraphs under which an order is not meant. */
const FEWEST_PARAGRAPHS = 4;
const FEWEST_PLACES = 2;

/** "First, mark the middle. … Next, cut a notch. … Finally, tie the strips.": the command that opens each paragraph. */
function stepsInParagraphs({ sentences, sort }: Analysis): ListOfSteps[] {
  if (sort !== "steps") return [];
  const openings = sentences.filter(({ block, indexInBlock }) => block.kind === "paragraph" && indexInBlock === 0);
  const steps = openings.filter(
    (sentence) =>
      sentence.clauses.find(({ rank }) => rank === "main")?.imperative && !isStandingAdvice(sentence) && sentence.text.split(" ").length <= LONGEST_EVENT,
  );
  const isInOrder = steps.filter(({ text }) => PLACE_WORD.test(text)).length >= FEWEST_PLACES;
  return isInOrder && steps.length >= FEWEST_PARAGRAPHS ? [{ steps }] : [];
}

function listedSteps(analysis: Analysis): ListOfSteps[] {
  return listItems(analysis).flatMap((items) => {
    // What is needed stands in a list of its own, right before the steps.
    const needed = items.findLastIndex(({ text }) => !/[.!?:]["”)]?$/.test(text));
    const list = items.length - needed > FEWEST_STEPS ? items.slice(needed + 1) : items;
    const commands = list.filter(isCommand).length;
    if (list.length < FEWEST_STEPS || commands < list.length * 0.8) return [];
    // "Wait.": by itself it has no place in a row.
    const steps = list.filter((sentence) => sentence.text.split(" ").length <= LONGEST_EVENT && sentence.text.includes(" "));
    const heading = headingOver(list[0]!, analysis);
    // Advice can be followed in any order.
    if (/\b(?:tips?|advice|rules?|ideas?|ways|safety|reminders?|hints?|mistakes)\b/i.test(heading ?? "") || steps.some(isStandingAdvice)) return [];
    return [{ steps, ...(heading ? { heading } : {}) }];
  });
}

/** The first sentences of list items that follow each other. */
function listItems({ sentences }: Analysis): Sentence[][] {
  const lists: Sentence[][] = [];
  let before: Sentence | undefined;
  for (const sentence of sentences) {
    if (sentence.block.kind !== "list-item" || sentence.indexInBlock > 0) continue;
    const follows = before && sentence.blockIndex === before.blockIndex + 1;
    if (follows) lists.at(-1)!.push(sentence);
    else lists.push([sentence]);
    before = sentence;
  }
  return lists;
}

/** A command, or what was not understood and opens with a verb as one does. */
function isCommand({ clauses, words }: Sentence): boolean {
  return clauses.length > 0
    ? clauses.find(({ rank }) => rank === "main")?.imperative === true
    : (words[0]?.candidates.some((tag) => tag.cat === "v" && tag.flags?.[0] === "base" && tag.cost < 4) ?? false);
}

/** "Never …", "Turn it off when …": holds at any time, not at its place in a row. */
function isStandingAdvice(sentence: Sentence): boolean {
  return /^(?:never|always|do not|don['’]t|avoid|try)\b/i.test(sentence.text) || / (?:when|if|whenever) you (?:are|will|do) not\b/i.test(sentence.text);
}
