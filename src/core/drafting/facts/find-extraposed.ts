import type { Analysis, Sentence } from "../../language/analysis";
import { nodeText } from "../../language/node-text";
import { walkTree } from "../../language/tree";
import type { Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

const JUDGED =
  /^(?:(?:very|so|too|quite|often|almost|always|extremely|particularly) )?(?:hard|difficult|easy|dangerous|forbidden|illegal|impossible|possible|necessary|common|usual|expensive|cheap|customary|risky)$/;
const FEWEST_WORDS = 4;

/** "It would be wrong *to think that a purring cat is always happy*": what one should not believe. */
const MISTAKEN =
  /^It (is|was|would be) (wrong|a mistake|an error|misleading),? ?(?:however,? |though,? )?to (think|believe|say|assume|suppose|conclude) (that .+?)[.]$/u;

/** What is named as a mistake, with its that-clause whole. */
export function findMistake(sentence: Sentence, analysis: Analysis): Fact[] {
  const [, be, judged, verb, told] = MISTAKEN.exec(sentence.text.trim()) ?? [];
  const clause = sentence.clauses.find(({ rank }) => rank === "main");
  const node = sentence.tree && walkTree(sentence.tree).find(({ cat, start }) => cat === "cs" && sentence.words[start]?.lower === "that");
  if (!clause || !node || !be || !judged || !verb || !told || told.split(" ").length < FEWEST_WORDS + 1 || told.split(" ").length > 20) return [];
  if (findUnclear(node, sentence, analysis, undefined, false)) return [];
  const phrasing: Phrasing = { clause, subject: "it", binder: { num: "sg", human: false }, inverted: be, verbPhrase: "", finite: be };
  const asked = be === "would be" ? `would it be ${judged}` : `${be} it ${judged}`;
  return [
    factOf(phrasing, node.start, {
      type: "report",
      // A story and a speaker are named in front anyway.
      stem: `${sentence.speaker || analysis.sort === "story" ? "What" : "According to the passage, what"} ${asked} to ${verb}?`,
      answer: told,
      answerNode: node,
      accepted: [told.replace(/^that /, "")],
      depth: "understanding",
      worth: 2.6,
      pattern: "what-is-mistaken",
    }),
  ];
}

/** "In 1800 it was hard *to carry goods to the coast*": what was it hard to do? The *it* stands for what follows (extraposition). */
export function findExtraposed(sentence: Sentence, analysis: Analysis): Fact[] {
  return sentence.clauses.flatMap((clause) => {
    if (clause.rank !== "main" || clause.verb.cat !== "be" || clause.negated || clause.shared || clause.auxiliaries.length > 0) return [];
    if (nodeText(sentence, clause.subject).toLowerCase() !== "it") return [];
    const [what, ...more] = clause.complements.filter(({ role }) => role === "predicate").map(({ node }) => node);
    const parts = [...clause.complements, ...clause.adjuncts].map(({ node }) => node);
    if (!what || more.length > 0) return [];
    const split = /^(.+?) (to \p{Ll}.+)$/u.exec(nodeText(sentence, what));
    const deed = split ? undefined : parts.find((node) => node.cat === "vp" && node.f.form === "to" && node.start >= what.end);
    const judged = split?.[1] ?? nodeText(sentence, what);
    const told = split?.[2] ?? (deed && nodeText(sentence, deed));
    if (!JUDGED.test(judged) || !told || told.split(" ").length < FEWEST_WORDS + 1) return [];
    const be = nodeText(sentence, clause.verb).toLowerCase();
    const phrasing: Phrasing = { clause, subject: "it", binder: { num: "sg", human: false }, inverted: be, verbPhrase: "", finite: be };
    if (findUnclear(deed ?? what, sentence, analysis, undefined, false)) return [];
    const rest = phraseRest(phrasing, analysis, [what, ...(deed ? [deed] : []), ...reasonsOf(clause)]);
    if (isUnclear(rest) || rest.split(" ").length > 6) return [];
    const answer = told.replace(/^to /, "");
    return [
      factOf(phrasing, (deed ?? what).start, {
        type: "aim",
        stem: `${["What", be, "it", judged, "to do", rest].filter(Boolean).join(" ")}?`,
        answer,
        answerNode: deed ?? what,
        accepted: [told],
        depth: "understanding",
        worth: 2.2,
        pattern: "what-aim",
      }),
    ];
  });
}
