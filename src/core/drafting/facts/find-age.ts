import type { Analysis } from "../../language/analysis";
import { clausesWithin } from "../../language/clause";
import { nodeText, textWithoutAsides } from "../../language/node-text";
import { ownerPronounOf, pronounOf } from "../../language/subject-pronoun";
import { type Node, reasonNode } from "../../language/tree";
import { askClause, type Phrasing, phraseClause, stateClause } from "../phrasing/ask-clause";
import { numberForms, numberValue } from "../phrasing/number-forms";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

/** "Her father died *when she was eleven*": how old was she when her father died? */
export function findAge(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  if (clause.shared || clause.negated || clause.imperative) return [];
  return [...atAge(phrasing, analysis), ...whenSoOld(phrasing, analysis), ...wasSoOld(phrasing, analysis)];
}

const YOUNGEST = 3;
const OLDEST = 110;

/** No hour that a clock of twelve shows. */
const LAST_HOUR = 12;
/** What is told of a life by the age at which it was done. */
const LIFE = /^(?:go|leave|become|marry|join|enter|die|move|write|learn|win|lose|work|train|publish|sail|travel|paint|compose|run|retire)$/;

/** "James Holman lost his sight *at twenty-five*", "*at the age of six*" */
function atAge(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const said = (node: Node) => textWithoutAsides(sentence, reasonNode(node));
  const part = clause.adjuncts.find(({ node }) => AT_AGE.test(said(node)))?.node;
  const [, preposition, age] = (part && AT_AGE.exec(said(part))) ?? [];
  const years = age === undefined ? undefined : numberValue(age);
  // "began at ten": an hour, where nobody says that it is an age.
  const isSaid = part !== undefined && /\bage\b/.test(nodeText(sentence, part));
  const isLife = LIFE.test(clause.verb.lemma ?? "") && years !== undefined && years > LAST_HOUR && /\p{L}/u.test(age ?? "");
  const isWords = analysis.sort === "expository" && (age?.includes("-") === true || isLife);
  if (
    !part ||
    !age ||
    years === undefined ||
    years < YOUNGEST ||
    years > OLDEST ||
    !(isSaid || isWords) ||
    !isWho(phrasing, analysis) ||
    (clause.verb.cat !== "v" && preposition?.toLowerCase() !== "by")
  )
    return [];
  const more = clause.adjuncts.map(({ node }) => node).filter((node) => node.cat === "c-sb" && node.start === part.end);
  const rest = phraseRest(phrasing, analysis, [part, ...more, ...reasonsOf(clause)]);
  if (isUnclear(rest) || (rest === "" && !(clause.verb.lemma === "die" && /^\p{Lu}/u.test(phrasing.subject)))) return [];
  return [
    factOf(phrasing, part.start, {
      type: "quantity",
      stem: askClause(phrasing, `${preposition?.toLowerCase() === "by" ? "By" : "At"} what age`, rest),
      answer: age,
      accepted: numberForms(age).filter((form) => form !== age),
      depth: "recall",
      worth: 1.7,
      pattern: "at-what-age",
      unit: "years",
    }),
  ];
}

const AT_AGE = /^(at|by(?= the age)) (?:the age of (?:only |about )?)?([\p{L}\d-]+)$/iu;

/** "Carver *was thirty* when he entered the college", "She *was eleven*", in a story: how old was he, was she? */
function wasSoOld(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const years = yearsIn(clause.complements.find(({ role }) => role === "predicate")?.node);
  if (clause.verb.cat !== "be" || clause.auxiliaries.length > 0 || clause.rank !== "main" || !years || !isWho(phrasing, analysis)) return [];
  if (!clause.verb.flags?.includes("past") || /^(?:day|week|month|hour)s?$/.test(clause.sentence.words[years.end]?.lower ?? "")) return [];
  const omit = clause.complements.map(({ node }) => node);
  const only = clause.adjuncts.map(({ node }) => node).filter((node) => node.start >= clause.verb.end && node.end <= years.start);
  const rest = phraseRest(phrasing, analysis, [...omit, ...only, ...reasonsOf(clause)]);
  const isTold = /^when \p{L}/u.test(rest) || (rest === "" && analysis.sort === "story");
  if (isUnclear(rest) || !isTold) return [];
  const text = nodeText(clause.sentence, years);
  return [
    factOf(phrasing, years.start, {
      type: "quantity",
      stem: askClause(phrasing, "How old", rest),
      answer: text,
      answerNode: years,
      accepted: [...new Set([text, ...numberForms(text)].flatMap((form) => [form, `${form} years`, `${form} years old`]))].filter((form) => form !== text),
      depth: "recall",
      worth: 1.8,
      pattern: "how-old",
      unit: "years",
    }),
  ];
}

function whenSoOld(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  return clause.adjuncts.flatMap(({ node }) => {
    const when = reasonNode(node);
    const inner = when.cat === "sb" && when.f.sub === "when" ? clausesWithin(clause.sentence, when)[0] : undefined;
    const who = inner && phraseClause(inner, analysis);
    const years = inner && yearsIn(inner.complements.find(({ role }) => role === "predicate")?.node);
    if (!inner || !who || typeof who === "string" || !years || inner.verb.cat !== "be" || inner.adjuncts.length > 0) return [];
    // "A tree is peeled for the first time when *it is twenty-five years old*"
    const it = isWho(who, analysis) || who.subject !== phrasing.subject ? undefined : (pronounOf(inner.subject) ?? pronounOf(clause.subject));
    if (!isWho(who, analysis) && !it) return [];
    // "*By 1824*, when he was fifteen, Louis had found a way": the year tells how old he was.
    const dated = clause.adjuncts.map((part) => part.node).filter((part) => /^(?:by|in) \d{4},?$/i.test(nodeText(clause.sentence, part)));
    const rest = phraseRest(phrasing, analysis, [node, ...dated]);
    if (isUnclear(rest)) return [];
    // "How old was Mary Anning when *she* found …?"
    // "Jansky died when *he* was forty-four": by the surname, and whole.
    const someone = analysis.persons.get(who.subject);
    const isSame = who.subject === phrasing.subject || (someone !== undefined && someone === analysis.persons.get(phrasing.subject));
    const owned = ownerPronounOf(clause.subject);
    const pronoun = it ?? who.binder.gender ?? analysis.persons.get(who.subject)?.gender ?? (owned === "she" || owned === "he" ? owned : undefined);
    if (isSame && !pronoun) return [];
    const own =
      pronoun && phrasing.subject.startsWith(`${who.subject}’s `)
        ? phrasing.subject.replace(`${who.subject}’s`, pronoun === "she" ? "her" : "his")
        : phrasing.subject;
    const told = stateClause({ ...phrasing, subject: isSame ? pronoun! : own }, rest);
    const text = nodeText(clause.sentence, years);
    const forms = numberForms(text);
    const unit = clause.sentence.words[years.end]?.lower ?? "";
    const inDays = /^(?:month|week|day|hour)s?$/.test(unit) ? unit.replace(/s?$/, "s") : undefined;
    return [
      factOf(phrasing, years.start, {
        type: "quantity",
        stem: `How ${inDays ? `many ${inDays} ` : ""}old ${who.inverted} ${who.subject} when ${told}?`,
        answer: text,
        answerNode: years,
        accepted: [...new Set([text, ...forms].flatMap((form) => [form, `${form} ${inDays ?? "years"}`, `${form} ${inDays ?? "years"} old`]))].filter(
          (form) => form !== text,
        ),
        depth: "recall",
        worth: 1.8,
        pattern: "how-old",
        unit: inDays ?? "years",
      }),
    ];
  });
}

/** Somebody with a name, or "Mary's father". */
function isWho({ subject, binder }: Phrasing, { persons }: Analysis): boolean {
  return binder.human || persons.has(subject);
}

/** "eleven", "ten years old": the number. */
export function yearsIn(predicate: Node | undefined): Node | undefined {
  if (!predicate) return undefined;
  if (predicate.cat === "np" && predicate.role === "number") return predicate;
  const [measure, adjective] = predicate.kids;
  const isOld = predicate.cat === "ap" && predicate.role === "measure" && adjective?.kids[0]?.lemma === "old";
  return isOld && measure?.role === "quantity" ? measure.kids[0] : undefined;
}
