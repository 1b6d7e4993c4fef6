import type { Analysis } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { UNIT_NOUNS } from "../../language/data/noun-classes";
import { nodeText } from "../../language/node-text";
import { isAgent } from "../../language/pronoun-rivals";
import { headTerminal, type Node, reasonNode } from "../../language/tree";
import { type Phrasing, stateClause } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

/** What comes and goes, and brings something about each time. */
const CHANGING =
  /^(?:weather|rain|snow|frost|fog|wind|storm|sun|sunlight|sunshine|light|dark|darkness|shade|heat|cold|water|air|winter|summer|spring|autumn|fall|night|day|daytime|morning|evening|dusk|dawn|noon|drought|tide|ebb|flood|danger|emergency|season|temperature|pressure|battle|war|peace)$/;
const SINGLE = /^(?:in|at|during|on|by)$/;
const [FEWEST_WORDS, MOST_WORDS] = [2, 14];

/** "*In wet weather* the hairs fold up", "*Without light* a leaf turns pale": what happens to them then? Of what is so every time, and of things only. */
export function findCircumstance(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause, subject } = phrasing;
  const { sentence } = clause;
  if (clause.rank !== "main" || clause.negated || clause.imperative || clause.shared || !isOfAlways(clause)) return [];
  if (phrasing.binder.human || /^(?:you|we|they|people|one|it|there)$/i.test(subject) || clause.subject.f.det === "quant") return [];
  // "After about ten days *a tiny tadpole* wiggles out": one that is met here for the first time.
  const head = (headTerminal(clause.subject).lemma ?? "").toLowerCase();
  if (/^(?:sun|moon|committee|council|board|court|crew|team|class)$/.test(head)) return [];
  if (clause.subject.f.det === "indef" && clause.subject.end - clause.subject.start > 2) return [];
  if (clause.subject.f.det === "indef" && (analysis.firstMention.get(head) ?? sentence.index) >= sentence.index && !analysis.headingLemmas.has(head)) return [];
  const ahead = clause.adjuncts.map(({ node }) => node).filter((node) => node.end <= clause.subject.start);
  const [when, ...more] = ahead.filter((node) => isCircumstance(reasonNode(node), sentence));
  if (!when || more.length > 0 || ahead.length > 1) return [];
  // Two things told of the same moment: neither alone is what happens.
  const beside = sentence.clauses.filter((other) => other !== clause && other.rank === "main");
  const isDepth = isMeasured(reasonNode(when));
  if (beside.length > 0 && !(isDepth && beside.every((other) => other.start > clause.end))) return [];
  const told = phraseRest(phrasing, analysis, [when, ...reasonsOf(clause)]);
  if (isUnclear(told) || findUnclear(reasonNode(when), sentence, analysis)) return [];
  // Of an animal, or of people together, one asks what they do.
  const isDeed =
    !clause.passive &&
    !/^(?:turn|become|get|grow|die|shrink|fade|wilt|freeze|dry|melt)$/.test(clause.verb.lemma ?? "") &&
    (clause.complements.some(({ role }) => role === "object") || isAgent(clause.subject, analysis.lexicon));
  const isMany = clause.subject.f.num === "pl" || [clause.verb, ...clause.auxiliaries].some(({ flags }) => flags?.[0] === "plain");
  const pronoun = isMany ? "they" : "it";
  const deed = stateClause({ ...phrasing, subject: pronoun }, told);
  const words = deed.split(" ").length - 1;
  if (words < (clause.passive || isDeed ? FEWEST_WORDS : 1) || words > MOST_WORDS) return [];
  const time = nodeText(sentence, reasonNode(when)).replace(/^./, (letter) => letter.toLowerCase());
  // "What happens to light in water?" asks for anything; the thing is named with its own words.
  if (`${subject} ${time}`.split(" ").length < 4) return [];
  const answer = isDeed ? deed.replace(/^(?:it|they) /, "") : deed;
  return [
    factOf(phrasing, clause.verb.start, {
      type: "condition",
      stem: isDeed ? `What ${isMany ? "do" : "does"} ${subject} do ${time}?` : `What happens to ${subject} ${time}?`,
      answer,
      accepted: isDeed ? [] : [deed.replace(/^(?:it|they) /, "")],
      depth: "understanding",
      worth: 2.4,
      pattern: "what-happens-in",
    }),
  ];
}

/** In wet weather, at night, after three days, without water. */
function isCircumstance(node: Node, { words }: Clause["sentence"]): boolean {
  if (node.cat !== "pp" || node.kids[0]?.cat !== "prep") return false;
  const word = node.kids[0].lemma ?? "";
  const np = node.kids[1];
  if (np?.cat !== "np" || /^(?:dem|poss|pron|quant)$/.test(np.f.det ?? "")) return false;
  if (
    /\b(?:some|other|many|most|such|same)\b/.test(
      words
        .slice(np.start, np.end)
        .map(({ lower }) => lower)
        .join(" "),
    )
  )
    return false;
  const head = headTerminal(np);
  if (head.cat !== "n") return false;
  return word === "without" || word === "after" || isMeasured(node) || (SINGLE.test(word) && CHANGING.test(head.lemma ?? ""));
}

/** "*Below about thirty metres*", "*above forty degrees*" */
function isMeasured({ kids }: Node): boolean {
  return /^(?:below|above|beyond|under|over)$/.test(kids[0]?.lemma ?? "") && UNIT_NOUNS.has(headTerminal(kids[1]!).lemma ?? "");
}

/** The present of what happens every time. */
function isOfAlways({ verb, auxiliaries, passive }: Clause): boolean {
  const lemma = verb.lemma ?? "";
  if ((passive ? auxiliaries : [verb]).some(({ flags }) => flags?.includes("past"))) return false;
  if (passive) return auxiliaries.length === 1 && auxiliaries[0]!.cat === "be" && !/^(?:finish|do|complete|call|know)$/.test(lemma);
  return verb.cat === "v" && auxiliaries.length === 0 && !VAGUE.test(lemma);
}

const VAGUE = /^(?:seem|look|mean|need|live|happen|come|go|work|help|begin|start|stop)$/;
