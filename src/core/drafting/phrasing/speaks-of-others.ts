import { type Analysis, positionKey, type Sentence } from "../../language/analysis";
import { nodeText } from "../../language/node-text";
import { subjectIn } from "../../language/pronoun-rivals";
import { isExpletive } from "../../language/subject-pronoun";
import { headTerminal, type Node } from "../../language/tree";
import { binderOf, mayBind } from "./clear-reference";

/**
 * "The salmon return. Scientists believe that *they* use the sun": the salmon, though the scientists are
 * many too. What the sentence before told of may be meant by a pronoun that opens what is thought or said.
 */
export function speaksOfOthers(node: Node, sentence: Sentence, analysis: Analysis, subject: string): boolean {
  const inner = subjectIn(node);
  const pronoun = inner && headTerminal(inner).cat === "pro" ? headTerminal(inner).lemma : undefined;
  if (inner && sentence.resolved?.has(inner.start)) return false;
  // "The baker asked whether *she* could mend the clock": whoever was asked, and never the baker.
  if (inner && /^(?:he|she|they)$/.test(pronoun ?? "") && /^(?:whether|if)$/.test(sentence.words[node.start]?.lower ?? ""))
    return !analysis.antecedents.has(positionKey(sentence, inner.start));
  const before = analysis.sentences[sentence.index - 1];
  if (!pronoun || !/^(?:it|they|he|she)$/.test(pronoun) || before?.block !== sentence.block) return false;
  // "… only very slightly. If *it* was too steep, the water would damage the stone": of a sentence that was not understood it may be anything.
  if (before.clauses.length === 0 && before.block.kind !== "heading" && !analysis.antecedents.has(positionKey(sentence, inner!.start))) return true;
  const own = sentence.clauses.find((clause) => clause.subject === inner);
  const isOpen = node.cat.includes("sb") && !analysis.antecedents.has(positionKey(sentence, inner!.start)) && !(own && isExpletive(pronoun, own));
  return before.clauses.some((clause) => {
    if (clause.rank !== "main" || clause.imperative) return false;
    const told = analysis.antecedents.get(positionKey(before, clause.subject.start));
    const node = told?.node ?? clause.subject;
    const text = told?.text ?? nodeText(before, clause.subject);
    if (headTerminal(clause.subject).cat === "pro" && !told) return headTerminal(clause.subject).lemma === pronoun;
    // "Members fill *this fund*. If it is empty, …": what something was done to goes on as well.
    const done = (isOpen ? clause.complements : []).flatMap(({ role, node }) =>
      role === "object" && node.cat === "np" && node.f.det !== "pron" ? [node] : [],
    );
    return [{ node, text }, ...done.map((object) => ({ node: object, text: nodeText(before, object) }))].some(
      (other) => other.text.toLowerCase() !== subject.toLowerCase() && mayBind(pronoun, binderOf(other.node, other.text, analysis)),
    );
  });
}
