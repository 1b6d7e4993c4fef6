import type { Analysis, Sentence } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { THIN_NOUNS } from "../../language/data/noun-classes";
import { isPersonNoun } from "../../language/find-persons";
import { midSentence, nodeText } from "../../language/node-text";
import { headTerminal, type Node, walkTree } from "../../language/tree";
import { findUnclear } from "../phrasing/clear-reference";
import { type Fact, factId } from "./fact";
import { bareTerm } from "./find-definition";

/** A meaning of fewer words says too little to be told by: "basins called pans". */
const SHORTEST_MEANING = 4;
const LONGEST_MEANING = 20;
const LONGEST_TERM = 4;

/**
 * Terms that a sentence explains in passing: "a tangle of strong fingers *called a holdfast*", "a band of
 * colours *known as a spectrum*", "a committee, *a small group of councillors who study one subject*".
 */
export function findNamedPhrases(sentence: Sentence, analysis: Analysis): Fact[] {
  const [clause] = sentence.clauses;
  if (!clause || !sentence.tree) return [];
  return [...walkTree(sentence.tree)].flatMap((node) => {
    if (node.cat !== "np") return [];
    const named = called(node) ?? explained(node, sentence, analysis);
    return named ? toFacts(named, clause, analysis) : [];
  });
}

type Named = { term: Node; meaning: Node; how: "called" | "explained" | "name" };

/** [meaning [called term]] */
function called(np: Node): Named | undefined {
  if (np.role !== "reduced") return undefined;
  const [meaning, verbs] = np.kids as [Node, Node];
  const vp = verbs.cat === "vp" ? verbs : [...walkTree(verbs)].find((node) => node.cat === "vp");
  const verb = vp && headTerminal(vp).lemma;
  const term =
    verb === "call" || verb === "name" || verb === "term"
      ? vp!.kids.find((kid) => kid.cat === "np")
      : verb === "know"
        ? [...walkTree(vp!)].find((node) => node.cat === "pp" && node.kids[0]?.lemma === "as")?.kids[1]
        : undefined;
  return term?.cat === "np" ? { term, meaning, how: "called" } : undefined;
}

/** [term, [a meaning with something that sets it apart]] */
function explained(np: Node, sentence: Sentence, analysis: Analysis): Named | undefined {
  if (np.role !== "apposition") return undefined;
  const [term, rest] = np.kids as [Node, Node];
  const meaning = inside(rest);
  if (!meaning || meaning.role === "coordination" || (meaning.f.det !== "indef" && meaning.f.det !== "bare")) return undefined;
  const head = headTerminal(term);
  if (head.cat === "pn" && term.end - term.start <= LONGEST_TERM && meaning.f.det === "indef" && meaning.end - meaning.start >= 4)
    return { term, meaning, how: "name" };
  const isCommon = head.cat === "n" && ["indef", "def", "bare"].includes(term.f.det ?? "") && !isPersonNoun(head.lemma ?? "", analysis.lexicon);
  const setsApart = [...walkTree(meaning)].some((node) => ["relative", "reduced", "postmodifier"].includes(node.role)) || meaning.end - meaning.start >= 5;
  return isCommon && setsApart && headTerminal(meaning).cat === "n" && !/^the /.test(nodeText(sentence, meaning))
    ? { term, meaning, how: "explained" }
    : undefined;
}

function inside(node: Node): Node | undefined {
  if (node.cat === "np") return node;
  return node.kids.map(inside).find(Boolean);
}

function toFacts({ term, meaning, how }: Named, clause: Clause, analysis: Analysis): Fact[] {
  const { sentence } = clause;
  if (how === "name") return whoOrWhat(term, meaning, clause, analysis);
  const words = meaning.end - meaning.start;
  if (words < SHORTEST_MEANING || words > LONGEST_MEANING || term.end - term.start > LONGEST_TERM) return [];
  const head = headTerminal(term);
  if (head.cat !== "n" || THIN_NOUNS.has(head.lemma ?? "") || term.f.det === "pron" || term.f.det === "poss" || term.f.det === "dem") return [];
  if (findUnclear(meaning, sentence, analysis) || meaning.f.det === "poss" || hasPronoun(meaning)) return [];
  const definiens = midSentence(sentence, meaning);
  const name = midSentence(sentence, term).replace(/^["'“‘]|["'”’]$/g, "");
  const plural = term.f.num === "pl" && term.f.det !== "indef";
  const bare = bareTerm(name);
  const is = plural ? "are" : "is";
  // The naming is said in passing; it is phrased as a clause of its own.
  const phrasing = { clause, subject: name, binder: { num: plural ? "pl" : "sg", human: false }, inverted: is, verbPhrase: "", finite: is };
  const base = { sentence, clause, phrasing, term: name, definiens, plural, id: factId("definition", sentence, term.start) };
  return [
    {
      ...base,
      type: "naming",
      stem: `What do we call ${definiens.replace(/,$/, "")}?`,
      answer: name,
      answerNode: term,
      accepted: bare === name ? [] : [bare],
      depth: "recall",
      worth: how === "called" ? 3.2 : 2.9,
      pattern: "what-do-we-call",
    },
    {
      ...base,
      type: "definition",
      stem: `What ${is} ${name}?`,
      answer: definiens,
      accepted: [],
      answerNode: meaning,
      depth: "understanding",
      worth: how === "called" ? 3 : 3.2,
      pattern: "what-is-term",
    },
  ];
}

/** "the Dead Sea, a lake with no outlet": what is it? "Tomas Reyne, a schoolmaster with a gift for geometry": who was he? */
function whoOrWhat(term: Node, meaning: Node, clause: Clause, analysis: Analysis): Fact[] {
  const { sentence } = clause;
  const text = nodeText(sentence, term).replace(/^The /, "the ");
  const person = analysis.persons.get(text.split(" ").at(-1)!);
  if (findUnclear(meaning, sentence, analysis) || hasPronoun(meaning)) return [];
  const past = [clause.verb, ...clause.auxiliaries].some((node) => node.flags?.includes("past"));
  const be = past && person ? "was" : "is";
  const answer = midSentence(sentence, meaning);
  return [
    {
      type: "definition",
      id: factId("definition", sentence, term.start),
      sentence,
      clause,
      phrasing: { clause, subject: text, binder: { num: "sg", human: Boolean(person) }, inverted: be, verbPhrase: "", finite: be },
      stem: `${person ? "Who" : "What"} ${be} ${text}?`,
      answer,
      answerNode: meaning,
      accepted: [],
      depth: "recall",
      worth: 2,
      pattern: "who-or-what-is",
    },
  ];
}

function hasPronoun(np: Node): boolean {
  return [...walkTree(np)].some((node) => (node.cat === "pro" && !node.flags?.includes("refl") && !node.flags?.includes("indef")) || node.cat === "poss");
}
