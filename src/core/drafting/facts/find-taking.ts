import type { Analysis } from "../../language/analysis";
import { nodeText } from "../../language/node-text";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { phraseRest } from "../phrasing/phrase-rest";
import type { Fact } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";
import { howLongFact, isLength } from "./find-duration";

/** Lengths without a number to be asked for: "a full year", "one year", "several weeks", "all day". */
const LENGTH =
  /^(?:only |just |about |nearly |almost |over |more than |less than |at least )*(?:(?:an?|one|half an?|several|many|a few|a whole|all)(?: (?:full|whole|single|entire|good))? \p{Ll}+|half a \p{Ll}+|(?:seconds|minutes|hours|days|weeks|months|years|decades|centuries))$/u;

/** "Training takes *a full year*", "A large bell needs *a whole week*": how long? Counted lengths are asked for by their number. */
export function findTaking(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const [length, ...more] = clause.complements.map(({ node }) => node);
  if (!/^(?:take|need)$/.test(clause.verb.lemma ?? "") || clause.passive || clause.negated || clause.shared || clause.imperative || clause.rank !== "main")
    return [];
  if (!length || more.length > 0 || phrasing.binder.human || !isLength(length) || !LENGTH.test(nodeText(sentence, length))) return [];
  // "take *a day off*", "a year *longer than planned*"
  if (/^(?:off|out|away|long|longer|more|less|each|per|ago)$/.test(sentence.words[length.end]?.lower ?? "")) return [];
  const rest = phraseRest(phrasing, analysis, [length, ...reasonsOf(clause)]);
  // "news that had once taken *ten days* took minutes"
  if (isUnclear(rest) || /\b(?:for|only)\b/.test(rest) || /\b(?:minutes?|hours?|days?|weeks?|months?|years?)\b/.test(phrasing.subject)) return [];
  const answer = nodeText(sentence, length);
  const forms = [answer.replace(/^(?:only|just|about|nearly|almost) /, ""), answer.replace(/^an? (?:full |whole )?/, "one "), answer.replace(/^one /, "a ")];
  return [howLongFact(phrasing, length, askClause(phrasing, "How long", rest), answer, forms)];
}
