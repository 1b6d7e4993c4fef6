import type { Analysis } from "../../language/analysis";
import { midSentence, nodeText } from "../../language/node-text";
import { headTerminal } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { standsAlone } from "../phrasing/ask-shared";
import { findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";
import { bareForms } from "./find-participant";

const LONGEST_NAME = 8;

/** "Jenner called his method *vaccination*", "The Post Office called the plan *wild*": what did he call it? */
export function findCalling(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const object = clause.complements.find(({ role }) => role === "object")?.node;
  const name = clause.complements.find(({ role, node }) => role === "object2" || (role === "predicate" && node.cat === "ap"))?.node;
  if (!/^(?:call|name|dub|term)$/.test(clause.verb.lemma ?? "") || clause.passive || clause.negated || clause.rank !== "main") return [];
  if (clause.shared && !standsAlone(clause)) return [];
  const isThis = object !== undefined && headTerminal(object).lemma === "this" && analysis.led === sentence;
  // "Newspapers called *her* a heroine": who that is, is known.
  const isKnown = object !== undefined && sentence.resolved?.has(object.start) === true && /^(?:him|her|them)$/.test(headTerminal(object).lemma ?? "");
  if (object?.cat !== "np" || !name || !/^(?:np|ap)$/.test(name.cat) || name.end - name.start > LONGEST_NAME) return [];
  if (headTerminal(object).cat === "pro" && !isThis && !isKnown) return [];
  if (findUnclear(object, sentence, analysis, phrasing.binder) || findUnclear(name, sentence, analysis, phrasing.binder)) return [];
  // "vaccination, *from vacca, the Latin word for cow*": said of the name.
  const behind = clause.adjuncts
    .map(({ node }) => node)
    .filter((node, _, all) => node.start >= name.end && all.some((other) => other.cat.startsWith("c-") && other.start <= node.start));
  const rest = phraseRest(phrasing, analysis, [object, name, ...behind, ...reasonsOf(clause)]);
  // What *people* call something, they all do.
  if (isUnclear(rest) || headTerminal(clause.subject).lemma === "it") return [];
  // What somebody is named, and how a thing is judged.
  if (name.cat === "ap" && clause.verb.lemma !== "call") return [];
  const answer = nodeText(sentence, name).replace(/^["'“‘]|["'”’]$/g, "");
  return [
    factOf(
      phrasing,
      name.start,
      {
        type: name.cat === "ap" ? "report" : "naming",
        stem: askClause(phrasing, "What", [midSentence(sentence, object), rest].filter(Boolean).join(" ")),
        answer,
        answerNode: name,
        accepted: bareForms(answer),
        depth: "recall",
        worth: 3,
        pattern: "what-is-called",
      },
      "naming",
    ),
  ];
}
