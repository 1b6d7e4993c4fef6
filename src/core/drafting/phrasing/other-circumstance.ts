import type { Analysis } from "../../language/analysis";
import { positionKey } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { DEMONYMS } from "../../language/data/noun-classes";
import { nodeText } from "../../language/node-text";
import { headTerminal, type Node, walkTree } from "../../language/tree";
import { clausesWithVerb } from "./clauses-by-verb";

/** Words that a question needs beside its question word to single out one event. */
const FEWEST_WORDS = 3;

/**
 * "Maria was born *in Warsaw* *in 1867*": whoever is asked for the year need not be told the place, nor the other
 * way round, where the source tells of no second deed like it; so that both can be asked in one paper.
 */
export function otherCircumstance(clause: Clause, asked: Node, subject: string, analysis: Analysis): Node[] {
  const { sentence, verb, adjuncts, complements } = clause;
  const isPast = [verb, ...clause.auxiliaries].some(({ flags }) => flags?.includes("past"));
  if (clause.rank !== "main" || clause.shared || clause.negated || !isPast || verb.cat !== "v") return [];
  const isAskedTime = Boolean(asked.f.time);
  // "*Blowers* were banned in Graz": a whole sort, and only there. "Where *was* she *travelling*?": when?
  if (clause.subject.f.det === "bare" || [verb, ...clause.auxiliaries].some(({ start }) => /ing$/.test(sentence.words[start]!.lower))) return [];
  // "closed the post *in Novgorod*": the place may say which post.
  if (isAskedTime && complements.some(({ role }) => role === "object")) return [];
  const [other, ...more] = adjuncts.map(({ node }) => node).filter((node) => node !== asked && (isAskedTime ? isNamedPlace(node, analysis) : isDated(node)));
  if (!other || more.length > 0) return [];
  // "*on a farm* in Michigan": the place by its name, and what was there.
  const ahead = isAskedTime
    ? adjuncts.find(({ node }) => node.end === other.start && node.cat === "pp" && /^(?:in|on|at|near)$/.test(node.f.sub ?? ""))?.node
    : undefined;
  const others = ahead && !ahead.f.time ? [ahead, other] : [other];
  const told = complements.map(({ node }) => nodeText(sentence, node)).join(" ");
  if (`${subject} ${verb.lemma} ${told}`.trim().split(" ").length < FEWEST_WORDS) return [];
  return isOnlyOne(clause, subject, analysis) ? others : [];
}

/** "in Warsaw", "at Lyme Regis": a place with a name. */
function isNamedPlace(node: Node, { persons }: Analysis): boolean {
  const [preposition, np] = node.kids;
  const name = np && headTerminal(np);
  return (
    node.cat === "pp" &&
    !node.f.time &&
    /^(?:in|at|near)$/.test(preposition?.lemma ?? "") &&
    name?.cat === "pn" &&
    // "in French"
    !DEMONYMS.has((name.lemma ?? "").toLowerCase()) &&
    !persons.has(name.lemma ?? "")
  );
}

/** "in 1867", "on 3 March 1856" */
function isDated(node: Node): boolean {
  return node.cat === "pp" && Boolean(node.f.time) && walkTree(node).some(({ cat, flags }) => cat === "num" && flags?.includes("year") === true);
}

/** No other clause has the same verb and the same subject. */
function isOnlyOne(clause: Clause, subject: string, { sentences, antecedents }: Analysis): boolean {
  const own = headTerminal(clause.subject).lemma;
  return clausesWithVerb(clause.verb.lemma, sentences).every((other) => {
    if (other === clause) return true;
    const told = antecedents.get(positionKey(other.sentence, other.subject.start))?.text ?? nodeText(other.sentence, other.subject);
    return told.toLowerCase() !== subject.toLowerCase() && headTerminal(other.subject).lemma !== own && !/^(?:he|she|it|they)$/i.test(told);
  });
}
