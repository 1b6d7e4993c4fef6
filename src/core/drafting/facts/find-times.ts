import type { Analysis } from "../../language/analysis";
import { nodeText } from "../../language/node-text";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { numberForms } from "../phrasing/number-forms";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

const TIMES =
  /^((?:about |at least |more than |almost |nearly )?(?:three|four|five|six|seven|eight|nine|ten|eleven|twelve|[\p{L}-]+t(?:een|y)(?:-\p{L}+)?|\d+)) times$/iu;

/** "Hetherington was jailed *three times*": how many times was he? Rates ("ten times a second") are measured elsewhere. */
export function findTimes(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  if (clause.negated || clause.shared || clause.imperative || clause.rank !== "main" || clause.verb.cat === "be") return [];
  // "magnified *twenty times*": by how much.
  if (/^(?:magnify|enlarge|multiply|increase|grow|rise|fold)$/.test(clause.verb.lemma ?? "")) return [];
  const part = clause.adjuncts.map(({ node }) => node).find((node) => node.start >= clause.verb.end && TIMES.test(nodeText(sentence, node)));
  const [, number] = (part && TIMES.exec(nodeText(sentence, part))) ?? [];
  // "*three times* as big", "three times larger", "ten times a second", "three times the size".
  if (!part || !number || /^(?:as|the|an?|per|each|every|more|less|over|larger|\p{L}+er)$/iu.test(sentence.words[part.end]?.lower ?? "")) return [];
  const rest = phraseRest(phrasing, analysis, [part, ...reasonsOf(clause)]);
  if (isUnclear(rest) || `${phrasing.subject} ${rest}`.trim().split(" ").length < (clause.passive ? 1 : 2)) return [];
  return [
    factOf(phrasing, part.start, {
      type: "quantity",
      stem: askClause(phrasing, "How many times", rest),
      answer: number.charAt(0).toLowerCase() + number.slice(1),
      answerNode: part,
      accepted: [`${number} times`, ...numberForms(number)],
      depth: "recall",
      worth: 1.6,
      pattern: "how-many",
      unit: "times",
    }),
  ];
}
