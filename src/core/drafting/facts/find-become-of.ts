import type { Analysis } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { THIN_NOUNS } from "../../language/data/noun-classes";
import { isPersonNoun } from "../../language/find-persons";
import { nodeText } from "../../language/node-text";
import { coreOf, headTerminal, type Node } from "../../language/tree";
import { type Phrasing, stateClause } from "../phrasing/ask-clause";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

/** Verbs that tell what becomes of somebody or something, and not what it does. */
const BECOMING = new Set("lose gain die shrink turn become rot dry freeze melt fade crumble harden crash get receive fail sink starve wilt".split(" "));
/** Passives that tell what something is, and not what is done to it. */
const BEING = new Set("call know name make find see use compose fill need cover base say think believe consider mean connect bear build allow keep".split(" "));
const [FEWEST_WORDS, MOST_WORDS] = [2, 16];

/** "*A state that has grown* may gain a seat", "A bill that passes *is sent to a committee*": what happens to such a one? */
export function findBecomeOf(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause, subject } = phrasing;
  if (analysis.sort === "story" || clause.rank !== "main" || clause.negated || clause.imperative || clause.shared) return [];
  const told = toldBy(clause.subject);
  const head = headTerminal(clause.subject);
  // "*Somebody who is stuck* loses heat", "*people who kick*": whoever it is.
  const isAnybody = /^(?:somebody|someone|people)$/.test(head.lemma ?? "");
  if (!told || (!isAnybody && (head.cat !== "n" || THIN_NOUNS.has(head.lemma ?? ""))) || subject.split(" ").length > MOST_WORDS) return [];
  const asks = questionOf(clause);
  if (!asks || clause.adjuncts.some(({ node }) => node.end <= clause.subject.start)) return [];
  const rest = phraseRest(phrasing, analysis, reasonsOf(clause));
  if (isUnclear(rest)) return [];
  const isMany = clause.subject.f.num === "pl";
  const noun = nodeText(clause.sentence, head).toLowerCase();
  const one = isMany ? "they" : isAnybody ? "he or she" : isPersonNoun(head.lemma ?? "", analysis.lexicon) ? `the ${noun}` : "it";
  const answer = stateClause({ ...phrasing, subject: one }, rest);
  const words = answer.split(" ").length - one.split(" ").length;
  if (words < FEWEST_WORDS || words > MOST_WORDS) return [];
  return [
    factOf(phrasing, clause.verb.start, {
      type: "condition",
      stem: `What ${asks} to ${subject}?`,
      answer,
      accepted: [answer.slice(one.length + 1)],
      depth: "understanding",
      worth: 2.6,
      pattern: "what-happens-to",
    }),
  ];
}

/** The clause behind "a state *that has grown*", "a letter *that nobody claims*", where it is what sets it apart. */
function toldBy(subject: Node): Node | undefined {
  const [named, relative] = subject.kids;
  if (subject.role !== "relative" || relative?.cat !== "rc" || relative.kids[0]?.cat !== "rel") return undefined;
  return /^(?:indef|bare|pron)$/.test(coreOf(named!).f.det ?? "") ? relative : undefined;
}

/** "happens", "can happen": as the clause says that it is, can or will be so; nothing of what has been or should be. */
function questionOf({ verb, auxiliaries, passive }: Clause): string | undefined {
  const lemma = verb.lemma ?? "";
  if (verb.cat !== "v" || (passive ? BEING.has(lemma) : !BECOMING.has(lemma))) return undefined;
  const [first, ...more] = auxiliaries;
  if (more.length > (passive ? 1 : 0)) return undefined;
  if (first?.cat === "modal") return /^(?:can|may|will)$/.test(first.lemma ?? "") ? `${first.lemma} happen` : undefined;
  const finite = first ?? verb;
  const isNow = first ? first.cat === "be" && passive : /^(?:third|plain)$/.test(verb.flags?.[0] ?? "");
  return isNow && !finite.flags?.includes("past") ? "happens" : undefined;
}
