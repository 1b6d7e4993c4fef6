import type { Sentence } from "../../language/analysis";
import { CLOSED_WORDS } from "../../language/data/closed-words";
import { ONE_SIDE_ONLY } from "../../questions/one-side-only";
import type { Candidate } from "../candidate";
import { speaksOfItself } from "../phrasing/opens-clearly";
import type { SourceStock } from "../source-stock";
import { speechesOf } from "./draft-speakers";
import { eventOf, heaviestEvents, isEventOfOneself, sayings } from "./events-of-story";
import { claimOf, claimWords, sidesOf, titleClaim } from "./find-claim";
import { asPoints, evidenceOfPoints, type Point } from "./point-of-sentence";
import { titleOf } from "./sections";
import { weightiestPoints } from "./weightiest-sentences";

const FEWEST_POINTS = 4;
const MOST_POINTS = 6;
/** Events of a long story. */
const MOST_EVENTS = 8;

type Length = { inform: string; argue: string; tell: string };

/** How long a piece of writing may be wanted at a grade. */
export function lengthAt(grade: number): Length {
  if (grade <= 3) return { inform: "Write six to eight sentences.", argue: "Write five to seven sentences.", tell: "Write six to ten sentences." };
  if (grade <= 5) return { inform: "Write two paragraphs.", argue: "Write two paragraphs.", tell: "Write two or three paragraphs." };
  if (grade <= 8) return { inform: "Write three paragraphs.", argue: "Write three paragraphs.", tell: "Write three paragraphs." };
  return { inform: "Write 250 to 350 words.", argue: "Write 300 to 400 words.", tell: "Write 250 to 350 words." };
}

/** LENGTH stands for the length wanted, which depends on the grade of the plan. */
export const LENGTH = "[length]";

/** To explain what the source explains, to argue about what it really argues, to tell again what it tells. */
export function draftEssays(stock: SourceStock): Candidate[] {
  const argued = argue(stock);
  if (stock.analysis.sort === "story") return tell(stock);
  if (stock.analysis.sort === "opinion") return argued;
  return [...inform(stock), ...argued];
}

function inform(stock: SourceStock): Candidate[] {
  const { facts, analysis } = stock;
  const title = titleOf(stock);
  if (!title || analysis.sort !== "expository" || analysis.sentences.some((sentence) => sentence.speaker) || analysis.narrator) return [];
  const points = weightiestPoints(
    analysis.sentences.filter(({ block }) => block.kind !== "heading" && !block.leftOut),
    facts,
    MOST_POINTS,
    analysis,
  );
  if (points.length < FEWEST_POINTS) return [];
  const task =
    /^(?:how|why) /i.test(title) &&
    !/[?:!]/.test(title) &&
    tellOf(
      title,
      points.map(({ sentence }) => sentence),
      stock,
    )
      ? `Explain ${inSentenceCase(title, stock)}`
      : `Explain the most important things that “${title}” tells its readers`;
  const stem = `${task}, for someone who has not read the passage. ${LENGTH} Use at least four facts from the passage, in your own words.`;
  return [essay("inform", stem, [{ side: "", points }], points, EXPLAINING, "essay-inform")];
}

/** "How Spiders Spin": the task asks for spinning only where the points tell of it. */
const FEWEST_ON_TITLE = 2;

/** Whether the points say more of what the title asks than the name of what it is about. */
function tellOf(title: string, points: readonly Sentence[], { analysis: { headingLemmas, lemmaCounts } }: SourceStock): boolean {
  // "How a patent works": any of them does.
  if (/\b(?:made|makes?|works?|happens?|lives?|runs?)$/i.test(title)) return true;
  const [topic, ...others] = [...headingLemmas].sort((a, b) => (lemmaCounts.get(b) ?? 0) - (lemmaCounts.get(a) ?? 0));
  const asked = new Set(others.filter((lemma) => title.toLowerCase().includes(lemma.slice(0, 4))));
  if (topic === undefined || asked.size === 0) return true;
  const told = points.filter(({ words }) => words.some(({ candidates }) => candidates.some(({ lemma }) => asked.has((lemma ?? "").toLowerCase()))));
  return told.length >= FEWEST_ON_TITLE;
}

function argue(stock: SourceStock): Candidate[] {
  const claim = claimOf(stock);
  const title = claim ? undefined : titleClaim(stock.analysis);
  const { reasons, against } = sidesOf(stock, claim);
  if (!(claim || title) || reasons.length < 2) return [];
  const said = claim
    ? `The writer says: “${claimWords(claim)}” Do you agree?`
    : title!.asks
      ? `The title asks: “${title!.text}” What is your answer?`
      : `The title says: “${title!.text}” Do you agree?`;
  const stem = `${said} ${LENGTH} Say what you think, give at least two reasons, use evidence from the passage, and answer one reason of the other side.`;
  const models = [
    { side: "Agree", points: asPoints(reasons.slice(0, 4), stock.analysis) },
    ...(against.length > 0 ? [{ side: "Disagree", points: asPoints(against.slice(0, 4), stock.analysis) }] : []),
  ];
  const note = against.length > 0 ? [] : [ONE_SIDE_ONLY];
  return [
    essay(
      "argue",
      stem,
      models,
      asPoints([...(claim ? [claim] : []), ...reasons.slice(0, 4), ...against.slice(0, 4)], stock.analysis),
      ARGUING,
      "essay-argue",
      note,
    ),
  ];
}

/** What the persons of a story do and decide, in its order. */
function tell(stock: SourceStock): Candidate[] {
  const { analysis } = stock;
  const title = titleOf(stock);
  if (title && isToldByOneself(stock)) return tellOfOneself(stock, title);
  const names = [...new Set([...analysis.persons.values()].map((person) => person.name))];
  const events = analysis.sentences.filter((sentence) => {
    const [first] = sentence.clauses;
    return sentence.tree && first && first.rank === "main" && names.some((name) => sentence.text.includes(name)) && sentence.words.length > 5;
  });
  if (events.length < FEWEST_POINTS || names.length === 0 || !title) return [];
  // "He lay down, and Anansi tied him": who, the sentence before tells; those that say it themselves come first.
  const clear = analysis.sentences.flatMap((sentence) => (sentence.block.kind === "heading" ? [] : (eventOf(sentence, analysis) ?? [])));
  const told =
    clear.length >= FEWEST_POINTS - 1
      ? [...clear, ...sayings(speechesOf(stock))].sort((a, b) => a.sentence.index - b.sentence.index)
      : asPoints(events, analysis);
  const points = heaviestEvents(told, mostOf(told), analysis);
  const [main] = names
    .map((name) => ({ name, count: analysis.sentences.filter((sentence) => sentence.text.includes(name)).length }))
    .sort((a, b) => b.count - a.count);
  const stem = `Tell what happens in “${title}” as ${main!.name} would tell it. ${LENGTH} Keep to what happens in the story, from its beginning to its end.`;
  return [essay("tell", stem, [{ side: "", points }], points, TELLING, "essay-tell")];
}

/** A long story takes more events to tell again. */
function mostOf({ length }: readonly unknown[]): number {
  return Math.min(length, length >= 2 * MOST_EVENTS ? MOST_EVENTS : MOST_POINTS);
}

/** Share of sentences in the first person from which a story is told by whoever was there. */
const OF_ONESELF = 0.3;

function isToldByOneself({ analysis: { sentences, narrator } }: SourceStock): boolean {
  const prose = sentences.filter(({ block, abstained }) => block.kind !== "heading" && abstained !== "speech");
  return narrator !== undefined && prose.filter(speaksOfItself).length > OF_ONESELF * prose.length;
}

/** "I ran down the 112 steps": the narrator's own words are the points. */
function tellOfOneself({ analysis }: SourceStock, title: string): Candidate[] {
  const events = analysis.sentences.filter((sentence) => sentence.block.kind !== "heading" && isEventOfOneself(sentence, analysis));
  if (events.length < FEWEST_POINTS) return [];
  const points = heaviestEvents(asPoints(events, analysis), mostOf(events), analysis);
  const stem = `Tell in your own words what happens in “${title}”. ${LENGTH} Keep to what happens in the story, from its beginning to its end.`;
  return [essay("tell", stem, [{ side: "", points }], points, RETELLING, "essay-tell")];
}

type Levels = { share: number; text: string }[];
const EXPLAINING: Levels = [
  {
    share: 1,
    text: "Four or more of these facts, or others of the passage that matter as much, right and in the student's own words, in an order that a new reader can follow",
  },
  { share: 0.75, text: "Three of them, or four with one mistake" },
  { share: 0.5, text: "Two of them" },
  { share: 0.25, text: "One of them, or sentences copied from the passage" },
];
const ARGUING: Levels = [
  { share: 1, text: "A clear opinion, two reasons, evidence from the passage for each, and an answer to one reason of the other side" },
  { share: 0.75, text: "A clear opinion and two reasons, one of them with evidence" },
  { share: 0.5, text: "A clear opinion and one reason with evidence" },
  { share: 0.25, text: "An opinion without evidence" },
];
const TELLING: Levels = [
  { share: 1, text: "Four or more of these events, in their order, told as that person sees them" },
  { share: 0.75, text: "Three of them in order, or four out of order" },
  { share: 0.5, text: "Two of them" },
  { share: 0.25, text: "One of them" },
];

const RETELLING: Levels = TELLING.map(({ share, text }) => ({ share, text: text.replace("told as that person sees them", "in the student's own words") }));

function essay(
  purpose: "inform" | "argue" | "tell",
  stem: string,
  models: { side: string; points: readonly Point[] }[],
  points: readonly Point[],
  levels: Levels,
  pattern: string,
  notes: string[] = [],
): Candidate {
  const texts = new Map([...points].sort((a, b) => a.sentence.index - b.sentence.index).map(({ sentence, text }) => [sentence, text]));
  return {
    kind: "essay",
    stem,
    key: models.flatMap((model) => model.points.map(({ text }) => text)).join(" "),
    accepted: [],
    distractors: [],
    optionOrder: "shuffled",
    evidence: evidenceOfPoints(points),
    factId: `${pattern}:${[...texts.keys()].map((sentence) => sentence.index).join("-")}`,
    factType: "statement",
    pattern,
    depth: "reasoning",
    worth: 3,
    parts: {
      sort: "essay",
      purpose,
      models: models.map((model) => ({ side: model.side, text: model.points.map(({ text }) => text).join(" ") })),
      points: [...texts.values(), ...notes],
      levels,
    },
  };
}

/** "How a Bill Becomes a Law" → "how a bill becomes a law": words that the text itself writes small are no names. */
function inSentenceCase(title: string, { analysis }: SourceStock): string {
  const prose = analysis.sentences.filter((sentence) => sentence.block.kind !== "heading");
  const small = new Set(prose.flatMap((sentence) => sentence.words.map((word) => word.text)));
  // Names stand with a capital inside sentences; in a title everything may.
  const names = new Set(prose.flatMap((sentence) => sentence.words.slice(1).map((word) => word.text)));
  const words = title.split(" ");
  const isTitleCase = words.every((word) => /^[^\p{Ll}]/u.test(word) || Object.hasOwn(CLOSED_WORDS, word));
  const isSmall = (word: string) => small.has(word.toLowerCase()) || Object.hasOwn(CLOSED_WORDS, word.toLowerCase()) || (isTitleCase && !names.has(word));
  return words.map((word, index) => (index === 0 || (word !== "I" && isSmall(word)) ? word.toLowerCase() : word)).join(" ");
}
