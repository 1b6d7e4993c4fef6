import type { Analysis } from "../language/analysis";
import { headTerminal, walkTree } from "../language/tree";
import type { Candidate } from "./candidate";

/**
 * A linear score: what the fact is worth, how much of the source hangs on its words, and how easy
 * the question is to read. Higher is better; only the order matters.
 */
export function scoreCandidate(candidate: Candidate, analysis: Analysis): number {
  const words = candidate.stem.split(" ").length;
  const length = words < 6 ? -0.3 : words > 20 ? -0.5 - (words - 20) * 0.1 : 0.2;
  const sentence = candidate.evidence[0]!;
  const opening = sentence.indexInBlock === 0 ? 0.15 : 0;
  const doubt = sentence.tree ? -Math.max(0, sentence.tree.cost - 6) * 0.12 : 0;
  return candidate.worth * 1.2 + topicality(candidate, analysis) + length + opening + doubt;
}

/** Share of the evidence's nouns that the source keeps using or names in a heading, 0 to 1. */
function topicality(candidate: Candidate, analysis: Analysis): number {
  const sentence = candidate.evidence[0]!;
  if (!sentence.tree) return 0;
  const nouns = [...walkTree(sentence.tree)]
    .filter((node) => node.cat === "nb" && node.kids.length === 1)
    .map((node) => (headTerminal(node).lemma ?? "").toLowerCase());
  if (nouns.length === 0) return 0;
  const central = nouns.filter((noun) => (analysis.lemmaCounts.get(noun) ?? 0) >= 3 || analysis.headingLemmas.has(noun)).length;
  return central / nouns.length;
}
