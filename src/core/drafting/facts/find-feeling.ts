import type { Analysis } from "../../language/analysis";
import { nodeText } from "../../language/node-text";
import { headTerminal } from "../../language/tree";
import type { Phrasing } from "../phrasing/ask-clause";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factId } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

/** Words for feelings by family: within one, either word might be defended. */
export const FEELINGS: readonly (readonly string[])[] = [
  ["angry", "furious", "cross", "annoyed", "mad"],
  ["afraid", "frightened", "scared", "terrified", "nervous", "worried", "anxious"],
  ["sad", "unhappy", "miserable", "disappointed"],
  ["happy", "glad", "cheerful", "delighted", "pleased"],
  ["proud"],
  ["ashamed", "guilty", "embarrassed"],
  ["sorry"],
  ["lonely"],
  ["jealous", "envious"],
  ["bored"],
  ["tired", "weary", "exhausted"],
  ["curious"],
  ["surprised", "astonished", "amazed"],
  ["grateful", "thankful"],
  ["relieved", "calm"],
];
const ALL = new Set(FEELINGS.flat());
const FEELING_VERBS = new Set(["feel", "look", "seem", "become", "grow", "get", "sound"]);

/** "Jory was *furious* when he saw the empty shelf": how did Jory feel? Only with an occasion, or it could be any time. */
export function findFeeling(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const predicate = clause.complements.find((part) => part.role === "predicate")?.node;
  const verb = clause.verb.cat === "be" || FEELING_VERBS.has(clause.verb.lemma ?? "");
  if (predicate?.cat !== "ap" || !verb || clause.negated || clause.shared || !phrasing.binder.human) return [];
  // "After an hour most people grow tired": of nobody in particular.
  if (clause.subject.f.det === "bare" || clause.subject.f.det === "quant") return [];
  const answer = headTerminal(predicate).lemma ?? "";
  if (!ALL.has(answer) || nodeText(clause.sentence, predicate).split(" ").length > 2) return [];
  const occasion = clause.adjuncts.filter(({ node }) => node.cat.includes("sb") || node.f.time);
  const rest = phraseRest(phrasing, analysis, [predicate, ...reasonsOf(clause)]);
  if (occasion.length === 0 || isUnclear(rest) || rest === "") return [];
  const plural = phrasing.binder.num === "pl";
  const past = clause.verb.flags?.includes("past") || clause.auxiliaries.length > 0;
  return [
    {
      type: "feeling",
      id: factId("feeling", clause.sentence, predicate.start),
      sentence: clause.sentence,
      clause,
      phrasing,
      stem: `How ${past ? "did" : plural ? "do" : "does"} ${phrasing.subject} feel ${rest}?`,
      answer,
      accepted: FEELINGS.find((family) => family.includes(answer))!.filter((word) => word !== answer),
      depth: "understanding",
      worth: 2.4,
      pattern: "how-did-feel",
    },
  ];
}
