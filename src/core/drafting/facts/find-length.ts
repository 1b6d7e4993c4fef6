import type { Analysis } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { nodeText } from "../../language/node-text";
import { type Node, reasonNode } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { phraseRest } from "../phrasing/phrase-rest";
import type { Fact } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";
import { howLongFact, isLength } from "./find-duration";

/** What goes on for a time. */
const LASTING = new Set("live last stay remain survive wait sleep hibernate grow work travel".split(" "));
/** "about a tenth of a second", "half an hour", "for months" */
const SHARE_OF_TIME =
  /^(?:for |only |just |about |nearly |almost |less than |more than )*(?:(?:an?|one) (?:half|third|quarter|fifth|tenth|twentieth|hundredth|thousandth|fraction) of an? (?:second|minute|hour|day|year)|half an hour|half a (?:day|year|minute|second)|(?:(?:hundreds|thousands|millions) of )?(?:weeks|months|years|decades|centuries))$/u;
const UNCOUNTED =
  /^(?:(?:only |just |nearly |almost |(?:less|more) than |for )+(?:about )?an?|(?:only |just |about |for )*(?:a few|several|many)) (?:\p{Ll}+ )?(?:second|minute|hour|day|week|month|year|decade|century|centurie)s?$/u;

/** "The butterflies live *only a few weeks*", "can stay there *for a month*": how long? Counted lengths are asked for by their number. */
export function findLength(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  if (!(LASTING.has(clause.verb.lemma ?? "") || isSo(clause)) || clause.negated || clause.shared || clause.imperative || clause.rank !== "main") return [];
  const [length, ...more] = [...clause.complements, ...clause.adjuncts].map(({ node }) => node).filter((node) => isUncounted(node, nodeText(sentence, node)));
  if (!length || more.length > 0 || length.start < clause.verb.end || (clause.passive && !isSo(clause))) return [];
  // "worked out *for years ahead*"
  if (/^(?:ahead|ago|later|old|earlier)$/.test(sentence.words[length.end]?.lower ?? "")) return [];
  // "wait *for a mild day*": what for.
  if (clause.verb.lemma === "wait" && /^for an? (?!full|whole|long|short|few)\p{Ll}+ \p{Ll}+$/u.test(nodeText(sentence, length))) return [];
  // "sleep for many years *until rain falls*": the rain says how long.
  if (clause.adjuncts.some(({ node }) => reasonNode(node).f.sub === "until")) return [];
  const rest = phraseRest(phrasing, analysis, [length, ...reasonsOf(clause)]);
  if (isUnclear(rest) || `${phrasing.subject} ${rest}`.trim().split(" ").length < 2) return [];
  const text = nodeText(sentence, length);
  // "for months": without its *for* it would be no answer.
  const answer = SHARE_OF_TIME.test(text) && /s$/.test(text) ? text : text.replace(/^for /, "");
  const forms = [text, answer.replace(/^(?:only|just|about|nearly|almost) /, "")];
  return [howLongFact(phrasing, length, askClause(phrasing, "How long", rest), answer, forms)];
}

/** "*has been broken* for a month", "*had been closed* for several weeks": a state, up to then. */
function isSo({ auxiliaries, verb, complements, passive, adjuncts }: Clause): boolean {
  const isState = passive || (verb.cat === "be" && complements.some(({ role, node }) => role === "predicate" && node.cat === "ap"));
  // "was nearly forgotten for a century"
  const isKept = passive && /^(?:close|forget|lock|hide|ban|forbid|lose|neglect|imprison|flood|block|shut)$/.test(verb.lemma ?? "");
  return isState && (isKept || auxiliaries.some(({ cat }) => cat === "have")) && adjuncts.some(({ node }) => node.cat === "pp" && node.f.sub === "for");
}

function isUncounted(node: Node, text: string): boolean {
  return (node.cat !== "pp" || node.kids[0]?.lemma === "for") && ((isLength(node) && UNCOUNTED.test(text)) || SHARE_OF_TIME.test(text));
}
