import type { Analysis } from "../../language/analysis";
import { nodeText } from "../../language/node-text";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

/** "a hundred times its own body length", "half its weight" */
const OF_ITSELF =
  /^(?:(?:about|almost|nearly|up to|more than|over|at least) )?(?:[\p{L}\d-]+ ){0,3}(?:times|half|twice) (?:its|their) (?:own )?(?:body )?(length|height|weight|size)$/iu;
const REACHING = new Set("move jump leap hop fly swim travel throw spit shoot glide".split(" "));
const MASTERING = new Set("lift carry eat drink pull drag push hold support store catch".split(" "));

/** "A flea can jump *two hundred times its own length*", "eats *half its weight* every day": how far, how much? */
export function findMultiple(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const object = clause.complements.find(({ role }) => role === "object")?.node;
  if (!object || clause.negated || clause.shared || clause.rank !== "main" || clause.complements.length > 1) return [];
  const answer = nodeText(sentence, object);
  const of = OF_ITSELF.exec(answer)?.[1]?.toLowerCase();
  const verb = clause.verb.lemma ?? "";
  const wh =
    of === "length" && REACHING.has(verb)
      ? "How far"
      : of === "height" && REACHING.has(verb)
        ? "How high"
        : of === "weight" && MASTERING.has(verb)
          ? "How much"
          : undefined;
  const rest = wh && phraseRest(phrasing, analysis, [object, ...reasonsOf(clause)]);
  if (!wh || rest === undefined || isUnclear(rest)) return [];
  return [
    factOf(phrasing, object.start, {
      type: "quantity",
      stem: askClause(phrasing, wh, rest),
      answer,
      answerNode: object,
      accepted: [answer.replace(/^(?:about|almost|nearly|up to) /, ""), answer.replace(/ own /, " ")].filter((form) => form !== answer),
      depth: "recall",
      worth: 2.4,
      pattern: "how-far",
    }),
  ];
}
