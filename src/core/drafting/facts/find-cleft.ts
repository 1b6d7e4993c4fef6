import type { Analysis, Sentence } from "../../language/analysis";
import { nodeText, wordsText } from "../../language/node-text";
import { coreOf, headTerminal, type Node, walkTree } from "../../language/tree";
import type { Phrasing } from "../phrasing/ask-clause";
import { BINDS_NOTHING, findUnclear } from "../phrasing/clear-reference";
import { type Fact, factOf } from "./fact";

/** "*It was the heat of 1858* that forced Parliament to act": what forced it? The sentence is built to say just this. */
export function findCleft(sentence: Sentence, analysis: Analysis): Fact[] {
  const [clause] = sentence.clauses.filter(({ rank }) => rank === "main");
  const predicate = clause?.complements.find(({ role }) => role === "predicate")?.node;
  const isIt = clause && nodeText(sentence, clause.subject).toLowerCase() === "it" && clause.verb.cat === "be" && clause.auxiliaries.length === 0;
  if (!clause || !isIt || clause.negated || clause.adjuncts.length > 0 || predicate?.cat !== "np") return [];
  // Wherever the parse hangs it, what ends the sentence tells of the whole.
  const relative = walkTree(predicate).find((node) => node.cat === "rc" && node.end === predicate.end);
  const [mark, deed] = relative?.kids ?? [];
  if (!relative || (mark?.lemma !== "that" && mark?.lemma !== "who") || deed?.cat !== "vp") return [];
  // "It was a Frenchman, *Jean Valcourt*, who …": his name is the answer.
  const beside = walkTree(predicate).find(({ role }) => role === "apposition")?.kids[1];
  const name = beside && walkTree(beside).find(({ cat, f }) => cat === "np" && f.det === "proper");
  const core = name ?? coreOf(predicate);
  const answer = name ? nodeText(sentence, name) : wordsText(sentence, predicate.start, relative.start);
  const human = analysis.persons.has(answer) || mark.lemma === "who";
  if (findUnclear(headNoun(core), sentence, analysis) || walkTree(deed).some((node) => findUnclear(node, sentence, analysis, BINDS_NOTHING, false))) return [];
  // "It is *the only disease* that has ever been wiped out": one that was told of before, and no other.
  if (/^the (?:only|first|last|one)\b/i.test(answer) && !name) return [];
  // "It is a tale that goes back a century": what is told of it, not which one.
  if (core.f.det === "indef" || (human && headTerminal(core).cat !== "pn" && core.f.det !== "def")) return [];
  const phrasing: Phrasing = { clause, subject: "it", binder: { num: "sg", human: false }, inverted: "", verbPhrase: "", finite: "" };
  return [
    factOf(phrasing, predicate.start, {
      type: human ? "person" : "thing",
      stem: `${human ? "Who" : "What"} ${nodeText(sentence, deed)}?`,
      answer,
      answerNode: core,
      accepted: [answer.replace(/^(?:an?|the) /, "")].filter((form) => form !== answer),
      depth: "recall",
      worth: 2.6,
      pattern: "it-was-that",
    }),
  ];
}

/** "*What cost money* was the counting of sheets": what did? */
export function findWhatCleft(sentence: Sentence, analysis: Analysis): Fact[] {
  const [clause, ...more] = sentence.clauses.filter(({ rank }) => rank === "main");
  const predicate = clause?.complements.find(({ role }) => role === "predicate")?.node;
  if (!clause || more.length > 0 || clause.verb.cat !== "be" || clause.auxiliaries.length > 0 || clause.negated || predicate?.cat !== "np") return [];
  const opens = sentence.words[clause.subject.start]?.lower === "what" && clause.subject.start === 0;
  const [question] = clause.subject.kids;
  // "What *cost money*", which can be read as a thing as well
  const mayBeVerb = sentence.words[1]?.candidates.some(({ cat, flags }) => cat === "v" && /^(?:past|third)$/.test(flags?.[0] ?? ""));
  const deed = question?.cat === "ws" ? question.kids[1] : clause.subject.role === "determiner" && mayBeVerb ? clause.subject.kids[1] : undefined;
  // "What *he wanted* was a boat": who wants it stands between.
  if (!opens || !deed || !/^(?:vp|nb)$/.test(deed.cat) || clause.adjuncts.some(({ node }) => node.start < predicate.start)) return [];
  if (findUnclear(deed, sentence, analysis, BINDS_NOTHING, false) || findUnclear(predicate, sentence, analysis, undefined, true, { isAnswer: true })) return [];
  const answer = wordsText(sentence, predicate.start, clause.end);
  const stem = `${nodeText(sentence, clause.subject)}?`;
  if (/,$|[:;]/.test(answer) || answer.split(" ").length > MOST_WORDS || stem.split(" ").length < FEWEST_WORDS) return [];
  const phrasing: Phrasing = { clause, subject: "what", binder: { num: "any", human: false }, inverted: "", verbPhrase: "", finite: "" };
  return [
    factOf(phrasing, predicate.start, {
      type: "thing",
      stem,
      answer,
      answerNode: coreOf(predicate),
      accepted: [answer.replace(/^(?:an?|the) /, "")].filter((form) => form !== answer),
      depth: "understanding",
      worth: 2.7,
      pattern: "it-was-that",
    }),
  ];
}

const MOST_WORDS = 22;
const FEWEST_WORDS = 3;

/** Without the phrase that the relative clause was hung on. */
function headNoun(np: Node): Node {
  return np.role === "postmodifier" && walkTree(np.kids[1]!).some(({ cat }) => cat === "rc")
    ? { ...np, kids: [np.kids[0]!, { ...np.kids[1]!, kids: [] }] }
    : np;
}
