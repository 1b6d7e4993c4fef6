import type { Analysis } from "../../language/analysis";
import { nodeText } from "../../language/node-text";
import { coreOf } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { clausesWithVerb } from "../phrasing/clauses-by-verb";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";
import { bareForms } from "./find-participant";

const DAILY = /^(.+) (at the same time (?:each|every) \p{Ll}+)$/u;

/** "that the lid is closed *before you shake the bottle*": what is to be so, and before what. */
const SO_BEFORE = /^(sure )?(that (?:(?!\bbefore\b).)+) (before (?:you|the) .+)$/;
/** "*an adult* to cut the top off": who is asked, and for what. */
const ASKED_TO = /^((?:an?|the|your) (?:\p{L}+[ -]){0,2}\p{L}+) to ((?!do\b).+)$/u;
const MOST_WORDS = 20;

/** "Check *that the lid is closed* before you shake the bottle", "Ask an adult *to cut the top off*": what should you check, or ask an adult to do? */
export function findCommand(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { lemma = "" } = clause.verb;
  if (!clause.imperative || !/^(?:check|make|ask)$/.test(lemma) || clause.negated || clause.shared || clause.rank !== "main") return [];
  const rest = phraseRest(phrasing, analysis, reasonsOf(clause));
  if (isUnclear(rest)) return [];
  const asked = lemma === "ask" && !isAskedTwice(analysis) ? ASKED_TO.exec(rest) : undefined;
  const checked = lemma === "ask" ? undefined : SO_BEFORE.exec(rest);
  // "*Now* ask a friend to hold the cup": when that is, the steps before it say.
  const isNow = clause.adjuncts.some(({ node }) => /^(?:now|then|next)$/i.test(nodeText(clause.sentence, node)));
  const told = isNow ? undefined : (asked?.[2] ?? checked?.[2]);
  if (!told || (lemma === "make" && !checked?.[1]) || told.split(" ").length < 3 || told.split(" ").length > MOST_WORDS) return [];
  return [
    factOf(phrasing, clause.verb.start, {
      type: "step",
      stem: askClause(phrasing, "What", asked ? `${asked[1]} to do` : `${checked?.[1] ? "sure of" : ""} ${checked![3]}`.trim()),
      answer: told,
      accepted: [asked ? `to ${told}` : told.replace(/^that /, "")],
      depth: "understanding",
      worth: 2.4,
      pattern: "what-to-see-to",
    }),
  ];
}

/** "Read the gauge *at the same time every day*": when should you? */
export function findDailyTime(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  if (clause.negated || clause.shared || clause.rank !== "main" || !/\bat the same time (?:each|every)\b/i.test(clause.sentence.text)) return [];
  const [, told, time] = DAILY.exec(phraseRest(phrasing, analysis, reasonsOf(clause))) ?? [];
  if (!told || !time) return [];
  return [
    factOf(phrasing, clause.verb.start, {
      type: "occasion",
      stem: askClause(phrasing, "When", told),
      answer: time,
      accepted: [],
      depth: "recall",
      worth: 2,
      pattern: clause.imperative ? "when-to-do" : "when",
    }),
  ];
}

/** Words of what something is put into, and of what is put there. */
const INTO =
  /^((?:an?|some|two|three|four|five|six|\d+|a few|a little|a pinch|a handful|a spoonful|a drop|a layer|the) .+?) ((?:to|into|onto) the (?:\p{L}+ ){0,2}\p{L}+)( for .+)?$/u;
const PUTTING = "add pour sprinkle spread put place drop stir mix".split(" ");

/** "Add a few drops of oil *to the pulp*": what should you add to the pulp? */
export function findAdded(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { lemma = "" } = clause.verb;
  const object = clause.complements.find(({ role }) => role === "object")?.node;
  if (!clause.imperative || !object || !PUTTING.includes(lemma) || clause.negated || clause.shared || clause.rank !== "main") return [];
  const rest = phraseRest(phrasing, analysis, reasonsOf(clause));
  const [, thing, place, purpose = ""] = INTO.exec(rest) ?? [];
  if (!thing || !place || thing !== nodeText(clause.sentence, object) || /\b(?:it|them|this|these|that|those|one|ones)\b/.test(rest)) return [];
  // Something else goes there in another step.
  const goal = place.replace(/^\w+ /, "");
  const others = PUTTING.flatMap((verb) => clausesWithVerb(verb, analysis.sentences)).filter(
    ({ sentence, imperative }) => sentence !== clause.sentence && imperative,
  );
  if (others.some(({ sentence }) => sentence.text.includes(goal))) return [];
  return [
    factOf(phrasing, object.start, {
      type: "function",
      stem: askClause(phrasing, "What", `${place}${purpose}`),
      answer: thing,
      answerNode: coreOf(object),
      accepted: bareForms(thing),
      depth: "recall",
      worth: 2,
      pattern: "what-to-add",
    }),
  ];
}

/** Two steps ask somebody for help: both answers would be right. */
function isAskedTwice(analysis: Analysis): boolean {
  return clausesWithVerb("ask", analysis.sentences).filter(({ imperative }) => imperative).length > 1;
}
