import { type Analysis, positionKey, type Sentence } from "../../language/analysis";
import { midSentence } from "../../language/node-text";
import { nounGender } from "../../language/noun-gender";
import { pronounOf } from "../../language/subject-pronoun";
import { coreOf } from "../../language/tree";
import { literally } from "../../lib/literally";
import { createRandom, seedFrom } from "../../lib/random";
import type { Candidate } from "../candidate";
import type { SourceStock } from "../source-stock";

const SHORTEST_WORDS = 4;
const SHORTEST_ANSWER = 2;
const LONGEST_WORDS = 18;
const SAYING =
  "says?|said|asks?|asked|answers?|answered|whispers?|whispered|cries|cried|replies|replied|shouts?|shouted|adds?|added|calls?|called|laughs?|laughed";
const BEHIND = new RegExp(`["”],? (?:${SAYING}) ((?:the |an? )?[\\p{L}' -]+?)(?:[,.;]| and | to | at | with | in |$)`, "u");
const BETWEEN = new RegExp(`["”],? ((?:the |an? )?(?:\\p{L}+ ){0,2}\\p{L}+) (?:${SAYING})\\b`, "u");

/** "the master *always* answered" */
const HOW = / (?:always|often|only|just|then|never|\p{Ll}+ly)$/u;

/** Words that somebody in a story says, and who. */
export type Said = {
  speaker: string;
  words: string;
  /** The second of two parts, which stands in the text as it is. */
  half?: string;
  sentence: Sentence;
  /** Names the speaker, where the sentence itself says *he* or *she*. */
  before?: Sentence;
};

/** Who says what in a story: only where the sentence itself names the speaker. */
export function draftSpeakers(stock: SourceStock, seed: number): Candidate[] {
  const said = speechesOf(stock);
  const speakers = [...new Set(said.map(({ speaker }) => speaker))];
  const others = [...new Set([...speakers, ...[...stock.analysis.persons.values()].map((person) => person.name)])];
  const long = said.filter(({ words }) => words.split(" ").length >= SHORTEST_WORDS);
  // "“It is not for sale,” he answered", as the weaver had: said by two, it is nobody's own.
  const everything = plainWords(stock.analysis.sentences.map(({ text }) => text).join(" "));
  const questions = long.filter(({ words, half }) => everything.split(plainWords(half ?? words)).length === 2);
  return [...questions.flatMap((one) => whoSays(one, others, seed)), ...answers(said, stock), ...matchSpeakers(long)];
}

/** What is said in a story in no more than a sentence, in its order. */
export function speechesOf(stock: SourceStock): Said[] {
  const text = stock.analysis.sentences.map((sentence) => sentence.text).join(" ");
  return stock.analysis.sentences
    .flatMap((sentence) => speechIn(sentence, stock).flatMap((one) => [one, ...nextWords(one, stock.analysis)]))
    .filter(({ words }) => words.split(" ").length <= LONGEST_WORDS)
    .map((one) => ({ ...one, speaker: nameOf(one.speaker, text) }));
}

/** "said the deckhand, *whose name was Fergus*", "Fergus, the deckhand": by name, since both would be right. */
function nameOf(speaker: string, text: string): string {
  if (!/^the \p{Ll}/u.test(speaker)) return speaker;
  const role = literally(speaker);
  const name = "(\\p{Lu}\\p{Ll}+)";
  const [, behind, ahead] =
    new RegExp(`\\b${role},? (?:whose name (?:was|is)|who was (?:named|called)|named|called) ${name}|${name}, ${role}[,.]`, "u").exec(text) ?? [];
  return behind ?? ahead ?? speaker;
}

function plainWords(text: string): string {
  return text.toLowerCase().replace(/[^\p{L}\d]+/gu, " ");
}

const ANSWERING = /\b(?:answer|repl|said|says|whisper|shout|call|laugh|cried|cries)/;

/** "“Why do you whistle?” asked Pip. “To find my way,” said the bird." What does the bird answer? */
function answers(said: readonly Said[], { analysis }: SourceStock): Candidate[] {
  return said.flatMap((question) => {
    const next = said.find(({ sentence }) => sentence.index > question.sentence.index);
    const nearBy =
      next && analysis.sentences.slice(question.sentence.index + 1, next.sentence.index).every((between) => between.words.length <= 5 && between.tree);
    if (!next || !nearBy || !question.words.endsWith("?") || next.words.endsWith("?") || next.speaker === question.speaker) return [];
    if (!ANSWERING.test(outsideQuotes(next.sentence.text)) || next.before) return [];
    // "“Yes,” said the bird. “Follow me.”": the whole answer.
    const after = goesOn(next.sentence, analysis);
    const whole = [quotedIn(next.sentence.text), ...(after ? [quotedIn(after.text)] : [])].join(". ").replace(/([!?])\. /g, "$1 ");
    if (whole.split(" ").length > LONGEST_WORDS || question.words.split(" ").length < SHORTEST_WORDS - 1) return [];
    return [
      {
        kind: "short-answer",
        stem: `In the story, what does ${next.speaker} answer when ${question.speaker} asks: “${question.words}”`,
        key: `“${whole}${/[!.]$/.test(whole) ? "" : "."}”`,
        accepted: [whole],
        distractors: [],
        optionOrder: "shuffled" as const,
        evidence: [question.sentence, next.sentence, ...(after ? [after] : [])],
        factId: `${next.sentence.index}:speaker:0`,
        factType: "speaker" as const,
        pattern: "what-answers",
        depth: "understanding" as const,
        worth: 2.4,
      },
    ];
  });
}

/** All that is said in a sentence, without its last stop. */
function quotedIn(text: string): string {
  return [...text.matchAll(/["“]([^"“”]+)["”]/g)].map(([, words]) => words!.trim().replace(/[,.]$/, "")).join(", ");
}

/** "“We will,” said Mina. *“Nobody else has the glue.”*": the same person's next words, with nobody named. */
function goesOn(sentence: Sentence, { sentences }: Analysis): Sentence | undefined {
  const after = sentences[sentence.index + 1];
  return after?.block === sentence.block && after.abstained === "speech" && !/\p{L}/u.test(outsideQuotes(after.text)) ? after : undefined;
}

function outsideQuotes(text: string): string {
  return text.replace(/["“][^"“”]*["”]/g, " ");
}

/** The words of one speech and who says them; a pronoun or a stranger's "voice" says nothing. */
function speechIn(sentence: Sentence, { analysis }: SourceStock): Said[] {
  if (sentence.abstained !== "speech") return [];
  const [quoted, goingOn] = [...sentence.text.matchAll(/["“]([^"“”]+)["”]/g)].map(([, said]) => said!.trim());
  const sign = (BEHIND.exec(sentence.text) ?? BETWEEN.exec(sentence.text))?.[1]?.trim().replace(HOW, "");
  const told = sign === "he" || sign === "she" ? whoSpeaks(sign, sentence, analysis) : undefined;
  const named = told?.name ?? sign;
  if (!quoted || !named) return [];
  // "“Before you begin,” said the weaver, “*you must bring me a thread.*”": one sentence, in two parts.
  const opensHalf = /^(?:before|after|when|if|as|since|because|until|while|although|once|unless)\b/i.test(quoted) && quoted.endsWith(",");
  const isHalf = opensHalf && goingOn !== undefined && /^\p{Ll}/u.test(goingOn);
  const whole = isHalf ? `${quoted} ${goingOn}` : tellingPart(quoted);
  const words = whole.replace(/[,.]$/, "").trim();
  const count = words.split(" ").length;
  const person = analysis.persons.get(named) ?? analysis.persons.get(named.split(" ").at(-1)!);
  const definite =
    isOnlyOne(named, analysis) || (/^the (?:[a-z]+ )?[a-z]+$/.test(named) && !/ (?:voice|letter|one|other|man|woman|girl|boy|people|child)$/.test(named));
  if (count < SHORTEST_ANSWER || !(person || definite)) return [];
  return [{ speaker: person?.name ?? named, words, sentence, ...(isHalf ? { half: goingOn } : {}), ...(told ? { before: told.sentence } : {}) }];
}

/** Words of a sentence that is picked out of a longer speech. */
const FEWEST_PICKED = 6;

/** "“There was no wind. *So I rowed the whole night.* Ask them.”": the longest of its sentences that is short enough. */
function tellingPart(quoted: string): string {
  const parts = quoted.split(/(?<=[.!?]) +(?=\p{Lu})/u);
  if (parts.length === 1) return quoted;
  const fitting = parts.filter((part) => part.split(" ").length >= FEWEST_PICKED && part.split(" ").length <= LONGEST_WORDS);
  return fitting.sort((a, b) => b.split(" ").length - a.split(" ").length)[0] ?? quoted;
}

/** "“Did you see the flowers?” she asked. *“I planted the seeds myself.”*": words of the same speech, with nobody named. */
function nextWords({ speaker, sentence, before }: Said, analysis: Analysis): Said[] {
  const after = goesOn(sentence, analysis);
  const words = after && tellingPart(quotedIn(after.text)).replace(/[,.]$/, "").trim();
  const count = words?.split(" ").length ?? 0;
  if (!after || !words || count < FEWEST_PICKED) return [];
  return [{ speaker, words, sentence: after, before: before ?? sentence }];
}

/** "*the old man*", where the story has no other man. */
function isOnlyOne(named: string, { sentences }: Analysis): boolean {
  const [, which, noun] = /^the ([a-z]+) (man|woman|boy|girl)$/.exec(named) ?? [];
  if (!which || !noun) return false;
  const ahead = [
    ...sentences
      .map(({ text }) => text)
      .join(" ")
      .matchAll(new RegExp(`(\\p{L}+) ${noun}\\b`, "gu")),
  ].map(([, word]) => word!.toLowerCase());
  return ahead.every((word) => word === which || word === "the" || word === "this");
}

/** "Tam shook his head. “…,” *he* said.": whoever the sentence just before in the paragraph tells of, where that is a he or a she. */
function whoSpeaks(pronoun: "he" | "she", sentence: Sentence, { sentences, persons, antecedents }: Analysis): { name: string; sentence: Sentence } | undefined {
  const before = sentences[sentence.index - 1];
  const main = before?.block === sentence.block ? before.clauses.filter(({ rank }) => rank === "main") : [];
  const [clause] = main;
  if (!before || !clause || main.some((other) => other.subject !== clause.subject)) return undefined;
  const antecedent = pronounOf(clause.subject) ? antecedents.get(positionKey(before, clause.subject.start)) : undefined;
  const text = antecedent?.text ?? midSentence(before, coreOf(clause.subject));
  const person = persons.get(text) ?? persons.get(text.split(" ").at(-1)!);
  if (person) return person.gender === pronoun ? { name: person.name, sentence: before } : undefined;
  const named = /^(?:the|an?) (?:\p{Ll}+ )?(\p{Ll}+)$/u.exec(text)?.[1];
  return named && nounGender(named) === pronoun ? { name: text.replace(/^an? /, "the "), sentence: before } : undefined;
}

function whoSays({ speaker, words, sentence, before }: Said, others: readonly string[], seed: number): Candidate[] {
  const stem = `Who in the story says: “${words}”${/[?!]$/.test(words) ? "" : "?"}`;
  const base = {
    stem,
    key: speaker,
    accepted: [speaker.replace(/^the /, "")].filter((form) => form !== speaker),
    optionOrder: "shuffled" as const,
    evidence: before ? [before, sentence] : [sentence],
    factId: `${sentence.index}:speaker:0`,
    factType: "speaker" as const,
    pattern: "who-says",
    depth: "recall" as const,
    worth: 1.6 + Math.min(0.6, words.split(" ").length * 0.05),
  };
  const wrong = createRandom(seedFrom(words, seed)).shuffle(
    others.filter((other) => other !== speaker && !other.includes(speaker) && !speaker.includes(other)),
  );
  const choice: Candidate[] = wrong.length >= 2 ? [{ ...base, kind: "multiple-choice", distractors: wrong.slice(0, 4) }] : [];
  return [...choice, { ...base, kind: "short-answer", distractors: [] }];
}

/** Three speakers or more, each with words of their own. */
function matchSpeakers(said: readonly Said[]): Candidate[] {
  const one = said.filter(({ speaker }, index) => said.findIndex((other) => other.speaker === speaker) === index).slice(0, 5);
  if (one.length < 3) return [];
  const named = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
  return [
    {
      kind: "match",
      stem: "Match each person or animal in the story with what it says.",
      key: one.map(({ speaker, words }) => `${speaker}: ${words}`).join(" "),
      accepted: [],
      distractors: [],
      optionOrder: "shuffled",
      evidence: one.map(({ sentence }) => sentence),
      factId: `match-speakers:${one.map(({ sentence }) => sentence.index).join("-")}`,
      factType: "speaker",
      pattern: "match-speakers",
      depth: "recall",
      worth: 2.4,
      parts: { sort: "match", pairs: one.map(({ speaker, words }) => [named(speaker), `“${words}”`]) },
    },
  ];
}
