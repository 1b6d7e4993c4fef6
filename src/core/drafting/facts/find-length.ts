import type { Analysis } from "../../language/analysis";
import { UNIT_NOUNS } from "../../language/data/noun-classes";
import { nodeText, wordsText } from "../../language/node-text";
import { headTerminal, type Node, reasonNode } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

/** What goes on for a time. */
const LASTING = new Set("live last stay remain survive wait sleep hibernate grow work travel".split(" "));
const UNCOUNTED =
  /^(?:(?:only |just |nearly |almost |for )+(?:about )?an?|(?:only |just |about |for )*(?:a few|several|many)) (?:\p{Ll}+ )?(?:second|minute|hour|day|week|month|year|decade|century|centurie)s?$/u;

/** "The butterflies live *only a few weeks*", "can stay there *for a month*": how long? Counted lengths are asked for by their number. */
export function findLength(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  if (!LASTING.has(clause.verb.lemma ?? "") || clause.negated || clause.shared || clause.imperative || clause.rank !== "main") return [];
  const [length, ...more] = [...clause.complements, ...clause.adjuncts].map(({ node }) => node).filter((node) => isLength(node, nodeText(sentence, node)));
  if (!length || more.length > 0 || length.start < clause.verb.end) return [];
  // "sleep for many years *until rain falls*": the rain says how long.
  if (clause.adjuncts.some(({ node }) => reasonNode(node).f.sub === "until")) return [];
  const rest = phraseRest(phrasing, analysis, [length, ...reasonsOf(clause)]);
  if (isUnclear(rest) || `${phrasing.subject} ${rest}`.trim().split(" ").length < 2) return [];
  const text = nodeText(sentence, length);
  const answer = text.replace(/^for /, "");
  const from = length.start + (text === answer ? 0 : 1);
  return [
    factOf(
      phrasing,
      length.start,
      {
        type: "frequency",
        stem: askClause(phrasing, "How long", rest),
        answer: wordsText(sentence, from, length.end),
        answerNode: length,
        accepted: [text, answer.replace(/^(?:only|just|about|nearly|almost) /, "")].filter((form) => form !== answer),
        depth: "recall",
        worth: 1.9,
        pattern: "how-long",
      },
      "quantity",
    ),
  ];
}

function isLength(node: Node, text: string): boolean {
  const np = node.cat === "pp" ? node.kids[1] : node;
  const isPhrase = node.cat !== "pp" || node.kids[0]?.lemma === "for";
  return isPhrase && np !== undefined && UNIT_NOUNS.has(headTerminal(np).lemma ?? "") && UNCOUNTED.test(text);
}
