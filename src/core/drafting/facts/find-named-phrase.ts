import type { Analysis, Sentence } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { THIN_NOUNS } from "../../language/data/noun-classes";
import { isPersonNoun } from "../../language/find-persons";
import { fileOf, NounFile } from "../../language/lexicon";
import { midSentence, nodeText } from "../../language/node-text";
import { headTerminal, type Node, walkTree } from "../../language/tree";
import { findUnclear } from "../phrasing/clear-reference";
import { type Fact, factId, factOf } from "./fact";
import { bareTerm } from "./find-definition";
import { hasOpenPronoun } from "./open-pronoun";

/** A meaning of fewer words says too little to be told by: "basins called pans". */
const SHORTEST_MEANING = 4;
const LONGEST_MEANING = 20;
export const LONGEST_TERM = 4;

/**
 * Terms that a sentence explains in passing: "a tangle of strong fingers *called a holdfast*", "a band of
 * colours *known as a spectrum*", "a committee, *a small group of councillors who study one subject*".
 */
export function findNamedPhrases(sentence: Sentence, analysis: Analysis): Fact[] {
  const [clause] = sentence.clauses;
  if (!clause || !sentence.tree) return [];
  return walkTree(sentence.tree).flatMap((node) => {
    if (node.cat !== "np") return [];
    const other = otherName(node);
    if (other) return nameAgain(other, clause, analysis);
    // "*some of* the white blood cells, known as memory cells": not all of them.
    const ahead = sentence.words
      .slice(Math.max(0, node.start - 2), node.start)
      .map(({ lower }) => lower)
      .join(" ");
    if (/(?:^|\s)(?:some|many|most|few|part|half|one|two|three) of$/.test(ahead)) return [];
    const named = called(node) ?? apart(node, sentence, analysis) ?? explained(node, sentence, analysis);
    return named ? toFacts(named, clause, analysis) : [];
  });
}

export type Named = { term: Node; meaning: Node; how: "called" | "explained" | "restated" | "name" };

/** [meaning [called term]] */
export function called(np: Node): Named | undefined {
  if (np.role !== "reduced") return undefined;
  const [meaning, verbs] = np.kids as [Node, Node];
  const vp = verbs.cat === "vp" ? verbs : walkTree(verbs).find((node) => node.cat === "vp");
  const verb = vp && headTerminal(vp).lemma;
  const named =
    verb === "call" || verb === "name" || verb === "term"
      ? vp!.kids.find((kid) => kid.cat === "np")
      : verb === "know"
        ? walkTree(vp!).find((node) => node.cat === "pp" && node.kids[0]?.lemma === "as")?.kids[1]
        : undefined;
  // "openings called *spinnerets*, which lie at the end"
  const term = named?.role === "relative" && named.kids[1]?.cat.startsWith("c-") ? named.kids[0] : named;
  // "a process known as *bleaching*"
  const isName = term?.cat === "np" || (term?.cat === "vp" && term.end - term.start === 1);
  return term && isName ? { term, meaning, how: "called" } : undefined;
}

/** [term, [a meaning with something that sets it apart]], [term [, *which is* a meaning]] */
function explained(np: Node, _sentence: Sentence, analysis: Analysis): Named | undefined {
  const [term, rest] = np.kids as [Node, Node];
  const told = np.role === "relative" ? predicateOfAside(term, rest, analysis) : undefined;
  if (told) return { term, meaning: told, how: "explained" };
  if (np.role !== "apposition") return undefined;
  const meaning = inside(rest);
  // "a simple majority, *that is*, more than half of the votes"
  if (meaning && rest.cat.startsWith("c-ie") && headTerminal(term).cat === "n" && term.f.det !== "poss") return { term, meaning, how: "restated" };
  const isOwned = meaning?.role === "possessor" && meaning.kids[0]?.cat === "ng";
  if (!meaning || meaning.role === "coordination" || (!["indef", "bare", "def"].includes(meaning.f.det ?? "") && !isOwned)) return undefined;
  // "plates, shoes, tools" is a list.
  if (meaning.f.det === "bare" && !["relative", "reduced"].includes(meaning.role)) return undefined;
  // "*a hand that shook*, a mother who never looked up": told apart already, and no word for such a thing.
  if (term.role === "relative") return undefined;
  // "*The pup*, a female about seven weeks old, weighed 31 kilograms": which one it was, and no word for such a thing.
  if (term.f.det === "def" && /^(?:male|female|gift|present|stranger|visitor)$/.test(headTerminal(meaning).lemma ?? "")) return undefined;
  const head = headTerminal(term);
  if (head.cat === "pn" && term.end - term.start <= LONGEST_TERM && meaning.f.det === "indef" && meaning.end - meaning.start >= 4)
    return { term, meaning, how: "name" };
  // "Vic, *the expedition's cat*", "Percy Hale, *the mayor of Skerry Bay*"
  const isOfSomething = (meaning.role === "postmodifier" && meaning.kids[1]?.f.sub === "of") || isOwned;
  if (head.cat === "pn" && term.end - term.start <= LONGEST_TERM && isOfSomething && meaning.end - meaning.start >= 3) return { term, meaning, how: "name" };
  const isPerson = (node: Node) => isPersonNoun(node.lemma ?? "", analysis.lexicon);
  // "actuaries, mathematicians who study how often things go wrong": a trade; "the smith, a man who …" is somebody.
  const isTrade = isPerson(head) && isPerson(headTerminal(meaning)) && term.f.det === "bare" && meaning.role === "relative";
  const isCommon = head.cat === "n" && ["indef", "def", "bare"].includes(term.f.det ?? "") && (!isPerson(head) || isTrade);
  const setsApart = walkTree(meaning).some((node) => ["relative", "reduced", "postmodifier"].includes(node.role)) || meaning.end - meaning.start >= 5;
  // "a deductible, an amount that the owner must pay": one of a sort beside one of a sort.
  const isAlike = term.f.det === "indef" && meaning.f.det === "indef" && meaning.role === "relative";
  return isCommon && setsApart && headTerminal(meaning).cat === "n" && (isAlike || isKindOf(head, headTerminal(meaning), analysis))
    ? { term, meaning, how: "explained" }
    : undefined;
}

/** "an agenda*, which is a list of the matters that will be discussed*": a rare word and its sort, today and always. */
function predicateOfAside(term: Node, aside: Node, analysis: Analysis): Node | undefined {
  const rc = aside.cat.startsWith("c-rc") ? walkTree(aside).find(({ cat }) => cat === "rc") : undefined;
  const [be, meaning] = rc?.kids[1]?.kids ?? [];
  if (rc?.kids[1]?.role !== "predicate" || be?.cat !== "be" || be.flags?.includes("past") || meaning?.cat !== "np" || meaning.f.det !== "indef")
    return undefined;
  const head = headTerminal(term);
  const isTerm = head.cat === "n" && ["indef", "bare", "def"].includes(term.f.det ?? "") && term.end - term.start <= 3;
  const setsApart = walkTree(meaning).some((node) => ["relative", "reduced", "postmodifier"].includes(node.role));
  const isRare = analysis.lexicon.zipf(head.lemma ?? "") < TAUGHT;
  return isTerm && isRare && setsApart && headTerminal(meaning).cat === "n" && isKindOf(head, headTerminal(meaning), analysis) ? meaning : undefined;
}

/** [the part of the ear that we can see], [the pinna]: the long phrase tells which, the short one has the rare word. */
function apart(np: Node, sentence: Sentence, analysis: Analysis): Named | undefined {
  const held = np.role === "postmodifier" && np.kids[1]?.f.sub === "of" ? np.kids[1].kids[1] : np;
  if (held?.role !== "apposition" || sentence.words[np.start - 1]?.lower === "of") return undefined;
  const [meaning, rest] = held.kids as [Node, Node];
  const term = inside(rest);
  const head = term && headTerminal(term);
  if (!term || head?.cat !== "n" || meaning.role !== "relative" || np.f.det !== "def" || term.f.det !== "def" || term.end - term.start > 3) return undefined;
  const whole = held === np ? meaning : { ...np, end: meaning.end };
  return analysis.lexicon.zipf(head.lemma ?? "") < RARE ? { term, meaning: whole, how: "called" } : undefined;
}

/** Zipf frequency below which a word is a term that a text teaches. */
const RARE = 3.6;
/** One below which it is no word of every day. */
const TAUGHT = 4.3;

/** "sugar, a process known as photosynthesis": a substance is no process, so the phrase explains something else. */
function isKindOf(term: Node, genus: Node, { lexicon }: Analysis): boolean {
  const own = lexicon.findWord((term.lemma ?? "").toLowerCase());
  const other = lexicon.findWord((genus.lemma ?? "").toLowerCase());
  if (!own || !other || own.senses.length === 0 || other.senses.length === 0) return true;
  const files = new Set(other.senses.map((sense) => lexicon.nounFile(sense)));
  if (own.senses.some((sense) => files.has(lexicon.nounFile(sense)))) return true;
  return own.senses.some((sense) => {
    for (let at: string | undefined = sense; at; at = lexicon.findHypernym(at)) if (other.senses.includes(at)) return true;
    return false;
  });
}

function inside(node: Node): Node | undefined {
  if (node.cat === "np") return node;
  return node.kids.map(inside).find(Boolean);
}

function toFacts({ term, meaning, how }: Named, clause: Clause, analysis: Analysis): Fact[] {
  const { sentence } = clause;
  if (how === "name") return whoOrWhat(term, meaning, clause, analysis);
  const words = meaning.end - meaning.start;
  // "a thin, flexible layer called the cell membrane": many layers are thin.
  const setsApart = words >= 6 || walkTree(meaning).some((node) => ["relative", "reduced", "postmodifier"].includes(node.role));
  if (how === "called" && meaning.f.det === "def" && words >= 3 && !findUnclear(meaning, sentence, analysis)) return nameOf(term, meaning, clause, analysis);
  if (words < SHORTEST_MEANING || !(setsApart || how === "restated") || words > LONGEST_MEANING || term.end - term.start > LONGEST_TERM) return [];
  // "carbon dioxide, *a gas in the air*": many gases are.
  if (words <= 5 && meaning.f.det === "indef" && meaning.role === "postmodifier" && /^(?:in|on|from|near|at)$/.test(meaning.kids[1]?.f.sub ?? "")) return [];
  // "a group of people called the council": many groups are of people.
  if (
    how !== "restated" &&
    (THIN_NOUNS.has(headTerminal(meaning).lemma ?? "") || /^(?:class|type|family|series|variety|range)$/.test(headTerminal(meaning).lemma ?? "")) &&
    words < 6
  )
    return [];
  const head = headTerminal(term);
  // "a *worn* washer, a rubber ring": what a washer is, in whatever state it be.
  if (
    /^(?:an? |the )?(?:worn|broken|old|new|used|damaged|rusty|loose|empty|full|dirty|lost|missing|cracked|leaking|faulty|second|small|large|big|little|long|short|good|bad) \p{L}+$/iu.test(
      nodeText(sentence, term),
    )
  )
    return [];
  // "demands *a visa as well*, a permission …"
  if (/ as well\b/.test(nodeText(sentence, term))) return [];
  if (head.cat !== "n" || THIN_NOUNS.has(head.lemma ?? "") || term.f.det === "pron" || term.f.det === "poss" || term.f.det === "dem") return [];
  const unclear = findUnclear(meaning, sentence, analysis);
  // "an amount that *the owner* must pay": what the meaning brings along is part of what it says.
  if (
    (unclear && !(unclear === "definite-without-antecedent" && meaning.role === "relative")) ||
    meaning.f.det === "poss" ||
    hasOpenPronoun(meaning, sentence, analysis)
  )
    return [];
  const definiens = midSentence(sentence, meaning);
  const name = midSentence(sentence, term).replace(/^["'“‘]|["'”’]$/g, "");
  const plural = term.f.num === "pl" && term.f.det !== "indef";
  const bare = bareTerm(name);
  const is = plural ? "are" : "is";
  // The naming is said in passing; it is phrased as a clause of its own.
  const phrasing = { clause, subject: name, binder: { num: plural ? "pl" : "sg", human: false }, inverted: is, verbPhrase: "", finite: is };
  const base = { sentence, clause, phrasing, term: name, definiens, plural, id: factId("definition", sentence, term.start) };
  const isAmount = meaning.f.det === "quant";
  const facts: Fact[] = [
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
  return isAmount ? facts.slice(1) : facts;
}

/** "molten rock*, or magma,*" */
function otherName(np: Node): Named | undefined {
  const [meaning, aside] = np.kids;
  const term = aside?.cat === "c-or-c" ? inside(aside) : undefined;
  return np.role === "apposition" && meaning && term ? { term, meaning, how: "called" } : undefined;
}

/** What is another name for *molten rock*? */
function nameAgain({ term, meaning }: Named, clause: Clause, analysis: Analysis): Fact[] {
  const { sentence } = clause;
  const [head, own] = [headTerminal(term), headTerminal(meaning)];
  const isPlain = head.cat === "n" && own.cat === "n" && !["def", "poss", "dem"].includes(meaning.f.det ?? "") && meaning.end - meaning.start <= LONGEST_TERM;
  if (!isPlain || hasOpenPronoun(meaning, sentence, analysis) || findUnclear(meaning, sentence, analysis) || THIN_NOUNS.has(own.lemma ?? "")) return [];
  const name = midSentence(sentence, term).replace(/ for short$/, "");
  // "has *one* sprocket, or toothed wheel,"
  const definiens = midSentence(sentence, meaning).replace(/^(?:one|two|three|some|several|many) /, "");
  const bare = bareTerm(name);
  const phrasing = {
    clause,
    subject: definiens,
    binder: { num: meaning.f.num ?? "any", human: false },
    inverted: "is",
    verbPhrase: "called",
    finite: "is called",
  };
  return [
    factOf(phrasing, term.start, {
      type: "naming",
      stem: `What is another name for ${definiens}?`,
      answer: name,
      answerNode: term,
      accepted: bare === name ? [] : [bare],
      depth: "recall",
      worth: 2.6,
      pattern: "what-is-called",
    }),
  ];
}

/** "The two upper chambers, *called atria*": what are they called? */
function nameOf(term: Node, meaning: Node, clause: Clause, analysis: Analysis): Fact[] {
  const { sentence } = clause;
  const name = midSentence(sentence, term).replace(/^["'“‘]|["'”’]$/g, "");
  const thing = midSentence(sentence, meaning);
  const be = meaning.f.num === "pl" ? "are" : "is";
  const bare = bareTerm(name);
  if (headTerminal(term).cat !== "n" || hasOpenPronoun(meaning, sentence, analysis) || analysis.persons.has(name)) return [];
  return [
    {
      type: "naming",
      id: factId("definition", sentence, term.start),
      sentence,
      clause,
      phrasing: {
        clause,
        subject: thing,
        binder: { num: be === "are" ? "pl" : "sg", human: false },
        inverted: be,
        verbPhrase: "called",
        finite: `${be} called`,
      },
      stem: `What ${be} ${thing} called?`,
      answer: name,
      answerNode: term,
      accepted: bare === name ? [] : [bare],
      term: name,
      definiens: thing,
      plural: be === "are",
      depth: "recall",
      worth: 3,
      pattern: "what-is-called",
    },
  ];
}

/** "the Dead Sea, a lake with no outlet": what is it? "Tomas Reyne, a schoolmaster with a gift for geometry": who was he? */
function whoOrWhat(term: Node, meaning: Node, clause: Clause, analysis: Analysis): Fact[] {
  const { sentence } = clause;
  const text = nodeText(sentence, term).replace(/^The /, "the ");
  const person = analysis.persons.get(text.split(" ").at(-1)!);
  // "the lighthouse of Alexandria, one of the seven wonders": the lighthouse, and not the town.
  if (!person && sentence.words[term.start - 1]?.lower === "of") return [];
  // "to Rome, a city surrounded by marshes": what Rome is, everybody knows.
  const isTown = /^(?:city|town|country|state|capital|nation|continent)$/.test(headTerminal(meaning).lemma ?? "");
  if (!person && isTown && analysis.lexicon.nameKind(text) === "place") return [];
  // "The Marsh District in Houston, Texas, an old suburb": the district, and not the state.
  if (!person && sentence.words[term.start - 1]?.text === "," && /^\p{Lu}/u.test(sentence.words[term.start - 2]?.text ?? "")) return [];
  if (findUnclear(meaning, sentence, analysis, undefined, true, { isAnswer: true }) || hasOpenPronoun(meaning, sentence, analysis)) return [];
  if (isDeed(meaning, clause, analysis)) return [];
  const head = headTerminal(meaning).lemma ?? "";
  const human = Boolean(person) || (meaning.f.num !== "pl" && isPersonNoun(head, analysis.lexicon));
  const past = [clause.verb, ...clause.auxiliaries].some((node) => node.flags?.includes("past"));
  const be = past && human ? "was" : "is";
  const answer = midSentence(sentence, meaning);
  return [
    {
      type: "definition",
      id: factId("definition", sentence, term.start),
      sentence,
      clause,
      phrasing: { clause, subject: text, binder: { num: "sg", human }, inverted: be, verbPhrase: "", finite: be },
      stem: `${human ? "Who" : "What"} ${be} ${text}?`,
      answer,
      answerNode: meaning,
      accepted: [],
      depth: "recall",
      worth: 2,
      pattern: "who-or-what-is",
    },
  ];
}

const DEEDS = new Set<number | undefined>([NounFile.act, NounFile.event]);

/** "was conquered by Rome, *a conquest that …*": said of what was done, not of the name beside it. */
function isDeed(meaning: Node, clause: Clause, { lexicon }: Analysis): boolean {
  const noun = headTerminal(meaning).lemma ?? "";
  return DEEDS.has(fileOf(noun, lexicon)) || noun.slice(0, 5) === (clause.verb.lemma ?? "").slice(0, 5);
}
