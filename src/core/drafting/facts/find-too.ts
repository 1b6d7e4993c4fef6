import type { Analysis } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { isAnimalNoun } from "../../language/find-persons";
import type { Lexicon } from "../../language/lexicon";
import { nodeText, wordsText } from "../../language/node-text";
import { headTerminal, type Node, walkTree } from "../../language/tree";
import type { Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { conjunctsOf } from "../phrasing/conjuncts";
import { withPronoun } from "../phrasing/pronoun-of-subject";
import { type Fact, factOf } from "./fact";

/** What keeps somebody from doing something though he could. */
const UNWILLING = /^(?:proud|shy|polite|lazy|busy|ashamed|scared|afraid|embarrassed|frightened|nervous|clever|wise|kind|honest|stubborn|excited|angry|timid)$/;
const MOST_WORDS = 12;

/** "Knight was *too ill with scurvy to go along*": why could he not go along? */
export function findTooMuch(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause, subject, binder } = phrasing;
  const { sentence } = clause;
  const predicate = clause.complements.find(({ role }) => role === "predicate")?.node;
  const isPlain = clause.rank === "main" && !clause.negated && !clause.shared;
  const isState = clause.verb.cat === "be" && clause.auxiliaries.length === 0 && predicate?.cat === "ap";
  // "were too *excited* to sleep", read as something that was done to them
  const isDone = clause.passive && clause.auxiliaries.length === 1 && UNWILLING.test(sentence.words[clause.verb.start]?.lower ?? "");
  const how = isState ? predicate : isDone ? { ...clause.verb, start: clause.verb.start - 1 } : undefined;
  if (!isPlain || !how || sentence.words[how.start]?.lower !== "too") return [];
  const deed = deedBehind(how, clause);
  if (!deed || deed.f.passive || clause.adjuncts.some(({ node }) => node.end <= clause.subject.start && !node.f.time)) return [];
  // "too much for anybody to eat", "too cold *for them* to swim": somebody else does it, or does not.
  const degree = wordsText(sentence, how.start, deed.start).trim();
  if (/\bfor (?:(?:the|an?|any|most|such) )?\S+(?: \S+)?$/i.test(degree) || /^too (?:much|many|few|little)\b/i.test(degree)) return [];
  const [verb] = walkTree(deed).filter(({ cat, kids }) => cat === "v" && kids.length === 0);
  const isSomebody = binder.human || conjunctsOf(clause.subject).every((np) => analysis.persons.has(nodeText(sentence, np)));
  if (!verb || !doesItself(clause, deed, verb, analysis.lexicon, isSomebody)) return [];
  if ([how, deed].some((node) => findUnclear(node, sentence, analysis, binder))) return [];
  const what = nodeText(sentence, deed).replace(/^to /i, "");
  if (what.split(" ").length > MOST_WORDS || /^(?:be|have)\b/.test(what)) return [];
  const be = clause.auxiliaries[0] ?? clause.verb;
  const isPast = be.flags?.includes("past") === true;
  const isUnwilling = isDone || UNWILLING.test(headTerminal(how.role === "complement" ? how.kids[0]! : how).lemma ?? "");
  const isMany = binder.num === "pl";
  const auxiliary = isUnwilling ? (isPast ? "did" : isMany ? "do" : "does") : isPast ? "could" : "can";
  const answer = withPronoun(`because ${subject} ${nodeText(sentence, be)} ${degree}`, phrasing, analysis);
  return [
    factOf(phrasing, how.start, {
      type: "cause",
      stem: `Why ${auxiliary} ${subject} not ${what}?`,
      answer,
      accepted: [answer.slice("because ".length), degree],
      depth: "understanding",
      worth: 3,
      pattern: "why-too-much",
    }),
  ];
}

/** The *to* behind "too ill", however the two were read. */
function deedBehind(predicate: Node, { complements, adjuncts }: Clause): Node | undefined {
  const isDeed = (node: Node) => node.cat === "vp" && node.f.form === "to";
  const inside = walkTree(predicate).find((node) => isDeed(node) && node.end === predicate.end);
  return inside ?? [...complements, ...adjuncts].map(({ node }) => node).find((node) => isDeed(node) && node.start >= predicate.end);
}

/** "too weak *to climb the tower*", but not "too heavy *to lift*": whether the one who is too weak would be the one who climbs. */
function doesItself({ subject }: Clause, deed: Node, verb: Node, lexicon: Lexicon, isHuman: boolean): boolean {
  const frames = lexicon.findWord(verb.lemma ?? "")?.frames ?? "";
  const last = headTerminal(deed.kids.at(-1) ?? deed).lemma ?? "";
  if (/^(?:in|on|with|at|for|to|of|about|from|by|through|over|under)$/.test(last)) return false;
  const isLiving = isHuman || isAnimalNoun(headTerminal(subject).lemma ?? "", lexicon);
  const hasObject = walkTree(deed).some(({ cat, start }) => cat === "np" && start === verb.end);
  const isAlone = deed.end - deed.start <= 2;
  // "too tired *to notice*": what?
  if (isAlone) return isLiving && ALONE.test(verb.lemma ?? "");
  return hasObject ? isLiving || OF_THINGS.test(verb.lemma ?? "") : isLiving && frames.includes("I");
}

/** What things do to others. */
const OF_THINGS = /^(?:hold|carry|cover|block|support|reach|break|cross|burn|cut|push|pull|lift|bear|stop|hit|fill|warm|heat|melt|enter|escape)$/;

/** Verbs that say enough by themselves. */
const ALONE = /^(?:vote|work|walk|swim|fly|sleep|speak|stand|sing|travel|fight|run|dance|play|talk|march|breed|hunt|sail|write|read|pay)$/;
