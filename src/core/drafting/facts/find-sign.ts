import type { Analysis } from "../../language/analysis";
import { nodeText, wordsText } from "../../language/node-text";
import { headTerminal, type Node, walkTree } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";
import { bareForms } from "./find-participant";

/** Nouns that point to something else by *of* or *that*. */
const POINTING = /^(?:an?|the) (?:\p{Ll}+ )?(sign|symbol|warning|proof|symptom|result|form|example) (of|that) /u;
/** "a sign *that the water is polluted*": says that, and not which sign. */
const SAYS_THAT = /^(?:an? |the )?(?:\p{Ll}+ )?(?:sign|warning|proof|symptom) that /iu;

/** Whether a phrase tells of what something is a sign, which is no meaning of its name. */
export function isSignThat(words: string): boolean {
  return SAYS_THAT.test(words);
}

/** "a sign *that tells buyers who made it*": which sign, and no word of what it is a sign. */
export function isToldOf(sign: Node): boolean {
  const relative = sign.role === "relative" ? sign.kids[1] : undefined;
  return relative?.cat === "rc" && relative.kids[0]?.cat === "rel" && relative.kids[1]?.cat === "vp";
}
const MOST_WORDS = 16;

/** "A pond without striders may be *a sign that the water is polluted*": of what? "A commercial zone is *for shops*": for what? */
export function findSign(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const predicate = clause.complements.find(({ role }) => role === "predicate")?.node;
  if (clause.verb.cat !== "be" || clause.negated || clause.shared || clause.rank !== "main" || !predicate) return [];
  if (phrasing.binder.human || /\bonly\b/i.test(sentence.text.slice(0, 5))) return [];
  return predicate.cat === "np" ? ofWhat(phrasing, predicate, analysis) : predicate.cat === "pp" ? forWhat(phrasing, predicate, analysis) : [];
}

function ofWhat(phrasing: Phrasing, predicate: Node, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const words = nodeText(sentence, predicate);
  const [opening, noun, link] = POINTING.exec(words) ?? [];
  if (!opening || !noun || (link === "that" && (!isSignThat(words) || isToldOf(predicate)))) return [];
  const open = opening.trim().split(" ").length;
  const from = predicate.start + open - (link === "that" ? 1 : 0);
  const last = Math.max(predicate.end, ...clause.adjuncts.filter(({ node }) => node.start >= predicate.end && link === "that").map(({ node }) => node.end));
  const answer = wordsText(sentence, from, last);
  // A clause behind *that* may be read as a relative one: its words are the answer all the same.
  const told = link === "that" ? predicate : walkTree(predicate).find((node) => node.start === from && node.end === predicate.end && node.cat === "np");
  if (!told || answer.split(" ").length > MOST_WORDS || findUnclear(told, sentence, analysis, phrasing.binder, false)) return [];
  const rest = phraseRest(phrasing, analysis, [
    predicate,
    ...clause.adjuncts.filter(({ node }) => node.start >= predicate.end && node.end <= last).map(({ node }) => node),
    ...reasonsOf(clause),
  ]);
  if (isUnclear(rest) || rest !== "") return [];
  return [
    factOf(phrasing, from, {
      type: "thing",
      stem: askClause(phrasing, "What", `${wordsText(sentence, predicate.start, predicate.start + open - 1)} of`),
      answer,
      answerNode: told,
      accepted: link === "that" ? [answer.replace(/^that /, "")] : bareForms(answer),
      depth: "understanding",
      worth: 2.5,
      pattern: "sign-of-what",
    }),
  ];
}

function forWhat(phrasing: Phrasing, predicate: Node, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const [preposition, thing] = predicate.kids;
  const head = thing && headTerminal(thing);
  if (preposition?.lemma !== "for" || thing?.cat !== "np" || thing.f.time || thing.f.det === "pron" || thing.f.det === "num" || head?.cat !== "n") return [];
  if (!/^(?:bare|def|indef)$/.test(thing.f.det ?? "") || /^(?:sale|rent|example|instance|now|nothing|free|certain)$/.test(head.lemma ?? "")) return [];
  const rest = phraseRest(phrasing, analysis, [predicate, ...reasonsOf(clause)]);
  if (isUnclear(rest) || rest !== "" || findUnclear(thing, clause.sentence, analysis, phrasing.binder)) return [];
  const answer = nodeText(clause.sentence, thing);
  return [
    factOf(phrasing, thing.start, {
      type: "thing",
      stem: askClause(phrasing, "What", "for"),
      answer,
      answerNode: thing,
      accepted: [`for ${answer}`, ...bareForms(answer)],
      depth: "recall",
      worth: 2.2,
      pattern: "what-for",
    }),
  ];
}
