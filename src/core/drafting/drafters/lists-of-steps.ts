import type { Analysis, Sentence } from "../../language/analysis";
import { headingOver } from "../phrasing/heading-over";
import { LONGEST_EVENT } from "./dated-facts";

/** Fewer commands under each other are no procedure. */
export const FEWEST_STEPS = 3;

/** "*Meanwhile* tie the string": has no place of its own in the row. */
export const MEANWHILE = /^(?:meanwhile|in the meantime|at the same time)\b/i;

export type ListOfSteps = { steps: Sentence[]; heading?: string };

/** Commands that the source lists one under another, in the order in which they are done. */
export function listsOfSteps(analysis: Analysis): ListOfSteps[] {
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
