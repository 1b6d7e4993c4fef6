import type { Sentence } from "../../language/analysis";
import { sentenceCase } from "../../language/node-text";
import type { Candidate } from "../candidate";
import type { SourceStock } from "../source-stock";
import { datedFacts, LONGEST_EVENT, STATES } from "./dated-facts";

const FEWEST = 3;
const MOST = 6;
/** Words that tell an item's place by themselves. */
const PLACE_WORD = /^(?:first|firstly|second|secondly|third|next|then|now|after that|afterwards|finally|last|lastly|to begin|at the end)\b,?\s*/i;

/** Steps that the source numbers or lists as commands, and events that it dates. */
export function draftOrders(stock: SourceStock): Candidate[] {
  return [...stepLists(stock), ...datedEvents(stock), ...(stock.analysis.sort === "story" ? storyEvents(stock) : [])];
}

function stepLists({ analysis }: SourceStock): Candidate[] {
  const lists: Sentence[][] = [];
  let before: Sentence | undefined;
  for (const sentence of analysis.sentences) {
    if (sentence.block.kind !== "list-item" || sentence.indexInBlock > 0) continue;
    const follows = before && sentence.blockIndex === before.blockIndex + 1;
    if (follows) lists.at(-1)!.push(sentence);
    else lists.push([sentence]);
    before = sentence;
  }
  return lists.flatMap((list) => {
    const commands = list.filter((sentence) => isCommand(sentence)).length;
    if (list.length < FEWEST || commands < list.length * 0.8) return [];
    const steps = list.filter((sentence) => sentence.text.split(" ").length <= LONGEST_EVENT).slice(0, MOST);
    const items = steps.map((sentence) => sentenceCase(sentence.text.replace(PLACE_WORD, "")));
    if (steps.length < FEWEST || new Set(items).size < items.length) return [];
    const heading = headingOver(list[0]!, analysis.blocks);
    // Advice can be followed in any order.
    if (/\b(?:tips?|advice|rules?|ideas?|ways|safety|reminders?|hints?|mistakes)\b/i.test(heading ?? "") || steps.some(isStandingAdvice)) return [];
    const about = heading ? `the steps of “${heading}”` : "these steps";
    return [toCandidate(`Put ${about} in the right order, from the first to the last.`, items, steps, "steps-in-order", 3)];
  });
}

/** A command, or what was not understood and opens with a verb as one does. */
function isCommand({ clauses, words }: Sentence): boolean {
  return clauses.length > 0
    ? clauses[0]!.imperative
    : (words[0]?.candidates.some((tag) => tag.cat === "v" && tag.flags?.[0] === "base" && tag.cost < 4) ?? false);
}

/** "Never …", "Turn it off when …": holds at any time, not at its place in a row. */
function isStandingAdvice(sentence: Sentence): boolean {
  return /^(?:never|always|do not|don['’]t|avoid|try)\b/i.test(sentence.text) || / (?:when|if|whenever) you (?:are|will|do) not\b/i.test(sentence.text);
}

function headingOver(sentence: Sentence, blocks: SourceStock["analysis"]["blocks"]): string | undefined {
  const at = blocks.findIndex((block) => block.id === sentence.block.id);
  const above = blocks.slice(0, at).filter((block) => block.kind === "heading" && !block.leftOut);
  const own = above.at(-1);
  // "Steps" names nothing; the heading that it stands under does.
  const isBare = own !== undefined && /^(?:the )?(?:steps|method|instructions|what to do|how to do it|procedure)$/i.test(own.text);
  return isBare ? above.findLast((block) => (block.level ?? 2) < (own.level ?? 2))?.text : own?.text;
}

function datedEvents({ facts }: SourceStock): Candidate[] {
  const dated = datedFacts(facts);
  const oncePerYear = dated.filter((fact, index) => dated.findIndex((other) => other.answer === fact.answer) === index);
  const chosen = oncePerYear.filter((fact, index) => oncePerYear.findIndex((other) => other.sentence === fact.sentence) === index).slice(0, MOST);
  if (chosen.length < FEWEST) return [];
  const sorted = [...chosen].sort((a, b) => Number(a.answer) - Number(b.answer));
  const items = sorted.map((fact) => `${sentenceCase(fact.statement!)}.`);
  const sentences = sorted.map((fact) => fact.sentence);
  return [toCandidate("Put these events in the order in which they happened, from the earliest to the latest.", items, sentences, "events-in-order", 2.8)];
}

const EVENTS = 5;

/** What happens in a story, in the order of its telling: only plain past events, none looked back on. */
function storyEvents({ analysis, statements }: SourceStock): Candidate[] {
  const looksBack = analysis.sentences.some((sentence) => /\b(?:years|days|hours) (?:before|earlier)\b/.test(sentence.text));
  const plain = statements.filter(({ phrasing: { clause }, words, sentence }) => {
    const past = clause.verb.flags?.[0] === "past" && clause.auxiliaries.length === 0 && clause.verb.cat === "v";
    return (
      past && clause.rank === "main" && !clause.negated && words >= 4 && words <= 16 && sentence.abstained === undefined && !STATES.has(clause.verb.lemma ?? "")
    );
  });
  const oncePerSentence = plain.filter((statement, index) => plain.findIndex((other) => other.sentence === statement.sentence) === index);
  if (looksBack || oncePerSentence.length < 4) return [];
  const distinct = oncePerSentence.filter(({ phrasing }, index) => {
    const before = oncePerSentence[index - 1]?.phrasing;
    return !before || before.clause.verb.lemma !== phrasing.clause.verb.lemma || before.subject !== phrasing.subject;
  });
  if (distinct.length < 4) return [];
  const count = Math.min(EVENTS, distinct.length);
  const step = (distinct.length - 1) / (count - 1);
  const chosen = Array.from({ length: count }, (_, index) => distinct[Math.round(index * step)]!);
  const items = chosen.map(({ text }) => `${sentenceCase(text)}.`);
  if (new Set(items).size < items.length) return [];
  return [
    toCandidate(
      "Put these events of the story in the order in which they happen.",
      items,
      chosen.map(({ sentence }) => sentence),
      "story-in-order",
      3,
    ),
  ];
}

function toCandidate(stem: string, items: string[], evidence: Sentence[], pattern: string, worth: number): Candidate {
  return {
    kind: "order",
    stem,
    key: items.join(" "),
    accepted: [],
    distractors: [],
    optionOrder: "shuffled",
    evidence,
    factId: `order:${evidence.map((sentence) => sentence.index).join("-")}`,
    factType: "statement",
    pattern,
    depth: "understanding",
    worth,
    parts: { sort: "order", items },
  };
}
