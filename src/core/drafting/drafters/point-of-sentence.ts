import { type Analysis, positionKey, type Sentence } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { UNIQUE_NOUNS } from "../../language/data/noun-classes";
import { sentenceCase, wordsText } from "../../language/node-text";
import { pronounOf } from "../../language/subject-pronoun";
import { headTerminal, type Node } from "../../language/tree";
import { literally } from "../../lib/literally";
import { isUnclear } from "../facts/find-cause";
import { SAID_BETWEEN } from "../phrasing/ask-clause";
import { isOfExample } from "../phrasing/is-imagined";
import { hasPronounSubject, LEANS_BACK, opensClearly, speaksOfItself } from "../phrasing/opens-clearly";
import { phraseRest } from "../phrasing/phrase-rest";
import { phrasingOf } from "../phrasing/phrasings";
import { followsPronouns } from "./followed-pronouns";

/** A sentence of the source that a good answer holds, its words with the nouns that its pronouns stand for, and the sentences that name these. */
export type Point = { sentence: Sentence; text: string; support?: readonly Sentence[] };

/** All sentences that points are made of, in the order of the text; those that name somebody only where no point does. */
export function evidenceOfPoints(points: readonly Point[]): Sentence[] {
  const told = new Set(points.map(({ sentence }) => sentence));
  const said = [...told].map(({ text }) => text).join(" ");
  const naming = points.flatMap(({ sentence, text, support = [] }) =>
    wordsIn(text).every((word) => sentence.text.includes(word) || said.includes(word)) ? [] : support,
  );
  return [...new Set([...told, ...naming])].sort((a, b) => a.index - b.index);
}

function wordsIn(text: string): string[] {
  return text.match(/\p{L}{2,}/gu) ?? [];
}

/** Sentences as they stand, with the nouns of their pronouns: "Turtles swallow *them*", "*She* will say that …". */
export function asPoints(sentences: readonly Sentence[], analysis: Analysis): Point[] {
  return sentences.map((sentence) => {
    const stop = /[.!?]$/.exec(sentence.text)?.[0] ?? ".";
    const named = sentence.tree && hasPronounSubject(sentence) ? withNamedSubject(sentence, analysis) : undefined;
    if (named) return { sentence, text: `${sentenceCase(named.ahead + named.text)}${stop}`, support: [named.sentence] };
    if (!sentence.tree || isNamedTwice(sentence)) return { sentence, text: sentence.text };
    return { sentence, text: `${wordsText(sentence, 0, sentence.words.length)}${stop}`, support: namedIn(sentence) };
  });
}

/** The sentences that name what its object pronouns stand for. */
function namedIn({ resolved }: Sentence): Sentence[] {
  return [...(resolved?.values() ?? [])].map((noun) => noun.sentence);
}

/** Words under which a sentence is no point at all. */
export const FEWEST_OF_POINT = 5;
/** What points at something that another sentence told. */
export const POINTS_BACK =
  /\b(?:this|these|those|such(?! as\b)|here|there|another|the other|the same|then|instead)\b|\bthe (?:first|second|third|former|latter) (?:group|half|team|kind|type|form|one|two|method|way|question|family|reason|sort)s?\b|^In (?:one|the other|another),|\bsomething (?:quite |very |rather )?(?:different|else|similar)\b|^\p{L}+ (?:of|in|on) (?:its|their|his|her)\b|\b(?:if|when) (?:one|two|three|four|five|six|seven|eight|nine|ten|\d+)(?: in (?:a )?\p{L}+)? (?:is|are|was|were)\b|\b(?:for|in) that (?:very )?(?:reason|case|way)\b/iu;
/** An example of what another sentence says. */
const EXAMPLE = /\bfor (?:instance|example)\b/i;
/** What joins a point to the one before, and says nothing itself. */
const LINK = /^(?:Furthermore|Moreover|In addition|Besides|However|Also|In return|Alternatively|Of course), (?=\S)|^In fact,? (?=\S)|^Next (?=\p{Lu})/u;
/** "So the surface had to be curved", "Ice is therefore less dense", "Bones also store calcium": what joins it to the sentence before, and can be left out. */
const FOLLOWS =
  /^(?:So|Therefore|Thus|Hence|As a result|For this reason),? (?=\p{L})|,? \btherefore\b,?|(?<!\b(?:but|not|only)) \balso(?= \p{Ll})|(?<!\bjust),? (?:as well|too)(?=[.!]$)/gu;
/** "did not agree", "soon the outbreak ended": with what, and which, the sentences before say. */
export const TELLS_NO_MORE =
  /(?<!\b(?:how|what|where|who|which|when|than|as)\b.*)\b(?:did|does|do|is|was|were|had|has|have|can|could|would|will)(?: not|n[’']t)?[.!]$|\b(?:agree|refuse|accept|object|help|work|end|happen|begin|start|stop|continue|follow)(?:d|ed|s)?[.!]$|\b(?:further|otherwise|likewise|how|why)[.!]$|, which (?:have|has|had) none\b/i;

/** Why a clause is not asked about, though whoever has read the passage follows it in a list of points. */
const FOLLOWED = new Set(["pronoun", "definite-without-antecedent", "points-elsewhere", "no-subject", "contracted"]);

const NOT_STATED = new Set(["contracted", "no-subject", "no-sentence"]);

/** The sentence as a point, where it is clear by itself or by the nouns of its pronouns. */
export function pointOf(sentence: Sentence, analysis: Analysis): Point | undefined {
  const { clauses, words } = sentence;
  const text = sentenceCase(sentence.text.replace(FOLLOWS, ""));
  if (!sentence.tree || clauses.length === 0 || speaksOfItself(sentence) || TELLS_NO_MORE.test(text) || POINTS_BACK.test(text) || EXAMPLE.test(text))
    return undefined;
  if (isOfExample(sentence, analysis)) return undefined;
  // "You walk past a bakery": what listeners know, and nothing that the text tells them.
  const [opens] = clauses;
  if (analysis.sort === "expository" && opens!.auxiliaries.length === 0 && headTerminal(opens!.subject).lemma === "you" && !opens!.imperative) return undefined;
  // "…, he wrote, but the Court could not help him": who wrote is not told here.
  if (SAID_BETWEEN.test(text)) return undefined;
  const isClear = (clause: Clause) => {
    const phrasing = phrasingOf(clause, analysis);
    const rest = typeof phrasing === "string" ? phrasing : phraseRest(phrasing, analysis);
    return !(isUnclear(rest) || NOT_STATED.has(rest)) || (FOLLOWED.has(rest) && followsPronouns(sentence, analysis));
  };
  if (clauses.some(({ rank, subject }) => rank === "main" && isToldOnce(subject, analysis))) return undefined;
  // "The crowd cheered."
  if (words.length - 1 < FEWEST_OF_POINT) return undefined;
  const main = clauses.filter(({ rank }) => rank === "main");
  // "Second, turn off screens": what a reader should do is no summary of a text that explains.
  if (!main.every(isClear) || (analysis.sort === "expository" && main.some(({ imperative }) => imperative))) return undefined;
  const stop = /[.!?]$/.exec(text)?.[0] ?? ".";
  if (opensClearly(sentence, text)) {
    const named = isNamedTwice(sentence) ? text : sentenceCase(`${wordsText(sentence, 0, words.length)}${stop}`.replace(FOLLOWS, ""));
    return { sentence, text: sentenceCase(named.replace(LINK, "")), support: namedIn(sentence) };
  }
  const named = withNamedSubject(sentence, analysis);
  // "As soon as *Nellie* was inside, she behaved": named in front already, whole or by one of her names.
  const isAhead = (name: string) => named !== undefined && new RegExp(`\\b${literally(name)}\\b`).test(named.ahead);
  if (named && (isAhead(named.noun) || named.noun.split(" ").some((part) => /^\p{Lu}\p{Ll}{2}/u.test(part) && isAhead(part)))) return { sentence, text };
  // "*To prove it* Simpson needed measurements", "*Yet* she would not": what, the sentence before says.
  return named === undefined ||
    LEANS_BACK.test(named.ahead) ||
    /\b(?:it|them|that)\b/.test(named.ahead) ||
    /\b(?:them|it|him|her|these|those)\b/.test(named.noun)
    ? undefined
    : { sentence, text: `${sentenceCase((named.ahead + named.text).replace(FOLLOWS, "").replace(LINK, ""))}${stop}`, support: [named.sentence] };
}

/** "*The fat* will kill the leaf": of what, another sentence says by another word. */
function isToldOnce(subject: Node, { headingLemmas, lemmaCounts }: Analysis): boolean {
  const lemma = headTerminal(subject).lemma?.toLowerCase() ?? "";
  return (
    subject.f.det === "def" && subject.end - subject.start === 2 && !UNIQUE_NOUNS.has(lemma) && !headingLemmas.has(lemma) && (lemmaCounts.get(lemma) ?? 0) <= 1
  );
}

/** "told Wren what he thought of *her*": her name again would be another's; where no pronoun has a noun, nothing is named. */
function isNamedTwice({ resolved, text }: Sentence): boolean {
  const nouns = [...(resolved?.values() ?? [])].map((noun) => noun.text);
  return nouns.length === 0 || nouns.some((noun, index) => text.includes(noun) || nouns.indexOf(noun) !== index);
}

/** A sentence whose first subject is a pronoun, with its noun, and what stands ahead of it. */
export function withNamedSubject(sentence: Sentence, analysis: Analysis): { ahead: string; noun: string; sentence: Sentence; text: string } | undefined {
  const { clauses, words } = sentence;
  const [first] = [...clauses].sort((a, b) => a.start - b.start);
  const noun = first && analysis.antecedents.get(positionKey(sentence, first.subject.start));
  if (!first || !noun || !pronounOf(first.subject)) return undefined;
  const { start, end } = first.subject;
  const ahead = start > 0 ? sentence.block.text.slice(sentence.start, words[start]!.tokens[0]!.start) : "";
  return { ahead, noun: noun.text, sentence: noun.sentence, text: `${noun.text} ${wordsText(sentence, end, words.length)}` };
}
