import type { Analysis, Sentence } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { UNIT_NOUNS } from "../../language/data/noun-classes";
import { midSentence, nodeText } from "../../language/node-text";
import { headTerminal, type Node, walkTree } from "../../language/tree";
import type { Phrasing } from "../phrasing/ask-clause";
import { binderOf, findUnclear } from "../phrasing/clear-reference";
import { type Fact, factOf } from "./fact";

/** "It took Ida *three years* to finish the lens": how long did it take? */
export function findDuration(sentence: Sentence, analysis: Analysis): Fact[] {
  return sentence.clauses.filter((clause) => clause.rank === "main").flatMap((clause) => [...durationOf(clause, analysis), ...lengthOfDeed(clause, analysis)]);
}

/** "*Building the tower* took four years": how long did building it take? */
function lengthOfDeed(clause: Clause, analysis: Analysis): Fact[] {
  const { sentence, subject } = clause;
  const auxiliary = auxiliaryOf(clause);
  const [length, ...more] = [...clause.complements, ...clause.adjuncts].map(({ node }) => node);
  const isDeed = subject.role === "gerund" && subject.end - subject.start >= 2 && !findUnclear(subject, sentence, analysis);
  if (clause.verb.lemma !== "take" || !isDeed || !auxiliary || clause.negated || clause.shared || !length || more.length > 0 || !isLength(length)) return [];
  const deed = midSentence(sentence, subject);
  const phrasing: Phrasing = {
    clause,
    subject: deed,
    binder: { num: "sg", human: false },
    inverted: auxiliary,
    verbPhrase: "take",
    finite: nodeText(sentence, clause.verb),
  };
  return [howLongFact(phrasing, length, `How long ${auxiliary} ${deed} take?`, nodeText(sentence, length), [])];
}

function durationOf(clause: Clause, analysis: Analysis): Fact[] {
  const { sentence } = clause;
  const auxiliary = auxiliaryOf(clause);
  if (clause.verb.lemma !== "take" || nodeText(sentence, clause.subject).toLowerCase() !== "it" || clause.negated || clause.shared || !auxiliary) return [];
  const parts = [...clause.complements, ...clause.adjuncts].map(({ node }) => node);
  const length = parts.find((node) => (node.cat === "np" || node.cat === "advp") && isLength(node));
  // "It takes five hundred years *until two centimetres have formed*"
  const deed = parts.find((node) => (node.cat === "vp" && node.f.form === "to") || (node.cat === "sb" && node.f.sub === "until"));
  // "It took *Florence years* to persuade them", read as one; "takes three minutes *to open*": what does?
  if ((length && /^\p{Lu}/u.test(nodeText(sentence, length))) || (deed && deed.end - deed.start < 3)) return [];
  const whom = parts.find((node) => node.cat === "np" && node !== length);
  // "A bag is used once, but *it* can take years to break down": the bag can, and somebody or something else.
  const [ahead] = sentence.clauses.filter((other) => other.rank === "main" && other.end <= clause.start).slice(-1);
  const isOfThing = ahead !== undefined && ahead.subject.f.num === "sg" && ahead.subject.f.det !== "pron";
  if (isOfThing && !whom && deed && !walkTree(deed).some(({ cat }) => cat === "np")) return [];
  // "until *it* has the colour of its parents": what does?
  if (deed?.cat === "sb" && /\b(?:it|they|he|she)\b/i.test(nodeText(sentence, deed))) return [];
  if (!length || !deed || parts.some((node) => ![length, deed, whom].includes(node))) return [];
  const isTold = whom && (headTerminal(whom).cat !== "pro" || sentence.resolved?.has(whom.start)) && !findUnclear(whom, sentence, analysis);
  const named = walkTree(deed).find((node) => node.cat === "np" && node.f.det !== "pron");
  if (findUnclear(deed, sentence, analysis, named && binderOf(named, nodeText(sentence, named), analysis), false)) return [];
  const stem = ["How long", auxiliary, "it take", isTold ? nodeText(sentence, whom) : "", nodeText(sentence, deed)].filter(Boolean).join(" ");
  const answer = nodeText(sentence, length);
  // "takes *ten minutes to queue and five* to walk": two deeds, read as one length.
  // "took *her years* to convince them", "took *the inventor years*": read as years of hers and his.
  if (
    /\bto \p{L}/u.test(answer) ||
    /^(?:her|his|its|their|my|our|your) /i.test(answer) ||
    /^the \p{L}+ (?:years|months|weeks|days|hours|minutes)$/u.test(answer)
  )
    return [];
  const finite = nodeText(sentence, clause.verb);
  const phrasing: Phrasing = { clause, subject: "it", binder: { num: "sg", human: false }, inverted: auxiliary, verbPhrase: "take", finite };
  return [howLongFact(phrasing, length, `${stem}?`, answer, [answer.replace(/^(?:an?|one) /, "one "), answer.replace(/^one /, "a ")])];
}

function auxiliaryOf({ auxiliaries, verb, sentence }: Clause): string | undefined {
  const [first, ...more] = auxiliaries;
  if (more.length > 0) return undefined;
  if (first) return first.cat === "modal" ? nodeText(sentence, first) : undefined;
  return ({ past: "did", third: "does", plain: "do" } as Record<string, string>)[verb.flags?.[0] ?? ""];
}

/** How long something goes on. Of `forms` those are accepted that are not the answer itself. */
export function howLongFact(phrasing: Phrasing, length: Node, stem: string, answer: string, forms: readonly string[]): Fact {
  return factOf(
    phrasing,
    length.start,
    {
      type: "frequency",
      stem,
      answer,
      answerNode: length,
      accepted: [...new Set(forms)].filter((form) => form !== answer),
      depth: "recall",
      worth: 1.9,
      pattern: "how-long",
    },
    "quantity",
  );
}

/** "three years", "for a month" */
export function isLength(node: Node): boolean {
  return UNIT_NOUNS.has(headTerminal(node).lemma ?? "");
}
