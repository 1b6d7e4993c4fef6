import type { Sentence } from "../../language/analysis";
import { sentenceCase } from "../../language/node-text";
import type { Node } from "../../language/tree";
import type { Candidate } from "../candidate";
import type { SourceStock } from "../source-stock";
import { datedFacts, STATES } from "./dated-facts";
import { LASTING } from "./draft-next-events";
import { FEWEST_STEPS, listsOfSteps, MEANWHILE, PLACE_WORD } from "./lists-of-steps";

const FEWEST_EVENTS = 3;
const MOST = 6;

/** Steps that the source numbers or lists as commands, and events that it dates. */
export function draftOrders(stock: SourceStock): Candidate[] {
  return [...stepLists(stock), ...datedEvents(stock), ...(stock.analysis.sort === "story" ? storyEvents(stock) : [])];
}

function stepLists({ analysis }: SourceStock): Candidate[] {
  return listsOfSteps(analysis).flatMap(({ steps: all, heading }) => {
    const steps = all.filter(({ text }) => !MEANWHILE.test(text)).slice(0, MOST);
    const items = steps.map((sentence) => sentenceCase(sentence.text.replace(PLACE_WORD, "")));
    if (steps.length < FEWEST_STEPS || new Set(items).size < items.length) return [];
    const about = heading ? `the steps of “${heading}”` : "these steps";
    return [toCandidate(`Put ${about} in the right order, from the first to the last.`, items, steps, "steps-in-order", 3)];
  });
}

function datedEvents({ facts }: SourceStock): Candidate[] {
  const dated = datedFacts(facts);
  const oncePerYear = dated.filter((fact, index) => dated.findIndex((other) => other.answer === fact.answer) === index);
  const chosen = oncePerYear.filter((fact, index) => oncePerYear.findIndex((other) => other.sentence === fact.sentence) === index).slice(0, MOST);
  if (chosen.length < FEWEST_EVENTS) return [];
  const sorted = [...chosen].sort((a, b) => Number(a.answer) - Number(b.answer));
  const items = sorted.map((fact) => `${sentenceCase(fact.statement!)}.`);
  const sentences = sorted.map((fact) => fact.sentence);
  return [toCandidate("Put these events in the order in which they happened, from the earliest to the latest.", items, sentences, "events-in-order", 2.8)];
}

const EVENTS = 5;
/** "*One Sunday* Grandfather did not come": what is told before was always so. */
const ONE_DAY =
  /^(?:Then |But |And |Until )?one (?:\p{Ll}+ )?(?:day|morning|afternoon|evening|night|Monday|Tuesday|Wednesday|Thursday|Friday|Saturday|Sunday|week|year|spring|summer|autumn|winter)\b/iu;

/** What happens in a story, in the order of its telling: only plain past events, none looked back on. */
function storyEvents({ analysis, statements, factsBySentence }: SourceStock): Candidate[] {
  const looksBack = analysis.sentences.some((sentence) => /\b(?:years|days|hours) (?:before|earlier)\b/.test(sentence.text));
  const turn = analysis.sentences.findIndex(({ text, block }) => block.kind !== "heading" && ONE_DAY.test(text));
  const plain = statements.filter(({ phrasing: { clause }, words, sentence, text }) => {
    const past = clause.verb.flags?.[0] === "past" && clause.auxiliaries.length === 0 && clause.verb.cat === "v";
    // "Ten-year-olds rowed": what was always so has no place in the row.
    // "Nobody got off", "called me": neither an event nor clear by itself.
    const isOpen =
      /^(?:nobody|no one|nothing|most|many|some|there)\b|\blong ago$/i.test(text) ||
      /\b(?:me|my|us|our|we|I)\b|\b(on|in|at|up|by|off) \1\b|\b(?:a new|another|the other) one\b|\bone (?:back|up|down|out|away)\b/.test(text);
    // "In the middle floated a silver ship": what there was to see, and nothing that happened.
    const isScene =
      /^(?:float|hang|glow|shine|gleam|stretch|stand|sit|smell|lead|run|rise)$/.test(clause.verb.lemma ?? "") && clause.verb.start < clause.subject.start;
    // "shouted at *children who* kicked balls": whenever any did.
    const isAny = ({ role, f }: Node) => role === "relative" && f.det === "bare" && f.num === "pl";
    const isToAny = [...clause.complements, ...clause.adjuncts].some(({ node }) => node.cat === "pp" && node.kids[1] !== undefined && isAny(node.kids[1]));
    const isHabit = (clause.subject.f.det === "bare" && clause.subject.f.num === "pl") || isToAny;
    // "“Can you do it?” *Mr. Okoro asked Noor*": what, only his words say.
    const isCut =
      /^(?:ask|tell|answer|warn|remind|beg|urge)$/.test(clause.verb.lemma ?? "") &&
      clause.complements.every(({ role, node }) => role === "object" && node.end >= clause.end);
    return (
      past &&
      !isHabit &&
      !isScene &&
      !isCut &&
      !isOpen &&
      clause.rank === "main" &&
      !clause.negated &&
      words >= 4 &&
      words <= 16 &&
      sentence.abstained === undefined &&
      !STATES.has(clause.verb.lemma ?? "")
    );
  });
  const once = plain.filter(({ sentence }) => sentence.index >= turn);
  const told = once.length >= EVENTS - 1 ? once : plain;
  const oncePerSentence = told.filter((statement, index) => told.findIndex((other) => other.sentence === statement.sentence) === index);
  if (looksBack || oncePerSentence.length < 4) return [];
  const distinct = oncePerSentence.filter(({ phrasing }, index) => {
    const before = oncePerSentence[index - 1]?.phrasing;
    if (!before || before.subject !== phrasing.subject) return true;
    const [verb, last] = [phrasing.clause.verb.lemma ?? "", before.clause.verb.lemma ?? ""];
    // "Pia *held her breath*. She *waited* for the shout": both at once.
    const isMeanwhile = LASTING.has(verb) && LASTING.has(last) && phrasing.clause.sentence.index === before.clause.sentence.index + 1;
    return verb !== last && !isMeanwhile;
  });
  if (distinct.length < 4) return [];
  // What is told here is not asked elsewhere: events that give no question of their own come first.
  // "Every autumn they made lanterns" opens a story, and is no event of it.
  const single = distinct.filter(({ text }) => !/\b(?:every|each|always|often|usually|sometimes)\b/i.test(text));
  const clear = single.length >= EVENTS - 1 ? single : distinct;
  // "The plum trees made noises": what persons do moves a story on.
  const byPersons = clear.filter(({ phrasing: { binder, subject } }) => binder.human || analysis.persons.has(subject));
  const events = byPersons.length >= EVENTS - 1 ? byPersons : clear;
  const free = events.filter(({ sentence }) => !factsBySentence.has(sentence));
  const from = free.length >= EVENTS - 1 ? free : events;
  const count = Math.min(EVENTS, from.length);
  const step = (from.length - 1) / (count - 1);
  const chosen = Array.from({ length: count }, (_, index) => from[Math.round(index * step)]!);
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
