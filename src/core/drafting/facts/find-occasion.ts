import type { Analysis } from "../../language/analysis";
import { nodeText } from "../../language/node-text";
import { pronounOf } from "../../language/resolve-pronouns";
import { headTerminal, type Node, walkTree } from "../../language/tree";
import { askClause, type Phrasing, phraseRest } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { type Fact, factId } from "./fact";
import { isUnclear, reasonNode, reasonsOf } from "./find-cause";

const CLAUSES = new Set(["after", "before", "until", "once"]);
const PREPOSITIONS = new Set("in on at during before after until since by".split(" "));

/** "*After a few weeks* it looks for a place", "stopped flashing *before the fog came*": when? */
export function findOccasion(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  if (clause.imperative || clause.shared || clause.negated) return [];
  return clause.adjuncts.flatMap(({ node }) => {
    const part = reasonNode(node);
    const isClause = part.cat === "sb" && CLAUSES.has(part.f.sub ?? "") && part.f.form !== "ing";
    if (!isClause && !isTimePhrase(part)) return [];
    if (findUnclear(part, clause.sentence, analysis, phrasing.binder, !isClause) || opensWithPronoun(part)) return [];
    const rest = phraseRest(phrasing, analysis, [node, ...reasonsOf(clause)]);
    if (isUnclear(rest) || `${phrasing.subject} ${rest}`.split(" ").length < 4 || (clause.verb.cat === "be" && !clause.passive)) return [];
    const answer = lowerFirst(nodeText(clause.sentence, part), part);
    if (answer.split(" ").length < 2 || /\bfor (?:\w+ )?(?:about|\d|two|three|four|five|six|seven|eight|nine|ten)/.test(rest) || /\beven$/.test(rest))
      return [];
    const until = part.f.sub === "until" || part.kids[0]?.lemma === "until";
    return [
      {
        type: "occasion",
        id: factId("occasion", clause.sentence, part.start),
        sentence: clause.sentence,
        clause,
        phrasing,
        stem: askClause(phrasing, until ? "Until when" : "When", rest),
        answer,
        answerNode: part,
        accepted: [answer.replace(/^(?:in|on|at|during) /, "")].filter((form) => form !== answer),
        depth: "recall",
        worth: isClause ? 2 : 1.4,
        pattern: "when",
      } satisfies Fact,
    ];
  });
}

/** A phrase on a time that is no bare year and no length of time: years and lengths are asked for as numbers. */
function isTimePhrase(node: Node): boolean {
  if (node.cat !== "pp" || !node.f.time || node.kids[0]?.cat !== "prep" || !PREPOSITIONS.has(node.kids[0].lemma ?? "")) return false;
  const np = node.kids[1]!;
  // "in an hour" is how long, "in the evening" is when.
  if (np.f.det === "indef" && /^(?:second|minute|hour|day|week|month|year|decade|century)$/.test(headTerminal(np).lemma ?? "")) return false;
  if (np.role === "quantity" || np.f.det === "quant" || np.f.det === "dem" || np.f.det === "num") return false;
  const dated = [...walkTree(np)].filter((inner) => inner.f.sub === "era").flatMap((inner) => [...walkTree(inner)]);
  const counts = [...walkTree(np)].filter((inner) => inner.cat === "num" && !inner.flags?.includes("year") && !dated.includes(inner));
  return counts.length === 0 && headTerminal(np).lemma !== "time" && headTerminal(np).lemma !== "moment";
}

/** "before it is dark" is clear; "after it was confirmed" is not. */
function opensWithPronoun(node: Node): boolean {
  const subject = [...walkTree(node)].find((inner) => inner.role === "subject")?.kids[0];
  return subject !== undefined && pronounOf(subject) !== undefined && pronounOf(subject) !== "it";
}

function lowerFirst(text: string, node: Node): string {
  return node.start === 0 ? text.charAt(0).toLowerCase() + text.slice(1) : text;
}
