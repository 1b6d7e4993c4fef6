import type { Analysis } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { THIN_NOUNS, UNIT_NOUNS } from "../../language/data/noun-classes";
import { nodeText } from "../../language/node-text";
import { headTerminal } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { conjunctsOf, isOneTime, mayBeDeeds } from "../phrasing/conjuncts";
import { numberWords } from "../phrasing/number-forms";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factId } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

const FEWEST = 3;
const MOST = 6;

/** "A fresh fish has *clear eyes, red gills and firm flesh*": name the three things. */
export function findList(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const object = clause.complements.find((part) => part.role === "object" || (part.role === "predicate" && mayBeAny(clause)))?.node;
  if (!object || clause.imperative || clause.shared || clause.negated || clause.complements.length > 1) return [];
  // "*Around the springs* lived giant clams": a place, read as who lived.
  if (/^no\b/i.test(nodeText(clause.sentence, object)) || /^(?:around|about|near|under|over|by|in|on|at) the /i.test(phrasing.subject)) return [];
  if (isOneTime(object) || mayBeDeeds(object, phrasing.clause)) return [];
  // "a shape or *even* a sound"
  if (/\beven\b/.test(nodeText(clause.sentence, object)) && object.role !== "coordination") return [];
  const items = conjunctsOf(object);
  if (items.length < FEWEST || items.length > MOST) return [];
  // "two sticks, *one 36 inches* and one 30 inches long": of the sticks, and no more things.
  if (items.length > 4 && items.some((item) => UNIT_NOUNS.has(headTerminal(item).lemma ?? ""))) return [];
  // "fed them leaves *every few hours, day and night*": when, and no things.
  if (items.some((item) => /^(?:day|night|hour|minute|morning|evening)$/.test(headTerminal(item).lemma ?? ""))) return [];
  const plain = items.every(
    (item) =>
      headTerminal(item).cat === "n" && !THIN_NOUNS.has(headTerminal(item).lemma ?? "") && !findUnclear(item, clause.sentence, analysis, phrasing.binder),
  );
  const rest = phraseRest(phrasing, analysis, [object, ...reasonsOf(clause)]);
  // "nine months of rain *a year*": belongs to the last of them.
  if (!plain || isUnclear(rest) || /^(?:an?|per) (?:day|week|month|year)$/.test(rest)) return [];
  // "an otter, a heron and a boy *with a fishing rod*": the boy's.
  if (isOneOfFinds(phrasing, rest, analysis) || /^(?:with|of) /.test(rest)) return [];
  const answer = nodeText(clause.sentence, object);
  return [
    {
      type: "list",
      id: factId("list", clause.sentence, object.start),
      sentence: clause.sentence,
      clause,
      phrasing,
      stem: askClause(phrasing, `Which ${numberWords(items.length)} things`, rest),
      answer,
      accepted: [items.map((item) => nodeText(clause.sentence, item).replace(/^(?:the|an?) /, "")).join(", ")],
      depth: "recall",
      worth: 2,
      pattern: "which-things",
    },
  ];
}

/** "A sign *can be* a word, a picture or a shape": what it can be. */
function mayBeAny({ verb, auxiliaries, passive }: Clause): boolean {
  const [modal, ...more] = auxiliaries;
  return verb.cat === "be" && !passive && more.length === 0 && /^(?:can|may|could|might)$/.test(modal?.lemma ?? "");
}

/** "He *found* keys, a glass eye and eleven mittens … He *found* a comb": in a story one finds things more than once. */
function isOneOfFinds({ clause }: Phrasing, rest: string, { sort, sentences }: Analysis): boolean {
  if (sort !== "story" || rest !== "") return false;
  return sentences.some((sentence) => sentence.clauses.some((other) => other !== clause && other.rank === "main" && other.verb.lemma === clause.verb.lemma));
}
