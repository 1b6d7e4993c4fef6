import type { Analysis } from "../../language/analysis";
import { nodeText, wordsText } from "../../language/node-text";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

const ABOUT = "(?:(?:about|almost|nearly|up to|more than|over|at least|exactly|roughly) )?";
/** "a hundred times its own body length", "half its weight" */
const OF_ITSELF = new RegExp(`^${ABOUT}(?:[\\p{L}\\d-]+ ){0,3}(?:times|half|twice) (?:its|their) (?:own )?(?:body )?(length|height|weight|size)$`, "iu");
const TIMES = "[\\p{L}\\d-]+(?: [\\p{L}-]+){0,2} times";
/** "almost twice as long as …", "three times brighter than …" */
const TIMES_AS = new RegExp(`^(${ABOUT}(?:twice|half|${TIMES}) as (\\p{L}+)) as (.+)$`, "iu");
const TIMES_MORE = new RegExp(`^(${ABOUT}${TIMES} (\\p{L}+er)) than (.+)$`, "iu");

/** "A wave of red light is *almost twice as long as a wave of violet light*": how long is it, compared with that? */
export function findTimesAs(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence, verb } = clause;
  const predicate = clause.complements.find(({ role }) => role === "predicate")?.node;
  if (verb.cat !== "be" || predicate?.cat !== "ap" || clause.negated || clause.shared || clause.rank !== "main" || clause.complements.length > 1) return [];
  const ahead = clause.adjuncts.map(({ node }) => node).filter((node) => node.start >= verb.end && node.end <= predicate.start);
  const told = wordsText(sentence, ahead[0]?.start ?? predicate.start, predicate.end);
  const as = TIMES_AS.exec(told);
  const [, answer, quality, other] = as ?? TIMES_MORE.exec(told) ?? [];
  if (!answer || !quality || !other || OPEN_QUALITY.test(quality)) return [];
  if (findUnclear(predicate, sentence, analysis, phrasing.binder)) return [];
  const rest = phraseRest(phrasing, analysis, [predicate, ...ahead, ...reasonsOf(clause)]);
  if (isUnclear(rest) || rest !== "") return [];
  return [
    factOf(phrasing, predicate.start, {
      type: "quantity",
      stem: askClause(phrasing, as ? `How ${quality}` : `How much ${quality}`, `compared with ${other}`),
      answer,
      answerNode: predicate,
      accepted: [told, answer.replace(/^(?:about|almost|nearly|exactly|roughly) /, "")].filter((form) => form !== answer),
      depth: "understanding",
      worth: 2.5,
      pattern: "how-much-more",
    }),
  ];
}

/** "as many", "as likely": of what or to do what? */
const OPEN_QUALITY = /^(?:much|many|likely|often|well|good|bad)$/i;

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
