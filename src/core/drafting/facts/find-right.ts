import type { Analysis } from "../../language/analysis";
import { nodeText, wordsText } from "../../language/node-text";
import { coreOf, headTerminal, type Node } from "../../language/tree";
import { askClause, askSubject, type Phrasing } from "../phrasing/ask-clause";
import { clausesWithVerb } from "../phrasing/clauses-by-verb";
import { BINDS_NOTHING, findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";
import { bareForms } from "./find-participant";

/** What somebody has *to* something, or to do. */
const RIGHTS = new Set("right duty power authority permission privilege freedom task job chance ability courage".split(" "));

/** "Every child has *a right to a name*", "had *the power to dissolve the council*": to what, to do what? */
export function findRight(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const object = clause.complements.find(({ role }) => role === "object")?.node;
  if (clause.verb.cat !== "have" || !object || clause.negated || clause.shared || clause.imperative || clause.rank !== "main") return [];
  const head = headTerminal(coreOf(object));
  if (!RIGHTS.has(head.lemma ?? "") || !/^(?:def|indef)$/.test(object.f.det ?? "")) return [];
  // Inside the phrase or behind it.
  const inside = /^(?:reduced|postmodifier)$/.test(object.role) ? object.kids[1] : undefined;
  const behind = inside ? undefined : [...clause.complements, ...clause.adjuncts].map(({ node }) => node).find((node) => node.start === object.end);
  const filling = inside ?? behind;
  const isDeed = filling?.f.form === "to";
  const thing = filling?.cat === "pp" && filling.f.sub === "to" ? filling.kids[1] : undefined;
  if (!filling || (!isDeed && thing?.cat !== "np") || hasAnother(phrasing, head.lemma ?? "", analysis)) return [];
  if (findUnclear(filling, sentence, analysis, phrasing.binder, false)) return [];
  const rest = phraseRest(phrasing, analysis, [object, ...(behind ? [behind] : []), ...reasonsOf(clause)]);
  const answer = isDeed ? nodeText(sentence, filling).replace(/^to /, "") : nodeText(sentence, thing as Node);
  if (isUnclear(rest) || (isDeed && answer.split(" ").length < 2) || /\b(?:only|even|too|also|as well)\b/.test(rest)) return [];
  const right = wordsText(sentence, object.start, filling.start);
  return [
    factOf(phrasing, filling.start, {
      type: isDeed ? "aim" : "thing",
      stem: askClause(phrasing, "What", [right, isDeed ? "to do" : "to", rest].filter(Boolean).join(" ")),
      answer,
      answerNode: thing ?? filling,
      accepted: isDeed ? [`to ${answer}`] : bareForms(answer),
      depth: "understanding",
      worth: 2.4,
      pattern: "what-right",
    }),
  ];
}

const GROUPS = /^(?:congress|parliament|council|court|senate|jury|board|committee|assembly|government|house|state|city|town)$/i;

/** "*The head teacher* has the last word": who has? */
export function findRightHolder(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const object = clause.complements.find(({ role }) => role === "object")?.node;
  if (clause.verb.cat !== "have" || !object || clause.negated || clause.shared || clause.imperative || clause.rank !== "main") return [];
  const isRight = /^the (?:last|final) (?:word|say)\b|^the (?:sole |only )?(?:right|power|duty) (?:to|of)\b|^a (?:casting vote|veto)\b/.test(
    nodeText(sentence, object),
  );
  const head = (headTerminal(coreOf(clause.subject)).lemma ?? "").toLowerCase();
  const isWho = (phrasing.binder.human || GROUPS.test(head)) && clause.subject.f.det !== "pron" && clause.subject.f.det !== "quant";
  if (!isRight || !isWho) return [];
  const rest = phraseRest({ ...phrasing, binder: BINDS_NOTHING }, analysis, reasonsOf(clause));
  if (isUnclear(rest) || isHeldByMore(phrasing, headTerminal(coreOf(object)).lemma ?? "", analysis)) return [];
  return [
    factOf(
      phrasing,
      clause.subject.start,
      {
        type: "person",
        stem: askSubject(phrasing, "Who", rest),
        answer: phrasing.subject,
        answerNode: coreOf(clause.subject),
        accepted: bareForms(phrasing.subject),
        depth: "recall",
        worth: 2,
        pattern: "who-did",
      },
      "person",
    ),
  ];
}

/** Somebody else has one of these as well. */
function isHeldByMore({ clause }: Phrasing, right: string, { sentences }: Analysis): boolean {
  return clausesWithVerb("have", sentences).some(
    (other) => other !== clause && other.complements.some(({ role, node }) => role === "object" && headTerminal(coreOf(node)).lemma === right),
  );
}

/** Of the same noun another right, duty or task is told: either would be an answer. */
function hasAnother({ clause }: Phrasing, right: string, { sentences }: Analysis): boolean {
  const owner = headTerminal(clause.subject).lemma;
  return sentences.some(({ clauses }) =>
    clauses.some(
      (other) =>
        other !== clause &&
        other.verb.cat === "have" &&
        headTerminal(other.subject).lemma === owner &&
        other.complements.some(({ role, node }) => role === "object" && headTerminal(coreOf(node)).lemma === right),
    ),
  );
}
