import type { Analysis } from "../../language/analysis";
import { isPersonNoun } from "../../language/find-persons";
import { inflectVerb } from "../../language/inflect";
import { midSentence, nodeText } from "../../language/node-text";
import { headTerminal, type Node, walkTree } from "../../language/tree";
import { type Phrasing, stateClause } from "../phrasing/ask-clause";
import { BINDS_NOTHING, findUnclear } from "../phrasing/clear-reference";
import { phraseRest, preverbalAdverbs } from "../phrasing/phrase-rest";
import { type Fact, factId, factOf } from "./fact";
import { isUnclear } from "./find-cause";
import { bareTerm } from "./find-definition";
import { called, LONGEST_TERM, type Named } from "./find-named-phrase";
import { hasOpenPronoun } from "./open-pronoun";

/**
 * "*Scientists called volcanologists* study volcanoes", "is surrounded by *a thin layer called the cell
 * membrane*": what the clause says of the thing tells which one is meant.
 */
export function findNamedByClause(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  if (clause.shared || clause.negated || clause.imperative) return [];
  const agent = clause.passive ? clause.adjuncts.find(({ node }) => node.cat === "pp" && node.kids[0]?.lemma === "by")?.node : undefined;
  const object = clause.complements.find(({ role }) => role === "object")?.node;
  const places = clause.adjuncts.map(({ node }) => node).filter((node) => node !== agent && node.cat === "pp" && node.start >= clause.verb.end);
  const holders: [Node | undefined, () => string | undefined][] = [
    [clause.subject, () => tellSubject(phrasing, analysis)],
    [agent?.kids[1], () => tellAgent(phrasing, analysis, agent!)],
    [object, () => tellObject(phrasing, analysis, object!)],
    ...places.map((place): (typeof holders)[number] => [place.kids[1], () => tellPlace(phrasing, analysis, place)]),
  ];
  // "punches round pieces out of *the strip, which we call blanks*": it names the pieces.
  const torn = places
    .map(({ kids }) => kids[1] && calledInPassing(kids[1]))
    .find((named) => named && named.meaning.f.num === "sg" && named.term.f.num === "pl");
  if (torn && object?.f.num === "pl") {
    const relative = tellObject(phrasing, analysis, object);
    return relative && isKnown(torn.term, analysis) ? byClause({ ...torn, meaning: object }, relative.replace(ASIDE, ""), phrasing, analysis) : [];
  }
  for (const [node, told] of holders) {
    const named = node && nameIn(node);
    const relative = named && told();
    if (named && relative) return byClause(named, relative, phrasing, analysis);
  }
  return [];
}

/** "The coral turns white, *a process known as bleaching*": what do we call the process in which it does? */
export function findNamedDeed(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const aside = clause.adjuncts.find(({ node }) => node.cat === "c-np" && node.start >= clause.verb.end)?.node;
  const named = aside?.kids[1] && called(aside.kids[1]);
  const isGeneral = clause.auxiliaries.length === 0 && !clause.verb.flags?.includes("past");
  if (!aside || !named || clause.rank !== "main" || clause.negated || clause.imperative || clause.shared || !isGeneral) return [];
  const rest = phraseRest(phrasing, analysis, [aside]);
  const { term, meaning } = named;
  if (isUnclear(rest) || meaning.end - meaning.start > 3 || term.end - term.start > LONGEST_TERM) return [];
  const name = nodeText(clause.sentence, term).replace(/^["'“‘]|["'”’]$/g, "");
  const definiens = `${nodeText(clause.sentence, meaning).replace(/^an? /, "the ")} in which ${stateClause(phrasing, rest)}`;
  return [
    factOf(phrasing, term.start, {
      type: "naming",
      stem: `What do we call ${definiens}?`,
      answer: name,
      answerNode: term,
      accepted: [],
      depth: "recall",
      worth: 3.3,
      pattern: "what-do-we-call",
    }),
  ];
}

/** "who study volcanoes", "that bends the light" */
function tellSubject(phrasing: Phrasing, analysis: Analysis): string | undefined {
  const rest = phraseRest({ ...phrasing, binder: BINDS_NOTHING }, analysis);
  return isUnclear(rest) || rest.split(" ").length < 1 ? undefined : [preverbalAdverbs(phrasing.clause), phrasing.finite, rest].filter(Boolean).join(" ");
}

/** "is surrounded by a layer" → that surrounds a cell */
function tellAgent(phrasing: Phrasing, analysis: Analysis, agent: Node): string | undefined {
  const { clause } = phrasing;
  const rest = phraseRest(phrasing, analysis, [agent]);
  const [first] = clause.auxiliaries;
  if (isUnclear(rest) || clause.auxiliaries.length !== 1) return undefined;
  const plural = agent.kids[1]!.f.num === "pl";
  const verb = inflectVerb(clause.verb.lemma ?? "", first?.flags?.includes("past") ? "past" : plural ? "base" : "third");
  return [verb, phrasing.subject, rest].filter(Boolean).join(" ");
}

/** "The salesman used a machine called a winch" → that the salesman used */
function tellObject(phrasing: Phrasing, analysis: Analysis, object: Node): string | undefined {
  const rest = phraseRest(phrasing, analysis, [object]);
  return isUnclear(rest) ? undefined : [phrasing.subject, phrasing.finite, rest].filter(Boolean).join(" ");
}

const ASIDE = /, which .*$/;

function isKnown(term: Node, { lexicon }: Analysis): boolean {
  return lexicon.findWord(headTerminal(term).lemma ?? "") !== undefined;
}

/** A thing with its name, whatever else is said of it in passing. */
function nameIn(np: Node): Named | undefined {
  const core = np.role === "relative" && np.kids[1]?.cat.startsWith("c-") ? np.kids[0]! : undefined;
  return called(np) ?? calledInPassing(np) ?? (core && called(core));
}

/** "is pushed out through tiny openings called spinnerets" → through which the silk is pushed out */
function tellPlace(phrasing: Phrasing, analysis: Analysis, place: Node): string | undefined {
  const [preposition, thing] = place.kids;
  const rest = phraseRest(phrasing, analysis, [place]);
  if (isUnclear(rest) || !preposition || thing?.f.time || !/^(?:through|in|from|to|by|with|under|on|at|into)$/.test(preposition.lemma ?? "")) return undefined;
  return [preposition.lemma, "which", phrasing.subject, preverbalAdverbs(phrasing.clause), phrasing.finite, rest].filter(Boolean).join(" ");
}

/** [meaning [, *which are called* term]], [meaning [, *which we call* term]], [meaning [*that is known as* term]] */
function calledInPassing(np: Node): Named | undefined {
  const [meaning, relative] = np.role === "relative" ? np.kids : [];
  const rc = relative && walkTree(relative).find(({ cat }) => cat === "rc");
  // Only what the clause itself says, and nothing that stands deeper in it.
  const vp = rc?.kids[1]?.cat === "s" ? rc.kids[1].kids[1] : rc?.kids[1];
  if (!meaning || !vp || vp.cat !== "vp" || walkTree(vp).some(({ cat }) => cat === "rc" || cat === "sb")) return undefined;
  const verb = walkTree(vp).find((node) => node.cat === "v");
  const subject = rc?.kids[1]?.cat === "s" ? headTerminal(rc.kids[1].kids[0]!) : undefined;
  const byPeople = !subject || subject.lemma === "we" || subject.lemma === "people" || subject.lemma === "scientist";
  const isPassive = subject !== undefined || vp.f.passive === true;
  const term =
    verb?.lemma === "call"
      ? walkTree(vp).find(({ cat, start }) => cat === "np" && start >= verb.end)
      : verb?.lemma === "know"
        ? walkTree(vp).find(({ cat, kids }) => cat === "pp" && kids[0]?.lemma === "as")?.kids[1]
        : undefined;
  return term?.cat === "np" && byPeople && isPassive && term.end === np.end ? { term, meaning, how: "called" } : undefined;
}

function byClause({ term, meaning }: Named, told: string, phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const head = headTerminal(meaning);
  const isTold = findUnclear(meaning, sentence, analysis) || hasOpenPronoun(meaning, sentence, analysis) || told.split(" ").length > 12;
  // "the layer that plants have": they have many.
  if (clause.verb.cat === "have" && meaning.end - meaning.start < 3 && meaning.f.det === "indef") return [];
  if (isTold || !["indef", "bare"].includes(meaning.f.det ?? "") || term.end - term.start > LONGEST_TERM || headTerminal(term).cat !== "n") return [];
  const pronoun = /^\S+ which /.test(told) ? "" : head.cat === "n" && isPersonNoun(head.lemma ?? "", analysis.lexicon) ? "who" : "that";
  const isSubject = meaning.start >= clause.subject.start && meaning.end <= clause.subject.end;
  const definiens = [midSentence(sentence, meaning).replace(isSubject ? /^an? / : /^(?:an? |(?!the ))/, "the "), pronoun, told].filter(Boolean).join(" ");
  const name = midSentence(sentence, term).replace(/^["'“‘]|["'”’]$/g, "");
  const bare = bareTerm(name);
  return [
    {
      type: "naming",
      id: factId("definition", sentence, term.start),
      sentence,
      clause,
      phrasing,
      stem: `What do we call ${definiens}?`,
      answer: name,
      answerNode: term,
      accepted: bare === name ? [] : [bare],
      term: name,
      definiens,
      plural: meaning.f.num === "pl",
      depth: "recall",
      worth: 3.2,
      pattern: "what-do-we-call",
    },
  ];
}
